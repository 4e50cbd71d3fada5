import { type Motif } from '../motif';
import { wash, disc, dots, drawMotif, inksOf, one, rect, round, stipple, tone, type Brush, type Placed } from '../sheet';

/**
 * Things of the shop on a table: the tallest a little off the middle, lower ones in front and to either side so that their outline falls
 * in a triangle, all lit from the left with shadows that lie on the table.
 */
export function stillLife(brush: Brush): string {
  const { width, height, random, palette, motifs } = brush;
  const inks = inksOf(brush);
  const wall = palette.ground;
  const table = wash(brush, palette.second, 0.26);
  const edge = height * (0.66 + random() * 0.06);
  const tall = [...motifs].sort((a, b) => b.height - a.height);
  // Low things alone are drawn larger, but never so large that the outer ones leave the frame.
  const unit = Math.min(Math.min(width * 0.26, height * 0.44) / Math.max(0.42, (tall[0] as Motif).height), width * 0.33);
  const middle = width * (0.46 + random() * 0.08);
  const back: Placed[] = [];
  const front: Placed[] = [];
  const count = 5 + Math.floor(random() * 2);
  for (let i = 0; i < count; i++) {
    const motif = (i < tall.length ? tall[i] : one(random, motifs)) as Motif;
    const side = i === 0 ? 0 : i % 2 ? -1 : 1;
    const out = Math.ceil(i / 2);
    const near = i > 1 && i % 3 !== 0;
    const placed: Placed = {
      motif,
      x: middle + side * out * Math.min(unit * (0.52 + random() * 0.14), width * 0.145),
      y: edge + height * (near ? 0.15 + random() * 0.05 : 0.05 + random() * 0.03),
      size: unit * (i === 0 ? 1.12 : near ? 1.05 - 0.06 * out : 0.92 - 0.05 * out),
      ink: inks[i % inks.length] as string,
      trim: inks[(i + 2) % inks.length] as string,
      flip: random() < 0.3,
    };
    (near ? front : back).push(placed);
  }
  const shadow = tone(table, -0.12);
  const cast = ({ x, y, size, motif }: Placed) => {
    const wide = size * 0.42 * Math.min(1, 0.5 + motif.height / 2);
    const long = size * motif.height * 0.75;
    return `<path d="M${round(x - wide)} ${round(y)}L${round(x + wide)} ${round(y)}L${round(x + wide * 0.7 + long)} ${round(y - long * 0.16)}L${round(x - wide * 0.5 + long)} ${round(y - long * 0.16)}z" fill="${shadow}"/>`;
  };
  const arch = one(random, ['disc', 'arch', 'sheet'] as const);
  const light = wash(brush, palette.accent, 0.16);
  const behind =
    arch === 'disc'
      ? disc(middle + width * 0.06, edge - height * 0.22, height * 0.34, light)
      : arch === 'arch'
        ? `<path d="M${round(middle - height * 0.36)} ${round(edge)}V${round(edge - height * 0.26)}a${round(height * 0.36)} ${round(height * 0.36)} 0 0 1 ${round(height * 0.72)} 0V${round(edge)}z" fill="${light}"/>`
        : rect(middle - width * 0.3, height * 0.08, width * 0.62, edge - height * 0.08, light);
  const things = [...back.sort((a, b) => a.y - b.y), ...front.sort((a, b) => a.y - b.y)];
  return [
    rect(0, 0, width, height, wall),
    behind,
    dots(
      stipple(brush, [0, 0, width, edge], 1500, (u, v) => 0.12 + 0.75 * u * v),
      palette.text,
      2,
      0.13,
    ),
    rect(0, edge, width, height - edge, table),
    rect(0, edge, width, 5, tone(table, -0.07)),
    ...things.map(cast),
    dots(
      stipple(brush, [0, edge, width, height - edge], 1300, (u, v) => 0.1 + 0.6 * v),
      palette.text,
      2,
      0.16,
    ),
    ...things.map((placed) => drawMotif(placed)),
    ...things.map(({ x, y, size, motif }) =>
      dots(
        stipple(
          brush,
          [x + size * 0.02, y - size * motif.height * 0.5, size * 0.26, size * motif.height * 0.48],
          70,
          (u, v) => u * v,
        ),
        palette.text,
        2,
        0.22,
      ),
    ),
  ].join('');
}
