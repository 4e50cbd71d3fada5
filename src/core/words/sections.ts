import { largestCategory, priceRange, stockOf } from '../goods';
import { type Known, type Page, type Section, type SectionKind } from '../plan';
import { type Product } from '../project';
import { formatMoney } from '../till';
import { capitalised, inSentence, listed, numberWords } from './grammar';
import { type Harvest } from './harvest';
import { privacyClauses, termsClauses } from './legal';
import { deliveryAnswers } from './questions';
import { fromBrief, fromGoods, ours, type Text } from './text';

/** The texts of a section, by slot. */
export type SectionWords = Record<string, Text>;

export interface Writing extends Known {
  harvest: Harvest;
  page: Page;
  section: Section;
}

type Writer = (writing: Writing) => SectionWords | null;

const money = (amount: number, { rules }: Known) => formatMoney(amount, rules);

/** "Thirty-six products, £5.50 to £22.50." */
export function goodsFact(products: readonly Product[], known: Known): Text {
  const ranges = products.map(priceRange);
  const low = Math.min(...ranges.map((r) => r.low));
  const high = Math.max(...ranges.map((r) => r.high));
  const single = products.length === 1;
  const prices = low === high ? `${single ? '' : 'each '}${money(low, known)}` : `${money(low, known)} to ${money(high, known)}`;
  const allSingle = products.length > 1 && products.every((p) => p.variants.length === 1 && stockOf(p) === 1);
  const noun = single ? 'product' : 'products';
  const text = `${capitalised(numberWords(products.length))} ${noun}, ${prices}.${allSingle ? ' Each is the only one.' : ''}`;
  return fromGoods(text, `${products.length} in your list, from the lowest to the highest price`);
}

/** "Hand-dyed yarn from Ghent": what is sold and where, for shops whose brief has no line of its own. */
function plainHeadline({ reading }: Known): Text | null {
  const what = reading.sells[0];
  if (!what) return null;
  const place = reading.place;
  const sources = [what.source, place?.source].filter((s) => s !== null && s !== undefined);
  const text = place
    ? `${capitalised(what.value)} from ${place.value}`
    : capitalised(listed(reading.sells.slice(0, 3).map((s) => s.value)));
  return { text, rank: 2, sources: sources.map((source) => ({ kind: 'brief', source })) };
}

const numbered = (texts: readonly Text[], name: string): SectionWords =>
  Object.fromEntries(texts.map((text, i) => [`${name}-${i + 1}`, text]));

const writers: Record<SectionKind, Writer> = {
  opening: (w) => {
    const shelf = largestCategory(w.catalogue.categories);
    const count = (shelf ?? w.catalogue).products.length;
    const headline =
      w.harvest.headline ??
      plainHeadline(w) ??
      (w.reading.name ? fromBrief(w.reading.name.value, ...(w.reading.name.source ? [w.reading.name.source] : [])) : null);
    const words: SectionWords = {};
    if (headline) words.headline = headline;
    if (w.harvest.lead) words.lead = w.harvest.lead;
    if (count)
      words.button = {
        text: shelf ? `See the ${inSentence(shelf.name)} (${count})` : `See everything (${count})`,
        rank: 2,
        sources: [{ kind: 'goods', say: `${count} in your list` }],
      };
    return Object.keys(words).length ? words : null;
  },
  featured: (w) => ({ heading: ours('A first look'), intro: goodsFact(w.catalogue.products, w), link: ours('See everything') }),
  categories: (w) => ({ heading: ours(w.reading.person === 'I' ? 'What I sell' : 'What we sell') }),
  why: (w) => {
    if (!w.harvest.why.length) return null;
    const words: SectionWords = { heading: ours(w.reading.person === 'I' ? 'How I work' : 'How we work') };
    w.harvest.why.forEach(({ title, text }, i) => {
      if (title) words[`title-${i + 1}`] = title;
      words[`text-${i + 1}`] = text;
    });
    return words;
  },
  story: (w) => {
    if (!w.harvest.story.length) return null;
    const words: SectionWords = { heading: ours('Where it comes from'), ...numbered(w.harvest.story, 'text') };
    if (w.harvest.about.length) words.link = ours(w.reading.person === 'I' ? 'More about me' : 'More about us');
    return words;
  },
  questions: (w) => {
    const answers = deliveryAnswers(w);
    if (!answers.length) return null;
    const words: SectionWords = { heading: ours('Before you order') };
    answers.forEach(({ question, answer }, i) => {
      words[`question-${i + 1}`] = question;
      words[`answer-${i + 1}`] = answer;
    });
    return words;
  },
  contact: (w) => ({
    heading: ours(w.page.kind === 'contact' ? 'Contact' : w.reading.person === 'I' ? 'Write to me' : 'Write to us'),
    ...(w.page.kind === 'contact' ? numbered(w.harvest.contact, 'text') : {}),
  }),
  listing: (w) => {
    const products = w.page.category?.products ?? w.catalogue.products;
    const heading = w.page.category ? fromGoods(w.page.category.name, 'a category of your list') : ours('Everything');
    const words: SectionWords = { heading };
    if (products.length) words.intro = goodsFact(products, w);
    return words;
  },
  product: () => ({}),
  related: () => ({ heading: ours('Beside it on the shelf') }),
  article: (w) => ({
    heading: ours(`About ${w.reading.name?.value ?? 'us'}`),
    ...numbered(w.harvest.about.length ? w.harvest.about : [], 'text'),
  }),
  rates: (w) => ({ heading: ours('Delivery and returns'), ...numbered(w.harvest.delivery, 'text') }),
  clauses: (w) => ({
    heading: ours(w.page.kind === 'privacy' ? 'Privacy' : 'Terms'),
    ...numbered(w.page.kind === 'privacy' ? privacyClauses(w) : termsClauses(w), 'text'),
  }),
  search: () => ({ heading: ours('Search') }),
  cart: () => ({ heading: ours('Your cart') }),
  checkout: () => ({ heading: ours('Checkout') }),
  thanks: () => ({ heading: ours('Thank you') }),
  missing: () => ({
    heading: ours('This page is not here'),
    text: ours('The address may be old. The goods are still where they were.'),
  }),
};

/** Writes a section, or gives null where nothing known fills it. */
export const writeSection = (writing: Writing): SectionWords | null => writers[writing.section.kind](writing);
