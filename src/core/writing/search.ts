import { pricesOf } from '../goods';
import { type Product } from '../goods/about';
import { type Known, type Page } from '../plan';
import { formatMoney } from '../till';
import { capitalised, describe, fit, inSentence, listed, numberWords, type Harvest, type Text } from '../words';

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
  const names = distinctNames(known.catalogue.products);
  return (page) => pageMeta(page, known, harvest, names);
}

/** Titles by product, each once: with the shelf, the code or a number where the list gives one name twice. */
function distinctNames(products: readonly Product[]): Map<string, string> {
  const taken = new Set<string>();
  const names = new Map<string, string>();
  for (const product of products) {
    const code = product.variants[0]?.sku;
    const tries = [product.title, `${product.title}, ${product.categories[0] ?? ''}`, `${product.title}, ${code ?? ''}`];
    let name = tries.find((one) => !/, $/.test(one) && !taken.has(one.toLowerCase()));
    for (let n = 2; !name; n++) if (!taken.has(`${product.title}, no. ${n}`.toLowerCase())) name = `${product.title}, no. ${n}`;
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
  particulars
    .slice(0, 3)
    .map(({ name, value }) => `${name}: ${value}.`)
    .join(' ') ||
  (categories[0] ?? '');

function pageMeta(page: Page, known: Known, harvest: Harvest, names: ReadonlyMap<string, string>): PageMeta {
  const { reading, catalogue } = known;
  const own = reading.name?.value;
  const name = own ?? 'this shop';
  const what = reading.sells[0]?.value;
  const place = reading.place?.value;
  const money = (amount: number) => formatMoney(amount, known.rules);
  const from = (products: readonly Product[]) => {
    const range = pricesOf(products);
    return range ? ` from ${money(range.low)}` : '';
  };
  const tail = own ? ` – ${own}` : '';
  const titled = (text: string) => (text.length + tail.length <= longestTitle ? text + tail : fit(text, longestTitle));
  const count = catalogue.products.length;
  if (page.kind === 'home') {
    const about = [what, place].filter(Boolean).join(', ');
    const goods = count
      ? `${capitalised(numberWords(count))} ${count === 1 ? 'product' : 'products'}${from(catalogue.products)}.`
      : '';
    return {
      title: fit(own && about ? `${own} – ${about}` : (own ?? (capitalised(about) || page.name)), longestTitle),
      description: fit(
        [harvest.lead?.text ?? harvest.headline?.text ?? '', goods].filter(Boolean).join(' ') || capitalised(name),
        longestDescription,
      ),
    };
  }
  if (page.category) {
    const { products } = page.category;
    const shown = listed(products.slice(0, 3).map((product) => product.title));
    return {
      title: titled(page.name),
      description: fit(
        `${capitalised(inSentence(page.name))}${own ? ` by ${own}` : ''}: ${numberWords(products.length)} ${products.length === 1 ? 'product' : 'products'}${from(products)}. ${products.length > 1 ? `Among them ${shown}.` : shown}`,
        longestDescription,
      ),
    };
  }
  if (page.product) {
    const title = names.get(page.product.id) ?? page.product.title;
    const about = describe(page.product).text;
    const opens = about.toLowerCase().startsWith(page.product.title.toLowerCase());
    const said = from([page.product]).trim();
    const price = said ? (opens ? `F${said.slice(1)}` : `${title}, ${said}`) : opens ? '' : title;
    return {
      title: titled(title),
      description: fit(
        opens
          ? `${title}${about.slice(page.product.title.length)}${price ? ` ${price}.` : ''}`
          : `${price}. ${about || particularsOf(page.product)}`.trim(),
        longestDescription,
      ),
    };
  }
  const where = place ? ` in ${place}` : '';
  const says: Partial<Record<Page['kind'], () => string>> = {
    shop: () =>
      count ? `Everything that ${name} sells: ${numberWords(count)} products${from(catalogue.products)}.` : `What ${name} sells.`,
    about: () => told(harvest.about, `Who is behind ${name}${where}.`),
    contact: () => `How to reach ${name}${where}${reading.phone ? `: ${reading.phone.value}` : ''}.`,
    questions: () => `What buyers ask ${name} before they order, answered.`,
    gallery: () => `Pictures from ${name}${where}.`,
    journal: () => `What happens at ${name}${where}, written down.`,
    appointments: () => `What can be booked at ${name}${where}, and what it costs.`,
    'gift-cards': () => `Gift cards from ${name}, sent by e-mail.`,
    delivery: () => told(harvest.delivery, `What delivery from ${name} costs, where it goes, and how to send something back.`),
    privacy: () => `What ${name} keeps about its buyers, and why.`,
    refunds: () => `How to send something back to ${name}, and how the money returns.`,
    terms: () => `What you and ${name} agree to when you order.`,
  };
  return { title: titled(page.name), description: fit(says[page.kind]?.() ?? `${page.name}, at ${name}.`, longestDescription) };
}
