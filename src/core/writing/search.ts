import { plainProse } from '../prose';
import { pricesOf, toldOf } from '../goods';
import { type Product } from '../goods/about';
import { type Known, type Page } from '../plan';
import { formatMoney } from '../till';
import { phrasesOf } from '../phrases';
import { capitalised, describe, fit, type Harvest, type Text } from '../words';

/** How a page presents itself to search engines and in shared links. */
export interface PageMeta {
  /** Up to about 60 characters, which is what result lists show (common practice). */
  title: string;
  /** Up to about 155 characters (common practice). */
  description: string;
}

const longestTitle = 64;
const longestDescription = 158;
/** Shorter ones say too little (common practice). */
const shortestDescription = 50;

/** Writes titles and descriptions from facts alone, different for every page. Goods of one name are told apart by what differs. */
export function metaWriter(known: Known, harvest: Harvest): (page: Page) => PageMeta {
  const names = distinctNames(known.catalogue.products, phrasesOf(known.rules).search.numbered);
  return (page) => pageMeta(page, known, harvest, names);
}

/** Titles by product, each once: with the shelf, the code or a number where the list gives one name twice. */
function distinctNames(products: readonly Product[], numbered: (title: string, n: number) => string): Map<string, string> {
  const taken = new Set<string>();
  const names = new Map<string, string>();
  for (const product of products) {
    const code = product.variants[0]?.sku;
    const tries = [product.title, `${product.title}, ${product.categories[0] ?? ''}`, `${product.title}, ${code ?? ''}`];
    let name = tries.find((one) => !/, $/.test(one) && !taken.has(one.toLowerCase()));
    for (let n = 2; !name; n++) {
      const next = numbered(product.title, n);
      if (!taken.has(next.toLowerCase())) name = next;
    }
    taken.add(name.toLowerCase());
    names.set(product.id, name);
  }
  return names;
}

/** What is told at the beginning of a page, in whole sentences where they fit; else what can be said of any. */
const told = ([first]: readonly Text[], otherwise: string): string =>
  first && first.text.length >= shortestDescription ? first.text : otherwise;

/** What the list says of a product that nobody has described: its particulars, or where it stands. */
const particularsOf = ({ particulars, categories }: Product): string =>
  toldOf(particulars)
    .slice(0, 3)
    .map(({ name, value }) => (name === null ? `${value}.` : `${name}: ${value}.`))
    .join(' ') ||
  (categories[0] ?? '');

function pageMeta(page: Page, known: Known, harvest: Harvest, names: ReadonlyMap<string, string>): PageMeta {
  const { reading, catalogue, rules } = known;
  const say = phrasesOf(rules).search;
  const own = reading.name?.value ?? null;
  const name = own ?? say.thisShop;
  const what = reading.sells[0]?.value;
  const place = reading.place?.value ?? null;
  const leastOf = (products: readonly Product[]) => {
    const range = pricesOf(products);
    return range && formatMoney(range.low, rules);
  };
  const tail = own ? ` – ${own}` : '';
  const titled = (text: string) => (text.length + tail.length <= longestTitle ? text + tail : fit(text, longestTitle));
  const described = (text: string) => fit(text, longestDescription);
  const count = catalogue.products.length;
  if (page.kind === 'home') {
    const about = [what, place].filter(Boolean).join(', ');
    const goods = count ? say.goods(count, leastOf(catalogue.products)) : '';
    return {
      title: fit(own && about ? `${own} – ${about}` : (own ?? (capitalised(about) || page.name)), longestTitle),
      description: described(
        [harvest.lead?.text ?? harvest.headline?.text ?? '', goods].filter(Boolean).join(' ') || capitalised(name),
      ),
    };
  }
  if (page.category) {
    const { products } = page.category;
    const shown = products.slice(0, 3).map((product) => product.title);
    return {
      title: titled(page.name),
      description: described(say.shelf(page.name, own, products.length, leastOf(products), shown)),
    };
  }
  if (page.product) return { title: titled(nameOf(page.product, names)), description: described(ofProduct(page.product)) };
  const says: Partial<Record<Page['kind'], () => string>> = {
    shop: () => say.shop(name, count, leastOf(catalogue.products)),
    about: () => told(harvest.about, say.about(name, place)),
    contact: () => say.contact(name, place, reading.phone?.value ?? null),
    questions: () => say.questions(name),
    gallery: () => say.gallery(name, place),
    journal: () => say.journal(name, place),
    appointments: () => say.appointments(name, place),
    'gift-cards': () => say['gift-cards'](name),
    delivery: () => told(harvest.delivery, say.delivery(name)),
    privacy: () => say.privacy(name),
    refunds: () => say.refunds(name),
    terms: () => say.terms(name),
  };
  return { title: titled(page.name), description: described(says[page.kind]?.() ?? say.other(page.name, name)) };

  /** What is told of a thing, then its price; its price first where nothing is told that opens with its name. */
  function ofProduct(product: Product): string {
    const title = nameOf(product, names);
    const about = plainProse(describe(product, rules).text);
    const least = leastOf([product]);
    if (about.toLowerCase().startsWith(product.title.toLowerCase()))
      return `${title}${about.slice(product.title.length)}${least ? ` ${say.from(least)}` : ''}`;
    return `${least ? say.titleFrom(title, least) : title}. ${about || particularsOf(product)}`.trim();
  }
}

const nameOf = (product: Product, names: ReadonlyMap<string, string>): string => names.get(product.id) ?? product.title;
