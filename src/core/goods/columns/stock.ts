import { known, mostCells, type Claims } from './claims';
import { type Profile } from './contents';
import { type Seen } from './features';

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

/** Whether a column is guessed to say how many there are, and whether that is to be asked. */
export function stockDoubt(
  { index, profile, evidence }: Seen,
  { chosen, taken, given }: Claims,
  summed: ReadonlySet<number>,
): { isGuessed: boolean; mayBeStock: boolean } {
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
  return { isGuessed, mayBeStock };
}

/** Whole numbers that nothing is said of, and the list adds up, are pieces: nobody adds up sizes. */
export function giveCounted({ columns, chosen, taken }: Claims, summed: ReadonlySet<number>): void {
  const [only, ...more] = columns.filter(
    ({ index, heading, profile }) => summed.has(index) && !heading && !chosen.has(index) && profile.whole === 1,
  );
  if (!only || more.length || taken.has('stock')) return;
  chosen.set(only.index, { as: 'stock', score: 1, because: 'It holds whole numbers, which the list adds up.' });
  taken.set('stock', only.index);
}

/** What says of all things in several ways how many are left, and of some that none is, is the stock, whatever is written over it. */
export function giveSaid({ columns, chosen, taken }: Claims): void {
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
