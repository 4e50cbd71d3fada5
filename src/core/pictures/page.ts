/** What the studio's page says of pictures itself. */
export { enoughPixels } from './screens';
export { fieldFor, isCompact } from './logo';
