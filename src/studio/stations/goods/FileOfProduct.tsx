'use client';

import { useState } from 'react';
import { sizeOf } from '@/core/files';
import { productPlaces, set } from '@/core/places';
import { type Product } from '@/core/project';
import { type ShopWorker } from '@/workers/client';
import { OpenFile } from '../../OpenFile';
import { Notice, Row, TextButton } from '../../parts';
import { type ProjectState } from '../../useProject';

/** Largest file that is sold, bytes: it goes through the browser's storage and the archive of the shop. */
const mostBytes = 50 * 1024 ** 2;

/** The file that buyers of a download get. */
export function FileOfProduct({ product, state, worker }: { product: Product; state: ProjectState; worker: ShopWorker | null }) {
  const [refused, setRefused] = useState('');
  const { file } = product;
  const place = productPlaces.file(product.id);
  return (
    <div role="group" aria-label="The file that buyers get" style={{ display: 'grid', gap: 8 }}>
      {file ? (
        <p>
          Buyers get <b>{file.name}</b>, {sizeOf(file.size)}.
        </p>
      ) : (
        <Notice $kind="mend">It is shown, and not sold until the file that buyers get is here.</Notice>
      )}
      <Row>
        <OpenFile
          quiet
          accept={[]}
          disabled={!worker}
          most={() => mostBytes}
          onTooLarge={(name) => setRefused(`“${name}” is larger than ${sizeOf(mostBytes)}.`)}
          onOpen={([opened]) => {
            if (!opened || !worker) return;
            setRefused('');
            void worker.ask('keepFile', { ...opened, as: 'sold' }).then((kept) => {
              if (kept.ok) state.decide(set(place, kept.value));
              else setRefused(kept.say);
            });
          }}
        >
          {file ? 'Another file' : 'Choose the file'}
        </OpenFile>
        {file ? <TextButton onPress={() => state.withdraw(place)}>Take it off</TextButton> : null}
      </Row>
      {refused ? (
        <Notice role="alert" $kind="mend">
          {refused}
        </Notice>
      ) : null}
    </div>
  );
}
