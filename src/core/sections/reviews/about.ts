import { heading, items, passage, signature } from '../field';
import { aboutSection } from '../kind';

export const reviews = aboutSection({
  kind: 'reviews',
  label: 'Reviews',
  visitorGets: 'What buyers said, in their own words.',
  doNext: 'Ask your last three buyers for a sentence each.',
  library: true,
  arrangements: [
    { id: 'one', label: 'The first one large' },
    { id: 'all', label: 'All alike' },
  ],
  narrowest: 5,
  fields: {
    heading: heading(),
    praise: items({
      text: passage({ sets: 'line', ask: 'What a buyer wrote to you, word for word' }),
      by: signature({ ask: 'Who it was, as they want to be named', optional: true }),
    }),
  },
});
