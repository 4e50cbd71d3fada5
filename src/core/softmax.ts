/** What speaks for or against something: names of features, and how strongly each is there. */
export type Features = Readonly<Record<string, number>>;

/** Weights of a multinomial logistic regression: for each feature one for each outcome. */
export type Weights = ReadonlyMap<string, ReadonlyArray<number>>;

/** Stored weights are whole numbers of these. */
export const thousandth = 1000;

/** How likely each of `outcomes` outcomes is, by all that speaks for and against it; the shares add up to 1. */
export function softmax(features: Features, weights: Weights, outcomes: number): number[] {
  const scores = new Array<number>(outcomes).fill(0);
  for (const name in features) {
    const row = weights.get(name);
    if (row) for (let k = 0; k < outcomes; k++) scores[k] = (scores[k] ?? 0) + ((row[k] ?? 0) / thousandth) * (features[name] ?? 0);
  }
  const most = Math.max(...scores);
  const shares = scores.map((score) => Math.exp(score - most));
  const sum = shares.reduce((total, share) => total + share, 0);
  return shares.map((share) => share / sum);
}
