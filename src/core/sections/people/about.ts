import { heading, items, name, passage } from '../field';
import { aboutSection } from '../kind';

export const people = aboutSection({
  kind: 'people',
  label: 'People',
  visitorGets: 'Names, so that buyers know whom they write to.',
  doNext: 'Say in one line what each of you does.',
  library: true,
  arrangements: [
    { id: 'list', label: 'Names in a list' },
    { id: 'pair', label: 'Side by side' },
  ],
  narrowest: 6,
  fields: {
    heading: heading(),
    people: items(
      {
        name: name({ ask: 'A name' }),
        text: passage({ ask: 'What this person does, in one line', optional: true }),
      },
      true,
    ),
  },
});
