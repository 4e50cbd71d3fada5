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

/** Weights as letters, the nearest of each. */
export const packRow = (row: readonly number[]): string =>
  row.map((weight) => letters[Math.max(-middle, Math.min(middle, Math.round(weight / letterStep))) + middle]).join('');

/** The weights of a stored table, or those between two columns of it. */
export function unpackWeights(packed: Readonly<Record<string, string>>, from = 0, to = Infinity): Weights {
  const steps = new Map([...letters].map((letter, i) => [letter, (i - middle) * letterStep]));
  return new Map(
    Object.entries(packed).map(([name, row]) => [
      name,
      Float64Array.from(row.slice(from, to), (letter) => steps.get(letter) ?? 0),
    ]),
  );
}
