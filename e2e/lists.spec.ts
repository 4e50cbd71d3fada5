import { createHash } from 'node:crypto';
import { writeFileSync, mkdirSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';
import { build } from 'esbuild';

const root = process.cwd();

/** The reader of lists, bundled for one side or the other. */
async function bundled(contents: string, platform: 'node' | 'browser'): Promise<string> {
  const { outputFiles } = await build({
    stdin: { contents, resolveDir: root, loader: 'ts' },
    bundle: true,
    write: false,
    platform,
    format: platform === 'node' ? 'cjs' : 'iife',
    globalName: 'lists',
    target: platform === 'node' ? 'node20' : 'es2022',
    tsconfig: join(root, 'tsconfig.json'),
    logLevel: 'error',
  });
  return outputFiles[0]?.text ?? '';
}

const reading = `
  import { importSource, noMapping, openSource } from '@/core/goods';
  import { hintsOf } from '@/core/brief';
  export function read(bytes: Uint8Array, name: string, brief: string): string {
    const source = openSource(bytes, name);
    if (!source.ok) return source.say;
    const read = importSource(source.value, hintsOf(brief), noMapping);
    return read.ok ? JSON.stringify([source.value.encoding, read.value]) : read.say;
  }`;

interface OnThisSide {
  files: () => Promise<{ drawn: string; file: string; brief: string; bytes: Uint8Array }[]>;
  read: (bytes: Uint8Array, name: string, brief: string) => string;
}

const digest = (text: string): string => createHash('sha256').update(text).digest('hex');

test('browser and command line read every list of the corpus alike, to the letter', async ({ page }) => {
  // Hundreds of lists, each read twice: as long as a slow machine needs.
  test.setTimeout(900_000);
  const files = `
    import { batches } from './corpus/lists/batches';
    import { bytesOf } from './corpus/lists/file';
    export const files = async () => Promise.all(batches.flatMap(({ lists }) => lists).map(async (list) =>
      ({ drawn: list.drawn, file: list.file, brief: list.brief ?? '', bytes: await bytesOf(list) })));`;
  const folder = test.info().outputPath();
  mkdirSync(folder, { recursive: true });
  const path = join(folder, 'lists.cjs');
  writeFileSync(path, await bundled(reading + files, 'node'));
  const here = createRequire(path)(path) as OnThisSide;
  await page.goto('/');
  await page.addScriptTag({ content: await bundled(reading, 'browser') });
  const all = await here.files();
  expect(all.length).toBeGreaterThanOrEqual(120);
  for (const { drawn, file, brief, bytes } of all) {
    const there = await page.evaluate(
      ([base64, name, told]) => {
        const side = (globalThis as unknown as { lists: { read: (bytes: Uint8Array, name: string, brief: string) => string } })
          .lists;
        return side.read(
          Uint8Array.from(atob(base64), (char) => char.charCodeAt(0)),
          name,
          told,
        );
      },
      [Buffer.from(bytes).toString('base64'), file, brief] as const,
    );
    expect([drawn, digest(there)]).toEqual([drawn, digest(here.read(bytes, file, brief))]);
  }
});
