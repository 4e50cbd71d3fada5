export { openSource, openText } from './source/open';
export { noMapping, readList, withMended, type Mapping, type Proposal } from './proposal';
export { importGoods, importSource, importText, type ImportedGoods } from './import';
export { newProduct, type Typed } from './byHand';
export { continueGoods, continueList, type SaidSame } from './identity';
export { changesOf, type CellChange, type ChangedField, type ListChanges, type Named } from './changes';
export { parsePrice } from './price';
export { decodeText } from './decode';
export { columnKeys, isUnheaded, toldOf } from './columns/keys';
export {
  largestCategory,
  decidedGoods,
  inDigits,
  inside,
  isForSale,
  makeCatalogue,
  ownProducts,
  priceListOf,
  besideOf,
  shelfBeside,
  shelfOf,
  topOf,
  priceRange,
  pricesOf,
  stockOf,
  variantTitle,
  type Catalogue,
  type PriceRange,
  type Category,
} from './catalogue';
export { shelfParts, shelfPath } from './shelves';
export { matchPictures, type KnownBy, type MatchedPictures } from './pictures';
export { type ListHints } from './rows/currency';
export { isBlankRow, mostRows, textOf, type Grid, type Source } from './source/grid';
export { listReport, readMapping } from './report';
export { catalogueFile } from './table';
export { catalogueForms, type CatalogueForm } from './forms';
export { mappingOf } from './mapping';
