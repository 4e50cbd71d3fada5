import { clear, planPlaces, set } from '../../places';
import { pageDefinitions } from '../../plan';
import { defineRequest } from '../request';

export const takeOutPage = defineRequest({
  kind: 'take-out-page',
  title: 'In the shop',
  on: ['page', 'entry', 'footer-entry'],
  offers: ({ page }) => {
    if (!page) return null;
    const optional = pageDefinitions.some((definition) => definition.kind === page.kind && definition.optional);
    if (!optional && !page.added) return null;
    const wish = page.added ? clear(planPlaces.addedPage(page.id)) : set(planPlaces.pageHidden(page.id), true);
    return { as: 'acts', offers: [{ id: 'out', label: 'Take this page out', wishes: [wish] }] };
  },
});
