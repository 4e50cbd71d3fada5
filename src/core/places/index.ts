export {
  clear,
  definePlace,
  propose,
  set,
  type Address,
  type Names,
  type Place,
  type PlaceFamily,
  type Value,
  type Wish,
} from './place';
export {
  areaOf,
  locate,
  parseAt,
  placeKinds,
  plainNames,
  sayAt,
  sayNow,
  whyNot,
  whyNotAt,
  type Located,
  type Misfit,
} from './registry';
export { Decided, Reads, type DecidedAt, type Decisions } from './decided';
export * as given from './given';
export { longestBrief } from './given';
export { asked, corrections, correctionOf, isCorrectable, mayPrint, type CorrectedFact } from './reading';
export * as lookPlaces from './look';
export * as planPlaces from './plan';
export * as tillPlaces from './till';
export { listAnswer, listCell, listColumn, listName, longestName, shelfRefused } from './list';
export { givenAway } from './files';
export { linkPlaces, outsideLinks } from './links';
export { goodsFirst, mostFirst, ownProduct, productHidden, productPlaces, variantPlaces } from './goods';
export {
  fieldAt,
  fieldOfText,
  leadsOn,
  leadsTo,
  onItem,
  pictureLeadsTo,
  sayLead,
  standsAt,
  textPlace,
  writeText,
  writtenTexts,
} from './words';
export { shortened, shown } from './says';
