'use client';

import { useEffect, useMemo, useState } from 'react';
import { type Picture } from '@/core/project';
import { readPictureBytes } from '@/workers/pictureStore';

/** Addresses of pictures, in their smallest size, by name in small letters, for as long as they are shown. */
export function usePictureUrls(pictures: readonly Picture[]): ReadonlyMap<string, string> {
  const [urls, setUrls] = useState<ReadonlyMap<string, string>>(new Map());
  const wanted = useMemo(
    () =>
      pictures.map(({ name, hash, type, sizes }) => ({
        key: name.toLowerCase(),
        hash: sizes[0]?.hash ?? hash,
        type: sizes[0] ? 'image/webp' : type,
      })),
    [pictures],
  );
  const id = wanted.map(({ hash }) => hash).join(' ');
  useEffect(() => {
    const made: string[] = [];
    let gone = false;
    void Promise.all(
      wanted.map(async ({ key, hash, type }) => {
        const bytes = await readPictureBytes(hash);
        if (!bytes || gone) return [];
        const url = URL.createObjectURL(new Blob([new Uint8Array(bytes)], { type }));
        made.push(url);
        return [[key, url] as const];
      }),
    ).then((found) => {
      if (!gone) setUrls(new Map(found.flat()));
    });
    return () => {
      gone = true;
      for (const url of made) URL.revokeObjectURL(url);
    };
    // What is shown is named by its hashes.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [id]);
  return urls;
}
