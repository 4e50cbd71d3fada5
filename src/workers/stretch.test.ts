import { type Span } from '@/core/span';
import { spanMoved, stepFrom, type Standing } from './stretch';

test('a span follows its grips, and stops where the page or its section ends', () => {
  const at = (span: Span): Standing => ({ thing: '', element: null as unknown as HTMLElement, span, least: 4, room: 1 });
  expect(spanMoved(at({ from: 0, to: 6 }), 'right', 3)).toEqual({ from: 0, to: 9 });
  expect(spanMoved(at({ from: 0, to: 6 }), 'right', -9)).toEqual({ from: 0, to: 4 });
  expect(spanMoved(at({ from: 2, to: 8 }), 'left', 9)).toEqual({ from: 4, to: 8 });
  expect(spanMoved(at({ from: 2, to: 8 }), 'left', -9)).toEqual({ from: 0, to: 8 });
  expect(spanMoved(at({ from: 2, to: 8 }), 'move', 9)).toEqual({ from: 6, to: 12 });
});

test('room goes up and down a scale, and ends with it', () => {
  expect([stepFrom(1, 1), stepFrom(1, -1), stepFrom(0, -1), stepFrom(3, 1)]).toEqual([1.25, 0.75, 0, 3]);
});
