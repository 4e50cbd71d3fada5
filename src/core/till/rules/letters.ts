import { z } from 'zod';
import { defineRule } from './rule';

/** Kinds of letters that go to buyers, in the order in which things happen. */
export const letterKinds = [
  'placed',
  'taken',
  'paid',
  'expired',
  'files',
  'cards',
  'time',
  'ready',
  'sent',
  'cancelled',
  'refunded',
  'again',
  'unpaid',
  'paused',
  'resumed',
  'stopped',
] as const;
export type LetterKind = (typeof letterKinds)[number];

/** The seller's own words for letters; ours where there are none. */
export const lettersSchema = z.partialRecord(
  z.enum(letterKinds),
  z.object({ subject: z.string().min(1).max(200), words: z.string().min(1).max(5000) }),
);
export type Letters = z.infer<typeof lettersSchema>;

export const letters = defineRule({
  schema: lettersSchema,
  unset: {},
  says: (own) => {
    const count = Object.keys(own).length;
    return count
      ? `${count === 1 ? 'One kind of letter is' : `${count} kinds of letters are`} in your words.`
      : 'Letters are in our words.';
  },
});
