import { feed, fixedWidth, gtin, jsonLines, made, pick, product, savedPage, type ListCase } from './case';

const dial = ['Blackstone', 'Quinsigamond', 'Elm Park', 'Greendale', 'Tatnuck', 'Indian Hill', 'Main South'] as const;
const earring = ['Copihue', 'Loica', 'Araucaria', 'Litre', 'Boldo', 'Maqui', 'Quillay'] as const;
const tree = ['رمان', 'تين', 'ليمون', 'مانجو', 'نبق', 'خوخ', 'سفرجل'] as const;
const tent = ['Gwangan', 'Haeundae', 'Nampo', 'Songdo', 'Taejong', 'Yeongdo', 'Dongnae'] as const;
const ladle = ['Sawtooth', 'Payette', 'Owyhee', 'Snake', 'Salmon', 'Boise'] as const;
const cloth = ['Laurier', 'Rosemont', 'Verdun', 'Mile End', 'Villeray', 'Lachine', 'Outremont'] as const;

/** Drawn (304051, 304052, 304053; those without a list left out) and written on 30 November 2026, before the reader was run on any. */
export const batch43: ListCase[] = [
  {
    drawn: '304051/1 pocket sundials, Worcester, Massachusetts',
    file: 'sundials.xml',
    brief: 'Pocket sundials, made in Worcester, Massachusetts.',
    text: feed(
      made(350, (i) => [
        ['title', `${pick(dial, i)} ${Math.floor(i / 7) + 1}`],
        ['size', i % 3 ? '38 mm / 52 mm' : '38 mm / 52 mm / 70 mm'],
        ['price', `${(64 + (i % 7) * 6).toFixed(2)} USD`],
        [
          'description',
          `For ${pick(['42', '44', '46'], i)} degrees north.\nKnown as "${pick(['the late one', 'the early one'], i)}".`,
        ],
        ['gnomon', pick(['folding', 'thread'], i)],
        ['hours', pick(['6 to 18', '5 to 19'], i)],
        ['compass', pick(['yes', 'no'], i)],
      ]),
    ),
    currency: 'USD',
    columns: 'title option price description particular particular particular',
    want: made(350, (i) =>
      (i % 3 ? ['38 mm', '52 mm'] : ['38 mm', '52 mm', '70 mm']).map(
        (of) => `${pick(dial, i)} ${Math.floor(i / 7) + 1} | ${of} | ${(64 + (i % 7) * 6) * 100} | ∞`,
      ),
    )
      .flat()
      .join('\n'),
  },
  {
    drawn: '304051/2 beaded earrings, Santiago',
    file: 'aros.txt',
    encoding: 'windows-1252',
    brief: 'Aros de mostacilla, Santiago de Chile. Pesos chilenos.',
    text: `Cód|Desc|Prec|Stk\n${made(
      700,
      (i) =>
        `A${String(i + 1).padStart(3, '0')}|Aro ${pick(earring, Math.floor(i / 4))} ${Math.floor(i / 28) + 1} - ${['rojo', 'añil', 'verde', 'marrón'][i % 4]}|$${(12 + (Math.floor(i / 4) % 5)).toString()}.900|${pick(['hay', 'agotado', 'quedan 2', 'hay'], i)}`,
    ).join('\n')}\n`,
    currency: 'CLP',
    columns: 'sku title price stock',
    want: made(
      700,
      (i) =>
        `Aro ${pick(earring, Math.floor(i / 4))} ${Math.floor(i / 28) + 1} | ${['rojo', 'añil', 'verde', 'marrón'][i % 4]} | ${(12 + (Math.floor(i / 4) % 5)) * 1000 + 900} | ${pick(['∞', '0', '2', '∞'], i)}`,
    ).join('\n'),
  },
  {
    drawn: '304051/3 fruit trees on wires, Muscat',
    file: 'trees.csv',
    brief: 'أشجار فاكهة على أسلاك، مسقط، عمان. الأسعار بالريال العماني.',
    text: `الشجرة;السعر;الوزن;الارتفاع\n${made(
      35,
      (i) =>
        `${pick(tree, Math.floor(i / 5))} – ${['أفقي', 'مروحة', 'عمودي', 'مزدوج', 'صغير'][i % 5]};${8 + (i % 5) * 2},500;${4 + (i % 5)} kg;${120 + (i % 5) * 20} cm`,
    ).join('\n')}\n`,
    currency: 'OMR',
    columns: 'title price weight particular',
    want: made(
      35,
      (i) =>
        `${pick(tree, Math.floor(i / 5))} | ${['أفقي', 'مروحة', 'عمودي', 'مزدوج', 'صغير'][i % 5]} | ${(8 + (i % 5) * 2) * 1000 + 500} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '304051/4 shower curtains, Lewis',
    file: 'curtains.xlsx',
    brief: 'Shower curtains printed in a village on Lewis, Scotland.',
    sheets: [
      {
        name: 'Curtains',
        rows: [
          ['Shower curtains'],
          ['Hemmed here. Rings are extra.'],
          [],
          ['Title', 'Price', 'Description'],
          ...made(35, (i): (string | number)[] => [
            `${['Tolsta', 'Ness', 'Uig', 'Bernera', 'Barvas', 'Shawbost', 'Point'][Math.floor(i / 5)]} – ${['120 cm', '150 cm', '180 cm', '200 cm', '240 cm'][i % 5]}`,
            32 + (i % 5) * 6,
            `<p>Printed with <strong>${pick(['waves', 'gannets', 'peat'], Math.floor(i / 5))}</strong>.</p>`,
          ]),
          ['Total', made(35, (i) => 32 + (i % 5) * 6).reduce((a, b) => a + b, 0)],
        ],
      },
    ],
    currency: 'GBP',
    columns: 'title price description',
    want: made(
      35,
      (i) =>
        `${['Tolsta', 'Ness', 'Uig', 'Bernera', 'Barvas', 'Shawbost', 'Point'][Math.floor(i / 5)]} | ${['120 cm', '150 cm', '180 cm', '200 cm', '240 cm'][i % 5]} | ${(32 + (i % 5) * 6) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '304051/5 rain gauges, a farm outside Zagreb',
    file: 'kisomjeri.json',
    brief: 'Rain gauges, made on a farm outside Zagreb, Croatia. Euros.',
    text: JSON.stringify([
      { grp: 'K1', nm: 'Post gauge', mat: 'copper', prc: '48,00', cat: 'Garden > Weather' },
      { grp: 'K1', nm: 'Post gauge', mat: 'zinc', prc: '36,00', cat: 'Garden > Weather' },
      { grp: 'K2', nm: 'Wall gauge', mat: 'glass', prc: '24,00', cat: 'Garden > Weather' },
      { grp: 'K2', nm: 'Wall gauge', mat: 'copper', prc: '41,00', cat: 'Garden > Weather' },
      { grp: '', nm: 'Product 1', mat: '', prc: '0', cat: 'Category > Subcategory' },
      { grp: 'K3', nm: 'Float', mat: 'cork', prc: '3,50', cat: 'Garden > Parts' },
    ]),
    currency: 'EUR',
    columns: 'group title option price category',
    leftOut: 1,
    want: `Post gauge | copper | 4800 | ∞
Post gauge | zinc | 3600 | ∞
Wall gauge | glass | 2400 | ∞
Wall gauge | copper | 4100 | ∞
Float | cork | 350 | ∞`,
  },
  {
    drawn: '304051/6 willow cuttings, Tartu',
    file: 'pajud.txt',
    brief: 'Willow cuttings from Tartu, Estonia, in euros.',
    text: fixedWidth(
      [22, 14, 12, 12, 14],
      [
        ['Nm', 'Bdl', 'Pr', 'Sale pr', 'Cut'],
        ['Salix purpurea', '10 pcs', '8.00', '', 'February'],
        ['', '50 pcs', '32.00', '27.00', 'February'],
        ['', '100 pcs', '55.00', '', 'February'],
        ['Salix viminalis', '10 pcs', '7.00', '', 'March'],
        ['', '50 pcs', '$ 30.00', '', 'March'],
        ['Salix daphnoides', '10 pcs', '9.00', '7.50', 'March'],
      ],
    ),
    currency: 'EUR',
    columns: 'title option earlierPrice/price price/earlierPrice particular',
    want: `Salix purpurea | 10 pcs | 800 | ∞
Salix purpurea | 50 pcs | 2700 | ∞
Salix purpurea | 100 pcs | 5500 | ∞
Salix viminalis | 10 pcs | 700 | ∞
Salix viminalis | 50 pcs | ? | ∞
Salix daphnoides | 10 pcs | 750 | ∞`,
  },
  {
    drawn: '304051/7 tent repair, Busan',
    file: 'tents.xml',
    brief: 'Tent repair in Busan, Korea. Prices in won.',
    text: feed(
      made(700, (i) => i)
        .filter((i) => i % 17 !== 8)
        .map((i): [string, string][] => [
          ['what_we_mend', `${pick(tent, Math.floor(i / 12))} job ${Math.floor(i / 84) + 1}`],
          ['in_colour', ['sand', 'olive', 'red', 'blue'][Math.floor((i % 12) / 3)] ?? ''],
          ['how_long', ['10 cm', '30 cm', '1 m'][i % 3] ?? ''],
          ['we_ask', i === 200 ? '$15' : `₩${12 + (i % 3) * 8},000`],
        ]),
    ),
    currency: 'KRW',
    columns: 'title option option price',
    want: made(700, (i) => i)
      .filter((i) => i % 17 !== 8)
      .map(
        (i) =>
          `${pick(tent, Math.floor(i / 12))} job ${Math.floor(i / 84) + 1} | ${['sand', 'olive', 'red', 'blue'][Math.floor((i % 12) / 3)]} / ${['10 cm', '30 cm', '1 m'][i % 3]} | ${i === 200 ? '?' : (12 + (i % 3) * 8) * 1000} | ∞`,
      )
      .join('\n'),
  },
  {
    drawn: '304052/2 fermenting crocks, Istanbul',
    file: 'kupler.json',
    brief: 'Turşu küpleri, İstanbul. Fiyatlar Türk lirası.',
    text: JSON.stringify(
      made(35, (i) =>
        i === 11
          ? ['FK 00 0', 'Örnek ürün', '', '0', '']
          : [
              `FK ${String(i + 1).padStart(2, '0')} ${i % 3}`,
              `${pick(['Balat', 'Moda', 'Fatih', 'Üsküdar', 'Bebek'], i)} küp ${i + 1}`,
              i % 2 ? '3 l, 5 l, 10 l' : '3 l, 5 l',
              `${650 + (i % 6) * 80} TL`,
              pick(['sırlı', 'sırsız'], i),
            ],
      ),
    ),
    currency: 'TRY',
    columns: 'sku title option price particular',
    leftOut: 1,
    want: made(35, (i) => i)
      .filter((i) => i !== 11)
      .flatMap((i) =>
        (i % 2 ? ['3 l', '5 l', '10 l'] : ['3 l', '5 l']).map(
          (of) =>
            `${pick(['Balat', 'Moda', 'Fatih', 'Üsküdar', 'Bebek'], i)} küp ${i + 1} | ${of} | ${(650 + (i % 6) * 80) * 100} | ∞`,
        ),
      )
      .join('\n'),
  },
  {
    drawn: '304052/3 camping stoves, second-hand, Da Nang',
    file: 'stoves.xlsx',
    brief: 'Second-hand camping stoves, cleaned and tested in Da Nang, Vietnam. Dong.',
    sheets: [
      {
        name: 'Stoves',
        rows: [
          ['Stoves in the shed'],
          ['Each has boiled a litre before it leaves.'],
          [],
          ['The stove', 'What you pick', 'Your pick', 'It costs', 'Story'],
          ...made(120, (i): (string | number)[] =>
            i === 30
              ? ['Test', 'x', 'x', 1, 'delete']
              : [
                  `${['Sơn Trà', 'Hải Vân', 'Bạch Mã', 'Cẩm Lệ', 'Hòa Vang'][Math.floor(i / 2) % 5]} ${Math.floor(i / 10) + 1}`,
                  'Condition',
                  ['good', 'dented'][i % 2] ?? '',
                  380000 - (i % 2) * 90000 + (Math.floor(i / 10) % 4) * 20000,
                  `Carried by ${pick(['a doctor', 'two brothers'], i)}.\nThey called it "${pick(['Lửa', 'Khói'], i)}".`,
                ],
          ),
          ['Total', '', '', 40000000],
        ],
      },
    ],
    currency: 'VND',
    columns: 'title optionName optionValue price description',
    leftOut: 1,
    want: made(120, (i) => i)
      .filter((i) => i !== 30)
      .map(
        (i) =>
          `${['Sơn Trà', 'Hải Vân', 'Bạch Mã', 'Cẩm Lệ', 'Hòa Vang'][Math.floor(i / 2) % 5]} ${Math.floor(i / 10) + 1} | ${['good', 'dented'][i % 2]} | ${380000 - (i % 2) * 90000 + (Math.floor(i / 10) % 4) * 20000} | ∞`,
      )
      .join('\n'),
  },
  {
    drawn: '304052/4 sauna ladles, Boise',
    file: 'ladles.jsonl',
    encoding: 'windows-1252',
    brief: 'Sauna ladles from Boise, Idaho.',
    text: jsonLines(
      made(120, (i) => ({
        'the ladle': `${pick(ladle, Math.floor(i / 4))} ${Math.floor(i / 24) + 1}`,
        handle: ['curved', 'straight', 'forked', 'hooked'][i % 4],
        'it sells for': `$${44 + (i % 4) * 6}`,
        'picked for': pick(['café saunas', 'home', 'boats'], Math.floor(i / 4)),
      })),
    ),
    currency: 'USD',
    columns: 'title option price particular',
    want: made(
      120,
      (i) =>
        `${pick(ladle, Math.floor(i / 4))} ${Math.floor(i / 24) + 1} | ${['curved', 'straight', 'forked', 'hooked'][i % 4]} | ${(44 + (i % 4) * 6) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '304052/5 embroidery hoops, Lagos',
    file: 'hoops.txt',
    brief: 'Embroidery hoops bent in Lagos, Nigeria. Naira.',
    text: `The hoop|Choose by|Choice|You pay us|In the box?\n${made(
      35,
      (i) =>
        `${['Lekki', 'Ikoyi', 'Yaba', 'Surulere', 'Apapa', 'Epe', 'Badagry'][Math.floor(i / 5)]} hoop|Diameter|${[10, 15, 20, 25, 30][i % 5]} cm|${i === 8 ? '$4' : `₦${(2 + (i % 5)) * 1000 + 500}`}|${pick(['plenty', 'gone', 'six', 'plenty', 'few'], i)}`,
    ).join('\n')}\n`,
    currency: 'NGN',
    columns: 'title optionName optionValue price stock',
    want: made(
      35,
      (i) =>
        `${['Lekki', 'Ikoyi', 'Yaba', 'Surulere', 'Apapa', 'Epe', 'Badagry'][Math.floor(i / 5)]} hoop | ${[10, 15, 20, 25, 30][i % 5]} cm | ${i === 8 ? '?' : ((2 + (i % 5)) * 1000 + 500) * 100} | ${pick(['∞', '0', '6', '∞', '?'], i)}`,
    ).join('\n'),
  },
  {
    drawn: '304052/6 falconry hoods, Dar es Salaam',
    file: 'hoods.txt',
    brief: 'Falconry hoods, blocked and sewn in Dar es Salaam, Tanzania. Shillings.',
    text: `Tag|The hood|It was|It is
FH 01 P|Peregrine, kip leather|85,000|
FH 02 L|Lanner, kip leather|80,000|72,000
FH 03 G|Goshawk, calf|95,000|
FH 04 M|Merlin, kid|60,000|
FH 05 S|Saker, calf|90,000|81,000
FH 06 B|Block of mninga|140,000|
`,
    currency: 'TZS',
    columns: 'sku title earlierPrice/price price/earlierPrice',
    want: `Peregrine, kip leather |  | 8500000 | ∞
Lanner, kip leather |  | 7200000 | ∞
Goshawk, calf |  | 9500000 | ∞
Merlin, kid |  | 6000000 | ∞
Saker, calf |  | 8100000 | ∞
Block of mninga |  | 14000000 | ∞`,
  },
  {
    drawn: '304052/7 nettle cloth, Montréal',
    file: 'nettle.html',
    brief: 'Nettle cloth woven in Montréal, Québec. Canadian dollars.',
    text: savedPage(
      'Nettle cloth',
      made(200, (i) =>
        product(`${pick(cloth, i)} ${i + 1}`, i === 20 ? 'from 40' : i === 90 ? '38 - 52' : `${36 + (i % 7) * 3}.00`, 'CAD', {
          'how it stings': pick(['not at all', 'a little', 'only the weaver'], i),
          width: `${[70, 90, 140][i % 3]} cm`,
        }),
      ),
    ),
    currency: 'CAD',
    columns: 'title particular particular price currency',
    want: made(200, (i) => `${pick(cloth, i)} ${i + 1} |  | ${i === 20 || i === 90 ? '?' : (36 + (i % 7) * 3) * 100} | ∞`).join(
      '\n',
    ),
  },
  {
    drawn: '304053/1 toast racks, Asunción',
    file: 'tostadas.txt',
    encoding: 'windows-1252',
    brief: 'Toast racks from Asunción, Paraguay. Guaraníes.',
    text: `Who holds the toast|Dressed in|Seats|The bill|Numbers under it\n${made(5 * 8, (i) => i)
      .filter((i) => i % 8 !== 5)
      .map(
        (i) =>
          `${['Ñandutí', 'Lapacho', 'Tereré', 'Chipá', 'Karumbé'][Math.floor(i / 8)]}|${['plata', 'latón', 'níquel', 'negro'][Math.floor((i % 8) / 2)]}|${['four', 'six'][i % 2]}|₲ ${185 + (i % 2) * 40}.000|${gtin(784100000000 + i, i === 12 ? 3 : 0)}`,
      )
      .join('\n')}\n`,
    currency: 'PYG',
    columns: 'title option option price gtin',
    want: made(5 * 8, (i) => i)
      .filter((i) => i % 8 !== 5)
      .map(
        (i) =>
          `${['Ñandutí', 'Lapacho', 'Tereré', 'Chipá', 'Karumbé'][Math.floor(i / 8)]} | ${['plata', 'latón', 'níquel', 'negro'][Math.floor((i % 8) / 2)]} / ${['four', 'six'][i % 2]} | ${(185 + (i % 2) * 40) * 1000} | ∞`,
      )
      .join('\n'),
  },
  {
    drawn: '304053/2 motorcycle side bags, St John’s',
    file: 'bags.csv',
    brief: 'Motorcycle side bags sewn in St John’s, Newfoundland. Canadian dollars.',
    text: `Group;Bag;Leather;Price;EAN
B1;Signal Hill;black;189,00;${gtin(62100000001)}
B1;Signal Hill;oxblood;199,00;${gtin(62100000002)}
B1;Signal Hill;tan;189,00;${gtin(62100000003, 1)}
B2;Petty Harbour;black;229,00;${gtin(62100000004)}
B2;Petty Harbour;tan;229,00;${gtin(62100000005)}
B3;Cape Spear;black;259,00;${gtin(62100000006)}
B3;Cape Spear;oxblood;269,00;${gtin(62100000007)}
B4;Tool roll;black;49,00;${gtin(62100000008)}
B4;Tool roll;tan;49,00;${gtin(62100000009)}
B5;Map pocket;black;39,00;${gtin(62100000010)}
B5;Map pocket;oxblood;39,00;${gtin(62100000011)}
`,
    currency: 'CAD',
    columns: 'group title option price gtin',
    want: `Signal Hill | black | 18900 | ∞
Signal Hill | oxblood | 19900 | ∞
Signal Hill | tan | 18900 | ∞
Petty Harbour | black | 22900 | ∞
Petty Harbour | tan | 22900 | ∞
Cape Spear | black | 25900 | ∞
Cape Spear | oxblood | 26900 | ∞
Tool roll | black | 4900 | ∞
Tool roll | tan | 4900 | ∞
Map pocket | black | 3900 | ∞
Map pocket | oxblood | 3900 | ∞`,
  },
  {
    drawn: '304053/3 greetings cards in Braille, Medellín',
    file: 'tarjetas.jsonl',
    brief: 'Greetings cards in Braille, Medellín, Colombia. Pesos.',
    text: jsonLines(
      made(35, (i) => ({
        grp: `T${Math.floor(i / 5) + 1}`,
        ttl: ['Cumpleaños', 'Te quiero', 'Buen viaje', 'Suerte', 'Navidad', 'Bautizo', 'Te pienso'][Math.floor(i / 5)],
        sz: ['A7', 'A6', 'A5', 'A4', 'DL'][i % 5],
        prc: `$${(4 + (i % 5)).toString()}.500`,
        cat: `Tarjetas > ${i < 15 ? 'Alegres' : 'Serias'}`,
        dots: pick(['6', '8'], Math.floor(i / 5)),
        ppr: pick(['180 g/m²', '250 g/m²'], Math.floor(i / 5)),
        lang: pick(['es', 'en'], Math.floor(i / 5)),
      })),
    ),
    currency: 'COP',
    columns: 'group title option price category particular particular particular',
    want: made(
      35,
      (i) =>
        `${['Cumpleaños', 'Te quiero', 'Buen viaje', 'Suerte', 'Navidad', 'Bautizo', 'Te pienso'][Math.floor(i / 5)]} | ${['A7', 'A6', 'A5', 'A4', 'DL'][i % 5]} | ${(4 + (i % 5)) * 100000 + 50000} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '304053/4 sewing machine belts, a farm outside Zagreb',
    file: 'remeni.csv',
    brief: 'Belts for old sewing machines, cut on a farm outside Zagreb, Croatia.',
    text: `Remen;Mjera;Mjera;Cijena
Treadle belt;180 cm;5 mm;14,00
Treadle belt, long;200 cm;5 mm;15,50
Hand crank "short;60 cm;4 mm;9,00
Hand crank, long;75 cm;4 mm;od 9,50
Motor belt;35 cm;6 mm;7,00
Motor belt, toothed;38 cm;6 mm;11,00
Round belt;by the metre;3 mm;4,50 / m
Staple;10 pieces;;2,00
Staple pliers;18 cm;;22,00 - 26,00
Leather oil;50 ml;;6,00
Beeswax;40 g;;4,00
`,
    currency: 'EUR',
    columns: 'title particular/option particular price',
    want: `Treadle belt |  | 1400 | ∞
Treadle belt, long |  | 1550 | ∞
Hand crank "short |  | 900 | ∞
Hand crank, long |  | ? | ∞
Motor belt |  | 700 | ∞
Motor belt, toothed |  | 1100 | ∞
Round belt |  | ? | ∞
Staple |  | 200 | ∞
Staple pliers |  | ? | ∞
Leather oil |  | 600 | ∞
Beeswax |  | 400 | ∞`,
  },
  {
    drawn: '304053/6 spice boxes, Adelaide',
    file: 'boxes.xlsx',
    brief: 'Spice boxes of river red gum, Adelaide, Australia.',
    sheets: [
      {
        name: 'Round',
        rows: [
          ['Title', 'Size', 'Price', 'Barcode', 'Description'],
          ['Torrens', '7 cups', 96, gtin(930100000001), '<p>Lid of <b>glass</b>.</p>'],
          ['', '9 cups', 118, gtin(930100000002), ''],
          ['', '12 cups', 149, gtin(930100000003, 5), ''],
          ['Onkaparinga', '7 cups', 102, gtin(930100000004), '<p>Lid of <b>gum</b>.</p>'],
          ['', '9 cups', 124, gtin(930100000005), ''],
        ],
      },
      {
        name: 'Square',
        rows: [
          ['Title', 'Size', 'Price', 'Barcode', 'Description'],
          ['Light', '4 cups', 64, gtin(930100000006), '<p>Slides open.</p>'],
          ['', '6 cups', 82, gtin(930100000007), ''],
          ['Colonel', '8 cups', 110, gtin(930100000008), '<p>Two floors.</p>'],
          ['', '16 cups', 180, gtin(930100000009), ''],
          ['Spoon', 'short', 9, gtin(930100000010), '<p>For the cups.</p>'],
          ['', 'long', 12, gtin(930100000011), ''],
        ],
      },
    ],
    currency: 'AUD',
    columns: 'title option price gtin description',
    want: `Torrens | 7 cups | 9600 | ∞
Torrens | 9 cups | 11800 | ∞
Torrens | 12 cups | 14900 | ∞
Onkaparinga | 7 cups | 10200 | ∞
Onkaparinga | 9 cups | 12400 | ∞
Light | 4 cups | 6400 | ∞
Light | 6 cups | 8200 | ∞
Colonel | 8 cups | 11000 | ∞
Colonel | 16 cups | 18000 | ∞
Spoon | short | 900 | ∞
Spoon | long | 1200 | ∞`,
  },
  {
    drawn: '304053/7 massage oils, Chiang Mai',
    file: 'oils.txt',
    brief: 'น้ำมันนวด เชียงใหม่ ราคาเป็นบาท',
    text: `น้ำมัน, กลิ่น, ขนาด, ราคา, พืช, สกัด, สี, เก็บได้, ใช้กับ, ความข้น
${made(36, (i) => i)
  .filter((i) => i % 12 !== 7)
  .map(
    (i) =>
      `${['ล้านนา', 'ดอยสุเทพ', 'แม่ปิง'][Math.floor(i / 12)]}, ${['ตะไคร้', 'ไพล', 'มะลิ', 'ไม่มีกลิ่น'][Math.floor((i % 12) / 3)]}, ${['50 ml', '100 ml', '250 ml'][i % 3]}, ${180 + (i % 3) * 120} บาท, ${['งา', 'มะพร้าว', 'รำข้าว'][Math.floor(i / 12)]}, ${['เย็น', 'ร้อน', 'เย็น'][Math.floor(i / 12)]}, ${['เหลือง', 'ใส', 'ทอง'][Math.floor(i / 12)]}, ${['12 เดือน', '18 เดือน', '9 เดือน'][Math.floor(i / 12)]}, ${['หลัง', 'เท้า', 'ไหล่'][Math.floor(i / 12)]}, ${['บาง', 'กลาง', 'หนา'][Math.floor(i / 12)]}`,
  )
  .join('\n')}
`,
    currency: 'THB',
    columns: 'title option option price particular particular particular particular particular particular',
    want: made(36, (i) => i)
      .filter((i) => i % 12 !== 7)
      .map(
        (i) =>
          `${['ล้านนา', 'ดอยสุเทพ', 'แม่ปิง'][Math.floor(i / 12)]} | ${['ตะไคร้', 'ไพล', 'มะลิ', 'ไม่มีกลิ่น'][Math.floor((i % 12) / 3)]} / ${['50 ml', '100 ml', '250 ml'][i % 3]} | ${(180 + (i % 3) * 120) * 100} | ∞`,
      )
      .join('\n'),
  },
];
