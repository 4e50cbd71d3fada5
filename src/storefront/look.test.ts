import { decisionsOf } from '../../tests/decisions';
import { readFileSync } from 'node:fs';
import { importText } from '@/core/goods';
import { contrastRatio, families } from '@/core/look';
import { provideOutlines, type Outlines } from '@/core/pictures';
import { newProject, pictureSchema, type Picture } from '@/core/project';
import { firstView, makeShop, relativeAddresses, siteFiles, type Shop } from '@/core/site';
import { nearGround } from './context';
import { storefront } from './index';

const target = { kind: 'host' as const, address: 'https://shop.example/' };
const brief =
  'Kobold Cycles is a parts counter in Leipzig. I build wheels and sell parts for old touring bikes. Every wheel is trued twice. I started in 1998. Orange and black. Euros. hanna@kobold.example';
const list = 'title,price,category,picture\nHub,89,Wheels,hub.webp\nSpoke,1.20,Wheels,spoke.webp\nBell,24.50,Small things,\n';

const picture = (name: string, more: Partial<Picture> = {}): Picture =>
  pictureSchema.parse({
    name,
    hash: (name === 'hub.webp' ? 'ab' : 'cd').repeat(32),
    type: 'image/webp',
    width: 1600,
    height: 1600,
    ...more,
  });

function shopOf(decisions: Record<string, unknown> = {}, pictures = [picture('hub.webp'), picture('spoke.webp')]): Shop {
  const goods = importText(list);
  if (!goods.ok) throw new Error(goods.say);
  return makeShop({
    ...newProject('p', 'Shop'),
    brief,
    goods: { file: '', ...goods.value },
    pictures,
    decisions: decisionsOf(decisions),
  });
}
function drawn(shop: Shop, path = ''): string {
  const page = shop.pages.find((one) => one.path === path);
  if (!page) throw new Error(`No page at ${path}.`);
  return storefront.page(shop, shop.writer.write(page), firstView, relativeAddresses(shop, path, target), target);
}
const stylesOf = (shop: Shop) => storefront.styles(shop, relativeAddresses(shop, '', target));
const imageOf = (page: string, hash: string) => new RegExp(`<img[^>]*${hash.slice(0, 20)}[^>]*>`).exec(page)?.[0] ?? '';

describe('a picture on a page', () => {
  test('has its size, so that nothing jumps, and other sizes where there are some', () => {
    const sizes = [{ hash: 'ef'.repeat(32), width: 480, bytes: 9000 }];
    const image = imageOf(drawn(shopOf({}, [picture('hub.webp', { sizes })]), 'goods/hub/'), 'ab'.repeat(32));
    expect(image).toContain('width="1600" height="1600"');
    expect(image).toMatch(/srcset="[^"]+ 480w, [^"]+ 1600w"/);
    // HTML Living Standard: srcset with widths needs sizes.
    expect(image).toMatch(/sizes="[^"]+"/);
    expect(imageOf(drawn(shopOf(), 'goods/hub/'), 'ab'.repeat(32))).not.toContain('srcset');
  });

  test.each([
    ['looks at its focus', { focus: { x: 0.2, y: 0.8 } }, ['at-20', 'at-y-80']],
    ['in the middle needs no word', {}, []],
    [
      'that is to be seen whole stands on its own ground',
      { fit: 'whole', ground: '#f4f2ee' },
      ['whole', `on-${nearGround('#f4f2ee')}`],
    ],
    ['that upright places would cut says so', { cuts: ['upright'] }, ['not-upright']],
  ] as [string, Partial<Picture>, string[]][])('%s', (_, more, classes) => {
    const shop = shopOf({}, [picture('hub.webp', more)]);
    const image = imageOf(drawn(shop, 'goods/hub/'), 'ab'.repeat(32));
    expect((/class="([^"]*)"/.exec(image)?.[1] ?? '').split(' ').filter(Boolean)).toEqual(classes);
    const styles = stylesOf(shop);
    for (const name of classes) expect([name, styles.includes(`.${name}`)]).toEqual([name, true]);
  });

  test('has no more grounds in the style sheet than an eye can tell apart', () => {
    const grounds = ['#f4f2ee', '#f3f1ed', '#f5f3ef', '#e0d0c0'];
    const near = new Set(grounds.map(nearGround));
    expect(near.size).toBeLessThan(grounds.length);
    for (const ground of grounds) expect(contrastRatio(ground, `#${nearGround(ground)}`)).toBeLessThan(1.05);
  });

  test('that is missing is a plain field with the initial, never a made picture', () => {
    const page = drawn(shopOf({ 'look/opening': 'made' }), 'goods/bell/');
    expect(page).toMatch(/class="no-picture"[^>]*>\s*<span[^>]*>B</);
    expect(page).not.toContain('opening.svg');
  });

  test.each(families.map((family) => [family.id, family] as const))(
    'that is missing in a list of %s is its name set large, or its initial with the name beside it; either way it is named once',
    (id, { card }) => {
      const item =
        /<li class="good[^"]*"[^>]*>(?:(?!<\/li>)[^])*goods\/bell\/[^]*?<\/li>/.exec(
          drawn(shopOf({ 'look/family': id }), 'shop/'),
        )?.[0] ?? '';
      const [named, initial] = [/class="no-picture named[^"]*"/.test(item), /class="no-picture"/.test(item)];
      expect([named, initial]).toEqual([Boolean(card.names), !card.names]);
      expect(item.match(/class="name">Bell</g)).toHaveLength(1);
    },
  );

  test.each(families.map(({ id }) => id))(
    '%s wears a third colour where there is one, and no trace of it where there is none',
    (id) => {
      const styles = stylesOf(shopOf({ 'look/family': id, 'look/third': '#f3de5b' }));
      expect(styles).toContain('--third:#f3de5b');
      expect(styles).toContain('--on-third:');
      expect(styles.match(/var\(--third,/g)?.length ?? 0).toBeGreaterThan(1);
      expect(stylesOf(shopOf({ 'look/family': id }))).not.toContain('--third:');
    },
  );
});

