import { about } from '../field';
import { aboutFixed } from '../kind';

export const product = aboutFixed({
  kind: 'product',
  label: 'Product',
  visitorGets: 'Pictures, price, choice, stock, and the button.',
  doNext: 'Give it a description of its own in the list.',
  fields: { about: about() },
});
