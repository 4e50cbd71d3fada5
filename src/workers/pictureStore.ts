import localforage from 'localforage';

/**
 * Picture bytes by the hash of them, in the browser's storage. A database of their own: page and worker both open it, and a store that one
 * of them adds to a database would shut the other out of it.
 */
const store = () => localforage.createInstance({ name: 'arcatum-pictures', storeName: 'pictures' });

export const readPictureBytes = (hash: string): Promise<Uint8Array | null> => store().getItem<Uint8Array>(hash);

export async function writePictureBytes(hash: string, bytes: Uint8Array): Promise<void> {
  await store().setItem(hash, bytes);
}
