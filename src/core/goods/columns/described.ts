import { type Claims } from './claims';

/** In fewer rows it is chance what comes again. */
const fewest = 6;
/** No description is shorter, on the mean: letters. */
const shortest = 14;

/** A few short words that come again and again describe nothing, whatever is written over them: “Body of” over “brass” and “horn”. */
export function settleDescribed({ columns, chosen, taken, given }: Claims): void {
  const told = columns.find(({ index }) => index === taken.get('description') && !given.has(index));
  if (!told) return;
  const { filled, values, length, html, sentences } = told.profile;
  if (filled < fewest || values * 2 > filled || length >= shortest || html > 0 || sentences > 0) return;
  chosen.delete(told.index);
  taken.delete('description');
}
