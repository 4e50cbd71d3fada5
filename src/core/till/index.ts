export * from './money';
export * from './rules';
export * from './bill';
export { allCurrencies, currencyName, isCurrency, minorDigits } from './currencies';
export { currenciesOf, minorSigns, signAt } from './signs';
export { isFormOf, isNameOfMoney, isShortForMoney, namesIn, namesOfMoney } from './names';
export { explainBill, type Working } from './explain';
export {
  actorSchema,
  bookedOrderSchema,
  orderFileSchema,
  orderMoves,
  orderRequestSchema,
  orderSchema,
  type Actor,
  type BookedOrder,
  type Books,
  type Order,
  type OrderFile,
  type OrderRequest,
  type OrderState,
} from './order';
export { hostDataSchema, tillRulesSchema, type HostData } from './published';
export { makeOrder, priceLines, type PriceList, type PriceListEntry } from './sell';
