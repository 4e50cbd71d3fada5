import { type Known, type Page, type Section } from '../plan';
import { formatMoney } from '../till';
import { type Harvest } from './harvest';
import { type Text } from './text';

/** The texts of a section, by slot. */
export type SectionWords = Record<string, Text>;

/** What a section is written from. */
export interface Writing extends Known {
  harvest: Harvest;
  page: Page;
  section: Section;
  /** Texts that the seller wrote on another page, for sections that show an extract of it. */
  written: (page: string, section: string) => SectionWords;
}

/** Writes a section, or gives null where nothing known fills it. */
export type Writer = (writing: Writing) => SectionWords | null;

export const money = (amount: number, { rules }: Known): string => formatMoney(amount, rules);

/** "text-1", "text-2", … */
export const numbered = (texts: readonly Text[], name: string): SectionWords =>
  Object.fromEntries(texts.map((text, i) => [`${name}-${i + 1}`, text]));

/** The form of a heading that fits how the shop speaks of itself. */
export const spoken = ({ reading }: Known, single: string, several: string): string =>
  reading.person === 'I' ? single : several;
