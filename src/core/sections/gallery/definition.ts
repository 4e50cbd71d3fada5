import { wished } from '../../plan/about';
import { ours } from '../../words';
import { defineSection } from '../definition';
import { headingOf } from '../headings';
import { gallery as about } from './about';

export const gallery = defineSection(about, {
  because: () => null,
  asked: (known) =>
    known.catalogue.products.some((product) => product.pictures.length)
      ? wished(known, 'gallery', 'Your brief asks for pictures to look at.')
      : null,
  write: (w) =>
    w.section.pictures.length || w.catalogue.products.some((product) => product.pictures.length)
      ? { heading: w.page.kind === 'gallery' ? ours(w.page.name) : headingOf(about, w) }
      : null,
});
