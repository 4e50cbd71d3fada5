import { clear, planPlaces, set } from '../../places';
import { listsOf } from '../../sections';
import { picturesToOffer } from '../ownPictures';
import { defineRequest } from '../request';

/** So many are shown to choose from. */
const most = 8;

/** A picture of the seller's own that stands with an item: the face of a person, what an entry tells of. */
export const itemPicture = defineRequest({
  kind: 'item-picture',
  title: 'Its picture',
  on: ['item'],
  offers: ({ shop, thing, section, owner }) => {
    if (thing.kind !== 'item' || !section) return null;
    if (!listsOf(section.kind).some(([name, list]) => name === thing.list && list.pictured)) return null;
    const place = planPlaces.itemPicture(owner, section.id, thing.list, thing.key);
    const named = shop.itemPictures.get([owner, section.id, thing.list, thing.key].join('/'));
    const now = shop.pictures.get(named?.toLowerCase() ?? '');
    const others = picturesToOffer(shop).filter((one) => one !== now);
    return {
      as: 'choice',
      offers: [
        { id: 'none', label: 'None', wishes: [clear(place)], stands: !now },
        ...[...(now ? [now] : []), ...others].slice(0, most).map((picture) => ({
          id: `own ${picture.name}`,
          label: `${picture.name}, ${picture.width} × ${picture.height} pixels`,
          picture: picture.name,
          wishes: [set(place, picture.name)],
          stands: picture === now,
        })),
      ],
      brings: { as: 'picture', place: place.address, beside: null },
    };
  },
});
