import { z } from 'zod';

/** How fractions of a minor unit are rounded, and of what. */
export const roundingSchema = z.object({ mode: z.enum(['half-up', 'half-even']), per: z.enum(['line', 'rate', 'order']) });

const units = { line: 'each line by itself', rate: 'once for each rate', order: 'once for the order' } as const;
const modes = { 'half-up': 'halves up', 'half-even': 'halves to the even' } as const;

export const roundingSays = ({ mode, per }: z.infer<typeof roundingSchema>): string => `${units[per]}, ${modes[mode]}`;
