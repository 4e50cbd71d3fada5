import { phrasesOf } from '../phrases';
import { fail, ok, type Result } from '../result';
import { followings } from './following';
import { makeBill, type Bill, type BillLine } from './bill';
import { formatMoney } from './money';
import type { Order, OrderRequest } from './order';
import type { Used } from './discounts';
import type { TillRules } from './rules';
import { countryOfTaxNumber } from './taxNumber';

/** What the till knows of one variant: the published price list. */
export interface PriceListEntry extends Omit<BillLine, 'quantity' | 'variant'> {
  id: string;
  /** The seller's own number for it. */
  sku?: string | undefined;
  /** Pieces left; null where they are not counted. */
  stock: number | null;
}

export type PriceList = ReadonlyMap<string, PriceListEntry>;

/** Turns what a browser asked for into lines with the shop's own prices. */
export function priceLines(list: PriceList, wanted: OrderRequest['lines'], rules: TillRules): Result<BillLine[]> {
  const { refused } = phrasesOf(rules);
  const together = new Map<string, number>();
  for (const { variant, quantity } of wanted) together.set(variant, (together.get(variant) ?? 0) + quantity);
  const lines: BillLine[] = [];
  for (const [variant, quantity] of together) {
    const entry = list.get(variant);
    // What nothing would follow is not sold: shops of before kinds were told sell what travels alone.
    const kind = entry?.kind ?? (entry?.physical ? 'physical' : undefined);
    if (!entry || !kind) return fail(refused.notSold);
    if (entry.stock !== null && entry.stock < quantity) {
      return fail(entry.stock === 0 ? refused.soldOut(entry.title) : refused.onlyLeft(entry.title, entry.stock));
    }
    const { title, price, weight, taxClass, physical, product, shelves, rhythm } = entry;
    const again = rhythm ? { rhythm } : {};
    lines.push({ variant, title, quantity, price, weight, taxClass, physical, product, shelves, kind, ...again });
  }
  return ok(lines);
}

/** What somebody wants to buy, and on which day. */
export interface Wanted {
  lines: OrderRequest['lines'];
  country: string;
  region?: string | undefined;
  postalCode?: string | undefined;
  /** The name of a delivery rate, or empty. */
  rate: string;
  /** Codes, parted by commas. */
  code: string;
  taxNumber?: string | undefined;
  /** ISO date. */
  today: string;
  used?: Used | undefined;
}

/** The bill of what somebody wants, by the shop's own prices and rules, or why it can't be bought so. */
export function billFor(rules: TillRules, list: PriceList, wanted: Wanted): Result<Bill> {
  const { refused } = phrasesOf(rules);
  const { country, region = '', postalCode = '', rate, code, taxNumber = '', today, used } = wanted;
  const lines = priceLines(list, wanted.lines, rules);
  if (!lines.ok) return lines;
  const business = taxNumber ? countryOfTaxNumber(taxNumber) : null;
  if (taxNumber && rules.tax.business && !business) return fail(refused.taxNumber);
  const where = { country, region, postalCode, rate, code, business, today };
  const bill = makeBill(rules, { lines: lines.value, ...where, ...(used ? { used } : {}) });
  if (!Number.isSafeInteger(bill.goods) || !Number.isSafeInteger(bill.total)) return fail(refused.tooLarge);
  if (bill.deliveryState === 'nowhere') return fail(refused.noDelivery);
  if (bill.delivery && rate && bill.delivery.rate.id !== rate) return fail(refused.noSuchRate);
  if (bill.codeRefused) return fail(refused.code);
  return ok(bill);
}

/** Computes an order from the published rules, or says why it can't be taken. `carried` are answers of an earlier order that it repeats. */
export function makeOrder(
  rules: TillRules,
  list: PriceList,
  request: OrderRequest,
  number: string,
  now: string,
  used?: Used,
  carried?: Order['answers'],
): Result<{ order: Order; bill: Bill }> {
  const { refused } = phrasesOf(rules);
  const { lines, country, region, rate, code, taxNumber = '', buyer } = request;
  const today = now.slice(0, 10);
  const made = billFor(rules, list, { lines, country, region, postalCode: buyer.postcode, rate, code, taxNumber, today, used });
  if (!made.ok) return made;
  const bill = made.value;
  if (request.payment === 'card' && !rules.payments.card) return fail(refused.noCards);
  // What comes over the line is not handed over by anybody.
  const isHanded = bill.lines.some(({ kind = 'physical' }) => followings[kind].by === 'seller');
  if (request.payment === 'cash' && !(rules.payments.cash && isHanded)) return fail(refused.noCash);
  if (request.seen !== undefined && request.seen !== bill.total) {
    return fail(refused.sumChanged(formatMoney(bill.total, rules)));
  }
  const unanswered = !carried && rules.questions.find(({ id, required }) => required && !request.answers?.[id]);
  if (unanswered) return fail(refused.answer(unanswered.label));
  const order: Order = {
    number,
    placed: now,
    state: 'awaiting-payment',
    currency: rules.currency,
    payment: request.payment,
    buyer: {
      ...request.buyer,
      country: request.country,
      region: request.region ?? '',
      ...(rules.presents ? {} : { present: undefined }),
    },
    lines: bill.lines.map(({ variant, title, quantity, price, sum, discount, paid, kind = 'physical', taxClass, rhythm }) => ({
      ...{ variant, title, quantity, price, sum, discount, paid, kind, taxClass },
      ...(rhythm ? { rhythm } : {}),
    })),
    goods: bill.goods,
    discount: bill.discount,
    code: request.code,
    discounts: bill.discounts,
    taxNumber: bill.taxing === 'business' ? taxNumber : '',
    tracking: '',
    relief: bill.relief,
    taxing: bill.taxing,
    giftCard: 0,
    answers:
      carried ??
      rules.questions.flatMap(({ id, label }) => {
        const answer = request.answers?.[id];
        return answer ? [{ label, answer }] : [];
      }),
    delivery: bill.delivery && {
      label: bill.delivery.rate.label,
      price: bill.delivery.price,
      paid: bill.delivery.paid,
      collection: bill.delivery.rate.collection,
      id: bill.delivery.rate.id,
    },
    taxes: bill.taxes,
    tax: bill.tax,
    taxIncluded: bill.taxIncluded,
    total: bill.total,
  };
  return ok({ order, bill });
}
