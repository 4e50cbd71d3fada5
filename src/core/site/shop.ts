import { correct, readBrief, type Reading } from '../brief';
import { makeCatalogue, type Catalogue } from '../goods';
import { makeLook, type Look, type LookSource, type Search } from '../look';
import { type MadePicture } from '../pictures';
import { planShop, type Page } from '../plan';
import { Decided, isPlace, type Picture, type Project } from '../project';
import { slugify } from '../slug';
import { type TillRules } from '../till';
import { Writer } from '../words';
import { markChoice, openingArt, type MarkChoice } from './drawn';
import { exceptionsOf, type Exceptions } from './exceptions';
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
  mark: MarkChoice;
  /** The picture that is made for the opening where the goods have none. */
  art: MadePicture | null;
  /** Where a single place differs from the look of the whole. */
  exceptions: Exceptions;
  /** Pictures by the name that the list of goods gives them. */
  pictures: ReadonlyMap<string, Picture>;
  /** Places of decisions that point at something that is gone. They are kept and shown. */
  setAside: string[];
  /** A word for the shop's address. */
  slug: string;
}

/** The function that Arcatum is: same project, same shop. */
export function makeShop(project: Project): Shop {
  const { decided, known, pictures } = knownOf(project);
  const { reading, catalogue, rules } = known;
  const look = makeLook(lookSource(project, known, pictures), decided);
  const pages = planShop(known, decided, look.family.leads);
  const name = reading.name?.value ?? project.name;
  const mark = markChoice(project);
  return {
    id: project.id,
    name,
    brief: project.brief,
    reading,
    catalogue,
    rules,
    pages,
    writer: new Writer(known, decided),
    look,
    mark,
    art: wantsArt(project, known, pictures) ? openingArt(known, name, look, project.seed) : null,
    exceptions: exceptionsOf(project),
    pictures,
    setAside: [...catalogue.setAside, ...goneSections(project, pages), ...goneLogo(mark, pictures)],
    slug: slugify(name, 'shop'),
  };
}

/** A made picture opens the shop where no thing of it has one, or where the seller prefers it. */
function wantsArt({ decisions }: Project, { catalogue }: { catalogue: Catalogue }, pictures: Shop['pictures']): boolean {
  const asked = decisions.find((decision) => decision.place === 'look/opening')?.value;
  if (asked) return asked === 'made';
  return !catalogue.products.some((product) => product.pictures.some((name) => pictures.has(name.toLowerCase())));
}

/** What looks for a project are searched with. */
export function lookSearch(project: Project, { locks = [], turn = 0 }: Partial<Pick<Search, 'locks' | 'turn'>> = {}): Search {
  const { decided, known, pictures } = knownOf(project);
  return { source: lookSource(project, known, pictures), decided, locks, turn };
}

/** What is known of a project before anything is made of it. */
function knownOf(project: Project) {
  const decided = new Decided(project.decisions);
  const reading = correct(readBrief(project.brief), decided);
  const rules = makeRules(reading, decided, project.goods.currency);
  const catalogue = makeCatalogue(project.goods.products, decided, project.goods.digits, rules.digits);
  const pictures = new Map(project.pictures.map((picture) => [picture.name.toLowerCase(), picture]));
  return { decided, known: { reading, catalogue, rules }, pictures };
}

function lookSource(
  project: Project,
  { reading, catalogue }: { reading: Reading; catalogue: Catalogue },
  pictures: Shop['pictures'],
): LookSource {
  const { products } = catalogue;
  const pictured = products.filter((product) => product.pictures.some((name) => pictures.has(name.toLowerCase()))).length;
  return { reading, catalogue, pictured: products.length ? pictured / products.length : 0, seed: project.seed };
}

/** A logo that is chosen and no longer among the pictures. */
const goneLogo = ({ logo }: MarkChoice, pictures: Shop['pictures']): string[] =>
  logo && !pictures.has(logo.toLowerCase()) ? ['look/logo'] : [];

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
