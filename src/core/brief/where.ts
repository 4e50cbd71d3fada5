import { placesNamed, type Place } from '../lexicon';

/** What a name is in the gazetteer: its first part, in the country that the other parts agree on. */
export function locate(name: string): Place | null {
  const parts = name.split(/,\s*/).map((part) => part.replace(/^the\s/i, ''));
  const known = parts.map((part) => placesNamed(part));
  const elsewhere = known.slice(1).flatMap((places) => places.map((place) => place.country));
  const first = known[0] ?? [];
  return first.find((place) => elsewhere.includes(place.country)) ?? known.slice(1).flat()[0] ?? first[0] ?? null;
}
