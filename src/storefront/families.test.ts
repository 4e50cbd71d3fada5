import { decisionsOf } from '../../tests/decisions';
import { HtmlValidate } from 'html-validate';
import { readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import { importText } from '@/core/goods';
import { families } from '@/core/look';
import { pictureSchema, newProject, type Picture, type Project } from '@/core/project';
import { makeShop, relativeAddresses, siteFiles, viewPath, viewsOf } from '@/core/site';
import { storefront } from './index';

const target = { kind: 'host' as const, address: 'https://shop.example/' };

const lists: Record<string, string> = {
  'one product without anything': 'title,price\nThing,5\n',
  'very long words': `title,price,category,description,size\n${'Donaudampfschifffahrtselektrizitätenhauptbetriebswerkbauunterbeamtengesellschaft '.repeat(2)},1250000.00,${'A very long category name that goes on '.repeat(2)},"${'Word '.repeat(300)}",${'one size that has a name of its own '.repeat(2)}\n`,
  'seventy products': `title,price,category,stock,was\n${Array.from({ length: 70 }, (_, i) => `Thing ${i},${i + 1},Shelf ${i % 3},${i % 4},${i % 5 ? '' : i + 9}`).join('\n')}\n`,
  'the sample': readFileSync('demo/goods.csv', 'utf8'),
};

const picture: Picture = pictureSchema.parse({
  name: 'madder-bed-skein.webp',
  hash: 'ab'.repeat(32),
  type: 'image/webp',
  width: 820,
  height: 820,
});

function project(
  list: string,
  family: string,
  brief = readFileSync('demo/brief.txt', 'utf8'),
  extra: Record<string, unknown> = {},
): Project {
  const goods = importText(list);
  if (!goods.ok) throw new Error(goods.say);
  const decisions = { 'look/family': family, ...JSON.parse(readFileSync('demo/decisions.json', 'utf8')), ...extra } as Record<
    string,
    unknown
  >;
  return {
    ...newProject('p', 'Shop'),
    brief,
    goods: { file: '', ...goods.value },
    pictures: [picture],
    decisions: decisionsOf(decisions),
  };
}

const validator = new HtmlValidate({
  extends: ['html-validate:standard'],
  rules: { 'no-inline-style': 'error', 'long-title': 'off', 'no-trailing-whitespace': 'off', 'void-style': 'off' },
});

describe.each(families.map((family) => family.id))('family %s', (family) => {
  // What families draw otherwise is in their cards: those that have one see seventy of them. Pages of the sample differ by family only in
  // what a thing's own page tells, which product.test.ts looks at; one family sees them all.
  const card = Object.keys(families.find((one) => one.id === family)?.card ?? {}).length > 0;
  const seenBy = (name: string) => (name === 'the sample' ? family === 'ledger' : name === 'seventy products' ? card : true);
  test.each(Object.keys(lists).filter(seenBy))('draws %s as valid pages', async (name) => {
    const shop = makeShop(project(lists[name] ?? '', family));
    const seen = new Set<string>();
    for (const page of shop.pages) {
      // One page of each kind stands for all of it.
      if (seen.has(page.kind)) continue;
      seen.add(page.kind);
      for (const view of viewsOf(shop, page).slice(0, 2)) {
        const text = storefront.page(
          shop,
          shop.writer.write(page),
          view,
          relativeAddresses(shop, viewPath(page, view), target),
          target,
        );
        const report = await validator.validateString(text);
        expect(
          report.results.flatMap((result) =>
            result.messages.map((message) => `${page.kind}: ${message.ruleId} ${message.message}`),
          ),
        ).toEqual([]);
        expect(text.match(/<h1[ >]/g)).toHaveLength(1);
      }
    }
  });

  test('keeps its home page within the budget of weight', () => {
    const shop = makeShop(project(lists['the sample'] ?? '', family));
    const [home] = shop.pages;
    if (!home) throw new Error('no home');
    const addresses = relativeAddresses(shop, '', target);
    const page = storefront.page(shop, shop.writer.write(home), { order: '', stretch: 1 }, addresses, target);
    const all = page + storefront.styles(shop, addresses) + Object.values(storefront.scripts).join('');
    expect(gzipSync(all).length).toBeLessThan(60 * 1024);
    // What the heaviest page loads: the checkout of a shop that asks businesses for their number.
    const { shop: own = '', till = '', thanks = '', number = '', search = '', asked = '' } = storefront.scripts;
    for (const loaded of [own + till + number, own + asked + till, own + thanks, own + search])
      expect(gzipSync(loaded).length).toBeLessThan(15 * 1024);
  });

  test('uses only colours that the palette holds', () => {
    const shop = makeShop(project(lists['the sample'] ?? '', family));
    const styles = storefront.styles(shop, relativeAddresses(shop, '', target));
    const palette = new Set(Object.values(shop.look.palette));
    for (const match of styles.matchAll(/#[0-9a-f]{3,8}\b/g)) expect(palette).toContain(match[0]);
  });
});

describe('a published site', () => {
  const shop = makeShop(project(lists['the sample'] ?? '', 'ledger'));
  const files = [...siteFiles(shop, storefront, target)];
  const paths = new Set(files.map((file) => file.path));

  test('has every file that its pages ask for', () => {
    const faults: string[] = [];
    for (const file of files) {
      if (!('text' in file) || !file.path.endsWith('.html')) continue;
      for (const match of file.text.matchAll(/(?:href|src|action)="([^"]+)"/g)) {
        const link = match[1] ?? '';
        if (/^(#|mailto:|tel:|https:)/.test(link)) continue;
        const at = new URL(link, `https://shop.example/${file.path}`).pathname.slice(1);
        if (!paths.has(at === '' || at.endsWith('/') ? `${at}index.html` : at)) faults.push(`${file.path} → ${link}`);
      }
    }
    expect(faults).toEqual([]);
  });

  test('carries the licence of each face beside it', () => {
    const faces = [...paths].filter((path) => path.endsWith('.woff2'));
    expect(faces.length).toBeGreaterThan(0);
    for (const face of faces) expect(paths).toContain(face.replace('.woff2', '-license.txt'));
  });

  test('has share-card data, an icon and a description on every listed page', () => {
    for (const file of files) {
      if (!('text' in file) || !file.path.endsWith('index.html') || file.text.includes('noindex')) continue;
      for (const piece of ['og:title', 'og:description', 'og:image', 'rel="icon"', 'name="description"', 'rel="canonical"'])
        expect([file.path, file.text.includes(piece)]).toEqual([file.path, true]);
    }
  });

  test('asks search engines to pass over cart, checkout and sorted shelves', () => {
    for (const path of ['cart/index.html', 'checkout/index.html', 'shop/by-price/index.html', '404.html']) {
      const file = files.find((candidate) => candidate.path === path);
      expect([path, file && 'text' in file && file.text.includes('content="noindex"')]).toEqual([path, true]);
    }
  });

  test('speaks of brands and places as they are written', () => {
    const home = files.find((file) => file.path === 'index.html');
    expect(home && 'text' in home && home.text).toContain('Tarnwick Dye House');
  });
});

test('structured data uses types and values that schema.org knows', () => {
  // schema.org, version 29: Product, Offer, OnlineStore, BreadcrumbList, ListItem, PostalAddress; ItemAvailability InStock and OutOfStock.
  const known = new Set(['Product', 'Offer', 'OnlineStore', 'BreadcrumbList', 'ListItem', 'PostalAddress']);
  const shop = makeShop(project(lists['seventy products'] ?? '', 'quiet'));
  let products = 0;
  for (const file of siteFiles(shop, storefront, target)) {
    if (!('text' in file)) continue;
    const text = /<script type="application\/ld\+json">(.*?)<\/script>/s.exec(file.text)?.[1];
    if (!text) continue;
    const walk = (value: unknown): void => {
      if (Array.isArray(value)) return value.forEach(walk);
      if (typeof value !== 'object' || value === null) return;
      const thing = value as Record<string, unknown>;
      if ('@type' in thing) expect(known).toContain(thing['@type']);
      if (thing['@type'] === 'Offer') {
        expect(thing.price).toMatch(/^\d+\.\d{2}$/);
        expect(thing.availability).toMatch(/^https:\/\/schema\.org\/(InStock|OutOfStock)$/);
      }
      if (thing['@type'] === 'Product') products++;
      Object.values(thing).forEach(walk);
    };
    walk(JSON.parse(text));
  }
  expect(products).toBe(70);
});

test('what stands under a page of the menu can be opened without a script, and says what it is under', async () => {
  const shop = makeShop(
    project(lists['the sample'] ?? '', 'quiet', undefined, {
      'plan/shelves': true,
      'plan/contact/menu': true,
      'plan/contact/under': 'about',
    }),
  );
  const home = [...siteFiles(shop, storefront, target)].find(({ path }) => path === 'index.html');
  const text = home && 'text' in home ? home.text : '';
  const menu = /<nav aria-label="Main"[^]*?<\/nav>/.exec(text)?.[0] ?? '';
  expect([...menu.matchAll(/<summary aria-label="([^"]*)">/g)].map(([, label]) => label)).toEqual(['Under Shop', 'Under About']);
  expect(menu.match(/<details[^>]*>[^]*?<\/details>/g)?.map((list) => list.match(/<li>/g)?.length)).toEqual([11, 1]);
  const report = await validator.validateString(text);
  expect(report.results.flatMap(({ messages }) => messages.map(({ message }) => message))).toEqual([]);
});
