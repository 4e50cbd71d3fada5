import localforage from 'localforage';

/** Picture bytes by the hash of them, in the browser's storage. */
const store = () => localforage.createInstance({ name: 'arcatum', storeName: 'pictures' });

export const readPictureBytes = (hash: string): Promise<Uint8Array | null> => store().getItem<Uint8Array>(hash);

export async function writePictureBytes(hash: string, bytes: Uint8Array): Promise<void> {
  await store().setItem(hash, bytes);
}
