import { anything, heading } from '../field';
import { aboutSection } from '../kind';

export const markup = aboutSection({
  kind: 'markup',
  label: 'Piece of markup',
  visitorGets: 'Something from outside, such as a programme or a board of dates.',
  doNext: 'Look at it on a phone too.',
  library: true,
  repeats: true,
  arrangements: [
    { id: 'framed', label: 'Framed' },
    { id: 'bare', label: 'Without a frame' },
  ],
  fields: {
    heading: heading({ ask: 'What it is' }),
    markup: anything({ ask: 'The markup. It is shown in a box of its own, without scripts.' }),
  },
});
