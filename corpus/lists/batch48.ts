import { feed, gtin, jsonLines, made, pick, product, savedPage, type ListCase } from './case';

const island = ['Viti', 'Kadavu', 'Taveuni', 'Gau', 'Koro', 'Rotuma'] as const;
const card = ['Aura', 'Föri', 'Ruissalo', 'Hirvensalo', 'Kakskerta', 'Martti', 'Runosmäki'] as const;
const suit = ['Triana', 'Nervión', 'Macarena', 'Heliópolis', 'Santa Cruz'] as const;
const comb = ['Marjan', 'Varoš', 'Bačvice', 'Lučac', 'Firule', 'Meje', 'Žnjan'] as const;
const hoop = ['Aro', 'Mākara', 'Karori', 'Ōwhiro', 'Kelburn', 'Tawa'] as const;
const bowl = ['Jelutong', 'Gurney', 'Bayan', 'Tanjung', 'Air Itam', 'Balik'] as const;
const bar = ['Ribeira', 'Foz', 'Bonfim', 'Cedofeita', 'Miragaia', 'Massarelos'] as const;
const drum = ['Hải Châu', 'Sơn Trà', 'Liên Chiểu', 'Cẩm Lệ', 'Thanh Khê'] as const;
const broom = ['Lend', 'Gries', 'Geidorf', 'Jakomini', 'Eggenberg', 'Andritz', 'Liebenau'] as const;
const words = ['plenty', 'sold out', 'twelve', '3 left'] as const;
const counted = ['∞', '0', '12', '3'] as const;

