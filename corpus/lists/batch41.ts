import { feed, fixedWidth, gtin, made, pick, product, savedPage, type ListCase } from './case';

const shade = ['Sage', 'Rust', 'Slate', 'Oat', 'Juniper', 'Brick', 'Storm', 'Moss', 'Chalk', 'Plum'] as const;
const fork = ['Hàn', 'Mỹ Khê', 'Sơn Trà', 'Hội An', 'Ngũ Hành'] as const;
const brace = ['Ferry', 'Gulf', 'Saturna', 'Mayne', 'Pender', 'Galiano'] as const;
const rye = ['Viso grūdo', 'Sijoti', 'Smulkūs', 'Rupūs', 'Skrudinti', 'Salykliniai', 'Sėlenos'] as const;
const cymbal = ['Derby', 'Bourbon', 'Falls', 'Cherokee', 'Iroquois', 'Shawnee'] as const;
const wine = ['Bozcaada', 'Urla', 'Şarköy', 'Elmalı', 'Ürgüp', 'Diyarbakır', 'Mürefte'] as const;
const ink = ['Sepia', 'Maqui', 'Índigo', 'Hollín', 'Cochinilla', 'Verdigris', 'Nogal'] as const;

/** Drawn (304031, 304032, 304033; those without a list left out) and written on 30 November 2026, before the reader was run on any. */
export const batch41: ListCase[] = [
  {
    drawn: '304031/1 mending wool, Boise',
    file: 'wool.json',
    encoding: 'windows-1252',
    brief: 'Mending wool on cards, dyed in Boise, Idaho.',
    text: JSON.stringify(
      made(120, (i) => ({
        ttl: `${pick(shade, i)} no ${i + 1}`,
        prc: `${(4.5 + (i % 4) * 0.5).toFixed(2)}`,
        qty: (i * 13) % 30,
        ean: gtin(84000000000 + i, i === 60 ? 1 : 0),
        dye: pick(['walnut', 'café', 'madder'], i),
      })),
    ),
    currency: 'USD',
    columns: 'title price stock gtin particular',
    want: made(
      120,
      (i) => `${pick(shade, i)} no ${i + 1} |  | ${Math.round((4.5 + (i % 4) * 0.5) * 100)} | ${(i * 13) % 30}`,
    ).join('\n'),
  },
  {
    drawn: '304031/2 metronomes, Montréal',
    file: 'metronomes.html',
    encoding: 'windows-1252',
    brief: 'Métronomes remis à neuf, Montréal. We write English and French. Canadian dollars.',
    text: savedPage(
      'Métronomes',
      made(18, (i) =>
        product(
          ['Pyramide', 'Boîte', 'Tour', 'Œuf', 'Poche', 'Étagère'][Math.floor(i / 3)] ?? '',
          i === 8 ? '140' : `${95 + Math.floor(i / 3) * 20 + (i % 3) * 10}`,
          i === 8 ? 'USD' : 'CAD',
          { inProductGroupWithID: `M${Math.floor(i / 3) + 1}`, material: ['hêtre', 'noyer', 'érable'][i % 3] },
        ),
      ),
    ).replace('<meta charset="utf-8">', '<meta charset="windows-1252">'),
    currency: 'CAD',
    columns: 'title group option price currency',
    want: made(
      18,
      (i) =>
        `${['Pyramide', 'Boîte', 'Tour', 'Œuf', 'Poche', 'Étagère'][Math.floor(i / 3)]} | ${['hêtre', 'noyer', 'érable'][i % 3]} | ${i === 8 ? '?' : (95 + Math.floor(i / 3) * 20 + (i % 3) * 10) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '304031/3 bath salts, Brno',
    file: 'salts.txt',
    encoding: 'windows-1250',
    brief: 'Bath salts mixed in Brno, Czechia. Czech crowns.',
    text: fixedWidth(
      [24, 18, 14, 14, 14],
      [
        ['The jar', 'What you choose', 'Which', 'We ask', 'This month'],
        ...made(18, (i) => [
          `${['Špilberk', 'Kraví hora', 'Žabovřesky', 'Řečkovice', 'Líšeň', 'Černá Pole'][Math.floor(i / 3)]}`,
          'Size',
          ['200 g', '500 g', '1 kg'][i % 3] ?? '',
          `${[149, 289, 490][i % 3]} Kč`,
          i % 6 === 4 ? `${[129, 249, 420][i % 3]} Kč` : '',
        ]),
      ],
    ),
    currency: 'CZK',
    columns: 'title optionName optionValue earlierPrice/price price/earlierPrice',
    want: made(
      18,
      (i) =>
        `${['Špilberk', 'Kraví hora', 'Žabovřesky', 'Řečkovice', 'Líšeň', 'Černá Pole'][Math.floor(i / 3)]} | ${['200 g', '500 g', '1 kg'][i % 3]} | ${(i % 6 === 4 ? [129, 249, 420][i % 3] : [149, 289, 490][i % 3]) ?? 0}00 | ∞`,
    ).join('\n'),
  },
  {
    drawn: '304031/4 cast-iron pans, Medellín',
    file: 'sartenes.xml',
    brief: 'Sartenes de hierro recuperadas, Medellín, Colombia. Pesos.',
    text: feed([
      ...made(18, (i) => i)
        .filter((i) => i % 5 !== 3)
        .map((i): [string, string][] => [
          ['title', ['Sartén Envigado', 'Parrilla Sabaneta', 'Olla Bello'][Math.floor(i / 6)] ?? ''],
          ['color', ['negro', 'gris'][i % 2] ?? ''],
          ['size', ['18 cm', '24 cm', '30 cm'][Math.floor((i % 6) / 2)] ?? ''],
          ['price', `${90 + Math.floor((i % 6) / 2) * 35 + Math.floor(i / 6) * 20}000 COP`],
          ['description', '<p>Curada <strong>tres</strong> veces.</p><ul><li>Sin barniz</li></ul>'],
        ]),
      [
        ['title', 'Producto de ejemplo'],
        ['color', ''],
        ['size', ''],
        ['price', '0 COP'],
        ['description', '<p>Lorem ipsum</p>'],
      ],
    ]),
    currency: 'COP',
    columns: 'title option option price description',
    leftOut: 1,
    want: made(18, (i) => i)
      .filter((i) => i % 5 !== 3)
      .map(
        (i) =>
          `${['Sartén Envigado', 'Parrilla Sabaneta', 'Olla Bello'][Math.floor(i / 6)]} | ${['negro', 'gris'][i % 2]} / ${['18 cm', '24 cm', '30 cm'][Math.floor((i % 6) / 2)]} | ${(90 + Math.floor((i % 6) / 2) * 35 + Math.floor(i / 6) * 20) * 100000} | ∞`,
      )
      .join('\n'),
  },
  {
    drawn: '304031/5 tuning forks, Da Nang',
    file: 'forks.html',
    brief: 'Tuning forks from Da Nang, Vietnam.',
    text: savedPage(
      'Forks',
      made(350, (i) =>
        product(
          `${pick(fork, Math.floor(i / 2))} ${Math.floor(i / 10) + 1} – ${['blued', 'bright'][i % 2]}`,
          `${320000 + (i % 2) * 40000 + (Math.floor(i / 2) % 6) * 15000}`,
          'VND',
          {
            'what it hums': `${pick(['A', 'C', 'D', 'G'], Math.floor(i / 2))} ${pick(['440', '432', '256'], Math.floor(i / 2))}`,
            'how long it sulks': `${20 + (Math.floor(i / 2) % 20)} s`,
            'who it annoys': pick(['dogs', 'flautists', 'nobody'], Math.floor(i / 2)),
          },
        ),
      ),
    ),
    currency: 'VND',
    columns: 'title particular particular particular price currency',
    want: made(
      350,
      (i) =>
        `${pick(fork, Math.floor(i / 2))} ${Math.floor(i / 10) + 1} | ${['blued', 'bright'][i % 2]} | ${320000 + (i % 2) * 40000 + (Math.floor(i / 2) % 6) * 15000} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '304031/6 trouser braces, a ferry island near Vancouver',
    file: 'braces.tsv',
    encoding: 'windows-1252',
    brief: 'Trouser braces, sewn on an island two ferries from Vancouver, Canada. Prices in Canadian dollars.',
    text: `Name\tColour\tLength\tPrice\tClip\tClip\n${made(18, (i) => i)
      .filter((i) => i !== 7)
      .map(
        (i) =>
          `${pick(brace, Math.floor(i / 6))}\t${['écru', 'navy', 'rust'][i % 3]}\t${['regular', 'long'][Math.floor((i % 6) / 3)]}\t$${48 + Math.floor((i % 6) / 3) * 4}.00\t${pick(['brass', 'nickel'], Math.floor(i / 6))}\t4`,
      )
      .join('\n')}\n`,
    currency: 'CAD',
    columns: 'title option option price particular particular',
    want: made(18, (i) => i)
      .filter((i) => i !== 7)
      .map(
        (i) =>
          `${pick(brace, Math.floor(i / 6))} | ${['écru', 'navy', 'rust'][i % 3]} / ${['regular', 'long'][Math.floor((i % 6) / 3)]} | ${(48 + Math.floor((i % 6) / 3) * 4) * 100} | ∞`,
      )
      .join('\n'),
  },
  {
    drawn: '304032/1 sewing machine belts, Bogotá',
    file: 'correas.csv',
    brief: 'Correas para máquinas de coser antiguas, Bogotá, Colombia.',
    text: `Artículo;Opción;Valor;Precio;Precio rebajado;Cuero;Curtido;Grosor;Cierre;Máquinas;Vida útil
Correa para pedal;Largo;180 cm;28.000;24.500;res;vegetal;5,5 mm;grapa;de pedal;diez años
Correa para pedal;Largo;190 cm;29.500;;res;vegetal;5,5 mm;grapa;de pedal;diez años
Correa de motor;Largo;35 cm;12.000;;goma;–;6,0 mm;sin fin;eléctricas;tres años
`,
    currency: 'COP',
    columns:
      'title optionName optionValue earlierPrice/price price/earlierPrice particular particular particular particular particular particular',
    want: `Correa para pedal | 180 cm | 2450000 | ∞
Correa para pedal | 190 cm | 2950000 | ∞
Correa de motor | 35 cm | 1200000 | ∞`,
  },
  {
    drawn: '304032/2 slide projectors, Bogotá',
    file: 'proyectores.csv',
    brief: 'Slide projectors, repaired in Bogotá, Colombia. Pesos.',
    text: `Projector;Price (COP);EAN;Lamp (W);Weight (kg);Lens (mm);Fan (dB);Trays (pcs);Cable (m)
Rollo 40 – grey;480.000;${gtin(770200000001)};150;4,2;85;38;2;1,8
Rollo 40 – cream;495.000;${gtin(770200000002)};150;4,2;85;38;2;1,8
Rollo 80 – grey;620.000;${gtin(770200000003, 4)};250;5,6;90;42;3;2,5
Rollo 80 – black;640.000;${gtin(770200000004)};250;5,6;90;42;3;2,5
Visor de mano;95.000;${gtin(770200000005)};3;0,4;;;;
Bombillo de repuesto;38.000;${gtin(770200000006)};150;0,1;;;;
`,
    currency: 'COP',
    columns: 'title price gtin particular weight particular particular particular particular',
    want: `Rollo 40 | grey | 48000000 | ∞
Rollo 40 | cream | 49500000 | ∞
Rollo 80 | grey | 62000000 | ∞
Rollo 80 | black | 64000000 | ∞
Visor de mano |  | 9500000 | ∞
Bombillo de repuesto |  | 3800000 | ∞`,
  },
  {
    drawn: '304032/3 rye flour, Vilnius',
    file: 'miltai.tsv',
    brief: 'Rye flour, stone ground near Vilnius, Lithuania.',
    text: `Prod\tSz\tPr\tAsh %\tMill\tFld\n${made(
      35,
      (i) =>
        `${i % 5 ? '' : `${pick(rye, i / 5)} miltai`}\t${['500 g', '1 kg', '2 kg', '5 kg', '25 kg'][i % 5]}\t${i === 13 ? 'nuo 7,50' : i === 24 ? '28,00–32,00' : `${[1.8, 3.2, 5.9, 12.5, 48][i % 5]?.toFixed(2).replace('.', ',')}`}\t${(0.8 + Math.floor(i / 5) * 0.1).toFixed(1).replace('.', ',')}\t${pick(['Rokiškis', 'Anykščiai'], Math.floor(i / 5))}\t${pick(['north', 'river', 'hill'], Math.floor(i / 5))}`,
    ).join('\n')}\n`,
    currency: 'EUR',
    columns: 'title option price particular particular particular',
    want: made(
      35,
      (i) =>
        `${pick(rye, Math.floor(i / 5))} miltai | ${['500 g', '1 kg', '2 kg', '5 kg', '25 kg'][i % 5]} | ${i === 13 || i === 24 ? '?' : Math.round(([1.8, 3.2, 5.9, 12.5, 48][i % 5] ?? 0) * 100)} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '304032/4 saddle soap, Cardiff',
    file: 'soap.xlsx',
    brief: 'Saddle soap boiled in Cardiff, Wales.',
    sheets: [
      {
        name: 'Soap',
        rows: [
          ['The soap', 'Comes in', 'As', 'You pay', 'Still here?', 'Heavy as'],
          ['Glanrhyd bar', 'Size', 'small', 6.5, 'yes', '90 g'],
          ['Glanrhyd bar', 'Size', 'large', 11, 'two left', '210 g'],
          ['Liquid', 'Bottle', '250 ml', 9, 'gone', '280 g'],
        ],
      },
      {
        name: 'Balm',
        rows: [
          ['The soap', 'Comes in', 'As', 'You pay', 'Still here?', 'Heavy as'],
          ['Boot balm', 'Tin', '50 ml', 8, 'yes', '75 g'],
          ['Boot balm', 'Tin', '100 ml', 14, 'yes', '130 g'],
          ['Girth balm', 'Tin', '100 ml', 15, 'one', '130 g'],
        ],
      },
    ],
    currency: 'GBP',
    columns: 'title optionName optionValue price stock weight',
    want: `Glanrhyd bar | small | 650 | ∞
Glanrhyd bar | large | 1100 | 2
Liquid | 250 ml | 900 | 0
Boot balm | 50 ml | 800 | ∞
Boot balm | 100 ml | 1400 | ∞
Girth balm | 100 ml | 1500 | 1`,
  },
  {
    drawn: '304032/5 night lights, Wellington',
    file: 'lights.xlsx',
    brief: 'Night lights for people afraid of the dark, Wellington, New Zealand.',
    sheets: [
      {
        name: 'Price list',
        rows: [
          ['Night lights, summer list'],
          ['All hand thrown. GST is in it.'],
          [],
          ['Nm', 'Pr', 'Qty', 'Bulb'],
          ...made(35, (i): (string | number)[] =>
            i === 9
              ? ['Test light', 1, 1, 'x']
              : [
                  `${pick(['Ruru', 'Weka', 'Tūī', 'Kea', 'Pāteke'], i)} light ${i + 1}`,
                  i === 4 ? 'from 65' : i === 21 ? '80 - 95' : 58 + (i % 6) * 5,
                  (i * 5) % 11,
                  pick(['LED 1 W', 'LED 2 W'], i),
                ],
          ),
          ['Total', '', made(35, (i) => (i === 9 ? 1 : (i * 5) % 11)).reduce((a, b) => a + b, 0)],
        ],
      },
    ],
    currency: 'NZD',
    columns: 'title price stock particular',
    leftOut: 1,
    want: made(35, (i) => i)
      .filter((i) => i !== 9)
      .map(
        (i) =>
          `${pick(['Ruru', 'Weka', 'Tūī', 'Kea', 'Pāteke'], i)} light ${i + 1} |  | ${i === 4 || i === 21 ? '?' : (58 + (i % 6) * 5) * 100} | ${(i * 5) % 11}`,
      )
      .join('\n'),
  },
  {
    drawn: '304032/6 greetings cards in Braille, Rostock',
    file: 'karten.json',
    brief: 'Greetings cards in Braille, Rostock, Germany.',
    text: JSON.stringify([
      {
        Karte: 'Geburtstag',
        Größe: 'A6',
        Preis: '4,90',
        'Preis jetzt': '',
        Text: 'Alles Gute,\nsagt die "Tastkarte".',
        Papier: '250 g',
      },
      { Karte: '', Größe: 'A5', Preis: '6,90', 'Preis jetzt': '5,50', Text: '', Papier: '250 g' },
      { Karte: 'Trauer', Größe: 'A6', Preis: '4,90', 'Preis jetzt': '', Text: 'Ohne Wort,\nnur eine Linie.', Papier: '300 g' },
    ]),
    currency: 'EUR',
    columns: 'title option earlierPrice/price price/earlierPrice description particular/weight',
    want: `Geburtstag | A6 | 490 | ∞
Geburtstag | A5 | 550 | ∞
Trauer | A6 | 490 | ∞`,
  },
  {
    drawn: '304032/7 slate signs, Da Nang',
    file: 'signs.txt',
    brief: 'Slate signs cut in Da Nang, Vietnam. Dong.',
    text: `What hangs there, what is up to you, your verdict, what it sets you back, on the scales
House number, Edge, "sawn, 450.000 ₫, 1.2 kg
House number, Edge, split, 390.000 ₫, 1.3 kg
Name plate, Edge, sawn, 620.000 ₫, 2.1 kg
`,
    currency: 'VND',
    columns: 'title optionName optionValue price weight',
    want: `House number | "sawn | 450000 | ∞
House number | split | 390000 | ∞
Name plate | sawn | 620000 | ∞`,
  },
  {
    drawn: '304033/1 cymbals, Louisville',
    file: 'cymbals.xml',
    brief: 'Cymbals hammered in Louisville, Kentucky.',
    text: feed(
      made(120, (i) =>
        i === 17
          ? [
              ['cymbal', 'Example product'],
              ['differs_by', 'x'],
              ['this_one', 'x'],
              ['asking', '$0'],
              ['scale_says', '0 g'],
            ]
          : [
              ['cymbal', `${pick(cymbal, Math.floor(i / 4))} ${Math.floor(i / 24) + 1}`],
              ['differs_by', 'Diameter'],
              ['this_one', `${[14, 16, 18, 20][i % 4]} in`],
              ['asking', `$${180 + (i % 4) * 40 + Math.floor(i / 24) * 10}`],
              ['scale_says', `${900 + (i % 4) * 250} g`],
            ],
      ),
    ),
    currency: 'USD',
    columns: 'title optionName optionValue price weight',
    leftOut: 1,
    want: made(120, (i) => i)
      .filter((i) => i !== 17)
      .map(
        (i) =>
          `${pick(cymbal, Math.floor(i / 4))} ${Math.floor(i / 24) + 1} | ${[14, 16, 18, 20][i % 4]} in | ${(180 + (i % 4) * 40 + Math.floor(i / 24) * 10) * 100} | ∞`,
      )
      .join('\n'),
  },
  {
    drawn: '304033/2 wine labels, Istanbul',
    file: 'etiket.html',
    brief: 'Wine labels printed in Istanbul, Turkey. Lira.',
    text: savedPage(
      'Labels',
      made(350, (i) =>
        product(
          i % 5 ? '' : `${pick(wine, i / 5)} label ${Math.floor(i / 35) + 1}`,
          i === 111 ? '9.50' : `${180 + (i % 5) * 60}`,
          i === 111 ? 'EUR' : 'TRY',
          {
            'how many on a sheet': ['24', '18', '12', '8', '4'][i % 5],
            'paper that it likes': pick(['cotton', 'linen', 'metal'], Math.floor(i / 5)),
            gtin13: gtin(869000000000 + i, i === 30 ? 3 : 0),
          },
        ),
      ),
    ),
    currency: 'TRY',
    columns: 'title option particular gtin price currency',
    want: made(
      350,
      (i) =>
        `${pick(wine, Math.floor(i / 5))} label ${Math.floor(i / 35) + 1} | ${['24', '18', '12', '8', '4'][i % 5]} | ${i === 111 ? '?' : (180 + (i % 5) * 60) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '304033/3 fishing floats, Nantes',
    file: 'flotteurs.txt',
    brief: 'Flotteurs de pêche, tournés à Nantes. Fishing floats, prices in euros.',
    text: fixedWidth(
      [30, 16, 12, 12, 34],
      [
        ['Flotteur', 'Prix', 'Plume', 'Plume', 'Texte'],
        ['Erdre - 2 g', '6,50 €', 'paon', '18 cm', '<p>Pour eau <b>calme</b>.</p>'],
        ['Erdre - 4 g', '7,00 €', 'paon', '18 cm', '<p>Pour eau <b>calme</b>.</p>'],
        ['Sèvre - 2 g', 'dès 6,50 €', 'oie', '15 cm', '<p>Pour courant.</p>'],
        ['Sèvre - 6 g', '8,00-9,50 €', 'oie', '15 cm', '<p>Pour courant.</p>'],
        ['Brière', '12,00 €', 'cygne', '22 cm', '<p>Pour marais.</p>'],
        ['Boîte de six', '38,00 €', '', '', '<p>En frêne.</p>'],
      ],
    ),
    currency: 'EUR',
    columns: 'title price particular particular description',
    want: `Erdre | 2 g | 650 | ∞
Erdre | 4 g | 700 | ∞
Sèvre | 2 g | ? | ∞
Sèvre | 6 g | ? | ∞
Brière |  | 1200 | ∞
Boîte de six |  | 3800 | ∞`,
  },
  {
    drawn: '304033/4 string, Arequipa',
    file: 'hilo.xml',
    brief: 'String of alpaca and cotton, Arequipa, Peru. Soles.',
    text: feed([
      [
        ['group', 'A'],
        ['title', 'Alpaca string'],
        ['colour', 'natural'],
        ['price', '24.00 PEN'],
        ['length', '50 m'],
      ],
      [
        ['group', 'A'],
        ['title', 'Alpaca string'],
        ['colour', 'black'],
        ['price', '26.00 PEN'],
        ['length', '50 m'],
      ],
      [
        ['group', 'C'],
        ['title', 'Cotton string'],
        ['colour', 'natural'],
        ['price', '9.00 PEN'],
        ['length', '80 m'],
      ],
      [
        ['group', 'C'],
        ['title', 'Cotton string'],
        ['colour', 'indigo'],
        ['price', '3.20 USD'],
        ['length', '80 m'],
      ],
      [
        ['group', 'H'],
        ['title', 'Hemp string'],
        ['colour', 'natural'],
        ['price', '11.00 PEN'],
        ['length', '80 m'],
      ],
      [
        ['group', 'S'],
        ['title', 'Scissors'],
        ['colour', ''],
        ['price', '35.00 PEN'],
        ['length', ''],
      ],
    ]),
    currency: 'PEN',
    columns: 'group title option price particular',
    want: `Alpaca string | natural | 2400 | ∞
Alpaca string | black | 2600 | ∞
Cotton string | natural | 900 | ∞
Cotton string | indigo | ? | ∞
Hemp string | natural | 1100 | ∞
Scissors |  | 3500 | ∞`,
  },
  {
    drawn: '304033/5 samovars, Arequipa',
    file: 'samovars.tsv',
    brief: 'Samovars, restored in Arequipa, Peru. Prices in soles.',
    text: `Title\tFinish\tPrice\tStock\tLitres\tTap\tFeet\tFlue\tMade in\tYear\tHeats with\tDescription
Samovar vase\tnickel\tS/ 1,450.00\t1\t4\tkey\tlion\tyes\tTula\t1911\tcharcoal\tTinned anew inside, with its tray.
Samovar vase\tbrass\tS/ 1,280.00\t2\t4\tkey\tlion\tyes\tTula\t1913\tcharcoal\tTinned anew inside, with its tray.
Samovar ball\tnickel\tS/ 1,690.00\t1\t5\tlever\tplain\tyes\tTula\t1902\tcharcoal\tA dent on one side, nobody sees it.
Samovar ball\tcopper\tS/ 1,820.00\t0\t5\tlever\tplain\tyes\tTula\t1898\tcharcoal\tThe oldest we have had.
Samovar travel\tbrass\tS/ 980.00\t1\t1.5\tkey\tfolding\tno\tMoscow\t1920\tspirit\tThe feet screw off.
Samovar travel\tnickel\tS/ 940.00\t3\t1.5\tkey\tfolding\tno\tMoscow\t1924\tspirit\tThe feet screw off.
Samovar bank\tnickel\tS/ 1,560.00\t1\t6\tlever\tlion\tyes\tRiga\t1908\tcharcoal\tFor a long table.
Samovar bank\tbrass\tS/ 1,510.00\t1\t6\tlever\tlion\tyes\tRiga\t1908\tcharcoal\tFor a long table.
Tray\tbrass\tS/ 210.00\t5\t\t\t\t\tRiga\t\t\tFits the vase and the ball.
Tray\tnickel\tS/ 230.00\t4\t\t\t\t\tRiga\t\t\tFits the vase and the ball.
Teapot, porcelain\twhite\tS/ 120.00\t8\t0.6\t\t\t\tArequipa\t\t\tNew, thrown by a friend.
`,
    currency: 'PEN',
    columns: 'title option price stock particular particular particular particular particular particular particular description',
    want: `Samovar vase | nickel | 145000 | 1
Samovar vase | brass | 128000 | 2
Samovar ball | nickel | 169000 | 1
Samovar ball | copper | 182000 | 0
Samovar travel | brass | 98000 | 1
Samovar travel | nickel | 94000 | 3
Samovar bank | nickel | 156000 | 1
Samovar bank | brass | 151000 | 1
Tray | brass | 21000 | 5
Tray | nickel | 23000 | 4
Teapot, porcelain | white | 12000 | 8`,
  },
  {
    drawn: '304033/6 calligraphy ink, Santiago',
    file: 'tintas.json',
    brief: 'Tintas de caligrafía, Santiago de Chile.',
    text: JSON.stringify(
      made(35, (i) => ({
        tinta: `${pick(ink, Math.floor(i / 5))} – ${['15 ml', '30 ml', '50 ml', '100 ml', 'barra'][i % 5]}`,
        'precio (CLP)': 6900 + (i % 5) * 2500,
        'oferta (CLP)': i % 7 === 3 ? 5900 + (i % 5) * 2500 : '',
        rubro: `Tintas > ${i < 20 ? 'Vegetales' : 'Minerales'}`,
        'secado (min)': 5 + Math.floor(i / 5),
      })),
    ),
    currency: 'CLP',
    columns: 'title earlierPrice/price price/earlierPrice category particular',
    want: made(
      35,
      (i) =>
        `${pick(ink, Math.floor(i / 5))} | ${['15 ml', '30 ml', '50 ml', '100 ml', 'barra'][i % 5]} | ${(i % 7 === 3 ? 5900 : 6900) + (i % 5) * 2500} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '304033/7 refurbished calculators, Manila',
    file: 'calcs.csv',
    brief: 'Refurbished calculators, Manila, the Philippines.',
    text: `Cd,Descr,Cols,Pr,Sale pr,Dig,Pwr,Yr\n${made(
      35,
      (i) =>
        `C${String(i + 1).padStart(2, '0')},${pick(['Desk', 'Pocket', 'Printing', 'Scientific', 'Solar'], i)} ${pick(['Ayala', 'Taft', 'Quiapo', 'Ermita', 'Pasig', 'Tondo', 'Malate'], Math.floor(i / 5))},"${i % 4 ? 'grey, black' : 'grey, black, cream'}",${850 + (i % 5) * 150}.00,${i % 8 === 2 ? `${690 + (i % 5) * 150}.00` : ''},${[8, 10, 12][i % 3]},${pick(['cell', 'mains', 'sun'], i)},${1974 + (i % 12)}`,
    ).join('\n')}\n`,
    currency: 'PHP',
    columns: 'sku title option earlierPrice/price price/earlierPrice particular particular particular',
    want: made(35, (i) =>
      (i % 4 ? ['grey', 'black'] : ['grey', 'black', 'cream']).map(
        (of) =>
          `${pick(['Desk', 'Pocket', 'Printing', 'Scientific', 'Solar'], i)} ${pick(['Ayala', 'Taft', 'Quiapo', 'Ermita', 'Pasig', 'Tondo', 'Malate'], Math.floor(i / 5))} | ${of} | ${((i % 8 === 2 ? 690 : 850) + (i % 5) * 150) * 100} | ∞`,
      ),
    )
      .flat()
      .join('\n'),
  },
];
