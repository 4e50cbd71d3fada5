import { goodsFirst, mostFirst, planPlaces, set, type Wish } from '../places';
import { menuOf } from '../plan';
import { itemsIn, type SectionKind } from '../sections';
import { movedTo, reseated } from '../order';
import { fail, ok, type Result } from '../result';
import { inRow } from '../things/about';
import { type Offer, type Offered } from './about';
import { type Spot } from './request';

const same = (id: string) => id;

/**
 * What it takes to have the things of a row in another order: sections, cards, items, pictures, entries of menu and footer.
 * @param spot one of them, the one that was moved
 * @param row the keys of those that are in sight, in the order wanted; what is out of sight keeps its place
 * @param among what they stand in
 */
export function reorder(spot: Spot, row: readonly string[], among: Spot | null = null): Result<Wish[]> {
  const { shop, thing, page, section, owner } = spot;
  switch (thing.kind) {
    case 'section':
      return ok([set(planPlaces.sectionOrder(owner), reseated(page?.sections.map(({ id }) => id) ?? [], row, same))]);
    case 'own-picture':
      return ok(section ? [set(planPlaces.sectionPictures(owner, section.id), reseated(section.pictures, row, same))] : []);
    case 'item':
      return ok([set(planPlaces.itemOrder(owner, thing.section, thing.list), reseated(itemKeys(spot), row, same))]);
    case 'entry':
    case 'footer-entry':
      if (page?.category) return fail('Shelves stand in the order of your list.');
      return ok([set(planPlaces.pageOrder, reseated(linkedPages(shop.pages), row, same))]);
    case 'card':
      return reorderGoods(spot, thing.product, row, among);
    default:
      return fail('Its place is not for you to choose.');
  }
}

/** The keys of the items that an item stands among. */
function itemKeys({ shop, thing, page, section }: Spot): string[] {
  if (thing.kind !== 'item' || !page || !section) return [];
  return itemsIn(shop.writer.words(page, section) ?? {}, thing.list).map(({ key }) => key);
}

const linkedPages = (pages: Spot['shop']['pages']): string[] =>
  pages.filter(({ inMenu, inFooter }) => inMenu || inFooter).map(({ id }) => id);

/** How goods in a section are ordered: as in the catalogue, or the seller's first and then some of all. Beside a product they follow a rule. */
const orders: Partial<Record<SectionKind, 'catalogue' | 'few'>> = { listing: 'catalogue', featured: 'few' };

function reorderGoods({ shop, decided }: Spot, moved: string, row: readonly string[], among: Spot | null): Result<Wish[]> {
  const order = among?.section ? orders[among.section.kind] : undefined;
  if (!order) return fail('These stand in an order of their own, not in that of your goods.');
  const all = shop.catalogue.products.map(({ id }) => id);
  const wanted = reseated(all, row, same);
  const last = wanted.findLastIndex((id, i) => id !== all[i]);
  const front = wanted.slice(0, Math.max(last + 1, shop.catalogue.first));
  // Cards for gifts have a page of their own, which shows all of them.
  if ((order === 'catalogue' || among?.page?.kind === 'gift-cards') && front.length <= mostFirst)
    return ok(last < 0 ? [] : [set(goodsFirst, front)]);
  // Of a few that stand for all of them each is put first, so that just these are seen. So are those of a long shelf that come before.
  const near = order === 'few' ? row : row.slice(0, row.indexOf(moved) + 1);
  const kept = [...near, ...(decided.get(goodsFirst) ?? []).filter((id) => !near.includes(id))];
  return kept.length <= mostFirst
    ? ok([set(goodsFirst, kept)])
    : fail(`No more than ${mostFirst} goods can stand before the others.`);
}

/** The keys of a thing's row as it stands now, those that are in sight and those that are not; empty where it stands in none. */
function rowOf(spot: Spot): readonly string[] {
  const { shop, thing, page, section } = spot;
  switch (thing.kind) {
    case 'item':
      return itemKeys(spot);
    case 'own-picture':
      return section?.pictures ?? [];
    case 'entry':
      return besideInMenu(spot);
    case 'footer-entry':
      return shop.pages.filter(({ inFooter }) => inFooter).map(({ id }) => id);
    case 'section':
      return page?.sections.filter(({ hidden }) => !hidden).map(({ id }) => id) ?? [];
    default:
      return [];
  }
}

/** The pages that an entry of the menu stands beside: those of the menu itself, or those under one of them. */
function besideInMenu({ shop, thing }: Spot): readonly string[] {
  if (thing.kind !== 'entry') return [];
  const menu = menuOf(shop.pages, false);
  const rows = [menu.map(({ page }) => page), ...menu.map(({ under }) => under)];
  return (rows.find((row) => row.some(({ id }) => id === thing.page)) ?? []).map(({ id }) => id);
}

/** Acts that move a thing within its row; null where it stands alone. */
export function rowActs(spot: Spot): Offered | null {
  const offers = movesOf(spot);
  return offers.length ? { as: 'acts', offers } : null;
}

function movesOf(spot: Spot): Offer[] {
  const row = rowOf(spot);
  const at = row.indexOf(inRow(spot.thing)?.key ?? '');
  if (at < 0) return [];
  const to = (id: string, label: string, place: number): Offer[] => {
    if (place === at || place < 0 || place >= row.length) return [];
    const done = reorder(spot, movedTo(row, at, place));
    return done.ok ? [{ id, label, wishes: done.value }] : [];
  };
  return [
    ...(at > 1 ? to('first', 'First', 0) : []),
    ...to('earlier', 'Earlier', at - 1),
    ...to('later', 'Later', at + 1),
    ...(at < row.length - 2 ? to('last', 'Last', row.length - 1) : []),
  ];
}
