import type { Following, FollowingSays } from './following';

/** A lesson, a fitting, a visit: its time is to be agreed between the seller and the buyer. */
export const appointment: Following = {
  by: 'seller',
  travels: false,
  discounted: true,
  taxed: true,
  wants: null,
  makes: null,
  isOver: ({ isAgreed }) => isAgreed,
};

export const appointmentSays: FollowingSays = {
  name: 'A lesson or a visit',
  says: 'Once it is paid, you agree on a time with the buyer and write it at “Orders”.',
};
