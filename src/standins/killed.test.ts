import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { buildSync } from 'esbuild';
import { chance } from '@/core/chance';
import { HostTill } from './index';

/**
 * The host is killed while buyers come and pay, again and again, with a provider that is slow or fails. What it acknowledged before it
 * died is there afterwards. On this machine and its disk alone; what a power cut leaves of a disk's own memory is not shown by this.
 */
const folder = mkdtempSync(join(tmpdir(), 'arcatum-killed-'));
const script = join(folder, 'buyers.cjs');
beforeAll(() => {
  buildSync({
    entryPoints: ['tests/killedHost.ts'],
    outfile: script,
    bundle: true,
    platform: 'node',
    tsconfig: 'tsconfig.json',
    external: ['next', 'pdfkit', 'fontkit'],
    logLevel: 'silent',
  });
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

interface Said {
  did: 'placed' | 'paid';
  number: string;
  pieces: number;
}

/** A host with 200 buyers, killed once it has acknowledged so many of them; what it acknowledged. */
function killed(path: string, seed: number, after: number, provider: string): Promise<Said[]> {
  return new Promise((resolve, reject) => {
    const host = spawn(process.execPath, [script, path, String(seed), provider], { stdio: ['ignore', 'pipe', 'inherit'] });
    let text = '';
    host.stdout.on('data', (part: Buffer) => {
      text += part.toString('utf8');
      if (text.split('\n').length > after) host.kill('SIGKILL');
    });
    host.on('error', reject);
    // A line that was cut off was not said.
    host.on('close', () => resolve(text.split('\n').slice(0, -1).map((line) => JSON.parse(line) as Said))); // prettier-ignore
  });
}

test.each([
  ['a provider that answers', 'answers'],
  ['one that is slow', 'slow'],
  ['one that fails', 'fails'],
])('killed while 200 buy, with %s: nothing that was acknowledged is lost, doubled or oversold', async (_, provider) => {
  const random = chance(provider.length);
  for (let round = 0; round < 4; round++) {
    const path = join(folder, provider, String(round), 'orders.jsonl');
    const said: Said[] = [];
    for (let life = 0; life < 3; life++)
      said.push(...(await killed(path, round * 10 + life, 5 + Math.floor(random() * 90), provider)));
    const till = new HostTill(path);
    const orders = till.all('2026-01-02T00:00:00.000Z');
    expect(till.damage).toEqual([]);
    const byNumber = new Map(orders.map((order) => [order.number, order]));
    expect(byNumber.size).toBe(orders.length);
    const placed = said.filter(({ did }) => did === 'placed');
    expect(new Set(placed.map(({ number }) => number)).size).toBe(placed.length);
    for (const { did, number, pieces } of said) {
      expect(byNumber.get(number)?.lines[0]?.quantity).toBe(pieces);
      if (did === 'paid') expect(byNumber.get(number)).toMatchObject({ state: 'paid', books: { received: pieces * 100 } });
    }
    const sold = orders
      .filter(({ state }) => state === 'paid' || state === 'awaiting-payment')
      .reduce((sum, { lines }) => sum + (lines[0]?.quantity ?? 0), 0);
    expect(sold).toBeLessThanOrEqual(150);
    expect(said.length).toBeGreaterThan(10);
  }
});
