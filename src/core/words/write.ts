import { z } from 'zod';
import { type Known, type Page, type Section } from '../plan';
import { type Decided } from '../project';
import { harvest, type Harvest } from './harvest';
import { metaWriter, type PageMeta } from './search';
import { isFilled, withAsks, writeSection } from './sections';
import { type Text } from './text';
import { type SectionWords, type Writing } from './writing';

/** A section with its texts; sections that nothing known fills are not among them. */
export interface WrittenSection extends Section {
  words: SectionWords;
  /** Whether it has anything of this shop to say or show. A section that waits for the seller is previewed and never published. */
  filled: boolean;
}

export interface WrittenPage extends Omit<Page, 'sections'> {
  sections: WrittenSection[];
  meta: PageMeta;
}

const byTheSeller = (text: string): Text => ({ text, rank: 1, sources: [{ kind: 'seller' }] });

/** Writes pages one at a time, so that one can be repainted without the rest. */
export class Writer {
  readonly harvest: Harvest;
  private readonly meta: (page: Page) => PageMeta;
  /** The seller's own texts, by section and slot. */
  private readonly own = new Map<string, Map<string, string>>();

  constructor(
    private readonly known: Known,
    decided: Decided,
  ) {
    this.harvest = harvest(known.reading);
    this.meta = metaWriter(known, this.harvest);
    for (const [place] of decided.under('words/')) {
      const text = decided.at(place, z.string());
      const cut = place.lastIndexOf('/');
      if (text === undefined) continue;
      const section = place.slice('words/'.length, cut);
      this.own.set(section, (this.own.get(section) ?? new Map<string, string>()).set(place.slice(cut + 1), text));
    }
  }

  write(page: Page): WrittenPage {
    const sections = page.sections.flatMap((section): WrittenSection[] => {
      if (section.hidden) return [];
      const words = this.words(page, section);
      return words ? [{ ...section, words, filled: isFilled(words, this.writing(page, section)) }] : [];
    });
    return { ...page, sections, meta: this.meta(page) };
  }

  /** The texts of one section with the seller's own laid over them; null where it is left out. */
  words(page: Page, section: Section): SectionWords | null {
    const writing = this.writing(page, section);
    const own = this.ownWords(sectionPlace(page, section));
    const written = writeSection(writing) ?? (Object.keys(own).length ? {} : null);
    if (!written) return null;
    // A text that the seller emptied is left out.
    const all = Object.entries({ ...withAsks(written, { ...writing }), ...own });
    return Object.fromEntries(all.filter(([slot, text]) => text.text !== '' || !(slot in own)));
  }

  /** What was written where the seller has no say: for the choice to go back to it. */
  made(page: Page, section: Section): SectionWords {
    return writeSection(this.writing(page, section)) ?? {};
  }

  private writing(page: Page, section: Section): Writing {
    return {
      ...this.known,
      harvest: this.harvest,
      page,
      section,
      written: (pageId, sectionId) => this.ownWords(`${pageId}/${sectionId}`),
    };
  }

  private ownWords(place: string): SectionWords {
    return Object.fromEntries([...(this.own.get(place) ?? [])].map(([slot, text]) => [slot, byTheSeller(text)]));
  }
}

/** Product pages share the texts of their sections, but for what is said of the one product. */
const sectionPlace = (page: Pick<Page, 'id' | 'kind'>, section: Pick<Section, 'id'>): string =>
  `${page.kind === 'product' && section.id !== 'product' ? 'product' : page.id}/${section.id}`;

/** Where a text lives. */
export const wordsPlace = (page: Pick<Page, 'id' | 'kind'>, section: Pick<Section, 'id'>, slot: string): string =>
  `words/${sectionPlace(page, section)}/${slot}`;
