import { feed, gtin, jsonLines, made, pick, product, savedPage, type ListCase } from './case';

const dice = [
  'Haeundae d6',
  'Gwangalli d8',
  'Yeongdo d10',
  'Nampo d12',
  'Dadaepo d20',
  'Songdo d4',
  'Seomyeon d6',
  'Taejongdae d30',
  'Gijang d100',
  'Oryukdo d2',
  'Jagalchi d6',
] as const;
const substances = ['bone', 'brass', 'maple'] as const;
const vessels = [
  'Boiling flask',
  'Beaker',
  'Retort',
  'Funnel',
  'Adapter',
  'Condenser',
  'Test tube',
  'Burette',
  'Desiccator',
  'Wash bottle',
] as const;
const joints = ['NS 10', 'NS 14', 'NS 19', 'NS 24', 'NS 29', 'NS 34', 'NS 40', 'NS 45', 'GL 25', 'GL 45'] as const;
const volumes = ['25 ml', '50 ml', '100 ml', '250 ml', '500 ml', '1000 ml', '2000 ml'] as const;
const keys = ['Tha Phae', 'Suan Dok', 'Chang Phueak', 'Nimman', 'Hang Dong', 'Mae Rim', 'San Sai', 'Doi Saket'] as const;
/** Coats and sizes of a key: there is no large one in brass. */
const coats = (['black', 'brass', 'grey'] as const)
  .flatMap((coat) => (['travel', 'desk'] as const).map((size) => ({ coat, size })))
  .filter(({ coat, size }) => coat !== 'brass' || size !== 'desk');
const slats = ['Taff', 'Rhymney', 'Ely', 'Cathays', 'Roath', 'Splott'] as const;
const woods = ['beech', 'birch', 'ash'] as const;
const mills = ['Vomero', 'Chiaia', 'Posillipo', 'Sanità', 'Bagnoli', 'Pianura'] as const;
const urns = ['Table Rock', 'Hyde', 'Camel’s Back', 'Quail', 'Harrison', 'Warm Springs', 'Foothills', 'Lucky Peak'] as const;
const clues = ['Liffey', 'Tolka', 'Dodder', 'Camac', 'Poddle', 'Royal Canal', 'Grand Canal'] as const;
const liners = ['Eulach', 'Töss', 'Kempt', 'Lindberg', 'Eschenberg', 'Wolfensberg', 'Brüelberg'] as const;
/** Colours and sizes of a liner: olive is not made in the largest. */
const linerOf = (['schwarz', 'oliv'] as const)
  .flatMap((colour) => (['2 x 3 m', '4 x 6 m', '6 x 8 m'] as const).map((size) => ({ colour, size })))
  .filter(({ colour, size }) => colour !== 'oliv' || size !== '6 x 8 m');

