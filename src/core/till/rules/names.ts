import { z } from 'zod';

/** Characters that a label or an id of the till may have. */
export const longestName = 200;
export const nameSchema = z.string().min(1).max(longestName);

export const allDiffer = (names: readonly string[]): boolean => new Set(names).size === names.length;
