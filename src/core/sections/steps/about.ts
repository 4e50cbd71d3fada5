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
  particular: ['How {I} make the {goods}'],
  headings: ['How it is made', 'Step by step', 'What happens', 'In this order', 'From start to end', 'The way it goes'],
  loud: 'Step by step',
  fields: { heading: heading(), steps: items({ step: step({ ask: 'What happens first?' }) }) },
});
