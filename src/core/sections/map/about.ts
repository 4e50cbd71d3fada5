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
  particular: ['{name}, {place}', 'In {place}'],
  headings: ['Where {I} {am}', 'How to find {me}', 'On the map', 'The way here', 'Here', 'Around here'],
  loud: 'Here',
  fields: { heading: heading(), address: anything({ most: 400 }) },
});
