// Several may build at once (tests run side by side), so a file is either the old one or the whole new one, never half of it.
import { renameSync, writeFileSync } from 'node:fs';

/** @param {string} path @param {string} text */
export function writeWhole(path, text) {
  const part = `${path}.${process.pid}`;
  writeFileSync(part, text);
  renameSync(part, path);
}
