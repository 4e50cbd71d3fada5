import { heardAs, isDenial, type Said } from './said';

/** Words of something that there can be more or less of. */
export interface Scale {
  /** What asks for more of it by itself: "bigger", "enlarge". */
  more: readonly string[];
  less: readonly string[];
  /** How things are that have much of it, and what it is: "big", "space". */
  much: readonly string[];
  little: readonly string[];
}

/** Bigger or smaller, of whatever. */
export const sizes: Scale = {
  more: ['bigger', 'larger', 'grow', 'enlarge', 'increase', 'up', 'twice', 'double'],
  less: ['smaller', 'shrink', 'reduce', 'decrease', 'down', 'half'],
  much: ['big', 'large', 'huge', 'giant', 'enormous', 'loud'],
  little: ['small', 'tiny', 'little'],
};

/** So many words before it may say what is wished of how something is. */
const reach = 4;
const rises = new Set(['more', 'bigger', 'larger', 'wider', 'increase', 'add']);
const falls = new Set(['less', 'fewer', 'smaller', 'narrower', 'reduce', 'cut', 'remove']);
const states = new Set([
  'is',
  'are',
  'was',
  'were',
  'feels',
  'feel',
  'looks',
  'look',
  'seems',
  'seem',
  'stands',
  'stand',
  'sits',
  'sit',
]);
const wishes = new Set(['should', 'must', 'could', 'would', 'may', 'can', 'be', 'make', 'let', 'want', 'please']);

/**
 * What is wished of something that is big, or that there is space of, by what is said before the word: "too big" and "it is big" complain of
 * it, "not big enough" asks for more, "should be big" and "a big one" ask for what they say.
 */
function wished(before: readonly string[], next: string | undefined): 1 | -1 {
  const near = before.slice(-reach);
  const has = (words: ReadonlySet<string>) => near.some((word) => words.has(word.replace(/n't$/, '')));
  const isDenied = near.some(isDenial);
  const isEnough = next === 'enough' || near.includes('enough');
  // "Too little room" complains of what there is little of.
  const isLittle = near.at(-1) === 'little' || near.at(-1) === 'few';
  if (near.includes('too')) return isLittle ? 1 : -1;
  if (isEnough) return 1;
  if (isLittle || has(falls)) return -1;
  if (has(rises)) return 1;
  if (isDenied) return has(states) ? 1 : -1;
  return has(states) && !has(wishes) ? -1 : 1;
}

/** Whether more of something is wished or less; null where neither is said, or both are. */
export function degreeOf({ sentence }: Pick<Said, 'sentence'>, { more, less, much, little }: Scale): 'more' | 'less' | null {
  const tokens = sentence.parts.map(({ token }) => token);
  const words = tokens.map((token) => token?.word ?? '');
  let [up, down] = [false, false];
  tokens.forEach((token, i) => {
    if (!token) return;
    const heard = heardAs(token);
    const is = (group: readonly string[]) => group.some((word) => heard.includes(word));
    const ask = is(more) ? 1 : is(less) ? -1 : 0;
    const state = ask ? 0 : is(much) ? 1 : is(little) ? -1 : 0;
    const way = ask || (state ? state * wished(words.slice(0, i), words[i + 1]) : 0);
    if (way > 0) up = true;
    if (way < 0) down = true;
  });
  return up === down ? null : up ? 'more' : 'less';
}
