import { z } from 'zod';
import { defineRule } from './rule';

/** Days to send something back; null while the seller hasn't said. */
export const returnsDays = defineRule({
  schema: z.number().int().min(0).max(3650).nullable(),
  unset: null,
  says: (days) =>
    days === null
      ? 'Nothing is said of sending things back.'
      : days === 0
        ? 'Nothing can be sent back.'
        : `Things can be sent back within ${days} ${days === 1 ? 'day' : 'days'}.`,
});
