import { heading } from '../field';
import { aboutFixed } from '../kind';

export const search = aboutFixed({
  kind: 'search',
  label: 'Search',
  visitorGets: 'Any product by a word of its name.',
  doNext: 'Nothing; it follows from the goods.',
  fields: { heading: heading() },
});
