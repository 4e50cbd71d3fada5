export { contrastRatio, difference, hexOf, hueDistance, lchOf, readable, textContrast } from './colour';
export { contrastPairs, makePalette, type Palette, type PaletteWish } from './palette';
export { advance, faceById, faces, fallbackOf, type Face } from './faces';
export { fluid, lineHeightAt, makeScale, trackingAt, type TypeScale, type TypeStep } from './type';
export { families, familiesFor, familyById, familyDistance, type Family } from './families';
export { makeLook, type Look } from './look';
