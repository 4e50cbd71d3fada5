import { type ScriptPhrases } from '@/core/phrases';
import { type Offer } from '@/core/site';
import { formatMoney, type TillRules } from '@/core/till';

/** What the studio's window puts in place of the network: pages of a preview have no files to fetch. */
export interface Frame {
  load: (path: string) => Promise<unknown>;
}

declare global {
  var arcatumFrame: Frame | undefined;
  /** The country of a right tax number; there where the shop asks for one. */
  var arcatumTaxNumber: ((text: string) => string | null) | undefined;
}

const root = () => document.documentElement.dataset.root ?? './';

/** Where a tab keeps the key of its attempt to order. */
export const attempt = 'arcatum-attempt';

/** "host", "archive" or "preview": how this site takes orders. */
export const orders = (): string => document.documentElement.dataset.orders ?? 'archive';

/** An address of the site as this page calls it. Pictures in the studio's window have whole addresses already. */
export const address = (path: string): string => (path.startsWith('blob:') ? path : root() + path);

/** A data file of the site. */
export async function load<T>(path: string): Promise<T> {
  if (globalThis.arcatumFrame) return (await globalThis.arcatumFrame.load(path)) as T;
  const answer = await fetch(address(path), { cache: 'no-cache' });
  if (!answer.ok) throw new Error(`${path}: ${answer.status}`);
  return (await answer.json()) as T;
}

let rules: Promise<TillRules> | undefined;

export const loadRules = (): Promise<TillRules> =>
  globalThis.arcatumFrame ? load<TillRules>('data/rules.json') : (rules ??= load<TillRules>('data/rules.json'));

let phrases: Promise<ScriptPhrases> | undefined;

/** What scripts say, in the language of the shop. */
export const loadPhrases = (): Promise<ScriptPhrases> =>
  globalThis.arcatumFrame ? load<ScriptPhrases>('data/phrases.json') : (phrases ??= load<ScriptPhrases>('data/phrases.json'));

export const loadOffer = (path: string): Promise<Offer | null> => load<Offer>(`${path}offer.json`).catch(() => null);

/** Pieces left as the host knows them now; what the site was published with where there is no host. */
export async function liveStock(ids: string[]): Promise<Map<string, number | null>> {
  if (orders() !== 'host' || ids.length === 0) return new Map();
  try {
    return new Map(
      Object.entries(await load<Record<string, number | null>>(`api/stock?ids=${encodeURIComponent(ids.join(','))}`)),
    );
  } catch {
    return new Map();
  }
}

export const money = (amount: number, form: TillRules): string => formatMoney(amount, form);

/** An element with text and children. Text is never read as markup. */
export function make<K extends keyof HTMLElementTagNameMap>(
  tag: K,
  attributes: Record<string, string> = {},
  ...children: (Node | string)[]
): HTMLElementTagNameMap[K] {
  const element = document.createElement(tag);
  for (const [name, value] of Object.entries(attributes)) element.setAttribute(name, value);
  element.append(...children);
  return element;
}

/** Runs now and whenever the window of the studio has been repainted. */
export function onPaint(paint: () => void): void {
  const run = () => paint();
  if (document.readyState === 'loading') document.addEventListener('DOMContentLoaded', run);
  else run();
  document.addEventListener('arcatum:repaint', run);
}
