import { clear, planPlaces, set } from '../../places';
import { canFold } from '../../sections';
import { defineRequest } from '../request';

/** Whether a section is seen at once, or waits for a button that opens it. */
export const fold = defineRequest({
  kind: 'fold',
  title: 'Seen',
  on: ['section'],
  offers: ({ section, owner }) => {
    if (!section || !canFold(section.kind)) return null;
    const place = planPlaces.sectionFolded(owner, section.id);
    return {
      as: 'choice',
      offers: [
        { id: 'at-once', label: 'At once', wishes: [clear(place)], stands: !section.folded },
        { id: 'folded', label: 'Once a button opens it', wishes: [set(place, true)], stands: section.folded },
      ],
    };
  },
});
