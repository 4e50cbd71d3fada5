import { heading } from '../field';
import { aboutFixed } from '../kind';

export const cart = aboutFixed({
  kind: 'cart',
  label: 'Cart',
  visitorGets: 'What they chose, and what it comes to.',
  doNext: 'Buy something yourself.',
  fields: { heading: heading() },
});
