import { townsAround } from '@/core/lexicon';
import { locate } from '@/core/brief';
import { type SectionContext } from '../context';
import { html, type Markup } from '../html';

const width = 640;
const height = 400;

/** Steps of the scale bar, kilometres. */
const bars = [1, 2, 5, 10, 20, 50, 100, 200];

/**
 * A sketch of where the place is: the towns around it by distance and direction, north up, with a bar for the scale. Positions are from
 * the gazetteer; there are no roads in it, and it says so by having none.
 */
export function drawMap({ shop }: SectionContext): Markup | null {
  const place = shop.reading.place;
  const at = place && locate(place.value);
  if (!at || at.longitude === null || at.latitude === null) return null;
  const own = { name: at.name, longitude: at.longitude, latitude: at.latitude };
  const towns = townsAround(own, 14);
  const kmPerDegree = 111.32;
  const east = (longitude: number) => (longitude - own.longitude) * kmPerDegree * Math.cos((own.latitude * Math.PI) / 180);
  const north = (latitude: number) => (latitude - own.latitude) * kmPerDegree;
  const furthest = Math.max(
    3,
    ...towns.map(
      (town) =>
        Math.max(Math.abs(east(town.longitude)) / (width / 2 - 90), Math.abs(north(town.latitude)) / (height / 2 - 40)) * 200,
    ),
  );
  const perKm = 200 / furthest;
  const spots = towns.map((town) => ({
    name: town.name,
    x: width / 2 + east(town.longitude) * perKm,
    y: height / 2 - north(town.latitude) * perKm,
  }));
  const named = spots.filter(
    (spot, i) =>
      spots.slice(0, i).every((other) => Math.abs(other.y - spot.y) > 20 || Math.abs(other.x - spot.x) > 110) &&
      (Math.abs(spot.y - height / 2) > 24 || Math.abs(spot.x - width / 2) > 120),
  );
  const bar = [...bars].reverse().find((km) => km * perKm <= 160) ?? 1;
  const label = `${own.name}, seen from ${named.map((spot) => spot.name).join(', ')}`;
  return html`<figure class="sketch">
    <svg viewBox="0 0 ${width} ${height}" role="img" aria-label="${label}">
      <path class="grid" d="M0 ${height / 2}H${width}M${width / 2} 0V${height}" />
      ${named.map((spot) => {
        const left = spot.x > width - 130;
        return html`<circle class="town" cx="${spot.x.toFixed(1)}" cy="${spot.y.toFixed(1)}" r="4" /><text
            x="${(spot.x + (left ? -10 : 10)).toFixed(1)}"
            y="${(spot.y + 5).toFixed(1)}"
            ${left ? html` text-anchor="end"` : null}
            >${spot.name}</text
          >`;
      })}
      <circle class="here" cx="${width / 2}" cy="${height / 2}" r="9" />
      <text class="own" x="${width / 2 + 16}" y="${height / 2 + 6}">${own.name}</text>
      <path class="bar" d="M20 ${height - 22}v6h${(bar * perKm).toFixed(1)}v-6" />
      <text x="20" y="${height - 30}">${bar} km</text>
      <path class="bar" d="M${width - 26} ${height - 16}V${height - 44}m-6 9l6 -9l6 9" />
    </svg>
  </figure>`;
}
