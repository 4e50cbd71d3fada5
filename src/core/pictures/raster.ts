import { initWasm, Resvg } from '@resvg/resvg-wasm';

let started: Promise<void> | null = null;

/** Gets the rasterer ready, once. It is the same in the browser and on the command line, so both make the same bytes. */
export function startRaster(load: () => Promise<Uint8Array<ArrayBuffer>>): Promise<void> {
  started ??= load().then(initWasm);
  return started;
}

/** A drawing as a PNG of a width. Drawings hold outlines only, so no face is needed. */
export function rasterize(svg: string, width: number): Uint8Array {
  const resvg = new Resvg(svg, { fitTo: { mode: 'width', value: width } });
  const picture = resvg.render();
  const bytes = picture.asPng();
  picture.free();
  resvg.free();
  return bytes;
}
