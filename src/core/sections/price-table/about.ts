import { heading, intro } from '../field';
import { aboutSection } from '../kind';

export const priceTable = aboutSection({
  kind: 'price-table',
  label: 'Price table',
  visitorGets: 'All prices at a glance, without opening each page.',
  doNext: 'Look whether the order of rows is the order of questions.',
  library: true,
  needs: 'goods',
  arrangements: [
    { id: 'table', label: 'One table' },
    { id: 'columns', label: 'Columns by category' },
  ],
  particular: ['Prices of the {goods}'],
  headings: ['What it costs', 'Prices', 'All prices', 'The price list', 'Prices at a glance', 'From price to price'],
  loud: 'Prices',
  fields: { heading: heading(), intro: intro() },
});
