import { productPlaces } from '../../places';
import { defineRequest } from '../request';

export const productTitle = defineRequest({
  kind: 'product-title',
  title: 'Its title',
  on: ['card', 'product-picture'],
  offers: ({ product, shop: { rules } }) =>
    product && {
      as: 'fields',
      digits: rules.digits,
      currency: rules.currency,
      fields: [{ label: 'Title', place: productPlaces.title(product.id).address, value: product.title, as: 'line' }],
    },
});
