import { schemes } from '../../look';
import { lookPlaces, set } from '../../places';
import { defineRequest } from '../request';

/** What the whole shop stands on. */
export const scheme = defineRequest({
  kind: 'scheme',
  title: 'The ground of the shop',
  on: ['page'],
  offers: ({ shop: { look } }) => ({
    as: 'choice',
    offers: schemes.map(({ id, name, say }) => ({
      id,
      label: name,
      say,
      wishes: [set(lookPlaces.scheme, id)],
      stands: look.genes.scheme === id,
    })),
  }),
});
