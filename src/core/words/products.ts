import { stockOf } from '../goods';
import { type Product } from '../goods/about';
import { phrasesOf } from '../phrases';
import { followings } from '../till';
import { type TillRules } from '../till/about';
import { endsInNoun, pluralTitle } from './grammar';
import { fromGoods, type Text } from './text';
import { isSmallWord } from './trace';

/** A product as it is told of: what the list says, else what its own options, stock and weight say. It always opens with its name. */
export function describe(product: Product, rules: TillRules): Text {
  if (product.description.trim())
    return { text: product.description, rank: 1, sources: [{ kind: 'goods', say: 'its description in your list' }] };
  const [option] = product.options;
  const values = [...new Set(product.variants.map((variant) => variant.values[0] ?? ''))].filter(Boolean);
  const say = phrasesOf(rules);
  const weight = followings[product.kind].travels ? sameWeight(product) : null;
  const text = say.goods.told({
    title: product.title,
    plural: pluralTitle(product.title),
    option: option && values.length > 1 ? { ...choosable(option), values } : null,
    kind: product.kind,
    weight: weight ? say.weight(weight) : null,
    only: stockOf(product) === 1 && product.variants.length === 1,
  });
  return fromGoods(text, text ? 'its options and stock in your list' : 'nothing but a name and a price');
}

/** What a list calls a choice, and whether there can be several of that. */
export const choosable = (name: string): { name: string; isNoun: boolean } => ({
  name,
  isNoun: endsInNoun(name) && !name.toLowerCase().split(/\s+/).some(isSmallWord),
});

/** Grams that each of it weighs, packed; null where they differ or aren't known. */
function sameWeight({ variants }: Product): number | null {
  const [weight, ...others] = new Set(variants.map((variant) => variant.weight));
  return others.length ? null : (weight ?? null);
}
