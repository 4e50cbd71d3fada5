// One command from a fresh clone to the sample shop: installs what is missing, builds, starts, prints the address.
import { execSync, spawn } from 'node:child_process';
import { answering } from './app.mjs';
import { ensurePackages } from './ensure.mjs';

const root = new URL('..', import.meta.url).pathname;
const port = process.env.PORT ?? '4310';
const env = { ...process.env, NEXT_TELEMETRY_DISABLED: '1' };

ensurePackages();
const { buildAssets } = await import('./assets.mjs');
await buildAssets();
console.log('Building …');
execSync('npx next build', { cwd: root, env, stdio: ['ignore', 'ignore', 'inherit'] });
const server = spawn('npx', ['next', 'start', '--port', port], { cwd: root, env, stdio: ['ignore', 'ignore', 'inherit'] });
server.on('exit', (code) => process.exit(code ?? 0));
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));

const address = `http://localhost:${port}/`;
await answering(address);
console.log(`\n  Arcatum is at ${address}\n  “Open the sample shop” begins with Tarnwick Dye House. Ctrl+C stops it.\n`);
