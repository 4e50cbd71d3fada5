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
export { harmonies, isBright, schemes, type HarmonyId, type Scheme } from './schemes';
export { advance, faceById, faces, genericOf, runLength, standInFor, subsetsFor, type Face, type StandIn } from './faces';
export { type Measures, type Subset } from './measures';
export { faceDistance, headingFaces, scorePair, suggestPairs, textFaces, type Pair } from './pairs';
export { bestLine, fluid, lineHeightAt, makeScale, trackingAt, type TypeScale, type TypeStep } from './type';
export {
  bands,
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
  type Treatment,
} from './families';
export { geneDecisions, partPlaces, parts, styleDistance, treatments, type Genes, type Part } from './genes';
export { makeLook, occasionOf, type Look, type LookSource, type Origin } from './look';
export { candidates, startAgain, vary, type Candidate, type Search } from './candidates';
export { quickPairs, quickPalettes, type QuickPalette } from './quick';
export { readTokens, writeTokens, type ReadTokens } from './tokenFile';
