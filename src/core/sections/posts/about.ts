import { anything, heading, items, title } from '../field';
import { aboutFixed } from '../kind';

export const posts = aboutFixed({
  kind: 'posts',
  label: 'Entries',
  visitorGets: 'What you wrote, newest first.',
  doNext: 'Write the first entry: what you did this week.',
  fields: {
    heading: heading(),
    entries: items(
      {
        title: title({ ask: 'A title', optional: true }),
        text: anything({ ask: 'The entry', optional: true, sets: 'prose' }),
      },
      true,
    ),
  },
});
