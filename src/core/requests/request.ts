import { Decided, standsAt } from '../places';
import { ownerOf, type Page, type Section } from '../plan';
import { type Product, type Project } from '../project';
import { contentTexts, sectionAbout } from '../sections';
import { type Shop } from '../site';
import { isText, type Thing, type ThingKind } from '../things/about';
import { type Text } from '../words';
import { placeOfText } from '../writing';
import { type FieldOffer, type Offered, type RequestFold, type RequestKind } from './about';

/** A thing as it stands in a shop: all that a request needs to know of it. */
export interface Spot {
  shop: Shop;
  project: Project;
  decided: Decided;
  thing: Thing;
  /** The page that is looked at, or that the thing leads to. */
  page: Page | null;
  /** Whose decisions hold there: products have theirs together. */
  owner: string;
  section: Section | null;
  product: Product | null;
  text: Text | null;
}

/** What can be done to things of some kinds. */
export interface RequestDefinition<K extends RequestKind = RequestKind> {
  kind: K;
  /** Over its offers in the slip. */
  title: string;
  on: readonly ThingKind[];
  /** With which others it is looked at, where it is not in sight at once. */
  fold?: RequestFold;
  /** What can be done here, or null where nothing can. */
  offers: (spot: Spot) => Offered | null;
}

export const defineRequest = <K extends RequestKind>(definition: RequestDefinition<K>): RequestDefinition<K> => definition;

/** Something to type, in the money of a shop. */
export const typed = ({ rules: { digits, currency } }: Pick<Shop, 'rules'>, ...fields: FieldOffer[]): Offered => ({
  as: 'fields',
  digits,
  currency,
  fields,
});

const pageOf = (shop: Shop, id: string): Page | null =>
  shop.pages.find((page) => page.id === id || (id === 'product' && page.kind === 'product')) ?? null;

/** Finds a thing in a shop; null where it is not there, or not any more. */
export function spotOf(shop: Shop, project: Project, thing: Thing): Spot | null {
  const decided = new Decided(project.decisions);
  const at = isText(thing) ? standsAt(thing.place) : null;
  const pageId = at?.page ?? ('page' in thing ? thing.page : null);
  const page = pageId === null ? null : pageOf(shop, pageId);
  if (pageId !== null && !page) return null;
  const sectionId = at?.section ?? ('section' in thing ? thing.section : null);
  const section = page?.sections.find(({ id }) => id === sectionId) ?? null;
  if (sectionId !== null && !section) return null;
  if (thing.kind === 'own-picture' && !section?.pictures.includes(thing.name)) return null;
  if (thing.kind === 'outside-link' && !shop.links.some(({ key }) => key === thing.link)) return null;
  const product = 'product' in thing ? shop.catalogue.byId.get(thing.product) : (page?.product ?? null);
  if (product === undefined) return null;
  const words = at && page && section ? shop.writer.words(page, section) : null;
  const text =
    isText(thing) && page && section
      ? contentTexts(words ?? {}).find(({ at: one }) => placeOfText(page, section, one).address === thing.place)?.text
      : null;
  if (text === undefined) return null;
  return { shop, project, decided, thing, page, owner: page ? ownerOf(page) : '', section, product, text };
}

/** Sections of the page as they stand, those that are out of the shop left aside. */
export const sectionsOf = ({ page }: Spot): readonly Section[] => page?.sections ?? [];

/** Whether the sections of a page can be moved: there is more than one. */
export const canMove = ({ page, section }: Spot): boolean => page !== null && section !== null && page.sections.length > 1;

/** Without it the page would be for nothing: the goods of a shelf, the thing of a product page, the cart. */
export const isWhatThePageIsFor = ({ section }: Spot): boolean =>
  section !== null && !sectionAbout(section.kind).library && !['opening', 'assurance', 'related'].includes(section.kind);

/** The order of a page with a section put at another place. */
export function ordered(spot: Spot, section: string, to: number): string[] {
  const ids = sectionsOf(spot).map(({ id }) => id);
  const rest = ids.filter((id) => id !== section);
  return [...rest.slice(0, to), section, ...rest.slice(to)];
}
