import { reasonFrom, wished } from '../../plan/about';
import { fromBrief } from '../../words';
import { defineSection } from '../definition';
import { headingOf } from '../headings';
import { posted as about } from './about';

export const posted = defineSection(about, {
  because: ({ reading, catalogue }) =>
    reading.links.some((link) => link.value.includes('/')) &&
    catalogue.products.filter((product) => product.pictures.length).length >= 4
      ? reasonFrom('Your brief names a place where you post pictures.', reading.links)
      : null,
  asked: (known) => wished(known, 'posted', 'Your brief asks for the pictures that you post elsewhere.'),
  write: (w) => {
    const link = w.reading.links.find((one) => one.value.includes('/'));
    const heading = headingOf(about, w);
    return link ? { heading, address: fromBrief(link.value, ...(link.source ? [link.source] : [])) } : { heading };
  },
});
