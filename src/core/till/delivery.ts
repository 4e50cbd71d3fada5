import type { DeliveryRate, DeliveryZone, TillRules } from './rules';

/** Where a parcel goes. */
export interface Destination {
  /** ISO 3166-1 alpha-2. */
  country: string;
  /** ISO 3166-2 without the country, or empty. */
  region?: string;
  postalCode?: string;
}

/** What is in it. */
export interface Parcel {
  grams: number;
  pieces: number;
  /** Minor units, after discount: of all goods of the order. */
  goods: number;
}

const plain = (code: string) => code.toUpperCase().replace(/[\s-]/g, '');

/**
 * Whether a postal code is one of a pattern: a beginning ("BT", "97"), or a stretch of beginnings of one length ("7000–7999"), as postal
 * tariffs name them. Spaces, hyphens within codes and case don't count.
 */
export function isPostalCodeIn(code: string, pattern: string): boolean {
  const asked = plain(code);
  const stretch = stretchOf(pattern);
  if (!asked) return false;
  if (!stretch) return asked.startsWith(plain(pattern));
  const start = asked.slice(0, stretch.from.length);
  return start.length === stretch.from.length && start >= stretch.from && start <= stretch.to;
}

/** The ends of a pattern that is a stretch. */
export function stretchOf(pattern: string): { from: string; to: string } | null {
  const [, from = '', to = ''] = /^\s*(\w+)\s*(?:–|\.\.|-)\s*(\w+)\s*$/.exec(pattern) ?? [];
  const ends = { from: plain(from), to: plain(to) };
  return ends.from && ends.from.length === ends.to.length && ends.from <= ends.to ? ends : null;
}

/** How closely a zone names a place, or -1: its postal codes say more than its regions, these more than the country. */
function closeness({ countries, regions, postal }: DeliveryZone, { country, region = '', postalCode = '' }: Destination): number {
  if (!countries.includes(country)) return countries.includes('*') ? 0 : -1;
  if (postal.length) return postal.some((pattern) => isPostalCodeIn(postalCode, pattern)) ? 3 : -1;
  if (regions.length) return regions.includes(region) ? 2 : -1;
  return 1;
}

/** The zone that names a place most closely; of two that do so alike, the first. */
export function zoneFor(rules: Pick<TillRules, 'zones'>, place: Destination): DeliveryZone | undefined {
  return rules.zones.reduce<{ zone?: DeliveryZone; close: number }>(
    (best, zone) => {
      const close = closeness(zone, place);
      return close > best.close ? { zone, close } : best;
    },
    { close: -1 },
  ).zone;
}

/** What a rate costs for a parcel, minor units. */
export function ratePrice({ price, freeFrom, steps, perPiece }: DeliveryRate, zone: DeliveryZone, parcel: Parcel): number {
  if (freeFrom !== null && parcel.goods >= freeFrom) return 0;
  const measure = steps && { weight: parcel.grams, sum: parcel.goods, pieces: parcel.pieces }[steps.by];
  const step = steps?.at.filter(({ from }) => from <= (measure ?? 0)).at(-1);
  return (step?.price ?? price) + perPiece * Math.max(0, parcel.pieces - 1) + zone.surcharge;
}

/** The rates that take a parcel to a place, with what they cost. */
export function ratesFor(
  rules: Pick<TillRules, 'zones'>,
  place: Destination,
  parcel: Parcel,
): { rate: DeliveryRate; price: number }[] {
  const zone = zoneFor(rules, place);
  if (!zone || zone.closed) return [];
  return zone.rates
    .filter(({ upTo }) => upTo === null || parcel.grams <= upTo)
    .map((rate) => ({ rate, price: ratePrice(rate, zone, parcel) }));
}

/** Whether two patterns have a postal code in common. */
export function doPatternsMeet(one: string, other: string): boolean {
  const ends = (pattern: string) => stretchOf(pattern) ?? { from: plain(pattern), to: plain(pattern) };
  const [a, b] = [ends(one), ends(other)];
  const length = Math.min(a.from.length, b.from.length);
  const cut = (text: string) => text.slice(0, length);
  return cut(a.from) <= cut(b.to) && cut(b.from) <= cut(a.to);
}

/** Whether two zones name a place equally closely, so that nobody could say which is meant. */
export function doZonesMeet(one: DeliveryZone, other: DeliveryZone): boolean {
  const country = one.countries.some((code) => other.countries.includes(code));
  if (!country) return false;
  if (one.postal.length && other.postal.length) return one.postal.some((a) => other.postal.some((b) => doPatternsMeet(a, b)));
  if (one.postal.length || other.postal.length) return false;
  if (one.regions.length && other.regions.length) return one.regions.some((region) => other.regions.includes(region));
  return one.regions.length === other.regions.length;
}
