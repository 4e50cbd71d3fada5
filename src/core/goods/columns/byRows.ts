import { textOf, type Cell } from '../source/grid';
import { mostCells, type Claims } from './claims';
import { type Seen } from './features';
import { type Meaning } from './meaning';
import { mostNames } from './profile';
import { isAnyChoice } from './values';

// What the rows of one thing, taken together, say of its columns.

/** Whether a heading only says that something is chosen, in the usual words or in others that mean it. */
const speaksOfChoice = ({ heading, evidence: { option, optionName, optionValue } }: Seen): boolean =>
  isAnyChoice(heading) || Math.max(optionName ?? 0, optionValue ?? 0) > Math.max(0.7, option ?? 0);

/** "Colour" beside "black and white" is what a thing can be printed in, and no name of a choice. */
const holdsChoices = ({ profile: { colours, sizes, optionNames } }: Seen): boolean =>
  colours + sizes >= 1 - optionNames && optionNames < 1;

/** What a column may be that a choice stands in, before the rows decide. */
const openTo: readonly (Meaning | undefined)[] = [undefined, 'option', 'particular', 'optionName', 'optionValue'];

/**
 * Two columns side by side that only say that something can be chosen ("Choice", "Which one"), or of which the first holds what is chosen
 * ("Size", "Kind"): where the first is the same for all rows of a thing and the second is not, the first says by what the second is chosen.
 */
export function pairChoices({ columns, rows, chosen, taken, given }: Claims): void {
  const title = taken.get('title');
  const pairs = columns.flatMap((names, i) => {
    const its = columns[i + 1];
    const isFree = its && [names, its].every(({ index }) => !given.has(index));
    const holdsNames =
      its &&
      names.profile.optionNames >= mostCells &&
      !holdsChoices(names) &&
      [names, its].every(({ index }) => openTo.includes(chosen.get(index)?.as));
    const isPair = isFree && (holdsNames || (speaksOfChoice(names) && speaksOfChoice(its)));
    return isPair && names.profile.text > mostCells && names.profile.values <= mostNames ? [{ names, its }] : [];
  });
  if (title === undefined || !pairs.length) return;
  const several = [...byName(rows, title).values()].filter((alike) => alike.length > 1);
  for (const { names, its } of pairs) {
    // A thing may be chosen by two, each in rows of its own: its height, and its colour.
    const isName = several.every(
      (alike) =>
        values(alike, names.index) === 1 ||
        (names.profile.optionNames === 1 && values(alike, names.index) <= values(alike, its.index)),
    );
    if (!isName || !several.some((alike) => values(alike, its.index) > 1)) continue;
    chosen.set(names.index, { as: 'optionName', score: 1, because: `It says what “${its.heading}” is a choice of.` });
    chosen.set(its.index, {
      as: 'optionValue',
      score: 1,
      because: `It stands after “${names.heading}”, which names what it is.`,
    });
  }
}

/** Each row with the name that it stands under: it is often said in the first row of a thing alone. */
function byName(rows: readonly (readonly Cell[])[], title: number): Map<string, (readonly Cell[])[]> {
  const things = new Map<string, (readonly Cell[])[]>();
  let name = '';
  for (const row of rows) {
    name = textOf(row[title]).trim() || name;
    const known = things.get(name);
    if (known) known.push(row);
    else things.set(name, [row]);
  }
  return things;
}

/** How many different values the rows of one thing have in a column. */
const values = (alike: readonly (readonly Cell[])[], index: number): number =>
  new Set(alike.map((row) => textOf(row[index]).trim())).size;

/** What tells a shopper one row of a thing from another, if it differs. */
const tellsRows: ReadonlySet<Meaning | undefined> = new Set([undefined, 'option', 'optionValue', 'particular', 'description']);
/** So many things have to come in the same counts. */
const fewestThings = 2;

/**
 * "Pieces" of a jigsaw: counts that are all that tells the rows of each thing apart, and come again in other things, are what is chosen
 * by. Of stock neither is so.
 */
export function chooseByCount({ columns, rows, chosen, taken, given }: Claims): void {
  const [stock, title] = [taken.get('stock'), taken.get('title')];
  if (stock === undefined || title === undefined || given.has(stock)) return;
  const several = [...byName(rows, title).values()].filter((alike) => alike.length > 1);
  const others = columns.filter(({ index }) => index !== stock && tellsRows.has(chosen.get(index)?.as));
  const isAll = several.every(
    (alike) => values(alike, stock) === alike.length && others.every(({ index }) => values(alike, index) === 1),
  );
  if (several.length < fewestThings || !isAll || values(several.flat(), stock) * 2 > several.flat().length) return;
  taken.delete('stock');
  chosen.set(stock, { as: 'option', score: 1, because: 'Nothing else tells the rows of one product apart.' });
}

/** Weights beside a named choice that tells all rows of a thing apart are what each of them weighs: nobody chooses by both. */
export function weighByPairs({ columns, rows, chosen, taken, given }: Claims): void {
  const title = taken.get('title');
  const value = columns.find(({ index }) => chosen.get(index)?.as === 'optionValue')?.index;
  const weight = columns.find(
    ({ index, profile }) => chosen.get(index)?.as === 'option' && profile.mass > mostCells && !given.has(index),
  );
  if (taken.has('weight') || title === undefined || value === undefined || !weight) return;
  const isTold = [...byName(rows, title).values()].every((alike) => values(alike, value) === alike.length);
  if (!isTold) return;
  taken.set('weight', weight.index);
  chosen.set(weight.index, { as: 'weight', score: 1, because: 'It holds weights, and what is chosen is named beside it.' });
}