/** Drawn (312001; those without a list left out) and written on 1 December 2026, before the reader was run on any. */
export const batch48: ListCase[] = [
  {
    drawn: '312001/1 boot laces, Suva',
    file: 'wavu.xlsx',
    brief: 'We is make boot lace in Suva, Fiji. The price are Fiji dollar.',
    sheets: [
      {
        name: 'Balavu',
        rows: [
          ['Yaca', 'Balavu', 'iSau', 'Iwase', 'Lewe ni sitoa'],
          ...made(21, (i): (string | number)[] => [
            i % 3 ? '' : `Wavu ${pick(island, i / 3)}${i > 17 ? ' II' : ''}`,
            ['90 cm', '120 cm', '150 cm'][i % 3] ?? '',
            4.5 + (i % 3),
            i % 3 ? '' : i % 2 ? 'Wavu > Leka' : 'Wavu > Balavu',
            pick(words, i),
          ]),
        ],
      },
      {
        name: 'Leka',
        rows: [
          ['Yaca', 'Balavu', 'iSau', 'Iwase', 'Lewe ni sitoa'],
          ...made(14, (i): (string | number)[] => [
            i % 2 ? '' : `Dali ${['Levuka', 'Nadi', 'Sigatoka', 'Labasa', 'Savusavu', 'Ba', 'Tavua'][i / 2] ?? ''}`,
            ['45 cm', '60 cm'][i % 2] ?? '',
            3 + (i % 2) * 0.5,
            i % 2 ? '' : 'Wavu > Leka',
            pick(words, i + 1),
          ]),
        ],
      },
    ],
    currency: 'FJD',
    columns: 'title option price category stock',
    want: [
      ...made(
        21,
        (i) =>
          `Wavu ${pick(island, Math.floor(i / 3))}${i > 17 ? ' II' : ''} | ${['90 cm', '120 cm', '150 cm'][i % 3]} | ${450 + (i % 3) * 100} | ${pick(counted, i)}`,
      ),
      ...made(
        14,
        (i) =>
          `Dali ${['Levuka', 'Nadi', 'Sigatoka', 'Labasa', 'Savusavu', 'Ba', 'Tavua'][Math.floor(i / 2)]} | ${['45 cm', '60 cm'][i % 2]} | ${300 + (i % 2) * 50} | ${pick(counted, i + 1)}`,
      ),
    ].join('\n'),
  },
  {
    drawn: '312001/2 origami paper, Kumasi',
    file: 'paper.xlsx',
    brief: 'Origami paper, Kumasi, Ghana. Prices are in cedis.',
    sheets: [
      {
        name: 'Plain',
        rows: [
          ['Fold me', 'How big a swan', 'Ouch', 'Blah'],
          ['Cocoa brown', '7 cm, 15 cm, 20 cm', 12, '<p>One <b>colour</b> on both sides.</p>'],
          ['Lime', '7 cm, 15 cm', 12, '<p>Green as the market.</p>'],
          ['Lime', '20 cm', 18, '<p>Green as the market.</p>'],
        ],
      },
      {
        name: 'Printed',
        rows: [
          ['Fold me', 'How big a swan', 'Ouch', 'Blah'],
          ['Adinkra', '15 cm, 20 cm', 22, '<p>Stamped by hand.</p>'],
          ['Kente', '15 cm', 24, '<p>Nine colours.</p><br>'],
          ['Kente', '20 cm, 30 cm', 31.5, '<p>Nine colours.</p><br>'],
        ],
      },
    ],
    currency: 'GHS',
    columns: 'title option price description',
    want: `Cocoa brown | 7 cm | 1200 | ∞
Cocoa brown | 15 cm | 1200 | ∞
Cocoa brown | 20 cm | 1200 | ∞
Lime | 7 cm | 1200 | ∞
Lime | 15 cm | 1200 | ∞
Lime | 20 cm | 1800 | ∞
Adinkra | 15 cm | 2200 | ∞
Adinkra | 20 cm | 2200 | ∞
Kente | 15 cm | 2400 | ∞
Kente | 20 cm | 3150 | ∞
Kente | 30 cm | 3150 | ∞`,
  },
  {
    drawn: '312001/3 sand toys, Dublin',
    file: 'sand.xml',
    brief: 'So, um, we make sand toys, in Dublin, and the prices, they are in euro.',
    text: feed(
      made(35, (i): (readonly [string, string])[] => [
        [
          'toy',
          `${pick(['Howth', 'Sandymount', 'Dalkey', 'Clontarf', 'Bray', 'Skerries', 'Portmarnock'], Math.floor(i / 5))} bucket - ${['red', 'blue', 'yellow', 'green', 'white'][i % 5]}`,
        ],
        ['grab_it_for', i === 12 ? '$14.50' : i === 27 ? '£11.00' : `€${(11 + (i % 5)).toFixed(2)}`],
        ['holds', `${[1, 2, 3][Math.floor(i / 5) % 3]} l`],
      ]),
    ),
    currency: 'EUR',
    columns: 'title price particular',
    want: made(
      35,
      (i) =>
        `${pick(['Howth', 'Sandymount', 'Dalkey', 'Clontarf', 'Bray', 'Skerries', 'Portmarnock'], Math.floor(i / 5))} bucket | ${['red', 'blue', 'yellow', 'green', 'white'][i % 5]} | ${i === 12 || i === 27 ? '?' : (11 + (i % 5)) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '312001/4 greetings cards in Braille, Turku',
    file: 'cards.csv',
    brief: 'Greetings cards in Braille from Turku, Finland. Euros.',
    text: `Name|Variant|Price|Dots per line|Grade|Sheet\n${made(700, (i) =>
      [
        `${pick(card, Math.floor(i / 2))} ${Math.floor(i / 14) + 1}`,
        ['with envelope', 'without envelope'][i % 2],
        i === 90 ? '3.20-4.10' : i === 411 ? 'from 3.60' : (3.2 + (i % 2) * 0.4).toFixed(2),
        28 + (Math.floor(i / 2) % 3) * 2,
        pick(['one', 'two'], Math.floor(i / 2)),
        pick(['160 gsm', '180 gsm'], Math.floor(i / 4)),
      ].join('|'),
    ).join('\n')}\n`,
    currency: 'EUR',
    columns: 'title option price particular particular particular',
    want: made(
      700,
      (i) =>
        `${pick(card, Math.floor(i / 2))} ${Math.floor(i / 14) + 1} | ${['with envelope', 'without envelope'][i % 2]} | ${i === 90 || i === 411 ? '?' : 320 + (i % 2) * 40} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '312001/5 incontinence swimwear, Seville',
    file: 'swim.ods',
    brief: 'Swimwear for incontinence, Seville, Spain. Prices in euros.',
    sheets: [
      {
        name: 'Women',
        rows: [
          ['Prod.', 'Desc.', 'Pr.', 'EAN', 'Cat.'],
          ...made(80, (i): (string | number)[] => [
            `${pick(suit, Math.floor(i / 4))} ${Math.floor(i / 20) + 1}, ${['S', 'M', 'L', 'XL'][i % 4]}`,
            `<p>Lined, <em>quick to dry</em>, no. ${Math.floor(i / 4) + 1}.</p>`,
            39.9,
            gtin(843600000100 + i, i === 7 || i === 33 ? 1 : 0),
            'Women',
          ]),
        ],
      },
      {
        name: 'Men',
        rows: [
          ['Prod.', 'Desc.', 'Pr.', 'EAN', 'Cat.'],
          ...made(40, (i): (string | number)[] => [
            `Guadalquivir ${Math.floor(i / 4) + 1}, ${['S', 'M', 'L', 'XL'][i % 4]}`,
            `<p>Long leg, no. ${Math.floor(i / 4) + 1}.</p>`,
            34.5,
            gtin(843600000300 + i, i === 21 ? 1 : 0),
            'Men',
          ]),
        ],
      },
    ],
    currency: 'EUR',
    columns: 'title description price gtin category',
    want: [
      ...made(
        80,
        (i) => `${pick(suit, Math.floor(i / 4))} ${Math.floor(i / 20) + 1} | ${['S', 'M', 'L', 'XL'][i % 4]} | 3990 | ∞`,
      ),
      ...made(40, (i) => `Guadalquivir ${Math.floor(i / 4) + 1} | ${['S', 'M', 'L', 'XL'][i % 4]} | 3450 | ∞`),
    ].join('\n'),
  },
  {
    drawn: '312001/6 prosthetic covers, Oaxaca',
    file: 'covers.xlsx',
    brief: 'Covers for prostheses, each one painted once, Oaxaca, México, in pesos.',
    sheets: [
      {
        name: 'Leg',
        rows: [
          ['Nm', 'Mat', 'Pr', 'Wt (g)'],
          ...made(12, (i): (string | number)[] => [
            `${['Alebrije', 'Jaguar', 'Colibrí', 'Maíz'][Math.floor(i / 3)] ?? ''} - ${['left', 'right', 'both'][i % 3] ?? ''}`,
            pick(['fibre', 'cedar'], Math.floor(i / 3)),
            i === 4 ? '' : ([2400, 2400, 4300][i % 3] ?? ''),
            [480, 480, 960][i % 3] ?? '',
          ]),
        ],
      },
      {
        name: 'Arm',
        rows: [
          ['Nm', 'Mat', 'Pr', 'Wt (g)'],
          ...made(6, (i): (string | number)[] => [
            `${['Tule', 'Mezcal'][Math.floor(i / 3)] ?? ''} - ${['left', 'right', 'both'][i % 3] ?? ''}`,
            'fibre',
            i === 5 ? '' : ([1800, 1800, 3300][i % 3] ?? ''),
            [300, 300, 600][i % 3] ?? '',
          ]),
        ],
      },
    ],
    currency: 'MXN',
    columns: 'title particular price weight',
    want: [
      ...made(
        12,
        (i) =>
          `${['Alebrije', 'Jaguar', 'Colibrí', 'Maíz'][Math.floor(i / 3)]} | ${['left', 'right', 'both'][i % 3]} | ${i === 4 ? '?' : [240000, 240000, 430000][i % 3]} | ∞`,
      ),
      ...made(
        6,
        (i) =>
          `${['Tule', 'Mezcal'][Math.floor(i / 3)]} | ${['left', 'right', 'both'][i % 3]} | ${i === 5 ? '?' : [180000, 180000, 330000][i % 3]} | ∞`,
      ),
    ].join('\n'),
  },
  {
    drawn: '312001/7 bridal hair combs, Split',
    file: 'combs.xlsx',
    brief: 'Hair combs for brides, Split, Croatia. Euros.',
    sheets: [
      {
        name: 'Combs',
        rows: [
          ['Everything in the drawer, November'],
          [],
          ['Product', 'Code', 'Description', 'Price', 'Stock'],
          ...made(120, (i): (string | number)[] => [
            `${pick(comb, i)} ${i + 1}`,
            `HC ${String(i + 1).padStart(3, '0')} ${pick(['A', 'B', 'C'], i)}`,
            i === 50
              ? '"Something old, as my mother said'
              : `Comb of ${pick(['brass', 'silver', 'horn'], i)} with ${3 + (i % 9)} pearls`,
            48 + (i % 6) * 7,
            i % 4,
          ]),
          [
            'Total',
            '',
            '',
            made(120, (i) => 48 + (i % 6) * 7).reduce((sum, one) => sum + one, 0),
            made(120, (i) => i % 4).reduce((sum, one) => sum + one, 0),
          ],
          ['Prices with tax.'],
        ],
      },
    ],
    currency: 'EUR',
    columns: 'title sku description price stock',
    want: made(120, (i) => `${pick(comb, i)} ${i + 1} |  | ${(48 + (i % 6) * 7) * 100} | ${i % 4}`).join('\n'),
  },
  {
    drawn: '312001/9 embroidery hoops, Wellington',
    file: 'hoops.html',
    brief: 'Embroidery hoops, Wellington, New Zealand. New Zealand dollars.',
    text: savedPage(
      'Hoops',
      made(700, (i) =>
        product(
          `${pick(hoop, Math.floor(i / 4))} hoop ${Math.floor(i / 24) + 1} ${['small', 'middle', 'large', 'oval'][i % 4]}`,
          i === 81 || i === 502 ? '' : (14 + (i % 4) * 5).toFixed(2),
          'NZD',
          {
            inProductGroupWithID: `G${Math.floor(i / 4) + 1}`,
            description: i === 300 ? 'Held by "a brass screw' : `Beech, turn ${Math.floor(i / 4) + 1}`,
            size: ['10 cm', '15 cm', '20 cm', '12 × 18 cm'][i % 4],
          },
        ),
      ),
    ),
    currency: 'NZD',
    columns: 'title group description option price currency',
    want: made(
      700,
      (i) =>
        `${pick(hoop, Math.floor(i / 4))} hoop ${Math.floor(i / 24) + 1} | ${['10 cm', '15 cm', '20 cm', '12 × 18 cm'][i % 4]} | ${i === 81 || i === 502 ? '?' : (14 + (i % 4) * 5) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '312001/10 magnets for whiteboards, Kyoto',
    file: 'magnets.html',
    encoding: 'euc-jp',
    brief: 'magnets for whiteboards. kyoto. yen.',
    text: savedPage(
      'マグネット',
      [
        ['赤', '小'],
        ['赤', '大'],
        ['青', '小'],
        ['青', '大'],
        ['白', '小'],
        ['黒', '大'],
      ].map(([color, size], i) =>
        product('東山 magnet', [300, 450][size === '小' ? 0 : 1] ?? 0, 'JPY', {
          color,
          size,
          'pull (N)': size === '小' ? 8 : 20,
          coat: 'nickel',
          'holds (sheets)': size === '小' ? 4 : 12,
          board: 'steel',
          'height (mm)': size === '小' ? 6 : 9,
          'sold as': ['one', 'one', 'one', 'one', 'one', 'one'][i],
        }),
      ),
    ),
    currency: 'JPY',
    columns: 'title option option particular particular particular particular particular particular price currency',
    want: `東山 magnet | 赤 / 小 | 300 | ∞
東山 magnet | 赤 / 大 | 450 | ∞
東山 magnet | 青 / 小 | 300 | ∞
東山 magnet | 青 / 大 | 450 | ∞
東山 magnet | 白 / 小 | 300 | ∞
東山 magnet | 黒 / 大 | 450 | ∞`,
  },
  {
    drawn: '312001/11 stays and corsets, La Paz',
    file: 'corsets.txt',
    encoding: 'windows-1252',
    brief: 'Corsets and stays, La Paz, Bolivia. In bolivianos.',
    text: `Stays “Illimani”|Lacing|front|640|"Six bones.
Cotton."
Stays “Illimani”|Lacing|back|620|"Six bones.
Cotton."
Corset “Sopocachi”|Lacing|back|880|"A ""long"" line, señora."
`,
    currency: 'BOB',
    columns: 'title optionName optionValue price description',
    want: `Stays “Illimani” | front | 64000 | ∞
Stays “Illimani” | back | 62000 | ∞
Corset “Sopocachi” | back | 88000 | ∞`,
  },
  {
    drawn: '312001/12 pressed flowers, Colombo',
    file: 'flowers.ods',
    brief: 'Pressed flowers, Colombo, Sri Lanka. Rupees.',
    sheets: [
      {
        name: 'Framed',
        rows: [
          ['Flower', 'Code', 'Option', 'Choice', 'Price', 'Weight', 'Note', 'Note'],
          ...made(12, (i): (string | number)[] => [
            `${['Nil Manel', 'Araliya', 'Ehela', 'Bo leaf', 'Katurolu', 'Orchid'][Math.floor(i / 2)] ?? ''}`,
            `FL ${String(i + 1).padStart(2, '0')} ${i % 2 ? 'B' : 'A'}`,
            'Frame',
            ['teak', 'jak'][i % 2] ?? '',
            i % 2 ? 2400 : 3200,
            i % 2 ? '0.4 kg' : '520 g',
            ['picked in May', 'picked in June', 'picked in April'][Math.floor(i / 2) % 3] ?? '',
            'keep from the sun',
          ]),
        ],
      },
      {
        name: 'Loose',
        rows: [
          ['Flower', 'Code', 'Option', 'Choice', 'Price', 'Weight', 'Note', 'Note'],
          ...made(6, (i): (string | number)[] => [
            `${['Fern', 'Cassia', 'Hibiscus'][Math.floor(i / 2)] ?? ''}`,
            `LO ${String(i + 1).padStart(2, '0')} ${i % 2 ? 'B' : 'A'}`,
            'Pack',
            ['of 10', 'of 50'][i % 2] ?? '',
            i % 2 ? 1500 : 400,
            i % 2 ? '90 g' : '20 g',
            'picked in May',
            'keep from the sun',
          ]),
        ],
      },
    ],
    currency: 'LKR',
    columns: 'title sku optionName optionValue price weight particular particular',
    want: [
      ...made(
        12,
        (i) =>
          `${['Nil Manel', 'Araliya', 'Ehela', 'Bo leaf', 'Katurolu', 'Orchid'][Math.floor(i / 2)]} | ${['teak', 'jak'][i % 2]} | ${i % 2 ? 240000 : 320000} | ∞`,
      ),
      ...made(
        6,
        (i) =>
          `${['Fern', 'Cassia', 'Hibiscus'][Math.floor(i / 2)]} | ${['of 10', 'of 50'][i % 2]} | ${i % 2 ? 150000 : 40000} | ∞`,
      ),
    ].join('\n'),
  },
  {
    drawn: '312001/13 shaving bowls, Penang',
    file: 'bowls.json',
    brief: 'Bowls for shaving, one of a kind each, Penang, Malaysia. Ringgit.',
    text: JSON.stringify(
      made(700, (i) => ({
        'Face bath': `${pick(bowl, i)} ${i + 1}`,
        'Beard tax': i === 40 || i === 41 ? null : 85 + (i % 8) * 5,
        'Glazed by': pick(['Mei', 'Ravi', 'Aminah'], i),
      })),
    ),
    currency: 'MYR',
    columns: 'title price particular',
    want: made(700, (i) => `${pick(bowl, i)} ${i + 1} |  | ${i === 40 || i === 41 ? '?' : (85 + (i % 8) * 5) * 100} | ∞`).join(
      '\n',
    ),
  },
  {
    drawn: '312001/14 xylophones, Porto',
    file: 'xylophones.txt',
    brief: 'Xylophones, made in Porto, Portugal. Euros.',
    text: `${made(120, (i) =>
      [
        i % 3 ? '' : `${pick(bar, Math.floor(i / 3))} ${Math.floor(i / 18) + 1}`,
        ['8 bars', '12 bars', '15 bars'][i % 3],
        i === 10 ? '$95' : i === 77 ? '£120' : `€${[58, 84, 110][i % 3]}`,
        i % 3 ? '' : i === 30 ? '"Says ""ping"",\nnot ""pong""."' : `Spruce and ${pick(['oak', 'ash'], i / 3)}`,
      ].join('; '),
    ).join('\n')}\n`,
    currency: 'EUR',
    columns: 'title option price description/particular',
    want: made(
      120,
      (i) =>
        `${pick(bar, Math.floor(i / 3))} ${Math.floor(i / 18) + 1} | ${['8 bars', '12 bars', '15 bars'][i % 3]} | ${i === 10 || i === 77 ? '?' : ([58, 84, 110][i % 3] ?? 0) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '312001/15 grafting knives, Halifax',
    file: 'knives.jsonl',
    brief: 'Knives for grafting: Halifax, Nova Scotia. Prices: Canadian dollars. Blades: in inches.',
    text: jsonLines([
      ['Name', 'Detail', 'Detail', 'SKU', 'Price'],
      ...made(18, (i) => [
        `${['Annapolis', 'Cornwallis', 'Gaspereau', 'Avon', 'Shubenacadie', 'LaHave'][Math.floor(i / 3)] ?? ''}, ${['2 in', '2½ in', '3 in'][i % 3] ?? ''}`,
        `<p>Handle of ${pick(['apple', 'maple'], Math.floor(i / 3))}.</p>`,
        pick(['right hand', 'left hand'], Math.floor(i / 3)),
        `GK ${100 + i} ${i % 3}`,
        `$${(42 + (i % 3) * 4).toFixed(2)}`,
      ]),
    ]),
    currency: 'CAD',
    columns: 'title description/particular particular sku price',
    want: made(
      18,
      (i) =>
        `${['Annapolis', 'Cornwallis', 'Gaspereau', 'Avon', 'Shubenacadie', 'LaHave'][Math.floor(i / 3)]} | ${['2 in', '2½ in', '3 in'][i % 3]} | ${(42 + (i % 3) * 4) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '312001/17 steel tongue drums, Da Nang',
    file: 'drums.csv',
    brief: 'Steel tongue drums, Đà Nẵng, Vietnam. Prices in đồng.',
    text: `Drum,Family,Tuning,Price (₫),Diameter (cm),Weight (kg),In stock?\n${made(700, (i) =>
      [
        `${pick(drum, Math.floor(i / 2))} ${Math.floor(i / 10) + 1}`,
        `F${Math.floor(i / 2) + 1}`,
        ['C pentatonic', 'D minor'][i % 2],
        1250000 + (Math.floor(i / 2) % 4) * 200000,
        20 + (Math.floor(i / 2) % 4) * 5,
        (1.2 + (Math.floor(i / 2) % 4) * 0.6).toFixed(1),
        pick(['yes', 'yes', 'no', 'yes', 'sold out'], i),
      ].join(','),
    ).join('\n')}\n`,
    currency: 'VND',
    columns: 'title group option price particular weight stock',
    want: made(
      700,
      (i) =>
        `${pick(drum, Math.floor(i / 2))} ${Math.floor(i / 10) + 1} | ${['C pentatonic', 'D minor'][i % 2]} | ${1250000 + (Math.floor(i / 2) % 4) * 200000} | ${pick(['∞', '∞', '0', '∞', '0'], i)}`,
    ).join('\n'),
  },
  {
    drawn: '312001/18 curling brooms, Graz',
    file: 'brooms.txt',
    brief: 'We make brooms for curling in Graz, Austria. All prices are in euros.',
    text: `Name / Group / Handle / Price / Stock\n${made(120, (i) =>
      [
        `${pick(broom, Math.floor(i / 3))} ${Math.floor(i / 21) + 1}`,
        `B-${Math.floor(i / 3) + 1}`,
        ['fibreglass', 'carbon', 'ash'][i % 3],
        [79, 139, 64][i % 3],
        pick(['in stock', 'in stock', 'out of stock', 'last one'], i),
      ].join(' / '),
    ).join('\n')}\n`,
    currency: 'EUR',
    columns: 'title group option price stock',
    want: made(
      120,
      (i) =>
        `${pick(broom, Math.floor(i / 3))} ${Math.floor(i / 21) + 1} | ${['fibreglass', 'carbon', 'ash'][i % 3]} | ${([79, 139, 64][i % 3] ?? 0) * 100} | ${pick(['∞', '∞', '0', '1'], i)}`,
    ).join('\n'),
  },
  {
    drawn: '312001/19 nutcrackers, Rotterdam',
    file: 'kraker.csv',
    encoding: 'windows-1252',
    brief: '**Shop:** nutcrackers, Rotterdam, Netherlands. **Prices:** euros.',
    text: `Name,Colour,Size,Price,Stock,Note,Note
Sinterklaas “één”,red,S,24.00,none left,painted twice,beech
Sinterklaas “één”,red,L,32.00,five,painted twice,beech
Sinterklaas “één”,blue,S,24.00,plenty,painted twice,beech
Koning,green,S,26.00,plenty,painted once,linden
Koning,green,L,34.00,none left,painted once,linden
Koning,gold,L,38.50,two,painted once,linden
`,
    currency: 'EUR',
    columns: 'title option option price stock particular particular',
    want: `Sinterklaas “één” | red / S | 2400 | 0
Sinterklaas “één” | red / L | 3200 | 5
Sinterklaas “één” | blue / S | 2400 | ∞
Koning | green / S | 2600 | ∞
Koning | green / L | 3400 | 0
Koning | gold / L | 3850 | 2`,
  },
  {
    drawn: '312001/20 hazel hurdles, Kumasi',
    file: 'hurdles.txt',
    encoding: 'windows-1252',
    brief: 'A: hurdles of hazel, here in Kumasi. B: Ghana has no hazel. A: we grow it. Prices in cedis, B.',
    text: `What it is\tComes\tCosts\tRods\tWeave\tStakes\tCut\tRail\tLasts
${[
  ['Garden hurdle', '1 m, 1½ m, 2 m', '180', '40', 'close', '9', 'winter', 'top', '8 years'],
  ['Gate', '1 m, 1½ m', '240', '32', 'open', '6', 'winter', 'both', '6 years'],
  ['Wattle edge', '½ m, 1 m', '60', '12', 'close', '4', 'spring', 'none', '3 years'],
  ['Arch', '2 m, 2½ m', '410', '60', 'open', '0', 'winter', 'none', '5 years'],
  ['Screen', '1½ m, 2 m', '320', '55', 'close', '9', 'winter', 'top', '8 years'],
  ['Sheep fold', '2 m', '700', '90', 'open', '14', 'autumn', 'both', '9 years'],
  ['Bean tower', '2 m, 2½ m', '150', '24', 'open', '8', 'spring', 'none', '3 years'],
  ['Tree guard', '1 m', '95', '18', 'close', '6', 'spring', 'none', '4 years'],
  ['Nest box front', '½ m', '40', '10', 'close', '0', 'autumn', 'none', '4 years'],
  ['Compost side', '1 m', '110', '22', 'close', '4', 'autumn', 'top', '4 years'],
  ['Path edge, low', '1 m, 2 m', '70', '14', 'close', '5', 'spring', 'none', '3 years'],
  ['Bench back', '1½ m', '260', '30', 'close', '4', 'winter', 'top', '7 years'],
  ['Windbreak', '2 m', '380', '64', 'open', '12', 'winter', 'both', '8 years'],
  ['Rose fan', '1½ m, 2 m', '130', '16', 'open', '3', 'autumn', 'none', '5 years'],
  ['Pea stick bundle', '1 m, 1½ m', '45', '25', 'none', '0', 'spring', 'none', '2 years'],
  ['Hen door', '½ m', '55', '9', 'close', '2', 'autumn', 'both', '5 years'],
  ['Kerb of the well', '1 m', '205', '28', 'close', '8', 'winter', 'top', '9 years'],
  ['Dovecote lid', '1 m', '175', '26', 'close', '0', 'winter', 'none', '7 years'],
]
  .map((row) => row.join('\t'))
  .join('\n')}
`,
    currency: 'GHS',
    columns: 'title option price particular particular particular particular particular particular',
    want: `Garden hurdle | 1 m | 18000 | ∞
Garden hurdle | 1½ m | 18000 | ∞
Garden hurdle | 2 m | 18000 | ∞
Gate | 1 m | 24000 | ∞
Gate | 1½ m | 24000 | ∞
Wattle edge | ½ m | 6000 | ∞
Wattle edge | 1 m | 6000 | ∞
Arch | 2 m | 41000 | ∞
Arch | 2½ m | 41000 | ∞
Screen | 1½ m | 32000 | ∞
Screen | 2 m | 32000 | ∞
Sheep fold | 2 m | 70000 | ∞
Bean tower | 2 m | 15000 | ∞
Bean tower | 2½ m | 15000 | ∞
Tree guard | 1 m | 9500 | ∞
Nest box front | ½ m | 4000 | ∞
Compost side | 1 m | 11000 | ∞
Path edge, low | 1 m | 7000 | ∞
Path edge, low | 2 m | 7000 | ∞
Bench back | 1½ m | 26000 | ∞
Windbreak | 2 m | 38000 | ∞
Rose fan | 1½ m | 13000 | ∞
Rose fan | 2 m | 13000 | ∞
Pea stick bundle | 1 m | 4500 | ∞
Pea stick bundle | 1½ m | 4500 | ∞
Hen door | ½ m | 5500 | ∞
Kerb of the well | 1 m | 20500 | ∞
Dovecote lid | 1 m | 17500 | ∞`,
  },
];
