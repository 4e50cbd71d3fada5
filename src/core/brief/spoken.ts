import { isLanguage, type Language } from '../phrases/about';
import { type Fact } from './fact';

/** A language has to be this sure for anything to follow from it. */
const sure = 0.7;

/** The language that a brief is written in, where that is clear; English where it isn't. */
export const spokenIn = (language: Fact<string> | null): string =>
  language && (language.corrected || language.confidence >= sure) ? language.value : 'en';

/** The language that the shop is written in: the brief's, or what the seller says; English where Arcatum has no phrases for it. */
export function shopLanguage(language: Fact<string> | null): Language {
  const spoken = spokenIn(language);
  return isLanguage(spoken) ? spoken : 'en';
}

/** The judge has learned from English briefs alone: what the sentences of another are for, the seller has to say. */
export const isJudged = (spoken: string): boolean => spoken === 'en';
