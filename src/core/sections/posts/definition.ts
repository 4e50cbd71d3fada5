import { reason } from '../../plan/about';
import { ours } from '../../words';
import { defineSection } from '../definition';
import { posts as about } from './about';

export const posts = defineSection(about, {
  because: () => reason('A journal is its entries.'),
  write: (w) => ({ heading: ours(w.page.name) }),
});
