import { parsePhoneNumberFromString, type CountryCode } from 'libphonenumber-js/min';
import { isCurrency } from '../till';
import { sourceAt, type Fact } from './fact';
import { type Sentence } from './sentences';

const fact = <T>(brief: string, value: T, confidence: number, start: number, end: number): Fact<T> => ({
  value,
  confidence,
  source: sourceAt(brief, start, end),
});

const smallWords = /^(?:and|of|the|de|la|le|du|der|van|von|y|e|&|'n')$/i;
const commonStarts =
  /^(?:we|i|i'm|im|my|our|the|a|an|it|hi|hello|hey|so|this|these|here|there|about|brief|what|who|name|website|colou?rs?|contact|please|made|hand|old|new|all|you|people|selling|small|brand|overview|intro\w*|business|company)$/i;

const properName = String.raw`(?:\p{Lu}[\p{L}’'&.-]*|\d+)(?:\s+(?:(?:and|of|the|de|la|le|du|van|von|&)\s+)*(?:\p{Lu}[\p{L}’'&-]*|\d+))*`;

/** The name of the business. */
export function readName(brief: string, sentences: readonly Sentence[]): Fact<string> | null {
  const patterns: [RegExp, number][] = [
    [
      new RegExp(
        String.raw`(?:called|named|known as|trading as|trade as|(?:business|shop|company|brand|studio)(?:'s)? name(?: is|:)|\b[Nn]ame(?:\s+is|:))\s*["“'‘]?(${properName})`,
        'u',
      ),
      0.95,
    ],
    [
      new RegExp(
        String.raw`^["“'‘]?(${properName})["”'’]?\s+(?:(?:is|are)\s+(?:a|an|the|my|our|two|three)|makes|sells|bakes|grows|prints|roasts|builds|offers|used to sell)\b`,
        'mu',
      ),
      0.9,
    ],
    [
      new RegExp(
        String.raw`(?:[Ww]e are|[Ww]e're|[Ww]elcome to|[Tt]his is|[Ii] run|[Ww]e run|[Ii] own|[Ii]'m)\s+["“'‘]?(${properName})`,
        'u',
      ),
      0.75,
    ],
  ];
  const first = sentences[0];
  if (first) {
    const words = first.text.replace(/[.!:]+$/, '').split(/\s+/);
    const capitals = words.filter((word) => /^["“]?[\p{Lu}\d&]/u.test(word) || smallWords.test(word));
    if (
      words.length <= 6 &&
      !first.text.includes(':') &&
      capitals.length === words.length &&
      !commonStarts.test(words[0] ?? '')
    ) {
      const value = words.join(' ').replace(/^["“]|["”]$/g, '');
      return fact(brief, value, 0.9, first.source.start, first.source.start + first.text.replace(/[.!:]+$/, '').length);
    }
  }
  for (const [pattern, confidence] of patterns) {
    const match = pattern.exec(brief);
    const value = match?.[1]?.replace(/[.,]$/, '').trim();
    if (!match || !value || commonStarts.test(value)) continue;
    const start = match.index + match[0].indexOf(value);
    return fact(brief, value, confidence, start, start + value.length);
  }
  return null;
}

const makingVerbs =
  'sell|sells|selling|make|makes|making|dye|dyes|bake|bakes|grow|grows|roast|roasts|print|prints|restore|restores|build|builds|brew|brews|knit|knits|sew|sews|carve|carves|craft|crafts|repair|repairs|weave|weaves|bind|binds|pour|pours|produce|produces|stock|stocks|design|designs|forge|forges|import|imports|press|presses|turn|turns|throw|throws|rescue|rescues|keep|publish|publishes';

const stops =
  /\s(?:by|in|from|for|to|at|on|with|that|which|who|and (?:we|i|sell|sells|send|ship|then|repair|find)|out of|near|around|using|because|since|so|but|when|while|as|online|made|until|through|under|over|via)\s|[.;:!?()\n–—]/i;
const determiners =
  /^(?:the|a|an|our|my|some|all|any|own|only|also|mostly|mainly|quite|very|really|beautiful|lovely|nice|great|high[- ]quality|amazing|kinds? of|sorts? of|range of|everything|things?|stuff)\s+/i;
const notGoods =
  /^(?:it|them|things?|stuff|everything|this|that|these|those|sure|people|you|orders?|sense|a|an|the|up|out|more|most|money|time|one|something|better|good|well|what|how|us|me|and|or|everything we|mistakes|slowly|sorts?|kinds?|two|three|first|second|house|few|fast|decisions?)$/i;

/** What is sold, as noun phrases in the seller's words. */
export function readSells(brief: string, sentences: readonly Sentence[]): Fact<string>[] {
  const found: Fact<string>[] = [];
  for (const sentence of sentences) {
    if (
      /\b(?:used to|no longer|don't|do not|never|won't)\s+(?:\w+\s+)?(?:sell|make)/i.test(sentence.text) &&
      !/\bnow\b/i.test(sentence.text)
    )
      continue;
    const raw = sentence.source.text;
    for (const match of raw.matchAll(
      new RegExp(
        String.raw`\b(?:we|i|that|who|which|and|to|is|also|shop|studio|company|business|now|only|just|where we)\s+(?:also |now |only |mostly |mainly |hand-?)?(${makingVerbs}):?\s+`,
        'giu',
      ),
    )) {
      const from = match.index + match[0].length;
      const rest = raw.slice(from);
      const stop = stops.exec(rest)?.index ?? rest.length;
      let at = 0;
      for (const part of rest.slice(0, stop).split(/(,\s*(?:and\s+)?|\s+and\s+|\s*&\s*|\s*\+\s*)/)) {
        const lead = part.length - part.trimStart().length;
        let phrase = part.trim();
        let skip = lead;
        for (let d = determiners.exec(phrase); d; d = determiners.exec(phrase)) {
          skip += d[0].length;
          phrase = phrase.slice(d[0].length);
        }
        phrase = phrase.replace(/\s+(?:ourselves|myself|here|too|now|online|again|mostly|mainly)$/i, '').replace(/[,\s]+$/, '');
        const words = phrase.split(/\s+/);
        if (
          phrase.length > 2 &&
          words.length <= 5 &&
          /^\p{L}/u.test(phrase) &&
          !/\b(?:your|had|have|is|are|was|who)\b/.test(phrase) &&
          !notGoods.test(phrase) &&
          !notGoods.test(words[0] ?? '')
        ) {
          const start = sentence.source.start + from + at + skip;
          const value = words.join(' ').replace(/^\p{Lu}(?=\p{Ll})/u, (c) => c.toLowerCase());
          if (!found.some((known) => known.value.toLowerCase() === value.toLowerCase()))
            found.push(fact(brief, value, /sell/i.test(match[1] ?? '') ? 0.9 : 0.75, start, start + phrase.length));
        }
        at += part.length;
      }
    }
  }
  return found.slice(0, 8);
}

/** Who buys. */
export function readAudience(brief: string, sentences: readonly Sentence[]): Fact<string>[] {
  const patterns: [RegExp, number][] = [
    [
      /\b(?:people who buy(?: from us| here)?|our (?:customers|buyers|regulars)|(?:most )?customers|buyers|shoppers|the people who buy)\s+(?:are|tend to be|is)\s+(?:mostly |mainly |often |usually |people who (?:are )?)?([^.;\n]{4,140})/i,
      0.9,
    ],
    [
      /\b(?:aimed at|meant for|made for|intended for|audience:?|target(?:ed)?(?: audience)?:?|who buys:?)\s*([^.;\n]{4,140})/i,
      0.85,
    ],
    [
      /\bfor ((?:people|anyone|those|beginners|families|parents|knitters|gardeners|cooks|bakers|cyclists|readers|collectors|makers|walkers|\w+ers)\b[^.;\n]{0,70})/i,
      0.65,
    ],
  ];
  const found: Fact<string>[] = [];
  for (const sentence of sentences) {
    for (const [pattern, confidence] of patterns) {
      const match = pattern.exec(sentence.source.text);
      const value = match?.[1]
        ?.replace(/\s+/g, ' ')
        .replace(/,?\s+(?:and|but|so)\s+(?:we|i|they)\b.*$/i, '')
        .trim();
      if (!match?.[1] || !value) continue;
      const start = sentence.source.start + match.index + match[0].indexOf(match[1]);
      if (!found.some((known) => known.value === value)) found.push(fact(brief, value, confidence, start, start + value.length));
      break;
    }
  }
  return found.slice(0, 3);
}

/** Where the business is. */
export function readPlace(brief: string): Fact<string> | null {
  const place = String.raw`((?:the\s)?\p{Lu}[\p{L}’'-]+(?:[ -](?:(?:upon|on|under|by|of|the|de|la|le|am|im|in)[ -])*\p{Lu}[\p{L}’'-]+){0,3}(?:,\s+(?:the\s)?\p{Lu}[\p{L}’'-]+(?:\s\p{Lu}[\p{L}’'-]+)?)?)`;
  const patterns: [RegExp, number][] = [
    [
      new RegExp(
        String.raw`\b(?:based|workshop|studio|shop|bakery|bench|live|located|farm|garden|shed|mill|barn|kitchen|roastery|pottery|works?|we are|we're|I'm|family)\b[^.\n]{0,40}?\b(?:in|near|outside|at the edge of|on the edge of)\s+${place}`,
        'u',
      ),
      0.9,
    ],
    [new RegExp(String.raw`\b(?:in|near|around|outside)\s+${place}`, 'u'), 0.65],
    [new RegExp(String.raw`\bfrom\s+${place}`, 'u'), 0.5],
  ];
  const notPlaces =
    /^(?:January|February|March|April|May|June|July|August|September|October|November|December|Monday|Tuesday|Wednesday|Thursday|Friday|Saturday|Sunday|English|Christmas|Easter|I|We|The)\b/;
  for (const [pattern, confidence] of patterns) {
    for (const match of brief.matchAll(new RegExp(pattern, 'gu'))) {
      const value = match[1];
      if (!value || notPlaces.test(value)) continue;
      const start = match.index + match[0].length - value.length;
      return fact(brief, value.replace(/\s+/g, ' '), confidence, start, start + value.length);
    }
  }
  return null;
}

export function readEmail(brief: string): Fact<string> | null {
  const match = /[A-Z0-9._%+-]+@[A-Z0-9-]+(?:\.[A-Z0-9-]+)+/i.exec(brief);
  return match ? fact(brief, match[0].toLowerCase(), 0.98, match.index, match.index + match[0].length) : null;
}

/** A telephone number, in the form that its country writes internationally. Prices and years are not numbers to call. */
export function readPhone(brief: string, country: string): Fact<string> | null {
  for (const match of brief.matchAll(/(?<![\d.,£€$])\+?\(?\d[\d\s().-]{5,17}\d(?![\d%])/g)) {
    const before = brief.slice(Math.max(0, match.index - 40), match.index);
    const asked = /\b(?:ring|call|phone|tel|telephone|mobile|whatsapp|text)\b[^.]*$/i.test(before);
    const number = parsePhoneNumberFromString(match[0], (country || 'GB') as CountryCode);
    if (!number?.isPossible() || (!asked && !match[0].startsWith('+') && !number.isValid())) continue;
    return fact(
      brief,
      number.formatInternational(),
      asked || match[0].startsWith('+') ? 0.95 : 0.7,
      match.index,
      match.index + match[0].length,
    );
  }
  return null;
}

const currencyWords: [RegExp, string][] = [
  [/£|\bpounds? sterling\b|\bsterling\b|\bGBP\b|\bpounds\b/i, 'GBP'],
  [/€|\beuros?\b|\bEUR\b/i, 'EUR'],
  [/\bUSD\b|\bUS\$|\bUS dollars?\b/i, 'USD'],
  [/\bCA\$|\bCAD\b|\bCanadian dollars?\b/i, 'CAD'],
  [/\bA\$|\bAUD\b|\bAustralian dollars?\b/i, 'AUD'],
  [/\bNZD\b|\bNZ\$/i, 'NZD'],
  [/¥|\byen\b|\bJPY\b/i, 'JPY'],
  [/\bKWD\b|\bKD\b|\bKuwaiti dinars?\b/i, 'KWD'],
  [/\bCHF\b|\bSwiss francs?\b/i, 'CHF'],
  [/\bSEK\b|\bSwedish kron(?:or|a)\b/i, 'SEK'],
  [/\bNOK\b|\bNorwegian kroner?\b/i, 'NOK'],
  [/\bDKK\b|\bDanish kroner?\b/i, 'DKK'],
  [/\bPLN\b|zł|\bzloty\b/i, 'PLN'],
  [/₹|\brupees?\b|\bINR\b/i, 'INR'],
  [/\$|\bdollars?\b/i, 'USD'],
];

export function readCurrency(brief: string): Fact<string> | null {
  for (const [pattern, code] of currencyWords) {
    const match = pattern.exec(brief);
    if (match && isCurrency(code))
      return fact(brief, code, match[0] === '$' ? 0.6 : 0.9, match.index, match.index + match[0].length);
  }
  return null;
}

const countryNames: [RegExp, string][] = [
  [
    /\b(?:UK|U\.K\.|United Kingdom|Great Britain|Britain|England|Scotland|Wales|Northern Ireland|Yorkshire|Cornwall|Cumbria|Devon|London|Northumberland)\b/,
    'GB',
  ],
  [/\b(?:Ireland|Dublin|Cork|Galway)\b/, 'IE'],
  [/\b(?:Germany|Deutschland|Berlin|Hamburg|Bavaria|Munich|Leipzig|Cologne)\b/, 'DE'],
  [/\b(?:France|Paris|Brittany|Provence|Lyon)\b/, 'FR'],
  [/\b(?:Belgium|Ghent|Gent|Brussels|Antwerp|Bruges)\b/, 'BE'],
  [/\b(?:Netherlands|Holland|Amsterdam|Utrecht|Rotterdam)\b/, 'NL'],
  [/\b(?:Italy|Tuscany|Rome|Milan|Sicily|Bologna)\b/, 'IT'],
  [/\b(?:Spain|Madrid|Barcelona|Seville|Valencia)\b/, 'ES'],
  [/\b(?:Portugal|Lisbon|Porto)\b/, 'PT'],
  [/\b(?:Austria|Vienna|Graz|Tyrol)\b/, 'AT'],
  [/\b(?:Switzerland|Zurich|Basel|Bern)\b/, 'CH'],
  [/\b(?:Sweden|Stockholm|Gothenburg|Malmö)\b/, 'SE'],
  [/\b(?:Norway|Oslo|Bergen)\b/, 'NO'],
  [/\b(?:Denmark|Copenhagen|Aarhus)\b/, 'DK'],
  [/\b(?:Finland|Helsinki)\b/, 'FI'],
  [/\b(?:Poland|Warsaw|Krakow|Kraków|Gdansk)\b/, 'PL'],
  [/\b(?:Canada|Ontario|Quebec|Toronto|Vancouver|Montreal|Nova Scotia)\b/, 'CA'],
  [/\b(?:USA|U\.S\.|United States|America|California|Oregon|Texas|New York|Vermont|Maine|Brooklyn)\b/, 'US'],
  [/\b(?:Australia|Sydney|Melbourne|Tasmania|Queensland)\b/, 'AU'],
  [/\b(?:New Zealand|Auckland|Wellington|Otago)\b/, 'NZ'],
  [/\b(?:Japan|Tokyo|Kyoto|Osaka)\b/, 'JP'],
  [/\b(?:Kuwait)\b/, 'KW'],
  [/\b(?:India|Mumbai|Delhi|Jaipur)\b/, 'IN'],
];

const currencyHome: Record<string, string> = {
  GBP: 'GB',
  JPY: 'JP',
  CHF: 'CH',
  SEK: 'SE',
  NOK: 'NO',
  DKK: 'DK',
  PLN: 'PL',
  CAD: 'CA',
  AUD: 'AU',
  NZD: 'NZ',
  KWD: 'KW',
  INR: 'IN',
  USD: 'US',
};

/** The seller's country: named, else the one that alone uses the currency. */
export function readCountry(brief: string, place: Fact<string> | null, currency: string): Fact<string> | null {
  for (const text of [place?.value ?? '', brief]) {
    for (const [pattern, code] of countryNames) {
      const match = pattern.exec(text);
      const start = match ? brief.indexOf(match[0]) : -1;
      if (match && start >= 0) return fact(brief, code, text === brief ? 0.7 : 0.95, start, start + match[0].length);
    }
  }
  const home = currencyHome[currency];
  return home ? { value: home, confidence: 0.5, source: null } : null;
}
