import { textOf, type Cell } from '../source/grid';
import { understandMoney } from '../cells/money';
import { numberFormOf, valueUnder } from '../cells/number';
import { offered, type Candidate, type Profile } from './contents';
import { type Seen } from './features';
import { saysKnown, unitOf, type Evidence } from './heading';
import { columnKeys, unheaded } from './keys';
import { single, type Meaning } from './meaning';
import { likeliestNames, seenIn } from './seen';
import { judgedShares, type Shares } from './shares';
import { isAnyChoice } from './values';

/** What a column is said to be, and by whom. */
export interface Given {
  as: Meaning;
  because: string;
}

/** What a column is taken for, what speaks for it, and what else it could be. */
export interface ColumnProposal {
  heading: string;
  /** What it is known by among the others. */
  key: string;
  index: number;
  as: Meaning;
  /** What an option or a particular is called. */
  name: string;
  because: string;
  /** 0–1. */
  sure: number;
  others: readonly Meaning[];
  /** A price that is paid now, where another column has the one from before. */
  isSale: boolean;
  /** Whether its heading says that it was asked before. */
  saysBefore: boolean;
  /** How much its heading speaks of prices. */
  priceWords: number;
  /** Whether its heading says something that is known, more surely than by a few letters. */
  isKnown: boolean;
  /** Whether it may be how many there are, and too little says so. */
  mayBeStock: boolean;
  /** Whether it is taken for that by its numbers alone, which is said. */
  isGuessed: boolean;
  unit: string;
  profile: Profile;
}

/** Words of a heading that weigh less than this are guessed from a few of their letters. */
const known = 1.6;
/** The same few numbers again and again, and never a zero: how many are in a pack, as likely as how many are there. */
const isAlike = ({ hasZero, values, filled, whole, measure }: Profile): boolean =>
  whole + measure > 0.5 && !hasZero && filled >= 12 && values <= filled / 8;
/** What has a zero among its numbers and is as likely as this is taken for the stock without words for it, and that is said. */
const surely = 0.8;
/** The share of cells that say in words what there is. */
const someWords = 0.15;
const mostCells = 0.5;

/** Whether cells say of some things that none is left, and most say what there is. A lid that is none, or domed, is no stock. */
const tellsOfNone = ({ soldOut, stockWords, whole }: Profile): boolean =>
  soldOut > 0 && stockWords + whole > mostCells && (soldOut === 1 || stockWords + whole > soldOut);

const tidyName = (heading: string): string => {
  const name = heading.replace(offered, '').replace(/_/g, ' ').trim();
  return name.charAt(0).toUpperCase() + name.slice(1);
};

/** What is known of a list from outside it. */
export interface ListContext {
  /** ISO 4217, of the brief. */
  currency?: string;
  /** Words of the brief, in small letters. */
  told?: readonly string[];
  /** What the seller calls columns, by their index. */
  called?: ReadonlyMap<number, string>;
  /** Columns, by their index, that the list itself adds up at its foot. */
  summed?: ReadonlySet<number>;
}

/**
 * What each column holds: by the words of its heading, by its contents and by its neighbours. Each meaning that a list has once goes to
 * the column that has most for it; a column that nothing claims is a particular of the goods.
 */
