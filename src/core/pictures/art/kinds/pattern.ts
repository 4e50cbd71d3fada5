import { wash, dots, drawMotif, inksOf, rect, stipple, type Brush } from '../sheet';

/** Things of the shop in a half-drop repeat: each second column lies half a step lower, turned the other way. */
export function pattern(brush: Brush): string {
  const { width, height, random, palette, motifs } = brush;
  const inks = inksOf(brush);
  const ground = wash(brush, palette.second, 0.14 + random() * 0.16);
  const step = height / (3.2 + Math.floor(random() * 2));
  const columns = Math.ceil(width / (step * 0.92)) + 1;
  const rows = Math.ceil(height / step) + 2;
  const parts = [rect(0, 0, width, height, ground)];
  for (let i = 0; i < columns; i++)
    for (let j = 0; j < rows; j++) {
      const motif = motifs[(i + j * 2) % motifs.length];
      const x = i * step * 0.92 + step * 0.3;
      const y = j * step + (i % 2 ? step / 2 : 0) - step * 0.1;
      if (motif)
        parts.push(
          drawMotif({
            motif,
            x,
            y,
            size: (step * 0.62) / Math.max(0.62, motif.height),
            ink: inks[(i * 2 + j) % 4] as string,
            trim: inks[(i + j + 2) % 4] as string,
            turn: (i % 2 ? 14 : -14) + (random() - 0.5) * 8,
          }),
        );
      parts.push(
        `<circle cx="${Math.round(x + step * 0.46)}" cy="${Math.round(y - step * 0.02)}" r="${Math.round(step * 0.045)}" fill="${inks[(i + j) % 2] as string}"/>`,
      );
    }
  parts.push(
    dots(
      stipple(brush, [0, 0, width, height], 2200, (u, v) => 0.25 + 0.35 * Math.abs(u - v)),
      palette.text,
      2,
      0.12,
    ),
  );
  return parts.join('');
}
