import { lookPlaces, set } from '../../places';
import { defineRequest } from '../request';

export const motion = defineRequest({
  kind: 'motion',
  title: 'Motion on still pictures',
  on: ['picture', 'product-picture'],
  offers: ({ shop: { look } }) => ({
    as: 'choice',
    offers: [
      { id: 'none', label: 'None', wishes: [set(lookPlaces.motion, 'none')], stands: look.shape.motion === 'none' },
      { id: 'gentle', label: 'Gentle', wishes: [set(lookPlaces.motion, 'gentle')], stands: look.shape.motion === 'gentle' },
    ],
  }),
});
