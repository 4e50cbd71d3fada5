import { readFileSync } from 'node:fs';
import sharp from 'sharp';
import { chance } from '@/core/chance';
import { cleanSvg, keepPicture, provideRaster } from '@/core/pictures';
import { serverCodec } from './codec';

beforeAll(() => provideRaster(async () => new Uint8Array(readFileSync('public/raster/resvg.wasm'))));

const drawing =
  '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 640 480"><defs><linearGradient id="a"><stop offset="0" stop-color="#fff"/></linearGradient></defs><g transform="translate(4 4)"><circle cx="300" cy="200" r="120" fill="url(#a)" stroke="#123"/><path d="M0 0L9 9z" style="fill:#b02a1e"/></g></svg>';
const picture = () => sharp(Buffer.from(drawing)).flatten({ background: '#f4f2ee' });

const files: [string, () => Promise<Uint8Array>][] = [
  ['a.png', () => picture().png().toBuffer()],
  ['a.jpg', () => picture().jpeg().toBuffer()],
  ['a.webp', () => picture().webp().toBuffer()],
  ['a.gif', () => picture().gif().toBuffer()],
  ['a.avif', () => picture().avif({ effort: 0 }).toBuffer()],
  ['a.svg', async () => new TextEncoder().encode(drawing)],
];

describe.each(files)('%s that is damaged', (name, make) => {
  test('is kept or refused in a sentence with its name, and never fails', async () => {
    const random = chance(name.length * 7 + name.charCodeAt(2));
    const whole = await make();
    expect((await keepPicture(name, whole, serverCodec)).ok).toBe(true);
    let refused = 0;
    for (let n = 0; n < 40; n++) {
      const bytes = n % 2 ? whole.subarray(0, Math.floor(random() * whole.length)) : Uint8Array.from(whole, (byte) => (random() < 0.01 ? Math.floor(random() * 256) : byte)); // prettier-ignore
      const kept = await keepPicture(name, bytes, serverCodec);
      if (!kept.ok) {
        refused++;
        expect(kept.say).toMatch(/^“a\.\w+” .*\.$/s);
        continue;
      }
      const { picture: found, files: own } = kept.value;
      expect(found.width > 0 && found.height > 0 && found.bytes > 0).toBe(true);
      for (const hash of [found.hash, ...found.sizes.map((size) => size.hash)]) expect(own.get(hash)?.length).toBeGreaterThan(0);
    }
    expect(refused).toBeGreaterThan(3);
  });
});

describe('a drawing that carries more than a drawing', () => {
  /** Ways to make a drawing act (from memory, after the OWASP cheat sheet on filter evasion). */
  const acts = [
    '<script>alert(1)</script>',
    '<script href="https://evil.example/x.js"/>',
    '<a href="javascript:alert(1)"><text>x</text></a>',
    '<a xlink:href="javascript:alert(1)"><rect width="9" height="9"/></a>',
    '<image href="https://evil.example/pixel.png" width="1" height="1"/>',
    '<use href="https://evil.example/x.svg#a"/>',
    '<use href="data:image/svg+xml;base64,PHN2Zy8+#a"/>',
    '<foreignObject><body onload="alert(1)"/></foreignObject>',
    '<animate attributeName="href" to="javascript:alert(1)"/>',
    '<set attributeName="onmouseover" to="alert(1)"/>',
    '<style>@import url(https://evil.example/x.css);rect{fill:url(https://evil.example/#a)}</style>',
    '<style>.a{background:url(javascript:alert(1))}</style><rect class="a"/>',
    '<rect onclick="alert(1)" width="9" height="9"/>',
    '<rect style="fill:url(https://evil.example/#a)" width="9" height="9"/>',
    '<rect fill="url( &quot;https://evil.example/#a&quot;)" width="9" height="9"/>',
    '<iframe src="https://evil.example"/>',
    '<handler type="application/ecmascript">alert(1)</handler>',
    '<rect filter="url(https://evil.example/#f)" width="9" height="9"/>',
  ];
  const harm =
    /<script|<handler|<iframe|<foreignObject|<animate|<set\b|<style|javascript:|evil\.example|\son\w+\s*=|@import|data:/i;

  test.each(acts)('loses %s and stays a drawing', (act) => {
    for (const at of ['<defs>', '<g transform="translate(4 4)">', '</defs>']) {
      const cleaned = cleanSvg('logo.svg', drawing.replace(at, `${at}${act}`));
      if (!cleaned.ok) throw new Error(cleaned.say);
      expect(cleaned.value.svg).not.toMatch(harm);
      expect(cleaned.value.svg).toMatch(/<circle[^>]+fill="url\(#a\)"/);
    }
  });

  test('made of several at once, nested in each other, is as clean', () => {
    const random = chance(5);
    const pick = () => acts[Math.floor(random() * acts.length)] ?? '';
    for (let n = 0; n < 200; n++) {
      const nested = `<g>${pick()}<g>${pick()}</g>${pick()}</g>`;
      const cleaned = cleanSvg('logo.svg', drawing.replace('</svg>', `${nested}</svg>`));
      expect(cleaned.ok ? cleaned.value.svg : '').not.toMatch(harm);
    }
  });

  test.each([
    ['entities', '<!DOCTYPE svg [<!ENTITY a "aaaa"><!ENTITY b "&a;&a;&a;&a;">]>'],
    ['a file of the computer', '<!DOCTYPE svg [<!ENTITY a SYSTEM "file:///etc/passwd">]>'],
  ])('does not unfold %s', (_, head) => {
    const cleaned = cleanSvg('logo.svg', `${head}${drawing.replace('</svg>', '<text>&a;&b;</text></svg>')}`);
    expect(cleaned.ok ? cleaned.value.svg : cleaned.say).not.toMatch(/aaaa|root:|DOCTYPE|ENTITY/);
    if (!cleaned.ok) expect(cleaned.say).toMatch(/^“logo\.svg” is not a drawing that can be read/);
  });
});
