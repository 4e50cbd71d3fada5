import { type Features } from '../softmax';
import { type ThingKind } from '../things/about';
import { type JudgeWeights } from './judge';
import { slotKinds, type Part, type Slot, type SlotKind } from './sentence';
import { leadingUp, stem, tokensOf } from './tokens';

/** What the judge sees of one place in a sentence: a word, or what a slot stands for. */
type Seen = { word: string; capital?: boolean; as?: string } | { slots: readonly SlotKind[]; of?: string };

const seenOf = (slot: Slot): Seen => ({
  slots: slotKinds.filter((kind) => slot[kind] !== undefined),
  ...(slot.number ? { of: slot.number.of } : {}),
});

export const seenIn = (parts: readonly Part[]): Seen[] =>
  parts.map((part) => (part.token ? { word: part.token.stem, capital: /^\p{Lu}/u.test(part.token.text) } : seenOf(part.slot)));

/** Words of a definition: "put {product} first", with what stands for a slot in braces; "{number:percent}" tells what it counts. */
export const seenInWords = (words: string): Seen[] =>
  words.split(/(\{[^}]+\})/).flatMap((piece): Seen[] => {
    const slot = /^\{([^}:]+)(?::(\w+))?\}$/.exec(piece);
    if (slot?.[1]) return [{ slots: slot[1].split('|') as SlotKind[], ...(slot[2] ? { of: slot[2] } : {}) }];
    return tokensOf(piece).map(({ stem }) => ({ word: stem }));
  });

/** How much a word that means the same says, beside the word itself. */
const likeness = 0.8;

/** How one place is called in a feature. Names of the shop are alike to their neighbours, whatever they name. */
const nameOf = (seen: Seen | undefined): string =>
  seen === undefined
    ? '·'
    : 'word' in seen
      ? seen.word
      : seen.slots.some((slot) => slot === 'page' || slot === 'category' || slot === 'product' || slot === 'section')
        ? '<name>'
        : seen.slots[0] === 'number'
          ? `<${seen.of ?? 'plain'}>`
          : `<${seen.slots[0] ?? ''}>`;

const namers = new Set(['renam', 'call', 'cal', 'nam', 'say', 'read', 'writ', 'titl', 'label', 'describ', 'entitl']);
const fillers = new Set([...leadingUp, ...leadingUp.map(stem), 'i', ':', '=']);

/** Where words begin that a capital in the middle of a sentence sets apart: "I'd rather have Walk above the crowd". */
const capitalFrom = (seen: readonly Seen[]): number => {
  const at = seen.findIndex((one, i) => i > 0 && 'word' in one && one.capital === true && !/^i(?:'|$)/.test(one.word));
  return at > 0 && seen.length - at > 1 ? at : seen.length;
};

/** Where the words that a sentence gives begin: those after "call it", that are more than half of them no words of wishes. */
function textFrom(seen: readonly Seen[], thing: ThingKind, known: (word: string) => string | null): number {
  const at = seen.findIndex((one) => 'word' in one && (namers.has(one.word) || one.word === ':'));
  if (at < 0) return thing === 'heading' || thing === 'text' ? capitalFrom(seen) : seen.length;
  let from = at + 1;
  // "Under the name …" is followed by nothing but the name.
  const said = seen.slice(Math.max(0, at - 2), at + 1).map((one) => ('word' in one ? one.word : ''));
  if (said[0] === 'under' && said[2] === 'nam' && from < seen.length) return from;
  // What is renamed is named before what it is called.
  const first = seen[at];
  if (first && 'word' in first && first.word === 'renam') {
    const to = seen.findIndex((one, i) => i > at && 'word' in one && (one.word === 'to' || one.word === 'as'));
    if (to > at) from = to + 1;
  }
  while (seen[from] && 'word' in (seen[from] as Seen) && fillers.has((seen[from] as { word: string }).word)) from++;
  const rest = seen.slice(from);
  const words = rest.flatMap((one) => ('word' in one ? [one.word] : []));
  const strange = words.filter((word) => known(word) === null).length;
  const [begin] = rest;
  const begins = begin && ('word' in begin ? begin.capital === true : rest.length > 1 && nameOf(begin) === '<name>');
  return rest.length && (begins || (strange > 0 && strange * 2 >= rest.length)) ? from : seen.length;
}

/**
 * What speaks for one kind of sentence or another: its words, pairs of them, what it names, and the kind of thing that it is said at.
 * @param known the word as training has seen it, typing slips mended; null for others
 * @param like words that training has seen and that mean the same as one of those; what has none is counted
 */
export function featuresOf(all: readonly Seen[], at: ThingKind, { known, like }: Pick<JudgeWeights, 'known' | 'like'>): Features {
  const bag: Record<string, number> = { '=': 1, [`@${at}`]: 1 };
  const add = (name: string, weight = 1) => (bag[name] = Math.max(bag[name] ?? 0, weight));
  const from = textFrom(all, at, known);
  const seen: readonly Seen[] = [...all.slice(0, from), ...(from < all.length ? [{ slots: ['quote'] as const }] : [])].map(
    (one) => ('word' in one ? { word: known(one.word) ?? like(one.word)[0] ?? one.word, as: one.word } : one),
  );
  let strange = 0;
  for (const [i, one] of seen.entries()) {
    if ('word' in one) {
      const alike = known(one.as ?? one.word) === null ? like(one.as ?? one.word) : [];
      if (alike.length)
        for (const word of alike) {
          add(word, likeness / alike.length);
          add(`${at}:${word}`, (0.5 * likeness) / alike.length);
        }
      else if (known(one.word) !== null) {
        add(one.word);
        add(`${at}:${one.word}`, 0.5);
      } else strange++;
      if (one.word.length >= 5) add(`${one.word.slice(0, 4)}~`, 0.5);
    } else {
      for (const slot of one.slots) add(`<${slot}>`, 1 / one.slots.length);
      if (one.of) add(`<number ${one.of}>`);
    }
    const name = nameOf(one);
    add(`${nameOf(seen[i - 1])} ${name}`, 0.8);
    if (seen[i + 2]) add(`${name} _ ${nameOf(seen[i + 2])}`, 0.5);
  }
  add(`${nameOf(seen.at(-1))} ·`, 0.8);
  if (strange) add(`strange ${Math.min(strange, 3)}`);
  add(seen.length <= 2 ? 'short' : seen.length <= 6 ? 'usual' : seen.length <= 14 ? 'long' : 'longer');
  return bag;
}
