import { isNameOfMoney, isShortForMoney } from './index';

// Names of money as Unicode CLDR has them, through Intl. How people shorten them is common practice.
test.each([
  ['Tk', 'BDT'],
  ['tk', 'BDT'],
  ['Ft', 'HUF'],
  ['Rs', 'INR'],
  ['Dhs', 'AED'],
  ['shs', 'TZS'],
])('%s is short for what is paid with in %s', (letters, code) => expect(isShortForMoney(letters, code)).toBe(true));

test.each([
  ['kg', 'NOK'],
  ['cm', 'COP'],
  ['Dr', 'MAD'],
  ['ml', 'MYR'],
  ['the', 'THB'],
  ['pt', 'GBP'],
])('%s is not short for %s', (letters, code) => expect(isShortForMoney(letters, code)).toBe(false));

test('money is known by its name in other languages, with their endings', () => {
  expect(isNameOfMoney('taka', 'BDT')).toBe(true);
  expect(isNameOfMoney('forintban', 'HUF')).toBe(true);
  expect(isNameOfMoney('krónum', 'ISK')).toBe(true);
  expect(isNameOfMoney('rubber', 'RUB')).toBe(false);
});
