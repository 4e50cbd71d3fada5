import { feed, fixedWidth, gtin, made, pick, type ListCase } from './case';

const comb = ['Warnow', 'Breitling', 'Hansa', 'Petri', 'Kröpelin', 'Marien', 'Nikolai'] as const;
const knob = ['Umgeni', 'Berea', 'Morningside', 'Glenwood', 'Musgrave', 'Essenwood', 'Umbilo'] as const;
const light = ['Luciérnaga', 'Jaguar', 'Alebrije', 'Nopal', 'Colibrí', 'Tecolote'] as const;
const stand = ['Vardaris', 'Egnatia', 'Tsimiski', 'Aristotelous', 'Kassandrou', 'Olympou'] as const;
const bowl = ['Lambaré', 'Luque', 'Areguá', 'Itauguá', 'Capiatá', 'Ypacaraí', 'Limpio'] as const;

/** Drawn (305002) and written on 30 November 2026, before the reader was run on any. */
export const batch45: ListCase[] = [
  {
    drawn: '305002/1 bridal hair combs, Rostock',
    file: 'kaemme.txt',
    brief: 'Brautkämme aus Rostock. Preise in Euro.',
    text: `Kamm|Farbe|Preis|Zinken|Draht|Blüte\n${made(35, (i) =>
      [
        i % 5 ? '' : `${pick(comb, i / 5)}`,
        ['silber', 'gold', 'rosé', 'perlmutt', 'schwarz'][i % 5],
        i === 17 ? '$58' : `${42 + (i % 5) * 4},00 €`,
        pick(['12', '18', '24'], Math.floor(i / 5)),
        pick(['Messing', 'Silber'], Math.floor(i / 5)),
        pick(['Myrte', 'Schlehe', 'ohne'], Math.floor(i / 5)),
      ].join('|'),
    ).join('\n')}\n`,
    currency: 'EUR',
    columns: 'title option price particular particular particular',
    want: made(
      35,
      (i) =>
        `${pick(comb, Math.floor(i / 5))} | ${['silber', 'gold', 'rosé', 'perlmutt', 'schwarz'][i % 5]} | ${i === 17 ? '?' : (42 + (i % 5) * 4) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '305002/2 ceramic knobs, Durban',
    file: 'knobs.xlsx',
    brief: 'Ceramic knobs, thrown in Durban, South Africa. Rand.',
    sheets: [
      {
        name: 'Sheet1',
        rows: [
          ['Knobs, all of them'],
          ['Screws come with them.'],
          [],
          ['Ttl', 'Glz', 'Prc', 'Cat', 'Stk'],
          ...made(700, (i): (string | number)[] => [
            `${pick(knob, Math.floor(i / 4))} ${Math.floor(i / 28) + 1}`,
            ['white', 'celadon', 'cobalt', 'tenmoku'][i % 4] ?? '',
            65 + (Math.floor(i / 4) % 5) * 10,
            `Knobs > ${i % 8 < 4 ? 'Drawers' : 'Doors'}`,
            pick(['in stock', 'sold out', 'in stock', 'two left'], i),
          ]),
          ['Total', '', 59500],
        ],
      },
    ],
    currency: 'ZAR',
    columns: 'title option price category stock',
    want: made(
      700,
      (i) =>
        `${pick(knob, Math.floor(i / 4))} ${Math.floor(i / 28) + 1} | ${['white', 'celadon', 'cobalt', 'tenmoku'][i % 4]} | ${(65 + (Math.floor(i / 4) % 5) * 10) * 100} | ${pick(['∞', '0', '∞', '2'], i)}`,
    ).join('\n'),
  },
  {
    drawn: '305002/3 origami paper, Rostock',
    file: 'paper.csv',
    brief: 'Origami paper, cut and printed in Rostock, Germany. Euros.',
    text: `Name;Size;Price;Sheets per pack;Weight of paper;Printed by;Description\n${made(120, (i) =>
      [
        i % 3 ? '' : `Pattern ${Math.floor(i / 3) + 1}`,
        ['7,5 cm', '15 cm', '24 cm'][i % 3],
        `${['4,90', '7,90', '12,50'][i % 3]}`,
        pick(['50', '100'], Math.floor(i / 3)),
        pick(['60 g/m²', '70 g/m²'], Math.floor(i / 3)),
        pick(['hand', 'riso'], Math.floor(i / 3)),
        `<p>Folds <em>${pick(['crisp', 'soft'], i)}</em>.</p>`,
      ].join(';'),
    ).join('\n')}\n`,
    currency: 'EUR',
    columns: 'title option price particular particular particular description',
    want: made(
      120,
      (i) => `Pattern ${Math.floor(i / 3) + 1} | ${['7,5 cm', '15 cm', '24 cm'][i % 3]} | ${[490, 790, 1250][i % 3]} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '305002/4 jam funnels, Gdańsk',
    file: 'lejki.xml',
    brief: 'Jam funnels from Gdańsk, Poland, in złoty.',
    text: feed(
      made(35, (i) => [
        ['nm', `Lejek ${i + 1} "${pick(['mały', 'duży', 'średni'], i)}"`],
        ['prc', `${28 + (i % 6) * 3}.00`],
        ['dsc', `Do słoików.\nNo. ${i + 1} fits "${pick(['wide', 'narrow'], i)}" jars.`],
        ['qty', String((i * 7) % 20)],
      ]),
    ),
    currency: 'PLN',
    columns: 'title price description stock',
    want: made(
      35,
      (i) => `Lejek ${i + 1} "${pick(['mały', 'duży', 'średni'], i)}" |  | ${(28 + (i % 6) * 3) * 100} | ${(i * 7) % 20}`,
    ).join('\n'),
  },
  {
    drawn: '305002/5 sleds, a ferry island near Vancouver',
    file: 'sleds.txt',
    brief: 'Sleds, bent and nailed on Bowen Island, British Columbia. Canadian dollars.',
    text: fixedWidth(
      [16, 12, 12, 12, 14],
      [
        ['Sled', 'Runner', 'Length', 'Price', 'Code'],
        ...(
          [
            ['Kicker', 'steel', '90 cm', '$140.00', 'BS 01 A'],
            ['Kicker', 'steel', '120 cm', '$165.00', 'BS 01 B'],
            ['Kicker', 'brass', '90 cm', '$160.00', 'BS 01 C'],
            ['Kicker', 'brass', '120 cm', '$185.00', 'BS 01 D'],
            ['Toboggan', 'none', '150 cm', '$210.00', 'BS 02 A'],
            ['Toboggan', 'none', '200 cm', '$260.00', 'BS 02 B'],
            ['Toboggan', 'none', '240 cm', '$300.00', 'BS 02 C'],
            ['Deer', 'steel', '90 cm', '$150.00', 'BS 03 A'],
            ['Deer', 'steel', '120 cm', '$175.00', 'BS 03 B'],
            ['Deer', 'brass', '120 cm', '$195.00', 'BS 03 C'],
            ['Freight', 'steel', '150 cm', '$240.00', 'BS 04 A'],
            ['Freight', 'steel', '200 cm', '$290.00', 'BS 04 B'],
            ['Freight', 'ash', '150 cm', '$220.00', 'BS 04 C'],
            ['Freight', 'ash', '200 cm', '$265.00', 'BS 04 D'],
            ['Racer', 'steel', '120 cm', '$230.00', 'BS 05 A'],
            ['Racer', 'brass', '120 cm', '$250.00', 'BS 05 B'],
            ['Racer', 'brass', '150 cm', '$280.00', 'BS 05 C'],
            ['Racer', 'steel', '150 cm', '$255.00', 'BS 05 D'],
          ] as const
        ).map((row) => [...row]),
      ],
    ),
    currency: 'CAD',
    columns: 'title option option price sku',
    want: `Kicker | steel / 90 cm | 14000 | ∞
Kicker | steel / 120 cm | 16500 | ∞
Kicker | brass / 90 cm | 16000 | ∞
Kicker | brass / 120 cm | 18500 | ∞
Toboggan | none / 150 cm | 21000 | ∞
Toboggan | none / 200 cm | 26000 | ∞
Toboggan | none / 240 cm | 30000 | ∞
Deer | steel / 90 cm | 15000 | ∞
Deer | steel / 120 cm | 17500 | ∞
Deer | brass / 120 cm | 19500 | ∞
Freight | steel / 150 cm | 24000 | ∞
Freight | steel / 200 cm | 29000 | ∞
Freight | ash / 150 cm | 22000 | ∞
Freight | ash / 200 cm | 26500 | ∞
Racer | steel / 120 cm | 23000 | ∞
Racer | brass / 120 cm | 25000 | ∞
Racer | brass / 150 cm | 28000 | ∞
Racer | steel / 150 cm | 25500 | ∞`,
  },
  {
    drawn: '305002/6 umbrella repairs, Santiago',
    file: 'paraguas.xlsx',
    brief: 'Umbrella repairs, Santiago de Chile. Pesos chilenos.',
    sheets: [
      {
        name: 'Arreglos',
        rows: [
          ['Repair', 'Price (CLP)', 'Ribs', 'Takes (days)', 'Tool', 'Works on', 'Done by', 'Spare in'],
          ['Rib replaced', 6500, '1', 2, 'pliers', 'all', 'Luis', 'steel'],
          ['New tip', 2500, '0', 1, 'needle', 'long ones', 'Ana', 'brass'],
          ['Handle glued', 4000, '0', 3, 'clamp', 'wood', 'Luis', 'ash'],
          ['Spring changed', 5500, '0', 2, 'hook', 'automatic', 'Ana', 'steel'],
          ['New cover', 'US$ 22', '8', 7, 'machine', 'long ones', 'Ana', 'cotton'],
          ['Look it over', 1000, '0', 1, 'eyes', 'all', 'Luis', 'nothing'],
        ],
      },
      {
        name: 'Teléfonos',
        rows: [
          ['Luis', '555 0133'],
          ['Ana', '555 0134'],
        ],
      },
    ],
    currency: 'CLP',
    columns: 'title price particular particular particular particular particular particular',
    want: `Rib replaced |  | 6500 | ∞
New tip |  | 2500 | ∞
Handle glued |  | 4000 | ∞
Spring changed |  | 5500 | ∞
New cover |  | ? | ∞
Look it over |  | 1000 | ∞`,
  },
  {
    drawn: '305002/7 ginger beer plants, Sapporo',
    file: 'ginger.txt',
    brief: '札幌でジンジャービアの株を育てています。価格は円です。',
    text: `グループ|品名|量|価格|セール価格
G1|株 "元気|100 g|1,200|
G1|株 "元気|250 g|2,400|2,000
G2|瓶|500 ml|800|
`,
    currency: 'JPY',
    columns: 'group title option/weight earlierPrice/price price/earlierPrice',
    want: `株 "元気 | 100 g | 1200 | ∞
株 "元気 | 250 g | 2000 | ∞
瓶 | 500 ml | 800 | ∞`,
  },
  {
    drawn: '305002/8 zithers, Dakar',
    file: 'zithers.json',
    brief: 'Zithers, built in Dakar, Senegal. Francs CFA.',
    text: JSON.stringify(
      made(35, (i) => ({
        'which zither': i % 5 ? '' : ['Gorée', 'Yoff', 'Ngor', 'Fann', 'Médina', 'Hann', 'Ouakam'][i / 5],
        'strung with': ['steel', 'bronze', 'gut', 'nylon', 'silk'][i % 5],
        'what you pay': `${145 + (i % 5) * 12} 000`,
        'to carry': `${(2.1 + (i % 5) * 0.2).toFixed(1)} kg`,
        'how it came about': `Built by "${pick(['Ousmane', 'Awa'], Math.floor(i / 5))}".\nIn ${pick(['March', 'May'], Math.floor(i / 5))}.`,
      })),
    ),
    currency: 'XOF',
    columns: 'title option price weight description',
    want: made(
      35,
      (i) =>
        `${['Gorée', 'Yoff', 'Ngor', 'Fann', 'Médina', 'Hann', 'Ouakam'][Math.floor(i / 5)]} | ${['steel', 'bronze', 'gut', 'nylon', 'silk'][i % 5]} | ${(145 + (i % 5) * 12) * 1000} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '305002/9 gold leaf, Split',
    file: 'leaf.csv',
    brief: 'Gold leaf, beaten in Split, Croatia. Euros.',
    text: `All that glitters,Option name,Option value,Ransom,Mercy,Carat,Leaves,Side,Beaten,Loose,Colour of it
Double,Book,25 leaves,68.00,,23.5,25,80 mm,by hand,yes,yellow
Double,Book,100 leaves,240.00,215.00,23.5,100,80 mm,by hand,yes,yellow
Moon,Book,25 leaves,52.00,,22,25,80 mm,by hammer,no,lemon
`,
    currency: 'EUR',
    columns:
      'title optionName optionValue earlierPrice/price price/earlierPrice particular particular particular particular particular particular',
    want: `Double | 25 leaves | 6800 | ∞
Double | 100 leaves | ? | ∞
Moon | 25 leaves | 5200 | ∞`,
  },
  {
    drawn: '305002/10 jam funnels, Marrakesh',
    file: 'funnels.xlsx',
    brief: 'Jam funnels, Marrakesh, Morocco. Dirhams.',
    sheets: [
      {
        name: 'A',
        rows: [
          ['Funnels'],
          ['All rinse clean.'],
          [],
          ['Prod', 'Pr', 'Descr'],
          ['Copper funnel - small', 90, '<p>For <b>small</b> jars.</p>'],
          ['Copper funnel - medium', 120, '<p>For most jars.</p>'],
          ['Copper funnel - large', 160, '<p>For buckets.</p>'],
          ['Tin funnel - small', 45, '<ul><li>Light</li><li>Cheap</li></ul>'],
          ['Tin funnel - large', 70, '<p>Light.</p>'],
          ['Strainer', 35, '<p>Sits in all of them.</p>'],
          ['Total', 520, ''],
        ],
      },
    ],
    currency: 'MAD',
    columns: 'title price description',
    want: `Copper funnel | small | 9000 | ∞
Copper funnel | medium | 12000 | ∞
Copper funnel | large | 16000 | ∞
Tin funnel | small | 4500 | ∞
Tin funnel | large | 7000 | ∞
Strainer |  | 3500 | ∞`,
  },
  {
    drawn: '305002/11 stilts, Dunedin',
    file: 'stilts.xml',
    brief: 'Stilts, turned in Dunedin, New Zealand.',
    text: feed(
      made(18, (i) => [
        ['tall_tale', i % 3 ? '' : (['Heron', 'Kōtuku', 'Giraffe', 'Ladder', 'Mast', 'Crane'][i / 3] ?? '')],
        ['above_the_mud', ['30 cm', '60 cm', '1 m'][i % 3] ?? ''],
        ['toll', `$${[60, 75, 95][i % 3]}.00`],
        ['where_they_lean', i < 9 ? 'Stilts > Beginners' : 'Stilts > Show-offs'],
      ]),
    ),
    currency: 'NZD',
    columns: 'title option price category',
    want: made(
      18,
      (i) =>
        `${['Heron', 'Kōtuku', 'Giraffe', 'Ladder', 'Mast', 'Crane'][Math.floor(i / 3)]} | ${['30 cm', '60 cm', '1 m'][i % 3]} | ${[60, 75, 95][i % 3]}00 | ∞`,
    ).join('\n'),
  },
  {
    drawn: '305002/12 night lights, Oaxaca',
    file: 'luces.xml',
    brief: 'Luces de noche, Oaxaca, México. Pesos.',
    text: feed(
      made(700, (i) => [
        ['quien_brilla', i === 90 ? 'Producto de prueba' : `${pick(light, i)} ${i + 1}`],
        ['lo_que_duele', i === 90 ? '0' : String(220 + (i % 9) * 15)],
        ['cuento', `<p>Para <strong>${pick(['leer', 'dormir', 'soñar'], i)}</strong>.</p>`],
        ['se_cuelga', pick(['sí', 'no'], i)],
      ]),
    ),
    currency: 'MXN',
    columns: 'title price description particular',
    leftOut: 1,
    want: made(700, (i) => i)
      .filter((i) => i !== 90)
      .map((i) => `${pick(light, i)} ${i + 1} |  | ${220 + (i % 9) * 15}00 | ∞`)
      .join('\n'),
  },
  {
    drawn: '305002/13 wicker coffins, Beirut',
    file: 'coffins.xlsx',
    brief: 'Wicker coffins, Beirut, Lebanon. US dollars.',
    sheets: [
      {
        name: 'Coffins',
        rows: [
          [
            'Coffin',
            'Length (cm)',
            'Price (USD)',
            'Handles (pcs)',
            'Lining',
            'Willow from',
            'Bears (kg)',
            'Woven in (days)',
            'Closes with',
          ],
          ['Cedar', 180, 540, 6, 'wool', 'Bekaa', 120, 9, 'toggles'],
          ['Cedar', 200, 590, 8, 'wool', 'Bekaa', 150, 10, 'toggles'],
          ['Small', 90, 260, 4, 'cotton', 'Bekaa', 40, 4, 'ribbon'],
        ],
      },
      { name: 'Notes', rows: [['Deliver at night'], ['No flowers from us']] },
    ],
    currency: 'USD',
    columns: 'title option price particular particular particular particular particular particular',
    want: `Cedar | 180 | 54000 | ∞
Cedar | 200 | 59000 | ∞
Small | 90 | 26000 | ∞`,
  },
  {
    drawn: '305002/14 nutcrackers, Kumasi',
    file: 'crackers.txt',
    brief: 'Nutcrackers, Kumasi, Ghana. Cedis.',
    text: fixedWidth(
      [18, 12, 10, 12, 34],
      [
        ['Title', 'Size', 'Price', 'Sale price', 'Description'],
        ['Lever', 'small', '60.00', '', '<p>For groundnuts.</p>'],
        ['Lever', 'large', '85.00', '70.00', '<p>For palm nuts.</p>'],
        ['Screw', 'small', '75.00', '', '<p>Slow and <b>sure</b>.</p>'],
        ['Screw', 'large', '110.00', '', '<p>Slower.</p>'],
        ['Soldier', 'small', '150.00', '120.00', '<p>He bites.</p>'],
        ['Soldier', 'large', '240.00', '', '<p>He bites more.</p>'],
        ['Stone', 'small', '20.00', '', '<p>With a hollow.</p>'],
        ['Stone', 'large', '35.00', '30.00', '<p>With two hollows.</p>'],
        ['Hammer', 'small', '40.00', '', '<p>Beech.</p>'],
        ['Hammer', 'large', '55.00', '', '<p>Beech &amp; brass.</p>'],
        ['Bowl', 'large', '90.00', '', '<p>For the shells.</p>'],
      ],
    ),
    currency: 'GHS',
    columns: 'title option earlierPrice/price price/earlierPrice description',
    want: `Lever | small | 6000 | ∞
Lever | large | 7000 | ∞
Screw | small | 7500 | ∞
Screw | large | 11000 | ∞
Soldier | small | 12000 | ∞
Soldier | large | 24000 | ∞
Stone | small | 2000 | ∞
Stone | large | 3000 | ∞
Hammer | small | 4000 | ∞
Hammer | large | 5500 | ∞
Bowl | large | 9000 | ∞`,
  },
  {
    drawn: '305002/15 music stands, Thessaloniki',
    file: 'stands.txt',
    brief: 'Music stands, folded and forged in Thessaloniki, Greece. Euros.',
    text: `Stand\tHeight, cm\tPrice, €\tMass\tDesk\n${made(120, (i) =>
      [
        `${pick(stand, Math.floor(i / 3))} ${Math.floor(i / 18) + 1}`,
        [90, 120, 150][i % 3],
        `${58 + (i % 3) * 14}.00`,
        ['900 g', '1.2 kg', '1.6 kg'][i % 3],
        pick(['walnut', 'steel'], Math.floor(i / 3)),
      ].join('\t'),
    ).join('\n')}\n`,
    currency: 'EUR',
    columns: 'title option price weight particular',
    want: made(
      120,
      (i) =>
        `${pick(stand, Math.floor(i / 3))} ${Math.floor(i / 18) + 1} | ${[90, 120, 150][i % 3]} | ${(58 + (i % 3) * 14) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '305002/16 pickled lemons, Jakarta',
    file: 'lemons.txt',
    brief: 'Pickled lemons, Jakarta, Indonesia. Rupiah.',
    text: `In the jar\tJars of\tYours for\tNumber below\nSalt lemons\t250 ml, 500 ml\tRp 45.000\t${gtin(899100000001)}\nSweet lemons\t250 ml\t\t${gtin(899100000002, 1)}\nHot lemons\t250 ml, 500 ml, 1 l\tRp 52.000\t${gtin(899100000003)}\n`,
    currency: 'IDR',
    columns: 'title option price gtin',
    want: `Salt lemons | 250 ml | 4500000 | ∞
Salt lemons | 500 ml | 4500000 | ∞
Sweet lemons | 250 ml | ? | ∞
Hot lemons | 250 ml | 5200000 | ∞
Hot lemons | 500 ml | 5200000 | ∞
Hot lemons | 1 l | 5200000 | ∞`,
  },
  {
    drawn: '305002/17 shaving bowls, Asunción',
    file: 'bowls.csv',
    brief: 'Shaving bowls from Asunción, Paraguay. Guaraníes.',
    text: `Cara de jabón,Lo que cuesta la barba,¿Queda?,Torno,Esmalte,Boca,Asa,Horno,Firma\n${made(35, (i) =>
      [
        `${pick(bowl, Math.floor(i / 5))} - ${['blanco', 'negro', 'miel', 'verde', 'azul'][i % 5]}`,
        `${95 + (i % 5) * 5}.000`,
        pick(['sí', 'agotado', 'quedan 3', 'sí', 'sí'], i),
        pick(['pie', 'motor'], Math.floor(i / 5)),
        pick(['mate', 'brillo'], Math.floor(i / 5)),
        pick(['ancha', 'angosta'], Math.floor(i / 5)),
        pick(['con', 'sin'], Math.floor(i / 5)),
        pick(['leña', 'gas'], Math.floor(i / 5)),
        pick(['abajo', 'dentro'], Math.floor(i / 5)),
      ].join(','),
    ).join('\n')}\n`,
    currency: 'PYG',
    columns: 'title price stock particular particular particular particular particular particular',
    want: made(
      35,
      (i) =>
        `${pick(bowl, Math.floor(i / 5))} | ${['blanco', 'negro', 'miel', 'verde', 'azul'][i % 5]} | ${95 + (i % 5) * 5}000 | ${pick(['∞', '0', '3', '∞', '∞'], i)}`,
    ).join('\n'),
  },
  {
    drawn: '305002/18 ocarinas, Perth',
    file: 'ocarinas.xlsx',
    brief: 'Ocarinas, fired in Perth, Scotland.',
    sheets: [
      {
        name: 'Ocarinas',
        rows: [
          ['Ocarinas'],
          ['Tuned by ear, then by fork.'],
          [],
          ['Ocarina', 'Pitch', 'Price £', 'Length mm'],
          ['Tay', 'C', 38, 110],
          ['', 'G', 42, 140],
          ['', 'F', 46, 160],
          ['Almond', 'C', 34, 95],
          ['', 'G', 38, 125],
          ['Product 1', '', 0, ''],
          ['Inch', 'C', 29, 80],
          ['', 'D', 29, 76],
          ['Kinnoull', 'C', 55, 130],
          ['', 'A', 58, 150],
          ['Cord', '', 3, ''],
          ['Total', '', 372, ''],
        ],
      },
    ],
    currency: 'GBP',
    columns: 'title option price particular',
    leftOut: 1,
    want: `Tay | C | 3800 | ∞
Tay | G | 4200 | ∞
Tay | F | 4600 | ∞
Almond | C | 3400 | ∞
Almond | G | 3800 | ∞
Inch | C | 2900 | ∞
Inch | D | 2900 | ∞
Kinnoull | C | 5500 | ∞
Kinnoull | A | 5800 | ∞
Cord |  | 300 | ∞`,
  },
];
