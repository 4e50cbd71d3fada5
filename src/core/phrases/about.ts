/** A language that Arcatum writes shops in, ISO 639-1. */
export const languages = ['en', 'de'] as const;

export type Language = (typeof languages)[number];

export const isLanguage = (code: string): code is Language => (languages as readonly string[]).includes(code);

/** What the studio calls them. */
export const languageNames: Record<Language, string> = { en: 'English', de: 'German' };

/** The language of a locale: "de-AT" → "de"; English where Arcatum has no phrases for it. */
export function languageOf(locale: string): Language {
  const [code = ''] = locale.split('-');
  return isLanguage(code) ? code : 'en';
}
