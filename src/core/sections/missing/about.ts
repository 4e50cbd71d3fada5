import { heading, passage } from '../field';
import { aboutFixed } from '../kind';

export const missing = aboutFixed({
  kind: 'missing',
  label: 'Not found',
  visitorGets: 'A way back when a link is old.',
  doNext: 'Nothing.',
  fields: { heading: heading(), text: passage() },
});
