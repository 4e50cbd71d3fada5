import { Decided, type Wish } from '../places';
import { decisionsOf } from '../../../tests/decisions';
import { readBrief } from '../brief';
import { makeCatalogue } from '../goods';

import { makeLook, readTokens, writeTokens, type LookSource } from './index';

const decide = (places: Record<string, unknown> = {}) => new Decided(decisionsOf(places));
const wished = (wishes: readonly Wish[]) =>
  new Decided(new Map(wishes.flatMap(({ place, value }) => (value === undefined ? [] : [[place, value]]))));
const source: LookSource = {
  reading: readBrief('Bello. We bake dog biscuits in Graz. It should be warm and funny.'),
  catalogue: makeCatalogue([], decide(), 2, 2),
  pictured: 0,
  drawn: true,
  seed: 3,
};

test('a look that is saved and loaded is the same look', () => {
  for (const [family, more] of [
    ['stall', {}],
    ['letter', { 'look/third': '#f3de5b' }],
    ['board', { 'look/second': '#c8202b' }],
  ] as const) {
    const look = makeLook(source, decide({ 'look/family': family, 'look/mix': 2, 'look/corner': 8, ...more }));
    const read = readTokens(writeTokens(look, 'Bello'));
    if (!read.ok) throw new Error(read.say);
    expect(read.value.notes).toEqual([]);
    const again = makeLook(
      { ...source, reading: readBrief('Another shop altogether. Blue, please.') },
      wished(read.value.wishes),
    );
    expect(again.genes).toEqual(look.genes);
    for (const role of ['ground', 'accent', 'second', 'third'] as const) expect(again.palette[role]).toBe(look.palette[role]);
  }
});

test('the file is what the format asks for', () => {
  // W3C Design Tokens Community Group, Design Tokens Format Module and Color Module 2025.10 (rules from memory): names neither begin
  // with “$” nor hold “.”, “{” or “}”; a token has a $value and a type of its own or from its group; references are paths in braces.
  const types = ['color', 'dimension', 'fontFamily', 'fontWeight', 'number', 'typography'];
  const file = JSON.parse(writeTokens(makeLook(source, decide()), 'Bello')) as Record<string, unknown>;
  const paths = new Map<string, unknown>();
  const walk = (group: Record<string, unknown>, path: string[], type?: unknown) => {
    const own = group.$type ?? type;
    if ('$value' in group) {
      expect(types).toContain(own);
      paths.set(path.join('.'), group.$value);
      if (own === 'color') {
        const value = group.$value as { colorSpace: string; components: number[]; hex: string };
        expect(value.colorSpace).toBe('srgb');
        for (const part of value.components) expect(part >= 0 && part <= 1).toBe(true);
        expect(value.hex).toMatch(/^#[0-9a-f]{6}$/);
      }
      if (own === 'dimension')
        expect(group.$value).toEqual({ value: expect.any(Number), unit: expect.stringMatching(/^(px|rem)$/) });
    }
    for (const [name, inner] of Object.entries(group)) {
      if (name.startsWith('$')) continue;
      expect(name).not.toMatch(/[.{}]/);
      walk(inner as Record<string, unknown>, [...path, name], own);
    }
  };
  walk(file, []);
  expect(paths.size).toBeGreaterThan(30);
  for (const value of paths.values())
    for (const [, path] of JSON.stringify(value).matchAll(/"\{([^}]+)\}"/g)) expect([...paths.keys()]).toContain(path);
});

test('reads files of other makers: references, groups that hand down their type, other colour spaces', () => {
  const read = readTokens(
    JSON.stringify({
      base: { $type: 'color', blue: { $value: { colorSpace: 'oklch', components: [0.45, 0.12, 262] } } },
      brand: { primary: { $value: '{base.blue}' }, secondary: { $type: 'color', $value: '#c9972b' } },
      surface: { $type: 'color', $value: { colorSpace: 'hsl', components: [40, 50, 96] } },
      type: { $type: 'fontFamily', heading: { $value: ['Jost', 'sans-serif'] }, text: { $value: 'Comic Neue' } },
      radius: { $type: 'dimension', $value: { value: 0.5, unit: 'rem' } },
    }),
  );
  if (!read.ok) throw new Error(read.say);
  const taken = Object.fromEntries(read.value.wishes.map(({ place, value }) => [place, value]));
  expect(taken).toMatchObject({ 'look/second': '#c9972b', 'look/heading': 'jost', 'look/corner': 8 });
  expect(taken['look/accent']).toMatch(/^#/);
  expect(taken['look/ground']).toBe('#faf7f0');
  expect(read.value.notes).toEqual(['The typeface “Comic Neue” does not ship with Arcatum; the text keeps its own.']);
});

test.each([
  ['hello', 'not JSON'],
  ['[1]', 'no groups'],
  ['{"a":{"b":1}}', 'no tokens'],
  ['{"a":{"$type":"number","$value":3}}', 'Nothing in this file fits'],
])('says of %s what is wrong', (text, say) => {
  const read = readTokens(text);
  expect(!read.ok && read.say).toContain(say);
});

test('a reference that runs in a circle is noted, not followed for ever', () => {
  const read = readTokens(
    JSON.stringify({
      accent: { $type: 'color', $value: '{second}' },
      second: { $type: 'color', $value: '{accent}' },
      ground: { $type: 'color', $value: '#ffffff' },
    }),
  );
  expect(read.ok && read.value.notes).toHaveLength(2);
});
