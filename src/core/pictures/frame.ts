import { z } from 'zod';

const share = z.number().min(0).max(1);

/** A part of a picture, in shares of its width and height from the upper left corner. */
export const frameSchema = z.object({ x: share, y: share, width: share, height: share });
export type Frame = z.infer<typeof frameSchema>;

export const wholeFrame: Frame = { x: 0, y: 0, width: 1, height: 1 };

/** Frames that are all of a picture but for what no eye sees. */
export const isAll = ({ width, height }: Frame): boolean => width > 0.995 && height > 0.995;

/** Sides of a frame are no shorter than this share of the picture. */
const least = 0.06;

const within = (n: number, low: number, high: number) => Math.max(low, Math.min(high, n));

/** A frame moved by shares of the picture, kept inside it. */
export const movedFrame = ({ x, y, width, height }: Frame, dx: number, dy: number): Frame => ({
  x: within(x + dx, 0, 1 - width),
  y: within(y + dy, 0, 1 - height),
  width,
  height,
});

/** A corner of a frame: which of its sides it holds. */
export const corners = ['nw', 'ne', 'sw', 'se'] as const;
export type Corner = (typeof corners)[number];

/**
 * A frame with one of its corners moved; the corner across from it stays.
 * @param ratio width to height that is kept, in shares of the picture; null where any will do
 */
export function corneredFrame(frame: Frame, corner: Corner, dx: number, dy: number, ratio: number | null = null): Frame {
  const [isEast, isSouth] = [corner.endsWith('e'), corner.startsWith('s')];
  // Where the corner across stands, and how much room there is from it.
  const [ax, ay] = [isEast ? frame.x : frame.x + frame.width, isSouth ? frame.y : frame.y + frame.height];
  const [mostWide, mostHigh] = [isEast ? 1 - ax : ax, isSouth ? 1 - ay : ay];
  let width = within(frame.width + (isEast ? dx : -dx), Math.min(least, mostWide), mostWide);
  let height = within(frame.height + (isSouth ? dy : -dy), Math.min(least, mostHigh), mostHigh);
  if (ratio !== null) {
    // It follows the side that was moved further.
    const byWidth = Math.abs(width - frame.width) >= Math.abs(height - frame.height) * ratio;
    if (byWidth) height = width / ratio;
    else width = height * ratio;
    const over = Math.max(width / mostWide, height / mostHigh, 1);
    [width, height] = [width / over, height / over];
  }
  return { x: isEast ? ax : ax - width, y: isSouth ? ay : ay - height, width, height };
}

/** The largest frame of a shape about the middle of another, as large as that is where the picture has the room. */
export function shapedFrame({ x, y, width, height }: Frame, ratio: number): Frame {
  const [middleX, middleY] = [x + width / 2, y + height / 2];
  const area = width * height;
  const wide = Math.min(1, ratio, Math.sqrt(area * ratio));
  const high = wide / ratio;
  return movedFrame({ x: middleX - wide / 2, y: middleY - high / 2, width: wide, height: high }, 0, 0);
}

/** A frame in pixels of a picture: whole ones, at least one. */
export function framePixels({ x, y, width, height }: Frame, size: { width: number; height: number }) {
  const left = Math.min(size.width - 1, Math.round(x * size.width));
  const top = Math.min(size.height - 1, Math.round(y * size.height));
  return {
    left,
    top,
    width: within(Math.round(width * size.width), 1, size.width - left),
    height: within(Math.round(height * size.height), 1, size.height - top),
  };
}
