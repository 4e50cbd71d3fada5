import { heading, intro, link } from '../field';
import { aboutSection } from '../kind';

export const featured = aboutSection({
  kind: 'featured',
  label: 'Featured goods',
  visitorGets: 'Real things with prices, one click from the cart.',
  doNext: 'Put your best seller first in the list.',
  library: true,
  needs: 'goods',
  arrangements: [
    { id: 'shelf', label: 'On a shelf' },
    { id: 'row', label: 'In one row to slide' },
  ],
  narrowest: 8,
  fields: { heading: heading(), intro: intro(), link: link() },
});
