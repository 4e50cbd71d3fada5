import { given, type Address, type Value } from '../places';
import { type Goods } from '../goods/about';

/** Whether two values are one. Long lists of goods are told apart by their file and number: they are never written in place. */
export function same(place: Address, a: Value | undefined, b: Value | undefined): boolean {
  if (a === b) return true;
  if (a === undefined || b === undefined) return false;
  if (place === given.goods.address) {
    const [one, other] = [a as Goods, b as Goods];
    return (
      one.file === other.file &&
      one.products.length === other.products.length &&
      sameValue(one.products.slice(0, 40), other.products.slice(0, 40))
    );
  }
  return sameValue(a, b);
}

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
