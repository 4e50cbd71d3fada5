import { heading } from '../field';
import { aboutFixed } from '../kind';

export const related = aboutFixed({
  kind: 'related',
  label: 'More like it',
  visitorGets: 'Somewhere to go when this is not quite it.',
  doNext: 'Nothing; it follows from the categories.',
  particular: ['More of the {goods}'],
  headings: ['Beside it on the shelf', 'Near it', 'More like it', 'Goes with it', 'Its neighbours', 'Look at these too'],
  fields: { heading: heading() },
});
