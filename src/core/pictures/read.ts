import { imageSize } from 'image-size';
import { type Picture } from '../project';
import { fail, ok, type Result } from '../result';

const types: Record<string, Picture['type']> = {
  webp: 'image/webp',
  png: 'image/png',
  jpg: 'image/jpeg',
  gif: 'image/gif',
  avif: 'image/avif',
};

/** Largest picture that is taken, in bytes. */
export const largestPicture = 20 * 1024 * 1024;

/** SHA-256 in hex. */
export async function hashBytes(bytes: Uint8Array): Promise<string> {
  const digest = await crypto.subtle.digest('SHA-256', new Uint8Array(bytes));
  return [...new Uint8Array(digest)].map((byte) => byte.toString(16).padStart(2, '0')).join('');
}

/** Reads what a picture file is from its bytes, whatever its name says. */
export async function readPicture(name: string, bytes: Uint8Array): Promise<Result<Picture>> {
  if (bytes.length > largestPicture) return fail(`“${name}” is larger than 20 MB. Save it smaller and bring it in again.`);
  try {
    const { width, height, type, orientation } = imageSize(bytes);
    const media = types[type ?? ''];
    if (!media) return fail(`“${name}” is not a picture that browsers show. Save it as WebP, JPEG or PNG.`);
    const turned = (orientation ?? 1) >= 5;
    return ok({
      name,
      says: '',
      hash: await hashBytes(bytes),
      type: media,
      width: turned ? height : width,
      height: turned ? width : height,
      bytes: bytes.length,
      sizes: [],
      focus: { x: 0.5, y: 0.5 },
      fit: 'fill',
      cuts: [],
      ground: null,
      colours: [],
      rim: [],
      crop: null,
    });
  } catch {
    return fail(`“${name}” is not a picture. Choose a WebP, JPEG or PNG file.`);
  }
}

/** Pictures that the list of goods names and nobody gave, each once. */
export function missingPictures(
  products: readonly { title: string; pictures: readonly string[] }[],
  given: ReadonlySet<string>,
): { name: string; product: string }[] {
  const missing = new Map<string, string>();
  for (const product of products) {
    for (const name of product.pictures)
      if (!given.has(name.toLowerCase()) && !missing.has(name)) missing.set(name, product.title);
  }
  return [...missing].map(([name, product]) => ({ name, product }));
}
