import { isBlank, textOf, type Cell } from '../source/grid';
import { type Layout } from './head';

/** The usual sign of a currency, as Unicode CLDR has it: "₲", "$", "kr". */
const signIn = (currency: string): string =>
  new Intl.NumberFormat('en', { style: 'currency', currency, currencyDisplay: 'narrowSymbol' })
    .formatToParts(0)
    .find(({ type }) => type === 'currency')?.value ?? currency;

/** An amount before or behind which a question mark stands for what the file could not hold: "? 185.000". */
const lost = /^\?\s?(\d[\d.,'’\s]*)$|^(\d[\d.,'’\s]*?)\s?\?$/;
/** In fewer cells a question mark may be one. */
const fewest = 3;

/**
 * Saved in an encoding that lacks the sign of its money, a list has "? 185.000" for "₲ 185.000". Where all amounts of a column stand so, and
 * the money that the brief names has a sign that can be lost, they are amounts in it. "$" and letters are in every encoding.
 */
export function withoutLostSigns(layout: Layout, currency: string): { layout: Layout; columns: ReadonlySet<number> } {
  const columns = new Set<number>();
  if (currency && /[^\x00-\x7f]/.test(signIn(currency)))
    for (const index of layout.headings.keys()) if (isLost(layout, index)) columns.add(index);
  if (!columns.size) return { layout, columns };
  const bare = (cell: Cell, index: number): Cell => (columns.has(index) ? (amountIn(cell) ?? cell) : cell);
  return { layout: { ...layout, body: layout.body.map(({ cells, row }) => ({ cells: cells.map(bare), row })) }, columns };
}

function amountIn(cell: Cell): string | null {
  const [, behind, before] = lost.exec(textOf(cell).trim()) ?? [];
  return (behind ?? before)?.trim() ?? null;
}

function isLost({ body }: Layout, index: number): boolean {
  const filled = body.map(({ cells }) => cells[index] ?? '').filter((cell) => !isBlank(cell));
  return filled.length >= fewest && filled.every((cell) => amountIn(cell) !== null);
}
