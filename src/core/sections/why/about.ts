import { heading, items, passage, title } from '../field';
import { aboutSection } from '../kind';

export const why = aboutSection({
  kind: 'why',
  label: 'Why us',
  visitorGets: 'The reasons to buy here and not elsewhere, in your own words.',
  doNext: 'Add a promise that you keep anyway to the brief.',
  library: true,
  arrangements: [
    { id: 'abreast', label: 'Side by side' },
    { id: 'stacked', label: 'One under the other' },
  ],
  narrowest: 6,
  fields: {
    heading: heading(),
    reasons: items({
      title: title(),
      text: passage({ ask: 'One reason to buy from you, that no other shop could give.' }),
    }),
  },
});
