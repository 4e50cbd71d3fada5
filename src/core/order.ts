/** A list with some of its things in another order: together they take the seats that they have, and the others keep theirs. */
export function reseated<T extends NonNullable<unknown>>(
  all: readonly T[],
  order: readonly string[],
  idOf: (one: T) => string,
): T[] {
  const byId = new Map(all.map((one) => [idOf(one), one]));
  const named = [...new Set(order)].flatMap((id) => byId.get(id) ?? []);
  const moving = new Set(named);
  let next = 0;
  return all.map((one) => (moving.has(one) ? (named[next++] ?? one) : one));
}

/** A list with one of its things at another place among the rest. */
export function movedTo<T>(all: readonly T[], from: number, to: number): T[] {
  const rest = all.filter((_, i) => i !== from);
  return [...rest.slice(0, to), ...all.slice(from, from + 1), ...rest.slice(to)];
}
