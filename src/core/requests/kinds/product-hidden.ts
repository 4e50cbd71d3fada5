import { productHidden as place, set } from '../../places';
import { defineRequest } from '../request';

export const productHidden = defineRequest({
  kind: 'product-hidden',
  title: 'In the shop',
  on: ['card'],
  offers: ({ product }) =>
    product && { as: 'acts', offers: [{ id: 'out', label: 'Take it out of the shop', wishes: [set(place(product.id), true)] }] },
});
