import { withDecisions } from '../../../tests/decisions';
import { readFileSync } from 'node:fs';
import { importText } from '../goods';
import { geneWishes } from '../look';
import { provideOutlines, type Outlines } from '../pictures';
import { Decided } from '../places';
import { newProject, pictureSchema, withWishes, type Picture, type Project } from '../project';
import { sectionAbout } from '../sections';
import { exceptionsOf } from './exceptions';
import { brandFiles, looksFor, makeShop, markOf, type Shop } from './index';

const brief =
  'Kobold Cycles is a parts counter in Leipzig. I build wheels and sell parts for old touring bikes. Every wheel is trued twice. The website should be loud, orange and black. Euros. hanna@kobold.example';
const list =
  'title,price,category,description\nHub,89,Wheels,Thirty-six holes.\nSpoke,1.20,Wheels,Steel.\nBell,24.50,Small things,Brass.\n';

function project(decisions: Record<string, unknown> = {}): Project {
  const imported = importText(list);
  if (!imported.ok) throw new Error(imported.say);
  return withDecisions({ ...newProject('p', 'Shop'), brief, goods: { file: 'list.csv', ...imported.value } }, decisions);
}
function drawnShop(decisions: Record<string, unknown> = {}): Shop {
  const shop = makeShop(project(decisions));
  const face = shop.look.heading.id;
  provideOutlines(face, JSON.parse(readFileSync(`public/outlines/${face}.json`, 'utf8')) as Outlines);
  return makeShop(project(decisions));
}

describe('what follows from the mark', () => {
  test('are icons in the sizes that are asked for, and a card', () => {
    const files = brandFiles(drawnShop({ 'look/mark': 'emblem' }));
    // 180: Apple touch icon; 192 and 512: home screens (both common practice). The card: Open Graph, 1.91 to 1.
    expect(files?.rasters.map(({ path, width }) => [path, width])).toEqual([
      ['icon-32.png', 32],
      ['icon-180.png', 180],
      ['icon-192.png', 192],
      ['icon-512.png', 512],
      ['icon-mask.png', 512],
      ['card.png', 1200],
    ]);
    const manifest = JSON.parse(files?.manifest ?? '{}') as { icons: { src: string; purpose?: string }[]; short_name: string };
    for (const { src } of manifest.icons) expect(files?.rasters.some(({ path }) => path === src)).toBe(true);
    expect(manifest.icons.filter((icon) => icon.purpose === 'maskable')).toHaveLength(1);
    expect(manifest.short_name.length).toBeLessThanOrEqual(12);
  });

  test('changes with the palette', () => {
    const icon = (decisions: Record<string, unknown>) => brandFiles(drawnShop(decisions))?.icon;
    expect(icon({ 'look/accent': '#10507a' })).not.toBe(icon({ 'look/accent': '#8a1030' }));
  });

  test('is drawn for a mark that was chosen, and not for a name in type', () => {
    expect(markOf(drawnShop({ 'look/mark': 'seal' }))?.kind).toBe('seal');
    expect(markOf(drawnShop())).toBeNull();
  });
});

describe('what follows from a logo of the seller’s own', () => {
  const withLogo = (width: number, height: number, more: Partial<Picture> = {}) => {
    const logo = pictureSchema.parse({ name: 'logo.svg', hash: 'ab'.repeat(32), type: 'image/svg+xml', width, height, ...more });
    const made = drawnShop({ 'look/logo': 'logo.svg', 'look/scheme': 'white' });
    return brandFiles({ ...made, pictures: new Map([['logo.svg', logo]]) });
  };
  const logosIn = (files: ReturnType<typeof brandFiles>) =>
    files?.rasters.filter(({ logo }) => logo !== null).map(({ path }) => path);

  test('is every icon and the card, where it is compact; no drawing stands in its place', () => {
    const files = withLogo(120, 100);
    expect(files?.icon).toBeNull();
    expect(logosIn(files)).toEqual(files?.rasters.map(({ path }) => path));
    for (const { svg } of files?.rasters ?? []) expect(svg.match(/<image /g)).toHaveLength(1);
  });

  test('is the card alone, where it is wide; the icon is the initial on its first colour', () => {
    const files = withLogo(900, 100, { colours: ['#145a3c', '#ffffff'] });
    expect(logosIn(files)).toEqual(['card.png']);
    expect(files?.icon).toContain('fill="#145a3c"');
  });

  test('stands in the icon on its own ground, to the edge', () => {
    const [icon] = withLogo(100, 100, { ground: '#fde8c8' })?.rasters ?? [];
    expect(icon?.svg).toContain('<rect width="512" height="512" fill="#fde8c8"/>');
    expect(icon?.svg).toContain('scale(5.1200)');
  });
});

