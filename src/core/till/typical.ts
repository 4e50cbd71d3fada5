import { makeBill, type Bill, type Purchase } from './bill';
import type { TillRules } from './rules';
import type { PriceListEntry } from './sell';

/** A buyer as they come to many shops, to see what rules do to them. */
export interface TypicalBuyer {
  id: string;
  /** Who it is, in a few words. */
  who: string;
  purchase: Purchase;
}

const countryIn = (codes: readonly string[], not: readonly string[]) => codes.find((code) => code !== '*' && !not.includes(code));

/** Twelve buyers at most: those that this shop can have with its goods and places. */
export function typicalBuyers(rules: TillRules, list: readonly PriceListEntry[], today: string): TypicalBuyer[] {
  const byPrice = [...list].filter(({ price }) => price > 0).sort((a, b) => a.price - b.price);
  const parcels = byPrice.filter(({ physical }) => physical);
  const [cheap, dear] = [parcels[0], parcels.at(-1)];
  const middle = parcels[Math.floor(parcels.length / 2)];
  const heavy = [...parcels].sort((a, b) => b.weight - a.weight)[0];
  const home =
    rules.country ||
    (countryIn(
      rules.zones.flatMap(({ countries }) => countries),
      [],
    ) ??
      '');
  const named = rules.zones.flatMap(({ countries }) => countries);
  const inArea = countryIn(
    rules.tax.places.map(({ country }) => country),
    [home],
  );
  const near = countryIn(named, [home]) ?? inArea;
  const taken = [home, near ?? '', inArea ?? ''];
  const far = countryIn(['US', 'AU', 'JP', 'GB', 'DE'], [...taken, ...rules.tax.places.map(({ country }) => country)]);
  const codes = rules.codes.filter(({ automatic }) => !automatic).map(({ code }) => code);
  const freeFrom = rules.zones.flatMap(({ rates }) => rates.flatMap((rate) => rate.freeFrom ?? [])).sort((a, b) => a - b)[0];

  const buy = (
    things: readonly (readonly [PriceListEntry | undefined, number])[],
    part: Partial<Purchase> = {},
  ): Purchase | null => {
    const lines = things.flatMap(([entry, quantity]) => (entry ? [{ ...entry, variant: entry.id, quantity }] : []));
    return lines.length ? { lines, country: home, rate: '', code: '', today, ...part } : null;
  };
  const enough = (sum: number) => Math.max(1, Math.ceil(sum / (middle?.price ?? 1)));
  const wanted: [id: string, who: string, purchase: Purchase | null][] = [
    ['one', 'One small thing, at home', buy([[cheap, 1]])],
    ['some', 'Three things, at home', buy([[cheap, 1], [middle, 1], [dear, 1]])], // prettier-ignore
    ['many', 'Ten of one, at home', buy([[middle, 10]])],
    ['heavy', 'The heaviest thing, twice', heavy && heavy.weight > 0 ? buy([[heavy, 2]]) : null],
    ['free', 'Enough for free delivery', freeFrom === undefined ? null : buy([[middle, enough(freeFrom)]])],
    ['reduced', 'Goods at the reduced rate', buy([[byPrice.find(({ taxClass }) => taxClass === 'reduced'), 2]])],
    ['nothing-to-carry', 'A download, at home', buy([[byPrice.find(({ physical }) => !physical), 1]])],
    ['code', `With the code ${codes[0] ?? ''}`, codes[0] ? buy([[middle, 2]], { code: codes[0] }) : null],
    ['codes', 'With every code at once', codes.length > 1 ? buy([[middle, 2], [dear, 1]], { code: codes.join(',') }) : null], // prettier-ignore
    ['near', 'Abroad, nearby', near ? buy([[middle, 1]], { country: near }) : null],
    ['business', 'A business nearby, with a number', inArea ? buy([[middle, 3]], { country: inArea, business: inArea }) : null],
    ['far', 'Far away', far ? buy([[middle, 1]], { country: far }) : null],
  ];
  return wanted.flatMap(([id, who, purchase]) => (purchase ? [{ id, who, purchase }] : []));
}

/** What each of them pays; null where nothing can be brought to them. */
export const totalsOf = (rules: TillRules, buyers: readonly TypicalBuyer[]): Map<string, { bill: Bill; total: number | null }> =>
  new Map(
    buyers.map(({ id, purchase }) => {
      const bill = makeBill(rules, purchase);
      return [id, { bill, total: bill.deliveryState === 'nowhere' ? null : bill.total }];
    }),
  );
