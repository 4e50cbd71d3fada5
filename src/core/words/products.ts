import { type Known } from '../plan/about';
import { type Product } from '../goods/about';
import { capitalised, inSentence, listed, numberWords, pluralTitle, verbFor } from './grammar';
import { shelfOf, stockOf } from '../goods';
import { fromGoods, type Text } from './text';

/** A product as it is told of: what the list says, else what its own options, shelf, stock and weight say. It always opens with its name. */
export function describe(product: Product, known: Known): Text {
  if (product.description.trim())
    return { text: product.description, rank: 1, sources: [{ kind: 'goods', say: 'its description in your list' }] };
  const plural = pluralTitle(product.title);
  const options = ofOptions(product)?.(plural);
  // Every sentence names something of this one product, so that none is said of two.
  const others = [ofShelf(product, known), ofKind(product), ofStock(product)].flatMap((predicate) =>
    predicate ? [predicate(plural)] : [],
  );
  const rest = others.slice(0, 2).join(', and ');
  const sentences = [
    options ? `${product.title} ${options}` : '',
    rest ? `${options ? (plural ? 'They' : 'It') : product.title} ${rest}` : '',
  ];
  const text = sentences.filter(Boolean).join('. ');
  return fromGoods(text ? `${text}.` : '', text ? 'its options, shelf and stock in your list' : 'nothing but a name and a price');
}

type Predicate = (plural: boolean) => string;

const comes = (plural: boolean) => (plural ? 'come' : 'comes');

/** "comes in five weights: lace, sock, …" */
function ofOptions(product: Product): Predicate | null {
  const [option] = product.options;
  const values = [...new Set(product.variants.map((variant) => variant.values[0] ?? ''))].filter(Boolean);
  if (!option || values.length < 2) return null;
  const noun = pluralOf(option.toLowerCase(), values.length);
  const shown = values.length <= 6 ? `: ${listed(values)}` : `, from ${values[0] ?? ''} to ${values.at(-1) ?? ''}`;
  return (plural) => `${comes(plural)} in ${numberWords(values.length)} ${noun}${shown}`;
}

const pluralOf = (noun: string, count: number): string =>
  count === 1
    ? noun
    : /(?:s|x|ch|sh)$/.test(noun)
      ? noun.endsWith('s')
        ? noun
        : `${noun}es`
      : /[^aeiou]y$/.test(noun)
        ? `${noun.slice(0, -1)}ies`
        : `${noun}s`;

/** "is one of two rings here, beside Tide ring" */
function ofShelf(product: Product, { catalogue }: Known): Predicate | null {
  if (!product.categories.length && catalogue.products.length > 1) {
    const at = catalogue.products.findIndex((other) => other.id === product.id);
    const mate = catalogue.products[(at + 1) % catalogue.products.length];
    return (plural) =>
      `${plural ? 'are among' : 'is one of'} the ${numberWords(catalogue.products.length)} things here, beside ${mate?.title ?? ''}`;
  }
  const shelf = shelfOf(catalogue, product);
  if (!shelf || shelf.products.length < 2) return null;
  const at = shelf.products.findIndex((other) => other.id === product.id);
  const [mate] = [1, 2]
    .map((step) => shelf.products[(at + step) % shelf.products.length])
    .filter((other) => other && other.id !== product.id);
  const beside = mate ? `, beside ${mate.title}` : '';
  const count = numberWords(shelf.products.length);
  const name = inSentence(shelf.name);
  const named = pluralTitle(shelf.name) ? `${count} ${name} here` : `${count} under ${name}`;
  return (plural) => `${plural ? 'are among' : 'is one of'} the ${named}${beside}`;
}

function ofKind(product: Product): Predicate | null {
  if (product.kind === 'download') return (plural) => `${comes(plural)} as a file, right after paying`;
  if (product.kind === 'gift-card') return (plural) => `${comes(plural)} by e-mail`;
  if (product.kind === 'appointment') return (plural) => `${verbFor(plural ? null : '', 'takes', 'take')} place by appointment`;
  const weights = new Set(product.variants.map((variant) => variant.weight));
  const [weight] = weights;
  return weights.size === 1 && weight
    ? (plural) => `${plural ? 'weigh' : 'weighs'} ${weight >= 1000 ? `${weight / 1000} kg` : `${weight} g`} packed`
    : null;
}

const ofStock = (product: Product): Predicate | null =>
  stockOf(product) === 1 && product.variants.length === 1
    ? (plural) => (plural ? 'are the only ones of the kind' : 'is the only one of its kind')
    : null;

/** What the goods of a list share in their own words: for search texts. */
export const shelfWords = (products: readonly Product[]): string =>
  capitalised(listed(products.slice(0, 3).map((product) => product.title)));