describe('single places', () => {
  test('take tones whose text reads on them', () => {
    const shop = shopOf({ 'look/only/home/featured': 'inverse', 'look/only/home/story': 'accent' });
    const page = drawn(shop);
    expect(page).toMatch(/<section class="[^"]*tone-inverse[^"]*" id="featured"/);
    const { palette } = shop.look;
    expect(contrastRatio(palette.ground, palette.text)).toBeGreaterThanOrEqual(4.5);
    expect(contrastRatio(palette.onAccent, palette.accent)).toBeGreaterThanOrEqual(4.5);
    expect(contrastRatio(palette.onSecond, palette.second)).toBeGreaterThanOrEqual(4.5);
    expect(stylesOf(shop)).toContain('.tone-inverse');
    expect(stylesOf(shopOf())).not.toContain('.tone-inverse');
  });

  test('are otherwise on phones alone', () => {
    const styles = stylesOf(shopOf({ 'look/phone/columns': 1, 'look/phone/size': 1.2, 'look/phone/home/story': 'hidden' }));
    const phones = styles.slice(styles.lastIndexOf('@media (max-width:600px)'));
    expect(phones).toContain('--body:1.20rem');
    expect(phones).toContain('repeat(1,minmax(0,1fr))');
    expect(phones).toContain('.off-phone{display:none');
    expect(stylesOf(shopOf())).not.toContain('.off-phone');
  });
});

