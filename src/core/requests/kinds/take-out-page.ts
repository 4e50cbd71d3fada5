import { goingAct, pageOut } from '../going';
import { defineRequest } from '../request';

export const takeOutPage = defineRequest({
  kind: 'take-out-page',
  title: 'In the shop',
  on: ['page', 'entry', 'footer-entry'],
  offers: ({ page, shop, decided }) => {
    const out = page && pageOut(shop, decided, page);
    if (!out) return null;
    const [wish] = out.wishes;
    return goingAct({ id: 'out', label: 'Take this page out', wishes: wish ? [wish] : [] }, out.links);
  },
});