export function proposeColumns(
  headings: readonly string[],
  rows: readonly (readonly Cell[])[],
  given: ReadonlyMap<number, Given> = new Map(),
  { currency = '', told = [], called = new Map(), summed = new Set() }: ListContext = {},
): ColumnProposal[] {
  const columns = seenIn(headings, rows, currency);
  const taken = new Map<Meaning, number>();
  const chosen = new Map<number, Candidate>();
  for (const [index, { as, because }] of given) {
    chosen.set(index, { as, score: 1, because });
    if (single.has(as)) taken.set(as, index);
  }
  const shares = judgedShares(columns, told);
  claim(columns, shares, chosen, taken);
  settleCharged(columns, rows, chosen, taken, given);
  settlePrices(columns, rows, chosen, taken, given);
  nameByGroup(columns, chosen, taken, given);
  if (!taken.has('title')) giveTitle(columns, chosen, taken);
  pairChoices(columns, rows, chosen, taken.get('title'), given);
  if (!taken.has('price')) givePrice(columns, chosen, taken);
  giveCounted(columns, summed, chosen, taken);
  const usual = columns.find(({ index }) => index === taken.get('earlierPrice'));
  const keys = columnKeys(headings, columns.length);
  return columns.map(({ index, heading, isMoney, profile, evidence }) => {
    const likeliest = chosen.get(index);
    // Numbers that things are sold by until none is left are taken for that where words say so.
    const isGuessed =
      likeliest?.as === 'stock' &&
      !given.has(index) &&
      ((evidence.stock ?? 0) < known
        ? profile.stockWords < someWords || profile.values === 1
        : profile.stockWords < someWords && isAlike(profile));
    const mayBeStock =
      (isGuessed && !summed.has(index) && !(profile.hasZero && profile.values > 1 && likeliest.score >= surely)) ||
      // What says that some are sold out is not passed over, whatever it may be.
      (!likeliest && !taken.has('stock') && tellsOfNone(profile));
    const own = (mayBeStock ? undefined : likeliest) ?? leftOver(heading, profile, shares.get(index));
    const likely = [...(shares.get(index) ?? [])].sort((a, b) => b[1] - a[1]);
    const others = likely.filter(([as, share]) => as !== own.as && share > 0.03).map(([as]) => as);
    return {
      heading,
      key: keys[index] ?? unheaded(index),
      index,
      as: own.as,
      name: called.get(index) ?? (tidyName(heading) || unheaded(index)),
      because: own.because,
      sure: Number((given.has(index) ? 1 : (shares.get(index)?.get(own.as) ?? 0)).toFixed(2)),
      others: others.slice(0, 4),
      isSale: (evidence.now ?? 0) > 0 || (index === taken.get('price') && profile.fill < 1 && usual?.profile.fill === 1),
      saysBefore: (evidence.old ?? 0) > 0,
      priceWords: evidence.price ?? (isMoney ? 2 : 0),
      isKnown: saysKnown(evidence),
      mayBeStock,
      isGuessed: isGuessed && !mayBeStock,
      unit: unitOf(heading),
      profile,
    };
  });
}

/** More kinds of choices than this no list names in one column. */
const mostChoiceNames = 6;

/** Whether a heading only says that something is chosen, in the usual words or in others that mean it. */
const speaksOfChoice = ({ heading, evidence: { option, optionName, optionValue } }: Seen): boolean =>
  isAnyChoice(heading) || Math.max(optionName ?? 0, optionValue ?? 0) > Math.max(0.7, option ?? 0);

/**
 * Two columns side by side that only say that something can be chosen ("Choice", "Which one"): where the first is the same for all rows of
 * a thing and the second is not, the first says by what the second is chosen.
 */
function pairChoices(
  columns: readonly Seen[],
  rows: readonly (readonly Cell[])[],
  chosen: Map<number, Candidate>,
  title: number | undefined,
  given: ReadonlyMap<number, Given>,
): void {
  const pairs = columns.flatMap((names, i) => {
    const its = columns[i + 1];
    const isPair = its && speaksOfChoice(names) && speaksOfChoice(its) && !given.has(names.index) && !given.has(its.index);
    return isPair && names.profile.text > mostCells && names.profile.values <= mostChoiceNames ? [{ names, its }] : [];
  });
  if (title === undefined || !pairs.length) return;
  const textAt = (row: readonly Cell[], index: number) => textOf(row[index]).trim();
  const things = new Map<string, (readonly Cell[])[]>();
  for (const row of rows) {
    const name = textAt(row, title);
    if (name) things.set(name, [...(things.get(name) ?? []), row]);
  }
  const several = [...things.values()].filter((alike) => alike.length > 1);
  const values = (alike: readonly (readonly Cell[])[], index: number) => new Set(alike.map((row) => textAt(row, index))).size;
  for (const { names, its } of pairs) {
    const isName = several.every((alike) => values(alike, names.index) === 1);
    if (!isName || !several.some((alike) => values(alike, its.index) > 1)) continue;
    chosen.set(names.index, { as: 'optionName', score: 1, because: `It says what “${its.heading}” is a choice of.` });
    chosen.set(its.index, {
      as: 'optionValue',
      score: 1,
      because: `It stands after “${names.heading}”, which names what it is.`,
    });
  }
}

