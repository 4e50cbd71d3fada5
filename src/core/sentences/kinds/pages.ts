import { clear, planPlaces, set, textPlace } from '../../places';
import { ownKey } from '../../sections/about';
import { isSmallWord } from '../../words';
import { tokensOf } from '../tokens';
import { canListShelves, freshId, holdersFor, pageLibrary, type Page } from '../../plan';
import { isNamed } from '../../plan/about';
import { pageOut as outOf } from '../../requests';
import {
  asName,
  categoriesNamed,
  defineSentence,
  denies,
  firmNo,
  hears,
  no,
  pageHere,
  pagesNamed,
  textNamed,
  type Found,
  type No,
  type Said,
} from '../said';
import { capitalised } from '../../capitalised';

const noPage = 'Which page? Say its name as the plan has it.';

/** Words that a page is asked for with, before its name. */
const leadsUp = new Set([
  'a',
  'an',
  'the',
  'our',
  'my',
  'new',
  'need',
  'we',
  'i',
  'want',
  'make',
  'create',
  'add',
  'page',
  'extra',
  'another',
  'one',
  'more',
  'please',
  'like',
  'would',
  "i'd",
  "we'd",
  'with',
  'have',
  'could',
  'us',
  'me',
  'give',
  'build',
  'should',
  'there',
  'be',
]);
const tells = new Set(['about', 'on', 'for', 'with', 'called', 'named', 'of']);

/** What a new page is to be about: what is quoted, what follows "about", else the words before "page". */
function themeOf(said: Said): string | null {
  const { sentence } = said;
  const { tokens, text } = sentence;
  const at = tokens.findIndex(({ word }) => word === 'page' || word === 'pages');
  const quoted = sentence.slots.find(({ quote }) => quote !== undefined)?.quote;
  if (quoted !== undefined) return quoted;
  const colon = /:\s+(?=\S)/.exec(text);
  if (colon) return text.slice(colon.index + colon[0].length);
  const tell = tokens.findIndex(({ word }, i) => i > at && tells.has(word));
  const first = tokens[tell + 1];
  if (tell >= 0 && first) return text.slice(first.start);
  const before = tokens.slice(0, Math.max(0, at)).filter(({ word }) => !leadsUp.has(word));
  const [from] = before;
  return from ? text.slice(from.start, before.at(-1)?.end) : null;
}

const mostPassages = 5;

/** "Dye", "dyed" and "dyes" are forms of one word. */
function isFormOf(a: string, b: string): boolean {
  const [short, long] = a.length < b.length ? [a, b] : [b, a];
  return long.startsWith(short) && /^(?:s|d|ed|es|ing|r|er|ers)?$/.test(long.slice(short.length));
}

/** What the seller has told of something, in their own words: sentences that may be printed, then descriptions of goods. */
function toldOf(theme: string, { shop }: Said): string[] {
  const telling = (text: string) => tokensOf(text).flatMap(({ word }) => (word.length < 3 || isSmallWord(word) ? [] : [word]));
  const asked = telling(theme);
  const shared = (text: string) => {
    const heard = telling(text);
    return asked.filter((word) => heard.some((other) => isFormOf(word, other))).length;
  };
  const best = <T>(all: readonly T[], text: (one: T) => string): T[] => {
    const met = all.map((one, i) => ({ one, i, score: shared(text(one)) })).filter(({ score }) => score > 0);
    const chosen = met.sort((a, b) => b.score - a.score || a.i - b.i).slice(0, mostPassages);
    return chosen.sort((a, b) => a.i - b.i).map(({ one }) => one);
  };
  const sentences = best(shop.reading.statements, ({ text }) => text).map(({ text }) => text);
  const goods = best(
    shop.catalogue.products.filter(({ description }) => description !== ''),
    ({ title, description }) => `${title} ${description}`,
  ).map(({ title, description }) => `${title}: ${description}`);
  return [...sentences, ...goods].slice(0, mostPassages).filter((text) => text.length <= longestPassage);
}

/** Characters that fit into a passage. */
const longestPassage = 1200;

