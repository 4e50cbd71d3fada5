import { initWasm, Resvg } from '@resvg/resvg-wasm';
import { type Pixels } from './pixels';

let load: (() => Promise<Uint8Array<ArrayBuffer>>) | null = null;
let started: Promise<void> | null = null;

/** Says where the rasterer is to be had. It is the same in the browser and on the command line, so both make the same bytes. */
export function provideRaster(from: () => Promise<Uint8Array<ArrayBuffer>>): void {
  load = from;
}

async function render<T>(
  svg: string,
  width: number,
  take: (picture: ReturnType<InstanceType<typeof Resvg>['render']>) => T,
): Promise<T> {
  if (!load) throw new Error('No rasterer was provided.');
  // What could not be fetched this time may be the next time.
  started ??= load()
    .then(initWasm)
    .catch((error: unknown) => {
      started = null;
      throw error;
    });
  await started;
  const resvg = new Resvg(svg, { fitTo: { mode: 'width', value: width } });
  const picture = resvg.render();
  const taken = take(picture);
  picture.free();
  resvg.free();
  return taken;
}

/** A drawing as a PNG of a width. Drawings hold outlines only, so no face is needed. */
export const rasterize = (svg: string, width: number): Promise<Uint8Array> => render(svg, width, (picture) => picture.asPng());

/** A drawing as pixels of a width. The rasterer weakens colours by what is see-through in them; here they are whole again. */
export const drawingPixels = (svg: string, width: number): Promise<Pixels> =>
  render(svg, width, (picture) => {
    const data = new Uint8ClampedArray(picture.pixels);
    for (let i = 0; i < data.length; i += 4) {
      const opacity = (data[i + 3] ?? 0) / 255;
      if (opacity > 0) for (let c = 0; c < 3; c++) data[i + c] = (data[i + c] ?? 0) / opacity;
    }
    return { width: picture.width, height: picture.height, data };
  });
