import { type KindHere } from '../brief';
import { pluralTitle } from '../words';
import { type Wish } from '../places';
import { type Project } from '../project';
import { type Shop } from '../site';

/** What a question is made from. */
export interface Situation {
  project: Project;
  shop: Shop;
  /** Kinds of the goods, by the brief and the list. */
  kinds: readonly KindHere[];
  /** The goods in the seller's words: "hand-dyed yarn", else "goods". */
  goods: string;
  /** The trade as one word for the wording: "yarn". */
  trade: string;
}

/** What an answer adds: a sentence to the brief, or wishes where no sentence would say it. */
export interface Answer {
  sentence?: string;
  /** Whether the sentence is meant for shoppers: then nobody has to be asked. */
  prints?: boolean;
  wishes?: readonly Wish[];
}

/** A question in the words of this shop. */
export interface Asking {
  say: string;
  /** Answers to pick. */
  picks: readonly string[];
  several: boolean;
  /** The label of the field to type in; null where only the picks make sense. */
  field: string | null;
  /** An answer that shows what any answer would change. It is never kept. */
  sample: readonly string[];
  /** How likely it is that a seller can answer, 0–1. */
  answerable: number;
  /** Something is wrong without an answer. */
  urgent?: boolean;
  answer: (given: readonly string[], situation: Situation) => Answer;
  /** What is wrong with a typed answer, with what to do; null where it will do. */
  check?: (typed: string) => string | null;
}

/** A question that may be asked. To add one, write a definition and put it on the list. */
export interface Question {
  id: string;
  /** The question, or null where the brief or the list already says it. */
  ask: (situation: Situation) => Asking | null;
}

/** "a, b and c" as a sentence wants it. */
export const joined = (given: readonly string[]): string => {
  const parts = given.map((part) => part.trim().replace(/[.\s]+$/, '')).filter(Boolean);
  return parts.length < 2 ? (parts[0] ?? '') : `${parts.slice(0, -1).join(', ')} and ${parts.at(-1) ?? ''}`;
};

/** A sentence as the seller would write it: with a capital and a full stop. */
export const asSentence = (text: string): string => {
  const trimmed = text.trim().replace(/\s+/g, ' ');
  if (!trimmed) return '';
  const capital = trimmed.charAt(0).toUpperCase() + trimmed.slice(1);
  return /[.!?…]["”’)]*$/.test(capital) ? capital : `${capital}.`;
};

export const asSentences = (given: readonly string[]): Answer => ({
  sentence: given.map(asSentence).filter(Boolean).join(' '),
  prints: true,
});

const singularVerbs: Record<string, string> = {
  are: 'is',
  do: 'does',
  have: 'has',
  were: 'was',
  come: 'comes',
  last: 'lasts',
  need: 'needs',
  keep: 'keeps',
  run: 'runs',
  take: 'takes',
};

/**
 * Puts the goods into a sentence that was written for several things: "Do the {goods} come framed?" turns to "Does the paper come framed?"
 * where they are named as one.
 */
export function withGoods(sentence: string, goods: string): string {
  if (pluralTitle(goods)) return sentence.replaceAll('{goods}', goods);
  const verb = (word: string) => {
    const single = singularVerbs[word.toLowerCase()] ?? word;
    return /^\p{Lu}/u.test(word) ? single.charAt(0).toUpperCase() + single.slice(1) : single;
  };
  return (
    sentence
      .replace(/\bone of (the|your) \{goods\}/g, '$1 {goods}')
      .replace(/\b(are|do|have|were)\b(?= (?:the|your) \{goods\})/gi, verb)
      .replace(/(?<=\{goods\} )(are|do|have|were)\b/g, verb)
      // After "how do the …" the verb stays as it is.
      .replace(/(?<=^(?!.*\b(?:do|does|should|can)\b).*\{goods\} )(come|last|need|keep|run|take)\b/gi, verb)
      .replaceAll('{goods}', goods)
  );
}

/** A picked answer inside a sentence: small, but for names of standards and the like. */
export const inLine = (pick: string): string => pick.replace(/^\p{Lu}(?=\p{Ll})/u, (letter) => letter.toLowerCase());
