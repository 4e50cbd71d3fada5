import { planPlaces, set } from '../../places';
import { linksTo, namesIn } from '../../site';
import { goingAct, leadsToSection } from '../going';
import { canMove, defineRequest, isWhatThePageIsFor } from '../request';

export const hide = defineRequest({
  kind: 'hide',
  title: 'On the page',
  on: ['section'],
  offers: (spot) => {
    const { section, owner, decided, shop } = spot;
    if (!section || section.hidden || !canMove(spot) || isWhatThePageIsFor(spot)) return null;
    return goingAct(
      { id: 'hide', label: 'Hide it', wishes: [set(planPlaces.sectionHidden(owner, section.id), true)] },
      linksTo(decided, namesIn(shop), leadsToSection(owner, section.id)),
    );
  },
});
