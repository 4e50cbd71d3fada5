import { heading, items, prose } from '../field';
import { aboutFixed } from '../kind';

export const rates = aboutFixed({
  kind: 'rates',
  label: 'Delivery and returns',
  visitorGets: 'What delivery costs, where to, and how to send things back.',
  doNext: 'Check the rates at the till.',
  fields: { heading: heading(), passages: items({ text: prose() }) },
});
