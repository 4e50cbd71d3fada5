export { bringBack, hostData, isPage, mayRead, publish, serve, status, tillOf, type Release } from './host/host';
export { HostTill, minutesToPay, type Placed } from './host/till';
export { askFor, confirm, findIntent, hasRightCheckDigit, payWith, testCards, type Intent } from './payment/payment';
export { payPage } from './payment/page';
