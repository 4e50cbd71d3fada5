import { anything, heading } from '../field';
import { aboutSection } from '../kind';

export const posted = aboutSection({
  kind: 'posted',
  label: 'Pictures posted elsewhere',
  visitorGets: 'Proof that there is life behind the shop, and a place to follow it.',
  doNext: 'Post one picture a week there, or take this out.',
  library: true,
  pictures: 12,
  arrangements: [
    { id: 'strip', label: 'A strip' },
    { id: 'corner', label: 'Beside its link' },
  ],
  narrowest: 6,
  fields: { heading: heading(), address: anything({ ask: 'Where do you post? Write the address.', most: 400 }) },
});
