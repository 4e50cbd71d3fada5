import { planPlaces, set } from '../../places';
import { defineRequest } from '../request';

/** Where a picture of the seller's own stands among the others of its section. */
export const pictureOrder = defineRequest({
  kind: 'picture-order',
  title: 'Among the pictures',
  on: ['own-picture'],
  offers: ({ thing, section, owner }) => {
    const at = thing.kind === 'own-picture' ? (section?.pictures.indexOf(thing.name) ?? -1) : -1;
    if (!section || at < 0 || section.pictures.length < 2) return null;
    const moved = (to: number) => {
      const rest = section.pictures.filter((_, i) => i !== at);
      return [
        set(planPlaces.sectionPictures(owner, section.id), [...rest.slice(0, to), section.pictures[at] ?? '', ...rest.slice(to)]),
      ];
    };
    const last = section.pictures.length - 1;
    return {
      as: 'acts',
      offers: [
        ...(at > 0
          ? [
              { id: 'first', label: 'First', wishes: moved(0) },
              { id: 'earlier', label: 'Earlier', wishes: moved(at - 1) },
            ]
          : []),
        ...(at < last ? [{ id: 'later', label: 'Later', wishes: moved(at + 1) }] : []),
      ],
    };
  },
});
