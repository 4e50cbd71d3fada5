import { heading } from '../field';
import { aboutFixed } from '../kind';

export const thanks = aboutFixed({
  kind: 'thanks',
  label: 'Thank you',
  visitorGets: 'The order’s number and what happens now.',
  doNext: 'Buy something yourself.',
  fields: { heading: heading() },
});
