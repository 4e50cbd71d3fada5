import { townsAround } from '@/core/lexicon';
import { locate } from '@/core/brief';
import { type SectionContext, say } from '../context';
import { html, type Markup } from '../html';

const width = 640;
const height = 400;

/** Steps of the scale bar, kilometres. */
const bars = [1, 2, 5, 10, 20, 50, 100, 200];

/** Where the pin stands: where the seller put it, under the shop's name, else in their town. */
function pinOf({ shop, section: { pin } }: SectionContext): { name: string; longitude: number; latitude: number } | null {
  if (pin) return { name: shop.name, ...pin };
  const place = shop.reading.place;
  const at = place && locate(place.value);
  return at && at.longitude !== null && at.latitude !== null
    ? { name: at.name, longitude: at.longitude, latitude: at.latitude }
    : null;
}

/**
 * A sketch of where the place is: the towns around it by distance and direction, north up, with a bar for the scale. Positions are from
 * the gazetteer; there are no roads in it, and it says so by having none.
 */
export function drawMap(c: SectionContext): Markup | null {
  const { drawn } = say(c);
  const own = pinOf(c);
  if (!own) return null;
  const towns = townsAround(own, 12);
  const kmPerDegree = 111.32;
  const east = (longitude: number) => (longitude - own.longitude) * kmPerDegree * Math.cos((own.latitude * Math.PI) / 180);
  const north = (latitude: number) => (latitude - own.latitude) * kmPerDegree;
  // The scale shows the six towns that say most; one that is further off is left out.
  const reach = Math.max(
    4,
    ...towns
      .slice(0, 6)
      .map((town) =>
        Math.max(
          (Math.abs(east(town.longitude)) / (width / 2 - 60)) * 200,
          (Math.abs(north(town.latitude)) / (height / 2 - 36)) * 200,
        ),
      ),
  );
  const perKm = 200 / reach;
  const named = placeLabels(
    towns.map((town) => ({
      name: town.name,
      x: width / 2 + east(town.longitude) * perKm,
      y: height / 2 - north(town.latitude) * perKm,
    })),
    own.name,
  );
  const bar = [...bars].reverse().find((km) => km * perKm <= 160) ?? 1;
  const label = drawn.seenFrom(
    own.name,
    named.map((spot) => spot.name),
  );
  return html`<figure class="sketch">
    <svg viewBox="0 0 ${width} ${height}" role="img" aria-label="${label}">
      <path class="grid" d="M0 ${height / 2}H${width}M${width / 2} 0V${height}" />
      ${named.map(
        (spot) =>
          html`<circle class="town" cx="${spot.x.toFixed(1)}" cy="${spot.y.toFixed(1)}" r="4" /><text
              x="${(spot.x + (spot.left ? -10 : 10)).toFixed(1)}"
              y="${(spot.y + 5).toFixed(1)}"
              ${spot.left ? html` text-anchor="end"` : null}
              >${spot.name}</text
            >`,
      )}
      <circle class="here" cx="${width / 2}" cy="${height / 2}" r="9" />
      <text class="own" x="${width / 2 + 16}" y="${height / 2 + 6}">${own.name}</text>
      <path class="bar" d="M20 ${height - 22}v6h${(bar * perKm).toFixed(1)}v-6" />
      <text x="20" y="${height - 30}">${bar} km</text>
      <path class="bar" d="M${width - 26} ${height - 16}V${height - 44}m-6 9l6 -9l6 9" />
    </svg>
    <figcaption>${drawn.towns}</figcaption>
  </figure>`;
}

interface Spot {
  name: string;
  x: number;
  y: number;
}

/** Gives each town the side for its name on which it covers nothing; a town that finds none is left out. Widths are of the type at 15 px. */
function placeLabels(spots: readonly Spot[], own: string): (Spot & { left: boolean })[] {
  const box = ({ name, x, y }: Spot, left: boolean, size = 9) => {
    const length = name.length * size + 16;
    return { from: left ? x - length : x - 8, to: left ? x + 8 : x + length, top: y - 12, bottom: y + 12 };
  };
  const taken = [
    box({ name: own, x: width / 2, y: height / 2 }, false, 11),
    { from: 0, to: 190, top: height - 50, bottom: height },
    { from: width - 60, to: width, top: height - 60, bottom: height },
  ];
  return spots.flatMap((spot) => {
    for (const left of [false, true]) {
      const mine = box(spot, left);
      const inside = mine.from >= 4 && mine.to <= width - 4 && mine.top >= 4 && mine.bottom <= height - 4;
      const free = taken.every(
        (other) => mine.to < other.from || mine.from > other.to || mine.bottom < other.top || mine.top > other.bottom,
      );
      if (!inside || !free) continue;
      taken.push(mine);
      return [{ ...spot, left }];
    }
    return [];
  });
}
