import { readBrief } from '../brief';
import { mayPrint, textPlace } from '../places';
import { formerPosition, tellStory, type Story } from '../project';
import { itemsIn, kindOfSection, listsOf, ownKey, textFieldAt } from '../sections';
import { makeShop } from './shop';

/**
 * Texts were once kept by their position. Each goes to the item that stands there now, and where none does it is one that the seller had
 * added. What still has no place stays set aside. Reviews stood in the shop without being asked about then: who has written over one has
 * said yes to them.
 */
export function settlePositions(story: Story): Story {
  const { log } = story;
  const positioned = log.misfits.filter(({ place, value }) => formerPosition(place) && typeof value === 'string');
  if (!positioned.length) return story;
  const decisions = new Map(log.base.decisions);
  const overReviews = positioned.some(({ place }) => kindOfSection(formerPosition(place)?.section ?? '') === 'reviews');
  if (overReviews) for (const { key } of readBrief(log.base.brief).praise) decisions.set(mayPrint(key).address, true);
  const shop = makeShop({ ...log.base, decisions });
  const settled = new Set<string>();
  for (const { place, value } of positioned) {
    const at = formerPosition(place);
    const kind = at && kindOfSection(at.section);
    if (!at || !kind || typeof value !== 'string') continue;
    const list = listsOf(kind).find(([field]) => textFieldAt(kind, field, at.part))?.[0];
    const field = list === undefined ? undefined : textFieldAt(kind, list, at.part);
    if (list === undefined || !field || value.length > field.most) continue;
    const page = shop.pages.find((one) => (at.page === 'product' ? one.kind === 'product' : one.id === at.page));
    const section = page?.sections.find((one) => one.id === at.section);
    const items = page && section ? itemsIn(shop.writer.made(page, section) ?? {}, list) : [];
    const key = items[at.number - 1]?.key ?? ownKey(at.number - items.length);
    decisions.set(textPlace(at.page, at.section, { field: list, key, part: at.part }).address, value);
    settled.add(place);
  }
  return tellStory({
    ...log,
    base: { ...log.base, decisions },
    misfits: log.misfits.filter(({ place }) => !settled.has(place)),
  });
}
