import { pricesOf, stockOf } from '../goods';
import { type Product } from '../goods/about';
import { type Known } from '../plan/about';
import { formatMoney } from '../till';
import { capitalised, listed, numberWords } from './grammar';
import { firstGoal } from './mostWanted';
import { fromGoods, sourcesOf, type Text } from './text';

/** "Thirty-six products, £5.50 to £22.50." */
export function goodsFact(products: readonly Product[], known: Known, tellSingle = false): Text {
  const range = pricesOf(products);
  const single = products.length === 1;
  const prices = !range
    ? ''
    : range.low === range.high
      ? `, ${single ? '' : 'each '}${formatMoney(range.low, known.rules)}`
      : `, ${formatMoney(range.low, known.rules)} to ${formatMoney(range.high, known.rules)}`;
  const allSingle = tellSingle && products.length > 1 && products.every((p) => p.variants.length === 1 && stockOf(p) === 1);
  const noun = single ? 'product' : 'products';
  const text = `${capitalised(numberWords(products.length))} ${noun}${prices}.${allSingle ? ' Each is the only one.' : ''}`;
  return fromGoods(text, `${products.length} in your list, from the lowest to the highest price`);
}

/** "Hand-dyed yarn from Ghent": what is sold and where, for shops whose brief has no line of its own. */
export function plainHeadline({ reading }: Known): Text | null {
  // "Spice box, seven" is one of several, and no name for them.
  const sold = reading.sells.filter(({ value }) => !value.includes(','));
  const [what] = sold;
  if (!what) return null;
  const place = reading.place;
  const text = place
    ? `${capitalised(what.value)} from ${place.value}`
    : capitalised(listed(sold.slice(0, 3).map((s) => s.value)));
  return { text, rank: 2, sources: sourcesOf(what, place) };
}

/** "See the yarn (36)": the way to what is to be bought first. */
export function seeFirst(known: Known): Text | null {
  const { called, goods, source } = firstGoal(known);
  const [first] = goods;
  if (!first) return null;
  const single = goods.length === 1 && called === first.title;
  return {
    text: single ? `See ${called}` : `See ${called} (${goods.length})`,
    rank: 2,
    sources: [...sourcesOf({ source }), { kind: 'goods', say: `${goods.length} in your list` }],
  };
}
