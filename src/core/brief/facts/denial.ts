import { hexOf } from '../colours';
import { type Span } from './spans';
import { breaks, isGrammar, isNegation, isVerbOnly, isWord, joins, knownOf, tokensIn, type Token } from './tokens';

/** Words of a label under which stands what is not wanted: "Not:", "Colours you dislike". */
const isRefusal = (low: string): boolean => isNegation(low) || /^(?:dislike|hate|avoid|refuse|ban)/.test(low);

/** Whether what it stands under denies it; under "What do you like, what do you hate?" stands either. */
export function isUnderRefusal({ line: { judged } }: Span): boolean {
  if (!judged) return false;
  // What is listed under a heading stands under it; a paragraph may have gone on to something else.
  const { label, question, heading, bullet } = judged.said;
  const nearest = label || question || (bullet ? heading : '');
  return refuses(tokensIn(nearest, 0, nearest.length));
}

/** Whether words that something stands under say that it is not wanted, and not that it might be. */
function refuses(over: readonly Token[]): boolean {
  const words = over.map(({ low }) => low);
  const isLiked = words.some((word, i) => likes.test(word) && !isNegation(words[i - 1] ?? ''));
  return words.some(isRefusal) && !isLiked;
}
const likes = /^(?:like|love|want|prefer|favou?rite)/;

/** Whether it is denied in its clause: "nothing green", "anything but brown". */
export function isDenied({ line: { tokens }, from }: Span): boolean {
  let commas = 0;
  let others = 0;
  for (let i = from - 1; i >= 0; i--) {
    const low = tokens[i]?.low ?? '';
    if (low === ',') commas++;
    else if (!isNegation(low) && !joins.has(low) && hexOf(low) === undefined) others++;
    // What is the exception to anything is what is not wanted; after any other "but" the opposite begins.
    if (low === 'but') return /^(?:anything|any|everything)$/.test(tokens[i - 1]?.low ?? '');
    // "Colours we hate: teal".
    if (low === ':') return refuses(tokens.slice(0, i));
    if (breaks.has(low)) return false;
    // "Or no, brown" takes back what was said before.
    if (low === 'no' && tokens[i + 1]?.low === ',') return false;
    // "No sepia, beige" is one list, "no music, green walls" is not.
    if (isNegation(low)) return !(commas && others) && !/^(?:only|just)$/.test(tokens[i + 1]?.low ?? '');
  }
  return false;
}

/** Whether what is said behind it refuses it, with what is listed beside it: "pink and silver are to be avoided". */
export function isDeniedBehind({ line: { tokens }, to }: Span): boolean {
  let i = to;
  while (joins.has(tokens[i]?.low ?? '') || hexOf(tokens[i]?.low ?? '') !== undefined) i++;
  if (knownOf(tokens[i]?.low ?? '').base !== 'be') return false;
  const said = tokens.slice(i + 1, i + 1 + reached).map(({ low }) => low);
  const at = said.findIndex((low) => turnsAway.test(low));
  return at >= 0 && !said.slice(0, at).some((low) => isNegation(low) || breaks.has(low));
}
/** As many words behind "is" say what becomes of it. */
const reached = 4;
const turnsAway = /^(?:avoid|forbid|forbad|refus|bann|exclud|unwanted|unwelcome)/;

/** Whether its sentence is nothing else than the order to leave it away: "No turquoise", "And please, no pink". */
export const isOrderedAway = (span: Span): boolean =>
  isDenied(span) &&
  span.line.tokens
    .slice(0, span.from)
    .every(({ low }) => isNegation(low) || joins.has(low) || hexOf(low) !== undefined || opens.has(low));
const opens = new Set(['but', 'please', 'also', 'so', 'then', 'definitely', 'absolutely', 'just']);

/** Whether somebody else is said to do something with it: "my last designer loved turquoise". */
export function isOfSomebody({ line: { tokens }, from }: Span): boolean {
  const before = tokens.slice(0, from).map(({ low }) => low);
  return before.some(isPlainVerb) && !before.some((low) => asks.has(low.split("'")[0] ?? ''));
}
/** "Loved", and no sign or print, which are things as well. */
function isPlainVerb(low: string): boolean {
  const { verb, noun, base } = knownOf(low);
  return verb !== null && noun === null && base !== 'be';
}
/** Who says what the site should be, and how. */
const asks = new Set([
  'i',
  'we',
  'you',
  'us',
  'me',
  'site',
  'website',
  'shop',
  'page',
  'it',
  'should',
  'must',
  'please',
  'want',
  'use',
  'make',
  'colour',
  'color',
  'colours',
  'colors',
]);

