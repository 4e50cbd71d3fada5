import { reasonFrom, wished } from '../../plan/about';
import { sourcesOf } from '../../words';
import { defineSection } from '../definition';
import { headingOf } from '../headings';
import { itemSaying } from '../keys';
import { reviews as about } from './about';

export const reviews = defineSection(about, {
  because: ({ reading }) => (reading.reviews.length ? reasonFrom('Your brief quotes what buyers said.', reading.reviews) : null),
  asked: (known) => wished(known, 'reviews', 'Your brief asks for reviews. They have to come from your buyers.'),
  write: (w) => ({
    heading: headingOf(about, w),
    praise: w.reading.reviews.map((fact) => {
      const { text, by } = fact.value;
      const sources = sourcesOf(fact);
      return itemSaying(`${text} ${by}`, {
        text: { text, rank: 1, sources },
        ...(by ? { by: { text: by, rank: 1, sources } } : {}),
      });
    }),
  }),
});
