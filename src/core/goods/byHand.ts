import { slugify, uniqueSlugs } from '../slug';
import { type Product } from './about';

/** What a seller types of a product. */
export interface Typed {
  title: string;
  description: string;
  categories: string[];
  /** What can be chosen, or empty. */
  option: string;
  choices: readonly string[];
  /** Minor units of the shop's money; null where it is not known yet. */
  price: number | null;
}

/** More choices than these are not typed by hand. */
const mostChoices = 100;

/** The choices in what was typed: parted by commas, semicolons or lines, each once. */
export const typedChoices = (text: string): string[] =>
  [
    ...new Set(
      text
        .split(/[,;\n]/)
        .map((part) => part.trim())
        .filter(Boolean),
    ),
  ].slice(0, mostChoices);

const variantOf = (id: string, values: string[], price: number | null): Product['variants'][number] => ({
  id,
  values,
  sku: '',
  gtin: '',
  price,
  earlierPrice: null,
  cost: null,
  stock: null,
  weight: 0,
  picture: null,
  asks: price === null ? ['price'] : [],
});

/**
 * A product that was put in by hand, with more to choose from. What is there keeps its id, its price and all else; of one kind so far it
 * becomes the first of the choices. A further choice costs what the last one does.
 */
export function withFurther(product: Product, option: string, choices: readonly string[]): Product {
  const known = new Set(product.variants.map(({ values }) => values[0]?.toLowerCase()));
  const ids = uniqueSlugs();
  for (const { id } of product.variants) ids(id.slice(product.id.length + 1));
  const isOne = !product.options.length;
  const [first = '', ...others] = choices;
  const kept = product.variants.map((variant) => (isOne ? { ...variant, values: [first] } : variant));
  const added = (isOne ? others : choices).filter((choice) => !known.has(choice.toLowerCase()));
  const price = product.variants.at(-1)?.price ?? null;
  return {
    ...product,
    options: isOne ? [option] : product.options,
    variants: [...kept, ...added.map((choice) => variantOf(`${product.id}.${ids(slugify(choice))}`, [choice], price))].slice(
      0,
      mostChoices,
    ),
  };
}

/** A product that no list has. Its name is one that nothing has. */
export function newProduct({ title, description, categories, option, choices, price }: Typed, ids: ReadonlySet<string>): Product {
  const slug = slugify(title);
  const base = `own-${slug}`;
  let id = base;
  for (let n = 2; ids.has(id); n++) id = `${base}-${n}`;
  const named = uniqueSlugs();
  const several = option && choices.length > 1;
  const variants = (several ? choices.map((choice) => [choice]) : [[]]).map((values) =>
    variantOf(`${id}.${named(values.length ? slugify(values.join(' ')) : 'one')}`, values, price),
  );
  return {
    id,
    slug,
    title,
    description,
    kind: 'physical',
    taxClass: 'standard',
    categories,
    options: several ? [option] : [],
    particulars: [],
    pictures: [],
    file: null,
    rhythm: null,
    variants,
  };
}
