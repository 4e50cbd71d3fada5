import { reason, wished, type Known } from '../../plan/about';
import { goodsFact, ours } from '../../words';
import { defineSection } from '../definition';
import { headingOf } from '../headings';
import { priceTable as about } from './about';

const appointments = ({ catalogue }: Known) => catalogue.products.filter((product) => product.kind === 'appointment');

export const priceTable = defineSection(about, {
  because: (known) =>
    appointments(known).length > 1 ? reason('You sell appointments, and people compare their prices first.') : null,
  asked: (known) =>
    known.catalogue.products.length ? wished(known, 'price-table', 'Your brief asks for a table of prices.') : null,
  write: (w) => {
    const booked = appointments(w);
    const onTheirPage = w.page.kind === 'appointments';
    const shown = onTheirPage || (booked.length > 1 && w.section.from === 'made') ? booked : w.catalogue.products;
    return shown.length ? { heading: onTheirPage ? ours(w.page.name) : headingOf(about, w), intro: goodsFact(shown, w) } : null;
  },
});
