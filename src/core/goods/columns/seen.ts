import { plain } from '../cells/plain';
import { textOf, type Cell } from '../source/grid';
import { candidatesOf, isMoneyWord } from './contents';
import { rowsCompared, type Seen } from './features';
import { readHeading } from './heading';
import { profileOf } from './profile';

/** What can be seen of each column by itself. */
export function seenIn(headings: readonly string[], rows: readonly (readonly Cell[])[], currency: string): Seen[] {
  const width = Math.max(headings.length, ...rows.slice(0, 200).map((row) => row.length));
  return Array.from({ length: width }, (_, index) => {
    const heading = (headings[index] ?? '').replace(/\s+/g, ' ').trim();
    const cells = rows.map((row) => row[index] ?? '');
    const profile = { ...profileOf(cells, currency), echo: echoOf(heading, cells) };
    const evidence = readHeading(heading);
    const values = cells.slice(0, rowsCompared).map((cell) => textOf(cell).trim().toLowerCase());
    const seen = { index, heading, isMoney: isMoneyWord(heading, currency), profile, evidence, values };
    return { ...seen, candidates: candidatesOf(seen) };
  });
}

/** A heading that its own cells repeat names what they are: "Mask" over "Epee mask". */
function echoOf(heading: string, cells: readonly Cell[]): number {
  const words = plain(heading).match(/\p{L}{4,}/gu) ?? [];
  if (!words.length) return 0;
  const filled = cells
    .slice(0, 300)
    .map((cell) => plain(textOf(cell)))
    .filter(Boolean);
  return (
    filled.filter((text) => words.some((word) => text.includes(word.replace(/(?:en|er|es|e|s|n)$/, '')))).length /
    Math.max(1, filled.length)
  );
}

/** The column that reads most like names of things, whatever it is headed. */
export function likeliestNames<C extends Pick<Seen, 'profile' | 'index' | 'heading'>>(columns: readonly C[]): C | undefined {
  const fit = ({ profile, index, heading }: C) =>
    profile.text * 2 +
    Math.min(profile.distinct, 0.9) +
    profile.fill -
    profile.code -
    profile.measure * 2 -
    profile.money * 2 -
    profile.link * 3 -
    (profile.colours + profile.sizes) * 1.5 -
    (profile.length > 80 ? 2 : 0) -
    profile.sentences * 2 -
    // Where nothing is headed, the name of a thing comes first.
    index * (heading ? 0.15 : 0.3);
  return columns.filter(({ profile }) => profile.filled > 0 && profile.text > 0.5).sort((a, b) => fit(b) - fit(a))[0];
}

/** So much of a column has to look like codes. */
const mostlyCodes = 0.6;
/** A code of fewer things than this share of the rows is one of shelves. */
const fewestCoded = 0.25;

/** Whether a column of codes that come again has one text for each: "W1" is always the card wallet, so that names it. */
function hasCodes(column: Seen, columns: readonly Seen[]): boolean {
  return columns.some(({ index, profile, values }) => {
    if (index === column.index || profile.code < mostlyCodes || profile.distinct > 0.9) return false;
    const pairs = new Set(values.map((code, i) => `${code}\u0000${column.values[i] ?? ''}`)).size;
    const codes = new Set(values).size;
    return pairs === codes && pairs === new Set(column.values).size && codes >= values.length * fewestCoded;
  });
}

/** A heading that speaks as much of names is believed. */
const enough = 1.4;

/** Index of the column that most likely names the things, by its heading first; -1 where none does. */
export function namesAmong(columns: readonly Seen[]): number {
  const claim = ({ candidates }: Seen) => candidates.find(({ as }) => as === 'title')?.score ?? 0;
  const [headed] = [...columns].sort((a, b) => claim(b) - claim(a));
  if (headed && claim(headed) >= enough) return headed.index;
  const texts = columns.filter(({ profile }) => profile.text > 0.5 && profile.filled > 0);
  return (texts.find((column) => hasCodes(column, columns)) ?? likeliestNames(columns))?.index ?? -1;
}
