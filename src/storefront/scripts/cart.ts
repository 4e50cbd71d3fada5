import { type ScriptPhrases } from '@/core/phrases';
import { type Offer } from '@/core/site';
import { type BillLine, type TillRules } from '@/core/till';

/** A line of the cart as a visitor's browser keeps it: what, not how much it costs. */
export interface CartLine {
  variant: string;
  /** Address of its product page, from which price and stock are read. */
  path: string;
  quantity: number;
  /** What it was called and cost when it was put in: never what is charged, only what a change is told by. */
  title?: string;
  /** Minor units. */
  price?: number;
  currency?: string;
}

/** What became of a line of the cart since it was put in. */
export type CartChange =
  | { kind: 'gone'; title: string }
  | { kind: 'sold-out'; title: string }
  | { kind: 'fewer'; title: string; left: number }
  | { kind: 'price'; title: string; before: number; now: number };

/** A line of the cart with what the shop's files say of it now. */
export interface PricedLine extends BillLine {
  path: string;
  picture: string | null;
  stock: number | null;
}

export interface Priced {
  rules: TillRules;
  phrases: ScriptPhrases;
  lines: PricedLine[];
  changes: CartChange[];
}

const key = () => `arcatum-cart:${document.documentElement.dataset.orders ?? ''}:${document.documentElement.dataset.shop ?? ''}`;

let kept: CartLine[] = [];

const isLine = (value: unknown): value is CartLine =>
  typeof value === 'object' &&
  value !== null &&
  'variant' in value &&
  'path' in value &&
  'quantity' in value &&
  typeof value.variant === 'string' &&
  typeof value.path === 'string' &&
  (!('title' in value) || typeof value.title === 'string') &&
  (!('price' in value) || Number.isInteger(value.price)) &&
  Number.isInteger(value.quantity) &&
  Number(value.quantity) > 0;

/** Between visits the cart is in the browser's storage; where that is shut, it lasts as long as the page. */
export function readCart(): CartLine[] {
  try {
    const parsed: unknown = JSON.parse(localStorage.getItem(key()) ?? '[]');
    kept = Array.isArray(parsed) ? parsed.filter(isLine) : [];
  } catch {
    // Storage is shut or damaged: what this page holds is all there is.
  }
  return kept;
}

export function writeCart(lines: CartLine[]): void {
  kept = lines.filter((line) => line.quantity > 0);
  try {
    localStorage.setItem(key(), JSON.stringify(kept));
  } catch {
    // Storage is shut or full: the cart lasts as long as the page.
  }
  paintCount();
}

/** Puts pieces in, never more than there are. Says how many are in the cart now. */
export function addToCart(
  variant: string,
  path: string,
  quantity: number,
  stock: number | null,
  seen: Pick<CartLine, 'title' | 'price' | 'currency'> = {},
): number {
  const lines = readCart();
  const line = lines.find((candidate) => candidate.variant === variant);
  const wanted = (line?.quantity ?? 0) + quantity;
  const now = stock === null ? wanted : Math.min(stock, wanted);
  writeCart(
    line
      ? lines.map((other) => (other === line ? { ...other, ...seen, quantity: now } : other))
      : [...lines, { variant, path, quantity: now, ...seen }],
  );
  return now;
}

/**
 * A line with what it costs now, never more pieces than there are.
 * @param live pieces left as the host knows them, null where they aren't counted; undefined where there is no host to ask
 * @returns null where the thing isn't sold any more, or none is left
 */
export function priceLine(line: CartLine, offer: Offer | null | undefined, live: number | null | undefined): PricedLine | null {
  const sold = offer?.variants.find((candidate) => candidate.id === line.variant);
  if (!offer || !sold) return null;
  const stock = live === undefined ? sold.stock : live;
  const quantity = stock === null ? line.quantity : Math.min(line.quantity, stock);
  if (quantity <= 0) return null;
  const { id, title, price, weight, taxClass, physical, kind, product, shelves, rhythm } = sold;
  return {
    variant: id,
    title,
    price,
    weight,
    taxClass,
    physical,
    kind,
    product,
    shelves,
    rhythm,
    quantity,
    path: line.path,
    picture: offer.picture,
    stock,
  };
}

/** What is to be said of a line before it is bought: it went, there are fewer, or it costs something else now. */
export function changesOf(
  line: CartLine,
  offer: Offer | null | undefined,
  priced: PricedLine | null,
  currency: string,
): CartChange[] {
  const sold = offer?.variants.find((candidate) => candidate.id === line.variant);
  const title = sold?.title ?? line.title ?? '';
  if (!priced) return [{ kind: sold ? 'sold-out' : 'gone', title }];
  const fewer = priced.quantity < line.quantity ? [{ kind: 'fewer' as const, title, left: priced.quantity }] : [];
  const dearer =
    line.price !== undefined && line.currency === currency && line.price !== priced.price
      ? [{ kind: 'price' as const, title, before: line.price, now: priced.price }]
      : [];
  return [...fewer, ...dearer];
}

export function paintCount(): void {
  const count = readCart().reduce((sum, line) => sum + line.quantity, 0);
  for (const element of document.querySelectorAll('[data-cart-count]')) element.textContent = count ? ` (${count})` : '';
}
