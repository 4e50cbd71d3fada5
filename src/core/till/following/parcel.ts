import type { Following } from './following';

/** A thing: the seller sends it, in one parcel or in several, or hands it over to whoever comes for it. */
export const parcel: Following = { by: 'seller', travels: true, discounted: true, taxed: true, wants: null };
