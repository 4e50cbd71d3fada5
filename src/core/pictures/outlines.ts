/** Outlines of a face that ships with Arcatum, in thousandths of an em, y down; measured and laid out by scripts/faces.mjs. */
export interface Outlines {
  cap: number;
  x: number;
  ascent: number;
  descent: number;
  /** Advance and outline of each character. */
  glyphs: Record<string, [advance: number, path: string]>;
  kern: Record<string, number>;
}

/** Where outlines come from: whoever runs the core hands in what it has loaded, once a face. */
const loaded = new Map<string, Outlines>();

export const provideOutlines = (face: string, outlines: Outlines): void => void loaded.set(face, outlines);
export const outlinesOf = (face: string): Outlines | null => loaded.get(face) ?? null;

/** A line of text as one outline, from its left end on the base line. */
export interface SetLine {
  path: string;
  width: number;
  /** What the ink reaches to, y down from the base line. Handles of curves count, so it may be a hair more. */
  ink: { left: number; right: number; top: number; bottom: number };
  /** Characters that the face does not have; they are left out. */
  missing: string[];
}

/** Moves an outline. Coordinates of outlines come in pairs throughout. */
function moved(path: string, by: number): string {
  if (!by) return path;
  let at = 0;
  return path.replace(/[A-Z]|-?\d+(?:\.\d+)?/g, (token) => {
    if (/[A-Z]/.test(token)) {
      at = 0;
      return token;
    }
    return at++ % 2 ? ` ${token} ` : ` ${Math.round(Number(token) + by)} `;
  });
}

const tidy = (path: string) => path.replace(/\s+/g, ' ').replace(/ ?([A-Z]) ?/g, '$1');

/** Sets a line: advances, kerning where letters are not spaced out, and tracking in thousandths of an em. */
export function setLine(outlines: Outlines, text: string, tracking = 0): SetLine {
  let x = 0;
  const paths: string[] = [];
  const missing: string[] = [];
  const characters = [...text.normalize('NFC')];
  characters.forEach((character, i) => {
    const glyph = outlines.glyphs[character];
    if (!glyph) return void missing.push(character);
    paths.push(moved(glyph[1], x));
    const next = characters[i + 1];
    x += glyph[0] + (tracking < 60 && next ? (outlines.kern[character + next] ?? 0) : 0) + (next === undefined ? 0 : tracking);
  });
  const path = tidy(paths.join(''));
  return { path, width: x, ink: inkOf(path), missing };
}

function inkOf(path: string): SetLine['ink'] {
  const numbers = (path.match(/-?\d+(?:\.\d+)?/g) ?? []).map(Number);
  if (!numbers.length) return { left: 0, right: 0, top: 0, bottom: 0 };
  const ink = { left: Infinity, right: -Infinity, top: Infinity, bottom: -Infinity };
  for (let i = 0; i < numbers.length; i += 2) {
    const [x = 0, y = 0] = [numbers[i], numbers[i + 1]];
    ink.left = Math.min(ink.left, x);
    ink.right = Math.max(ink.right, x);
    ink.top = Math.min(ink.top, y);
    ink.bottom = Math.max(ink.bottom, y);
  }
  return ink;
}

/** Whether a face can set a text. */
export const canSet = (outlines: Outlines, text: string): boolean =>
  [...text.normalize('NFC')].every((character) => character in outlines.glyphs);
