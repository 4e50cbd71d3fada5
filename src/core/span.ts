import { z } from 'zod';

/** A page is so many parts wide: what stands beside something else begins and ends at one of them. */
export const pageParts = 12;

export const spanSchema = z
  .object({ from: z.number().int().min(0), to: z.number().int().max(pageParts) })
  .refine(({ from, to }) => to > from, 'It ends before it begins');

/** From which part of a page to which: `{ from: 0, to: 6 }` is its left half. */
export type Span = z.infer<typeof spanSchema>;

export const wholeSpan: Span = { from: 0, to: pageParts };

export const isWhole = ({ from, to }: Span): boolean => from === 0 && to === pageParts;

const shares: Readonly<Record<number, string>> = { 3: 'quarter', 4: 'third', 6: 'half', 8: 'two thirds', 9: 'three quarters' };

/** "The left half", "the middle third", "parts 2 to 8 of 12". */
export function saySpan({ from, to }: Span): string {
  if (isWhole({ from, to })) return 'the whole width';
  const share = shares[to - from];
  const side = from === 0 ? 'left' : to === pageParts ? 'right' : from === pageParts - to ? 'middle' : null;
  return share && side ? `the ${side} ${share}` : `parts ${from + 1} to ${to} of ${pageParts}`;
}

/** A span that keeps within the page and is no narrower than it may be: it is moved before it is cut. */
export function fittingSpan({ from, to }: Span, least: number): Span {
  const wide = Math.min(pageParts, Math.max(least, to - from));
  const start = Math.max(0, Math.min(pageParts - wide, from));
  return { from: start, to: start + wide };
}
