import { type ProductKind, type TaxClass } from '../about';
import { bare, saysManner } from '../cells/manners';
import { isLittleWord, readHeading } from '../columns/heading';

/** One row of goods with all of its cells understood, or asked about. */
export interface Record {
  row: number;
  sheet: string;
  title: string;
  description: string;
  /** Whether it looks as if it was put in to try the list. */
  isTrial: boolean;
  /** Minor units; null where it is not known what the thing costs. */
  price: number | null;
  earlierPrice: number | null;
  cost: number | null;
  categories: string[];
  /** What can be chosen, by the index of its column, or of the pair that names it. */
  options: Map<string, { name: string; value: string }>;
  sku: string;
  gtin: string;
  group: string;
  /** The id that Arcatum gave it, where the list is one that was taken out; else empty. */
  id: string;
  stock: number | null;
  weight: number | null;
  pictures: string[];
  kind: ProductKind;
  taxClass: TaxClass;
  particulars: Map<number, { name: string; value: string }>;
  /** What tells it apart where nothing else does: its weight, as it is written. */
  spares: Map<number, { name: string; value: string }>;
  /** Those of its particulars that are headed as something to choose. */
  offers: Set<number>;
  /** What has to be answered before it is sold. */
  asks: Set<'price' | 'stock' | 'money'>;
}

export const blankRecord = (row: number, sheet: string): Record => ({
  row,
  sheet,
  title: '',
  description: '',
  isTrial: false,
  price: null,
  earlierPrice: null,
  cost: null,
  categories: [],
  options: new Map(),
  sku: '',
  gtin: '',
  group: '',
  id: '',
  stock: null,
  weight: null,
  pictures: [],
  kind: 'physical',
  taxClass: 'standard',
  particulars: new Map(),
  spares: new Map(),
  offers: new Set(),
  asks: new Set(),
});

/** No price, nothing, or one of something: what somebody types to see what happens. */
const noPrice = /^(?:\s*|\D*(?:0+|1)(?:[.,]0+)?\D*)$/;

/** What of a row tells whether it was put in to try the list. */
interface Tried {
  title: string;
  description: string;
  price: string;
  cells: readonly string[];
  /** Of the column of names. */
  heading: string;
  /** What rows of the list that do have a price are called, as `calledWithoutNumber` says it. */
  priced: ReadonlySet<string>;
}

/** “Product 12” is called “product”. */
const calledWithoutNumber = (title: string): string => bare(title).replace(/[\s\d#_-]+$/, '');

/** What rows that do have a price are called, but for their numbers. */
export const calledAtPrice = (rows: readonly { title: string; price: string }[]): ReadonlySet<string> =>
  new Set(rows.filter(({ price }) => !noPrice.test(price)).map(({ title }) => calledWithoutNumber(title)));

/** Rows that a table came with, or that were put in to try it: "Sample product", "Test", "Lorem ipsum". */
export function isPlaceholder(tried: Tried): boolean {
  const { title, description, price, cells, heading, priced } = tried;
  // "Sample product – red" is one as well; "Sample – 30 ml" is sold.
  const [before = ''] = title.split(/\s[–—-]\s|\s\(/);
  if (before !== title && /\S\s+\S/.test(before) && isPlaceholder({ ...tried, title: before })) return true;
  if (/\blorem ipsum\b/i.test(`${title} ${description}`)) return true;
  // In whatever language it is called one, a cell beside it says "test", at no price.
  if (price && noPrice.test(price) && cells.some((cell) => saysManner('example', cell))) return true;
  const words = calledWithoutNumber(title)
    .split(/[\s_-]+/)
    .filter(Boolean);
  const [first = ''] = words;
  // An example that costs nothing is one, whatever it is an example of.
  if (words.length > 1 && saysManner('example', first) && noPrice.test(price)) return true;
  if (!words.length || words.length > 4) return false;
  const isGeneral = (word: string) => (readHeading(word).thing ?? 0) >= 1 || (readHeading(word).title ?? 0) >= 2;
  // "Product 1" at no price, where no other that is called so has one.
  const isSoldElse = priced.has(calledWithoutNumber(title));
  if (words.length === 1)
    return (
      saysManner('example', first) ||
      isCompoundExample(first) ||
      (isGeneral(first) && price !== '' && noPrice.test(price) && !isSoldElse)
    );
  // "Your product here", "Name of the item": words for goods in general, and none for what they are.
  if (words.some(isGeneral) && words.every((word) => isGeneral(word) || isLittleWord(word))) return true;
  // "Your pot here", in a list of pots, at no price.
  const isHeaded = (word: string) =>
    word.length > 2 &&
    bare(heading)
      .split(/[\s_-]+/)
      .some((one) => one === word || `${one}s` === word || one === `${word}s`);
  if (
    noPrice.test(price) &&
    words.some(isLittleWord) &&
    words.some(isHeaded) &&
    words.every((word) => isHeaded(word) || isLittleWord(word))
  )
    return true;
  const rest = words.filter((word) => !saysManner('example', word) && !/^(here|name|hier|ici|aqui|qui)$/.test(word));
  const isExample = words.length > rest.length;
  return isExample && rest.every((word) => (readHeading(word).thing ?? 0) >= 0.9 || (word.length <= 3 && noPrice.test(price)));
}

/** "Musterartikel", "näidistoode": an example and a thing in one word. */
function isCompoundExample(word: string): boolean {
  for (let i = 4; i < word.length - 3; i++)
    if (
      (saysManner('example', word.slice(0, i)) || saysManner('example', word.slice(0, i - 1))) &&
      (readHeading(word.slice(i)).thing ?? 0) >= 1
    )
      return true;
  return false;
}
