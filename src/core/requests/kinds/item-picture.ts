import { clear, planPlaces, set } from '../../places';
import { listsOf } from '../../sections';
import { ownOffers } from '../ownPictures';
import { defineRequest } from '../request';

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
    const now = shop.pictures.get(named?.toLowerCase() ?? '') ?? null;
    return {
      as: 'choice',
      offers: [
        { id: 'none', label: 'None', wishes: [clear(place)], stands: !now },
        ...ownOffers(shop, now, (name) => set(place, name)),
      ],
      brings: { as: 'picture', place: place.address, beside: null },
    };
  },
});
