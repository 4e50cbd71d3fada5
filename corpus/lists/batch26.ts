import { feed, fixedWidth, gtin, jsonLines, made, pick, type ListCase } from './case';

const tile = [
  'Dessous-de-plat Carthage',
  'Dessous-de-plat Médina',
  'Dessous-de-plat La Marsa',
  'Dessous-de-plat Sidi Bou',
] as const;
const shoe = ['Almhütte', 'Firn', 'Tauern', 'Hochschwab', 'Gesäuse'] as const;
const vane = ['Galo', 'Barco', 'Sereia', 'Bruxa', 'Cavalo'] as const;
const hand = ['Spade hands', 'Serpentine hands', 'Breguet hands', 'Baton hands', 'Cathedral hands', 'Cross hands'] as const;

/** Drawn (291603) and written on 29 November 2026, before the reader was run on any. */
export const batch26: ListCase[] = [
  {
    drawn: '291603/2 oyster shuckers, Split',
    file: 'knives.jsonl',
    brief: 'Oyster knives from Split, Croatia. Prices in euro.',
    text: jsonLines(
      made(35, (i) => {
        const n = Math.floor(i / 5);
        return {
          Name: `${pick(['Ston', 'Mali Ston', 'Limski', 'Pag', 'Vis', 'Hvar', 'Lastovo'], n)} knife`,
          Blade: pick(['short', 'short', 'short', 'long', 'long'], i),
          Handle: pick(['olive', 'black', 'white', 'olive', 'black'], i),
          Price: i % 12 === 7 ? `from ${28 + n}` : i % 12 === 10 ? `${28 + n} - ${35 + n}` : `${28 + n + (i % 5 > 2 ? 6 : 0)}`,
          'Price (Advent)': i % 6 === 0 ? `${24 + n}` : '',
          Price_2: '',
        };
      }),
    ),
    currency: 'EUR',
    columns: 'title option option price/earlierPrice earlierPrice/price',
    want: made(35, (i) => {
      const n = Math.floor(i / 5);
      const price = i % 6 === 0 ? (24 + n) * 100 : i % 12 === 7 || i % 12 === 10 ? '?' : (28 + n + (i % 5 > 2 ? 6 : 0)) * 100;
      return `${pick(['Ston', 'Mali Ston', 'Limski', 'Pag', 'Vis', 'Hvar', 'Lastovo'], n)} knife | ${pick(['short', 'short', 'short', 'long', 'long'], i)} / ${pick(['olive', 'black', 'white', 'olive', 'black'], i)} | ${price} | ∞`;
    }).join('\n'),
  },
  {
    drawn: '291603/3 cocktail bitters, Bratislava',
    file: 'bitters.txt',
    encoding: 'windows-1250',
    brief: 'Horké kvapky z Bratislavy. Eurá.',
    text: fixedWidth(
      [22, 22, 16, 20, 18],
      [
        ['Názov', 'Poznámka', 'Objem', 'Poznámka', 'Cena'],
        ['Horec', 'žltý horec', '50 ml, 100 ml', 'do džinu', 'od 9,50'],
        ['Púpava', 'ručne zbieraná', '50 ml, 100 ml', 'do vína', '8,90'],
        ['Čierna čučoriedka', 'z Fatry', '50 ml', 'do rumu', '11,00'],
        ['Ľubovník', 'trpký', '50 ml, 100 ml', 'samotný', '9,00 – 14,00'],
        ['Škorica', 'sladšia', '100 ml', 'do kávy', '12,50'],
        ['Žihľava', 'zelená', '50 ml', 'do limonády', '7,90'],
      ],
    ),
    currency: 'EUR',
    columns: 'title particular/description option particular/description price',
    want: `Horec | 50 ml | ? | ∞
Horec | 100 ml | ? | ∞
Púpava | 50 ml | 890 | ∞
Púpava | 100 ml | 890 | ∞
Čierna čučoriedka | 50 ml | 1100 | ∞
Ľubovník | 50 ml | ? | ∞
Ľubovník | 100 ml | ? | ∞
Škorica | 100 ml | 1250 | ∞
Žihľava | 50 ml | 790 | ∞`,
  },
  {
    drawn: '291603/4 goose down pillows, La Paz',
    file: 'almohadas.xlsx',
    brief: 'Goose down pillows from La Paz, Bolivia, filled at 3,640 m.',
    sheets: [
      {
        name: 'Hoja1',
        rows: [
          ['Pillows of the Altiplano'],
          [],
          ['Product', 'Filling weight', 'Price', 'In stock'],
          ['Illimani pillow', '900 g', 'Bs 780', 4],
          ['Mururata pillow', '1.1 kg', '', 2],
          ['Neck roll', '350 g', 'Bs 420', 0],
          ['Total', '', 'Bs 1200', 6],
          ['Prices hold until Alasitas.'],
        ],
      },
    ],
    currency: 'BOB',
    columns: 'title weight price stock',
    want: `Illimani pillow | | 78000 | 4
Mururata pillow | | ? | 2
Neck roll | | 42000 | 0`,
  },
  {
    drawn: '291603/5 candied fruit, Lille',
    file: 'fruits.csv',
    brief: 'We candy fruit in Lille, France: orange, cédrat and angelica.',
    text: `Product,Weight,Cut,Price,Stock
Candied orange,250 g,strips,11.50,12
Candied orange,250 g,halves,13.00,5
Sample product,0 g,,1.00,100
`,
    currency: 'EUR',
    columns: 'title weight/option option/particular price stock',
    want: `Candied orange | strips | 1150 | 12
Candied orange | halves | 1300 | 5`,
    leftOut: 1,
  },
  {
    drawn: '291603/6 terrazzo trivets, Tunis',
    file: 'terrazzo.xml',
    encoding: 'windows-1252',
    brief: 'Dessous-de-plat en terrazzo, coulés à Tunis, en Tunisie. Prix en dinars.',
    text: feed(
      made(120, (i) => {
        const n = Math.floor(i / 3);
        return [
          ['titre', `${pick(tile, n)} ${1 + Math.floor(n / 4)}`],
          ['couleur', pick(['brique', 'olive', 'craie'], i)],
          ['prix', `${(32 + n).toFixed(3).replace('.', ',')} DT`],
          ['éclats', pick(['marbre de Thala', 'verre', 'coquille'], n)],
          ['ponçage', pick(['grain 120', 'grain 400'], n)],
          ['séchage', `${21 + (n % 3) * 7} jours`],
        ];
      }),
      'windows-1252',
    ),
    currency: 'TND',
    columns: 'title option price particular particular particular',
    want: made(120, (i) => {
      const n = Math.floor(i / 3);
      return `${pick(tile, n)} ${1 + Math.floor(n / 4)} | ${pick(['brique', 'olive', 'craie'], i)} | ${(32 + n) * 1000} | ∞`;
    }).join('\n'),
  },
  {
    drawn: '291603/8 snowshoes, Graz',
    file: 'schneeschuhe.xml',
    brief: 'Snowshoes bent from ash in Graz, Austria.',
    text: feed(
      made(35, (i) => {
        const n = Math.floor(i / 5);
        return [
          ['what-we-call-them', `${pick(shoe, n)} ${n < 5 ? 'classic' : 'long'}`],
          ['rider-up-to', ['50 kg', '65 kg', '80 kg', '95 kg', '110 kg'][i % 5] as string],
          ['our-number', `SN ${100 + n} ${i % 5}`],
          ['asking', `${(189 + n * 10 + (i % 5) * 8).toFixed(2)} EUR`],
          ...(i % 4 === 1 ? ([['sale_price', `${(159 + n * 10 + (i % 5) * 8).toFixed(2)} EUR`]] as [string, string][]) : []),
        ];
      }),
    ),
    currency: 'EUR',
    columns: 'title option sku price/earlierPrice price',
    want: made(35, (i) => {
      const n = Math.floor(i / 5);
      return `${pick(shoe, n)} ${n < 5 ? 'classic' : 'long'} | ${['50 kg', '65 kg', '80 kg', '95 kg', '110 kg'][i % 5]} | ${((i % 4 === 1 ? 159 : 189) + n * 10 + (i % 5) * 8) * 100} | ∞`;
    }).join('\n'),
  },
  {
    drawn: '291603/9 clock hands, Nicosia',
    file: 'hands.csv',
    brief: 'Clock hands, cut and blued in Nicosia, Cyprus.',
    text: `Hands;Minute hand (mm);Hour hand (mm);Hole (mm);Price (€)\n${made(
      18,
      (i) =>
        `${pick(hand, i)}, ${pick(['blued', 'brass', 'black'], Math.floor(i / 6))};${40 + i * 3};${28 + i * 2};${(1.2 + (i % 4) * 0.1).toFixed(1).replace('.', ',')};${i === 5 ? 'ab 9,00' : i === 11 ? '12,00–15,00' : (7.5 + i * 0.4).toFixed(2).replace('.', ',')}`,
    ).join('\n')}\n`,
    currency: 'EUR',
    columns: 'title particular particular particular price',
    want: made(
      18,
      (i) =>
        `${pick(hand, i)} | ${pick(['blued', 'brass', 'black'], Math.floor(i / 6))} | ${i === 5 || i === 11 ? '?' : Math.round((7.5 + i * 0.4) * 100)} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '291603/10 slate signs, Rotterdam',
    file: 'leien.txt',
    brief: 'Naambordjes van leisteen uit Rotterdam. Alles in euro.',
    text: `${made(18, (i) => {
      const n = Math.floor(i / 3);
      return `L${10 + n} / ${pick(['Haven', 'Gracht', 'Polder', 'Dijk', 'Sluis', 'Kade'], n)} / ${pick(['20 cm', '30 cm', '40 cm'], i)} / ${pick(['Wales', 'Eifel'], n)} / ${pick(['gezaagd', 'gekloofd'], n)} / ${pick(['2 gaten', '4 gaten'], n)} / ${n === 3 ? '"Times' : pick(['Futura', 'Garamond'], n)} / ${pick(['bladgoud', 'wit'], n)} / ${pick(['buiten', 'binnen'], n)} / € ${(24 + n * 2 + (i % 3) * 9).toFixed(2).replace('.', ',')}`;
    }).join('\n')}\n`,
    currency: 'EUR',
    columns: 'group title option particular particular particular particular particular particular price',
    want: made(18, (i) => {
      const n = Math.floor(i / 3);
      return `${pick(['Haven', 'Gracht', 'Polder', 'Dijk', 'Sluis', 'Kade'], n)} | ${pick(['20 cm', '30 cm', '40 cm'], i)} | ${(24 + n * 2 + (i % 3) * 9) * 100} | ∞`;
    }).join('\n'),
  },
  {
    drawn: '291603/11 chimney cowls, Split',
    file: 'kape.csv',
    brief: 'Chimney cowls for the bura, from Split, Croatia.',
    text: `${[
      ['K1', 'Rotating cowl', '150 mm', 'zinc', '68,00', gtin(385100000001)],
      ['K1', 'Rotating cowl', '200 mm', 'zinc', '79,00', gtin(385100000002, 1)],
      ['K1', 'Rotating cowl', '200 mm', 'copper', '139,00', gtin(385100000003)],
      ['K2', 'Bura cap', '150 mm', 'zinc', '45,00', gtin(385100000004)],
      ['K2', 'Bura cap', '200 mm', 'zinc', '52,50', gtin(385100000005, 4)],
      ['K3', 'Bird guard', '150 mm', 'zinc', '19,00', gtin(385100000006)],
    ]
      .map((row) => row.join(';'))
      .join('\n')}\n`,
    currency: 'EUR',
    columns: 'group title option option price gtin',
    want: `Rotating cowl | 150 mm / zinc | 6800 | ∞
Rotating cowl | 200 mm / zinc | 7900 | ∞
Rotating cowl | 200 mm / copper | 13900 | ∞
Bura cap | 150 mm / zinc | 4500 | ∞
Bura cap | 200 mm / zinc | 5250 | ∞
Bird guard | 150 mm / zinc | 1900 | ∞`,
  },
  {
    drawn: '291603/12 weather vanes, Porto',
    file: 'cataventos.xml',
    brief: 'Weather vanes from Porto, Portugal, sawn from sheet iron.',
    text: feed(
      made(120, (i) => {
        const n = Math.floor(i / 2);
        return [
          ['title', `${pick(vane, n)} ${1 + Math.floor(n / 5)}`],
          ['description', `<p>Cut by hand.</p><ul><li>${pick(['Two coats', 'Three coats'], n)} of paint</li></ul>`],
          ['product_type', `Roof > ${pick(['Vanes', 'Finials'], Math.floor(n / 30))}`],
          ['size', i % 2 ? 'large' : 'small'],
          ['price', `${(85 + n * 1.5 + (i % 2) * 40).toFixed(2)} EUR`],
          ['availability', n % 9 === 0 ? 'out_of_stock' : 'in_stock'],
        ];
      }),
    ),
    currency: 'EUR',
    columns: 'title description category option price stock',
    want: made(120, (i) => {
      const n = Math.floor(i / 2);
      return `${pick(vane, n)} ${1 + Math.floor(n / 5)} | ${i % 2 ? 'large' : 'small'} | ${Math.round((85 + n * 1.5 + (i % 2) * 40) * 100)} | ${n % 9 === 0 ? 0 : '∞'}`;
    }).join('\n'),
  },
];
