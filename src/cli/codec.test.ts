import sharp from 'sharp';
import { cropPicture, enoughPixels, isAnimated, keepPicture, uncut, type Kept } from '@/core/pictures';
import { hashesOf, newProject, startStory } from '@/core/project';
import { serverCodec } from './codec';

/** A bottle, right of the middle, on a plain ground. */
const scene = (width: number, height: number, ground = '#f4f2ee') =>
  sharp({ create: { width, height, channels: 3, background: ground } }).composite([
    {
      input: Buffer.from(
        `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}"><rect x="${width * 0.6}" y="${height * 0.3}" width="${width * 0.15}" height="${height * 0.4}" fill="#b02a1e"/></svg>`,
      ),
    },
  ]);

async function kept(name: string, bytes: Uint8Array): Promise<Kept> {
  const result = await keepPicture(name, bytes, serverCodec);
  if (!result.ok) throw new Error(result.say);
  return result.value;
}
const said = async (name: string, bytes: Uint8Array) => {
  const result = await keepPicture(name, bytes, serverCodec);
  return result.ok ? '' : result.say;
};
const own = ({ files, picture }: Kept) => Buffer.from(files.get(picture.hash) ?? []);

describe('a picture that is brought in', () => {
  test('comes in the sizes of screens, as WebP, with their weights', async () => {
    const found = await kept('wide.jpg', await scene(3000, 2000).jpeg().toBuffer());
    expect(found.picture).toMatchObject({ width: 2400, height: 1600, type: 'image/webp', bytes: own(found).length });
    expect(found.picture.sizes.map((size) => size.width)).toEqual([480, 960, 1600]);
    for (const size of found.picture.sizes) {
      const file = Buffer.from(found.files.get(size.hash) ?? []);
      expect(file.length).toBe(size.bytes);
      expect(await sharp(file).metadata()).toMatchObject({ format: 'webp', width: size.width });
    }
    expect(found.picture.focus.x).toBeCloseTo(0.675, 1);
    expect(found.picture.ground).toMatch(/^#f[345]f[123]e[def]$/);
    expect(found.notes).toEqual([]);
  });

  // The eight values of tag 0x0112 Orientation: Exif 2.32 (CIPA DC-008), 4.6.4; 5 to 8 swap width and height.
  test.each([1, 2, 3, 4, 5, 6, 7, 8])('is turned upright from orientation %i', async (orientation) => {
    const upright = await scene(400, 200).png().toBuffer();
    // The file as a camera stores it: turned so that the tag turns it back.
    const undo = { 1: [0, false], 2: [0, true], 3: [180, false], 4: [180, true], 5: [270, true], 6: [270, false], 7: [90, true], 8: [90, false] } as const; // prettier-ignore
    const [turn, mirrored] = undo[orientation as keyof typeof undo];
    const flopped = mirrored ? await sharp(upright).flop().toBuffer() : upright;
    const stored = await sharp(flopped).rotate(turn).withMetadata({ orientation }).jpeg().toBuffer();
    const found = await kept('turned.jpg', stored);
    expect([found.picture.width, found.picture.height]).toEqual([400, 200]);
    expect(found.picture.focus.x).toBeCloseTo(0.675, 1);
  });

  test('loses what else is in the file: position, camera, colour notes', async () => {
    const stored = await scene(1200, 900)
      .withExif({ IFD0: { Copyright: 'Nobody', Make: 'Testcam' }, IFD3: { GPSLatitude: '51/1 20/1 0/1' } })
      .jpeg()
      .toBuffer();
    expect(stored.toString('latin1')).toContain('Testcam');
    const found = await kept('where.jpg', stored);
    for (const file of found.files.values()) {
      const { exif, xmp, iptc } = await sharp(Buffer.from(file)).metadata();
      expect([exif, xmp, iptc]).toEqual([undefined, undefined, undefined]);
      expect(Buffer.from(file).toString('latin1')).not.toContain('Testcam');
    }
  });

  test('of four inks is shown in red, green and blue', async () => {
    const stored = await scene(900, 900).toColourspace('cmyk').jpeg().toBuffer();
    expect((await sharp(stored).metadata()).space).toBe('cmyk');
    const found = await kept('print.jpg', stored);
    expect((await sharp(own(found)).metadata()).space).toBe('srgb');
    expect(found.picture.focus.x).toBeCloseTo(0.675, 1);
  });

  test('stays see-through', async () => {
    const stored = await sharp({ create: { width: 900, height: 900, channels: 4, background: '#0000' } })
      .composite([
        {
          input: await sharp({ create: { width: 300, height: 300, channels: 3, background: '#224488' } })
            .png()
            .toBuffer(),
        },
      ]) // prettier-ignore
      .png()
      .toBuffer();
    const found = await kept('clear.png', stored);
    const { data } = await sharp(own(found)).ensureAlpha().raw().toBuffer({ resolveWithObject: true });
    expect(data[3]).toBe(0);
    expect(found.picture.colours[0]).toMatch(/^#2[0-4]4[0-8]8[0-9a]$/);
  });

  test('that moves shows its first image, and says so', async () => {
    const frames = await Promise.all(['#d02020', '#2020d0'].map((background) => sharp({ create: { width: 900, height: 600, channels: 3, background } }).png().toBuffer())); // prettier-ignore
    const moving = await sharp(frames, { join: { animated: true } })
      .gif()
      .toBuffer();
    expect(isAnimated(moving)).toBe(true);
    const found = await kept('moving.gif', moving);
    expect(found.notes.join()).toContain('“moving.gif” moves; the shop shows its first image.');
    const { dominant } = await sharp(own(found)).stats();
    expect(dominant.r).toBeGreaterThan(dominant.b);
    const webp = await sharp(frames, { join: { animated: true } })
      .webp()
      .toBuffer();
    expect(isAnimated(webp)).toBe(true);
    expect(isAnimated(await scene(90, 60).gif().toBuffer())).toBe(false);
  });

  test('with too few pixels is kept and reported with the figure', async () => {
    const found = await kept('tiny.png', await scene(320, 200).png().toBuffer());
    expect(found.notes).toEqual([`“tiny.png” is 320 pixels wide; ${enoughPixels} or more stay sharp where it stands large.`]);
    expect(found.picture.sizes).toEqual([]);
  });

  test('is shown whole where a square crop would cut the thing off', async () => {
    const tall = sharp({ create: { width: 600, height: 1500, channels: 3, background: '#ffffff' } }).composite([
      {
        input: await sharp({ create: { width: 200, height: 1300, channels: 3, background: '#113322' } })
          .png()
          .toBuffer(),
      },
    ]);
    expect((await kept('tall.png', await tall.png().toBuffer())).picture.fit).toBe('whole');
    const square = (await kept('square.png', await scene(900, 900).png().toBuffer())).picture;
    expect([square.fit, square.cuts]).toEqual(['fill', []]);
  });

  test('names the shapes of places that would cut the thing off', async () => {
    const bar = async (width: number, height: number) =>
      sharp({ create: { width: 900, height: 900, channels: 3, background: '#ffffff' } })
        .composite([
          {
            input: await sharp({ create: { width, height, channels: 3, background: '#113322' } })
              .png()
              .toBuffer(),
          },
        ])
        .png()
        .toBuffer();
    expect((await kept('lying.png', await bar(780, 200))).picture).toMatchObject({ fit: 'fill', cuts: ['upright'] });
    expect((await kept('standing.png', await bar(200, 780))).picture).toMatchObject({ fit: 'fill', cuts: ['lying'] });
  });
});

describe('what can not be kept is said in one sentence', () => {
  test('a picture that is none', async () => {
    expect(await said('notes.jpg', new TextEncoder().encode('Dear shop,'))).toMatch(/“notes\.jpg” is not a picture/);
  });

  test('a picture that is cut short', async () => {
    const whole = await scene(900, 900).png().toBuffer();
    expect(await said('half.png', whole.subarray(0, 60))).toMatch(/“half\.png”/);
  });

  test('a hundred million pixels, with the figure and the way out', async () => {
    const huge = await sharp({ create: { width: 12_500, height: 8_000, channels: 3, background: '#808080' } })
      .png()
      .toBuffer();
    const say = await said('poster.png', huge);
    expect(say).toContain('100 million pixels (12500 × 8000)');
    expect(say).toMatch(/Save it at \d+ pixels wide or less/);
  });
});

describe('a picture that is cropped', () => {
  const half = { x: 0.5, y: 0.25, width: 0.4, height: 0.5 };
  const crop = async (of: Kept, frame: typeof half, from = own(of)) => cropPicture(of.picture, from, frame, serverCodec);

  test('is a part of what it was, in the sizes of screens, and remembers what it was', async () => {
    const whole = await kept('wide.jpg', await scene(3000, 2000).jpeg().toBuffer());
    const cropped = await crop(whole, half);
    if (!cropped.ok) throw new Error(cropped.say);
    const { picture } = cropped.value;
    expect(picture).toMatchObject({ name: 'wide.jpg', width: 960, height: 800, type: 'image/webp', crop: { frame: half } });
    expect(await sharp(own(cropped.value)).metadata()).toMatchObject({ width: 960, height: 800 });
    // The bottle stood at 60 to 75 of 100 across: of what is left, at 25 to 63.
    expect(picture.focus.x).toBeCloseTo(0.44, 1);
    expect(uncut(picture)).toEqual(whole.picture);
    // A project that is taken elsewhere takes what its crops are made of along.
    const project = { ...newProject('p', 'Shop'), pictures: [picture] };
    const kin = ({ hash, sizes }: typeof whole.picture) => [hash, ...sizes.map((size) => size.hash)];
    expect(hashesOf(startStory(project, '2026-11-29')).sort()).toEqual([...kin(picture), ...kin(whole.picture)].sort());
  });

  test('is cropped otherwise from what it was, and is again what it was', async () => {
    const whole = await kept('wide.jpg', await scene(1500, 1000).jpeg().toBuffer());
    const first = await crop(whole, half);
    if (!first.ok) throw new Error(first.say);
    // Its own bytes are the crop; those of what it was are given again.
    const wider = await crop(first.value, { x: 0, y: 0, width: 0.9, height: 0.9 }, own(whole));
    if (!wider.ok) throw new Error(wider.say);
    expect(wider.value.picture).toMatchObject({ width: 1350, height: 900 });
    expect(uncut(wider.value.picture)).toEqual(whole.picture);
    const back = await crop(wider.value, { x: 0, y: 0, width: 1, height: 1 }, own(whole));
    expect(back.ok && back.value.picture).toEqual(whole.picture);
  });

  test.each([
    [
      'so little that nothing is left',
      { ...half, width: 0.01 },
      '10 × 500 pixels are no picture any more: take a larger part of “wide.jpg”.',
    ],
  ])('%s is refused', async (_, frame, say) => {
    const whole = await kept('wide.jpg', await scene(1000, 1000).jpeg().toBuffer());
    expect(await crop(whole, frame)).toEqual({ ok: false, say });
  });

  test('a drawing is not', async () => {
    const whole = await kept('leaf.png', await scene(300, 300).png().toBuffer());
    const drawing: Kept = { ...whole, picture: { ...whole.picture, type: 'image/svg+xml' } };
    expect(await crop(drawing, half)).toEqual({ ok: false, say: '“leaf.png” is a drawing: crop it where it was drawn.' });
  });
});
