import { article } from './article/about';
import { assurance } from './assurance/about';
import { buyOne } from './buy-one/about';
import { cart } from './cart/about';
import { categories } from './categories/about';
import { checkout } from './checkout/about';
import { clauses } from './clauses/about';
import { contact } from './contact/about';
import { details } from './details/about';
import { extracts } from './extracts/about';
import { featured } from './featured/about';
import { form } from './form/about';
import { freeText } from './free-text/about';
import { gallery } from './gallery/about';
import { hours } from './hours/about';
import { listing } from './listing/about';
import { map } from './map/about';
import { markup } from './markup/about';
import { missing } from './missing/about';
import { newsletter } from './newsletter/about';
import { numbers } from './numbers/about';
import { offer } from './offer/about';
import { opening } from './opening/about';
import { people } from './people/about';
import { posted } from './posted/about';
import { posts } from './posts/about';
import { priceTable } from './price-table/about';
import { product } from './product/about';
import { questions } from './questions/about';
import { rates } from './rates/about';
import { related } from './related/about';
import { reviews } from './reviews/about';
import { search } from './search/about';
import { steps } from './steps/about';
import { story } from './story/about';
import { thanks } from './thanks/about';
import { video } from './video/about';
import { why } from './why/about';
import { type Fields, type ItemsField, type TextField } from './field';
import { sectionKinds, type SectionAbout, type SectionKind } from './kind';
import { type PictureSize } from '../look/about';
import { pageParts } from '../span';

export { hasSigns, suits, wordCount, type Field, type Fields, type ItemsField, type TextField } from './field';
export { isOwnKey, ownKey } from './keys';
export { sectionKinds, type Arrangement, type SectionAbout, type SectionKind } from './kind';
export {
  contentTexts,
  itemsIn,
  pathOf,
  textIn,
  turnTexts,
  withDistinctKeys,
  type Content,
  type ContentText,
  type Item,
  type TextAt,
  type Words,
} from './content';

/** What every kind of section is. Leave one out and this does not compile. */
export const sectionAbouts = {
  opening,
  featured,
  'buy-one': buyOne,
  categories,
  offer,
  'price-table': priceTable,
  gallery,
  posted,
  why,
  story,
  numbers,
  people,
  reviews,
  steps,
  video,
  extracts,
  'free-text': freeText,
  markup,
  questions,
  details,
  hours,
  map,
  form,
  newsletter,
  contact,
  listing,
  product,
  assurance,
  related,
  article,
  posts,
  rates,
  clauses,
  search,
  cart,
  checkout,
  thanks,
  missing,
} as const satisfies { readonly [K in SectionKind]: SectionAbout<Fields, K> };

export const sectionAbout = (kind: SectionKind): SectionAbout => sectionAbouts[kind];

/** Sections that sellers can put on a page. */
export const sectionLibrary: readonly SectionAbout[] = sectionKinds.map(sectionAbout).filter((about) => about.library);

/** Whether a section of a kind can wait until a button leads to it: not what a page opens with, nor what it is made of. */
export const canFold = (kind: SectionKind): boolean => sectionAbout(kind).library && kind !== 'opening';

/** Words are read in a third of a page. */
const narrowestWords = 4;

/** How narrow a section of a kind may stand, in parts of its page. What a page is made of takes all of it. */
export function narrowestOf(kind: SectionKind): number {
  const { library, narrowest = narrowestWords } = sectionAbout(kind);
  return library ? narrowest : pageParts;
}

/** How its picture can be sized beside its look: not at all where it has none that stands alone. */
export const resizesOf = (kind: SectionKind): readonly PictureSize[] => sectionAbout(kind).resizes ?? [];

/** The kind of a section by its id: the kind itself, with a number where a page has several of it. */
export function kindOfSection(id: string): SectionKind | undefined {
  return sectionKinds.find((kind) => id === kind || (id.startsWith(`${kind}-`) && /^\d+$/.test(id.slice(kind.length + 1))));
}

/** The field at which a text of a section stands: of the section itself, or a part of the items in one of its lists. */
export function textFieldAt(kind: SectionKind, field: string, part?: string): TextField | undefined {
  const { fields } = sectionAbout(kind);
  const found = Object.hasOwn(fields, field) ? fields[field] : undefined;
  if (part === undefined) return found?.kind === 'text' ? found : undefined;
  return found?.kind === 'items' && Object.hasOwn(found.parts, part) ? found.parts[part] : undefined;
}

/** The lists of a kind of section, by the names of their fields. */
export const listsOf = (kind: SectionKind): [field: string, list: ItemsField][] =>
  Object.entries(sectionAbout(kind).fields).flatMap(([name, field]) => (field.kind === 'items' ? [[name, field]] : []));
