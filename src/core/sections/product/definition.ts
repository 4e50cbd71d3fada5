import { reason } from '../../plan/about';
import { describe } from '../../words';
import { defineSection } from '../definition';
import { product as about } from './about';

export const product = defineSection(about, {
  because: () => reason('Each product has a page that can be found and shared.'),
  write: (w) => (w.page.product ? { about: describe(w.page.product, w.rules) } : {}),
});
