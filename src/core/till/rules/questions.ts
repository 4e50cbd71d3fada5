import { z } from 'zod';
import { defineRule, listed } from './rule';

/** What a seller asks of buyers at the checkout, in their own words. */
export const questionsSchema = z
  .array(z.object({ id: z.string().regex(/^q[0-9]{1,6}$/), label: z.string().trim().min(1).max(200), required: z.boolean() }))
  .max(12)
  .refine((questions) => new Set(questions.map(({ id }) => id)).size === questions.length, 'Two questions have one name.');
export type Question = z.infer<typeof questionsSchema>[number];

export const questions = defineRule({
  schema: questionsSchema,
  unset: [],
  says: (list) =>
    list.length ? `Buyers are asked ${listed(list.map(({ label }) => `“${label}”`))}.` : 'Buyers are asked nothing more.',
});
