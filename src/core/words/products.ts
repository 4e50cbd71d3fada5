import { type Product } from '../goods/about';
import { capitalised, listed, numberWords, pluralOf, pluralTitle, verbFor } from './grammar';
import { stockOf } from '../goods';
import { fromGoods, type Text } from './text';

/** A product as it is told of: what the list says, else what its own options, stock and weight say. It always opens with its name. */
export function describe(product: Product): Text {
  if (product.description.trim())
    return { text: product.description, rank: 1, sources: [{ kind: 'goods', say: 'its description in your list' }] };
  const plural = pluralTitle(product.title);
  const options = ofOptions(product)?.(plural);
  const others = [ofKind(product), ofStock(product)].flatMap((predicate) => (predicate ? [predicate(plural)] : []));
  const rest = others.slice(0, 2).join(', and ');
  const sentences = [
    options ? `${product.title} ${options}` : '',
    rest ? `${options ? (plural ? 'They' : 'It') : product.title} ${rest}` : '',
  ];
  const text = sentences.filter(Boolean).join('. ');
  return fromGoods(text ? `${text}.` : '', text ? 'its options and stock in your list' : 'nothing but a name and a price');
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
