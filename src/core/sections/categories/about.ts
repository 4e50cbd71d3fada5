import { heading } from '../field';
import { aboutSection } from '../kind';

export const categories = aboutSection({
  kind: 'categories',
  label: 'Categories',
  visitorGets: 'The way to the right shelf without searching.',
  doNext: 'Rename categories in your list to words that buyers use.',
  library: true,
  needs: 'categories in your list',
  arrangements: [
    { id: 'list', label: 'Names in a list' },
    { id: 'pictures', label: 'With pictures' },
  ],
  narrowest: 5,
  fields: { heading: heading() },
});
