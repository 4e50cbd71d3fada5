import { type PictureSize } from '../../look/about';
import { clear, lookPlaces, set, type Place } from '../../places';
import { resizesOf } from '../../sections';
import { arrangementNow } from '../../site';
import { defineRequest, type Spot } from '../request';

const names: Readonly<Record<PictureSize, string>> = { small: 'Small', smaller: 'Smaller', larger: 'Larger', large: 'Large' };

/** Which sizes the picture of a spot can have, from the smallest; null is the one of its look. Null where no picture stands alone there. */
export function sizesAt({ shop, section, owner }: Spot): { sizes: (PictureSize | null)[]; place: Place<PictureSize> } | null {
  if (!section) return null;
  const sizes = resizesOf(section.kind);
  const isShown =
    section.kind === 'opening'
      ? (shop.opening !== null || shop.art !== null) && arrangementNow(shop, section) !== 'spoken'
      : section.pictures.some((name) => shop.pictures.has(name.toLowerCase()));
  if (!sizes.length || !isShown) return null;
  const among = (wanted: readonly PictureSize[]) => wanted.filter((size) => sizes.includes(size));
  return {
    sizes: [...among(['small', 'smaller']), null, ...among(['larger', 'large'])],
    place: lookPlaces.standing.pictures(owner, section.id),
  };
}

/** How large a picture is beside the words of its section. On narrow screens it has their width. */
export const pictureSize = defineRequest({
  kind: 'picture-size',
  title: 'Its size',
  on: ['picture', 'own-picture'],
  offers: (spot) => {
    const at = sizesAt(spot);
    if (!at) return null;
    const now = spot.decided.get(at.place) ?? null;
    return {
      as: 'choice',
      offers: at.sizes.map((size) => ({
        id: size ?? 'made',
        label: size ? names[size] : 'Usual',
        wishes: [size ? set(at.place, size) : clear(at.place)],
        stands: size === now,
        usual: size === null,
      })),
    };
  },
});
