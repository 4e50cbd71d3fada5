import { reason, reasonFrom, type Because, type Known, type SectionKind } from '../page';
import { type SectionDefinition } from './definition';

const fixed = (
  kind: SectionKind,
  label: string,
  visitorGets: string,
  doNext: string,
  because: string | ((known: Known) => Because | null),
): SectionDefinition => ({
  kind,
  label,
  visitorGets,
  doNext,
  because: typeof because === 'string' ? () => reason(because) : because,
  library: false,
  arrangements: [],
});

/** What pages are made of: it comes and goes with its page. */
export const fixedSections: readonly SectionDefinition[] = [
  fixed(
    'listing',
    'Goods',
    'Everything on this shelf, sorted as they like.',
    'Look whether the first six make you want to go on.',
    'A shelf shows what is on it.',
  ),
  fixed(
    'product',
    'Product',
    'Pictures, price, choice, stock, and the button.',
    'Give it a description of its own in the list.',
    'Each product has a page that can be found and shared.',
  ),
  fixed(
    'related',
    'More like it',
    'Somewhere to go when this is not quite it.',
    'Nothing; it follows from the categories.',
    ({ catalogue }) => (catalogue.products.length > 1 ? reason('It shares a category with other goods.') : null),
  ),
  fixed('article', 'Text', 'The whole story, as you told it.', 'Read it once as a stranger would.', ({ reading }) =>
    reading.statements.length
      ? reasonFrom('Your brief says more about you than the home page holds.', reading.statements.slice(0, 6))
      : null,
  ),
  fixed(
    'posts',
    'Entries',
    'What you wrote, newest first.',
    'Write the first entry: what you did this week.',
    'A journal is its entries.',
  ),
  fixed(
    'rates',
    'Delivery and returns',
    'What delivery costs, where to, and how to send things back.',
    'Check the rates at the till.',
    'Buyers look for this before they pay, and the law asks for it.',
  ),
  fixed(
    'clauses',
    'Clauses',
    'What they agree to.',
    'Have someone who knows your country’s law read it.',
    'A shop has to say this.',
  ),
  fixed(
    'search',
    'Search',
    'Any product by a word of its name.',
    'Nothing; it follows from the goods.',
    'A shop with more than a shelf is searched.',
  ),
  fixed('cart', 'Cart', 'What they chose, and what it comes to.', 'Buy something yourself.', 'Nothing is sold without it.'),
  fixed('checkout', 'Checkout', 'One page from cart to paid.', 'Buy something yourself.', 'Nothing is sold without it.'),
  fixed(
    'thanks',
    'Thank you',
    'The order’s number and what happens now.',
    'Buy something yourself.',
    'A buyer wants to know that it worked.',
  ),
  fixed('missing', 'Not found', 'A way back when a link is old.', 'Nothing.', 'Addresses age; visitors should not hit a wall.'),
];
