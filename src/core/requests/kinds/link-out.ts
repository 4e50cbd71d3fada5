import { clear, outsideLinks } from '../../places';
import { defineRequest } from '../request';

export const linkOut = defineRequest({
  kind: 'link-out',
  title: 'As a whole',
  on: ['outside-link'],
  offers: ({ thing, decided }) => {
    if (thing.kind !== 'outside-link') return null;
    const places = Object.values(outsideLinks).map((place) => place(thing.link));
    return {
      as: 'acts',
      offers: [
        { id: 'out', label: 'Take it out', wishes: places.filter((place) => decided.has(place)).map((place) => clear(place)) },
      ],
    };
  },
});
