import { broaderTerms, chooseSenses, headNoun, singular } from '../lexicon';
import { goodsKinds, type Detail, type GoodsKind } from './goodsKinds';

const nearest = (chain: readonly string[], kind: GoodsKind): number => {
  if (kind.nouns?.includes(chain[0] ?? '')) return -1;
  const at = chain.findIndex((term) => kind.terms.includes(term));
  return at < 0 ? Infinity : at;
};

/** A kind of goods, and the first of those that made it one. */
export interface KindHere extends GoodsKind {
  of: string;
}

/** The kinds of some goods, the one that covers most of them first. */
export function kindsOf(phrases: readonly string[], trade = ''): KindHere[] {
  const own = headNoun(trade);
  const heads = [...new Set([...phrases.map(headNoun), own].filter((head) => head !== null))];
  const votes = new Map<GoodsKind, number>();
  const first = new Map<GoodsKind, string>();
  chooseSenses(heads).forEach((sense, i) => {
    const head = heads[i] ?? '';
    const chain = sense ? [singular(head), ...broaderTerms(head, sense)] : [];
    const [best] = goodsKinds.map((kind) => ({ kind, at: nearest(chain, kind) })).sort((a, b) => a.at - b.at);
    if (!best || best.at === Infinity) return;
    votes.set(best.kind, (votes.get(best.kind) ?? 0) + (head === own ? 2 : i === 0 ? 1.5 : 1));
    if (!first.has(best.kind)) first.set(best.kind, phrases.find((phrase) => headNoun(phrase) === head) ?? trade);
  });
  return [...votes].sort((a, b) => b[1] - a[1]).map(([kind]) => ({ ...kind, of: first.get(kind) ?? '' }));
}

/** Words by which a brief answers a detail without being asked. */
const answeredBy: Record<string, RegExp> = {
  fibre: /\b(?:wool|cotton|linen|silk|alpaca|mohair|hemp|flax|cashmere)\b/i,
  material: /\b(?:wool|cotton|linen|silk|leather|oak|ash|beech|walnut|steel|brass|clay|wax|canvas|tarpaulin)\b/i,
  metal: /\b(?:silver|gold|brass|copper|bronze|titanium)\b/i,
  guarantee: /\b(?:guarantee\w*|warrant\w*|(?:replace|mend|repair|resew) (?:it|them)|set it again)\b/i,
  care: /\b(?:wash\w*|wipe|dry[- ]clean\w*|dishwasher)\b/i,
  keeping: /\b(?:keeps? (?:for|well)|best (?:within|before)|fridge|refrigerat\w+)\b/i,
  ingredients: /\b(?:nothing but|ingredients?|made (?:only )?(?:of|from|with))\b/i,
  edition: /\b(?:numbered|signed|editions?|one of each)\b/i,
  condition: /\b(?:restored|as found|second-?hand|pre-?owned|brand new)\b/i,
  measures: /\b\d+\s?(?:cm|mm|m|inches|in|litres?|liters?|kg|g|grams)\b/i,
};

/** Whether what a brief says of the goods answers a detail already. */
export const isAnswered = (detail: Pick<Detail, 'id'>, text: string): boolean => answeredBy[detail.id]?.test(text) ?? false;

/** The names that stand before answers, as the reader finds them in a brief again. */
export const detailNames: ReadonlySet<string> = new Set(
  goodsKinds.flatMap((kind) => kind.details.map(({ name }) => name.toLowerCase())),
);
