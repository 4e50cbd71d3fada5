// Installs what is missing: packages, and Chromium where tests need it.
import { execSync } from 'node:child_process';
import { existsSync, statSync } from 'node:fs';

const root = new URL('..', import.meta.url).pathname;
const run = (command) => execSync(command, { cwd: root, stdio: 'inherit' });

/** Whether the packages are there, as the lock file has them. */
export function hasPackages() {
  const stamp = `${root}node_modules/.package-lock.json`;
  return existsSync(stamp) && statSync(stamp).mtimeMs >= statSync(`${root}package-lock.json`).mtimeMs - 1000;
}

export function ensurePackages() {
  if (hasPackages()) return;
  console.log('Installing packages …');
  // Not `npm ci`: it refuses a lock file without the builds for other systems, and not every registry carries those.
  run('npm install --no-save --no-audit --no-fund');
}

export function ensureChromium() {
  if (existsSync('/usr/bin/chromium')) return;
  console.log('Installing Chromium from Debian …');
  const sudo = process.getuid?.() === 0 ? '' : 'sudo ';
  run(`${sudo}apt-get update -qq && ${sudo}apt-get install -y -qq chromium fonts-liberation`);
}
