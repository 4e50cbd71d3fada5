const ones =
  'two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen';
const tens = 'twenty thirty forty fifty sixty seventy eighty ninety';
const values = new Map([
  ...ones.split(' ').map((word, i) => [word, i + 2] as const),
  ...tens.split(' ').map((word, i) => [word, (i + 2) * 10] as const),
]);

/** A number in figures as people read it; null where the word is none, or is a year. */
export function inFigures(word: string): string | null {
  if (/^\d{1,3}(?:,\d{3})+$|^\d{1,6}$/.test(word)) return /^(?:[01]|(?:1[5-9]|20)\d\d)$/.test(word) ? null : word;
  const [ten = '', one = ''] = word.toLowerCase().split('-');
  const value = values.get(ten);
  if (value === undefined) return null;
  return one ? (one === 'one' ? String(value + 1) : String(value + (values.get(one) ?? 0))) : String(value);
}
