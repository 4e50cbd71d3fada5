import { lineOf, once, unpack } from './packed';
import { packedPlaces } from './places.generated';

/** A town, region or country of the gazetteer. */
export interface Place {
  name: string;
  /** ISO 3166-1 alpha-2. */
  country: string;
  /** Power of ten of its inhabitants; 5 where they were not counted. */
  size: number;
  /** Degrees, where known. */
  longitude: number | null;
  latitude: number | null;
}

const lines = once(() => unpack(packedPlaces).split('\n'));

/** Places are found without their accents and capitals: "Malmo" is Malmö. */
const plainName = (name: string): string =>
  name
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/^st\.? /, 'saint ')
    .replace(/[’',;|]/g, '');

/** All places of a name, the largest first. */
export function placesNamed(name: string): Place[] {
  const line = lineOf(lines(), plainName(name.trim()));
  return (line?.split(';') ?? []).map((entry) => {
    const [own = '', country = '', size = '', longitude, latitude] = entry.split(',');
    return {
      name: own,
      country,
      size: Number(size),
      longitude: longitude === undefined ? null : Number(longitude),
      latitude: latitude === undefined ? null : Number(latitude),
    };
  });
}
