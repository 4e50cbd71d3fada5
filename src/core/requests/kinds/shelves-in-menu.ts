import { canListShelves, mostShelves } from '../../plan';
import { clear, planPlaces, set } from '../../places';
import { defineRequest } from '../request';

/** Whether the shelves of the shop stand in the menu, under the page that shows all goods. */
export const shelvesInMenu = defineRequest({
  kind: 'shelves-in-menu',
  title: 'Shelves in the menu',
  on: ['page', 'entry', 'menu'],
  offers: ({ page, thing, shop }) =>
    (thing.kind === 'menu' || page?.kind === 'shop') && canListShelves(shop.pages)
      ? {
          as: 'choice',
          offers: [
            { id: 'out', label: 'Not there', wishes: [clear(planPlaces.shelvesInMenu)], stands: !shop.shelvesInMenu },
            {
              id: 'in',
              label: `There, ${mostShelves} at most`,
              wishes: [set(planPlaces.shelvesInMenu, true)],
              stands: shop.shelvesInMenu,
            },
          ],
        }
      : null,
});
