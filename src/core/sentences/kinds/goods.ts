import { goodsFirst, mostFirst, productHidden, productPlaces, set, variantPlaces, type Wish } from '../../places';
import { formatMoney } from '../../till';
import { type Product } from '../../project';
import { type TaxClass } from '../../goods/about';
import {
  asName,
  categoriesNamed,
  countNamed,
  countsNamed,
  defineSentence,
  firmNo,
  hears,
  no,
  productHere,
  productsNamed,
  reachesAll,
  sumNamed,
  textNamed,
  type Found,
  type No,
  type Said,
} from '../said';

const noProduct = 'Which of your goods? Point at it, or say its title.';
const noMoney = 'It is not known yet what money your prices are in.';

/** The one price of a thing, or why there is none. */
function onePrice(said: Said): { product: Product; variant: Product['variants'][number] } | No {
  const product = productHere(said);
  if (!product) return no(noProduct);
  if (!said.shop.moneyKnown) return firmNo(noMoney);
  const [variant, ...more] = product.variants;
  if (!variant) return no(noProduct);
  if (more.length)
    return firmNo(`${product.title} has ${product.variants.length} prices. Point at it, and change the one that is meant.`);
  return { product, variant };
}

const spoken = (sum: number, said: Said) => formatMoney(sum, said.shop.rules);
/** A sum as figures compare: "12.5". */
const figure = (sum: number, said: Said) => String(sum / 10 ** said.shop.rules.digits);

export const title = defineSentence({
  kind: 'title',
  offers: 'Name one of your goods anew: “call it Peat Hag, dark”',
  at: ['card'],
  words: [
    'call it {quote}',
    'rename this to {quote}',
    'the title is {quote}',
    'name {quote}',
    'rename {product} to {quote}',
    '{product} should be called {quote}',
    'call this product {quote}',
    'title {quote}',
  ],
  reads: (said) => {
    const product = said.spot.product ?? productsNamed(said)[0];
    if (!product) return no(noProduct);
    const given = textNamed(said);
    const name = given && asName(given);
    if (!name) return no('Which title? Write it in quotes.');
    if (name.length > 200) return no('A title has at most 200 characters.');
    return { wishes: [set(productPlaces.title(product.id), name)], of: { product: product.title, text: name } };
  },
});

export const describe = defineSentence({
  kind: 'describe',
  offers: 'Describe one of your goods: “describe it as …”',
  at: ['card'],
  words: [
    'describe it as {quote}',
    'the description is {quote}',
    'description {quote}',
    'describe {product} as {quote}',
    'write in the description {quote}',
    'change the description to {quote}',
  ],
  reads: (said) => {
    const product = said.spot.product ?? productsNamed(said)[0];
    if (!product) return no(noProduct);
    const given = textNamed(said);
    return given
      ? { wishes: [set(productPlaces.description(product.id), given)], of: { product: product.title, text: given } }
      : no('Which words? Write them in quotes.');
  },
});

export const price = defineSentence({
  kind: 'price',
  affirms: true,
  offers: 'Change a price: “the price is 12”',
  at: ['price', 'card', 'page'],
  words: [
    'the price is {number}',
    '{number}',
    '{number:money}',
    'it costs {number:money}',
    '{product} now costs {number}',
    'change the price of {product} to {number:money}',
    'set it to {number}',
    '{product} is {number:money} from now on',
    'price {number}',
    'make it {number:money}',
    'up to {number}',
    'lower the price to {number}',
    'the price must be {number:money}',
    '{product} {number}',
  ],
  reads: (said) => {
    const one = onePrice(said);
    if ('no' in one) return one;
    const sum = sumNamed(said);
    if (sum === null) {
      const which = 'Which price? Write it like 12.50.';
      return hears(said, 'cost', 'costs', 'price') ? firmNo(which) : no(which);
    }
    if (countsNamed(said, 'plain', 'money').length > 1) return no('Which of the figures is the price?');
    return {
      wishes: [set(variantPlaces.price(one.product.id, one.variant.id), sum)],
      says: `${one.product.title}: ${one.variant.price === null ? '' : `${spoken(one.variant.price, said)} → `}${spoken(sum, said)}.`,
      of: { product: one.product.title, money: figure(sum, said) },
    };
  },
});

