import { planPlaces } from '../../places';
import { defineRequest, isNamed } from '../request';

export const pageName = defineRequest({
  kind: 'page-name',
  title: 'Its name',
  on: ['page', 'entry', 'footer-entry'],
  offers: ({ page, shop }) =>
    page && isNamed(page)
      ? {
          as: 'fields',
          digits: shop.rules.digits,
          currency: shop.rules.currency,
          fields: [{ label: 'Name in menus', place: planPlaces.pageName(page.id).address, value: page.name, as: 'line' }],
        }
      : null,
});
