import { z } from 'zod';
import { wrongAddress } from '@/core/address';

const origin = z
  .string()
  .regex(/^https?:\/\/[a-z0-9.-]+(:\d+)?$/i)
  .transform((text) => text.toLowerCase());
const pattern = z
  .string()
  .regex(/^https?:\/\/\{name\}\.[a-z0-9.-]+(:\d+)?$/i)
  .transform((text) => text.toLowerCase().replace('{NAME}', '{name}'));

/** What asked for something: the studio, a published shop, or the page of the payment provider. */
export type Whose = { kind: 'studio' } | { kind: 'shop'; name: string } | { kind: 'payments' };

/** Where Arcatum and its stand-ins are reached. Each published shop has an origin of its own, so that none reads what another keeps. */
export interface Addresses {
  shop: (name: string) => string;
  payment: (id: string) => string;
  /** Whose the name is that a request was sent to (its Host field), or null: it is nobody's here. */
  whose: (host: string | null) => Whose | null;
}

/**
 * From what is set, and from nothing that a request says of itself.
 * `ARCATUM_STUDIO` is the studio's origin, `ARCATUM_SHOPS` that of shops with `{name}` as its first label. Unset they are `localhost` and
 * `{name}.localhost` (RFC 6761: names that browsers find on their own machine) at the server's port.
 */
export function addressesFrom(env: Readonly<Record<string, string | undefined>>): Addresses {
  const port = env.PORT ?? '4310';
  const studio = origin.parse(env.ARCATUM_STUDIO ?? `http://localhost:${port}`);
  const shops = pattern.parse(env.ARCATUM_SHOPS ?? `http://{name}.localhost:${port}`);
  const hostOf = (address: string) => address.replace(/^https?:\/\//, '');
  const at = (name: string) => shops.replace('{name}', name);
  const end = hostOf(shops).replace('{name}', '');
  // On one's own machine the studio answers to the machine's number too.
  const studios = new Set([hostOf(studio), ...(env.ARCATUM_STUDIO ? [] : [`127.0.0.1:${port}`, `[::1]:${port}`])]);
  return {
    shop: (name) => `${at(name)}/`,
    payment: (id) => `${at('payments')}/${id}`,
    whose: (host) => {
      const asked = (host ?? '').toLowerCase();
      if (studios.has(asked)) return { kind: 'studio' };
      if (!asked.endsWith(end)) return null;
      const name = asked.slice(0, -end.length);
      if (name === 'payments') return { kind: 'payments' };
      return wrongAddress(name) ? null : { kind: 'shop', name };
    },
  };
}

export const addresses = (): Addresses => addressesFrom(process.env);
