import { variantPlaces } from '../../places';
import { defineRequest } from '../request';

/** More variants than this are priced at Goods, in a table. */
const most = 8;

export const productPrice = defineRequest({
  kind: 'product-price',
  title: 'Its price',
  on: ['price', 'card'],
  offers: ({ product, shop: { rules, moneyKnown } }) =>
    product && moneyKnown && product.variants.length <= most
      ? {
          as: 'fields',
          digits: rules.digits,
          currency: rules.currency,
          fields: product.variants.map(({ id, values, price }) => ({
            label: values.join(', ') || 'Price',
            place: variantPlaces.price(product.id, id).address,
            value: price,
            as: 'money' as const,
          })),
        }
      : null,
});
