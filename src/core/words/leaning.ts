import { isNoun, sensesOf, singular, verbClass } from '../lexicon';

/** What can only stand for something that was said before. */
const standsFor = /^(?:they|he|she|them|both|neither|either|which|then|(?:these|those)(?! days))\b/i;
/** "The woven ones", "each one". */
const oneOf = /^(?:the|each|every|some|most) (?:\p{L}+ )?ones?\b/iu;
/** "Each has two holes", "most are sold": how many, and of what was said before. */
const howMany =
  /^(?:each|all|most|some|many|several|none|others?|another|half|one|two|three|four)(?: of (?:them|these|those))? (\p{L}+)/iu;
function leaningMany(text: string): boolean {
  const next = (howMany.exec(text)?.[1] ?? '').toLowerCase();
  if (!next) return false;
  // After "each", what ends as a plural does is a verb; after all else it is a noun.
  const isVerbOfOne = /^(?:each|one|another)\b/i.test(text) && verbClass(next) !== null && singular(next) !== next;
  return helps.test(next) || isVerbOfOne;
}

/** "It takes a week to dry", "it's best when wet": a subject that stands for nothing. */
const standsForNothing =
  /^it(?:['’]s| is| was| takes?| took| hurts?| costs?| pays?| helps?| seems?)\b.*\b(?:to|that|when|if|how|until)\b/i;
const itself = /^(?:it|this|that)(?:['’]\p{L}+)?(?: (\p{L}+(?:['’]\p{L}+)?))?/iu;
const helps = /^(?:is|was|are|were|has|had|does|did|do|can|will|would|may|must|isn|wasn|doesn|didn|won|also|all|only|just)\b/i;
/** "We" is several as well, and no things. */
const pronoun = /^(?:we|us|they|these|those|his|hers|its|ours|yours|theirs)$/;
const isSeveral = (word: string): boolean => !pronoun.test(word) && singular(word) !== word && isNoun(singular(word));

/** The class of nouns of people (lexnames of WordNet). */
const person = 18;
const isSomebody = (word: string): boolean => sensesOf(singular(word.toLowerCase()))[0]?.kind === person;

/** "His aunt paints the hats": whose, where nobody was named before. */
function leaningWhose(text: string): boolean {
  const at = text.search(/\b(?:his|her)\b/i);
  if (at < 0) return false;
  const before = text.slice(0, at).match(/[\p{L}’'-]+/gu) ?? [];
  return !before.some((word, i) => isSomebody(word) || (i > 0 && /^\p{Lu}\p{Ll}/u.test(word)));
}

/** "One sol of each goes to the school": where "each" stands for a noun; else -1. */
function leaningEach(text: string): number {
  const found = /\bof each\b(?=$|[.,;:!?]| (\p{L}+))/iu.exec(text);
  if (!found) return -1;
  const next = found[1] ?? '';
  const isItsNoun = next !== '' && isNoun(singular(next)) && (verbClass(next) === null || singular(next) === next);
  return isItsNoun ? -1 : found.index + found[0].length;
}

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
/** "We rivet copper, it doesn’t": what it doesn’t was said before. */
const elliptic = /\b(?:do|does|did|has|have|had|can|could|will|would|must|should|is|are|was|were)(?:n[’']t)?[.!]?$/i;
/** "Nobody casts those." */
const endsOn = /\b(?:them|those|these|it|that|this)[.!]?$/i;
const shortSentence = 5;

/** Whether a sentence says nothing without the one before it. */
export function leansBack(text: string): boolean {
  if (
    standsFor.test(text) ||
    oneOf.test(text) ||
    elliptic.test(text) ||
    leaningMany(text) ||
    leaningThem(text) >= 0 ||
    leaningEach(text) >= 0 ||
    leaningWhose(text)
  )
    return true;
  const stands = itself.exec(text);
  if (stands) {
    const next = (stands[1] ?? '').toLowerCase();
    if (/^it\b/i.test(text) || /['’]/.test(stands[0].split(' ')[0] ?? '')) return !standsForNothing.test(text);
    // After "this", what ends as a plural does is a verb.
    return helps.test(next) || (verbClass(next) !== null && (!isNoun(next) || singular(next) !== next));
  }
  return text.split(' ').length <= shortSentence && endsOn.test(text);
}

/** "We send another one", "in the other months": of what was said before. */
const ofAKind = /\b(?:(?:another|the same|a (?:new|second)) ones?|the others?)\b/i;

/** A sentence of this kind says itself what "it" is: "if it breaks, we mend it". */
const conditional = /^(?:if|when|whenever|should|once|until|unless|as long as)\b/i;

/** Whether a sentence may stand large and by itself: it stands for nothing that was said before, anywhere in it. "We write what it weighs" does. */
export function standsAlone(text: string): boolean {
  if (leansBack(text) || ofAKind.test(text)) return false;
  const at = text.search(/\b(?:it|its)\b/i);
  if (at < 0 || conditional.test(text) || standsForNothing.test(text.slice(at))) return true;
  const before = (text.slice(0, at).match(/\p{L}+/gu) ?? []).map((word) => word.toLowerCase());
  const isNamed = (word: string, i: number) =>
    isNoun(word) && !pronoun.test(word) && (i === 0 ? before.length > 1 : determines.test(before[i - 1] ?? ''));
  return before.some(isNamed);
}
const determines = /^(?:an?|the|each|every|no|any|this|that|our|my|your|one|of)$/;

/** "I find them at clearances" → "I find old leather bags at clearances"; "Each one is signed" → "Each bag is signed": its noun, where it is known. */
export function nameThem(text: string, goods: string | undefined): string {
  const one = goods ? singular(goods) : '';
  if (!goods || one === goods) return text;
  const at = leaningThem(text);
  const named = at < 0 ? text : text.slice(0, at) + goods + text.slice(at + 'them'.length);
  const each = leaningEach(named);
  const told = each < 0 ? named : `${named.slice(0, each)} ${one}${named.slice(each)}`;
  const many = told.replace(/^(each|every) one\b/i, `$1 ${one}`);
  return /^each\b/i.test(many) && leaningMany(many) ? many.replace(/^each\b/i, `$& ${one}`) : many;
}
