import { button, heading, note, passage } from '../field';
import { aboutSection } from '../kind';

export const newsletter = aboutSection({
  kind: 'newsletter',
  label: 'Newsletter',
  visitorGets: 'Word from you, if they want it.',
  doNext: 'Say how often you write, and keep to it.',
  library: true,
  needs: 'an e-mail address in the brief',
  arrangements: [
    { id: 'band', label: 'A band across' },
    { id: 'column', label: 'In the column' },
  ],
  fields: {
    heading: heading(),
    text: passage({ ask: 'What do you write about, and how often?', optional: true }),
    note: note(),
    button: button(),
  },
});
