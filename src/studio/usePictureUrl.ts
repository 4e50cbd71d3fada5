'use client';

import { useEffect, useState } from 'react';
import { readPictureBytes } from '@/workers/pictureStore';

/** An address at which the page can show a picture by its hash; null until it is there, and where none is asked for. */
export function usePictureUrl(hash: string | null, type: string): string | null {
  const [shown, setShown] = useState<{ hash: string; url: string } | null>(null);
  useEffect(() => {
    if (hash === null) return;
    let url = '';
    let gone = false;
    void readPictureBytes(hash).then((bytes) => {
      if (gone || !bytes) return;
      url = URL.createObjectURL(new Blob([new Uint8Array(bytes)], { type }));
      setShown({ hash, url });
    });
    return () => {
      gone = true;
      if (url) URL.revokeObjectURL(url);
    };
  }, [hash, type]);
  return shown?.hash === hash ? (shown?.url ?? null) : null;
}
