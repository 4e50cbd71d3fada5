import { feed, fixedWidth, gtin, jsonLines, made, pick, product, savedPage, type ListCase } from './case';

const marbling = [
  'Trousse Suminagashi',
  'Trousse Ebru',
  'Bain de carraghénane',
  'Peigne',
  'Encres',
  'Papier chiffon',
  'Fiel de bœuf',
] as const;
const map = ['Bergenhus', 'Hardanger', 'Sognefjord', 'Lofoten', 'Finnmark', 'Spitsbergen', 'Jæren', 'Nordland'] as const;
const string = ['Flemish twist', 'Endless loop', 'Dacron', 'Linen', 'Kids’ string', 'Long bow', 'Horse bow'] as const;
const tamarind = ['Sour square', 'Chili ball', 'Salted ribbon', 'Ginger coin', 'Sugar cube', 'Sesame roll'] as const;
const coffin = ['Rewa', 'Lomaiviti', 'Kadavu', 'Nadroga', 'Bua', 'Macuata', 'Tailevu'] as const;
const candied = ['Naranča', 'Limun', 'Smokva', 'Višnja', 'Rogač', 'Kruška', 'Arancini'] as const;

/** Drawn (303110, 303111, 303112; those without a list left out) and written on 30 November 2026, before the reader was run on any. */
export const batch36: ListCase[] = [
  {
    drawn: '303110/1 marbling kits, Montréal',
    file: 'marbrure.xlsx',
    brief: 'Trousses de marbrure, Montréal, Québec.',
    sheets: [
      {
        name: 'Inventaire',
        rows: [
          ['Inventaire de l’atelier, novembre 2026'],
          ['Prix sans taxes.'],
          [],
          ['Article', 'Format', 'Prix ($ CA)', 'Catégorie', 'Stock'],
          ...made(700, (i) => [
            i % 4 ? '' : `${pick(marbling, i / 4)} ${i / 4 + 1}`,
            ['petit', 'moyen', 'grand', 'atelier'][i % 4] ?? '',
            i % 90 === 17 ? '' : 18 + (i % 4) * 12 + (Math.floor(i / 4) % 5),
            `Marbrure > ${pick(['Trousses', 'Outils', 'Papiers'], Math.floor(i / 4))}`,
            (i * 3) % 19,
          ]),
          ['Total', '', '', '', made(700, (i) => (i * 3) % 19).reduce((a, b) => a + b, 0)],
        ],
      },
    ],
    currency: 'CAD',
    columns: 'title option price category stock',
    want: made(
      700,
      (i) =>
        `${pick(marbling, Math.floor(i / 4))} ${Math.floor(i / 4) + 1} | ${['petit', 'moyen', 'grand', 'atelier'][i % 4]} | ${i % 90 === 17 ? '?' : (18 + (i % 4) * 12 + (Math.floor(i / 4) % 5)) * 100} | ${(i * 3) % 19}`,
    ).join('\n'),
  },
  {
    drawn: '303110/2 oars, Montréal',
    file: 'oars.html',
    brief: 'Oars for people who row at dawn, Montréal.',
    text: savedPage('Oars', [
      product('Spruce oar', '210.00', 'CAD', { sku: 'OAR-7', size: '7 ft', color: 'bare' }),
      product('Spruce oar', '210.00', 'CAD', { sku: 'OAR-7V', size: '7 ft', color: 'varnished' }),
      product('Spruce oar', 'from 240', 'CAD', { sku: 'OAR-8', size: '8 ft', color: 'bare' }),
      product('Sculling oar', '280.00 - 310.00', 'CAD', { sku: 'SC-9', size: '9 ft', color: 'varnished' }),
      product('Sculling oar, pair', '540.00', 'CAD', { sku: 'SC-9P', size: '9 ft', color: 'varnished' }),
      product('Oar leathers', '35.00', 'CAD', { sku: 'LE-1', size: 'one size', color: 'tan' }),
    ]),
    currency: 'CAD',
    columns: 'title sku option option price currency',
    want: `Spruce oar | 7 ft / bare | 21000 | ∞
Spruce oar | 7 ft / varnished | 21000 | ∞
Spruce oar | 8 ft / bare | ? | ∞
Sculling oar | 9 ft / varnished | ? | ∞
Sculling oar, pair | 9 ft / varnished | 54000 | ∞
Oar leathers | one size / tan | 3500 | ∞`,
  },
  {
    drawn: '303110/3 antique maps, Bergen',
    file: 'kart.tsv',
    brief: 'Antique maps, printed anew in Bergen, Norway. Kroner.',
    text: `Map\tInk\tSheet\tPrice\tEngraver\tYear of plate\tScale\tNote\tNote\n${made(
      120,
      (i) =>
        `${pick(map, Math.floor(i / 3))} ${Math.floor(i / 24) + 1}\t${['sepia', 'sepia', 'black'][i % 3]}\t${['A3', 'A2', 'A2'][i % 3]}\t${i % 29 === 8 ? '' : `${450 + (i % 3) * 150 + Math.floor(i / 24) * 20},-`}\t${pick(['Pontoppidan', 'Wilse', 'Rosenkilde'], Math.floor(i / 3))}\t${1780 + (Math.floor(i / 3) % 40)}\t${pick(['1:200 000', '1:400 000'], Math.floor(i / 3))}\t${pick(['margin cut', ''], Math.floor(i / 3))}\t${pick(['', 'folded twice', 'with a cartouche'], Math.floor(i / 3))}`,
    ).join('\n')}\n`,
    currency: 'NOK',
    columns: 'title option option price particular particular particular particular particular',
    want: made(
      120,
      (i) =>
        `${pick(map, Math.floor(i / 3))} ${Math.floor(i / 24) + 1} | ${['sepia', 'sepia', 'black'][i % 3]} / ${['A3', 'A2', 'A2'][i % 3]} | ${i % 29 === 8 ? '?' : (450 + (i % 3) * 150 + Math.floor(i / 24) * 20) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '303110/5 pepper, Bologna',
    file: 'pepe.csv',
    brief: 'Pepper from one farm each, Bologna, Italy. Euro.',
    text: `Pepper;Pack;Price;Farm;Harvest;Heat;Berry;Smell;Smell;Altitude
Tellicherry;50 g;6,50;Kannur;February;7;4,2 mm;cedar;orange;900 m
Tellicherry;100 g;11,00;Kannur;February;7;4,2 mm;cedar;orange;900 m
Tellicherry;1 kg;78,00;Kannur;February;7;4,2 mm;cedar;orange;900 m
Kampot;50 g;9,50;Kep;April;6;3,9 mm;eucalyptus;;60 m
Kampot;100 g;17,00;Kep;April;6;3,9 mm;eucalyptus;;60 m
Sarawak;50 g;5,80;Serian;July;5;4,0 mm;hay;lemon;120 m
Sarawak;100 g;10,20;Serian;July;5;4,0 mm;hay;lemon;120 m
Sarawak;1 kg;69,00;Serian;July;5;4,0 mm;hay;lemon;120 m
Long pepper;50 g;8,00;Java;June;6;20 mm;cinnamon;earth;300 m
Cubeb;50 g;7,20;Java;August;4;5,0 mm;camphor;;300 m
Prodotto di prova;1 g;0,00;;;;;;;
`,
    currency: 'EUR',
    columns: 'title option price particular particular particular particular particular particular particular',
    want: `Tellicherry | 50 g | 650 | ∞
Tellicherry | 100 g | 1100 | ∞
Tellicherry | 1 kg | 7800 | ∞
Kampot | 50 g | 950 | ∞
Kampot | 100 g | 1700 | ∞
Sarawak | 50 g | 580 | ∞
Sarawak | 100 g | 1020 | ∞
Sarawak | 1 kg | 6900 | ∞
Long pepper | 50 g | 800 | ∞
Cubeb | 50 g | 720 | ∞`,
    leftOut: 1,
  },
  {
    drawn: '303110/6 archery strings, Louisville',
    file: 'strings.xlsx',
    brief: 'Bow strings laid up in Louisville, Kentucky.',
    sheets: [
      {
        name: 'Strings',
        rows: [
          ['SKU', 'Product', 'Option', 'Value', 'Price', 'Stock'],
          ...made(600, (i) => [
            `BS ${1000 + i}`,
            `${pick(string, Math.floor(i / 4))} string ${Math.floor(i / 4) + 1}`,
            'Length',
            ['48 in', '54 in', '60 in', '66 in'][i % 4] ?? '',
            i % 70 === 31 ? '' : 14 + (i % 4) * 3 + (Math.floor(i / 4) % 6),
            i % 11,
          ]),
        ],
      },
      {
        name: 'Care',
        rows: [
          ['SKU', 'Product', 'Option', 'Value', 'Price', 'Stock'],
          ...made(100, (i) => [
            `CA ${2000 + i}`,
            `${pick(['Bee wax', 'Serving thread', 'Nocking pliers', 'String jig', 'Fletching glue'], Math.floor(i / 2))} ${Math.floor(i / 2) + 1}`,
            i % 4 < 2 ? 'Pack' : 'Colour',
            i % 4 < 2 ? (['one', 'six'][i % 2] ?? '') : (['black', 'white'][i % 2] ?? ''),
            i % 45 === 8 ? '' : 5 + (i % 2) * 4,
            i % 7,
          ]),
        ],
      },
    ],
    currency: 'USD',
    columns: 'sku title optionName optionValue price stock',
    want: [
      ...made(
        600,
        (i) =>
          `${pick(string, Math.floor(i / 4))} string ${Math.floor(i / 4) + 1} | ${['48 in', '54 in', '60 in', '66 in'][i % 4]} | ${i % 70 === 31 ? '?' : (14 + (i % 4) * 3 + (Math.floor(i / 4) % 6)) * 100} | ${i % 11}`,
      ),
      ...made(
        100,
        (i) =>
          `${pick(['Bee wax', 'Serving thread', 'Nocking pliers', 'String jig', 'Fletching glue'], Math.floor(i / 2))} ${Math.floor(i / 2) + 1} | ${i % 4 < 2 ? ['one', 'six'][i % 2] : ['black', 'white'][i % 2]} | ${i % 45 === 8 ? '?' : (5 + (i % 2) * 4) * 100} | ${i % 7}`,
      ),
    ].join('\n'),
  },
  {
    drawn: '303110/7 olive oil, Bologna',
    file: 'olio.xml',
    brief: 'Olive oil of three hills near Bologna, Italy.',
    text: feed(
      made(18, (i) => [
        [
          'title',
          `${pick(['Brisighella', 'Monte San Pietro', 'Zola'], Math.floor(i / 2))} ${pick(['early', 'late', 'unfiltered'], Math.floor(i / 6))}`,
        ],
        ['description', `<p>Pressed <b>${i % 4 < 2 ? 'the same day' : 'overnight'}</b>.</p>`],
        ['price', `${i % 2 ? 24 + Math.floor(i / 2) : 13 + Math.floor(i / 2)}.50 EUR`],
        ['availability', pick(['in stock', 'sold out', 'few left'], i)],
        ['option_name', 'Bottle'],
        ['option_value', i % 2 ? '750 ml' : '250 ml'],
      ]),
    ),
    currency: 'EUR',
    columns: 'title description price stock optionName optionValue',
    want: made(
      18,
      (i) =>
        `${pick(['Brisighella', 'Monte San Pietro', 'Zola'], Math.floor(i / 2))} ${pick(['early', 'late', 'unfiltered'], Math.floor(i / 6))} | ${i % 2 ? '750 ml' : '250 ml'} | ${(i % 2 ? 24 + Math.floor(i / 2) : 13 + Math.floor(i / 2)) * 100 + 50} | ${['∞', '0', '?'][i % 3]}`,
    ).join('\n'),
  },
  {
    drawn: '303111/1 boot laces, Naples',
    file: 'laces.txt',
    brief: 'Boot laces braided in Naples, Italy.',
    text: `Lace|Length (cm)|Price (€)|Core|Aglet|Eyelets
Mountain lace|140|from 6.50|nylon|brass|7
Mountain lace|180|7.50|nylon|brass|9
Dress lace|75|4.00|cotton|clear|5
`,
    currency: 'EUR',
    columns: 'title option price particular particular particular',
    want: `Mountain lace | 140 | ? | ∞
Mountain lace | 180 | 750 | ∞
Dress lace | 75 | 400 | ∞`,
  },
  {
    drawn: '303111/2 tamarind sweets, Nicosia',
    file: 'sweets.txt',
    brief: 'Tamarind sweets boiled in Nicosia, Cyprus.',
    text: fixedWidth(
      [28, 18, 16, 16, 18],
      [
        ['Pucker up', 'What differs', 'How', 'You part with', 'Lines at the till'],
        ...made(120, (i) => [
          `${pick(tamarind, Math.floor(i / 2))} ${Math.floor(i / 2) + 1}`,
          'Bag',
          i % 2 ? '500 g' : '150 g',
          i % 40 === 11 ? 'from €3' : i % 40 === 30 ? '€9–€11' : `€${(i % 2 ? 8 : 3) + (Math.floor(i / 2) % 4)}.20`,
          gtin(529000000000 + i, i === 77 ? 5 : 0),
        ]),
      ],
    ),
    currency: 'EUR',
    columns: 'title optionName optionValue price gtin',
    want: made(
      120,
      (i) =>
        `${pick(tamarind, Math.floor(i / 2))} ${Math.floor(i / 2) + 1} | ${i % 2 ? '500 g' : '150 g'} | ${i % 40 === 11 || i % 40 === 30 ? '?' : ((i % 2 ? 8 : 3) + (Math.floor(i / 2) % 4)) * 100 + 20} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '303111/4 willow cuttings, Asunción',
    file: 'willow.xlsx',
    brief: 'Willow cuttings from Asunción, Paraguay. Guaraníes.',
    sheets: [
      {
        name: 'Cuttings',
        rows: [
          ['The willow', 'How long we cut it', 'We want for ten', 'Number under the stripes'],
          ['Black Maul', '20 cm', 35000, gtin(784100000001)],
          ['Black Maul', '30 cm', 48000, gtin(784100000002)],
          ['Flanders Red', '20 cm', 38000, gtin(784100000003, 2)],
          ['Flanders Red', '30 cm', 52000, gtin(784100000004)],
          ['Dicky Meadows', '20 cm', 40000, gtin(784100000005)],
          ['Dicky Meadows', '30 cm', 55000, gtin(784100000006)],
        ],
      },
      {
        name: 'Rods',
        rows: [
          ['The willow', 'How long we cut it', 'We want for ten', 'Number under the stripes'],
          ['Green rods', '1 m', 60000, gtin(784100000007)],
          ['Green rods', '2 m', 95000, gtin(784100000008)],
          ['Stripped rods', '1 m', 90000, gtin(784100000009, 7)],
          ['Stripped rods', '2 m', 140000, gtin(784100000010)],
          ['Living fence', '2 m', 220000, gtin(784100000011)],
        ],
      },
    ],
    currency: 'PYG',
    columns: 'title option price gtin',
    want: `Black Maul | 20 cm | 35000 | ∞
Black Maul | 30 cm | 48000 | ∞
Flanders Red | 20 cm | 38000 | ∞
Flanders Red | 30 cm | 52000 | ∞
Dicky Meadows | 20 cm | 40000 | ∞
Dicky Meadows | 30 cm | 55000 | ∞
Green rods | 1 m | 60000 | ∞
Green rods | 2 m | 95000 | ∞
Stripped rods | 1 m | 90000 | ∞
Stripped rods | 2 m | 140000 | ∞
Living fence | 2 m | 220000 | ∞`,
  },
  {
    drawn: '303111/5 magnets for whiteboards, Dublin',
    file: 'magnets.txt',
    brief: 'Magnets for whiteboards, Dublin, Ireland. Euro.',
    text: fixedWidth(
      [22, 14, 12, 14],
      [
        ['Prod.', 'Col.', 'Pr.', 'Stk.'],
        ['Button magnet', 'red', '€1.50', 'plenty'],
        ['', 'blue', '€1.50', 'plenty'],
        ['', 'green', '€1.50', 'none'],
        ['Bar magnet', 'black', '€4.00', 'three'],
        ['', 'white', '', 'two'],
        ['Pin magnet', 'clear', '€2.20', 'plenty'],
        ['', 'smoke', '€2.20', 'one'],
        ['Letters', 'mixed', '€12.00', 'sold out'],
        ['Clip', 'steel', '€3.10', 'four'],
        ['', 'brass', '', 'plenty'],
        ['Strip', 'grey', '€6.50', 'two'],
      ],
    ),
    currency: 'EUR',
    columns: 'title option price stock',
    want: `Button magnet | red | 150 | ∞
Button magnet | blue | 150 | ∞
Button magnet | green | 150 | 0
Bar magnet | black | 400 | 3
Bar magnet | white | ? | 2
Pin magnet | clear | 220 | ∞
Pin magnet | smoke | 220 | 1
Letters | mixed | 1200 | 0
Clip | steel | 310 | 4
Clip | brass | ? | ∞
Strip | grey | 650 | 2`,
  },
  {
    drawn: '303111/6 pressed flowers, Antwerp',
    file: 'flowers.txt',
    brief: 'Pressed flowers from Antwerp, Belgium.',
    text: fixedWidth(
      [20, 14, 12, 12, 12, 14, 40],
      [
        ['Flower', 'Sheet (cm)', 'Price (€)', 'Picked', 'Fading', 'Stems (pcs)', 'Text'],
        ['Cornflower', '10 x 15', '8.00', 'June', 'slow', '3', '<p>From the <em>polder</em>.</p>'],
        ['', '20 x 30', '16.00', 'June', 'slow', '7', ''],
        ['Poppy', '10 x 15', '9.00', 'July', 'fast', '2', '<p>Petals only.</p>'],
        ['', '20 x 30', '18.00', 'July', 'fast', '5', ''],
        ['Fern', '20 x 30', '14.00', 'May', 'none', '1', '<p>One frond.</p>'],
        ['Heather', '10 x 15', '7.50', 'August', 'slow', '4', '<p>Kalmthout.</p>'],
      ],
    ),
    currency: 'EUR',
    columns: 'title option price particular particular particular description',
    want: `Cornflower | 10 x 15 | 800 | ∞
Cornflower | 20 x 30 | 1600 | ∞
Poppy | 10 x 15 | 900 | ∞
Poppy | 20 x 30 | 1800 | ∞
Fern | 20 x 30 | 1400 | ∞
Heather | 10 x 15 | 750 | ∞`,
  },
  {
    drawn: '303111/7 wicker coffins, Suva',
    file: 'coffins.jsonl',
    brief: 'Wicker coffins woven in Suva, Fiji. Fiji dollars.',
    text: jsonLines(
      made(35, (i) => ({
        name: `${pick(coffin, Math.floor(i / 5))} coffin`,
        length: ['150 cm', '170 cm', '180 cm', '190 cm', '205 cm'][i % 5],
        price: `$${900 + Math.floor(i / 5) * 120 + (i % 5) * 60}.00`,
        category: `Coffins > ${pick(['Willow', 'Pandanus', 'Vau'], Math.floor(i / 5))}`,
        weave: pick(['plain', 'twill', 'open'], Math.floor(i / 5)),
        lining: pick(['cotton', 'none', 'masi'], Math.floor(i / 5)),
        handles: pick(['rope', 'wood'], Math.floor(i / 5)),
        load: pick(['120 kg', '150 kg'], Math.floor(i / 5)),
        'days to weave': 4 + (Math.floor(i / 5) % 4),
        plaque: pick(['brass', 'wood', 'none'], Math.floor(i / 5)),
      })),
    ),
    currency: 'FJD',
    columns: 'title option price category particular particular particular particular particular particular',
    want: made(
      35,
      (i) =>
        `${pick(coffin, Math.floor(i / 5))} coffin | ${['150 cm', '170 cm', '180 cm', '190 cm', '205 cm'][i % 5]} | ${(900 + Math.floor(i / 5) * 120 + (i % 5) * 60) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '303112/1 candied fruit, Split',
    file: 'fruit.csv',
    brief: 'Candied fruit from Split, Croatia. Euro.',
    text: `Name,Weight,Price,Sugar,Sugar,Available\n${made(
      35,
      (i) =>
        `${pick(candied, Math.floor(i / 5))},${['60 g', '120 g', '250 g', '0.5 kg', '1 kg'][i % 5]},€${[4, 7, 13, 24, 45][i % 5]}.00,${pick(['cane', 'beet', 'cane'], Math.floor(i / 5))},${pick(['boiled twice', 'boiled four times'], Math.floor(i / 5))},${pick(['yes', 'sold out', 'yes', 'a few', '3'], i)}`,
    ).join('\n')}\n`,
    currency: 'EUR',
    columns: 'title option/weight price particular particular stock',
    want: made(
      35,
      (i) =>
        `${pick(candied, Math.floor(i / 5))} | ${['60 g', '120 g', '250 g', '0.5 kg', '1 kg'][i % 5]} | ${([4, 7, 13, 24, 45][i % 5] ?? 0) * 100} | ${['∞', '0', '∞', '?', '3'][i % 5]}`,
    ).join('\n'),
  },
  {
    drawn: '303112/2 fencing masks, Cluj',
    file: 'masti.xlsx',
    brief: 'Măști de scrimă, Cluj, România. Prețuri în lei.',
    sheets: [
      {
        name: 'Masti',
        rows: [
          ['Măști de scrimă – stoc'],
          ['Mască', 'Mărimi', 'Plasă', 'Plasă', 'Preț'],
          ['Floretă', 'S, M, L', '350 N', 'inox', '420 lei'],
          ['Spadă', 'S, M, L, XL', '350 N', 'inox', '440 lei'],
          ['Sabie', 'M, L', '350 N', 'nichelat', '€110'],
          ['Antrenor', 'L, XL', '1600 N', 'inox', '890 lei'],
          ['Copii', 'XXS, XS', '350 N', 'vopsit', '310 lei'],
          ['Bavetă', 'S, M, L', '–', '–', '75 lei'],
          ['Total', '', '', '', 'șase'],
          ['Prețurile includ TVA.'],
        ],
      },
    ],
    currency: 'RON',
    columns: 'title option particular particular price',
    want: `Floretă | S | 42000 | ∞
Floretă | M | 42000 | ∞
Floretă | L | 42000 | ∞
Spadă | S | 44000 | ∞
Spadă | M | 44000 | ∞
Spadă | L | 44000 | ∞
Spadă | XL | 44000 | ∞
Sabie | M | ? | ∞
Sabie | L | ? | ∞
Antrenor | L | 89000 | ∞
Antrenor | XL | 89000 | ∞
Copii | XXS | 31000 | ∞
Copii | XS | 31000 | ∞
Bavetă | S | 7500 | ∞
Bavetă | M | 7500 | ∞
Bavetă | L | 7500 | ∞`,
  },
  {
    drawn: '303112/3 samovars, Tbilisi',
    file: 'samovars.txt',
    encoding: 'windows-1251',
    brief: 'Samovars mended and sold in Tbilisi, Georgia. Lari.',
    text: `Самовар; Объём; Покрытие; Покрытие; Цена
Тульский; 3 л; никель; внутри олово; 450
; 5 л; никель; внутри олово; 520
; 7 л; латунь; внутри олово; 610
Тульский малый; 1,5 л; латунь; ; 380
; 2 л; латунь; ; 410
Баташёв; 5 л; никель; олово новое; 900
; 7 л; никель; олово новое; 1 100
Воронцов; 4 л; медь; ; 740
; 6 л; медь; ; 830
Дорожный; 1 л; латунь; складной; 560
; 2 л; латунь; складной; 640
Электрический; 3 л; никель; ; 120
; 5 л; никель; ; 150
Чайник; 0,5 л; фарфор; ; 45
; 1 л; фарфор; ; 60
Поднос; 40 см; жесть; лак; 80
; 50 см; жесть; лак; 95
Кран; 1 шт; латунь; ; 70
`,
    currency: 'GEL',
    columns: 'title option particular particular price',
    want: `Тульский | 3 л | 45000 | ∞
Тульский | 5 л | 52000 | ∞
Тульский | 7 л | 61000 | ∞
Тульский малый | 1,5 л | 38000 | ∞
Тульский малый | 2 л | 41000 | ∞
Баташёв | 5 л | 90000 | ∞
Баташёв | 7 л | 110000 | ∞
Воронцов | 4 л | 74000 | ∞
Воронцов | 6 л | 83000 | ∞
Дорожный | 1 л | 56000 | ∞
Дорожный | 2 л | 64000 | ∞
Электрический | 3 л | 12000 | ∞
Электрический | 5 л | 15000 | ∞
Чайник | 0,5 л | 4500 | ∞
Чайник | 1 л | 6000 | ∞
Поднос | 40 см | 8000 | ∞
Поднос | 50 см | 9500 | ∞
Кран | 1 шт | 7000 | ∞`,
  },
  {
    drawn: '303112/4 pewter tankards, Nicosia',
    file: 'tankards.xlsx',
    brief: 'Pewter tankards cast in Nicosia, Cyprus.',
    sheets: [
      {
        name: 'Sheet1',
        rows: [
          ['Price list – tankards'],
          ['Valid until stocks last'],
          ['Product', 'Sizes', 'Price', 'Stock', 'Description'],
          ...made(18, (i) => [
            `${pick(['Harbour', 'Venetian', 'Crusader', 'Shepherd', 'Lusignan', 'Plain'], i)} ${pick(['tankard', 'beaker', 'flagon'], Math.floor(i / 6))}`,
            pick(['0.3 l / 0.5 l', '0.5 l', '0.3 l / 0.5 l / 1 l'], i),
            i === 5 ? '£60.00' : i === 12 ? '$75.00' : `€${48 + i * 2}.00`,
            3 + (i % 5),
            i === 7 ? 'Cast in sand, "turned by hand.' : 'Cast in sand and turned by hand.',
          ]),
          ['Total', '', '', made(18, (i) => 3 + (i % 5)).reduce((a, b) => a + b, 0), ''],
        ],
      },
    ],
    currency: 'EUR',
    columns: 'title option price stock description',
    want: made(18, (i) => {
      const sizes = pick(['0.3 l / 0.5 l', '0.5 l', '0.3 l / 0.5 l / 1 l'], i).split(' / ');
      return sizes
        .map(
          (size) =>
            `${pick(['Harbour', 'Venetian', 'Crusader', 'Shepherd', 'Lusignan', 'Plain'], i)} ${pick(['tankard', 'beaker', 'flagon'], Math.floor(i / 6))} | ${size} | ${i === 5 || i === 12 ? '?' : (48 + i * 2) * 100} | ${sizes.length > 1 ? '?' : 3 + (i % 5)}`,
        )
        .join('\n');
    }).join('\n'),
  },
  {
    drawn: '303112/5 sandals, Istanbul',
    file: 'sandalet.xlsx',
    brief: 'Deri sandaletler, İstanbul. Fiyatlar Türk lirası.',
    sheets: [
      {
        name: 'Liste',
        rows: [
          ['Sandalet listesi'],
          [],
          ['Grp', 'Ür.', 'No', 'Esk. fiy.', 'Fiy.', 'Kat.'],
          ['BDR', 'Bodrum sandalet', '38', '', 1450, 'Sandalet > Kadın'],
          ['BDR', 'Bodrum sandalet', '39', 1700, 1450, 'Sandalet > Kadın'],
          ['ÇŞM', 'Çeşme terlik', '42', '', 990, 'Terlik > Erkek'],
          ['Toplam', '', '', '', 3890, ''],
          ['KDV dahildir.'],
        ],
      },
    ],
    currency: 'TRY',
    columns: 'group title option earlierPrice price category',
    want: `Bodrum sandalet | 38 | 145000 | ∞
Bodrum sandalet | 39 | 145000 | ∞
Çeşme terlik | 42 | 99000 | ∞`,
  },
  {
    drawn: '303112/6 pepper, Belfast',
    file: 'pepper.json',
    brief: 'Peppers and long peppers, ground in Belfast. Pounds.',
    text: JSON.stringify(
      made(11, (i) => ({
        pepper: `${pick(['Tellicherry', 'Kampot red', 'Kampot white', 'Sarawak', 'Cubeb', 'Timut', 'Voatsiperifery', 'Pink', 'Long', 'Grains of paradise', 'Smoked'], i)}`,
        'price (£)': i === 3 ? 'from 4.50' : i === 6 ? '€9.00' : i === 9 ? '5.00-6.00' : (4.2 + i * 0.35).toFixed(2),
        'net (g)': 40 + i * 5,
        from: pick(['India', 'Cambodia', 'Malaysia'], i),
      })),
    ),
    currency: 'GBP',
    columns: 'title price weight particular',
    want: made(
      11,
      (i) =>
        `${pick(['Tellicherry', 'Kampot red', 'Kampot white', 'Sarawak', 'Cubeb', 'Timut', 'Voatsiperifery', 'Pink', 'Long', 'Grains of paradise', 'Smoked'], i)} |  | ${i === 3 || i === 6 || i === 9 ? '?' : Math.round(Number((4.2 + i * 0.35).toFixed(2)) * 100)} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '303112/7 stencils, Halifax',
    file: 'stencils.jsonl',
    brief: 'Stencils cut in Halifax, Nova Scotia.',
    text: jsonLines([
      ['Stencil', 'Option', 'Choice', 'For', 'For', 'Price'],
      ['Anchor', 'Size', '20 cm', 'walls', 'cloth', '$14.00'],
      ['Anchor', 'Size', '40 cm', 'walls', 'cloth', '$22.00'],
      ['Puffin', 'Size', '20 cm', 'walls', '', 'US$12.00'],
      ['Alphabet', 'Style', 'serif', 'signs', 'crates', '$35.00'],
      ['Alphabet', 'Style', 'block', 'signs', 'crates', '$35.00'],
      ['Test stencil', 'Size', '1 cm', '', '', '$0.00'],
    ]),
    currency: 'CAD',
    columns: 'title optionName optionValue particular particular price',
    want: `Anchor | 20 cm | 1400 | ∞
Anchor | 40 cm | 2200 | ∞
Puffin | 20 cm | ? | ∞
Alphabet | serif | 3500 | ∞
Alphabet | block | 3500 | ∞`,
    leftOut: 1,
  },
];
