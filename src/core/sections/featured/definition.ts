import { phrasesOf } from '../../phrases';
import { reason } from '../../plan/about';
import { goodsFact, ours } from '../../words';
import { defineSection } from '../definition';
import { asHeading, fitsHeading, headingOf } from '../headings';
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
    const intro = goodsFact(products, w, true);
    const link = ours(phrasesOf(w.rules).sections.seeEverything);
    if (onCards) return { heading: ours(w.page.name), intro, link };
    const heading = headingOf(about, w);
    // What nobody but this shop has is a better heading than words of ours.
    const counted = heading.rank === 3 ? asHeading(intro) : null;
    return counted && fitsHeading(counted.text, w) ? { heading: counted, link } : { heading, intro, link };
  },
});
