import { fixedWidth, made, product, savedPage, type ListCase } from './case';

const json = (rows: readonly object[]): string => JSON.stringify(rows, null, 1);
const jsonLines = (rows: readonly object[]): string => rows.map((row) => JSON.stringify(row)).join('\n');
const letter = (i: number): string => String.fromCharCode(65 + (i % 26));

/**
 * Written on 27 November 2026, before the reader was run on any of them. Nothing is ever mended with these: they are run, counted, and
 * not looked at one by one.
 */
export const frozen: ListCase[] = [
  {
    drawn: '7701/1 facsimile letters, Dunedin',
    file: 'letters.jsonl',
    brief: 'Paper Ghosts prints facsimile letters in Dunedin, New Zealand.',
    text: jsonLines(
      made(18, (i) => ({
        nm: `${['Burns', 'Mansfield', 'Hocken'][Math.floor(i / 6)]} to his sister`,
        ppr: ['laid', 'wove', 'rag'][i % 3],
        pr: i === 4 ? 'US$38' : `NZ$${28 + i}`,
        qty: ['plenty', 'sold out', 'a couple', '6'][i % 4],
        sz: ['folio', 'quarto'][Math.floor(i / 3) % 2],
      })),
    ),
    currency: 'NZD',
    columns: 'title option price stock option',
    want: made(
      18,
      (i) =>
        `${['Burns', 'Mansfield', 'Hocken'][Math.floor(i / 6)]} to his sister | ${['laid', 'wove', 'rag'][i % 3]} / ${['folio', 'quarto'][Math.floor(i / 3) % 2]} | ${i === 4 ? '?' : (28 + i) * 100} | ${['∞', '0', '?', '6'][i % 4]}`,
    ).join('\n'),
  },
  {
    drawn: '7701/2 chimney cowls, Dakar',
    file: 'mitrons.ods',
    brief: 'Les Mitrons de Dakar. Prix en francs CFA.',
    sheets: [
      {
        name: 'Terre cuite',
        rows: [
          ['Modèle', 'Diamètre', 'Prix', 'Référence', 'Description'],
          ['Mitron rond', '20 cm', 18000, 'MR 20', '<p>Cuit au <b>bois</b>.</p>'],
          ['', '25 cm', 22000, 'MR 25', ''],
        ],
      },
      {
        name: 'Métal',
        rows: [
          ['Modèle', 'Diamètre', 'Prix', 'Référence', 'Description'],
          ['Chapeau tôle', '20 cm', 12500, 'CT 20', ''],
        ],
      },
    ],
    currency: 'XOF',
    columns: 'title option price sku description',
    want: `Mitron rond | 20 cm | 18000 | ∞
Mitron rond | 25 cm | 22000 | ∞
Chapeau tôle | 20 cm | 12500 | ∞`,
  },
  {
    drawn: '7701/3 looms, Nicosia',
    file: 'looms.txt',
    text: `Loom\tWeaving width\tWood\tAsking\tShafts\tReeds that fit\tTreadles\tFolds\tHeddle gap\tBeater
${made(
  700,
  (i) =>
    `Loom ${Math.floor(i / 4) + 1}\t${[40, 60, 80, 100][i % 4]} cm\t${['beech', 'ash'][Math.floor(i / 2) % 2]}\t€${320 + (i % 40) * 15}\t${[2, 4, 8][Math.floor(i / 4) % 3]}\tmetric 30/10\t${[4, 6][Math.floor(i / 4) % 2]}\tyes\t9 mm\toverhead`,
).join('\n')}
`,
    currency: 'EUR',
    columns: 'title option option price particular particular particular particular particular particular',
    want: made(
      700,
      (i) =>
        `Loom ${Math.floor(i / 4) + 1} | ${[40, 60, 80, 100][i % 4]} cm / ${['beech', 'ash'][Math.floor(i / 2) % 2]} | ${(320 + (i % 40) * 15) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '7701/4 whistles, Lewis',
    file: 'whistles.html',
    text: savedPage(
      'Whistles',
      made(35, (i) =>
        product(
          `${['Low whistle', 'Tin whistle', 'Wooden whistle', 'Brass whistle', 'Overton copy'][i % 5]} – ${['D', 'C', 'B flat', 'F', 'G', 'E flat', 'A'][Math.floor(i / 5)]}`,
          45 + i,
          'GBP',
          {
            description: '<p>Voiced <em>by ear</em>.</p>',
            sku: `WH${i + 10}`,
            additionalProperty: ['Bore', 'Wall', 'Windway', 'Tuning', 'Blade', 'Maker'].map((name, n) => ({
              '@type': 'PropertyValue',
              name,
              value: ['13 mm', '0.8 mm', 'curved', 'A = 440', 'soft', 'Iain'][n],
            })),
          },
        ),
      ),
    ),
    currency: 'GBP',
    columns: 'title description sku particular particular particular particular particular particular price currency',
    want: made(
      35,
      (i) =>
        `${['Low whistle', 'Tin whistle', 'Wooden whistle', 'Brass whistle', 'Overton copy'][i % 5]} | ${['D', 'C', 'B flat', 'F', 'G', 'E flat', 'A'][Math.floor(i / 5)]} | ${(45 + i) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '7701/5 twine, Montréal',
    file: 'ficelle.txt',
    text: fixedWidth(
      [20, 10, 24, 14, 10],
      [
        ['Itm', 'Len', 'Cat', 'Prc', 'Qty'],
        ['Flax twine', '50 m', 'Kitchen > Twine', 'CA$6.50', '40'],
        ['', '100 m', 'Kitchen > Twine', 'CA$11.00', '22'],
        ['', '200 m', 'Kitchen > Twine', 'CA$19.00', '8'],
        ['Hemp "No. 3', '50 m', 'Garden > Ties', 'CA$7.25', '15'],
        ['', '100 m', 'Garden > Ties', 'CA$12.50', '0'],
        ['Jute', '50 m', 'Garden > Ties', 'CA$4.00', '60'],
        ['', '100 m', 'Garden > Ties', 'CA$6.75', '31'],
        ['Sisal', '100 m', 'Garden > Ties', 'CA$8.00', '12'],
        ['Baker’s twine', '20 m', 'Kitchen > Twine', 'CA$3.50', '90'],
        ['', '50 m', 'Kitchen > Twine', 'CA$7.00', '44'],
        ['Waxed thread', '25 m', 'Leather', 'CA$9.00', '10'],
      ],
    ),
    currency: 'CAD',
    columns: 'title option category price stock',
    want: `Flax twine | 50 m | 650 | 40
Flax twine | 100 m | 1100 | 22
Flax twine | 200 m | 1900 | 8
Hemp "No. 3 | 50 m | 725 | 15
Hemp "No. 3 | 100 m | 1250 | 0
Jute | 50 m | 400 | 60
Jute | 100 m | 675 | 31
Sisal | 100 m | 800 | 12
Baker’s twine | 20 m | 350 | 90
Baker’s twine | 50 m | 700 | 44
Waxed thread | 25 m | 900 | 10`,
  },
  {
    drawn: '7701/6 sauna ladles, Accra',
    file: 'ladles.csv',
    brief: 'Steam & Shea, Accra. Ghana cedis.',
    text: `What it is;Choose by;The choice;How much;Left on the hook
Ladle, odum;Length;35 cm;120,00;4
Ladle, odum;Length;45 cm;140,00;2
Ladle, brass bowl;Length;35 cm;€22,00;3
Ladle, brass bowl;Length;45 cm;310,00;3
Bucket;Lining;zinc;260,00;1
Bucket;Lining;none;210,00;1
`,
    currency: 'GHS',
    columns: 'title optionName optionValue price stock',
    want: `Ladle, odum | 35 cm | 12000 | 4
Ladle, odum | 45 cm | 14000 | 2
Ladle, brass bowl | 35 cm | ? | 3
Ladle, brass bowl | 45 cm | 31000 | 3
Bucket | zinc | 26000 | 1
Bucket | none | 21000 | 1`,
  },
  {
    drawn: '7701/7 olive oil, Busan',
    file: 'oil.xml',
    text: `<?xml version="1.0" encoding="UTF-8"?><rss version="2.0"><channel><title>Oil</title>${made(
      120,
      (i) =>
        `<item><title>Oil of ${['Jaén', 'Crete', 'Puglia', 'Jeju'][Math.floor(i / 3) % 4]} ${Math.floor(i / 12) + 1}</title><group>G${Math.floor(i / 3)}</group><size>${['250 ml', '500 ml', '1 l'][i % 3]}</size><price>${i % 11 === 5 ? '' : `₩${9000 + i * 100}`}</price><description>&lt;p&gt;Pressed &lt;i&gt;cold&lt;/i&gt;&lt;/p&gt;</description></item>`,
    ).join('')}</channel></rss>`,
    currency: 'KRW',
    columns: 'title group option price description',
    want: made(
      120,
      (i) =>
        `Oil of ${['Jaén', 'Crete', 'Puglia', 'Jeju'][Math.floor(i / 3) % 4]} ${Math.floor(i / 12) + 1} | ${['250 ml', '500 ml', '1 l'][i % 3]} | ${i % 11 === 5 ? '?' : 9000 + i * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '7701/8 reading stones, Naples',
    file: 'stones.json',
    text: json(
      made(18, (i) => ({
        'what nonna squints through': i % 3 === 0 ? `Stone ${letter(i / 3)}` : '',
        magnifies: ['2×', '3×', '4×'][i % 3],
        'the damage': `€ ${34 + i}`,
        code: `LS ${100 + i}`,
      })),
    ),
    currency: 'EUR',
    columns: 'title option price sku',
    want: made(18, (i) => `Stone ${letter(Math.floor(i / 3))} | ${['2×', '3×', '4×'][i % 3]} | ${(34 + i) * 100} | ∞`).join('\n'),
  },
  {
    drawn: '7701/9 drum sticks, Sapporo',
    file: 'sticks.txt',
    brief: 'Bachi-ya, Sapporo. Prices in yen.',
    text: fixedWidth(
      [24, 12, 16, 12],
      [
        ['Things to hit with', 'Family', 'How long', 'Coins'],
        ['Bachi, hinoki', 'BH', '36 cm', '2800'],
        ['Bachi, hinoki', 'BH', '40 cm', '3100'],
        ['Bachi, "oak', 'BO', '40 cm', '2400'],
      ],
    ),
    currency: 'JPY',
    columns: 'title group option price',
    want: `Bachi, hinoki | 36 cm | 2800 | ∞
Bachi, hinoki | 40 cm | 3100 | ∞
Bachi, "oak | 40 cm | 2400 | ∞`,
  },
  {
    drawn: '7701/10 wrestling shoes, Budapest',
    file: 'cipo.json',
    brief: 'Birkózócipő Budapesten. Árak forintban.',
    text: json([
      { nev: 'Szőnyeg', szn: 'piros', mrt: '42', ar: 24900, kod: 'SZ 42 P', ean: '5991234567890' },
      { nev: 'Szőnyeg', szn: 'kék', mrt: '43', ar: 24900, kod: 'SZ 43 K', ean: '5991234567891' },
      { nev: 'Szőnyeg', szn: 'kék', mrt: '44', ar: 26900, kod: 'SZ 44 K', ean: '' },
    ]),
    currency: 'HUF',
    columns: 'title option option price sku gtin',
    want: `Szőnyeg | piros / 42 | 2490000 | ∞
Szőnyeg | kék / 43 | 2490000 | ∞
Szőnyeg | kék / 44 | 2690000 | ∞`,
  },
  {
    drawn: '7701/11 motorcycle side bags, Zagreb',
    file: 'torbe.json',
    text: JSON.stringify(
      made(18, (i) => [
        `Torba ${letter(Math.floor(i / 2))}`,
        'Strana',
        ['lijeva', 'desna'][i % 2],
        i % 7 === 3 ? '' : `${140 + i},00 €`,
        'Koža,\n"deblja"',
      ]),
    ),
    currency: 'EUR',
    columns: 'title optionName optionValue price description',
    want: made(
      18,
      (i) => `Torba ${letter(Math.floor(i / 2))} | ${['lijeva', 'desna'][i % 2]} | ${i % 7 === 3 ? '?' : (140 + i) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '7701/12 refurbished calculators, Marrakesh',
    file: 'calculatrices.psv',
    brief: 'Machines à calculer remises à neuf, Marrakech. Prix en dirhams marocains.',
    text: `Dsg|Etat|Px|Dispo
${made(
  700,
  (i) =>
    `${i % 2 ? '' : `Modèle ${Math.floor(i / 2) + 1}`}|${['A', 'B'][i % 2]}|${i % 50 === 7 ? 'à partir de 300' : i % 50 === 21 ? '300–400' : 250 + (i % 30) * 10}|${i % 6}`,
).join('\n')}
`,
    currency: 'MAD',
    columns: 'title option price stock',
    want: made(
      700,
      (i) =>
        `Modèle ${Math.floor(i / 2) + 1} | ${['A', 'B'][i % 2]} | ${i % 50 === 7 || i % 50 === 21 ? '?' : (250 + (i % 30) * 10) * 100} | ${i % 6}`,
    ).join('\n'),
  },
  {
    drawn: '7701/13 goose down pillows, Dunedin',
    file: 'pillows.psv',
    brief: 'Southern Down, Dunedin. All prices in New Zealand dollars.',
    text: `Nm|Sz|Ctg|Prc|Stk
${made(
  120,
  (i) =>
    `Pillow ${i + 1}|standard, queen, king|Bed > ${['Soft', 'Medium', 'Firm'][i % 3]}|$${120 + i}.00|${['in stock', 'sold out', 'made to order'][i % 3]}`,
).join('\n')}
`,
    currency: 'NZD',
    columns: 'title option category price stock',
    want: made(120, (i) =>
      ['standard', 'queen', 'king']
        .map((size) => `Pillow ${i + 1} | ${size} | ${(120 + i) * 100} | ${['∞', '0', '∞'][i % 3]}`)
        .join('\n'),
    ).join('\n'),
  },
  {
    drawn: '7701/14 floor tiles, reclaimed, Antwerp',
    file: 'tegels.psv',
    text: `Tegel|Groep|Maat|Prijs|Dikte|Herkomst|Jaar|Slijtage|Per m²|Voegbreedte|Omschrijving
${made(
  18,
  (i) =>
    `Tegel ${letter(Math.floor(i / 3))}|T${Math.floor(i / 3)}|${['10 × 10 cm', '15 × 15 cm', '20 × 20 cm'][i % 3]}|€ ${2 + i},40|2 cm|Gent|19${10 + Math.floor(i / 3)}|licht|${[100, 44, 25][i % 3]}|3 mm|<ul><li>vorstvrij</li></ul>`,
).join('\n')}
`,
    currency: 'EUR',
    columns: 'title group option price particular particular particular particular particular particular description',
    want: made(
      18,
      (i) =>
        `Tegel ${letter(Math.floor(i / 3))} | ${['10 × 10 cm', '15 × 15 cm', '20 × 20 cm'][i % 3]} | ${(2 + i) * 100 + 40} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '7701/15 harmonium tuning, Nicosia',
    file: 'tuning.txt',
    text: made(
      700,
      (i) =>
        `${['Reed', 'Bellows strap', 'Key spring', 'Stop knob'][i % 4]} no. ${Math.floor(i / 4) + 1}, ${10 + (i % 9) * 5} g - €${4 + (i % 20)}.50`,
    ).join('\n'),
    currency: 'EUR',
    columns: 'title weight price',
    want: made(
      700,
      (i) =>
        `${['Reed', 'Bellows strap', 'Key spring', 'Stop knob'][i % 4]} no. ${Math.floor(i / 4) + 1} | | ${(4 + (i % 20)) * 100 + 50} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '7701/17 skittles, Winterthur',
    file: 'kegel.xml',
    text: `<?xml version="1.0"?><feed xmlns="http://www.w3.org/2005/Atom"><title>Kegel</title>${[
      ['Der König fällt zuletzt', 'Spiele > Garten', 'CHF 84.-', 'Ahorn', '38 cm', '9'],
      ['Bauernkegel', 'Spiele > Garten', 'CHF 62.50', 'Buche', '32 cm', '9'],
      ['Stubenkegel', 'Spiele > Stube', 'CHF 39.-', 'Birke', '12 cm', '9'],
      ['Kugel, gross', 'Zubehör', 'CHF 18.50', 'Nuss', '14 cm', '1'],
      ['Kugel, klein', 'Zubehör', 'CHF 9.-', 'Nuss', '6 cm', '1'],
      ['Sack dazu', 'Zubehör', 'CHF 12.-', 'Leinen', '', '1'],
    ]
      .map(
        ([title, category, price, wood, height, count]) =>
          `<entry><title>${title}</title><category>${category?.replace('>', '&gt;')}</category><price>${price}</price><holz>${wood}</holz><hoehe>${height}</hoehe><stueck>${count}</stueck></entry>`,
      )
      .join('')}</feed>`,
    currency: 'CHF',
    columns: 'title category price particular particular particular',
    want: `Der König fällt zuletzt | | 8400 | ∞
Bauernkegel | | 6250 | ∞
Stubenkegel | | 3900 | ∞
Kugel, gross | | 1850 | ∞
Kugel, klein | | 900 | ∞
Sack dazu | | 1200 | ∞`,
  },
  {
    drawn: '7701/18 cave maps, Worcester MA',
    file: 'caves.txt',
    text: made(
      120,
      (i) =>
        `Cave of ${letter(Math.floor(i / 2))}${Math.floor(i / 52) + 1}\t${['folded', 'rolled'][i % 2]}\t${i % 13 === 6 ? '' : `$${14 + (i % 8)}.00`}\t${40 + (i % 2) * 60} g\t${i % 4}`,
    ).join('\n'),
    currency: 'USD',
    columns: 'title option price weight stock',
    want: made(
      120,
      (i) =>
        `Cave of ${letter(Math.floor(i / 2))}${Math.floor(i / 52) + 1} | ${['folded', 'rolled'][i % 2]} | ${i % 13 === 6 ? '?' : (14 + (i % 8)) * 100} | ${i % 4}`,
    ).join('\n'),
  },
  {
    drawn: '7701/20 violin bridges, Penang',
    file: 'bridges.txt',
    text: fixedWidth(
      [22, 12, 10, 14, 10, 30],
      [
        ['Product', 'Colour', 'Size', 'Price', 'Stock', 'Description'],
        ...made(35, (i) => [
          `Bridge ${letter(Math.floor(i / 5))}`,
          ['pale', 'amber'][i % 2] ?? '',
          ['4/4', '3/4', '1/2', '1/4', '1/8'][i % 5] ?? '',
          `RM ${24 + i}.00`,
          `${i % 7}`,
          '<b>Maple</b>, "spiegel"',
        ]),
      ],
    ),
    currency: 'MYR',
    columns: 'title option option price stock description',
    want: made(
      35,
      (i) =>
        `Bridge ${letter(Math.floor(i / 5))} | ${['pale', 'amber'][i % 2]} / ${['4/4', '3/4', '1/2', '1/4', '1/8'][i % 5]} | ${(24 + i) * 100} | ${i % 7}`,
    ).join('\n'),
  },
  {
    drawn: '7701/21 pepper, Adelaide',
    file: 'pepper.json',
    brief: 'Kangaroo Peppercorns, Adelaide. Australian dollars.',
    text: JSON.stringify(
      made(18, (i) => [
        `Pepper of ${['Malabar', 'Kampot', 'Penja'][Math.floor(i / 6)]}`,
        ['black', 'white', 'red'][Math.floor(i / 2) % 3],
        ['50 g', '200 g'][i % 2],
        `$${9 + i}.00`,
        i % 4 === 1 ? `$${7 + i}.00` : '',
      ]),
    ),
    currency: 'AUD',
    columns: 'title option option earlierPrice price',
    want: made(
      18,
      (i) =>
        `Pepper of ${['Malabar', 'Kampot', 'Penja'][Math.floor(i / 6)]} | ${['black', 'white', 'red'][Math.floor(i / 2) % 3]} / ${['50 g', '200 g'][i % 2]} | ? | ∞`,
    ).join('\n'),
  },
  {
    drawn: '7701/22 tuning forks, Zaragoza',
    file: 'diapasones.jsonl',
    text: jsonLines([
      ...made(33, (i) => ({
        'lo que zumba': `Diapasón ${letter(Math.floor(i / 3))}`,
        color: ['acero', 'azul', 'negro'][i % 3],
        tono: ['432 Hz', '440 Hz', '442 Hz'][i % 3],
        estante: `Música > ${['Aula', 'Taller'][Math.floor(i / 3) % 2]}`,
        'duele un poco': `${18 + i},50 €`,
      })),
      {
        'lo que zumba': 'Producto de ejemplo',
        color: 'acero',
        tono: '440 Hz',
        estante: 'Música > Aula',
        'duele un poco': '1,00 €',
      },
      { 'lo que zumba': 'Lorem ipsum', color: 'azul', tono: '440 Hz', estante: 'Música > Aula', 'duele un poco': '1,00 €' },
    ]),
    currency: 'EUR',
    columns: 'title option particular category price',
    want: made(
      33,
      (i) => `Diapasón ${letter(Math.floor(i / 3))} | ${['acero', 'azul', 'negro'][i % 3]} | ${(18 + i) * 100 + 50} | ∞`,
    ).join('\n'),
    leftOut: 2,
  },
  {
    drawn: '7701/23 prayer beads, Montréal',
    file: 'beads.xlsx',
    brief: 'Cent Huit strings prayer beads in Montréal. Canadian dollars.',
    sheets: [
      {
        name: 'beads',
        rows: [
          ['CENT HUIT – liste'],
          ['knots are silk throughout'],
          ...made(33, (i): (string | number)[] => [
            `Mala ${letter(Math.floor(i / 3))}`,
            ['red', 'black', 'natural'][i % 3] ?? '',
            ['8 mm', '10 mm'][Math.floor(i / 3) % 2] ?? '',
            i % 10 === 4 ? 'from $60' : i % 10 === 8 ? '$60–90' : `$${48 + i}`,
            '<i>Strung dry</i>',
          ]),
          ['Total', '', '', '$2,112', ''],
        ],
      },
    ],
    currency: 'CAD',
    columns: 'title option particular price description',
    want: made(
      33,
      (i) =>
        `Mala ${letter(Math.floor(i / 3))} | ${['red', 'black', 'natural'][i % 3]} | ${i % 10 === 4 || i % 10 === 8 ? '?' : (48 + i) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '7701/24 bridal hair combs, Da Nang',
    file: 'combs.csv',
    brief: 'Lược Cưới, Đà Nẵng. Giá bằng đồng Việt Nam.',
    text: `Tên;Giá;Giá;Số lượng;Chất liệu;Số răng;Đính;Mô tả
Lược hoa sen;450.000;đồng;3;đồng thau;9;ngọc trai;<p>Làm tay</p>
Lược trăng;620.000;đồng;1;bạc;7;đá;
Lược tre;180.000;đồng;12;tre;11;;
Trâm cài;240.000;đồng;5;đồng thau;1;ngọc trai;
Bông tai;310.000;đồng;4;bạc;;đá;
Hộp gỗ;150.000;đồng;20;gỗ;;;
`,
    currency: 'VND',
    columns: 'title price particular stock particular particular particular description',
    want: `Lược hoa sen | | 450000 | 3
Lược trăng | | 620000 | 1
Lược tre | | 180000 | 12
Trâm cài | | 240000 | 5
Bông tai | | 310000 | 4
Hộp gỗ | | 150000 | 20`,
  },
  {
    drawn: '7701/25 crochet toys, Busan',
    file: 'toys.txt',
    text: `Toy\tGroup\tHeight (cm)\tPrice (KRW)\tCode\tYarn\tEyes\tFilling\tPattern\tHook\tStitches
${made(
  700,
  (i) =>
    `Animal ${Math.floor(i / 2) + 1}\tA${Math.floor(i / 2)}\t${[15, 25][i % 2]}\t${18000 + (i % 50) * 500}\tCT ${1000 + i}\tcotton\tsewn\twool\tours\t2.5\t${900 + (Math.floor(i / 2) % 40)}`,
).join('\n')}
`,
    currency: 'KRW',
    columns: 'title group option price sku particular particular particular particular particular particular',
    want: made(700, (i) => `Animal ${Math.floor(i / 2) + 1} | ${[15, 25][i % 2]} | ${18000 + (i % 50) * 500} | ∞`).join('\n'),
  },
  {
    drawn: '7701/26 looms, Bogotá',
    file: 'telares.jsonl',
    brief: 'Telares Chía, Bogotá. Precios en pesos colombianos.',
    text: jsonLines(
      made(120, (i) => ({
        nmb: `Telar ${letter(Math.floor(i / 2))}${Math.floor(i / 52)}`,
        anch: ['60 cm', '90 cm'][i % 2],
        prc: 420000 + i * 5000,
        cat: `Telares > ${['Mesa', 'Pie'][Math.floor(i / 2) % 2]}`,
        mdra: 'pino',
        lizos: 4,
        peine: '30/10',
        pdl: 4,
        plgbl: 'si',
        psta: 'no',
      })),
    ),
    currency: 'COP',
    columns: 'title option price category particular particular particular particular particular particular',
    want: made(
      120,
      (i) =>
        `Telar ${letter(Math.floor(i / 2))}${Math.floor(i / 52)} | ${['60 cm', '90 cm'][i % 2]} | ${(420000 + i * 5000) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '7701/27 linen by the metre, Graz',
    file: 'leinen.txt',
    text: fixedWidth(
      [18, 8, 12, 12, 16, 24],
      [
        ['Bez', 'Grp', 'Frb', 'Pr', 'EAN', 'Txt'],
        ['Leinen fein', 'LF', 'natur', '24,90 €', '9001234567897', '"gewaschen"'],
        ['Leinen fein', 'LF', 'weiß', '24,90 €', '9001234567890', ''],
        ['Leinen fein', 'LF', 'blau', '26,90 €', '', ''],
        ['Leinen grob', 'LG', 'natur', '18,50 €', '', 'für Säcke'],
        ['Leinen grob', 'LG', 'grau', '18,50 €', '', ''],
        ['Halbleinen', 'HL', 'weiß', '16,00 €', '', ''],
        ['Halbleinen', 'HL', 'rot', '16,00 €', '', ''],
        ['Drell', 'DR', 'natur', '29,00 €', '', ''],
        ['Batist', 'BA', 'weiß', '34,00 €', '', 'sehr dünn'],
        ['Batist', 'BA', 'rosa', '34,00 €', '', ''],
        ['Rips', 'RI', 'grün', '21,00 €', '', ''],
      ],
    ),
    currency: 'EUR',
    columns: 'title group option price gtin description',
    want: `Leinen fein | natur | 2490 | ∞
Leinen fein | weiß | 2490 | ∞
Leinen fein | blau | 2690 | ∞
Leinen grob | natur | 1850 | ∞
Leinen grob | grau | 1850 | ∞
Halbleinen | weiß | 1600 | ∞
Halbleinen | rot | 1600 | ∞
Drell | natur | 2900 | ∞
Batist | weiß | 3400 | ∞
Batist | rosa | 3400 | ∞
Rips | grün | 2100 | ∞`,
  },
  {
    drawn: '7701/28 dulcimers, Brno',
    file: 'dulcimers.xlsx',
    brief: 'Cimbály Brno. Prices in Czech crowns.',
    sheets: ['Small', 'Large'].map((name, s) => ({
      name,
      rows: [
        ['What you play', 'Its colour', 'Its size', 'What it takes', 'Our number'],
        ...made(60, (i): (string | number)[] => [
          `${name} cimbal ${letter(Math.floor(i / 4))}`,
          ['honey', 'dark'][i % 2] ?? '',
          ['table', 'lap'][Math.floor(i / 2) % 2] ?? '',
          i % 20 === 9 ? 'od 30 000 Kč' : i % 20 === 15 ? '30 000–40 000 Kč' : `${28 + s * 20 + (i % 8)} 500 Kč`,
          `C ${s}${100 + i}`,
        ]),
      ],
    })),
    currency: 'CZK',
    columns: 'title option option price sku',
    want: ['Small', 'Large']
      .flatMap((name, s) =>
        made(
          60,
          (i) =>
            `${name} cimbal ${letter(Math.floor(i / 4))} | ${['honey', 'dark'][i % 2]} / ${['table', 'lap'][Math.floor(i / 2) % 2]} | ${i % 20 === 9 || i % 20 === 15 ? '?' : ((28 + s * 20 + (i % 8)) * 1000 + 500) * 100} | ∞`,
        ),
      )
      .join('\n'),
  },
  {
    drawn: '7701/29 paper for printmakers, Graz',
    file: 'papier.jsonl',
    encoding: 'windows-1252',
    text: jsonLines(
      made(11, (i) => ({
        bez: ['Bütten weiß', 'Bütten natur', 'Kupferdruckkarton', 'Japan hell'][Math.floor(i / 3)],
        frmt: ['A4', 'A3', 'A2'][i % 3],
        pr: `${(2 + i * 0.6).toFixed(2).replace('.', ',')} €`,
        gew: `${10 + i * 12} g`,
        lgr: i * 7,
      })),
    ),
    currency: 'EUR',
    columns: 'title option price weight stock',
    want: made(
      11,
      (i) =>
        `${['Bütten weiß', 'Bütten natur', 'Kupferdruckkarton', 'Japan hell'][Math.floor(i / 3)]} | ${['A4', 'A3', 'A2'][i % 3]} | ${Math.round((2 + i * 0.6) * 100)} | ${i * 7}`,
    ).join('\n'),
  },
  {
    drawn: '7701/30 hand bells, Kraków',
    file: 'dzwonki.txt',
    text: `Dzwonek mosiężny – mały, 65,00 zł
Dzwonek mosiężny – duży, 110,00 zł
Dzwonek dla pasterza, 48,50 zł
`,
    currency: 'PLN',
    columns: 'title price',
    want: `Dzwonek mosiężny | mały | 6500 | ∞
Dzwonek mosiężny | duży | 11000 | ∞
Dzwonek dla pasterza | | 4850 | ∞`,
  },
  {
    drawn: '7701/31 pinhole kits, Córdoba',
    file: 'kits.csv',
    brief: 'Estenopeica Sierras, Córdoba, Argentina. Pesos argentinos.',
    text: `What you build,What it costs,About it
${made(
  17,
  (i) =>
    `Kit ${letter(Math.floor(i / 2))} (${['35 mm', '120'][i % 2]}),"$${12 + i}.500","For ""slow"" light,
and patience."`,
).join('\n')}
Kit Z (35 mm),"$40.000","For nobody
`,
    currency: 'ARS',
    columns: 'title price description',
    want: [
      ...made(16, (i) => `Kit ${letter(Math.floor(i / 2))} | ${['35 mm', '120'][i % 2]} | ${(12 + i) * 100000 + 50000} | ∞`),
      'Kit I (35 mm) | | 2850000 | ∞',
      'Kit Z (35 mm) | | 4000000 | ∞',
    ].join('\n'),
  },
  {
    drawn: '7701/32 banjo heads, Nicosia',
    file: 'heads.txt',
    text: `Head, Skin, Width, Price
${made(
  120,
  (i) =>
    `Head ${letter(Math.floor(i / 6))}, ${['calf', 'goat', 'film'][i % 3]}, ${['11 in', '12 in'][Math.floor(i / 3) % 2]}, ${i % 17 === 5 ? 'from €30' : i % 17 === 11 ? '€30-45' : `€${26 + (i % 20)}`}`,
).join('\n')}
`,
    currency: 'EUR',
    columns: 'title option option price',
    want: made(
      120,
      (i) =>
        `Head ${letter(Math.floor(i / 6))} | ${['calf', 'goat', 'film'][i % 3]} / ${['11 in', '12 in'][Math.floor(i / 3) % 2]} | ${i % 17 === 5 || i % 17 === 11 ? '?' : (26 + (i % 20)) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '7701/33 paper for printmakers, Suva',
    file: 'pepa.csv',
    brief: 'Masi Press, Suva, Fiji. Prices in Fiji dollars.',
    text: `Pepa;Grupu;Levu;Sau;Code;Fibre;Deckle;Sizing
${made(
  120,
  (i) =>
    `Masi ${letter(Math.floor(i / 2))}${Math.floor(i / 52)};M${Math.floor(i / 2)};${['A4', 'A3'][i % 2]};${4 + (i % 9)},50;MP ${200 + i};mulberry;${['two', 'four'][Math.floor(i / 2) % 2]};none`,
).join('\n')}
`,
    currency: 'FJD',
    columns: 'title group option price sku particular particular particular',
    want: made(
      120,
      (i) => `Masi ${letter(Math.floor(i / 2))}${Math.floor(i / 52)} | ${['A4', 'A3'][i % 2]} | ${(4 + (i % 9)) * 100 + 50} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '7701/34 flamenco fans, Belo Horizonte',
    file: 'leques.json',
    text: json(
      made(35, (i) => ({
        Leque: `Leque ${letter(i)}${Math.floor(i / 26) + 1}`,
        'Largura (cm)': 42 + (i % 5),
        'Preço (R$)': `${89 + i},90`,
        Código: `LQ ${10 + i}`,
        'Fala-se dele': 'Diz-se "o vento de casa',
      })),
    ),
    currency: 'BRL',
    columns: 'title particular price sku description',
    want: made(35, (i) => `Leque ${letter(i)}${Math.floor(i / 26) + 1} | | ${(89 + i) * 100 + 90} | ∞`).join('\n'),
  },
  {
    drawn: '7701/35 steel tongue drums, Budapest',
    file: 'dobok.txt',
    encoding: 'windows-1250',
    text: fixedWidth(
      [18, 12, 12, 14, 10, 16],
      [
        ['Megnevezés', 'Szín', 'Méret', 'Ár', 'Készlet', 'Vonalkód'],
        ...made(120, (i) => [
          `Nyelvdob ${letter(Math.floor(i / 6))}`,
          ['piros', 'kék', 'fekete'][i % 3] ?? '',
          ['kicsi', 'nagy'][Math.floor(i / 3) % 2] ?? '',
          `${28 + (i % 10)} 900 Ft`,
          `${i % 5}`,
          i % 30 === 0 ? '5991234567891' : '',
        ]),
      ],
    ),
    currency: 'HUF',
    columns: 'title option option price stock gtin',
    want: made(
      120,
      (i) =>
        `Nyelvdob ${letter(Math.floor(i / 6))} | ${['piros', 'kék', 'fekete'][i % 3]} / ${['kicsi', 'nagy'][Math.floor(i / 3) % 2]} | ${((28 + (i % 10)) * 1000 + 900) * 100} | ${i % 5}`,
    ).join('\n'),
  },
  {
    drawn: '7701/36 samovars, Amman',
    file: 'samovars.psv',
    encoding: 'windows-1252',
    brief: 'Tea & Brass, Amman. Prices in Jordanian dinars.',
    text: `The samovar|How much it holds|What we ask|Where it was made
${made(
  35,
  (i) =>
    `Samovar ${letter(i)}${Math.floor(i / 26) + 1}|3 l, 5 l|${i % 9 === 4 ? 'from 85.000' : i % 9 === 7 ? '85.000–120.000' : `${80 + i}.500`}|${['Tula', 'Damascus', 'Café Zürich'][i % 3]}`,
).join('\n')}
`,
    currency: 'JOD',
    columns: 'title option price particular',
    want: made(35, (i) =>
      ['3 l', '5 l']
        .map(
          (size) =>
            `Samovar ${letter(i)}${Math.floor(i / 26) + 1} | ${size} | ${i % 9 === 4 || i % 9 === 7 ? '?' : (80 + i) * 1000 + 500} | ∞`,
        )
        .join('\n'),
    ).join('\n'),
  },
  {
    drawn: '7701/37 slate signs, Halifax',
    file: 'signs.jsonl',
    text: jsonLines([
      ...made(118, (i) => ({
        nm: `Sign no. ${i + 1}`,
        dsc: 'Cut by chisel, not by sand.',
        pr: `C$${60 + (i % 30)}.00`,
        qty: i % 3,
      })),
      { nm: 'Test product', dsc: 'x', pr: 'C$1.00', qty: 1 },
      { nm: 'Sample sign', dsc: 'x', pr: 'C$1.00', qty: 1 },
    ]),
    currency: 'CAD',
    columns: 'title description price stock',
    want: made(118, (i) => `Sign no. ${i + 1} | | ${(60 + (i % 30)) * 100} | ${i % 3}`).join('\n'),
    leftOut: 2,
  },
  {
    drawn: "7701/38 kalimbas, St John's",
    file: 'kalimbas.txt',
    brief: "Thumb & Tide, St John's, Newfoundland. Canadian dollars.",
    text: `${made(34, (i) => `Kalimba ${letter(i)}${Math.floor(i / 26) + 1} — $${64 + i}`).join('\n')}
Example product — $1
`,
    currency: 'CAD',
    columns: 'title price',
    want: made(34, (i) => `Kalimba ${letter(i)}${Math.floor(i / 26) + 1} | | ${(64 + i) * 100} | ∞`).join('\n'),
    leftOut: 1,
  },
  {
    drawn: '7701/39 tortoise tables, Tucumán',
    file: 'mesas.csv',
    brief: 'Mesas para tortugas, Tucumán. Pesos argentinos.',
    text: `Mesa;Grupo;Largo;Precio;Descripción
Mesa Lenta;ML;90 cm;$ 84.000,00;"Con ""rampa""
y sombra"
Mesa Lenta;ML;120 cm;$ 99.500,00;
Mesa Sabia;MS;120 cm;$ 120.000,00;"Sin fin
`,
    currency: 'ARS',
    columns: 'title group option price description',
    want: `Mesa Lenta | 90 cm | 8400000 | ∞
Mesa Lenta | 120 cm | 9950000 | ∞
Mesa Sabia | 120 cm | 12000000 | ∞`,
  },
  {
    drawn: '7701/40 letter openers, Dakar',
    file: 'openers.csv',
    text: `Name,Option name,Option value,Price (F CFA),Length (mm),Barcode
Letter opener,Handle,ebony,14000,210,6041234567895
Letter opener,Handle,bone,16500,210,6041234567890
Dummy item,Handle,bone,1,1,
`,
    currency: 'XOF',
    columns: 'title optionName optionValue price particular gtin',
    want: `Letter opener | ebony | 14000 | ∞
Letter opener | bone | 16500 | ∞`,
    leftOut: 1,
  },
  {
    drawn: '7703/1 mountaineering rope as dog leads, Penang',
    file: 'leads.txt',
    encoding: 'windows-1252',
    text: `Lead “Eiger”, short, RM 48
Lead “Eiger”, long, RM 62
Lead “Matterhorn”, short, RM 48
Lead “Matterhorn”, long,
Lead “Rigi”, short, RM 44
Lead “Rigi”, long, RM 58
Collar, small, RM 30
Collar, large, RM 34
Clip, brass, RM 12
Clip, steel, RM 9
Rope end, 1 m, RM 6
Rope end, 2 m, RM 11
`,
    currency: 'MYR',
    columns: 'title option price',
    want: `Lead “Eiger” | short | 4800 | ∞
Lead “Eiger” | long | 6200 | ∞
Lead “Matterhorn” | short | 4800 | ∞
Lead “Matterhorn” | long | ? | ∞
Lead “Rigi” | short | 4400 | ∞
Lead “Rigi” | long | 5800 | ∞
Collar | small | 3000 | ∞
Collar | large | 3400 | ∞
Clip | brass | 1200 | ∞
Clip | steel | 900 | ∞
Rope end | 1 m | 600 | ∞
Rope end | 2 m | 1100 | ∞`,
  },
  {
    drawn: '7703/4 wallets, Oaxaca, five thousand of them',
    file: 'carteras.txt',
    brief: 'Carteras Monte Albán, Oaxaca. Pesos mexicanos.',
    text: `Para lo que ya no hay\tCuesta\tHay\tPiel\tHilo\tBroche
${made(
  4998,
  (i) =>
    `Cartera ${Math.floor(i / 2) + 1} – ${['negra', 'café'][i % 2]}\t$${380 + (i % 60) * 5}.00\t${i % 9}\tvaca\tlino\t${['no', 'latón'][Math.floor(i / 2) % 2]}`,
).join('\n')}
Producto de prueba – negra\t$1.00\t1\tvaca\tlino\tno
Producto de prueba – café\t$1.00\t1\tvaca\tlino\tno
`,
    currency: 'MXN',
    columns: 'title price stock particular particular particular',
    want: made(
      4998,
      (i) => `Cartera ${Math.floor(i / 2) + 1} | ${['negra', 'café'][i % 2]} | ${(380 + (i % 60) * 5) * 100} | ${i % 9}`,
    ).join('\n'),
    leftOut: 2,
  },
];
