#!/usr/bin/env node
// The main job without a browser. Bundles the command line when its sources are newer than the bundle, then runs it.
import { existsSync, readdirSync, renameSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { alone } from '../scripts/alone.mjs';
import { hasPackages } from '../scripts/ensure.mjs';

const root = new URL('..', import.meta.url).pathname;
const bundle = join(root, 'dist', 'cli.mjs');

function newest(folder) {
  let latest = 0;
  for (const entry of readdirSync(folder, { withFileTypes: true, recursive: true })) {
    if (entry.isFile() && !/\.test\.tsx?$/.test(entry.name))
      latest = Math.max(latest, statSync(join(entry.parentPath, entry.name)).mtimeMs);
  }
  return latest;
}

const sources = ['core', 'storefront', 'cli'].map((room) => newest(join(root, 'src', room)));
const isStale = () => !existsSync(bundle) || statSync(bundle).mtimeMs < Math.max(...sources);

async function makeBundle() {
  if (!isStale()) return;
  const { buildAssets } = await import('../scripts/assets.mjs');
  await buildAssets();
  const { build } = await import('esbuild');
  const made = `${bundle}.new`;
  await build({
    entryPoints: [join(root, 'src/cli/main.ts')],
    outfile: made,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    tsconfig: join(root, 'tsconfig.json'),
    logLevel: 'error',
    banner: { js: "import { createRequire as requireFrom } from 'node:module'; const require = requireFrom(import.meta.url);" },
  });
  // Whole at any moment, for those who start it meanwhile.
  renameSync(made, bundle);
}

// Nothing is installed here: that a command fetches packages is for those who start it to say.
if (isStale() && !hasPackages()) {
  console.error('Packages are missing or older than package-lock.json. Run `npm install` first, then this again.');
  process.exit(2);
}
if (isStale()) await alone(join(root, 'dist', 'building'), makeBundle);
const { main } = await import(bundle);
process.exitCode = await main(process.argv.slice(2), join(root, 'public'));
