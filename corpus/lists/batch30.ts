import { feed, fixedWidth, gtin, made, pick, type ListCase } from './case';

const glass = ['Esmeralda', 'Ámbar', 'Blanco escarchado', 'Azul botella', 'Raro violeta'] as const;
const skate = ['Figure blade', 'Hockey runner', 'Speed blade', 'Nordic blade', 'Rental blade'] as const;
const lid = ['Tudung kuali', 'Tudung periuk', 'Tudung belanga', 'Tudung kaca', 'Tudung kukus'] as const;
const cave = ['Hayes Cave', 'Frenchman Hole', 'Woodville Ice Cave', 'Minas Crawl', 'Miller Sink'] as const;

/** Drawn (301131) and written on 29 November 2026, before the reader was run on any. */
export const batch30: ListCase[] = [
  {
    drawn: '301131/1 origami paper, Istanbul',
    file: 'papers.txt',
    brief: 'Origami paper, cut and packed in Istanbul, Turkey. Prices in lira.',
    text: fixedWidth(
      [32, 20, 18, 24],
      [
        ['What you fold', 'Under the stripes', 'Asking', 'How it creases'],
        ['Plain kami – 7 cm', gtin(869000000001), '85,00', 'crisp'],
        ['Plain kami – 15 cm', gtin(869000000002), '120,00', 'crisp'],
        ['Marbled – 15 cm', gtin(869000000003, 2), '210,00', 'a little stubborn'],
        ['Marbled – 24 cm', gtin(869000000004), '290,00', 'a little stubborn'],
        ['Sample product', '', '1,00', ''],
        ['Foil – 7 cm', gtin(869000000005), '140,00', 'remembers everything'],
      ],
    ),
    currency: 'TRY',
    columns: 'title gtin price particular',
    want: `Plain kami | 7 cm | 8500 | ∞
Plain kami | 15 cm | 12000 | ∞
Marbled | 15 cm | 21000 | ∞
Marbled | 24 cm | 29000 | ∞
Foil | 7 cm | 14000 | ∞`,
    leftOut: 1,
  },
  {
    drawn: '301131/2 desk lamps, rewired, Vilnius',
    file: 'lamps.xlsx',
    brief: 'Old desk lamps, rewired in Vilnius, Lithuania.',
    sheets: [
      {
        name: 'With arm',
        rows: [
          ['Group', 'Lamp', 'Shade', 'Category', 'Price', 'Year', 'Bulb', 'Cable', 'Switch', 'Base', 'Year', 'Reach'],
          [
            'VL1',
            'Factory arm',
            'green',
            'Lamps > Arm',
            145,
            '1958',
            'E27',
            'cotton',
            'rotary',
            'clamp',
            'rewired 2026',
            '80 cm',
          ],
          [
            'VL1',
            'Factory arm',
            'black',
            'Lamps > Arm',
            135,
            '1958',
            'E27',
            'cotton',
            'rotary',
            'clamp',
            'rewired 2026',
            '80 cm',
          ],
        ],
      },
      {
        name: 'Without',
        rows: [
          ['Group', 'Lamp', 'Shade', 'Category', 'Price', 'Year', 'Bulb', 'Cable', 'Switch', 'Base', 'Year', 'Reach'],
          ['VL2', 'Library', 'cream', 'Lamps > Table', 98, '1964', 'E14', 'cotton', 'chain', 'iron', 'rewired 2026', '–'],
        ],
      },
    ],
    currency: 'EUR',
    columns: 'group title option category price particular particular particular particular particular particular particular',
    want: `Factory arm | green | 14500 | ∞
Factory arm | black | 13500 | ∞
Library | cream | 9800 | ∞`,
  },
  {
    drawn: '301131/3 air plants in driftwood, Louisville',
    file: 'plants.tsv',
    brief: 'Air plants tied into river driftwood in Louisville, Kentucky.',
    text: `Group\tName\tSize\tPrice\tSale price
A1\tIonantha on cedar\tsmall\t24.00\t19.00
A1\tIonantha on cedar\tlarge\t38.00\t
A2\tXerographica alone\tmedium\t42.00\t
`,
    currency: 'USD',
    columns: 'group title option earlierPrice price',
    want: `Ionantha on cedar | small | 1900 | ∞
Ionantha on cedar | large | 3800 | ∞
Xerographica alone | medium | 4200 | ∞`,
  },
  {
    drawn: '301131/4 tortoise tables, Tbilisi',
    file: 'tables.xlsx',
    brief: 'Tortoise tables from a joiner in Tbilisi, Georgia. Prices in lari.',
    sheets: [0, 1].map((sheet) => ({
      name: sheet ? 'Outdoor' : 'Indoor',
      rows: made(sheet ? 17 : 18, (i) => [
        `TT ${sheet ? 5 : 2}${String(i).padStart(2, '0')} ${'ABC'.charAt(i % 3)}`,
        `${pick(['Hermann', 'Sulcata', 'Baby', 'Corner', 'Two-storey', 'Winter'], i)} table no. ${sheet * 18 + i + 1}`,
        i % 8 === 3 ? 'from 180' : i % 8 === 6 ? '150–220' : 120 + i * 5 + sheet * 40,
        pick(['oiled pine', 'larch, raw', 'birch ply'], i),
      ]),
    })),
    currency: 'GEL',
    columns: 'sku title price particular',
    want: [0, 1]
      .flatMap((sheet) =>
        made(
          sheet ? 17 : 18,
          (i) =>
            `${pick(['Hermann', 'Sulcata', 'Baby', 'Corner', 'Two-storey', 'Winter'], i)} table no. ${sheet * 18 + i + 1} |  | ${i % 8 === 3 || i % 8 === 6 ? '?' : (120 + i * 5 + sheet * 40) * 100} | ∞`,
        ),
      )
      .join('\n'),
  },
  {
    drawn: '301131/5 cider vinegar, a ferry island near Vancouver',
    file: 'vinegar.txt',
    brief: 'Cider vinegar from a ferry island near Vancouver, Canada.',
    text: `Product|Size|Price|Description|Apples|Barrel|Acidity (%)|Mother|Year|Filtered
${made(
  18,
  (i) =>
    `${i % 3 ? '' : pick(['Orchard', 'Smoked', 'Quince', 'Perry', 'Honeyed', 'Dark'], i / 3)}|${['250 ml', '500 ml', '1 l'][i % 3]}|$${(9 + (i % 3) * 5 + Math.floor(i / 3)).toFixed(2)}|${i % 3 ? '' : '<p>Left <em>alone</em> for a year.</p>'}|${i % 3 ? '' : pick(['Gravenstein', 'King', 'Bramley'], i / 3)}|${i % 3 ? '' : pick(['oak', 'steel'], i / 3)}|${i % 3 ? '' : pick(['5', '5.5', '6'], i / 3)}|${i % 3 ? '' : 'yes'}|${i % 3 ? '' : pick(['2024', '2025'], i / 3)}|${i % 3 ? '' : pick(['no', 'coarsely'], i / 3)}`,
).join('\n')}
`,
    currency: 'CAD',
    columns: 'title option price description particular particular particular particular particular particular',
    want: made(
      18,
      (i) =>
        `${pick(['Orchard', 'Smoked', 'Quince', 'Perry', 'Honeyed', 'Dark'], Math.floor(i / 3))} | ${['250 ml', '500 ml', '1 l'][i % 3]} | ${(9 + (i % 3) * 5 + Math.floor(i / 3)) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '301131/6 shoji lamps, Cluj',
    file: 'lampi.csv',
    brief: 'Lămpi shoji din Cluj, România. Prețuri în lei.',
    text: `trib;cum o strigă;îmbrăcată în;pe spate;câți lei plâng
T1;Lampa înaltă;hârtie;LS 1 A;420,00
T1;Lampa înaltă;in;LS 1 B;480,00
T2;Lampa joasă;hârtie;LS 2 A;310,00
T2;Lampa joasă;in;LS 2 B;355,00
T3;Felinar;hârtie;LS 3 A;199,00
T3;Felinar;in;LS 3 B;240,00
`,
    currency: 'RON',
    columns: 'group title option sku price',
    want: `Lampa înaltă | hârtie | 42000 | ∞
Lampa înaltă | in | 48000 | ∞
Lampa joasă | hârtie | 31000 | ∞
Lampa joasă | in | 35500 | ∞
Felinar | hârtie | 19900 | ∞
Felinar | in | 24000 | ∞`,
  },
  {
    drawn: '301131/7 sea glass, Seville',
    file: 'vidrio.xml',
    brief: 'Vidrio de mar, recogido en la costa y vendido en Sevilla, España.',
    text: feed(
      made(700, (i) => [
        ['tit', `${pick(glass, i)} ${i + 1}`],
        ['pr', `${(4 + (i % 15) * 0.5).toFixed(2)} EUR`],
        ['disp', pick(['hay', 'quedan 2', 'agotado', 'hay'], i)],
        ['playa', pick(['Zahara', 'Bolonia', 'Caños'], i)],
        ['marea', pick(['viva', 'muerta'], i)],
        ['borde', pick(['romo', 'suave'], i)],
        ['orig', pick(['botella', 'farol', 'frasco'], i)],
        ['siglo', pick(['XIX', 'XX'], i)],
        ['esc', pick(['mucha', 'poca'], i)],
      ]),
    ),
    currency: 'EUR',
    columns: 'title price stock particular particular particular particular particular particular',
    want: made(700, (i) => `${pick(glass, i)} ${i + 1} |  | ${400 + (i % 15) * 50} | ${pick(['∞', '2', '0', '∞'], i)}`).join(
      '\n',
    ),
  },
  {
    drawn: '301131/8 veils, a ferry island near Vancouver',
    file: 'veils.xlsx',
    brief: 'Wedding veils hemmed on a ferry island near Vancouver, Canada. Canadian dollars.',
    sheets: [
      {
        name: 'Long',
        rows: [
          ['Name', 'Lengths', 'Price'],
          ['Ferry wake', '90 in, 108 in', 280],
          ['Ferry wake', '120 in', 320],
        ],
      },
      {
        name: 'Short',
        rows: [
          ['Name', 'Lengths', 'Price'],
          ['Gull', '24 in, 30 in', 140],
          ['Sample product', '1 in', 1],
        ],
      },
    ],
    currency: 'CAD',
    columns: 'title option price',
    want: `Ferry wake | 90 in | 28000 | ∞
Ferry wake | 108 in | 28000 | ∞
Ferry wake | 120 in | 32000 | ∞
Gull | 24 in | 14000 | ∞
Gull | 30 in | 14000 | ∞`,
    leftOut: 1,
  },
  {
    drawn: '301131/9 ice skates, Wellington',
    file: 'skates.csv',
    brief: 'Ice skates sharpened and sold in Wellington, New Zealand.',
    text: `Name,Size,Barcode,Price,Stock\n${made(
      700,
      (i) =>
        `${i % 5 ? '' : `${pick(skate, i / 5)} ${i / 5 + 1}`},${36 + (i % 5) * 2},${gtin(940000000000 + i * 11, i % 70 === 9 ? 4 : 0)},${(140 + (Math.floor(i / 5) % 20) * 3).toFixed(2)},${(i * 7) % 6}`,
    ).join('\n')}\n`,
    currency: 'NZD',
    columns: 'title option gtin price stock',
    want: made(
      700,
      (i) =>
        `${pick(skate, Math.floor(i / 5))} ${Math.floor(i / 5) + 1} | ${36 + (i % 5) * 2} | ${(140 + (Math.floor(i / 5) % 20) * 3) * 100} | ${(i * 7) % 6}`,
    ).join('\n'),
  },
  {
    drawn: '301131/10 shadow puppets, Seville',
    file: 'puppets.xlsx',
    brief: 'Shadow puppets cut from parchment in Seville, Spain.',
    sheets: [
      {
        name: 'Stock',
        rows: [
          ['Shadow puppets, November'],
          ['Ask Lola about the rods'],
          ['Group', 'Product', 'Colour', 'Price', 'Stock'],
          ['SP1', 'Bull', 'black', '€38.00', 'in stock'],
          ['SP1', 'Bull', 'red', '$45.00', 'sold out'],
          ['SP2', 'Moon', 'natural', '€29.00', 'last one'],
          ['Total', '', '', '€112.00', ''],
        ],
      },
    ],
    currency: 'EUR',
    columns: 'group title option price stock',
    want: `Bull | black | 3800 | ∞
Bull | red | ? | 0
Moon | natural | 2900 | 1`,
  },
  {
    drawn: '301131/11 pan lids, Penang',
    file: 'tudung.csv',
    encoding: 'windows-1252',
    brief: 'Tudung periuk dan kuali, dibuat di Pulau Pinang, Malaysia. Harga dalam ringgit.',
    text: `Kumpulan,Nama,Saiz,Harga,Keterangan\n${made(
      35,
      (i) =>
        `K${Math.floor(i / 5) + 1},${pick(lid, Math.floor(i / 5))}${i >= 25 ? ' berat' : ''},${20 + (i % 5) * 4} cm,${(18 + (i % 5) * 6 + Math.floor(i / 5)).toFixed(2)},"Tombol ""sejuk"",\ntidak melecur – 100° pun boleh."`,
    ).join('\n')}\n`,
    currency: 'MYR',
    columns: 'group title option price description',
    want: made(
      35,
      (i) =>
        `${pick(lid, Math.floor(i / 5))}${i >= 25 ? ' berat' : ''} | ${20 + (i % 5) * 4} cm | ${(18 + (i % 5) * 6 + Math.floor(i / 5)) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '301131/12 cave maps, Halifax',
    file: 'maps.tsv',
    brief: 'Maps of caves, drawn and printed in Halifax, Nova Scotia. Canadian dollars.',
    text: `Where the sun does not shine\tPaper\tBeep\tRegret\tPostman’s grief\n${made(
      120,
      (i) =>
        `${pick(cave, Math.floor(i / 2))}, sheet ${Math.floor(i / 2) + 1}\t${pick(['waterproof', 'rag'], i)}\t${gtin(770000000000 + i * 13, i % 30 === 4 ? 2 : 0)}\t${(18 + (i % 2) * 6 + (Math.floor(i / 2) % 10)).toFixed(2)}\t${pick(['80 g', '0.12 kg'], i)}`,
    ).join('\n')}\n`,
    currency: 'CAD',
    columns: 'title option gtin price weight',
    want: made(
      120,
      (i) =>
        `${pick(cave, Math.floor(i / 2))}, sheet ${Math.floor(i / 2) + 1} | ${pick(['waterproof', 'rag'], i)} | ${(18 + (i % 2) * 6 + (Math.floor(i / 2) % 10)) * 100} | ∞`,
    ).join('\n'),
  },
];
