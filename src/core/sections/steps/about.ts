import { heading, items, step } from '../field';
import { aboutSection } from '../kind';

export const steps = aboutSection({
  kind: 'steps',
  label: 'Steps',
  visitorGets: 'What happens, in which order.',
  doNext: 'Read it as someone who has never ordered this.',
  library: true,
  arrangements: [
    { id: 'row', label: 'In a row' },
    { id: 'ladder', label: 'One under the other' },
  ],
  narrowest: 5,
  fields: { heading: heading(), steps: items({ step: step({ ask: 'What happens first?' }) }) },
});
