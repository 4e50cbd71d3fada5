import type { Following } from './following';

/** A lesson, a fitting, a visit: its time is to be agreed between the seller and the buyer. */
export const appointment: Following = { by: 'seller', travels: false, discounted: true, taxed: true, wants: null };
