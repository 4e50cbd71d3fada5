import { priceRange } from '../goods';
import { type Known, type Page } from '../plan';
import { formatMoney } from '../till';
import { capitalised, fit, inSentence, numberWords } from './grammar';
import { type Harvest } from './harvest';

/** How a page presents itself to search engines and in shared links. */
export interface PageMeta {
  /** Up to about 60 characters, which is what result lists show (common practice). */
  title: string;
  /** Up to about 155 characters (common practice). */
  description: string;
}

/** Titles and descriptions from facts alone, different for every page. */
export function pageMeta(page: Page, known: Known, harvest: Harvest): PageMeta {
  const { reading, catalogue } = known;
  const name = reading.name?.value ?? 'Shop';
  const what = reading.sells[0]?.value;
  const place = reading.place?.value;
  const money = (amount: number) => formatMoney(amount, known.rules);
  const lowest = (products: typeof catalogue.products) => Math.min(...products.map((p) => priceRange(p).low));
  const tail = ` – ${name}`;
  const titled = (text: string) => (text.length + tail.length <= 64 ? text + tail : fit(text, 64));
  if (page.kind === 'home') {
    const about = [what, place].filter(Boolean).join(', ');
    const count = catalogue.products.length;
    const goods = count
      ? `${capitalised(numberWords(count))} ${count === 1 ? 'product' : 'products'} from ${money(lowest(catalogue.products))}.`
      : '';
    return {
      title: about ? fit(`${name} – ${about}`, 64) : name,
      description: fit([harvest.lead?.text ?? harvest.headline?.text ?? '', goods].filter(Boolean).join(' ') || name, 158),
    };
  }
  if (page.category) {
    const { products } = page.category;
    return {
      title: titled(page.category.name),
      description: fit(
        `${capitalised(inSentence(page.category.name))} by ${name}: ${numberWords(products.length)} ${products.length === 1 ? 'product' : 'products'} from ${money(lowest(products))}.`,
        158,
      ),
    };
  }
  if (page.product) {
    const { low } = priceRange(page.product);
    const about = page.product.description || page.product.categories.join(', ');
    return {
      title: titled(page.product.title),
      description: fit(`${page.product.title}, from ${money(low)}. ${about}`.trim(), 158),
    };
  }
  const says: Record<string, string> = {
    shop: catalogue.products.length
      ? `Everything that ${name} sells: ${numberWords(catalogue.products.length)} products from ${money(lowest(catalogue.products))}.`
      : `What ${name} sells.`,
    about: fit(harvest.story[0]?.text ?? harvest.about[0]?.text ?? `About ${name}.`, 120) + (what ? ` About ${name}.` : ''),
    contact: `How to reach ${name}${place ? ` in ${place}` : ''}${reading.phone ? `: ${reading.phone.value}` : ''}.`,
    delivery: `What delivery from ${name} costs, where it goes, and how to send something back.`,
    privacy: `What ${name} keeps about its buyers, and why.`,
    terms: `What you and ${name} agree to when you order.`,
  };
  return { title: titled(page.name), description: fit(says[page.kind] ?? `${page.name} at ${name}.`, 158) };
}
