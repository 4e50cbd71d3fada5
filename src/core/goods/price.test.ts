import { parsePrice } from './price';

const read = (text: string, digits = 2) => {
  const result = parsePrice(text, digits);
  return result.ok ? result.value : result.say;
};

describe('a price that is typed', () => {
  test.each([
    ['12.50', 1250],
    ['£1.234,50', 123450],
    ['1,234.50 USD', 123450],
    ['€ 1 234,5', 123450],
    ['CHF 1’234.50', 123450],
    ['12,5', 1250],
    ['1,299', 129900],
    ['1.234.567', 123456700],
    ['80p', 80],
    ['0', 0],
    ['.50', 50],
    ['15', 1500],
    ['15.-', 1500],
  ])('%s is read', (text, minor) => expect(read(text)).toBe(minor));

  test('has the decimals of its currency', () => {
    expect(read('1 250,000', 3)).toBe(1_250_000);
    expect(read('1.250', 3)).toBe(1250);
    expect(read('1,200', 0)).toBe(1200);
  });

  test.each([
    ['free', 'Write 0 to give it away'],
    ['-3', 'below zero'],
    ['', 'missing'],
    ['ask', 'not a price'],
    ['£12 - £15', 'more than one number'],
    ['7.50–12.80', 'more than one number'],
    ['4 for 9.00', 'more than one number'],
    ['0.999', 'more decimals'],
    ['12.50 or so', 'not a price'],
    ['99999999999999999999', 'too large'],
  ])('“%s” is refused with a sentence', (text, say) => expect(read(text)).toContain(say));
});
