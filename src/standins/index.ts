export { addresses, addressesFrom, type Addresses } from './addresses';
export { bytesOf, jsonOf, most, textOf } from './body';
export { Rate } from './rate';
export {
  bringBack,
  hear,
  hostData,
  isPage,
  mayOpen,
  mayRead,
  publish,
  recover,
  serve,
  status,
  tillOf,
  type Release,
} from './host/host';
export { HostTill, minutesToPay, type Placed, type Provider } from './host/till';
export { hmac, minutesHeard, open, sign, type PaymentMessage, type SignedMessage } from './payment/message';
export {
  askFor,
  confirm,
  findIntent,
  giveBack,
  hasRightCheckDigit,
  letGo,
  messageOf,
  messagesOn,
  payWith,
  testCards,
  type Intent,
} from './payment/payment';
export { payPage } from './payment/page';
