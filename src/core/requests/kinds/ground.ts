import { toneIds, type Tone } from '../../look/about';
import { clear, lookPlaces, set } from '../../places';
import { sectionAbout } from '../../sections';
import { defineRequest } from '../request';

const labels: Record<Tone, string> = {
  raised: 'Raised',
  accent: 'The accent',
  second: 'The second colour',
  inverse: 'Light and dark turned round',
};

/** What a section stands on, beside the rest of its page. */
export const ground = defineRequest({
  kind: 'ground',
  title: 'Its ground',
  on: ['section'],
  offers: ({ section, owner, decided }) => {
    if (!section || !sectionAbout(section.kind).arrangements.length) return null;
    const place = lookPlaces.toneOf(owner, section.id);
    const now = decided.get(place);
    return {
      as: 'choice',
      offers: [
        { id: 'page', label: 'As the page', wishes: [clear(place)], stands: now === undefined },
        ...toneIds.map((id) => ({ id, label: labels[id], wishes: [set(place, id)], stands: now === id })),
      ],
    };
  },
});
