import { z } from 'zod';
import { productKindSchema, taxClassSchema } from '../goods/about';
import { fail, ok, type Result } from '../result';
import { addressOf } from './envelope';
import { mulDiv, shareOut } from './money';
import type { Order } from './order';
import type { Invoices, TillRules } from './rules';

const partySchema = z.object({
  name: z.string(),
  /** As it stands on an envelope, a line each, without the country. */
  address: z.array(z.string()),
  country: z.string(),
  taxNumber: z.string(),
  email: z.string(),
});

/** An amount of a paper at one rate. Minor units; the rate in basis points, null where no tax is charged. */
const ratedSchema = z.object({ taxClass: taxClassSchema, rate: z.number().nullable(), net: z.number(), tax: z.number() });
export type Rated = z.infer<typeof ratedSchema>;

/** An invoice or a credit note as it was issued: it is kept whole, and nothing that is changed later changes it. */
export const paperSchema = z.object({
  kind: z.enum(['invoice', 'credit-note']),
  number: z.string(),
  /** ISO date. */
  date: z.string(),
  /** The order, and the invoice that a credit note takes back from; empty for an invoice. */
  order: z.string(),
  of: z.string(),
  /** The day of the order, ISO date. */
  ordered: z.string(),
  locale: z.string(),
  currency: z.string(),
  seller: partySchema,
  buyer: partySchema,
  /** `net` and `tax` are shares of the sums below; together they are what was paid, or is given back, for the line. */
  lines: z.array(
    z.object({
      title: z.string(),
      quantity: z.number(),
      /** One piece as it was priced, and what was taken off the line. */
      price: z.number(),
      discount: z.number(),
      kind: productKindSchema.nullable(),
      rates: z.array(ratedSchema),
    }),
  ),
  taxes: z.array(ratedSchema),
  net: z.number(),
  tax: z.number(),
  total: z.number(),
  /** Whether the prices of lines contain their tax. */
  taxIncluded: z.boolean(),
  /** Why no tax is charged, where none is. */
  untaxed: z.enum(['', 'small', 'outside', 'business']),
  /** Paid when it was issued. */
  paid: z.boolean(),
  note: z.string(),
});
export type Paper = z.infer<typeof paperSchema>;

/** What of an order is at one rate: all of it where there is one. */
interface RatePart extends Rated {
  /** What is paid for each line, by its place in the order, and for the delivery. */
  lines: number[];
  delivery: number;
}

const sum = (amounts: readonly number[]) => amounts.reduce((a, b) => a + b, 0);

/** An order's payment in its rates; null where it was made before that was kept. */
function partsOf(order: Order): RatePart[] | null {
  const { lines, delivery, taxes, total } = order;
  if (lines.some(({ paid }) => paid === undefined)) return null;
  if (!taxes.length)
    return [
      {
        ...{ taxClass: 'zero', rate: null, net: total, tax: 0 },
        lines: lines.map(({ paid = 0 }) => paid),
        delivery: delivery?.paid ?? 0,
      },
    ];
  const [only] = taxes;
  const classOf = (line: Order['lines'][number]) => line.taxClass ?? (taxes.length === 1 ? only?.taxClass : undefined);
  if (lines.some((line) => classOf(line) === undefined)) return null;
  return taxes.map((tax) => {
    const paid = lines.map((line) => (classOf(line) === tax.taxClass ? (line.paid ?? 0) : 0));
    return { ...tax, lines: paid, delivery: tax.net + tax.tax - sum(paid) };
  });
}

/** Each rate's net and tax, shared over amounts of it, so that the shares add up to both. */
function shared(whole: { net: number; tax: number }, amounts: readonly number[]): { net: number; tax: number }[] {
  const nets = shareOut(whole.net, amounts);
  const all = shareOut(whole.net + whole.tax, amounts);
  return amounts.map((_, i) => ({ net: nets[i] ?? 0, tax: (all[i] ?? 0) - (nets[i] ?? 0) }));
}

type Issue = { number: string; date: string; rules: TillRules; by: Invoices };

const lineOf = (text: string) => text.split('\n').flatMap((one) => one.trim() || []);

function headOf(order: Order, { number, date, rules, by }: Issue) {
  const { buyer, taxing } = order;
  return {
    number,
    date,
    order: order.number,
    ordered: order.placed.slice(0, 10),
    locale: rules.locale,
    currency: order.currency,
    seller: { name: by.name, address: lineOf(by.address), country: rules.country, taxNumber: by.taxNumber, email: by.email },
    buyer: {
      name: buyer.name,
      address: addressOf(buyer),
      country: buyer.country,
      taxNumber: order.taxNumber,
      email: buyer.email,
    },
    taxIncluded: order.taxIncluded,
    untaxed: taxing === 'small' || taxing === 'outside' || taxing === 'business' ? taxing : ('' as const),
    note: by.note,
  };
}

/** Whether papers can be issued for an order: the seller has said who they are and what tax is charged, and the order says its rates. */
export const isInvoiced = (order: Order, rules: TillRules): boolean =>
  rules.invoices !== null && order.taxing !== '' && order.taxing !== 'unset' && order.total > 0 && partsOf(order) !== null;

