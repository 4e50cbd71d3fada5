export { importGoods, importText, mostRows, type ImportedGoods } from './import';
export { currencyInPrice, decimalMarkOf, parsePrice } from './price';
export { decodeText } from './decode';
export { readColumns } from './columns';
export {
  largestCategory,
  decidedGoods,
  makeCatalogue,
  priceListOf,
  priceRange,
  stockOf,
  variantTitle,
  type Catalogue,
  type Category,
} from './catalogue';
