import { wash, dots, inksOf, rect, round, stipple, tone, type Brush } from '../sheet';

/** Cut paper: large torn shapes laid over one another, each with its shadow and its own grain. */
export function texture(brush: Brush): string {
  const { width, height, random, palette } = brush;
  const inks = inksOf(brush);
  const parts = [rect(0, 0, width, height, wash(brush, palette.accent, 0.1))];
  const sheets = 6;
  for (let i = 0; i < sheets; i++) {
    const ink = inks[i % inks.length] as string;
    const x = width * (0.02 + ((i * 0.37 + random() * 0.16) % 0.86));
    const y = height * (0.05 + ((i * 0.53 + random() * 0.12) % 0.78));
    const r = height * (0.44 - 0.045 * i + random() * 0.06);
    const corners = 5 + Math.floor(random() * 4);
    const lean = random() * 6.3;
    const edge = Array.from({ length: corners * 6 }, (_, n) => {
      const turn = lean + (n / (corners * 6)) * 2 * Math.PI;
      const reach = r * (0.82 + 0.2 * Math.cos(turn * corners * 0.5 + lean) + (random() - 0.5) * 0.035);
      return `${round(x + reach * Math.cos(turn) * 1.25)} ${round(y + reach * Math.sin(turn))}`;
    });
    const d = `M${edge.join('L')}z`;
    parts.push(
      `<clipPath id="t${i}"><path d="${d}"/></clipPath>`,
      `<path d="${d}" fill="${palette.text}" opacity=".16" transform="translate(9 12)"/>`,
      `<path d="${d}" fill="${ink}"/>`,
      `<path d="${d}" fill="none" stroke="${tone(ink, 0.09)}" stroke-width="3"/>`,
      dots(
        stipple(brush, [x - r * 1.3, y - r, r * 2.6, r * 2], 520, (u, v) => 0.15 + 0.8 * u * v),
        i % 2 ? palette.text : palette.ground,
        2.4,
        0.25,
        `t${i}`,
      ),
    );
  }
  return parts.join('');
}
