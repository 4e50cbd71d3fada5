'use client';

import { type ReactNode } from 'react';
import { FileTrigger } from 'react-aria-components';
import { Button, QuietButton } from './parts';

export interface OpenedFile {
  name: string;
  bytes: Uint8Array;
}

/** A button that opens files. */
export function OpenFile({
  accept,
  several = false,
  quiet = false,
  disabled = false,
  onOpen,
  children,
}: {
  accept: string[];
  several?: boolean;
  quiet?: boolean;
  disabled?: boolean;
  onOpen: (files: OpenedFile[]) => void;
  children: ReactNode;
}) {
  const Look = quiet ? QuietButton : Button;
  return (
    <FileTrigger
      acceptedFileTypes={accept}
      allowsMultiple={several}
      onSelect={(list) => {
        void (async () => {
          const files = await Promise.all(
            [...(list ?? [])].map(async (file) => ({ name: file.name, bytes: new Uint8Array(await file.arrayBuffer()) })),
          );
          if (files.length) onOpen(files);
        })();
      }}
    >
      <Look isDisabled={disabled}>{children}</Look>
    </FileTrigger>
  );
}
