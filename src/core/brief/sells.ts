import { headNoun, isForSale, placesNamed } from '../lexicon';
import { readCurrency } from './currency';
import { factAt, type Fact } from './fact';
import { keyphrases } from './keyphrases';
import { type Sentence } from './sentences';

const selling =
  'sell|sells|selling|offer|offers|offering|stock|stocks|stocking|import|imports|importing|supply|supplies|rent|rents|publish|publishes|buy in|buy';
const making =
  'make|makes|making|dye|dyes|dyeing|bake|bakes|baking|grow|grows|growing|roast|roasts|roasting|print|prints|printing|restore|restores|restoring|build|builds|building|brew|brews|brewing|knit|knits|knitting|sew|sews|sewing|carve|carves|carving|craft|crafts|crafting|repair|repairs|repairing|weave|weaves|weaving|bind|binds|binding|pour|pours|pouring|produce|produces|design|designs|forge|forges|forging|press|presses|turn|turns|throw|throws|throwing|rescue|rescues|blend|blends|tie|ties|tying|distil|distils|distilling|smoke|smokes|mend|mends|paint|paints|draw|draws|sculpt|shape|shapes|blow|cast|raise|raises|breed|breeds';

const trigger = new RegExp(
  String.raw`\b(?:[Ww]e|[Ii]|[Ii]['’]ve|[Ww]e['’]ve|who|which|that|and|to|also|shop|studio|company|business|now|only|just|been|\p{Lu}[\p{L}’'&]*)\s+(?:also |now |only |mostly |mainly |hand-?|still |have been |have |been )?(?:(${selling})|(${making}):?)\s+`,
  'gu',
);

const stops =
  /\s(?:by|in|from|for|to|at|on|with|that|which|who|and (?:we|i|sell|sells|send|ship|then|repair|find|pass|keep|bring|teach|take)|out of|near|around|using|because|since|so|but|when|while|as|online|made|until|through|under|over|via|every|after|before|inspired|is|are|was|has)\s|[.;!?()\n–—]/i;
const leading =
  /^(?:the|a|an|our|my|your|their|his|her|some|all|any|own|only|also|mostly|mainly|quite|very|really|beautiful|lovely|nice|great|high[- ]quality|amazing|now and then|since last year|since \d{4}|sometimes|small|little|good|unique|premium|fine|occasionally|various|different|kinds? of|sorts? of|a range of|range of|selection of|everything from|both|plus|other|more|about|many|few|several|and)\s+/i;
const trailing = /\s+(?:ourselves|myself|here|too|now|online|again|mostly|mainly|only|also|as well|by hand|etc)$/i;
const nothingSold =
  /^(?:now|year|month|week|day|it|them|things?|stuff|everything|this|that|these|those|sure|people|you|orders?|sense|a|an|the|up|out|more|most|money|time|one|something|anything|nothing|better|good|well|what|how|us|me|and|or|mistakes|slowly|sorts?|kinds?|two|three|first|second|house|few|fast|decisions?|sale|part|use|way|room|photos?|pictures?|videos?|care|customers?|help|friends?|parcels?|boxes|difference|worldwide|shop|business|living)$/i;

/** "Our crisps and seasonings are made from kelp" */
const ourThings =
  /\b[Oo]ur (\p{Ll}[\p{L}, -]{2,50}?) (?:are|is) (?:all )?(?:made|sewn|cut|printed|baked|brewed|woven|poured|grown|dyed|carved|built|knitted|thrown|bound|hand)/u;
const devotedTo =
  /\b(?:passionate about|speciali[sz]e in|devoted to|dedicated to|known for|all about) (?:our |the )?(\p{Ll}[\p{L}, -]{2,50})/u;

interface Phrase {
  text: string;
  at: number;
}

