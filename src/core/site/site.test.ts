import { contentTexts } from '../sections';
import { decisionsOf } from '../../../tests/decisions';
import { XMLParser } from 'fast-xml-parser';
import { readFileSync } from 'node:fs';
import { importText } from '../goods';
import { findingsOf } from '../proof';
import { newProject, type Project } from '../project';
import { type Text } from '../words';
import { buildReport, makeShop, pageAt, siteFiles, siteMap, sortProducts, viewsOf, type Draw, type Shop } from './index';

const brief = `Kobold Cycles is a parts counter in Leipzig. I build wheels and sell parts for old touring bikes. Every wheel is trued twice, the second time the morning after. I won't sell you a part you don't need. I started in 1998 with one truing stand. The website should be loud, orange and black. Euros. hanna@kobold.example`;
const list =
  'title,price,category,description,size,stock\nHub,89,Wheels,Thirty-six holes.,,4\nSpoke,1.20,Wheels,,280 mm,9\nSpoke,1.30,Wheels,,290 mm,0\nBell <b>,24.50,Small & odd,Brass.,,1\n';

function project(decisions: Record<string, unknown> = {}, text = brief, goods = list): Project {
  const imported = importText(goods);
  if (!imported.ok) throw new Error(imported.say);
  return {
    ...newProject('p', 'Shop'),
    brief: text,
    goods: { file: 'list.csv', ...imported.value },
    decisions: decisionsOf(decisions),
  };
}

const draw: Draw = { page: (_, page) => page.meta.title, styles: () => '', icon: () => '', scripts: {}, assets: () => [] };
const target = { kind: 'archive' as const, address: 'https://kobold.example/' };
const texts = (shop: Shop): Text[] =>
  shop.pages.flatMap((page) =>
    shop.writer.write(page).sections.flatMap((section) => contentTexts(section.words).map(({ text }) => text)),
  );

