import { anything, heading, title } from '../field';
import { aboutSection } from '../kind';

export const video = aboutSection({
  kind: 'video',
  label: 'Video',
  visitorGets: 'The work, moving.',
  doNext: 'Keep it under a minute.',
  library: true,
  arrangements: [
    { id: 'plate', label: 'A picture that leads to it' },
    { id: 'line', label: 'A line of text' },
  ],
  fields: {
    heading: heading(),
    title: title({ ask: 'What the video shows' }),
    address: anything({ ask: 'Where it is: its web address', most: 400 }),
  },
});
