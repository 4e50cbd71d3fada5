import { once } from '../../once';
import { judged, type Features } from './features';
import { type Meaning } from './meaning';
import trained from './weights.json';

/** Weights are whole numbers of these. */
export const thousandth = 1000;

/** Weights of a multinomial logistic regression: for each feature one for each meaning, in thousandths. Made by `npm run train`. */
export interface Weights {
  [feature: string]: readonly number[];
}

const weights = once(() => new Map(Object.entries(trained as Weights)));

/** How likely a column is each meaning, by all that speaks for and against it; the shares add up to 1. */
export function judge(features: Features, by: ReadonlyMap<string, readonly number[]> = weights()): ReadonlyMap<Meaning, number> {
  const scores = judged.map(() => 0);
  for (const [name, value] of Object.entries(features)) {
    const row = by.get(name);
    if (row) row.forEach((weight, k) => (scores[k] = (scores[k] ?? 0) + (weight / thousandth) * value));
  }
  const most = Math.max(...scores);
  const shares = scores.map((score) => Math.exp(score - most));
  const sum = shares.reduce((total, share) => total + share, 0);
  return new Map(judged.map((meaning, k) => [meaning, (shares[k] ?? 0) / sum]));
}
