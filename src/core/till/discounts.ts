import { followings, type GoodsKind } from './following';
import { mulDiv, shareOut } from './money';
import type { DiscountCode, TillRules } from './rules';

/** Why a discount does not hold, or empty. "less": it holds, and another one is better for the buyer. */
export type DiscountRefusal =
  '' | 'unknown' | 'not-yet' | 'ended' | 'least' | 'nothing-to-deliver' | 'not-these' | 'used-up' | 'used-by-you' | 'less';

/** A line of a cart, as far as discounts are concerned. */
export interface DiscountedLine {
  product?: string | undefined;
  shelves?: readonly string[] | undefined;
  sum: number;
  physical: boolean;
  kind?: GoodsKind | undefined;
}

/** How often a discount was used: in all, and by this buyer. Known to the host alone. */
export type Used = (code: string) => { all: number; buyer: number };

/** A code as it is compared: case and spaces around it don't count. */
export const codeKey = (code: string): string => code.trim().toUpperCase();

/** The codes that a buyer typed, parted by commas. */
export const codesIn = (text: string): string[] => [...new Set(text.split(',').map(codeKey).filter(Boolean))];

const covers = ({ of }: DiscountCode, { product, shelves, kind = 'physical' }: DiscountedLine): boolean =>
  followings[kind].discounted &&
  (of.kind === 'all' ||
    (of.kind === 'products'
      ? product !== undefined && of.ids.includes(product)
      : (shelves ?? []).some((name) => of.names.includes(name))));

/** Whether a discount holds for a cart. */
export function judge(discount: DiscountCode, lines: readonly DiscountedLine[], today: string, used?: Used): DiscountRefusal {
  const { from, until, least, kind, uses, perBuyer } = discount;
  if (from && today < from) return 'not-yet';
  if (until && today > until) return 'ended';
  if (lines.reduce((sum, line) => sum + line.sum, 0) < least) return 'least';
  if (kind === 'free-delivery' && !lines.some(({ physical }) => physical)) return 'nothing-to-deliver';
  if (!lines.some((line) => covers(discount, line))) return 'not-these';
  const times = used?.(codeKey(discount.code));
  if (times && uses !== null && times.all >= uses) return 'used-up';
  if (times && perBuyer !== null && times.buyer >= perBuyer) return 'used-by-you';
  return '';
}

/** Discounts taken one after another, in the seller's order, each off what is left of the lines that it covers. Nothing goes below zero. */
export function taken(
  discounts: readonly DiscountCode[],
  lines: readonly DiscountedLine[],
): { amounts: number[]; lines: number[] } {
  const left = lines.map(({ sum }) => sum);
  const amounts = discounts.map((discount) => {
    const covered = lines.map((line, i) => (covers(discount, line) ? (left[i] ?? 0) : 0));
    const base = covered.reduce((a, b) => a + b, 0);
    const amount =
      discount.kind === 'percent'
        ? mulDiv(base, discount.amount, 10_000)
        : discount.kind === 'sum'
          ? Math.min(base, discount.amount)
          : 0;
    if (amount) shareOut(amount, covered).forEach((part, i) => (left[i] = (left[i] ?? 0) - part));
    return amount;
  });
  return { amounts, lines: lines.map(({ sum }, i) => sum - (left[i] ?? 0)) };
}

/** As many that combine are tried in every combination; a till with more of them at once takes the first. */
const mostTried = 8;

/** Every way to take discounts that hold: none, one by itself, or several of those that may be combined, in the seller's order. */
export function combinations(held: readonly DiscountCode[]): DiscountCode[][] {
  const together = held.filter(({ combines }) => combines).slice(0, mostTried);
  const sets = together.reduce<DiscountCode[][]>((all, one) => [...all, ...all.map((set) => [...set, one])], [[]]);
  return [...sets, ...held.filter(({ combines }) => !combines).map((one) => [one])];
}

/** The discounts that a buyer asked for or gets unasked, and why each of the others does not hold. */
export function discountsFor(
  { codes }: Pick<TillRules, 'codes'>,
  typed: readonly string[],
  lines: readonly DiscountedLine[],
  today: string,
  used?: Used,
): { held: DiscountCode[]; refused: Map<string, DiscountRefusal> } {
  const refused = new Map<string, DiscountRefusal>();
  for (const code of typed) if (!codes.some((one) => !one.automatic && codeKey(one.code) === code)) refused.set(code, 'unknown');
  const held = codes.filter((discount) => {
    if (!discount.automatic && !typed.includes(codeKey(discount.code))) return false;
    const why = judge(discount, lines, today, used);
    if (why && !discount.automatic) refused.set(codeKey(discount.code), why);
    return !why;
  });
  return { held, refused };
}
