import { largestCategory, priceRange, stockOf } from '../../goods';
import { type Known, type SectionKind } from '../../plan';
import { type Product } from '../../project';
import { capitalised, inSentence, listed, numberWords } from '../grammar';
import { headingOf } from '../phrases';
import { describe } from '../products';
import { fromBrief, fromGoods, fromTill, ours, sourcesOf, type Text } from '../text';
import { money, type SectionWords, type Writer } from '../writing';

/** "Thirty-six products, £5.50 to £22.50." */
export function goodsFact(products: readonly Product[], known: Known, tellSingle = false): Text {
  const ranges = products.map(priceRange);
  const low = Math.min(...ranges.map((r) => r.low));
  const high = Math.max(...ranges.map((r) => r.high));
  const single = products.length === 1;
  const prices = low === high ? `${single ? '' : 'each '}${money(low, known)}` : `${money(low, known)} to ${money(high, known)}`;
  const allSingle = tellSingle && products.length > 1 && products.every((p) => p.variants.length === 1 && stockOf(p) === 1);
  const noun = single ? 'product' : 'products';
  const text = `${capitalised(numberWords(products.length))} ${noun}, ${prices}.${allSingle ? ' Each is the only one.' : ''}`;
  return fromGoods(text, `${products.length} in your list, from the lowest to the highest price`);
}

/** "Hand-dyed yarn from Ghent": what is sold and where, for shops whose brief has no line of its own. */
export function plainHeadline({ reading }: Known): Text | null {
  const what = reading.sells[0];
  if (!what) return null;
  const place = reading.place;
  const text = place
    ? `${capitalised(what.value)} from ${place.value}`
    : capitalised(listed(reading.sells.slice(0, 3).map((s) => s.value)));
  return { text, rank: 2, sources: sourcesOf(what, place) };
}

export const seeShelf = (known: Known): Text | null => {
  const shelf = largestCategory(known.catalogue.categories);
  const count = (shelf ?? known.catalogue).products.length;
  if (!count) return null;
  return {
    text: shelf ? `See the ${inSentence(shelf.name)} (${count})` : `See everything (${count})`,
    rank: 2,
    sources: [{ kind: 'goods', say: `${count} in your list` }],
  };
};

const reducedGoods = ({ catalogue }: Known): Product[] =>
  catalogue.products.filter((product) => product.variants.some((variant) => variant.earlierPrice));

export const sellingWriters: Partial<Record<SectionKind, Writer>> = {
  opening: (w) => {
    const headline =
      w.harvest.headline ??
      plainHeadline(w) ??
      (w.reading.name ? fromBrief(w.reading.name.value, ...(w.reading.name.source ? [w.reading.name.source] : [])) : null);
    const button = seeShelf(w);
    const words: SectionWords = {
      ...(headline ? { headline } : {}),
      ...(w.harvest.lead ? { lead: w.harvest.lead } : {}),
      ...(button ? { button } : {}),
    };
    return Object.keys(words).length ? words : null;
  },
  featured: (w) => {
    const cards = w.catalogue.products.filter((product) => product.kind === 'gift-card');
    const products = w.page.kind === 'gift-cards' ? cards : w.catalogue.products;
    if (!products.length) return null;
    return {
      heading: ours(w.page.kind === 'gift-cards' ? w.page.name : headingOf('featured', w)),
      intro: goodsFact(products, w, true),
      link: ours('See everything'),
    };
  },
  'buy-one': (w) => {
    const [product] = w.catalogue.products;
    if (!product) return null;
    return {
      heading: fromGoods(product.title, 'the one thing in your list'),
      text: describe(product, w),
      button: fromGoods(`See it, ${money(priceRange(product).low, w)}`, 'its price in your list'),
    };
  },
  categories: (w) => (w.catalogue.categories.length ? { heading: ours(headingOf('categories', w)) } : null),
  offer: (w): SectionWords => {
    const cheaper = reducedGoods(w);
    const today = w.rules.codes.filter((code) => code.kind !== 'free-delivery' || code.code);
    const words: SectionWords = { heading: ours(headingOf('offer', w)) };
    if (cheaper.length) {
      const [only] = cheaper;
      const { low, earlier } = only ? priceRange(only) : { low: 0, earlier: null };
      const titles = cheaper.slice(0, 3).map((product) => product.title);
      const more = cheaper.length - titles.length;
      words.text = fromGoods(
        only && cheaper.length === 1 && earlier
          ? `${only.title}: ${money(low, w)} instead of ${money(earlier, w)}.`
          : `${more ? `${titles.join(', ')} and ${numberWords(more)} more` : listed(titles)} cost less than before.`,
        'the earlier prices in your list',
      );
    }
    const [code] = today;
    if (code) {
      const what =
        code.kind === 'percent'
          ? `${code.amount / 100} % off`
          : code.kind === 'sum'
            ? `${money(code.amount, w)} off`
            : 'Free delivery';
      const until = code.until ? `, until ${code.until}` : '';
      const least = code.least ? ` from ${money(code.least, w)}` : '';
      words.code = fromTill(`${what}${least} with the code ${code.code}${until}.`, 'the discount codes at the till');
    }
    return words.text || words.code ? { ...words, link: ours('To the shop') } : { heading: ours(headingOf('offer', w)) };
  },
  'price-table': (w) => {
    const appointments = w.catalogue.products.filter((product) => product.kind === 'appointment');
    const listedGoods =
      w.page.kind === 'appointments' || (appointments.length > 1 && w.section.from === 'made')
        ? appointments
        : w.catalogue.products;
    return listedGoods.length
      ? {
          heading: ours(w.page.kind === 'appointments' ? w.page.name : headingOf('price-table', w)),
          intro: goodsFact(listedGoods, w),
        }
      : null;
  },
  gallery: (w) =>
    w.catalogue.products.some((product) => product.pictures.length)
      ? { heading: ours(w.page.kind === 'gallery' ? w.page.name : headingOf('gallery', w)) }
      : null,
  posted: (w): SectionWords => {
    const link = w.reading.links.find((one) => one.value.includes('/'));
    return link
      ? { heading: ours(headingOf('posted', w)), address: fromBrief(link.value, ...(link.source ? [link.source] : [])) }
      : { heading: ours(headingOf('posted', w)) };
  },
};
