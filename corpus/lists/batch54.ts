import { fixedWidth, gtin, jsonLines, letter, made, pick, product, savedPage, type ListCase } from './case';

const plaster = ['Adum', 'Kejetia', 'Bantama', 'Suame', 'Tafo', 'Asokwa', 'Ahinsan'] as const;
const quilts = ['Nine Patch', 'Log Cabin', 'Bear Paw', 'Flying Geese', 'Ohio Star', 'Dresden Plate', 'Drunkard’s Path'] as const;
const sticks = ['Erdre', 'Chézine', 'Sèvre', 'Gesvres', 'Aubinière', 'Loire', 'Cens', 'Vertou'] as const;
/** Colours and lengths of a stick: the black one is not made in the longest. */
const stickOf = (['clair', 'brun', 'noir'] as const)
  .flatMap((colour) => ([85, 90, 95] as const).map((length) => ({ colour, length })))
  .filter(({ colour, length }) => colour !== 'noir' || length !== 95);
const bobbins = ['Gueliz', 'Menara', 'Agdal', 'Medina', 'Mellah', 'Bab Doukkala', 'Kasbah', 'Hivernage'] as const;
const oars = ['Buriganga', 'Meghna', 'Padma', 'Turag', 'Balu', 'Shitalakshya', 'Dhaleshwari'] as const;
const brooms = ['Ayia Napa', 'Troodos', 'Platres', 'Kakopetria', 'Omodos', 'Lefkara', 'Kyperounta'] as const;
const rocks = ['Motława', 'Radunia', 'Strzyża', 'Oliwka', 'Wisła', 'Piaśnica', 'Wda'] as const;
const patches = ['Chapinero', 'Usaquén', 'Teusaquillo', 'Suba', 'Fontibón', 'Kennedy'] as const;
const broomRows = made(700, (i) => ({
  nm: `${brooms[Math.floor(i / 100)] ?? ''} ${(Math.floor(i / 4) % 25) + 1}`,
  head: i % 4 < 2 ? 'synthetic' : 'horsehair',
  flex: i % 2 ? 'stiff' : 'soft',
  pr: i % 50 === 13 ? '' : `${85 + (i % 4) * 10}.00`,
}));

