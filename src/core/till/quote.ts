import { z } from 'zod';
import { ok, type Result } from '../result';
import { stepsOf, type Step } from './explain';
import { type HostData } from './published';
import { billFor } from './sell';

/** A cart as somebody writes it down. */
export const quoteRequestSchema = z.strictObject({
  lines: z
    .array(z.strictObject({ sku: z.string().min(1), quantity: z.number().int().min(1).max(999) }))
    .min(1)
    .max(10_000),
  country: z.string().regex(/^[A-Z]{2}$/, 'A country has two capital letters (ISO 3166-1).'),
  region: z.string().max(3).optional(),
  postalCode: z.string().max(20).optional(),
  codes: z.array(z.string()).max(50).optional(),
  /** The name of a delivery rate; the cheapest where none is said. */
  delivery: z.string().optional(),
  taxNumber: z.string().optional(),
});
export type QuoteRequest = z.infer<typeof quoteRequestSchema>;

/** What a cart comes to: minor units of `currency`; rates in basis points. */
export interface Quote {
  currency: string;
  goods: number;
  discount: number;
  delivery: number;
  tax: { rate: number; on: number; amount: number }[];
  total: number;
  steps: Step[];
}

/** Works a cart out by published rules, or says why it can't be bought so. Things are named by the seller's number, or by the till's. */
export function quote({ rules, prices }: HostData, request: QuoteRequest, today: string): Result<Quote> {
  const bySku = new Map(prices.flatMap(({ sku, id }) => (sku ? [[sku, id] as const] : [])));
  const wanted = request.lines.map(({ sku, quantity }) => ({ variant: bySku.get(sku) ?? sku, quantity }));
  const made = billFor(rules, new Map(prices.map((entry) => [entry.id, entry])), {
    lines: wanted,
    country: request.country,
    region: request.region,
    postalCode: request.postalCode,
    rate: request.delivery ?? '',
    code: (request.codes ?? []).join(','),
    taxNumber: request.taxNumber,
    today,
  });
  if (!made.ok) return made;
  const bill = made.value;
  return ok({
    currency: rules.currency,
    goods: bill.goods,
    discount: bill.discount,
    delivery: bill.delivery?.price ?? 0,
    tax: bill.taxes.map(({ rate, net, tax }) => ({ rate, on: net, amount: tax })),
    total: bill.total,
    steps: stepsOf(bill, rules),
  });
}
