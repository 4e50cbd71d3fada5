import { defineRequest } from '../request';
import { rowActs } from '../rows';

/** Where a picture of the seller's own stands among the others of its section. */
export const pictureOrder = defineRequest({
  kind: 'picture-order',
  title: 'Among the pictures',
  on: ['own-picture'],
  offers: rowActs,
});
