import { franc } from 'franc-min';
import { sourceAt, type Fact } from './fact';
import { isGrammar, knownOf } from './facts/tokens';

/** ISO 639-3 as the detector gives it → ISO 639-1 as pages declare it. */
const codes: Record<string, string> = {
  eng: 'en',
  deu: 'de',
  fra: 'fr',
  spa: 'es',
  por: 'pt',
  ita: 'it',
  nld: 'nl',
  swe: 'sv',
  pol: 'pl',
  ces: 'cs',
  hun: 'hu',
  ron: 'ro',
  tur: 'tr',
  rus: 'ru',
  ukr: 'uk',
  ell: 'el',
  jpn: 'ja',
  kor: 'ko',
  cmn: 'zh',
  arb: 'ar',
};

const small: Record<string, RegExp> = {
  en: /(?<!\p{L})(?:the|and|we|our|of|is|are|with|for|in|my|to|that|it)(?!\p{L})/giu,
  de: /(?<!\p{L})(?:und|wir|der|die|das|ist|nicht|mit|für|ein|eine|ich|auf|im|aus|zu)(?!\p{L})/giu,
  fr: /(?<!\p{L})(?:et|nous|les|des|le|la|une?|est|pour|dans|avec|du|notre|nos|je)(?!\p{L})/giu,
  es: /(?<!\p{L})(?:y|el|los|las|una?|es|para|con|del|nuestros?|nuestras?|en|que|por)(?!\p{L})/giu,
  it: /(?<!\p{L})(?:e|il|gli|le|una?|è|per|con|del|della|nostr[aoie]|che|di|sono)(?!\p{L})/giu,
  nl: /(?<!\p{L})(?:en|wij|we|het|een|van|voor|met|is|niet|onze?|ik|op|uit)(?!\p{L})/giu,
  pt: /(?<!\p{L})(?:e|os|as|uma?|é|para|com|do|da|nossos?|nossas?|que|em|não)(?!\p{L})/giu,
  sv: /(?<!\p{L})(?:och|vi|är|det|en|ett|för|med|inte|våra?|jag|på|som|av)(?!\p{L})/giu,
};

/** Scripts that hardly any two of the larger languages share (ISO 15924), but for Latin. */
const scripts =
  'Cyrl Grek Hebr Arab Armn Geor Deva Beng Guru Gujr Taml Telu Knda Mlym Sinh Thai Laoo Khmr Mymr Ethi Hang Hira Hani'
    .split(' ')
    .map((script) => ({
      signs: new RegExp(`\\p{Script=${script}}`, 'u'),
      language: new Intl.Locale(`und-${script}`).maximize().language,
    }));

/** The likeliest languages of a text by its scripts (Unicode CLDR, likely subtags): a few words are enough for that. */
export const languagesOfScripts = (text: string): string[] =>
  scripts.flatMap(({ signs, language }) => (signs.test(text) ? [language] : []));

const byScript = 0.75;

/** The language of a brief: by its small words where they are clear, else by letter groups. Confidence says how clear it is. */
export function readLanguage(brief: string): Fact<string> | null {
  const words = brief.match(/\p{L}+/gu)?.length ?? 0;
  if (words === 0) return null;
  const shares = Object.entries(small)
    .map(([code, pattern]) => ({ code, share: (brief.match(pattern)?.length ?? 0) / words }))
    .sort((a, b) => b.share - a.share);
  const [first, second] = shares;
  const source = sourceAt(brief, 0, brief.length);
  if (first && first.share > 0.08 && first.share > (second?.share ?? 0) * 1.3)
    return { value: first.code, confidence: words > 8 ? 0.95 : 0.7, source };
  const [own] = languagesOfScripts(brief);
  const isLatin = (brief.match(/\p{Script=Latin}/gu)?.length ?? 0) * 2 > (brief.match(/\p{L}/gu)?.length ?? 0);
  // A script that few languages are written in says more than words do.
  if (own && !isLatin) return { value: codes[franc(brief, { minLength: 3 })] ?? own, confidence: byScript, source };
  // Letter groups of a few words belong to many languages.
  const guessed = words >= 12 ? codes[franc(brief)] : undefined;
  return guessed ? { value: guessed, confidence: 0.6, source } : { value: 'en', confidence: 0.4, source: null };
}

/** How those who speak alone and those who speak together say “I” and “we”. */
const persons: Partial<Record<string, { single: RegExp; several: RegExp }>> = {
  en: { single: /\b(?:I|my)\b|\bi(?='m| )/gi, several: /\b(?:we|our)\b/gi },
  de: { single: /\b(?:ich|mir|mich|mein(?:e[mnrs]?)?)\b/gi, several: /\b(?:wir|uns|unser(?:e[mnrs]?)?)\b/gi },
};

/** The person that a brief speaks in: “we” in doubt. */
export function personOf(brief: string, spoken: string): 'I' | 'we' {
  const { single, several } = persons[spoken] ?? {};
  const count = (pattern?: RegExp) => (pattern ? (brief.match(pattern)?.length ?? 0) : 0);
  return count(single) > count(several) ? 'I' : 'we';
}

/** Shorter words are words of many languages. */
const shortestWord = 3;
/** Of fewer words nothing can be said, unless the brief is in two languages. */
const fewestWords = 3;
/** As many words of a longer sentence are English words by chance: “para”, “taller”. */
const chance = { none: 0, some: 0.25, mixed: 0.34 };
const shortSentence = 4;

/**
 * Whether a sentence in an English brief is in another language: hardly a word of it is English. Names say nothing of that.
 * @param isMixed whether other sentences of the brief are
 */
export function isForeign(sentence: string, isMixed = false): boolean {
  const words = (sentence.match(/\p{L}[\p{L}\p{M}'’-]*/gu) ?? []).filter(
    (word) => word.length >= shortestWord && !/^\p{Lu}/u.test(word),
  );
  const isEnglish = (word: string) => {
    const { noun, verb } = knownOf(word);
    return isGrammar(word) || noun !== null || verb !== null;
  };
  const english = words.filter(isEnglish).length;
  const most = isMixed ? chance.mixed : words.length > shortSentence ? chance.some : chance.none;
  if (words.length >= (isMixed ? 1 : fewestWords)) return english / words.length <= most;
  const language = readLanguage(sentence);
  return words.length > 0 && english === 0 && language !== null && language.value !== 'en' && language.confidence >= 0.6;
}
