/** A repeatable source of chance in [0, 1). Mulberry32, Tommy Ettinger 2017, public domain; recalled from memory. */
export function chance(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** A number for any text, the same on every machine (FNV-1a, 32 bit). */
export function hashText(text: string): number {
  let hash = 0x811c9dc5;
  for (let i = 0; i < text.length; i++) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193);
  return hash >>> 0;
}

export function pick<T>(items: readonly [T, ...T[]], random: () => number): T {
  return items[Math.floor(random() * items.length)] ?? items[0];
}
