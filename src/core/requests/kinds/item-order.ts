import { defineRequest } from '../request';
import { rowActs } from '../rows';

/** Where an item stands among the others of its list. */
export const itemOrder = defineRequest({
  kind: 'item-order',
  title: 'Among the others',
  on: ['item'],
  offers: rowActs,
});