/** Drawn (312602) and written on 1 December 2026, before the reader was run on any. */
export const batch54: ListCase[] = [
  {
    drawn: '312602/1 facsimile letters, Quito',
    file: 'letters.csv',
    brief: 'Facsimile letters, printed in Quito, Ecuador. Dollars.',
    text: `Letter of Manuela,cream,A4,12.00,${gtin(786000000100)}
Letter of Manuela,cream,A3,18.00,${gtin(786000000101)}
Letter of Manuela,white,A4,11.00,${gtin(786000000102, 1)}
Letter of "Humboldt,cream,A4,14.00,${gtin(786000000103)}
Letter of "Humboldt,white,A4,13.00,${gtin(786000000104)}
Letter of "Humboldt,white,A3,19.00,${gtin(786000000105)}
Letter of a sailor,cream,A4,10.00,${gtin(786000000106)}
Letter of a sailor,cream,A3,16.00,${gtin(786000000107)}
Letter of a sailor,white,A4,9.50,${gtin(786000000108)}
Letter to the bishop,cream,A4,12.00,${gtin(786000000109)}
Letter to the bishop,cream,A3,18.00,${gtin(786000000110)}
Letter to the bishop,white,A3,17.00,${gtin(786000000111)}
Letter from Guayaquil,cream,A4,12.50,${gtin(786000000112)}
Letter from Guayaquil,white,A4,11.50,${gtin(786000000113)}
Letter from Guayaquil,white,A3,17.50,${gtin(786000000114)}
Letter never sent,cream,A4,15.00,${gtin(786000000115)}
Letter never sent,cream,A3,21.00,${gtin(786000000116)}
Letter never sent,white,A4,14.00,${gtin(786000000117)}
`,
    currency: 'USD',
    columns: 'title option option price gtin',
    want: `Letter of Manuela | cream / A4 | 1200 | ∞
Letter of Manuela | cream / A3 | 1800 | ∞
Letter of Manuela | white / A4 | 1100 | ∞
Letter of "Humboldt | cream / A4 | 1400 | ∞
Letter of "Humboldt | white / A4 | 1300 | ∞
Letter of "Humboldt | white / A3 | 1900 | ∞
Letter of a sailor | cream / A4 | 1000 | ∞
Letter of a sailor | cream / A3 | 1600 | ∞
Letter of a sailor | white / A4 | 950 | ∞
Letter to the bishop | cream / A4 | 1200 | ∞
Letter to the bishop | cream / A3 | 1800 | ∞
Letter to the bishop | white / A3 | 1700 | ∞
Letter from Guayaquil | cream / A4 | 1250 | ∞
Letter from Guayaquil | white / A4 | 1150 | ∞
Letter from Guayaquil | white / A3 | 1750 | ∞
Letter never sent | cream / A4 | 1500 | ∞
Letter never sent | cream / A3 | 2100 | ∞
Letter never sent | white / A4 | 1400 | ∞`,
  },
  {
    drawn: '312602/2 clay plasters, Kumasi',
    file: 'plaster.xlsx',
    brief: 'Clay plaster, dug and sieved near Kumasi, Ghana. Cedis.',
    sheets: ['Fine', 'Base'].map((name, s) => ({
      name,
      rows: [
        ['Nm', 'Sz', 'Pr'],
        ...made(350, (i) => [
          i % 5
            ? ''
            : `${plaster[Math.floor(i / 5) % 7]} ${name.toLowerCase()} ${Math.floor(i / 35) + 1}${i === 10 ? ' "dark' : ''}`,
          ['1 kg', '5 kg', '10 kg', '25 kg', '500 kg'][i % 5] ?? '',
          (i + s) % 70 === 8 ? '' : pick([18, 70, 130, 300, 5200], i) + Math.floor(i / 5),
        ]),
      ],
    })),
    currency: 'GHS',
    columns: 'title option/weight price',
    want: ['Fine', 'Base']
      .flatMap((name, s) =>
        made(350, (i) => {
          const first = i - (i % 5);
          const title = `${plaster[Math.floor(i / 5) % 7]} ${name.toLowerCase()} ${Math.floor(i / 35) + 1}${first === 10 ? ' "dark' : ''}`;
          const price = (i + s) % 70 === 8 ? '?' : (pick([18, 70, 130, 300, 5200], i) + Math.floor(i / 5)) * 100;
          return `${title} | ${['1 kg', '5 kg', '10 kg', '25 kg', '500 kg'][i % 5]} | ${price} | ∞`;
        }),
      )
      .join('\n'),
  },
  {
    drawn: '312602/3 door mats, Leeds',
    file: 'mats.jsonl',
    brief: 'Door mats woven in Leeds. Pounds.',
    text: jsonLines(
      [
        ['Headingley', 'natural', '40 x 60 cm', 38],
        ['Headingley', 'natural', '50 x 80 cm', 54],
        ['Headingley', 'black', '40 x 60 cm', 40],
        ['Kirkstall', 'natural', '40 x 60 cm', 42],
        ['Kirkstall', 'black', '50 x 80 cm', '€70'],
        ['Kirkstall', 'natural', '50 x 80 cm', 58],
      ].map(([name, colour, size, price], i) => ({
        name,
        colour,
        size,
        price,
        fibre: i < 3 ? 'coir' : 'sisal',
        pile: i < 3 ? '22 mm' : '15 mm',
        backing: i < 3 ? 'none' : 'latex',
        edge: i < 3 ? 'whipped' : 'taped',
        boots: i < 3 ? 'muddy' : 'wet',
        knots: i < 3 ? 1100 : 1450,
      })),
    ),
    currency: 'GBP',
    columns:
      'name=title colour=option size=option price=price fibre=particular pile=particular backing=particular edge=particular boots=particular knots=particular',
    want: `Headingley | natural / 40 x 60 cm | 3800 | ∞
Headingley | natural / 50 x 80 cm | 5400 | ∞
Headingley | black / 40 x 60 cm | 4000 | ∞
Kirkstall | natural / 40 x 60 cm | 4200 | ∞
Kirkstall | black / 50 x 80 cm | ? | ∞
Kirkstall | natural / 50 x 80 cm | 5800 | ∞`,
  },
  {
    drawn: '312602/4 patchwork quilts, Boise',
    file: 'quilts.txt',
    brief: 'Quilts. Boise, Idaho. US dollars.',
    text: [
      'Grp|Nm|Bed|Pr',
      ...made(700, (i) => {
        const amount = 240 + (i % 4) * 90 + (Math.floor(i / 4) % 7) * 10;
        return `Q${String(Math.floor(i / 4) + 1).padStart(3, '0')}|${quilts[Math.floor(i / 4) % 7]} ${letter(Math.floor(i / 28))}|${['Crib', 'Twin', 'Full', 'Queen'][i % 4]}|${i % 90 === 5 ? `from ${amount}` : i % 90 === 6 ? `${amount}-${amount + 60}` : amount}`;
      }),
    ].join('\n'),
    currency: 'USD',
    columns: 'group/sku title option price',
    want: made(700, (i) => {
      const amount = 240 + (i % 4) * 90 + (Math.floor(i / 4) % 7) * 10;
      return `${quilts[Math.floor(i / 4) % 7]} ${letter(Math.floor(i / 28))} | ${['Crib', 'Twin', 'Full', 'Queen'][i % 4]} | ${[5, 6].includes(i % 90) ? '?' : amount * 100} | ∞`;
    }).join('\n'),
  },
  {
    drawn: '312602/5 puppet theatres, Manama',
    file: 'theatres.tsv',
    brief: 'Theatres for puppets. Manama, Bahrain. Dinars.',
    text: `Theatre	Curtain	Price	Barcode	Shelf	Shelf
Pearl	red	24.500	${gtin(608000000010)}	Theatres > Table	Gifts
	blue	24.500	${gtin(608000000011, 2)}		
Dhow	red	38.000	${gtin(608000000012)}	Theatres > Floor	
	blue	38.000	${gtin(608000000013)}		
	striped	41.250	${gtin(608000000014)}		
Souq	red	52.000	${gtin(608000000015)}	Theatres > Floor	Gifts
`,
    currency: 'BHD',
    columns: 'title option price gtin category category',
    want: `Pearl | red | 24500 | ∞
Pearl | blue | 24500 | ∞
Dhow | red | 38000 | ∞
Dhow | blue | 38000 | ∞
Dhow | striped | 41250 | ∞
Souq | red | 52000 | ∞`,
  },
  {
    drawn: '312602/6 tablet weaving cards, Porto',
    file: 'cards.xlsx',
    brief: 'Cards for tablet weaving, cut in Porto, Portugal. Euro.',
    sheets: [
      {
        name: 'Everything',
        rows: [
          ['What we have, autumn 2026', '', '', ''],
          ['Belongs to', 'Our word for it', 'How large', 'To pay'],
          ...made(33, (i) => [
            `C${Math.floor(i / 3) + 1}`,
            pick(
              [
                'Ribeira',
                'Foz',
                'Bonfim',
                'Campanhã',
                'Boavista',
                'Lordelo',
                'Aldoar',
                'Nevogilde',
                'Miragaia',
                'Massarelos',
                'Cedofeita',
              ],
              Math.floor(i / 3),
            ),
            ['5 cm', '6 cm', '8 cm'][i % 3] ?? '',
            i === 7 ? 'from 9.00' : i === 19 ? '12.00–14.00' : 8.5 + (i % 3) * 2,
          ]),
          ['C99', 'Sample item', '5 cm', 1],
          ['C99', 'Sample item', '6 cm', 1],
          ['In all', '', '', 350],
          ['Cards are sold in packs of twenty.', '', '', ''],
        ],
      },
    ],
    currency: 'EUR',
    columns: 'group/sku title option price',
    want: made(
      33,
      (i) =>
        `${pick(['Ribeira', 'Foz', 'Bonfim', 'Campanhã', 'Boavista', 'Lordelo', 'Aldoar', 'Nevogilde', 'Miragaia', 'Massarelos', 'Cedofeita'], Math.floor(i / 3))} | ${['5 cm', '6 cm', '8 cm'][i % 3]} | ${[7, 19].includes(i) ? '?' : 850 + (i % 3) * 200} | ∞`,
    ).join('\n'),
    leftOut: 2,
  },
  {
    drawn: '312602/7 ash walking sticks, Nantes',
    file: 'cannes.csv',
    brief: 'Walking sticks of ash, Nantes, France. Prix en euros.',
    text: [
      'Art.;Coul.;Long. cm;Px;Embout;Note',
      ...made(120, (i) => {
        const { colour, length } = pick(stickOf, Math.floor(i / 2));
        const title = `Canne ${sticks[Math.floor(i / 16)]}`;
        return `${title};${colour};${length};${48 + (length - 85) * 2 + (i % 2) * 4},50;${i % 2 ? 'laiton' : 'caoutchouc'};"Frêne.${i % 5 ? '' : '\nDit ""le droit"".'}"`;
      }),
    ].join('\n'),
    currency: 'EUR',
    columns: 'title option option price option particular/description',
    want: made(120, (i) => {
      const { colour, length } = pick(stickOf, Math.floor(i / 2));
      const amount = 48 + (length - 85) * 2 + (i % 2) * 4;
      return `Canne ${sticks[Math.floor(i / 16)]} | ${colour} / ${length} / ${i % 2 ? 'laiton' : 'caoutchouc'} | ${amount * 100 + 50} | ∞`;
    }).join('\n'),
  },
  {
    drawn: '312602/8 mending wool, Athens',
    file: 'wool.html',
    brief: 'Wool for mending. Athens, Greece. Euro.',
    text: savedPage('Wool', [
      product('Petralona', '3.20', 'EUR', {
        color: 'rust',
        size: '20 m',
        additionalProperty: [
          { '@type': 'PropertyValue', name: 'Ply', value: '2' },
          { '@type': 'PropertyValue', name: 'Ply', value: 'worsted' },
        ],
      }),
      product('Petralona', '5.80', 'EUR', {
        color: 'rust',
        size: '50 m',
        additionalProperty: [
          { '@type': 'PropertyValue', name: 'Ply', value: '2' },
          { '@type': 'PropertyValue', name: 'Ply', value: 'worsted' },
        ],
      }),
      product('Petralona', '3.50', 'USD', {
        color: 'olive',
        size: '20 m',
        additionalProperty: [
          { '@type': 'PropertyValue', name: 'Ply', value: '2' },
          { '@type': 'PropertyValue', name: 'Ply', value: 'worsted' },
        ],
      }),
    ]),
    currency: 'EUR',
    columns: 'name=title color=option size=option price=price',
    want: `Petralona | rust / 20 m | 320 | ∞
Petralona | rust / 50 m | 580 | ∞
Petralona | olive / 20 m | ? | ∞`,
  },
  {
    drawn: '312602/9 lace bobbins, Marrakesh',
    file: 'bobbins.tsv',
    brief: 'Lace bobbins, turned in Marrakesh, Morocco. Dirhams.',
    text: [
      'Title\tWood\tPrice\tSKU\tEAN',
      ...made(120, (i) =>
        [
          i % 3 ? '' : `${bobbins[Math.floor(i / 15)]} ${['plain', 'beaded', 'inlaid', 'wired', 'giant'][Math.floor(i / 3) % 5]}`,
          ['lemon', 'thuya', 'cedar'][i % 3],
          35 + (i % 3) * 5 + (Math.floor(i / 3) % 5) * 8,
          `LB ${Math.floor(i / 3) + 1} ${['L', 'T', 'C'][i % 3]}`,
          gtin(611000000200 + i, i === 31 ? 5 : 0),
        ].join('\t'),
      ),
    ].join('\n'),
    currency: 'MAD',
    columns: 'title option price sku gtin',
    want: made(
      120,
      (i) =>
        `${bobbins[Math.floor(i / 15)]} ${['plain', 'beaded', 'inlaid', 'wired', 'giant'][Math.floor(i / 3) % 5]} | ${['lemon', 'thuya', 'cedar'][i % 3]} | ${(35 + (i % 3) * 5 + (Math.floor(i / 3) % 5) * 8) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '312602/10 mead, Kyoto',
    file: 'mead.tsv',
    brief: 'Mead, brewed in Kyoto, Japan. Yen.',
    text: [
      'What the bees did\tDrink by\tPenalty\tHoney from',
      ...made(35, (i) =>
        [
          pick(['Fushimi', 'Uji', 'Ohara', 'Kurama', 'Arashiyama', 'Kitayama', 'Yamashina'], Math.floor(i / 5)),
          ['200 ml', '375 ml', '750 ml', '375 ml', '750 ml'][i % 5],
          pick([1200, 2100, 3900, 2300, 4200], i) + Math.floor(i / 5) * 100,
          i % 5 < 3 ? 'acacia' : 'buckwheat',
        ].join('\t'),
      ),
    ].join('\n'),
    currency: 'JPY',
    columns: 'title option price option',
    want: made(
      35,
      (i) =>
        `${pick(['Fushimi', 'Uji', 'Ohara', 'Kurama', 'Arashiyama', 'Kitayama', 'Yamashina'], Math.floor(i / 5))} | ${['200 ml', '375 ml', '750 ml', '375 ml', '750 ml'][i % 5]} / ${i % 5 < 3 ? 'acacia' : 'buckwheat'} | ${pick([1200, 2100, 3900, 2300, 4200], i) + Math.floor(i / 5) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '312602/11 oars, Dhaka',
    file: 'oars.txt',
    brief: 'Oars. Dhaka, Bangladesh. Taka.',
    text: [
      'oar, option, value, price, in stock, blade, loom, for, note, note',
      ...made(700, (i) =>
        [
          `${oars[Math.floor(i / 100)]} ${(Math.floor(i / 4) % 25) + 1}`,
          'Length',
          ['2.4 m', '2.7 m', '3.0 m', '3.3 m'][i % 4],
          1800 + (i % 4) * 250 + (Math.floor(i / 4) % 9) * 50,
          pick(['three', 'none', 'seven', 'two', 'sold out'], i),
          Math.floor(i / 4) % 2 ? 'spoon' : 'flat',
          Math.floor(i / 4) % 3 ? 'round' : 'oval',
          Math.floor(i / 4) % 5 ? 'rivers' : 'the sea',
          'leathered',
          `balanced at ${80 + (Math.floor(i / 4) % 5)} cm`,
        ].join(', '),
      ),
    ].join('\n'),
    currency: 'BDT',
    columns:
      'title optionName optionValue price stock particular particular particular particular/description particular/description',
    want: made(
      700,
      (i) =>
        `${oars[Math.floor(i / 100)]} ${(Math.floor(i / 4) % 25) + 1} | ${['2.4 m', '2.7 m', '3.0 m', '3.3 m'][i % 4]} | ${(1800 + (i % 4) * 250 + (Math.floor(i / 4) % 9) * 50) * 100} | ${pick([3, 0, 7, 2, 0], i)}`,
    ).join('\n'),
  },
  {
    drawn: '312602/12 cider vinegar, Busan',
    file: 'vinegar.txt',
    brief: 'Cider vinegar. Busan, Korea. Won.',
    text: fixedWidth(
      [22, 10, 12, 14],
      [
        ['Vinegar', 'Colour', 'Size ml', 'Price KRW'],
        ...made(18, (i) => [
          pick(['Gijang', 'Dongnae', 'Geumjeong', 'Saha', 'Gangseo', 'Yeonje'], Math.floor(i / 3)),
          i % 3 < 2 ? 'amber' : 'rose',
          ['250', '500', '250'][i % 3] ?? '',
          i === 4 || i === 11 ? '' : String(pick([7000, 12000, 8000], i) + Math.floor(i / 3) * 500),
        ]),
      ],
    ),
    currency: 'KRW',
    columns: 'title option option price',
    want: made(
      18,
      (i) =>
        `${pick(['Gijang', 'Dongnae', 'Geumjeong', 'Saha', 'Gangseo', 'Yeonje'], Math.floor(i / 3))} | ${i % 3 < 2 ? 'amber' : 'rose'} / ${['250', '500', '250'][i % 3]} | ${i === 4 || i === 11 ? '?' : pick([7000, 12000, 8000], i) + Math.floor(i / 3) * 500} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '312602/13 cat trees, Bangalore',
    file: 'trees.jsonl',
    brief: 'Cat trees, built in Bangalore, India. Rupees.',
    text: jsonLines(
      made(11, (i) => [
        pick(['Malleswaram', 'Jayanagar', 'Basavanagudi', 'Indiranagar'], Math.floor(i / 3)),
        'Height',
        ['90 cm', '120 cm', '150 cm'][i % 3],
        i === 4 ? '$80' : pick([4200, 5600, 7400], i) + Math.floor(i / 3) * 200,
        pick(['two', 'sold out', 'five'], i),
      ]),
    ),
    currency: 'INR',
    columns: 'title optionName optionValue price stock',
    want: made(
      11,
      (i) =>
        `${pick(['Malleswaram', 'Jayanagar', 'Basavanagudi', 'Indiranagar'], Math.floor(i / 3))} | ${['90 cm', '120 cm', '150 cm'][i % 3]} | ${i === 4 ? '?' : (pick([4200, 5600, 7400], i) + Math.floor(i / 3) * 200) * 100} | ${pick([2, 0, 5], i)}`,
    ).join('\n'),
  },
  {
    drawn: '312602/14 knee patches, Bogotá',
    file: 'patches.html',
    brief: 'Patches for knees. Bogotá, Colombia. Pesos.',
    text: savedPage(
      'Patches',
      made(120, (i) =>
        product(
          `${patches[Math.floor(i / 20)]} ${(Math.floor(i / 4) % 5) + 1} – ${['denim', 'corduroy', 'leather', 'felt'][i % 4]}`,
          i % 40 === 9 ? '' : String(pick([6000, 7500, 14000, 5000], i) + Math.floor(i / 20) * 500),
          i === 30 ? 'USD' : 'COP',
          {
            additionalProperty: [
              { '@type': 'PropertyValue', name: 'Note', value: i % 8 < 4 ? 'ironed on' : 'sewn on' },
              { '@type': 'PropertyValue', name: 'Note', value: i % 8 < 4 ? '60 °C' : '30 °C' },
            ],
          },
        ),
      ),
    ),
    currency: 'COP',
    columns: 'name=title price=price',
    want: made(
      120,
      (i) =>
        `${patches[Math.floor(i / 20)]} ${(Math.floor(i / 4) % 5) + 1} | ${['denim', 'corduroy', 'leather', 'felt'][i % 4]} | ${i % 40 === 9 || i === 30 ? '?' : (pick([6000, 7500, 14000, 5000], i) + Math.floor(i / 20) * 500) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '312602/15 walnut oil, Helsinki',
    file: 'oil.html',
    encoding: 'windows-1252',
    brief: 'Walnut oil, pressed in Helsinki, Finland. Euro.',
    text: savedPage(
      'Öljyt',
      made(35, (i) =>
        product(
          `${pick(['Käpylä', 'Töölö', 'Hakaniemi', 'Munkkiniemi', 'Pasila', 'Arabia', 'Malmi'], Math.floor(i / 5))} – ${['100 ml', '250 ml', '500 ml', '1 l', '5 l'][i % 5]}`,
          (pick([6.9, 13.9, 24.9, 44.9, 190], i) + Math.floor(i / 5)).toFixed(2),
          'EUR',
        ),
      ),
    ).replace('charset="utf-8"', 'charset="windows-1252"'),
    currency: 'EUR',
    columns: 'name=title price=price',
    want: made(
      35,
      (i) =>
        `${pick(['Käpylä', 'Töölö', 'Hakaniemi', 'Munkkiniemi', 'Pasila', 'Arabia', 'Malmi'], Math.floor(i / 5))} | ${['100 ml', '250 ml', '500 ml', '1 l', '5 l'][i % 5]} | ${Math.round((pick([6.9, 13.9, 24.9, 44.9, 190], i) + Math.floor(i / 5)) * 100)} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '312602/16 curling brooms, Nicosia',
    file: 'brooms.txt',
    brief: 'Brooms for curling. Nicosia, Cyprus. Euro.',
    text: fixedWidth(
      [24, 14, 10, 10],
      [['Nm', 'Hd', 'Fx', 'Pr'], ...broomRows.map(({ nm, head, flex, pr }) => [nm, head, flex, pr])],
    ),
    currency: 'EUR',
    columns: 'title option option price',
    want: broomRows.map(({ nm, head, flex, pr }) => `${nm} | ${head} / ${flex} | ${pr ? Number(pr) * 100 : '?'} | ∞`).join('\n'),
  },
  {
    drawn: '312602/17 chess clocks, Wellington',
    file: 'clocks.xlsx',
    brief: 'Chess clocks, mended and sold in Wellington, New Zealand. Dollars.',
    sheets: ['Wind-up', 'Electric'].map((name, s) => ({
      name,
      rows: [
        ['Clock', 'Sizes', 'Price', 'Remark', 'Remark'],
        ...made(s ? 17 : 18, (i) => [
          `${pick(['Karori', 'Kelburn', 'Newtown', 'Aro', 'Thorndon', 'Miramar'], i)} ${name === 'Electric' ? 'E' : 'W'}${Math.floor(i / 6) + 1}`,
          pick(['small, large', 'large', 'small'], i),
          i === 3 ? 'from 140' : i === 9 ? '120 - 180' : 95 + i * 5,
          `Ticks ${i % 2 ? 'softly' : 'loudly'}.\nFlag says "time".`,
          pick(['walnut', 'bakelite'], i),
        ]),
      ],
    })),
    currency: 'NZD',
    columns: 'title option price description/particular particular',
    want: ['Wind-up', 'Electric']
      .flatMap((name, s) =>
        made(s ? 17 : 18, (i) =>
          (pick(['small, large', 'large', 'small'], i) ?? '')
            .split(', ')
            .map(
              (size) =>
                `${pick(['Karori', 'Kelburn', 'Newtown', 'Aro', 'Thorndon', 'Miramar'], i)} ${name === 'Electric' ? 'E' : 'W'}${Math.floor(i / 6) + 1} | ${size} | ${[3, 9].includes(i) ? '?' : (95 + i * 5) * 100} | ∞`,
            ),
        ).flat(),
      )
      .join('\n'),
  },
  {
    drawn: '312602/18 aquarium rocks and wood, Gdańsk',
    file: 'skaly.txt',
    encoding: 'windows-1250',
    brief: 'Skały i drewno do akwarium, Gdańsk. Ceny w złotych.',
    text: fixedWidth(
      [22, 12, 12, 12, 14],
      [
        ['Nazwa', 'Opcja', 'Wartość', 'Cena', 'Kod'],
        ...made(698, (i) => [
          `${rocks[Math.floor(i / 100)]} ${(Math.floor(i / 4) % 25) + 1}`,
          'Rozmiar',
          ['S', 'M', 'L', 'XL'][i % 4] ?? '',
          `${12 + (i % 4) * 9 + (Math.floor(i / 4) % 6)},50`,
          `SK ${Math.floor(i / 4) + 1} ${['S', 'M', 'L', 'X'][i % 4]}`,
        ]),
        ['Przykład', 'Rozmiar', 'S', '1,00', 'SK 0 S'],
        ['Test', 'Rozmiar', 'M', '1,00', 'SK 0 M'],
      ],
    ),
    currency: 'PLN',
    columns: 'title optionName optionValue price sku',
    want: made(
      698,
      (i) =>
        `${rocks[Math.floor(i / 100)]} ${(Math.floor(i / 4) % 25) + 1} | ${['S', 'M', 'L', 'XL'][i % 4]} | ${(12 + (i % 4) * 9 + (Math.floor(i / 4) % 6)) * 100 + 50} | ∞`,
    ).join('\n'),
    leftOut: 2,
  },
];
