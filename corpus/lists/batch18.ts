import { feed, fixedWidth, gtin, jsonLines, made, pick, savedPage, type ListCase } from './case';

/**
 * Drawn and written on 27 November 2026, before the reader was run on any; each has the brief that its seller would have given. Three of
 * the twenty that were drawn have no list.
 */
export const batch18: ListCase[] = [
  {
    drawn: '38451/1 cloth nappies, Bogotá',
    file: 'panales.xlsx',
    brief: 'Culito Seco, Bogotá. Pañales de tela. Precios en pesos colombianos.',
    sheets: [
      {
        name: 'Lista',
        rows: [
          ['Culito Seco'],
          ['Precios con IVA'],
          ['Producto', 'Opción', 'Valor', 'Precio (COP)', 'Código de barras', 'Ref.', 'Peso (g)'],
          ['Pañal de bolsillo', 'Color', 'amarillo', 42000, gtin(770_100_000_001), 'CS 01 A', 120],
          ['Pañal de bolsillo', 'Color', 'verde', 42000, gtin(770_100_000_002), 'CS 01 V', 120],
          ['Pañal de bolsillo', 'Color', 'gris', 42000, gtin(770_100_000_003, 2), 'CS 01 G', 120],
          ['Pañal nocturno', 'Color', 'azul', 51000, gtin(770_100_000_004), 'CS 02 A', 150],
          ['Pañal nocturno', 'Color', 'gris', 51000, gtin(770_100_000_005), 'CS 02 G', 150],
          ['Inserto', 'Tela', 'bambú', 12000, gtin(770_100_000_006), 'CS 03 B', 45],
          ['Inserto', 'Tela', 'microfibra', 9000, gtin(770_100_000_007), 'CS 03 M', 40],
          ['Cubierta', 'Color', 'blanco', 35000, gtin(770_100_000_008, 1), 'CS 04 B', 80],
          ['Total', '', '', 284000],
        ],
      },
    ],
    currency: 'COP',
    columns: 'title optionName optionValue price gtin sku weight',
    want: `Pañal de bolsillo | amarillo | 4200000 | ∞
Pañal de bolsillo | verde | 4200000 | ∞
Pañal de bolsillo | gris | 4200000 | ∞
Pañal nocturno | azul | 5100000 | ∞
Pañal nocturno | gris | 5100000 | ∞
Inserto | bambú | 1200000 | ∞
Inserto | microfibra | 900000 | ∞
Cubierta | blanco | 3500000 | ∞`,
    leftOut: 1,
  },
  {
    drawn: '38451/2 sponges, Rotterdam',
    file: 'sponzen.txt',
    encoding: 'windows-1252',
    brief: 'Spons, Rotterdam. Natuursponzen en wat daarbij hoort. Prijzen in euro.',
    text: `Artikel; Reeks; Doorsnee; Prijs; Omschrijving
${made(
  45,
  (i) =>
    `${pick(['Honingraat', 'Zijde', 'Olifantsoor', 'Gras', 'Atlas'], Math.floor(i / 3))} ${Math.floor(i / 15) + 1}; R${Math.floor(i / 3) + 1}; ${pick(['8 cm', '12 cm', '16 cm'], i)}; € ${4 + (i % 3) * 5 + Math.floor(i / 3)},95; <p>Gedoken bij <b>${pick(['Kalymnos', 'Tunesië'], Math.floor(i / 3))}</b>, gebleekt noch geverfd.</p>`,
).join('\n')}
`,
    currency: 'EUR',
    columns: 'title group option price description',
    want: made(
      45,
      (i) =>
        `${pick(['Honingraat', 'Zijde', 'Olifantsoor', 'Gras', 'Atlas'], Math.floor(i / 3))} ${Math.floor(i / 15) + 1} | ${pick(['8 cm', '12 cm', '16 cm'], i)} | ${(4 + (i % 3) * 5 + Math.floor(i / 3)) * 100 + 95} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '38451/3 maple syrup, Santiago',
    file: 'arce.jsonl',
    encoding: 'windows-1252',
    brief: 'Hoja Roja, Santiago. Jarabe de arce traído de Quebec. Pesos chilenos.',
    text: jsonLines([
      { prod: 'Jarabe ámbar', opc: 'Botella', val: '250 ml', prec: '8.900', cat: 'Dulces > Jarabes' },
      { prod: 'Jarabe ámbar', opc: 'Botella', val: '500 ml', prec: '15.900', cat: 'Dulces > Jarabes' },
      { prod: 'Azúcar de arce', opc: 'Bolsa', val: '200 g', prec: '7.500', cat: 'Dulces > Azúcar' },
    ]),
    currency: 'CLP',
    columns: 'title optionName optionValue price category',
    want: `Jarabe ámbar | 250 ml | 8900 | ∞
Jarabe ámbar | 500 ml | 15900 | ∞
Azúcar de arce | 200 g | 7500 | ∞`,
  },
  {
    drawn: '38451/5 marionettes, Medellín',
    file: 'titeres.xlsx',
    brief: 'Hilos, Medellín. Marionetas. Pesos.',
    sheets: [
      {
        name: 'Hoja 1',
        rows: [
          ['Hilos: lista de precios'],
          ['Marioneta', 'Alto (cm)', 'Precio ($)', 'Oferta ($)', 'Hilos (n)'],
          ...made(40, (i) => [
            `${pick(['Rey', 'Diablo', 'Burro', 'Luna', 'Abuela'], Math.floor(i / 2))} ${Math.floor(i / 10) + 1}`,
            pick([30, 45], i),
            85000 + Math.floor(i / 2) * 2000 + (i % 2) * 20000,
            i % 9 === 2 ? 79000 + (i % 2) * 20000 : '',
            pick([5, 7, 9], Math.floor(i / 2)),
          ]),
          ['Total', '', 5160000, '', ''],
        ],
      },
    ],
    currency: 'COP',
    columns: 'title option earlierPrice price particular',
    want: made(
      40,
      (i) =>
        `${pick(['Rey', 'Diablo', 'Burro', 'Luna', 'Abuela'], Math.floor(i / 2))} ${Math.floor(i / 10) + 1} | ${pick([30, 45], i)} | ${(i % 9 === 2 ? 79000 + (i % 2) * 20000 : 85000 + Math.floor(i / 2) * 2000 + (i % 2) * 20000) * 100} | ∞`,
    ).join('\n'),
    leftOut: 1,
  },
  {
    drawn: '38451/6 pewter tankards, Reykjavík',
    file: 'krusir.psv',
    brief: 'Tinsmiðja, Reykjavík. Pewter tankards. Íslenskar krónur.',
    text: `reason to drink|clan|grip|ransom|holds|lid|base|thumbpiece|engraved|polish
${made(
  40,
  (i) =>
    `${pick(['Þór', 'Loki', 'Freyja', 'Óðinn'], Math.floor(i / 2))} ${Math.floor(i / 8) + 1}|K${Math.floor(i / 2) + 1}|${pick(['left', 'right'], i)}|${i === 11 ? 'frá 22.000 kr' : i === 26 ? '25.000–30.000 kr' : `${18 + Math.floor(i / 2)}.500 kr`}|${pick(['0,5 l', '0,7 l'], Math.floor(i / 2))}|${pick(['domed', 'flat'], Math.floor(i / 2))}|${pick(['glass', 'pewter'], Math.floor(i / 2))}|${pick(['ball', 'shell', 'twig'], Math.floor(i / 2))}|${pick(['by hand', 'no'], Math.floor(i / 2))}|${pick(['matt', 'bright'], Math.floor(i / 2))}`,
).join('\n')}
`,
    currency: 'ISK',
    columns: 'title group option price particular particular particular particular particular particular',
    want: made(
      40,
      (i) =>
        `${pick(['Þór', 'Loki', 'Freyja', 'Óðinn'], Math.floor(i / 2))} ${Math.floor(i / 8) + 1} | ${pick(['left', 'right'], i)} | ${i === 11 || i === 26 ? '?' : (18 + Math.floor(i / 2)) * 1000 + 500} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '38451/7 icons painted on lime wood, Santiago',
    file: 'iconos.json',
    brief: 'Tilo, Santiago de Chile. Icons painted on lime wood. Chilean pesos.',
    text: JSON.stringify(
      made(16, (i) => ({
        'who is on it':
          i === 3
            ? 'San Jorge "el bravo'
            : `${pick(['San Nicolás', 'La Trinidad', 'Santa Bárbara', 'San Jorge'], i)} ${Math.floor(i / 4) + 1}`,
        'boards we cut': pick(['20 x 25 cm / 30 x 40 cm', '30 x 40 cm', '20 x 25 cm'], i),
        'an offering of': `$${65 + i * 3}.000`,
        'the painter says': pick(['Egg, earth,\n"patience".', 'Gold on the halo only.', 'After Rublev, from memory.'], i),
      })),
    ),
    currency: 'CLP',
    columns: 'title option price description',
    want: made(16, (i) =>
      pick(['20 x 25 cm / 30 x 40 cm', '30 x 40 cm', '20 x 25 cm'], i)
        .split(' / ')
        .map(
          (board) =>
            `${i === 3 ? 'San Jorge "el bravo' : `${pick(['San Nicolás', 'La Trinidad', 'Santa Bárbara', 'San Jorge'], i)} ${Math.floor(i / 4) + 1}`} | ${board} | ${(65 + i * 3) * 1000} | ∞`,
        )
        .join('\n'),
    ).join('\n'),
  },
  {
    drawn: '38451/8 flamenco fans, Lagos',
    file: 'fans.csv',
    brief: 'Abanico Lagos. Fans for flamenco and for the heat. Naira.',
    text: `wind maker,you choose,from these,regret,lesser regret,gossip
Feria,Colour,red,"₦18,500","₦15,000","<p>Opens with a <em>crack</em>.</p>"
Feria,Colour,black,"₦18,500",,"<p>Opens with a <em>crack</em>.</p>"
Abuela,Lace,white,"₦26,000",,<p>Was hers.</p>
`,
    currency: 'NGN',
    columns: 'title optionName optionValue earlierPrice price description',
    want: `Feria | red | 1500000 | ∞
Feria | black | 1850000 | ∞
Abuela | white | 2600000 | ∞`,
  },
  {
    drawn: '38451/9 frames for odd sizes, Jakarta',
    file: 'bingkai.html',
    brief: 'Bingkai Miring, Jakarta. Frames for what is not square. Rupiah.',
    text: savedPage(
      'Bingkai Miring',
      made(18, (i) => ({
        '@type': 'Product',
        name: `Frame ${pick(['Kemang', 'Menteng', 'Senen', 'Glodok', 'Ancol', 'Cikini'], i)} ${Math.floor(i / 6) + 1}`,
        gtin13: gtin(899_300_000_000 + i, i === 2 ? 5 : 0),
        'how crooked it is': pick(['a little', 'very'], i),
        offers: { '@type': 'Offer', price: 185000 + i * 5000, priceCurrency: 'IDR' },
      })),
    ),
    currency: 'IDR',
    columns: 'title gtin particular price currency',
    want: made(
      18,
      (i) =>
        `Frame ${pick(['Kemang', 'Menteng', 'Senen', 'Glodok', 'Ancol', 'Cikini'], i)} ${Math.floor(i / 6) + 1} | | ${(185000 + i * 5000) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '38451/11 tablet weaving cards, Boise',
    file: 'cards.xml',
    encoding: 'windows-1252',
    brief: 'Sawtooth Weaving, Boise, Idaho. Cards for tablet weaving. Dollars.',
    text: feed(
      made(33, (i) => [
        ['a', `Cards ${pick(['Sawtooth', 'Payette', 'Lemhi', 'Snake', 'Bruneau', 'Owyhee'], Math.floor(i / 6))}`],
        ['b', pick(['natural', 'walnut', 'indigo'], i)],
        ['c', pick(['2.5 in', '3.25 in'], Math.floor(i / 3))],
        ['d', `$${11 + Math.floor(i / 6) + (Math.floor(i / 3) % 2) * 4}.50`],
      ]),
      'windows-1252',
    ),
    currency: 'USD',
    columns: 'title option option price',
    want: made(
      33,
      (i) =>
        `Cards ${pick(['Sawtooth', 'Payette', 'Lemhi', 'Snake', 'Bruneau', 'Owyhee'], Math.floor(i / 6))} | ${pick(['natural', 'walnut', 'indigo'], i)} / ${pick(['2.5 in', '3.25 in'], Math.floor(i / 3))} | ${(11 + Math.floor(i / 6) + (Math.floor(i / 3) % 2) * 4) * 100 + 50} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '38451/12 ploughman’s knives, Córdoba',
    file: 'cuchillos.csv',
    brief: 'Surco, Córdoba, Argentina. Cuchillos de labrador. Pesos.',
    text: `Labrador;L1;9 cm;28.500,00;algarrobo
Labrador;L1;11 cm;31.500,00;algarrobo
Gaucho;G1;14 cm;45.000,00;asta
Gaucho;G1;18 cm;desde 52.000,00;asta
Gaucho;G1;22 cm;68.000,00;asta
Injerto;I1;7 cm;22.000,00;olivo
Injerto;I1;9 cm;24.500,00;olivo
Verijero;V1;12 cm;39.000,00 - 44.000,00;hueso
Verijero;V1;16 cm;49.000,00;hueso
Navaja;N1;8 cm;19.900,00;olivo
Navaja;N1;10 cm;23.900,00;olivo
Carnicero;C1;20 cm;57.000,00;algarrobo
Carnicero;C1;25 cm;63.000,00;algarrobo
Chaira;H1;30 cm;18.000,00;asta
`,
    currency: 'ARS',
    columns: 'title group option price particular',
    want: `Labrador | 9 cm | 2850000 | ∞
Labrador | 11 cm | 3150000 | ∞
Gaucho | 14 cm | 4500000 | ∞
Gaucho | 18 cm | ? | ∞
Gaucho | 22 cm | 6800000 | ∞
Injerto | 7 cm | 2200000 | ∞
Injerto | 9 cm | 2450000 | ∞
Verijero | 12 cm | ? | ∞
Verijero | 16 cm | 4900000 | ∞
Navaja | 8 cm | 1990000 | ∞
Navaja | 10 cm | 2390000 | ∞
Carnicero | 20 cm | 5700000 | ∞
Carnicero | 25 cm | 6300000 | ∞
Chaira | 30 cm | 1800000 | ∞`,
  },
  {
    drawn: '38451/13 gospel records, Bologna',
    file: 'dischi.txt',
    brief: 'Alleluia Dischi, Bologna. Gospel records. Euro.',
    text: `Disco; Formato (pollici); Prezzo (€); Anno; Stato
${made(
  48,
  (i) =>
    `${i === 9 ? '"' : ''}${pick(['Staple', 'Soul Stirrers', 'Mahalia', 'Caravans'], Math.floor(i / 2))} vol. ${Math.floor(i / 8) + 1}; ${pick(['7', '12'], i)}; ${i === 20 ? '$25,00' : `${8 + (i % 2) * 10 + Math.floor(i / 2)},00`}; ${1955 + Math.floor(i / 2)}; ${pick(['VG', 'EX', 'NM'], Math.floor(i / 2))}`,
).join('\n')}
`,
    currency: 'EUR',
    columns: 'title option price particular particular',
    want: made(
      48,
      (i) =>
        `${i === 9 ? '"' : ''}${pick(['Staple', 'Soul Stirrers', 'Mahalia', 'Caravans'], Math.floor(i / 2))} vol. ${Math.floor(i / 8) + 1} | ${pick(['7', '12'], i)} | ${i === 20 ? '?' : (8 + (i % 2) * 10 + Math.floor(i / 2)) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '38451/14 bread proving baskets, Tbilisi',
    file: 'baskets.txt',
    brief: 'Purebi, Tbilisi. Baskets for dough. Georgian lari.',
    text: fixedWidth(
      [20, 12, 14, 14],
      [
        ['What it holds', 'Across', 'Full ask', 'This month'],
        ['Shoti basket', '40 cm', '38.00', ''],
        ['Shoti basket', '50 cm', '45.00', '39.00'],
        ['Round basket', '20 cm', '28.00', ''],
        ['Round basket', '25 cm', '33.00', '29.00'],
        ['Long basket', '35 cm', '36.00', '30.00'],
        ['Cloth', '', '6.00', ''],
      ],
    ),
    currency: 'GEL',
    columns: 'title option earlierPrice price',
    want: `Shoti basket | 40 cm | 3800 | ∞
Shoti basket | 50 cm | 3900 | ∞
Round basket | 20 cm | 2800 | ∞
Round basket | 25 cm | 2900 | ∞
Long basket | 35 cm | 3000 | ∞
Cloth | | 600 | ∞`,
  },
  {
    drawn: '38451/15 grafting knives, Seville',
    file: 'injertos.xlsx',
    brief: 'Injerto, Sevilla. Knives for grafting. Euros.',
    sheets: [
      {
        name: 'Plegables',
        rows: [
          ['Title', 'Group', 'Blade', 'Price', 'Note', 'Note', 'Description'],
          ['Naranjo', 'N', '6 cm', 34, 'olive', 'folds', '<p>For <b>oranges</b>.</p>'],
          ['Naranjo', 'N', '7 cm', 37, 'olive', 'folds', '<p>For <b>oranges</b>.</p>'],
          ['Rosal', 'R', '5 cm', 29, 'box', 'folds', '<p>For roses.</p>'],
          ['Rosal', 'R', '6 cm', 31, 'box', 'folds', '<p>For roses.</p>'],
        ],
      },
      {
        name: 'Fijos',
        rows: [
          ['Title', 'Group', 'Blade', 'Price', 'Note', 'Note', 'Description'],
          ['Olivo', 'O', '8 cm', 42, 'holm oak', 'fixed', '<p>Heavy.</p>'],
          ['Olivo', 'O', '9 cm', 46, 'holm oak', 'fixed', '<p>Heavy.</p>'],
        ],
      },
    ],
    currency: 'EUR',
    columns: 'title group option price particular particular description',
    want: `Naranjo | 6 cm | 3400 | ∞
Naranjo | 7 cm | 3700 | ∞
Rosal | 5 cm | 2900 | ∞
Rosal | 6 cm | 3100 | ∞
Olivo | 8 cm | 4200 | ∞
Olivo | 9 cm | 4600 | ∞`,
  },
  {
    drawn: '38451/17 storm lanterns, Tbilisi',
    file: 'lanterns.jsonl',
    brief: 'Mnatobi, Tbilisi, Georgia. Storm lanterns. Lari.',
    text: [
      ['Railway', 'Glass', 'clear', '95', 'in stock', 'burns 20 h', 'brass'],
      ['Railway', 'Glass', 'red', '105', 'one left', 'burns 20 h', 'brass'],
      ['Ship', 'Glass', 'clear', '140', 'sold out', 'burns 40 h', 'copper'],
      ['Ship', 'Glass', 'green', '150', 'in stock', 'burns 40 h', 'copper'],
      ['Tent', 'Wick', 'flat', '38', 'plenty', 'burns 9 h', 'tin'],
      ['Tent', 'Wick', 'round', '$15', 'plenty', 'burns 12 h', 'tin'],
      ['Spare glass', 'Glass', 'clear', '12', 'a few', '', 'glass'],
      ['Spare glass', 'Glass', 'red', '14', 'no more', '', 'glass'],
    ]
      .map(
        ([lamp, name, value, price, stock, first, second]) =>
          `{"lantern":"${lamp}","option":"${name}","value":"${value}","price":"${price}","stock":"${stock}","detail":"${first}","detail":"${second}"}`,
      )
      .join('\n'),
    currency: 'GEL',
    columns: 'title optionName optionValue price stock particular/description',
    want: `Railway | clear | 9500 | ∞
Railway | red | 10500 | 1
Ship | clear | 14000 | 0
Ship | green | 15000 | ∞
Tent | flat | 3800 | ∞
Tent | round | ? | ∞
Spare glass | clear | 1200 | ?
Spare glass | red | 1400 | ?`,
  },
  {
    drawn: '38451/18 woad pigments, Louisville, Kentucky',
    file: 'woad.csv',
    brief: 'Blue Grass Woad, Louisville, Kentucky. Pigments from woad. US dollars.',
    text: `Pigment,Price ($),Sale price ($),Stock,Mesh (µm),Lightfast (1-8)
Woad blue - 10 g,18.00,,in stock,20,7
Woad blue - 50 g,72.00,64.00,in stock,20,7
Woad sky - 10 g,16.00,,three,20,6
Woad sky - 50 g,64.00,,sold out,20,6
Woad pink - 10 g,22.00,,in stock,15,4
Woad grey - 10 g,15.00,12.00,plenty,25,7
Woad grey - 50 g,60.00,,plenty,25,7
Gum arabic,9.00,,in stock,,
Shell gold - 2 g,85.00,,one,5,8
`,
    currency: 'USD',
    columns: 'title earlierPrice price stock particular particular',
    want: `Woad blue | 10 g | 1800 | ∞
Woad blue | 50 g | 6400 | ∞
Woad sky | 10 g | 1600 | 3
Woad sky | 50 g | 6400 | 0
Woad pink | 10 g | 2200 | ∞
Woad grey | 10 g | 1200 | ∞
Woad grey | 50 g | 6000 | ∞
Gum arabic | | 900 | ∞
Shell gold | 2 g | 8500 | 1`,
  },
  {
    drawn: '38451/19 rocking horses, Ljubljana',
    file: 'konji.tsv',
    encoding: 'windows-1250',
    brief: 'Gugalni konj, Ljubljana. Rocking horses. Evri.',
    text: `izd.\tviš.\tcena\tlak\n"Šimelj"\t60 cm\tod 180,00 €\toljni\n\t80 cm\t240,00 €\toljni\nRjavec\t60 cm\t195,00–215,00 €\tvosek\n`,
    currency: 'EUR',
    columns: 'title option price particular',
    want: `Šimelj | 60 cm | ? | ∞
Šimelj | 80 cm | 24000 | ∞
Rjavec | 60 cm | ? | ∞`,
  },
  {
    drawn: '38451/20 comic back issues, Kumasi',
    file: 'comics.psv',
    brief: 'Sankofa Comics, Kumasi, Ghana. Back issues and blank books. Cedis.',
    text: `Ananse reprint|red|A5|GH₵45|120 g|SC 01 R
Ananse reprint|blue|A5|GH₵45|120 g|SC 01 B
Ananse reprint|red|A4|GH₵70|210 g|SC 02 R
`,
    currency: 'GHS',
    columns: 'title option option price weight/particular sku',
    want: `Ananse reprint | red / A5 | 4500 | ∞
Ananse reprint | blue / A5 | 4500 | ∞
Ananse reprint | red / A4 | 7000 | ∞`,
  },
];
