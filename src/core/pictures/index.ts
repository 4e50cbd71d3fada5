export { hashBytes, largestPicture, missingPictures, readPicture } from './read';
export {
  artKinds,
  artKindsFor,
  drawMotif,
  makePicture,
  motifs,
  motifOf,
  motifsFor,
  type ArtKind,
  type ArtWish,
  type MadePicture,
  type Motif,
  type Named,
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
export { dataUri, embedLogo, fieldFor, isCompact, logoDrawn, logoGround, seenOn } from './logo';
export { rasterize, provideRaster } from './raster';
export { cropPicture, uncut } from './crop';
export { isAnimated, keepPicture, type Codec, type Kept } from './keep';
export { enoughPixels, screenWidths } from './screens';
export { coloursOf, cropKeeps, cutOut, plainGround, rimOf, subjectOf, type Box, type Pixels, type Spot } from './pixels';
export { styleOf, type PictureStyle } from './style';
export { cleanSvg } from './svg';
