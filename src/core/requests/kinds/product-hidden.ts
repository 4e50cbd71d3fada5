import { productHidden as place, set } from '../../places';
import { linksTo, namesIn, pieceOf } from '../../site';
import { goingAct, leadsToPage } from '../going';
import { defineRequest } from '../request';

export const productHidden = defineRequest({
  kind: 'product-hidden',
  title: 'In the shop',
  on: ['card'],
  offers: ({ product, shop, decided }) => {
    if (!product) return null;
    const toPage = leadsToPage(product.id);
    const links = linksTo(
      decided,
      namesIn(shop),
      (lead) => toPage(lead) || (lead.kind === 'cart' && pieceOf(shop, lead.variant)?.product.id === product.id),
    );
    return goingAct({ id: 'out', label: 'Take it out of the shop', wishes: [set(place(product.id), true)] }, links);
  },
});
