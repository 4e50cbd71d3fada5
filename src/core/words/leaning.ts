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
/** "I find them at clearances." */
const earlyThem = /^(?:\S+ ){1,3}them\b/;
/** "Nobody casts those." */
const endsOn = /\b(?:them|those|these|it|that|this)[.!]?$/i;
const shortSentence = 5;

/** Whether a sentence says nothing without the one before it. */
export function leansBack(text: string): boolean {
  if (standsFor.test(text) || oneOf.test(text) || earlyThem.test(text)) return true;
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
  return text.replace(earlyThem, (start) => start.replace(/them$/, goods)).replace(/^(each|every) one\b/i, `$1 ${one}`);
}
