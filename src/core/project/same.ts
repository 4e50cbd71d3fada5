/** Whether two JSON values say the same, in whichever order their keys stand. */
export function sameValue(a: unknown, b: unknown): boolean {
  if (a === b) return true;
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false;
  if (Array.isArray(a) !== Array.isArray(b)) return false;
  const [one, other] = [a as Record<string, unknown>, b as Record<string, unknown>];
  const keys = Object.keys(one);
  return (
    keys.length === Object.keys(other).length && keys.every((key) => Object.hasOwn(other, key) && sameValue(one[key], other[key]))
  );
}
