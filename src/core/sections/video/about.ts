import { anything, heading, title } from '../field';
import { aboutSection } from '../kind';

export const video = aboutSection({
  kind: 'video',
  label: 'Video',
  visitorGets: 'The work, moving.',
  doNext: 'Keep it under a minute.',
  library: true,
  pictures: 1,
  arrangements: [
    { id: 'plate', label: 'A picture that leads to it' },
    { id: 'line', label: 'A line of text' },
  ],
  narrowest: 5,
  fields: {
    heading: heading(),
    title: title({ ask: 'What the video shows' }),
    address: anything({ ask: 'Where it is: its web address, or the markup for showing it elsewhere', most: 2000 }),
  },
});
