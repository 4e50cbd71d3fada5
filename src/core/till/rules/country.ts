import { z } from 'zod';
import { countryName, defineRule } from './rule';

/** Where the seller is, ISO 3166-1 alpha-2, or empty where that is not known. */
export const country = defineRule({
  schema: z
    .string()
    .regex(/^([A-Z]{2})?$/, 'This is no country’s code (ISO 3166-1 alpha-2).')
    // A code that means nothing comes back as it is.
    .refine((code) => !/^[A-Z]{2}$/.test(code) || countryName(code) !== code, 'This is no country’s code (ISO 3166-1 alpha-2).'),
  unset: '',
  says: (code) => (code ? `The shop is in ${countryName(code)}.` : 'Nothing says where the shop is.'),
});
