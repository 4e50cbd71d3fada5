import { days, heading, hours as time, items } from '../field';
import { aboutSection } from '../kind';

export const hours = aboutSection({
  kind: 'hours',
  label: 'Opening hours',
  visitorGets: 'When the door is open.',
  doNext: 'Change them here before a holiday.',
  library: true,
  arrangements: [
    { id: 'table', label: 'A table' },
    { id: 'line', label: 'One line' },
  ],
  particular: ['Open in {place}'],
  headings: ['Open', 'Opening hours', 'When the door is open', 'Hours', 'Come by', 'When to come'],
  fields: { heading: heading(), openings: items({ days: days({ ask: 'Days' }), hours: time({ ask: 'Hours' }) }) },
});
