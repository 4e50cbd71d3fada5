import { readFileSync } from 'node:fs';
import { importText } from '@/core/goods';
import { documentOf, newProject, readProject, startStory, type Story } from '@/core/project';
import { firstView, makeShop, placesOf, relativeAddresses, type Target } from '@/core/site';
import { storefront } from './index';
import {
  corrections,
  Decided,
  locate,
  lookPlaces,
  parseAt,
  placeKinds,
  planPlaces,
  set,
  textPlace,
  type Value,
} from '@/core/places';

/** Values of every wrong form. */
const strange: unknown[] = [
  null,
  true,
  -1,
  1e300,
  Number.NaN,
  7,
  0.5,
  '',
  'ZZZ',
  '__proto__',
  '<script>alert(1)</script>',
  'x'.repeat(25_000),
  [],
  [null],
  ['x'],
  [{ id: 'a' }],
  {},
  { kind: 'home' },
  { standard: -1, reduced: 7, zero: 3 },
  JSON.parse('{"__proto__":{"polluted":true},"constructor":{"prototype":1}}'),
  { toString: 7 },
];

const goods = importText('title,price,category\nOak Bowl,40,Bowls\nLow Lamp,90,Lamps\n');
if (!goods.ok) throw new Error(goods.say);
const project = {
  ...newProject('p', 'Shop'),
  brief: readFileSync('demo/brief.txt', 'utf8'),
  goods: { file: '', ...goods.value },
};

/** An address of every kind of place there is, on things that are there. */
const addresses = placeKinds.map((kind) => {
  const at: Record<string, string> = {
    ':page': kind.id.startsWith('added/page') ? 'journal' : 'home',
    ':section': kind.id.startsWith('added/section') ? 'video' : kind.segments.includes(':list') ? 'why' : 'opening',
    ':field': 'headline',
    ':list': 'reasons',
    ':item': 'own-1',
    ':part': 'text',
    ':product': 'p-oak-bowl',
    ':variant': 'p-oak-bowl.one',
    ':question': 'tone',
    ':name': 'a.webp',
  };
  return kind.segments.map((segment) => at[segment] ?? segment).join('/');
});

const target: Target = { kind: 'host', address: 'https://shop.example/' };
function drawn(story: Story): string {
  const shop = makeShop(story.project);
  placesOf(shop, story.project);
  return (
    shop.pages
      .slice(0, 8)
      .map((page) =>
        storefront.page(shop, shop.writer.write(page), firstView, relativeAddresses(shop, page.path, target), target),
      )
      .join('') + storefront.styles(shop, relativeAddresses(shop, '', target))
  );
}

test('there is a kind of place for each address that is tried, and each is found again', () => {
  expect(addresses.map((address) => locate(address)?.kind.id)).toEqual(placeKinds.map((kind) => kind.id));
  expect(placeKinds.length).toBeGreaterThan(60);
});

test('every place × every value: what comes in is what may stand there, and a project that opens never throws later', () => {
  let opened = 0;
  let aside = 0;
  for (const value of strange) {
    const entries = addresses.map((place) => ({ place, value }));
    const before = documentOf(startStory(project, '2026-01-01'));
    const base = before.base as Record<string, unknown>;
    const asBase = readProject({ ...before, base: { ...base, decisions: entries } });
    const asChanges = readProject({
      ...before,
      changes: entries.map((set, i) => ({
        id: `c${i}`,
        at: `2026-01-02T00:00:${String(i % 60).padStart(2, '0')}.000Z`,
        label: '',
        sets: [{ place: set.place, after: value }],
      })),
    });
    for (const read of [asBase, asChanges]) {
      if (!read.ok) throw new Error(read.say);
      opened++;
      const { project: found, log } = read.value;
      for (const [place, kept] of found.decisions) expect([place, parseAt(place, kept).ok]).toEqual([place, true]);
      aside += log.misfits.length;
      for (const { because } of log.misfits) expect(because).toMatch(/^\p{Lu}.*\.$/u);
      expect(drawn(read.value)).toContain('<main');
    }
  }
  expect(opened).toBe(strange.length * 2);
  expect(aside).toBeGreaterThan(1500);
  expect(({} as Record<string, unknown>).polluted).toBeUndefined();
});

test.each([
  ['nowhere/at/all'],
  ['look'],
  ['look/'],
  [''],
  ['words/home/opening/nothing'],
  ['words/home/opening/heading/x/y'],
  ['words/home/nosuch/heading'],
  ['words/home/why/reasons/own-1/toString'],
  ['words/home/opening/__proto__'],
  [`look/${'x'.repeat(700)}`],
])('no place is at “%s”', (address) => {
  expect(parseAt(address, 'A text.')).toEqual({ ok: false, because: 'Arcatum knows no such place.' });
});

test('a name with a stroke in it is one part of its address', () => {
  const place = lookPlaces.toneOf('a/b', 'c~d');
  expect(place.address).toBe('look/only/a~1b/c~0d');
  expect(locate(place.address)?.parts).toEqual(['a/b', 'c~d']);
});

test('a text that is too long for its place is refused with the figure', () => {
  const place = textPlace('home', 'opening', { field: 'headline' });
  expect(parseAt(place.address, 'x'.repeat(161))).toEqual({
    ok: false,
    because: 'It can’t stand there: the text is longer than the 160 characters that fit here.',
  });
  expect(parseAt(place.address, 'x'.repeat(160)).ok).toBe(true);
});

describe('decisions are read by their places', () => {
  const decisions = new Map<string, Value>([
    ['look/corner', 8],
    ['look/only/home/story', 'raised'],
    ['look/only/home/why', 'accent'],
  ]);
  test('one at a time, or all of a kind', () => {
    const decided = new Decided(decisions);
    expect(decided.get(lookPlaces.corner)).toBe(8);
    expect(decided.get(lookPlaces.room)).toBeUndefined();
    expect(decided.all(lookPlaces.toneOf).map(({ parts, value }) => [...parts, value])).toEqual([
      ['home', 'story', 'raised'],
      ['home', 'why', 'accent'],
    ]);
    expect(decided.all(planPlaces.pageName)).toEqual([]);
    expect(decided.has(corrections.name)).toBe(false);
  });

  test('and what is read is noted, so that one knows whether others would read the same', () => {
    const { watched, reads } = new Decided(decisions).watched();
    watched.get(lookPlaces.corner);
    watched.get(lookPlaces.room);
    watched.all(lookPlaces.toneOf);
    const other = (change: [string, Value][]) => new Decided(new Map([...decisions, ...change]));
    expect(reads.hold(other([]))).toBe(true);
    expect(reads.hold(other([['look/mix', 3]]))).toBe(true);
    expect(reads.hold(other([['look/corner', 9]]))).toBe(false);
    expect(reads.hold(other([['look/room', 1]]))).toBe(false);
    expect(reads.hold(other([['look/only/home/opening', 'raised']]))).toBe(false);
  });
});

/** None of these compiles; that is what is tested. The function is never called. */
export function neverCompiles(decided: Decided): unknown {
  // @ts-expect-error a place is written with its own type
  set(lookPlaces.corner, 'round');
  // @ts-expect-error of a list of ours, only what is on it
  set(lookPlaces.family, 'nowhere');
  // @ts-expect-error a place with parts wants them
  set(lookPlaces.toneOf, 'raised');
  // @ts-expect-error all of them
  lookPlaces.toneOf('home');
  // @ts-expect-error a place is read with its own type
  const text: string | undefined = decided.get(lookPlaces.corner);
  return text;
}
