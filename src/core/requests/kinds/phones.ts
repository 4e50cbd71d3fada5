import { clear, lookPlaces, set } from '../../places';
import { sectionAbout } from '../../sections';
import { defineRequest } from '../request';

export const phones = defineRequest({
  kind: 'phones',
  title: 'On the page',
  fold: 'phones',
  on: ['section'],
  offers: ({ section, owner, decided }) => {
    if (!section || !sectionAbout(section.kind).arrangements.length) return null;
    const place = lookPlaces.offPhone(owner, section.id);
    const off = decided.get(place) === 'hidden';
    return {
      as: 'choice',
      offers: [
        { id: 'shown', label: 'Shown', wishes: [clear(place)], stands: !off, usual: true },
        { id: 'hidden', label: 'Left out', wishes: [set(place, 'hidden')], stands: off },
      ],
    };
  },
});
