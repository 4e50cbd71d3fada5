import { z } from 'zod';
import { productKindSchema, rhythmSchema, taxClassSchema } from '../goods/about';
import { paperSchema, type Paper } from './paper';

const line = z.string().trim().max(200);

const paymentSchema = z.enum(['card', 'bank', 'cash']);

/** What a buyer's browser sends: what is bought and where it goes, never what it costs. */
export const orderRequestSchema = z.object({
  /** Made by the browser once per attempt: the same one twice is the same order. */
  key: z.string().min(8).max(80),
  lines: z
    .array(z.object({ variant: z.string().max(200), quantity: z.number().int().min(1).max(999) }))
    .min(1)
    .max(200),
  country: z.string().regex(/^[A-Z]{2}$/),
  /** ISO 3166-2 without the country, where the shop asks for it. */
  region: z.string().max(3).optional(),
  rate: line,
  code: line,
  /** Of a business that owes the tax itself. */
  taxNumber: line.optional(),
  /** The code of a gift card, which pays as much as is on it. */
  giftCard: line.optional(),
  /** By card, by bank transfer, or in cash when it is handed over. */
  payment: paymentSchema,
  /** The total that the buyer saw and agreed to, minor units. Nothing is charged by it; an order whose sum has changed since is refused. */
  seen: z.number().int().nonnegative().optional(),
  /** Answers to the seller's own questions, by their names. */
  answers: z.record(z.string().max(20), z.string().trim().max(500)).optional(),
  consent: z.literal(true),
  buyer: z.object({
    name: line.min(1),
    email: z.email().max(200),
    phone: line,
    street: line,
    place: line,
    postcode: line,
    note: z.string().max(2000),
    /** What is to be written to whoever gets it as a present, where the shop offers that. */
    present: z.string().trim().max(500).optional(),
  }),
});

export type OrderRequest = z.infer<typeof orderRequestSchema>;

const taxLine = z.object({
  taxClass: taxClassSchema,
  rate: z.number(),
  net: z.number(),
  tax: z.number(),
});

const orderStateSchema = z.enum(['awaiting-payment', 'paid', 'refused', 'expired', 'cancelled', 'sent']);
export type OrderState = z.infer<typeof orderStateSchema>;

/** Where an order may go from where it is. Money that comes after all pays one that was refused or ran out. */
export const orderMoves: Record<OrderState, readonly OrderState[]> = {
  'awaiting-payment': ['paid', 'refused', 'expired', 'cancelled'],
  refused: ['paid'],
  expired: ['paid'],
  paid: ['sent', 'cancelled'],
  sent: [],
  cancelled: [],
};

/** An order as it is kept, shown and exported. Sums are minor units of `currency`. */
export const orderSchema = z.object({
  number: z.string(),
  placed: z.string(),
  state: orderStateSchema,
  currency: z.string(),
  payment: paymentSchema,
  buyer: orderRequestSchema.shape.buyer.extend({
    country: z.string(),
    /** ISO 3166-2 without the country, where the shop asked for it. */
    region: z.string().default(''),
  }),
  lines: z.array(
    z.object({
      variant: z.string(),
      title: z.string(),
      quantity: z.number(),
      price: z.number(),
      sum: z.number(),
      discount: z.number(),
      /** With its tax, and without what was not charged; orders of before it was kept have none. */
      paid: z.number().optional(),
      /** What follows it; before it was kept, everything was sent. */
      kind: productKindSchema.default('physical'),
      taxClass: taxClassSchema.optional(),
      /** How often it comes again, as it was when it was ordered. */
      rhythm: rhythmSchema.optional(),
    }),
  ),
  goods: z.number(),
  discount: z.number(),
  code: z.string(),
  /** What was taken off, by the discounts' codes; orders of before there were several have none. */
  discounts: z.array(z.object({ code: z.string(), automatic: z.boolean(), amount: z.number() })).default([]),
  /** The number by which a business owes the tax itself, or empty. */
  taxNumber: z.string().default(''),
  /** By what the parcel can be followed, in the seller's words, once it has left. */
  tracking: z.string().default(''),
  /** Tax that prices contain and that was not charged. */
  relief: z.number().default(0),
  delivery: z
    .object({
      label: z.string(),
      price: z.number(),
      paid: z.number().optional(),
      /** The buyer comes for it. */
      collection: z.boolean().default(false),
      /** Its name among the till's rules; orders of before it was kept have none. */
      id: z.string().optional(),
    })
    .nullable(),
  taxes: z.array(taxLine),
  tax: z.number(),
  taxIncluded: z.boolean(),
  total: z.number(),
  /** What the buyer answered, with the questions as they stood. */
  answers: z.array(z.object({ label: z.string(), answer: z.string() })).default([]),
  /** How it is taxed (`Taxing`); orders of before it was kept don't say. */
  taxing: z.enum(['', 'unset', 'small', 'home', 'place', 'outside', 'business']).default(''),
  /** What of the total a gift card pays. */
  giftCard: z.number().default(0),
});

