export {
  contrastRatio,
  difference,
  differenceToAll,
  hexOf,
  hueDistance,
  lchOf,
  readable,
  seenWithout,
  textContrast,
} from './colour';
export {
  contrastPairs,
  isLike,
  leastApart,
  neutralOf,
  makePalette,
  coloursOf,
  hasThird,
  paletteDistance,
  type ContrastPair,
  type Palette,
  type PaletteWish,
} from './palette';
export { harmonies, isBright, schemes, type Scheme } from './schemes';
export { advance, faceById, faces, genericOf, runLength, standInFor, subsetsFor, type Face, type StandIn } from './faces';
export { type Measures, type Subset } from './measures';
export { faceDistance, headingFaces, scorePair, suggestPairs, textFaces, type Pair } from './pairs';
export { bestLine, fluid, lineHeightAt, makeScale, trackingAt, type TypeScale, type TypeStep } from './type';
export {
  bands,
  bandsOf,
  families,
  familiesFor,
  familyById,
  familyDistance,
  familyFit,
  type Band,
  type Choices,
  type Family,
  type Occasion,
  type ProductForm,
  type ProductPart,
  type Shape,
} from './families';
export { geneWishes, mixOf, partPlaces, parts, styleDistance, treatments, withoutPart, type Genes } from './genes';
export * from './about';
export { makeLook, occasionOf, type Look, type LookSource, type Origin } from './look';
export { candidates, startAgain, vary, type Candidate, type Search } from './candidates';
export { quickPairs, quickPalettes, type QuickPalette } from './quick';
export { takingsFrom, type Taking } from './fromPicture';
export { readTokens, writeTokens, type ReadTokens } from './tokenFile';
