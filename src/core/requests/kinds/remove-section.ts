import { clear, planPlaces } from '../../places';
import { linksTo, namesIn } from '../../site';
import { goingAct, leadsToSection } from '../going';
import { defineRequest } from '../request';

/** Takes out what the seller put there. What was made is hidden instead, so that it can come back. */
export const removeSection = defineRequest({
  kind: 'remove-section',
  title: 'You added it',
  on: ['section'],
  offers: ({ section, owner, decided, shop }) =>
    section?.from === 'added'
      ? goingAct(
          { id: 'remove', label: 'Remove it', wishes: [clear(planPlaces.addedSection(owner, section.id))] },
          linksTo(decided, namesIn(shop), leadsToSection(owner, section.id)),
        )
      : null,
});
