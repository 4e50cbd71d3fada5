// Draws the sample shop's pictures and writes its list of goods. All of it is invented.
// Run by hand when the sample shop changes: node scripts/draw-demo.mjs
import { mkdirSync, writeFileSync } from 'node:fs';
import sharp from 'sharp';
import { colourways } from './demo-colourways.mjs';

const out = new URL('../demo/pictures/', import.meta.url);
mkdirSync(out, { recursive: true });
const W = 960;
const H = 960;

function rng(seed) {
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
function skein(colours, seed, { cx = W / 2, cy = H / 2, length = 800, thick = 150, angle = -34, strands = 34 } = {}) {
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
function ball(colours, seed, { cx = W / 2, cy = H / 2 + 10, radius = 320 } = {}) {
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

function needle(x, y, length, thick, angle, tone = ['#d9b98a', '#b8915d', '#8a6a3f']) {
  return `<g transform="translate(${x} ${y}) rotate(${angle})"><rect x="${-length / 2 + 14}" y="${thick * 0.5 + 14}" width="${length}" height="${thick}" rx="${thick / 2}" fill="#2a2018" opacity=".32" filter="url(#near)"/>
  <path d="M${-length / 2} ${-thick / 2}H${length / 2 - thick * 3.4}Q${length / 2 - thick} ${-thick * 0.42} ${length / 2} 0Q${length / 2 - thick} ${thick * 0.42} ${length / 2 - thick * 3.4} ${thick / 2}H${-length / 2}Z" fill="${tone[1]}"/>
  <path d="M${-length / 2} ${-thick / 2}H${length / 2 - thick * 3.4}Q${length / 2 - thick} ${-thick * 0.42} ${length / 2} 0L${length / 2 - thick * 3} ${-thick * 0.08}H${-length / 2}Z" fill="${tone[0]}"/>
  <path d="M${-length / 2 + 20} ${thick * 0.16}H${length / 2 - thick * 5}" stroke="${tone[2]}" stroke-width="1.4" opacity=".5"/>
  <circle cx="${-length / 2}" r="${thick * 1.12}" fill="${tone[2]}"/><circle cx="${-length / 2 - thick * 0.2}" cy="${-thick * 0.25}" r="${thick * 0.72}" fill="${tone[0]}" opacity=".75"/></g>`;
}

/** A leaflet with a knitted cloth drawn on it, stitch by stitch. */
function leaflet(colours, seed, title, chart) {
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

async function save(name, body, tint = '#ffffff') {
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="${W}" height="${H}" viewBox="0 0 ${W} ${H}">${ground(rgb(tint))}${body}</svg>`;
  const size = await sharp(Buffer.from(svg))
    .resize(820, 820)
    .webp({ quality: 72, effort: 5 })
    .toFile(new URL(name, out).pathname);
  return size.size;
}

const slug = (text) =>
  text
    .toLowerCase()
    .replace(/[’']/g, '')
    .replace(/[^a-z0-9]+/g, '-');
const rows = [];
const row = (r) =>
  rows.push([
    r.title,
    r.description,
    r.price,
    r.was ?? '',
    r.category,
    r.code,
    r.stock ?? '',
    r.weight ?? '',
    r.picture,
    r.kind ?? 'physical',
    r.vat ?? 'standard',
    r.skein ?? '',
    r.size ?? '',
    r.value ?? '',
  ]);
const random = rng(2014);
const weights = [
  ['Lace, 100 g', 'L', 21.5, 104],
  ['4-ply, 100 g', '4', 19, 104],
  ['DK, 100 g', 'D', 18.5, 104],
  ['Aran, 100 g', 'A', 18, 104],
  ['4-ply mini, 20 g', 'M', 5.5, 22],
];
let bytes = 0;
const only = Number(process.argv[2] ?? 99);
for (const [i, [name, colours, line, family]] of colourways.slice(0, only).entries()) {
  const at = slug(name);
  bytes += await save(`${at}-skein.webp`, skein(colours, 100 + i), colours[1]);
  bytes += await save(`${at}-ball.webp`, ball(colours, 500 + i), colours[1]);
  for (const [weight, letter, price, grams] of weights) {
    const dyed = family === 'Berry' || family === 'Fire' ? 1 : 0;
    const stock = random() < 0.09 ? 0 : 1 + Math.floor(random() * 14);
    const was = name === 'Gorse' || name === 'Milk Tea' ? (price + dyed).toFixed(2) : '';
    row({
      title: name,
      description: line,
      price: (was ? Math.round((price + dyed) * 0.8 * 100) / 100 : price + dyed).toFixed(2),
      was,
      category: `Yarn | ${family}`,
      code: `TD-${String(i + 1).padStart(2, '0')}${letter}`,
      stock,
      weight: grams,
      picture: `${at}-skein.webp | ${at}-ball.webp`,
      skein: weight,
    });
  }
}
const birch = ['#dcc196', '#bf9a66', '#8f6d42'];
const needles = [
  [
    'Birch needles, straight',
    'Turned at the next mill down the beck. Thirty-five centimetres, waxed once.',
    12.5,
    ['3 mm', '3.5 mm', '4 mm', '4.5 mm', '5 mm'],
    [needle(430, 500, 760, 24, -38, birch), needle(540, 480, 760, 24, -58, birch)],
  ],
  [
    'Birch needles, double-pointed',
    'Five to the set, twenty centimetres, for socks and cuffs.',
    11,
    ['2 mm', '2.5 mm', '3 mm', '3.5 mm'],
    [0, 1, 2, 3, 4].map((k) => needle(330 + k * 72, 480 + (k % 2) * 14, 640, 15, -72, birch)),
  ],
  [
    'Cable needle',
    'A short stick with a bend in it. Easily lost, so they come in twos.',
    4.5,
    [],
    [needle(450, 430, 420, 20, -24, birch), needle(520, 560, 420, 20, -30, birch)],
  ],
  [
    'Nøstepinne',
    'For winding a skein into a ball without a chair, a husband or a machine.',
    16,
    [],
    [needle(480, 490, 640, 62, -42, ['#c99f68', '#a67a45', '#74522b'])],
  ],
];
for (const [i, [title, line, price, sizes, drawing]] of needles.entries()) {
  const picture = `${slug(title)}.webp`;
  bytes += await save(picture, drawing.join(''), '#c8a878');
  for (const size of sizes.length ? sizes : [''])
    row({
      title,
      description: line,
      price: price.toFixed(2),
      category: 'Needles',
      code: `TN-${i + 1}${size.replace(/[^\d]/g, '')}`,
      stock: 3 + Math.floor(random() * 9),
      weight: 60,
      picture,
      size,
    });
}
const kits = [
  [
    'First Scarf kit',
    'Two skeins of DK, 5 mm needles, and four pages that begin with how to hold them.',
    49,
    'Dunlin',
    'Oat Straw',
  ],
  [
    'Fell Walker socks kit',
    'One skein of 4-ply, one mini for the heels, and the sock pattern on paper.',
    29.5,
    'Tarn',
    'Cowslip',
  ],
  [
    'Nine Greys kit',
    'Nine minis from Frost on Hay to Lamp Black, for a blanket or for looking at.',
    45,
    'Heron',
    'Slate After Rain',
  ],
  [
    'Two-colour hat kit',
    'Enough for one grown head. Choose it in the dark and you will still like it.',
    31,
    'Madder Bed',
    'Undyed',
  ],
];
const find = (name) => colourways.find(([n]) => n === name)[1];
for (const [i, [title, line, price, one, two]] of kits.entries()) {
  const picture = `${slug(title)}.webp`;
  bytes += await save(
    picture,
    skein(find(one), 800 + i, { cx: 430, cy: 320, length: 560, thick: 80, angle: -14, strands: 24 }) +
      ball(find(two), 850 + i, { cx: 610, cy: 650, radius: 180 }) +
      needle(300, 690, 420, 18, -62, birch) +
      needle(360, 700, 420, 18, -74, birch),
    find(one)[1],
  );
  row({
    title,
    description: line,
    price: price.toFixed(2),
    category: 'Kits',
    code: `TK-${i + 1}`,
    stock: 4 + i,
    weight: 320,
    picture,
  });
}
const patterns = [
  [
    'Fell Walker socks',
    'Cuff to toe, three sizes, eleven pages.',
    5.5,
    'Tarn',
    'Frost on Hay',
    (r, c) => (r % 6 === 0 && c % 2 === 0) || (r % 6 === 3 && c % 4 === 1),
  ],
  [
    'Mill Race shawl',
    'A long triangle in lace weight. One skein, if you stop when it says so.',
    6,
    'Lichen',
    'Bottle Moss',
    (r, c) => (r + c) % 6 === 0 || (r - c + 60) % 6 === 0,
  ],
  [
    'Whinstone jumper',
    'Aran, worked in the round, eight sizes. The pockets are optional.',
    7.5,
    'Whinstone',
    'Undyed',
    (r, c) => r % 8 < 2 && (c + (r % 2)) % 2 === 0,
  ],
  [
    'Lamp-lighter mitts',
    'One mini for each colour, one evening for each hand.',
    4.5,
    'Night Parcel',
    'Ember',
    (r, c) => Math.abs((c % 11) - 5) + Math.abs((r % 11) - 5) < 4,
  ],
];
for (const [i, [title, line, price, one, two, chart]] of patterns.entries()) {
  const picture = `${slug(title)}-pattern.webp`;
  bytes += await save(picture, leaflet([find(one)[0], find(two)[1]], 900 + i, title, chart), find(one)[1]);
  row({
    title: `${title}, a pattern`,
    description: line,
    price: price.toFixed(2),
    category: 'Patterns',
    code: `TP-${i + 1}`,
    picture,
    kind: 'download',
    vat: 'zero',
  });
}
bytes += await save(
  'gift-card.webp',
  `<g transform="rotate(-6 480 480)"><rect x="170" y="290" width="640" height="410" rx="6" fill="#2a2018" opacity=".38" filter="url(#soft)"/><rect x="160" y="275" width="640" height="410" rx="6" fill="#f6f1e7"/><path d="M160 545h640v140H160z" fill="#8f2a2e"/>${[0, 1, 2, 3, 4, 5, 6].map((k) => `<path d="M${210 + k * 78} 520v-120a34 34 0 0 1 68 0v120z" fill="${find(['Peat Hag', 'Larch in November', 'Bottle Moss', 'Tide at Four', 'Woad Vat', 'Sloe Gin', 'Rowan Berry'][k])[0]}"/>`).join('')}<path d="M210 600h220M210 630h140" stroke="#f6f1e7" stroke-width="9"/></g>`,
  '#d8c08a',
);
for (const value of [20, 50, 100])
  row({
    title: 'Gift card',
    description: 'Comes by e-mail, with a name on it, and does not run out.',
    price: value.toFixed(2),
    category: 'Gifts and lessons',
    code: `TG-${value}`,
    picture: 'gift-card.webp',
    kind: 'gift card',
    vat: 'zero',
    value: `£${value}`,
  });
bytes += await save(
  'dye-lesson.webp',
  `<ellipse cx="490" cy="720" rx="330" ry="70" fill="#3a2f22" opacity=".4" filter="url(#soft)"/><path d="M190 430h580l-38 270q-4 34 -60 40H288q-56 -6 -60 -40z" fill="#5d6468"/><path d="M190 430h290v310H288q-56 -6 -60 -40z" fill="#747c80"/><ellipse cx="480" cy="430" rx="290" ry="92" fill="#82898c"/><ellipse cx="480" cy="436" rx="264" ry="76" fill="#213d5c"/><ellipse cx="470" cy="428" rx="220" ry="54" fill="#33567a"/><path d="M250 430q110 -34 220 -6t190 -4" stroke="#6d93b3" stroke-width="7" fill="none" opacity=".6"/><path d="M140 470q-64 4 -64 54t76 58M812 470q64 4 64 54t-76 58" stroke="#4b5154" stroke-width="26" fill="none"/>${needle(650, 280, 520, 26, 118, birch)}`,
  '#4f7699',
);
row({
  title: 'A dye lesson at the mill',
  description: 'Three hours, one person, three skeins of your own colour to take home. Boots, not shoes.',
  price: '95.00',
  category: 'Gifts and lessons',
  code: 'TL-1',
  picture: 'dye-lesson.webp',
  kind: 'appointment',
});

const cell = (v) => (/[",\n]/.test(String(v)) ? `"${String(v).replaceAll('"', '""')}"` : String(v));
const header = [
  'Title',
  'Description',
  'Price',
  'Was',
  'Categories',
  'Code',
  'Stock',
  'Weight g',
  'Pictures',
  'Kind',
  'VAT',
  'Skein',
  'Size',
  'Option Value',
];
writeFileSync(
  new URL('../demo/goods.csv', import.meta.url),
  [header, ...rows].map((r) => r.map(cell).join(',')).join('\r\n') + '\r\n',
);
console.log(`${rows.length} rows, ${new Set(rows.map((r) => r[0])).size} products, ${(bytes / 1e6).toFixed(2)} MB of pictures`);
