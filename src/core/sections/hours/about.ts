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
  fields: { heading: heading(), openings: items({ days: days({ ask: 'Days' }), hours: time({ ask: 'Hours' }) }) },
});
