import { surveyedColours } from '../../lexicon/about';
import { once } from '../../once';
import { bare } from '../cells/manners';
import { isDimensions, understandMeasure } from '../cells/quantities';
import words from './values.json';

const sizes = once(() => new Set(words.sizes.split(', ').map(bare)));
const colours = once(() => new Set([...words.colours.split(', '), ...Object.keys(surveyedColours)].map(bare)));

/** Sheets of ISO 216 that things are printed and bound on: "A5", "B2". */
const isPaper = (text: string): boolean => /^[AB][0-7]$/.test(text.trim());

export const isSizeWord = (text: string): boolean =>
  text.length <= 20 &&
  (sizes().has(bare(text)) || isPaper(text) || /^(?:uk|eu|us|size|gr|taille|talla)\.?\s?\d{1,2}(?:[.,]5)?$/i.test(text.trim()));

const choices = once(() => new Set(words.anyChoice.split(', ').map(bare)));

/** So many letters of a word are one that is cut short. */
const shortest = 3;

/** Whether a heading speaks of choosing and says neither what nor by what: "Option", "Which one", "Opt". From memory. */
export function isAnyChoice(heading: string): boolean {
  const said = bare(heading);
  return choices().has(said) || (said.length >= shortest && [...choices()].some((choice) => choice.startsWith(said)));
}

/** Longer than any name of a colour, or two of them. */
const longest = 40;

/** "blue", "dark blue", "blue / white". */
export function isColourWord(text: string): boolean {
  if (text.length > longest || /\d/.test(text)) return false;
  const said = bare(text);
  if (colours().has(said)) return true;
  const parts = said.split(/\s*[/&+]\s*|\s+and\s+/);
  return parts.length > 1 && parts.every((part) => colours().has(part));
}

/** What kind of choice a value is, or null where it says nothing. */
export function choiceKind(text: string): 'colour' | 'size' | 'length' | 'volume' | 'mass' | 'number' | null {
  if (isColourWord(text)) return 'colour';
  if (isSizeWord(text) || isDimensions(text)) return 'size';
  const measure = understandMeasure(text);
  if (measure) return measure.kind === 'other' ? 'number' : measure.kind;
  return /^(?:no\.?|nr\.?|№)?\s?(?:\d{0,4}[¼-¾⅐-⅞]|\d{1,4}(?:[.,/]\d{1,2})?)(?:\s*[-–]\s*\d{1,4})?$/i.test(text.trim())
    ? 'number'
    : null;
}

/** What an option is called whose values are of a kind. */
export const optionNames: Readonly<Record<NonNullable<ReturnType<typeof choiceKind>>, string>> = {
  colour: 'Colour',
  size: 'Size',
  length: 'Length',
  volume: 'Size',
  mass: 'Weight',
  number: 'Size',
};

const none: ReadonlySet<string> = new Set();

/** A longer cell tells something, and lists nothing. */
const longestList = 400;

/** "500 / 600 / 700 mm": the unit behind the last is that of them all. */
function withSharedUnit(parts: readonly string[]): string[] {
  const measure = understandMeasure(parts.at(-1) ?? '');
  const isShared = measure && measure.kind !== 'other' && parts.slice(0, -1).every((part) => /^\d+(?:[.,]\d+)?$/.test(part));
  return isShared ? parts.map((part, i) => (i < parts.length - 1 ? `${part} ${measure.unit}` : part)) : [...parts];
}

/** Several choices in one cell: "S, M, L", "1 g, 5 g", "2-tier / 3-tier". */
export function choicesIn(cell: string, alone: ReadonlySet<string> = none): string[] {
  if (cell.length > longestList) return [cell];
  for (const mark of [/\s*[|;\n]\s*/, /\s+\/\s+/, /,\s+/, /\s*,\s*(?!\d)/, /\s+(?:or|und|oder|et|ou|y|o|e|i|en|och|og)\s+/]) {
    const parts = withSharedUnit(cell.split(mark).map((part) => part.trim()));
    // "Lace, 100 g" is one choice told in two words; choices in a list are of one kind.
    const kinds = parts.map(choiceKind);
    const known = new Set(kinds.filter((kind) => kind !== null));
    // Of three and more, one may be called as nobody else calls it: "standard, queen, king".
    const isAlike =
      new Set(kinds).size === 1 || (parts.length > 2 && known.size === 1 && kinds.filter((kind) => kind === null).length === 1);
    const isList = isAlike || parts.some((part) => alone.has(part));
    if (parts.length > 1 && isList && parts.every((part) => part && part.length <= 24)) return [...new Set(parts)];
  }
  const parts = cell.split('/').map((part) => part.trim());
  return parts.length > 1 && parts.every((part) => choiceKind(part) === 'size') ? [...new Set(parts)] : [cell];
}
