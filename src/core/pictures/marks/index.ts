import { hasThird, type Palette } from '../../look';
import { canSet } from '../outlines';
import { markKinds } from './kinds';
import { initials, inkOfLines, type Drawn, type Mark, type MarkKind, type MarkSource } from './mark';

export { markKinds } from './kinds';
export { initials, linesOf, type Drawn, type Mark, type MarkKind, type MarkSource } from './mark';

const able = (kind: MarkKind, source: MarkSource) => {
  const set = kind.sets(source);
  return canSet(source.outlines, set) && (set.trim() !== '' || source.motif !== null);
};

function make(kind: MarkKind, source: MarkSource): Mark {
  const drawn = kind.draw(source);
  return {
    ...drawn,
    kind: kind.id,
    name: kind.name,
    manner: kind.manner,
    smallest: drawn.letters ? Math.ceil((7 * drawn.height) / drawn.letters) : 16,
  };
}

/** Every mark that can be drawn for a name in a face. */
export const markOptions = (source: MarkSource): Mark[] =>
  markKinds.filter((kind) => able(kind, source)).map((kind) => make(kind, source));

/** One kind of mark, or null where the face lacks a character of it. */
export function drawMark(id: string, source: MarkSource): Mark | null {
  const kind = markKinds.find((candidate) => candidate.id === id);
  return kind && able(kind, source) ? make(kind, source) : null;
}

/** The initial alone, as large as its ink: at the size of a browser's tab nothing else of a name can be read. */
function letterMark({ name, outlines }: MarkSource): Mark | null {
  const line = initials(name, 1);
  if (!line || !canSet(outlines, line)) return null;
  const drawn = inkOfLines(outlines, [{ line, size: 200, x: 0, y: 0 }]);
  return { ...drawn, letters: drawn.height, kind: 'initials', name: line, manner: 'monogram', smallest: 8 };
}

/** The sign that stands where there is little room: the initial, or a thing of the shop where the face lacks the initial. */
export const smallMark = (source: MarkSource, id = ''): Mark | null =>
  (id === 'sign' ? drawMark(id, source) : null) ?? letterMark(source) ?? drawMark('sign', source);

const frame = (
  { body, width, height }: Drawn,
  size: { width: number; height: number },
  ink: string,
  ground: string,
  share: number,
): string => {
  const scale = Math.min((size.width * share) / width, (size.height * share) / height);
  const [x, y] = [(size.width - width * scale) / 2, (size.height - height * scale) / 2];
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${size.width} ${size.height}" width="${size.width}" height="${size.height}"><rect width="${size.width}" height="${size.height}" fill="${ground}"/><g fill="${ink}" transform="translate(${x.toFixed(1)} ${y.toFixed(1)}) scale(${scale.toFixed(4)})">${body}</g></svg>`;
};

/** A mark as a file of its own, in an ink. */
export const markFile = (mark: Drawn, ink: string): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${Math.ceil(mark.width)} ${Math.ceil(mark.height)}"><g fill="${ink}">${mark.body}</g></svg>`;

/** The site's icon: a small mark on a ground. `share` is how much of the square it fills; masked icons keep a margin (W3C, Web App Manifest: safe zone). */
export const iconFile = (mark: Drawn, ink: string, ground: string, share = 0.66): string =>
  frame(mark, { width: 512, height: 512 }, ink, ground, share);

/** The card that stands where a link to the shop is shared: the mark on a ground, a band of the accent. */
export function cardFile(mark: Drawn, palette: Palette, ground = palette.ground): string {
  const card = frame(mark, { width: 1200, height: 630 }, palette.text, ground, 0.62);
  return card.replace(
    '</svg>',
    `<rect y="594" width="1200" height="36" fill="${palette.accent}"/><rect y="582" width="1200" height="12" fill="${palette.second}"/>${
      hasThird(palette) ? `<rect y="570" width="1200" height="12" fill="${palette.third}"/>` : ''
    }</svg>`,
  );
}
