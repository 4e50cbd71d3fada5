import { heading } from '../field';
import { aboutFixed } from '../kind';

export const related = aboutFixed({
  kind: 'related',
  label: 'More like it',
  visitorGets: 'Somewhere to go when this is not quite it.',
  doNext: 'Nothing; it follows from the categories.',
  fields: { heading: heading() },
});