/** The goods that a change of prices is of: some by name, those of a category, the one pointed at, or all. */
function goodsOf(said: Said): { goods: readonly Product[]; name: string } | No {
  const named = productsNamed(said);
  if (named.length) return { goods: named, name: named.map(({ title: one }) => one).join(', ') };
  const [category] = categoriesNamed(said);
  if (category)
    return {
      goods: said.shop.catalogue.products.filter(({ categories }) => categories.includes(category.name)),
      name: category.name,
    };
  if (said.spot.product && !hears(said, 'everything', 'all'))
    return { goods: [said.spot.product], name: said.spot.product.title };
  if (reachesAll(said)) return { goods: said.shop.catalogue.products, name: 'all' };
  return no('Which goods? Say a title, a category, or “everything”.');
}

const dearer = ['up', 'more', 'dearer', 'raise', 'increase', 'higher', 'expensive', 'plus', 'add', 'put up'];
const cheaper = ['down', 'less', 'cheaper', 'lower', 'reduce', 'decrease', 'off', 'minus', 'knock', 'drop', 'cut'];

export const priceBy = defineSentence({
  kind: 'price-by',
  offers: 'Change prices by a share or a sum: “all clubs 10 % more”',
  at: ['card', 'page'],
  words: [
    '{category} {number:percent} up',
    'raise {category} by {number:percent}',
    'everything {number:percent} more expensive',
    '{number:money} cheaper',
    'put the prices of {category} down by {number:percent}',
    'knock {number:money} off {product}',
    'increase all prices by {number:percent}',
    '{product} {number:money} more',
    '{category} {number} cheaper',
    'make {product} {number:percent} dearer',
    'lower {category} by {number}',
  ],
  reads: (said) => {
    if (!said.shop.moneyKnown) return firmNo(noMoney);
    const of = goodsOf(said);
    if ('no' in of) return of;
    const up = hears(said, ...dearer);
    const down = hears(said, ...cheaper);
    if (up === down) return no('Dearer or cheaper?');
    const percent = countNamed(said, 'percent');
    const sum = percent ? null : sumNamed(said);
    if (!percent && sum === null) return no('By how much? A share such as 10 %, or a sum.');
    if (percent && down && percent.value > 100) return firmNo('Nothing can be more than 100 % cheaper.');
    const wishes: Wish[] = [];
    for (const product of of.goods)
      for (const variant of product.variants) {
        if (variant.price === null) continue;
        const by = percent ? Math.round((variant.price * percent.value) / 100) : (sum ?? 0);
        const next = variant.price + (up ? by : -by);
        if (next < 0) return firmNo(`${product.title} costs ${spoken(variant.price, said)}, less than what would be taken off.`);
        wishes.push(set(variantPlaces.price(product.id, variant.id), next));
      }
    if (!wishes.length) return firmNo('There is no price to change.');
    const by = percent ? `${percent.value}%` : figure(sum ?? 0, said);
    return {
      wishes,
      says: `${of.name === 'all' ? 'All goods' : of.name}: ${percent ? `${percent.value} %` : spoken(sum ?? 0, said)} ${up ? 'dearer' : 'cheaper'} (${wishes.length} ${wishes.length === 1 ? 'price' : 'prices'}).`,
      of: { of: of.name, by: `${up ? '' : '-'}${by}` },
    };
  },
});

export const was = defineSentence({
  kind: 'was',
  offers: 'Show an earlier price: “it was 20 before”',
  at: ['card', 'price'],
  words: [
    'it was {number} before',
    'was {number:money}',
    'used to cost {number}',
    'used to be {number:money}',
    'the old price was {number}',
    'before it was {number}',
    'previously {number:money}',
    'earlier price {number}',
    '{product} was {number}',
  ],
  reads: (said) => {
    const one = onePrice(said);
    if ('no' in one) return one;
    const sum = sumNamed(said);
    if (sum === null) return no('What did it cost before?');
    if (one.variant.price !== null && sum <= one.variant.price)
      return firmNo(
        `It costs ${spoken(one.variant.price, said)} now, so ${spoken(sum, said)} is no price that was higher before.`,
      );
    return {
      wishes: [set(variantPlaces.earlierPrice(one.product.id, one.variant.id), sum)],
      of: { product: one.product.title, money: figure(sum, said) },
    };
  },
});

