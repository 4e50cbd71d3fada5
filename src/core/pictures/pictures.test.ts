import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import sharp from 'sharp';
import { hashBytes, missingPictures, readPicture } from './index';

const picture = (format: 'png' | 'jpeg' | 'webp' | 'gif', width = 12, height = 7) =>
  sharp({ create: { width, height, channels: 3, background: '#336699' } })
    .toFormat(format)
    .toBuffer()
    .then((buffer) => new Uint8Array(buffer));

describe('a picture', () => {
  test.each([
    ['png', 'image/png'],
    ['jpeg', 'image/jpeg'],
    ['webp', 'image/webp'],
    ['gif', 'image/gif'],
  ] as const)('in %s is known by its bytes, whatever its name', async (format, type) => {
    const read = await readPicture('thing.txt', await picture(format));
    expect(read).toMatchObject({ ok: true, value: { type, width: 12, height: 7, name: 'thing.txt' } });
  });

  test('turned by its camera has the size that it is shown at', async () => {
    const turned = await sharp({ create: { width: 30, height: 10, channels: 3, background: '#fff' } })
      .withMetadata({ orientation: 6 })
      .jpeg()
      .toBuffer();
    expect(await readPicture('phone.jpg', new Uint8Array(turned))).toMatchObject({ value: { width: 10, height: 30 } });
  });

  test('has the SHA-256 of its bytes', async () => {
    // FIPS 180-4, the published digest of “abc”.
    expect(await hashBytes(new TextEncoder().encode('abc'))).toBe(
      'ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad',
    );
    const bytes = await picture('png');
    expect(await hashBytes(bytes)).toBe(createHash('sha256').update(bytes).digest('hex'));
  });

  test.each([
    ['a text', new TextEncoder().encode('no picture at all'), 'not a picture'],
    ['nothing', new Uint8Array(), 'not a picture'],
    [
      'a drawing with scripts',
      new TextEncoder().encode('<svg xmlns="http://www.w3.org/2000/svg" width="5" height="5"><script>alert(1)</script></svg>'),
      'not a picture that browsers show',
    ],
    ['one over 20 MB', new Uint8Array(21 * 1024 * 1024), 'larger than 20 MB'],
  ])('%s is refused with a sentence', async (_, bytes, say) => {
    const read = await readPicture('x.png', bytes);
    expect(read.ok ? '' : read.say).toContain(say);
  });
});

test('missing pictures are named once, with a product that wants them', () => {
  const products = [
    { title: 'A', pictures: ['one.jpg', 'two.jpg'] },
    { title: 'B', pictures: ['two.jpg', 'Three.JPG'] },
  ];
  expect(missingPictures(products, new Set(['one.jpg', 'three.jpg']))).toEqual([{ name: 'two.jpg', product: 'A' }]);
});

test('the sample shop’s pictures are all there, all pictures, and under 4 MB together', async () => {
  const names = readdirSync('demo/pictures');
  let bytes = 0;
  for (const name of names) {
    const file = new Uint8Array(readFileSync(`demo/pictures/${name}`));
    bytes += file.length;
    expect((await readPicture(name, file)).ok).toBe(true);
  }
  expect(bytes).toBeLessThan(4_000_000);
  const named = new Set([...readFileSync('demo/goods.csv', 'utf8').matchAll(/[\w-]+\.webp/g)].map((match) => match[0]));
  expect([...named].sort()).toEqual(names.sort());
});
