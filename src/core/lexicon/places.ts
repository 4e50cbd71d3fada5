import { firstFrom, lineOf, unpack } from './packed';
import { once } from '../once';
import { packedPlaces } from './places.generated';
import worldParts from './worldParts.json';

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

/** All places of a name, the largest first; of a name with accents first those that have them: San José is not San Jose. */
export function placesNamed(name: string): Place[] {
  const wanted = name.trim();
  const found = placesIn(lineOf(lines(), plainName(wanted)));
  if (/^[\u0000-\u007f]*$/.test(wanted)) return found;
  const isSpelled = (place: Place) => place.name.toLowerCase() === wanted.toLowerCase();
  return [...found.filter(isSpelled), ...found.filter((place) => !isSpelled(place))];
}

/** Whether it is the name of a part of the world that is no country, in English: "the Nordic countries". */
export const isWorldPart = (name: string): boolean => worldPartNames.has(name.toLowerCase());
const worldPartNames = new Set(worldParts.names);

/** Places whose name begins with this one and goes on behind a hyphen: "Cluj" is how Cluj-Napoca is called there. */
function placesBegunBy(name: string): Place[] {
  const wanted = `${plainName(name.trim())}-`;
  const line = firstFrom(lines(), wanted);
  return line?.startsWith(wanted) ? placesIn(line.slice(line.indexOf('|') + 1)) : [];
}

/** Power of ten of the people of a place that is called by the first part of its name alone. */
const town = 5;

/** All places of a name; where there is none, the towns that are called by the first part of theirs. */
export function placesCalled(name: string): Place[] {
  const named = placesNamed(name);
  return named.length ? named : placesBegunBy(name).filter(({ size }) => size >= town);
}

const placesIn = (line: string | null): Place[] =>
  (line?.split(';') ?? []).map((entry) => {
    const [own = '', country = '', size = '', longitude, latitude] = entry.split(',');
    return {
      name: own,
      country,
      size: Number(size),
      longitude: longitude === undefined ? null : Number(longitude),
      latitude: latitude === undefined ? null : Number(latitude),
    };
  });

/** A town with its position, degrees. */
export interface Town {
  name: string;
  longitude: number;
  latitude: number;
}

const towns = once((): (Town & { size: number })[] =>
  lines().flatMap((line) =>
    line
      .slice(line.indexOf('|') + 1)
      .split(';')
      .flatMap((entry) => {
        const [name = '', , size = '', longitude, latitude] = entry.split(',');
        return longitude && latitude
          ? [{ name, size: Number(size), longitude: Number(longitude), latitude: Number(latitude) }]
          : [];
      }),
  ),
);

/** The towns that one would name to say where a place is: near ones, and large ones further off. */
export function townsAround(place: Town, count: number): Town[] {
  const narrow = Math.cos((place.latitude * Math.PI) / 180);
  return towns()
    .map((town) => ({
      town,
      far: Math.hypot((town.longitude - place.longitude) * narrow, town.latitude - place.latitude) * 111.32,
    }))
    .filter(({ town, far }) => far > 7 && far < 75 && town.name !== place.name)
    .map(({ town, far }) => ({ town, pull: 10 ** (town.size * 0.5) / (8 + far) ** 1.7 }))
    .sort((a, b) => b.pull - a.pull)
    .filter(({ town }, i, all) => all.findIndex((other) => other.town.name === town.name) === i)
    .slice(0, count)
    .map(({ town: { name, longitude, latitude } }) => ({ name, longitude, latitude }));
}
