import { heading } from '../field';
import { aboutSection } from '../kind';

export const gallery = aboutSection({
  kind: 'gallery',
  label: 'Gallery',
  visitorGets: 'What your things look like, before any words.',
  doNext: 'Leave out every picture that is only nearly good.',
  library: true,
  needs: 'pictures',
  pictures: 24,
  arrangements: [
    { id: 'wall', label: 'A wall of pictures' },
    { id: 'walk', label: 'In a row to walk along' },
  ],
  narrowest: 6,
  fields: { heading: heading() },
});
