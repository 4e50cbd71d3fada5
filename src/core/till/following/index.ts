import { appointment } from './appointment';
import { download } from './download';
import type { Following, GoodsKind } from './following';
import { giftCard } from './giftCard';
import { parcel } from './parcel';

export type { Following, GoodsKind } from './following';
export { cardCode, cardLetters, cardShown, cardTyped } from './giftCard';
export { linkDays, linkTimes } from './download';

/** One for each kind of goods: leave one out and this is red. */
export const followings: Record<GoodsKind, Following> = {
  physical: parcel,
  download,
  'gift-card': giftCard,
  appointment,
};
