export {
  goodsSchema,
  problemSchema,
  productSchema,
  variantSchema,
  type Goods,
  type KeptList,
  type Problem,
  type Product,
  type ProductKind,
  type TaxClass,
  type Variant,
} from '../goods/about';
export { pictureSchema, type Picture } from '../pictures/about';
export { newKeptProject, newProject, valueAt, withWishes, type AnyList, type KeptProject, type Project } from './project';
export {
  change,
  fold,
  merged,
  projectAt,
  setsFor,
  startStory,
  takeIn,
  tellStory,
  wishesTo,
  withNext,
  type Change,
  type Clash,
  type KeptStory,
  type Log,
  type SetAt,
  type Stamp,
  type Standing,
  type Story,
  type VersionName,
} from './log';
export {
  goBackTo,
  nameVersion,
  nextRedo,
  nextUndo,
  redo,
  sayChange,
  saysOf,
  standsOn,
  takenBack,
  takeOut,
  undo,
  versionsOf,
} from './undo';
export { currentVersion, documentOf, readChanges, readDecisions, readKeptChanges, readKeptProject, readProject } from './read';
export { formerPosition, fromFormer, type FormerPosition } from './former';
export { reanchor, type Anchor, type Anchoring } from './anchor';
export { sameValue } from './same';
export { openKeys, ownerSchema, sealedKeysSchema, sealKeys, shortestPassphrase, type Owner, type SealedKeys } from './keyring';
export { hashesOf, sourcesOf, isSafePath, pack, readProjectFile, unpack, writeProjectFile, type ProjectFile } from './archive';
