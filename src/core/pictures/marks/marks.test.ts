import { readFileSync } from 'node:fs';
import sharp from 'sharp';
import { contrastRatio, faces, makePalette } from '../../look';
import { motifsFor } from '../art';
import { type Outlines } from '../outlines';
import { rasterize, provideRaster } from '../raster';
import {
  cardFile,
  drawMark,
  iconFile,
  initials,
  linesOf,
  markFile,
  markOptions,
  smallMark,
  type Mark,
  type MarkSource,
} from './index';

const outlines = (face: string) => JSON.parse(readFileSync(`public/outlines/${face}.json`, 'utf8')) as Outlines;
const source = (name: string, face = 'bricolage-grotesque', under = 'wheels'): MarkSource => ({
  name,
  under,
  outlines: outlines(face),
  motif: motifsFor({ told: ['bicycle wheel'], shelves: [], titles: [] }, 1)[0] ?? null,
  caps: false,
});
const mood = { loud: 0, warm: 0, exact: 0, ornate: 0 };
const palette = makePalette({ wanted: ['#1d3f72'], avoided: [], mood, scheme: 'paper', seed: 1 });

/** The ink of a drawing in black on white, as grey values. */
async function seen(svg: string, width: number): Promise<{ data: Buffer; width: number; height: number }> {
  const { data, info } = await sharp(Buffer.from(await rasterize(svg, width)))
    .flatten({ background: '#ffffff' })
    .greyscale()
    .raw()
    .toBuffer({ resolveWithObject: true });
  return { data, width: info.width, height: info.height };
}

/** Share of the ink that lies outside the box which a mark says it has. */
async function spilt(mark: Mark): Promise<number> {
  const margin = Math.max(mark.width, mark.height) * 0.25;
  const [w, h] = [mark.width + 2 * margin, mark.height + 2 * margin];
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${-margin} ${-margin} ${w} ${h}"><g fill="#000">${mark.body}</g></svg>`;
  const picture = await seen(svg, 400);
  const scale = 400 / w;
  let [inside, outside] = [0, 0];
  picture.data.forEach((grey, i) => {
    const [x, y] = [((i % picture.width) + 0.5) / scale - margin, (Math.floor(i / picture.width) + 0.5) / scale - margin];
    const slack = 1.5 / scale;
    if (x < -slack || y < -slack || x > mark.width + slack || y > mark.height + slack) outside += 255 - grey;
    else inside += 255 - grey;
  });
  expect(inside).toBeGreaterThan(0);
  return outside / inside;
}

beforeAll(() => provideRaster(async () => new Uint8Array(readFileSync('public/raster/resvg.wasm'))));

