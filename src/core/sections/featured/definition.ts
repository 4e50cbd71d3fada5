import { reason } from '../../plan/about';
import { goodsFact, ours } from '../../words';
import { defineSection } from '../definition';
import { headingOf } from '../headings';
import { featured as about } from './about';

export const featured = defineSection(about, {
  because: ({ catalogue }) =>
    catalogue.products.length > 1
      ? reason(`Your list has ${catalogue.products.length} things; a few of them should be seen at once.`)
      : null,
  write: (w) => {
    const onCards = w.page.kind === 'gift-cards';
    const products = onCards ? w.catalogue.products.filter((product) => product.kind === 'gift-card') : w.catalogue.products;
    if (!products.length) return null;
    return {
      heading: onCards ? ours(w.page.name) : headingOf(about, w),
      intro: goodsFact(products, w, true),
      link: ours('See everything'),
    };
  },
});
