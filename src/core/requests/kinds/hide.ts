import { planPlaces, set } from '../../places';
import { canMove, defineRequest, isWhatThePageIsFor } from '../request';

export const hide = defineRequest({
  kind: 'hide',
  title: 'On the page',
  on: ['section'],
  offers: (spot) => {
    const { section, owner } = spot;
    if (!section || section.hidden || !canMove(spot) || isWhatThePageIsFor(spot)) return null;
    return {
      as: 'acts',
      offers: [{ id: 'hide', label: 'Hide it', wishes: [set(planPlaces.sectionHidden(owner, section.id), true)] }],
    };
  },
});
