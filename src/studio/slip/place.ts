import { type Box } from '@/workers/pointer';

const sides = ['right', 'below', 'above', 'left'] as const;
export type Side = (typeof sides)[number];

export interface Placed {
  /** Where it stands to its thing; at the foot of the screen where there is no room beside. */
  side: Side | 'foot';
  left: number;
  top: number;
  /** What of the slip is taller than this scrolls. */
  maxHeight: number;
}

/** On a screen narrower than this nothing stands beside anything. */
const narrow = 640;
const gap = 10;
const margin = 8;
/** Less than this is no slip to work in, and in this much one works well. */
const least = 300;
const ample = 440;

const between = (low: number, high: number, at: number) => Math.max(low, Math.min(high, at));

/**
 * Where a slip stands: beside the thing, or under or over it, and never on it. A thing as wide as the window has it on its left, over the
 * sheet; where there is no room at all, as on a phone, it comes from below.
 * @param screen how large it is, and how much of its top is not to be covered: Undo and the stations stay in reach
 * @param stood the side that it stood on: it stays there as long as it can, so that a text that grows doesn't throw it about
 */
export function placeSlip(
  thing: Box,
  slip: { width: number; height: number },
  screen: { width: number; height: number; head: number },
  stood?: Placed['side'],
): Placed {
  const right = thing.x + thing.width;
  const bottom = thing.y + thing.height;
  const ceiling = screen.head + margin;
  const most = screen.height - margin - ceiling;
  const height = Math.min(slip.height, most);
  const isNarrow = screen.width < narrow;
  const top = between(ceiling, screen.height - margin - height, thing.y);
  const left = between(margin, Math.max(margin, screen.width - margin - slip.width), thing.x);
  const below = screen.height - margin - bottom - gap;
  const above = thing.y - gap - ceiling;
  const fits = (side: Side, wanted: number): boolean =>
    ({
      right: !isNarrow && right + gap + slip.width + margin <= screen.width,
      below: !isNarrow && below >= Math.min(height, wanted),
      above: !isNarrow && above >= Math.min(height, wanted),
      left: !isNarrow && thing.x - gap - slip.width >= margin,
    })[side];
  const stands: Record<Side, Omit<Placed, 'side'>> = {
    right: { left: right + gap, top, maxHeight: most },
    below: { left, top: bottom + gap, maxHeight: below },
    above: { left, top: thing.y - gap - Math.min(height, above), maxHeight: above },
    left: { left: thing.x - gap - slip.width, top, maxHeight: most },
  };
  const side =
    stood && stood !== 'foot' && fits(stood, least)
      ? stood
      : (sides.find((one) => fits(one, ample)) ?? sides.find((one) => fits(one, least)));
  if (side) return { side, ...stands[side] };
  const low = Math.min(height, Math.round(screen.height * (isNarrow ? 0.55 : 0.6)));
  return isNarrow
    ? { side: 'foot', left: 0, top: screen.height - low, maxHeight: low }
    : { side: 'foot', left: margin, top: screen.height - margin - low, maxHeight: low };
}
