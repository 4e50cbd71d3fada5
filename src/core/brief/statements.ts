import { keyFrom } from '../keys';
import { type Fact, type Source } from './fact';
import { type Language } from '../phrases/about';
import { isForeign } from './language';
import { isAside, roleByWords } from './roleWords';
import { isJudged } from './spoken';
import { leastSure, surelyPrinted } from './judge/notes';
import { toSay } from './judge/toSay';
import { fits, shareOf, tellingRole, type Fit, type Judgement, type Role, type Verdict } from './judge/judge';
import { isGrammar, isWord, knownOf } from './facts/tokens';
import { labelOf } from './labels';
import { type Sentence } from './sentences';
import { type Praise, type Review } from './told';

export type Topic = 'what' | 'method' | 'promise' | 'people' | 'since' | 'detail' | 'delivery' | 'returns' | 'contact';

/** A sentence of the brief that says something of the business. */
export interface Statement {
  /** Made of its words, so that it stays with them. */
  key: string;
  /** Lightly repaired: capital, full stop, no dangling "and". The person that it is written in is kept. */
  text: string;
  source: Source;
  role: Role;
  topics: Topic[];
  /** How likely it tells of people and of how it all began. */
  story: number;
  /** How likely it may be printed, by what the judge has learned. */
  print: number;
  /** How likely an editor would take it for each place of the home page. */
  fit: Readonly<Record<Fit, number>>;
  words: number;
  /** Which paragraph it stands in; what answers another question is another one. */
  paragraph: number;
  /** The sentence right before it, by its key; null where it begins a paragraph. */
  after: string | null;
  /** Whether it is in another language than the shop, and so never printed. */
  foreign: boolean;
}

/** What is less likely than this is not even asked about. */
export const leastAsked = 0.06;

/** How gladly an editor would take a sentence for any of those places. */
export const worthOf = ({ fit }: Pick<Statement, 'fit'>): number => Math.max(...fits.map((place) => fit[place]));

/** Whether a sentence may be printed, and how sure that is: printed is only what is sure to be. */
export function verdictOf({ print, mend }: Pick<Judgement, 'print' | 'mend'>): { verdict: Verdict; sure: number } {
  const never = 1 - print - mend;
  if (print >= surelyPrinted) return { verdict: 'print', sure: print };
  return mend > never ? { verdict: 'mend', sure: mend } : { verdict: 'never', sure: never };
}

/** A sentence is a story for us from here on. */
export const leastStory = 0.25;

const topicOfRole: Partial<Record<Role, Topic>> = {
  claim: 'what',
  promise: 'promise',
  process: 'method',
  story: 'since',
  person: 'people',
  delivery: 'delivery',
  price: 'delivery',
  contact: 'contact',
  hours: 'contact',
};

const givesBack = /\b(?:returns?|refunds?|money back|exchanges?)\b/i;
const fewest = 3;
const most = 45;

/** An address to write to, or a number to call. */
const reaches = /@\w|\+?\d[\d ()/-]{6,}\d/;

function topicsOf(role: Role, text: string, isDetail: boolean): Topic[] {
  if (isDetail) return ['detail'];
  if (reaches.test(text)) return ['contact'];
  const topic = topicOfRole[role];
  const own: Topic[] = topic ? [topic] : [];
  return givesBack.test(text) && (role === 'promise' || role === 'delivery') ? [...own, 'returns'] : own;
}

/** What the judge can't read is asked about, the likeliest first where it matters. */
const unjudged = (print: number): number => leastAsked + print * (leastSure - leastAsked);

/** What the seller is asked about: whether it may be printed. */
export type Asked = Pick<Statement, 'key' | 'text' | 'source'>;

export interface Sorted {
  /** What copy may use: what the judge is sure of, and what the seller has said yes to. */
  statements: Statement[];
  /** What buyers said that may be printed. */
  reviews: Fact<Review>[];
  /** What might be printed: the seller is asked. */
  unsure: Asked[];
  /** What would do, were it in the language of the shop. */
  foreign: Statement[];
  /** What the seller was asked about and has answered. */
  answered: { yes: Asked[]; no: Asked[] };
}

