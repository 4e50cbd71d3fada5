export * from './money';
export * from './rules';
export { makeBill, type Bill, type BillLine, type Purchase } from './bill';
export { type TaxLine } from './tax';
export { doZonesMeet, isPostalCodeIn, ratesFor, zoneFor } from './delivery';
export { codeKey, codesIn, type DiscountRefusal, type Used } from './discounts';
export { type RoundingMode, type RoundingUnit } from './rounding';
export { allCurrencies, currencyName, hasSmallUnit, isCurrency, minorDigits } from './currencies';
export { currenciesOf, minorSigns, signAt } from './signs';
export { isFormOf, isNameOfMoney, isShortForMoney, namesIn, namesOfMoney } from './names';
export { quote, quoteRequestSchema, type Quote, type QuoteRequest } from './quote';
export { refundOf, refundPartsOf, refundSchema, type Refund, type Refunded } from './refund';
export { orderRows } from './orderRows';
export { stepSchema, stepsOf, type Step } from './explain';
export { totalsOf, typicalBuyers, type TypicalBuyer } from './typical';
export { addressOf } from './envelope';
export {
  actorSchema,
  bookedOrderSchema,
  orderFileSchema,
  orderMoves,
  orderRequestSchema,
  orderSchema,
  piecesSchema,
  type Actor,
  type BookedOrder,
  type Books,
  type Order,
  type OrderFile,
  type OrderRequest,
  type OrderState,
  type OrderView,
} from './order';
export {
  cardCode,
  cardLetters,
  cardShown,
  cardTyped,
  dateOfTurn,
  daysUntil,
  followings,
  followingsSay,
  linkDays,
  linkTimes,
  reminderDays,
  turnBy,
  type Following,
  type GoodsKind,
} from './following';
export { creditNoteOf, invoiceOf, isInvoiced, paperSchema, type GivenBack, type Paper, type Rated } from './paper';
export { dayIn, letterSlots, wordsOf, writeLetter, type Letter, type LetterMatter } from './letters';
export { customersOf, figuresOf, type Customer, type Figures, type Grain } from './figures';
export { ublOf } from './ubl';
export { hostDataSchema, ruleFileSchema, tillRulesSchema, type HostData } from './published';
export { countryOfTaxNumber } from './taxNumber';
export { taxStart, zoneStarts, type ZoneStart } from './starts';
export { areaPlaces, standardRateOf, taxTableAsOf } from './taxTable';
export { makeOrder, priceLines, type PriceList, type PriceListEntry } from './sell';
