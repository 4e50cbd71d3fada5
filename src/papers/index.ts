export { type Faces } from './sheet';
export { invoicePdf } from './invoice';
export { packingSlipPdf } from './slip';
export { giftCardPdf } from './giftCard';
