import { execFileSync } from 'node:child_process';
import { join } from 'node:path';
import { build } from 'esbuild';
import { buildAssets } from './assets.mjs';

const root = new URL('..', import.meta.url).pathname;

/** Runs a TypeScript file of the corpus, with the arguments of this command. */
export async function runBundled(file) {
  await buildAssets();
  // Named by its whole path: two of them may run at once.
  const outfile = join(root, 'dist', file.replaceAll('/', '-').replace(/\.ts$/, '.mjs'));
  await build({
    entryPoints: [join(root, file)],
    outfile,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    tsconfig: join(root, 'tsconfig.json'),
    logLevel: 'error',
    banner: { js: "import { createRequire as requireFrom } from 'node:module'; const require = requireFrom(import.meta.url);" },
  });
  execFileSync(process.execPath, [outfile, ...process.argv.slice(2)], { stdio: 'inherit', cwd: root });
}
