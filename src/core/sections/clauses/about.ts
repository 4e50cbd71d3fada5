import { heading, items, prose } from '../field';
import { aboutFixed } from '../kind';

export const clauses = aboutFixed({
  kind: 'clauses',
  label: 'Clauses',
  visitorGets: 'What they agree to.',
  doNext: 'Have someone who knows your country’s law read it.',
  fields: { heading: heading(), clauses: items({ text: prose({ most: 4000 }) }) },
});
