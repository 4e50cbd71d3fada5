import { type Cell } from '../source/grid';
import { chooseByCount, pairChoices, weighByPairs } from './byRows';
import { givePrice, settleCharged, settlePrices } from './charged';
import { type Claims, type Given } from './claims';
import { settleDescribed } from './described';
import { giveKinds, giveShelves } from './filed';
import { offered, type Candidate, type Profile } from './contents';
import { type Seen } from './features';
import { saysKnown, unitOf } from './heading';
import { columnKeys, unheaded } from './keys';
import { single, type Meaning } from './meaning';
import { giveTitle, nameByBlocks, nameByGroup, nameByPlace } from './named';
import { seenIn } from './seen';
import { judgedShares, type Shares } from './shares';
import { giveCounted, giveSaid, stockDoubt } from './stock';

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
  const claims: Claims = { columns, rows, chosen, taken, given, currency };
  claim(claims, shares);
  settleCharged(claims);
  settlePrices(claims);
  settleDescribed(claims);
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
  giveKinds(claims);
  giveShelves(claims);
  const usual = columns.find(({ index }) => index === taken.get('earlierPrice'));
  const keys = columnKeys(headings, columns.length);
  return columns.map((column) => {
    const { index, heading, isMoney, profile, evidence } = column;
    const likeliest = chosen.get(index);
    const { isGuessed, mayBeStock } = stockDoubt(column, claims, summed);
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

/** What is less likely than this is nothing that a column is taken for. */
const leastShare = 0.02;

/** The likeliest meaning of all goes first; what a list has once is then no other column's. */
function claim({ columns, chosen, taken }: Claims, shares: ReadonlyMap<number, Shares>): void {
  const open = new Set(columns.filter(({ index }) => !chosen.has(index)));
  const best = ({ index, profile, evidence }: Seen) => {
    let found: { as: Meaning; share: number } | null = null;
    for (const [as, share] of shares.get(index) ?? []) {
      // What is the same in all rows brings none of them together, unless it is called by that.
      if (as === 'group' && profile.values === 1 && !evidence.group) continue;
      if (!taken.has(as) && share > (found?.share ?? 0)) found = { as, share };
    }
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
