import { feed, fixedWidth, gtin, jsonLines, made, pick, product, savedPage, type ListCase } from './case';

const filter = ['Asafo', 'Bantama', 'Manhyia', 'Adum', 'Nhyiaeso', 'Tafo'] as const;
const knob = ['Oliwa', 'Motława', 'Neptun', 'Żuraw', 'Wrzeszcz', 'Brzeźno'] as const;
const urn = ['Duna', 'Tisza', 'Kőris', 'Hárs', 'Nyír', 'Tölgy', 'Fűz'] as const;
const basket = ['Kazimierz', 'Wawel', 'Nowa Huta', 'Bronowice', 'Krowodrza', 'Prądnik', 'Salwator'] as const;
const oar = ['Volta', 'Ankobra', 'Pra', 'Densu', 'Tano', 'Oti', 'Birim'] as const;
const chime = ['Fyris', 'Ekoln', 'Hågaån', 'Luthagen', 'Svartbäcken', 'Kåbo'] as const;
const rope = ['Liberties', 'Rathmines', 'Howth', 'Clontarf', 'Phibsboro', 'Ringsend', 'Dalkey'] as const;
const bag = ['Misti', 'Chachani', 'Colca', 'Cotahuasi', 'Cayma', 'Yanahuara'] as const;

/** Drawn (304041, 304042, 304043; those without a list left out) and written on 30 November 2026, before the reader was run on any. */
export const batch42: ListCase[] = [
  {
    drawn: '304041/1 water filters, Kumasi',
    file: 'filters.xml',
    brief: 'Water filters of fired clay, Kumasi, Ghana. Prices in cedis.',
    text: feed(
      made(120, (i) => [
        ['group', `W${Math.floor(i / 4) + 1}`],
        ['title', `${pick(filter, Math.floor(i / 4))} filter ${Math.floor(i / 24) + 1}`],
        ['size', ['5 l', '10 l', '20 l', '40 l'][i % 4] ?? ''],
        ['price', i === 50 ? '12.00 USD' : `${80 + (i % 4) * 45 + Math.floor(i / 24) * 5}.00 GHS`],
        ['category', `Home > ${i < 60 ? 'Filters' : 'Spare filters'}`],
      ]),
    ),
    currency: 'GHS',
    columns: 'group title option price category',
    want: made(
      120,
      (i) =>
        `${pick(filter, Math.floor(i / 4))} filter ${Math.floor(i / 24) + 1} | ${['5 l', '10 l', '20 l', '40 l'][i % 4]} | ${i === 50 ? '?' : (80 + (i % 4) * 45 + Math.floor(i / 24) * 5) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '304041/2 ceramic knobs, Gdańsk',
    file: 'galki.xlsx',
    brief: 'Gałki ceramiczne, Gdańsk. Ceny w złotych.',
    sheets: [
      {
        name: 'Cennik',
        rows: [
          ['Gałki ceramiczne – cennik zimowy'],
          ['Ceny brutto, za sztukę.'],
          [],
          ['Grupa', 'Kod', 'Gałka', 'Szkliwo', 'Cena', 'Gwint', 'Kształt', 'Wypał', 'Glina', 'Rozstaw', 'Dekor'],
          ...made(120, (i): (string | number)[] => [
            `G${Math.floor(i / 4) + 1}`,
            `GK ${String(Math.floor(i / 4) + 1).padStart(2, '0')} ${'ABCD'[i % 4]}`,
            `${pick(knob, Math.floor(i / 4))} ${Math.floor(i / 24) + 1}`,
            ['białe', 'kobalt', 'zielone', 'miodowe'][i % 4] ?? '',
            18 + (Math.floor(i / 4) % 6) * 2,
            pick(['M4', 'M5'], Math.floor(i / 4)),
            pick(['kula', 'grzybek', 'walec'], Math.floor(i / 4)),
            pick(['1180 °C', '1240 °C'], Math.floor(i / 4)),
            pick(['kamionka', 'porcelana'], Math.floor(i / 4)),
            pick(['32 mm', '64 mm', '–'], Math.floor(i / 4)),
            pick(['kropki', 'kreski', 'bez'], Math.floor(i / 4)),
          ]),
          ['Razem', '', '', '', made(120, (i) => 18 + (Math.floor(i / 4) % 6) * 2).reduce((a, b) => a + b, 0)],
        ],
      },
    ],
    currency: 'PLN',
    columns: 'group sku title option price particular particular particular particular particular particular',
    want: made(
      120,
      (i) =>
        `${pick(knob, Math.floor(i / 4))} ${Math.floor(i / 24) + 1} | ${['białe', 'kobalt', 'zielone', 'miodowe'][i % 4]} | ${(18 + (Math.floor(i / 4) % 6) * 2) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '304041/3 nutcrackers, Chiang Mai',
    file: 'crackers.xlsx',
    brief: 'Nutcrackers carved in Chiang Mai, Thailand. Baht.',
    sheets: [
      {
        name: 'All',
        rows: [
          ['What we carve this year'],
          ['Teak, unless it says otherwise.'],
          ['Family', 'Who it is', 'In which wood', 'You give', 'Jaw', 'Nuts it fears', 'Days at the bench'],
          ...made(35, (i): (string | number)[] => [
            `F${Math.floor(i / 5) + 1}`,
            ['Monk', 'Elephant', 'Tuk-tuk driver', 'Rooster', 'Giant', 'Clerk', 'Dancer'][Math.floor(i / 5)] ?? '',
            ['teak', 'rain tree', 'mango', 'rosewood', 'bamboo'][i % 5] ?? '',
            `฿${950 + (i % 5) * 120 + Math.floor(i / 5) * 50}`,
            pick(['screw', 'lever'], Math.floor(i / 5)),
            pick(['macadamia', 'walnut', 'none'], Math.floor(i / 5)),
            2 + (Math.floor(i / 5) % 4),
          ]),
          ['Together', '', '', `฿${made(35, (i) => 950 + (i % 5) * 120 + Math.floor(i / 5) * 50).reduce((a, b) => a + b, 0)}`],
        ],
      },
    ],
    currency: 'THB',
    columns: 'group title option price particular particular particular',
    want: made(
      35,
      (i) =>
        `${['Monk', 'Elephant', 'Tuk-tuk driver', 'Rooster', 'Giant', 'Clerk', 'Dancer'][Math.floor(i / 5)]} | ${['teak', 'rain tree', 'mango', 'rosewood', 'bamboo'][i % 5]} | ${(950 + (i % 5) * 120 + Math.floor(i / 5) * 50) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '304041/4 playing cards, Bergen',
    file: 'kort.xlsx',
    brief: 'Playing cards from Bergen, Norway, in Norwegian kroner.',
    sheets: [
      {
        name: 'Decks',
        rows: [
          ['Decks, drawn and printed here'],
          ['Tell me if a card is missing.'],
          [],
          ['The deck', 'Costs', 'Under the barcode'],
          ['Rain deck', 'kr 249', gtin(704000000001)],
          ['Herring deck', 'kr 249', gtin(704000000002)],
          ['Fjord deck', 'kr 279', gtin(704000000003, 7)],
          ['Funicular deck', 'kr 279', gtin(704000000004)],
          ['Deck for one', 'kr 199', gtin(704000000005)],
          ['Sea chart deck', '€ 32', gtin(704000000006)],
          ['Knot deck', 'kr 299', gtin(704000000007)],
          ['Grandmother deck', 'kr 259', gtin(704000000008)],
          ['Lighthouse deck', '£ 24', gtin(704000000009)],
          ['Mountain deck', 'kr 279', gtin(704000000010)],
          ['Blank deck', 'kr 149', gtin(704000000011)],
          ['Sum', 2241, ''],
        ],
      },
    ],
    currency: 'NOK',
    columns: 'title price gtin',
    want: `Rain deck |  | 24900 | ∞
Herring deck |  | 24900 | ∞
Fjord deck |  | 27900 | ∞
Funicular deck |  | 27900 | ∞
Deck for one |  | 19900 | ∞
Sea chart deck |  | ? | ∞
Knot deck |  | 29900 | ∞
Grandmother deck |  | 25900 | ∞
Lighthouse deck |  | ? | ∞
Mountain deck |  | 27900 | ∞
Blank deck |  | 14900 | ∞`,
  },
  {
    drawn: '304041/5 urns, Budapest',
    file: 'urnak.xlsx',
    brief: 'Urnák fából és kerámiából, Budapest. Árak forintban.',
    sheets: ['Fa', 'Kerámia'].map((name, at) => ({
      name,
      rows: made(350, (i): (string | number)[] => [
        `U${at}-${Math.floor(i / 5) + 1}`,
        `${pick(urn, Math.floor(i / 5))} ${name.toLowerCase()} urna ${Math.floor(i / 35) + 1}`,
        ['natúr', 'fekete', 'fehér', 'barna', 'szürke'][i % 5] ?? '',
        `${28 + (i % 5) * 2 + at * 6} 000 Ft`,
        `${(1.4 + (i % 5) * 0.1).toFixed(1).replace('.', ',')} kg`,
        `Urnák > ${name}`,
      ]),
    })),
    currency: 'HUF',
    columns: 'group title option price weight category',
    want: ['Fa', 'Kerámia']
      .flatMap((name, at) =>
        made(
          350,
          (i) =>
            `${pick(urn, Math.floor(i / 5))} ${name.toLowerCase()} urna ${Math.floor(i / 35) + 1} | ${['natúr', 'fekete', 'fehér', 'barna', 'szürke'][i % 5]} | ${(28 + (i % 5) * 2 + at * 6) * 100000} | ∞`,
        ),
      )
      .join('\n'),
  },
  {
    drawn: '304041/7 bread proving baskets, Kraków',
    file: 'koszyki.tsv',
    brief: 'Koszyki do wyrastania chleba, Kraków. Prices in złoty.',
    text: `Basket\tOption\tValue\tPrice (PLN)\tDepth (cm)\tDescription\n${made(
      700,
      (i) =>
        `${pick(basket, Math.floor(i / 4))} ${Math.floor(i / 28) + 1}\tDough\t${['500 g', '750 g', '1 kg', '2 kg'][i % 4]}\t${i === 100 ? '€ 19' : `${69 + (i % 4) * 15},00`}\t${8 + (Math.floor(i / 4) % 4)}\t<p>Split <em>${pick(['willow', 'rattan'], Math.floor(i / 4))}</em>, no lining.</p>`,
    ).join('\n')}\n`,
    currency: 'PLN',
    columns: 'title optionName optionValue price particular description',
    want: made(
      700,
      (i) =>
        `${pick(basket, Math.floor(i / 4))} ${Math.floor(i / 28) + 1} | ${['500 g', '750 g', '1 kg', '2 kg'][i % 4]} | ${i === 100 ? '?' : (69 + (i % 4) * 15) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '304042/1 jigsaw puzzles, Cardiff',
    file: 'puzzles.xml',
    brief: 'Jigsaw puzzles of aerial photographs of Wales, cut in Cardiff.',
    text: feed(
      made(35, (i) => [
        ['title', ['Gower', 'Barry Island', 'Snowdon', 'Llyn', 'Taff', 'Skomer', 'Pen y Fan'][Math.floor(i / 5)] ?? ''],
        ['pieces', String([100, 250, 500, 1000, 2000][i % 5])],
        ['price_gbp', (14 + (i % 5) * 7.5).toFixed(2)],
        ['shelf', `Puzzles > ${i < 15 ? 'Coast' : 'Inland'}`],
        ['flown_at_m', String(300 + Math.floor(i / 5) * 150)],
        ['flown_on', pick(['2 May 2021', '11 June 2022', '30 August 2023'], Math.floor(i / 5))],
        ['board_mm', pick(['2', '3'], Math.floor(i / 5))],
        ['cut', pick(['ribbon', 'random'], Math.floor(i / 5))],
        ['finish', pick(['linen', 'matt'], Math.floor(i / 5))],
        ['sky', pick(['clear', 'one cloud', 'haze'], Math.floor(i / 5))],
      ]),
    ),
    currency: 'GBP',
    columns: 'title option price category particular particular particular particular particular particular',
    want: made(
      35,
      (i) =>
        `${['Gower', 'Barry Island', 'Snowdon', 'Llyn', 'Taff', 'Skomer', 'Pen y Fan'][Math.floor(i / 5)]} | ${[100, 250, 500, 1000, 2000][i % 5]} | ${Math.round((14 + (i % 5) * 7.5) * 100)} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '304042/3 tuning forks, Aarhus',
    file: 'gafler.tsv',
    brief: 'Tuning forks, Aarhus, Denmark. Kroner.',
    text: `The one who hums\tIn which keys\tRansom\tOn the bathroom scales
Hornfork\tA, C, E\t180 kr\t62 g
Hornfork, long\tA, C\t210 kr\t85 g
Pocket\tA\t140 kr\t38 g
Choir\tA, B, C, D\t195 kr\t60 g
Crystal\tC, G\t320 kr\t95 g
Weighted\tC, F\t280 kr\t120 g
Box for two\t\t90 kr\t210 g
Box for four\t\t120 kr\t340 g
Mallet\t\t65 kr\t45 g
Mallet\t\t85 kr\t70 g
Stand\t\t240 kr\t800 g
`,
    currency: 'DKK',
    columns: 'title option price weight',
    want: `Hornfork | A | 18000 | ∞
Hornfork | C | 18000 | ∞
Hornfork | E | 18000 | ∞
Hornfork, long | A | 21000 | ∞
Hornfork, long | C | 21000 | ∞
Pocket | A | 14000 | ∞
Choir | A | 19500 | ∞
Choir | B | 19500 | ∞
Choir | C | 19500 | ∞
Choir | D | 19500 | ∞
Crystal | C | 32000 | ∞
Crystal | G | 32000 | ∞
Weighted | C | 28000 | ∞
Weighted | F | 28000 | ∞
Box for two |  | 9000 | ∞
Box for four |  | 12000 | ∞
Mallet | 45 g | 6500 | ∞
Mallet | 70 g | 8500 | ∞
Stand |  | 24000 | ∞`,
  },
  {
    drawn: '304042/4 cider vinegar, Quito',
    file: 'vinegar.html',
    brief: 'Cider vinegar from Quito, Ecuador. US dollars.',
    text: savedPage(
      'Vinegar',
      (
        [
          ['Mother vinegar', 'amber', '250 ml', '6.50', 'plenty'],
          ['Mother vinegar', 'amber', '500 ml', '11.00', 'plenty'],
          ['Mother vinegar', 'clear', '250 ml', '6.00', 'sold out'],
          ['Herb vinegar', 'green', '250 ml', '7.50', 'a case'],
          ['Herb vinegar', 'red', '250 ml', '7.50', 'plenty'],
          ['Herb vinegar', 'red', '500 ml', '12.50', 'sold out'],
        ] as const
      ).map(([name, glass, bottle, price, left]) =>
        product(name, price, 'USD', {
          'which glass': glass,
          'how much in it': bottle,
          'in the cellar': left,
          'what to know': 'Shake it.\nThe "mother" is alive.',
        }),
      ),
    ),
    currency: 'USD',
    columns: 'title option option stock description/particular price currency',
    want: `Mother vinegar | amber / 250 ml | 650 | ∞
Mother vinegar | amber / 500 ml | 1100 | ∞
Mother vinegar | clear / 250 ml | 600 | 0
Herb vinegar | green / 250 ml | 750 | ?
Herb vinegar | red / 250 ml | 750 | ∞
Herb vinegar | red / 500 ml | 1250 | 0`,
  },
  {
    drawn: '304042/5 oars, Accra',
    file: 'oars.xlsx',
    brief: 'Oars and paddles, carved in Accra, Ghana. Cedis.',
    sheets: ['Oars', 'Paddles'].map((name, at) => ({
      name,
      rows: [
        ['Name', 'Price', 'Words'],
        ...made(350, (i): (string | number)[] => [
          `${pick(oar, Math.floor(i / 2))} ${at ? 'paddle' : 'oar'} ${Math.floor(i / 14) + 1} – ${['odum', 'wawa'][i % 2]}`,
          i === 60 && at === 0 ? '$ 40' : 260 + (i % 2) * 40 + at * 30,
          `Carved from one plank.\nCalled "${pick(['the quiet one', 'the puller'], i)}".`,
        ]),
      ],
    })),
    currency: 'GHS',
    columns: 'title price description',
    want: [0, 1]
      .flatMap((at) =>
        made(
          350,
          (i) =>
            `${pick(oar, Math.floor(i / 2))} ${at ? 'paddle' : 'oar'} ${Math.floor(i / 14) + 1} | ${['odum', 'wawa'][i % 2]} | ${i === 60 && at === 0 ? '?' : (260 + (i % 2) * 40 + at * 30) * 100} | ∞`,
        ),
      )
      .join('\n'),
  },
  {
    drawn: '304042/6 cocktail bitters, Beirut',
    file: 'bitters.txt',
    brief: 'Cocktail bitters, made in Beirut, Lebanon. US dollars.',
    text: `Name - Sizes - Price - Stock - Root - Proof - Drops\n${made(
      18,
      (i) =>
        `${pick(['Sumac', 'Carob', 'Cedar', 'Rose', 'Za’atar', 'Bitter orange', 'Mulberry', 'Arak', 'Laurel'], i)} ${Math.floor(i / 9) + 1} - ${i % 3 ? '50 ml, 100 ml' : '50 ml'} - $${14 + (i % 4)} - ${pick(['in stock', 'sold out', 'few'], i)} - ${pick(['gentian', 'angelica'], i)} - ${pick(['44 %', '48 %'], i)} - ${pick(['two', 'three'], i)}`,
    ).join('\n')}\n`,
    currency: 'USD',
    columns: 'title option price stock particular particular particular',
    want: made(18, (i) =>
      (i % 3 ? ['50 ml', '100 ml'] : ['50 ml']).map(
        (of) =>
          `${pick(['Sumac', 'Carob', 'Cedar', 'Rose', 'Za’atar', 'Bitter orange', 'Mulberry', 'Arak', 'Laurel'], i)} ${Math.floor(i / 9) + 1} | ${of} | ${(14 + (i % 4)) * 100} | ${['∞', '0', '?'][i % 3]}`,
      ),
    )
      .flat()
      .join('\n'),
  },
  {
    drawn: '304042/7 bookbinding supplies, Nantes',
    file: 'reliure.csv',
    brief: 'Bookbinding supplies, Nantes, France.',
    text: `Code,Supply,Size (mm),Price (€)\n${made(
      700,
      (i) =>
        `RL ${String(Math.floor(i / 4) + 1).padStart(3, '0')} ${i % 4},${i % 4 ? '' : `${pick(['Bone folder', 'Awl', 'Thread', 'Mull', 'Board', 'Headband', 'Needle'], i / 4)} ${Math.floor(i / 28) + 1}`},${[120, 150, 180, 220][i % 4]},${(3.5 + (i % 4) * 1.2 + Math.floor(i / 28) * 0.1).toFixed(2)}`,
    ).join('\n')}\n`,
    currency: 'EUR',
    columns: 'sku title option price',
    want: made(
      700,
      (i) =>
        `${pick(['Bone folder', 'Awl', 'Thread', 'Mull', 'Board', 'Headband', 'Needle'], Math.floor(i / 4))} ${Math.floor(i / 28) + 1} | ${[120, 150, 180, 220][i % 4]} | ${Math.round((3.5 + (i % 4) * 1.2 + Math.floor(i / 28) * 0.1) * 100)} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '304043/1 veils, Turku',
    file: 'hunnut.jsonl',
    brief: 'Veils, hemmed by hand in Turku, Finland.',
    text: jsonLines(
      made(18, (i) =>
        i === 4
          ? { nm: 'Sample veil', lng: 'x', prc: '0', edg: 'x' }
          : {
              nm: ['Aura', 'Ruissalo', 'Föri'][Math.floor(i / 6)],
              lng: `${[70, 100, 150, 200, 250, 300][i % 6]} cm`,
              prc: `${85 + (i % 6) * 20} €`,
              edg: ['"pearl', 'raw', 'lace'][Math.floor(i / 6)],
            },
      ),
    ),
    currency: 'EUR',
    columns: 'title option price particular',
    leftOut: 1,
    want: made(18, (i) => i)
      .filter((i) => i !== 4)
      .map(
        (i) =>
          `${['Aura', 'Ruissalo', 'Föri'][Math.floor(i / 6)]} | ${[70, 100, 150, 200, 250, 300][i % 6]} cm | ${(85 + (i % 6) * 20) * 100} | ∞`,
      )
      .join('\n'),
  },
  {
    drawn: '304043/2 wind chimes, Uppsala',
    file: 'klang.html',
    brief: 'Vindspel från Uppsala, Sverige.',
    text: savedPage(
      'Vindspel',
      made(350, (i) =>
        product(
          `${pick(chime, Math.floor(i / 2))} ${Math.floor(i / 12) + 1} - ${['liten', 'stor'][i % 2]}`,
          `${390 + (i % 2) * 150}`,
          'SEK',
          {
            wt: `${420 + (i % 2) * 380} g`,
            tub: pick(['5', '6', '8'], Math.floor(i / 2)),
            ton: pick(['C-dur', 'A-moll', 'pentatonisk'], Math.floor(i / 2)),
            snör: pick(['lin', 'nylon'], Math.floor(i / 2)),
          },
        ),
      ),
    ),
    currency: 'SEK',
    columns: 'title weight particular particular particular price currency',
    want: made(
      350,
      (i) =>
        `${pick(chime, Math.floor(i / 2))} ${Math.floor(i / 12) + 1} | ${['liten', 'stor'][i % 2]} | ${(390 + (i % 2) * 150) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '304043/3 bell ropes, Dublin',
    file: 'ropes.xlsx',
    brief: 'Bell ropes, laid in Dublin, Ireland.',
    sheets: ['Church', 'House'].map((name, at) => ({
      name,
      rows: [
        ['Rope', 'Sally', 'Sally', 'Price', 'Stock'],
        ...made(350, (i): (string | number)[] => [
          `${pick(rope, Math.floor(i / 5))} ${name.toLowerCase()} ${Math.floor(i / 35) + 1}`,
          ['red', 'blue', 'green', 'black', 'cream'][i % 5] ?? '',
          pick(['wool', 'cotton'], Math.floor(i / 5)),
          110 + Math.floor(i / 35) * 5 + at * 20,
          pick(['in stock', 'sold out', 'in stock', 'two'], i),
        ]),
      ],
    })),
    currency: 'EUR',
    columns: 'title option particular price stock',
    want: [0, 1]
      .flatMap((at) =>
        made(
          350,
          (i) =>
            `${pick(rope, Math.floor(i / 5))} ${at ? 'house' : 'church'} ${Math.floor(i / 35) + 1} | ${['red', 'blue', 'green', 'black', 'cream'][i % 5]} | ${(110 + Math.floor(i / 35) * 5 + at * 20) * 100} | ${pick(['∞', '0', '∞', '2'], i)}`,
        ),
      )
      .join('\n'),
  },
  {
    drawn: '304043/4 ocarinas, Perth',
    file: 'ocarinas.xlsx',
    brief: 'Ocarinas fired in Perth, Scotland.',
    sheets: [
      {
        name: 'Stock',
        rows: [
          ['Ocarinas, autumn firing'],
          ['Prices hold until Christmas.'],
          ['Nm', 'Pr', 'Stk'],
          ['Ness, alto', 42, 'in stock'],
          ['Ness, soprano', 36, 'in stock'],
          ['Ness, bass', 68, 'one left'],
          ['Tay, alto', 44, 'sold out'],
          ['Tay, soprano', 38, 'in stock'],
          ['Tay, bass', 70, 'in stock'],
          ['Isla, pendant', 18, 'three'],
          ['Isla, pocket', 22, 'in stock'],
          ['Almond, double', 85, 'to order'],
          ['Almond, triple', 140, 'to order'],
          ['Cord', 4, 'plenty'],
          ['Total', 567, ''],
        ],
      },
    ],
    currency: 'GBP',
    columns: 'title price stock',
    want: `Ness | alto | 4200 | ∞
Ness | soprano | 3600 | ∞
Ness | bass | 6800 | 1
Tay | alto | 4400 | 0
Tay | soprano | 3800 | ∞
Tay | bass | 7000 | ∞
Isla | pendant | 1800 | 3
Isla | pocket | 2200 | ∞
Almond | double | 8500 | ∞
Almond | triple | 14000 | ∞
Cord |  | 400 | ∞`,
  },
  {
    drawn: '304043/5 motorcycle side bags, Arequipa',
    file: 'alforjas.txt',
    encoding: 'windows-1252',
    brief: 'Side bags for motorcycles, sewn in Arequipa, Peru. Prices in soles.',
    text: fixedWidth(
      [16, 14, 14, 14, 34],
      [
        ['Which bag', 'In leather', 'How large', 'We charge', 'A word'],
        ...made(700, (i) => i)
          .filter((i) => i % 13 !== 6)
          .map((i) => [
            `${pick(bag, Math.floor(i / 12))} ${Math.floor(i / 72) + 1}`,
            ['negro', 'marrón', 'camel', 'piña'][Math.floor((i % 12) / 3)] ?? '',
            ['12 l', '20 l', '30 l'][i % 3] ?? '',
            `S/ ${240 + (i % 3) * 80 + Math.floor((i % 12) / 3) * 10}`,
            `Hebilla "${pick(['de latón', 'de acero'], i)}".`,
          ]),
      ],
    ),
    currency: 'PEN',
    columns: 'title option option price description/particular',
    want: made(700, (i) => i)
      .filter((i) => i % 13 !== 6)
      .map(
        (i) =>
          `${pick(bag, Math.floor(i / 12))} ${Math.floor(i / 72) + 1} | ${['negro', 'marrón', 'camel', 'piña'][Math.floor((i % 12) / 3)]} / ${['12 l', '20 l', '30 l'][i % 3]} | ${(240 + (i % 3) * 80 + Math.floor((i % 12) / 3) * 10) * 100} | ∞`,
      )
      .join('\n'),
  },
  {
    drawn: '304043/6 tea cosies, Dakar',
    file: 'cosies.csv',
    brief: 'Tea cosies, Dakar, Senegal. Prices in CFA francs.',
    text: `Cosy,Size,Price,Cloth,Cloth
Baobab,2 cups,"8 500",bazin,cotton
,6 cups,"à partir de 11 000",bazin,cotton
Pirogue,4 cups,,wax,wool
`,
    currency: 'XOF',
    columns: 'title option price particular particular',
    want: `Baobab | 2 cups | 8500 | ∞
Baobab | 6 cups | ? | ∞
Pirogue | 4 cups | ? | ∞`,
  },
  {
    drawn: '304043/7 motorcycle side bags, Bergen',
    file: 'vesker.xlsx',
    brief: 'Motorcycle side bags, Bergen, Norway.',
    sheets: ['Skinn', 'Lerret'].map((name, at) => ({
      name,
      rows: [
        ['No', 'Bag', 'Option', 'Value', 'Price', 'Strap', 'Strap'],
        ...made(9, (i): (string | number)[] => [
          `SB ${at + 1}${i + 1} ${'ABC'[i % 3]}`,
          `${['Fana', 'Ulriken', 'Askøy'][Math.floor(i / 3)]} ${name.toLowerCase()}`,
          'Volume',
          ['15 l', '25 l', '35 l'][i % 3] ?? '',
          i === 5 && at === 0 ? '2 400 – 2 900' : i === 2 && at === 1 ? 'fra 1 900' : 1490 + (i % 3) * 400 + at * 100,
          ['wide', 'narrow', 'none'][Math.floor(i / 3)] ?? '',
          ['two', 'four', 'none'][Math.floor(i / 3)] ?? '',
        ]),
      ],
    })),
    currency: 'NOK',
    columns: 'sku title optionName optionValue price particular particular',
    want: [0, 1]
      .flatMap((at) =>
        made(
          9,
          (i) =>
            `${['Fana', 'Ulriken', 'Askøy'][Math.floor(i / 3)]} ${at ? 'lerret' : 'skinn'} | ${['15 l', '25 l', '35 l'][i % 3]} | ${(i === 5 && at === 0) || (i === 2 && at === 1) ? '?' : (1490 + (i % 3) * 400 + at * 100) * 100} | ∞`,
        ),
      )
      .join('\n'),
  },
];
