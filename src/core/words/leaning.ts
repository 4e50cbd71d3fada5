import { isNoun, singular, verbClass } from '../lexicon';

/** What can only stand for something that was said before. */
const standsFor = /^(?:they|he|she|them|both|neither|either|which|then|(?:these|those)(?! days))\b/i;
/** "The woven ones", "each one". */
const oneOf = /^(?:the|each|every|some|most) (?:\p{L}+ )?ones?\b/iu;
/** "It takes a week to dry", "it's best when wet": a subject that stands for nothing. */
const standsForNothing =
  /^it(?:['’]s| is| was| takes?| took| hurts?| costs?| pays?| helps?| seems?)\b.*\b(?:to|that|when|if|how|until)\b/i;
const itself = /^(?:it|this|that)(?:['’]\p{L}+)?(?: (\p{L}+(?:['’]\p{L}+)?))?/iu;
const helps = /^(?:is|was|are|were|has|had|does|did|do|can|will|would|may|must|isn|wasn|doesn|didn|won|also|all|only|just)\b/i;
const isSeveral = (word: string): boolean => singular(word) !== word && isNoun(singular(word));

/** "I find them at clearances", "There is no sugar in them": where it stands, if nothing before it in the sentence is several; else -1. */
function leaningThem(text: string): number {
  const at = text.search(/\bthem\b/);
  if (at < 1) return -1;
  const before =
    text
      .slice(0, at)
      .toLowerCase()
      .match(/\p{L}+/gu) ?? [];
  return before.some(isSeveral) ? -1 : at;
}
/** "Nobody casts those." */
const endsOn = /\b(?:them|those|these|it|that|this)[.!]?$/i;
const shortSentence = 5;

/** Whether a sentence says nothing without the one before it. */
export function leansBack(text: string): boolean {
  if (standsFor.test(text) || oneOf.test(text) || leaningThem(text) >= 0) return true;
  const pronoun = itself.exec(text);
  if (pronoun) {
    const next = (pronoun[1] ?? '').toLowerCase();
    if (/^it\b/i.test(text) || /['’]/.test(pronoun[0].split(' ')[0] ?? '')) return !standsForNothing.test(text);
    // After "this", what ends as a plural does is a verb.
    return helps.test(next) || (verbClass(next) !== null && (!isNoun(next) || singular(next) !== next));
  }
  return text.split(' ').length <= shortSentence && endsOn.test(text);
}

/** "I find them at clearances" → "I find old leather bags at clearances"; "Each one is signed" → "Each bag is signed": its noun, where it is known. */
export function nameThem(text: string, goods: string | undefined): string {
  const one = goods ? singular(goods) : '';
  if (!goods || one === goods) return text;
  const at = leaningThem(text);
  const named = at < 0 ? text : text.slice(0, at) + goods + text.slice(at + 'them'.length);
  return named.replace(/^(each|every) one\b/i, `$1 ${one}`);
}
