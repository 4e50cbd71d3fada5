import { type Box } from '@/workers/pointer';

export interface Placed {
  left: number;
  top: number;
  /** What of the slip is taller than this scrolls. */
  maxHeight: number;
}

const gap = 10;
const margin = 8;
/** Less than this is no slip to work in. */
const least = 300;

const between = (low: number, high: number, at: number) => Math.max(low, Math.min(high, at));

/**
 * Where a slip stands: beside the thing, or under or over it, and never on it. A thing as wide as the window has it on its left, over the
 * sheet; where there is no room at all, as on a phone, it comes from below.
 */
export function placeSlip(
  thing: Box,
  slip: { width: number; height: number },
  screen: { width: number; height: number },
): Placed {
  const right = thing.x + thing.width;
  const bottom = thing.y + thing.height;
  const most = screen.height - 2 * margin;
  const height = Math.min(slip.height, most);
  const top = between(margin, screen.height - margin - height, thing.y);
  if (right + gap + slip.width + margin <= screen.width) return { left: right + gap, top, maxHeight: most };
  const left = between(margin, Math.max(margin, screen.width - margin - slip.width), thing.x);
  const below = screen.height - margin - bottom - gap;
  if (slip.width + 2 * margin <= screen.width) {
    if (below >= Math.min(height, least)) return { left, top: bottom + gap, maxHeight: below };
    const above = thing.y - gap - margin;
    if (above >= height) return { left, top: thing.y - gap - height, maxHeight: above };
    if (thing.x - gap - slip.width >= margin) return { left: thing.x - gap - slip.width, top, maxHeight: most };
  }
  const low = Math.min(height, Math.round(screen.height * 0.6));
  return { left: margin, top: screen.height - margin - low, maxHeight: low };
}
