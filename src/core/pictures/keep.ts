import { imageSize } from 'image-size';
import { type Picture } from '../project';
import { fail, ok, type Result } from '../result';
import { coloursOf, cropKeeps, plainGround, rimOf, subjectOf, type Pixels } from './pixels';
import { hashBytes, largestPicture, readPicture } from './read';
import { drawingPixels } from './raster';
import { enoughPixels, screenWidths } from './screens';
import { cleanSvg } from './svg';

/** What opens and packs pictures: the browser's own means in the worker, a library on the command line. */
export interface Codec {
  /** The picture upright, no wider or higher than `most`. */
  open: (bytes: Uint8Array, most: number) => Promise<Pixels>;
  /** The picture upright at a width, as WebP without anything beside it. */
  pack: (bytes: Uint8Array, width: number) => Promise<Uint8Array>;
  /** The picture as PNG, no wider than a width: what drawings can hold. */
  png: (bytes: Uint8Array, width: number) => Promise<Uint8Array>;
  /** A part of the picture, in pixels of it upright, hardly packed: it is packed again when it is kept. */
  crop: (bytes: Uint8Array, part: { left: number; top: number; width: number; height: number }) => Promise<Uint8Array>;
}

export interface Kept {
  picture: Picture;
  /** Bytes by their hash: the picture itself and its smaller sizes. */
  files: Map<string, Uint8Array>;
  /** What the seller should know of it. */
  notes: string[];
}

/** More pixels than a phone can open (common practice: 50 million). */
const mostPixels = 50_000_000;
/** Widest size that is kept, and the smaller ones that screens are sent. */
const widest = 2400;

/** Width to height of the places that pictures stand in. */
const placeShapes = { upright: 2 / 3, lying: 3 / 2 } as const;

const hexOfRgb = (rgb: readonly number[]) => `#${rgb.map((part) => Math.round(part).toString(16).padStart(2, '0')).join('')}`;
const threeDigits = (n: number) => Number(n.toFixed(3));

/** Reads a picture, turns it upright, takes out what else is in the file, finds what it shows, and makes the sizes for each screen. */
export async function keepPicture(name: string, bytes: Uint8Array, codec: Codec): Promise<Result<Kept>> {
  if (/\.svg$/i.test(name) || new TextDecoder().decode(bytes.subarray(0, 300)).includes('<svg')) return keepDrawing(name, bytes);
  if (bytes.length > largestPicture) return fail(`“${name}” is larger than 20 MB. Save it smaller and bring it in again.`);
  const read = await readPicture(name, bytes);
  if (!read.ok) return read;
  const { width, height } = read.value;
  if (width * height > mostPixels)
    return fail(
      `“${name}” has ${Math.round((width * height) / 1e6)} million pixels (${width} × ${height}); 50 million is the most that phones open. Save it at ${Math.floor(Math.sqrt(mostPixels * (width / height)) / 100) * 100} pixels wide or less.`,
    );
  let small: Pixels;
  try {
    small = await codec.open(bytes, 224);
  } catch {
    return fail(
      `“${name}” can't be opened: the file is damaged or of a kind that browsers don't show. Save it as WebP, JPEG or PNG.`,
    );
  }
  const files = new Map<string, Uint8Array>();
  const notes: string[] = [];
  // A WebP that is small already and has nothing beside the picture stays as it is.
  const asItIs = read.value.type === 'image/webp' && width <= 1000 && !hasExtras(bytes);
  const own = asItIs ? bytes : await codec.pack(bytes, Math.min(widest, width));
  const hash = await hashBytes(own);
  files.set(hash, own);
  const size = asItIs ? { width, height } : imageSize(own);
  const sizes: Picture['sizes'] = [];
  for (const wide of screenWidths.filter((one) => one < size.width * 0.8 && size.width > 1000)) {
    const packed = await codec.pack(bytes, wide);
    const packedHash = await hashBytes(packed);
    files.set(packedHash, packed);
    sizes.push({ hash: packedHash, width: wide, bytes: packed.length });
  }
  const { box, focus } = subjectOf(small);
  const ground = plainGround(small);
  if (width < enoughPixels)
    notes.push(`“${name}” is ${width} pixels wide; ${enoughPixels} or more stay sharp where it stands large.`);
  if (isAnimated(bytes)) notes.push(`“${name}” moves; the shop shows its first image.`);
  const keeps = (shape: number) => cropKeeps(size, box, focus, shape);
  return ok({
    files,
    notes,
    picture: {
      name,
      says: '',
      hash,
      type: 'image/webp',
      width: size.width,
      height: size.height,
      bytes: own.length,
      sizes,
      focus: { x: threeDigits(focus.x), y: threeDigits(focus.y) },
      fit: keeps(1) ? 'fill' : 'whole',
      cuts: (['upright', 'lying'] as const).filter((shape) => !keeps(placeShapes[shape])),
      ground: ground && hexOfRgb(ground),
      colours: coloursOf(small),
      rim: rimOf(small),
      crop: null,
    },
  });
}

async function keepDrawing(name: string, bytes: Uint8Array): Promise<Result<Kept>> {
  const cleaned = cleanSvg(name, new TextDecoder().decode(bytes));
  if (!cleaned.ok) return cleaned;
  const { svg, width, height, dropped } = cleaned.value;
  let small: Pixels;
  try {
    small = await drawingPixels(svg, 224);
  } catch {
    return fail(`“${name}” is not a drawing that can be drawn. Save it as SVG again, or as PNG.`);
  }
  const own = new TextEncoder().encode(svg);
  const hash = await hashBytes(own);
  const ground = plainGround(small);
  const notes = dropped.length ? [`From “${name}” was left out what does more than draw: ${dropped.join(', ')}.`] : [];
  if (/<text\b/.test(svg))
    notes.push(
      `“${name}” sets letters in a typeface that visitors may not have. Turn them into outlines (“paths”) before you save it, and it looks the same everywhere.`,
    );
  return ok({
    files: new Map([[hash, own]]),
    notes,
    picture: {
      name,
      says: '',
      hash,
      type: 'image/svg+xml',
      width,
      height,
      bytes: own.length,
      sizes: [],
      focus: { x: 0.5, y: 0.5 },
      fit: 'whole',
      cuts: [],
      ground: ground && hexOfRgb(ground),
      colours: coloursOf(small),
      rim: rimOf(small),
      crop: null,
    },
  });
}

/** Whether a WebP carries more than the picture: EXIF, XMP or movement (WebP Container Specification, chunk names). */
function hasExtras(bytes: Uint8Array): boolean {
  const head = new TextDecoder('latin1').decode(bytes.subarray(0, 64));
  const tail = new TextDecoder('latin1').decode(bytes.subarray(Math.max(0, bytes.length - 65_536)));
  return /EXIF|XMP |ANIM/.test(head) || /EXIF....|XMP ..../s.test(tail);
}

/** Whether a file holds several images in turn: GIF87a/89a with more than one image block, an APNG (acTL) or an animated WebP (ANIM). */
export function isAnimated(bytes: Uint8Array): boolean {
  const text = new TextDecoder('latin1').decode(bytes.subarray(0, Math.min(bytes.length, 2_000_000)));
  if (text.startsWith('GIF8')) return (text.match(/\x21\xf9\x04.{4}\x00[\x2c\x21]/gs) ?? []).length > 1;
  if (text.startsWith('\x89PNG')) return text.includes('acTL');
  return text.startsWith('RIFF') && text.slice(0, 128).includes('ANIM');
}
