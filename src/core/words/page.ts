/** What the studio's page says of words itself. */
export { manners, type Manner } from './manners';
export { stockIn } from './stock';
