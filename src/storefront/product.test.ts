import { decisionsOf } from '../../tests/decisions';
import { HtmlValidate } from 'html-validate';
import { importText } from '@/core/goods';
import { families, type Family } from '@/core/look';
import { newProject } from '@/core/project';
import { firstView, makeShop, relativeAddresses, type Shop, type Target } from '@/core/site';
import { storefront } from './index';

const target: Target = { kind: 'host', address: 'https://shop.example/' };

const sizes = Array.from({ length: 13 }, (_, i) => `Ladder,${40 + i},,4,2000,${200 + i * 10} cm,,\n`).join('');
const list = `title,price,was,stock,weight,size,option glass,option wick
Oil lamp,60,75,2,900,,clear,flat
Oil lamp,66,,0,900,,clear,round
Oil lamp,60,,0,900,,smoked,flat
Oil lamp,66,,0,900,,smoked,round
Bell rope,12,,9,300,2 m,,
Bell rope,18,,9,400,3 m,,
Sash cord,5,,9,50,thin,,
Sash cord,5,,0,50,thick,,
Fog horn,90,,0,700,,,
${sizes}`;

const shopIn = (family: string, rows = list): Shop => {
  const goods = importText(rows);
  if (!goods.ok) throw new Error(goods.say);
  return makeShop({
    ...newProject('p', 'Shop'),
    brief:
      'Skerry Stores sells lamps and rope for boats in Oban. Prices in pounds. We take things back within 30 days. Delivery in the UK is £4.',
    goods: { file: '', ...goods.value },
    decisions: decisionsOf({ 'look/family': family }),
  });
};

const pageOf = (shop: Shop, slug: string): string => {
  const page = shop.pages.find(({ path }) => path === `goods/${slug}/`);
  if (!page) throw new Error(slug);
  return storefront.page(shop, shop.writer.write(page), firstView, relativeAddresses(shop, page.path, target), target);
};

const textOf = (markup: string): string => markup.replace(/<[^>]*>/g, ' ').replace(/\s+/g, ' ').trim(); // prettier-ignore

/** The choices as they are read out: what stands in each label, or each line of a menu. */
const choicesIn = (page: string): string[] =>
  [...page.matchAll(/<label(?: class="out")?><input type="radio".*?<\/label>|<option .*?<\/option>/gs)].map(([one]) =>
    textOf(one),
  );

const signs: Record<Family['product']['order'][number], RegExp> = {
  name: /<h1/,
  price: /<p class="product-price"/,
  about: /product-about/,
  facts: /<dl class="facts"/,
  buy: /<(?:form|div) class="buy"/,
};

test('no two families offer a thing in the same way', () => {
  const ways = families.map(({ product }) => `${product.order.join(' ')} ${product.choices}`);
  expect(new Set(ways).size).toBe(families.length);
  for (const { product } of families) {
    expect(new Set(product.order).size).toBe(product.order.length);
    expect([...product.order].filter((part) => part !== 'price').sort()).toEqual(['about', 'buy', 'facts', 'name']);
    expect(product.order[0]).toBe('name');
  }
});

const validator = new HtmlValidate({
  extends: ['html-validate:standard'],
  rules: { 'no-inline-style': 'error', 'long-title': 'off', 'no-trailing-whitespace': 'off', 'void-style': 'off' },
});

describe.each(families)('the page of a thing in $id', ({ id, product, card }) => {
  const shop = shopIn(id);

  test('tells its parts in the order of the family, each once, also of what is sold out', () => {
    for (const slug of ['oil-lamp', 'fog-horn']) {
      const words = pageOf(shop, slug).split('class="product-words"')[1]?.split('</article>')[0] ?? '';
      const found = product.order.filter((part) => signs[part].test(words));
      expect(found.map((part) => words.search(signs[part]))).toEqual(
        found.map((part) => words.search(signs[part])).sort((a, b) => a - b),
      );
      expect(found).toEqual(expect.arrayContaining(['name', 'facts', 'buy']));
      expect(words.match(/data-price/g)).toHaveLength(1);
      expect(words.indexOf('data-price') > words.search(signs.buy)).toBe(
        !product.order.includes('price') || product.order.indexOf('price') > product.order.indexOf('buy'),
      );
    }
    expect(pageOf(shop, 'fog-horn')).not.toContain('Add to cart');
    expect(textOf(pageOf(shop, 'fog-horn'))).toContain('Sold out for now.');
  });

  test('says what a choice costs where that depends on it alone, and which is gone', () => {
    const rope = choicesIn(pageOf(shop, 'bell-rope'));
    const priced = ['rows', 'ticks', 'menu'].includes(product.choices);
    expect(rope).toHaveLength(2);
    expect(rope[0]?.includes('£12.00')).toBe(priced);
    expect(rope[1]?.includes('£18.00')).toBe(priced);
    const lamp = choicesIn(pageOf(shop, 'oil-lamp'));
    // Glass says nothing of the price, wick does; smoked glass is gone with every wick, the round wick with every glass.
    expect(lamp.slice(0, 2).join(' ')).not.toContain('£');
    expect(lamp.slice(2).filter((choice) => choice.includes('£'))).toHaveLength(priced ? 2 : 0);
    expect(lamp.filter((choice) => /sold out|gone/i.test(choice)).map((choice) => choice.split(' ')[0])).toEqual([
      'smoked',
      'round',
    ]);
    // One price for all is said once, with the thing.
    expect(choicesIn(pageOf(shop, 'sash-cord')).join(' ')).not.toContain('£');
    if (card.state) expect(rope.every((choice) => choice.includes('In'))).toBe(true);
  });

  test('takes the first choice that is there, and unfolds a long list from one line', () => {
    expect(pageOf(shop, 'oil-lamp').match(/ (?:checked|selected)/g)).toHaveLength(2);
    const ladder = pageOf(shop, 'ladder');
    expect(ladder).toContain('<select');
    expect(choicesIn(ladder)).toHaveLength(13);
    expect(ladder).not.toContain('type="radio"');
    expect(pageOf(shop, 'bell-rope').includes('<select')).toBe(product.choices === 'menu');
  });

  test('is valid', async () => {
    for (const slug of ['oil-lamp', 'fog-horn', 'ladder']) {
      const { results } = await validator.validateString(pageOf(shop, slug));
      expect(results.flatMap(({ messages }) => messages.map(({ ruleId, message }) => `${slug}: ${ruleId} ${message}`))).toEqual(
        [],
      );
    }
  });
});

/** What a card of the shelf of all goods says of a thing. */
function cardOf(shop: Shop, title: string): string {
  const page = shop.pages.find(({ kind }) => kind === 'shop');
  if (!page) throw new Error('There is no shelf.');
  const shelf = storefront.page(shop, shop.writer.write(page), firstView, relativeAddresses(shop, page.path, target), target);
  return textOf(new RegExp(`${title}[\\s\\S]*?</li>`).exec(shelf)?.[0] ?? '');
}

test('a card counts what a thing can first be chosen by, not every pair of choices', () =>
  expect(cardOf(shopIn('quiet'), 'Oil lamp')).toContain('2 glasses'));

test('what is chosen by in words that nobody knows is counted with all of it', () => {
  const rows =
    'title,price,option szín,option méret\nRose,3,fehér,kicsi\nRose,4,fehér,nagy\nRose,3,sárga,kicsi\nRose,4,sárga,nagy\n';
  expect(cardOf(shopIn('quiet', rows), 'Rose')).toContain('4 to choose from');
});
