import { pricesOf, stockOf } from '../goods';
import { type Product } from '../goods/about';
import { phrasesOf } from '../phrases';
import { type Known } from '../plan/about';
import { formatMoney } from '../till';
import { capitalised } from './grammar';
import { firstGoal } from './mostWanted';
import { fromGoods, sourcesOf, type Text } from './text';

/** "Thirty-six products, £5.50 to £22.50." */
export function goodsFact(products: readonly Product[], { rules }: Known, tellSingle = false): Text {
  const range = pricesOf(products);
  const text = phrasesOf(rules).goods.counted({
    count: products.length,
    price: range && { low: formatMoney(range.low, rules), high: formatMoney(range.high, rules) },
    eachOnly: tellSingle && products.length > 1 && products.every((p) => p.variants.length === 1 && stockOf(p) === 1),
  });
  return fromGoods(text, `${products.length} in your list, from the lowest to the highest price`);
}

/** What is sold, in the plural where the brief speaks of several: "spice box" beside "Spice boxes, obviously". */
export function severalOf(goods: string, { reading: { judged }, rules }: Pick<Known, 'reading' | 'rules'>): string {
  const several = phrasesOf(rules).several(goods);
  return judged.some(({ said }) => said.text.toLowerCase().includes(several.toLowerCase())) ? several : goods;
}

/** So many shelves are named where they stand for what is sold. */
const mostShelves = 3;

/** "Trousers, jackets and shirts": the largest shelves, for shops of which nothing surely says what they sell. */
function shelvesNamed({ catalogue, rules }: Pick<Known, 'catalogue' | 'rules'>): Text | null {
  const { listed, inSentence } = phrasesOf(rules);
  const largest = catalogue.categories
    .filter(({ parent }) => parent === null)
    .sort((a, b) => b.products.length - a.products.length)
    .slice(0, mostShelves)
    .map(({ name }) => name);
  return largest.length > 1
    ? fromGoods(capitalised(listed(largest.map(inSentence))), 'the largest categories of your list')
    : null;
}

/** So many goods are named where nothing says what they are, if they take no more words than a headline has. */
const mostNamed = 3;
const mostWords = 9;

/** "Wave mug, Deep bowl, Teapot": the first goods, for shops of which neither a brief nor shelves say what they sell. */
function goodsNamed({ catalogue }: Pick<Known, 'catalogue'>): Text | null {
  const titles = catalogue.products.map(({ title }) => title);
  for (let count = Math.min(mostNamed, titles.length); count > 0; count--) {
    // No word of ours joins names that may be in another language.
    const text = titles.slice(0, count).join(', ');
    if (text.split(/\s+/).length <= mostWords) return fromGoods(capitalised(text), 'the first goods of your list');
  }
  return null;
}

/** "Hand-dyed yarn from Ghent": what is sold and where, for shops whose brief has no line of its own. */
export function plainHeadline({ reading, catalogue, rules }: Known): Text | null {
  // "Spice box, seven" is one of several, and no name for them.
  const sold = reading.sells.filter(({ value }) => !value.includes(','));
  const [what] = sold;
  if (!what) return shelvesNamed({ catalogue, rules }) ?? goodsNamed({ catalogue });
  const place = reading.place;
  const say = phrasesOf(rules);
  const text = place
    ? say.goods.fromPlace(severalOf(what.value, { reading, rules }), place.value)
    : capitalised(say.listed(sold.slice(0, 3).map((s) => s.value)));
  return { text, rank: 2, sources: sourcesOf(what, place) };
}

/** "See the yarn (36)": the way to what is to be bought first. */
export function seeFirst(known: Known): Text | null {
  const { called, goods, source } = firstGoal(known);
  if (!goods.length) return null;
  const say = phrasesOf(known.rules).goods;
  return {
    text:
      called.kind === 'thing'
        ? say.see(called.name, null)
        : say.see(called.kind === 'shelf' ? say.theShelf(called.name) : say.everything, goods.length),
    rank: 2,
    sources: [...sourcesOf({ source }), { kind: 'goods', say: `${goods.length} in your list` }],
  };
}
