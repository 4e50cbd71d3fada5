// Measures the typefaces that ship with Arcatum, from their own outlines, and lays out their files, licences and outlines for marks.
import * as fontkit from 'fontkit';
import { cpSync, existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import wawoff2 from 'wawoff2';

const path = (at) => new URL(`../${at}`, import.meta.url).pathname;
const faces = JSON.parse(readFileSync(path('src/core/look/faces.json'), 'utf8'));

/** Letters per hundred of English text, with about one space in six characters (Lewand, Cryptological Mathematics, 2000, table 1.1; from memory). */
const frequency = {
  a: 8.167, b: 1.492, c: 2.782, d: 4.253, e: 12.702, f: 2.228, g: 2.015, h: 6.094, i: 6.966, j: 0.153, k: 0.772, l: 4.025, m: 2.406,
  n: 6.749, o: 7.507, p: 1.929, q: 0.095, r: 5.987, s: 6.327, t: 9.056, u: 2.758, v: 0.978, w: 2.361, x: 0.15, y: 1.974, z: 0.074,
  ' ': 19,
}; // prettier-ignore

const letters = 'ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz';
const characters = `${letters}0123456789 .,:;!?'’‘“”"&-–—/()+*#@%$£€ÀÁÂÃÄÅÆÇÈÉÊËÌÍÎÏÑÒÓÔÕÖØÙÚÛÜÝÞßàáâãäåæçèéêëìíîïðñòóôõöøùúûüýþÿŒœ`;

/** Letters that names are written in beyond those, by the file of a face that holds them: Latin of Europe, Greek, Cyrillic. */
const further = {
  'latin-ext': [0x0100, 0x017f],
  greek: [0x0386, 0x03ce],
  cyrillic: [0x0400, 0x045f],
};
const range = ([from, to]) => Array.from({ length: to - from + 1 }, (_, i) => String.fromCodePoint(from + i));

/** Subsets of writing; some faces bring signs of mathematics too. */
const scripts = new Set(['latin', 'latin-ext', 'vietnamese', 'greek', 'greek-ext', 'cyrillic', 'cyrillic-ext', 'hebrew']);

const round = (n, digits = 4) => Number(n.toFixed(digits));

/** Where a path crosses a line, as distances along it. Curves are followed in short straight pieces. */
function crossings(outline, at, vertical) {
  const points = [];
  let [x, y] = [0, 0];
  let start = [0, 0];
  const hits = [];
  const line = (nx, ny) => {
    const [a, b, p, q] = vertical ? [x, nx, y, ny] : [y, ny, x, nx];
    if (a !== b && Math.min(a, b) <= at && at < Math.max(a, b)) hits.push(p + ((at - a) / (b - a)) * (q - p));
    [x, y] = [nx, ny];
  };
  for (const { command, args } of outline.commands) {
    if (command === 'moveTo') [x, y] = start = args;
    else if (command === 'lineTo') line(...args);
    else if (command === 'closePath') line(...start);
    else {
      const curve = [[x, y], ...points, ...Array.from({ length: args.length / 2 }, (_, i) => [args[2 * i], args[2 * i + 1]])];
      for (let i = 1; i <= 24; i++) {
        let level = curve;
        while (level.length > 1) level = level.slice(1).map((p, k) => level[k].map((v, axis) => v + (p[axis] - v) * (i / 24)));
        line(...level[0]);
      }
    }
  }
  return hits.sort((a, b) => a - b);
}

async function open(file, weight) {
  const font = fontkit.create(Buffer.from(await wawoff2.decompress(readFileSync(file))));
  return 'wght' in font.variationAxes ? font.getVariation({ wght: weight }) : font;
}

/** How wide each character is, in em. */
const advances = (font) =>
  Object.fromEntries(
    [...characters]
      .filter((character) => font.hasGlyphForCodePoint(character.codePointAt(0)))
      .map((character) => [character, round(font.glyphForCodePoint(character.codePointAt(0)).advanceWidth / font.unitsPerEm, 3)]),
  );

/** Pairs that stand closer or wider than their advances say. All pairs are set in one line and read off it. */
function kerning(font) {
  const text = [...letters].flatMap((a) => [...letters].map((b) => a + b)).join('');
  const { glyphs, positions } = font.layout(text, { liga: false, clig: false, calt: false, dlig: false, rlig: false });
  if (glyphs.length !== text.length) return {};
  const pairs = {};
  for (let i = 0; i < text.length; i += 2) {
    const by = Math.round(((positions[i].xAdvance - glyphs[i].advanceWidth) / font.unitsPerEm) * 1000);
    if (Math.abs(by) >= 4) pairs[text.slice(i, i + 2)] = by;
  }
  return pairs;
}

function outlines(font, of = characters) {
  const scale = 1000 / font.unitsPerEm;
  const glyphs = {};
  for (const character of of) {
    if (!font.hasGlyphForCodePoint(character.codePointAt(0))) continue;
    const glyph = font.glyphForCodePoint(character.codePointAt(0));
    const d = glyph.path.commands
      .map(({ command, args }) => {
        const letter = { moveTo: 'M', lineTo: 'L', quadraticCurveTo: 'Q', bezierCurveTo: 'C', closePath: 'Z' }[command];
        return letter + args.map((n, i) => Math.round(n * scale) * (i % 2 ? -1 : 1)).join(' ');
      })
      .join('');
    glyphs[character] = [Math.round(glyph.advanceWidth * scale), d];
  }
  return glyphs;
}

async function measure(face) {
  const folder = path(`node_modules/${face.package}/files`);
  const files = readdirSync(folder);
  const variable = face.package.startsWith('@fontsource-variable/');
  const kinds = variable
    ? ['wght-normal']
    : face.strong === face.heading
      ? ['400-normal']
      : ['400-normal', `${face.strong}-normal`];
  const fileOf = (subset) =>
    [...kinds.map((kind) => `${face.stem}-${subset}-${kind}.woff2`), `${face.stem}-${subset}-standard-normal.woff2`].find(
      (name) => files.includes(name),
    );
  const ranges = JSON.parse(readFileSync(path(`node_modules/${face.package}/unicode.json`), 'utf8'));
  const subsets = [];
  for (const [subset, range] of Object.entries(ranges)) {
    if (!scripts.has(subset)) continue;
    const names = variable ? [fileOf(subset)] : kinds.map((kind) => `${face.stem}-${subset}-${kind}.woff2`);
    const weights = [];
    for (const name of names) {
      if (!name || !files.includes(name)) continue;
      const weight = variable ? '' : `-${/-(\d+)-normal/.exec(name)?.[1] ?? ''}`;
      const out = `${face.id}${subset === 'latin' ? '' : `-${subset}`}${weight === '-400' ? '' : weight}.woff2`;
      cpSync(`${folder}/${name}`, path(`public/fonts/${out}`));
      weights.push({ file: out, bytes: statSync(`${folder}/${name}`).size });
    }
    if (weights.length) subsets.push({ subset, range, files: weights });
  }
  const main = `${folder}/${fileOf('latin')}`;
  const text = await open(main, 400);
  const head = variable ? await open(main, face.heading) : text;
  const strong =
    variable || face.strong === face.heading
      ? await open(main, face.strong)
      : await open(`${folder}/${face.stem}-latin-${face.strong}-normal.woff2`, 400);
  const em = text.unitsPerEm;
  const o = text.glyphForCodePoint('o'.codePointAt(0));
  const { bbox } = o.path;
  const across = crossings(o.path, (bbox.minY + bbox.maxY) / 2, false);
  const down = crossings(o.path, (bbox.minX + bbox.maxX) / 2, true);
  const whole = Object.values(frequency).reduce((a, b) => a + b, 0);
  const mean = (font, of = (c) => c) =>
    Object.entries(frequency).reduce(
      (sum, [c, n]) => sum + (font.glyphForCodePoint(of(c).codePointAt(0)).advanceWidth * n) / whole,
      0,
    ) / font.unitsPerEm;
  const axis = text.variationAxes?.wght ?? fontkitAxis(await wawoff2.decompress(readFileSync(main)));
  const glyphs = outlines(head);
  for (const [subset, codes] of Object.entries(further)) {
    const file = fileOf(subset);
    if (file)
      Object.assign(glyphs, outlines(await open(`${folder}/${file}`, variable ? face.heading : 400), range(codes)), glyphs);
  }
  writeFileSync(
    path(`public/outlines/${face.id}.json`),
    JSON.stringify({
      cap: Math.round((head.capHeight * 1000) / em),
      x: Math.round((head.xHeight * 1000) / em),
      ascent: Math.round((head.ascent * 1000) / em),
      descent: Math.round((head.descent * 1000) / em),
      glyphs,
      kern: kerning(head),
    }),
  );
  cpSync(path(`node_modules/${face.package}/LICENSE`), path(`public/fonts/${face.id}-license.txt`));
  return {
    weights: axis
      ? `${axis.min} ${axis.max}`
      : variable
        ? String(face.heading)
        : [...new Set(kinds.map((kind) => kind.split('-')[0]))].join(','),
    ascent: round(text.ascent / em),
    descent: round(Math.abs(text.descent) / em),
    lineGap: round(text.lineGap / em),
    capHeight: round(text.capHeight / em),
    xHeight: round(text.xHeight / em),
    advance: round(mean(text)),
    capsAdvance: round(mean(head, (c) => c.toUpperCase())),
    headAdvance: round(mean(head)),
    stroke: round((across[1] - across[0]) / em),
    contrast: round((across[1] - across[0]) / (down[1] - down[0]), 2),
    widths: advances(head),
    strongAdvance: round(mean(strong)),
    subsets,
  };
}

function fontkitAxis(bytes) {
  const axes = fontkit.create(Buffer.from(bytes)).variationAxes;
  return 'wght' in axes ? axes.wght : null;
}

/** Measures again when the list, this file or a package is newer than what was measured. */
export async function buildFaces() {
  const made = path('src/core/look/faces.generated.ts');
  const sources = [
    'src/core/look/faces.json',
    'scripts/faces.mjs',
    ...faces.map((face) => `node_modules/${face.package}/package.json`),
  ];
  const done = existsSync(made) && existsSync(path(`public/outlines/${faces.at(-1).id}.json`));
  if (done && sources.every((source) => statSync(path(source)).mtimeMs <= statSync(made).mtimeMs)) return;
  mkdirSync(path('public/fonts'), { recursive: true });
  mkdirSync(path('public/outlines'), { recursive: true });
  const measured = {};
  for (const face of faces) measured[face.id] = await measure(face);
  writeFileSync(
    made,
    `// Measured by scripts/faces.mjs from the typefaces that ship with Arcatum.\nimport { type Measures } from './measures';\n\nexport const measured: Record<string, Measures> = ${JSON.stringify(measured, null, 0)};\n`,
  );
}

if (process.argv[1] === new URL(import.meta.url).pathname) await buildFaces();
