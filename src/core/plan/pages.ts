import { type SectionKind } from '../sections/kind';
import { reason, reasonFrom, wished, type Because, type Known, type PageKind } from './page';

/** A kind of page: when it is planned, where it stands, and which sections may be on it. */
export interface PageDefinition {
  kind: PageKind;
  name: string;
  path: string;
  inMenu: boolean;
  inFooter: boolean;
  listed: boolean;
  visitorGets: string;
  doNext: string;
  because: (known: Known) => Because | null;
  /** In the order of a usual page; what is known decides which of them come. */
  sections: readonly SectionKind[];
  /** Sections that are there by the page's own right, whatever is known. */
  own: readonly SectionKind[];
  /** Whether sellers can add it where it isn't planned. */
  library: boolean;
  /** Whether sellers may take it away. */
  optional: boolean;
}

const always = (say: string) => () => reason(say);

const page = (
  definition: Partial<PageDefinition> & Pick<PageDefinition, 'kind' | 'name' | 'path' | 'because' | 'visitorGets' | 'doNext'>,
): PageDefinition => ({
  inMenu: false,
  inFooter: false,
  listed: true,
  sections: [],
  own: [],
  library: false,
  optional: false,
  ...definition,
});

/** The pages of the trade. Categories and products add one each. To add a kind, write an entry. */
export const pageDefinitions: readonly PageDefinition[] = [
  page({
    kind: 'home',
    name: 'Home',
    path: '',
    because: always('The front door.'),
    visitorGets: 'What you sell, why yours, and the way to everything else.',
    doNext: 'Show it to someone who doesn’t know you, for five seconds, and ask what you sell.',
    sections: [
      'opening',
      'buy-one',
      'featured',
      'numbers',
      'why',
      'categories',
      'offer',
      'steps',
      'price-table',
      'story',
      'video',
      'people',
      'reviews',
      'gallery',
      'hours',
      'map',
      'posted',
      'extracts',
      'questions',
      'newsletter',
      'contact',
    ],
    own: ['opening'],
  }),
  page({
    kind: 'shop',
    name: 'Shop',
    path: 'shop/',
    inMenu: true,
    inFooter: true,
    because: always('Everything that you sell, in one place.'),
    visitorGets: 'All goods, sorted as they like.',
    doNext: 'Put best sellers first in your list.',
    sections: ['listing'],
    own: ['listing'],
  }),
  page({
    kind: 'appointments',
    name: 'Appointments',
    path: 'appointments/',
    inMenu: true,
    inFooter: true,
    library: true,
    optional: true,
    because: (known) => {
      const spoken = known.catalogue.products.filter((product) => product.kind === 'appointment').length;
      const asked = wished(known, 'appointments', 'Your brief asks for appointments.');
      return asked ?? (spoken > 1 ? reason(`${spoken} of your goods are appointments.`) : null);
    },
    visitorGets: 'What can be booked, what it costs and how to ask for a time.',
    doNext: 'Say at Goods how long each takes.',
    sections: ['price-table', 'steps', 'hours', 'form'],
    own: ['price-table', 'form'],
  }),
  page({
    kind: 'gift-cards',
    name: 'Gift cards',
    path: 'gift-cards/',
    inFooter: true,
    library: true,
    optional: true,
    because: (known) => {
      const cards = known.catalogue.products.filter((product) => product.kind === 'gift-card');
      const asked = wished(known, 'gift-cards', 'Your brief asks for gift cards.');
      return cards.length ? reason('Your list has a gift card.') : asked;
    },
    visitorGets: 'A present when they don’t know which one to take.',
    doNext: 'Buy one yourself, to see what arrives.',
    sections: ['featured'],
    own: ['featured'],
  }),
  page({
    kind: 'about',
    name: 'About',
    path: 'about/',
    inMenu: true,
    inFooter: true,
    optional: true,
    library: true,
    because: always('Strangers buy from people that they know something about.'),
    visitorGets: 'Who you are, and how the work is done.',
    doNext: 'Add a picture of yourself at work.',
    sections: ['article', 'people'],
    own: ['article'],
  }),
  page({
    kind: 'gallery',
    name: 'Gallery',
    path: 'gallery/',
    inMenu: true,
    inFooter: true,
    library: true,
    optional: true,
    because: (known) => wished(known, 'gallery', 'Your brief asks for a gallery.'),
    visitorGets: 'Pictures, large and many.',
    doNext: 'Leave out every picture that is only nearly good.',
    sections: ['gallery'],
    own: ['gallery'],
  }),
  page({
    kind: 'journal',
    name: 'Journal',
    path: 'journal/',
    inMenu: true,
    inFooter: true,
    library: true,
    optional: true,
    because: (known) => wished(known, 'journal', 'Your brief asks for a journal.'),
    visitorGets: 'What you do when you aren’t selling.',
    doNext: 'Write the first entry: what you did this week.',
    sections: ['posts'],
    own: ['posts'],
  }),
  page({
    kind: 'questions',
    name: 'Questions and answers',
    path: 'questions/',
    inFooter: true,
    library: true,
    optional: true,
    because: (known) => {
      const asked = wished(known, 'questions', 'Your brief asks for answers to the usual questions.');
      const told = known.reading.statements.filter((statement) => statement.topics.includes('detail'));
      return asked ?? (told.length >= 3 ? reasonFrom('Your brief answers what buyers of such things ask.', told) : null);
    },
    visitorGets: 'An answer without having to write to you.',
    doNext: 'Add what you were asked this week.',
    sections: ['questions', 'details', 'contact'],
    own: ['questions'],
  }),
  page({
    kind: 'contact',
    name: 'Contact',
    path: 'contact/',
    inMenu: true,
    inFooter: true,
    because: always('Buyers look for a person when something goes wrong.'),
    visitorGets: 'A way to reach a person.',
    doNext: 'Ring the number and write to the address once, to see that both work.',
    sections: ['contact', 'form', 'hours', 'map'],
    own: ['contact'],
  }),
  page({
    kind: 'delivery',
    name: 'Delivery and returns',
    path: 'delivery/',
    inFooter: true,
    because: always('The second question of every buyer.'),
    visitorGets: 'What delivery costs, where to, and how to send things back.',
    doNext: 'Check the rates at the till.',
    sections: ['rates'],
    own: ['rates'],
  }),
  page({
    kind: 'refunds',
    name: 'Refunds',
    path: 'refunds/',
    inFooter: true,
    library: true,
    optional: true,
    because: ({ rules }) => (rules.returnsDays !== null ? reason('The till takes goods back, so buyers ask how.') : null),
    visitorGets: 'How to send something back, and when the money comes.',
    doNext: 'Have someone who knows your country’s law read it.',
    sections: ['clauses'],
    own: ['clauses'],
  }),
  page({
    kind: 'privacy',
    name: 'Privacy',
    path: 'privacy/',
    inFooter: true,
    because: always('The shop keeps names and addresses; the law asks you to say so.'),
    visitorGets: 'What is kept of them, and why.',
    doNext: 'Have someone who knows your country’s law read it.',
    sections: ['clauses'],
    own: ['clauses'],
  }),
  page({
    kind: 'terms',
    name: 'Terms',
    path: 'terms/',
    inFooter: true,
    because: always('What buyer and seller agree to; consent is asked for at checkout.'),
    visitorGets: 'What they agree to.',
    doNext: 'Have someone who knows your country’s law read it.',
    sections: ['clauses'],
    own: ['clauses'],
  }),
  page({
    kind: 'campaign',
    name: 'Campaign page',
    path: 'campaign/',
    library: true,
    optional: true,
    because: () => null,
    visitorGets: 'One offer or one thing, without anything else to click.',
    doNext: 'Link to it from where you tell people of it.',
    sections: ['free-text', 'offer', 'featured', 'newsletter'],
    own: ['free-text', 'featured'],
  }),
  page({
    kind: 'page',
    name: 'Page of your own',
    path: 'page/',
    inFooter: true,
    library: true,
    optional: true,
    because: () => null,
    visitorGets: 'Whatever you want to tell.',
    doNext: 'Give it a name that says what is on it.',
    sections: ['free-text'],
    own: ['free-text'],
  }),
  page({
    kind: 'search',
    name: 'Search',
    path: 'search/',
    listed: false,
    because: always('For those who know what they want.'),
    visitorGets: 'Any product by a word of its name.',
    doNext: 'Nothing; it follows from the goods.',
    sections: ['search'],
    own: ['search'],
  }),
  page({
    kind: 'cart',
    name: 'Cart',
    path: 'cart/',
    listed: false,
    because: always('Nothing is sold without it.'),
    visitorGets: 'What they chose, and what it comes to.',
    doNext: 'Buy something yourself.',
    sections: ['cart'],
    own: ['cart'],
  }),
  page({
    kind: 'checkout',
    name: 'Checkout',
    path: 'checkout/',
    listed: false,
    because: always('Nothing is sold without it.'),
    visitorGets: 'One page from cart to paid.',
    doNext: 'Buy something yourself.',
    sections: ['checkout'],
    own: ['checkout'],
  }),
  page({
    kind: 'thanks',
    name: 'Thank you',
    path: 'thank-you/',
    listed: false,
    because: always('A buyer wants to know that it worked.'),
    visitorGets: 'The order’s number and what happens now.',
    doNext: 'Buy something yourself.',
    sections: ['thanks'],
    own: ['thanks'],
  }),
  page({
    kind: 'missing',
    name: 'Not found',
    path: '404.html',
    listed: false,
    because: always('Addresses age.'),
    visitorGets: 'A way back when a link is old.',
    doNext: 'Nothing.',
    sections: ['missing'],
    own: ['missing'],
  }),
];

export const pageDefinition = (kind: PageKind): PageDefinition | undefined =>
  pageDefinitions.find((definition) => definition.kind === kind);

/** Pages that sellers can add. */
export const pageLibrary: readonly PageDefinition[] = pageDefinitions.filter((definition) => definition.library);

/** What the goal of the site brings up, right after the opening. */
export const liftedBy: Record<string, readonly SectionKind[]> = {
  visits: ['hours', 'map'],
  bookings: ['price-table', 'steps'],
  enquiries: ['steps', 'form'],
  subscribers: ['newsletter'],
  known: ['story', 'people'],
};
