import { currenciesIn, understandMoney, type Money } from '../cells/money';
import { currenciesOf, isCurrency } from '../../till';
import { type Cell } from '../source/grid';

/** What is known of a list from outside it. */
export interface ListHints {
  /** ISO 4217, where the seller has decided it. */
  decided?: string;
  /** The currency that the brief names or its country has. */
  brief?: string;
  /** The brief itself: what it names is likely what the list is of. */
  told?: string;
}

export interface CurrencyReading {
  code: string | null;
  /** Who says so. */
  from: 'list' | 'seller' | 'brief' | null;
  because: string;
  /** Currencies that it could be where nothing says which, the likeliest first. */
  choices: readonly string[];
}

interface Evidence {
  cells: readonly Cell[];
  headings: readonly string[];
  units: readonly string[];
  /** Cells of a column that names currencies. */
  named: readonly Cell[];
  above: readonly string[];
  formats: readonly string[];
  /** Names of things, whose script tells whose money a sign is. */
  names: readonly Cell[];
}

/**
 * The currency of a whole list: what its cells, its headings, its number formats, its notes and the brief agree on. A sign with several
 * meanings takes the one that something else names.
 */
export function currencyOf(evidence: Evidence, hints: ListHints): CurrencyReading {
  const signs = new Map<string, { count: number; codes: readonly string[] }>();
  /** Amounts without a sign, and cells that were not understood: whatever is in them, it is none of the signs. */
  let bare = 0;
  for (const cell of evidence.cells) {
    const money = understandMoney(cell);
    const codes = currenciesIn(money);
    if ((money.kind === 'amount' && !codes.length) || money.kind === 'unknown') bare++;
    if (!codes.length || !('sign' in money)) continue;
    const known = signs.get(money.sign) ?? { count: 0, codes };
    signs.set(money.sign, { count: known.count + 1, codes });
  }
  const commonest = [...signs].sort((a, b) => b[1].count - a[1].count)[0];
  const named = mostOf(evidence.named.map((cell) => String(cell).trim().toUpperCase()).filter(isCurrency));
  if (named) return { code: named, from: 'list', because: `The list’s own column says ${named}.`, choices: [] };
  const said = [
    ...evidence.units.map((unit) => ({ unit, because: `A heading says “${unit}”.` })),
    ...evidence.formats.map((unit) => ({ unit, because: `The spreadsheet formats its prices in ${unit}.` })),
    ...[...evidence.headings, ...evidence.above].flatMap((text) =>
      wordsOf(text).map((unit) => ({ unit, because: `The list says “${text.trim().slice(0, 60)}”.` })),
    ),
  ];
  const script = evidence.names.some((cell) => /[\u3040-\u30ff]/.test(String(cell))) ? 'JPY' : '';
  const context = [hints.decided, hints.brief, script].filter((code): code is string => Boolean(code && isCurrency(code)));
  // A few prices with a sign, among many without one, are the exceptions where a heading or the brief names the money.
  const isException = commonest !== undefined && commonest[1].count < bare && (said.length > 0 || context.length > 0);
  const likely = isException ? undefined : commonest;
  const settle = (codes: readonly string[]): string | null => {
    if (codes.length === 1) return codes[0] ?? null;
    const by = [...context, ...said.flatMap(({ unit }) => (currenciesOf(unit).length === 1 ? currenciesOf(unit) : []))];
    return by.find((code) => codes.includes(code)) ?? null;
  };
  if (likely) {
    const [sign, { codes, count }] = likely;
    const code = settle(codes);
    const many = `“${sign}” stands in ${count === 1 ? 'one price' : `${count} prices`}`;
    if (code)
      return {
        code,
        from: 'list',
        because:
          codes.length === 1
            ? `${many}.`
            : `${many}, and ${[hints.decided, hints.brief].includes(code) ? 'the brief' : 'the list'} says which.`,
        choices: [],
      };
    return { code: null, from: null, because: `${many}, which could be ${codes.slice(0, 4).join(', ')}.`, choices: codes };
  }
  for (const { unit, because } of said) {
    const codes = currenciesOf(unit);
    const code = settle(codes);
    if (code) return { code, from: 'list', because, choices: [] };
    if (codes.length) return { code: null, from: null, because, choices: codes };
  }
  if (hints.decided) return { code: hints.decided, from: 'seller', because: 'You have said so.', choices: [] };
  if (hints.brief) return { code: hints.brief, from: 'brief', because: 'The brief says so.', choices: [] };
  return { code: null, from: null, because: 'No sign, no word and no code says what money the prices are in.', choices: [] };
}

function mostOf(values: readonly string[]): string | null {
  const counts = new Map<string, number>();
  for (const value of values) counts.set(value, (counts.get(value) ?? 0) + 1);
  return [...counts].sort((a, b) => b[1] - a[1])[0]?.[0] ?? null;
}

/** Codes, signs and words for money in a text: "Prices in Ghana cedis", "Price TZS". */
function wordsOf(text: string): string[] {
  const found = text.split(/[\s,;:()[\]/]+/).filter((word) => {
    const codes = currenciesOf(word);
    if (!codes.length) return false;
    // Codes that are words as well count in capitals only; single letters never do. "TSh" is written like no word.
    return /^\p{Sc}$/u.test(word) || (word.length > 2 && (!/^[A-Za-z]{3}$/.test(word) || /[A-Z]/.test(word.slice(1))));
  });
  return found;
}

/** The currency of one price where it is not the list's: a sign that can't mean it. */
export function foreignTo(money: Money, code: string): string | null {
  const codes = currenciesIn(money);
  return codes.length && !codes.includes(code) ? (codes[0] ?? null) : null;
}
