import { Decided } from '../places';
import { sets } from '../../../tests/briefs';
import { readBrief } from '../brief';
import { importText, makeCatalogue } from '../goods';

import {
  candidates,
  contrastPairs,
  hueDistance,
  lchOf,
  leastApart,
  differenceToAll,
  makeLook,
  quickPalettes,
  styleDistance,
  type LookSource,
  type Palette,
} from './index';

/** Looks for every brief that a careful reader has marked: what the reader found has to be seen. */
const goods = importText('title,price,category\nTall one,40,Large\nLow one,30,Large\nLittle one,12,Small\n');
if (!goods.ok) throw new Error(goods.say);
const { products } = goods.value;
const none = new Decided(new Map());

const briefs = [...sets.before, ...sets.after].map(({ what, brief, expected }) => {
  const source: LookSource = {
    reading: readBrief(brief),
    catalogue: makeCatalogue(products, none, 2, 2),
    pictured: 1,
    drawn: true,
    seed: 1,
  };
  return { what, expected, source, three: candidates({ source, decided: none, locks: [], turn: 0 }) };
});

/** Roles that are seen as a colour of the shop: marks for good and bad news have hues of their own. */
const seen = [
  'ground',
  'raised',
  'accent',
  'second',
  'third',
  'text',
  'link',
  'sale',
] as const satisfies readonly (keyof Palette)[];
/** A colour has a hue that people would name from about this chroma on (OKLCH; common practice). */
const hasHue = 0.05;

describe.each(briefs.map((one) => [one.what, one] as const))('%s', (_, { expected, source, three }) => {
  const wanted = source.reading.coloursWanted.map((fact) => fact.value);
  // A colour that is also asked for waits for the seller's word; amber that is asked for is no yellow that is refused.
  const avoided = source.reading.coloursAvoided.map((fact) => fact.value);

  test('three candidates are three families, and far from each other', () => {
    expect(new Set(three.map(({ genes }) => genes.family)).size).toBe(3);
    for (const [i, a] of three.entries()) for (const b of three.slice(i + 1)) expect(styleDistance(a, b)).toBeGreaterThan(0.4);
  });

  test('the colours that the reader found are in every candidate, as they were asked for', () => {
    const found = wanted
      .filter(({ name }) => expected.coloursWanted?.includes(name) && !avoided.some((one) => one.name === name))
      .slice(0, 3);
    for (const { palette } of three)
      for (const { hex, name } of found) {
        const asked = lchOf(hex);
        // White, black and greys are grounds and texts; what has a hue keeps it.
        const there = seen.some((role) => {
          const { l, c, h } = lchOf(palette[role]);
          return asked.c < hasHue ? c < 0.06 && Math.abs(l - asked.l) < 0.3 : c > 0.02 && hueDistance(h, asked.h) < 12;
        });
        expect([name, palette.accent, palette.second, palette.ground, there]).toEqual([name, palette.accent, palette.second, palette.ground, true]); // prettier-ignore
      }
  });

  test('the hues that were refused are in none', () => {
    for (const { palette } of three)
      for (const { hex, name } of avoided) {
        const refused = lchOf(hex);
        if (refused.c < hasHue) continue;
        for (const role of seen) {
          if (wanted.some((one) => one.hex === palette[role])) continue;
          const { l, c, h } = lchOf(palette[role]);
          const near = c > hasHue && hueDistance(h, refused.h) < 18 && Math.abs(l - refused.l) < 0.2;
          expect([name, role, palette[role], near]).toEqual([name, role, palette[role], false]);
        }
      }
  });

  test('every candidate and every quick palette can be read, and what means different things is told apart', () => {
    const palettes = [...three, ...quickPalettes(source, none, makeLook(source, none), 20)].map(({ palette }) => palette);
    expect(palettes).toHaveLength(23);
    for (const palette of palettes) {
      expect(contrastPairs(palette).filter(({ ratio, least }) => ratio < least)).toEqual([]);
      const apart = differenceToAll(palette.good, palette.bad);
      expect([palette.good, palette.bad, palette.ground, avoided.map(({ hex }) => hex), apart > leastApart - 0.5]).toEqual([
        palette.good,
        palette.bad,
        palette.ground,
        avoided.map(({ hex }) => hex),
        true,
      ]);
    }
  });

  test('says why, in whole sentences, and names nothing that the brief does not', () => {
    const { because, family } = makeLook(source, none);
    for (const say of Object.values(because)) expect(say).toMatch(/^\p{Lu}.*\.$/su);
    expect(because.family.length + family.character.length).toBeGreaterThan(20);
  });
});
