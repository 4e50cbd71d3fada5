import { keyFrom } from '../keys';
import { isVerb } from '../lexicon';
import { factAt, type Fact } from './fact';
import { isGrammar } from './facts/tokens';
import { type Sentence } from './sentences';
import { type Statement } from './statements';

/** What a buyer said, and who it was where the brief tells. */
export interface Review {
  text: string;
  by: string;
}

/** Praise that stands in a brief. It is printed with the seller's yes: whoever puts it under “reviews” has given it. */
export interface Praise {
  key: string;
  fact: Fact<Review>;
  meant: boolean;
}

/** When the door is open: days as they are written, and hours, both for people to read. */
export interface Opening {
  days: string;
  hours: string;
}

const personName = String.raw`\p{Lu}\p{Ll}+(?:[ -]\p{Lu}\p{Ll}+){0,2}`;
const kin =
  'wife|husband|partner|sister|brother|mother|father|daughter|son|friend|cousin|aunt|uncle|mum|dad|grandmother|grandfather|twin';
const peoplePatterns = [
  new RegExp(String.raw`\b(?:[Mm]y name is|I am|I['’]m|called by my name,)\s+(${personName})`, 'gu'),
  new RegExp(
    String.raw`\b(?:of us|sisters|brothers|twins|friends|partners|couple|owners?|makers?|founders?)(?:,| are|:)\s+(${personName})(?:\s+and\s+(${personName}))?`,
    'gu',
  ),
  new RegExp(String.raw`\bmy (?:${kin}),?\s+(${personName})`, 'gu'),
  new RegExp(String.raw`\b(${personName}) and I\b`, 'gu'),
  new RegExp(String.raw`\b[Ww]e are (\p{Lu}\p{Ll}+)(?:, (\p{Lu}\p{Ll}+))? and (\p{Lu}\p{Ll}+)(?=[.,])`, 'gu'),
];

/** People that the brief names as being behind it. */
export function readPeople(brief: string, shop: string): Fact<string>[] {
  const found: Fact<string>[] = [];
  for (const pattern of peoplePatterns)
    for (const match of brief.matchAll(pattern))
      for (const name of match.slice(1)) {
        const start = match.index + match[0].indexOf(name ?? '');
        if (!name || shop.startsWith(`${name} `) || found.some((known) => known.value === name)) continue;
        if (/^(?:The|This|We|Our|It|If|When|Not|A)$/.test(name.split(' ')[0] ?? '')) continue;
        found.push(factAt(brief, name, 0.8, start, start + name.length));
      }
  return found.slice(0, 6);
}

