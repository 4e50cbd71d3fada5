import { textOf, type Cell } from '../source/grid';
import { givePrice, settleCharged, settlePrices } from './charged';
import { known, mostCells, type Claims, type Given } from './claims';
import { offered, type Candidate, type Profile } from './contents';
import { type Seen } from './features';
import { saysKnown, unitOf } from './heading';
import { columnKeys, unheaded } from './keys';
import { single, type Meaning } from './meaning';
import { giveTitle, nameByBlocks, nameByGroup, nameByPlace } from './named';
import { mostNames } from './profile';
import { seenIn } from './seen';
import { judgedShares, type Shares } from './shares';
import { isAnyChoice } from './values';

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

/** The same few numbers again and again, and never a zero: how many are in a pack, as likely as how many are there. */
const isAlike = ({ hasZero, values, filled, whole, measure }: Profile): boolean =>
  whole + measure > 0.5 && !hasZero && filled >= 12 && values <= filled / 8;
/** What has a zero among its numbers and is as likely as this is taken for the stock without words for it, and that is said. */
const surely = 0.8;
/** The share of cells that say in words what there is. */
const someWords = 0.15;

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
  const claims: Claims = { columns, rows, chosen, taken, given };
  claim(claims, shares);
  settleCharged(claims);
  settlePrices(claims);
  nameByGroup(claims);
  if (!taken.has('title')) giveTitle(claims);
  nameByPlace(claims);
  nameByBlocks(claims);
  pairChoices(claims);
  weighByPairs(claims);
  chooseByCount(claims);
  if (!taken.has('price')) givePrice(claims);
  giveCounted(claims, summed);
  giveSaid(claims);
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

/** Whether a heading only says that something is chosen, in the usual words or in others that mean it. */
const speaksOfChoice = ({ heading, evidence: { option, optionName, optionValue } }: Seen): boolean =>
  isAnyChoice(heading) || Math.max(optionName ?? 0, optionValue ?? 0) > Math.max(0.7, option ?? 0);

/** "Colour" beside "black and white" is what a thing can be printed in, and no name of a choice. */
const holdsChoices = ({ profile: { colours, sizes, optionNames } }: Seen): boolean =>
  colours + sizes >= 1 - optionNames && optionNames < 1;

/** What a column may be that a choice stands in, before the rows decide. */
const openTo: readonly (Meaning | undefined)[] = [undefined, 'option', 'particular', 'optionName', 'optionValue'];

/**
 * Two columns side by side that only say that something can be chosen ("Choice", "Which one"), or of which the first holds what is chosen
 * ("Size", "Kind"): where the first is the same for all rows of a thing and the second is not, the first says by what the second is chosen.
 */
function pairChoices({ columns, rows, chosen, taken, given }: Claims): void {
  const title = taken.get('title');
  const pairs = columns.flatMap((names, i) => {
    const its = columns[i + 1];
    const isFree = its && [names, its].every(({ index }) => !given.has(index));
    const holdsNames =
      its &&
      names.profile.optionNames >= mostCells &&
      !holdsChoices(names) &&
      [names, its].every(({ index }) => openTo.includes(chosen.get(index)?.as));
    const isPair = isFree && (holdsNames || (speaksOfChoice(names) && speaksOfChoice(its)));
    return isPair && names.profile.text > mostCells && names.profile.values <= mostNames ? [{ names, its }] : [];
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

/** Each row with the name that it stands under: it is often said in the first row of a thing alone. */
function byName(rows: readonly (readonly Cell[])[], title: number): Map<string, (readonly Cell[])[]> {
  const things = new Map<string, (readonly Cell[])[]>();
  let name = '';
  for (const row of rows) {
    name = textOf(row[title]).trim() || name;
    const known = things.get(name);
    if (known) known.push(row);
    else things.set(name, [row]);
  }
  return things;
}

/** What tells a shopper one row of a thing from another, if it differs. */
const tellsRows: ReadonlySet<Meaning | undefined> = new Set([undefined, 'option', 'optionValue', 'particular', 'description']);
/** So many things have to come in the same counts. */
const fewestThings = 2;

/**
 * "Pieces" of a jigsaw: counts that are all that tells the rows of each thing apart, and come again in other things, are what is chosen
 * by. Of stock neither is so.
 */
function chooseByCount({ columns, rows, chosen, taken, given }: Claims): void {
  const [stock, title] = [taken.get('stock'), taken.get('title')];
  if (stock === undefined || title === undefined || given.has(stock)) return;
  const several = [...byName(rows, title).values()].filter((alike) => alike.length > 1);
  const values = (alike: readonly (readonly Cell[])[], index: number) =>
    new Set(alike.map((row) => textOf(row[index]).trim())).size;
  const others = columns.filter(({ index }) => index !== stock && tellsRows.has(chosen.get(index)?.as));
  const isAll = several.every(
    (alike) => values(alike, stock) === alike.length && others.every(({ index }) => values(alike, index) === 1),
  );
  if (several.length < fewestThings || !isAll || values(several.flat(), stock) * 2 > several.flat().length) return;
  taken.delete('stock');
  chosen.set(stock, { as: 'option', score: 1, because: 'Nothing else tells the rows of one product apart.' });
}

/** Weights beside a named choice that tells all rows of a thing apart are what each of them weighs: nobody chooses by both. */
function weighByPairs({ columns, rows, chosen, taken, given }: Claims): void {
  const title = taken.get('title');
  const value = columns.find(({ index }) => chosen.get(index)?.as === 'optionValue')?.index;
  const weight = columns.find(
    ({ index, profile }) => chosen.get(index)?.as === 'option' && profile.mass > mostCells && !given.has(index),
  );
  if (taken.has('weight') || title === undefined || value === undefined || !weight) return;
  const isTold = [...byName(rows, title).values()].every(
    (alike) => new Set(alike.map((row) => textOf(row[value]).trim())).size === alike.length,
  );
  if (!isTold) return;
  taken.set('weight', weight.index);
  chosen.set(weight.index, { as: 'weight', score: 1, because: 'It holds weights, and what is chosen is named beside it.' });
}

/** Whole numbers that nothing is said of, and the list adds up, are pieces: nobody adds up sizes. */
function giveCounted({ columns, chosen, taken }: Claims, summed: ReadonlySet<number>): void {
  const [only, ...more] = columns.filter(
    ({ index, heading, profile }) => summed.has(index) && !heading && !chosen.has(index) && profile.whole === 1,
  );
  if (!only || more.length || taken.has('stock')) return;
  chosen.set(only.index, { as: 'stock', score: 1, because: 'It holds whole numbers, which the list adds up.' });
  taken.set('stock', only.index);
}

/** What says of all things in several ways how many are left, and of some that none is, is the stock, whatever is written over it. */
function giveSaid({ columns, chosen, taken }: Claims): void {
  const [only, ...more] = columns.filter(
    ({ index, profile }) =>
      !chosen.has(index) &&
      profile.sayings >= severalSayings &&
      profile.stockWords === 1 &&
      tellsOfNone(profile) &&
      profile.soldOut < 1,
  );
  if (!only || more.length || taken.has('stock')) return;
  chosen.set(only.index, { as: 'stock', score: 1, because: 'It says what is in stock.' });
  taken.set('stock', only.index);
}
const severalSayings = 2;

/** What is less likely than this is nothing that a column is taken for. */
const leastShare = 0.02;

/** The likeliest meaning of all goes first; what a list has once is then no other column's. */
function claim({ columns, chosen, taken }: Claims, shares: ReadonlyMap<number, Shares>): void {
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
