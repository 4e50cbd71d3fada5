import { feed, gtin, jsonLines, made, pick, product, savedPage, type ListCase } from './case';

const silk = ['Jasmin', 'Henna', 'Sidi', 'Carthage', 'Djerba', 'Zaghouan', 'Kairouan'] as const;
const strap = ['Liffey', 'Dodder', 'Tolka', 'Poddle', 'Camac', 'Slang'] as const;
const roll = ['Mala', 'Velika', 'Božična', 'Brez orehov', 'Rozinova', 'Medena'] as const;
const lead = ['Cabot', 'Sambro', 'Chebucto', 'Peggy', 'Mahone', 'Lunenburg', 'Digby'] as const;
const box = ['Musvit', 'Blåmejse', 'Stær', 'Ugle', 'Mursejler', 'Rødstjert', 'Spætmejse'] as const;
const glass = ['Sapphire', 'Moss', 'Amber', 'Smoke', 'Milk', 'Ruby', 'Teal', 'Violet'] as const;
const curtain = ['Lagan', 'Mourne', 'Antrim', 'Bann', 'Erne', 'Foyle', 'Rathlin'] as const;

/** Drawn (304021, 304022, 304023; those without a list left out) and written on 30 November 2026, before the reader was run on any. */
export const batch40: ListCase[] = [
  {
    drawn: '304021/1 sheepskins, Quito',
    file: 'pieles.xlsx',
    brief: 'Sheepskins from the páramo, sold from Quito, Ecuador.',
    sheets: [
      {
        name: 'Long wool',
        rows: [
          ['Skin', 'Length (cm)', 'Price (USD)', 'Staple (mm)', 'Tanned with', 'Animal'],
          ['Cotopaxi', 95, 78, 70, 'bark', 'ewe'],
          ['', 110, 92, 70, 'bark', 'ewe'],
        ],
      },
      {
        name: 'Short wool',
        rows: [
          ['Skin', 'Length (cm)', 'Price (USD)', 'Staple (mm)', 'Tanned with', 'Animal'],
          ['Antisana', 90, 64, 25, 'alum', 'lamb'],
        ],
      },
    ],
    currency: 'USD',
    columns: 'title option price particular particular particular',
    want: `Cotopaxi | 95 | 7800 | ∞
Cotopaxi | 110 | 9200 | ∞
Antisana | 90 | 6400 | ∞`,
  },
  {
    drawn: '304021/2 silk paints, Tunis',
    file: 'paints.json',
    brief: 'Silk paints from Tunis, Tunisia. Prices in dinars.',
    text: JSON.stringify(
      made(700, (i) => ({
        paint: `${pick(silk, Math.floor(i / 5))} ${Math.floor(i / 35) + 1}`,
        shade: ['rouge', 'bleu', 'safran', 'vert', 'noir'][i % 5],
        fastness: pick(['6', '7', '7-8'], Math.floor(i / 5)),
        price: `${8 + (Math.floor(i / 5) % 6)}.${pick(['500', '250', '900'], i)}`,
        'shade code': `S${String(i + 1).padStart(3, '0')}`,
      })),
    ),
    currency: 'TND',
    columns: 'title option particular price sku',
    want: made(
      700,
      (i) =>
        `${pick(silk, Math.floor(i / 5))} ${Math.floor(i / 35) + 1} | ${['rouge', 'bleu', 'safran', 'vert', 'noir'][i % 5]} | ${8 + (Math.floor(i / 5) % 6)}${pick(['500', '250', '900'], i)} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '304021/3 crossword books, Bergen',
    file: 'kryss.jsonl',
    brief: 'Crossword books by hand, Bergen, Norway. Kroner.',
    text: jsonLines(
      made(35, (i) => ({
        ttl:
          i % 5
            ? ''
            : `${pick(['Fisketorget', 'Bryggen', 'Fløyen', 'Ulriken', 'Nordnes', 'Sandviken', 'Laksevåg'], i / 5)} kryss`,
        fmt: ['A6', 'A5', 'A4', 'spiral', 'large print'][i % 5],
        prc: i === 12 ? '€ 14' : i === 23 ? '$18' : `${129 + (i % 5) * 20} kr`,
        avl: pick(['in stock', 'few', 'in stock', 'sold out', 'to order', 'in stock'], i),
      })),
    ),
    currency: 'NOK',
    columns: 'title option price stock',
    want: made(
      35,
      (i) =>
        `${pick(['Fisketorget', 'Bryggen', 'Fløyen', 'Ulriken', 'Nordnes', 'Sandviken', 'Laksevåg'], Math.floor(i / 5))} kryss | ${['A6', 'A5', 'A4', 'spiral', 'large print'][i % 5]} | ${i === 12 || i === 23 ? '?' : (129 + (i % 5) * 20) * 100} | ${pick(['∞', '?', '∞', '0', '∞', '∞'], i)}`,
    ).join('\n'),
  },
  {
    drawn: '304021/4 guitar straps, Dublin',
    file: 'straps.html',
    brief: 'Guitar straps woven in Dublin, Ireland.',
    text: savedPage(
      'Straps',
      made(350, (i) =>
        product(`${pick(strap, i)} strap ${i + 1}`, `${39 + (i % 6) * 4}.00`, 'EUR', {
          description: `Woven in ${pick(['twill', 'plain weave'], i)}.\nThe "${pick(['long', 'short'], i)}" pattern.`,
          'width (mm)': [38, 50][i % 2],
          'lengths (cm)': i % 4 ? '100, 120, 140' : '100, 120',
          stock: pick(['in stock', 'sold out', 'two left'], i),
        }),
      ),
    ),
    currency: 'EUR',
    columns: 'title description particular option stock price currency',
    want: made(350, (i) =>
      (i % 4 ? ['100', '120', '140'] : ['100', '120']).map(
        (of) => `${pick(strap, i)} strap ${i + 1} | ${of} | ${(39 + (i % 6) * 4) * 100} | ${['∞', '0', '?'][i % 3]}`,
      ),
    )
      .flat()
      .join('\n'),
  },
  {
    drawn: '304021/5 glass eyes for teddy bears, Kraków',
    file: 'oczy.xlsx',
    brief: 'Szklane oczy do misiów, Kraków. Ceny w złotych.',
    sheets: ['Na drucie', 'Na nóżce'].map((name, at) => ({
      name,
      rows: [
        ['Oczy', 'Średnica (mm)', 'Cena (zł)', 'Waga'],
        ...made(60, (i): (string | number)[] => [
          i % 6
            ? ''
            : `${pick(['Bursztyn', 'Orzech', 'Smoła', 'Lód', 'Miód', 'Mgła', 'Kot', 'Lis', 'Wilk', 'Sowa'], i / 6)} ${at ? 'nóżka' : 'drut'}`,
          [4, 6, 8, 10, 12, 14][i % 6] ?? 0,
          6 + (i % 6) * 1.5 + at,
          `${1 + (i % 6)} g`,
        ]),
      ],
    })),
    currency: 'PLN',
    columns: 'title option price weight',
    want: [0, 1]
      .flatMap((at) =>
        made(
          60,
          (i) =>
            `${pick(['Bursztyn', 'Orzech', 'Smoła', 'Lód', 'Miód', 'Mgła', 'Kot', 'Lis', 'Wilk', 'Sowa'], Math.floor(i / 6))} ${at ? 'nóżka' : 'drut'} | ${[4, 6, 8, 10, 12, 14][i % 6]} | ${(6 + (i % 6) * 1.5 + at) * 100} | ∞`,
        ),
      )
      .join('\n'),
  },
  {
    drawn: '304021/6 shortbread, Durban',
    file: 'shortbread.csv',
    brief: 'Shortbread baked in Durban, South Africa.',
    text: `Biscuit;Option name;Option value;Price (R);Sale price (R);Butter (%);Crumb;Keeps (weeks)
Petticoat tails;Tin;small;120,00;;32;fine;6
Petticoat tails;Tin;large;210,00;185,00;32;fine;6
Fingers;Tin;small;110,00;;30;sandy;8
Fingers;Tin;large;195,00;;30;sandy;8
Ginger rounds;Bag;250 g;75,00;60,00;28;sharp;5
Ginger rounds;Bag;500 g;130,00;;28;sharp;5
`,
    currency: 'ZAR',
    columns: 'title optionName optionValue earlierPrice/price price/earlierPrice particular particular particular',
    want: `Petticoat tails | small | 12000 | ∞
Petticoat tails | large | 18500 | ∞
Fingers | small | 11000 | ∞
Fingers | large | 19500 | ∞
Ginger rounds | 250 g | 6000 | ∞
Ginger rounds | 500 g | 13000 | ∞`,
  },
  {
    drawn: '304021/7 poppy-seed rolls by post, Ljubljana',
    file: 'potica.xml',
    brief: 'Makova potica po pošti, Ljubljana, Slovenija. Cene v evrih.',
    text: feed(
      made(700, (i) => [
        ['group', `P${Math.floor(i / 3) + 1}`],
        ['name', `${pick(roll, Math.floor(i / 3))} potica ${Math.floor(i / 18) + 1}`],
        ['weight_g', String([400, 800, 1200][i % 3])],
        ['price_eur', i === 40 ? 'od 19,90' : i === 400 ? '18,00 – 22,00' : `${12 + (i % 3) * 6},90`],
        ['stock', pick(['in stock', 'in stock', 'sold out', 'baked on Thursday'], i)],
      ]),
    ),
    currency: 'EUR',
    columns: 'group title option/weight price stock',
    want: made(
      700,
      (i) =>
        `${pick(roll, Math.floor(i / 3))} potica ${Math.floor(i / 18) + 1} | ${[400, 800, 1200][i % 3]} | ${i === 40 || i === 400 ? '?' : `${12 + (i % 3) * 6}90`} | ${pick(['∞', '∞', '0', '?'], i)}`,
    ).join('\n'),
  },
  {
    drawn: '304022/1 dog leads of retired rope, Halifax',
    file: 'leads.html',
    brief: 'Dog leads from retired rope. Halifax, Nova Scotia, Canada.',
    text: savedPage(
      'Leads',
      made(200, (i) =>
        product(`${pick(lead, i)} lead ${i + 1}`, `${i % 5 ? 34 + (i % 7) : 28 + (i % 7)}.00`, 'CAD', {
          description: `Climbed ${i + 3} routes.\nNow "climbs" nothing.`,
          ...(i % 5
            ? {}
            : {
                offer: {
                  priceSpecification: {
                    '@type': 'UnitPriceSpecification',
                    priceType: 'https://schema.org/ListPrice',
                    price: `${34 + (i % 7)}.00`,
                    priceCurrency: 'CAD',
                  },
                },
              }),
        }),
      ),
    ),
    currency: 'CAD',
    columns: 'title description earlierPrice price currency',
    want: made(200, (i) => `${pick(lead, i)} lead ${i + 1} |  | ${(i % 5 ? 34 + (i % 7) : 28 + (i % 7)) * 100} | ∞`).join('\n'),
  },
  {
    drawn: '304022/2 water filters, Bologna',
    file: 'filters.xlsx',
    brief: 'Clay water filters, Bologna, Italy.',
    sheets: [
      {
        name: 'Filtri',
        rows: [
          ['Group', 'Filter', 'Volume (l)', 'Price (€)', 'Flow (l/h)'],
          ['FA', 'Candle filter "Reno', 8, 64, 1.2],
          ['FA', 'Candle filter "Reno', 12, 79, 1.5],
          ['FB', 'Pot filter', 10, 52, 0.9],
        ],
      },
      {
        name: 'Ricambi',
        rows: [
          ['Group', 'Filter', 'Volume (l)', 'Price (€)', 'Flow (l/h)'],
          ['FC', 'Spare candle', '', 18, 0.6],
          ['FD', 'Tap, brass', '', 14.5, ''],
          ['FE', 'Lid', '', 9, ''],
        ],
      },
    ],
    currency: 'EUR',
    columns: 'group title option price particular',
    want: `Candle filter "Reno | 8 | 6400 | ∞
Candle filter "Reno | 12 | 7900 | ∞
Pot filter | 10 | 5200 | ∞
Spare candle |  | 1800 | ∞
Tap, brass |  | 1450 | ∞
Lid |  | 900 | ∞`,
  },
  {
    drawn: '304022/3 drum sticks, Aarhus',
    file: 'sticks.jsonl',
    encoding: 'windows-1252',
    brief: 'Drum sticks turned in Aarhus, Denmark. Danish kroner.',
    text: jsonLines([
      { Title: 'Bøgestik – 5A', Price: '89,00 kr', Stock: 40 },
      { Title: 'Bøgestik – 7A', Price: '89,00 kr', Stock: 22 },
      { Title: 'Æbletræ – 5B', Price: '€ 16,50', Stock: 6 },
    ]),
    currency: 'DKK',
    columns: 'title price stock',
    want: `Bøgestik | 5A | 8900 | 40
Bøgestik | 7A | 8900 | 22
Æbletræ | 5B | ? | 6`,
  },
  {
    drawn: '304022/5 brass door furniture, San José',
    file: 'bronces.json',
    encoding: 'windows-1252',
    brief: 'Herrajes de bronce para puertas, San José, Costa Rica. Colones.',
    text: JSON.stringify(
      made(35, (i) => ({
        código: `HB ${String(i + 1).padStart(2, '0')} ${'ABC'[i % 3]}`,
        pieza: `${pick(['Aldaba', 'Tirador', 'Bisagra', 'Cerrojo', 'Mirilla', 'Pomo', 'Bocallave'], i)} ${pick(['Escazú', 'Heredia', 'Limón', 'Cartago', 'Nicoya'], Math.floor(i / 7))}`,
        'alto (mm)': 60 + i * 3,
        'precio (₡)': `${18 + i}.500`,
        'peso (g)': 220 + i * 15,
      })),
    ),
    currency: 'CRC',
    columns: 'sku title particular price weight',
    want: made(
      35,
      (i) =>
        `${pick(['Aldaba', 'Tirador', 'Bisagra', 'Cerrojo', 'Mirilla', 'Pomo', 'Bocallave'], i)} ${pick(['Escazú', 'Heredia', 'Limón', 'Cartago', 'Nicoya'], Math.floor(i / 7))} |  | ${(18 + i) * 100000 + 50000} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '304022/6 bird boxes, Aarhus',
    file: 'kasser.tsv',
    brief: 'Fuglekasser fra Aarhus. Priser i danske kroner.',
    text: `Kasse\tFarve\tStørrelse\tPris\tTræ\tTræ\n${made(7 * 100, (i) => i)
      .filter((i) => i % 11 !== 4)
      .map(
        (i) =>
          `${pick(box, Math.floor(i / 12))} ${Math.floor(i / 84) + 1}\t${['rå', 'sort', 'rød', 'grøn'][Math.floor((i % 12) / 3)]}\t${['lille', 'mellem', 'stor'][i % 3]}\t${i === 100 ? '£ 24' : `${189 + (i % 3) * 60} kr.`}\t${pick(['lærk', 'gran'], Math.floor(i / 12))}\t${pick(['18 mm', '21 mm'], Math.floor(i / 12))}`,
      )
      .join('\n')}\n`,
    currency: 'DKK',
    columns: 'title option option price particular particular',
    want: made(7 * 100, (i) => i)
      .filter((i) => i % 11 !== 4)
      .map(
        (i) =>
          `${pick(box, Math.floor(i / 12))} ${Math.floor(i / 84) + 1} | ${['rå', 'sort', 'rød', 'grøn'][Math.floor((i % 12) / 3)]} / ${['lille', 'mellem', 'stor'][i % 3]} | ${i === 100 ? '?' : (189 + (i % 3) * 60) * 100} | ∞`,
      )
      .join('\n'),
  },
  {
    drawn: '304022/7 stained-glass offcuts, Taipei',
    file: 'offcuts.html',
    brief: 'Stained-glass offcuts, Taipei, Taiwan. Prices in New Taiwan dollars.',
    text: savedPage(
      'Offcuts',
      made(120, (i) =>
        product(i % 4 ? '' : `${pick(glass, i / 4)} offcuts ${Math.floor(i / 32) + 1}`, `${180 + (i % 4) * 120}`, 'TWD', {
          sku: `OC ${String(Math.floor(i / 4) + 1).padStart(2, '0')} ${i % 4}`,
          size: ['100 g', '250 g', '500 g', '1 kg'][i % 4],
          texture: pick(['"seedy', 'smooth', 'rippled'], Math.floor(i / 4)),
        }),
      ),
    ),
    currency: 'TWD',
    columns: 'title sku option particular price currency',
    want: made(
      120,
      (i) =>
        `${pick(glass, Math.floor(i / 4))} offcuts ${Math.floor(i / 32) + 1} | ${['100 g', '250 g', '500 g', '1 kg'][i % 4]} | ${(180 + (i % 4) * 120) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '304023/1 ocarinas, Aarhus',
    file: 'okarina.txt',
    brief: 'Ocarinas, made in Aarhus, Denmark; kroner.',
    text: `Name|Option name|Option value|Price|Note|Note
Ocarina Ugle|Key|C|340|4 holes|smoked
Ocarina Ugle|Key|G|340|4 holes|smoked
Ocarina Ugle|Key|F|340|4 holes|smoked
Ocarina Gris|Key|C|380|6 holes|glazed
Ocarina Gris|Key|G||6 holes|glazed
Ocarina Tromle|Key|C|520|12 holes|raw
Ocarina Tromle|Key|A|520|12 holes|raw
Ocarina Tromle|Key|C|560|12 holes|glazed
Ocarina Due|Key|D|290|4 holes|raw
Ocarina Due|Key|E||4 holes|raw
Snor|Length|60 cm|35||
`,
    currency: 'DKK',
    columns: 'title optionName optionValue price particular option/particular',
    want: `Ocarina Ugle | C / smoked | 34000 | ∞
Ocarina Ugle | G / smoked | 34000 | ∞
Ocarina Ugle | F / smoked | 34000 | ∞
Ocarina Gris | C / glazed | 38000 | ∞
Ocarina Gris | G / glazed | ? | ∞
Ocarina Tromle | C / raw | 52000 | ∞
Ocarina Tromle | A / raw | 52000 | ∞
Ocarina Tromle | C / glazed | 56000 | ∞
Ocarina Due | D / raw | 29000 | ∞
Ocarina Due | E / raw | ? | ∞
Snor | 60 cm | 3500 | ∞`,
  },
  {
    drawn: '304023/2 stays and corsets, Athens',
    file: 'corsets.xlsx',
    brief: 'Stays and corsets, sewn in Athens, Greece.',
    sheets: [
      {
        name: 'Stays',
        rows: [
          ['Garment', 'Price (€)', 'Bones (pcs)', 'EAN'],
          ['Half stays – waist 60', 180, 24, gtin(520200000001)],
          ['Half stays – waist 68', 180, 26, gtin(520200000002)],
          ['Half stays – waist 76', 190, 28, gtin(520200000003, 6)],
          ['Full stays – waist 60', 260, 48, gtin(520200000004)],
          ['Full stays – waist 68', '£230', 50, gtin(520200000005)],
        ],
      },
      {
        name: 'Corsets',
        rows: [
          ['Garment', 'Price (€)', 'Bones (pcs)', 'EAN'],
          ['Ribbon corset – black', 140, 12, gtin(520200000006)],
          ['Ribbon corset – ecru', 140, 12, gtin(520200000007)],
          ['Edwardian corset – waist 60', 310, 32, gtin(520200000008)],
          ['Edwardian corset – waist 68', 310, 34, gtin(520200000009)],
          ['Busk', 22, '', gtin(520200000010)],
          ['Lace, 5 m', 9, '', gtin(520200000011)],
        ],
      },
    ],
    currency: 'EUR',
    columns: 'title price particular gtin',
    want: `Half stays | waist 60 | 18000 | ∞
Half stays | waist 68 | 18000 | ∞
Half stays | waist 76 | 19000 | ∞
Full stays | waist 60 | 26000 | ∞
Full stays | waist 68 | ? | ∞
Ribbon corset | black | 14000 | ∞
Ribbon corset | ecru | 14000 | ∞
Edwardian corset | waist 60 | 31000 | ∞
Edwardian corset | waist 68 | 31000 | ∞
Busk |  | 2200 | ∞
Lace, 5 m |  | 900 | ∞`,
  },
  {
    drawn: '304023/3 reed diffusers, Oaxaca',
    file: 'diffusers.tsv',
    encoding: 'windows-1252',
    brief: 'Reed diffusers from Oaxaca, Mexico. Pesos.',
    text: `Title\tSize\tPrice\tSKU
Diffuser Pericón\t100 ml\t$390.00\tRD 01 A
Diffuser Pericón\t250 ml\t$720.00\tRD 01 B
Diffuser Copal\t100 ml\t$390.00\tRD 02 A
`,
    currency: 'MXN',
    columns: 'title option price sku',
    want: `Diffuser Pericón | 100 ml | 39000 | ∞
Diffuser Pericón | 250 ml | 72000 | ∞
Diffuser Copal | 100 ml | 39000 | ∞`,
  },
  {
    drawn: '304023/4 banjo heads, Leeds',
    file: 'heads.jsonl',
    brief: 'Banjo heads, calfskin and goat, Leeds, England.',
    text: jsonLines([
      {
        'the head': 'Calf head',
        'what differs': 'Diameter',
        'this one': '11 in',
        asking: '£48',
        heft: '85 g',
        'about it': '<p>Thin, <em>loud</em>.</p>',
      },
      {
        'the head': 'Calf head',
        'what differs': 'Diameter',
        'this one': '12 in',
        asking: '£52',
        heft: '96 g',
        'about it': '<p>Thin, <em>loud</em>.</p>',
      },
      {
        'the head': 'Goat head',
        'what differs': 'Diameter',
        'this one': '11 in',
        asking: '£36',
        heft: '90 g',
        'about it': '<p>Warm.</p>',
      },
    ]),
    currency: 'GBP',
    columns: 'title optionName optionValue price weight description',
    want: `Calf head | 11 in | 4800 | ∞
Calf head | 12 in | 5200 | ∞
Goat head | 11 in | 3600 | ∞`,
  },
  {
    drawn: '304023/6 caravan curtains, Belfast',
    file: 'curtains.xlsx',
    brief: 'Caravan curtains, Belfast, Northern Ireland. Pounds.',
    sheets: ['Front', 'Side'].map((name, at) => ({
      name,
      rows: [
        ['Curtain', 'Option', 'Choice', 'Price', 'Barcode'],
        ...made(350, (i): (string | number)[] => [
          `${pick(curtain, Math.floor(i / 2))} ${name.toLowerCase()} ${Math.floor(i / 14) + 1}`,
          'Lining',
          ['none', 'blackout'][i % 2] ?? '',
          24 + (i % 2) * 9 + at * 4,
          gtin(539200000000 + at * 1000 + i, i === 77 ? 5 : 0),
        ]),
      ],
    })),
    currency: 'GBP',
    columns: 'title optionName optionValue price gtin',
    want: [0, 1]
      .flatMap((at) =>
        made(
          350,
          (i) =>
            `${pick(curtain, Math.floor(i / 2))} ${at ? 'side' : 'front'} ${Math.floor(i / 14) + 1} | ${['none', 'blackout'][i % 2]} | ${(24 + (i % 2) * 9 + at * 4) * 100} | ∞`,
        ),
      )
      .join('\n'),
  },
  {
    drawn: '304023/7 sheepskins, Lille',
    file: 'peaux.txt',
    brief: 'Sheepskins, tanned near Lille, France. Euros.',
    text: `Peau ; tailles (cm) ; prix (€) ; rayon
${made(
  35,
  (i) =>
    `${pick(['Avesnes', 'Boulogne', 'Calais', 'Douai', 'Ypres'], i)} ${pick(['blanche', 'grise', 'brune', 'noire', 'rousse', 'mêlée', 'crème'], Math.floor(i / 5))} ; 80, 100, 120 ; ${i % 9 === 4 ? '' : `${68 + (i % 7) * 4},00`} ; Maison > ${pick(['Tapis', 'Fauteuils'], i)}`,
).join('\n')}
`,
    currency: 'EUR',
    columns: 'title option price category',
    want: made(35, (i) =>
      ['80', '100', '120'].map(
        (of) =>
          `${pick(['Avesnes', 'Boulogne', 'Calais', 'Douai', 'Ypres'], i)} ${pick(['blanche', 'grise', 'brune', 'noire', 'rousse', 'mêlée', 'crème'], Math.floor(i / 5))} | ${of} | ${i % 9 === 4 ? '?' : (68 + (i % 7) * 4) * 100} | ∞`,
      ),
    )
      .flat()
      .join('\n'),
  },
];
