const small = [
  'no',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
  'thirteen',
  'fourteen',
  'fifteen',
  'sixteen',
  'seventeen',
  'eighteen',
  'nineteen',
];
const tens = ['', '', 'twenty', 'thirty', 'forty', 'fifty', 'sixty', 'seventy', 'eighty', 'ninety'];

/** Whole numbers up to ninety-nine in words, larger ones in figures. */
export function numberWords(n: number): string {
  if (n < 20) return small[n] ?? String(n);
  if (n < 100) return tens[Math.floor(n / 10)] + (n % 10 ? `-${small[n % 10]}` : '');
  return String(n);
}

const values = new Map([
  ...small.map((word, n) => [word, n] as const).filter(([, n]) => n > 1),
  ...tens.map((word, n) => [word, n * 10] as const).filter(([word]) => word),
]);

/** A number in figures as people read it; null where the word is none, or is a year. */
export function inFigures(word: string): string | null {
  if (/^\d{1,3}(?:,\d{3})+$|^\d{1,6}$/.test(word)) return /^(?:[01]|(?:1[5-9]|20)\d\d)$/.test(word) ? null : word;
  const [ten = '', one = ''] = word.toLowerCase().split('-');
  const value = values.get(ten);
  if (value === undefined) return null;
  return one ? (one === 'one' ? String(value + 1) : String(value + (values.get(one) ?? 0))) : String(value);
}

/** What a single word counts, "thirty-two" among them. */
const counted: ReadonlyMap<string, number> = new Map(Array.from({ length: 99 }, (_, i) => [numberWords(i + 1), i + 1] as const));

const isLarge = (word = ''): boolean => word === 'hundred' || word === 'thousand';

/** Whether a number of several words may begin with a word: asked of every word of every name, before anything is looked at behind it. */
export const mayBeginNumber = (word: string): boolean => counted.has(word) || word === 'a' || word === 'half' || isLarge(word);

const dozens: readonly { form: RegExp; value: number; length: number }[] = [
  { form: /^half a dozen\b/, value: 6, length: 3 },
  { form: /^a dozen\b/, value: 12, length: 2 },
];

/**
 * A whole number that is spelled out in several words from the first on: "thirty two", "a hundred and fifty", "two thousand", "half a
 * dozen". One word alone is none, since it may be part of something else; nor is what goes on beyond what is understood ("two million").
 */
export function spelledOut(words: readonly string[]): { value: number; length: number } | null {
  const begins = words.slice(0, 3).join(' ');
  const dozen = dozens.find(({ form }) => form.test(begins));
  if (dozen) return { value: dozen.value, length: dozen.length };
  const first = words[0] === 'a' && isLarge(words[1]) ? 1 : 0;
  let thousands = 0;
  let part = isLarge(words[first]) ? 1 : 0;
  let length = 0;
  /** A word that counts as much or more begins another number. */
  let below = part ? 0 : 100;
  for (let i = first; i < words.length; i++) {
    const word = words[i] ?? '';
    const value = counted.get(word);
    if (value !== undefined && value < below) {
      part += value;
      below = value >= 20 && value % 10 === 0 ? 10 : 0;
    } else if (word === 'hundred' && part > 0 && part < 100) {
      part *= 100;
      below = 100;
    } else if (word === 'thousand' && part > 0 && thousands === 0) {
      thousands = part * 1000;
      part = 0;
      below = 100;
    } else if (word === 'and' && isLarge(words[i - 1])) continue;
    else break;
    length = i + 1;
  }
  return length > 1 && !/^[mb]illions?$/.test(words[length] ?? '') ? { value: thousands + part, length } : null;
}
