import { chance } from './chance';
import { fail, ok } from './result';
import { slugify, uniqueSlugs } from './slug';

describe('addresses', () => {
  test.each([
    ['Crème de Ménage', 'creme-de-menage'],
    ['Straße & Söhne', 'strasse-sohne'],
    ["Bram's best", 'brams-best'],
    ['Bram’s best', 'brams-best'],
    ['  --Hello, World!--  ', 'hello-world'],
    ['Ærø, Ødegård', 'aero-odegard'],
    ['東京', 'item'],
    ['', 'item'],
    ['a'.repeat(200), 'a'.repeat(60)],
  ])('“%s” is %s', (text, slug) => expect(slugify(text)).toBe(slug));

  test('two things never share one', () => {
    const slug = uniqueSlugs();
    expect(['Blue', 'blue', 'BLUE', 'blue-2'].map((text) => slug(text))).toEqual(['blue', 'blue-2', 'blue-3', 'blue-2-2']);
  });

  test('need only letters, digits and hyphens', () => {
    for (const text of ['<script>', '../../etc', 'a/b\\c', 'x?y#z', '100 % wool', '“quoted”'])
      expect(slugify(text)).toMatch(/^[a-z0-9]+(-[a-z0-9]+)*$/);
  });
});

describe('chance', () => {
  test('is the same for the same seed and different for another', () => {
    const draw = (seed: number) => Array.from({ length: 5 }, chance(seed));
    expect(draw(1)).toEqual(draw(1));
    expect(draw(1)).not.toEqual(draw(2));
  });

  test('is spread evenly', () => {
    const random = chance(99);
    const counts = Array.from({ length: 10 }, () => 0);
    for (let i = 0; i < 20_000; i++) {
      const at = Math.floor(random() * 10);
      counts[at] = (counts[at] ?? 0) + 1;
    }
    for (const count of counts) expect(Math.abs(count - 2000)).toBeLessThan(250);
  });
});

test('a result is a value or a sentence', () => {
  expect(ok(3)).toEqual({ ok: true, value: 3 });
  expect(fail('Do this.')).toEqual({ ok: false, say: 'Do this.' });
});
