import type { Order } from './order';

/** Where an order goes, as on an envelope, without name and country. */
export const addressOf = ({ street, postcode, place, region }: Order['buyer']): string[] =>
  [street, [`${postcode} ${place}`.trim(), region].filter(Boolean).join(', ')].filter(Boolean);