/** What is sold, as noun phrases in the seller's words. */
export function readSells(brief: string, sentences: readonly Sentence[], wishes: ReadonlySet<Sentence>): Fact<string>[] {
  const found: Fact<string>[] = [];
  const add = ({ text, at }: Phrase, confidence: number) => {
    const value = text.replace(/\s+/g, ' ').replace(/^\p{Lu}(?=\p{Ll})/u, (letter) => letter.toLowerCase());
    const same = (known: Fact<string>) => headed(known.value, value) || known.value.toLowerCase() === value.toLowerCase();
    if (!found.some(same)) found.push(factAt(brief, value, confidence, at, at + text.length));
  };
  for (const sentence of sentences) {
    if (sentence.asks) continue;
    const { text: raw, start } = sentence.source;
    if (sentence.label === 'sells' && raw.search(trigger) < 0) {
      for (const phrase of listOf(raw.replace(/[.!]+$/, ''), start, true)) add(phrase, 0.95);
      continue;
    }
    if (wishes.has(sentence) || (sentence.label && !['story', 'difference', 'other', 'sells'].includes(sentence.label))) continue;
    for (const match of raw.matchAll(trigger)) {
      const from = match.index + match[0].length;
      const before = raw.slice(0, from);
      if (/\b(?:used to|no longer|don['’]?t|do not|never|won['’]?t|stopped|can['’]?t|not)\s+(?:\w+\s+)?\S+\s+$/i.test(before))
        continue;
      const sold =
        match[1] !== undefined ||
        (/^(?:[Ww]e|[Ii])\s.*\bmake\s*$/.test(match[0]) &&
          !/^\s*(?:\w+\s)?(?:a|an|eleven|twelve|ten|\d+|one|two|three|four|five|six|seven|eight|nine)\b/.test(raw.slice(from)));
      for (const phrase of said(raw, from, start, sold)) add(phrase, sold ? 0.9 : 0.75);
    }
    for (const pattern of [ourThings, devotedTo]) {
      const match = pattern.exec(raw);
      const things = match?.[1];
      if (match && things)
        for (const phrase of said(raw, match.index + match[0].indexOf(things), start, pattern === devotedTo)) add(phrase, 0.75);
    }
    const kept = /\b(?:used to|no longer) (?:sell|make)\b[^,;.]*[,;]\s*(?:but )?now (?:only |just |we (?:sell|make) )?/i.exec(
      raw,
    );
    if (kept) for (const phrase of said(raw, kept.index + kept[0].length, start, true)) add(phrase, 0.85);
  }
  if (found.length < 3) for (const phrase of fragments(sentences, wishes, found.length === 0)) add(phrase, 0.6);
  if (!found.length) for (const phrase of repeated(brief, sentences, wishes)) add(phrase, 0.45);
  return withoutWhole(found).slice(0, 8);
}

/** Whether two phrases name the same thing: "jewellery" and "silver jewellery" don't, "planes" and "the planes" do. */
const headed = (known: string, value: string): boolean =>
  known.toLowerCase().replace(leading, '') === value.toLowerCase().replace(leading, '');

/** What a verb is followed by. A colon after it opens the list that counts. */
function said(raw: string, from: number, start: number, sold: boolean): Phrase[] {
  const rest = raw.slice(from);
  // "repairs and sells radios": the second verb has the object.
  if (/^(?:and|or|from|to|for|at|on)\s/i.test(rest)) return [];
  const colon = /^[^.;!?()\n]{1,70}?:\s+(?=\S)/.exec(rest);
  const open = colon ? colon[0].length : 0;
  const listed = colon ? listOf(cut(rest.slice(open)), start + from + open, true) : [];
  const own = listOf(cut(rest.slice(0, open ? open - 2 : rest.length)), start + from, sold);
  // "what the bees make: honey" names its goods after the colon alone; "only soap: bar soap, a laundry bar" by kinds.
  if (listed.length > 1)
    return own.some(({ text }) => listed.some((one) => one.text.endsWith(text))) || /\bwhat\b/.test(rest.slice(0, open))
      ? listed
      : [...own, ...listed];
  return own;
}

const cut = (text: string): string => text.slice(0, stops.exec(`${text} `)?.index ?? text.length);

/** The noun phrases of a list, without what leads up to each. Where nothing says that they are sold, they must be things on sale. */
function listOf(text: string, start: number, sold: boolean): Phrase[] {
  const phrases: Phrase[] = [];
  let at = 0;
  for (const part of text.split(/(,\s*(?:and\s+|or\s+)?|(?<!\bnow)\s+and\s+(?!then\b)|\s*&\s*|\s*\+\s*|\s*\/\s*|:\s+)/)) {
    const phrase = trimmed(part, start + at);
    at += part.length;
    const words = phrase.text.split(/\s+/);
    const plain = phrase.text.length > 2 && words.length <= 5 && /^\p{L}/u.test(phrase.text);
    if (!plain || nothingSold.test(phrase.text) || nothingSold.test(words.at(-1) ?? '')) continue;
    if (/^(?:two|three|four|five|six|seven|eight|nine|ten|twelve|\d+)\s/i.test(phrase.text)) continue;
    if (/\b(?:your|had|have|is|are|was|who|we|i|you|they|it|been)\b/i.test(phrase.text)) continue;
    const head = headNoun(phrase.text);
    if (!head || (!sold && !isForSale(head))) continue;
    phrases.push(phrase);
  }
  return phrases;
}

function trimmed(part: string, at: number): Phrase {
  let text = part.trimStart();
  let skip = part.length - text.length;
  const inner = /\s(?:from|for|in|on|of the|made|with|by|to|restored|that|who)\s.*$|\s+restored$/i.exec(text);
  if (inner) text = text.slice(0, inner.index);
  for (let lead = leading.exec(text); lead; lead = leading.exec(text)) {
    skip += lead[0].length;
    text = text.slice(lead[0].length);
  }
  text = text
    .trimEnd()
    .replace(trailing, '')
    .replace(trailing, '')
    .replace(/[,\s]+$/, '');
  return { text, at: at + skip };
}

/** "US dollars." says what prices are in. */
const isCurrency = (text: string): boolean => text.split(/\s+/).length <= 3 && readCurrency(text, '') !== null;

/** Sentences that are nothing but things: "Rings mostly, earrings, now and then a chain." "Vegan cheese, Bristol." */
function fragments(sentences: readonly Sentence[], wishes: ReadonlySet<Sentence>, only: boolean): Phrase[] {
  for (const sentence of sentences) {
    if (wishes.has(sentence) || sentence.asks || sentence.label || isCurrency(sentence.text)) continue;
    const text = sentence.source.text.replace(/[.!]+$/, '').replace(/\s(?:that|which) (?:we|i) .*$/i, '');
    if (
      /\b(?:no|not|one|two|three|four|five|six)\b/i.test(text) ||
      /\b(?:we|i|is|are|was|you|it|they|our|my|has|have)\b/i.test(text) ||
      /\d/.test(text) ||
      text.search(trigger) >= 0
    )
      continue;
    const blank = (aside: string) => ' '.repeat(aside.length);
    const bare = cut(text.replace(/\s(?:on|by) (?:order|request|the \p{L}+)|(?<=\s)since (?:last year|\d{4})(?=\s)/gu, blank));
    const all = bare.split(/,|\band\b/).filter((part) => part.trim());
    const phrases = listOf(bare, sentence.source.start, false).filter((phrase) => !placesNamed(phrase.text).length);
    const short = text.split(/\s+/).length <= 12;
    // Where most of a list can be sold, all of it is; and what opens a brief without a verb is what it is about.
    if (short && phrases.length * 2 >= all.length && (only ? phrases.length > 0 : phrases.length > 1))
      return phrases.length > 1
        ? listOf(bare, sentence.source.start, true).filter((phrase) => !placesNamed(phrase.text).length)
        : phrases;
    const [first] = listOf(bare.split(',')[0] ?? '', sentence.source.start, true);
    if (
      only &&
      first &&
      first.text.split(' ').length > 1 &&
      /s$/.test(first.text) &&
      !placesNamed(first.text).length &&
      sentences.indexOf(sentence) < 4
    )
      return [first];
  }
  return [];
}

/** Where no sentence says it: what a long brief keeps coming back to, if that can be sold. */
function repeated(brief: string, sentences: readonly Sentence[], wishes: ReadonlySet<Sentence>): Phrase[] {
  const told = sentences.filter((sentence) => !wishes.has(sentence) && !sentence.asks);
  if (told.length < 3) return [];
  return keyphrases(told.map((sentence) => sentence.text).join(' '))
    .filter(({ phrase }) => phrase.split(' ').length <= 3)
    .map(({ phrase }) => ({ phrase, times: brief.toLowerCase().split(phrase).length - 1 }))
    .filter(({ phrase, times }) => times >= 2 && isForSale(headNoun(phrase) ?? '') && !nothingSold.test(phrase))
    .sort((a, b) => b.times - a.times)
    .slice(0, 2)
    .map(({ phrase }) => ({
      at: brief.toLowerCase().indexOf(phrase),
      text: brief.slice(brief.toLowerCase().indexOf(phrase)).slice(0, phrase.length),
    }));
}

/** "jewellery" beside "rings" and "earrings" is the trade rather than a further thing, and comes last. */
function withoutWhole(found: Fact<string>[]): Fact<string>[] {
  const sure = found.filter((fact) => fact.confidence >= 0.9);
  const heads = new Set(sure.map((fact) => headNoun(fact.value)));
  return sure.length >= 2
    ? [
        ...sure,
        ...found.filter((fact) => fact.confidence < 0.9 && !heads.has(headNoun(fact.value)) && !sameEnd(fact.value, sure)),
      ]
    : found;
}

/** "knitting yarn" after "hand-dyed yarn" is the same thing in other words. */
const sameEnd = (value: string, sure: readonly Fact<string>[]): boolean =>
  sure.some((fact) => fact.value.split(' ').at(-1)?.toLowerCase() === value.split(' ').at(-1)?.toLowerCase());
