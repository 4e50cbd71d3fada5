import { sectionAbout, sectionKinds, type SectionKind } from '../sections/about';

/** What people call a kind of section, beside its own label. */
const called: Partial<Record<SectionKind, readonly string[]>> = {
  opening: ['hero', 'top of the page', 'intro', 'banner', 'header picture'],
  featured: ['featured goods', 'featured', 'best sellers', 'featured products'],
  categories: ['categories', 'shelves', 'departments'],
  offer: ['offer', 'special offer'],
  why: ['why us', 'reasons', 'why buy here'],
  story: ['story', 'our story'],
  numbers: ['numbers', 'figures', 'statistics'],
  people: ['people', 'team', 'people who do it', 'who we are'],
  reviews: ['reviews', 'customer reviews', 'testimonials', 'praise', 'what buyers say'],
  steps: ['steps', 'how it works'],
  questions: ['questions', 'questions and answers', 'faq', 'frequently asked questions', 'answers'],
  hours: ['hours', 'opening hours', 'opening times'],
  map: ['map', 'where we are'],
  gallery: ['gallery', 'photo gallery', 'pictures of our work'],
  video: ['video', 'videos', 'film'],
  newsletter: ['newsletter', 'mailing list', 'sign up', 'newsletter sign up', 'sign up for letters'],
  form: ['form', 'contact form'],
  contact: ['contact', 'contact details'],
  'price-table': ['price table', 'table of prices', 'price list'],
  'free-text': ['free text', 'text block', 'paragraph'],
  'buy-one': ['buy one thing'],
  posted: ['posted pictures'],
  details: ['details'],
  extracts: ['extracts', 'excerpts'],
  markup: ['markup', 'own markup', 'embed code'],
};

/** Names of kinds of sections, as people say them. */
export const sectionNames: readonly { kind: SectionKind; name: string }[] = sectionKinds.flatMap((kind) => {
  const names = new Set([sectionAbout(kind).label.toLowerCase(), ...(called[kind] ?? [])]);
  return [...names].map((name) => ({ kind, name }));
});
