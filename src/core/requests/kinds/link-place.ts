import { clear, outsideLinks, set, type linkPlaces } from '../../places';
import { defineRequest } from '../request';

const options: readonly { id: (typeof linkPlaces)[number]; label: string; menu: boolean; footer: boolean }[] = [
  { id: 'footer', label: 'Footer', menu: false, footer: true },
  { id: 'menu', label: 'Menu', menu: true, footer: false },
  { id: 'both', label: 'Both', menu: true, footer: true },
];

/** Where a way out of the shop stands. */
export const linkPlace = defineRequest({
  kind: 'link-place',
  title: 'Stands in',
  on: ['outside-link'],
  offers: ({ thing, shop }) => {
    const link = thing.kind === 'outside-link' ? shop.links.find(({ key }) => key === thing.link) : undefined;
    return link
      ? {
          as: 'choice',
          offers: options.map(({ id, label, menu, footer }) => ({
            id,
            label,
            wishes: [id === 'footer' ? clear(outsideLinks.where(link.key)) : set(outsideLinks.where(link.key), id)],
            stands: link.inMenu === menu && link.inFooter === footer,
          })),
        }
      : null;
  },
});
