import { clear, lookPlaces, set } from '../../places';
import { type Offer } from '../about';
import { defineRequest } from '../request';

/** How many of the goods stand beside each other where there is room for them. */
export const goodsColumns = defineRequest({
  kind: 'goods-columns',
  title: 'Goods beside each other',
  on: ['card'],
  offers: ({ decided }) => {
    const now = decided.get(lookPlaces.goodsColumns);
    const offers: Offer[] = [
      { id: 'family', label: 'As the family has it', wishes: [clear(lookPlaces.goodsColumns)], stands: now === undefined },
      ...[1, 2, 3, 4, 5, 6].map((count) => ({
        id: String(count),
        label: String(count),
        wishes: [set(lookPlaces.goodsColumns, count)],
        stands: now === count,
      })),
    ];
    return { as: 'choice', offers };
  },
});
