// Draws the sample shop's pictures and writes its list of goods. All of it is invented.
// Run by hand when the sample shop changes: node scripts/draw-demo.mjs
import { mkdirSync, writeFileSync } from 'node:fs';
import sharp from 'sharp';
import { colourways } from './demo-colourways.mjs';
import { ball, leaflet, needle, onGround, rng, skein } from './demo-drawings.mjs';

const out = new URL('../demo/pictures/', import.meta.url);
mkdirSync(out, { recursive: true });
async function save(name, body, tint) {
  const size = await sharp(Buffer.from(onGround(body, tint)))
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
