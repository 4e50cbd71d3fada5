import { lookPlaces, set } from '../../places';
import { defineRequest } from '../request';

const rooms = [
  [0.75, 'Tight'],
  [1, 'As usual'],
  [1.25, 'Airy'],
  [1.5, 'Wide'],
] as const;

export const room = defineRequest({
  kind: 'room',
  title: 'Room between things, in the whole shop',
  on: ['page'],
  offers: ({ shop: { look } }) => {
    const nearest = rooms.reduce(
      (best, [one]) => (Math.abs(one - look.shape.room) < Math.abs(best - look.shape.room) ? one : best),
      rooms[0][0] as number,
    );
    return {
      as: 'choice',
      offers: rooms.map(([value, label]) => ({
        id: String(value),
        label,
        wishes: [set(lookPlaces.room, value)],
        stands: value === nearest,
      })),
    };
  },
});
