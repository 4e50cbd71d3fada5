import { treatments } from '../../look';
import { lookPlaces, set } from '../../places';
import { defineRequest } from '../request';

export const treatment = defineRequest({
  kind: 'treatment',
  title: 'Pictures in lists',
  on: ['product-picture'],
  offers: ({ shop: { look } }) => ({
    as: 'choice',
    offers: treatments.map(({ id, name, say }) => ({
      id,
      label: name,
      say,
      wishes: [set(lookPlaces.treatment, id)],
      stands: look.shape.treatment === id,
    })),
  }),
});
