import { clear, planPlaces, set } from '../../places';
import { sectionAbout } from '../../sections';
import { picturesToOffer } from '../ownPictures';
import { defineRequest } from '../request';

/** So many are shown to choose from. */
const mostOffered = 12;

/** Which pictures of the seller's own a section shows; each is shown or left out by itself. */
export const sectionPictures = defineRequest({
  kind: 'section-pictures',
  title: 'Pictures of yours',
  on: ['section', 'own-picture'],
  offers: ({ shop, section, owner }) => {
    const most = section ? sectionAbout(section.kind).pictures : undefined;
    if (!section || !most) return null;
    const place = planPlaces.sectionPictures(owner, section.id);
    const shown = section.pictures.filter((name) => shop.pictures.has(name.toLowerCase()));
    const others = picturesToOffer(shop)
      .map(({ name }) => name)
      .filter((name) => !shown.includes(name));
    const show = (names: readonly string[]) => [names.length ? set(place, [...names]) : clear(place)];
    return {
      as: 'several',
      offers: [
        ...shown.map((name) => ({
          id: name,
          label: `${name}: leave it out`,
          picture: name,
          wishes: show(shown.filter((one) => one !== name)),
          stands: true,
        })),
        ...others.slice(0, mostOffered).map((name) => ({
          id: name,
          label: `${name}: show it`,
          picture: name,
          // Where one more would not fit, the last gives way.
          wishes: show([...shown.slice(0, most - 1), name]),
        })),
      ],
      brings: { as: 'picture', place: place.address, beside: shown.slice(0, most - 1) },
    };
  },
});
