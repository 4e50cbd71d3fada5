import { packRow, softmax, unpackWeights } from './softmax';

test('shares add up to one, and follow the weights', () => {
  const weights = new Map([
    ['loud', [2, 0, -1]],
    ['red', [0, 1, 0]],
  ]);
  const shares = softmax({ loud: 1, red: 0.5, unknown: 3 }, weights, 3);
  expect(shares.reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 12);
  // e^2, e^0.5 and e^-1 over their sum, by hand.
  expect(shares.map((share) => Number(share.toFixed(4)))).toEqual([0.7856, 0.1753, 0.0391]);
  expect(softmax({}, weights, 3)).toEqual([1 / 3, 1 / 3, 1 / 3]);
});

test('stored weights come back within half a step, whichever of them are asked for', () => {
  const row = [-3.5, -0.3, 0, 0.05, 1.234, 3.5];
  const packed = { feature: packRow(row) };
  expect(packed.feature).toHaveLength(row.length);
  const back = [...(unpackWeights(packed).get('feature') as Float64Array)];
  back.forEach((weight, i) => expect(Math.abs(weight - (row[i] ?? 0))).toBeLessThanOrEqual(0.0401));
  expect([...(unpackWeights(packed, 1, 3).get('feature') as Float64Array)]).toEqual(back.slice(1, 3));
});

test('of a row that is nothing but for a few weights, these alone are stored', () => {
  const row = [0, 0, 0.01, 0, 0, 1.6, 0, 0, 0, -0.8, 0, 0, 0, 0];
  const packed = packRow(row);
  expect(packed.length).toBeLessThan(row.length);
  const back = unpackWeights({ feature: packed }).get('feature') ?? [];
  row.forEach((weight, i) => expect(back[i] ?? 0).toBeCloseTo(weight === 0.01 ? 0 : weight, 6));
  expect(
    [...(unpackWeights({ feature: packed }, 4, 7).get('feature') as Float64Array)].map((one) => Number(one.toFixed(6))),
  ).toEqual([0, 1.6, 0]);
  expect(unpackWeights({ feature: packRow(new Array<number>(12).fill(0)) }).get('feature')?.[3] ?? 0).toBe(0);
});