export const wasOut = defineSentence({
  kind: 'was-out',
  offers: 'Take an earlier price away: “no old price”',
  at: ['card', 'price'],
  words: [
    'remove the old price',
    'take the earlier price away',
    'no crossed out price',
    'without the old price',
    'it is no longer reduced',
    'delete the price before',
  ],
  reads: (said) => {
    const product = productHere(said);
    if (!product) return no(noProduct);
    const wishes = product.variants.map((variant) => set(variantPlaces.earlierPrice(product.id, variant.id), null));
    return { wishes, says: `${product.title} shows no earlier price.`, of: { product: product.title } };
  },
});

export const stock = defineSentence({
  kind: 'stock',
  offers: 'Say how many there are: “we have 12 of these”',
  at: ['card', 'page'],
  words: [
    'we have {number} of these',
    '{number:pieces} in stock',
    'only {number} left',
    '{number:pieces}',
    'this is sold out',
    '{product} is sold out',
    'sold out',
    'none left',
    '{product} is finished',
    '{number} of {product} are left',
    'we found {number} more, so {number} in stock',
    'stock {number}',
    '{product} is back, {number:pieces}',
    'there are {number} in stock',
  ],
  reads: (said) => {
    const product = productHere(said);
    if (!product) return no(noProduct);
    const counts = countsNamed(said, 'plain', 'pieces');
    const none = hears(said, 'sold', 'none', 'gone', 'finished', 'finish', 'empty', 'out', 'nothing');
    // "Sold the last one": of what is last and sold none is left, and "one" counts nothing.
    const isLastSold = hears(said, 'sold') && hears(said, 'last');
    const count = isLastSold ? 0 : (counts.at(-1)?.value ?? (none ? 0 : null));
    if (count === null || !Number.isInteger(count)) return no('How many are there?');
    const [variant, ...more] = product.variants;
    if (!variant) return no(noProduct);
    if (more.length && count)
      return firmNo(`${product.title} comes in ${product.variants.length} choices. How many there are of each is set in Goods.`);
    return {
      wishes: product.variants.map(({ id }) => set(variantPlaces.stock(product.id, id), count)),
      says: count ? `${product.title}: ${count} in stock.` : `${product.title} is sold out.`,
      of: { product: product.title, n: String(count) },
    };
  },
});

export const weight = defineSentence({
  kind: 'weight',
  offers: 'Say what something weighs: “it weighs 400 g”',
  at: ['card'],
  words: [
    'it weighs {number:grams}',
    '{number:grams}',
    'the weight is {number:grams}',
    'each is {number:grams}',
    '{product} weighs {number:grams}',
  ],
  reads: (said) => {
    const product = productHere(said);
    const count = countNamed(said, 'grams');
    if (!product) return no(noProduct);
    if (!count) return no('How many grams?');
    const grams = Math.round(count.value);
    return {
      wishes: product.variants.map(({ id }) => set(variantPlaces.weight(product.id, id), grams)),
      says: `${product.title} weighs ${grams} g.`,
      of: { product: product.title, g: String(grams) },
    };
  },
});

export const productOut = defineSentence({
  kind: 'product-out',
  offers: 'Take something out of the shop: “don’t sell this any more”',
  at: ['card', 'page'],
  words: [
    'do not sell this any more',
    'take {product} out of the shop',
    'remove this from the shop',
    'stop selling {product}',
    'delete this product',
    'drop {product}',
    'remove {product}',
    'no more {product}',
    'take it out',
    'we do not make {product} any longer',
    'stop offering {product}',
  ],
  reads: (said) => {
    const product = productHere(said);
    if (!product) return no(noProduct);
    return { wishes: [set(productHidden(product.id), true)], of: { product: product.title } };
  },
});

export const productBack = defineSentence({
  kind: 'product-back',
  offers: 'Bring something back into the shop: “sell it again”',
  at: ['page'],
  words: [
    'bring {product} back into the shop',
    'sell {product} again',
    'put the hat back in the shop',
    'offer {quote} again',
    'we sell socks again',
    '{product} is for sale again',
  ],
  reads: (said) => {
    const heard = said.sentence.text.toLowerCase();
    const out = said.decided.all(productHidden).flatMap(({ parts: [id], value }) => (value ? [id] : []));
    const product = said.project.goods.products.find((one) => out.includes(one.id) && heard.includes(one.title.toLowerCase()));
    if (!product)
      return firmNo(productsNamed(said).length ? 'It is in the shop.' : 'Nothing of this title was taken out of the shop.');
    return { wishes: [set(productHidden(product.id), false)], of: { product: product.title } };
  },
});

