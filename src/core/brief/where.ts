import { placesCalled, type Place } from '../lexicon';

const nowhere: ReadonlySet<string> = new Set();

/**
 * What a name is in the gazetteer: its first part, in the country that the other parts agree on.
 * @param outside countries that it is not in
 */
export function locate(name: string, outside = nowhere): Place | null {
  const parts = name.split(/,\s*/).map((part) => part.replace(/^the\s/i, ''));
  const known = parts.map((part) => placesCalled(part).filter(({ country }) => !outside.has(country)));
  const elsewhere = known.slice(1).flatMap((places) => places.map((place) => place.country));
  const first = known[0] ?? [];
  return first.find((place) => elsewhere.includes(place.country)) ?? known.slice(1).flat()[0] ?? first[0] ?? null;
}
