import { holdersFor } from '../../plan';
import { clear, planPlaces, set } from '../../places';
import { defineRequest } from '../request';

/** Under which page a page stands in the menu. One that others stand under stays where it is. */
export const pageUnder = defineRequest({
  kind: 'page-under',
  title: 'In the menu',
  on: ['page', 'entry'],
  offers: ({ page, shop }) => {
    const holders = page ? holdersFor(shop.pages, page) : [];
    if (!page || !holders.length) return null;
    const { id, under } = page;
    return {
      as: 'choice',
      offers: [
        {
          id: 'alone',
          label: 'By itself',
          wishes: [clear(planPlaces.under(id))],
          stands: !holders.some((one) => one.id === under),
        },
        ...holders.map((one) => ({
          id: `under ${one.id}`,
          label: `Under ${one.name}`,
          wishes: [set(planPlaces.under(id), one.id)],
          stands: one.id === under,
        })),
      ],
    };
  },
});
