import { clear, planPlaces } from '../../places';
import { defineRequest } from '../request';

/** Takes out what the seller put there. What was made is hidden instead, so that it can come back. */
export const removeSection = defineRequest({
  kind: 'remove-section',
  title: 'You added it',
  on: ['section'],
  offers: ({ section, owner }) =>
    section?.from === 'added'
      ? {
          as: 'acts',
          offers: [{ id: 'remove', label: 'Remove it', wishes: [clear(planPlaces.addedSection(owner, section.id))] }],
        }
      : null,
});
