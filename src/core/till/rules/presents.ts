import { z } from 'zod';
import { defineRule } from './rule';

/** Whether buyers may write a line to whoever gets it as a present. */
export const presents = defineRule({
  schema: z.boolean(),
  unset: false,
  says: (yes) => (yes ? 'Buyers may write a few words for a present.' : 'No words for a present are asked for.'),
});
