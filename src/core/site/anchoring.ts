import { readLead, writeLead, type Lead } from '../lead';
import { given, leadsTo, locate, pictureLeadsTo, planPlaces, textPlace, writtenTexts, type Wish } from '../places';
import { relinked } from '../prose';
import { type Category } from '../goods';
import { reanchor, withWishes, type Anchor, type Anchoring, type Project } from '../project';
import { keyFrom } from '../keys';
import { isOwnKey, itemsIn } from '../sections';
import { holdsSentences } from '../writing';
import { makeShop, type Shop } from './shop';

/**
 * What a change of brief or goods moves beside itself: every decision goes with the thing that it was made on. What it stood on may be
 * gone; then the decision stays where it is and is set aside by the shop.
 */
export function withMoves(project: Project, wishes: readonly Wish[]): Wish[] {
  const changesInputs = wishes.some(({ place }) => place === given.brief.address || place === given.goods.address);
  if (!changesInputs || !standsOnThings(project)) return [...wishes];
  const before = makeShop(project);
  const after = makeShop(withWishes(project, wishes));
  return [...wishes, ...itemMoves(project, before, after), ...categoryMoves(project, before, after)];
}

/** Places that stand on items of lists. */
const onItems: ReadonlySet<string> = new Set(
  [writtenTexts.itemText, planPlaces.itemOrder, planPlaces.itemPicture].map(({ kind }) => kind.id),
);

/** Whether anything is decided on what comes and goes with brief or list. */
const standsOnThings = ({ decisions }: Project): boolean =>
  [...decisions.keys()].some((address) => {
    const at = locate(address);
    const [page = ''] = at?.parts ?? [];
    return (at && (onItems.has(at.kind.id) || leadKinds.has(at.kind.id))) || page.startsWith('category-');
  });

/** The items of a list as they are made, without what the seller wrote. A sentence is followed wherever in the brief it goes. */
function anchorsIn(shop: Shop, owner: string, section: string, list: string): Anchor[] {
  if (holdsSentences(owner, section, list))
    return shop.reading.statements.map(({ source: { text } }) => ({ key: keyFrom(text), says: text }));
  const page = shop.pages.find((one) => (owner === 'product' ? one.kind === 'product' : one.id === owner));
  const found = page?.sections.find((one) => one.id === section);
  return page && found ? itemsIn(shop.writer.made(page, found) ?? {}, list).map(({ key, says }) => ({ key, says })) : [];
}

function itemMoves({ decisions }: Project, before: Shop, after: Shop): Wish[] {
  const anchorings = new Map<string, Anchoring>();
  const moves: Wish[] = [];
  for (const [address, value] of decisions) {
    const at = locate(address);
    const isOrder = at?.kind.id === planPlaces.itemOrder.kind.id;
    if (!at || !onItems.has(at.kind.id)) continue;
    const [owner = '', section = '', field = '', key = '', part = ''] = at.parts;
    if (!isOrder && isOwnKey(key)) continue;
    const id = `${owner}/${section}/${field}`;
    const anchoring =
      anchorings.get(id) ?? reanchor(anchorsIn(before, owner, section, field), anchorsIn(after, owner, section, field));
    anchorings.set(id, anchoring);
    if (isOrder) {
      const keys = value as string[];
      const moved = keys.map((one) => (isOwnKey(one) ? one : (anchoring(one) ?? one)));
      if (moved.some((one, i) => one !== keys[i])) moves.push({ place: address, value: moved });
      continue;
    }
    const to = anchoring(key);
    if (to === null || to === key) continue;
    const isText = at.kind.id === writtenTexts.itemText.kind.id;
    const place = isText
      ? textPlace(owner, section, { field, key: to, part })
      : planPlaces.itemPicture(owner, section, field, to);
    moves.push({ place: address, value: undefined }, { place: place.address, value });
  }
  return moves;
}

/** A category that is called otherwise now is the one that has most of its goods. */
function renamedCategories(before: Shop, after: Shop): Map<string, string> {
  const kept = new Set(after.catalogue.categories.map((category) => category.id));
  const known = new Set(before.catalogue.categories.map((category) => category.id));
  const fresh = after.catalogue.categories.filter((category) => !known.has(category.id));
  const ids = (category: Category) => new Set(category.products.map((product) => product.id));
  const renamed = new Map<string, string>();
  for (const old of before.catalogue.categories) {
    if (kept.has(old.id)) continue;
    const mine = ids(old);
    const heir = fresh.find((category) => {
      const shared = category.products.filter((product) => mine.has(product.id)).length;
      return shared * 2 > mine.size && shared * 2 > category.products.length;
    });
    if (heir && ![...renamed.values()].includes(heir.id)) renamed.set(old.id, heir.id);
  }
  return renamed;
}

/** Where something leads whose category is called otherwise now. */
function ledAlong(word: string, renamed: ReadonlyMap<string, string>): string {
  const lead = readLead(word);
  const heir = lead && 'page' in lead ? renamed.get(lead.page) : undefined;
  return lead && heir !== undefined ? writeLead({ ...lead, page: heir } as Lead) : word;
}

/** Places at which a lead stands, and those of texts whose words may lead somewhere. */
const leadKinds: ReadonlySet<string> = new Set([leadsTo, pictureLeadsTo].map(({ kind }) => kind.id));
const textKinds: ReadonlySet<string> = new Set([writtenTexts.fieldText, writtenTexts.itemText].map(({ kind }) => kind.id));

function categoryMoves({ decisions }: Project, before: Shop, after: Shop): Wish[] {
  const renamed = renamedCategories(before, after);
  if (!renamed.size) return [];
  const areas = new Set(['plan', 'words', 'look', 'added', 'leads']);
  return [...decisions].flatMap(([address, value]): Wish[] => {
    const at = locate(address);
    if (!at) return [];
    const [page = ''] = at.parts;
    const heir = areas.has(at.kind.segments[0] ?? '') ? renamed.get(page) : undefined;
    let moved = heir === undefined;
    const segments = address.split('/').map((segment) => {
      if (moved || segment !== page) return segment;
      moved = true;
      return heir ?? segment;
    });
    const to = segments.join('/');
    const word = typeof value === 'string' ? value : '';
    const then = leadKinds.has(at.kind.id)
      ? ledAlong(word, renamed)
      : textKinds.has(at.kind.id)
        ? relinked(word, (lead) => ledAlong(lead, renamed))
        : value;
    if (to === address) return then === value ? [] : [{ place: address, value: then }];
    return [
      { place: address, value: undefined },
      { place: to, value: then },
    ];
  });
}
