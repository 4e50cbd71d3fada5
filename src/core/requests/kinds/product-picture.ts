import { productPlaces, set } from '../../places';
import { defineRequest } from '../request';

/** Which of its pictures a product is shown with first. */
export const productPicture = defineRequest({
  kind: 'product-picture',
  title: 'Shown with',
  on: ['product-picture', 'card'],
  offers: ({ product, shop }) => {
    if (!product) return null;
    const known = product.pictures.filter((name) => shop.pictures.has(name.toLowerCase()));
    if (known.length < 2) return null;
    const place = productPlaces.pictures(product.id);
    return {
      as: 'choice',
      offers: known.map((name) => ({
        id: name,
        label: name,
        picture: name,
        wishes: [set(place, [name, ...product.pictures.filter((other) => other !== name)])],
        stands: product.pictures[0] === name,
      })),
    };
  },
});
