export { hashBytes, largestPicture, missingPictures, readPicture } from './read';
export {
  artKinds,
  drawMotif,
  makePicture,
  motifs,
  motifsFor,
  type ArtKind,
  type ArtWish,
  type MadePicture,
  type Motif,
} from './art';
export { canSet, outlinesOf, provideOutlines, setLine, type Outlines, type SetLine } from './outlines';
export {
  cardFile,
  drawMark,
  iconFile,
  initials,
  markFile,
  markKinds,
  markOptions,
  smallMark,
  type Drawn,
  type Mark,
  type MarkSource,
} from './marks';
export { rasterize, startRaster } from './raster';