const askedOf = ({ key, fact }: Praise): Asked => ({
  key,
  text: `“${fact.value.text}” – ${fact.value.by}`,
  source: fact.source ?? { start: 0, end: 0, text: '' },
});

/** What of that is printed, and what the seller is asked about; a word of the seller's decides. */
export function sorted(
  told: readonly Statement[],
  praise: readonly Praise[],
  word: (key: string) => boolean | undefined = () => undefined,
): Sorted {
  const inDoubt = (one: Statement) => !one.foreign && one.print >= leastAsked && one.print < surelyPrinted;
  const open = (one: { key: string }) => word(one.key) === undefined;
  const said = (may: boolean) => (one: { key: string }) => word(one.key) === may;
  const asked: Asked[] = [...told.filter(inDoubt), ...praise.filter(({ meant }) => !meant).map(askedOf)];
  const all: Asked[] = [...told, ...praise.map(askedOf)];
  return {
    // A yes was given for the language that the shop had then.
    statements: told.filter((one) => !one.foreign && (word(one.key) ?? one.print >= surelyPrinted)),
    reviews: praise.filter((one) => word(one.key) ?? one.meant).map(({ fact }) => fact),
    unsure: asked.filter(open).sort((a, b) => a.source.start - b.source.start),
    foreign: told.filter((one) => one.foreign),
    answered: { yes: all.filter(said(true)), no: all.filter(said(false)) },
  };
}

/** A gap that a fuller brief marks for the seller: "[where you are]". */
export const isGap = (text: string): boolean => /\[[^\]]*\]/.test(text);

/** Whether a sentence could stand on a page at all, whatever it says. */
function couldStand({ text, asks, label }: Sentence): boolean {
  if (asks || isGap(text) || label === 'reviews') return false;
  const words = text.split(/\s+/).length;
  return words >= (label === 'detail' ? 2 : fewest) && words <= most && !text.endsWith(':');
}

/** Which sentences of an English brief are in another language; where one is, short ones are looked at more closely. */
function foreignIn(sentences: readonly Sentence[], language: string): ReadonlySet<Sentence> {
  if (language !== 'en') return new Set();
  const clearly = sentences.filter(({ text }) => isForeign(text));
  return new Set(clearly.length ? sentences.filter(({ text }) => isForeign(text, true)) : []);
}

/** Whether a sentence is of what a buyer said. */
const isPraise = ({ source }: Sentence, praise: readonly Praise[]): boolean =>
  praise.some(({ fact }) => fact.source && fact.source.start < source.end && source.start < fact.source.end);

const prepositions = new Set(['since', 'from', 'by', 'with', 'near']);

/** Whether what stands first is only said of something: "Unworn within 14 days". */
function namesNothing(text: string): boolean {
  const [first = '', second = ''] = text.toLowerCase().split(/[\s,;]+/);
  return isWord(first) && !isGrammar(first) && [first, second].every((word) => knownOf(word).noun === null);
}

/** "Since: 2006, when …" is read with its label: "Since 2006, when …". */
const withPreposition = ({ text }: Sentence, label: string): string =>
  prepositions.has(label.toLowerCase()) && !prepositions.has(text.split(' ')[0]?.toLowerCase() ?? '') ? `${label} ${text}` : text;

/** So is what only says of its label how it is: "Returns: unworn within 14 days". */
const withLabel = (sentence: Sentence, label: string): string =>
  label && labelOf(label) === null && namesNothing(sentence.text)
    ? `${label}: ${sentence.text}`
    : withPreposition(sentence, label);

