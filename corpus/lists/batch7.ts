import { gtin, jsonLines, letter, made, type ListCase } from './case';

const stones = ['low', 'high'];
const jars = ['200 g', '400 g', '900 g'];
const fruits = ['Plum', 'Rhubarb', 'Lingonberry', 'Green tomato', 'Pear', 'Beetroot', 'Onion', 'Apple', 'Gooseberry', 'Carrot'];
const tiles = ['blue', 'green', 'sand'];
const across = [20, 30];
const mats = ['indigo', 'rust', 'natural'];
const matSizes = ['40 x 60 cm', '60 x 90 cm'];

/** Drawn and written on 27 November 2026, before the reader was run on any; each has the brief that its seller would have given. */
export const batch7: ListCase[] = [
  {
    drawn: '88031/1 reading stones, Durban',
    file: 'stones.jsonl',
    encoding: 'windows-1252',
    brief: 'Clear Eye grinds reading stones in Durban. Our prices are in rand. For people who’d rather not squint.',
    text: jsonLines(
      made(34, (i) => ({
        'what it is': `Reading stone ${letter(Math.floor(i / 2))}`,
        'choose by': 'dome',
        'your choice': stones[i % 2],
        'how much':
          i % 11 === 5 ? `R ${300 + i * 10}–R ${380 + i * 10}` : i % 11 === 9 ? `from R ${300 + i * 10}` : `R ${300 + i * 10}`,
        'comes in': 'a felt pouch – grey',
      })),
    ),
    currency: 'ZAR',
    columns: 'title optionName optionValue price particular',
    want: made(
      34,
      (i) =>
        `Reading stone ${letter(Math.floor(i / 2))} | ${stones[i % 2]} | ${i % 11 === 5 || i % 11 === 9 ? '?' : (300 + i * 10) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '88031/2 chutney, Uppsala',
    file: 'chutney.jsonl',
    brief: 'Fyrisgårdens chutney, Uppsala. Swedish kronor, sent in Sweden only. Slow food for quick cheese.',
    text: jsonLines(
      made(30, (i) => ({
        'the pot': `${fruits[Math.floor(i / 3)]} chutney, ${jars[i % 3]}`,
        'you pay': `${[69, 109, 189][i % 3]} kr`,
        heat: ['mild', 'medium', 'hot'][Math.floor(i / 3) % 3],
        vinegar: ['cider', 'malt'][Math.floor(i / 3) % 2],
        'stirred for': `${2 + (Math.floor(i / 3) % 3)} hours`,
        'months in the cellar': 3 + (Math.floor(i / 3) % 5),
        orchard: ['Vattholma', 'Knutby'][Math.floor(i / 3) % 2],
        'leading spice': ['ginger', 'mustard seed', 'star anise'][Math.floor(i / 3) % 3],
        'goes with': ['hard cheese', 'cold roast', 'lentils'][Math.floor(i / 3) % 3],
      })),
    ),
    currency: 'SEK',
    columns: 'title price particular particular particular particular particular particular particular',
    want: made(
      30,
      (i) => `${fruits[Math.floor(i / 3)]} chutney | ${jars[i % 3]} | ${([69, 109, 189][i % 3] ?? 0) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '88031/3 fencing masks, Bangalore',
    file: 'masks.json',
    brief: 'Parade Riposte builds fencing masks in Bangalore. Prices in rupees. Serious about safety, silly about names.',
    text: JSON.stringify(
      made(11, (i) => ({
        Mask: ['Epee mask', 'Foil mask', 'Sabre mask'][Math.floor(i / 4)],
        'Belongs to': `FM${Math.floor(i / 4)}`,
        Size: ['S', 'M', 'L', 'XL'][i % 4],
        'Price (INR)': i === 6 ? 'USD 62' : 4200 + i * 150,
        'Bib (N)': [350, 1600, 350][Math.floor(i / 4)],
        Weight: `${1.3 + (i % 4) / 10} kg`,
      })),
    ),
    currency: 'INR',
    columns: 'title group option price particular weight',
    want: made(
      11,
      (i) =>
        `${['Epee mask', 'Foil mask', 'Sabre mask'][Math.floor(i / 4)]} | ${['S', 'M', 'L', 'XL'][i % 4]} | ${i === 6 ? '?' : (4200 + i * 150) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '88031/4 mosaic kits, Penang',
    file: 'kits.txt',
    brief: 'Tessera Tanjung: mosaic kits from George Town, Penang, Malaysia. We price in ringgit.',
    text: `Kit, across (cm), colour, price (RM)
${made(
  600,
  (i) =>
    `Tile star ${Math.floor(i / 6) + 1}, ${across[i % 2]}, ${tiles[Math.floor(i / 2) % 3]}, ${i % 97 === 40 ? 'S$ 19.00' : `${45 + (i % 2) * 20 + (Math.floor(i / 6) % 7)}.00`}`,
).join('\n')}
Sample kit, 20, blue, 1.00
Test kit do not buy, 30, sand, 1.00
`,
    currency: 'MYR',
    columns: 'title option option price',
    want: made(
      600,
      (i) =>
        `Tile star ${Math.floor(i / 6) + 1} | ${across[i % 2]} / ${tiles[Math.floor(i / 2) % 3]} | ${i % 97 === 40 ? '?' : (45 + (i % 2) * 20 + (Math.floor(i / 6) % 7)) * 100} | ∞`,
    ).join('\n'),
    leftOut: 2,
  },
  {
    drawn: '88031/5 cast-iron pans, Reykjavík',
    file: 'pans.txt',
    brief: 'Old iron, new black: pans re-seasoned in Reykjavík. Icelandic krónur, of course.',
    text: `What I call it - the set it is from - how wide - what I ask - number under the bars
${made(
  18,
  (i) =>
    `${['Skillet', 'Griddle', 'Dutch oven'][Math.floor(i / 6)]} ${1 + (Math.floor(i / 3) % 2)} - K${Math.floor(i / 3)} - ${[20, 26, 30][i % 3]} cm - ${i % 8 === 5 ? '' : `${9 + i}.900 kr`} - ${gtin(569000000100 + i, i % 7 === 2 ? 1 : 0)}`,
).join('\n')}
`,
    currency: 'ISK',
    columns: 'title group option price gtin',
    want: made(
      18,
      (i) =>
        `${['Skillet', 'Griddle', 'Dutch oven'][Math.floor(i / 6)]} ${1 + (Math.floor(i / 3) % 2)} | ${[20, 26, 30][i % 3]} cm | ${i % 8 === 5 ? '?' : (9 + i) * 1000 + 900} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '88031/6 sleds, Helsinki',
    file: 'sleds.txt',
    brief: 'Kelkkamäki makes sleds in Helsinki. Prices in euros with VAT. Fast, red, family.',
    text: `Product / Option name / Option value / Price / Runner / In stock
${made(
  60,
  (i) =>
    `Sled ${Math.floor(i / 4) + 1} / Length / ${['90 cm', '110 cm'][i % 2]} / €${79 + (i % 2) * 20}.00 / ${['ash', 'steel'][Math.floor(i / 2) % 2]} / ${i % 6}`,
).join('\n')}
`,
    currency: 'EUR',
    columns: 'title optionName optionValue price option stock',
    want: made(
      60,
      (i) =>
        `Sled ${Math.floor(i / 4) + 1} | ${['90 cm', '110 cm'][i % 2]} / ${['ash', 'steel'][Math.floor(i / 2) % 2]} | ${(79 + (i % 2) * 20) * 100} | ${i % 6}`,
    ).join('\n'),
  },
  {
    drawn: '88031/7 rosin, Porto',
    file: 'breu.txt',
    brief: 'Breu do Douro, Porto. Three cakes of rosin, in euros, prices as in the list.',
    text: `Rosin\tFor\tFor\tPrice\tCode\tPine\tPitch\tMelts at\tCake\tTin
Dark cake\tcello\twinter\t12,50 €\tBD 01 C\tmaritime\tsoft\t72 °C\tround\tbrass
Dark cake\tdouble bass\twinter\t14 €\tBD 02 B\tmaritime\tsoft\t70 °C\tround\tbrass
Light cake\tviolin\tsummer\t10,50 €\tBD 03 V\tumbrella\thard\t78 °C\tsquare\ttinplate
`,
    currency: 'EUR',
    columns: 'title option particular price sku particular particular particular particular particular',
    want: `Dark cake | cello | 1250 | ∞
Dark cake | double bass | 1400 | ∞
Light cake | violin | 1050 | ∞`,
  },
  {
    drawn: '88031/8 shortbread, Medellín',
    file: 'galletas.csv',
    brief: 'Mantequilla y Nada Más, Medellín, Colombia. Precios en pesos colombianos.',
    text: `Producto;Opción;Valor;Opción;Valor;Precio;Peso;Código
Galleta de mantequilla;Caja;12 unidades;Sabor;limón;18.000,00;240 g;GM 12 L
Galleta de mantequilla;Caja;24 unidades;Sabor;limón;33.500,00;480 g;GM 24 L
Galleta de mantequilla;Caja;12 unidades;Sabor;cardamomo;19.000,00;240 g;GM 12 C
`,
    currency: 'COP',
    columns: 'title optionName optionValue optionName optionValue price weight sku',
    want: `Galleta de mantequilla | 12 unidades / limón | 1800000 | ∞
Galleta de mantequilla | 24 unidades / limón | 3350000 | ∞
Galleta de mantequilla | 12 unidades / cardamomo | 1900000 | ∞`,
  },
  {
    drawn: '88031/9 gold leaf, Gdańsk',
    file: 'zloto.xlsx',
    brief: 'Złotnik z Gdańska: płatki złota dla konserwatorów i malarzy. Ceny w złotych.',
    sheets: ['Płatki', 'Proszki'].map((name, s) => ({
      name,
      rows: [
        ['Nazwa', 'Odcień', 'Format', 'Cena', 'Waga', 'Uwagi', 'Uwagi'],
        ...made(17, (i): (string | number)[] => [
          `${['Płatek', 'Proszek'][s]} ${Math.floor(i / 4) + 1}`,
          ['żółty', 'biały'][i % 2] ?? '',
          ['80 mm', '100 mm'][Math.floor(i / 2) % 2] ?? '',
          `${120 + i * 5 + s * 40},00 zł`,
          `${2 + (i % 3)} g`,
          i % 4 ? '' : 'Cytat: "światło"\nna zawsze.',
          'w książeczce',
        ]),
      ],
    })),
    currency: 'PLN',
    columns: 'title option option price weight description particular',
    want: made(34, (n) => {
      const s = Math.floor(n / 17);
      const i = n % 17;
      return `${['Płatek', 'Proszek'][s]} ${Math.floor(i / 4) + 1} | ${['żółty', 'biały'][i % 2]} / ${['80 mm', '100 mm'][Math.floor(i / 2) % 2]} | ${(120 + i * 5 + s * 40) * 100} | ∞`;
    }).join('\n'),
  },
  {
    drawn: '88031/10 spice boxes, St John’s',
    file: 'boxes.csv',
    brief: 'Tickle & Thyme, St. John’s, Newfoundland. Spice boxes that close. Canadian dollars.',
    text: `Box,Lid,Damage to your wallet,Compartments,Wood,Hinge
Seven-tin box,glass,$68.00,7,birch,brass
Seven-tin box,birch,$62.00,7,birch,brass
Nine-tin box,glass,$84.00,9,maple,brass
Nine-tin box,maple,$79.00,9,maple,brass
Pinch drawer,maple,$38.00,4,maple,none
Pinch drawer,glass,$44.00,4,maple,none
`,
    currency: 'CAD',
    columns: 'title option price particular particular particular',
    want: `Seven-tin box | glass | 6800 | ∞
Seven-tin box | birch | 6200 | ∞
Nine-tin box | glass | 8400 | ∞
Nine-tin box | maple | 7900 | ∞
Pinch drawer | maple | 3800 | ∞
Pinch drawer | glass | 4400 | ∞`,
  },
  {
    drawn: '88031/11 door mats, Bangalore',
    file: 'mats.tsv',
    brief: 'Threshold Coir, Bangalore: door mats from coconut. Prices in Indian rupees. Plain-spoken.',
    text: `Product\tColour\tSize\tPrice\tStock\tDescription
${made(
  108,
  (i) =>
    `Mat ${Math.floor(i / 6) + 1}\t${mats[Math.floor(i / 2) % 3]}\t${matSizes[i % 2]}\t${i % 37 === 12 ? '₹450 - ₹520' : i % 37 === 20 ? 'from ₹480' : `₹${400 + (i % 2) * 250 + Math.floor(i / 6) * 10}`}\t${(i * 7) % 23}\tHand-woven coir on a rubber back, for wet shoes.`,
).join('\n')}
Sample product\tred\tM\t₹1\t999\tLorem ipsum dolor sit amet
`,
    currency: 'INR',
    columns: 'title option option price stock description',
    want: made(
      108,
      (i) =>
        `Mat ${Math.floor(i / 6) + 1} | ${mats[Math.floor(i / 2) % 3]} / ${matSizes[i % 2]} | ${i % 37 === 12 || i % 37 === 20 ? '?' : (400 + (i % 2) * 250 + Math.floor(i / 6) * 10) * 100} | ${(i * 7) % 23}`,
    ).join('\n'),
    leftOut: 1,
  },
  {
    drawn: '88031/12 carnival masks, Cluj',
    file: 'masti.txt',
    brief: 'Măști de carnaval făcute la Cluj. Prețuri în lei.',
    text: `Denumire; Culoare; Mărime; Preț; Cod; Material; Panglică; Greutatea pastei
Capra; roșu; mică; 120 lei; MC 01 R; hârtie; mătase; groasă
Capra; negru; mică; 120 lei; MC 01 N; hârtie; mătase; groasă
Capra; roșu; mare; 145 lei; MC 02 R; hârtie; mătase; groasă
Ursul; maro; mare; 210 lei; MC 03 M; piele; piele; subțire
Ursul; negru; mare; 210 lei; MC 03 N; piele; piele; subțire
Ursul; maro; mică; 180 lei; MC 04 M; piele; piele; subțire
`,
    currency: 'RON',
    columns: 'title option option price sku particular particular particular',
    want: `Capra | roșu / mică | 12000 | ∞
Capra | negru / mică | 12000 | ∞
Capra | roșu / mare | 14500 | ∞
Ursul | maro / mare | 21000 | ∞
Ursul | negru / mare | 21000 | ∞
Ursul | maro / mică | 18000 | ∞`,
  },
  {
    drawn: '88031/13 camping stoves, Tbilisi',
    file: 'stoves.csv',
    brief: 'Primus Tbilisi gives old camping stoves a second life. We charge in lari, abroad too.',
    text: `Stove;Condition;Price (GEL);Weight (g);Burns (ml/h);Note
${made(
  60,
  (i) =>
    `Stove type ${Math.floor(i / 3) + 1};${['as found', 'cleaned', 'rebuilt'][i % 3]};${i % 29 === 11 ? '€40,00' : `${60 + (i % 3) * 35 + Math.floor(i / 3)},00`};${820 + Math.floor(i / 3) * 15};${90 + Math.floor(i / 3)};${i === 30 ? '"with a pump' : i % 3 ? '' : 'brass'}`,
).join('\n')}
`,
    currency: 'GEL',
    columns: 'title option price weight particular description',
    want: made(
      60,
      (i) =>
        `Stove type ${Math.floor(i / 3) + 1} | ${['as found', 'cleaned', 'rebuilt'][i % 3]} | ${i % 29 === 11 ? '?' : (60 + (i % 3) * 35 + Math.floor(i / 3)) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '88031/14 bell ropes, Penang',
    file: 'ropes.csv',
    brief: 'Sally & Sons, Penang. Bell ropes spliced to order. Ringgit.',
    text: `Rope,Where it hangs in the shop,Sally,Reach,Asking,How many left
${made(
  18,
  (i) =>
    `${['Tower rope', 'House rope', 'Ship’s bell rope'][Math.floor(i / 6)]},${['Bells > Tower', 'Bells > House', 'Sea > Bells'][Math.floor(i / 6)]},${['red', 'blue', 'white'][Math.floor(i / 2) % 3]},${['4 m', '6 m'][i % 2]},RM ${120 + i * 5}.00,${['plenty', 'none left', 'one', '3'][i % 4]}`,
).join('\n')}
`,
    currency: 'MYR',
    columns: 'title category option option price stock',
    want: made(
      18,
      (i) =>
        `${['Tower rope', 'House rope', 'Ship’s bell rope'][Math.floor(i / 6)]} | ${['red', 'blue', 'white'][Math.floor(i / 2) % 3]} / ${['4 m', '6 m'][i % 2]} | ${(120 + i * 5) * 100} | ${['∞', '0', '1', '3'][i % 4]}`,
    ).join('\n'),
  },
  {
    drawn: '88031/15 refurbished calculators, St John’s',
    file: 'calculators.xlsx',
    brief: 'Carry The One mends old calculators in St. John’s. Canadian dollars.',
    sheets: [
      {
        name: 'Shelf',
        rows: [
          ['Carry The One', '', '', ''],
          ['what is on the shelf in "November', '', '', ''],
          ['Desk adder – grey', 145, gtin(628000000010), 'keys like new'],
          ['Desk adder – green', 155, gtin(628000000027), '"rare'],
          ['Pocket scientific – black', 60, gtin(628000000034, 1), 'new battery door'],
          ['Pocket scientific – white', 65, gtin(628000000041), ''],
          ['Printing model', 210, gtin(628000000058), 'three rolls with it'],
          ['Slide rule', 40, gtin(628000000065, 1), ''],
          ['Total', 675, '', ''],
        ],
      },
    ],
    currency: 'CAD',
    columns: 'title price gtin description',
    want: `Desk adder | grey | 14500 | ∞
Desk adder | green | 15500 | ∞
Pocket scientific | black | 6000 | ∞
Pocket scientific | white | 6500 | ∞
Printing model | | 21000 | ∞
Slide rule | | 4000 | ∞`,
  },
  {
    drawn: '88031/16 scale weights, Busan',
    file: 'weights.xml',
    brief: '부산에서 저울추를 만듭니다. Busan, Korea. Prices in won.',
    text: `<?xml version="1.0" encoding="UTF-8"?><rss version="2.0"><channel><title>저울추</title>${made(
      18,
      (i) =>
        `<item><상품명>황동 추 ${Math.floor(i / 3) + 1}</상품명><그룹>W${Math.floor(i / 3)}</그룹><크기>${['50 g', '100 g', '200 g'][i % 3]}</크기><가격>${i % 7 === 4 ? '' : `${12 + i},000원`}</가격><설명>&lt;p&gt;손으로 &lt;b&gt;깎은&lt;/b&gt; 추.&lt;/p&gt;</설명></item>`,
    ).join('')}</channel></rss>`,
    currency: 'KRW',
    columns: 'title group option price description',
    want: made(
      18,
      (i) =>
        `황동 추 ${Math.floor(i / 3) + 1} | ${['50 g', '100 g', '200 g'][i % 3]} | ${i % 7 === 4 ? '?' : (12 + i) * 1000} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '88031/17 frames for odd sizes, Athens',
    file: 'kornizes.txt',
    brief: 'Κορνίζες για ό,τι δεν χωράει πουθενά. Αθήνα. Τιμές σε ευρώ.',
    text: `Όνομα | Επιλογή | Τιμή επιλογής | Τιμή | Απόθεμα
Κορνίζα "στενή" | Ξύλο | καρυδιά | 48,00 € | διαθέσιμο
Κορνίζα "στενή" | Ξύλο | δρυς | 44,00 € | εξαντλημένο
Κορνίζα βαθιά | Ξύλο | δρυς | 62,00 € | 3
`,
    currency: 'EUR',
    columns: 'title optionName optionValue price stock',
    want: `Κορνίζα "στενή" | καρυδιά | 4800 | ∞
Κορνίζα "στενή" | δρυς | 4400 | 0
Κορνίζα βαθιά | δρυς | 6200 | 3`,
  },
  {
    drawn: '88031/18 floor tiles, reclaimed, Dublin',
    file: 'tiles.xlsx',
    brief: 'Second Floor reclaims tiles from houses in Dublin. Prices in euro per tile.',
    sheets: [
      {
        name: 'Stock',
        rows: [
          ['Second Floor: what is in the yard'],
          ['prices each, VAT in'],
          [],
          ['Tile', 'Lot', 'Finish', 'Price', 'Quantity', 'House'],
          ...made(35, (i): (string | number)[] => [
            `${['Encaustic', 'Quarry', 'Terrazzo', 'Slate', 'Cement'][Math.floor(i / 7)]} tile ${1 + (Math.floor(i / 7) % 2)}`,
            `L${Math.floor(i / 7)}`,
            ['raw', 'washed', 'sealed', 'waxed', 'ground', 'split', 'chipped'][i % 7] ?? '',
            4 + (i % 7) * 0.5,
            30 + i * 3,
            ['Drumcondra', 'Rathmines', 'Ringsend', 'Howth', 'Clontarf'][Math.floor(i / 7)] ?? '',
          ]),
          ['Total', '', '', '', 2835, ''],
        ],
      },
    ],
    currency: 'EUR',
    columns: 'title group option price stock particular',
    want: made(
      35,
      (i) =>
        `${['Encaustic', 'Quarry', 'Terrazzo', 'Slate', 'Cement'][Math.floor(i / 7)]} tile ${1 + (Math.floor(i / 7) % 2)} | ${['raw', 'washed', 'sealed', 'waxed', 'ground', 'split', 'chipped'][i % 7]} | ${(4 + (i % 7) * 0.5) * 100} | ${30 + i * 3}`,
    ).join('\n'),
  },
  {
    drawn: '88031/19 organ pipes as lamps, Dublin',
    file: 'lamps.psv',
    brief: 'Eight Foot Stop turns organ pipes into lamps, in Dublin. Euro.',
    text: `Itm|Clr|Sz|Prc|EAN|Qty|Lgth
${made(
  35,
  (i) =>
    `${['Principal', 'Flute', 'Gamba', 'Bourdon', 'Trumpet', 'Regal'][Math.floor(i / 6)]} lamp|${['tin', 'copper', 'black'][Math.floor(i / 2) % 3]}|${['S', 'L'][i % 2]}|${i % 10 === 3 ? '' : `€${140 + i * 4}.00`}|${gtin(539000000200 + i, i % 9 === 1 ? 1 : 0)}|${i % 4}|${60 + Math.floor(i / 6) * 10} cm`,
).join('\n')}
`,
    currency: 'EUR',
    columns: 'title option option price gtin stock particular',
    want: made(
      35,
      (i) =>
        `${['Principal', 'Flute', 'Gamba', 'Bourdon', 'Trumpet', 'Regal'][Math.floor(i / 6)]} lamp | ${['tin', 'copper', 'black'][Math.floor(i / 2) % 3]} / ${['S', 'L'][i % 2]} | ${i % 10 === 3 ? '?' : (140 + i * 4) * 100} | ${i % 4}`,
    ).join('\n'),
  },
  {
    drawn: '88031/20 nettle cloth, Cardiff',
    file: 'nettle.psv',
    brief: 'Sting weaves cloth from nettles in Cardiff. Pounds. Dry wit, green conscience.',
    text: `Cloth|What you fiddle with|Which one|Ouch|Bars
Nettle twill|Width|70 cm|£38.00|${gtin(506000000300)}
Nettle twill|Width|140 cm|£64.00|${gtin(506000000301, 1)}
Nettle gauze|Width|70 cm|£29.50|${gtin(506000000302)}
`,
    currency: 'GBP',
    columns: 'title optionName optionValue price gtin',
    want: `Nettle twill | 70 cm | 3800 | ∞
Nettle twill | 140 cm | 6400 | ∞
Nettle gauze | 70 cm | 2950 | ∞`,
  },
];
