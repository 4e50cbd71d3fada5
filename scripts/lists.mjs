// Reads the lists of the corpus and says how they were read, batch by batch: npm run lists -- --details
import { execFileSync } from 'node:child_process';
import { join } from 'node:path';
import { build } from 'esbuild';
import { buildAssets } from './assets.mjs';

const root = new URL('..', import.meta.url).pathname;
await buildAssets();
const outfile = join(root, 'dist', 'lists.mjs');
await build({
  entryPoints: [join(root, 'corpus/lists/main.ts')],
  outfile,
  bundle: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  tsconfig: join(root, 'tsconfig.json'),
  logLevel: 'error',
  banner: { js: "import { createRequire as requireFrom } from 'node:module'; const require = requireFrom(import.meta.url);" },
});
execFileSync(process.execPath, [outfile, ...process.argv.slice(2)], { stdio: 'inherit' });