export type Order = z.infer<typeof orderSchema>;

export const piecesSchema = z.object({ variant: z.string().max(200), quantity: z.number().int().positive().max(999) });

export const actorSchema = z.enum(['buyer', 'seller', 'provider', 'host']);
export type Actor = z.infer<typeof actorSchema>;

/** What the seller sees of an order beside the order itself: what became of it, and its money, in minor units. */
export const booksSchema = z.object({
  /** One entry each time that the order moved or money did. */
  history: z.array(
    z.object({
      at: z.string(),
      by: actorSchema,
      /** Where the order stood then. */
      state: orderStateSchema,
      /** Came in, or went back where it is below zero; 0 where none moved. */
      money: z.number(),
      /** It moved on a gift card: money of the shop's own. */
      card: z.boolean().default(false),
      /** In the words of who did it, or empty. */
      why: z.string(),
      /** What happened, where it is no move of the order itself. */
      did: z.enum(['', 'parcel', 'ready', 'agreed', 'relinked', 'repeat', 'note']).default(''),
    }),
  ),
  received: z.number(),
  /** What the seller has refunded of the order, by its parts. */
  refunded: z.number(),
  /** Pieces of each line, by its variant, that were refunded; and whether the delivery was. */
  refundedPieces: z.record(z.string(), z.number()),
  refundedDelivery: z.boolean(),
  givenBack: z.number(),
  /** What was paid and is not owed to the shop: late, double or cancelled. */
  toGiveBack: z.number(),
  /** What was handed over: pieces of each line, by its variant, and in which parcels. */
  handed: z.record(z.string(), z.number()),
  parcels: z.array(z.object({ at: z.string(), tracking: z.string(), lines: z.array(piecesSchema) })),
  /** It lies ready for whoever comes for it. */
  ready: z.boolean(),
  /** Links to files, with how often they were followed and until when they open. */
  files: z.array(z.object({ variant: z.string(), token: z.string(), fetched: z.number(), until: z.string() })),
  /** Gift cards that were bought with it. */
  cards: z.array(z.object({ code: z.string(), variant: z.string(), amount: z.number(), left: z.number(), ended: z.boolean() })),
  /** Agreed times, in the seller's words. */
  times: z.array(z.object({ variant: z.string(), when: z.string() })),
  /** What comes again and again, of which this order is the first or a later one. */
  repeats: z
    .array(
      z.object({
        /** The order that it began with. */
        order: z.string(),
        variant: z.string(),
        title: z.string(),
        rhythm: rhythmSchema,
        state: z.enum(['running', 'paused', 'stopped']),
        why: z.string(),
        /** The next dates, ISO; none while it rests. */
        next: z.array(z.string()),
        /** The most that one may come to, minor units. */
        agreed: z.number(),
        /** Orders of its turns. */
        orders: z.array(z.string()),
      }),
    )
    .default([]),
  /** Invoices and credit notes. */
  papers: z.array(paperSchema),
  /** What was written to the buyer. */
  letters: z.array(z.object({ id: z.string(), at: z.string(), subject: z.string() })),
});
export type Books = z.infer<typeof booksSchema>;

/** An order as its buyer sees it: with what follows of it. */
export interface OrderView extends Order {
  /** Decimals of its currency: the shop's may be another one by now. */
  digits: number;
  follows: {
    /** `left`: how often the link still opens. */
    files: { title: string; token: string; left: number; until: string }[];
    cards: { code: string; amount: number }[];
    /** Lessons and visits, with the agreed time or none yet. */
    times: { title: string; when: string }[];
    ready: boolean;
    /** `costs`: what it would come to now, where that is more than was agreed; 0 otherwise. */
    repeats: (Pick<Books['repeats'][number], 'variant' | 'title' | 'rhythm' | 'state' | 'next'> & { costs: number })[];
    /** It can still be paid by card. */
    payable: boolean;
    papers: { number: string; kind: Paper['kind'] }[];
  };
}

export const bookedOrderSchema = orderSchema.extend({ books: booksSchema });
export type BookedOrder = z.infer<typeof bookedOrderSchema>;

/** A file that a shop without a host gives its buyer to send: the seller's till computes it again. */
export const orderFileSchema = z.object({
  format: z.literal('arcatum-order'),
  version: z.literal(1),
  shop: z.string(),
  placed: z.string(),
  request: orderRequestSchema,
});
export type OrderFile = z.infer<typeof orderFileSchema>;
