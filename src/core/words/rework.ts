import { worthOf, type Reading } from '../brief';
import empty from './fillers.json';
import { capitalised } from './grammar';
import { type Manner } from './manners';
import { readingEase } from './ease';
import { shareLeft, shorten } from './shorten';
import { stockPhrases } from './stock';

/** A text in another manner, with what was done to it; or why nothing sensible could be done. */
export type Reworked = { ok: true; text: string; did: string[] } | { ok: false; say: string };

/** One small change: what it is called, and the text after it. */
type Move = [did: string, change: (text: string) => string];

const words = (text: string): number => text.split(/\s+/).filter(Boolean).length;
/** Keeps the capital of what it replaces. */
const swap = (table: Record<string, string>) => {
  const pattern = new RegExp(
    String.raw`\b(?:${Object.keys(table)
      .sort((a, b) => b.length - a.length)
      .map((key) => key.replace(/'/g, "['’]"))
      .join('|')})(?![\p{L}])`,
    'giu',
  );
  return (text: string): string =>
    text.replace(pattern, (found) => {
      const put = table[found.toLowerCase().replace(/’/g, "'")] ?? found;
      return /^\p{Lu}/u.test(found) ? capitalised(put) : put;
    });
};

const contractions: Record<string, string> = {
  'do not': 'don’t',
  'does not': 'doesn’t',
  'did not': 'didn’t',
  'is not': 'isn’t',
  'are not': 'aren’t',
  cannot: 'can’t',
  'can not': 'can’t',
  'will not': 'won’t',
  'would not': 'wouldn’t',
  'have not': 'haven’t',
  'has not': 'hasn’t',
  'we are': 'we’re',
  'we will': 'we’ll',
  'we have': 'we’ve',
  'i am': 'I’m',
  'i will': 'I’ll',
  'i have': 'I’ve',
  'you are': 'you’re',
  'you will': 'you’ll',
  'it is': 'it’s',
  'that is': 'that’s',
  'they are': 'they’re',
};
/** "We have two kilns" has no short form: only before a participle has "have" one. */
const contract = (text: string): string =>
  swap(contractions)(text).replace(
    /\b(we|i|they|you)[’']ve (?=(?:an?|the|our|my|no|some|\d+|two|three|four|five|six|seven|eight|nine|ten|many|lots)\b)/gi,
    '$1 have ',
  );
const expansions: Record<string, string> = {
  ...Object.fromEntries(
    Object.entries(contractions)
      .filter(([long]) => long !== 'can not')
      .map(([long, short]) => [short.toLowerCase().replace(/’/g, "'"), long.replace(/^i /, 'I ')]),
  ),
  "let's": 'let us',
};

const oneOf = (phrases: readonly string[]): string => String.raw`\s*\b(?:${phrases.join('|')})\b`;
const fillers = new RegExp(String.raw`${oneOf(empty.fillers)}(?!\s+(?:as|so)\b)`, 'gi');
const hedges = new RegExp(`${oneOf(empty.hedges)},?`, 'gi');
const long: Record<string, string> = {
  'in order to': 'to',
  'due to the fact that': 'because',
  'at this point in time': 'now',
  'a large number of': 'many',
  'a wide range of': 'many',
  'a wide variety of': 'many',
  'with regard to': 'about',
  'in the event that': 'if',
  'prior to': 'before',
  'subsequent to': 'after',
};
const plain: Record<string, string> = {
  ...long,
  utilise: 'use',
  utilize: 'use',
  utilises: 'uses',
  utilizes: 'uses',
  purchase: 'buy',
  purchases: 'orders',
  purchasing: 'buying',
  commence: 'begin',
  commences: 'begins',
  approximately: 'about',
  additional: 'more',
  assist: 'help',
  assistance: 'help',
  require: 'need',
  requires: 'needs',
  obtain: 'get',
  sufficient: 'enough',
  numerous: 'many',
  manufacture: 'make',
  manufactures: 'makes',
  manufactured: 'made',
  fabricate: 'make',
  fabricated: 'made',
  ensure: 'make sure',
  ensures: 'makes sure',
  facilitate: 'help',
  terminate: 'end',
  endeavour: 'try',
  regarding: 'about',
  therefore: 'so',
  however: 'but',
  nevertheless: 'still',
  subsequently: 'then',
  individuals: 'people',
  residence: 'home',
  demonstrate: 'show',
  demonstrates: 'shows',
  select: 'choose',
  inquire: 'ask',
  enquire: 'ask',
  complimentary: 'free',
  possess: 'have',
  possesses: 'has',
  reside: 'live',
  products: 'things',
  component: 'part',
  components: 'parts',
  methodology: 'way',
  carefully: 'with care',
};
const warm: Record<string, string> = {
  'our customers': 'you',
  'our clients': 'you',
  'the customer': 'you',
  'the buyer': 'you',
  customers: 'people',
  clients: 'people',
  'contact us': 'write to us',
  'contact me': 'write to me',
  inform: 'tell',
  reply: 'answer',
  assist: 'help',
  require: 'need',
  receive: 'get',
  purchase: 'buy',
  'is available': 'is here',
  'are available': 'are here',
};
const formal: Record<string, string> = {
  kids: 'children',
  mum: 'mother',
  mums: 'mothers',
  dad: 'father',
  dads: 'fathers',
  'lots of': 'many',
  'a lot of': 'much',
  'a bit': 'a little',
  "won't sell": 'do not sell',
  ok: 'all right',
  okay: 'all right',
  guys: 'people',
  stuff: 'goods',
  'get in touch': 'write',
  'get back to you': 'answer',
  'gone off': 'spoiled',
  'fed up with': 'tired of',
  gets: 'receives',
  thanks: 'thank you',
  'talk you out of': 'advise you against',
  'tell you': 'advise you',
  'send it back': 'return it',
  'find out': 'learn',
  fix: 'repair',
  fixed: 'repaired',
  about: 'about',
};

const split = (text: string): string =>
  text
    .replace(/;\s+(\p{Ll})/gu, (_, letter: string) => `. ${letter.toUpperCase()}`)
    .replace(
      /,\s+(?:and|but|so)\s+((?:we|you|they|it|there|nobody|no one)\b)/gi,
      (_, subject: string) => `. ${capitalised(subject)}`,
    )
    .replace(/,\s+(?:and|but|so)\s+(I\b)/g, '. $1')
    .replace(/\s+–\s+((?:we|i|it|they|you)\b)/gi, (_, subject: string) => `. ${capitalised(subject)}`);

const dropStock = (text: string): string => stockPhrases.reduce((left, phrase) => left.replace(phrase, ''), text);
const emptyPraise =
  /\s*\b(?:high[- ]quality|premium|exceptional|unparalleled|amazing|stunning|beautiful|gorgeous|exquisite|unique|world[- ]class|finest|ultimate|perfect)\b/gi;

const tidy = (text: string): string => {
  const bare = text
    .replace(/\s+/g, ' ')
    .replace(/\s+([,.;!?])/g, '$1')
    .replace(/,\s*,/g, ',')
    .replace(/^[,;\s]+/, '')
    .replace(/([.!?]\s+)(\p{Ll})/gu, (_, stop: string, letter: string) => stop + letter.toUpperCase())
    .replace(/\ban? (?=[aeiou])/g, 'an ')
    .replace(/\ban (?=[bcdfgjklmnpqrstvwxyz])/g, 'a ')
    .trim();
  return capitalised(bare);
};

/** A sentence of the brief that goes on from a text: the nearest in the brief that isn't in it. */
function nextOf(text: string, reading: Reading, used: readonly string[]): string | null {
  const plainText = text.toLowerCase();
  const at = reading.statements.findIndex((s) => plainText.includes(s.text.toLowerCase().slice(0, 30)));
  const free = (s: Reading['statements'][number]) =>
    !plainText.includes(s.text.toLowerCase().slice(0, 30)) &&
    !used.some((other) => other.toLowerCase().includes(s.text.toLowerCase().slice(0, 30))) &&
    !s.topics.some((topic) => topic === 'contact' || topic === 'detail' || topic === 'delivery');
  const after = at >= 0 ? reading.statements.slice(at + 1).find(free) : undefined;
  return (after ?? reading.statements.filter(free).sort((a, b) => worthOf(b) - worthOf(a))[0])?.text ?? null;
}

/**
 * Puts a text into another manner by small changes that keep what it says.
 * @param used texts that stand elsewhere on the site, so that none is said twice
 */
export function rework(text: string, manner: Manner, reading: Reading, used: readonly string[] = []): Reworked {
  const moves: Record<Manner, Move[]> = {
    shorter: [['took out words that add nothing', (t) => swap(long)(t.replace(fillers, ''))]],
    longer: [
      ['wrote short forms out', swap(expansions)],
      [
        'added the sentence of your brief that goes on from it',
        (t) => {
          const next = nextOf(t, reading, used);
          return next ? `${/[.!?…]$/.test(t) ? t : `${t}.`} ${next}` : t;
        },
      ],
    ],
    plainer: [
      ['took out phrases that every shop uses', (t) => dropStock(t).replace(emptyPraise, '')],
      ['used shorter words', swap(plain)],
      ['took out words that add nothing', (t) => t.replace(fillers, '')],
      ['made two sentences of one', (t) => (words(t) > 14 ? split(t) : t)],
    ],
    warmer: [
      ['spoke to the reader', swap(warm)],
      ['let the shop say “we” or “I”', (t) => spokenByUs(t, reading)],
      ['used short forms', contract],
    ],
    livelier: [
      ['took out words that hold back', (t) => t.replace(hedges, '').replace(fillers, '')],
      [
        'began with the thing itself',
        (t) =>
          t.replace(
            /^There (?:are|is) (now )?(.+?)([.!]|$)/,
            (_, now: string | undefined, rest: string, stop: string) => `${capitalised(rest)}${now ? ' now' : ''}${stop}`,
          ),
      ],
      [
        'asked instead of telling that one can',
        (t) => t.replace(/\bYou can (\p{Ll})/gu, (_, letter: string) => letter.toUpperCase()),
      ],
      ['made two sentences of one', split],
      ['used short forms', contract],
    ],
    formal: [
      ['wrote short forms out', swap(expansions)],
      ['used words of a letter', swap(formal)],
      ['took out the exclamation', (t) => t.replace(/!+/g, '.')],
      ['wrote “and” out', (t) => t.replace(/(?<=\p{Ll}) [&+] (?=\p{Ll})/gu, ' and ')],
    ],
  };
  const did: string[] = [];
  let now = text;
  for (const [name, change] of moves[manner]) {
    const next = tidy(change(now));
    if (next !== tidy(now) && words(next) >= 2) {
      did.push(name);
      now = next;
    }
  }
  if (manner === 'shorter') return shortened(text, now, did);
  if (!did.length) return { ok: false, say: reasons[manner] };
  if (
    manner === 'plainer' &&
    readingEase(now).score + 0.01 < readingEase(text).score &&
    did.every((one) => one !== 'took out phrases that every shop uses')
  )
    return { ok: false, say: reasons.plainer };
  return { ok: true, text: now, did };
}

/** A text with all taken out that can go. It is at least a third shorter, or the reason why it isn't. */
function shortened(before: string, bare: string, did: readonly string[]): Reworked {
  const cut = shorten(bare, Math.floor(words(before) * shareLeft));
  const [was, is] = [words(before), words(cut.text)];
  if (is >= was) return { ok: false, say: `No word of these ${was} can go without taking what it says.` };
  const done = [`${was} words are ${is}`, ...did, ...cut.did];
  return {
    ok: true,
    text: tidy(cut.text),
    did: is <= was * shareLeft ? done : [...done, 'a third less would take a fact, or what another sentence stands on'],
  };
}

const reasons: Record<Exclude<Manner, 'shorter'>, string> = {
  longer: 'The brief says nothing more that would go on from here. Add a sentence there.',
  plainer: 'It is plain already.',
  warmer: 'It could only get warmer by saying more than you said.',
  livelier: 'It has nothing that holds it back.',
  formal: 'It is formal already.',
};

/** "Kobold Cycles builds wheels" → "We build wheels". */
function spokenByUs(text: string, reading: Reading): string {
  const name = reading.name?.value;
  if (!name || !text.startsWith(`${name} `)) return text;
  const rest = text.slice(name.length + 1);
  const subject = reading.person === 'I' ? 'I' : 'We';
  const be: Record<string, string> = {
    is: reading.person === 'I' ? 'am' : 'are',
    was: reading.person === 'I' ? 'was' : 'were',
    has: 'have',
    does: 'do',
  };
  const [verb = '', ...others] = rest.split(' ');
  const turned =
    be[verb] ??
    (/(?:sh|ch|ss|x|o)es$/.test(verb)
      ? verb.slice(0, -2)
      : /ies$/.test(verb)
        ? `${verb.slice(0, -3)}y`
        : /[^s]s$/.test(verb)
          ? verb.slice(0, -1)
          : null);
  return turned ? `${subject} ${[turned, ...others].join(' ')}` : text;
}
