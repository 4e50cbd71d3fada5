import { shelfBeside } from '../../goods';
import { phrasesOf } from '../../phrases';
import { reason } from '../../plan/about';
import { fromGoods } from '../../words';
import { defineSection } from '../definition';
import { fitsHeading, headingOf } from '../headings';
import { related as about } from './about';

export const related = defineSection(about, {
  because: ({ catalogue }) => (catalogue.products.length > 1 ? reason('It shares a category with other goods.') : null),
  write: (w) => {
    const shelf = w.page.product && shelfBeside(w.catalogue, w.page.product);
    const named = shelf && phrasesOf(w.rules).goods.moreOf(shelf.name);
    return { heading: named && fitsHeading(named, w) ? fromGoods(named, 'a category of your list') : headingOf(about, w) };
  },
});
