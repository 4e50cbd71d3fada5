import { de } from './de';
import { en, type Phrases } from './en';
import { languageOf, type Language } from './about';

const tables: Record<Language, Phrases> = { en, de };

/** What a shop says to shoppers in words of ours, in the language of its locale. */
export const phrasesOf = ({ locale }: { locale: string }): Phrases => tables[languageOf(locale)];

export { inSentence, listed, pluralOf } from './english';
export { isLanguage, languageNames, languageOf, languages, type Language } from './about';
export { fill, inPerson, type ScriptPhrases } from './fill';
export { type Phrases } from './en';
export { type Headed, type Headings } from './table';