/** Whole numbers that nothing is said of, and the list adds up, are pieces: nobody adds up sizes. */
function giveCounted(
  columns: readonly Seen[],
  summed: ReadonlySet<number>,
  chosen: Map<number, Candidate>,
  taken: Map<Meaning, number>,
): void {
  const [only, ...more] = columns.filter(
    ({ index, heading, profile }) => summed.has(index) && !heading && !chosen.has(index) && profile.whole === 1,
  );
  if (!only || more.length || taken.has('stock')) return;
  chosen.set(only.index, { as: 'stock', score: 1, because: 'It holds whole numbers, which the list adds up.' });
  taken.set('stock', only.index);
}

/** What is less likely than this is nothing that a column is taken for. */
const leastShare = 0.02;

/** The likeliest meaning of all goes first; what a list has once is then no other column's. */
function claim(
  columns: readonly Seen[],
  shares: ReadonlyMap<number, Shares>,
  chosen: Map<number, Candidate>,
  taken: Map<Meaning, number>,
): void {
  const open = new Set(columns.filter(({ index }) => !chosen.has(index)));
  const best = ({ index }: Seen) => {
    let found: { as: Meaning; share: number } | null = null;
    for (const [as, share] of shares.get(index) ?? []) if (!taken.has(as) && share > (found?.share ?? 0)) found = { as, share };
    return found;
  };
  while (open.size) {
    let first: { column: Seen; as: Meaning; share: number } | null = null;
    for (const column of open) {
      const own = best(column);
      if (own && own.share > (first?.share ?? 0)) first = { column, ...own };
    }
    if (!first) break;
    const { column, as } = first;
    open.delete(column);
    // What is only shown, or not at all, has claimed nothing; nor has what came second to a meaning that is another's by now.
    if (as === 'particular' || as === 'ignored' || first.share < leastShare) continue;
    if (single.has(as)) taken.set(as, column.index);
    chosen.set(column.index, { as, score: first.share, because: reasonFor(column, as) });
  }
}

const reasonFor = ({ candidates, heading }: Seen, as: Meaning): string =>
  candidates.find((candidate) => candidate.as === as)?.because ??
  (heading
    ? `It is headed “${heading}”, and its cells and those beside it go with that.`
    : 'Its cells and those beside it go with that.');

/** What was taken for the price, held against the cells of the others: signs, cents and which is less say more than few letters of a heading. */
function settleCharged(
  columns: readonly Seen[],
  rows: readonly (readonly Cell[])[],
  chosen: Map<number, Candidate>,
  taken: Map<Meaning, number>,
  given: ReadonlyMap<number, Given>,
): void {
  const set = (as: Meaning, index: number, because: string) => {
    chosen.set(index, { as, score: 2, because });
    taken.set(as, index);
  };
  const paid = columns.find(({ index }) => index === taken.get('price'));
  if (!paid || given.has(paid.index)) return;
  const isOnly = paid.profile.signed === 0 && paid.profile.whole > 0.95;
  const rather = (fits: (column: Seen) => boolean): Seen | undefined => {
    const [one, ...others] = columns.filter((column) => column !== paid && !given.has(column.index) && fits(column));
    return others.length ? undefined : one;
  };
  const signed = isOnly
    ? rather(
        ({ evidence, profile }) => profile.signed > 0.5 && profile.money > 0.8 && !evidence.old && (evidence.cost ?? 0) < known,
      )
    : undefined;
  const exact =
    isOnly && !paid.evidence.price
      ? rather((one) => isExact(one) && [undefined, 'option'].includes(chosen.get(one.index)?.as))
      : undefined;
  if (signed ?? exact) {
    const better = (signed ?? exact) as Seen;
    for (const [as, index] of taken) if (index === better.index) taken.delete(as);
    chosen.delete(paid.index);
    return set('price', better.index, signed ? 'Its amounts have a sign.' : 'Of the columns of numbers it alone has cents.');
  }
  const full = columns.find(({ index }) => index === taken.get('earlierPrice'));
  if (!full || full.evidence.old || given.has(full.index) || !isLess(rows, full.index, paid.index)) return;
  set('earlierPrice', paid.index, `It is charged where “${full.heading}” is empty.`);
  set('price', full.index, `Wherever it stands, it is less than “${paid.heading}”.`);
}

