import { TextDecoder } from '@exodus/bytes/encoding.js';
import { analyse } from 'chardet';
import { fail, ok, type Result } from '../../result';
import { headingLanguages } from '../columns/heading';

/** Largest file that is read, in bytes. */
export const largestList = 64 * 1024 * 1024;

export interface DecodedText {
  text: string;
  /** As the WHATWG Encoding Standard calls it, in lower case. */
  encoding: string;
}

/** Encodings that lists are still written in, besides UTF-8 and UTF-16. */
const olderEncodings = [
  'windows-1252',
  'windows-1250',
  'windows-1251',
  'windows-1253',
  'windows-1254',
  'windows-1257',
  'windows-1255',
  'windows-1256',
  'windows-874',
  'iso-8859-2',
  'iso-8859-5',
  'iso-8859-7',
  'iso-8859-15',
  'koi8-r',
  'shift_jis',
  'euc-jp',
  'euc-kr',
  'gb18030',
  'big5',
] as const;
type OlderEncoding = (typeof olderEncodings)[number];

/** Encodings that are used for one language alone, where others have signs for the same bytes. */
const usedFor: Readonly<Partial<Record<OlderEncoding, string>>> = {
  shift_jis: 'ja',
  'euc-jp': 'ja',
  'euc-kr': 'ko',
  gb18030: 'zh',
  big5: 'zh',
};
/** What speaks for an encoding that is used for a language of the list. */
const ownLanguage = 0.3;

/** Languages in which a seller may have written, worked out where they are needed. */
export type Languages = () => readonly string[];
const nobody: Languages = () => [];

/**
 * The text of a file, the same in browser and command line: UTF-8 or UTF-16 by its mark, strict UTF-8 where it holds, UTF-16 where every
 * other byte says so, else the older encoding that makes most sense of it.
 *
 * @param spoken languages that the list may be in (ISO 639-1), asked for where nothing but letters tells encodings apart
 */
export function decodeBytes(bytes: Uint8Array, spoken: Languages = nobody): Result<DecodedText> {
  if (bytes.length === 0) return fail('The file is empty. Choose a list with a row for each thing that you sell.');
  if (bytes.length > largestList) return fail('The file is larger than 64 MB. Split it and bring in one part after another.');
  const marked = byMark(bytes);
  if (marked) return ok({ text: decode(bytes, marked), encoding: marked });
  const wide = withoutMark(bytes);
  if (wide) return ok({ text: decode(bytes, wide), encoding: wide });
  if (bytes.subarray(0, 8000).includes(0))
    return fail('This file is not text. Choose a list: a table, a spreadsheet, JSON, a saved page.');
  try {
    return ok({ text: new TextDecoder('utf-8', { fatal: true }).decode(bytes), encoding: 'utf-8' });
  } catch {
    const encoding = declared(bytes) ?? likeliest(bytes, spoken());
    return ok({ text: decode(bytes, encoding), encoding });
  }
}

/** Signs of money that stand in an older encoding where ASCII has the backslash (JIS X 0201, KS X 1003). */
const inBackslash: Readonly<Record<string, string>> = { shift_jis: '¥', 'euc-kr': '₩' };

function decode(bytes: Uint8Array, encoding: string): string {
  const text = new TextDecoder(encoding).decode(bytes);
  const sign = inBackslash[encoding];
  return sign ? text.replace(/\\(?=\s?\d)/g, sign) : text;
}

function byMark(bytes: Uint8Array): string | null {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return 'utf-16le';
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return 'utf-16be';
  return null;
}

/** UTF-16 without a mark: nearly every second byte of text in most scripts' digits and separators is zero. */
function withoutMark(bytes: Uint8Array): string | null {
  const sample = bytes.subarray(0, 4000);
  let even = 0;
  let odd = 0;
  for (const [i, byte] of sample.entries())
    if (byte === 0) {
      if (i % 2) odd++;
      else even++;
    }
  const half = sample.length / 2;
  if (odd > half * 0.6 && even < half * 0.05) return 'utf-16le';
  if (even > half * 0.6 && odd < half * 0.05) return 'utf-16be';
  return null;
}

/** A declaration stands within as many bytes (WHATWG HTML, 13.2.3.2). */
const prescanned = 1024;