export const page = defineSentence({
  kind: 'page',
  affirms: true,
  offers: 'Make a page: “a page about how we dye with plants”',
  at: ['page'],
  words: [
    'a page about workshops',
    'make a page on how we do it',
    'a new page called {quote}',
    'we need a page for our customers',
    'page: {quote}',
    'add a page {quote}',
    'create another page about the history',
    'I would like an extra page on care',
    'a page that tells how it is made',
    'we want an events page',
    'one more page, about fairs',
  ],
  reads: (said) => {
    const theme = themeOf(said);
    const name = theme && capitalised(asName(theme).replace(/\s+please$/i, ''));
    if (!name) return no('A page about what? Say it like “a page about how we dye”.');
    if (name.length > 120) return no(`A page’s name has at most 120 characters, and this has ${name.length}.`);
    const { pages } = said.shop;
    const there = pages.find((one) => isNamed(one) && one.name.toLowerCase() === name.toLowerCase());
    if (there) return firmNo(`There is a page “${there.name}” already.`);
    const added = said.decided.all(planPlaces.addedPage).map(({ parts: [id] }) => id);
    const taken = [...pages.map(({ id }) => id), ...added];
    // A page of a kind that Arcatum knows is made as that; what is of no kind is a page of one's own.
    const known = pageLibrary.find((one) => one.name.toLowerCase() === name.toLowerCase() && !taken.includes(one.kind));
    const kind = known?.kind ?? 'page';
    const id = freshId(kind, taken);
    const told = kind === 'page' ? toldOf(theme, said) : [];
    return {
      wishes: [
        set(planPlaces.addedPage(id), { kind, name }),
        set(planPlaces.inMenu(id), true),
        ...told.map((text, i) => set(textPlace(id, 'free-text', { field: 'passages', key: ownKey(i + 1), part: 'text' }), text)),
        ...(told.length ? [set(textPlace(id, 'free-text', { field: 'heading' }), name)] : []),
      ],
      act: { do: 'go', page: id },
      says:
        told.length || kind !== 'page'
          ? `A page more: “${name}”, in menu and footer${told.length ? `, with ${told.length} ${told.length === 1 ? 'passage' : 'passages'} of yours` : ''}.`
          : `A page more: “${name}”. Nothing that you told speaks of it, so it waits for your words.`,
      of: { text: theme },
    };
  },
});

export const pageName = defineSentence({
  kind: 'page-name',
  offers: 'Name a page anew: “call the About page Who we are”',
  at: ['page', 'entry', 'footer-entry'],
  words: [
    'rename {page} to {quote}',
    'call the {page} page {quote}',
    '{page} should be called {quote}',
    'the page {page} must be named {quote}',
    'call it {quote}',
    'name this page {quote}',
    'change the name of {page} to {quote}',
    '{page} → {quote}',
    'rename this to {quote}',
  ],
  reads: (said) => {
    const one = pageHere(said);
    if (!one || !isNamed(one)) return no(noPage);
    const given = textNamed(said, { pages: true });
    const name = given && asName(given);
    if (!name || name.toLowerCase() === one.name.toLowerCase()) return no('Which name? Write it in quotes.');
    if (name.length > 120) return no(`A page’s name has at most 120 characters, and this has ${name.length}.`);
    return { wishes: [set(planPlaces.pageName(one.id), name)], of: { page: one.name, text: name } };
  },
});

