import { goodsFirst as place, mostFirst, set, clear } from '../../places';
import { type Offer } from '../about';
import { defineRequest } from '../request';

/** Which goods stand before the others, on shelves and where a few are shown. */
export const goodsFirst = defineRequest({
  kind: 'goods-first',
  title: 'Its place among the goods',
  on: ['card'],
  offers: ({ product, decided }) => {
    if (!product) return null;
    const now = decided.get(place) ?? [];
    const others = now.filter((id) => id !== product.id);
    const offers: Offer[] = [];
    if (now[0] !== product.id)
      offers.push({ id: 'first', label: 'Put it first', wishes: [set(place, [product.id, ...others].slice(0, mostFirst))] });
    if (now.includes(product.id))
      offers.push({ id: 'back', label: 'Back to where it stood', wishes: [others.length ? set(place, others) : clear(place)] });
    return offers.length ? { as: 'acts', offers } : null;
  },
});