/** The sentences that could stand on a page, each with how likely it may. What a buyer said isn't the shop's to say. */
export function statementsOf(
  sentences: readonly Sentence[],
  judgements: readonly Judgement[],
  praise: readonly Praise[],
  { spoken, shop }: { spoken: string; shop: Language },
): Statement[] {
  const at = new Map(judgements.map((one) => [one.said.end, one]));
  const known = new Set<string>();
  const foreign = spoken === shop ? foreignIn(sentences, spoken) : new Set(sentences);
  let paragraph = 0;
  return sentences.flatMap((sentence, i) => {
    const before = sentences[i - 1];
    // What answers another question is another paragraph.
    const goesOn = before !== undefined && !before.asks && before.paragraph === sentence.paragraph;
    if (!goesOn) paragraph++;
    const judged = at.get(sentence.source.end);
    if (!judged || !couldStand(sentence) || isPraise(sentence, praise)) return [];
    // "For whom" is told of goods, and of the buyers of a shop as well: the judge knows by what stands there.
    const isRead = isJudged(spoken);
    const isDetail = isRead && sentence.label === 'detail' && shareOf(judged, 'buyer') < 0.5;
    const role = isRead ? tellingRole(judged) : roleByWords(sentence.text, spoken);
    const isFirst = !goesOn || at.get(before.source.end)?.said.label !== judged.said.label;
    const labelled = isFirst ? withLabel : withPreposition;
    // What is to be said stands in the sentence: the seller is asked whether it may be, without who is bidden.
    const bidden = isRead && !isDetail ? toSay(sentence.text) : null;
    const print = isDetail ? 1 : bidden !== null ? leastSure : isRead ? judged.print : isAside(role) ? 0 : unjudged(judged.print);
    const text = isRead
      ? repaired(inEnglish(bidden === null ? labelled(sentence, judged.said.label) : sentence.text.slice(bidden)))
      : repaired(sentence.text);
    if (known.has(text)) return [];
    known.add(text);
    return [
      {
        key: keyFrom(sentence.source.text),
        text,
        source: sentence.source,
        role,
        topics: topicsOf(role, text, isDetail),
        story: isRead ? shareOf(judged, 'story') + shareOf(judged, 'person') : role === 'story' ? 1 : 0,
        print,
        fit: judged.fit,
        words: text.split(/\s+/).length,
        paragraph,
        after: goesOn ? keyFrom(before.source.text) : null,
        foreign: foreign.has(sentence),
      },
    ];
  });
}

const dangling = /^(?:and|but|so|also|plus|then|oh|well|or|anyway|right)\b[, ]*/i;

/** Brackets and quotation marks that stand alone, because their other half is in another sentence. */
function withoutHalves(text: string): string {
  const opened = text.split('(').length - text.split(')').length;
  return opened > 0 ? text.replace(/\(/, '') : opened < 0 ? text.replace(/\)(?=[^)]*$)/, '') : text;
}

const filler = '(?:um+|uh+m?|erm?|hmm+)';
const fillers = new RegExp(`(?:^|,?\\s)${filler}(?=[\\s,.;:!?]|$),?`, 'gi');
/** One or two words with a comma behind them, and the same again: "to the, the dog home", "they're, um, they're". */
const saidTwice = new RegExp(`(?<![\\p{L}’'])([\\p{L}’']+(?: [\\p{L}’']+)?),(?: ${filler},)? (?=\\1(?![\\p{L}’']))`, 'giu');

/** What was spoken, without its pauses and fresh starts. What is said again for its weight stays: "slowly, slowly". */
const written = (text: string): string =>
  text
    .replace(saidTwice, (whole, said: string) => (said.split(' ').every((word) => isGrammar(word.toLowerCase())) ? '' : whole))
    .replace(fillers, '')
    .trim();

/** What is mended in English alone. */
const inEnglish = (given: string): string =>
  written(withoutHalves(given))
    .replace(dangling, '')
    .replace(/(?:[,;:\s–—-]|\b(?:and|but|so)\s*$)+$/, '')
    .replace(/(^|[\s(])i(?=[\s',]|$)/g, '$1I')
    .replace(/\b(dont|wont|cant|doesnt|isnt|youre|thats)\b/gi, (word) => apostrophes[word.toLowerCase()] ?? word);

function repaired(given: string): string {
  const text = withoutHalves(given)
    .replace(/\s+([,.;!?])/g, '$1')
    .replace(/\s+/g, ' ')
    .replace(/[,;:\s–—-]+$/, '')
    .replace(/([!?])[!?]+/g, '$1');
  const whole = text.charAt(0).toUpperCase() + text.slice(1);
  return /[.!?…]["”’)]*$/.test(whole) ? whole : `${whole}.`;
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
