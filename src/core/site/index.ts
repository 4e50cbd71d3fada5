export { lookSearch, makeShop, type Shop } from './shop';
export { type Exceptions, type Tone } from './exceptions';
export {
  firstView,
  isShelf,
  pageAt,
  perStretch,
  shelfOrders,
  shelfProducts,
  sortProducts,
  stretches,
  viewPath,
  viewsOf,
  type ShelfOrder,
  type View,
} from './views';
export { structuredData } from './structured';
export { brandFiles, markOf, markSource, nounsOf, openingArt, type MarkChoice, type Raster } from './brand';
export {
  artFile,
  offerOf,
  pictureFile,
  relativeAddresses,
  siteFiles,
  siteMap,
  type Addresses,
  type Draw,
  type HostData,
  type Offer,
  type SearchEntry,
  type SiteFile,
  type Target,
} from './files';
export { compareShops, type ShopDifference } from './compare';
export { buildReport, readingReport } from './report';
