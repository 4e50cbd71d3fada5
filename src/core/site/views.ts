import { priceRange } from '../goods';
import { type Page } from '../plan';
import { type Product } from '../project';
import { type Shop } from './shop';

/** Orders in which a shelf can be looked at. Each is a page of its own, so that sorting works without scripts. */
export const shelfOrders = ['', 'by-price', 'by-price-down', 'by-name'] as const;

export type ShelfOrder = (typeof shelfOrders)[number];

/** A page of a shelf: which order, and which stretch of it. */
export interface View {
  order: ShelfOrder;
  /** Counted from 1. */
  stretch: number;
}

/** Goods on one page of a shelf. */
export const perStretch = 60;

export const firstView: View = { order: '', stretch: 1 };

export const isShelf = (page: Page): boolean => page.kind === 'shop' || page.kind === 'category';

export const shelfProducts = (shop: Shop, page: Page): Product[] => page.category?.products ?? shop.catalogue.products;

export const stretches = (count: number): number => Math.max(1, Math.ceil(count / perStretch));

/** Address of a view of a page, under the shop's own. */
export function viewPath(page: Pick<Page, 'path'>, { order, stretch }: View): string {
  return page.path + (order ? `${order}/` : '') + (stretch > 1 ? `${stretch}/` : '');
}

export function sortProducts(products: readonly Product[], order: ShelfOrder, locale: string): Product[] {
  const sorted = [...products];
  if (order === 'by-price') sorted.sort((a, b) => lowest(a) - lowest(b));
  if (order === 'by-price-down') sorted.sort((a, b) => lowest(b, 0) - lowest(a, 0));
  if (order === 'by-name') {
    const collator = new Intl.Collator(locale);
    sorted.sort((a, b) => collator.compare(a.title, b.title));
  }
  return sorted;
}

/** All views of a page. */
export function viewsOf(shop: Shop, page: Page): View[] {
  if (!isShelf(page)) return [firstView];
  const count = shelfProducts(shop, page).length;
  const orders = count > 1 ? shelfOrders : shelfOrders.slice(0, 1);
  return orders.flatMap((order) => Array.from({ length: stretches(count) }, (_, i) => ({ order, stretch: i + 1 })));
}

/** The page and view at an address of the shop, or null. */
export function pageAt(shop: Shop, path: string): { page: Page; view: View } | null {
  const wanted = path.replace(/^\/+/, '').replace(/index\.html$/, '');
  const exact = shop.pages.find((page) => page.path === wanted);
  if (exact) return { page: exact, view: firstView };
  const match = /^(.*?)(?:(by-price|by-price-down|by-name)\/)?(?:(\d+)\/)?$/.exec(wanted);
  const page = match && shop.pages.find((candidate) => candidate.path === match[1] && isShelf(candidate));
  if (!match || !page) return null;
  const view = { order: (match[2] ?? '') as ShelfOrder, stretch: Number(match[3] ?? 1) };
  return view.stretch >= 1 && view.stretch <= stretches(shelfProducts(shop, page).length) ? { page, view } : null;
}

/** What has no price yet stands last, whichever way the list goes. */
const lowest = (product: Product, none = Infinity): number => priceRange(product)?.low ?? none;
