import { heading, items, prose } from '../field';
import { aboutFixed } from '../kind';

export const article = aboutFixed({
  kind: 'article',
  label: 'Text',
  visitorGets: 'The whole story, as you told it.',
  doNext: 'Read it once as a stranger would.',
  pictures: 1,
  fields: {
    heading: heading(),
    passages: items({ text: prose({ ask: 'Who is behind this shop? Three sentences are enough.' }) }),
  },
});
