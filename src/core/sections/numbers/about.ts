import { counted, figure, heading, items } from '../field';
import { aboutSection } from '../kind';

/** Fewer numbers beside each other say nothing. */
export const fewestFigures = 3;

export const numbers = aboutSection({
  kind: 'numbers',
  label: 'Numbers',
  visitorGets: 'How much, how many, how long: what can be counted.',
  doNext: 'Count again once a year.',
  library: true,
  arrangements: [
    { id: 'row', label: 'In a row' },
    { id: 'ledger', label: 'In a column, figures right' },
  ],
  narrowest: 5,
  fields: {
    heading: heading(),
    figures: items({ figure: figure({ ask: 'A number' }), what: counted({ ask: 'What it counts' }) }),
  },
});
