import type { Following, FollowingSays } from './following';

/** A thing: the seller sends it, in one parcel or in several, or hands it over to whoever comes for it. */
export const parcel: Following = {
  by: 'seller',
  travels: true,
  discounted: true,
  taxed: true,
  wants: null,
  makes: null,
  isOver: ({ left }) => left === 0,
};

export const parcelSays: FollowingSays = {
  name: 'A thing that is sent or fetched',
  says: 'Once it is paid, you send it, in one parcel or in several, or the buyer comes for it.',
};
