import localforage from 'localforage';

type Store = ReturnType<typeof localforage.createInstance>;

const opened = new Map<string, Store>();

/**
 * A store in the browser, in a database of its own, opened once by a page or worker: a store that is added to a database shuts out
 * everyone who has it open, and each further connection waits for all that are being opened.
 */
export function storeAt(name: string): Store {
  const known = opened.get(name);
  if (known) return known;
  const store = localforage.createInstance({ name: `arcatum-${name}`, storeName: name });
  opened.set(name, store);
  return store;
}

const formerDatabase = 'arcatum';
let moved: Promise<void> | undefined;

/** Moves what an earlier version kept in one database with several stores, once. */
export const moveIn = (names: readonly string[]): Promise<void> => (moved ??= move(names));

async function move(names: readonly string[]): Promise<void> {
  if (!(await indexedDB.databases()).some(({ name }) => name === formerDatabase)) return;
  for (const name of names) {
    const from = localforage.createInstance({ name: formerDatabase, storeName: name });
    const to = storeAt(name);
    for (const key of await from.keys()) {
      if ((await to.getItem(key)) === null) await to.setItem(key, await from.getItem(key));
      await from.removeItem(key);
    }
  }
  indexedDB.deleteDatabase(formerDatabase);
}
