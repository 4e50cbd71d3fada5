import { lookPlaces, set } from '../../places';
import { defineRequest } from '../request';

/** Corners of buttons, pictures and fields, px; 99 is round. */
const corners = [
  [0, 'Sharp'],
  [4, 'Eased'],
  [12, 'Soft'],
  [99, 'Round'],
] as const;

export const cornersRequest = defineRequest({
  kind: 'corners',
  title: 'Corners, in the whole shop',
  on: ['page', 'button', 'product-picture'],
  offers: ({ shop: { look } }) => {
    const nearest = corners.reduce(
      (best, [px]) => (Math.abs(px - look.shape.corner) < Math.abs(best - look.shape.corner) ? px : best),
      0 as number,
    );
    return {
      as: 'choice',
      offers: corners.map(([px, label]) => ({
        id: String(px),
        label,
        wishes: [set(lookPlaces.corner, px)],
        stands: px === nearest,
      })),
    };
  },
});
