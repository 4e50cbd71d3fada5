import { chance } from '../chance';
import {
  corneredFrame,
  corners,
  framePixels,
  frameSchema,
  isAll,
  movedFrame,
  shapedFrame,
  wholeFrame,
  type Frame,
} from './frame';

const middle: Frame = { x: 0.25, y: 0.25, width: 0.5, height: 0.5 };
const ends = ({ x, y, width, height }: Frame) => [x, y, x + width, y + height].map((n) => Number(n.toFixed(6)));

describe('a frame over a picture', () => {
  test('is moved within it, and no further', () => {
    expect(ends(movedFrame(middle, 0.1, -0.1))).toEqual([0.35, 0.15, 0.85, 0.65]);
    expect(ends(movedFrame(middle, 9, -9))).toEqual([0.5, 0, 1, 0.5]);
  });

  test('follows a corner; the one across stays', () => {
    expect(ends(corneredFrame(middle, 'se', 0.1, 0.2))).toEqual([0.25, 0.25, 0.85, 0.95]);
    expect(ends(corneredFrame(middle, 'nw', 0.1, 0.2))).toEqual([0.35, 0.45, 0.75, 0.75]);
    expect(ends(corneredFrame(middle, 'ne', 9, -9))).toEqual([0.25, 0, 1, 0.75]);
  });

  test('keeps the shape that was chosen', () => {
    const square = corneredFrame(middle, 'se', 0.2, 0.01, 1);
    expect(square.width).toBeCloseTo(square.height);
    const lying = shapedFrame(middle, 1.5);
    expect(lying.width / lying.height).toBeCloseTo(1.5);
    // As large as it was, about the same middle.
    expect(lying.width * lying.height).toBeCloseTo(0.25);
    expect(lying.x + lying.width / 2).toBeCloseTo(0.5);
    // Of all of a picture as much as has the shape.
    expect(ends(shapedFrame(wholeFrame, 2))).toEqual([0, 0.25, 1, 0.75]);
    expect(ends(shapedFrame(wholeFrame, 0.5))).toEqual([0.25, 0, 0.75, 1]);
  });

  test('wherever it is dragged, it lies within the picture and is something', () => {
    const random = chance(7);
    let frame = wholeFrame;
    for (let i = 0; i < 4000; i++) {
      const [dx, dy] = [random() * 3 - 1.5, random() * 3 - 1.5];
      const ratio = i % 3 ? null : 0.2 + random() * 4;
      const corner = corners[Math.floor(random() * 4)] ?? 'se';
      frame = i % 5 ? corneredFrame(frame, corner, dx, dy, ratio) : movedFrame(frame, dx, dy);
      const [left = 0, top = 0, right = 0, bottom = 0] = ends(frame);
      expect([left >= 0, top >= 0, right <= 1, bottom <= 1, right > left, bottom > top]).toEqual(Array(6).fill(true));
      if (ratio !== null && i % 5) expect(frame.width / frame.height).toBeCloseTo(ratio);
    }
  });

  test('is whole pixels of the picture', () => {
    expect(framePixels(middle, { width: 1001, height: 601 })).toEqual({ left: 250, top: 150, width: 501, height: 301 });
    expect(framePixels({ x: 1, y: 1, width: 0, height: 0 }, { width: 10, height: 10 })).toEqual({
      left: 9,
      top: 9,
      width: 1,
      height: 1,
    });
    expect([isAll(wholeFrame), isAll(middle)]).toEqual([true, false]);
  });

  test.each([[{ x: -0.1, y: 0, width: 1, height: 1 }], [{ x: 0, y: 0, width: 2, height: 1 }], [{ x: 0, y: 0 }], ['all']])(
    '%j is none',
    (value) => expect(frameSchema.safeParse(value).success).toBe(false),
  );
});
