import { topOf } from '../../goods';
import { reason } from '../../plan/about';
import { ours } from '../../words';
import { defineSection } from '../definition';
import { headingOf } from '../headings';
import { categories as about } from './about';

export const categories = defineSection(about, {
  because: ({ catalogue }) =>
    topOf(catalogue.categories).length > 1
      ? reason(`Your goods fall into ${topOf(catalogue.categories).length} categories.`)
      : null,
  write: (w) => (w.catalogue.categories.length ? { heading: ours(headingOf(about, w)) } : null),
});
