import { defineRequest } from '../request';
import { rowActs } from '../rows';

/** Where a page stands among those that menu and footer name. */
export const pageOrder = defineRequest({
  kind: 'page-order',
  title: 'Among the pages',
  on: ['entry', 'footer-entry'],
  offers: rowActs,
});
