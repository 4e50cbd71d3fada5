import sharp from 'sharp';
import { type Codec } from '@/core/pictures';

/** Pictures opened and packed on the command line. */
export const serverCodec: Codec = {
  open: async (bytes, most) => {
    const { data, info } = await sharp(bytes)
      .rotate()
      .toColourspace('srgb')
      .resize(most, most, { fit: 'inside', withoutEnlargement: true })
      .ensureAlpha()
      .raw()
      .toBuffer({ resolveWithObject: true });
    return { width: info.width, height: info.height, data: new Uint8ClampedArray(data) };
  },
  pack: async (bytes, width) =>
    new Uint8Array(
      await sharp(bytes)
        .rotate()
        .toColourspace('srgb')
        .resize({ width, withoutEnlargement: true })
        .webp({ quality: 84 })
        .toBuffer(),
    ),
  crop: async (bytes, part) => new Uint8Array(await sharp(bytes).rotate().extract(part).webp({ quality: 96 }).toBuffer()),
  png: async (bytes, width) => new Uint8Array(await sharp(bytes).resize({ width, withoutEnlargement: true }).png().toBuffer()),
};