describe('a shop', () => {
  test('has no headline of what was hardly read: the goods are named instead', () => {
    const unsure = project({}, 'Fair Tide, Bergen.', 'title,price\nKelapa,85\nOmbak,95\n');
    const shop = makeShop(unsure);
    const sold = shop.reading.sells.map(({ confidence }) => confidence);
    expect(Math.min(1, ...sold)).toBeGreaterThanOrEqual(0.4);
    expect(texts(shop).map(({ text }) => text)).toContain('Kelapa, Ombak');
  });

  test('is the same for the same project', () => {
    const files = () => [...siteFiles(makeShop(project()), draw, target)];
    expect(files()).toEqual(files());
  });

  test('tells robots what every one of them may visit, and shuts none of the pages that are meant to be found', () => {
    const shop = makeShop(project());
    const files = new Map([...siteFiles(shop, draw, target)].flatMap((file) => ('text' in file ? [[file.path, file.text]] : [])));
    const lines = (files.get('robots.txt') ?? '').trim().split('\n');
    // RFC 9309, section 2.2: a group begins with its user agents, rules are "allow" and "disallow" with a path.
    expect(lines[0]).toBe('User-agent: *');
    for (const line of lines) expect(line).toMatch(/^(?:User-agent: \*|(?:Allow|Disallow): \/\S*|Sitemap: https:\/\/\S+)$/);
    expect(lines.at(-1)).toBe('Sitemap: https://kobold.example/sitemap.xml');
    const shut = lines.flatMap((line) => (line.startsWith('Disallow: ') ? [line.slice('Disallow: '.length)] : []));
    // Section 2.2.2: the most specific match counts, and "Allow: /" is less specific than any of these.
    const isShut = (path: string) => shut.some((rule) => `/${path}`.startsWith(rule));
    expect(shop.pages.filter((page) => page.listed && isShut(page.path))).toEqual([]);
    expect(shop.pages.filter((page) => isShut(page.path)).map((page) => page.kind)).toEqual(['cart', 'checkout']);
  });

  test('of which nothing surely says what it sells, names its first goods, and never what was hardly read', () => {
    const headlineOf = (text: string, goods: string) => {
      const shop = makeShop(project({}, text, goods));
      const home = shop.pages.find(({ id }) => id === 'home');
      return home && shop.writer.write(home).sections.find(({ id }) => id === 'opening')?.words.headline;
    };
    const cyrillic = 'Мастерская «Глина и дым», Томск, Россия. Мы лепим посуду из местной глины.';
    expect(headlineOf(cyrillic, 'title,price\nКружка «Волна»,12\nМиска глубокая,19\nЧайник,48\nЛожка,3\n')).toMatchObject({
      text: 'Кружка «Волна», Миска глубокая, Чайник',
    });
    // “Caves all winter, paper instead and page of passages” was taken for what is sold, hardly.
    const caves = `Downstairs, Taipei: we survey caves all winter, so between May and September you get paper instead of us, and the website wants a page of passages that ended and another of apologies to bats.`;
    expect(JSON.stringify(headlineOf(caves, 'title,price\nSump,480\nRift,500\n') ?? '')).not.toMatch(/paper instead|passages/);
  });

  test('has a page for every category and product, and no two at one address', () => {
    const paths = makeShop(project()).pages.map((page) => page.path);
    expect(paths).toEqual(
      expect.arrayContaining([
        '',
        'shop/',
        'shop/wheels/',
        'shop/small-odd/',
        'goods/hub/',
        'about/',
        'contact/',
        'delivery/',
        'privacy/',
        'terms/',
        'cart/',
        'checkout/',
        'thank-you/',
        '404.html',
      ]),
    );
    expect(new Set(paths).size).toBe(paths.length);
  });

  test('holds what the seller decided over what was generated', () => {
    const shop = makeShop(
      project({
        'words/home/opening/headline': 'Round wheels.',
        'goods/p-hub/title': 'Front hub',
        'goods/p-hub/p-hub.one/price': 9900,
        'look/family': 'ledger',
        'plan/home/why/hidden': true,
      }),
    );
    const home = shop.pages.find((page) => page.kind === 'home');
    const written = home && shop.writer.write(home);
    expect(written?.sections.find((section) => section.id === 'opening')?.words.headline).toMatchObject({
      text: 'Round wheels.',
    });
    expect(written?.sections.some((section) => section.id === 'why')).toBe(false);
    expect(shop.catalogue.byId.get('p-hub')).toMatchObject({ title: 'Front hub', variants: [{ price: 9900 }] });
    expect(shop.look.family.id).toBe('ledger');
  });

  test('sets decisions aside whose place is gone, and takes them up again with it', () => {
    const decisions = {
      'goods/p-lamp/p-lamp.one/price': 100,
      'goods/p-spoke/p-spoke.300-mm/stock': 4,
      'words/category-lamps/listing/heading': 'Lamps',
    };
    expect(
      makeShop(project(decisions))
        .setAside.map(({ place }) => place)
        .sort(),
    ).toEqual(Object.keys(decisions).sort());
    const back = makeShop(project(decisions, brief, `${list}Lamp,5,Lamps,,,\nSpoke,1.4,Wheels,,300 mm,1\n`));
    expect(back.setAside).toEqual([]);
    expect(back.catalogue.byId.get('p-lamp')?.variants[0]?.price).toBe(100);
  });

  test('says of every text where it comes from, and prints no sentence twice', () => {
    const shop = makeShop(
      project({
        'till/zones': [
          {
            id: 'z',
            label: 'Germany',
            countries: ['DE'],
            rates: [{ id: 'r', label: 'Post', price: 490, freeFrom: null, upTo: null }],
          },
        ],
      }),
    );
    const own = texts(shop).filter((text) => text.rank === 1);
    for (const text of texts(shop)) expect(text.sources.length).toBeGreaterThan(0);
    for (const { sources } of own)
      for (const source of sources) if (source.kind === 'brief') expect(brief).toContain(source.source.text);
    const sentences = own.map((text) => text.text);
    expect(new Set(sentences).size).toBe(sentences.length);
    expect(sentences.join(' ')).not.toMatch(/website|orange/);
  });

  test('prints no number that is in no input', () => {
    const shop = makeShop(project());
    const given = new Set(`${brief} ${list}`.match(/\d+/g));
    for (const { text, sources } of texts(shop)) {
      if (sources.every((source) => source.kind === 'brief'))
        for (const number of text.match(/\d+/g) ?? []) expect(given.has(number)).toBe(true);
    }
  });

  test('leaves out a section that nothing fills', () => {
    const bare = makeShop(project({}, 'We sell soap.'));
    const home = bare.pages.find((page) => page.kind === 'home');
    expect(home && bare.writer.write(home).sections.map((section) => section.id)).toEqual(['opening', 'featured', 'categories']);
  });

  test('titles and describes every listed page in words of its own', () => {
    const shop = makeShop(project());
    const metas = shop.pages.filter((page) => page.listed).map((page) => shop.writer.write(page).meta);
    expect(new Set(metas.map((meta) => meta.title)).size).toBe(metas.length);
    expect(new Set(metas.map((meta) => meta.description)).size).toBe(metas.length);
    for (const { title, description } of metas) expect([title.length <= 65, description.length <= 160]).toEqual([true, true]);
  });
});