/** A price that is charged now leaves the other one as that from before; one that stands alone is the price, whatever it is called. */
function settlePrices(
  columns: readonly { index: number; heading: string; evidence: Evidence; profile: Profile }[],
  rows: readonly (readonly Cell[])[],
  chosen: Map<number, Candidate>,
  taken: Map<Meaning, number>,
  given: ReadonlyMap<number, Given>,
): void {
  const move = (from: Meaning, to: Meaning, index: number, because: string) => {
    chosen.set(index, { as: to, score: 2, because });
    taken.delete(from);
    taken.set(to, index);
  };
  const earlier = taken.get('earlierPrice');
  const before = columns.find(({ index, evidence }) => (evidence.old ?? 0) > 0 && index === (taken.get('price') ?? earlier));
  const beside = columns.filter(
    ({ index, evidence, profile }) =>
      !chosen.has(index) &&
      profile.money > 0.8 &&
      profile.gtinLong < 0.5 &&
      !profile.rising &&
      !evidence.cost &&
      (!before || isLike(rows, index, before.index)),
  );
  // Of several, what is asked now is less than what was asked before wherever that stands.
  const [now, ...others] = before && beside.length > 1 ? beside.filter(({ index }) => isLess(rows, index, before.index)) : beside;
  // What the seller has said of it holds.
  if (before && !given.has(before.index) && now && !others.length && !(taken.has('price') && earlier !== undefined)) {
    // Beside what was asked before stands what is asked now, whatever that is called.
    if (earlier === undefined) move('price', 'earlierPrice', before.index, `It is headed “${before.heading}”.`);
    chosen.set(now.index, { as: 'price', score: 1.5, because: `It stands beside “${before.heading}”.` });
    taken.set('price', now.index);
    return;
  }
  // What was asked before for a few things is no price, where other amounts stand beside it: then none is known.
  const isSparse = before !== undefined && beside.length > 1 && before.profile.fill < mostCells;
  if (!taken.has('price') && earlier !== undefined && !isSparse)
    move('earlierPrice', 'price', earlier, 'It is the only column of prices.');
  const stated = columns.find(({ index }) => index === taken.get('price'));
  const offer = columns.find(
    ({ index, evidence, profile }) =>
      (chosen.get(index)?.score ?? 0) < hardly && (evidence.now ?? 0) > 0 && profile.filled > 0 && profile.money > 0.5,
  );
  if (stated && !stated.evidence.now && offer && !taken.has('earlierPrice')) {
    for (const [as, index] of taken) if (index === offer.index) taken.delete(as);
    move('price', 'earlierPrice', stated.index, `It is charged where “${offer.heading}” is empty.`);
    chosen.set(offer.index, {
      as: 'price',
      score: 2,
      because: `It is headed “${offer.heading}”, and it holds amounts of money.`,
    });
    taken.set('price', offer.index);
    return;
  }
  const price = columns.find(({ index }) => index === taken.get('price'));
  if (!price || given.has(price.index) || taken.has('earlierPrice')) return;
  const saysNow = (price.evidence.now ?? 0) > 0;
  const amounts = columns.filter(
    ({ index, profile }) =>
      index !== price.index && (!chosen.has(index) || chosen.get(index)?.as === 'option') && profile.money > 0.5,
  );
  // What has an amount in every row, beside offers in some, is what those are offers of.
  const [only, ...more] = amounts.filter(
    ({ evidence, profile }) =>
      profile.fill === 1 && ((evidence.price ?? 0) > 1 || Object.values(evidence).every((weight) => weight < known)),
  );
  // Of two that are both called a price, one in every row and the other, where it stands, never less: that was asked before.
  const named = saysNow ? [] : amounts.filter(({ evidence }) => (evidence.price ?? 0) > 1);
  const isBefore = (one: typeof price, now: typeof price) =>
    one.profile.fill < 1 && now.profile.fill === 1 && isLess(rows, now.index, one.index) && isLike(rows, now.index, one.index);
  const [charged] = named.filter((one) => isBefore(price, one));
  const [asked] = charged ? [price] : named.filter((one) => isBefore(one, price));
  if (asked) {
    const now = charged ?? price;
    move('earlierPrice', 'earlierPrice', asked.index, `It is never less than “${now.heading}”, and stands in some rows alone.`);
    chosen.set(now.index, { as: 'price', score: 2, because: `It is headed “${now.heading}”, and every row has it.` });
    taken.set('price', now.index);
    return;
  }
  const usual =
    (saysNow ? amounts.find(({ evidence }) => (evidence.price ?? 0) > 1) : undefined) ??
    (only && !more.length && price.profile.fill < 1 && (saysNow || isLess(rows, price.index, only.index)) ? only : undefined);
  if (!usual) return;
  move('price', 'earlierPrice', usual.index, `It is charged where “${price.heading}” is empty.`);
  taken.set('price', price.index);
}

