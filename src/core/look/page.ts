/** What the studio's page computes itself of looks: names, figures and files. Nothing that searches or mixes is behind it. */
export * from './about';
export { contrastRatio, differenceToAll, readable } from './colour';
export { contrastPairs, hasThird } from './palette';
export { faceById, faces, genericOf } from './faces';
export { bands, bandsOf, families, familyById } from './families';
export { geneWishes, mixOf, partPlaces, parts, treatments } from './genes';
export { headingFaces, textFaces } from './pairs';
export { harmonies, schemes } from './schemes';
export { type Taking } from './fromPicture';
export { readTokens } from './tokenFile';
export { bestLine } from './type';
