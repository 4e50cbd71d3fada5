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
