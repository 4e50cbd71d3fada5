import { outsideLinks } from '../../places';
import { defineRequest, typed } from '../request';

/** What a way out of the shop is called, and where it leads. */
export const linkItself = defineRequest({
  kind: 'link-itself',
  title: 'The link',
  on: ['outside-link'],
  offers: ({ thing, shop }) => {
    const link = thing.kind === 'outside-link' ? shop.links.find(({ key }) => key === thing.link) : undefined;
    return link
      ? typed(
          shop,
          { label: 'Name', place: outsideLinks.label(link.key).address, value: link.label, as: 'line' },
          { label: 'Leads to', place: outsideLinks.address(link.key).address, value: link.address, as: 'address' },
        )
      : null;
  },
});
