// Several commands may find at once that something has to be built. One builds it; the others wait, and find it built.
import { mkdirSync, rmSync, statSync } from 'node:fs';
import { dirname } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';

/** No build takes longer, ms: a lock that is older was left behind by one that was ended. */
const longest = 600_000;

function taken(lock) {
  try {
    mkdirSync(lock);
    return false;
  } catch (error) {
    if (error.code !== 'EEXIST') throw error;
    return true;
  }
}

const leftBehind = (lock) => {
  const made = statSync(lock, { throwIfNoEntry: false })?.mtimeMs;
  return made !== undefined && Date.now() - made > longest;
};

/**
 * Does work that only one process may do at a time.
 * @param {string} lock a folder that is there while somebody is at it
 * @param {() => Promise<void>} work
 */
export async function alone(lock, work) {
  mkdirSync(dirname(lock), { recursive: true });
  while (taken(lock)) {
    if (leftBehind(lock)) rmSync(lock, { recursive: true, force: true });
    else await wait(100);
  }
  try {
    await work();
  } finally {
    rmSync(lock, { recursive: true, force: true });
  }
}
