import { heading, items, link, prose } from '../field';
import { aboutSection } from '../kind';

export const story = aboutSection({
  kind: 'story',
  label: 'Story',
  visitorGets: 'Who is behind it, so that a stranger can trust you.',
  doNext: 'A picture of the two hands that do the work would help here.',
  library: true,
  pictures: 1,
  resizes: ['small', 'smaller'],
  arrangements: [
    { id: 'column', label: 'One column' },
    { id: 'columns', label: 'Two columns' },
  ],
  fields: {
    heading: heading(),
    passages: items({ text: prose({ ask: 'How did it begin? Two sentences are enough.' }) }),
    link: link(),
  },
});
