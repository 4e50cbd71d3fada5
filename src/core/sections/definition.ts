import { type Because, type Known, type Page, type Section } from '../plan/about';
import { type Harvest } from '../words';
import { formatMoney } from '../till';
import { type Content, type Words } from './content';
import { type Fields } from './field';
import { type SectionAbout, type SectionKind } from './kind';

/** What a section is written from. */
export interface Writing extends Known {
  harvest: Harvest;
  page: Page;
  section: Section;
  /** What the seller wrote into a section of another page, for sections that show an extract of it. */
  written: (page: string, section: string) => Content;
}

/** What a kind of section follows from, and how it is written. */
export interface SectionDefinition<F extends Fields = Fields, K extends SectionKind = SectionKind> {
  about: SectionAbout<F, K>;
  /** Why it should be there; null where nothing known would fill it. */
  because: (known: Known) => Because | null;
  /** Why the brief wants it, although it may lack texts. */
  asked?: (known: Known) => Because | null;
  /** Whether it shows anything, where that hangs on more than the texts that it asks for. */
  shows?: (known: Known, words: Content) => boolean;
  /** What stands in it, or null where nothing known fills it. */
  write: (writing: Writing) => Words<F> | null;
}

export const defineSection = <F extends Fields, K extends SectionKind>(
  about: SectionAbout<F, K>,
  definition: Omit<SectionDefinition<F, K>, 'about'>,
): SectionDefinition<F, K> => ({ about, ...definition });

export const money = (amount: number, { rules }: Known): string => formatMoney(amount, rules);
