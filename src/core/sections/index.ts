import { article } from './article/definition';
import { assurance } from './assurance/definition';
import { buyOne } from './buy-one/definition';
import { cart } from './cart/definition';
import { categories } from './categories/definition';
import { checkout } from './checkout/definition';
import { clauses } from './clauses/definition';
import { contact } from './contact/definition';
import { details } from './details/definition';
import { extracts } from './extracts/definition';
import { featured } from './featured/definition';
import { form } from './form/definition';
import { freeText } from './free-text/definition';
import { gallery } from './gallery/definition';
import { hours } from './hours/definition';
import { listing } from './listing/definition';
import { map } from './map/definition';
import { markup } from './markup/definition';
import { missing } from './missing/definition';
import { newsletter } from './newsletter/definition';
import { numbers } from './numbers/definition';
import { offer } from './offer/definition';
import { opening } from './opening/definition';
import { people } from './people/definition';
import { posted } from './posted/definition';
import { posts } from './posts/definition';
import { priceTable } from './price-table/definition';
import { product } from './product/definition';
import { questions } from './questions/definition';
import { rates } from './rates/definition';
import { related } from './related/definition';
import { reviews } from './reviews/definition';
import { search } from './search/definition';
import { steps } from './steps/definition';
import { story } from './story/definition';
import { thanks } from './thanks/definition';
import { video } from './video/definition';
import { why } from './why/definition';
import { type SectionDefinition } from './definition';
import { type sectionAbouts } from './about';
import { type SectionKind } from './kind';

export * from './about';
export { headingOf, headingsOf } from './headings';
export { type SectionDefinition, type Writing } from './definition';

/** What every kind of section follows from, and how it is written. Leave one out and this does not compile. */
export const sectionDefinitions = {
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
} as const satisfies { readonly [K in SectionKind]: SectionDefinition<(typeof sectionAbouts)[K]['fields'], K> };

export const sectionDefinition = (kind: SectionKind): SectionDefinition => sectionDefinitions[kind] as SectionDefinition;
