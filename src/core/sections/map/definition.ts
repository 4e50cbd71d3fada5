import { reasonFrom, wished } from '../../plan/about';
import { sourcesOf } from '../../words';
import { defineSection } from '../definition';
import { headingOf } from '../headings';
import { map as about } from './about';

export const map = defineSection(about, {
  because: ({ reading }) =>
    reading.place && (reading.goal.value === 'visits' || reading.openings.length)
      ? reasonFrom('People are to come to you.', [reading.place, ...reading.openings])
      : null,
  asked: (known) => (known.reading.place ? wished(known, 'map', 'Your brief asks for a map.') : null),
  write: (w) => {
    const where = w.reading.address ?? w.reading.place;
    return where ? { heading: headingOf(about, w), address: { text: where.value, rank: 2, sources: sourcesOf(where) } } : null;
  },
});
