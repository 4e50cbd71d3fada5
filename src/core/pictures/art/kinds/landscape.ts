import { blend, wash, disc, dots, inksOf, rect, round, stipple, tone, type Brush } from '../sheet';

/** Hills one behind the other, paler with distance, a sun or moon on a third of the width, and fields ruled into the nearest. */
export function landscape(brush: Brush): string {
  const { width, height, random, palette } = brush;
  const [near = palette.accent, other = palette.second] = inksOf(brush);
  const sky = wash(brush, palette.second, 0.14);
  const sun = {
    x: width * (random() < 0.5 ? 0.33 : 0.68),
    y: height * (0.24 + random() * 0.1),
    r: height * (0.09 + random() * 0.05),
  };
  const layers = 5;
  const parts: string[] = [rect(0, 0, width, height, sky), disc(sun.x, sun.y, sun.r, blend(other, sky, 0.15))];
  parts.push(
    dots(
      stipple(brush, [0, 0, width, height * 0.6], 1200, (_, v) => 0.55 * (1 - v)),
      palette.text,
      2,
      0.12,
    ),
  );
  for (let i = 0; i < layers; i++) {
    const depth = (i + 1) / layers;
    const base = height * (0.46 + 0.13 * i);
    const ink = blend(sky, i % 2 ? other : near, 0.28 + 0.66 * depth);
    const waves = Array.from({ length: 3 }, (_, n) => ({
      a: (height * (0.09 - 0.012 * i)) / (n + 1),
      f: (n + 1) * (1.2 + random()),
      p: random() * 6.3,
    }));
    const at = (x: number) => base - waves.reduce((sum, { a, f, p }) => sum + a * Math.sin((x / width) * f * 3.1 + p), 0);
    const points = Array.from({ length: 25 }, (_, n) => {
      const x = (n / 24) * width;
      return `${round(x)} ${round(at(x))}`;
    });
    parts.push(`<clipPath id="h${i}"><path d="M0 ${height}L${points.join('L')}L${width} ${height}z"/></clipPath>`);
    parts.push(`<path d="M0 ${height}L${points.join('L')}L${width} ${height}z" fill="${ink}"/>`);
    if (i === layers - 1) {
      const rows = Array.from({ length: 15 }, (_, n) => {
        const x = (n / 14) * width * 2 - width * 0.5;
        return `M${round(width * 0.42)} ${round(base - height * 0.16)}Q${round((x + width * 0.42) / 2)} ${round(base)} ${round(x)} ${height}`;
      });
      parts.push(`<path d="${rows.join('')}" fill="none" stroke="${tone(ink, 0.07)}" stroke-width="5" clip-path="url(#h${i})"/>`);
    }
    parts.push(
      dots(
        stipple(
          brush,
          [0, base - height * 0.1, width, height * 0.3],
          800,
          (u, v) => (0.2 + 0.8 * Math.abs(u - sun.x / width)) * (1 - v * 0.8),
        ),
        palette.text,
        2.2,
        0.2,
        `h${i}`,
      ),
    );
    if (i === 2)
      for (let n = 0; n < 7; n++) {
        const x = width * (0.08 + 0.84 * random());
        const tall = height * (0.035 + random() * 0.04);
        parts.push(
          `<path d="M${round(x)} ${round(at(x) + 6)}v${round(-tall)}" stroke="${tone(ink, -0.16)}" stroke-width="4"/>`,
          `<ellipse cx="${round(x)}" cy="${round(at(x) - tall)}" rx="${round(tall * 0.3)}" ry="${round(tall * 0.62)}" fill="${tone(ink, -0.13)}"/>`,
        );
      }
  }
  return parts.join('');
}
