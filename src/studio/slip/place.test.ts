import { type Box } from '@/workers/pointer';
import { placeSlip } from './place';

const screen = { width: 1280, height: 800, head: 98 };
const slip = { width: 372, height: 560 };

/** Whether two boxes have any of the screen in common. */
const meet = (a: Box, b: Box) => a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height;

/** Numbers that look random and are the same each time. */
function* random(seed: number): Generator<number, never> {
  for (let at = seed; ; at = (at * 48271) % 2147483647) yield at / 2147483647;
}

test('a slip stands beside a thing, on the screen and never on it, wherever in the window that is', () => {
  const next = random(281128);
  for (let n = 0; n < 5000; n++) {
    const [a, b, c, d, e] = [next.next().value, next.next().value, next.next().value, next.next().value, next.next().value];
    // The window begins at 476 and 142, where the sheet and the head end.
    const thing = {
      x: 476 + a * 600,
      y: 142 + b * 560,
      width: 20 + c * (1264 - 476 - a * 600 - 20),
      height: 10 + d * (800 - 142 - b * 560 - 10),
    };
    const wanted = { width: 372, height: 120 + e * 900 };
    const { left, top, maxHeight } = placeSlip(thing, wanted, screen);
    const stands = { x: left, y: top, width: wanted.width, height: Math.min(wanted.height, maxHeight) };
    expect([thing, stands, meet(thing, stands)]).toEqual([thing, stands, false]);
    expect(stands.x).toBeGreaterThanOrEqual(0);
    expect(stands.x + stands.width).toBeLessThanOrEqual(screen.width);
    // Neither does it lie on the head of the studio.
    expect(stands.y).toBeGreaterThanOrEqual(screen.head);
    expect(stands.y + stands.height).toBeLessThanOrEqual(screen.height);
    expect(stands.height).toBeGreaterThanOrEqual(Math.min(wanted.height, 300));
  }
});

test('it stays on its side while its thing grows, as long as there is room', () => {
  const thing = { x: 900, y: 410, width: 370, height: 24 };
  const small = placeSlip(thing, { width: 372, height: 330 }, screen);
  expect(small.side).toBe('below');
  const grown = { ...thing, height: 40 };
  const tall = { width: 372, height: 700 };
  expect(placeSlip(grown, tall, screen).side).toBe('left');
  expect(placeSlip({ ...grown, height: 20 }, tall, screen, small.side)).toMatchObject({ side: 'below', top: 410 + 20 + 10 });
  // A place without room for it is left.
  expect(placeSlip({ ...grown, height: 200 }, tall, screen, small.side).side).toBe('left');
});

test('on a phone it comes from below, over no more than three fifths of the screen', () => {
  const placed = placeSlip({ x: 0, y: 60, width: 390, height: 700 }, slip, { width: 390, height: 844, head: 60 });
  expect(placed.side).toBe('foot');
  expect(placed.top + placed.maxHeight).toBe(844);
  expect(placed.maxHeight).toBeLessThanOrEqual(844 * 0.6);
});
