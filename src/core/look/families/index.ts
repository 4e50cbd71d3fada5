import { chance } from '../../chance';
import { type Mood } from '../../brief';
import { familyIds, type FamilyId } from '../about';
import { moodDistance } from '../mood';
import { almanac } from './almanac';
import { board } from './board';
import { broadsheet } from './broadsheet';
import { cabinet } from './cabinet';
import { counter } from './counter';
import { drawing } from './drawing';
import { type Family, type Structure } from './family';
import { hanging } from './hanging';
import { ledger } from './ledger';
import { letter } from './letter';
import { poster } from './poster';
import { quiet } from './quiet';
import { stall } from './stall';

export {
  bands,
  bandsOf,
  type Band,
  type Choices,
  type Family,
  type ProductForm,
  type ProductPart,
  type Shape,
  type Structure,
} from './family';

/** Every family of looks, by its id. Leave one out and this does not compile. */
const byId: { readonly [K in FamilyId]: Family & { id: K } } = {
  ledger,
  poster,
  quiet,
  cabinet,
  broadsheet,
  counter,
  drawing,
  almanac,
  stall,
  hanging,
  board,
  letter,
};

export const families: readonly Family[] = familyIds.map((id) => byId[id]);

export const familyById = (id: FamilyId): Family => byId[id];

/** How far two families are apart, 0–1: the mean difference of their structures. */
export function familyDistance(a: Family, b: Family): number {
  const keys = Object.keys(a.structure) as (keyof Structure)[];
  return keys.reduce((sum, key) => sum + Math.abs(a.structure[key] - b.structure[key]), 0) / keys.length;
}

/** What a family is chosen by. */
export interface Occasion {
  mood: Mood;
  /** Whether the brief names any mood at all. */
  spoken: boolean;
  /** Words of the trade and the goods, in lower case. */
  words: ReadonlySet<string>;
  goods: number;
  /** Whether a light or a dark ground is asked for in so many words. */
  ground: 'light' | 'dark' | null;
  /** Whether the first colour that is asked for is strong and yet too light to write with. */
  bright: boolean;
  /** Whether a pale colour is asked for: it wants to be the ground. */
  pale: boolean;
  /** Share of the goods that has a picture, 0–1. */
  pictured: number;
  /** What the shop is of its own, in a number: of families that fit alike, not all shops take the same. */
  own: number;
  /** Whether what it sells can be drawn. */
  drawn: boolean;
}

/** How well a family fits, 0–1, and what speaks for it most. */
export function familyFit(
  family: Family,
  { mood, spoken, words, goods, pictured }: Occasion,
): { fit: number; for: 'mood' | 'goods' | 'number' } {
  const byMood = 1 - moodDistance(family.mood, mood) / 2;
  const named = family.suits.split(' ').filter((word) => words.has(word)).length;
  const byGoods = named ? Math.min(1, 0.75 + 0.25 * named) : 0.5;
  const { from, to } = family.goods;
  const off = goods < from ? Math.log2((from + 1) / (goods + 1)) : goods > to ? Math.log2((goods + 1) / (to + 1)) : 0;
  const byNumber = Math.max(0, 1 - off / 3);
  const unseen = family.structure.pictures * (1 - pictured);
  // A mood that is named weighs most; where none is, the goods decide.
  const weight = spoken ? 0.62 : 0.2;
  const fit = weight * byMood + (1 - weight) * (0.62 * byGoods + 0.38 * byNumber) - 0.12 * unseen;
  return { fit, for: spoken && byMood > 0.72 ? 'mood' : named ? 'goods' : 'number' };
}

/** Families from the one that fits best to the one that fits least. */
export function familiesFor(occasion: Occasion): Family[] {
  const random = chance(occasion.own);
  const fits = new Map(families.map((family) => [family, familyFit(family, occasion).fit + random() * alike]));
  return [...families].sort((a, b) => (fits.get(b) ?? 0) - (fits.get(a) ?? 0));
}

/** Fits that differ by less are alike. */
const alike = 0.04;
