import { outsideLinks } from '../../places';
import { freshId } from '../../plan';
import { defineRequest, typed } from '../request';

/** A way out of the shop is added: by its address, to the footer; where it stands is said at the link. */
export const linkMore = defineRequest({
  kind: 'link-more',
  title: 'A link more',
  on: ['header', 'menu', 'footer'],
  offers: ({ shop, decided }) => {
    const key = freshId(
      'link',
      decided.all(outsideLinks.address).map(({ parts: [taken] }) => taken),
    );
    return typed(shop, {
      label: 'A link more: web, mail or phone address',
      place: outsideLinks.address(key).address,
      value: '',
      as: 'address',
    });
  },
});
