import { after } from './after';
import { before } from './before';
import { last } from './last';
import { type MarkedBrief } from './brief';

/** Marked briefs, by when they were written: before the reader was, and after it. */
export const sets: Record<'before' | 'after', readonly MarkedBrief[]> = { before, after: [...after, ...last] };
