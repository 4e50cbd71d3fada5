import { planPlaces, set } from '../../places';
import { freshId, sectionToAdd, type PageKind } from '../../plan';
import { sectionLibrary } from '../../sections';
import { defineRequest, ordered, sectionsOf } from '../request';

/** Pages that are made of what they are for alone. */
export const fixedPages: ReadonlySet<PageKind> = new Set([
  'cart',
  'checkout',
  'thanks',
  'search',
  'missing',
  'category',
  'shop',
  'product',
]);

/** A section of the library below this one, or at the end of the page. */
export const addSection = defineRequest({
  kind: 'add-section',
  title: 'A section more',
  on: ['section', 'page'],
  offers: (spot) => {
    const { shop, page, section, owner } = spot;
    if (!page || fixedPages.has(page.kind)) return null;
    const taken = sectionsOf(spot).map(({ id }) => id);
    const at = section ? taken.indexOf(section.id) + 1 : taken.length;
    const offers = sectionLibrary.flatMap(({ kind, label, visitorGets, repeats }) => {
      if (taken.includes(kind) && !repeats) return [];
      const id = freshId(kind, taken);
      // What could show nothing of this shop is not offered; a section that waits for the seller's words shows these places.
      if (!shop.writer.write({ ...page, sections: [sectionToAdd(kind, id)] }).sections.length) return [];
      return [
        {
          id: kind,
          label,
          say: visitorGets,
          wishes: [set(planPlaces.addedSection(owner, id), { kind }), set(planPlaces.sectionOrder(owner), ordered(spot, id, at))],
        },
      ];
    });
    return offers.length ? { as: 'acts', offers } : null;
  },
});
