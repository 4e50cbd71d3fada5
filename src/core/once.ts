/** Runs once, at the first call: what it makes is too large to be made before it is asked for. */
export function once<T>(make: () => T): () => T {
  let made: { value: T } | null = null;
  return () => (made ??= { value: make() }).value;
}
