import { planPlaces, set } from '../../places';
import { isNamed } from '../../plan/about';
import { defineRequest } from '../request';

const options = [
  { id: 'both', label: 'Menu and footer', menu: true, footer: true },
  { id: 'menu', label: 'Menu alone', menu: true, footer: false },
  { id: 'footer', label: 'Footer alone', menu: false, footer: true },
  { id: 'neither', label: 'Neither', menu: false, footer: false },
] as const;

/** Where a page is linked to on all pages. */
export const pagePlace = defineRequest({
  kind: 'page-place',
  title: 'Linked to from',
  on: ['page', 'entry', 'footer-entry'],
  offers: ({ page }) =>
    page && isNamed(page)
      ? {
          as: 'choice',
          offers: options.map(({ id, label, menu, footer }) => ({
            id,
            label,
            wishes: [
              ...(page.inMenu === menu ? [] : [set(planPlaces.inMenu(page.id), menu)]),
              ...(page.inFooter === footer ? [] : [set(planPlaces.inFooter(page.id), footer)]),
            ],
            stands: page.inMenu === menu && page.inFooter === footer,
          })),
        }
      : null,
});
