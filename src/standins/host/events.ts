import { z } from 'zod';
import { actorSchema, orderSchema, paperSchema, piecesSchema, refundSchema, stepSchema } from '@/core/till';

const stockSchema = z.record(z.string(), z.number().nullable());
const stateSchema = orderSchema.shape.state;
/** A part of an order that a gift card pays, minor units. */
const partSchema = z.object({ code: z.string(), amount: z.number().int().positive() });

const base = { at: z.string(), number: z.string() };

/** The records of a shop's journal. Those of earlier versions are still read: what they lack is optional. */
export const eventSchema = z.discriminatedUnion('type', [
  /** The seller counted: these variants have so many pieces from now on. */
  z.object({ type: z.literal('count'), at: z.string(), stock: stockSchema }),
  z.object({
    type: z.literal('order'),
    at: z.string(),
    key: z.string(),
    /** What was asked for under the key, as `contentOf`; orders of before it was kept have none. */
    content: z.string().optional(),
    receipt: z.string(),
    /** Days that its bank transfer may take; orders of before it was kept wait without end. */
    days: z.number().optional(),
    /** Minutes that its card payment may take; orders of before it was kept have the usual ones. */
    minutes: z.number().optional(),
    card: partSchema.optional(),
    /** Whether the buyer is written to; orders of before there were letters are not. */
    letters: z.boolean().default(false),
    /** Whether its papers are issued by themselves: the seller had said by whom when it was placed. */
    invoiced: z.boolean().default(false),
    /** The turn that it is of a thing that comes again and again: of the order that this began with. */
    again: z.object({ number: z.string(), variant: z.string(), turn: z.number().int().positive() }).optional(),
    order: orderSchema,
    /** How each figure of it was worked out, by the rules of that moment; orders of before it was kept don't say. */
    working: z.array(stepSchema).optional(),
  }),
  /** An order moved. Records of before there were names for it say nobody. */
  z.object({
    type: z.literal('state'),
    ...base,
    state: stateSchema,
    by: actorSchema.optional(),
    why: z.string().optional(),
    /** Orders were sent in one parcel before there were records of parcels. */
    tracking: z.string().optional(),
    /** Codes of gift cards that end with it. */
    ended: z.array(z.string()).optional(),
  }),
  /** Money moved, and the order with it where a state is named: in one record, so that nothing comes between the two. */
  z.object({
    type: z.literal('money'),
    ...base,
    /** Minor units; below zero it went back. */
    amount: z.number().int(),
    /** The provider's name for the payment, a gift card's (`card:…`); empty for a bank's. */
    payment: z.string(),
    state: stateSchema.optional(),
    /** A gift card pays its part once more: it was let go when the order ran out. */
    card: partSchema.optional(),
    by: actorSchema,
    why: z.string(),
  }),
  /** The seller refunds a part of an order: what is to be given back is more by it. */
  refundSchema.extend({
    type: z.literal('refund'),
    ...base,
    amount: z.number().int().positive(),
    ended: z.array(z.string()).optional(),
  }),
  /** Once an order is paid: links to its files, and its gift cards. */
  z.object({
    type: z.literal('follow'),
    ...base,
    files: z.array(z.object({ variant: z.string(), token: z.string(), until: z.string() })),
    cards: z.array(z.object({ variant: z.string(), code: z.string(), amount: z.number().int().positive() })),
    /** What comes again: from which day its turns are counted, and the most that a turn may come to, minor units. */
    repeats: z.array(z.object({ variant: z.string(), from: z.iso.date(), agreed: z.number().int().nonnegative() })).default([]),
  }),
  /** What comes again goes on, rests or is stopped. */
  z.object({
    type: z.literal('repeat'),
    ...base,
    variant: z.string(),
    state: z.enum(['running', 'paused', 'stopped']),
    by: actorSchema,
    why: z.string(),
    /** The turn that is next, and the most that it may come to from now on, where that is agreed anew. */
    turn: z.number().int().positive().optional(),
    /** The order whose payment it rests for. */
    unpaid: z.string().optional(),
    agreed: z.number().int().nonnegative().optional(),
  }),
  /** Its buyer is reminded of a turn. */
  z.object({ type: z.literal('remind'), ...base, variant: z.string(), turn: z.number().int().positive() }),
  /** The seller notes something. */
  z.object({ type: z.literal('note'), ...base, text: z.string() }),
  /** A link to a file was followed. */
  z.object({ type: z.literal('fetch'), ...base, token: z.string() }),
  /** A file's link is given anew. */
  z.object({ type: z.literal('relink'), ...base, token: z.string(), until: z.string() }),
  /** Pieces left in a parcel, or were handed over. */
  z.object({ type: z.literal('parcel'), ...base, lines: z.array(piecesSchema).min(1), tracking: z.string() }),
  /** It lies ready for whoever comes for it. */
  z.object({ type: z.literal('ready'), ...base }),
  /** A time was agreed for a line. */
  z.object({ type: z.literal('agreed'), ...base, variant: z.string(), when: z.string() }),
  /** An invoice or a credit note was issued. */
  z.object({ type: z.literal('paper'), ...base, paper: paperSchema }),
]);
export type HostEvent = z.infer<typeof eventSchema>;
