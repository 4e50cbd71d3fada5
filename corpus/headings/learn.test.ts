import { spokenIn, spokenOf } from '@/core/goods/columns/wording';
import { unpackWeights } from '@/core/softmax';
import { practised, trainWording } from './learn';

/** What is likeliest, by weights or by those that ship. */
const likeliest = (heading: string, weights?: Parameters<typeof spokenIn>[1]) =>
  [...spokenIn(heading, weights)].sort((a, b) => b[1] - a[1])[0] ?? (['nothing', 0] as const);

test('trained on a part, it reads headings that it has not seen, and is seldom sure of what is wrong', () => {
  const all = practised();
  expect(all.length).toBeGreaterThan(3000);
  const weights = unpackWeights(trainWording(all.filter((_, i) => i % 4 !== 0), 200)); // prettier-ignore
  // Each word of the trade is known to it; here only what nobody ever headed a column with.
  const unseen = all.filter(({ heading }, i) => i % 4 === 0 && / /.test(heading));
  const read = unseen.map(({ heading, about }) => ({ about, said: likeliest(heading, weights) }));
  const sure = read.filter(({ said }) => said[1] >= 0.5);
  expect(sure.length / read.length).toBeGreaterThan(0.4);
  expect(sure.filter(({ about, said }) => about === said[0]).length / sure.length).toBeGreaterThan(0.7);
}, 300_000);

test('every meaning has headings in several scripts', () => {
  for (const topic of spokenOf) {
    const own = practised().filter(({ about }) => about === topic);
    expect(own.length).toBeGreaterThan(20);
    expect(own.some(({ heading }) => /\p{Script=Cyrillic}|\p{Script=Greek}|\p{Script=Han}/u.test(heading))).toBe(true);
  }
});
