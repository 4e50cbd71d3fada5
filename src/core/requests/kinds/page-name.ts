import { planPlaces } from '../../places';
import { isNamed } from '../../plan/about';
import { defineRequest, typed } from '../request';

export const pageName = defineRequest({
  kind: 'page-name',
  title: 'Its name',
  on: ['page', 'entry', 'footer-entry'],
  offers: ({ page, shop }) =>
    page && isNamed(page)
      ? typed(shop, { label: 'Name in menus', place: planPlaces.pageName(page.id).address, value: page.name, as: 'line' })
      : null,
});
