import { z } from 'zod';
import { type Known, type Page, type Section } from '../plan';
import { type Decided, type Product } from '../project';
import { harvest, type Harvest } from './harvest';
import { metaWriter, type PageMeta } from './search';
import { alternatives } from './alternatives';
import { isFilled, withAsks, writeSection } from './sections';
import { type Text } from './text';
import { stemsIn, untraced, Vocabulary } from './trace';
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

/** All that a text may speak of. */
function* inputsOf({ reading, catalogue, rules }: Known): Generator<string | readonly string[]> {
  const facts = [
    reading.name,
    reading.place,
    reading.email,
    reading.phone,
    reading.address,
    ...reading.sells,
    ...reading.audience,
    ...reading.people,
    ...reading.links,
  ];
  for (const fact of facts) if (fact) yield fact.value;
  for (const statement of reading.statements) yield statement.source.text;
  for (const one of reading.reviews) yield `${one.value.text} ${one.value.by}`;
  for (const one of reading.openings) yield `${one.value.days} ${one.value.hours}`;
  for (const product of catalogue.products) yield stemsOf(product);
  for (const zone of rules.zones) yield `${zone.label} ${zone.rates.map((rate) => rate.label).join(' ')}`;
  for (const code of rules.codes) yield code.code;
  yield rules.currency;
}

const kept = new WeakMap<Product, readonly string[]>();

/** A product keeps its words from one decision to the next. */
function stemsOf(product: Product): readonly string[] {
  const known = kept.get(product);
  if (known) return known;
  const { title, description, options, categories, variants } = product;
  const values = new Set(variants.flatMap((variant) => variant.values));
  const stems = stemsIn([title, description, ...options, ...categories, ...values].join(' '));
  kept.set(product, stems);
  return stems;
}

const byTheSeller = (text: string): Text => ({ text, rank: 1, sources: [{ kind: 'seller' }] });

/** Writes pages one at a time, so that one can be repainted without the rest. */
export class Writer {
  readonly harvest: Harvest;
  /** Every word that brief, list and till hold. */
  private readonly vocabulary: Vocabulary;
  private readonly meta: (page: Page) => PageMeta;
  private readonly kept = new WeakMap<Page, WrittenPage>();
  /** The seller's own texts, by section and slot. */
  private readonly own = new Map<string, Map<string, string>>();

  constructor(
    private readonly known: Known,
    decided: Decided,
  ) {
    this.harvest = harvest(known.reading);
    this.meta = metaWriter(known, this.harvest);
    this.vocabulary = new Vocabulary(inputsOf(known));
    for (const [place] of decided.under('words/')) {
      const text = decided.at(place, z.string());
      const cut = place.lastIndexOf('/');
      if (text === undefined) continue;
      const section = place.slice('words/'.length, cut);
      this.own.set(section, (this.own.get(section) ?? new Map<string, string>()).set(place.slice(cut + 1), text));
    }
  }

  /** How a page presents itself to search, without writing the rest of it. */
  metaOf(page: Page): PageMeta {
    return this.meta(page);
  }

  /** Pages other than products are asked for often, and there are few of them: each is written once. */
  write(page: Page): WrittenPage {
    if (page.kind === 'product') return this.writeAnew(page);
    const known = this.kept.get(page);
    if (known) return known;
    const written = this.writeAnew(page);
    this.kept.set(page, written);
    return written;
  }

  private writeAnew(page: Page): WrittenPage {
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
    const made = writeSection(writing);
    const written = made ? this.traced(made) : Object.keys(own).length ? {} : null;
    if (!written) return null;
    // A text that the seller emptied is left out.
    const all = Object.entries({ ...withAsks(written, { ...writing }), ...own });
    return Object.fromEntries(all.filter(([slot, text]) => text.text !== '' || !(slot in own)));
  }

  isFilled(page: Page, section: Section, words: SectionWords): boolean {
    return isFilled(words, this.writing(page, section));
  }

  /** Other texts that would do at a place. */
  alternatives(page: Page, section: Section, slot: string, now: string): Text[] {
    return alternatives(this.writing(page, section), slot, now).filter((text) => untraced(text, this.vocabulary).length === 0);
  }

  /** Whatever claims something that stands in no input is left out. */
  private traced(words: SectionWords): SectionWords {
    return Object.fromEntries(Object.entries(words).filter(([, text]) => untraced(text, this.vocabulary).length === 0));
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