describe('the mark', () => {
  const withMark = (decisions: Record<string, unknown>) => {
    const face = shopOf(decisions).look.heading.id;
    provideOutlines(face, JSON.parse(readFileSync(`public/outlines/${face}.json`, 'utf8')) as Outlines);
    return shopOf(decisions);
  };

  test('stands in the head of every page, named as the shop is', () => {
    const shop = withMark({ 'look/mark': 'seal' });
    for (const path of ['', 'shop/', 'goods/hub/', 'cart/', 'checkout/']) {
      const [, brand = ''] = /<a class="brand"[^>]*>(.*?)<\/a>/s.exec(drawn(shop, path)) ?? [];
      expect(brand).toContain('<svg');
      expect(brand).toContain('Kobold Cycles');
    }
  });

  test('stands at the foot where that is wanted, with ids of its own', () => {
    const page = drawn(withMark({ 'look/mark': 'stamp', 'look/markFoot': true }));
    const ids = [...page.matchAll(/\sid="([^"]+)"/g)].map(([, id]) => id);
    expect(page.match(/class="mark /g)).toHaveLength(2);
    expect(new Set(ids).size).toBe(ids.length);
  });

  test('has the ink of the text about it, so it stands on light and dark', () => {
    const [, mark = ''] = /(<svg class="mark.*?<\/svg>)/s.exec(drawn(withMark({ 'look/mark': 'line' }))) ?? [];
    expect(mark).toMatch(/fill="currentColor"/);
  });

  test('may be the seller’s own picture', () => {
    const page = drawn(shopOf({ 'look/logo': 'hub.webp' }));
    expect(/<a class="brand"[^>]*>(.*?)<\/a>/s.exec(page)?.[1]).toMatch(/<img[^>]+alt="Kobold Cycles"/);
    // schema.org, Organization: logo.
    expect(page).toMatch(/"@type":"OnlineStore".*"logo":"https:\/\/shop\.example\/pictures\/abab/);
  });

  test.each([
    ['look/logo', 'hub.webp'],
    ['look/mark', 'stamp'],
  ])('may have the name beside it, said once: %s', (place, value) => {
    const page = drawn(withMark({ [place]: value, 'look/markName': true }));
    const [, brand = ''] = /<a class="brand"[^>]*>(.*?)<\/a>/s.exec(page) ?? [];
    expect(brand).toMatch(/<(img|svg)\s+class="mark/);
    expect(brand.match(/Kobold Cycles/g)).toHaveLength(1);
    expect(brand).toMatch(/<span>Kobold Cycles<\/span>/);
  });

  test('that the head would hide stands on a field of its own, and only there', () => {
    const dark = [picture('hub.webp', { rim: ['#14181c'], colours: ['#14181c'] })];
    const brandOf = (family: string) =>
      /<a class="brand"[^>]*>(.*?)<\/a>/s.exec(
        drawn(shopOf({ 'look/logo': 'hub.webp', 'look/scheme': 'paper', 'look/family': family }, dark)),
      )?.[1] ?? '';
    // The board's head is as dark as its text; the quiet one's is the page's own ground.
    expect(brandOf('board')).toMatch(/mark-on-(ground|raised|accent|second)/);
    expect(brandOf('quiet')).not.toContain('mark-on-');
    expect(stylesOf(shopOf())).toContain('.mark-on-raised{background:var(--raised)}');
  });

  test('that is gone is set aside, and the name stands as text', () => {
    const shop = shopOf({ 'look/logo': 'lost.svg' });
    expect(shop.setAside.map(({ place }) => place)).toEqual(['look/logo']);
    expect(/<a class="brand"[^>]*>(.*?)<\/a>/s.exec(drawn(shop))?.[1]?.trim()).toBe('Kobold Cycles');
  });
});

describe.each(families.map(({ id }) => id))('type in the family %s', (family) => {
  const shop = shopOf({ 'look/family': family });
  const files = [...siteFiles(shop, storefront, target)];
  const styles = stylesOf(shop);

  test('ships the files of its two faces alone, and only for the letters that it needs', () => {
    const faces = files.map(({ path }) => path).filter((path) => path.endsWith('.woff2'));
    const { heading, text } = shop.look;
    for (const path of faces) expect(path.startsWith(`fonts/${heading.id}`) || path.startsWith(`fonts/${text.id}`)).toBe(true);
    expect(faces.some((path) => /cyrillic|greek|vietnamese|hebrew/.test(path))).toBe(false);
    for (const path of faces) expect(styles).toContain(path);
  });

  // CSS Fonts Module Level 5: size-adjust, ascent-override, descent-override and line-gap-override on a local face.
  test('holds the place of each face with a stand-in of its measures', () => {
    const standIns = styles.match(/@font-face\{[^}]*local\([^}]*\}/g) ?? [];
    expect(standIns.length).toBeGreaterThanOrEqual(shop.look.heading.id === shop.look.text.id ? 1 : 2);
    for (const rule of standIns)
      for (const property of ['size-adjust', 'ascent-override', 'descent-override', 'line-gap-override'])
        expect([property, rule.includes(property)]).toEqual([property, true]);
  });

  test('asks for less motion where the visitor does', () => {
    const moving = stylesOf(shopOf({ 'look/family': family, 'look/motion': 'gentle' }));
    const at = moving.indexOf('@keyframes drift');
    expect(at).toBeGreaterThan(-1);
    expect(moving.slice(0, at).lastIndexOf('prefers-reduced-motion:no-preference')).toBeGreaterThan(-1);
  });
});
