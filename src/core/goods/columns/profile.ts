import { unspacedSigns } from '../../unspaced';
import { isCurrency } from '../../till';
import { currenciesIn, isSigned, understandMoney, type Money } from '../cells/money';
import { saysManner } from '../cells/manners';
import { hasGtinLength, isDimensions, isGtin, understandMeasure, understandStock, type Measure } from '../cells/quantities';
import { isBlank, textOf, type Cell } from '../source/grid';
import { parseKind } from '../cells';
import { isLastingId } from '../lasting';
import { choiceKind, choicesIn, isColourWord, isSizeWord } from './values';
import { readHeading } from './heading';

/** Shares of a column's filled cells, 0–1, and what else its contents say of it. */
export interface Profile {
  filled: number;
  /** Filled cells, of all rows. */
  fill: number;
  /** Different values, of filled cells. */
  distinct: number;
  values: number;
  money: number;
  signed: number;
  /** Cells that give a price as people do, and not as one amount: "from 8", "3 for 10", "on request". */
  quoted: number;
  decimals: number;
  whole: number;
  gtinLong: number;
  gtinRight: number;
  code: number;
  words: number;
  /** Marks that tick something off. */
  ticks: number;
  length: number;
  /** Of one choice, where a cell lists several. */
  choiceLength: number;
  text: number;
  html: number;
  /** Cells that are told in whole sentences, or in several lines. */
  sentences: number;
  mass: number;
  /** Cells with a unit of mass, length or volume. */
  united: number;
  measure: number;
  /** Cells that say in words how many there are. */
  stockWords: number;
  /** Cells that say that none is left. */
  /** Ways of saying in words what there is, that are neither yes, no nor a number: "sold out", "last two". */
  sayings: number;
  /** Cells that say yes or no. */
  yesNo: number;
  soldOut: number;
  hasZero: boolean;
  largest: number;
  currency: number;
  picture: number;
  link: number;
  path: number;
  optionNames: number;
  colours: number;
  sizes: number;
  kinds: number;
  /** Cells that list measures, colours or sizes. */
  lists: number;
  /** Cells that are a measure, a colour or a size, or list some, where a part of them does. */
  listed: number;
  date: number;
  percent: number;
  rising: boolean;
  /** Cells that hold ids which Arcatum gave. */
  lasting: number;
}

const most = 1500;
const pictureFile = /^(?:https?:\/\/\S+|[^\s|,;]+|[^|;]+)\.(?:jpe?g|png|webp|gif|svg|avif|tiff?)(?:\?\S*)?$/i;

/** A value of a column, understood once however often it stands there. */
interface Counted {
  text: string;
  count: number;
  money: Money;
  isSigned: boolean;
  measure: Measure | null;
  isDimensions: boolean;
  choices: readonly string[];
}

function countedOf(text: string, cell: Cell, currency: string): Counted {
  const money = understandMoney(cell);
  return {
    text,
    count: 1,
    money,
    isSigned: isSigned(money) || (currency !== '' && currenciesIn(money).includes(currency)),
    measure: understandMeasure(text),
    isDimensions: isDimensions(text),
    choices: choicesIn(text),
  };
}

/** “60 × 90” could be sixty for ninety; without a sign of money it is a size. */
const isSizeRather = ({ money, isDimensions: has }: Counted): boolean => has && money.kind === 'several' && money.sign === '';

const isMeasured = ({ measure, isDimensions: has }: Counted): boolean => measure !== null || has;

/** As many cells as show what a column is. */
const sampleOf = (column: readonly Cell[]): readonly Cell[] =>
  column.length > most ? column.filter((_, i) => i % Math.ceil(column.length / most) === 0) : column;