const title = String.raw`(?:(?:Mrs?|Ms|Dr|Prof)\.? )?`;
const word = String.raw`\p{Lu}(?:[\p{L}’'-]+|\.)`;
const speaker = String.raw`${title}${word}(?: (?:of the |of |from |de |van )?${word}){0,4}(?:, (?:of |from |in )?${word}(?: ${word})?)?`;
const said = '(?:[Ss]ays?|[Ss]aid|[Ww]rites?|[Ww]rote|[Tt]ells?|[Tt]old|SAYS?|SAID|WRITES?|WROTE|TELLS?|TOLD)';
const quoted = /["“]([^"“”\n]{8,400})["”]/gu;
/** "…" – Ann from Bray; "…" (Jane Holt); "…", said Fraser; "…" Jane Holt, with which the line ends. */
const speaksAfter = new RegExp(
  `^(?:(?:\\s*[–—-] ?| ?\\(|,? ${said} |, )(${speaker})|\\s(${speaker})(?=[.!]?\\s*(?:\\n|$)))`,
  'u',
);
/** Ann from Bray: "…"; Captain Dale wrote "…" */
const speaksBefore = new RegExp(
  `(${speaker})(?:,? [^:"“”\\n.]{1,30})?(?:: ?|(?<! to) ${said}(?: (?:to )?(?:me|us))?[:,]? )$`,
  'u',
);

/** Who speaks, without what only opens the sentence. */
function nameOf(found: string | undefined): string {
  const words = (found ?? '')
    .trim()
    .replace(/[.,]+$/, '')
    .split(' ');
  while (words.length && isGrammar((words[0] ?? '').toLowerCase())) words.shift();
  return words.join(' ');
}

/** Praise that the brief quotes, with who said it. It is never made up, and none is printed that nobody has said. */
export function readPraise(brief: string, sentences: readonly Sentence[]): Praise[] {
  const found: Praise[] = [];
  for (const match of brief.matchAll(quoted)) {
    const end = match.index + match[0].length;
    const text = match[1]?.trim() ?? '';
    const after = speaksAfter.exec(brief.slice(end, end + 90));
    const before = after ? null : speaksBefore.exec(brief.slice(Math.max(0, match.index - 90), match.index));
    const by = nameOf(after?.[1] ?? after?.[2] ?? before?.[1]);
    if (!by || text.split(' ').length < 3) continue;
    const meant = sentences.some(
      (one) => one.label === 'reviews' && one.source.start <= match.index + 2 && match.index < one.source.end,
    );
    const last = after ? end + after[0].trimEnd().length : end;
    const fact = factAt(brief, { text, by }, meant ? 0.95 : 0.8, match.index, last);
    found.push({ key: keyFrom(`${text} ${by}`), fact, meant });
  }
  return found.slice(0, 12);
}

const day = '(?:Mon(?:day)?|Tues?(?:day)?|Wed(?:nesday)?|Thu(?:rs)?(?:day)?|Fri(?:day)?|Sat(?:urday)?|Sun(?:day)?)s?';
const time = String.raw`\d{1,2}(?:[:.]\d{2})?\s*(?:am|pm|h|o'clock)?|noon`;
const openingPattern = new RegExp(
  String.raw`\b((?:${day})(?:\s*(?:to|[–—-]|until|through|and|,|&)\s*(?:${day}))*|weekdays|weekends|every day|daily)[,:]?\s*(?:from\s*)?(${time})\s*(?:to|[–—-]|until|till)\s*(${time})`,
  'giu',
);

const tidyTime = (text: string): string => {
  const match = /^(\d{1,2})(?:[:.](\d{2}))?\s*(am|pm)?/i.exec(text);
  if (!match) return text;
  const pm = match[3]?.toLowerCase() === 'pm';
  const hour = (Number(match[1]) % (match[3] ? 12 : 24)) + (pm ? 12 : 0);
  return `${String(hour).padStart(2, '0')}:${match[2] ?? '00'}`;
};

/** "Tuesday to Saturday, 10 to 5": opening hours where the brief speaks of being open. A closing hour before the opening one is in the afternoon. */
export function readOpenings(brief: string): Fact<Opening>[] {
  return [...brief.matchAll(openingPattern)]
    .filter((match) =>
      /\b(?:open|opening|hours|gate|door|come|visit|shop|stall|market)\b/i.test(
        brief.slice(Math.max(0, match.index - 80), match.index + match[0].length + 20),
      ),
    )
    .map((match) => {
      const from = tidyTime(match[2] ?? '');
      const until = tidyTime(match[3] ?? '');
      const later = until <= from && /^0\d/.test(until) ? `${String(Number(until.slice(0, 2)) + 12)}${until.slice(2)}` : until;
      const days = (match[1] ?? '').replace(/\s*[–—-]\s*/g, ' to ').replace(/^\p{Ll}/u, (letter) => letter.toUpperCase());
      return factAt(brief, { days, hours: `${from}–${later}` }, 0.85, match.index, match.index + match[0].length);
    });
}

/** The steps that a sentence lists: "I take out the lining, feed the leather for a month, and sew everything by hand." */
export function readSteps(brief: string, statements: readonly Statement[]): Fact<string>[] {
  for (const { source, topics } of statements) {
    if (topics.some((topic) => topic === 'delivery' || topic === 'contact' || topic === 'detail' || topic === 'returns'))
      continue;
    const match = /^(?:.*?\b)?(?:[Ww]e|I)\s+(.+)$/s.exec(source.text.replace(/[.!]+$/, ''));
    const list = match?.[1] ?? '';
    const parts = list
      .split(/,\s+(?:and\s+|then\s+|and then\s+)?|\s+and then\s+/)
      .flatMap((part, i, all) => (i === all.length - 1 && all.length >= 2 ? part.split(/\s+and\s+(?=\p{Ll}+\s)/u) : [part]));
    // Each step is a verb with what it is done to.
    const plain = parts.every((part) => {
      const words = part.split(' ');
      return words.length >= 2 && words.length <= 10 && isVerb(words[0] ?? '') && !/^(?:sell|are|is|have|be|in|at)\b/i.test(part);
    });
    if (parts.length < 3 || parts.length > 7 || !plain) continue;
    return parts.map((part) => {
      const start = source.start + source.text.indexOf(part);
      return factAt(brief, part.trim().replace(/\s+/g, ' '), 0.75, start, start + part.length);
    });
  }
  return [];
}
