import { type Codec, type Pixels } from '@/core/pictures';

async function bitmap(bytes: Uint8Array, width?: number): Promise<ImageBitmap> {
  const blob = new Blob([new Uint8Array(bytes)]);
  return createImageBitmap(blob, {
    imageOrientation: 'from-image',
    ...(width ? { resizeWidth: width, resizeQuality: 'high' as const } : {}),
  });
}

function drawn(picture: ImageBitmap, width: number, height: number) {
  const canvas = new OffscreenCanvas(width, height);
  const context = canvas.getContext('2d');
  if (!context) throw new Error('This browser draws nothing off the screen.');
  context.drawImage(picture, 0, 0, width, height);
  picture.close();
  return { canvas, context };
}

/** Pictures opened and packed by the browser itself, off the main thread. Drawing them anew leaves behind all that is no picture. */
export const browserCodec: Codec = {
  open: async (bytes, most) => {
    const picture = await bitmap(bytes);
    const scale = Math.min(1, most / Math.max(picture.width, picture.height));
    const [width, height] = [Math.max(1, Math.round(picture.width * scale)), Math.max(1, Math.round(picture.height * scale))];
    const { context } = drawn(picture, width, height);
    return { width, height, data: context.getImageData(0, 0, width, height).data };
  },
  pack: async (bytes, width) => {
    const picture = await bitmap(bytes, width);
    return packCanvas(drawn(picture, picture.width, picture.height).canvas);
  },
  png: async (bytes, width) => {
    const picture = await bitmap(bytes);
    const scale = Math.min(1, width / picture.width);
    return packCanvas(drawn(picture, Math.round(picture.width * scale), Math.round(picture.height * scale)).canvas, 'image/png');
  },
  crop: async (bytes, { left, top, width, height }) => {
    const whole = await bitmap(bytes);
    const part = await createImageBitmap(whole, left, top, width, height);
    whole.close();
    return packCanvas(drawn(part, width, height).canvas, 'image/webp', 0.96);
  },
};

async function packCanvas(canvas: OffscreenCanvas, type = 'image/webp', quality = 0.84): Promise<Uint8Array> {
  const blob = await canvas.convertToBlob({ type, quality });
  return new Uint8Array(await blob.arrayBuffer());
}

/** Pixels as a WebP with what is see-through in it. */
export async function packPixels({ width, height, data }: Pixels): Promise<Uint8Array> {
  const canvas = new OffscreenCanvas(width, height);
  canvas.getContext('2d')?.putImageData(new ImageData(new Uint8ClampedArray(data), width, height), 0, 0);
  return packCanvas(canvas);
}
