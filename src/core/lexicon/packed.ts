import { inflateSync, strFromU8 } from 'fflate';

/** A text that was packed by scripts/lexicon.mjs. */
export function unpack(packed: string): string {
  const letters = atob(packed);
  const bytes = new Uint8Array(letters.length);
  for (let i = 0; i < letters.length; i++) bytes[i] = letters.charCodeAt(i);
  return strFromU8(inflateSync(bytes));
}

/** The rest of the line that begins with `key|`, among lines sorted by code unit. */
export function lineOf(lines: readonly string[], key: string): string | null {
  const wanted = `${key}|`;
  const line = firstFrom(lines, wanted);
  return line?.startsWith(wanted) ? line.slice(wanted.length) : null;
}

/** The first of sorted lines that is not before a text. */
export function firstFrom(lines: readonly string[], wanted: string): string | undefined {
  let low = 0;
  let high = lines.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((lines[middle] ?? '') < wanted) low = middle + 1;
    else high = middle;
  }
  return lines[low];
}
