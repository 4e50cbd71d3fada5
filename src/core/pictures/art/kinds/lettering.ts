import { blend, wash, dots, inksOf, rect, round, stipple, type Brush } from '../sheet';
import { setLine } from '../../outlines';

/** The name's own letters, far too large, cut by the edge, printed over one another in two inks. */
export function lettering(brush: Brush): string {
  const { width, height, random, palette, name, outlines } = brush;
  const [first = palette.accent, second = palette.second] = inksOf(brush);
  const letters = [...name.replace(/[^\p{L}\p{N}]/gu, '')].slice(0, 4);
  const ground = wash(brush, palette.second, 0.1);
  const parts = [rect(0, 0, width, height, ground)];
  if (outlines && letters.length) {
    const size = height * 1.35;
    letters.slice(0, 3).forEach((letter, i) => {
      const line = setLine(outlines, i === 1 ? letter.toLowerCase() : letter.toUpperCase());
      const scale = size / 1000;
      const x = width * (0.01 + i * 0.31) + (random() - 0.5) * width * 0.05;
      const y = height * (0.98 + (i % 2 ? -0.06 : 0.1) + (random() - 0.5) * 0.06);
      parts.push(
        `<path d="${line.path}" fill="${[first, second, blend(first, second, 0.5)][i] ?? first}" opacity="${i ? 0.86 : 1}" transform="translate(${round(x)} ${round(y)}) scale(${scale.toFixed(3)})"/>`,
      );
    });
  }
  parts.push(
    dots(
      stipple(brush, [0, 0, width, height], 2600, (u, v) => 0.15 + 0.5 * u * v),
      palette.text,
      2.2,
      0.14,
    ),
  );
  parts.push(
    dots(
      stipple(brush, [0, 0, width, height], 1400, (u, v) => 0.2 + 0.5 * (1 - u) * v),
      palette.ground,
      2.2,
      0.4,
    ),
  );
  return parts.join('');
}
