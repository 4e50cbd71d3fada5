import { about, heading, items } from '../field';
import { aboutSection } from '../kind';

export const freeText = aboutSection({
  kind: 'free-text',
  label: 'Text',
  visitorGets: 'Whatever you want to tell.',
  doNext: 'Cut it to half, then look whether anything is missing.',
  library: true,
  repeats: true,
  pictures: 1,
  resizes: ['small', 'smaller'],
  arrangements: [
    { id: 'plain', label: 'A column' },
    { id: 'set-off', label: 'Set off from the rest' },
  ],
  fields: {
    heading: heading({ ask: 'A heading' }),
    passages: items({ text: about({ ask: 'Your text', words: [1, 70] }) }),
  },
});
