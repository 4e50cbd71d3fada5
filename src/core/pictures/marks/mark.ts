import { type MarkId } from '../about';
import { type Motif } from '../art';
import { setLine, type Outlines } from '../outlines';

/** What a mark is drawn from. */
export interface MarkSource {
  name: string;
  /** A line that can stand beside the name: what is sold, or where. */
  under: string;
  outlines: Outlines;
  motif: Motif | null;
  caps: boolean;
}

/** A drawing in units of its own, in one ink. */
export interface Drawn {
  body: string;
  width: number;
  height: number;
  /** Height of the smallest capital in it, same units; 0 where it has no letters. */
  letters: number;
}

export interface MarkKind {
  id: MarkId;
  name: string;
  manner: 'wordmark' | 'monogram' | 'emblem' | 'badge';
  /** What it has to set; a face that lacks one of the characters can't draw it. */
  sets: (source: MarkSource) => string;
  draw: (source: MarkSource) => Drawn;
}

/** A mark, ready to stand in a page. */
export interface Mark extends Drawn {
  kind: MarkId;
  name: string;
  manner: MarkKind['manner'];
  /** Least height at which its smallest letters can be read, px: their capitals are 7 px tall there (common practice). */
  smallest: number;
}

export const r = (n: number): string => String(Math.round(n));

/** Lines of a name, as even as its words allow. */
export function linesOf(name: string, most: number): string[] {
  const words = name.split(/\s+/).filter(Boolean);
  const whole = name.length;
  for (let count = 1; count <= words.length; count++) {
    const lines: string[] = [];
    let line = '';
    for (const word of words) {
      const longer = line ? `${line} ${word}` : word;
      if (line && longer.length > Math.max(whole / count + 1, ...words.map((one) => one.length)) && lines.length < count - 1) {
        lines.push(line);
        line = word;
      } else line = longer;
    }
    lines.push(line);
    if (Math.max(...lines.map((one) => one.length)) <= most || count === words.length) return lines;
  }
  return [name];
}

/** A line of text at a size, its left end at x and its base line at y. */
export function text(
  outlines: Outlines,
  line: string,
  size: number,
  x: number,
  y: number,
  tracking = 0,
): { body: string; width: number } {
  const set = setLine(outlines, line, tracking);
  const scale = size / 1000;
  return {
    body: set.path ? `<path d="${set.path}" transform="translate(${r(x)} ${r(y)}) scale(${scale.toFixed(4)})"/>` : '',
    width: set.width * scale,
  };
}

/** The same, centred on x. */
export function centred(
  outlines: Outlines,
  line: string,
  size: number,
  x: number,
  y: number,
  tracking = 0,
): { body: string; width: number } {
  const { width } = setLine(outlines, line, tracking);
  return text(outlines, line, size, x - (width * size) / 2000, y, tracking);
}

/** A line with its place in a block. */
export interface Line {
  line: string;
  size: number;
  x: number;
  y: number;
}

/** Lines together, moved so that their ink begins at the top left, and the size of what they cover. */
export function inkOfLines(
  outlines: Outlines,
  lines: readonly Line[],
  tracking = 0,
): { body: string; width: number; height: number } {
  const box = { left: Infinity, right: -Infinity, top: Infinity, bottom: -Infinity };
  for (const { line, size, x, y } of lines) {
    const { ink } = setLine(outlines, line, tracking);
    const scale = size / 1000;
    box.left = Math.min(box.left, x + ink.left * scale);
    box.right = Math.max(box.right, x + ink.right * scale);
    box.top = Math.min(box.top, y + ink.top * scale);
    box.bottom = Math.max(box.bottom, y + ink.bottom * scale);
  }
  return {
    body: lines.map(({ line, size, x, y }) => text(outlines, line, size, x - box.left, y - box.top, tracking).body).join(''),
    width: box.right - box.left,
    height: box.bottom - box.top,
  };
}

/** Text along a circle, upright at the top or, from below, at the foot. */
export function onCircle(
  outlines: Outlines,
  line: string,
  size: number,
  cx: number,
  cy: number,
  radius: number,
  below = false,
  tracking = 90,
): string {
  const scale = size / 1000;
  const characters = [...line.normalize('NFC')].map((character) => ({ character, set: setLine(outlines, character) }));
  const whole = characters.reduce((sum, { set }) => sum + (set.width + tracking) * scale, 0) - tracking * scale;
  let along = -whole / 2;
  return characters
    .map(({ set }) => {
      const half = (set.width * scale) / 2;
      const angle = (along + half) / radius;
      along += set.width * scale + tracking * scale;
      const turn = below ? -angle : angle;
      const x = cx + radius * Math.sin(angle);
      const y = below ? cy + radius * Math.cos(angle) : cy - radius * Math.cos(angle);
      return set.path
        ? `<path d="${set.path}" transform="translate(${x.toFixed(1)} ${y.toFixed(1)}) rotate(${((turn * 180) / Math.PI).toFixed(2)}) scale(${scale.toFixed(4)}) translate(${r(-set.width / 2)} 0)"/>`
        : '';
    })
    .join('');
}

/** How far text on a circle reaches, in radians to either side. */
export function arcOf(outlines: Outlines, line: string, size: number, radius: number, tracking = 90): number {
  const set = setLine(outlines, line, Math.max(60, tracking));
  return (set.width * size) / 1000 / radius / 2;
}

/** The first letters of the words of a name that say something; "of", "and", "the" don't. */
export function initials(name: string, most = 2): string {
  const words = name.split(/[^\p{L}\p{N}]+/u).filter(Boolean);
  const telling = words.filter((word) => !/^(?:the|of|and|for|in|at|a|an|by|to|de|la|le|und|et)$/i.test(word));
  return (telling.length ? telling : words)
    .slice(0, most)
    .map((word) => [...word][0] ?? '')
    .join('')
    .toUpperCase();
}

/** A motif in one ink: its pieces laid on in order, with what is light in it cut out of those beneath. */
export function silhouette(motif: Motif, x: number, y: number, size: number): string {
  const closed = motif.pieces.filter(([d]) => /z/i.test(d));
  const at = `translate(${r(x)} ${r(y)}) scale(${(size / 100).toFixed(3)}) translate(-50 -100)`;
  if (!closed.some(([, part]) => part === 'light'))
    return `<g transform="${at}">${closed.map(([d]) => `<path d="${d}"/>`).join('')}</g>`;
  const id = `m-${motif.id}-${r(x)}-${r(size)}`;
  const shapes = closed.map(([d, part]) => `<path d="${d}" fill="${part === 'light' ? '#000' : '#fff'}"/>`).join('');
  return `<mask id="${id}"><g transform="${at}">${shapes}</g></mask><rect x="${r(x - size * 0.55)}" y="${r(y - size * 1.05)}" width="${r(size * 1.1)}" height="${r(size * 1.1)}" mask="url(#${id})"/>`;
}

/** A shape with letters or things cut out of it. */
export function knockedOut(shape: string, cut: string, box: { width: number; height: number }, id: string): string {
  return `<mask id="${id}"><g fill="#fff">${shape}</g><g fill="#000">${cut}</g></mask><rect width="${r(box.width)}" height="${r(box.height)}" mask="url(#${id})"/>`;
}
