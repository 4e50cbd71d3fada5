import { z } from 'zod';
import { type Known, type Page, type Section } from '../plan';
import { type Decided } from '../project';
import { harvest, type Harvest } from './harvest';
import { pageMeta, type PageMeta } from './search';
import { writeSection, type SectionWords } from './sections';

/** A section with its texts; sections that nothing known fills are not among them. */
export interface WrittenSection extends Section {
  words: SectionWords;
}

export interface WrittenPage extends Omit<Page, 'sections'> {
  sections: WrittenSection[];
  meta: PageMeta;
}

/** Writes pages one at a time, so that one can be repainted without the rest. */
export class Writer {
  readonly harvest: Harvest;

  constructor(
    private readonly known: Known,
    private readonly decided: Decided,
  ) {
    this.harvest = harvest(known.reading);
  }

  write(page: Page): WrittenPage {
    const sections = page.sections.flatMap((section): WrittenSection[] => {
      if (section.hidden) return [];
      const words = this.words(page, section);
      return words ? [{ ...section, words }] : [];
    });
    return { ...page, sections, meta: pageMeta(page, this.known, this.harvest) };
  }

  /** The texts of one section with the seller's own laid over them; null where it is left out. */
  words(page: Page, section: Section): SectionWords | null {
    const written = writeSection({ ...this.known, harvest: this.harvest, page, section });
    if (!written) return null;
    const words = { ...written };
    for (const slot of Object.keys(written)) {
      const decided = this.decided.at(wordsPlace(page, section, slot), z.string());
      if (decided !== undefined) words[slot] = { text: decided, rank: 1, sources: [{ kind: 'seller' }] };
    }
    return words;
  }
}

/** Where a text lives. Product pages share the texts of their sections. */
export const wordsPlace = (page: Pick<Page, 'id' | 'kind'>, section: Pick<Section, 'id'>, slot: string): string =>
  `words/${page.kind === 'product' ? 'product' : page.id}/${section.id}/${slot}`;