/** The invoice of an order that was paid. */
export function invoiceOf(order: Order, issue: Issue): Paper {
  const parts = partsOf(order) ?? [];
  const shares = parts.map((part) => shared(part, [...part.lines, part.delivery]));
  const ratesAt = (i: number) =>
    parts.flatMap(({ taxClass, rate, lines, delivery }, p) =>
      (lines[i] ?? delivery) === 0 && parts.length > 1 ? [] : { taxClass, rate, ...(shares[p]?.[i] ?? { net: 0, tax: 0 }) },
    );
  const { delivery } = order;
  const lines: Paper['lines'] = order.lines.map(({ title, quantity, price, discount, kind }, i) => ({
    ...{ title, quantity, price, discount, kind },
    rates: ratesAt(i),
  }));
  if (delivery)
    lines.push({
      ...{ title: delivery.label, quantity: 1, price: delivery.price, discount: 0, kind: null },
      rates: ratesAt(order.lines.length),
    });
  return {
    kind: 'invoice',
    of: '',
    ...headOf(order, issue),
    lines,
    taxes: parts.map(({ taxClass, rate, net, tax }) => ({ taxClass, rate, net, tax })),
    net: sum(parts.map(({ net }) => net)),
    tax: sum(parts.map(({ tax }) => tax)),
    total: order.total,
    paid: true,
  };
}

/** What is given back, by what it is for. Minor units, with tax. */
export interface GivenBack {
  title: string;
  quantity: number;
  amount: number;
  /** The line's place in the order; "delivery"; or a sum beside. */
  of: number | 'delivery' | 'sum';
}

/**
 * A credit note for what is given back of an order. Its tax is the order's own, in proportion to what is given back so far: so the notes for
 * all of an order come to its invoice, whatever its parts.
 */
export function creditNoteOf(
  order: Order,
  given: readonly GivenBack[],
  before: readonly Paper[],
  invoice: string,
  issue: Issue,
): Result<Paper> {
  const parts = partsOf(order);
  if (!parts) return fail('This order was made before its rates were kept, so no credit note can be made for it.');
  const whole = parts.map(({ net, tax }) => net + tax);
  // What each rate has given back so far, and may yet.
  const gone = parts.map(({ taxClass }) =>
    sum(before.flatMap(({ taxes }) => taxes.filter((one) => one.taxClass === taxClass).map(({ net, tax }) => net + tax))),
  );
  const left = whole.map((amount, p) => amount - (gone[p] ?? 0));
  const lines = given.map((one) => {
    const weights = parts.map(({ lines: of, delivery }, p) =>
      one.of === 'sum' ? (left[p] ?? 0) : one.of === 'delivery' ? delivery : (of[one.of] ?? 0),
    );
    // A sum given back before may have used a rate up: the rest comes off the others.
    const wanted = sum(weights) ? shareOut(one.amount, weights) : shareOut(one.amount, left);
    const amounts = wanted.map((amount, p) => Math.min(amount, left[p] ?? 0));
    let rest = one.amount - sum(amounts);
    amounts.forEach((amount, p) => {
      const more = Math.min(rest, (left[p] ?? 0) - amount);
      amounts[p] = amount + more;
      rest -= more;
      left[p] = (left[p] ?? 0) - (amounts[p] ?? 0);
    });
    return { ...one, amounts };
  });
  const taxes = parts.map(({ taxClass, rate, tax }, p) => {
    const amount = sum(lines.map(({ amounts }) => amounts[p] ?? 0));
    const upTo = (so: number) => (whole[p] ? mulDiv(tax, so, whole[p]) : 0);
    const back = upTo((gone[p] ?? 0) + amount) - upTo(gone[p] ?? 0);
    return { taxClass, rate, net: amount - back, tax: back };
  });
  const shares = parts.map((_, p) =>
    shared(
      taxes[p] ?? { net: 0, tax: 0 },
      lines.map(({ amounts }) => amounts[p] ?? 0),
    ),
  );
  return ok({
    kind: 'credit-note',
    of: invoice,
    ...headOf(order, issue),
    lines: lines.map(({ title, quantity, amount, of, amounts }, i) => ({
      title,
      quantity,
      price: quantity ? mulDiv(amount, 1, quantity) : amount,
      discount: 0,
      kind: typeof of === 'number' ? (order.lines[of]?.kind ?? null) : null,
      rates: parts.flatMap(({ taxClass, rate }, p) =>
        amounts[p] || parts.length === 1 ? { taxClass, rate, ...(shares[p]?.[i] ?? { net: 0, tax: 0 }) } : [],
      ),
    })),
    taxes: taxes.filter(({ net, tax }) => net || tax || parts.length === 1),
    net: sum(taxes.map(({ net }) => net)),
    tax: sum(taxes.map(({ tax }) => tax)),
    total: sum(given.map(({ amount }) => amount)),
    paid: true,
  });
}
