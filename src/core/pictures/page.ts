/** What the studio's page says of pictures itself. */
export { enoughPixels } from './screens';
export {
  corneredFrame,
  corners,
  framePixels,
  isAll,
  movedFrame,
  shapedFrame,
  wholeFrame,
  type Corner,
  type Frame,
} from './frame';
export { fieldFor, isCompact } from './logo';
