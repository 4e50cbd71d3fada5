import { inPerson, phrasesOf } from '../phrases';
import { planPlaces, type Decided } from '../places';
import { canFold, sectionAbout, sectionDefinition, type SectionKind } from '../sections';
import { reseated } from '../order';
import { slugify } from '../slug';
import { reason, type Because, type Known, type Page, type PageKind, type Section } from './page';
import { liftedBy, pageDefinition, pageDefinitions, type PageDefinition } from './pages';

const {
  addedPage,
  addedSection,
  arrangement,
  inFooter,
  inMenu,
  mapPin,
  pageHidden,
  pageName,
  pageOrder,
  sectionFolded,
  sectionHidden,
  sectionOrder,
  sectionPictures,
  under,
} = planPlaces;

/**
 * Pages and sections, each with its reason, with the seller's decisions laid over.
 * @param leads sections that the look wants early on the home page
 */
export function planShop(known: Known, decided: Decided, leads: readonly SectionKind[] = []): Page[] {
  const fixed = pageDefinitions.flatMap((definition): Page[] => {
    const because = definition.because(known);
    if (!because || (definition.optional && decided.get(pageHidden(definition.kind)))) return [];
    return [
      makePage(definition, definition.kind, nameOf(definition, known), definition.path, because, known, decided, false, leads),
    ];
  });
  const paths = new Set(pageDefinitions.map(({ path }) => path));
  const own = decided.all(addedPage).flatMap(({ parts: [id], value: { kind, name } }): Page[] => {
    const definition = pageDefinition(kind);
    // A page that what is known brings by itself by now isn't there twice.
    if (!definition?.library || fixed.some((page) => page.id === id)) return [];
    const called = name;
    // The first page of a kind may have the address that is kept for it.
    if (id === definition.kind) paths.delete(definition.path);
    let path = `${slugify(called, definition.kind)}/`;
    for (let n = 2; paths.has(path); n++) path = `${slugify(called, definition.kind)}-${n}/`;
    paths.add(path);
    return [makePage(definition, id, called, path, reason('You added it.'), known, decided, true)];
  });
  const categories = known.catalogue.categories.map((category) => ({
    ...makePage(
      shelfDefinition,
      category.id,
      category.name,
      `shop/${category.slug}/`,
      reason(`${category.products.length} of your goods are filed under it.`),
      known,
      decided,
      false,
    ),
    category,
  }));
  const productSections = makeSections(['product', 'details', 'assurance', 'related'], ['product'], 'product', known, decided);
  const products = known.catalogue.products.map((product): Page => ({
    id: product.id,
    kind: 'product',
    name: product.title,
    path: `goods/${product.slug}/`,
    inMenu: false,
    under: null,
    inFooter: false,
    listed: true,
    because: reason('It is on your list.'),
    visitorGets: 'Everything about this one thing, and the button.',
    doNext: 'Read its description as if you had never seen it.',
    added: false,
    sections: productSections,
    product,
  }));
  const after = fixed.findIndex((page) => page.kind === 'shop') + 1;
  const beforeEnd = fixed.findIndex((page) => page.kind === 'contact');
  const pages = [
    ...fixed.slice(0, after),
    ...categories,
    ...products,
    ...fixed.slice(after, beforeEnd),
    ...own,
    ...fixed.slice(beforeEnd),
  ];
  const order = decided.get(pageOrder);
  return order ? reseated(pages, order, ({ id }) => id) : pages;
}

/** What a page is called in the language of the shop. */
const nameOf = ({ kind, name }: PageDefinition, { reading, rules }: Known): string =>
  inPerson((phrasesOf(rules).pages as Partial<Record<PageKind, string>>)[kind] ?? name, reading.person);

const shelfDefinition: PageDefinition = {
  kind: 'category',
  name: '',
  path: '',
  inMenu: false,
  inFooter: false,
  listed: true,
  because: () => null,
  visitorGets: 'One shelf of the shop.',
  doNext: 'Look whether its name is the word that buyers use.',
  sections: ['listing'],
  own: ['listing'],
  library: false,
  optional: false,
};

