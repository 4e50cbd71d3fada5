/** What a site is to bring. */
export const goalIds = ['sell', 'bookings', 'enquiries', 'visits', 'subscribers', 'known'] as const;
export type Goal = (typeof goalIds)[number];

/** How far parcels go: the town, the country, some other countries, a part of the world, everywhere. */
export const reachIds = ['local', 'country', 'abroad', 'region', 'world'] as const;
export type Reach = (typeof reachIds)[number];

/** Whether what is sold is of the seller's own making. */
export const originIds = ['own', 'resold', 'both'] as const;
export type Origin = (typeof originIds)[number];

export { type Fact, type Source } from './fact';
