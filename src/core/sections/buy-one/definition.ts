import { phrasesOf } from '../../phrases';
import { priceRange } from '../../goods';
import { reason } from '../../plan/about';
import { describe, fromGoods, ours } from '../../words';
import { defineSection, money } from '../definition';
import { buyOne as about } from './about';

export const buyOne = defineSection(about, {
  because: ({ catalogue }) =>
    catalogue.products.length === 1 ? reason('You sell one thing, so it may have the front page.') : null,
  write: (w) => {
    const [product] = w.catalogue.products;
    if (!product) return null;
    const price = priceRange(product);
    return {
      heading: fromGoods(product.title, 'the one thing in your list'),
      text: describe(product, w.rules),
      button: price
        ? fromGoods(phrasesOf(w.rules).sections.seeIt(money(price.low, w)), 'its price in your list')
        : ours(phrasesOf(w.rules).sections.seeIt(null)),
    };
  },
});
