import { type SectionKind } from '../../plan';
import { headingOf } from '../phrases';
import { privacyClauses, refundClauses, termsClauses } from '../legal';
import { describe } from '../products';
import { fromGoods, ours } from '../text';
import { numbered, type SectionWords, type Writer } from '../writing';
import { goodsFact } from './selling';

const clauses = { privacy: privacyClauses, refunds: refundClauses, terms: termsClauses };

export const fixedWriters: Partial<Record<SectionKind, Writer>> = {
  listing: (w) => {
    const products = w.page.category?.products ?? w.catalogue.products;
    const heading = w.page.category ? fromGoods(w.page.category.name, 'a category of your list') : ours('Everything');
    const words: SectionWords = { heading };
    if (products.length) words.intro = goodsFact(products, w);
    return words;
  },
  product: (w): SectionWords => (w.page.product ? { about: describe(w.page.product, w) } : {}),
  related: (w) => ({ heading: ours(headingOf('related', w)) }),
  rates: (w) => ({ heading: ours('Delivery and returns'), ...numbered(w.harvest.delivery, 'text') }),
  clauses: (w) => {
    const kind = w.page.kind === 'privacy' || w.page.kind === 'refunds' ? w.page.kind : 'terms';
    return { heading: ours(w.page.name), ...numbered(clauses[kind](w), 'text') };
  },
  search: () => ({ heading: ours('Search') }),
  cart: () => ({ heading: ours('Your cart') }),
  checkout: () => ({ heading: ours('Checkout') }),
  thanks: () => ({ heading: ours('Thank you') }),
  missing: () => ({
    heading: ours('This page is not here'),
    text: ours('The address may be old. The goods are still where they were.'),
  }),
};
