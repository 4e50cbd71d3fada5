// Starts the built app for a script that drives it, on a port and in a folder of its own.
import { spawn } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** Waits until an address answers. */
export async function answering(address) {
  for (;;) {
    try {
      await fetch(address);
      return;
    } catch {
      await new Promise((resolve) => setTimeout(resolve, 200));
    }
  }
}

/** Gives the app's address and the way to stop it. */
export async function startApp(port) {
  const server = spawn('npx', ['next', 'start', '--port', String(port)], {
    cwd: new URL('..', import.meta.url).pathname,
    stdio: 'ignore',
    detached: true,
    env: { ...process.env, ARCATUM_DATA: mkdtempSync(join(tmpdir(), 'arcatum-')), NEXT_TELEMETRY_DISABLED: '1' },
  });
  const base = `http://localhost:${port}/`;
  await answering(base);
  return { base, stop: () => process.kill(-server.pid) };
}