/** @param currency ISO 4217, that of the brief: a letter that is its sign is one here, "R 340" */
export function profileOf(column: readonly Cell[], currency = ''): Profile {
  const sampled = sampleOf(column);
  const cells = sampled.filter((cell) => !isBlank(cell));
  const texts = cells.map((cell) => textOf(cell).trim());
  const n = Math.max(1, cells.length);
  // What stands in many cells is understood once.
  const counted = new Map<string, Counted>();
  texts.forEach((text, i) => {
    const known = counted.get(text);
    if (known) known.count++;
    else counted.set(text, countedOf(text, cells[i] ?? '', currency));
  });
  const values = [...counted.values()];
  const share = (test: (text: string, one: Counted) => boolean) =>
    values.reduce((sum, one) => sum + (test(one.text, one) ? one.count : 0), 0) / n;
  const mean = (of: (text: string, one: Counted) => number) =>
    values.reduce((sum, one) => sum + of(one.text, one) * one.count, 0) / n;
  const different = new Set(values.map(({ text }) => text.toLowerCase()));
  const numbers = texts.filter((text) => /^\d+$/.test(text)).map(Number);
  // "Yes" and "no" beside "last two" and "sold out" answer the same question.
  const sayings = values.filter(({ text }) => isStockInWords(text) && !isNumeral(text)).length;
  const tellsStock = (text: string) => isStockInWords(text) || (sayings >= fewestSayings && saysManner('yesNo', text));
  const lists = share((_, { choices }) => choices.length > 1 && choices.every((choice) => choiceKind(choice)));
  return {
    filled: cells.length,
    fill: cells.length / Math.max(1, sampled.length),
    distinct: different.size / n,
    values: different.size,
    money: share((_, one) => one.money.kind !== 'unknown' && one.money.kind !== 'blank' && !isSizeRather(one)),
    signed: share((_, { isSigned: is }) => is),
    quoted: share((_, { money: { kind } }) => kind === 'from' || kind === 'several' || kind === 'per' || kind === 'request'),
    decimals: share((text) => /\d[.,]\d{1,2}(?!\d)/.test(text)),
    whole: share((text) => /^\d{1,9}$/.test(text)),
    // A day written with dashes is as long as a short barcode.
    gtinLong: share((text) => !isDay(text) && hasGtinLength(text.replace(/[\s-]/g, ''))),
    gtinRight: share((text) => !isDay(text) && isGtin(text.replace(/[\s-]/g, ''))),
    code: share((text, one) => !one.isSigned && isCode(one)),
    words: mean((text) => text.split(/\s+/).length),
    ticks: share((text) => /^[xX✓✔*•]$/.test(text)),
    length: mean((text) => text.length),
    choiceLength: mean((_, { choices }) => Math.max(...choices.map((choice) => choice.length))),
    text: share((text, one) => /\p{L}/u.test(text) && !isMeasured(one) && !one.isSigned),
    html: share((text) => /<\/?(?:p|br|b|strong|em|i|ul|ol|li|div|span|h\d|a)\b/i.test(text)),
    sentences: toldAmong(share),
    mass: share((_, { measure }) => measure?.kind === 'mass'),
    united: share((_, { measure }) => measure !== null && measure.kind !== 'other'),
    measure: share((_, one) => isMeasured(one)),
    // A number in words alone counts anything: strings, drawers, edges.
    stockWords: share(tellsStock) * (share((text) => tellsStock(text) && !isNumeral(text)) > 0 ? 1 : 0),
    sayings,
    yesNo: share((text) => saysManner('yesNo', text)),
    soldOut: share((text) => tellsStock(text) && piecesIn(text) === 0),
    hasZero: counted.has('0'),
    largest: numbers.length ? Math.max(...numbers) : 0,
    currency: share((text) => /^[A-Z]{3}$/.test(text) && isCurrency(text)),
    picture: share((text) => text.split(/[|;,\n]\s*/).every((one) => pictureFile.test(one.trim()))),
    link: share((text) => /^(?:https?:\/\/|www\.|\/)\S+$/i.test(text)),
    path: share((text) => /\S\s*(?:>|›|»|\/\/)\s*\S/.test(text) && !/<[a-z/]/i.test(text)),
    optionNames: different.size > mostNames ? 0 : share(namesChoice),
    colours: share((_, { choices }) => choices.every(isColourWord)),
    sizes: share((_, { choices }) => choices.every(isSizeWord)),
    lists,
    listed: lists < someLists ? 0 : share((_, { choices }) => choices.every((choice) => choiceKind(choice))),
    kinds: share((text) => parseKind(text).ok),
    date: share(isDay),
    percent: share((text) => /^\d{1,2}(?:[.,]\d+)?\s?%$/.test(text)),
    lasting: share(isLastingId),
    rising:
      numbers.length === texts.length &&
      numbers.length > 2 &&
      numbers.every((value, i) => i === 0 || value === (numbers[i - 1] ?? 0) + 1),
  };
}

/** What names an option comes again and again: so many different ones are in one list. */
export const mostNames = 6;
const namesChoice = (text: string): boolean => text.length < 24 && (readHeading(text).option ?? 0) >= 2;

