import { feed, fixedWidth, gtin, jsonLines, made, pick, product, savedPage, type ListCase } from './case';

const motif = ['Érable', 'Plateau', 'Ruelle', 'Escalier', 'Balcon', 'Corniche', 'Tramway'] as const;
const nappy = ['Gellért', 'Margit', 'Óbuda', 'Csepel', 'Kőbánya', 'Újpest', 'Zugló'] as const;
const wallet = ['Escazú', 'Heredia', 'Cartago', 'Alajuela', 'Limón', 'Tibás', 'Moravia'] as const;
const mug = ['Illimani', 'Sorata', 'Copacabana', 'Tiwanaku', 'Coroico', 'Yungas'] as const;
const duvet = ['Wisła', 'Kazimierz', 'Podgórze', 'Zakrzówek', 'Nowa Huta', 'Salwator'] as const;
const stone = ['Sljeme', 'Medvednica', 'Sava', 'Jarun', 'Maksimir', 'Samobor'] as const;
const mask = ['Busó', 'Arlecchino', 'Kecske', 'Hold', 'Róka', 'Medve', 'Varjú'] as const;

/** Drawn (305003; the one without a list left out) and written on 30 November 2026, before the reader was run on any. */
export const batch46: ListCase[] = [
  {
    drawn: '305003/1 stencils, Montréal',
    file: 'pochoirs.html',
    encoding: 'windows-1252',
    brief: 'Pochoirs découpés à Montréal, au Québec. Dollars canadiens.',
    text: savedPage(
      'Pochoirs',
      made(35, (i) =>
        product(`${pick(motif, i)} ${i + 1}`, `${(12 + (i % 5) * 2).toFixed(2)}`, 'CAD', {
          matière: pick(['mylar', 'laiton'], i),
          largeur: `${[20, 30, 45][i % 3]} cm`,
        }),
      ),
    ),
    currency: 'CAD',
    columns: 'title particular particular price currency',
    want: made(35, (i) => `${pick(motif, i)} ${i + 1} |  | ${(12 + (i % 5) * 2) * 100} | ∞`).join('\n'),
  },
  {
    drawn: '305003/2 tent repair, Aarhus',
    file: 'telte.txt',
    brief: 'Tent repair in Aarhus, Denmark. Prices in Danish kroner.',
    text: fixedWidth(
      [10, 20, 14, 16],
      [
        ['Bunch', 'The wound', 'How deep', 'The bill, sorry'],
        ['T1', 'Torn fly', '10 cm', '120 kr'],
        ['T1', 'Torn fly', '50 cm', '280 kr'],
        ['T2', 'Bent pole', 'one', '€18'],
      ],
    ),
    currency: 'DKK',
    columns: 'group title option price',
    want: `Torn fly | 10 cm | 12000 | ∞
Torn fly | 50 cm | 28000 | ∞
Bent pole | one | ? | ∞`,
  },
  {
    drawn: '305003/4 tin toys, Istanbul',
    file: 'toys.txt',
    brief: 'Tin toys from Istanbul, Turkey. Lira.',
    text: `Nm|Col|Pr|Sale pr
Frog that jumps|green|320|
|red|320|280
|blue|320|
Ferry|white|540|
|white|540|480
Carousel|gold|890|
|silver|890|
Drummer|red|410|
|blue|410|350
Tram|red|620|
|cream|620|
`,
    currency: 'TRY',
    columns: 'title option earlierPrice/price price/earlierPrice',
    want: `Frog that jumps | green | 32000 | ∞
Frog that jumps | red | 28000 | ∞
Frog that jumps | blue | 32000 | ∞
Ferry | white | ? | ∞
Carousel | gold | 89000 | ∞
Carousel | silver | 89000 | ∞
Drummer | red | 41000 | ∞
Drummer | blue | 35000 | ∞
Tram | red | 62000 | ∞
Tram | cream | 62000 | ∞`,
  },
  {
    drawn: '305003/5 cloth nappies, Budapest',
    file: 'nappies.jsonl',
    brief: 'Cloth nappies, sewn in Budapest, Hungary. Forints.',
    text: jsonLines(
      made(700, (i) => ({
        nappy: `${pick(nappy, Math.floor(i / 4))} ${Math.floor(i / 28) + 1}`,
        'baby (kg)': ['3-6', '5-9', '8-12', '10-16'][i % 4],
        'price (HUF)': 3900 + (i % 4) * 300,
        'layers (pcs)': 3 + (Math.floor(i / 4) % 3),
        snaps: pick(['yes', 'no'], Math.floor(i / 4)),
        fibre: pick(['cotton', 'hemp', 'bamboo'], Math.floor(i / 4)),
      })),
    ),
    currency: 'HUF',
    columns: 'title option price particular particular particular',
    want: made(
      700,
      (i) =>
        `${pick(nappy, Math.floor(i / 4))} ${Math.floor(i / 28) + 1} | ${['3-6', '5-9', '8-12', '10-16'][i % 4]} | ${(3900 + (i % 4) * 300) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '305003/6 pencil extenders, Muscat',
    file: 'extenders.csv',
    brief: 'Pencil extenders, turned in Muscat, Oman. Omani rials.',
    text: `The extender,Body of,It goes for,Holds
Short,brass,4.500,7 mm
,olive wood,3.900,7 mm
,horn,6.250,7 mm
Long,brass,5.800,7 mm
,olive wood,5.200,7 mm
Fat,brass,6.900,11 mm
,horn,8.750,11 mm
Sample product,,0.000,
Twin,brass,9.400,7 mm and 11 mm
,olive wood,8.600,7 mm and 11 mm
Ferrule,brass,0.900,7 mm
`,
    currency: 'OMR',
    columns: 'title option price particular',
    leftOut: 1,
    want: `Short | brass | 4500 | ∞
Short | olive wood | 3900 | ∞
Short | horn | 6250 | ∞
Long | brass | 5800 | ∞
Long | olive wood | 5200 | ∞
Fat | brass | 6900 | ∞
Fat | horn | 8750 | ∞
Twin | brass | 9400 | ∞
Twin | olive wood | 8600 | ∞
Ferrule | brass | 900 | ∞`,
  },
  {
    drawn: '305003/7 sewing machine belts, Córdoba',
    file: 'correas.txt',
    brief: 'Correas para máquinas de coser, Córdoba, Argentina. Pesos.',
    text: `Familia|Quién gira|Cuánto da la vuelta|Lo que aprieta|Dónde vive
B1|Correa de cuero|180 cm|$ 9.500|Correas > Cuero
B1|Correa de cuero|200 cm||Correas > Cuero
B2|Correa de goma|95 cm|$ 6.200|Correas > Goma
`,
    currency: 'ARS',
    columns: 'group title option price category',
    want: `Correa de cuero | 180 cm | 950000 | ∞
Correa de cuero | 200 cm | ? | ∞
Correa de goma | 95 cm | 620000 | ∞`,
  },
  {
    drawn: '305003/8 wallets, San José',
    file: 'wallets.txt',
    brief: 'Wallets, cut and sewn in San José, Costa Rica. Colones.',
    text: `Our wallet|Hide|Take it for|Pockets in it\n${made(35, (i) =>
      i === 22
        ? 'Your wallet here|x|0|x'
        : `${pick(wallet, Math.floor(i / 5))}|${['tan', 'black', 'oxblood', 'olive', 'natural'][i % 5]}|₡${18 + (i % 5)}.500|${4 + (Math.floor(i / 5) % 3)}`,
    ).join('\n')}\n`,
    currency: 'CRC',
    columns: 'title option price particular',
    leftOut: 1,
    want: made(35, (i) => i)
      .filter((i) => i !== 22)
      .map(
        (i) =>
          `${pick(wallet, Math.floor(i / 5))} | ${['tan', 'black', 'oxblood', 'olive', 'natural'][i % 5]} | ${(18 + (i % 5)) * 100000 + 50000} | ∞`,
      )
      .join('\n'),
  },
  {
    drawn: '305003/9 chutney, Worcester, Massachusetts',
    file: 'chutney.html',
    encoding: 'windows-1252',
    brief: 'Chutney, cooked in Worcester, Massachusetts.',
    text: savedPage(
      'Chutney',
      made(18, (i) =>
        product(
          `${['Green tomato', 'Pear & ginger', 'Beet', 'Crème of onion', 'Plum', 'Rhubarb'][Math.floor(i / 3)]} – ${['4 oz', '8 oz', '16 oz'][i % 3]}`,
          [5.5, 9, 15][i % 3] ?? 0,
          'USD',
          { offer: { availability: `https://schema.org/${['InStock', 'OutOfStock', 'InStock', 'InStock'][i % 4]}` } },
        ),
      ),
    ),
    currency: 'USD',
    columns: 'title price currency stock',
    want: made(
      18,
      (i) =>
        `${['Green tomato', 'Pear & ginger', 'Beet', 'Crème of onion', 'Plum', 'Rhubarb'][Math.floor(i / 3)]} | ${['4 oz', '8 oz', '16 oz'][i % 3]} | ${[550, 900, 1500][i % 3]} | ${i % 4 === 1 ? '0' : '∞'}`,
    ).join('\n'),
  },
  {
    drawn: '305003/10 horse blankets, Vilnius',
    file: 'blankets.xlsx',
    brief: 'Horse blankets, woven near Vilnius, Lithuania. Euros.',
    sheets: [
      {
        name: 'Blankets',
        rows: [
          ['Title', 'Option', 'Option', 'Price', 'Weave', 'Fill', 'Straps'],
          ...made(18, (i): (string | number)[] => [
            ['Žirgas', 'Neris', 'Trakai', 'Vilnelė', 'Šarka', 'Ponis'][Math.floor(i / 3)] ?? '',
            'Back length',
            ['125 cm', '135 cm', '145 cm'][i % 3] ?? '',
            i === 8 ? '' : 95 + (i % 3) * 10,
            pick(['twill', 'plain'], Math.floor(i / 3)),
            pick(['none', 'wool'], Math.floor(i / 3)),
            pick(['two', 'three'], Math.floor(i / 3)),
          ]),
        ],
      },
      { name: 'Old prices', rows: [['do not use'], ['Žirgas was 80']] },
    ],
    currency: 'EUR',
    columns: 'title optionName optionValue price particular particular particular',
    want: made(
      18,
      (i) =>
        `${['Žirgas', 'Neris', 'Trakai', 'Vilnelė', 'Šarka', 'Ponis'][Math.floor(i / 3)]} | ${['125 cm', '135 cm', '145 cm'][i % 3]} | ${i === 8 ? '?' : (95 + (i % 3) * 10) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '305003/11 rosin, Dakar',
    file: 'rosin.txt',
    brief: 'Rosin for bows, cooked in Dakar, Senegal. Francs CFA.',
    text: `Name, Price, Stock, Description
Violin light, 4500 F, in stock, <p>Amber.</p>
Violin dark, 4500 F, in stock, <p>For <b>damp</b> rooms.</p>
Viola, 5000 F, three left, <p>Soft.</p>
Cello light, 5500 F, in stock, <p>Amber.</p>
Cello dark, 5500 F, sold out, <p>Nearly black.</p>
Bass, 7000 F, in stock, <p>Sticky.</p>
Kora, 3000 F, in stock, <p>For the bridge.</p>
Riti, 2500 F, in stock, <p>One string, one cake.</p>
Student, 2000 F, ten left, <p>Breaks less.</p>
Travel, 2500 F, in stock, <p>In a tin.</p>
Gold, 12000 F, one left, <p>With gold in it.</p>
Powder, 3500 F, sold out, <p>For climbers.</p>
Ballet, 6000 F, in stock, <p>For shoes.</p>
Brush, 1500 F, in stock, <p>To clean strings.</p>
Cloth, 1000 F, in stock, <p>To keep it in.</p>
Tin, 800 F, in stock, <p>Empty.</p>
Box of four, 15000 F, two left, <p>All four strings.</p>
Crumbs, 900 F, in stock, <p>What is left over.</p>
`,
    currency: 'XOF',
    columns: 'title price stock description',
    want: `Violin light |  | 4500 | ∞
Violin dark |  | 4500 | ∞
Viola |  | 5000 | 3
Cello light |  | 5500 | ∞
Cello dark |  | 5500 | 0
Bass |  | 7000 | ∞
Kora |  | 3000 | ∞
Riti |  | 2500 | ∞
Student |  | 2000 | 10
Travel |  | 2500 | ∞
Gold |  | 12000 | 1
Powder |  | 3500 | 0
Ballet |  | 6000 | ∞
Brush |  | 1500 | ∞
Cloth |  | 1000 | ∞
Tin |  | 800 | ∞
Box of four |  | 15000 | 2
Crumbs |  | 900 | ∞`,
  },
  {
    drawn: '305003/12 curling brooms, a farm outside Zagreb',
    file: 'brooms.json',
    brief: 'Curling brooms, tied on a farm outside Zagreb, Croatia. Euros.',
    text: JSON.stringify(
      made(20, (i) => i)
        .filter((i) => i !== 6 && i !== 13)
        .map((i) => ({
          'our broom': ['Sweeper', 'Skip', 'Lead "two', 'Vice', 'Junior'][Math.floor(i / 4)],
          painted: ['red', 'blue'][Math.floor((i % 4) / 2)],
          'as long as': ['120 cm', '140 cm'][i % 2],
          'you owe us': `${58 + (i % 4) * 6},00 €`,
        })),
    ),
    currency: 'EUR',
    columns: 'title option option price',
    want: made(20, (i) => i)
      .filter((i) => i !== 6 && i !== 13)
      .map(
        (i) =>
          `${['Sweeper', 'Skip', 'Lead "two', 'Vice', 'Junior'][Math.floor(i / 4)]} | ${['red', 'blue'][Math.floor((i % 4) / 2)]} / ${['120 cm', '140 cm'][i % 2]} | ${(58 + (i % 4) * 6) * 100} | ∞`,
      )
      .join('\n'),
  },
  {
    drawn: '305003/13 pewter tankards, La Paz',
    file: 'tankards.jsonl',
    encoding: 'windows-1252',
    brief: 'Pewter tankards, cast in La Paz, Bolivia. Bolivianos.',
    text: jsonLines(
      made(120, (i) => ({
        'belongs with': `P${Math.floor(i / 3) + 1}`,
        'the tankard': `${pick(mug, Math.floor(i / 3))} ${Math.floor(i / 18) + 1}`,
        holds: ['½ pint', '1 pint', '2 pints'][i % 3],
        'we want': `Bs ${220 + (i % 3) * 80}`,
        'number on the bottom': gtin(777000000000 + i, i % 40 === 11 ? 1 : 0),
      })),
    ),
    currency: 'BOB',
    columns: 'group title option price gtin',
    want: made(
      120,
      (i) =>
        `${pick(mug, Math.floor(i / 3))} ${Math.floor(i / 18) + 1} | ${['½ pint', '1 pint', '2 pints'][i % 3]} | ${(220 + (i % 3) * 80) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '305003/14 alpaca duvets, Kraków',
    file: 'kolderki.xml',
    brief: 'Alpaca duvets from Kraków, Poland. Złoty.',
    text: feed(
      made(120, (i) => [
        [
          'f1',
          `${pick(duvet, Math.floor(i / 4))} ${Math.floor(i / 24) + 1} - ${['90×200', '135×200', '155×200', '200×220'][i % 4]}`,
        ],
        ['f2', i === 33 ? 'od 890 zł' : i === 70 ? '900-1100 zł' : `${640 + (i % 4) * 160} zł`],
        ['f3', `${(0.9 + (i % 4) * 0.4).toFixed(1)} kg`],
      ]),
    ),
    currency: 'PLN',
    columns: 'title price weight',
    want: made(
      120,
      (i) =>
        `${pick(duvet, Math.floor(i / 4))} ${Math.floor(i / 24) + 1} | ${['90×200', '135×200', '155×200', '200×220'][i % 4]} | ${i === 33 || i === 70 ? '?' : (640 + (i % 4) * 160) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '305003/15 reading stones, Penang',
    file: 'stones.txt',
    brief: 'Reading stones, ground in Penang, Malaysia. Ringgit.',
    text: `Dome, RM 85, "magnifies twice"
Dome, RM 120, "magnifies thrice"
Bar, RM 60, "one line at a time"
Bar, RM 95, "two lines at a time"
Half moon, RM 140, "for maps"
Cube, RM 75, "mostly pretty"
Cloth, RM 12, "to wipe them, says ""wipe me"""
Stand, RM 45, "beech"
Pouch, RM 18, "felt"
Egg, RM 110, "rolls away"
Set, RM 260, "dome, bar and cloth"
`,
    currency: 'MYR',
    columns: 'title price particular/description/option',
    want: `Dome | magnifies twice | 8500 | ∞
Dome | magnifies thrice | 12000 | ∞
Bar | one line at a time | 6000 | ∞
Bar | two lines at a time | 9500 | ∞
Half moon | for maps | 14000 | ∞
Cube | mostly pretty | 7500 | ∞
Cloth | to wipe them, says "wipe me" | 1200 | ∞
Stand | beech | 4500 | ∞
Pouch | felt | 1800 | ∞
Egg | rolls away | 11000 | ∞
Set | dome, bar and cloth | 26000 | ∞`,
  },
  {
    drawn: '305003/16 reading stones, a farm outside Zagreb',
    file: 'stones.csv',
    brief: 'Reading stones, ground on a farm outside Zagreb, Croatia. Euros.',
    text: `Name;Sizes;Price;Available\n${made(
      120,
      (i) =>
        `${pick(stone, i)} ${i + 1};${i % 2 ? '40 mm, 60 mm' : '40 mm, 60 mm, 80 mm'};${24 + (i % 7) * 2},50;${pick(['yes', 'yes', 'no'], i)}`,
    ).join('\n')}\n`,
    currency: 'EUR',
    columns: 'title option price stock',
    want: made(120, (i) =>
      (i % 2 ? ['40 mm', '60 mm'] : ['40 mm', '60 mm', '80 mm']).map(
        (of) => `${pick(stone, i)} ${i + 1} | ${of} | ${(24 + (i % 7) * 2) * 100 + 50} | ${i % 3 === 2 ? '0' : '∞'}`,
      ),
    )
      .flat()
      .join('\n'),
  },
  {
    drawn: '305003/17 carnival masks, Budapest',
    file: 'maszkok.html',
    brief: 'Carnival masks, pressed and painted in Budapest, Hungary. Forints.',
    text: savedPage(
      'Maszkok',
      made(35, (i) =>
        product(`${pick(mask, Math.floor(i / 5))} maszk`, 8900 + (i % 5) * 1000, 'HUF', {
          additionalProperty: [{ '@type': 'PropertyValue', name: 'Size', value: ['XS', 'S', 'M', 'L', 'XL'][i % 5] }],
          offer: { availability: `https://schema.org/${i % 6 === 5 ? 'OutOfStock' : 'InStock'}` },
        }),
      ),
    ),
    currency: 'HUF',
    columns: 'title option price currency stock',
    want: made(
      35,
      (i) =>
        `${pick(mask, Math.floor(i / 5))} maszk | ${['XS', 'S', 'M', 'L', 'XL'][i % 5]} | ${(8900 + (i % 5) * 1000) * 100} | ${i % 6 === 5 ? '0' : '∞'}`,
    ).join('\n'),
  },
  {
    drawn: '305003/18 willow cuttings, Kumasi',
    file: 'willow.txt',
    encoding: 'windows-1252',
    brief: 'Willow cuttings, Kumasi, Ghana. Cedis.',
    text: `Clan;Who roots;Bundle of;What you shell out
W1;Saule pourpre – “Nancy”;10;45
W1;Saule pourpre – “Nancy”;50;180
W2;Osier;10;40
`,
    currency: 'GHS',
    columns: 'group title option price',
    want: `Saule pourpre – “Nancy” | 10 | 4500 | ∞
Saule pourpre – “Nancy” | 50 | 18000 | ∞
Osier | 10 | 4000 | ∞`,
  },
  {
    drawn: '305003/19 lead soldiers, Busan',
    file: 'soldiers.txt',
    brief: 'Lead soldiers, cast and painted in Busan, Korea. Won.',
    text: `Soldier; Coat; Height mm; Price KRW; Barcode; Text\n${made(120, (i) => i)
      .filter((i) => i % 13 !== 7)
      .map(
        (i) =>
          `${['Drummer', 'Lancer', 'Piper', 'Gunner', 'Sapper'][Math.floor(i / 24)]} ${['I', 'II', 'III', 'IV'][Math.floor((i % 24) / 6)]}; ${['red', 'blue', 'grey'][Math.floor((i % 6) / 2)]}; ${[54, 75][i % 2]}; ${i % 2 ? '24,000' : '16,000'}; ${gtin(880000000000 + i, i % 50 === 20 ? 3 : 0)}; <p>Stands on <i>${['grass', 'stone'][i % 2]}</i>.</p>`,
      )
      .join('\n')}\n`,
    currency: 'KRW',
    columns: 'title option option price gtin description',
    want: made(120, (i) => i)
      .filter((i) => i % 13 !== 7)
      .map(
        (i) =>
          `${['Drummer', 'Lancer', 'Piper', 'Gunner', 'Sapper'][Math.floor(i / 24)]} ${['I', 'II', 'III', 'IV'][Math.floor((i % 24) / 6)]} | ${['red', 'blue', 'grey'][Math.floor((i % 6) / 2)]} / ${[54, 75][i % 2]} | ${i % 2 ? 24000 : 16000} | ∞`,
      )
      .join('\n'),
  },
  {
    drawn: '305003/20 jigsaw puzzles of aerial photographs, Jakarta',
    file: 'puzzles.jsonl',
    brief: 'Jigsaw puzzles of aerial photographs, sawn in Jakarta, Indonesia. Rupiah.',
    text: jsonLines([
      { 'from above': 'Sunda Kelapa', 'you choose': 'Pieces', 'the choice': '500', 'it costs you': 'Rp 240.000' },
      { 'from above': 'Sunda Kelapa', 'you choose': 'Pieces', 'the choice': '1000', 'it costs you': 'Rp 320.000' },
      { 'from above': 'Ancol, "the beach', 'you choose': 'Pieces', 'the choice': '500', 'it costs you': 'from Rp 240.000' },
      { 'from above': 'Ancol, "the beach', 'you choose': 'Pieces', 'the choice': '1000', 'it costs you': 'Rp 320.000 - 360.000' },
      { 'from above': 'Bromo', 'you choose': 'Pieces', 'the choice': '1000', 'it costs you': 'Rp 330.000' },
      { 'from above': 'Bromo', 'you choose': 'Pieces', 'the choice': '2000', 'it costs you': 'Rp 540.000' },
    ]),
    currency: 'IDR',
    columns: 'title optionName optionValue price',
    want: `Sunda Kelapa | 500 | 24000000 | ∞
Sunda Kelapa | 1000 | 32000000 | ∞
Ancol, "the beach | 500 | ? | ∞
Ancol, "the beach | 1000 | ? | ∞
Bromo | 1000 | 33000000 | ∞
Bromo | 2000 | 54000000 | ∞`,
  },
];
