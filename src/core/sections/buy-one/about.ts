import { about, button, heading } from '../field';
import { aboutSection } from '../kind';

export const buyOne = aboutSection({
  kind: 'buy-one',
  label: 'One thing to buy',
  visitorGets: 'Your one thing, with its price and the button.',
  doNext: 'Show it in use in its first picture.',
  library: true,
  needs: 'goods',
  arrangements: [
    { id: 'beside', label: 'Picture beside words' },
    { id: 'under', label: 'Picture above words' },
  ],
  narrowest: 6,
  fields: { heading: heading(), text: about({ words: [1, 70], sets: 'marked' }), button: button() },
});
