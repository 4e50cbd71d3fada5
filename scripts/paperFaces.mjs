import { cpSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

const path = (at) => new URL(`../${at}`, import.meta.url).pathname;

/**
 * Invoices, packing slips and gift cards are set in one face, and names in scripts that it lacks in their own. Beside the files goes an
 * index of what each may have, so that none is read before a letter of it is written.
 */
export function buildPaperFaces() {
  const to = path('public/papers');
  mkdirSync(to, { recursive: true });
  const faces = [
    ['source-sans-3', ['latin', 'latin-ext', 'cyrillic', 'cyrillic-ext', 'greek', 'vietnamese'], 600],
    ['noto-sans-arabic', ['arabic'], 600],
    ['noto-sans-hebrew', ['hebrew'], 600],
    ['noto-sans-thai', ['thai'], 600],
    ['noto-sans-sc', null, 400],
    ['noto-sans-kr', null, 400],
  ];
  const index = [];
  for (const [name, scripts, strong] of faces) {
    const from = path(`node_modules/@fontsource/${name}`);
    const ranges = JSON.parse(readFileSync(join(from, 'unicode.json'), 'utf8'));
    cpSync(join(from, 'LICENSE'), join(to, `${name}-license.txt`));
    for (const [key, said] of Object.entries(ranges)) {
      // The parts of large scripts are numbered: "[113]".
      const script = key.replace(/[[\]]/g, '');
      if (scripts ? !scripts.includes(script) : script === key) continue;
      for (const [weight, grade] of [
        ['regular', 400],
        ['strong', strong],
      ]) {
        const file = `${name}-${script}-${grade}-normal.woff`;
        cpSync(join(from, 'files', file), join(to, file));
        const stretches = said.split(',').map((stretch) => {
          const [first, last = first] = stretch.trim().replace('U+', '').split('-');
          return [parseInt(first, 16), parseInt(last, 16)];
        });
        index.push({ file, weight, ranges: stretches });
      }
    }
  }
  writeFileSync(join(to, 'faces.json'), JSON.stringify(index));
}