describe('marks', () => {
  test('are eight or more, of all four manners, for a usual name', () => {
    const options = markOptions(source('Kobold Cycles'));
    expect(options.length).toBeGreaterThanOrEqual(8);
    expect(new Set(options.map((option) => option.manner))).toEqual(new Set(['wordmark', 'monogram', 'emblem', 'badge']));
    expect(new Set(options.map((option) => option.body)).size).toBe(options.length);
  });

  test.each([
    ['a usual name', 'Kobold Cycles'],
    ['two letters', 'Ox'],
    ['letters that hang low', 'Gypsy Jay Quay'],
    ['sixty characters', 'The Extraordinarily Well-Provisioned Emporium of Curiosities'],
    ['one long word', 'Donaudampfschifffahrtsgesellschaft'],
    ['accents', 'Épicerie Ñandú & Çà'],
  ])('%s stays within the box of every mark', async (_, name) => {
    for (const mark of markOptions(source(name))) expect([mark.kind, (await spilt(mark)) < 0.004]).toEqual([mark.kind, true]);
  });

  test.each(faces.map((face) => face.id))('stay within their boxes in %s', async (face) => {
    const options = markOptions(source('Quay & Jolly', face));
    expect(options.length).toBeGreaterThanOrEqual(8);
    for (const mark of options) expect([mark.kind, (await spilt(mark)) < 0.004]).toEqual([mark.kind, true]);
  });

  test('of a name in a script that the face has not are drawn without letters, or not at all', () => {
    const options = markOptions(source('きもの屋'));
    expect(options.map((option) => option.kind)).toEqual(['sign']);
    expect(drawMark('line', source('きもの屋'))).toBeNull();
    expect(smallMark(source('きもの屋'))?.kind).toBe('sign');
    expect(smallMark({ ...source('きもの屋'), motif: null })).toBeNull();
  });

  test('in Greek and Cyrillic are drawn in a face that has them', () => {
    expect(markOptions(source('Ελιά Κρήτης', 'source-serif', 'ελιές')).length).toBeGreaterThanOrEqual(8);
    expect(markOptions(source('Чайная лавка', 'source-serif', 'чай')).length).toBeGreaterThanOrEqual(8);
  });

  test('are one ink, so that they stand on light and dark', () => {
    for (const mark of markOptions(source('Kobold Cycles'))) {
      // White and black are the two values of a mask (SVG 1.1, 14.4), not inks.
      const inks = mark.body.match(/(?:fill|stroke)="[^"]*"/g) ?? [];
      expect(inks.filter((ink) => !/"(?:#fff|#000|none)"/.test(ink))).toEqual([]);
      expect(mark.body.replace(/<mask.*?<\/mask>/g, '')).not.toMatch(/fill="#|<text|<image/);
      expect(markFile(mark, '#ffffff')).toContain('<g fill="#ffffff">');
    }
  });

  test('say from which height their smallest letters can be read', () => {
    for (const mark of markOptions(source('Kobold Cycles')))
      if (mark.letters) expect((mark.smallest * mark.letters) / mark.height).toBeGreaterThanOrEqual(7);
  });
});

describe('the icon', () => {
  // The 26 capitals at the size of a browser's tab: each has to be told from every other.
  test('at 24 px tells every letter from every other, in faces thin and fat', async () => {
    for (const face of ['cormorant', 'bricolage-grotesque', 'caprasimo']) {
      const letters = [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ'];
      const pictures = await Promise.all(
        letters.map((letter) => {
          return seen(iconFile(smallMark(source(letter, face)) as Mark, palette.onAccent, palette.accent), 24);
        }),
      );
      const alike: string[] = [];
      pictures.forEach((a, i) =>
        pictures.slice(i + 1).forEach((b, k) => {
          // Pixels that change by a quarter of the way from ground to ink, or more.
          const unlike = a.data.filter((grey, p) => Math.abs(grey - (b.data[p] ?? 0)) > 50).length;
          if (unlike < 8) alike.push(`${face} ${letters[i]}${letters[i + 1 + k]} ${unlike}`);
        }),
      );
      expect(alike).toEqual([]);
    }
  });

  test('keeps ink and ground apart', () => {
    expect(contrastRatio(palette.accent, palette.onAccent)).toBeGreaterThanOrEqual(4.5);
  });

  // W3C, Web Application Manifest, "Icon masks and safe zone": a circle of 2/5 of the width about the middle is always seen.
  test('that may be masked keeps its ink within the safe zone', async () => {
    const { data, width } = await seen(
      iconFile(smallMark(source('Kobold Cycles')) as Mark, palette.onAccent, palette.accent, 0.52),
      100,
    );
    const ground = data[0] ?? 0;
    data.forEach((grey, i) => {
      const away = Math.hypot((i % width) - 49.5, Math.floor(i / width) - 49.5);
      if (away > 41) expect(Math.abs(grey - ground)).toBeLessThan(12);
    });
  });
});

test('the card for shared links is 1200 by 630 and holds the mark', async () => {
  const card = await seen(cardFile(drawMark('line', source('Kobold Cycles')) as Mark, palette), 1200);
  expect([card.width, card.height]).toEqual([1200, 630]);
  const ground = card.data[0] ?? 0;
  expect(card.data.subarray(0, 1200 * 560).filter((grey) => Math.abs(grey - ground) > 80).length).toBeGreaterThan(5_000);
});

test('names are broken into lines as even as their words allow', () => {
  expect(linesOf('Kobold Cycles', 24)).toEqual(['Kobold Cycles']);
  expect(linesOf('Kobold Cycles', 8)).toEqual(['Kobold', 'Cycles']);
  expect(linesOf('The Old Sea Chest', 10).length).toBe(2);
  expect(linesOf('', 9)).toEqual(['']);
});

test('initials pass over small words', () => {
  expect(initials('Kobold Cycles')).toBe('KC');
  expect(initials('The House of Tea')).toMatch(/^(HT|TH)$/);
});
