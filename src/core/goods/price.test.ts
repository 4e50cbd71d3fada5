import { currencyInPrice, decimalMarkOf, parsePrice } from './price';

const read = (text: string, digits = 2, mark?: '.' | ',') => {
  const result = parsePrice(text, digits, mark);
  return result.ok ? result.value : result.say;
};

describe('a price', () => {
  test.each([
    ['12.50', 1250],
    ['£1.234,50', 123450],
    ['1,234.50 USD', 123450],
    ['€ 1 234,5', 123450],
    ['CHF 1’234.50', 123450],
    ['12,5', 1250],
    ['1,299', 129900],
    ['1.234.567', 123456700],
    ['0.999', 'has'],
    ['0', 0],
    ['.50', 50],
    ['15', 1500],
  ])('%s is read', (text, minor) => {
    if (typeof minor === 'number') expect(read(text)).toBe(minor);
    else expect(read(text)).toMatch(/more decimals/);
  });

  test('has the decimals of its currency', () => {
    expect(read('1 250,000', 3)).toBe(1_250_000);
    expect(read('1.250', 3)).toBe(1250);
    expect(read('1,200', 0)).toBe(1200);
  });

  test('that could be read two ways follows its column', () => {
    expect(read('1.234', 2, ',')).toBe(123400);
    expect(decimalMarkOf(['1.234', '12,50', '3,99'])).toBe(',');
    expect(decimalMarkOf(['1.234', '5.678'])).toBeUndefined();
  });

  test.each([
    ['free', 'Write 0 to give it away'],
    ['-3', 'below zero'],
    ['', 'missing'],
    ['ask', 'not a price'],
    ['£12 - £15', 'more than one number'],
    ['99999999999999999999', 'too large'],
  ])('“%s” is refused with a sentence', (text, say) => expect(read(text)).toContain(say));

  test('names its currency by sign or code', () => {
    expect(currencyInPrice('£4')).toBe('GBP');
    expect(currencyInPrice('1.250 KWD')).toBe('KWD');
    expect(currencyInPrice('4.00')).toBe('');
  });
});
