export { addresses, addressesFrom, type Addresses } from './addresses';
export { partOf } from './part';
export { bytesOf, jsonOf, most, textOf } from './body';
export { Rate } from './rate';
export {
  bringBack,
  fetchFile,
  hear,
  hostData,
  isPage,
  movedTo,
  mayOpen,
  mayRead,
  outboxOf,
  publish,
  recover,
  serve,
  status,
  tillOf,
  type Release,
} from './host/host';
export { HostTill, minutesToPay, type Office, type Placed, type Provider } from './host/till';
export { Outbox, type Sent } from './host/outbox';
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
  secondsLater,
  testCards,
  type Intent,
} from './payment/payment';
export { payPage } from './payment/page';
