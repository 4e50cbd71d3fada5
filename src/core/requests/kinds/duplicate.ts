import { planPlaces, set, textPlace } from '../../places';
import { freshId } from '../../plan';
import { contentTexts, ownKey, sectionAbout } from '../../sections';
import { defineRequest, ordered, sectionsOf } from '../request';

/** The same section once more below it, with its texts, for kinds that a page can have several of. */
export const duplicate = defineRequest({
  kind: 'duplicate',
  title: 'Once more',
  on: ['section'],
  offers: (spot) => {
    const { shop, page, section, owner } = spot;
    if (!page || !section || !sectionAbout(section.kind).repeats) return null;
    const taken = sectionsOf(spot).map(({ id }) => id);
    const id = freshId(section.kind, taken);
    const keys = new Map<string, string>();
    const texts = contentTexts(shop.writer.words(page, section) ?? {})
      .filter(({ text }) => text.text !== '')
      .map(({ at, text }) => {
        if (at.key === undefined) return set(textPlace(owner, id, at), text.set ?? text.text);
        const key = keys.get(`${at.field}/${at.key}`) ?? ownKey(keys.size + 1);
        keys.set(`${at.field}/${at.key}`, key);
        return set(textPlace(owner, id, { ...at, key }), text.set ?? text.text);
      });
    const pictures = [...keys].flatMap(([at, key]) => {
      const name = shop.itemPictures.get(`${owner}/${section.id}/${at}`);
      return name === undefined ? [] : [set(planPlaces.itemPicture(owner, id, at.slice(0, at.indexOf('/')), key), name)];
    });
    return {
      as: 'acts',
      offers: [
        {
          id: 'duplicate',
          label: 'Duplicate it',
          wishes: [
            set(planPlaces.addedSection(owner, id), { kind: section.kind }),
            set(planPlaces.sectionOrder(owner), ordered(spot, id, taken.indexOf(section.id) + 1)),
            ...texts,
            ...pictures,
            ...(section.pictures.length ? [set(planPlaces.sectionPictures(owner, id), [...section.pictures])] : []),
          ],
        },
      ],
    };
  },
});
