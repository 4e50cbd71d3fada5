import { join } from 'node:path';
import { facesIn, type Faces } from '@/papers';

let known: Faces | undefined;
/** The fonts that papers are set in. */
export const faces = (): Faces => (known ??= facesIn(join(process.cwd(), 'public', 'papers')));

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
