import { reason, reasonFrom, wished, type Known } from '../page';
import { type SectionDefinition } from './definition';

const reduced = ({ catalogue }: Known) =>
  catalogue.products.filter((product) => product.variants.some((variant) => variant.earlierPrice));
const spoken = ({ catalogue }: Known) => catalogue.products.filter((product) => product.kind === 'appointment');

/** Sections that lead to a purchase. */
export const selling: readonly SectionDefinition[] = [
  {
    kind: 'opening',
    label: 'Opening',
    visitorGets: 'In three seconds: what you sell, and why yours.',
    doNext: 'Read the headline aloud. If a competitor could say it, choose another.',
    because: () => reason('Every visitor lands here first.'),
    library: false,
    arrangements: [
      { id: 'pictured', label: 'Words and pictures' },
      { id: 'spoken', label: 'Words alone' },
    ],
  },
  {
    kind: 'featured',
    label: 'Featured goods',
    visitorGets: 'Real things with prices, one click from the cart.',
    doNext: 'Put your best seller first in the list.',
    because: ({ catalogue }) =>
      catalogue.products.length > 1
        ? reason(`Your list has ${catalogue.products.length} things; a few of them should be seen at once.`)
        : null,
    needs: 'goods',
    library: true,
    arrangements: [
      { id: 'shelf', label: 'On a shelf' },
      { id: 'row', label: 'In one row to slide' },
    ],
  },
  {
    kind: 'buy-one',
    label: 'One thing to buy',
    visitorGets: 'Your one thing, with its price and the button.',
    doNext: 'Show it in use in its first picture.',
    because: ({ catalogue }) =>
      catalogue.products.length === 1 ? reason('You sell one thing, so it may have the front page.') : null,
    needs: 'goods',
    library: true,
    arrangements: [
      { id: 'beside', label: 'Picture beside words' },
      { id: 'under', label: 'Picture above words' },
    ],
  },
  {
    kind: 'categories',
    label: 'Categories',
    visitorGets: 'The way to the right shelf without searching.',
    doNext: 'Rename categories in your list to words that buyers use.',
    because: ({ catalogue }) =>
      catalogue.categories.length > 1 ? reason(`Your goods fall into ${catalogue.categories.length} categories.`) : null,
    needs: 'categories in your list',
    library: true,
    arrangements: [
      { id: 'list', label: 'Names in a list' },
      { id: 'pictures', label: 'With pictures' },
    ],
  },
  {
    kind: 'offer',
    label: 'Offer',
    visitorGets: 'What is cheaper just now, and until when.',
    doNext: 'Take it out when it ends; the till knows the date.',
    because: (known) => {
      const cheaper = reduced(known);
      const codes = known.rules.codes.length;
      if (!cheaper.length && !codes) return null;
      return reason(
        cheaper.length
          ? `${cheaper.length} of your goods ${cheaper.length === 1 ? 'has' : 'have'} an earlier price in the list.`
          : 'The till has a discount code to tell of.',
      );
    },
    asked: (known) => wished(known, 'offer', 'Your brief asks for offers.'),
    library: true,
    arrangements: [
      { id: 'band', label: 'A band across' },
      { id: 'notice', label: 'A boxed notice' },
    ],
    asks: [{ slot: 'text', prompt: 'What is on offer, and until when?' }],
  },
  {
    kind: 'price-table',
    label: 'Price table',
    visitorGets: 'All prices at a glance, without opening each page.',
    doNext: 'Look whether the order of rows is the order of questions.',
    because: (known) =>
      spoken(known).length > 1 ? reason('You sell appointments, and people compare their prices first.') : null,
    asked: (known) =>
      known.catalogue.products.length ? wished(known, 'price-table', 'Your brief asks for a table of prices.') : null,
    needs: 'goods',
    library: true,
    arrangements: [
      { id: 'table', label: 'One table' },
      { id: 'columns', label: 'Columns by category' },
    ],
  },
  {
    kind: 'gallery',
    label: 'Gallery',
    visitorGets: 'What your things look like, before any words.',
    doNext: 'Leave out every picture that is only nearly good.',
    because: () => null,
    asked: (known) =>
      known.catalogue.products.some((product) => product.pictures.length)
        ? wished(known, 'gallery', 'Your brief asks for pictures to look at.')
        : null,
    needs: 'pictures of your goods',
    library: true,
    arrangements: [
      { id: 'wall', label: 'A wall of pictures' },
      { id: 'walk', label: 'In a row to walk along' },
    ],
  },
  {
    kind: 'posted',
    label: 'Pictures posted elsewhere',
    visitorGets: 'Proof that there is life behind the shop, and a place to follow it.',
    doNext: 'Post one picture a week there, or take this out.',
    because: ({ reading, catalogue }) =>
      reading.links.some((link) => link.value.includes('/')) &&
      catalogue.products.filter((product) => product.pictures.length).length >= 4
        ? reasonFrom('Your brief names a place where you post pictures.', reading.links)
        : null,
    asked: (known) => wished(known, 'posted', 'Your brief asks for the pictures that you post elsewhere.'),
    library: true,
    arrangements: [
      { id: 'strip', label: 'A strip' },
      { id: 'corner', label: 'Beside its link' },
    ],
    asks: [{ slot: 'address', prompt: 'Where do you post? Write the address.' }],
  },
];