/** What is as unlikely as this gives way to what a heading says. */
const hardly = 0.5;

/** Whether what stands in one column is never more than what stands beside it in another, and mostly less: an offer, by whatever name. */
function isLess(rows: readonly (readonly Cell[])[], offer: number, usual: number): boolean {
  const [offers, others] = [amountsIn(rows, offer), amountsIn(rows, usual)];
  const pairs = offers.map((now, i) => [now, others[i] ?? 0] as const).filter(([now, before]) => now > 0 && before > 0);
  const less = pairs.filter(([now, before]) => now < before).length;
  return pairs.length >= fewestOffers && less > pairs.length / 2 && pairs.every(([now, before]) => now <= before);
}

/** The least and the most of what was asked before that somebody asks now. */
const [leastNow, mostNow] = [0.2, 1.5];

/** Whether two columns hold amounts of about one size: a number of seams is no price beside one of forty. */
function isLike(rows: readonly (readonly Cell[])[], one: number, other: number): boolean {
  const others = amountsIn(rows, other);
  const shares = amountsIn(rows, one).flatMap((amount, i) => (amount && others[i] ? [amount / (others[i] ?? 1)] : []));
  return shares.filter((share) => share >= leastNow && share <= mostNow).length >= shares.length / 2;
}

/** As many rows show which of two columns is less. */
const heldAgainst = 2000;

/** The amounts of a column in hundredths, to be held against others; 0 where there is none. */
function amountsIn(rows: readonly (readonly Cell[])[], index: number): number[] {
  const said = rows.slice(0, heldAgainst).map((row) => {
    const money = understandMoney(row[index] ?? '');
    return money.kind === 'amount' ? money.number : '';
  });
  const { mark } = numberFormOf(
    said.filter((number) => typeof number === 'string'),
    2,
  );
  return said.map((number) => (typeof number === 'number' ? number * 100 : (valueUnder(number, mark, 2) ?? 0)));
}

/** Amounts with cents, whatever their heading says of them: nothing. */
const isExact = ({ evidence, profile }: { evidence: Evidence; profile: Profile }): boolean =>
  profile.money > 0.8 && profile.decimals > 0.6 && Object.values(evidence).every((weight) => weight < known);

/** Of one row nothing follows. */
const fewestOffers = 2;

