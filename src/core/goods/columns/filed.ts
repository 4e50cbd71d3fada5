import { isNoun } from '../../lexicon';
import { once } from '../../once';
import { bare } from '../cells/manners';
import { textOf } from '../source/grid';
import { known, mostCells, type Claims } from './claims';
import headings from './headings.json';

const english = once(() => new Set(headings.kind.en.split(', ')));
/** "Tip" is a kind in Croatian, and the end of a stick in English: a word that is a thing in English is that. */
const isOther = (heading: string): boolean => isNoun(bare(heading)) && !english().has(bare(heading));

/** Shelves hold more than one thing: so many different ones there are at most, as a share of the rows. */
const mostShelves = 0.6;
/** More words than this are no name of a shelf. */
const mostWords = 4;

/**
 * Where the heading speaks of kinds, and most cells name one in which things are delivered, that is what it says; what the others say is
 * shown with the goods.
 */
export function giveKinds({ columns, chosen, taken }: Claims): void {
  const [only, ...more] = columns.filter(
    ({ index, evidence, profile }) => !chosen.has(index) && (evidence.kind ?? 0) >= known && profile.kinds > mostCells,
  );
  if (!only || more.length || taken.has('kind')) return;
  chosen.set(only.index, { as: 'kind', score: 1, because: `It is headed “${only.heading}”, and says how things are delivered.` });
  taken.set('kind', only.index);
}

/**
 * "Kind" over tags, stakes and signs says on which shelf a thing stands, where nothing else does. It is also a word for how a thing is
 * delivered, which its cells would say, and for a choice, which would differ within a thing.
 */
export function giveShelves({ columns, rows, chosen, taken }: Claims): void {
  if ([...chosen.values()].some(({ as }) => as === 'category')) return;
  const title = taken.get('title');
  const differsWithin = (index: number): boolean => {
    const of = new Map<string, string>();
    return rows.some((row) => {
      const name = title === undefined ? '' : textOf(row[title] ?? '').trim();
      const value = textOf(row[index] ?? '').trim();
      const before = of.get(name);
      if (name && before === undefined) of.set(name, value);
      return before !== undefined && before !== value;
    });
  };
  const [only, ...more] = columns.filter(
    ({ index, heading, evidence, profile }) =>
      !chosen.has(index) &&
      (evidence.kind ?? 0) >= known &&
      !isOther(heading) &&
      profile.kinds < mostCells &&
      profile.text > 1 - mostCells &&
      profile.fill > mostCells &&
      profile.words < mostWords &&
      profile.values > 1 &&
      profile.values <= profile.filled * mostShelves &&
      !differsWithin(index),
  );
  if (!only || more.length) return;
  chosen.set(only.index, { as: 'category', score: 1, because: `It is headed “${only.heading}”, and its words come again.` });
}
