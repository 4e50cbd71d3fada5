/** How a half of the smallest unit is rounded: away from zero, or to the even neighbour (ISO 80000-1, annex B, rules B and A). */
export type RoundingMode = 'half-up' | 'half-even';

/** What tax is rounded over: each line by itself, all of one rate together, or the whole order. */
export type RoundingUnit = 'line' | 'rate' | 'order';

/** A number that is not rounded yet. `below` is above zero. */
export interface Ratio {
  above: bigint;
  below: bigint;
}

/** The whole number nearest to a fraction. */
export function nearest({ above, below }: Ratio, mode: RoundingMode = 'half-up'): bigint {
  if (above < 0n) return -nearest({ above: -above, below }, mode);
  const floor = above / below;
  const rest = 2n * (above % below);
  if (rest !== below) return rest > below ? floor + 1n : floor;
  return mode === 'half-up' || floor % 2n === 1n ? floor + 1n : floor;
}

export const plus = (a: Ratio, b: Ratio): Ratio =>
  a.below === b.below
    ? { above: a.above + b.above, below: a.below }
    : { above: a.above * b.below + b.above * a.below, below: a.below * b.below };

const nothing: Ratio = { above: 0n, below: 1n };

/** Parts rounded so that they add up to their rounded sum: each down, and the units that are left to the largest remainders. */
export function roundTogether(parts: readonly Ratio[], mode: RoundingMode): number[] {
  const whole = nearest(parts.reduce(plus, nothing), mode);
  const floors = parts.map(({ above, below }) => above / below);
  let left = Number(whole - floors.reduce((a, b) => a + b, 0n));
  const byRest = parts
    .map(({ above, below }, i) => ({ i, above: above % below, below }))
    .sort((a, b) => Number(b.above * a.below - a.above * b.below) || a.i - b.i);
  const rounded = floors.map(Number);
  for (const { i } of byRest) {
    if (left <= 0) break;
    rounded[i] = (rounded[i] ?? 0) + 1;
    left--;
  }
  return rounded;
}
