import type { z } from 'zod';
import type { Bill } from '../bill';
import type { Step } from '../explain';
import type { TillRules } from './till';

/** All that is known of one rule of a till: what may be set, what holds while nothing is, how it is said, and its lines in a worked bill. */
export interface Rule<Schema extends z.ZodType> {
  /** What may be set in the studio, loaded from a file and published. */
  schema: Schema;
  /** What holds while the seller has set nothing. */
  unset: z.output<Schema>;
  /** It as sentences; without the amounts where nothing says how they are written. */
  says: (value: z.output<Schema>, money?: (amount: number) => string) => string;
  /** What it makes of a bill, in the order of working. */
  steps?: (bill: Bill, rules: TillRules) => Step[];
}

/** Says what a rule is. */
export const defineRule = <Schema extends z.ZodType>(rule: Rule<Schema>): Rule<Schema> => rule;

/** What can be given beside a name in a sentence: " (5.90)", or nothing where no amounts are written. */
export const aside = (text: string | undefined): string => (text ? ` (${text})` : '');

export const percent = (basisPoints: number, locale = 'en-GB'): string =>
  new Intl.NumberFormat(locale, { style: 'percent', maximumFractionDigits: 4 }).format(basisPoints / 10_000);

/** "a, b and c". */
export const listed = (items: readonly string[]): string => new Intl.ListFormat('en-GB').format(items);

const names = new Intl.DisplayNames(['en-GB'], { type: 'region' });
export const countryName = (code: string): string => (code === '*' ? 'the rest of the world' : (names.of(code) ?? code));
