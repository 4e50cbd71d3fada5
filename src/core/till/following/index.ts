import { appointment, appointmentSays } from './appointment';
import { download, downloadSays } from './download';
import type { Following, FollowingSays, GoodsKind } from './following';
import { giftCard, giftCardSays } from './giftCard';
import { parcel, parcelSays } from './parcel';
import { repeat, repeatSays } from './repeat';

export type { Following, GoodsKind } from './following';
export { cardCode, cardLetters, cardShown, cardTyped } from './giftCard';
export { linkDays, linkTimes } from './download';
export { dateOfTurn, daysUntil, reminderDays, turnBy } from './repeat';

/** One for each kind of goods: leave one out and this is red. */
export const followings: Record<GoodsKind, Following> = {
  physical: parcel,
  repeat,
  download,
  'gift-card': giftCard,
  appointment,
};

export const followingsSay: Record<GoodsKind, FollowingSays> = {
  physical: parcelSays,
  repeat: repeatSays,
  download: downloadSays,
  'gift-card': giftCardSays,
  appointment: appointmentSays,
};
