import { reasonFrom, wished } from '../../plan/about';
import { sourcesOf } from '../../words';
import { defineSection } from '../definition';
import { headingOf } from '../headings';
import { itemSaying } from '../keys';
import { hours as about } from './about';

export const hours = defineSection(about, {
  because: ({ reading }) => (reading.openings.length ? reasonFrom('Your brief says when you are open.', reading.openings) : null),
  asked: (known) => wished(known, 'hours', 'Your brief asks for opening hours.'),
  write: (w) => ({
    heading: headingOf(about, w),
    openings: w.reading.openings.map((fact) => {
      const { days, hours: open } = fact.value;
      const sources = sourcesOf(fact);
      return itemSaying(`${days} ${open}`, { days: { text: days, rank: 2, sources }, hours: { text: open, rank: 2, sources } });
    }),
  }),
});