describe('shelves', () => {
  test('are sorted by price and name', () => {
    const shop = makeShop(project());
    const titles = (order: 'by-price' | 'by-price-down' | 'by-name') =>
      sortProducts(shop.catalogue.products, order, 'en').map((p) => p.title);
    expect(titles('by-price')).toEqual(['Spoke', 'Bell', 'Hub']);
    expect(titles('by-price-down')).toEqual(['Hub', 'Bell', 'Spoke']);
    expect(titles('by-name')).toEqual(['Bell', 'Hub', 'Spoke']);
  });

  test('are parted into stretches that can all be reached by address', () => {
    const long = makeShop(
      project({}, brief, `title,price\n${Array.from({ length: 130 }, (_, i) => `Thing ${i},${i + 1}`).join('\n')}\n`),
    );
    const shelf = long.pages.find((page) => page.kind === 'shop');
    expect(shelf && viewsOf(long, shelf)).toHaveLength(12);
    expect(pageAt(long, 'shop/by-price/3/')?.view).toEqual({ order: 'by-price', stretch: 3 });
    expect(pageAt(long, 'shop/by-price/4/')).toBeNull();
    expect(pageAt(long, 'about/2/')).toBeNull();
  });
});

test('the site map is well formed, and escapes what XML must escape', () => {
  const shop = makeShop(project());
  const text = siteMap(shop, { ...target, address: 'https://kobold.example/a&b/' });
  const parsed = new XMLParser().parse(text);
  expect(parsed.urlset.url.length).toBe(shop.pages.filter((page) => page.listed && shop.writer.hasContent(page)).length);
  expect(text).toContain('https://kobold.example/a&amp;b/goods/');
});

describe('proof', () => {
  test('names what is missing, worst first, and where it is put right', () => {
    const findings = findingsOf(makeShop(newProject('p', 'Shop')), []);
    expect(findings.filter((finding) => finding.level === 'mend').map((finding) => finding.check)).toEqual(
      expect.arrayContaining(['name', 'email', 'goods', 'tax']),
    );
    expect(findings.findIndex((finding) => finding.level === 'fine')).toBeGreaterThan(
      findings.findLastIndex((finding) => finding.level === 'mend'),
    );
  });

  test('counts rows that were left out and pictures that are not there', () => {
    const with_ = project({}, brief, 'title,price,picture\nA,1,a.jpg\nTest product,2,\n');
    const say = findingsOf(makeShop(with_), with_.goods.problems)
      .map((finding) => finding.say)
      .join(' ');
    expect(say).toContain('1 row of the list could not be used, the first in row 3');
    expect(say).toContain('a.jpg');
  });
});

test('the sample shop is read as its makers meant it', () => {
  const goods = importText(readFileSync('demo/goods.csv', 'utf8'));
  if (!goods.ok) throw new Error(goods.say);
  expect(goods.value.products.length).toBeGreaterThanOrEqual(48);
  expect(goods.value.products.flatMap((product) => product.variants).length).toBeGreaterThanOrEqual(200);
  expect(goods.value.problems).toEqual([]);
  const shop = makeShop({
    ...project(),
    brief: readFileSync('demo/brief.txt', 'utf8'),
    goods: { file: 'goods.csv', ...goods.value },
  });
  const report = buildReport(shop, [], 0);
  expect(report.reading).toMatchObject({
    name: { value: 'Tarnwick Dye House' },
    country: { value: 'GB' },
    currency: { value: 'GBP' },
    contact: { email: { value: 'bram@tarnwick.example' }, phone: { value: '+44 1632 960482' } },
  });
  expect(report.reading.coloursWanted.map((colour) => colour?.value.name)).toEqual(['deep green', 'madder red']);
  expect(report.reading.coloursAvoided.map((colour) => colour?.value.name)).toEqual(['pink']);
});