/** Drawn (312601; that without a list left out) and written on 1 December 2026, before the reader was run on any. */
export const batch53: ListCase[] = [
  {
    drawn: '312601/1 dice, Busan',
    file: 'dice.tsv',
    brief: 'Dice, turned in Busan, Korea. Won.',
    text: [
      ['What rolls', 'Your loss', 'For the scanner', 'Chance of six'].join('\t'),
      ...made(33, (i) =>
        [
          `${dice[Math.floor(i / 3)]} – ${substances[i % 3]}`,
          9000 + (i % 3) * 4000 + Math.floor(i / 3) * 500,
          gtin(880000000100 + i, i === 7 ? 3 : 0),
          pick(['1 in 6', 'none', '1 in 20'], Math.floor(i / 3)),
        ].join('\t'),
      ),
      ['Sample product', '1', '', ''].join('\t'),
      ['Test test', '0', '', ''].join('\t'),
    ].join('\n'),
    currency: 'KRW',
    columns: 'title price gtin particular',
    want: made(
      33,
      (i) => `${dice[Math.floor(i / 3)]} | ${substances[i % 3]} | ${9000 + (i % 3) * 4000 + Math.floor(i / 3) * 500} | ∞`,
    ).join('\n'),
    leftOut: 2,
  },
  {
    drawn: '312601/2 scientific glass, Ljubljana',
    file: 'glass.jsonl',
    brief: 'Laboratory glass blown in Ljubljana, Slovenia. Prices in euros.',
    text: jsonLines(
      made(700, (i) => ({
        vessel: `${vessels[Math.floor(i / 70)]} ${joints[Math.floor(i / 7) % 10]}`,
        holds: volumes[i % 7],
        wanted: 8.5 + (i % 7) * 3.5 + Math.floor(i / 70),
        shelf: `Glass > ${vessels[Math.floor(i / 70)]}s`,
      })),
    ),
    currency: 'EUR',
    columns: 'vessel=title holds=option wanted=price shelf=category',
    want: made(
      700,
      (i) =>
        `${vessels[Math.floor(i / 70)]} ${joints[Math.floor(i / 7) % 10]} | ${volumes[i % 7]} | ${(8.5 + (i % 7) * 3.5 + Math.floor(i / 70)) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '312601/3 stays and corsets, Naples',
    file: 'stays.xlsx',
    brief: 'Stays and corsets, sewn in Naples, Italy. Euro.',
    sheets: [
      {
        name: 'Stays',
        rows: [
          ['Model', 'Price', 'EAN', 'Note', 'Note'],
          ...made(9, (i) => [
            pick(
              [
                'Toledo',
                'Spaccanapoli',
                'Forcella',
                'Montesanto',
                'Materdei',
                'Capodimonte',
                'Arenella',
                'Fuorigrotta',
                'Soccavo',
              ],
              i,
            ),
            140 + i * 10,
            gtin(800000000200 + i, i === 4 ? 2 : 0),
            `Laced at the ${i % 2 ? 'front' : 'back'}.\n"Never" both.`,
            pick(['reed', 'baleen of nylon', 'steel'], i),
          ]),
        ],
      },
      {
        name: 'Corsets',
        rows: [
          ['Model', 'Price', 'EAN', 'Note', 'Note'],
          ...made(9, (i) => [
            pick(['Ischia', 'Procida', 'Capri', 'Nisida', 'Vivara', 'Megaride', 'Gaiola', 'Bagnoli', 'Miseno'], i),
            220 + i * 15,
            gtin(800000000300 + i),
            `For ${i % 2 ? 'the stage' : 'every day'}.`,
            pick(['spiral', 'flat steel'], i),
          ]),
        ],
      },
    ],
    currency: 'EUR',
    columns: 'title price gtin description/particular particular',
    want: [
      ...made(
        9,
        (i) =>
          `${pick(['Toledo', 'Spaccanapoli', 'Forcella', 'Montesanto', 'Materdei', 'Capodimonte', 'Arenella', 'Fuorigrotta', 'Soccavo'], i)} |  | ${(140 + i * 10) * 100} | ∞`,
      ),
      ...made(
        9,
        (i) =>
          `${pick(['Ischia', 'Procida', 'Capri', 'Nisida', 'Vivara', 'Megaride', 'Gaiola', 'Bagnoli', 'Miseno'], i)} |  | ${(220 + i * 15) * 100} | ∞`,
      ),
    ].join('\n'),
  },
  {
    drawn: '312601/4 telegraph keys, Chiang Mai',
    file: 'keys.txt',
    brief: 'Telegraph keys. Chiang Mai, Thailand. Baht.',
    text: [
      'What clicks|Coat|Build|Ransom|Ransom this week',
      ...made(120, (i) => {
        const { coat, size } = pick(coats, i);
        const amount = 2400 + Math.floor(i / 5) * 50 + (size === 'desk' ? 800 : 0);
        const title = `${keys[Math.floor(i / 15)]} ${['single', 'double', 'cootie'][Math.floor(i / 5) % 3]}`;
        return `${title}|${coat}|${size}|${i === 12 ? '€70' : amount}|${i === 3 || i === 40 ? amount - 300 : ''}`;
      }),
    ].join('\n'),
    currency: 'THB',
    columns: 'title option option earlierPrice/price price/earlierPrice',
    want: made(120, (i) => {
      const { coat, size } = pick(coats, i);
      const amount = 2400 + Math.floor(i / 5) * 50 + (size === 'desk' ? 800 : 0) - (i === 3 || i === 40 ? 300 : 0);
      const title = `${keys[Math.floor(i / 15)]} ${['single', 'double', 'cootie'][Math.floor(i / 5) % 3]}`;
      return `${title} | ${coat} / ${size} | ${i === 12 ? '?' : amount * 100} | ∞`;
    }).join('\n'),
  },
  {
    drawn: '312601/5 cast-iron pans, Thessaloniki',
    file: 'pans.csv',
    brief: 'Old cast-iron pans, seasoned again in Thessaloniki, Greece. Euro.',
    text: `Pan,Colour,Diameter cm,Foundry,Price €,Weight kg,On the shelf
Skillet,black,20,Volos,38,1.4,three
Skillet,black,24,Volos,46,1.9,a dozen
Skillet,black,24,Kavala,52,2.1,one
Skillet,grey,20,Volos,41,1.4,none
Skillet,grey,28,Kavala,61,2.8,two
Griddle,black,24,Volos,44,2.2,sold out
Griddle,black,28,Volos,55,2.9,five
Griddle,grey,28,Volos,57,2.9,one
Pot,black,20,Kavala,49,3.1,four
Pot,black,24,Kavala,66,4.2,none
Pot,black,28,Kavala,79,5.5,two
`,
    currency: 'EUR',
    columns: 'title option option option price weight stock',
    want: `Skillet | black / 20 / Volos | 3800 | 3
Skillet | black / 24 / Volos | 4600 | ?
Skillet | black / 24 / Kavala | 5200 | 1
Skillet | grey / 20 / Volos | 4100 | 0
Skillet | grey / 28 / Kavala | 6100 | 2
Griddle | black / 24 / Volos | 4400 | 0
Griddle | black / 28 / Volos | 5500 | 5
Griddle | grey / 28 / Volos | 5700 | 1
Pot | black / 20 / Kavala | 4900 | 4
Pot | black / 24 / Kavala | 6600 | 0
Pot | black / 28 / Kavala | 7900 | 2`,
  },
  {
    drawn: '312601/7 bed slats, Cardiff',
    file: 'slats.jsonl',
    brief: 'Bed slats, Cardiff, Wales. Pounds.',
    text: jsonLines(
      made(120, (i) => ({
        slat: `${slats[Math.floor(i / 20)]} ${60 + (i % 20) * 5}`,
        'you pay': `£${(6 + (i % 20) * 0.5).toFixed(2)}`,
        ref: `BS ${String(i + 1).padStart(3, '0')} X`,
        grown: woods[i % 3],
        'what it does': `Bends ${i % 9} mm.\nIs called "${slats[Math.floor(i / 20)]}" after a river or a street.`,
      })),
    ),
    currency: 'GBP',
    columns: 'slat=title you_pay=price ref=sku grown=particular what_it_does=description/particular',
    want: made(120, (i) => `${slats[Math.floor(i / 20)]} ${60 + (i % 20) * 5} |  | ${600 + (i % 20) * 50} | ∞`).join('\n'),
  },
  {
    drawn: '312601/8 handball resin, Busan',
    file: 'resin.xml',
    encoding: 'euc-kr',
    brief: 'Resin for handball players. Busan, Korea. Won.',
    text: feed(
      made(35, (i): (readonly [string, string])[] => [
        ['a', i === 1 ? '송진 1호' : `송진 ${i + 1}호`],
        ['b', i % 3 ? '100 g, 250 g' : '100 g, 250 g, 500 g'],
        ['c', String(12000 + (i % 7) * 1000)],
        ['d', i === 1 ? '강' : i === 0 ? '약' : pick(['약', '강'], i)],
      ]),
      'euc-kr',
    ),
    currency: 'KRW',
    columns: 'a=title b=option/weight c=price d=option',
    want: made(35, (i) =>
      (i % 3 ? ['100 g', '250 g'] : ['100 g', '250 g', '500 g']).map(
        (size) =>
          `송진 ${i === 1 ? 1 : i + 1}호 | ${size} / ${i === 1 ? '강' : i === 0 ? '약' : pick(['약', '강'], i)} | ${12000 + (i % 7) * 1000} | ∞`,
      ),
    )
      .flat()
      .join('\n'),
  },
  {
    drawn: '312601/9 candied fruit, Budapest',
    file: 'fruit.txt',
    brief: 'Candied fruit from Budapest, Hungary. Forint.',
    text: `itm, cd, pr
Orange peel - plain, CF 01 P, 2400 Ft
Orange peel - dark chocolate, CF 01 D, 3200 Ft
Lemon peel - plain, CF 02 P, 2400 Ft
Lemon peel - dark chocolate, CF 02 D, 3200 Ft
Ginger - plain, CF 03 P, 2900 Ft
Ginger - dark chocolate, CF 03 D, 3600 Ft
Quince - plain, CF 04 P, 3100 Ft
Quince - dark chocolate, CF 04 D, 3900 Ft
Pear, whole, CF 05 W, 5200 Ft
Chestnut - plain, CF 06 P, 5600 Ft
Placeholder, CF 00 X, 1 Ft
`,
    currency: 'HUF',
    columns: 'title sku price',
    want: `Orange peel | plain | 240000 | ∞
Orange peel | dark chocolate | 320000 | ∞
Lemon peel | plain | 240000 | ∞
Lemon peel | dark chocolate | 320000 | ∞
Ginger | plain | 290000 | ∞
Ginger | dark chocolate | 360000 | ∞
Quince | plain | 310000 | ∞
Quince | dark chocolate | 390000 | ∞
Pear, whole |  | 520000 | ∞
Chestnut | plain | 560000 | ∞`,
    leftOut: 1,
  },
  {
    drawn: '312601/10 herb mills, Naples',
    file: 'mills.tsv',
    brief: 'Mills for herbs, Naples, Italy. Euro.',
    text: [
      ['Art.', 'Pr.', 'Pr. sale', 'EAN', 'Mat.'].join('\t'),
      ...made(120, (i) =>
        [
          `${mills[i % 6]} ${String(Math.floor(i / 6) + 1)}`,
          (24 + (i % 11)).toFixed(2),
          i % 9 === 4 ? (20 + (i % 11)).toFixed(2) : '',
          gtin(800000000400 + i, i === 50 ? 4 : 0),
          pick(['olive wood', 'steel', 'marble'], i),
        ].join('\t'),
      ),
    ].join('\n'),
    currency: 'EUR',
    columns: 'title earlierPrice/price price/earlierPrice gtin particular',
    want: made(
      120,
      (i) => `${mills[i % 6]} ${String(Math.floor(i / 6) + 1)} |  | ${((i % 9 === 4 ? 20 : 24) + (i % 11)) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '312601/11 tablet weaving cards, Lagos',
    file: 'cards.xlsx',
    brief: 'Cards for tablet weaving. Lagos, Nigeria. We sell in naira.',
    sheets: [
      {
        name: 'Kaadi',
        rows: [
          ['Kaadi fun aso hihun, Lagos', '', '', ''],
          ['Gbogbo owo ni naira', '', '', ''],
          ['Orukọ', 'Iwọn', 'Iye owo', 'Apejuwe'],
          ['Cards of birch', '5 cm, 7 cm', 8500, '<p>Twenty in a <em>box</em>.</p>'],
          ['Cards of cowhide', '7 cm', '', '<p>Twelve.</p>'],
          ['Cards of old lorry tarpaulin', '5 cm, 7 cm, 9 cm', 6000, '<ul><li>Twenty</li><li>Blue</li></ul>'],
          ['Lapapọ', '', 14500, ''],
        ],
      },
    ],
    currency: 'NGN',
    columns: 'title option price description',
    want: `Cards of birch | 5 cm | 850000 | ∞
Cards of birch | 7 cm | 850000 | ∞
Cards of cowhide | 7 cm | ? | ∞
Cards of old lorry tarpaulin | 5 cm | 600000 | ∞
Cards of old lorry tarpaulin | 7 cm | 600000 | ∞
Cards of old lorry tarpaulin | 9 cm | 600000 | ∞`,
  },
  {
    drawn: '312601/12 crossword books, Dublin',
    file: 'books.xlsx',
    brief: 'Books of crosswords, printed in Dublin, Ireland. Euro.',
    sheets: [
      {
        name: 'Books',
        rows: [
          ['All the books, autumn', '', '', ''],
          ['What it is called', 'Trimmed to', 'We ask', 'On the back'],
          ...made(700, (i) => [
            `${clues[i % 7]} ${String(Math.floor(i / 7) + 1)}`,
            pick(['A5, A4', 'A5', 'A6, A5, A4'], i),
            9 + (i % 13) * 0.5,
            `<p>Fifty grids, <b>${i % 4 ? 'cryptic' : 'plain'}</b>.</p>`,
          ]),
          ['Total', '', 8400, ''],
          ['Prices hold until St Patrick’s Day.', '', '', ''],
        ],
      },
    ],
    currency: 'EUR',
    columns: 'title option price description',
    want: made(700, (i) =>
      (pick(['A5, A4', 'A5', 'A6, A5, A4'], i) ?? '')
        .split(', ')
        .map((size) => `${clues[i % 7]} ${String(Math.floor(i / 7) + 1)} | ${size} | ${900 + (i % 13) * 50} | ∞`),
    )
      .flat()
      .join('\n'),
  },
  {
    drawn: '312601/13 urns, Boise',
    file: 'urns.xml',
    brief: 'Urns, thrown in Boise, Idaho. Dollars.',
    text: feed(
      made(120, (i): (readonly [string, string])[] => [
        ['title', `${urns[i % 8]} no. ${Math.floor(i / 8) + 1}`],
        ['description', `Glazed ${pick(['twice', 'once'], i)}, fired with sagebrush.`],
        [
          'price',
          i % 30 === 7
            ? ''
            : i % 30 === 9
              ? 'from 140.00 USD'
              : i % 30 === 11
                ? '140.00 - 180.00 USD'
                : `${120 + (i % 8) * 10}.00 USD`,
        ],
        ['size', pick(['keepsake, full', 'full', 'keepsake, full, companion'], i)],
      ]),
    ),
    currency: 'USD',
    columns: 'title=title description=description price=price size=option',
    want: made(120, (i) =>
      (pick(['keepsake, full', 'full', 'keepsake, full, companion'], i) ?? '')
        .split(', ')
        .map(
          (size) =>
            `${urns[i % 8]} no. ${Math.floor(i / 8) + 1} | ${size} | ${[7, 9, 11].includes(i % 30) ? '?' : (120 + (i % 8) * 10) * 100} | ∞`,
        ),
    )
      .flat()
      .join('\n'),
  },
  {
    drawn: '312601/14 dulcimers, Kumasi',
    file: 'dulcimers.tsv',
    brief: 'Dulcimers made in Kumasi, Ghana. Cedis.',
    text: `Dulcimer	Price GHS	Weight kg	Option	Value	Remark
Asante	1800	1.6	Strings	three	Top of "odum
Asante	2100	1.6	Strings	four	Top of odum
Asante	2100	1.6	Strings	six	Top of odum
Fante	1950	1.5	Strings	three	Top of cedar
Fante	2250	1.5	Strings	four	Top of cedar
Fante	2250	1.7	Strings	four, doubled	Top of cedar
`,
    currency: 'GHS',
    columns: 'title price weight optionName optionValue particular/description',
    want: `Asante | three | 180000 | ∞
Asante | four | 210000 | ∞
Asante | six | 210000 | ∞
Fante | three | 195000 | ∞
Fante | four | 225000 | ∞
Fante | four, doubled | 225000 | ∞`,
  },
  {
    drawn: '312601/15 genealogy charts, Worcester',
    file: 'charts.html',
    brief: 'Genealogy charts, drawn in Worcester, Massachusetts. US dollars.',
    text: savedPage(
      'Charts',
      made(18, (i) =>
        product(
          `${pick(['Elm Park', 'Tatnuck', 'Quinsigamond', 'Green Hill', 'Vernon Hill', 'Burncoat'], i)} ${['fan', 'bow tie', 'pedigree'][Math.floor(i / 6)]}`,
          (45 + i * 5).toFixed(2),
          'USD',
          { category: `Charts > ${['Fans', 'Bow ties', 'Pedigrees'][Math.floor(i / 6)]}`, sku: `GC-${i + 1}` },
        ),
      ),
    ),
    currency: 'USD',
    columns: 'name=title category=category sku=sku price=price',
    want: made(
      18,
      (i) =>
        `${pick(['Elm Park', 'Tatnuck', 'Quinsigamond', 'Green Hill', 'Vernon Hill', 'Burncoat'], i)} ${['fan', 'bow tie', 'pedigree'][Math.floor(i / 6)]} |  | ${(45 + i * 5) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '312601/16 sourdough starters, Muscat',
    file: 'starters.xlsx',
    brief: 'Sourdough starters, kept alive in Muscat, Oman. Rials.',
    sheets: [
      {
        name: 'Wheat',
        rows: [
          ['Nm', 'Opt', 'Val', 'Pr', 'Hydr.', 'Age', 'Fed with'],
          ...made(20, (i) => [
            pick(['Mutrah', 'Ruwi', 'Qurum', 'Bawshar', 'Seeb'], Math.floor(i / 4)),
            'Jar',
            ['50 ml', '100 ml', '200 ml', 'dried'][i % 4] ?? '',
            i === 5 ? 'from 2.500' : (1.5 + (i % 4) * 0.25).toFixed(3),
            `${80 + Math.floor(i / 4) * 10} %`,
            `${2 + Math.floor(i / 4)} years`,
            pick(['white', 'wholemeal'], Math.floor(i / 4)),
          ]),
        ],
      },
      {
        name: 'Rye',
        rows: [
          ['Nm', 'Opt', 'Val', 'Pr', 'Hydr.', 'Age', 'Fed with'],
          ...made(15, (i) => [
            pick(['Nizwa', 'Sur', 'Sohar', 'Ibra', 'Bahla'], Math.floor(i / 3)),
            'Jar',
            ['50 ml', '100 ml', 'dried'][i % 3] ?? '',
            i === 8 ? '2.000-2.400' : (1.75 + (i % 3) * 0.25).toFixed(3),
            `${90 + Math.floor(i / 3) * 5} %`,
            `${1 + Math.floor(i / 3)} years`,
            'rye',
          ]),
        ],
      },
    ],
    currency: 'OMR',
    columns: 'title optionName optionValue price particular particular particular',
    want: [
      ...made(
        20,
        (i) =>
          `${pick(['Mutrah', 'Ruwi', 'Qurum', 'Bawshar', 'Seeb'], Math.floor(i / 4))} | ${['50 ml', '100 ml', '200 ml', 'dried'][i % 4]} | ${i === 5 ? '?' : 1500 + (i % 4) * 250} | ∞`,
      ),
      ...made(
        15,
        (i) =>
          `${pick(['Nizwa', 'Sur', 'Sohar', 'Ibra', 'Bahla'], Math.floor(i / 3))} | ${['50 ml', '100 ml', 'dried'][i % 3]} | ${i === 8 ? '?' : 1750 + (i % 3) * 250} | ∞`,
      ),
    ].join('\n'),
  },
  {
    drawn: '312601/17 pond liners, Winterthur',
    file: 'folien.txt',
    brief: 'Teichfolien aus Winterthur, Schweiz. Preise in Franken.',
    text: [
      'Folie; Farbe; Mass; Preis; Gewicht; Text',
      ...made(700, (i) => {
        const { colour, size } = pick(linerOf, i);
        const grams = size === '2 x 3 m' ? '6,5 kg' : size === '4 x 6 m' ? '26 kg' : '52 kg';
        const title = `${liners[Math.floor(i / 100)]} ${(Math.floor(i / 5) % 20) + 1}`;
        return `${title}; ${colour}; ${size}; ${(size === '2 x 3 m' ? 58 : size === '4 x 6 m' ? 196 : 390) + (Math.floor(i / 5) % 9)}.50; ${grams}; <p>Hält <b>${10 + (i % 3) * 5}</b> Jahre.</p>`;
      }),
    ].join('\n'),
    currency: 'CHF',
    columns: 'title option option price weight description',
    want: made(700, (i) => {
      const { colour, size } = pick(linerOf, i);
      const title = `${liners[Math.floor(i / 100)]} ${(Math.floor(i / 5) % 20) + 1}`;
      return `${title} | ${colour} / ${size} | ${((size === '2 x 3 m' ? 58 : size === '4 x 6 m' ? 196 : 390) + (Math.floor(i / 5) % 9)) * 100 + 50} | ∞`;
    }).join('\n'),
  },
  {
    drawn: '312601/18 olive oil, Amman',
    file: 'oil.csv',
    brief: 'Olive oil from our trees near Amman, Jordan. Prices in dinars.',
    text: `الاسم;الحجم;السعر;المنطقة;الحموضة;القطاف
زيت نبالي;500 مل;6,500;جرش;0,3 %;تشرين
زيت نبالي;750 مل;9,000;جرش;0,3 %;تشرين
زيت نبالي;750 مل;9,250;عجلون;0,4 %;تشرين
زيت صوري;500 مل;7,000;جرش;0,3 %;كانون
زيت صوري;750 مل;9,750;جرش;0,3 %;كانون
زيت صوري;3 لتر;34,000;جرش;0,3 %;كانون
`,
    currency: 'JOD',
    columns: 'title option price option particular particular',
    want: `زيت نبالي | 500 مل / جرش | 6500 | ∞
زيت نبالي | 750 مل / جرش | 9000 | ∞
زيت نبالي | 750 مل / عجلون | 9250 | ∞
زيت صوري | 500 مل / جرش | 7000 | ∞
زيت صوري | 750 مل / جرش | 9750 | ∞
زيت صوري | 3 لتر / جرش | 34000 | ∞`,
    or: {
      columns: 'title option price particular option particular',
      want: `زيت نبالي | 500 مل / 0,3 % | 6500 | ∞
زيت نبالي | 750 مل / 0,3 % | 9000 | ∞
زيت نبالي | 750 مل / 0,4 % | 9250 | ∞
زيت صوري | 500 مل / 0,3 % | 7000 | ∞
زيت صوري | 750 مل / 0,3 % | 9750 | ∞
زيت صوري | 3 لتر / 0,3 % | 34000 | ∞`,
    },
  },
];
