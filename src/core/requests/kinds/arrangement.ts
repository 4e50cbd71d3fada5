import { clear, planPlaces, set } from '../../places';
import { sectionAbout } from '../../sections';
import { defineRequest } from '../request';

export const arrangement = defineRequest({
  kind: 'arrangement',
  title: 'Arrangement',
  on: ['section'],
  offers: ({ section, owner }) => {
    if (!section) return null;
    const { arrangements } = sectionAbout(section.kind);
    if (arrangements.length < 2) return null;
    const place = planPlaces.arrangement(owner, section.id);
    return {
      as: 'choice',
      offers: [
        { id: 'family', label: 'As the family likes it', wishes: [clear(place)], stands: section.arrangement === null },
        ...arrangements.map(({ id, label }) => ({
          id,
          label,
          wishes: [set(place, id)],
          stands: section.arrangement === id,
        })),
      ],
    };
  },
});
