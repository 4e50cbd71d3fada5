import { storeAt } from './stores';

/** Picture bytes by the hash of them, in the browser's storage: page and worker both open it. */
const store = () => storeAt('pictures');

export const readPictureBytes = (hash: string): Promise<Uint8Array | null> => store().getItem<Uint8Array>(hash);

export async function writePictureBytes(hash: string, bytes: Uint8Array): Promise<void> {
  await store().setItem(hash, bytes);
}
