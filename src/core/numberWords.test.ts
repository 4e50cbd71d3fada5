import { numberWords, spelledOut } from './numberWords';

const read = (text: string) => spelledOut(text.split(' '));

test('numbers of several words are one number, as far as they go', () => {
  const told: [string, number, number][] = [
    ['thirty two of them', 32, 2],
    ['a hundred', 100, 2],
    ['one hundred pounds', 100, 2],
    ['hundred and fifty', 150, 3],
    ['two hundred and seven', 207, 4],
    ['three hundred forty-five left', 345, 3],
    ['twelve hundred', 1200, 2],
    ['two thousand', 2000, 2],
    ['two thousand five hundred and twelve', 2512, 6],
    ['ninety nine thousand nine hundred ninety nine', 99_999, 7],
    ['a thousand and one', 1001, 4],
    ['half a dozen balls', 6, 3],
    ['a dozen', 12, 2],
    ['a hundred and then some', 100, 2],
  ];
  for (const [text, value, length] of told) expect([text, read(text)]).toEqual([text, { value, length }]);
});

test('one word is none, nor are two that are told one after another, nor what goes beyond', () => {
  for (const text of [
    'two',
    'thirty',
    'a page',
    'two three',
    'nineteen ninety',
    'twenty twenty',
    'five ten',
    'two million',
    'three hundred billion',
    'and fifty',
    'a',
    '',
  ])
    expect([text, read(text)]).toEqual([text, null]);
});

test('every number that is written so is read so', () => {
  for (let n = 21; n < 100; n++) if (n % 10) expect(read(numberWords(n).replace('-', ' '))).toEqual({ value: n, length: 2 });
});
