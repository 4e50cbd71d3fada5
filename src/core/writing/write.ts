import { type Product } from '../goods/about';
import { textPlace, type Decided, type Place } from '../places';
import { type Known, type Page, type Section } from '../plan';
import {
  sectionAbout,
  sectionDefinition,
  turnTexts,
  withDistinctKeys,
  type Content,
  type TextAt,
  type Writing,
} from '../sections';
import { phrasesOf } from '../phrases';
import { dayIn } from '../till';
import { harvest, stemsIn, untraced, Vocabulary, type Harvest, type Text } from '../words';
import { alternatives } from './alternatives';
import { isFilled, withAsks } from './asks';
import { isWritten, OwnTexts, pinsOf, withOwn } from './own';
import { metaWriter, type PageMeta } from './search';

/** A section with its texts; sections that nothing known fills are not among them. */
export interface WrittenSection extends Section {
  words: Content;
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
  for (const { code, until } of rules.codes) yield until ? `${code} ${dayIn(rules.locale, until)}` : code;
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

/** What texts are made from, and held against. */
export interface Prepared {
  harvest: Harvest;
  /** Every word that brief, list and till hold. */
  vocabulary: Vocabulary;
  meta: (page: Page) => PageMeta;
}

/** Every word that a text may speak of. */
export const vocabularyOf = (known: Known): Vocabulary =>
  new Vocabulary(inputsOf(known), !phrasesOf(known.rules).nounsHaveCapitals);

function prepare(known: Known, decided: Decided): Prepared {
  const gathered = harvest(known.reading, pinsOf(decided));
  return { harvest: gathered, vocabulary: vocabularyOf(known), meta: metaWriter(known, gathered) };
}

/** Writes pages one at a time, so that one can be repainted without the rest. */
export class Writer {
  readonly harvest: Harvest;
  private readonly meta: (page: Page) => PageMeta;
  private readonly kept = new WeakMap<Page, WrittenPage>();
  /** Menus ask it of the same few pages for every page that is drawn. */
  private readonly content = new WeakMap<Page, boolean>();
  private readonly own: OwnTexts;
  private readonly vocabulary: Vocabulary;

  /** @param prepared what follows from brief, goods and till alone, where it is at hand already */
  constructor(
    private readonly known: Known,
    decided: Decided,
    { harvest: gathered, vocabulary, meta }: Prepared = prepare(known, decided),
  ) {
    this.own = new OwnTexts(decided);
    this.harvest = gathered;
    this.vocabulary = vocabulary;
    this.meta = meta;
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

  /** Whether a page has anything to show. One that has nothing is previewed, and neither published nor linked to. */
  hasContent(page: Page): boolean {
    const known = this.content.get(page);
    if (known !== undefined) return known;
    const shown = page.sections.filter(({ hidden }) => !hidden);
    const has =
      shown.some(isNeverEmpty) ||
      shown.some((section) => {
        const words = this.words(page, section);
        return words !== null && this.isFilled(section, words);
      });
    this.content.set(page, has);
    return has;
  }

  private writeAnew(page: Page): WrittenPage {
    const sections = page.sections.flatMap((section): WrittenSection[] => {
      if (section.hidden) return [];
      const words = this.words(page, section);
      return words ? [{ ...section, words, filled: this.isFilled(section, words) }] : [];
    });
    return { ...page, sections, meta: this.meta(page) };
  }

  /** What was made for a section, before the seller's own texts are laid over it; null where nothing known fills it. */
  made(page: Page, section: Section): Content | null {
    const written = sectionDefinition(section.kind).write(this.writing(page, section));
    // Whatever claims something that stands in no input is left out.
    return written && withDistinctKeys(turnTexts(written, (text) => (untraced(text, this.vocabulary).length ? null : text)));
  }

  /** The texts of one section with the seller's own laid over them; null where it is left out. */
  words(page: Page, section: Section): Content | null {
    const own = this.own.of(ownerOf(page, section), section.id);
    const made = this.made(page, section);
    if (!made && !isWritten(own)) return null;
    return withOwn(withAsks(made ?? {}, section), own, section.kind);
  }

  /** Whether a section says or shows anything of this shop. */
  isFilled({ kind }: Section, words: Content): boolean {
    return isFilled(kind, words) && (sectionDefinition(kind).shows?.(this.known, words) ?? true);
  }

  /** Other texts that would do at a place. */
  alternatives(page: Page, section: Section, at: TextAt, now: string): Text[] {
    return alternatives(this.writing(page, section), at, now).filter((text) => untraced(text, this.vocabulary).length === 0);
  }

  private writing(page: Page, section: Section): Writing {
    return {
      ...this.known,
      harvest: this.harvest,
      page,
      section,
      written: (pageId, sectionId) => withOwn({}, this.own.of(pageId, sectionId), 'posts'),
    };
  }
}

/** Product pages share the texts of their sections, but for what is said of the one product. */
const ownerOf = (page: Pick<Page, 'id' | 'kind'>, section: Pick<Section, 'id'>): string =>
  page.kind === 'product' && section.id !== 'product' ? 'product' : page.id;

/** Whether a section shows something whatever is known, as a shelf, a cart and terms do; that is known without writing it. */
const isNeverEmpty = ({ kind }: Pick<Section, 'kind'>): boolean =>
  !sectionAbout(kind).library && !sectionDefinition(kind).shows && isFilled(kind, {});

/** Where a text of a page lives. */
export const placeOfText = (page: Pick<Page, 'id' | 'kind'>, section: Pick<Section, 'id'>, at: TextAt): Place<string> =>
  textPlace(ownerOf(page, section), section.id, at);
