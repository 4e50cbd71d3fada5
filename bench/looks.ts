import { importText } from '@/core/goods';
import { families, familyDistance, styleDistance, type Candidate } from '@/core/look';
import { newProject, type Project } from '@/core/project';
import { looksFor } from '@/core/site';

/** Shops of several trades and moods. Invented for this measurement. */
const shops: [brief: string, list: string][] = [
  ['Kobold. We sell bicycle parts in Leipzig. The site should be loud and punchy, orange and black.', 'title,price\nChain,12\nBell,9\nPump,30\n'],
  ['Ox. We sell tea in Kyoto. It should feel quiet. Prices in yen.', 'title,price\nSencha,1200\nHojicha,900\n'],
  ['Peperoncino bakes biscuits in Bari. Warm, handmade, a bit nostalgic.', 'title,price\nAlmond biscuit,6\nLemon biscuit,6\nGift tin,24\n'],
  ['Halyard sells rope and chandlery in Falmouth. Exact, technical, dark blue.', 'title,price\nRope,3\nCleat,14\nShackle,8\nBlock,39\n'],
  ['Minna prints posters and sells them from Malmö. Playful and colourful.', 'title,price\nMoon poster,350\nBear poster,350\n'],
  ['We sell second-hand novels in Galway.', 'title,price\nNovel,5\n'],
]; // prettier-ignore

function projectOf([brief, list]: (typeof shops)[number]): Project {
  const goods = importText(list);
  if (!goods.ok) throw new Error(goods.say);
  return { ...newProject('bench', 'Bench'), brief, goods: { file: 'bench.csv', ...goods.value } };
}

const pairs = <T>(of: readonly T[]): [T, T][] => of.flatMap((a, i) => of.slice(i + 1).map((b): [T, T] => [a, b]));
const sorted = (numbers: number[]) => [...numbers].sort((a, b) => a - b);
const least = (numbers: number[]) => sorted(numbers)[0] ?? 0;
const middle = (numbers: number[]) => sorted(numbers)[Math.floor(numbers.length / 2)] ?? 0;

export interface Spread {
  least: number;
  middle: number;
}

/** How far any two families are apart in structure, 0 to 1. */
export function familySpread(): Spread & { count: number; nearest: string } {
  const all = pairs(families).map(([a, b]) => ({ between: `${a.name} and ${b.name}`, far: familyDistance(a, b) }));
  const distances = all.map(({ far }) => far);
  const nearest = all.find(({ far }) => far === least(distances))?.between ?? '';
  return { count: families.length, least: least(distances), middle: middle(distances), nearest };
}

/** How far candidates, relatives and fresh starts are apart in the whole style space, 0 to 1. */
export function lookSpread(): { candidates: Spread; vary: Spread; again: Spread; fit: number; chosen: string[] } {
  const within = (looks: Candidate[]) => pairs(looks).map(([a, b]) => styleDistance(a, b));
  const found = shops.map((shop) => {
    const project = projectOf(shop);
    const wish = { turn: 0, seen: [], base: [], locks: [] };
    const three = looksFor(project, { ...wish, kind: 'candidates' });
    const [first] = three;
    if (!first) throw new Error('No candidates.');
    const near = looksFor(project, { ...wish, kind: 'vary', base: first.wishes });
    const far = looksFor(project, { ...wish, kind: 'again', turn: 1, seen: three.map(({ genes }) => genes) });
    return {
      three,
      candidates: within(three),
      vary: near.map((one) => styleDistance(one, first)),
      again: far.flatMap((one) => three.map((old) => styleDistance(one, old))),
    };
  });
  const spread = (of: number[]): Spread => ({ least: least(of), middle: middle(of) });
  return {
    candidates: spread(found.flatMap((one) => one.candidates)),
    vary: spread(found.flatMap((one) => one.vary)),
    again: spread(found.flatMap((one) => one.again)),
    fit: least(found.flatMap((one) => one.three.map(({ fit }) => fit))),
    chosen: found.map((one) => one.three.map(({ genes }) => genes.family).join(', ')),
  };
}
