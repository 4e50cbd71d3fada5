export { lookSearch, makeShop, Workshop, type SetAside, type Shop } from './shop';
export { exceptionsOf, type Exceptions, type Standing, type StandingOf } from './exceptions';
export {
  leadAt,
  leadsOf,
  linksTo,
  pictureField,
  pieceOf,
  textLeadsOf,
  whyLost,
  type Leads,
  type LedTo,
  type LinkTo,
} from './leads';
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
export { namedAddress, type OutsideLink } from './links';
export { structuredData } from './structured';
export { brandFiles, logoOf, markOf, markSource, rasterBytes, type Raster } from './brand';
export { nounsOf, openingArt } from './drawn';
export { markChoice, markHeights, type MarkChoice } from './markChoice';
export {
  artFile,
  filePath,
  offerOf,
  pictureAt,
  pictureFile,
  relativeAddresses,
  siteFiles,
  siteMap,
  type Addresses,
  type Draw,
  type Offer,
  type PictureAt,
  type SearchEntry,
  type SiteFile,
  type Target,
} from './files';
export { arrangementNow, looksFor, type LooksKind, type LooksWish } from './looks';
export { namesIn, placesOf, type PlaceNow } from './places';
export { lookChanges, lookOf } from './follows';
export { saidElsewhere, textAt, textsOn, type PlacedText } from './texts';
export { withMoves } from './anchoring';
export { settlePositions } from './settle';
export { compareShops, type ShopDifference } from './compare';
export { bothChanged, type BothChanged } from './both';
export { buildReport, readingReport } from './report';
export { amountsIn, saidOfDelivery, saidOfPrices, type SaidOfDelivery } from './saidAtTill';