export const first = defineSentence({
  kind: 'first',
  affirms: true,
  offers: 'Put goods before the others: “put the sock yarn first”',
  at: ['card', 'page'],
  words: [
    'put {product} first',
    'put this first',
    '{product} first',
    '{category} first',
    'show {category} before the others',
    '{product} to the front',
    'lead with {product}',
    '{category} should come before everything else',
    'start the shelf with {product}',
    'put {category} in front of the other goods',
    'first place for {product}',
  ],
  reads: (said) => {
    const named = productsNamed(said);
    const [category] = categoriesNamed(said);
    const here = named.length
      ? named
      : category
        ? said.shop.catalogue.products.filter(({ categories }) => categories.includes(category.name))
        : said.spot.product
          ? [said.spot.product]
          : [];
    if (!here.length) return no(noProduct);
    if (here.length > mostFirst)
      return firmNo(
        `At most ${mostFirst} goods can stand before the others, and ${category?.name ?? 'these'} are ${here.length}.`,
      );
    const ids = here.map(({ id }) => id);
    const others = (said.decided.get(goodsFirst) ?? []).filter((id) => !ids.includes(id));
    const name = named.length || !category ? here.map((one) => one.title).join(', ') : category.name;
    const all: Record<string, string> = named.length || !category ? { product: name } : { category: name };
    return {
      wishes: [set(goodsFirst, [...ids, ...others].slice(0, mostFirst))],
      says: `${name} before the other goods.`,
      of: all,
    };
  },
});

/** The product and the category of a sentence that puts one into the other. */
function filed(said: Said): { product: Product; category: string } | No {
  const [category] = categoriesNamed(said);
  const product = productsNamed(said)[0] ?? said.spot.product;
  if (!product) return no(noProduct);
  if (!category) return no('Which category?');
  return { product, category: category.name };
}

export const into = defineSentence({
  kind: 'into',
  affirms: true,
  offers: 'Put something into a category: “list it under Gifts too”',
  at: ['card', 'page'],
  words: [
    'put it into {category} too',
    'list {product} under {category}',
    'add {product} to {category}',
    'move this to {category}',
    'put {product} into {category} as well',
    'it belongs to {category}',
    'also in {category}',
  ],
  reads: (said): Found | No => {
    const found = filed(said);
    if ('no' in found) return found;
    const { product, category } = found;
    if (product.categories.includes(category)) return firmNo(`${product.title} is in ${category} already.`);
    const alone = hears(said, 'move') && !hears(said, 'too', 'also', 'well');
    const next = alone ? [category] : [...product.categories, category];
    return { wishes: [set(productPlaces.categories(product.id), next)], of: { product: product.title, category } };
  },
});

export const outOf = defineSentence({
  kind: 'out-of',
  offers: 'Take something out of a category: “not under Parts”',
  at: ['card', 'page'],
  words: [
    'take it out of {category}',
    'remove {product} from {category}',
    'it should not be in {category}',
    '{product} does not belong to {category}',
    'not under {category}',
  ],
  reads: (said): Found | No => {
    const found = filed(said);
    if ('no' in found) return found;
    const { product, category } = found;
    if (!product.categories.includes(category)) return firmNo(`${product.title} is not in ${category}.`);
    return {
      wishes: [
        set(
          productPlaces.categories(product.id),
          product.categories.filter((one) => one !== category),
        ),
      ],
      of: { product: product.title, category },
    };
  },
});

export const taxClass = defineSentence({
  kind: 'tax-class',
  offers: 'Say how something is taxed: “reduced rate”',
  at: ['card'],
  words: [
    'it has the reduced rate',
    'reduced tax',
    'this is taxed at the reduced rate',
    'no tax on this',
    'zero rated',
    'the standard rate',
    '{product} is zero rated',
    'normal tax rate',
  ],
  reads: (said) => {
    const product = productHere(said);
    if (!product) return no(noProduct);
    const to: TaxClass | null = hears(said, 'reduced', 'lower')
      ? 'reduced'
      : hears(said, 'zero', 'no', 'exempt')
        ? 'zero'
        : hears(said, 'standard', 'normal', 'full')
          ? 'standard'
          : null;
    if (!to) return no('Standard, reduced or zero?');
    return { wishes: [set(productPlaces.taxClass(product.id), to)], of: { product: product.title, class: to } };
  },
});
