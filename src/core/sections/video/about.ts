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
  particular: ['{Goods}, to watch'],
  headings: ['To watch', 'Seen moving', 'The work, moving', 'A short film', 'Watch it done', 'Moving pictures'],
  fields: {
    heading: heading(),
    title: title({ ask: 'What the video shows' }),
    address: anything({ ask: 'Where it is: its web address', most: 400 }),
  },
});
