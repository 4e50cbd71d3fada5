import { type At } from './place';

/** What nobody has decided is as Arcatum makes it. */
const undecided = 'as made';

/** A value in a sentence: short texts whole and in quotes, long ones by their beginning. */
export function shown(value: unknown, unit = ''): string {
  if (value === undefined) return undecided;
  if (value === null) return 'none';
  if (value === true) return 'yes';
  if (value === false) return 'no';
  if (typeof value === 'number') return `${value}${unit}`;
  if (typeof value === 'string') return value === '' ? 'empty' : /^#[0-9a-f]{6}$/.test(value) ? value : `“${shortened(value)}”`;
  if (Array.isArray(value)) {
    const plain = value.filter((one) => typeof one === 'string' || typeof one === 'number');
    return plain.length === value.length ? shortened(plain.join(', ')) || 'none' : `${value.length}`;
  }
  return 'changed';
}

/** The first words of a text: at most 48 characters. */
export function shortened(text: string, most = 48): string {
  const line = text.replace(/\s+/g, ' ').trim();
  if (line.length <= most) return line;
  const cut = line.slice(0, most - 1).replace(/\s+\S*$/, '');
  return `${cut || line.slice(0, most - 1)}…`;
}

/** The first of many values, and how many more there are. */
export function listed(values: readonly string[], most = 12): string {
  const more = values.length - most;
  return more > 0 ? `${values.slice(0, most).join(', ')} and ${more} more` : values.join(', ');
}

/** "Corners: 4 px → 8 px", for a place of one name. */
export const turns =
  (name: string, unit = '') =>
  (before: unknown, after: unknown): string =>
    `${name}: ${shown(before, unit)} → ${shown(after, unit)}`;

/** The same for what is chosen from a list of ours: "Family: Ledger → Stall". */
export const turnsTo =
  (name: string) =>
  (before: string | null | undefined, after: string | null | undefined): string =>
    `${name}: ${chosen(before)} → ${chosen(after)}`;

const chosen = (id: string | null | undefined): string =>
  id === undefined ? undecided : id === null ? 'none' : id.charAt(0).toUpperCase() + id.slice(1).replace(/-/g, ' ');

/** "Name of About: “A” → “B”", for a place that belongs to something. */
export const turnsAt =
  <Parts extends readonly string[]>(name: (at: At<Parts>) => string, unit = '') =>
  (before: unknown, after: unknown, at: At<Parts>): string =>
    `${name(at)}: ${shown(before, unit)} → ${shown(after, unit)}`;
