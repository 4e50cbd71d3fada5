import { sentencesIn } from '../document';
import { leansBack } from './leaning';

/** What is taken out of a text until it is short: each cut leaves whole sentences. */

const words = (text: string): number => text.split(/\s+/).filter(Boolean).length;

const sentencesOf = (text: string): string[] =>
  sentencesIn(text, { start: 0, end: text.length }, false).map(({ start, end }) => text.slice(start, end).trim());

/** “Shorter” is at least a third shorter. */
export const shareLeft = 2 / 3;

/** A sentence has a subject and says something of it. */
const leastWords = 4;

/** Where a clause begins that can go: what follows from the one before it, or is added to it. */
const joint =
  /(?:,\s+(?:which|so|because|although|though|as|while|and (?:we|i|you)|(?:we|i|you)\b)|\s+and (?:we|i|you)(?:['’]ll)?\b|\s+(?:so that|because)\b|\s+[–—]\s+|;\s+|:\s+)/gi;

/** “…, most of them within sight of the mill”: what is put after a sentence that has said all by then; no list, and no sentence that is yet to come. */
const addition = /^([^,;:]+),\s+(?!and\b|or\b|but\b)[^,;:]+?([.!?…]["”’)]*)?$/;
const yetToCome =
  /^(?:after|although|as|at|because|before|by|for|from|if|in|once|on|since|so|though|to|unless|until|whatever|when|whenever|where|whether|while|with|without)\b/i;

/** “I don't sell to people, only to shops”: without it the sentence says something else. */
const narrows = /^[\s,–—;:]*(?:only|but|except|save|rather|unless|until|as long as|provided)\b/i;

/** What a reader would miss: figures, what is quoted, and names. */
const facts = (text: string): string[] =>
  text.match(/[\d.,]*\d[\d.,]*\b|["“][^"”]+["”]|(?<=[^.!?…\s]\s)(?!I\b)\p{Lu}[\p{L}'’-]+/gu) ?? [];

const keepsFacts = (before: string, after: string): boolean => facts(before).every((fact) => after.includes(fact));

/** A sentence without its last clause; null where nothing can go. */
function withoutTail(sentence: string): string | null {
  const at = [...sentence.matchAll(joint)]
    .map(({ index }) => index)
    .filter((cut) => words(sentence.slice(0, cut)) >= leastWords)
    .at(-1);
  const added = yetToCome.test(sentence) ? null : addition.exec(sentence)?.[1];
  const kept = at === undefined ? added : sentence.slice(0, at);
  if (!kept || words(kept) < leastWords || narrows.test(sentence.slice(kept.length))) return null;
  const short = `${kept}${/[.!?…]["”’)]*$/.exec(sentence)?.[0] ?? '.'}`;
  return keepsFacts(sentence, short) ? short : null;
}

/** Things between two commas that the sentence does without: "the two of us, Isolde and Bram, dye". */
function withoutAside(sentence: string): string | null {
  const short = sentence.replace(
    /,\s+(?!and\b|or\b|but\b|so\b)[^,.;]{4,60},\s+(?=(?:and (?:we|i)|we|i|who|which|is|are|has|have|makes?|sells?|dyes?|comes?)\b)/i,
    ' ',
  );
  return short !== sentence && keepsFacts(sentence, short) ? short : null;
}

const withoutBrackets = (sentence: string): string | null => {
  const short = sentence.replace(/\s*\([^)]*\)/g, '');
  return short !== sentence && keepsFacts(sentence, short) ? short : null;
};

/** A text without one of its sentences; null where the next one says nothing without it, or a fact would go. */
function without(all: readonly string[], at: number): string[] | null {
  const next = all[at + 1];
  if (at === 0 || facts(all[at] ?? '').length || (next !== undefined && leansBack(next))) return null;
  return all.filter((_, i) => i !== at);
}

type Cut = readonly [did: string, cut: (all: readonly string[], at: number) => string[] | null];
const within =
  (cut: (sentence: string) => string | null): Cut[1] =>
  (all, at) => {
    const short = cut(all[at] ?? '');
    return short === null ? null : all.map((sentence, i) => (i === at ? short : sentence));
  };

/** The least first: what goes later takes more of what was said. */
const cuts: readonly Cut[] = [
  ['took out what stood in brackets', within(withoutBrackets)],
  ['took out an aside', within(withoutAside)],
  ['took out what followed', within(withoutTail)],
  ['left out a sentence', without],
];

/**
 * Takes out of a text what can go, from its end, until it is short enough or no more can.
 * @param most words that it should have at most
 */
export function shorten(text: string, most: number): { text: string; did: string[] } {
  const did = new Set<string>();
  let all = sentencesOf(text);
  for (const [name, cut] of cuts) {
    for (let at = all.length - 1; at >= 0; at--) {
      for (
        let less = cut(all, at);
        less && words(all.join(' ')) > most;
        less = name === 'left out a sentence' ? null : cut(all, at)
      ) {
        all = less;
        did.add(name);
      }
    }
  }
  return { text: all.join(' '), did: [...did] };
}
