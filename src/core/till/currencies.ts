import { code, codes } from 'currency-codes';

/** Digits after the decimal point by ISO 4217. Two where the standard doesn't know the code. */
export const minorDigits = (currency: string): number => code(currency)?.digits ?? 2;

export const isCurrency = (currency: string): boolean => code(currency) !== undefined;

export const allCurrencies = (): string[] => codes();

export const currencyName = (currency: string): string => code(currency)?.currency ?? currency;

/** Money of which a hundred and more were about a US dollar in 2026 and that ISO 4217 gives a minor unit nonetheless (from memory). */
const smallUnits = new Set(
  'AMD AOA ARS BDT CDF COP CRC DZD ETB HUF IDR IQD IRR JMD KES KHR KZT LAK LBP LKR MGA MMK MNT MWK NGN PKR RSD SDG SOS SYP TZS UZS YER'.split(
    ' ',
  ),
);

/** Whether prices in a currency are whole numbers of hundreds and thousands. */
export const hasSmallUnit = (currency: string): boolean =>
  isCurrency(currency) && (minorDigits(currency) === 0 || smallUnits.has(currency));
