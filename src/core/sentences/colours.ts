import { difference, hueDistance, lchOf, type PickedRole } from '../look';
import { type Shop } from '../site';

/** From this difference on (CIEDE2000), a colour is another one than the shop has (found by looking). */
const another = 42;

/** Which of some colours of the shop a named one means: the nearest, where one is near enough. Greys mean greys. */
export function nearestRole<Role extends string>(hex: string, roles: Readonly<Record<Role, string>>): Role | null {
  const grey = (one: string) => lchOf(one).c < 0.03;
  const [best] = (Object.entries(roles) as [Role, string][])
    .filter(([, one]) => grey(one) === grey(hex))
    .map(([role, one]) => ({ role, far: difference(hex, one) }))
    .sort((a, b) => a.far - b.far);
  return best && best.far < another ? best.role : null;
}

/** The colour that a role has in the shop. */
export const colourNow = (role: PickedRole, { look: { palette } }: Shop): string => palette[role];

/** The role whose hue is that of a named colour, the one that is seen most before the others. */
export function roleOf(hex: string, { look: { palette } }: Shop): PickedRole | null {
  const { c, h } = lchOf(hex);
  const roles: readonly PickedRole[] = ['accent', 'second', 'third', 'ground'];
  if (c < 0.03) return roles.find((role) => lchOf(palette[role]).c < 0.03) ?? null;
  const near = roles
    .map((role) => ({ role, of: lchOf(palette[role]) }))
    .filter(({ of }) => of.c >= 0.03 && hueDistance(of.h, h) < 48)
    .sort((a, b) => hueDistance(a.of.h, h) - hueDistance(b.of.h, h));
  return (
    near.find(({ role }) => role === 'accent' && hueDistance(lchOf(palette.accent).h, h) < 30)?.role ?? near[0]?.role ?? null
  );
}
