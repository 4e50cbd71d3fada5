import { correct, readBrief, toldPlace, toldSells, type Reading } from '../brief';
import { makeCatalogue, type Catalogue } from '../goods';
import { titlesOf, type GivenFile, type Goods } from '../goods/about';
import { makeLook, type Look, type LookSource, type Search } from '../look';
import { motifsFor, type MadePicture } from '../pictures';
import { planShop, type Known, type Page } from '../plan';
import { Decided, givenAway, lookPlaces, planPlaces } from '../places';
import { type Picture, type Project } from '../project';
import { slugify } from '../slug';
import { Stage } from '../stage';
import { type TillRules } from '../till';
import { harvest, type Harvest, type Pins } from '../words';
import { metaWriter, pinsOf, vocabularyOf, Writer } from '../writing';
import { setAsideIn, type SetAside } from './setAside';
import { markChoice, type MarkChoice } from './markChoice';
import { nounsOf, openingArt } from './drawn';
import { exceptionsOf, type Exceptions } from './exceptions';
import { linksOf, type OutsideLink } from './links';
import { framesOf, leadsOf, textLeadsOf, type Leads } from './leads';
import { type Lead } from '../lead';
import { isMoneyKnown, makeRules } from './rules';

/** A whole shop: what a project's inputs and decisions come to. */
export interface Shop {
  id: string;
  name: string;
  /** The words of the brief that facts point into. */
  brief: string;
  reading: Reading;
  catalogue: Catalogue;
  rules: TillRules;
  /** Whether anything says what money the prices are in; nothing is sold before. */
  moneyKnown: boolean;
  pages: Page[];
  writer: Writer;
  look: Look;
  mark: MarkChoice;
  /** The picture that is made for the opening where the goods have none. */
  art: MadePicture | null;
  /** Where a single place differs from the look of the whole. */
  /** The seller's own picture that opens it, where one does. */
  opening: Picture | null;
  exceptions: Exceptions;
  leads: Leads;
  /** And where words of their own texts lead. */
  textLeads: readonly Lead[];
  /** Pictures that stand with items of lists, by page, section, list and item. */
  itemPictures: ReadonlyMap<string, string>;
  /** Pictures that the seller chose for categories, by the page of each. */
  shelfPictures: ReadonlyMap<string, string>;
  /** Whether its shelves stand in the menu. */
  shelvesInMenu: boolean;
  /** Where menu and footer lead out of it. */
  links: readonly OutsideLink[];
  /** Origins of the frames of others that it shows. */
  frames: readonly string[];
  /** Files that are given away, by the hash of their bytes. */
  files: ReadonlyMap<string, GivenFile>;
  /** Pictures by the name that the list of goods gives them. */
  pictures: ReadonlyMap<string, Picture>;
  /** Decisions that point at something that is gone. They are kept and shown. */
  setAside: SetAside[];
  /** A word for the shop's address. */
  slug: string;
}

/** The function that Arcatum is: same project, same shop. */
export const makeShop = (project: Project): Shop => new Workshop().make(project);

/**
 * Makes shops in stages, and remembers what each came to: a stage runs again only where an input or a decision that it read has changed.
 * What it makes is what `makeShop` makes.
 */
export class Workshop {
  private readonly stages = {
    reading: new Stage((decided, brief: string, goods: Goods) => correct(readBrief(brief, titlesOf(goods)), decided)),
    rules: new Stage((decided, reading: Reading, currency: string) => makeRules(reading, decided, currency)),
    moneyKnown: new Stage((decided, reading: Reading, currency: string) => isMoneyKnown(reading, decided, currency)),
    catalogue: new Stage((decided, goods: Goods, digits: number, moneyKnown: boolean) =>
      makeCatalogue(goods.products, decided, goods.digits, digits, moneyKnown),
    ),
    known: new Stage((_, reading: Reading, catalogue: Catalogue, rules: TillRules): Known => ({
      reading: { ...reading, place: toldPlace(reading), sells: toldSells(reading) },
      catalogue,
      rules,
    })),
    all: new Stage((_, reading: Reading, sells: Reading['sells']): Reading => ({ ...reading, sells })),
    pictures: new Stage((_, pictures: Project['pictures']): Shop['pictures'] => byName(pictures)),
    source: new Stage((_, known: Known, pictures: Shop['pictures'], seed: number) => lookSource(known, pictures, seed)),
    look: new Stage((decided, source: LookSource) => makeLook(source, decided)),
    plan: new Stage((decided, known: Known, look: Look) => planShop(known, decided, look.family.leads)),
    harvest: new Stage((_, reading: Reading, pins: string) => harvest(reading, readPins(pins))),
    vocabulary: new Stage((_, known: Known) => vocabularyOf(known)),
    meta: new Stage((_, known: Known, gathered: Harvest) => metaWriter(known, gathered)),
    wantsArt: new Stage((decided, catalogue: Catalogue, pictures: Shop['pictures']) => wantsArt(decided, catalogue, pictures)),
  };

