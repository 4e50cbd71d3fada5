import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { type Faces } from '@/papers';

const scripts = ['latin', 'latin-ext', 'cyrillic', 'cyrillic-ext', 'greek', 'vietnamese'];
const read = (weight: number) =>
  scripts.map((script) => readFileSync(join(process.cwd(), 'public', 'papers', `${script}-${weight}.woff`)));

let known: Faces | undefined;
/** The fonts that papers are set in, read once. */
export const faces = (): Faces => (known ??= { regular: read(400), strong: read(600) });

/** A file that is saved under a name, whatever letters are in it (RFC 6266, RFC 8187). */
export const fileAnswer = (bytes: Uint8Array, name: string, type: string): Response =>
  new Response(new Uint8Array(bytes), {
    headers: {
      'content-type': type,
      'content-disposition': `attachment; filename="${name.replace(/[^\w. -]/g, '_')}"; filename*=UTF-8''${encodeURIComponent(name).replace(/['()*]/g, (sign) => `%${sign.charCodeAt(0).toString(16).toUpperCase()}`)}`,
      'cache-control': 'no-store',
      'x-content-type-options': 'nosniff',
    },
  });