function makePage(
  definition: PageDefinition,
  id: string,
  name: string,
  path: string,
  because: Because,
  known: Known,
  decided: Decided,
  added: boolean,
  leads: readonly SectionKind[] = [],
): Page {
  const { kind, listed, visitorGets, doNext } = definition;
  const sections = kind === 'home' ? lifted(definition.sections, known, leads) : definition.sections;
  return {
    id,
    kind,
    name: decided.get(pageName(id)) ?? name,
    path,
    inMenu: decided.get(inMenu(id)) ?? definition.inMenu,
    under: decided.get(under(id)) ?? null,
    inFooter: decided.get(inFooter(id)) ?? definition.inFooter,
    listed,
    because,
    visitorGets,
    doNext,
    added,
    sections: makeSections(sections, definition.own, id, known, decided),
  };
}

/** The sections of the home page: the opening, what the look wants early, and what serves the site's goal right after the goods. */
function lifted(kinds: readonly SectionKind[], known: Known, leads: readonly SectionKind[]): SectionKind[] {
  const { reading } = known;
  const up = liftedBy[reading.goal.value] ?? [];
  // What has a page of its own isn't said on the home page too.
  const elsewhere = pageDefinition('questions')?.because(known) ? ['questions'] : [];
  const rest = kinds.filter((kind) => !up.includes(kind) && !elsewhere.includes(kind));
  const at = rest.indexOf('featured') + 1;
  const ordered = [...rest.slice(0, at), ...up, ...rest.slice(at)];
  const early = leads.filter((kind) => ordered.includes(kind));
  return [...ordered.slice(0, 1), ...early, ...ordered.slice(1).filter((kind) => !early.includes(kind))];
}

function makeSections(
  kinds: readonly SectionKind[],
  own: readonly SectionKind[],
  pageId: string,
  known: Known,
  decided: Decided,
): Section[] {
  const make = (kind: SectionKind, id: string, because: Because, from: Section['from']): Section => {
    const { label, visitorGets, doNext } = sectionAbout(kind);
    return {
      id,
      kind,
      label,
      because,
      visitorGets,
      doNext,
      hidden: decided.get(sectionHidden(pageId, id)) ?? false,
      folded: (canFold(kind) && decided.get(sectionFolded(pageId, id))) ?? false,
      pin: (kind === 'map' ? decided.get(mapPin(pageId, id)) : null) ?? null,
      from,
      arrangement: decided.get(arrangement(pageId, id)) ?? null,
      pictures: decided.get(sectionPictures(pageId, id)) ?? [],
    };
  };
  const planned = kinds.flatMap((kind): Section[] => {
    const definition = sectionDefinition(kind);
    const because = definition.because(known);
    if (because) return [make(kind, kind, because, 'made')];
    const asked = definition.asked?.(known);
    if (asked) return [make(kind, kind, asked, 'asked')];
    return own.includes(kind)
      ? [make(kind, kind, reason('The page is made of it.'), definition.about.library ? 'asked' : 'made')]
      : [];
  });
  const added = decided
    .all(addedSection)
    .flatMap(({ parts: [page, id], value: { kind } }): Section[] =>
      page === pageId && sectionAbout(kind).library && !planned.some((section) => section.id === id)
        ? [make(kind, id, reason('You added it.'), 'added')]
        : [],
    );
  const sections = [...planned, ...added];
  const order = decided.get(sectionOrder(pageId));
  if (!order) return sections;
  const rank = (section: Section) => (order.includes(section.id) ? order.indexOf(section.id) : order.length);
  return sections
    .map((section, i) => ({ section, i }))
    .sort((a, b) => rank(a.section) - rank(b.section) || a.i - b.i)
    .map(({ section }) => section);
}
