// How the sample shop's things are drawn: skeins, balls, needles and leaflets, strand by strand. Same seed, same drawing.
const W = 960;
const H = 960;

export function rng(seed) {
  let s = seed >>> 0;
  return () => {
    s = (s + 0x6d2b79f5) >>> 0;
    let t = s;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}
const rgb = (hex) => [1, 3, 5].map((i) => parseInt(hex.slice(i, i + 2), 16));
const css = (c) => `rgb(${c.map((v) => Math.max(0, Math.min(255, Math.round(v)))).join(',')})`;
const blend = (a, b, t) => a.map((v, i) => v + (b[i] - v) * t);
const shade = (c, k) => (k < 0 ? c.map((v) => v * (1 + k)) : blend(c, [255, 250, 240], k));
const f = (n) => n.toFixed(1);

/** The dye along a strand: slow waves between the pot's colours. */
function dye(colours, random) {
  const parts = colours.map(rgb);
  const [a, b, c] = [random() * 7, random() * 7, 2 + random() * 2];
  return (u, strand) => {
    const w = 0.5 + 0.5 * Math.sin(u * c * 3.1 + a + strand * 0.55);
    const v = Math.max(0, Math.sin(u * c * 1.7 + b + strand * 0.21));
    return blend(blend(parts[0], parts[1], w * 0.8), parts[2], v * 0.55);
  };
}

const ground = (tint) => `<defs>
  <radialGradient id="g" cx="50%" cy="38%" r="85%"><stop offset="0" stop-color="#f2eee6"/><stop offset="1" stop-color="#dcd5c8"/></radialGradient>
  <filter id="soft" x="-30%" y="-30%" width="160%" height="160%"><feGaussianBlur stdDeviation="20"/></filter>
  <filter id="near" x="-30%" y="-30%" width="160%" height="160%"><feGaussianBlur stdDeviation="7"/></filter>
  </defs><rect width="${W}" height="${H}" fill="url(#g)"/><rect width="${W}" height="${H}" fill="${css(tint)}" opacity=".07"/>`;

const strandsToSvg = (segments) =>
  segments
    .sort((p, q) => p.z - q.z)
    .map(
      (s) =>
        `<path d="${s.d}" stroke="${css(shade(s.c, -0.42))}" stroke-width="${s.w}"/><path d="${s.d}" stroke="${css(s.c)}" stroke-width="${f(s.w * 0.66)}" stroke-linecap="round"/>`,
    )
    .join('');

/** A twisted hank: two ropes of many strands laid round each other, tucked in at the ends. */
export function skein(colours, seed, { cx = W / 2, cy = H / 2, length = 800, thick = 150, angle = -34, strands = 34 } = {}) {
  const random = rng(seed);
  const colour = dye(colours, random);
  const segments = [];
  const turns = 2.1;
  const steps = 120;
  for (const rope of [0, 1]) {
    for (let k = 0; k < strands; k++) {
      const ring = (k / strands) * Math.PI * 2 + random() * 0.2;
      const inset = 0.72 + 0.28 * Math.sqrt(random());
      const own = (random() - 0.5) * 0.2;
      const wobble = random() * 10;
      let previous;
      for (let i = 0; i <= steps; i++) {
        const u = i / steps;
        const phase = u * turns * Math.PI * 2 + rope * Math.PI + 0.5;
        const taper = Math.pow(Math.sin(Math.PI * (0.07 + 0.86 * u)), 0.42);
        const R = thick * 0.5 * taper;
        const r = thick * 0.62 * taper * inset;
        const roll = ring + u * 5.2;
        const y = Math.sin(phase) * R + Math.sin(roll) * r + Math.sin(u * 31 + wobble) * 1.6;
        const z = Math.cos(phase) * R + Math.cos(roll) * r;
        const x = (u - 0.5) * length + Math.cos(roll) * 6 + Math.cos(phase) * 12;
        if (previous) {
          const light = 0.3 * (z / (thick * 1.25)) - 0.22 * (y / (thick * 1.3)) - 0.12;
          const fuzz = own + (random() - 0.5) * 0.04;
          segments.push({
            z: (z + previous.z) / 2,
            d: `M${f(previous.x)} ${f(previous.y)}L${f(x)} ${f(y)}`,
            c: shade(colour(u * 2.4 + rope, k), light + 0.06 + fuzz),
            w: 10.5,
          });
        }
        previous = { x, y, z };
      }
    }
  }
  const band = `<g><path d="M-46 ${-thick * 0.98} Q-34 0 -46 ${thick * 0.98} L46 ${thick * 0.98} Q58 0 46 ${-thick * 0.98}Z" fill="#f4efe4"/><path d="M-46 ${-thick * 0.98} Q-34 0 -46 ${thick * 0.98} L46 ${thick * 0.98} Q58 0 46 ${-thick * 0.98}Z" fill="#2a1d12" opacity=".06"/>
    <path d="M-14 ${-thick * 0.66}a22 22 0 0 1 44 0v28h-44z" fill="none" stroke="#2b2a26" stroke-width="3.4"/><path d="M-8 ${thick * 0.02}h40M-8 ${thick * 0.17}h40M-8 ${thick * 0.32}h26" stroke="#2b2a26" stroke-width="3"/></g>`;
  return `<g transform="translate(${cx} ${cy}) rotate(${angle})"><ellipse cx="14" cy="74" rx="${length * 0.49}" ry="${thick * 0.92}" fill="#3a2f22" opacity=".34" filter="url(#soft)"/><ellipse cx="4" cy="40" rx="${length * 0.47}" ry="${thick * 0.95}" fill="#2a2018" opacity=".3" filter="url(#near)"/>${strandsToSvg(segments)}${band}</g>`;
}

/** A ball wound by hand: bundles of loops round a sphere, each bundle across the last. */
export function ball(colours, seed, { cx = W / 2, cy = H / 2 + 10, radius = 320 } = {}) {
  const random = rng(seed);
  const colour = dye(colours, random);
  const segments = [];
  const bundles = 15;
  for (let b = 0; b < bundles; b++) {
    const th = random() * Math.PI * 2;
    const ph = Math.acos(2 * random() - 1);
    const n = [Math.sin(ph) * Math.cos(th), Math.sin(ph) * Math.sin(th), Math.cos(ph)];
    const ref = Math.abs(n[2]) < 0.9 ? [0, 0, 1] : [1, 0, 0];
    const cross = (p, q) => [p[1] * q[2] - p[2] * q[1], p[2] * q[0] - p[0] * q[2], p[0] * q[1] - p[1] * q[0]];
    const norm = (p) => p.map((v) => v / Math.hypot(...p));
    const e1 = norm(cross(n, ref));
    const e2 = cross(n, e1);
    const layer = radius * (0.955 + (0.045 * b) / bundles);
    for (let k = -9; k <= 9; k++) {
      const h = k * 0.042 + (random() - 0.5) * 0.008;
      const rr = Math.sqrt(Math.max(0, 1 - h * h));
      const own = (random() - 0.5) * 0.18;
      let previous;
      for (let i = 0; i <= 60; i++) {
        const t = (i / 60) * Math.PI * 2;
        const p = [0, 1, 2].map((j) => (n[j] * h + (e1[j] * Math.cos(t) + e2[j] * Math.sin(t)) * rr) * layer);
        if (previous && p[2] > -radius * 0.08 && previous[2] > -radius * 0.08) {
          const light = 0.34 * ((-p[1] * 0.62 - p[0] * 0.32 + p[2] * 0.72) / radius) - 0.16 + own;
          segments.push({
            z: b * 1000 + p[2],
            d: `M${f(previous[0])} ${f(previous[1])}L${f(p[0])} ${f(p[1])}`,
            c: shade(colour(b * 0.31 + i / 60, k), light),
            w: 13,
          });
        }
        previous = p;
      }
    }
  }
  const end = `<path d="M${radius * 0.5} ${radius * 0.82}c60 40 130 20 150 60s-60 52 -150 40" fill="none" stroke="${css(rgb(colours[0]))}" stroke-width="10" stroke-linecap="round"/>`;
  return `<g transform="translate(${cx} ${cy})"><ellipse cx="14" cy="${radius * 0.9}" rx="${radius * 0.98}" ry="${radius * 0.25}" fill="#3a2f22" opacity=".42" filter="url(#soft)"/>${end}<circle r="${radius * 0.97}" fill="${css(shade(rgb(colours[2]), -0.35))}"/>${strandsToSvg(segments)}</g>`;
}

export function needle(x, y, length, thick, angle, tone = ['#d9b98a', '#b8915d', '#8a6a3f']) {
  return `<g transform="translate(${x} ${y}) rotate(${angle})"><rect x="${-length / 2 + 14}" y="${thick * 0.5 + 14}" width="${length}" height="${thick}" rx="${thick / 2}" fill="#2a2018" opacity=".32" filter="url(#near)"/>
  <path d="M${-length / 2} ${-thick / 2}H${length / 2 - thick * 3.4}Q${length / 2 - thick} ${-thick * 0.42} ${length / 2} 0Q${length / 2 - thick} ${thick * 0.42} ${length / 2 - thick * 3.4} ${thick / 2}H${-length / 2}Z" fill="${tone[1]}"/>
  <path d="M${-length / 2} ${-thick / 2}H${length / 2 - thick * 3.4}Q${length / 2 - thick} ${-thick * 0.42} ${length / 2} 0L${length / 2 - thick * 3} ${-thick * 0.08}H${-length / 2}Z" fill="${tone[0]}"/>
  <path d="M${-length / 2 + 20} ${thick * 0.16}H${length / 2 - thick * 5}" stroke="${tone[2]}" stroke-width="1.4" opacity=".5"/>
  <circle cx="${-length / 2}" r="${thick * 1.12}" fill="${tone[2]}"/><circle cx="${-length / 2 - thick * 0.2}" cy="${-thick * 0.25}" r="${thick * 0.72}" fill="${tone[0]}" opacity=".75"/></g>`;
}

/** A leaflet with a knitted cloth drawn on it, stitch by stitch. */
export function leaflet(colours, seed, title, chart) {
  const random = rng(seed);
  const stitches = [];
  for (let row = 0; row < 26; row++) {
    for (let col = 0; col < 22; col++) {
      const c = shade(rgb(colours[chart(row, col) ? 1 : 0]), (random() - 0.5) * 0.12);
      const x = col * 20;
      const y = row * 17;
      stitches.push(
        `<path d="M${x} ${y}q2 10 10 16q-1 -11 -10 -16M${x + 20} ${y}q-2 10 -10 16q1 -11 10 -16" fill="${css(c)}" stroke="${css(shade(c, -0.25))}" stroke-width="1"/>`,
      );
    }
  }
  return `<g transform="translate(${W / 2} ${H / 2}) rotate(-4)"><rect x="-262" y="-350" width="560" height="740" fill="#2a2018" opacity=".36" filter="url(#soft)"/><rect x="-280" y="-370" width="560" height="740" fill="#f6f1e7"/>
  <rect x="-232" y="-322" width="464" height="474" fill="${css(shade(rgb(colours[0]), -0.25))}"/><g transform="translate(-222 -312) scale(1.01)">${stitches.join('')}</g>
  <path d="M-232 200h300M-232 226h220" stroke="#2b2a26" stroke-width="12"/><path d="M-232 268h464M-232 290h464M-232 312h340" stroke="#2b2a26" stroke-width="3" opacity=".55"/></g>`;
}

/** A drawing on its ground, as an SVG document. */
export const onGround = (body, tint = '#ffffff') =>
  `<svg xmlns="http://www.w3.org/2000/svg" width="${W}" height="${H}" viewBox="0 0 ${W} ${H}">${ground(rgb(tint))}${body}</svg>`;
