import { parsePhoneNumberFromString, type CountryCode } from 'libphonenumber-js/min';
import { factAt, type Fact } from './fact';

/** An address as RFC 5321 allows in everyday use: a local part of atoms, and a domain of at least two labels. */
const emailPattern =
  /[A-Z0-9!#$%&'*+/=?^_`{|}~-]+(?:\.[A-Z0-9!#$%&'*+/=?^_`{|}~-]+)*@(?:[A-Z0-9](?:[A-Z0-9-]*[A-Z0-9])?\.)+[A-Z][A-Z0-9-]*[A-Z0-9]/i;

export function readEmail(brief: string): Fact<string> | null {
  const match = emailPattern.exec(brief);
  return match ? factAt(brief, match[0].toLowerCase(), 0.98, match.index, match.index + match[0].length) : null;
}

/** A telephone number, in the form that its country writes internationally. Prices, years and measures are not numbers to call. */
export function readPhone(brief: string, country: string): Fact<string> | null {
  for (const match of brief.matchAll(/(?<![\d.,£€$@#-])\+?\(?\d[\d\s().-]{5,17}\d(?![\d%])/g)) {
    const before = brief.slice(Math.max(0, match.index - 40), match.index);
    const asked = /\b(?:ring|call|phone|tel|telephone|mobile|whatsapp|text)\b[^.]*$/i.test(before);
    const foreign = match[0].trimStart().startsWith('+');
    const number = parsePhoneNumberFromString(match[0], (country || 'GB') as CountryCode);
    const national = /^\(?0\d/.test(match[0]) && match[0].replace(/\D/g, '').length >= 9;
    if (!number?.isPossible() || (!asked && !foreign && !national && !number.isValid())) continue;
    // "1998 and 2004", "4050-032 Porto": years, codes and sums of money have no dialling form of their own.
    if (!asked && !foreign && /^\d{4}[-–\s]\d{3,4}$/.test(match[0].trim())) continue;
    return factAt(brief, number.formatInternational(), asked || foreign ? 0.95 : 0.7, match.index, match.index + match[0].length);
  }
  return null;
}

const streetWords =
  'Street|St|Road|Rd|Lane|Ln|Avenue|Ave|Row|Square|Quay|Terrace|Close|Drive|Way|Yard|Mews|Court|Place|Parade|Boulevard|Blvd|Hill|Wharf|Gate|Crescent|Alley|Mill|Farm|Works|Unit';
const word = String.raw`[\p{Lu}][\p{L}.’'-]*`;
/** A town's word is no code of capitals: "Kendal", not the "LA" of "LA9". */
const townWord = String.raw`\p{Lu}[\p{Ll}’'-][\p{L}’'-]*`;

/** Streets as they are written: "14 Mill Lane, Kendal LA9 4AB", "Rua do Almada 999, 4050-032 Porto", "Hauptstraße 3, 04103 Leipzig". */
const addressForms: RegExp[] = [
  new RegExp(
    String.raw`\b(?:Unit \d+\w?, )?\d+\w?\s+(?:${word}\s+){1,4}?(?:${streetWords})\b(?:,\s*(?:${townWord}(?:[ -]${townWord})*|[A-Z\d][A-Z\d -]{2,9})){0,4}(?:\s+[A-Z]{1,2}\d[\dA-Z]?\s\d[A-Z]{2}|\s+\d{4,5})?`,
    'u',
  ),
  new RegExp(
    String.raw`(?:(?:${word}|do|da|de|del|della|des|du|van|der|den)\s){0,4}(?:${word})\s\d{1,5}\w?,\s*(?:[A-Z]{1,2}-)?\d{4,5}(?:-\d{3})?(?:\s[A-Z]{2})?\s${townWord}(?:[ -]${townWord})*(?:,\s*${townWord})?`,
    'u',
  ),
];

/** An address in one of those forms, wherever it stands. */
export function readAddress(brief: string): Fact<string> | null {
  for (const form of addressForms) {
    const match = form.exec(brief);
    const text = match?.[0].replace(/[.,\s]+$/, '');
    if (match && text) return factAt(brief, text.replace(/\s+/g, ' '), 0.85, match.index, match.index + text.length);
  }
  return null;
}

const wholeForms = addressForms.map((form) => new RegExp(`^(?:${form.source})$`, form.flags));

/** Whether some words are written as addresses are in some countries. */
export const isAddressForm = (text: string): boolean => wholeForms.some((form) => form.test(text));

const topLevel = String.raw`(?:com|org|net|shop|store|example|co\.uk|uk|de|fr|nl|be|it|es|pt|ie|ch|at|se|no|dk|fi|pl|cz|jp|ca|us|au|nz|io|eu|art|design|studio)`;

/** Addresses on the web: the shop's own, and where it posts. */
export function readLinks(brief: string): Fact<string>[] {
  const pattern = new RegExp(String.raw`(?<![@\w.-])(?:https?://)?(?:[a-z0-9-]+\.)+${topLevel}\b(?:/[\w./@~-]*\w)?`, 'gi');
  return [...brief.matchAll(pattern)]
    .filter((match) => !brief.slice(0, match.index).endsWith('@'))
    .map((match) => factAt(brief, match[0].toLowerCase(), 0.9, match.index, match.index + match[0].length))
    .filter((fact, i, all) => all.findIndex((other) => other.value === fact.value) === i);
}
