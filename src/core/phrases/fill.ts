import { type Phrases } from './en';

/** What scripts say, by name. */
export type ScriptPhrases = Phrases['scripts'];

/** A phrase with its slots filled: "{n} of {all}". */
export const fill = (phrase: string, slots: Readonly<Record<string, string | number>>): string =>
  phrase.replace(/\{(\w+)\}/g, (slot, name: string) => String(slots[name] ?? slot));
