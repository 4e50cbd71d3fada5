export * from './money';
export * from './rules';
export * from './bill';
export { allCurrencies, currencyName, isCurrency, minorDigits } from './currencies';
export { currenciesOf, minorSigns, signAt } from './signs';
export { isFormOf, isNameOfMoney, isShortForMoney, namesIn, namesOfMoney } from './names';
export { explainBill, type Working } from './explain';
export { orderFileSchema, orderRequestSchema, orderSchema, type Order, type OrderFile, type OrderRequest } from './order';
export { makeOrder, priceLines, type PriceList, type PriceListEntry } from './sell';
