import { ShopWorker, Stopped, WorkerLost } from './client';
import { type Answer, type Ask, type Stop } from './protocol';

/** A worker that keeps what it is sent and answers when told to. */
class Quiet {
  static last: Quiet;
  sent: (Ask | Stop)[] = [];
  ended = false;
  onmessage: ((event: { data: Answer }) => void) | null = null;
  onerror: (() => void) | null = null;
  constructor() {
    Quiet.last = this;
  }
  postMessage(message: Ask | Stop) {
    this.sent.push(structuredClone(message));
  }
  terminate() {
    this.ended = true;
  }
  say(data: Answer) {
    this.onmessage?.({ data });
  }
}

const real = globalThis.Worker;
beforeAll(() => {
  globalThis.Worker = Quiet as unknown as typeof Worker;
});
afterAll(() => {
  globalThis.Worker = real;
});

const idOf = (n: number) => (Quiet.last.sent[n] as Ask).id;

test('each answer finds the one who asked, in whatever order answers come', async () => {
  const worker = new ShopWorker();
  const [a, b] = [worker.ask('paint', { path: 'a/' }), worker.ask('paint', { path: 'b/' })];
  const page = (path: string) => ({ path, html: '', css: '' });
  Quiet.last.say({ id: idOf(1), value: page('b/') });
  Quiet.last.say({ id: idOf(0), value: page('a/') });
  expect([(await a).path, (await b).path]).toEqual(['a/', 'b/']);
  expect(Quiet.last.sent.map((one) => ('job' in one ? one.job : ''))).toEqual(['paint', 'paint']);
});

test('an error is the asker’s alone', async () => {
  const worker = new ShopWorker();
  const [a, b] = [worker.ask('tokens', {}), worker.ask('tokens', {})];
  Quiet.last.say({ id: idOf(0), error: 'No project is open.' });
  Quiet.last.say({ id: idOf(1), value: '{}' });
  await expect(a).rejects.toThrow('No project is open.');
  await expect(b).resolves.toBe('{}');
});

test('progress is told until the answer comes, and none after it', async () => {
  const worker = new ShopWorker();
  const told: number[] = [];
  const site = worker.ask('site', { target: { kind: 'archive', address: 'https://a.example/' } }, ({ done }) => told.push(done));
  const id = idOf(0);
  Quiet.last.say({ id, progress: { say: 'Drawing', done: 40, of: 100 } });
  Quiet.last.say({ id, progress: { say: 'Packing', done: 100, of: 100 } });
  Quiet.last.say({ id, value: { archive: new Uint8Array(), files: 3 } });
  Quiet.last.say({ id, progress: { say: 'Late', done: 7, of: 100 } });
  expect((await site).files).toBe(3);
  expect(told).toEqual([40, 100]);
});

test('a job that is stopped says so, as something that is no fault', async () => {
  const worker = new ShopWorker();
  const site = worker.ask('site', { target: { kind: 'archive', address: 'https://a.example/' } });
  const id = idOf(0);
  site.stop();
  expect(Quiet.last.sent[1]).toEqual({ stop: id });
  Quiet.last.say({ id, error: 'stopped' });
  await expect(site).rejects.toBeInstanceOf(Stopped);
});

test('a worker that is lost is told to all who wait for it and to all who ask later', async () => {
  const worker = new ShopWorker();
  const waiting = [worker.ask('tokens', {}), worker.ask('paint', { path: '' })].map((asked) =>
    expect(asked).rejects.toBeInstanceOf(WorkerLost),
  );
  Quiet.last.onerror?.();
  await Promise.all(waiting);
  await expect(worker.ask('tokens', {})).rejects.toThrow('Reload the page');
  expect(Quiet.last.sent).toHaveLength(2);
});

test('an answer that nobody waits for is let go; a closed worker ends', () => {
  const worker = new ShopWorker();
  expect(() => Quiet.last.say({ id: 99, value: null })).not.toThrow();
  worker.close();
  expect(Quiet.last.ended).toBe(true);
});
