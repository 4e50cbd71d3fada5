import { reason } from '../../plan/about';
import { defineSection } from '../definition';
import { headingOf } from '../headings';
import { related as about } from './about';

export const related = defineSection(about, {
  because: ({ catalogue }) => (catalogue.products.length > 1 ? reason('It shares a category with other goods.') : null),
  write: (w) => ({ heading: headingOf(about, w) }),
});
