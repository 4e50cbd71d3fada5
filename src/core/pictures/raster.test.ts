import { readFileSync } from 'node:fs';
import sharp from 'sharp';
import { embedLogo, logoDrawn } from './logo';
import { drawingPixels, provideRaster, rasterize } from './raster';

const svg = (inside: string) =>
  `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 40 20" width="40" height="20">${inside}</svg>`;
const red = svg('<rect width="40" height="20" fill="#ff0000"/>');
/** Nothing is asked of it: drawings are put in as they are. */
const noCodec = {
  open: () => Promise.reject(),
  pack: () => Promise.reject(),
  png: () => Promise.reject(),
  crop: () => Promise.reject(),
};
const bytes = (text: string) => new TextEncoder().encode(text);

let fetched = 0;
beforeAll(async () => {
  // The first time, the rasterer can't be had.
  provideRaster(async () => {
    fetched++;
    if (fetched === 1) throw new Error('The line is broken.');
    return new Uint8Array(readFileSync('public/raster/resvg.wasm'));
  });
  await expect(rasterize(red, 10)).rejects.toThrow('The line is broken.');
});

test('what could not be fetched once is fetched again, and then no more', async () => {
  await rasterize(red, 10);
  await rasterize(red, 10);
  expect(fetched).toBe(2);
});

test('a PNG has the width that was asked for and the height that follows', async () => {
  expect(await sharp(Buffer.from(await rasterize(red, 200))).metadata()).toMatchObject({
    format: 'png',
    width: 200,
    height: 100,
  });
});

// Compositing and Blending Level 1 (W3C), "premultiplied": what is half see-through keeps its colour.
test.each([
  [1, [255, 0, 0, 255]],
  [0.5, [255, 0, 0, 128]],
  [0.1, [255, 0, 0, 26]],
])('pixels of opacity %d have their whole colour', async (opacity, wanted) => {
  const pixels = await drawingPixels(svg(`<rect width="40" height="20" fill="#ff0000" fill-opacity="${opacity}"/>`), 40);
  expect([pixels.width, pixels.height]).toEqual([40, 20]);
  expect([...pixels.data.subarray(0, 4)]).toEqual(wanted);
});

test('what is not drawn is see-through', async () => {
  const pixels = await drawingPixels(svg('<rect x="20" width="20" height="20"/>'), 40);
  expect([pixels.data[3], pixels.data[39 * 4 + 3]]).toEqual([0, 255]);
});

test('a logo stands in a drawing where it was meant to, drawn by its own bytes', async () => {
  const { body, width, height } = logoDrawn({ width: 40, height: 20 });
  const card = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 80 20"><rect width="80" height="20" fill="#fff"/><g transform="translate(40 0)">${body}</g></svg>`;
  expect([width, height]).toEqual([40, 20]);
  const found = await drawingPixels(await embedLogo(card, { type: 'image/svg+xml' }, bytes(red), noCodec), 80);
  const at = (x: number) => [...found.data.subarray((10 * 80 + x) * 4, (10 * 80 + x) * 4 + 3)];
  expect([at(10), at(60)]).toEqual([
    [255, 255, 255],
    [255, 0, 0],
  ]);
});
