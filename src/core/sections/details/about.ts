import { heading, items, name, passage } from '../field';
import { aboutSection } from '../kind';

export const details = aboutSection({
  kind: 'details',
  label: 'Good to know',
  visitorGets: 'What people who buy such things always ask.',
  doNext: 'Answer the next question at Brief; each answer lands here.',
  library: true,
  arrangements: [
    { id: 'table', label: 'A table' },
    { id: 'lines', label: 'Lines of text' },
  ],
  narrowest: 5,
  fields: {
    heading: heading(),
    details: items({
      name: name({ ask: 'What it is about: care, sizes, keeping …' }),
      text: passage({ ask: 'What buyers should know' }),
    }),
  },
});
