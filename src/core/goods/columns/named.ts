import { isBlank, textOf, type Cell } from '../source/grid';
import { known, mostCells, type Claims } from './claims';
import { saysKnown } from './heading';
import { type Meaning } from './meaning';
import { likeliestNames } from './seen';

/** What brings rows together in words, where no heading speaks of names, is what the things are called: “Model” over “Corniche”. */
export function nameByGroup({ columns, chosen, taken, given }: Claims): void {
  const of = (as: Meaning) => columns.find(({ index }) => index === taken.get(as) && !given.has(index));
  const [group, title] = [of('group'), of('title')];
  const isNamed = title && Math.max(title.evidence.title ?? 0, title.evidence.thing ?? 0) > 0;
  if (!group || isNamed || (taken.has('title') && !title)) return;
  const { text, code, distinct } = group.profile;
  if (text < mostCells || code > 1 - mostCells || (!title && distinct === 1)) return;
  if (title) chosen.delete(title.index);
  taken.delete('group');
  taken.set('title', group.index);
  chosen.set(group.index, {
    as: 'title',
    score: 1.5,
    because: `It is headed “${group.heading}”, and no other heading speaks of names.`,
  });
}

/** A list without a heading for it: the first column whose words differ from row to row holds the names. */
export function giveTitle({ columns, chosen, taken }: Claims): void {
  const open = columns.filter(({ index }) => {
    const as = chosen.get(index)?.as;
    return (
      as === undefined || as === 'option' || as === 'category' || as === 'particular' || as === 'description' || as === 'group'
    );
  });
  const best = likeliestNames(open);
  if (!best) return;
  chosen.set(best.index, { as: 'title', score: 1.5, because: 'The words in it differ from row to row.' });
  taken.set('title', best.index);
}

/**
 * What stands first and differs from row to row is the name, where another column is taken for it by no more than a word for some thing:
 * "Tool" behind "Repair".
 */
export function nameByPlace({ columns, chosen, taken, given }: Claims): void {
  const title = columns.find(({ index }) => index === taken.get('title') && !given.has(index));
  const [first] = columns;
  if (!title || !first || title === first || (title.evidence.title ?? 0) >= known) return;
  const { index, evidence, profile } = first;
  const isFree = [undefined, 'particular', 'option'].includes(chosen.get(index)?.as) && !given.has(index);
  const isNames = profile.fill === 1 && profile.distinct === 1 && profile.text > mostCells && profile.code < mostCells / 2;
  if (!isFree || !isNames || saysKnown(evidence) || profile.length > longestName || profile.filled < fewestNames) return;
  chosen.delete(title.index);
  chosen.set(index, { as: 'title', score: 1, because: 'It stands first, and its words differ from row to row.' });
  taken.set('title', index);
}
const longestName = 40;
const fewestNames = 3;

/**
 * A thing that goes on over several rows is named in the first of them alone. What is full, and the same in all rows of each such thing,
 * is no name of it: "June" beside "Cornflower" and an empty cell under it.
 */
export function nameByBlocks({ columns, rows, chosen, taken, given }: Claims): void {
  const title = columns.find(({ index }) => index === taken.get('title') && !given.has(index));
  if (!title || title.profile.fill < 1 || Math.max(title.evidence.title ?? 0, title.evidence.thing ?? 0) >= known) return;
  const begun = columns.find(
    ({ index, profile }) =>
      index < title.index &&
      !given.has(index) &&
      [undefined, 'option', 'particular'].includes(chosen.get(index)?.as) &&
      profile.text > 1 - mostCells / 2 &&
      profile.fill < 1 &&
      profile.distinct === 1 &&
      goOnAlike(rows, index, title.index),
  );
  if (!begun) return;
  chosen.delete(title.index);
  taken.set('title', begun.index);
  chosen.set(begun.index, { as: 'title', score: 1.5, because: 'Rows under it without a name of their own go on with it.' });
}

/** Whether rows that are empty in one column all have in another what stands there in the row where the thing began. */
function goOnAlike(rows: readonly (readonly Cell[])[], names: number, other: number): boolean {
  let begun: string | null = null;
  return rows.every((row) => {
    const text = textOf(row[other]).trim();
    if (isBlank(row[names])) return begun !== null && text === begun;
    begun = text;
    return true;
  });
}
