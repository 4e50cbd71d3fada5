/** An id for one more section of a kind on a page, or one more page. */
export function freshId(kind: string, taken: readonly string[]): string {
  if (!taken.includes(kind)) return kind;
  let n = 2;
  while (taken.includes(`${kind}-${n}`)) n++;
  return `${kind}-${n}`;
}
