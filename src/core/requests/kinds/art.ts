import { lookPlaces, set } from '../../places';
import { artKindsFor } from '../../pictures';
import { nounsOf } from '../../site';
import { defineRequest } from '../request';

/** What a made picture shows, and another one of the kind. */
export const art = defineRequest({
  kind: 'art',
  title: 'It shows',
  on: ['picture'],
  offers: ({ shop, section }) =>
    section?.kind === 'opening' && shop.art
      ? {
          as: 'choice',
          offers: artKindsFor(nounsOf(shop)).map(({ id, name, say }) => ({
            id,
            label: name,
            say,
            wishes: [set(lookPlaces.art, id)],
            stands: shop.look.genes.art === id,
          })),
        }
      : null,
});
