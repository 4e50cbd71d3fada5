import { mkdtempSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { build } from 'esbuild';

/** What a piece of source exports, bundled with what it imports of the project: for tests that need the core beside a browser. */
export async function bundled<T>(source: string): Promise<T> {
  const path = join(mkdtempSync(join(tmpdir(), 'bundled-')), 'bundled.cjs');
  const root = process.cwd();
  await build({
    stdin: { contents: source, resolveDir: root, loader: 'ts' },
    bundle: true,
    outfile: path,
    platform: 'node',
    format: 'cjs',
    target: 'node20',
    tsconfig: join(root, 'tsconfig.json'),
    logLevel: 'error',
  });
  return createRequire(path)(path) as T;
}
