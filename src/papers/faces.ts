import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import * as fontkit from 'fontkit';
import { z } from 'zod';

/** A font of some scripts: it is read when a letter of them is to be written. */
export interface Face {
  name: string;
  covers: (codePoint: number) => boolean;
  bytes: () => Buffer;
  /** How far its letters reach above their line, of their size. */
  ascent: () => number;
}

/** Fonts of a weight, in the order in which they are asked for a letter. */
export interface Faces {
  regular: readonly Face[];
  strong: readonly Face[];
}

const indexSchema = z.array(
  z.object({ file: z.string(), weight: z.enum(['regular', 'strong']), ranges: z.array(z.tuple([z.number(), z.number()])) }),
);

/** The fonts that papers are set in: those of a folder, as its index (`faces.json`, made by scripts/assets.mjs) names them. */
export function facesIn(folder: string): Faces {
  const known = new Map<string, { bytes: Buffer; ascent: number; has: (codePoint: number) => boolean }>();
  const open = (file: string) => {
    const before = known.get(file);
    if (before) return before;
    const bytes = readFileSync(join(folder, file));
    const font = fontkit.create(bytes);
    const letters = new Set('characterSet' in font ? font.characterSet : []);
    const ascent = 'ascent' in font ? font.ascent / font.unitsPerEm : 1;
    const opened = { bytes, ascent, has: (codePoint: number) => letters.has(codePoint) };
    known.set(file, opened);
    return opened;
  };
  const index = indexSchema.parse(JSON.parse(readFileSync(join(folder, 'faces.json'), 'utf8')));
  const of = (weight: keyof Faces): Face[] =>
    index
      .filter((face) => face.weight === weight)
      .map(({ file, ranges }) => ({
        name: file,
        // The index says what a font may have; it alone knows what it has.
        covers: (codePoint) => ranges.some(([from, to]) => codePoint >= from && codePoint <= to) && open(file).has(codePoint),
        bytes: () => open(file).bytes,
        ascent: () => open(file).ascent,
      }));
  return { regular: of('regular'), strong: of('strong') };
}