describe('places that differ', () => {
  test('are listed with what differs', () => {
    const { decisions } = project({
      'look/only/home/goods': 'inverse',
      'look/phone/columns': 1,
      'look/phone/size': 0.9,
      'look/phone/home/story': 'hidden',
    });
    const found = exceptionsOf(new Decided(decisions));
    expect(found).toEqual({
      only: [{ page: 'home', section: 'goods', tone: 'inverse' }],
      standing: [],
      columns: null,
      phone: { columns: 1, size: 0.9, hidden: [{ page: 'home', section: 'story' }] },
    });
  });

  test('are none by themselves', () => {
    expect(exceptionsOf(new Decided(new Map()))).toEqual({
      only: [],
      standing: [],
      columns: null,
      phone: { columns: null, size: null, hidden: [] },
    });
  });
});

describe('looks to compare', () => {
  const wish = { kind: 'candidates', turn: 0, seen: [], base: [], locks: [] } as const;

  test('are three whole shops that differ in family', () => {
    const found = looksFor(project(), wish);
    const shops = found.map(({ wishes }) => makeShop(withWishes(project(), wishes)));
    expect(new Set(shops.map((shop) => shop.look.family.id)).size).toBe(3);
    expect(shops.map((shop) => shop.look.genes)).toEqual(found.map(({ genes }) => genes));
  });

  test('keep the order of the home page where it is locked, through every turn', () => {
    const order = makeShop(project()).pages[0]?.sections.map((section) => section.id);
    for (const kind of ['candidates', 'vary', 'again'] as const)
      for (const { wishes } of looksFor(project(), { ...wish, kind, turn: 2, locks: ['order'] })) {
        const shop = makeShop(withWishes(project(), wishes));
        expect(shop.pages[0]?.sections.map((section) => section.id)).toEqual(order);
      }
  });

  test('keep a section that is locked while others change', () => {
    const now = makeShop(project());
    const shown = (shop: Shop) =>
      Object.fromEntries(
        (shop.pages[0]?.sections ?? []).map((section) => [
          section.id,
          section.arrangement ??
            shop.look.family.arrangements[section.kind] ??
            sectionAbout(section.kind).arrangements[0]?.id ??
            '',
        ]),
      );
    const before = shown(now);
    const [locked = ''] = (now.pages[0]?.sections ?? [])
      .filter(({ kind }) => kind !== 'opening' && sectionAbout(kind).arrangements.length > 1)
      .map(({ id }) => id);
    expect(before[locked]).toBeTruthy();
    const turns = [0, 1, 2, 3, 4, 5].flatMap((turn) =>
      looksFor(project(), { ...wish, kind: 'vary', turn, locks: ['family', `section:${locked}`] }).map(({ wishes }) =>
        shown(makeShop(withWishes(project(), wishes))),
      ),
    );
    for (const after of turns) expect(after[locked]).toBe(before[locked]);
    expect(turns.some((after) => Object.keys(after).some((id) => id !== locked && after[id] !== before[id]))).toBe(true);
  });

  test('can be taken back: the decisions of a look bring the look back', () => {
    const first = makeShop(project());
    const [other] = looksFor(project(), wish).filter(({ genes }) => genes.family !== first.look.genes.family);
    const there = withWishes(project(), other?.wishes ?? []);
    const back = withWishes(there, geneWishes(first.look.genes));
    expect(makeShop(back).look.genes).toEqual(first.look.genes);
    expect(makeShop(back).look.palette).toEqual(first.look.palette);
  });

  test('vary from a look that is on the bench, not only from the present one', () => {
    const [, second] = looksFor(project(), wish);
    const found = looksFor(project(), { ...wish, kind: 'vary', base: second?.wishes ?? [], locks: ['family'] });
    expect(new Set(found.map(({ genes }) => genes.family))).toEqual(new Set([second?.genes.family]));
  });
});
