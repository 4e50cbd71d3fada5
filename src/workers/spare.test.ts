import { handBack, prepareWorker, takeWorker } from './spare';

/** A worker that counts, and ends or is lost when told to. */
class Counted {
  static all: Counted[] = [];
  ended = false;
  onmessage: (() => void) | null = null;
  onerror: (() => void) | null = null;
  constructor() {
    Counted.all.push(this);
  }
  postMessage() {
    // Nothing is asked here.
  }
  terminate() {
    this.ended = true;
  }
}

const real = globalThis.Worker;
beforeAll(() => {
  globalThis.Worker = Counted as unknown as typeof Worker;
});
afterAll(() => {
  globalThis.Worker = real;
});
beforeEach(() => {
  takeWorker().close();
  Counted.all = [];
});

test('a worker that was prepared is the one that is taken, by one alone', () => {
  prepareWorker();
  prepareWorker();
  expect(Counted.all).toHaveLength(1);
  const first = takeWorker();
  expect(Counted.all).toHaveLength(1);
  expect(takeWorker()).not.toBe(first);
  expect(Counted.all).toHaveLength(2);
});

test('what is handed back is taken next; one more than one is ended', () => {
  const [first, second] = [takeWorker(), takeWorker()];
  handBack(first);
  handBack(second);
  expect(Counted.all.map(({ ended }) => ended)).toEqual([false, true]);
  expect(takeWorker()).toBe(first);
});

test('a worker that is lost is neither kept nor taken', () => {
  const first = takeWorker();
  Counted.all[0]?.onerror?.();
  handBack(first);
  expect(Counted.all[0]?.ended).toBe(true);
  prepareWorker();
  Counted.all[1]?.onerror?.();
  expect(takeWorker().isLost).toBe(false);
  expect(Counted.all).toHaveLength(3);
});
