import { z } from 'zod';
import { nameSchema } from './names';
import { defineRule } from './rule';

/** What numbers of a series begin with. It ends in no figure, so that numbers of two series are never the same. */
const prefixSchema = z
  .string()
  .max(20)
  .regex(/^([\w/. -]*[A-Za-z_/. -])?$/, 'A prefix is made of letters, figures and - / . _ and does not end in a figure.');

/** Who issues invoices, and under which numbers. */
export const invoicesSchema = z
  .object({
    /** The seller's name and address in law, the address in lines without the country. */
    name: nameSchema,
    address: z.string().min(1).max(1000),
    /** Where electronic invoices are answered, or empty. */
    email: z.union([z.literal(''), z.email().max(200)]).default(''),
    /** As it stands on invoices, or empty where the seller has none. */
    taxNumber: z.string().trim().max(40),
    /** What numbers begin with: each prefix is a series of its own, without gaps. */
    prefix: prefixSchema,
    creditPrefix: prefixSchema,
    /** The first number of a series. */
    first: z.number().int().min(1).max(1_000_000_000),
    /** At the foot of each, in the seller's words. */
    note: z.string().max(1000),
  })
  .refine(({ prefix, creditPrefix }) => prefix !== creditPrefix, 'Invoices and credit notes have series of their own.');
export type Invoices = z.infer<typeof invoicesSchema>;

/** null while the seller hasn't said: then none are issued. */
export const invoices = defineRule({
  schema: invoicesSchema.nullable(),
  unset: null,
  says: (by) => (by ? `Invoices are issued by ${by.name}, from ${by.prefix}${by.first} on.` : 'No invoices are issued.'),
});
