import { heading, intro } from '../field';
import { aboutFixed } from '../kind';

export const listing = aboutFixed({
  kind: 'listing',
  label: 'Goods',
  visitorGets: 'Everything on this shelf, sorted as they like.',
  doNext: 'Look whether the first six make you want to go on.',
  fields: { heading: heading(), intro: intro() },
});
