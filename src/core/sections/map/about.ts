import { anything, heading } from '../field';
import { aboutSection } from '../kind';

export const map = aboutSection({
  kind: 'map',
  label: 'Map',
  visitorGets: 'Where you are, seen from the towns around.',
  doNext: 'Stand at your door and check the words against what you see.',
  library: true,
  needs: 'a place in the brief',
  arrangements: [
    { id: 'beside', label: 'Beside the address' },
    { id: 'wide', label: 'Across the page' },
  ],
  narrowest: 5,
  fields: { heading: heading(), address: anything({ most: 400, sets: 'line' }) },
});
