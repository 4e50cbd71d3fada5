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
  narrowest: 12,
  fields: { heading: heading(), intro: intro() },
});
