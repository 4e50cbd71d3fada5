import { made, pick, product, savedPage, type ListCase } from './case';

/** Drawn and written on 27 November 2026, before the reader was run on any; each has the brief that its seller would have given. */
export const batch14: ListCase[] = [
  {
    drawn: '31173/1 lemon trees, Jakarta',
    file: 'pohon.jsonl',
    brief: 'Jeruk Nipis sells lemon trees in Jakarta. Prices in rupiah.',
    text: made(
      40,
      (i) =>
        `{"plant":"${pick(['Nipis', 'Purut', 'Sambal', 'Bali', 'Limau'], i)} tree no. ${i + 1}","code":"JN ${String(100 + i)} ${pick(['A', 'B'], i)}","price":${i % 9 === 4 ? '""' : `"Rp ${150 + (i % 8) * 25}.000"`},"care":"${pick(['full sun', 'half shade'], i)}","care":"${pick(['water daily', 'water weekly'], i)}"}`,
    ).join('\n'),
    currency: 'IDR',
    columns: 'title sku price particular',
    want: made(
      40,
      (i) =>
        `${pick(['Nipis', 'Purut', 'Sambal', 'Bali', 'Limau'], i)} tree no. ${i + 1} | | ${i % 9 === 4 ? '?' : (150 + (i % 8) * 25) * 1000 * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '31173/2 horse blankets, Gdańsk',
    file: 'derki.txt',
    encoding: 'windows-1250',
    brief: 'Kopyto szyje derki dla koni w Gdańsku. Ceny w złotych.',
    text: `derka; model; rozmiar (cm); cena (zł); gramatura (g/m²)
Derka stajenna; DS; 125; 289,00; 300
Derka stajenna; DS; 135; 299,00; 300
Derka stajenna; DS; 145; 309,00; 300
Derka padokowa; DP; 125; 349,00; 200
Derka padokowa; DP; 135; 359,00; 200
Derka padokowa; DP; 145; 95 €; 200
Derka polarowa; PO; 125; 159,00; 240
Derka polarowa; PO; 135; 169,00; 240
Kaptur; KA; 125; 120,00; 200
Kaptur; KA; 145; 130,00; 200
`,
    currency: 'PLN',
    columns: 'title group option price particular',
    want: `Derka stajenna | 125 | 28900 | ∞
Derka stajenna | 135 | 29900 | ∞
Derka stajenna | 145 | 30900 | ∞
Derka padokowa | 125 | 34900 | ∞
Derka padokowa | 135 | 35900 | ∞
Derka padokowa | 145 | ? | ∞
Derka polarowa | 125 | 15900 | ∞
Derka polarowa | 135 | 16900 | ∞
Kaptur | 125 | 12000 | ∞
Kaptur | 145 | 13000 | ∞`,
  },
  {
    drawn: '31173/3 rubber boots for dogs, Nantes',
    file: 'bottes.xlsx',
    brief: 'Quatre Pattes, Nantes. Bottes en caoutchouc pour chiens.',
    sheets: [
      {
        name: 'Feuil1',
        rows: [
          ['Quatre Pattes, automne'],
          ['what the dog hates', 'litter', 'how big a hate', 'what you pay for it', 'sole', 'closes with', 'colour of shame'],
          ['Bottes de pluie', 'BP', 'S', '32 €', 'rough', 'strap', 'yellow'],
          ['Bottes de pluie', 'BP', 'M', '34 €', 'rough', 'strap', 'yellow'],
          ['Bottes de ville', 'BV', 'M', '£41', 'smooth', 'zip', 'navy'],
          ['Total', '', '', '107', '', '', ''],
          ['Prices until Christmas.'],
        ],
      },
    ],
    currency: 'EUR',
    columns: 'title group option price particular particular particular/option',
    want: `Bottes de pluie | S | 3200 | ∞
Bottes de pluie | M | 3400 | ∞
Bottes de ville | M | ? | ∞`,
    leftOut: 2,
  },
  {
    drawn: '31173/4 trouser braces, Turku',
    file: 'henkselit.html',
    brief: 'Henkseli, Turku. Braces for trousers; belts are for others. Euros.',
    text: savedPage('Henkseli', [
      product('Sunday braces', '59.00', 'EUR', {
        size: '105 cm, 115 cm',
        description: 'Leather ends,\n"for buttons".',
        weight: '180 g',
        sku: 'H-1',
      }),
      product('Work braces', '45.00', 'EUR', {
        size: '115 cm, 125 cm',
        description: 'Wide, with clips.',
        weight: '0.22 kg',
        sku: 'H-2',
      }),
      product('Boys’ braces', '29.00', 'EUR', { size: '75 cm', description: 'They grow.', weight: '110 g', sku: 'H-3' }),
    ]),
    currency: 'EUR',
    columns: 'title option description weight sku price currency',
    want: `Sunday braces | 105 cm | 5900 | ∞
Sunday braces | 115 cm | 5900 | ∞
Work braces | 115 cm | 4500 | ∞
Work braces | 125 cm | 4500 | ∞
Boys’ braces | 75 cm | 2900 | ∞`,
  },
  {
    drawn: '31173/5 sea glass, Belfast',
    file: 'glass.csv',
    brief: 'Lough Light, Belfast. Sea glass, found and set. Pounds.',
    text: made(
      60,
      (i) =>
        `${pick(['Pendant', 'Ring', 'Brooch', 'Earrings'], Math.floor(i / 3))} ${Math.floor(i / 12) + 1},Colour,${pick(['green', 'brown', 'white'], i)},£${18 + Math.floor(i / 3) * 2}.00,${pick(['in stock', 'sold out', 'in stock', 'last one'], i)},"<p>${pick(['Found at Crawfordsburn.', 'From a bottle, we think.', 'Smooth as a sweet.'], Math.floor(i / 3))}</p>"`,
    ).join('\n'),
    currency: 'GBP',
    columns: 'title optionName optionValue price stock description',
    want: made(
      60,
      (i) =>
        `${pick(['Pendant', 'Ring', 'Brooch', 'Earrings'], Math.floor(i / 3))} ${Math.floor(i / 12) + 1} | ${pick(['green', 'brown', 'white'], i)} | ${(18 + Math.floor(i / 3) * 2) * 100} | ${pick(['∞', '0', '∞', '1'], i)}`,
    ).join('\n'),
  },
  {
    drawn: '31173/6 whistles, Dhaka',
    file: 'whistles.xlsx',
    brief: 'Banshi & Bell, Dhaka, Bangladesh. Whistles of tin, bamboo and brass. Prices in taka.',
    sheets: [
      {
        name: 'List',
        rows: [
          ['Banshi & Bell, price list'],
          ['all prices with VAT'],
          ['Title', 'Group', 'Colour', 'Price', 'Stock'],
          ...made(48, (i) => [
            `${pick(['Tin', 'Bamboo', 'Brass'], Math.floor(i / 4))} whistle ${Math.floor(i / 12) + 1}`,
            `W${Math.floor(i / 4) + 1}`,
            pick(['red', 'green', 'blue', 'plain'], i),
            i % 15 === 7 ? '' : 120 + Math.floor(i / 4) * 15,
            (i * 7) % 30,
          ]),
          ['Sample product', 'W0', 'red', 1, 1],
          ['Total', '', '', '', 640],
        ],
      },
    ],
    currency: 'BDT',
    columns: 'title group option price stock',
    want: made(
      48,
      (i) =>
        `${pick(['Tin', 'Bamboo', 'Brass'], Math.floor(i / 4))} whistle ${Math.floor(i / 12) + 1} | ${pick(['red', 'green', 'blue', 'plain'], i)} | ${i % 15 === 7 ? '?' : (120 + Math.floor(i / 4) * 15) * 100} | ${(i * 7) % 30}`,
    ).join('\n'),
    leftOut: 2,
  },
  {
    drawn: '31173/7 storm lanterns, Leeds',
    file: 'lanterns.csv',
    brief: 'Headingley Lamps. Storm lanterns, Leeds. Pounds sterling.',
    text: `Itm,Dscr,Prc,Qty
Miner,"Burns 20 hours.
Does not ""smell"".",34.00,6
Signal,Red and green glass.,52.00,2
Table "lamp,Small.,21.50,11
`,
    currency: 'GBP',
    columns: 'title description price stock',
    want: `Miner | | 3400 | 6
Signal | | 5200 | 2
Table "lamp | | 2150 | 11`,
  },
  {
    drawn: '31173/8 greetings cards in Braille, St John’s',
    file: 'cards.jsonl',
    brief: 'Dot to Dot, St John’s, Newfoundland. Cards in Braille. Canadian dollars.',
    text: `{"card":"Happy birthday","for":"anyone","price":"6.50","word":"raised balloons","word":"grade 1"}
{"card":"Happy birthday","for":"children","price":"6.50","word":"raised cake","word":"grade 1"}
{"card":"Thank you","for":"anyone","price":"5.75","word":"a hand","word":"grade 2"}
{"card":"With sympathy","for":"anyone","price":"5.75","word":"a leaf","word":"grade 2"}
{"card":"New baby","for":"parents","price":"US$6","word":"a foot","word":"grade 1"}
{"card":"Blank","for":"anyone","price":"4.00","word":"","word":""}`,
    currency: 'CAD',
    columns: 'title option/particular/category price particular/description',
    want: `Happy birthday | anyone | 650 | ∞
Happy birthday | children | 650 | ∞
Thank you | anyone | 575 | ∞
With sympathy | anyone | 575 | ∞
New baby | parents | ? | ∞
Blank | anyone | 400 | ∞`,
  },
  {
    drawn: '31173/9 screen-printing frames, Cluj',
    file: 'rame.json',
    brief: 'Sita face rame de serigrafie în Cluj-Napoca. Prețuri în lei.',
    text: JSON.stringify(
      made(72, (i) => ({
        den: `Ramă ${pick(['Mureș', 'Olt', 'Jiu', 'Argeș'], Math.floor(i / 6))} ${Math.floor(i / 24) + 1}`,
        cul: pick(['natur', 'negru'], i),
        dim: pick(['30x40', '50x70', '70x100'], Math.floor(i / 2)),
        pr: 85 + Math.floor(i / 6) * 5 + (Math.floor(i / 2) % 3) * 40,
        mesh: pick([43, 77, 120], Math.floor(i / 6)),
        lemn: pick(['pin', 'fag'], Math.floor(i / 6)),
        colt: pick(['lipit', 'înșurubat'], Math.floor(i / 12)),
      })).filter((_, i) => i % 17 !== 3),
    ),
    currency: 'RON',
    columns: 'title option option price particular particular particular',
    want: made(72, (i) => i)
      .filter((i) => i % 17 !== 3)
      .map(
        (i) =>
          `Ramă ${pick(['Mureș', 'Olt', 'Jiu', 'Argeș'], Math.floor(i / 6))} ${Math.floor(i / 24) + 1} | ${pick(['natur', 'negru'], i)} / ${pick(['30x40', '50x70', '70x100'], Math.floor(i / 2))} | ${(85 + Math.floor(i / 6) * 5 + (Math.floor(i / 2) % 3) * 40) * 100} | ∞`,
      )
      .join('\n'),
  },
  {
    drawn: '31173/10 olive oil, Louisville, Kentucky',
    file: 'oil.tsv',
    encoding: 'windows-1252',
    brief: 'Beargrass Olive Oil, Louisville, Kentucky. Oil from friends in Crete. Dollars.',
    text: `Oil\tPrice ($)\tAcidity (%)\tAvailable
${made(
  60,
  (i) =>
    `${pick(['Koroneiki', 'Tsounati', 'Throumba', 'Café blend'], Math.floor(i / 3))} ${2020 + Math.floor(i / 12)} - ${pick(['250 ml', '500 ml', '1 l'], i)}\t${(9 + (i % 3) * 7 + Math.floor(i / 12)).toFixed(2)}\t${pick(['0.2', '0.3', '0.5'], Math.floor(i / 3))}\t${pick(['yes', 'few', 'no'], i)}`,
).join('\n')}
`,
    currency: 'USD',
    columns: 'title price particular stock',
    want: made(
      60,
      (i) =>
        `${pick(['Koroneiki', 'Tsounati', 'Throumba', 'Café blend'], Math.floor(i / 3))} ${2020 + Math.floor(i / 12)} | ${pick(['250 ml', '500 ml', '1 l'], i)} | ${(9 + (i % 3) * 7 + Math.floor(i / 12)) * 100} | ${pick(['∞', '?', '0'], i)}`,
    ).join('\n'),
  },
  {
    drawn: '31173/11 microscope slides, Uppsala',
    file: 'slides.xlsx',
    brief: 'Täckglas, Uppsala. Slides for the microscope, prepared by a retired teacher. Swedish kronor.',
    sheets: [
      {
        name: 'Plants',
        rows: [
          ['What is on the glass', 'Stained in', 'Glass', 'One costs', 'Still here'],
          ...made(42, (i) => [
            `${pick(['Oak leaf', 'Pine needle', 'Lily anther', 'Root tip', 'Moss', 'Fern', 'Pollen'], Math.floor(i / 6))}`,
            pick(['red', 'blue', 'green'], i),
            pick(['thin', 'thick'], Math.floor(i / 3)),
            45 + Math.floor(i / 6) * 5 + (Math.floor(i / 3) % 2) * 10,
            pick(['yes', 'two', 'gone', 'plenty'], i),
          ]).filter((_, i) => i % 11 !== 8),
        ],
      },
      {
        name: 'Animals',
        rows: [
          ['What is on the glass', 'Stained in', 'Glass', 'One costs', 'Still here'],
          ...made(12, (i) => [
            pick(['Bee wing', 'Fish scale'], Math.floor(i / 6)),
            pick(['red', 'blue', 'green'], i),
            pick(['thin', 'thick'], Math.floor(i / 3)),
            60 + (Math.floor(i / 3) % 2) * 10,
            pick(['yes', 'two', 'gone', 'plenty'], i),
          ]),
        ],
      },
    ],
    currency: 'SEK',
    columns: 'title option option price stock',
    want: [
      ...made(42, (i) => i)
        .filter((i) => i % 11 !== 8)
        .map(
          (i) =>
            `${pick(['Oak leaf', 'Pine needle', 'Lily anther', 'Root tip', 'Moss', 'Fern', 'Pollen'], Math.floor(i / 6))} | ${pick(['red', 'blue', 'green'], i)} / ${pick(['thin', 'thick'], Math.floor(i / 3))} | ${(45 + Math.floor(i / 6) * 5 + (Math.floor(i / 3) % 2) * 10) * 100} | ${pick(['∞', '2', '0', '∞'], i)}`,
        ),
      ...made(
        12,
        (i) =>
          `${pick(['Bee wing', 'Fish scale'], Math.floor(i / 6))} | ${pick(['red', 'blue', 'green'], i)} / ${pick(['thin', 'thick'], Math.floor(i / 3))} | ${(60 + (Math.floor(i / 3) % 2) * 10) * 100} | ${pick(['∞', '2', '0', '∞'], i)}`,
      ),
    ].join('\n'),
  },
  {
    drawn: '31173/12 tea cosies, Lagos',
    file: 'cosies.xlsx',
    brief: 'Ankara Warm, Lagos, Nigeria. Tea cosies from ankara cloth, in naira.',
    sheets: [
      {
        name: 'Cosies',
        rows: [
          ['Ankara Warm: what we sew'],
          ['Cosy', 'For a pot of (l)', 'Price (₦)', 'Lining', 'Top', 'Note from the sewing room'],
          ['Owambe', 0.8, 9500, 'fleece', 'pompom', 'Bright.\nVery "Lagos".'],
          ['', 1.2, 11000, 'fleece', 'pompom', ''],
          ['Quiet Sunday', 1.2, 10500, 'wool', 'loop', 'Blue on blue, for those who read at tea.'],
          ['Total', '', 31000, '', '', ''],
        ],
      },
    ],
    currency: 'NGN',
    columns: 'title option price particular particular description',
    want: `Owambe | 0.8 | 950000 | ∞
Owambe | 1.2 | 1100000 | ∞
Quiet Sunday | 1.2 | 1050000 | ∞`,
    leftOut: 1,
  },
  {
    drawn: '31173/13 goose down pillows, Bologna',
    file: 'cuscini.txt',
    brief: 'Piuma d’Oca, Bologna. Cuscini di piuma d’oca. Prezzi in euro.',
    text: `Cuscino; Codice; Prezzo; Nota; Nota
Cuscino alto - 50x80; PO 01 A; 89,00; morbido; lavabile
Cuscino alto - 50x70; PO 01 B; 84,00; morbido; lavabile
Cuscino basso - 50x80; PO 02 A; ; fermo; lavabile
`,
    currency: 'EUR',
    columns: 'title sku price particular/description particular/description',
    want: `Cuscino alto | 50x80 | 8900 | ∞
Cuscino alto | 50x70 | 8400 | ∞
Cuscino basso | 50x80 | ? | ∞`,
  },
  {
    drawn: '31173/14 pepper, Istanbul',
    file: 'biber.csv',
    brief: 'Karabiber, İstanbul. Pepper and nothing else. Turkish lira.',
    text: `${made(
      28,
      (i) =>
        `${pick(['Tellicherry', 'Kampot', 'Lampong', 'Sarawak', 'Penja', 'Urfa', 'Maraş'], Math.floor(i / 4))};P${Math.floor(i / 4) + 1};${pick(['50 g', '100 g', '250 g', '500 g'], i)};${85 + Math.floor(i / 4) * 10 + (i % 4) * 60},00;${pick(['var', 'yok', 'var', 'az'], i)};${pick(['India', 'Cambodia', 'Indonesia', 'Malaysia', 'Cameroon', 'Türkiye', 'Türkiye'], Math.floor(i / 4))};${pick(['black', 'red', 'white'], Math.floor(i / 4))};${pick(['4 mm', '5 mm'], Math.floor(i / 4))};${pick(['hot', 'warm', 'fruity'], Math.floor(i / 4))};${pick(['2024', '2025'], Math.floor(i / 4))};${pick(['tin', 'jar'], Math.floor(i / 4))}`,
    ).join('\n')}
`,
    currency: 'TRY',
    columns: 'title group option price stock particular particular/category particular particular particular particular',
    want: made(
      28,
      (i) =>
        `${pick(['Tellicherry', 'Kampot', 'Lampong', 'Sarawak', 'Penja', 'Urfa', 'Maraş'], Math.floor(i / 4))} | ${pick(['50 g', '100 g', '250 g', '500 g'], i)} | ${(85 + Math.floor(i / 4) * 10 + (i % 4) * 60) * 100} | ${pick(['∞', '0', '∞', '?'], i)}`,
    ).join('\n'),
  },
  {
    drawn: '31173/15 herb mills, Dublin',
    file: 'mills.json',
    brief: 'The Dublin Herb Mill Company. Mills for herbs, turned in Stoneybatter. Euro.',
    text: JSON.stringify(
      made(24, (i) => ({
        ttl: `${pick(['Ash', 'Oak', 'Yew', 'Bog oak', 'Beech', 'Elm'], i)} mill no. ${i + 1}`,
        txt: `<p>Turned from <b>${pick(['one piece', 'two pieces'], i)}</b>.</p><ul><li>steel burr</li></ul>`,
        eur: i % 8 === 3 ? null : 38 + i * 1.5,
        ht: `${12 + (i % 5)} cm`,
        ctg: pick(['Kitchen', 'Table'], i),
      })),
    ),
    currency: 'EUR',
    columns: 'title description price particular category',
    want: made(
      24,
      (i) =>
        `${pick(['Ash', 'Oak', 'Yew', 'Bog oak', 'Beech', 'Elm'], i)} mill no. ${i + 1} | | ${i % 8 === 3 ? '?' : Math.round((38 + i * 1.5) * 100)} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '31173/16 shaving bowls, Leeds',
    file: 'bowls.xlsx',
    brief: 'Kirkgate Lather, Leeds. Bowls for shaving. £.',
    sheets: [
      {
        name: 'Stoneware',
        rows: [
          ['Bowl', 'Price', 'Sale price', 'Note', 'Note'],
          ['Ridged', 28, '', 'grey', 'dishwasher'],
          ['Plain', 24, 19, 'white', 'dishwasher'],
          ['With handle', 'from 32', '', 'blue', 'by hand'],
          ['Deep', 30, 25, 'black', 'dishwasher'],
          ['Seconds', '10-15', '', 'mixed', 'by hand'],
        ],
      },
      {
        name: 'Wood',
        rows: [
          ['Bowl', 'Price', 'Sale price', 'Note', 'Note'],
          ['Lime', 38, '', 'oiled', 'by hand'],
          ['Ash', 41, 35, 'oiled', 'by hand'],
          ['Cherry', 45, '', 'waxed', 'by hand'],
        ],
      },
    ],
    currency: 'GBP',
    columns: 'title earlierPrice price particular/description particular/description',
    want: `Ridged | | 2800 | ∞
Plain | | 1900 | ∞
With handle | | ? | ∞
Deep | | 2500 | ∞
Seconds | | ? | ∞
Lime | | 3800 | ∞
Ash | | 3500 | ∞
Cherry | | 4500 | ∞`,
  },
  {
    drawn: '31173/17 theatre programmes, Manama',
    file: 'programmes.xlsx',
    brief: 'Sitara sells old theatre programmes in Manama, Bahrain. Prices in Bahraini dinars.',
    sheets: [
      {
        name: 'قديم',
        rows: [
          ['العنوان', 'الحالة', 'السعر', 'الرمز', 'الوصف'],
          ...made(36, (i) => [
            i % 2
              ? ''
              : `${pick(['هاملت', 'عطيل', 'ليلى', 'الملك لير', 'فاوست', 'كارمن'], Math.floor(i / 2))} ${1960 + Math.floor(i / 2)}`,
            pick(['جيد', 'ممتاز'], i),
            2.5 + Math.floor(i / 2) * 0.25 + (i % 2) * 1.5,
            `BH ${200 + i} ${pick(['A', 'B'], i)}`,
            i % 2 ? '' : '<p>برنامج <b>نادر</b> من العرض الأول.</p>',
          ]),
        ],
      },
      {
        name: 'جديد',
        rows: [
          ['العنوان', 'الحالة', 'السعر', 'الرمز', 'الوصف'],
          ['روميو 2019', 'جيد', 1.5, 'BH 900 A', '<p>كما هو.</p>'],
          ['', 'ممتاز', 2, 'BH 901 B', ''],
        ],
      },
    ],
    currency: 'BHD',
    columns: 'title option price sku description',
    want: [
      ...made(
        36,
        (i) =>
          `${pick(['هاملت', 'عطيل', 'ليلى', 'الملك لير', 'فاوست', 'كارمن'], Math.floor(i / 2))} ${1960 + Math.floor(i / 2)} | ${pick(['جيد', 'ممتاز'], i)} | ${2500 + Math.floor(i / 2) * 250 + (i % 2) * 1500} | ∞`,
      ),
      'روميو 2019 | جيد | 1500 | ∞',
      'روميو 2019 | ممتاز | 2000 | ∞',
    ].join('\n'),
  },
  {
    drawn: '31173/18 crossword books, Reykjavík',
    file: 'krossgatur.txt',
    brief: 'Lóðrétt gefur út krossgátubækur í Reykjavík. Verð í krónum.',
    text: `bók | blaðsíður (bls) | verð (kr) | þyngd | um bókina
${made(
  30,
  (i) =>
    `${i % 2 ? '' : `Krossgátur ${Math.floor(i / 2) + 1}`} | ${pick(['64', '128'], i)} | ${(1990 + (i % 2) * 1000).toLocaleString('de')} | ${pick(['180 g', '0,34 kg'], i)} | ${i % 2 ? '' : `<em>Fyrir ${pick(['byrjendur', 'lengra komna', 'alla'], Math.floor(i / 2))}</em>, með lausnum.`}`,
).join('\n')}
`,
    currency: 'ISK',
    columns: 'title option price weight description',
    want: made(30, (i) => `Krossgátur ${Math.floor(i / 2) + 1} | ${pick(['64', '128'], i)} | ${1990 + (i % 2) * 1000} | ∞`).join(
      '\n',
    ),
  },
  {
    drawn: '31173/19 aquarium rocks and wood, Yerevan',
    file: 'rocks.psv',
    brief: 'Sevan Scape, Yerevan, Armenia. Rocks and wood for aquariums. Dram.',
    text: `The piece|Shade|How large|For how much|Why take it
Tuff rock|pink|10 cm|1500|<b>Porous</b>, plants hold on to it.
Tuff rock|pink|20 cm|2900|<b>Porous</b>, plants hold on to it.
Tuff rock|black|10 cm|1600|<b>Porous</b>, plants hold on to it.
Obsidian|black|10 cm|2200|Sharp. <i>No goldfish.</i>
Obsidian|black|20 cm|from 4000|Sharp. <i>No goldfish.</i>
Obsidian|brown|10 cm|2400|Sharp. <i>No goldfish.</i>
Apricot root|brown|30 cm|5200|Sinks after a week.
Apricot root|brown|50 cm|7800-9000|Sinks after a week.
Apricot root|grey|30 cm|5000|Sinks after a week.
River stone|grey|5 cm|300|Flat.
`,
    currency: 'AMD',
    columns: 'title option option price description',
    want: `Tuff rock | pink / 10 cm | 150000 | ∞
Tuff rock | pink / 20 cm | 290000 | ∞
Tuff rock | black / 10 cm | 160000 | ∞
Obsidian | black / 10 cm | 220000 | ∞
Obsidian | black / 20 cm | ? | ∞
Obsidian | brown / 10 cm | 240000 | ∞
Apricot root | brown / 30 cm | 520000 | ∞
Apricot root | brown / 50 cm | ? | ∞
Apricot root | grey / 30 cm | 500000 | ∞
River stone | grey / 5 cm | 30000 | ∞`,
  },
  {
    drawn: '31173/20 costume wigs, Córdoba',
    file: 'pelucas.tsv',
    brief: 'La Calva, Córdoba, Argentina. Wigs for the stage. Argentine pesos.',
    text: `who you could be\thow long a lie\tthe damage\tcap\tfibre\tcurl\theat\tparting\tdays to make
${made(
  24,
  (i) =>
    `${i % 2 ? '' : `${pick(['Diva', 'Judge', 'Mermaid', 'Rocker'], Math.floor(i / 2))} ${Math.floor(i / 8) + 1}`}\t${pick(['30 cm', '60 cm'], i)}\t${i === 5 ? 'desde $40.000' : i === 12 ? '$45.000 - $60.000' : `$${32 + i}.500`}\t${pick(['lace', 'net'], Math.floor(i / 2))}\t${pick(['human', 'synthetic'], Math.floor(i / 2))}\t${pick(['straight', 'wavy', 'tight'], Math.floor(i / 2))}\t${pick(['to 150°', 'none'], Math.floor(i / 2))}\t${pick(['left', 'middle'], Math.floor(i / 2))}\t${pick(['5', '10'], Math.floor(i / 2))}`,
).join('\n')}
`,
    currency: 'ARS',
    columns: 'title option price particular particular particular particular particular particular',
    want: made(
      24,
      (i) =>
        `${pick(['Diva', 'Judge', 'Mermaid', 'Rocker'], Math.floor(i / 2))} ${Math.floor(i / 8) + 1} | ${pick(['30 cm', '60 cm'], i)} | ${i === 5 || i === 12 ? '?' : (32 + i) * 100000 + 50000} | ∞`,
    ).join('\n'),
  },
];
