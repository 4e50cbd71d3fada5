import { type Phrases } from './en';

/** What scripts say, by name. */
export type ScriptPhrases = Phrases['scripts'];

/** A phrase in the person of the shop: "Who I am | Who we are". */
export function inPerson(phrase: string, person: 'I' | 'we'): string {
  const [single = '', several = single] = phrase.split(' | ');
  return person === 'I' ? single : several;
}

/** A phrase with its slots filled: "{n} of {all}". */
export const fill = (phrase: string, slots: Readonly<Record<string, string | number>>): string =>
  phrase.replace(/\{(\w+)\}/g, (slot, name: string) => String(slots[name] ?? slot));
