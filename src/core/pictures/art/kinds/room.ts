import { blend, wash, dots, drawMotif, inksOf, rect, round, stipple, tone, type Brush } from '../sheet';

/** A corner of a room: a window on the left, its light on wall and floor, a table with two things of the shop. */
export function room(brush: Brush): string {
  const { width, height, random, palette, motifs } = brush;
  const inks = inksOf(brush);
  const wall = wash(brush, palette.accent, 0.2);
  const floor = wash(brush, palette.second, 0.42);
  const line = height * 0.74;
  const light = blend(wall, palette.ground, 0.72);
  const win = { x: width * (0.1 + random() * 0.05), y: height * 0.1, w: width * 0.2, h: height * 0.44 };
  const panes = [0, 1].flatMap((i) =>
    [0, 1, 2].map((j) =>
      rect(win.x + 12 + (i * (win.w - 12)) / 2, win.y + 12 + (j * (win.h - 12)) / 3, (win.w - 36) / 2, (win.h - 48) / 3, light),
    ),
  );
  const slant = width * 0.2;
  const beam = [0, 1].flatMap((i) =>
    [0, 1, 2].map((j) => {
      const x = width * 0.44 + (i * win.w) / 1.9 + j * 26;
      const y = height * 0.16 + (j * win.h) / 2.8;
      return `<path d="M${round(x)} ${round(y)}l${round(win.w * 0.44)} ${round(height * 0.035)}l${round(26)} ${round(win.h / 3.2)}l${round(-win.w * 0.44)} ${round(-height * 0.035)}z" fill="${light}"/>`;
    }),
  );
  const table = { x: width * 0.52, y: line - height * 0.12, w: width * 0.36 };
  const [first = motifs[0], second = motifs[0]] = motifs;
  const unit = height * 0.27;
  const wood = inks[4] ?? palette.text;
  return [
    rect(0, 0, width, height, wall),
    ...beam,
    rect(win.x, win.y, win.w, win.h, palette.raised),
    ...panes,
    rect(win.x - 14, win.y + win.h, win.w + 28, 14, tone(palette.raised, -0.08)),
    dots(
      stipple(brush, [0, 0, width, line], 1800, (u, v) => 0.15 + 0.6 * u * v + 0.2 * (1 - v)),
      palette.text,
      2,
      0.13,
    ),
    rect(0, line, width, height - line, floor),
    rect(0, line - 16, width, 16, tone(wall, 0.05)),
    ...Array.from(
      { length: 9 },
      (_, i) =>
        `<path d="M${round((i / 8) * width * 1.5 - slant)} ${height}L${round(width * 0.2 + (i / 8) * width * 0.8)} ${round(line)}" stroke="${tone(floor, -0.05)}" stroke-width="3"/>`,
    ),
    `<path d="M${round(table.x - 30)} ${round(line + height * 0.2)}l${round(table.w + 130)} ${round(-height * 0.02)}l-60 ${round(-height * 0.05)}l${round(-table.w)} 0z" fill="${tone(floor, -0.1)}"/>`,
    rect(table.x + 22, table.y, 18, height * 0.32, tone(wood, -0.06)),
    rect(table.x + table.w - 40, table.y, 18, height * 0.32, tone(wood, -0.06)),
    rect(table.x, table.y, table.w, 24, wood),
    first
      ? drawMotif({
          motif: first,
          x: table.x + table.w * 0.36,
          y: table.y,
          size: unit,
          ink: inks[0] ?? '#000',
          trim: inks[3] ?? '#000',
        })
      : '',
    second
      ? drawMotif({
          motif: second,
          x: table.x + table.w * 0.72,
          y: table.y,
          size: unit * 0.82,
          ink: inks[1] ?? '#000',
          trim: inks[2] ?? '#000',
          flip: true,
        })
      : '',
    dots(
      stipple(brush, [0, line, width, height - line], 1100, (_, v) => 0.2 + 0.6 * v),
      palette.text,
      2,
      0.15,
    ),
  ].join('');
}
