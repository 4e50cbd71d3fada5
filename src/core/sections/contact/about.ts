import { heading, items, prose } from '../field';
import { aboutSection } from '../kind';

export const contact = aboutSection({
  kind: 'contact',
  label: 'Contact',
  visitorGets: 'A way to reach a person.',
  doNext: 'Ring the number and write to the address once, to see that both work.',
  library: true,
  arrangements: [
    { id: 'spread', label: 'Spread out' },
    { id: 'line', label: 'One line' },
  ],
  fields: { heading: heading(), passages: items({ text: prose() }) },
});
