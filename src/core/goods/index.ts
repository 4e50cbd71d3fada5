export { openSource, openText } from './source/open';
export { noMapping, readList, type Mapping, type Proposal } from './proposal';
export { importGoods, importSource, importText, type ImportedGoods } from './import';
export { withKnownIds } from './identity';
export { parsePrice } from './price';
export { decodeText } from './decode';
export {
  largestCategory,
  decidedGoods,
  isForSale,
  makeCatalogue,
  priceListOf,
  priceRange,
  pricesOf,
  stockOf,
  variantTitle,
  type Catalogue,
  type Category,
} from './catalogue';
export { type MoneyHints } from './rows/currency';
export { mostRows, type Source } from './source/grid';
export { listReport, readMapping } from './report';
export { csvOf, tableOf, xlsxOf } from './table';
export { mappingOf } from './mapping';
