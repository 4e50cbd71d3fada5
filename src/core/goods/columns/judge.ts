import { once } from '../../once';
import { softmax } from '../../softmax';
import { judged, type Features } from './features';
import { type Meaning } from './meaning';
import trained from './weights.json';

/** Weights are whole numbers of these. */
export const thousandth = 1000;

/** Weights of a multinomial logistic regression: for each feature one for each meaning, in thousandths. Made by `npm run train`. */
export interface Weights {
  [feature: string]: readonly number[];
}

/** Stored weights as numbers. */
export const weightsOf = (rows: ReadonlyMap<string, readonly number[]>): ReadonlyMap<string, number[]> =>
  new Map([...rows].map(([name, row]) => [name, row.map((weight) => weight / thousandth)]));

const weights = once(() => weightsOf(new Map(Object.entries(trained as Weights))));

/** How likely a column is each meaning, by all that speaks for and against it; the shares add up to 1. */
export function judge(features: Features, by: ReadonlyMap<string, readonly number[]> = weights()): ReadonlyMap<Meaning, number> {
  const shares = softmax(features, by, judged.length);
  return new Map(judged.map((meaning, k) => [meaning, shares[k] ?? 0]));
}
