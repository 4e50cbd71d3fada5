import { lookPlaces, set } from '../../places';
import { defineRequest } from '../request';

/** What the shop opens with. Goods without a picture can't open it. */
export const openingPicture = defineRequest({
  kind: 'opening-picture',
  title: 'The shop opens with',
  on: ['picture', 'section'],
  offers: ({ shop, section }) => {
    if (section?.kind !== 'opening') return null;
    const pictured = shop.catalogue.products.some((product) =>
      product.pictures.some((name) => shop.pictures.has(name.toLowerCase())),
    );
    if (!pictured) return null;
    const made = shop.art !== null;
    return {
      as: 'choice',
      offers: [
        { id: 'goods', label: 'Pictures of the goods', wishes: [set(lookPlaces.openingPicture, 'goods')], stands: !made },
        { id: 'made', label: 'A made picture', wishes: [set(lookPlaces.openingPicture, 'made')], stands: made },
      ],
    };
  },
});
