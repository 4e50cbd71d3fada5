import { type Because, type Known, type SectionKind } from './page';

/** What a kind of section is for. `because` gives null where nothing known would fill it. */
export interface SectionDefinition {
  kind: SectionKind;
  label: string;
  visitorGets: string;
  doNext: string;
  because: (known: Known) => Because | null;
}

const always = (say: string) => (): Because => ({ say, brief: [] });
const spans = (statements: readonly { source: { start: number; end: number } }[]) =>
  statements.map(({ source }) => ({ start: source.start, end: source.end }));

export const sectionDefinitions: readonly SectionDefinition[] = [
  {
    kind: 'opening',
    label: 'Opening',
    visitorGets: 'In three seconds: what you sell, and why yours.',
    doNext: 'Read the headline aloud. If a competitor could say it, choose another.',
    because: always('Every visitor lands here first.'),
  },
  {
    kind: 'featured',
    label: 'Featured goods',
    visitorGets: 'Real things with prices, one click from the cart.',
    doNext: 'Put your best seller first in the list.',
    because: ({ catalogue }) =>
      catalogue.products.length
        ? { say: `Your list has ${catalogue.products.length} things; a few of them should be seen at once.`, brief: [] }
        : null,
  },
  {
    kind: 'categories',
    label: 'Categories',
    visitorGets: 'The way to the right shelf without searching.',
    doNext: 'Rename categories in your list to words that buyers use.',
    because: ({ catalogue }) =>
      catalogue.categories.length > 1
        ? { say: `Your goods fall into ${catalogue.categories.length} categories.`, brief: [] }
        : null,
  },
  {
    kind: 'why',
    label: 'Why us',
    visitorGets: 'The reasons to buy here and not elsewhere, in your own words.',
    doNext: 'Add a promise that you keep anyway to the brief.',
    because: ({ reading }) => {
      const reasons = reading.statements.filter((s) => s.topics.some((t) => t === 'promise' || t === 'method' || t === 'limit'));
      return reasons.length
        ? { say: 'Your brief says how you work and what you promise.', brief: spans(reasons.slice(0, 3)) }
        : null;
    },
  },
  {
    kind: 'story',
    label: 'Story',
    visitorGets: 'Who is behind it, so that a stranger can trust you.',
    doNext: 'A picture of the two hands that do the work would help here.',
    because: ({ reading }) => {
      const telling = reading.statements.filter((s) => s.topics.some((t) => t === 'since' || t === 'people' || t === 'place'));
      return telling.length ? { say: 'Your brief tells where you come from.', brief: spans(telling.slice(0, 3)) } : null;
    },
  },
  {
    kind: 'questions',
    label: 'Questions',
    visitorGets: 'Answers on delivery, returns and payment before they have to ask.',
    doNext: 'Check every answer against what you really do; they come from the till.',
    because: ({ rules }) =>
      rules.zones.length || rules.returnsDays !== null
        ? { say: 'The till knows what delivery, returns and payment are like.', brief: [] }
        : null,
  },
  {
    kind: 'contact',
    label: 'Contact',
    visitorGets: 'A way to reach a person.',
    doNext: 'Ring the number and write to the address once, to see that both work.',
    because: ({ reading }) => {
      const facts = [reading.email, reading.phone, reading.place].filter((fact) => fact !== null);
      return facts.length
        ? {
            say: 'Your brief gives a way to reach you.',
            brief: facts.flatMap((f) => (f.source ? [{ start: f.source.start, end: f.source.end }] : [])),
          }
        : null;
    },
  },
  {
    kind: 'listing',
    label: 'Goods',
    visitorGets: 'Everything on this shelf, sorted as they like.',
    doNext: 'Look whether the first six make you want to go on.',
    because: always('A shelf shows what is on it.'),
  },
  {
    kind: 'product',
    label: 'Product',
    visitorGets: 'Pictures, price, choice, stock, and the button.',
    doNext: 'Give it a description of its own in the list.',
    because: always('Each product has a page that can be found and shared.'),
  },
  {
    kind: 'related',
    label: 'More like it',
    visitorGets: 'Somewhere to go when this is not quite it.',
    doNext: 'Nothing; it follows from the categories.',
    because: ({ catalogue }) =>
      catalogue.products.length > 1 ? { say: 'It shares a category with other goods.', brief: [] } : null,
  },
  {
    kind: 'article',
    label: 'Text',
    visitorGets: 'The whole story, as you told it.',
    doNext: 'Read it once as a stranger would.',
    because: ({ reading }) =>
      reading.statements.length
        ? { say: 'Your brief says more about you than the home page holds.', brief: spans(reading.statements.slice(0, 6)) }
        : null,
  },
  {
    kind: 'rates',
    label: 'Delivery and returns',
    visitorGets: 'What delivery costs, where to, and how to send things back.',
    doNext: 'Check the rates at the till.',
    because: always('Buyers look for this before they pay, and the law asks for it.'),
  },
  {
    kind: 'clauses',
    label: 'Clauses',
    visitorGets: 'What they agree to.',
    doNext: 'Have someone who knows your country’s law read it.',
    because: always('A shop has to say this.'),
  },
  {
    kind: 'search',
    label: 'Search',
    visitorGets: 'Any product by a word of its name.',
    doNext: 'Nothing; it follows from the goods.',
    because: always('A shop with more than a shelf is searched.'),
  },
  {
    kind: 'cart',
    label: 'Cart',
    visitorGets: 'What they chose, and what it comes to.',
    doNext: 'Buy something yourself.',
    because: always('Nothing is sold without it.'),
  },
  {
    kind: 'checkout',
    label: 'Checkout',
    visitorGets: 'One page from cart to paid.',
    doNext: 'Buy something yourself.',
    because: always('Nothing is sold without it.'),
  },
  {
    kind: 'thanks',
    label: 'Thank you',
    visitorGets: 'The order’s number and what happens now.',
    doNext: 'Buy something yourself.',
    because: always('A buyer wants to know that it worked.'),
  },
  {
    kind: 'missing',
    label: 'Not found',
    visitorGets: 'A way back when a link is old.',
    doNext: 'Nothing.',
    because: always('Addresses age; visitors should not hit a wall.'),
  },
];

export const sectionDefinition = (kind: SectionKind): SectionDefinition => {
  const found = sectionDefinitions.find((definition) => definition.kind === kind);
  if (!found) throw new Error(`No definition of the section kind “${kind}” in the registry.`);
  return found;
};
