import { hasSmallUnit } from '../../till';
import { understandMoney } from '../cells/money';
import { numberFormOf, valueUnder } from '../cells/number';
import { type Cell } from '../source/grid';
import { known, mostCells, type Claims } from './claims';
import { type Profile } from './contents';
import { type Seen } from './features';
import { type Evidence } from './heading';
import { type Meaning } from './meaning';

/** What was taken for the price, held against the cells of the others: signs, cents and which is less say more than few letters of a heading. */
export function settleCharged({ columns, rows, chosen, taken, given }: Claims): void {
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
export function settlePrices({ columns, rows, chosen, taken, given }: Claims): void {
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
    ({ index, evidence, profile }) =>
      profile.fill === 1 &&
      ((evidence.price ?? 0) > 1 ||
        (Object.values(evidence).every((weight) => weight < known) &&
          (isWrittenAsMoney(profile) || couldBeUsual(rows, price.index, index)))),
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

/** With a sign or with cents: whole numbers are years, and much else. */
const isWrittenAsMoney = ({ signed, decimals }: Profile): boolean => signed > 0.5 || decimals > 0.5;

/** Hardly anybody takes off more than this, as a share of what was asked. */
const mostOff = 0.5;
/** Whole numbers from the first to the last may all be years. */
const years = [1400, 2100] as const;

/** Whether bare whole numbers could be what is asked mostly, where an offer stands beside them. */
function couldBeUsual(rows: readonly (readonly Cell[])[], offer: number, usual: number): boolean {
  const [offers, others] = [amountsIn(rows, offer), amountsIn(rows, usual)];
  const areYears = others.every((amount) => amount >= years[0] * 100 && amount <= years[1] * 100);
  return !areYears && offers.every((now, i) => now === 0 || now >= (others[i] ?? 0) * (1 - mostOff));
}

/** Amounts with cents, whatever their heading says of them: nothing. */
const isExact = ({ evidence, profile }: { evidence: Evidence; profile: Profile }): boolean =>
  profile.money > 0.8 && profile.decimals > 0.6 && Object.values(evidence).every((weight) => weight < known);

/** Of one row nothing follows. */
const fewestOffers = 2;

/** Sums in money of small units: no less than so many, nearly all of them round. */
const [leastSum, round, mostlyRound] = [100, 10, 0.9];

/** Whether bare whole numbers look like sums in a money of which nobody has the single unit in hand: 8500 naira, 12 000 won. */
function areRoundSums(rows: readonly (readonly Cell[])[], { index, profile }: Seen, currency: string): boolean {
  if (!hasSmallUnit(currency) || profile.whole < 0.95 || profile.values < 2) return false;
  const sums = amountsIn(rows, index).flatMap((hundredths) => (hundredths > 0 ? [hundredths / 100] : []));
  return sums.filter((sum) => sum >= leastSum && sum % round === 0).length >= sums.length * mostlyRound;
}

/**
 * The only column of numbers in a list without headings, or the only one of amounts under one that says nothing, holds the prices; they have
 * signs or cents, or are round sums in a money that has neither.
 */
export function givePrice({ columns, rows, chosen, taken, currency }: Claims): void {
  const fit = columns.filter((column) => {
    const { index, heading, profile } = column;
    return (
      !chosen.has(index) &&
      profile.money > 0.8 &&
      !profile.rising &&
      profile.gtinLong < 0.5 &&
      (!heading || profile.signed > 0.3 || profile.decimals > 0.6 || profile.quoted > 0 || areRoundSums(rows, column, currency))
    );
  });
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