/** Whether cells of a column name what is chosen, and not the choice: "Size", "Colour". */
export function nameChoices(column: readonly Cell[]): boolean {
  const texts = sampleOf(column)
    .filter((cell) => !isBlank(cell))
    .map((cell) => textOf(cell).trim());
  return texts.length > 0 && new Set(texts).size <= mostNames && texts.filter(namesChoice).length >= texts.length / 2;
}

/** "None" alone may be said of anything. */
const fewestSayings = 2;

const isDay = (text: string): boolean => /^(?:\d{4}-\d{2}-\d{2}(?:[T ].*)?|\d{1,2}[./]\d{1,2}[./]\d{2,4})$/.test(text);

/** A column some of whose cells list what can be chosen has one choice in the others. */
const someLists = 0.15;

/** Longer than any way of saying how many there are. */
const longestStock = 30;

/** "Sold out", "two left", "plenty". */
const isStockInWords = (text: string): boolean =>
  text.length <= longestStock &&
  !/^\d/.test(text) &&
  !saysManner('yesNo', text) &&
  ['count', 'uncounted'].includes(understandStock(text).kind);

/** How many a cell counts; nothing where it counts none. */
const piecesIn = (text: string): number | null => {
  const stock = understandStock(text);
  return stock.kind === 'count' ? stock.pieces : null;
};

const isNumeral = (text: string): boolean => /^\p{L}+$/u.test(text) && (piecesIn(text) ?? 0) > 0;

/** A word of a language with letters, at the end of what it says; of scripts without spaces two signs make about a word. */
const isTold = (text: string): boolean => {
  const words = text.split(/\s+/).length + unspacedSigns(text) / 2;
  return (words > 3 && ending.test(text)) || (words > 4 && /\p{L}["”]?[.,;:]?\s*\n\s*\S/u.test(text)) || severalTold.test(text);
};
/** More than one sentence, however short: "Works. New battery." */
const severalTold = /\p{L}{3}["”’»”)]*[\p{STerm}…]["”’»”)]*\s+["“«„¿¡(]*\p{Lu}.*\p{L}["”’»”)]*[\p{STerm}…]["”’»”)]*$/su;

/** Of so many cells it is plain what they are. */
export const plainly = 0.6;

type ShareOf = (test: (text: string) => boolean) => number;

/** How much is told in sentences. Beside what plainly is, what only ends as a sentence does is told as well: "With a cord." */
function toldAmong(share: ShareOf): number {
  const told = share(isTold);
  return told < someTold ? told : share((text) => isTold(text) || isEnded(text));
}

/** Whether a column is told in sentences. */
export function isToldIn(column: readonly Cell[]): boolean {
  const texts = sampleOf(column)
    .filter((cell) => !isBlank(cell))
    .map((cell) => textOf(cell).trim());
  return toldAmong((test) => texts.filter(test).length / Math.max(1, texts.length)) > plainly;
}

const someTold = 0.2;
const ending = /\p{L}{2}["”’»”)]*[\p{STerm}…]["”’»”)]*$/u;
const isEnded = (text: string): boolean => /^["“«„¿¡(]*\p{Lu}/u.test(text) && ending.test(text);

/** Small letters and digits in one word are a number that a program gave, where they are as long as this: "mp3" is none. */
const shortestId = 5;

/** Letters and digits mixed, or capitals with a dash: what shops call their things by, not what people call them. */
function isCode(one: Counted): boolean {
  const { text } = one;
  if (text.length > 24 || /\s\S+\s\S+\s/.test(text) || isMeasured(one)) return false;
  if (/\p{Sc}/u.test(text)) return false;
  // Words are no codes, even with a number after them.
  if (/\s/.test(text) && /\p{Ll}{2}/u.test(text)) return false;
  const joined = text.replace(/[\s_./-]/g, '');
  // A word of a script without capitals is no code for the number after it.
  if (!/^[\p{Lu}\p{Ll}\d]+$/u.test(joined)) return false;
  return (
    (/\d/.test(joined) && /\p{L}/u.test(joined) && (/^[A-Z\d]/.test(joined) || joined.length >= shortestId)) ||
    (/^[A-Z]{2,}[-_.]?[A-Z\d]*$/.test(text) && /[-_.\d]/.test(text)) ||
    /^[a-z]+-[a-z\d]+(-[a-z\d]+)*$/.test(text) ||
    /^[A-Z]{2,8}$/.test(text)
  );
}
