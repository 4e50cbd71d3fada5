export { facesIn, type Faces } from './faces';
export { invoicePdf } from './invoice';
export { packingSlipPdf } from './slip';
export { giftCardPdf } from './giftCard';
