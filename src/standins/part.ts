/**
 * The part of a file that a browser asks for, by the first range of the header of RFC 9110, section 14: null where it is all of it (no
 * header, several ranges, or a unit that is not known), "none" where no byte of it is there.
 */
export function partOf(header: string | null, size: number): { from: number; to: number } | 'none' | null {
  const [, first = '', last = ''] = /^bytes=(\d*)-(\d*)$/.exec(header?.trim() ?? '') ?? [];
  if (!first && !last) return null;
  const from = first ? Number(first) : Math.max(0, size - Number(last));
  const to = first && last ? Math.min(Number(last), size - 1) : size - 1;
  if (first && last && Number(first) > Number(last)) return null;
  return from > to || (!first && Number(last) === 0) ? 'none' : { from, to };
}