  make(project: Project): Shop {
    const { stages } = this;
    const { decided, known, moneyKnown, pictures, sells } = this.known(project);
    const { catalogue, rules } = known;
    // What is not sure enough for shoppers is still asked about.
    const reading = this.stages.all.make(decided, known.reading, sells);
    const look = stages.look.make(decided, stages.source.make(decided, known, pictures, project.seed));
    const pages = stages.plan.make(decided, known, look);
    const name = reading.name?.value ?? project.name;
    const gathered = stages.harvest.make(decided, known.reading, writePins(pinsOf(decided)));
    const writer = new Writer(known, decided, {
      harvest: gathered,
      vocabulary: stages.vocabulary.make(decided, known),
      meta: stages.meta.make(decided, known, gathered),
    });
    return {
      id: project.id,
      name,
      brief: project.brief,
      reading,
      catalogue,
      rules,
      moneyKnown,
      pages,
      writer,
      look,
      mark: markChoice(decided),
      opening: openingOf(decided, pictures),
      art: stages.wantsArt.make(decided, catalogue, pictures) ? openingArt(known, name, look, project.seed) : null,
      exceptions: exceptionsOf(decided),
      leads: leadsOf(decided),
      textLeads: textLeadsOf(decided),
      itemPictures: new Map(decided.all(planPlaces.itemPicture).map(({ parts, value }) => [parts.join('/'), value])),
      shelfPictures: new Map(decided.all(planPlaces.shelfPicture).map(({ parts: [page], value }) => [page, value])),
      shelvesInMenu: decided.get(planPlaces.shelvesInMenu) ?? false,
      links: linksOf(decided),
      frames: framesOf(decided),
      files: new Map(decided.all(givenAway).map(({ parts: [hash], value }) => [hash, value])),
      pictures,
      setAside: setAsideIn({ project, decided, catalogue, pages, writer, pictures }),
      slug: slugify(name, 'shop'),
    };
  }

  /** What looks for a project are searched with. */
  search(project: Project, { locks = [], genes = [], turn = 0 }: Partial<Pick<Search, 'locks' | 'genes' | 'turn'>> = {}): Search {
    const { decided, known, pictures } = this.known(project);
    return { source: this.stages.source.make(decided, known, pictures, project.seed), decided, locks, genes, turn };
  }

  /** How often each stage has run. */
  get runs(): Record<string, number> {
    return Object.fromEntries(Object.entries(this.stages).map(([name, stage]) => [name, stage.runs]));
  }

  /** What is known of a project before anything is made of it. */
  private known(project: Project) {
    const { stages } = this;
    const decided = new Decided(project.decisions);
    const reading = stages.reading.make(decided, project.brief, project.goods);
    const rules = stages.rules.make(decided, reading, project.goods.currency);
    const moneyKnown = stages.moneyKnown.make(decided, reading, project.goods.currency);
    const catalogue = stages.catalogue.make(decided, project.goods, rules.digits, moneyKnown);
    const known = stages.known.make(decided, reading, catalogue, rules);
    return { decided, known, moneyKnown, sells: reading.sells, pictures: stages.pictures.make(decided, project.pictures) };
  }
}

/** What looks for a project are searched with. */
export const lookSearch = (project: Project, wish: Partial<Pick<Search, 'locks' | 'genes' | 'turn'>> = {}): Search =>
  new Workshop().search(project, wish);

const byName = (pictures: Project['pictures']): Shop['pictures'] =>
  new Map(pictures.map((picture) => [picture.name.toLowerCase(), picture]));

/** Pins as one word, so that a stage sees whether they are the same. */
const writePins = (pins: Pins): string => JSON.stringify(Object.entries(pins).map(([place, keys]) => [place, [...keys]]));

const readPins = (pins: string): Pins =>
  Object.fromEntries((JSON.parse(pins) as [string, string[]][]).map(([place, keys]) => [place, new Set(keys)]));

const openingOf = (decided: Decided, pictures: Shop['pictures']): Picture | null =>
  pictures.get(decided.get(lookPlaces.openingShows)?.toLowerCase() ?? '') ?? null;

/** A made picture opens the shop where no thing of it has one, or where the seller prefers it. */
function wantsArt(decided: Decided, catalogue: Catalogue, pictures: Shop['pictures']): boolean {
  if (openingOf(decided, pictures)) return false;
  const asked = decided.get(lookPlaces.openingPicture);
  if (asked) return asked === 'made';
  return !catalogue.products.some((product) => product.pictures.some((name) => pictures.has(name.toLowerCase())));
}

function lookSource({ reading, catalogue }: Known, pictures: Shop['pictures'], seed: number): LookSource {
  const { products } = catalogue;
  const pictured = products.filter((product) => product.pictures.some((name) => pictures.has(name.toLowerCase()))).length;
  return {
    reading,
    catalogue,
    pictured: products.length ? pictured / products.length : 0,
    drawn: motifsFor(nounsOf({ reading, catalogue }), 1).length > 0,
    seed,
  };
}

export { type SetAside };
