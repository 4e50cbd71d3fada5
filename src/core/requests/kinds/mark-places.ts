import { lookPlaces, set } from '../../places';
import { defineRequest } from '../request';

export const markPlaces = defineRequest({
  kind: 'mark-places',
  title: 'Beside it, and at the foot',
  on: ['logo', 'header'],
  offers: ({ shop: { mark } }) =>
    mark.kind === 'text' && mark.logo === null
      ? null
      : {
          as: 'acts',
          offers: [
            {
              id: 'name',
              label: mark.named ? 'Without the name beside it' : 'The name beside it',
              wishes: [set(lookPlaces.markName, !mark.named)],
            },
            {
              id: 'foot',
              label: mark.foot ? 'Not at the foot' : 'At the foot too',
              wishes: [set(lookPlaces.markFoot, !mark.foot)],
            },
          ],
        },
});
