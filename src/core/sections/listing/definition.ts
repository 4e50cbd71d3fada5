import { phrasesOf } from '../../phrases';
import { reason } from '../../plan/about';
import { fromGoods, goodsFact, ours } from '../../words';
import { defineSection } from '../definition';
import { listing as about } from './about';

export const listing = defineSection(about, {
  because: () => reason('A shelf shows what is on it.'),
  write: (w) => {
    const { category } = w.page;
    const products = category?.products ?? w.catalogue.products;
    return {
      heading: category ? fromGoods(category.name, 'a category of your list') : ours(phrasesOf(w.rules).sections.everything),
      ...(products.length ? { intro: goodsFact(products, w) } : {}),
    };
  },
});
