import { wishLabels } from './labels';
import { type Sentence } from './sentences';
import { type Source } from './fact';
import { isColourList, namesColour } from './colours';
import { isMoodList } from './tone';

export type Topic =
  | 'what'
  | 'method'
  | 'promise'
  | 'limit'
  | 'people'
  | 'since'
  | 'place'
  | 'audience'
  | 'detail'
  | 'delivery'
  | 'returns'
  | 'contact';

/** A sentence of the brief that says something true of the business, and so may be printed. */
export interface Statement {
  id: string;
  /** Lightly repaired: capital, full stop, no dangling "and". The person that it is written in is kept. */
  text: string;
  source: Source;
  topics: Topic[];
  /** How well it would do as copy; higher is better. */
  score: number;
  words: number;
}

/** Wishes about the site steer the shop and are never printed. */
const aboutTheSite =
  /\b(web ?sites?|web ?shop|online shop|online store|home ?page|landing page|the (?:site|shop|page|store|look|design|colou?rs?|palette|tone|feel|mood) (?:should|must|needs?|has|wants?|is to)|it (?:should|must|needs to|has to|ought to)|(?:a|the|this|our|your|whole) site|(?:the|this|our|your|whole) page|a page (?:about|for|on|of|where|that|with (?!it))|(?:the|this) (?:design|look|tone|mood|feel|font|typeface|palette)\b|(?:site|page)s? (?:should|must|needs?)|(?:colou?rs?|palette|fonts?|typefaces?|logo)\b.*\b(?:are|is|please|should)|please\b|(?:i|we)(?:['’]d| would)?(?: also| really| just)? (?:want|like|love|need|prefer|hate|wish)(?: for)? (?:it\b|the|a\b|an\b|no\b|not|some|something|people to|reviews|visitors to|to (?:have|see|look|sell|feel|get|be able))|(?:i|we) would not like|there (?:should|must|needs to|has to) be|people (?:can|should be able to) (?:make|book|leave|sign)|more like an? |(?:don't|do not|dont) (?:want|use|make)|must have|should (?:feel|look|be|have|say)|(?:^|please |and |just )make (?:it|the (?:site|website|page|shop|colou?rs?|text|menu)|sure)|feel(?:s)? like|look(?:s)? like a|newsletter|blog|vibe)\b|\b(?:care about|sort of|kind of|nice|big|small) (?:fonts?|typefaces?)\b/i;

const shortWish =
  /^(?:(?:also )?(?:want|wants|wanted)\b|nice to have|no (?!two|one\b|\w+ is\b|\w+ (?:leaves|goes))|not|nothing (?!is|are|here|leaves|goes|gets|was|has|we|i\b)|avoid|prices? (?:in|are in|incl)|currency|never use|without|anything but|keep it|style|tone|mood|colou?rs?|feel|look|audience|target|goal|budget|brief|deadline)\b/i;

const topicPatterns: Record<Exclude<Topic, 'detail'>, RegExp> = {
  what: /\b(?:sells?|make|makes|dyes?|bakes?|grow|grows|roasts?|prints?|restores?|builds?|brews?|knits?|sews?|carves?|crafts?|repairs?|weaves?|binds?|pours?|offers?|stocks?|cut|cuts|turns?|forge|design)\b/i,
  method:
    /\b(?:by hand|hand-?\w+|twice|(?:two|three|four|five|six|ten) times|ourselves|myself|in small (?:batches|pots)|slow(?:ly)?|wood-?fired|batch(?:es)?|pots?|kilns?|loom|bench|oven|workshop|feed|sew|stitch|mix|dye|fire|press|turn|carve|soak|steam|rinse|weigh|wind)\b/i,
  promise:
    /\b(?:never|always|guarantee\w*|promise|for as long as|for nothing|if (?:a|an|your|the|one|you)\b.*\b(?:I|we)\b|we'll|i'll|will last|for life|won't|free (?:repair|return)|talk you out|within \w+ days?|same day|answer|if it)\b/i,
  limit:
    /\b(?:don['’]t do|do not do|nothing|no|alone|every|by itself|only|each one|one of a kind|no two|when (?:it's|they're) gone|gone by|small batch|few|limited|once)\b/i,
  people:
    /\b(?:two of us|three of us|my (?:wife|husband|sister|brother|mother|father|partner|daughter|son|dad|mum)|family|my name|i am|i'm|we are|we're|founded|learned|learnt|started)\b/i,
  since:
    /\b(?:since (?:18|19|20)\d\d|in (?:18|19|20)\d\d|for (?:over |more than )?(?:\d+|two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|twenty|thirty|forty) years|\d+ years)\b/i,
  place: /\b(?:in|near|around|from|outside|above|beside|behind|at the foot of) (?:the )?\p{Lu}\p{L}+/u,
  audience:
    /\b(?:customers?|people who|buyers?|for (?:people|beginners|knitters|gardeners|cooks|parents|families|everyone|anyone)|our regulars?)\b/i,
  delivery:
    /\b(?:(?:send|post|ship) (?:to|all|every|within)\b|takes? (?:about )?(?:\w+ )?(?:weeks|days|months)\b|post(?:age|ed)?|deliver(?:y|ed|s)?|shipping|ships?|parcels?|courier|send (?:it|them|parcels|orders))\b/i,
  returns: /\b(?:returns?|refunds?|send (?:it|them) back|money back|exchange)\b/i,
  contact: /@|\b(?:phone|ring|call|email|e-mail|write to|whatsapp)\b.*\d|\+?\d[\d ]{7,}/i,
};

const emptyPraise =
  /\b(?:high[- ]quality|best[- ]in[- ]class|world[- ]class|passion(?:ate)?|unique|premium|exceptional|unparalleled|elevate|unlock|next level|one[- ]stop|solutions?|bespoke experience)\b/gi;

const dangling = /^(?:and|but|so|also|plus|then|oh|well|because|or|anyway)\b[, ]*/i;
const leansOnBefore = /^(?:it|they|this|these|that|those|he|she|them|which|who|there|here|same|both|most of (?:them|it))\b/i;

/** A short wish that begins by refusing: it is one where it names a colour or speaks of design, or goes on from a wish. */
const refusing = /^(?:no|nothing|not|never)\b/i;
const ofDesign =
  /\b(?:colou?rs?|fonts?|type|script|cartoon|photos?|pictures?|stock|logo|icons?|gradients?|shadows?|talk|jargon|slang|style|look|pink|twee|kitsch|fancy|cute|cutesy|chic|corporate|minimalist|modern|vintage|trendy|clutter|animations?|pop-?ups?|exclamation|emojis?|lettering|letters?|velvet|sparkle|toy|bees|prints?|notes)\b/i;

/** "We are a tiny online store in Tampa" says what the business is, not what its site should be. */
const ownShop =
  /^(?!.*\b(?:want|need|would|should|looking|build|create)\b).*\b(?:are|['’]re|am|['’]m|is|run|own|have)\b.*?\b(?:an?|our|my)\s(?:[\p{L}-]+\s){0,3}?(?:online shop|online store|web ?shop)\b/iu;

/** Whether a sentence is a wish about the site rather than a statement about the business. */
export function isInstruction(sentence: string): boolean {
  if (aboutTheSite.test(sentence.replace(ownShop, ''))) return true;
  if (!shortWish.test(sentence) || sentence.split(' ').length > 14 || /\b(?:we|i|our|my)\b/i.test(sentence)) return false;
  return !refusing.test(sentence) || ofDesign.test(sentence) || namesColour(sentence);
}

const opensWishes = /^(?:about )?(?:the |our |my )?(?:web ?site|site|web ?shop|design|look|style|online shop)\b/i;
const ofTheBusiness = /\b(?:we|i|our|my|us|me|i'm|we're|they|you|your|every|each|since|who)\b|\d/i;

/**
 * The sentences that are wishes: by their own words, because they follow "About the website:" in its paragraph, because they name
 * nothing but colours or moods, or because they go on from a wish without a subject of their own ("Serious but with a wink.").
 */
export function wishesOf(sentences: readonly Sentence[]): Set<Sentence> {
  const wishes = new Set<Sentence>();
  let wishing = -1;
  let before: Sentence | null = null;
  for (const sentence of sentences) {
    const opensParagraph = sentence.paragraph !== before?.paragraph;
    const goesOn = !opensParagraph && before !== null && wishes.has(before) && !before.label;
    before = sentence;
    if (sentence.asks) continue;
    if (opensParagraph && opensWishes.test(sentence.text) && isInstruction(sentence.text)) wishing = sentence.paragraph;
    const labelled = sentence.label !== null && wishLabels.has(sentence.label);
    const fragment =
      goesOn &&
      !topicsOf(sentence.text).some((topic) => topic !== 'what' && topic !== 'method') &&
      sentence.text.split(' ').length <= 16 &&
      !ofTheBusiness.test(sentence.text);
    const follows = sentence.paragraph === wishing && !sentence.label;
    if (
      labelled ||
      isInstruction(sentence.text) ||
      follows ||
      fragment ||
      isColourList(sentence.text) ||
      isMoodList(sentence.text)
    )
      wishes.add(sentence);
  }
  return wishes;
}

/** Tells statements from wishes, repairs them and says what each is about and how good it is. */
export function statementsOf(sentences: readonly Sentence[]): Statement[] {
  const statements: Statement[] = [];
  const wishes = wishesOf(sentences);
  sentences.forEach((sentence, i) => {
    if (wishes.has(sentence) || sentence.asks || sentence.label === 'reviews' || /:$/.test(sentence.text) || isGap(sentence.text))
      return;
    // Praise that is quoted has a place of its own, with its name.
    if (/^["“].{12,}["”]/.test(sentence.text) || /^[–—-]\s/.test(sentence.text)) return;
    // What was given up is no news of the shop.
    if (/\b(?:used to|no longer|stopped) (?:sell|make|selling|making|offer)/i.test(sentence.text)) return;
    const text = repair(sentence.text);
    const words = text.split(/\s+/).length;
    if (words < (sentence.label === 'detail' ? 2 : 3) || words > 45) return;
    if ((sentence.heading || noun.has(sentence.label)) && !/\b(?:we|i|is|are|has|our|my|your|you)\b/i.test(text)) return;
    if (statements.some((known) => known.text === text)) return;
    const topics: Topic[] = sentence.label === 'detail' ? ['detail'] : topicsOf(text);
    statements.push({
      id: `s${i + 1}`,
      text,
      source: sentence.source,
      topics,
      words,
      score: score(text, words, topics, sentence.text),
    });
  });
  return statements;
}

/** Labels after which a few words name something instead of saying it. */
const noun: ReadonlySet<Sentence['label']> = new Set(['name', 'sells', 'audience', 'place', 'reach', 'contact', 'other']);

/** A gap that a fuller brief marks for the seller: "[where you are]". */
export const isGap = (text: string): boolean => /\[[^\]]*\]/.test(text);

export const topicsOf = (text: string): Topic[] =>
  (Object.keys(topicPatterns) as (keyof typeof topicPatterns)[]).filter((topic) => topicPatterns[topic].test(text));

function repair(given: string): string {
  let text = given
    .replace(dangling, '')
    .replace(/\s+([,.;!?])/g, '$1')
    .replace(/\s+/g, ' ')
    .replace(/(?:[,;:\s–—-]|\b(?:and|but|so)\s*$)+$/, '');
  text = text
    .replace(/(^|[\s(])i(?=[\s',]|$)/g, '$1I')
    .replace(/([!?])[!?]+/g, '$1')
    .replace(/\b(dont|wont|cant|doesnt|isnt|youre|thats)\b/gi, (word) => apostrophes[word.toLowerCase()] ?? word);
  text = text.charAt(0).toUpperCase() + text.slice(1);
  return /[.!?…]["”’)]*$/.test(text) ? text : `${text}.`;
}

const apostrophes: Record<string, string> = {
  dont: 'don’t',
  wont: 'won’t',
  cant: 'can’t',
  doesnt: 'doesn’t',
  isnt: 'isn’t',
  youre: 'you’re',
  thats: 'that’s',
};

function score(text: string, words: number, topics: readonly Topic[], original: string): number {
  let points = 0;
  if (words >= 4 && words <= 14) points += 2;
  else if (words <= 24) points += 1;
  else points -= 1;
  if (
    /\d|\b(?:two|three|four|five|six|seven|eight|nine|ten|twelve|twenty|thirty|forty|fifty|hundred|month|tuesdays?|fridays?|mondays?)\b/i.test(
      text,
    )
  )
    points += 1.5;
  if (topics.includes('promise')) points += 1.5;
  if (topics.includes('limit')) points += 1;
  if (topics.includes('method')) points += 1;
  if (topics.includes('contact')) points -= 4;
  if (topics.includes('detail')) points -= 4;
  if (topics.includes('delivery') || topics.includes('returns')) points -= 1.5;
  if (leansOnBefore.test(text)) points -= 3;
  // "I have done this since 1987" says nothing without the sentence before it.
  if (/\b(?:done?|did|does|doing|make|made|sell|sold) (?:this|it|that|them|so)\b/i.test(text)) points -= 3;
  if (dangling.test(original)) points -= 0.5;
  points -= 2 * (text.match(emptyPraise)?.length ?? 0);
  if (/[£€$]\s?\d/.test(text)) points -= 1;
  return points;
}
