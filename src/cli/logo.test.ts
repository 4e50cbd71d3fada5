import { mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { spawnSync } from 'node:child_process';
import sharp from 'sharp';

const folder = mkdtempSync(join(tmpdir(), 'arcatum-logo-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const brief =
  'We are Ferro & Salt, a chandlery in Hobart. We sell rope, cleats and sea soap. Calm, white and dark blue. Australian dollars. info@ferro.example';
const goods = 'title,price,category\nRope,24.50,Deck\nCleat,18,Deck\nSea soap,9,Cabin\n';
/** A ring in one colour that is named by a word, as drawing programs like to write it; nothing behind it. */
const ring =
  '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 100"><circle cx="50" cy="50" r="40" fill="none" stroke="crimson" stroke-width="16"/></svg>';
const wide =
  '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 500 100"><path d="M0 20h480v60H0z" fill="rgb(20, 90, 60)"/></svg>';

/** Builds the shop with a logo and gives the site's pictures of it. */
async function built(name: string, logo: string | Buffer) {
  const at = join(folder, name);
  mkdirSync(join(at, 'pictures'), { recursive: true });
  const write = (file: string, data: string | Buffer) => {
    writeFileSync(join(at, file), data);
    return join(at, file);
  };
  write(join('pictures', name), logo);
  const run = spawnSync(
    'node',
    [
      'bin/arcatum.mjs',
      'build',
      '--brief',
      write('brief.txt', brief),
      '--goods',
      write('goods.csv', goods),
      '--decisions',
      write('decisions.json', JSON.stringify({ 'look/logo': name, 'look/scheme': 'white' })),
      '--out',
      join(at, 'site'),
      '--report',
      join(at, 'report.json'),
    ],
    { encoding: 'utf8' },
  );
  expect([run.status, run.stderr]).toEqual([0, '']);
  const pixels = async (file: string) => {
    const { data, info } = await sharp(join(at, 'site', file))
      .removeAlpha()
      .raw()
      .toBuffer({ resolveWithObject: true });
    return {
      width: info.width,
      at: (x: number, y: number): number[] => {
        const i = (Math.floor(y * info.height) * info.width + Math.floor(x * info.width)) * 3;
        return [...data.subarray(i, i + 3)];
      },
    };
  };
  const page = readFileSync(join(at, 'site/index.html'), 'utf8');
  const report = JSON.parse(readFileSync(join(at, 'report.json'), 'utf8')) as { warnings: { say: string }[] };
  return { pixels, page, report, site: join(at, 'site') };
}

const near = (found: number[], wanted: number[]) =>
  expect(Math.max(...found.map((part, i) => Math.abs(part - (wanted[i] ?? 0))))).toBeLessThan(14);

/** CSS Color 4, named colours: crimson is #dc143c. */
const crimson = [220, 20, 60];

test('a drawn logo stands in the head, and is every icon and the card', async () => {
  const { pixels, page } = await built('ring.svg', ring);
  expect(page).toMatch(/<a class="brand"[^>]*><img[^>]+pictures\/[0-9a-f]{20}\.svg"[^>]*alt="Ferro &amp; Salt"/s);
  expect(page).not.toContain('icon.svg');
  for (const size of [32, 180, 192, 512]) {
    const icon = await pixels(`icon-${size}.png`);
    expect(icon.width).toBe(size);
    // The ring at the left, the hole in the middle, the ground in the corner.
    near(icon.at(0.5 - 0.4 * 0.82, 0.5), crimson);
    expect(icon.at(0.5, 0.5)).toEqual(icon.at(0.02, 0.02));
  }
  const card = await pixels('card.png');
  expect(card.width).toBe(1200);
  near(card.at(0.5, 0.5 - 0.4 * 0.62), crimson);
}, 60_000);

test('a picture is put into icons as well as a drawing, with its own ground to the corners', async () => {
  const photo = await sharp(Buffer.from(ring), { density: 600 })
    .flatten({ background: '#fde8c8' })
    .jpeg({ quality: 95 })
    .toBuffer();
  const { pixels } = await built('ring.jpg', photo);
  const icon = await pixels('icon-192.png');
  near(icon.at(0.1, 0.5), crimson);
  near(icon.at(0.02, 0.02), [253, 232, 200]);
}, 60_000);

test('beside a wide logo the icon is the initial in its colour, and the card shows all of it', async () => {
  const { pixels, page, report } = await built('wide.svg', wide);
  expect(page).toContain('icon.svg');
  near((await pixels('icon-180.png')).at(0.03, 0.03), [20, 90, 60]);
  const card = await pixels('card.png');
  near(card.at(0.25, 0.5), [20, 90, 60]);
  near(card.at(0.72, 0.5), [20, 90, 60]);
  expect(report.warnings).toEqual([]);
}, 60_000);

test('a logo that sets letters in a typeface, or is not there, is told', async () => {
  const lettered = ring.replace('</svg>', '<text x="30" y="55" font-family="Comic">F</text></svg>');
  const { report } = await built('letters.svg', lettered);
  expect(report.warnings.map(({ say }) => say).join()).toMatch(/“letters\.svg” sets letters in a typeface .*outlines/);
}, 60_000);
