import { z } from 'zod';
import { tillRules, type Rule } from '../till/about';
import { definePlace, type Value } from './place';
import { turns } from './says';

/** A place of a rule: what may stand there and how it reads are the rule's own. */
const of = <T extends Value>({ schema, says, unset }: Rule<z.ZodType<T>>) => ({
  value: schema,
  says: (_: T | undefined, after: T | undefined) => says(after === undefined ? unset : after).replace(/\.$/, ''),
});

export const country = definePlace({ address: ['till', 'country'], ...of(tillRules.country) });
export const pricesIncludeTax = definePlace({ address: ['till', 'pricesIncludeTax'], ...of(tillRules.pricesIncludeTax) });
export const taxes = definePlace({ address: ['till', 'taxes'], ...of(tillRules.taxes) });
export const tax = definePlace({ address: ['till', 'tax'], ...of(tillRules.tax) });
export const zones = definePlace({ address: ['till', 'zones'], ...of(tillRules.zones) });
export const codes = definePlace({ address: ['till', 'codes'], ...of(tillRules.codes) });
export const payments = definePlace({ address: ['till', 'payments'], ...of(tillRules.payments) });
export const returnsDays = definePlace({ address: ['till', 'returnsDays'], ...of(tillRules.returnsDays) });
export const invoices = definePlace({ address: ['till', 'invoices'], ...of(tillRules.invoices) });
export const letters = definePlace({ address: ['till', 'letters'], ...of(tillRules.letters) });
export const questions = definePlace({ address: ['till', 'questions'], ...of(tillRules.questions) });
export const presents = definePlace({ address: ['till', 'presents'], ...of(tillRules.presents) });

/** Where each rule stands: one for each, or this is red. */
export const ofRules = {
  ...{ country, pricesIncludeTax, taxes, tax, zones, codes, payments, returnsDays, invoices, letters, questions, presents },
} satisfies Record<keyof typeof tillRules, unknown>;

export const publishedAt = definePlace({
  address: ['publish', 'address'],
  value: z.string().regex(/^[a-z0-9-]{3,60}$/),
  says: turns('Address of the shop'),
});
