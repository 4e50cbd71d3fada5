import { code, codes } from 'currency-codes';

/** Digits after the decimal point by ISO 4217. Two where the standard doesn't know the code. */
export const minorDigits = (currency: string): number => code(currency)?.digits ?? 2;

export const isCurrency = (currency: string): boolean => code(currency) !== undefined;

export const allCurrencies = (): string[] => codes();

export const currencyName = (currency: string): string => code(currency)?.currency ?? currency;
