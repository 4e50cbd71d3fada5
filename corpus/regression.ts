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

/** Some things of which one is right, any of several, or none. */
export interface Choice {
  candidates: readonly { features: Features; right: boolean }[];
}

interface Sparse {
  indexes: Int32Array;
  values: Float64Array;
}

/** Features that enough of the examples have, by number; and what of them each bag holds. */
function numbered(seen: ReadonlyMap<string, number>, least: number): { names: string[]; sparse: (features: Features) => Sparse } {
  const names = [...seen]
    .filter(([, count]) => count >= least)
    .map(([name]) => name)
    .sort();
  const at = new Map(names.map((name, i) => [name, i]));
  return {
    names,
    sparse: (features) => {
      const known = Object.entries(features).filter(([name]) => at.has(name));
      return {
        indexes: Int32Array.from(known, ([name]) => at.get(name) ?? 0),
        values: Float64Array.from(known, ([, value]) => value),
      };
    },
  };
}

/** Gradient descent with moments (Kingma and Ba 2015), all examples at once: the same bytes each time. */
function descend(
  size: number,
  { rounds, restraint }: Pick<Training, 'rounds' | 'restraint'>,
  slopes: (weights: Float64Array, gradient: Float64Array) => void,
): Float64Array {
  const weights = new Float64Array(size);
  const first = new Float64Array(size);
  const second = new Float64Array(size);
  const gradient = new Float64Array(size);
  for (let round = 1; round <= rounds; round++) {
    gradient.fill(0);
    slopes(weights, gradient);
    const pace = 0.05 * Math.min(1, (rounds - round) / 100 + 0.05);
    for (let i = 0; i < size; i++) {
      const slope = (gradient[i] ?? 0) + restraint * (weights[i] ?? 0);
      first[i] = 0.9 * (first[i] ?? 0) + 0.1 * slope;
      second[i] = 0.999 * (second[i] ?? 0) + 0.001 * slope * slope;
      weights[i] =
        (weights[i] ?? 0) -
        (pace * ((first[i] ?? 0) / (1 - 0.9 ** round))) / (Math.sqrt((second[i] ?? 0) / (1 - 0.999 ** round)) + 1e-8);
    }
  }
  return weights;
}

/**
 * Weights by which the right one of some things is likelier than the others, and none where none is: a conditional logit, in which nothing
 * is one more thing, that scores 0 (McFadden 1974).
 */
export function rank(choices: readonly Choice[], { least, ...how }: Omit<Training, 'outcomes'>): Map<string, number> {
  const seen = new Map<string, number>();
  for (const { candidates } of choices)
    for (const name of new Set(candidates.flatMap(({ features }) => Object.keys(features))))
      seen.set(name, (seen.get(name) ?? 0) + 1);
  const { names, sparse } = numbered(seen, least);
  const known = choices.map(({ candidates }) => candidates.map(({ features, right }) => ({ right, ...sparse(features) })));
  const weights = descend(names.length, how, (now, gradient) => {
    for (const candidates of known) {
      const scores = candidates.map(({ indexes, values }) => {
        let score = 0;
        for (let f = 0; f < indexes.length; f++) score += (now[indexes[f] ?? 0] ?? 0) * (values[f] ?? 0);
        return score;
      });
      const highest = scores.reduce((most, score) => Math.max(most, score), 0);
      const none = Math.exp(-highest);
      const each = scores.map((score) => Math.exp(score - highest));
      const all = each.reduce((sum, one) => sum + one, none);
      const right = candidates.reduce((sum, one, i) => sum + (one.right ? (each[i] ?? 0) : 0), 0) || none;
      candidates.forEach((one, i) => {
        const error = ((each[i] ?? 0) / all - (one.right ? (each[i] ?? 0) / right : 0)) / known.length;
        if (Math.abs(error) > tooSmall)
          one.indexes.forEach((at, f) => (gradient[at] = (gradient[at] ?? 0) + error * (one.values[f] ?? 0)));
      });
    }
  });
  return new Map(names.map((name, i) => [name, weights[i] ?? 0]));
}
/** An error that moves nothing. */
const tooSmall = 1e-9;

/** Multinomial logistic regression. */
export function train(examples: readonly Example[], { outcomes: n, least, ...how }: Training): Map<string, number[]> {
  const seen = new Map<string, number>();
  for (const { features } of examples) for (const name of Object.keys(features)) seen.set(name, (seen.get(name) ?? 0) + 1);
  const { names, sparse } = numbered(seen, least);
  const known = examples.map(({ features, outcome, weight = 1 }) => ({ outcome, weight, ...sparse(features) }));
  const total = known.reduce((sum, { weight }) => sum + weight, 0);
  const scores = new Float64Array(n);
  const weights = descend(names.length * n, how, (now, gradient) => {
    for (const { outcome, weight, indexes, values } of known) {
      scores.fill(0);
      indexes.forEach((i, f) => {
        for (let k = 0; k < n; k++) scores[k] = (scores[k] ?? 0) + (now[i * n + k] ?? 0) * (values[f] ?? 0);
      });
      const most = Math.max(...scores);
      let sum = 0;
      for (let k = 0; k < n; k++) sum += scores[k] = Math.exp((scores[k] ?? 0) - most);
      for (let k = 0; k < n; k++) scores[k] = ((scores[k] ?? 0) / sum - (k === outcome ? 1 : 0)) * weight;
      indexes.forEach((i, f) => {
        for (let k = 0; k < n; k++) gradient[i * n + k] = (gradient[i * n + k] ?? 0) + (scores[k] ?? 0) * (values[f] ?? 0);
      });
    }
    for (let i = 0; i < gradient.length; i++) gradient[i] = (gradient[i] ?? 0) / total;
  });
  return new Map(names.map((name, i) => [name, Array.from(weights.subarray(i * n, i * n + n))]));
}
