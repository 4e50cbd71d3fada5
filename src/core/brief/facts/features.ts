import named from './features.json';

/** Pages and functions that Arcatum makes, by the plan's names, and what sellers call them. */
const names = Object.entries(named).flatMap(([id, phrases]) => phrases.map((phrase) => ({ id, words: ` ${phrase} ` })));

/** Longer names first: an order form is a form, a page about repairs no page about us. */
const longestFirst = [...names].sort((a, b) => b.words.length - a.words.length);

/** What is asked for, where it is something that Arcatum makes. */
export function featureIdOf(phrase: string): string | null {
  const words = ` ${phrase
    .toLowerCase()
    .replace(/[^\p{L}\p{N}-]+/gu, ' ')
    .trim()} `;
  return longestFirst.find((one) => words.includes(one.words))?.id ?? null;
}

/** Whether a feature in a reading is one that Arcatum makes; what it can't make stands there in the seller's words. */
export const isMade = (feature: string): boolean => Object.hasOwn(named, feature);
