import { heading } from '../field';
import { aboutFixed } from '../kind';

export const checkout = aboutFixed({
  kind: 'checkout',
  label: 'Checkout',
  visitorGets: 'One page from cart to paid.',
  doNext: 'Buy something yourself.',
  fields: { heading: heading() },
});
