import { z } from 'zod';
import { frameSchema } from './frame';

/** What is kept of a picture: its bytes by their hash, and what they show. */
const shotSchema = z.object({
  /** SHA-256 of the bytes, in hex: the key under which the bytes are kept. */
  hash: z.string().regex(/^[0-9a-f]{64}$/),
  type: z.enum(['image/webp', 'image/png', 'image/jpeg', 'image/gif', 'image/avif', 'image/svg+xml']),
  width: z.number().int().positive(),
  height: z.number().int().positive(),
  /** Weight of the file. */
  bytes: z.number().int().nonnegative().default(0),
  /** Smaller sizes of it, narrowest first. */
  sizes: z.array(z.object({ hash: z.string(), width: z.number().int().positive(), bytes: z.number().int() })).default([]),
  /** Where to look, as shares of width and height: crops keep it in sight. */
  focus: z.object({ x: z.number(), y: z.number() }).default({ x: 0.5, y: 0.5 }),
  /** "fill" crops it to its place; "whole" shows all of it, with the ground beside. */
  fit: z.enum(['fill', 'whole']).default('fill'),
  /** Shapes of places in which filling would cut the thing off: there it is shown whole all the same. */
  cuts: z.array(z.enum(['upright', 'lying'])).default([]),
  /** The plain colour round it, or null. */
  ground: z.string().nullable().default(null),
  /** The colours that it is remembered by. */
  colours: z.array(z.string()).default([]),
  /** The colours that it meets its ground with: those along the outline of what is cut out; none where it fills its box. */
  rim: z.array(z.string()).default([]),
});

export const pictureSchema = shotSchema.extend({
  /** The name by which the list of goods calls it. */
  name: z.string(),
  /** What it shows, for those who don't see it; empty where the thing's name says it. */
  says: z.string().max(300).default(''),
  /** Where it is cropped: the part that is left, and what it was before. */
  crop: z.object({ frame: frameSchema, whole: shotSchema }).nullable().default(null),
});

export type Picture = z.infer<typeof pictureSchema>;

/** Kinds of pictures that are made where the goods have none. */
export const artIds = ['still-life', 'landscape', 'room', 'pattern', 'texture', 'lettering'] as const;
export type ArtId = (typeof artIds)[number];

/** Those that show things of the shop: nothing to draw where what it sells has no drawing. */
export const artsOfThings: ReadonlySet<ArtId> = new Set(['still-life', 'room', 'pattern']);

/** Kinds of drawn marks; "text" is the name in its own face, undrawn. */
export const markIds = [
  'text',
  'line',
  'stacked',
  'spaced',
  'ruled',
  'initials',
  'stamp',
  'beside',
  'emblem',
  'sign',
  'seal',
  'plate',
] as const;
export type MarkId = (typeof markIds)[number];
