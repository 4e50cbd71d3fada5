import { article } from './article';
import { assurance } from './assurance';
import { buyOne } from './buy-one';
import { cart } from './cart';
import { categories } from './categories';
import { checkout } from './checkout';
import { clauses } from './clauses';
import { contact } from './contact';
import { details } from './details';
import { extracts } from './extracts';
import { featured } from './featured';
import { form } from './form';
import { freeText } from './free-text';
import { gallery } from './gallery';
import { hours } from './hours';
import { listing } from './listing';
import { map } from './map';
import { markup } from './markup';
import { missing } from './missing';
import { newsletter } from './newsletter';
import { numbers } from './numbers';
import { offer } from './offer';
import { opening } from './opening';
import { people } from './people';
import { posted } from './posted';
import { posts } from './posts';
import { priceTable } from './price-table';
import { product } from './product';
import { questions } from './questions';
import { rates } from './rates';
import { related } from './related';
import { reviews } from './reviews';
import { search } from './search';
import { steps } from './steps';
import { story } from './story';
import { thanks } from './thanks';
import { video } from './video';
import { why } from './why';
import { sectionKinds, type SectionKind } from '@/core/sections';
import { type Drawing } from '../context';

/** How every kind of section is drawn, and its style. Leave one out and this does not compile. */
export const drawings: { readonly [K in SectionKind]: Drawing<K> } = {
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
};

/** The styles of all sections, and what they have otherwise where there is little room. */
export const sectionStyles = sectionKinds.map((kind) => drawings[kind].css ?? '').join('');
export const narrowStyles = sectionKinds.map((kind) => drawings[kind].narrow ?? '').join('');
