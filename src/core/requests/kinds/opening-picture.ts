import { clear, lookPlaces, set } from '../../places';
import { type Offer } from '../about';
import { ownOffers } from '../ownPictures';
import { defineRequest } from '../request';

/** What the shop opens with: pictures of its goods where there are some, a made one, or the seller's own. */
export const openingPicture = defineRequest({
  kind: 'opening-picture',
  title: 'The shop opens with',
  on: ['picture', 'section'],
  offers: ({ shop, section }) => {
    if (section?.kind !== 'opening') return null;
    const { opening, pictures, art } = shop;
    const ofGoods = new Set(shop.catalogue.products.flatMap((product) => product.pictures.map((name) => name.toLowerCase())));
    const pictured = [...ofGoods].some((name) => pictures.has(name));
    const away = opening ? [clear(lookPlaces.openingShows)] : [];
    const offers: Offer[] = [
      ...(pictured
        ? [
            {
              id: 'goods',
              label: 'Pictures of the goods',
              wishes: [...away, set(lookPlaces.openingPicture, 'goods')],
              stands: !opening && !art,
            },
          ]
        : []),
      {
        id: 'made',
        label: 'A made picture',
        wishes: [...away, set(lookPlaces.openingPicture, 'made')],
        stands: !opening && art !== null,
      },
      ...ownOffers(shop, opening, (name) => set(lookPlaces.openingShows, name)),
    ];
    return { as: 'choice', offers, brings: { as: 'picture', place: lookPlaces.openingShows.address, beside: null } };
  },
});
