export { lookSearch, makeShop, type Shop } from './shop';
export { exceptionsOf, type Exceptions, type Tone } from './exceptions';
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
export { brandFiles, logoOf, markOf, markSource, rasterBytes, type Raster } from './brand';
export { markChoice, markHeights, nounsOf, openingArt, type MarkChoice } from './drawn';
export {
  artFile,
  offerOf,
  pictureAt,
  pictureFile,
  relativeAddresses,
  siteFiles,
  siteMap,
  type Addresses,
  type Draw,
  type HostData,
  type Offer,
  type PictureAt,
  type SearchEntry,
  type SiteFile,
  type Target,
} from './files';
export { looksFor, withDecisions, type LooksKind, type LooksWish } from './looks';
export { compareShops, type ShopDifference } from './compare';
export { buildReport, readingReport } from './report';