/** "The Learn page", where no page is called so: it is not the one that is looked at. */
const namesUnknown = ({ sentence: { text } }: Said): boolean => /\b(?:the|our|my)\s+(?!whole\b)[\p{L}'’-]+\s+page\b/iu.test(text);

export const pageOut = defineSentence({
  kind: 'page-out',
  offers: 'Take a page out: “delete the gift cards page”',
  at: ['page', 'entry', 'footer-entry'],
  words: [
    'delete the {page} page',
    'remove {page}',
    'take the page {page} out',
    'throw away {page}',
    'we do not need the {page} page',
    'get rid of the page {page}',
    'drop {page}',
    'delete this page',
    '{page} page out',
  ],
  reads: (said) => {
    const one = pagesNamed(said)[0]?.page ?? (hears(said, 'page') && !namesUnknown(said) ? pageHere(said) : null);
    if (!one) return no(noPage);
    // Out of the menu is not out of the shop.
    if (hears(said, 'menu', 'navigation', 'nav', 'footer')) return no('Out of the shop altogether, or only out of the menu?');
    const out = outOf(said.shop, said.decided, one);
    if (!out) return firmNo(`A shop needs the page “${one.name}”. It can be taken out of the menu.`);
    return { wishes: out.wishes, of: { page: one.name } };
  },
});

export const pageBack = defineSentence({
  kind: 'page-back',
  offers: 'Bring a page back: “the questions page again”',
  at: ['page'],
  words: [
    'bring the page {quote} back',
    'put the about page back',
    'I want the gift cards page again',
    'restore the page {quote}',
  ],
  reads: (said) => {
    const heard = said.sentence.text.toLowerCase();
    const out = said.decided
      .all(planPlaces.pageHidden)
      .flatMap(({ parts: [id], value }) => (value && !said.shop.pages.some((one) => one.id === id) ? [id] : []));
    const id = out.find((one) => heard.includes(one.replace(/-/g, ' ')));
    if (!id) return no('No page of this name was taken out.');
    return { wishes: [clear(planPlaces.pageHidden(id))], of: { page: id } };
  },
});

const linked = (said: Said, place: typeof planPlaces.inMenu): Found | No => {
  const [category] = categoriesNamed(said);
  const ofCategory = category && said.shop.pages.find((one) => one.category?.name === category.name);
  const one: Page | null = pagesNamed(said)[0]?.page ?? ofCategory ?? pageHere(said);
  if (!one || !isNamed(one)) return no(noPage);
  const off = denies(said) || hears(said, 'out', 'remove', 'hide', 'delete', 'off', 'less', 'from');
  const wish = set(place(one.id), !off);
  return { wishes: [wish], of: { page: one.name, on: off ? 'no' : 'yes' } };
};

export const menu = defineSentence({
  kind: 'menu',
  offers: 'Put a page into the menu, or take it out: “Contact in the menu”',
  at: ['page', 'entry', 'menu'],
  words: [
    'put {page} in the menu',
    'take {page} out of the menu',
    'add {page} to the menu',
    '{page} should not be in the menu',
    'no {page} in the menu',
    'remove {page} from the menu',
    '{page} in the menu please',
    'menu without {page}',
    'show {page} in the navigation at the top',
    'take this out of the menu',
  ],
  reads: (said) => linked(said, planPlaces.inMenu),
});

export const menuUnder = defineSentence({
  kind: 'menu-under',
  offers: 'Put a page under another in the menu: “Contact under About in the menu”',
  at: ['page', 'entry', 'menu'],
  words: [
    'put {page} under {page} in the menu',
    '{page} under {page} in the menu',
    'in the menu {page} should stand under {page}',
    'nest {page} below {page} in the menu',
    'make {page} a sub-entry of {page}',
    '{page} belongs under {page} in the navigation',
    'a drop-down under {page} with {page} in it',
    'tuck {page} beneath {page}',
    'take {page} out from under {page}',
    '{page} should stand by itself in the menu again',
  ],
  reads: (said): Found | No => {
    const named = pagesNamed(said).map(({ page }) => page);
    const isAlone = denies(said) || hears(said, 'itself', 'alone', 'again') || (hears(said, 'out') && hears(said, 'from'));
    const holds = hears(said, 'dropdown', 'drop', 'with') && named.length > 1;
    const [one = pageHere(said), above = null] = holds ? [...named].reverse() : named;
    if (!one) return no(noPage);
    if (isAlone)
      return one.under === null
        ? no(`“${one.name}” stands by itself in the menu already.`)
        : { wishes: [clear(planPlaces.under(one.id))], of: { page: one.name, on: 'no' } };
    if (!above || above.id === one.id) return no('Say under which page it is to stand: “Contact under About in the menu”.');
    if (!holdersFor(said.shop.pages, one).some(({ id }) => id === above.id))
      return no(
        `“${one.name}” can’t stand under “${above.name}”: both have to be in the menu, “${above.name}” by itself and nothing under “${one.name}”.`,
      );
    return { wishes: [set(planPlaces.under(one.id), above.id)], of: { page: one.name, under: above.name } };
  },
});

export const menuShelves = defineSentence({
  kind: 'menu-shelves',
  offers: 'List the shelves in the menu, or not: “the categories in the menu”',
  at: ['page', 'entry', 'menu'],
  words: [
    'put the categories in the menu',
    'list the shelves in the menu',
    'show all categories under {page} in the menu',
    'I want the categories in the navigation',
    'a drop-down with the categories',
    'a submenu with the shelves',
    'no categories in the menu',
    'take the shelves out of the menu',
    'the menu should not list the categories',
    'menu without the categories',
  ],
  reads: (said) => {
    const off = denies(said) || hears(said, 'out', 'remove', 'hide', 'delete', 'off', 'without');
    if (off === !said.shop.shelvesInMenu)
      return no(off ? 'The shelves are not in the menu.' : 'The shelves are in the menu already.');
    if (!off && !canListShelves(said.shop.pages))
      return no('There are no two shelves to list, or the page with all goods is not in the menu.');
    return {
      wishes: [off ? clear(planPlaces.shelvesInMenu) : set(planPlaces.shelvesInMenu, true)],
      of: { on: off ? 'no' : 'yes' },
    };
  },
});

export const footer = defineSentence({
  kind: 'footer',
  offers: 'Put a page into the footer, or take it out: “no Terms in the footer”',
  at: ['page', 'footer-entry', 'footer'],
  words: [
    'put {page} in the footer',
    'take {page} out of the footer',
    'add {page} to the footer',
    '{page} should not be in the footer',
    'no {page} in the footer',
    'remove {page} from the footer',
    '{page} at the foot of the page',
    'footer without {page}',
    'list {page} at the bottom of every page',
    'take this out of the footer',
  ],
  reads: (said) => linked(said, planPlaces.inFooter),
});

export const go = defineSentence({
  kind: 'go',
  offers: 'Look at another page: “show me the contact page”',
  at: ['page'],
  words: [
    'show me the {page} page',
    'go to {page}',
    'open {page}',
    'take me to {page}',
    'I want to see {page}',
    'look at {category}',
    'open the page of {product}',
  ],
  reads: (said) => {
    const [category] = categoriesNamed(said);
    const product = said.sentence.slots.find((slot) => slot.product)?.product;
    const one =
      pagesNamed(said)[0]?.page ??
      said.shop.pages.find((other) =>
        category ? other.category?.name === category.name : other.product && other.product.id === product?.id,
      );
    return one ? { act: { do: 'go', page: one.id }, says: `Go to “${one.name}”.`, of: { page: one.name } } : no(noPage);
  },
});
