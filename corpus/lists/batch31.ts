import { fixedWidth, gtin, jsonLines, made, pick, savedPage, type ListCase } from './case';

const sarong = ['Tide pool', 'Batik square', 'Lighthouse', 'Plain weave', 'Lobster'] as const;
const weightOf = ['1 g', '2 g', '5 g', '10 g', '20 g'] as const;
const suit = ['Costume Rimini', 'Costume Cervia', 'Boxer Cattolica', 'Slip Ravenna', 'Body Comacchio'] as const;
const ribbon = ['Olivetti spool', 'Remington spool', 'Hermes spool', 'Imperial spool'] as const;
const comic = ['Night Tram', 'The Grocer', 'Captain Salt', 'Desert Post'] as const;
const patch = ['Bear', 'Rocket', 'Kiwi', 'Mountain', 'Tractor'] as const;
const blade = ['Cuchilla artística', 'Cuchilla de hockey', 'Cuchilla de velocidad', 'Afilado fino', 'Afilado de club'] as const;

/** Drawn (301133; those without a list left out) and written on 29 November 2026, before the reader was run on any. */
export const batch31: ListCase[] = [
  {
    drawn: '301133/1 sarongs, Worcester MA',
    file: 'sarongs.html',
    brief: 'Sarongs, dyed in a garage in Worcester, Massachusetts.',
    text: savedPage(
      'Sarongs',
      made(120, (i) => ({
        '@type': 'Product',
        name: `${pick(sarong, i)} ${i + 1}`,
        sku: `SA${100 + i}`,
        fbr: pick(['cotton', 'rayon'], i),
        drp: pick(['soft', 'crisp', 'heavy'], i),
        frng: pick(['yes', 'no'], i),
        offers: {
          '@type': 'Offer',
          price: (24 + (i % 9)).toFixed(2),
          priceCurrency: 'USD',
          availability: pick(['https://schema.org/InStock', 'https://schema.org/InStock', 'https://schema.org/OutOfStock'], i),
        },
      })),
    ),
    currency: 'USD',
    columns: 'title sku particular particular particular price currency stock',
    want: made(120, (i) => `${pick(sarong, i)} ${i + 1} |  | ${(24 + (i % 9)) * 100} | ${i % 3 === 2 ? 0 : '∞'}`).join('\n'),
  },
  {
    drawn: '301133/2 scale weights, Bergen',
    file: 'weights.csv',
    brief: 'Brass weights for balances, turned in Bergen, Norway. Prices in kroner.',
    text: `Product,Code,Mass,Price,Description\n${made(
      700,
      (i) =>
        `${i % 5 ? '' : `Set no. ${i / 5 + 1}`},BW ${10 + Math.floor(i / 5)} ${'ABCDE'.charAt(i % 5)},${weightOf[i % 5]},${60 + (i % 5) * 35 + (Math.floor(i / 5) % 12)}.00,${i % 5 ? '' : '"Turned from bar,\nmarked ""B""."'}`,
    ).join('\n')}\n`,
    currency: 'NOK',
    columns: 'title sku option price description',
    want: made(
      700,
      (i) =>
        `Set no. ${Math.floor(i / 5) + 1} | ${weightOf[i % 5]} | ${(60 + (i % 5) * 35 + (Math.floor(i / 5) % 12)) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '301133/6 throat pastilles, Tartu',
    file: 'pastilles.csv',
    brief: 'Throat pastilles boiled in Tartu, Estonia.',
    text: `Your throat’s best friend,What grandma keeps from you,Lives in
${made(
  18,
  (i) =>
    `${pick(['Spruce', 'Sea buckthorn', 'Liquorice', 'Sage', 'Black moss', 'Honey'], Math.floor(i / 3))} – ${['30 g', '80 g', '250 g'][i % 3]},${i === 7 ? '' : `€${(2.9 + (i % 3) * 2.6 + Math.floor(i / 3) * 0.1).toFixed(2)}`},Pastilles > ${pick(['Forest', 'Shore'], Math.floor(i / 3))}`,
).join('\n')}
`,
    currency: 'EUR',
    columns: 'title price category',
    want: made(
      18,
      (i) =>
        `${pick(['Spruce', 'Sea buckthorn', 'Liquorice', 'Sage', 'Black moss', 'Honey'], Math.floor(i / 3))} | ${['30 g', '80 g', '250 g'][i % 3]} | ${i === 7 ? '?' : Math.round((2.9 + (i % 3) * 2.6 + Math.floor(i / 3) * 0.1) * 100)} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '301133/7 playing cards, Gdańsk',
    file: 'cards.txt',
    brief: 'Playing cards printed by hand in Gdańsk, Poland. Prices in złoty.',
    text: fixedWidth(
      [26, 20, 18, 22],
      [
        ['The deck', 'Its back', 'Leaves you poorer by', 'How many we printed'],
        ['Amber', 'blue', '68,00 zł', '200'],
        ['', 'red', '68,00 zł', '120'],
        ['Crane', 'blue', '74,00 zł', '90'],
        ['', 'black', '74,00 zł', '60'],
        ['', 'black, tarot size', '€22,00', '60'],
        ['Hanseatic', 'red', '82,50 zł', '300'],
      ].map(([a = '', b = '', c = '', d = '']) => [a, b, c.padEnd(24), d]),
    ),
    currency: 'PLN',
    columns: 'title option price particular',
    want: `Amber | blue | 6800 | ∞
Amber | red | 6800 | ∞
Crane | blue | 7400 | ∞
Crane | black | 7400 | ∞
Crane | black, tarot size | ? | ∞
Hanseatic | red | 8250 | ∞`,
  },
  {
    drawn: '301133/8 sea glass, Oaxaca',
    file: 'seaglass.txt',
    brief: 'Sea glass from the coast, set in Oaxaca, Mexico. Prices in pesos.',
    text: `the jewel|one can pick|either|what we ask for it|its heft|a little tale
${made(
  18,
  (i) =>
    `${pick(['Drop', 'Moon', 'Anchor', 'Hook', 'Grain', 'Door'], Math.floor(i / 3))}|${pick(['Metal', 'Length'], Math.floor(i / 3))}|${Math.floor(i / 3) % 2 ? ['40 cm', '45 cm', '50 cm'][i % 3] : ['silver', 'brass', 'copper'][i % 3]}|$${380 + Math.floor(i / 3) * 40 + (i % 3) * 60}.00|${6 + Math.floor(i / 3)} g|<p>Found after <b>the storm</b> of ${2010 + Math.floor(i / 3)}.</p>`,
).join('\n')}
`,
    currency: 'MXN',
    columns: 'title optionName optionValue price weight description',
    want: made(
      18,
      (i) =>
        `${pick(['Drop', 'Moon', 'Anchor', 'Hook', 'Grain', 'Door'], Math.floor(i / 3))} | ${Math.floor(i / 3) % 2 ? ['40 cm', '45 cm', '50 cm'][i % 3] : ['silver', 'brass', 'copper'][i % 3]} | ${(380 + Math.floor(i / 3) * 40 + (i % 3) * 60) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '301133/10 nativity figures, Rotterdam',
    file: 'figures.html',
    brief: 'Nativity figures carved in Rotterdam, the Netherlands.',
    text: savedPage(
      'Figures',
      made(11, (i) => ({
        '@type': 'Product',
        name: pick(['Shepherd', 'Ox', 'Angel', 'King'], Math.floor(i / 3)),
        description: '<p>Lime wood,<br>left <i>unpainted</i>.</p>',
        additionalProperty: [{ '@type': 'PropertyValue', name: 'Height', value: ['8 cm', '12 cm', '18 cm'][i % 3] }],
        offers: {
          '@type': 'Offer',
          price: i === 4 ? 'from 30' : i === 8 ? '40-55' : `${18 + (i % 3) * 9 + Math.floor(i / 3)}.00`,
          priceCurrency: 'EUR',
        },
      })),
    ),
    currency: 'EUR',
    columns: 'title description option price currency',
    want: made(
      11,
      (i) =>
        `${pick(['Shepherd', 'Ox', 'Angel', 'King'], Math.floor(i / 3))} | ${['8 cm', '12 cm', '18 cm'][i % 3]} | ${i === 4 || i === 8 ? '?' : (18 + (i % 3) * 9 + Math.floor(i / 3)) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '301133/11 woad pigments, Dunedin',
    file: 'woad.jsonl',
    encoding: 'windows-1252',
    brief: 'Woad pigments, ground in Dunedin, New Zealand.',
    text: jsonLines(
      made(18, (i) => ({
        Pigment: `Woad ${pick(['pâle', 'café', 'nuit', 'crème', 'rosé', 'deep'], i)} ${i + 1}`,
        'Jar (g)': pick(['10, 25', '10, 25, 100', '25'], i),
        'Price (NZ$)': i === 5 ? '' : 14 + i,
        'Grain (µm)': 20 + (i % 4) * 5,
      })),
    ),
    currency: 'NZD',
    columns: 'title option price particular',
    want: made(18, (i) => i)
      .flatMap((i) =>
        pick(['10, 25', '10, 25, 100', '25'], i)
          .split(', ')
          .map(
            (size) =>
              `Woad ${pick(['pâle', 'café', 'nuit', 'crème', 'rosé', 'deep'], i)} ${i + 1} | ${size} | ${i === 5 ? '?' : (14 + i) * 100} | ∞`,
          ),
      )
      .join('\n'),
  },
  {
    drawn: '301133/13 boot laces, Amman',
    file: 'laces.csv',
    brief: 'Boot laces braided in Amman, Jordan.',
    text: `Group,Name,Length,Price,Sale price,Note
L1,Round waxed,90 cm,1.250,,"for the office
L1,Round waxed,120 cm,1.500,1.200,
L1,Round waxed,150 cm,1.750,,
L2,Flat cotton,90 cm,0.900,0.750,white stays white
L2,Flat cotton,120 cm,1.100,,
L3,Leather,120 cm,2.400,,oil them
L3,Leather,150 cm,2.900,,
L3,Leather,180 cm,3.400,2.800,
L4,Kevlar,120 cm,4.250,,
L4,Kevlar,150 cm,4.750,,
L4,Kevlar,180 cm,5.250,,
`,
    currency: 'JOD',
    columns: 'group title option earlierPrice price description/particular',
    want: `Round waxed | 90 cm | 1250 | ∞
Round waxed | 120 cm | 1200 | ∞
Round waxed | 150 cm | 1750 | ∞
Flat cotton | 90 cm | 750 | ∞
Flat cotton | 120 cm | 1100 | ∞
Leather | 120 cm | 2400 | ∞
Leather | 150 cm | 2900 | ∞
Leather | 180 cm | 2800 | ∞
Kevlar | 120 cm | 4250 | ∞
Kevlar | 150 cm | 4750 | ∞
Kevlar | 180 cm | 5250 | ∞`,
  },
  {
    drawn: '301133/14 comic back issues, Amman',
    file: 'comics.txt',
    brief: 'Back issues of comics, sorted in Amman, Jordan. Prices in dinars.',
    text: fixedWidth(
      [8, 34, 14, 18, 40],
      [
        ['gang', 'mum threw these away', 'read by', 'your allowance', 'spoilers'],
        ...made(120, (i) => [
          `G${Math.floor(i / 3) + 1}`,
          `${pick(comic, Math.floor(i / 3))} no. ${Math.floor(i / 3) + 1}`,
          ['one hand', 'many hands', 'a dog'][i % 3] ?? '',
          (4.5 - (i % 3) + (Math.floor(i / 3) % 7) * 0.25).toFixed(3),
          i % 3 ? '' : 'He says "it was the butler" on page 3.',
        ]),
      ],
    ),
    currency: 'JOD',
    columns: 'group title option price description',
    want: made(
      120,
      (i) =>
        `${pick(comic, Math.floor(i / 3))} no. ${Math.floor(i / 3) + 1} | ${['one hand', 'many hands', 'a dog'][i % 3]} | ${Math.round((4.5 - (i % 3) + (Math.floor(i / 3) % 7) * 0.25) * 1000)} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '301133/15 incontinence swimwear, Bologna',
    file: 'costumi.html',
    brief: 'Costumi da bagno contenitivi, cuciti a Bologna, Italia.',
    text: savedPage(
      'Costumi',
      made(700, (i) => ({
        '@type': 'Product',
        nome: `${pick(suit, Math.floor(i / 4))} ${Math.floor(i / 4) + 1}`,
        taglia: ['S', 'M', 'L', 'XL'][i % 4],
        fodera: pick(['doppia', 'tripla'], Math.floor(i / 4)),
        assorbe: `${pick([200, 350, 500], Math.floor(i / 4))} ml`,
        asciuga: pick(['in due ore', 'in una notte'], Math.floor(i / 4)),
        prezzo: i % 70 === 13 ? 'da 45' : i % 70 === 44 ? '39–59' : `${39 + (Math.floor(i / 4) % 20)},00 €`,
      })),
    ),
    currency: 'EUR',
    columns: 'title option particular particular particular price',
    want: made(
      700,
      (i) =>
        `${pick(suit, Math.floor(i / 4))} ${Math.floor(i / 4) + 1} | ${['S', 'M', 'L', 'XL'][i % 4]} | ${i % 70 === 13 || i % 70 === 44 ? '?' : (39 + (Math.floor(i / 4) % 20)) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '301133/16 hammocks, Cluj',
    file: 'hamace.json',
    brief: 'Hamace împletite la Cluj, România. Prețuri în lei.',
    text: JSON.stringify([
      ['Hamac de grădină', 'Culoare', 'natur', '349,00', 'în stoc'],
      ['Hamac de grădină', 'Culoare', 'albastru', 'de la 349', 'epuizat'],
      ['Hamac de călătorie', 'Mărime', 'mare', '219,00', 'ultimul'],
    ]),
    currency: 'RON',
    columns: 'title optionName optionValue price stock',
    want: `Hamac de grădină | natur | 34900 | ∞
Hamac de grădină | albastru | ? | 0
Hamac de călătorie | mare | 21900 | 1`,
  },
  {
    drawn: '301133/17 typewriter ribbons, Cardiff',
    file: 'ribbons.tsv',
    brief: 'Typewriter ribbons inked in Cardiff, Wales.',
    text: `Clackety\tKerching\tPostie’s burden\n${made(
      700,
      (i) =>
        `${pick(ribbon, Math.floor(i / 3))} ${Math.floor(i / 3) + 1} (${['black', 'purple', 'black/red'][i % 3]})\t${i % 80 === 21 ? '' : `£${(6.5 + (i % 3) * 1.25 + (Math.floor(i / 3) % 8) * 0.5).toFixed(2)}`}\t${i % 2 ? '45 g' : '0.05 kg'}`,
    ).join('\n')}\n`,
    currency: 'GBP',
    columns: 'title price weight',
    want: made(
      700,
      (i) =>
        `${pick(ribbon, Math.floor(i / 3))} ${Math.floor(i / 3) + 1} | ${['black', 'purple', 'black/red'][i % 3]} | ${i % 80 === 21 ? '?' : (6.5 + (i % 3) * 1.25 + (Math.floor(i / 3) % 8) * 0.5) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '301133/18 ice skates, Arequipa',
    file: 'patines.txt',
    encoding: 'windows-1252',
    brief: 'Patines afilados y vendidos en Arequipa, Perú. Precios en soles.',
    text: `Pieza, Talla, Filo, Radio, Precio, Radio\n${made(
      700,
      (i) =>
        `${pick(blade, Math.floor(i / 5))} n.º ${Math.floor(i / 5) + 1}, ${[36, 38, 40, 42, 44][i % 5]}, ${pick(['francés', 'plano'], Math.floor(i / 5))}, ${pick(['medio', 'hondo'], Math.floor(i / 5))}, S/ ${95 + (i % 5) * 4 + (Math.floor(i / 5) % 15)}.00, ${pick(['13 mm', '16 mm'], Math.floor(i / 5))}`,
    ).join('\n')}\n`,
    currency: 'PEN',
    columns: 'title option particular particular price particular',
    want: made(
      700,
      (i) =>
        `${pick(blade, Math.floor(i / 5))} n.º ${Math.floor(i / 5) + 1} | ${[36, 38, 40, 42, 44][i % 5]} | ${(95 + (i % 5) * 4 + (Math.floor(i / 5) % 15)) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '301133/19 knee patches, Wellington',
    file: 'patches.tsv',
    brief: 'Knee patches for children’s trousers, stitched in Wellington, New Zealand.',
    text: `Name\tPrice\tDescription\n${made(
      700,
      (i) =>
        `${pick(patch, Math.floor(i / 4))} patch ${Math.floor(i / 4) + 1} – ${['navy', 'grey', 'denim', 'khaki'][i % 4]}\t$${(7 + (Math.floor(i / 4) % 9) * 0.5).toFixed(2)}\t${i === 352 ? '"Irons on <b>in a minute</b>' : 'Irons on <b>in a minute</b>'}`,
    ).join('\n')}\n`,
    currency: 'NZD',
    columns: 'title price description',
    want: made(
      700,
      (i) =>
        `${pick(patch, Math.floor(i / 4))} patch ${Math.floor(i / 4) + 1} | ${['navy', 'grey', 'denim', 'khaki'][i % 4]} | ${(7 + (Math.floor(i / 4) % 9) * 0.5) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '301133/20 eel leather, Colombo',
    file: 'leather.csv',
    brief: 'Eel leather goods from Colombo, Sri Lanka. Rupees.',
    text: `Product,Colour,Barcode,Price,Weight
Card holder,black,${gtin(479000000001)},4500,40 g
Card holder,brown,${gtin(479000000002, 3)},4500,40 g
Belt,black,${gtin(479000000003)},12500,0.2 kg
Belt,brown,${gtin(479000000004)},12500,0.2 kg
Watch strap,black,${gtin(479000000005)},5200,18 g
Watch strap,sand,${gtin(479000000006)},5400,18 g
`,
    currency: 'LKR',
    columns: 'title option gtin price weight',
    want: `Card holder | black | 450000 | ∞
Card holder | brown | 450000 | ∞
Belt | black | 1250000 | ∞
Belt | brown | 1250000 | ∞
Watch strap | black | 520000 | ∞
Watch strap | sand | 540000 | ∞`,
  },
];
