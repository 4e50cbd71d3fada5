import { feed, fixedWidth, jsonLines, made, pick, product, savedPage, type ListCase } from './case';

/**
 * Drawn and written on 27 November 2026, before the reader was run on any; each has the brief that its seller would have given. Two of
 * the twenty that were drawn have no list.
 */
export const batch11: ListCase[] = [
  {
    drawn: '141421/2 fountain nozzles, Cluj',
    file: 'duze.xml',
    encoding: 'windows-1250',
    brief: 'Țâșnitoarea turnează duze pentru fântâni, în Cluj-Napoca. Prețuri în lei.',
    text: feed(
      made(11, (i) => [
        ['nozzle', `Nozzle ${pick(['bell', 'fan', 'jet'], Math.floor(i / 4))}`],
        ['finish', pick(['brass', 'steel'], i)],
        ['bore_mm', pick(['12', '19'], Math.floor(i / 2))],
        ['price_RON', `${140 + Math.floor(i / 4) * 60 + (Math.floor(i / 2) % 2) * 25},00`],
        ['throw_m', pick(['1.2', '2.5', '4'], Math.floor(i / 4))],
        ['flow_l_min', pick(['18', '40', '60'], Math.floor(i / 4))],
        ['thread', 'G 1/2'],
        ['spray', pick(['mushroom', 'plane', 'straight'], Math.floor(i / 4))],
        ['seal', 'EPDM'],
        ['place', pick(['Făget', 'Someș'], Math.floor(i / 4))],
      ]),
      'windows-1250',
    ),
    currency: 'RON',
    columns: 'title option option price particular particular particular particular particular particular',
    want: made(
      11,
      (i) =>
        `Nozzle ${pick(['bell', 'fan', 'jet'], Math.floor(i / 4))} | ${pick(['brass', 'steel'], i)} / ${pick(['12', '19'], Math.floor(i / 2))} | ${(140 + Math.floor(i / 4) * 60 + (Math.floor(i / 2) % 2) * 25) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '141421/3 typewriter ribbons, Santiago',
    file: 'cintas.csv',
    brief: 'Retorno de Carro, Santiago de Chile. Cintas para máquinas de escribir. Pesos chilenos.',
    text: `Cinta negra;CN;13 mm;$4.500;"Para ""Lettera""
y otras."
Cinta negra;CN;16 mm;$4.900;"Para ""Lettera""
y otras."
Cinta bicolor;CB;13 mm;$5.800;Roja y negra.
`,
    currency: 'CLP',
    columns: 'title group option price description',
    want: `Cinta negra | 13 mm | 4500 | ∞
Cinta negra | 16 mm | 4900 | ∞
Cinta bicolor | 13 mm | 5800 | ∞`,
  },
  {
    drawn: '141421/4 tin toys, Rostock',
    file: 'blech.csv',
    brief: 'Blechbude Rostock: aufziehbares Blechspielzeug. Preise in Euro.',
    text: `Spielzeug;Farbe;Preis;Art.-Nr.
${made(
  35,
  (i) =>
    `${i % 5 ? '' : `Blech ${Math.floor(i / 5) + 1}`};${pick(['rot', 'blau', 'gelb', 'grün', 'silber'], i)};${i === 13 ? '£29,00' : `${24 + Math.floor(i / 5) * 3},90 €`};BB ${100 + i} ${pick(['R', 'B', 'G', 'N', 'S'], i)}`,
).join('\n')}
`,
    currency: 'EUR',
    columns: 'title option price sku',
    want: made(
      35,
      (i) =>
        `Blech ${Math.floor(i / 5) + 1} | ${pick(['rot', 'blau', 'gelb', 'grün', 'silber'], i)} | ${i === 13 ? '?' : (24 + Math.floor(i / 5) * 3) * 100 + 90} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '141421/5 singing bowls, Kumasi',
    file: 'bowls.csv',
    brief: 'Kente & Gong, Kumasi, Ghana. Singing bowls, tuned. Cedis.',
    text: `Bowl,Across (cm),Price (GHS),Sale price (GHS),Tone (Hz)
Moon bowl,"12, 16, 20",480,420,432
Sun bowl,"16, 20",,,396
Bowl cushion,12,60,,
`,
    currency: 'GHS',
    columns: 'title option earlierPrice price particular',
    want: `Moon bowl | 12 | 42000 | ∞
Moon bowl | 16 | 42000 | ∞
Moon bowl | 20 | 42000 | ∞
Sun bowl | 16 | ? | ∞
Sun bowl | 20 | ? | ∞
Bowl cushion | 12 | 6000 | ∞`,
  },
  {
    drawn: '141421/6 beaded earrings, Helsinki',
    file: 'korvakorut.psv',
    brief: 'Helmi tekee helmikorvakoruja Helsingissä. Hinnat euroina.',
    text: `Tuote|Väri|Hinta|Koukku
${made(
  34,
  (i) =>
    `${i % 4 ? '' : `Pisara ${Math.floor(i / 4) + 1}`}|${pick(['sininen', 'vihreä'], i)}|${i % 9 === 5 ? '' : `${18 + Math.floor(i / 4)},00 €`}|${pick(['hopea', 'teräs'], Math.floor(i / 2))}`,
).join('\n')}
`,
    currency: 'EUR',
    columns: 'title option price option',
    want: made(
      34,
      (i) =>
        `Pisara ${Math.floor(i / 4) + 1} | ${pick(['sininen', 'vihreä'], i)} / ${pick(['hopea', 'teräs'], Math.floor(i / 2))} | ${i % 9 === 5 ? '?' : (18 + Math.floor(i / 4)) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '141421/7 greetings cards in Braille, Santiago',
    file: 'tarjetas.tsv',
    brief: 'Seis Puntos imprime tarjetas en braille en Santiago. Precios en pesos chilenos.',
    text: `Tarjeta\tOpción\tValor\tPrecio\tPapel\tPapel\tLeído por
${made(
  11,
  (i) =>
    `Tarjeta ${Math.floor(i / 2) + 1}\tIdioma\t${pick(['español', 'inglés'], i)}\t${i === 6 ? 'US$5' : `$3.${pick(['200', '900'], Math.floor(i / 2))}`}\t160 g\t${pick(['blanco', 'crema'], Math.floor(i / 2))}\tAna`,
).join('\n')}
`,
    currency: 'CLP',
    columns: 'title optionName optionValue price particular particular particular',
    want: made(
      11,
      (i) =>
        `Tarjeta ${Math.floor(i / 2) + 1} | ${pick(['español', 'inglés'], i)} | ${i === 6 ? '?' : 3000 + Number(pick(['200', '900'], Math.floor(i / 2)))} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '141421/8 upholstery tacks, Tartu',
    file: 'tacks.txt',
    brief: 'Polster & Nael, Tartu. Tacks for chairs. Euros.',
    text: fixedWidth(
      [20, 12, 10, 14],
      [
        ['Nm', 'Fin.', 'Sz.', 'Pr.'],
        ...made(35, (i) => [
          `Tack ${Math.floor(i / 6) + 1}`,
          pick(['brass', 'nickel', 'black'], Math.floor(i / 2)),
          pick(['9 mm', '11 mm'], i),
          i === 20 ? 'SEK 55' : `€${4 + (i % 2)}.${pick(['20', '60'], Math.floor(i / 6))}`,
        ]),
      ],
    ),
    currency: 'EUR',
    columns: 'title option option price',
    want: made(
      35,
      (i) =>
        `Tack ${Math.floor(i / 6) + 1} | ${pick(['brass', 'nickel', 'black'], Math.floor(i / 2))} / ${pick(['9 mm', '11 mm'], i)} | ${i === 20 ? '?' : (4 + (i % 2)) * 100 + Number(pick(['20', '60'], Math.floor(i / 6)))} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '141421/9 calligraphy ink, Aarhus',
    file: 'blaek.psv',
    encoding: 'windows-1252',
    brief: 'Klat laver blæk til kalligrafi i Århus. Priser i danske kroner.',
    text: `Blæk|Indhold (ml)|Pris (DKK)|Varenr.|Lysægthed (1-8)
${made(
  240,
  (i) =>
    `${i % 3 ? '' : `Blæk nr. ${Math.floor(i / 3) + 1}`}|${pick([15, 30, 100], i)}|${pick(['45,00', '79,00', '199,00'], i)}|KL ${500 + i} B|${4 + (Math.floor(i / 3) % 5)}`,
).join('\n')}
`,
    currency: 'DKK',
    columns: 'title option price sku particular',
    want: made(
      240,
      (i) => `Blæk nr. ${Math.floor(i / 3) + 1} | ${pick([15, 30, 100], i)} | ${pick([4500, 7900, 19900], i)} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '141421/10 marionettes, Kumasi',
    file: 'puppets.json',
    brief: 'Ananse Strings carves marionettes in Kumasi. Prices in Ghana cedis.',
    text: JSON.stringify([
      { Puppet: 'Ananse', Set: 'A', Costume: 'kente', Price: 'GH₵ 380', Offer: 'GH₵ 320' },
      { Puppet: 'Ananse', Set: 'A', Costume: 'indigo', Price: 'GH₵ 360', Offer: '' },
      { Puppet: 'Tortoise', Set: 'T', Costume: 'plain', Price: 'GH₵ 290', Offer: '' },
    ]),
    currency: 'GHS',
    columns: 'title group option earlierPrice price',
    want: `Ananse | kente | 32000 | ∞
Ananse | indigo | 36000 | ∞
Tortoise | plain | 29000 | ∞`,
  },
  {
    drawn: '141421/12 record sleeves, Chiang Mai',
    file: 'sleeves.csv',
    brief: 'B-Side Lanna prints record sleeves in Chiang Mai, Thailand. Baht.',
    text: `Our sleeve,Choose your,It can be,Normal,Right now,A word
Teak sleeve,size,7 inch,฿120,,prints well
Teak sleeve,size,12 inch,฿180,฿150,"prints well
Mulberry sleeve,size,7 inch,฿140,,
Mulberry sleeve,size,12 inch,฿210,฿190,rough by nature
Inner bag,size,12 inch,฿40,,
Inner bag,size,7 inch,฿30,,
`,
    currency: 'THB',
    columns: 'title optionName optionValue earlierPrice price description',
    want: `Teak sleeve | 7 inch | 12000 | ∞
Teak sleeve | 12 inch | 15000 | ∞
Mulberry sleeve | 7 inch | 14000 | ∞
Mulberry sleeve | 12 inch | 19000 | ∞
Inner bag | 12 inch | 4000 | ∞
Inner bag | 7 inch | 3000 | ∞`,
  },
  {
    drawn: '141421/13 lamp shades, Budapest',
    file: 'shades.jsonl',
    brief: 'Ernyő makes lamp shades in Budapest. Forints.',
    text: jsonLines(
      made(11, (i) => ({
        Title: i % 3 ? '' : `Shade ${Math.floor(i / 3) + 1}`,
        Size: pick(['20 cm', '30 cm', '45 cm'], i),
        Price: i === 5 ? '' : i === 8 ? 'EUR 40' : `${9 + i * 2} 900 Ft`,
        Description: i % 3 ? '' : 'Pleated by hand over a frame of wire, lined in white.',
      })),
    ),
    currency: 'HUF',
    columns: 'title option price description',
    want: made(
      11,
      (i) =>
        `Shade ${Math.floor(i / 3) + 1} | ${pick(['20 cm', '30 cm', '45 cm'], i)} | ${i === 5 || i === 8 ? '?' : ((9 + i * 2) * 1000 + 900) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '141421/14 raw chocolate, Vilnius',
    file: 'sokoladas.xml',
    brief: 'Žalias Šokoladas, Vilnius. Raw chocolate. Kainos eurais.',
    text: feed(
      made(60, (i) => [
        ['pavadinimas', `Šokoladas ${Math.floor(i / 2) + 1}`],
        ['grupė', `S${Math.floor(i / 2)}`],
        ['dydis', pick(['50 g', '100 g'], i)],
        ['kaina', i === 31 ? '$6' : `${pick(['4,50', '7,90'], i)} €`],
        ['kilmė', pick(['Peru', 'Ekvadoras'], Math.floor(i / 2))],
      ]),
    ),
    currency: 'EUR',
    columns: 'title group option price particular',
    want: made(
      60,
      (i) => `Šokoladas ${Math.floor(i / 2) + 1} | ${pick(['50 g', '100 g'], i)} | ${i === 31 ? '?' : pick([450, 790], i)} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '141421/15 handball resin, Manila',
    file: 'resin.xlsx',
    brief: 'Kapit makes resin for handball in Manila. Philippine pesos.',
    sheets: ['Jars', 'Sprays'].map((name, s) => ({
      name,
      rows: [
        ['Prod', 'Sz', 'Prc', 'Wt', 'Nt'],
        ...made(120, (i): string[] => [
          i % 2 ? '' : `${name.slice(0, -1)} ${Math.floor(i / 2) + 1}`,
          pick(['small', 'large'], i),
          `₱${180 + (i % 2) * 140 + s * 40}.00`,
          `${120 + (i % 2) * 180} g`,
          i === 7 ? '"extra sticky' : '',
        ]),
      ],
    })),
    currency: 'PHP',
    columns: 'title option price weight description',
    want: made(240, (n) => {
      const s = Math.floor(n / 120);
      const i = n % 120;
      return `${pick(['Jar', 'Spray'], s)} ${Math.floor(i / 2) + 1} | ${pick(['small', 'large'], i)} | ${(180 + (i % 2) * 140 + s * 40) * 100} | ∞`;
    }).join('\n'),
  },
  {
    drawn: '141421/16 archery strings, Asunción',
    file: 'strings.jsonl',
    brief: 'Cuerda Larga twists archery strings in Asunción, Paraguay. Guaraníes.',
    text: jsonLines(
      made(200, (i) => [
        `String ${i + 1}`,
        `Gs. ${60 + (i % 20) * 5}.000`,
        i % 7 === 3 ? `Gs. ${50 + (i % 20) * 5}.000` : '',
        `${48 + (i % 12) * 2}"`,
        pick(['14 strands', '16 strands'], i),
      ]),
    ),
    currency: 'PYG',
    columns: 'title price particular particular particular',
    want: made(200, (i) => `String ${i + 1} | | ? | ∞`).join('\n'),
  },
  {
    drawn: '141421/17 sewing machine belts, Leeds',
    file: 'belts.xlsx',
    brief: 'Treadle Dee, Leeds. Belts for old sewing machines. Pounds.',
    sheets: [
      {
        name: 'Price list',
        rows: [
          ['TREADLE DEE'],
          ['all prices with VAT'],
          [],
          ['The belt', 'Goes round', 'Price to you', 'Made of', 'Joined by', 'Tread', 'Across', 'Fits', 'Stretch'],
          ['Round leather', '183 cm', 9.5, 'leather', 'staple', 'plain', '5 mm', 'treadles', 'some'],
          ['', '210 cm', 11, 'leather', 'staple', 'plain', '5 mm', 'treadles', 'some'],
          ['V belt', '35 cm', 7.25, 'rubber', 'nothing', 'cogged', '8 mm', 'motors', 'none'],
          ['Total', '', 27.75, '', '', '', '', '', ''],
        ],
      },
    ],
    currency: 'GBP',
    columns: 'title option price particular particular particular particular particular particular',
    want: `Round leather | 183 cm | 950 | ∞
Round leather | 210 cm | 1100 | ∞
V belt | 35 cm | 725 | ∞`,
  },
  {
    drawn: '141421/18 facsimile letters, La Paz',
    file: 'cartas.html',
    brief: 'Tinta Doble, La Paz, Bolivia. Facsimiles of old letters. Prices in bolivianos.',
    text: savedPage('Tinta Doble', [
      ...made(120, (i) =>
        product(`Letter ${Math.floor(i / 2) + 1} – ${pick(['plain', 'sealed'], i)}`, 35 + (i % 2) * 12, 'BOB', {
          weight: { '@type': 'QuantitativeValue', value: 20 + (i % 2) * 15, unitCode: 'GRM' },
        }),
      ),
      product('Sample letter', 0, 'BOB'),
      product('Test', 1, 'BOB'),
    ]),
    currency: 'BOB',
    columns: 'title weight price currency',
    want: made(
      120,
      (i) => `Letter ${Math.floor(i / 2) + 1} | ${pick(['plain', 'sealed'], i)} | ${(35 + (i % 2) * 12) * 100} | ∞`,
    ).join('\n'),
    leftOut: 2,
  },
  {
    drawn: '141421/19 lace bobbins, Nantes',
    file: 'bobbins.json',
    brief: 'Fuseau turns lace bobbins in Nantes. Euros.',
    text: JSON.stringify([
      { name: 'Midland bobbin', wood: 'plum', price: '€6.50', stock: 'plenty', note: '"spangled' },
      { name: '', wood: 'olive', price: '€7.00', stock: 'three left', note: '' },
      { name: '', wood: 'bone', price: '€14.00', stock: 'sold out', note: '' },
      { name: 'Honiton bobbin', wood: 'plum', price: '€5.00', stock: 'in stock', note: '' },
      { name: '', wood: 'box', price: '€5.50', stock: '12', note: '' },
      { name: 'Winder', wood: 'beech', price: '€48.00', stock: 'made to order', note: '' },
    ]),
    currency: 'EUR',
    columns: 'title option price stock description',
    want: `Midland bobbin | plum | 650 | ∞
Midland bobbin | olive | 700 | 3
Midland bobbin | bone | 1400 | 0
Honiton bobbin | plum | 500 | ∞
Honiton bobbin | box | 550 | 12
Winder | beech | 4800 | ∞`,
  },
  {
    drawn: '141421/20 sewing machine belts, Plovdiv',
    file: 'remaci.json',
    brief: 'Ремъци за шевни машини от Пловдив. Цени в евро.',
    text: JSON.stringify(
      made(6, (i) => ({
        Име: `Ремък ${pick(['кръгъл', 'клинов'], Math.floor(i / 3))}`,
        Група: `R${Math.floor(i / 3)}`,
        Дължина: pick(['35 см', '40 см', '183 см'], i),
        Цена: `${6 + i},50 €`,
        Описание: '<p>Кожа, <b>шита</b> на ръка.</p>',
      })),
    ),
    currency: 'EUR',
    columns: 'title group option price description',
    want: made(
      6,
      (i) =>
        `Ремък ${pick(['кръгъл', 'клинов'], Math.floor(i / 3))} | ${pick(['35 см', '40 см', '183 см'], i)} | ${(6 + i) * 100 + 50} | ∞`,
    ).join('\n'),
  },
];
