/** What speaks for or against something: names of features, and how strongly each is there. */
export type Features = Readonly<Record<string, number>>;

/** Weights of a multinomial logistic regression: for each feature one for each outcome. */
export type Weights = ReadonlyMap<string, ArrayLike<number>>;

/** How much all that is seen speaks for each of `outcomes` outcomes. */
export function scoresOf(features: Features, weights: Weights, outcomes: number): number[] {
  const scores = new Array<number>(outcomes).fill(0);
  for (const name in features) {
    const row = weights.get(name);
    if (row) for (let k = 0; k < outcomes; k++) scores[k] = (scores[k] ?? 0) + (row[k] ?? 0) * (features[name] ?? 0);
  }
  return scores;
}

/** How likely each of `outcomes` outcomes is, by all that speaks for and against it; the shares add up to 1. */
export function softmax(features: Features, weights: Weights, outcomes: number): number[] {
  const scores = scoresOf(features, weights, outcomes);
  const most = Math.max(...scores);
  const shares = scores.map((score) => Math.exp(score - most));
  const sum = shares.reduce((total, share) => total + share, 0);
  return shares.map((share) => share / sum);
}

/** Weights as they are stored: a letter each, from the strongest against to the strongest for. */
const letters = Array.from({ length: 126 - 35 + 1 }, (_, i) => String.fromCharCode(35 + i))
  .filter((letter) => letter !== '\\')
  .join('');
const middle = (letters.length - 1) / 2;
/** How much one letter weighs more than the one before it. */
const letterStep = 0.08;

const letterOf = (weight: number): string =>
  letters[Math.max(-middle, Math.min(middle, Math.round(weight / letterStep))) + middle] ?? '';
const nothing = letters[middle] ?? '';
/** Places are told by small letters first: no mark parts them, so that no row reads like words. */
const places = [...'abcdefghijklmnopqrstuvwxyz', ...[...letters].filter((letter) => !/[a-z]/.test(letter))].join('');
/** Before a row of which only what weighs something is stored. */
const sparse = ' ';

/** Weights as letters, the nearest of each; where most are nothing, each of the others behind the letter of its place. */
export function packRow(row: readonly number[]): string {
  const all = row.map(letterOf);
  const pairs = all.flatMap((letter, i) => (letter === nothing ? [] : [`${places[i] ?? ''}${letter}`]));
  const short = sparse + pairs.join('');
  return row.length <= places.length && short.length < all.length ? short : all.join('');
}

function unpackRow(packed: string, steps: ReadonlyMap<string, number>, placeOf: ReadonlyMap<string, number>): Float64Array {
  if (!packed.startsWith(sparse)) return Float64Array.from(packed, (letter) => steps.get(letter) ?? 0);
  // Places rise: the last one says how long the row has to be.
  const row = new Float64Array((placeOf.get(packed.at(-2) ?? '') ?? -1) + 1);
  for (let i = 1; i + 1 < packed.length; i += 2) row[placeOf.get(packed[i] ?? '') ?? 0] = steps.get(packed[i + 1] ?? '') ?? 0;
  return row;
}

/** The weights of a stored table, or those between two columns of it. */
export function unpackWeights(packed: Readonly<Record<string, string>>, from = 0, to = Infinity): Weights {
  const steps = new Map([...letters].map((letter, i) => [letter, (i - middle) * letterStep]));
  const placeOf = new Map([...places].map((letter, i) => [letter, i]));
  return new Map(Object.entries(packed).map(([name, row]) => [name, unpackRow(row, steps, placeOf).slice(from, to)]));
}
