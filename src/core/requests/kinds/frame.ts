import { families } from '../../look';
import { clear, lookPlaces, set } from '../../places';
import { type Offered } from '../about';
import { defineRequest, type Spot } from '../request';

/** The header or the footer of another look, on the pages of this one. */
const lentBy = (part: 'head' | 'foot', { shop: { look } }: Spot): Offered => {
  const place = lookPlaces.genePlaces[part];
  const lenders = families.filter((one) => one.id !== look.family.id && !(part === 'head' && one.keepsHead));
  return {
    as: 'choice',
    offers: [
      { id: 'own', label: `${look.family.name}, its own`, wishes: [clear(place)], stands: look[part].id === look.family.id },
      ...lenders.map(({ id, name }) => ({ id, label: name, wishes: [set(place, id)], stands: look[part].id === id })),
    ],
  };
};

export const headAs = defineRequest({
  kind: 'head-as',
  title: 'Arranged as in',
  on: ['header'],
  offers: (spot) => lentBy('head', spot),
});

export const footAs = defineRequest({
  kind: 'foot-as',
  title: 'Arranged as in',
  on: ['footer'],
  offers: (spot) => lentBy('foot', spot),
});
