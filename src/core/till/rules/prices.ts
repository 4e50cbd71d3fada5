import { z } from 'zod';
import { defineRule } from './rule';

export const pricesIncludeTax = defineRule({
  schema: z.boolean(),
  unset: true,
  says: (yes) => (yes ? 'Prices contain tax.' : 'Tax is added to prices.'),
});