/** What a file says of its own encoding: XML 1.0, 4.3.3, or a page's `meta`. A label that nobody knows says nothing. */
function declared(bytes: Uint8Array): string | null {
  const begin = String.fromCharCode(...bytes.subarray(0, prescanned));
  const label =
    /^\s*<\?xml\b[^>]*\bencoding\s*=\s*["']([^"']+)["']/i.exec(begin)?.[1] ??
    /<meta\b[^>]*\bcharset\s*=\s*["']?([^\s"'/>;]+)/i.exec(begin)?.[1];
  if (!label) return null;
  try {
    const { encoding } = new TextDecoder(label);
    return encoding.startsWith('utf-') ? null : encoding;
  } catch {
    return null;
  }
}

const sampled = 20_000;

function likeliest(bytes: Uint8Array, spoken: readonly string[]): OlderEncoding {
  const sample = sampleOf(bytes);
  const guessed = new Map<string, number>();
  for (const { name, confidence } of analyse(sample)) {
    const encoding = standardName(name);
    guessed.set(encoding, Math.max(guessed.get(encoding) ?? 0, confidence / 100));
  }
  const languages = new Set([...languagesOf(bytes), ...spoken]);
  let best: { encoding: OlderEncoding; score: number } = { encoding: 'windows-1252', score: -Infinity };
  const seen = new Set<string>();
  for (const [i, encoding] of olderEncodings.entries()) {
    const text = decode(sample, encoding);
    // What two make the same text of is in the commoner one.
    if (seen.has(text)) continue;
    seen.add(text);
    const own = languages.has(usedFor[encoding] ?? '') ? ownLanguage : 0;
    const score = likeness(text, languages) + own + (guessed.get(encoding) ?? 0) * 0.5 - i * 0.01;
    if (score > best.score) best = { encoding, score };
  }
  return best.encoding;
}

/** An encoding as the WHATWG Encoding Standard calls it: what names itself ISO 8859-1 is read as windows-1252 (4.2, names and labels). */
function standardName(label: string): string {
  try {
    return new TextDecoder(label).encoding;
  } catch {
    return label.toLowerCase();
  }
}

const headed = 2000;
/** Cells, whatever parts them. */
const parted = /[\t\n\r;,|"]+|\s{2,}/;

/** Languages that the first cells are headed in, by those of their words that ASCII can write; the one with most of them, and its equals. */
function languagesOf(bytes: Uint8Array): Set<string> {
  const found = new Map<string, number>();
  for (const cell of String.fromCharCode(...bytes.subarray(0, headed)).split(parted))
    for (const language of headingLanguages(cell)) found.set(language, (found.get(language) ?? 0) + 1);
  const most = Math.max(0, ...found.values());
  return new Set([...found].filter(([, n]) => n === most).map(([language]) => language));
}

/** Lines that hold something else than ASCII, for those alone tell encodings apart. */
function sampleOf(bytes: Uint8Array): Uint8Array {
  const found: number[] = [];
  let line = 0;
  for (let i = 0; i <= bytes.length && found.length < sampled; i++) {
    if (i < bytes.length && bytes[i] !== 10) continue;
    const piece = bytes.subarray(line, i + 1);
    if (piece.some((byte) => byte > 127)) for (const byte of piece.subarray(0, 2000)) found.push(byte);
    line = i + 1;
  }
  return Uint8Array.from(found);
}

/**
 * How much a text looks like one that somebody wrote: letters of one alphabet, small ones after small ones, signs where signs stand.
 * Per character that is not ASCII.
 */
function likeness(text: string, languages: ReadonlySet<string>): number {
  let score = 0;
  let counted = 0;
  const letters = new Map<string, number>();
  const chars = [...text];
  for (const [i, char] of chars.entries()) {
    const code = char.codePointAt(0) ?? 0;
    if (code < 128) continue;
    counted++;
    const before = chars[i - 1] ?? ' ';
    const after = chars[i + 1] ?? ' ';
    if (char === '\ufffd' || (code < 160 && code > 127)) score -= 6;
    else if (/\p{L}/u.test(char) && !letterlike.test(char)) {
      score += letterScore(char, before, after);
      letters.set(char.toLowerCase(), (letters.get(char.toLowerCase()) ?? 0) + 1);
    } else if (currencySign.test(char)) score += /[\d\s;,\t|"]/.test(before) || /[\d\s]/.test(after) ? 1.2 : -0.5;
    else if (letterlike.test(char) || figureSign.test(char)) score += signScore(char, before, after);
    else if (/[–—’‘“”„…«»·•®™ \u00a0]/u.test(char)) score += 0.5;
    else score -= 1;
  }
  return counted ? (score + oneAlphabet(letters, languages)) / counted : 0;
}

/** What is written among figures, and belongs to no alphabet: "n.º 1", "20 µm". */
const letterlike = /[ªºµ]/u;
const figureSign = /[°×½¼¾²³]/u;
const currencySign = /\p{Sc}/u;

/** A sign of figures stands beside one, or before a unit or after a point, and never within a word. */
function signScore(char: string, before: string, after: string): number {
  if (/\p{L}/u.test(before) && /\p{L}/u.test(after)) return -1;
  const isPlaced = char === 'µ' ? /[gmlsAFLV]/.test(after) : /[\d\s."'(,;|]/.test(before);
  return isPlaced ? 1 : 0.5;
}
const scripts = [/\p{Script=Latin}/u, /\p{Script=Cyrillic}/u, /\p{Script=Greek}/u, /\p{Script=Hebrew}/u, /\p{Script=Arabic}/u];
const scriptOf = (char: string): number => scripts.findIndex((script) => script.test(char));

/**
 * Letters beyond a to z of languages in Latin script, and the alphabets of others (exemplar characters of CLDR, from memory), with the
 * languages that are written with them (ISO 639-1).
 */
const alphabets: readonly [languages: string, letters: string][] = [
  ['de', 'äöüß'],
  ['fr', 'àâæçéèêëîïôœùûüÿ'],
  ['es', 'áéíñóúü'],
  ['it', 'àèéìíòóùú'],
  ['pt', 'áàâãçéêíóôõú'],
  ['nl', 'áéëèïóöüĳ'],
  ['da no', 'æøåé'],
  ['sv fi', 'åäöé'],
  ['is', 'áðéíóúýþæö'],
  ['et', 'šžõäöü'],
  ['lv', 'āčēģīķļņšūž'],
  ['lt', 'ąčęėįšųūž'],
  ['pl', 'ąćęłńóśźż'],
  ['cs', 'áčďéěíňóřšťúůýž'],
  ['sk', 'áäčďéíĺľňóôŕšťúýž'],
  ['hu', 'áéíóöőúüű'],
  ['ro', 'ăâîșțşţ'],
  ['hr sl', 'čćđšž'],
  ['tr', 'çğıöşüâî'],
  ['sq', 'ëç'],
  ['vi', 'áàảãạăâđéêíóôơưúý'],
  ['ru', 'абвгдеёжзийклмнопрстуфхцчшщъыьэюя'],
  ['uk', 'абвгґдеєжзиіїйклмнопрстуфхцчшщьюя'],
  ['bg', 'абвгдежзийклмнопрстуфхцчшщъьюя'],
  ['sr', 'абвгдђежзијклљмнњопрстћуфхцчџш'],
  ['el', 'αβγδεζηθικλμνξοπρσςτυφχψωάέήίόύώϊϋΐΰ'],
  ['he', 'אבגדהוזחטיךכלםמןנסעףפץצקרשת'],
  ['ar', 'ءآأؤإئابةتثجحخدذرزسشصضطظعغفقكلمنهوىي'],
  ['fa ur', 'ءآأؤئابةتثجحخدذرزسشصضطظعغفقلمنهوپچژگکی'],
];

/** Scripts of signs that nobody lists, which count for the languages that a list may be in. */
const signs: readonly [language: string, signs: RegExp][] = [
  ['ja', /\p{Script=Hiragana}|\p{Script=Katakana}|\p{Script=Han}/u],
  ['ko', /\p{Script=Hangul}/u],
  ['zh', /\p{Script=Han}/u],
  ['th', /\p{Script=Thai}/u],
];

/** How many times more the letters of a language count in which the list is headed. */
const headedIn = 1.5;

/** What speaks for a text whose letters all belong to one language, the more if words in its headings are of that. */
function oneAlphabet(letters: ReadonlyMap<string, number>, languages: ReadonlySet<string>): number {
  const total = [...letters.values()].reduce((sum, n) => sum + n, 0);
  const held = alphabets.map(([spoken, alphabet]) => {
    const own = [...letters].reduce((sum, [letter, n]) => sum + (alphabet.includes(letter) ? n : 0), 0);
    return spoken.split(' ').some((language) => languages.has(language)) ? own * headedIn : own;
  });
  const spokenSigns = signs.flatMap(([language, sign]) => (languages.has(language) ? [sign] : []));
  const written = spokenSigns.map((sign) => [...letters].reduce((sum, [letter, n]) => sum + (sign.test(letter) ? n : 0), 0));
  const best = Math.max(0, ...held, ...written);
  return best - (total - best) * 1.2;
}

const twoAlphabets = 4;
const aloneLetter = 1.5;
/** Words of one letter, as they stand within a sentence, in languages of Europe (from memory). */
const oneLetterWord = /[àáâèéêíîóôöúåæøавикосуяєіηο]/iu;

function letterScore(char: string, before: string, after: string): number {
  const script = scriptOf(char);
  // Scripts without case, as in Japanese, Chinese and Korean.
  if (script < 0) {
    if (/[\uff61-\uff9f]/.test(char)) return -1;
    return /\p{Script=Hiragana}|\p{Script=Katakana}|\p{Script=Hangul}/u.test(char) ? 2.1 : 1.55;
  }
  const isUpper = char !== char.toLowerCase();
  const beside = [before, after].filter((one) => /\p{L}/u.test(one));
  let score = 0;
  // No word is written in two alphabets.
  if (beside.some((one) => scriptOf(one) !== script && !letterlike.test(one))) score -= script === 0 ? 1 : twoAlphabets;
  if (isUpper && /\p{Ll}/u.test(before)) score -= 1.2;
  if (isUpper && /\p{Lu}/u.test(before) && /\p{Ll}/u.test(after)) score -= 1;
  // "½ pint" is neither "Н pint" nor "œ pint": but for a few, no word is one letter.
  if (!beside.length && !oneLetterWord.test(char)) score -= aloneLetter;
  // Nor does a letter follow a figure or a point at once: "1200А", "n.ş".
  if (/[\d.]/.test(before)) score -= 1.2;
  return score;
}
