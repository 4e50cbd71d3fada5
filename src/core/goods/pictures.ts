import { plainWords } from '../keys';
import { productPlaces, set, variantPlaces, type Wish } from '../places';
import { type Product, type Variant } from './about';
import { likeness, Titles } from './likeness';

/** What a picture was known by. */
export type KnownBy = 'list' | 'code' | 'title' | 'near';

export interface MatchedPictures {
  matched: { name: string; product: string; by: KnownBy }[];
  /** Pictures that belong to nothing, as far as their names tell. */
  alone: string[];
  /** What puts them on their things; those that the list itself names need nothing. */
  wishes: Wish[];
}

interface Found {
  product: Product;
  variant: Variant | null;
  by: KnownBy;
}

/** By so much the likest title must be ahead of the next. */
const leastLead = 0.1;
const leastLike = 0.62;

/**
 * Finds what pictures show from the names of their files: the list's own column, a code in the name, the title in the name, or nearly
 * so. What two things could claim belongs to neither.
 * @param known pictures that are there already, in small letters
 */
export function matchPictures(
  products: readonly Product[],
  names: readonly string[],
  known: ReadonlySet<string> = new Set(),
): MatchedPictures {
  const find = finder(products);
  const alone: string[] = [];
  const matched: MatchedPictures['matched'] = [];
  const added = new Map<Product, { name: string; by: KnownBy }[]>();
  const wishes: Wish[] = [];
  for (const name of [...names].sort((a, b) => inOrder(stemOf(a), stemOf(b)) || (a < b ? -1 : 1))) {
    const found = find(name);
    if (!found) {
      alone.push(name);
      continue;
    }
    const { product, variant, by } = found;
    matched.push({ name, product: product.id, by });
    const isListed = product.pictures.some((one) => one.toLowerCase() === name.toLowerCase());
    if (!isListed) added.set(product, [...(added.get(product) ?? []), { name, by }]);
    if (variant && !variant.picture) wishes.push(set(variantPlaces.picture(product.id, variant.id), name));
  }
  const here = new Set([...known, ...names.map((name) => name.toLowerCase())]);
  for (const [product, pictures] of added) {
    // A file that the list names otherwise than it is called takes the place of that name.
    const stems = new Set(pictures.filter(({ by }) => by === 'list').map(({ name }) => stemOf(name)));
    const before = product.pictures.filter((name) => here.has(name.toLowerCase()) || !stems.has(stemOf(name)));
    wishes.push(set(productPlaces.pictures(product.id), [...before, ...pictures.map(({ name }) => name)]));
  }
  return { matched, alone, wishes };
}

/** Files in the order in which people number them: 2 before 10. */
const inOrder = new Intl.Collator('en', { numeric: true, sensitivity: 'base' }).compare;

/** A file's name without its folder and ending. */
const stemOf = (name: string): string =>
  (name.split(/[/\\]/).at(-1) ?? name)
    .replace(/\.[a-z0-9]{2,5}$/i, '')
    .normalize('NFC')
    .toLowerCase();

function finder(products: readonly Product[]): (name: string) => Found | null {
  const listed = new Map<string, Product | null>();
  const codes = new Map<string, { product: Product; variant: Variant | null } | null>();
  const note = <T>(into: Map<string, T | null>, key: string, value: T, isSame: (a: T, b: T) => boolean) => {
    const before = into.get(key);
    into.set(key, before === undefined || (before !== null && isSame(before, value)) ? value : null);
  };
  for (const product of products) {
    for (const name of product.pictures) note(listed, stemOf(name), product, (a, b) => a === b);
    for (const variant of product.variants) {
      const of = { product, variant: product.variants.length > 1 ? variant : null };
      for (const code of [variant.sku, variant.gtin])
        if (isTelling(code))
          note(codes, plainWords(code).join(''), of, (a, b) => a.product === b.product && a.variant === b.variant);
    }
  }
  const titles = new Titles(products, ({ title }) => title);
  return (name) => {
    const stem = stemOf(name);
    const named = listed.get(stem);
    if (named) return { product: named, variant: null, by: 'list' };
    const words = plainWords(splitNumbers(stem));
    const code = codeIn(words, codes) ?? codeIn(plainWords(stem), codes);
    if (code) return { ...code, by: 'code' };
    return titleIn(words, titles);
  };
}

/** "mug2" is the second picture of a mug. */
const splitNumbers = (stem: string): string => stem.replace(/(\p{L}{3,})(\d{1,2})$/u, '$1 $2');

/** Short words and short numbers stand in too many names to tell anything. */
function isTelling(code: string): boolean {
  const parts = plainWords(code);
  const whole = parts.join('');
  const [hasLetter, hasDigit] = [/\p{L}/u.test(whole), /\p{N}/u.test(whole)];
  if (hasLetter && hasDigit) return whole.length >= 2;
  return hasDigit ? whole.length >= 4 : whole.length >= (parts.length > 1 ? 3 : 5);
}

/** The longest run of words that is a code. */
function codeIn<T>(words: readonly string[], codes: ReadonlyMap<string, T | null>): T | null {
  for (let length = words.length; length > 0; length--)
    for (let i = 0; i + length <= words.length; i++) {
      const found = codes.get(words.slice(i, i + length).join(''));
      if (found) return found;
    }
  return null;
}

function titleIn(words: readonly string[], titles: Titles<Product>): Found | null {
  const text = words.filter((word, i) => !(i > 0 && i === words.length - 1 && /^\d{1,2}$/.test(word)));
  const near = titles.near(text.join(' '));
  // A title whose words all stand in the name is the one meant; of several the longest.
  const whole = near
    .filter(({ thing }) => plainWords(thing.title).every((word) => words.includes(word)))
    .sort((a, b) => b.thing.title.length - a.thing.title.length);
  const [first, ...others] = whole;
  const own = new Set(first ? plainWords(first.thing.title) : []);
  // "Oak bowl" stands in "Oak bowl with lid"; "Tall lamp" does not.
  if (
    first &&
    others.every(({ thing }) => thing.title !== first.thing.title && plainWords(thing.title).every((word) => own.has(word)))
  )
    return chosenIn(first.thing, words, 'title');
  if (first) return null;
  // The words that name a choice say which of a product's variants it is, not which product.
  const [best, next] = near
    .flatMap(({ thing }) => {
      const chosen = new Set(thing.variants.flatMap(({ values }) => values.flatMap(plainWords)));
      const said = text.filter((word) => !chosen.has(word));
      const like = likeness(said.length ? said.join(' ') : text.join(' '), thing.title);
      return like >= leastLike ? [{ thing, like }] : [];
    })
    .sort((a, b) => b.like - a.like);
  return best && best.like - (next?.like ?? 0) >= leastLead ? chosenIn(best.thing, words, 'near') : null;
}

/** A product, and that variant whose choices the words name. */
function chosenIn(product: Product, words: readonly string[], by: KnownBy): Found {
  const told = new Set(words);
  const named = product.variants.filter(
    ({ values }) => values.length > 0 && values.every((value) => plainWords(value).every((word) => told.has(word))),
  );
  const [variant = null] = product.variants.length > 1 && named.length === 1 ? named : [];
  return { product, variant, by };
}
