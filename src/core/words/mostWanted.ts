import { toTheMaker, type Judgement, type Reading, type Source } from '../brief';
import { baseOf } from '../lexicon';
import { largestCategory, type Catalogue } from '../goods';
import { type Product } from '../goods/about';
import { stemsIn, isSmallWord } from './trace';

/** Where the front page leads first: a shelf or a thing, or all there is. */
export interface FirstGoal {
  /** Its page. */
  path: string;
  /** What it is, and what the list calls it. */
  called: { kind: 'shelf' | 'thing'; name: string } | { kind: 'everything' };
  /** The goods that stand on it. */
  goods: readonly Product[];
  /** The sentence of the brief that wants it; null where none does, and the fullest shelf is it. */
  source: Source | null;
}

/** Selling and buying, in a sentence to whoever makes the site. */
const dealing = new Set(['sell', 'buy', 'order', 'book', 'push', 'notice', 'see', 'find']);
const speaksOfDealing = (text: string): boolean =>
  (text.toLowerCase().match(/\p{L}+/gu) ?? []).some((word) => dealing.has(baseOf(word) ?? word));
/** "Most of all", "the goal is", "everyone should". */
const presses =
  /\b(?:most(?:ly)?|mainly|main|above all|first|especially|really|more|every(?:one|body)|goals?|aim|want|should|important)\b/i;
const denies = /\b(?:not|never|no|without|less|instead)\b|n['’]t\b/i;
const likely = 0.35;
/** What has a longer name isn't named on a button. */
const longestName = { shelf: 4, thing: 5 };

const speaks = ({ said: { text }, ...one }: Judgement): boolean =>
  toTheMaker(one) >= likely && speaksOfDealing(text) && presses.test(text) && !denies.test(text);

const wordsOf = (name: string): string[] => [...new Set(stemsIn(name).filter((word) => word.length > 2 && !isSmallWord(word)))];

interface Named {
  kind: 'shelf' | 'thing';
  name: string;
  path: string;
  goods: readonly Product[];
}

/** A thing is named by more than one word: "soap" is all of it. */
const fewestWords = 2;

function* namesIn({ categories, products }: Catalogue): Generator<Named> {
  for (const shelf of categories) yield { kind: 'shelf', name: shelf.name, path: `shop/${shelf.slug}/`, goods: shelf.products };
  for (const product of products)
    if (product.title.split(' ').length >= fewestWords)
      yield { kind: 'thing', name: product.title, path: `goods/${product.slug}/`, goods: [product] };
}

/** What a brief wants to be bought most, where a sentence of it names a shelf or a thing of the list: the one that it says most words of. */
function wanted(judged: readonly Judgement[], catalogue: Catalogue): FirstGoal | null {
  const said = judged.filter(speaks).map((one) => ({ one, words: new Set(stemsIn(one.said.text)) }));
  if (!said.length) return null;
  let best: { most: number; named: Named; one: Judgement } | null = null;
  for (const named of namesIn(catalogue)) {
    const words = wordsOf(named.name);
    if (!words.length || words.length <= (best?.most ?? 0)) continue;
    const found = said.find((sentence) => words.every((word) => sentence.words.has(word)));
    if (found) best = { most: words.length, named, one: found.one };
  }
  if (!best) return null;
  const { kind, name, path, goods } = best.named;
  if (name.split(' ').length > longestName[kind]) return null;
  const { text, start, end } = best.one.said;
  return { path, called: { kind, name }, goods, source: { text, start, end } };
}

const kept = new WeakMap<Catalogue, { judged: readonly Judgement[]; goal: FirstGoal }>();

/** Where the front page leads first: what the brief wants to be bought most, else the fullest shelf, else everything. */
export function firstGoal({
  reading: { judged },
  catalogue,
}: {
  reading: Pick<Reading, 'judged'>;
  catalogue: Catalogue;
}): FirstGoal {
  const known = kept.get(catalogue);
  if (known?.judged === judged) return known.goal;
  const shelf = largestCategory(catalogue.categories);
  const goal = wanted(judged, catalogue) ?? {
    path: shelf ? `shop/${shelf.slug}/` : 'shop/',
    called: shelf ? { kind: 'shelf', name: shelf.name } : { kind: 'everything' },
    goods: (shelf ?? catalogue).products,
    source: null,
  };
  kept.set(catalogue, { judged, goal });
  return goal;
}
