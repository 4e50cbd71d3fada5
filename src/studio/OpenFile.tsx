'use client';

import { type ReactNode } from 'react';
import { FileTrigger } from 'react-aria-components';
import { Button, QuietButton, TextButton } from './parts';

export interface OpenedFile {
  name: string;
  bytes: Uint8Array;
}

/** A button that opens files. */
export function OpenFile({
  accept,
  several = false,
  quiet = false,
  plain = false,
  disabled = false,
  most,
  onTooLarge,
  onOpen,
  children,
}: {
  accept: readonly string[];
  several?: boolean;
  quiet?: boolean;
  /** As words that are pressed. */
  plain?: boolean;
  disabled?: boolean;
  /** The bytes that a file of some name may have: a larger one is never read into memory. */
  most?: (name: string) => number;
  onTooLarge?: (name: string) => void;
  onOpen: (files: OpenedFile[]) => void;
  children: ReactNode;
}) {
  const Look = plain ? TextButton : quiet ? QuietButton : Button;
  return (
    <FileTrigger
      acceptedFileTypes={accept}
      allowsMultiple={several}
      onSelect={(list) => {
        void (async () => {
          const chosen = [...(list ?? [])];
          const large = chosen.find((file) => file.size > (most?.(file.name) ?? Infinity));
          if (large) return onTooLarge?.(large.name);
          const files = await Promise.all(
            chosen.map(async (file) => ({ name: file.name, bytes: new Uint8Array(await file.arrayBuffer()) })),
          );
          if (files.length) onOpen(files);
        })();
      }}
    >
      <Look isDisabled={disabled}>{children}</Look>
    </FileTrigger>
  );
}
