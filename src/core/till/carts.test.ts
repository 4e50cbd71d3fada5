import { chance } from '../chance';
import { tillWith } from '../../../tests/till';
import { type z } from 'zod';
import { makeBill, type BillLine, type TillRules, type zoneSchema } from './index';

type ZoneAsSet = z.input<typeof zoneSchema>;

/** Carts, codes and rates at random, reckoned again with whole numbers of any length: no rounding but where the till rounds. */
const names = ['standard', 'reduced', 'zero'] as const;

function shopOf(random: () => number): TillRules {
  const below = (n: number) => Math.floor(random() * n);
  const rate = (id: string) => ({
    id,
    label: id,
    price: below(2000),
    freeFrom: random() < 0.4 ? below(20_000) : null,
    upTo: random() < 0.5 ? below(8000) : null,
  });
  const zone = (id: string, countries: string[]): ZoneAsSet => ({
    id,
    label: id,
    countries,
    rates: Array.from({ length: below(4) }, (_, i) => rate(`${id}${i}`)),
  });
  return tillWith({
    currency: 'EUR',
    digits: 2,
    locale: 'en-IE',
    country: 'IE',
    pricesIncludeTax: random() < 0.5,
    taxes: random() < 0.9 ? { standard: below(3000), reduced: below(1500), zero: 0 } : null,
    zones: [zone('home', ['IE']), zone('rest', ['*'])],
    codes: [
      { code: 'SHARE', kind: 'percent', amount: below(10_001), least: below(5000), until: '' },
      { code: 'SUM', kind: 'sum', amount: below(30_000), least: 0, until: '2026-06-30' },
      { code: 'POST', kind: 'free-delivery', amount: 0, least: below(3000), until: '' },
    ],
    payments: { card: true, bank: '', bankDays: 14 },
    returnsDays: 14,
  });
}

const cartOf = (random: () => number): BillLine[] =>
  Array.from({ length: 1 + Math.floor(random() * 6) }, (_, i) => ({
    variant: `v${i}`,
    title: `v${i}`,
    quantity: 1 + Math.floor(random() * 9),
    price: Math.floor(random() * 12_000),
    weight: Math.floor(random() * 900),
    taxClass: names[Math.floor(random() * 3)] ?? 'standard',
    physical: random() < 0.8,
  }));

/** The nearest whole number to a fraction, halves up. */
const nearest = (above: bigint, below: bigint): bigint => (2n * above + below) / (2n * below);
const total = (numbers: readonly bigint[]): bigint => numbers.reduce((sum, one) => sum + one, 0n);

test('two thousand carts come to what they come to by hand', () => {
  const random = chance(77);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
  const met = { percent: 0, sum: 0, post: 0, free: 0, nowhere: 0, taxed: 0 };
  for (let n = 0; n < 2000; n++) {
    const rules = shopOf(random);
    const lines = cartOf(random);
    const purchase = { lines, country: pick(['IE', 'JP', '']), rate: pick(['', 'home0', 'rest1']), code: pick(['', 'share', ' SUM', 'POST', 'NONE']), today: pick(['2026-06-30', '2026-07-01']) }; // prettier-ignore
    const bill = makeBill(rules, purchase);

    const sums = lines.map((line) => BigInt(line.price) * BigInt(line.quantity));
    const goods = total(sums);
    expect(BigInt(bill.goods)).toBe(goods);

    // The code, as its rule says.
    const typed = purchase.code.trim().toUpperCase();
    const code = rules.codes.find((one) => one.code === typed);
    const parcel = lines.some((line) => line.physical);
    const holds = code !== undefined && (!code.until || purchase.today <= code.until) && goods >= BigInt(code.least) && (code.kind !== 'free-delivery' || parcel); // prettier-ignore
    expect([n, bill.codeRefused === '']).toEqual([n, !typed || Boolean(holds)]);
    let discount = 0n;
    if (holds && code.kind === 'percent') discount = nearest(goods * BigInt(code.amount), 10_000n);
    if (holds && code.kind === 'sum') discount = BigInt(code.amount) < goods ? BigInt(code.amount) : goods;
    expect(BigInt(bill.discount)).toBe(discount);
    // Shared over the lines: none loses a whole unit against its exact share, and nothing is lost in all.
    expect(total(bill.lines.map((line) => BigInt(line.discount)))).toBe(discount);
    bill.lines.forEach((line, i) => {
      const exact = goods ? (discount * (sums[i] ?? 0n) * 1000n) / goods : 0n;
      const apart = BigInt(line.discount) * 1000n - exact;
      expect([n, i, apart > -1001n && apart < 1001n]).toEqual([n, i, true]);
      expect(line.discount).toBeLessThanOrEqual(line.sum);
    });

    // Delivery: of the rates that carry the parcel, the one that was chosen, else the cheapest.
    const due = goods - discount;
    const grams = lines.reduce((sum, line) => sum + (line.physical ? line.weight * line.quantity : 0), 0);
    const zone = rules.zones[purchase.country === 'IE' ? 0 : 1];
    const fit = parcel && purchase.country ? (zone?.rates ?? []).filter((rate) => rate.upTo === null || grams <= rate.upTo) : [];
    const costs = (rate: (typeof fit)[number]) => (rate.freeFrom !== null && due >= BigInt(rate.freeFrom) ? 0n : BigInt(rate.price)); // prettier-ignore
    const chosen = fit.find((rate) => rate.id === purchase.rate);
    const cheapest = fit.map(costs).reduce<bigint | null>((least, one) => (least === null || one < least ? one : least), null);
    const post = holds && code.kind === 'free-delivery' ? 0n : chosen ? costs(chosen) : (cheapest ?? 0n);
    expect([n, BigInt(bill.delivery?.price ?? 0)]).toEqual([n, fit.length ? post : 0n]);
    expect(bill.deliveryState).toBe(
      !parcel ? 'none-needed' : !purchase.country ? 'ask-country' : fit.length ? 'chosen' : 'nowhere',
    );

    // Tax: once for each class, on its goods and its share of the parcel; what is in a price is a part of it.
    const amounts = bill.taxes.map(({ net, tax }) => (rules.pricesIncludeTax ? net + tax : net));
    bill.taxes.forEach(({ rate, tax }, i) => {
      const amount = BigInt(amounts[i] ?? 0);
      expect([n, BigInt(tax)]).toEqual([n, nearest(amount * BigInt(rate), rules.pricesIncludeTax ? 10_000n + BigInt(rate) : 10_000n)]); // prettier-ignore
    });
    const paid = due + BigInt(bill.delivery?.price ?? 0);
    if (rules.taxes) expect(total(amounts.map(BigInt))).toBe(paid);
    expect(BigInt(bill.total)).toBe(paid + (rules.pricesIncludeTax ? 0n : BigInt(bill.tax)));

    met.percent += Number(holds && code.kind === 'percent' && discount > 0n);
    met.sum += Number(holds && code.kind === 'sum');
    met.post += Number(bill.delivery?.free === 'code');
    met.free += Number(bill.delivery?.free === 'sum');
    met.nowhere += Number(bill.deliveryState === 'nowhere');
    met.taxed += Number(bill.tax > 0);
  }
  // The carts met everything that can happen at a till.
  for (const [what, times] of Object.entries(met)) expect([what, times > 40]).toEqual([what, true]);
});