/** Classes of nouns of groups and of people (lexnames of WordNet). */
const somebody: ReadonlySet<number | null> = new Set([14, 18]);

/**
 * "There is a shop in Lyon that sells furniture" tells of somebody else. Inside a sentence it has to be somebody: "there is a Pinggir in
 * Bandung that sells noodles", and not "behind the house there is a kiln that fires stoneware".
 */
export function isOfAnother({ line: { tokens }, from }: Span): boolean {
  let whose = false;
  for (let i = from - 1; i >= 0; i--) {
    const low = tokens[i]?.low ?? '';
    if (/^[.;:)!?]$/.test(low)) return false;
    if (/^(?:that|which|who)$/.test(low) && knownOf(tokens[i + 1]?.low ?? '').verb !== null) whose = true;
    if (low !== 'there' || knownOf(tokens[i + 1]?.low ?? '').base !== 'be') continue;
    const who = tokens.slice(i + 2, from).find((token) => !isGrammar(token.low) && token.low !== 'one');
    return whose && who !== undefined && (i === 0 || /^\p{Lu}/u.test(who.text) || somebody.has(knownOf(who.low).noun));
  }
  return false;
}

/** "They all print dolphins": what others do is not what is sold here. */
export const isOfOthers = ({ line: { tokens }, from }: Span): boolean =>
  tokens[0]?.low === 'they' && !tokens.slice(0, from).some(({ low }) => low === 'we' || low === 'i' || breaksOff.has(low));
const breaksOff = new Set([';', ':', '–', '—', 'but']);

/** "There is a Melaní in Patras too", "a bingo hall of the same name in Dundee": where somebody else is who is called so. */
export function isOfNamesake({ line: { tokens }, from }: Span): boolean {
  let i = from - 1;
  if (!/^(?:in|near|at)$/.test(tokens[i]?.low ?? '')) return false;
  i--;
  if (tokens[i]?.low === 'name') return /^(?:same|that|this)$/.test(tokens[i - 1]?.low ?? '');
  const last = i;
  while (/^\p{Lu}/u.test(tokens[i]?.text ?? '') && !isGrammar(tokens[i]?.low ?? '')) i--;
  // In the middle of a sentence "the Nieuwe Binnenweg" is a street.
  return i < last && (/^(?:an?|another)$/.test(tokens[i]?.low ?? '') || (i === 0 && tokens[0]?.low === 'the'));
}

/** Where things are sold, or what somebody has for them: what these are for is what is sold. */
const places: ReadonlySet<string> = new Set(
  'shop shops store stores house home place studio workshop market source address website site passion love eye taste everything all'.split(
    ' ',
  ),
);

/** "We stamp labels for orchids": what a thing is for is not sold with it. "A shop for orchids" has them. */
export function isWhatItIsFor({ line: { tokens }, from }: Span): boolean {
  let i = from - 1;
  while (i > 0 && isGrammar(tokens[i]?.low ?? '') && tokens[i]?.low !== 'for') i--;
  const thing = tokens[i - 1]?.low ?? '';
  return tokens[i]?.low === 'for' && knownOf(thing).noun !== null && !places.has(thing) && !isVerbOnly(thing);
}

/** "Woven from fence wire and old bed frames": what something is made from is not sold, unless it is from one to another, or from a place. */
export function isMadeFrom({ line: { tokens }, from, to }: Span): boolean {
  for (let i = from - 1; i >= 0; i--) {
    const low = tokens[i]?.low ?? '';
    if (low === 'from')
      return !/^\p{Lu}/u.test(tokens[i + 1]?.text ?? '') && !tokens.slice(i, to + 2).some((token) => token.low === 'to');
    if (!isWord(low) || breaks.has(low) || (knownOf(low).verb !== null && knownOf(low).noun === null)) return false;
  }
  return false;
}
