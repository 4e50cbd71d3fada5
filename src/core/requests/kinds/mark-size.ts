import { lookPlaces, set } from '../../places';
import { defineRequest } from '../request';

const sizes = [0.8, 1, 1.3, 1.6, 2] as const;

export const markSize = defineRequest({
  kind: 'mark-size',
  title: 'Size',
  on: ['logo', 'header'],
  offers: ({ shop: { mark } }) =>
    mark.kind === 'text' && mark.logo === null
      ? null
      : {
          as: 'choice',
          offers: sizes.map((size) => ({
            id: String(size),
            label: `${Math.round(size * 100)} %`,
            wishes: [set(lookPlaces.markSize, size)],
            stands: Math.abs(mark.size - size) < 0.05,
          })),
        },
});
