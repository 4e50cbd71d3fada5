import { type Features } from '@/core/softmax';

/** What was seen, and which of the outcomes it was; `weight` is how much it counts. */
export interface Example {
  features: Features;
  outcome: number;
  weight?: number;
}

export interface Training {
  outcomes: number;
  rounds: number;
  /** How strongly weights are held back, for each example. */
  restraint: number;
  /** Features that fewer examples have are left out. */
  least: number;
}

/** Multinomial logistic regression by gradient descent with moments (Kingma and Ba 2015), all examples at once: the same bytes each time. */
export function train(examples: readonly Example[], { outcomes: n, rounds, restraint, least }: Training): Map<string, number[]> {
  const seen = new Map<string, number>();
  for (const { features } of examples) for (const name of Object.keys(features)) seen.set(name, (seen.get(name) ?? 0) + 1);
  const names = [...seen]
    .filter(([, count]) => count >= least)
    .map(([name]) => name)
    .sort();
  const at = new Map(names.map((name, i) => [name, i]));
  const sparse = examples.map(({ features, outcome, weight = 1 }) => {
    const known = Object.entries(features).filter(([name]) => at.has(name));
    return {
      outcome,
      weight,
      indexes: Int32Array.from(known, ([name]) => at.get(name) ?? 0),
      values: Float64Array.from(known, ([, value]) => value),
    };
  });
  const total = sparse.reduce((sum, { weight }) => sum + weight, 0);
  const weights = new Float64Array(names.length * n);
  const first = new Float64Array(weights.length);
  const second = new Float64Array(weights.length);
  const gradient = new Float64Array(weights.length);
  const scores = new Float64Array(n);
  for (let round = 1; round <= rounds; round++) {
    gradient.fill(0);
    for (const { outcome, weight, indexes, values } of sparse) {
      scores.fill(0);
      indexes.forEach((i, f) => {
        for (let k = 0; k < n; k++) scores[k] = (scores[k] ?? 0) + (weights[i * n + k] ?? 0) * (values[f] ?? 0);
      });
      const most = Math.max(...scores);
      let sum = 0;
      for (let k = 0; k < n; k++) sum += scores[k] = Math.exp((scores[k] ?? 0) - most);
      for (let k = 0; k < n; k++) scores[k] = ((scores[k] ?? 0) / sum - (k === outcome ? 1 : 0)) * weight;
      indexes.forEach((i, f) => {
        for (let k = 0; k < n; k++) gradient[i * n + k] = (gradient[i * n + k] ?? 0) + (scores[k] ?? 0) * (values[f] ?? 0);
      });
    }
    const pace = 0.05 * Math.min(1, (rounds - round) / 100 + 0.05);
    for (let i = 0; i < weights.length; i++) {
      const slope = (gradient[i] ?? 0) / total + restraint * (weights[i] ?? 0);
      first[i] = 0.9 * (first[i] ?? 0) + 0.1 * slope;
      second[i] = 0.999 * (second[i] ?? 0) + 0.001 * slope * slope;
      weights[i] =
        (weights[i] ?? 0) -
        (pace * ((first[i] ?? 0) / (1 - 0.9 ** round))) / (Math.sqrt((second[i] ?? 0) / (1 - 0.999 ** round)) + 1e-8);
    }
  }
  return new Map(names.map((name, i) => [name, Array.from(weights.subarray(i * n, i * n + n))]));
}