/** What brings rows together in words, where no heading speaks of names, is what the things are called: “Model” over “Corniche”. */
function nameByGroup(
  columns: readonly Seen[],
  chosen: Map<number, Candidate>,
  taken: Map<Meaning, number>,
  given: ReadonlyMap<number, Given>,
): void {
  const of = (as: Meaning) => columns.find(({ index }) => index === taken.get(as) && !given.has(index));
  const [group, title] = [of('group'), of('title')];
  const isNamed = title && Math.max(title.evidence.title ?? 0, title.evidence.thing ?? 0) > 0;
  if (!group || isNamed || (taken.has('title') && !title)) return;
  const { text, code, distinct } = group.profile;
  if (text < mostCells || code > 1 - mostCells || (!title && distinct === 1)) return;
  if (title) chosen.delete(title.index);
  taken.delete('group');
  taken.set('title', group.index);
  chosen.set(group.index, {
    as: 'title',
    score: 1.5,
    because: `It is headed “${group.heading}”, and no other heading speaks of names.`,
  });
}

/** A list without a heading for it: the first column whose words differ from row to row holds the names. */
function giveTitle(
  columns: readonly { index: number; profile: Profile; heading: string }[],
  chosen: Map<number, Candidate>,
  taken: Map<Meaning, number>,
): void {
  const open = columns.filter(({ index }) => {
    const as = chosen.get(index)?.as;
    return (
      as === undefined || as === 'option' || as === 'category' || as === 'particular' || as === 'description' || as === 'group'
    );
  });
  const best = likeliestNames(open);
  if (!best) return;
  chosen.set(best.index, { as: 'title', score: 1.5, because: 'The words in it differ from row to row.' });
  taken.set('title', best.index);
}

/** The only column of numbers in a list without headings, or the only one of amounts under one that says nothing, holds the prices. */
function givePrice(
  columns: readonly { index: number; profile: Profile; heading: string; evidence: Evidence }[],
  chosen: Map<number, Candidate>,
  taken: Map<Meaning, number>,
): void {
  const fit = columns.filter(
    ({ index, heading, profile }) =>
      !chosen.has(index) &&
      profile.money > 0.8 &&
      !profile.rising &&
      profile.gtinLong < 0.5 &&
      (!heading || profile.signed > 0.3 || profile.decimals > 0.6 || profile.quoted > 0),
  );
  const [only, ...more] = fit;
  // What is headed as the price is that, however little of it is understood: each of its cells is asked about then.
  const [headed] = columns
    .filter(
      ({ index, evidence, profile }) =>
        !chosen.has(index) && (evidence.price ?? 0) >= 2.4 && !evidence.cost && !evidence.old && profile.filled > 0,
    )
    .sort((a, b) => (b.evidence.price ?? 0) - (a.evidence.price ?? 0));
  if (headed && (!only || more.length)) {
    chosen.set(headed.index, { as: 'price', score: 1.5, because: `It is headed “${headed.heading}”.` });
    taken.set('price', headed.index);
    return;
  }
  if (!only || more.length) return;
  chosen.set(only.index, { as: 'price', score: 1.5, because: 'It is the only column of amounts.' });
  taken.set('price', only.index);
}

function leftOver(heading: string, profile: Profile, shares: Shares | undefined): Candidate {
  if (!profile.filled) return { as: 'ignored', score: 1, because: 'It is empty.' };
  if (profile.rising && /^(?:|#|no\.?|nr\.?|row|line|pos\.?|id)$/i.test(heading))
    return { as: 'ignored', score: 1, because: 'It only counts the rows.' };
  if ((shares?.get('ignored') ?? 0) > (shares?.get('particular') ?? 0))
    return { as: 'ignored', score: 0.5, because: 'It tells nothing of the goods.' };
  if (profile.ticks === 1) return { as: 'ignored', score: 1, because: 'It holds nothing but ticks.' };
  return {
    as: 'particular',
    score: 0.5,
    because: heading ? 'Nothing else claims it, so it is shown with the goods.' : 'It has no heading and nothing claims it.',
  };
}
