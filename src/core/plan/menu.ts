import { isNamed, type Page } from './page';

/** A page that the menu names, and those that stand under it there. */
export interface MenuEntry {
  page: Page;
  under: readonly Page[];
}

/** More shelves than these are no list that anybody reads; the page with all goods has them all. */
export const mostShelves = 12;

/**
 * The menu of a shop, one step deep. A page whose place is under one that the menu doesn't name, or that stands under another itself, stands
 * by itself.
 *
 * @param pages those that are in sight
 * @param withShelves whether shelves stand under the page that shows all goods
 */
export function menuOf(pages: readonly Page[], withShelves: boolean): MenuEntry[] {
  const named = pages.filter(({ inMenu }) => inMenu);
  const shelves = pages.filter(({ category }) => category?.parent === null).slice(0, mostShelves);
  const isTop = ({ under, id }: Page): boolean => !named.some((page) => page.id === under && page.id !== id && canHold(page));
  return named.filter(isTop).map((page) => ({
    page,
    under: [
      ...(page.kind === 'shop' && withShelves && shelves.length > 1 ? shelves : []),
      ...named.filter((one) => one.under === page.id && !isTop(one)),
    ],
  }));
}

/** Whether others can stand under a page: it stands under none. */
const canHold = ({ under }: Page): boolean => under === null;

/** The pages that one can stand under in the menu; none where others stand under it, and where it is not in the menu. */
export function holdersFor(pages: readonly Page[], page: Page): Page[] {
  const named = pages.filter((one) => one.inMenu && one.id !== page.id && isNamed(one));
  const holds = named.some((one) => one.under === page.id) || page.kind === 'shop';
  return page.inMenu && isNamed(page) && !holds ? named.filter(canHold) : [];
}

/** Whether the shelves of a shop can stand in its menu: there are some, and the page that shows all goods is in it. */
export const canListShelves = (pages: readonly Page[]): boolean =>
  pages.some(({ kind, inMenu }) => kind === 'shop' && inMenu) &&
  pages.filter(({ category }) => category?.parent === null).length > 1;
