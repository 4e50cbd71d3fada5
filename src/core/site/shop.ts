import { correct, readBrief, type Reading } from '../brief';
import { makeCatalogue, type Catalogue } from '../goods';
import { makeLook, type Look } from '../look';
import { planShop, type Page } from '../plan';
import { Decided, isPlace, type Picture, type Project } from '../project';
import { slugify } from '../slug';
import { type TillRules } from '../till';
import { Writer } from '../words';
import { makeRules } from './rules';

/** A whole shop: what a project's inputs and decisions come to. */
export interface Shop {
  id: string;
  name: string;
  /** The words of the brief that facts point into. */
  brief: string;
  reading: Reading;
  catalogue: Catalogue;
  rules: TillRules;
  pages: Page[];
  writer: Writer;
  look: Look;
  /** Pictures by the name that the list of goods gives them. */
  pictures: ReadonlyMap<string, Picture>;
  /** Places of decisions that point at something that is gone. They are kept and shown. */
  setAside: string[];
  /** A word for the shop's address. */
  slug: string;
}

/** The function that Arcatum is: same project, same shop. */
export function makeShop(project: Project): Shop {
  const decided = new Decided(project.decisions);
  const reading = correct(readBrief(project.brief), decided);
  const rules = makeRules(reading, decided, project.goods.currency);
  const catalogue = makeCatalogue(project.goods.products, decided, project.goods.digits, rules.digits);
  const known = { reading, catalogue, rules };
  const pages = planShop(known, decided);
  const name = reading.name?.value ?? project.name;
  return {
    id: project.id,
    name,
    brief: project.brief,
    reading,
    catalogue,
    rules,
    pages,
    writer: new Writer(known, decided),
    look: makeLook(reading, decided, project.seed),
    pictures: new Map(project.pictures.map((picture) => [picture.name.toLowerCase(), picture])),
    setAside: [...catalogue.setAside, ...goneSections(project, pages)],
    slug: slugify(name, 'shop'),
  };
}

/** Decisions on sections or pages that the plan no longer has. */
function goneSections(project: Project, pages: readonly Page[]): string[] {
  const sections = new Set(
    pages.flatMap((page) =>
      page.sections.map(
        (section) => `${page.kind === 'product' && section.id !== 'product' ? 'product' : page.id}/${section.id}`,
      ),
    ),
  );
  const ids = new Set(pages.map((page) => page.id));
  return project.decisions
    .map((decision) => decision.place)
    .filter((place) => {
      if (!isPlace(place)) return true;
      const [area, page = '', section = ''] = place.split('/');
      if (area === 'words') return !sections.has(`${page}/${section}`);
      if (area === 'plan') return !ids.has(page) && page !== 'product' && page !== 'pages' && section !== 'hidden';
      return false;
    });
}
