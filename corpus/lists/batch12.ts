import { feed, fixedWidth, gtin, jsonLines, made, pick, product, savedPage, type ListCase } from './case';

/**
 * Drawn and written on 27 November 2026, before the reader was run on any; each has the brief that its seller would have given. Four of
 * the twenty that were drawn have no list. Where a shopper would be served alike by two meanings of a column, both were written down.
 */
export const batch12: ListCase[] = [
  {
    drawn: '73019/1 name tapes, Zaragoza',
    file: 'tienda.html',
    brief: 'Hilo y Nombre, Zaragoza. We are weaving tapes with name for clothes of childrens. Price is in euro.',
    text: savedPage('Hilo y Nombre', [
      product('Tape woven, 50 pieces', '12.50', 'EUR', { offer: { availability: 'https://schema.org/InStock' } }),
      product('Tape woven, 100 pieces', '18.90', 'EUR', { offer: { availability: 'https://schema.org/InStock' } }),
      product('Tape to iron', '9.90', 'EUR', { offer: { availability: 'https://schema.org/OutOfStock' } }),
      product('Tape for shoes', '7.00', 'USD', { offer: { availability: 'https://schema.org/InStock' } }),
      product('Stamp', '21', 'EUR', { offer: { availability: 'https://schema.org/LimitedAvailability' } }),
      product('Ink pad', '6.50', 'EUR', { offer: { availability: 'https://schema.org/SoldOut' } }),
    ]),
    currency: 'EUR',
    columns: 'title price currency stock',
    want: `Tape woven | 50 pieces | 1250 | ∞
Tape woven | 100 pieces | 1890 | ∞
Tape to iron | | 990 | 0
Tape for shoes | | ? | ∞
Stamp | | 2100 | ∞
Ink pad | | 650 | 0`,
  },
  {
    drawn: '73019/4 wine labels, Marrakesh',
    file: 'labels.xml',
    brief: '- labels for wine bottles, printed in Marrakesh\n- sold by the sheet\n- prices in dirhams',
    text: feed([
      [
        ['ttl', 'Vine leaf'],
        ['desc', 'Gold edge,\n"the old one".'],
        ['pr', '48,00'],
        ['fmt', '70x90, 80x110'],
        ['cat', 'Classic'],
        ['qty', '40'],
      ],
      [
        ['ttl', 'Atlas'],
        ['desc', 'Mountains, in blue. "Strong.'],
        ['pr', '52,00'],
        ['fmt', '70x90'],
        ['cat', 'Classic'],
        ['qty', '25'],
      ],
      [
        ['ttl', 'Plain cream'],
        ['desc', 'Nothing on it,\nwrite yourself.'],
        ['pr', '30,00'],
        ['fmt', '70x90, 80x110, 90x120'],
        ['cat', 'Blank'],
        ['qty', '100'],
      ],
      [
        ['ttl', 'Rough grey'],
        ['desc', 'A paper that you feel.'],
        ['pr', '35,50'],
        ['fmt', '80x110'],
        ['cat', 'Blank'],
        ['qty', '0'],
      ],
    ]),
    currency: 'MAD',
    columns: 'title description price option category stock',
    want: `Vine leaf | 70x90 | 4800 | ?
Vine leaf | 80x110 | 4800 | ?
Atlas | 70x90 | 5200 | 25
Plain cream | 70x90 | 3000 | ?
Plain cream | 80x110 | 3000 | ?
Plain cream | 90x120 | 3000 | ?
Rough grey | 80x110 | 3550 | 0`,
  },
  {
    drawn: '73019/5 smoked trout, Reykjavík',
    file: 'listi.txt',
    brief: 'Við reykjum silung við Þingvallavatn. We smoke trout near Reykjavík. Verð í krónum.',
    text: `Reyktur silungur; RS; 250 g; 2.400 kr; <b>kaldreyktur</b> við birki
Reyktur silungur; RS; 500 g; 4.500 kr; <b>kaldreyktur</b> við birki
Heitreyktur silungur; HS; 250 g; 2.600 kr; við taði, <i>sterkur</i>
Heitreyktur silungur; HS; 500 g; ; við taði, <i>sterkur</i>
Grafinn silungur; GS; 250 g; 2.300 kr; með dilli
Grafinn silungur; GS; 500 g; 4.300 kr; með dilli
Hrogn; HR; 100 g; 1.900 kr; söltuð
Hrogn; HR; 200 g; 3.500 kr; söltuð
`,
    currency: 'ISK',
    columns: 'title group option price description',
    want: `Reyktur silungur | 250 g | 2400 | ∞
Reyktur silungur | 500 g | 4500 | ∞
Heitreyktur silungur | 250 g | 2600 | ∞
Heitreyktur silungur | 500 g | ? | ∞
Grafinn silungur | 250 g | 2300 | ∞
Grafinn silungur | 500 g | 4300 | ∞
Hrogn | 100 g | 1900 | ∞
Hrogn | 200 g | 3500 | ∞`,
  },
  {
    drawn: '73019/7 bow ties, Dublin',
    file: 'ties.tsv',
    brief: '1. Summary\nAoife Brannigan makes bow ties in Dublin.\n2. Prices\nIn euro, low, and we say so.',
    text: `The Liffey\tnavy\tself-tie\t€19\t12
The Liffey\tnavy\tready-tied\t€17\t30
The Liffey\twine\tself-tie\t€19\t4
The Liffey\twine\tready-tied\t€17\t0
The Phoenix\ttartan\tself-tie\t€22–28\t6
The Phoenix\ttartan\tready-tied\t€20\t9
The Smithfield\tcotton check\tself-tie\tfrom €15\t3
The Smithfield\tcotton check\tready-tied\t€14\t18
Wedding set\tivory\tself-tie\t€60\t2
Wedding set\tivory\tready-tied\t€55\t2
Odd ones\tas they come\tready-tied\t€8\t25
`,
    currency: 'EUR',
    columns: 'title option option price stock',
    want: `The Liffey | navy / self-tie | 1900 | 12
The Liffey | navy / ready-tied | 1700 | 30
The Liffey | wine / self-tie | 1900 | 4
The Liffey | wine / ready-tied | 1700 | 0
The Phoenix | tartan / self-tie | ? | 6
The Phoenix | tartan / ready-tied | 2000 | 9
The Smithfield | cotton check / self-tie | ? | 3
The Smithfield | cotton check / ready-tied | 1400 | 18
Wedding set | ivory / self-tie | 6000 | 2
Wedding set | ivory / ready-tied | 5500 | 2
Odd ones | as they come / ready-tied | 800 | 25`,
  },
  {
    drawn: '73019/8 rosin, Istanbul',
    file: 'recine.json',
    brief: 'rosin for violins and ouds, i cook it in istanbul. prices in lira',
    text: `[{"name":"Dark cake","hardness":"soft","price":"420","sale":"380","note":"for cold rooms","note":"cello"},
{"name":"Light cake","hardness":"hard","price":"380","sale":"","note":"for summer","note":"violin"},
{"name":"Oud powder","hardness":"soft","price":"250","sale":"","note":"pegs, not strings","note":"oud"},
{"name":"Half cake","hardness":"hard","price":"210","sale":"180","note":"for beginners","note":"violin"},
{"name":"Tin with cloth","hardness":"","price":"90","sale":"","note":"empty","note":""},
{"name":"Test product","hardness":"","price":"1","sale":"","note":"","note":""}]`,
    currency: 'TRY',
    columns: 'title particular earlierPrice price particular/description/category',
    want: `Dark cake | | 38000 | ∞
Light cake | | 38000 | ∞
Oud powder | | 25000 | ∞
Half cake | | 18000 | ∞
Tin with cloth | | 9000 | ∞`,
    leftOut: 1,
  },
  {
    drawn: '73019/9 spice boxes, Worcester, Massachusetts',
    file: 'boxes.txt',
    brief: 'The undersigned maintain a workshop for spice boxes at 12 Harlow Street, Worcester, Massachusetts.',
    text: fixedWidth(
      [22, 14, 12, 14, 12, 14, 8],
      [
        ['Item', 'Option 1 name', 'Option 1', 'Option 2 name', 'Option 2', 'Price', 'On hand'],
        ...made(120, (i) => [
          `Box ${pick(['Salem', 'Concord', 'Nantucket', 'Mystic', 'Barre'], Math.floor(i / 6))} ${Math.floor(i / 30) + 1}`,
          'Wood',
          pick(['cherry', 'maple', 'walnut'], i),
          'Drawers',
          pick(['6', '12'], Math.floor(i / 3)),
          i === 17 ? '$80-$95' : i === 40 ? 'from $70' : `$${64 + Math.floor(i / 6) * 2 + (Math.floor(i / 3) % 2) * 20}.00`,
          String(i % 7),
        ]),
        ['Sample item', 'Wood', 'cherry', 'Drawers', '6', '$1.00', '1'],
      ],
    ),
    currency: 'USD',
    columns: 'title optionName optionValue optionName optionValue price stock',
    want: made(
      120,
      (i) =>
        `Box ${pick(['Salem', 'Concord', 'Nantucket', 'Mystic', 'Barre'], Math.floor(i / 6))} ${Math.floor(i / 30) + 1} | ${pick(['cherry', 'maple', 'walnut'], i)} / ${pick(['6', '12'], Math.floor(i / 3))} | ${i === 17 || i === 40 ? '?' : (64 + Math.floor(i / 6) * 2 + (Math.floor(i / 3) % 2) * 20) * 100} | ${i % 7}`,
    ).join('\n'),
    leftOut: 1,
  },
  {
    drawn: '73019/10 sewing machine belts, Tartu',
    file: 'rihmad.xlsx',
    brief: 'Dear Sir or Madam,\nwe sell belts for sewing machines from Tartu, Estonia, in euros.\nWith thanks, Rihmapood',
    sheets: [
      {
        name: 'Round belts',
        rows: [
          ['What it is called', 'Belongs with', 'Thick', 'You pay', 'Where it hangs'],
          ...made(40, (i) => [
            `Round belt ${Math.floor(i / 2) + 1}`,
            `RB${Math.floor(i / 2) + 1}`,
            pick(['5 mm', '6 mm'], i),
            i === 11 ? '' : 6.5 + Math.floor(i / 2) * 0.25,
            'Belts > Round',
          ]),
        ],
      },
      {
        name: 'Toothed belts',
        rows: [
          ['What it is called', 'Belongs with', 'Thick', 'You pay', 'Where it hangs'],
          ...made(24, (i) => [
            `Toothed belt ${Math.floor(i / 3) + 1}`,
            `TB${Math.floor(i / 3) + 1}`,
            pick(['8 mm', '10 mm', '12 mm'], i),
            11 + Math.floor(i / 3) * 0.5,
            'Belts > Toothed',
          ]),
        ],
      },
    ],
    currency: 'EUR',
    columns: 'title group option price category',
    want: [
      ...made(
        40,
        (i) =>
          `Round belt ${Math.floor(i / 2) + 1} | ${pick(['5 mm', '6 mm'], i)} | ${i === 11 ? '?' : Math.round((6.5 + Math.floor(i / 2) * 0.25) * 100)} | ∞`,
      ),
      ...made(
        24,
        (i) =>
          `Toothed belt ${Math.floor(i / 3) + 1} | ${pick(['8 mm', '10 mm', '12 mm'], i)} | ${1100 + Math.floor(i / 3) * 50} | ∞`,
      ),
    ].join('\n'),
  },
  {
    drawn: '73019/11 hazel hurdles, Porto',
    file: 'hurdles.xml',
    encoding: 'windows-1252',
    brief:
      'Interviewer: What do you make?\nRui: Hurdles of hazel, here in Porto, by the yard.\nInterviewer: In euros?\nRui: In euros.',
    text: feed(
      made(30, (i) => [
        ['the_thing_itself', i % 3 ? '' : `Vedação ${Math.floor(i / 3) + 1}`],
        ['how_tall', pick(['3 ft', '4 ft', '6 ft'], i)],
        ['ouch', `€ ${38 + Math.floor(i / 3) * 2 + (i % 3) * 12},00`],
        ['secret_name', `VH ${100 + i} ${pick(['A', 'B', 'C'], i)}`],
        ['left_in_the_barn', String((i * 5) % 9)],
      ]),
      'ISO-8859-1',
    ),
    currency: 'EUR',
    columns: 'title option price sku stock',
    want: made(
      30,
      (i) =>
        `Vedação ${Math.floor(i / 3) + 1} | ${pick(['3 ft', '4 ft', '6 ft'], i)} | ${(38 + Math.floor(i / 3) * 2 + (i % 3) * 12) * 100} | ${(i * 5) % 9}`,
    ).join('\n'),
  },
  {
    drawn: '73019/12 fossils, Wellington',
    file: 'fossils.jsonl',
    brief: 'Home | Shop | About | Contact\nDigby Rowe Fossils, Wellington, New Zealand. Cheap, and by weight. NZ dollars.',
    text: jsonLines(
      made(90, (i) => ({
        fossil: `${pick(['Ammonite', 'Trilobite', 'Shark tooth'], Math.floor(i / 6))} ${Math.floor(i / 6) + 1}`,
        shade: pick(['grey', 'brown', 'black'], i),
        size: pick(['small', 'large'], Math.floor(i / 3)),
        price: 9 + Math.floor(i / 6) + (Math.floor(i / 3) % 2) * 15,
        grams: 40 + Math.floor(i / 6) * 3 + (Math.floor(i / 3) % 2) * 200,
        age_million_years: 60 + Math.floor(i / 6) * 7,
        period: pick(['Jurassic', 'Cambrian', 'Miocene'], Math.floor(i / 6)),
        found_at: pick(['Kawhia', 'Cobb Valley', 'Waipara'], Math.floor(i / 6)),
        words: `From the "${pick(['upper', 'lower'], Math.floor(i / 6))}" bed.\nCleaned by hand.`,
      })).filter((_, i) => i % 6 !== 4),
    ),
    currency: 'NZD',
    columns: 'title option option price weight particular particular/category particular description',
    want: made(90, (i) => i)
      .filter((i) => i % 6 !== 4)
      .map(
        (i) =>
          `${pick(['Ammonite', 'Trilobite', 'Shark tooth'], Math.floor(i / 6))} ${Math.floor(i / 6) + 1} | ${pick(['grey', 'brown', 'black'], i)} / ${pick(['small', 'large'], Math.floor(i / 3))} | ${(9 + Math.floor(i / 6) + (Math.floor(i / 3) % 2) * 15) * 100} | ∞`,
      )
      .join('\n'),
  },
  {
    drawn: '73019/13 linen by the metre, Perth, Scotland',
    file: 'linen.csv',
    brief: 'Not a department store. Not beige. Linen by the metre, from Perth in Scotland.',
    text: `Cloth,Code,Widths,Price,Sale price,Care,Care
Bluebell,LN 01,140 cm / 280 cm,24.00,,wash 40,line dry
Bracken,LN 02,140 cm / 280 cm,26.00,21.00,wash 40,line dry
Oatmeal,LN 03,140 cm,22.00,,wash 60,tumble
Peat,LN 04,140 cm / 280 cm,26.00,,wash 40,line dry
Heather,LN 05,140 cm,28.00,19.50,wash 30,line dry
Snow,LN 06,140 cm / 280 cm,22.00,,wash 60,tumble
Ticking,LN 07,150 cm,19.00,,wash 60,tumble
Glazed,LN 08,140 cm,34.00,,sponge,line dry
Scrim,LN 09,90 cm,8.50,,wash 60,tumble
Thread,LN 10,,3.20,,,
Swatches,LN 11,,2.00,,,
`,
    currency: 'GBP',
    columns: 'title sku option earlierPrice price particular particular',
    want: `Bluebell | 140 cm | 2400 | ∞
Bluebell | 280 cm | 2400 | ∞
Bracken | 140 cm | 2100 | ∞
Bracken | 280 cm | 2100 | ∞
Oatmeal | 140 cm | 2200 | ∞
Peat | 140 cm | 2600 | ∞
Peat | 280 cm | 2600 | ∞
Heather | 140 cm | 1950 | ∞
Snow | 140 cm | 2200 | ∞
Snow | 280 cm | 2200 | ∞
Ticking | 150 cm | 1900 | ∞
Glazed | 140 cm | 3400 | ∞
Scrim | 90 cm | 850 | ∞
Thread | | 320 | ∞
Swatches | | 200 | ∞`,
  },
  {
    drawn: '73019/14 screen-printing frames, Athens',
    file: 'frames.psv',
    brief:
      'I go on a bit. Frames for screen printing, each one of a kind, from Athens. What matters: we are in Greece and sell in euros.',
    text: `${made(
      40,
      (i) =>
        `${i % 4 ? '' : `Frame ${pick(['Plaka', 'Psyri', 'Kypseli', 'Exarchia', 'Pangrati'], Math.floor(i / 4))}${i < 20 ? '' : ' II'}`}|${pick(['A4', 'A3', 'A2', 'A1'], i)}|${18 + (i % 4) * 9 + Math.floor(i / 4)},50 €|${pick(['two left', 'plenty', 'sold out', 'one'], i)}`,
    ).join('\n')}
Placeholder|A4|0,00 €|one
`,
    currency: 'EUR',
    columns: 'title option price stock',
    want: made(
      40,
      (i) =>
        `Frame ${pick(['Plaka', 'Psyri', 'Kypseli', 'Exarchia', 'Pangrati'], Math.floor(i / 4))}${i < 20 ? '' : ' II'} | ${pick(['A4', 'A3', 'A2', 'A1'], i)} | ${(18 + (i % 4) * 9 + Math.floor(i / 4)) * 100 + 50} | ${pick(['2', '∞', '0', '1'], i)}`,
    ).join('\n'),
    leftOut: 1,
  },
  {
    drawn: '73019/15 bread proving baskets, Tartu',
    file: 'korvid.xlsx',
    brief:
      'Q: What do you do?\nA: Baskets in which bread rises. Tartu, Estonia.\nQ: What if it breaks?\nA: Two years, call +372 7 555 0100.',
    sheets: [
      {
        name: 'Leht1',
        rows: [
          ['Baskets, spring'],
          ['"not for the dishwasher'],
          [],
          ['Basket', 'Across (cm)', 'Price (€)', 'Holds (g of dough)', 'About it'],
          ['Ümar', 20, 18, 500, 'Rattan.\nThe "round" one.'],
          ['', 25, 22, 1000, ''],
          ['Pikk', 30, 26.5, 1000, 'For a long loaf, "the Sunday'],
          ['Total', '', 66.5, '', ''],
        ],
      },
    ],
    currency: 'EUR',
    columns: 'title option price particular description',
    want: `Ümar | 20 | 1800 | ∞
Ümar | 25 | 2200 | ∞
Pikk | 30 | 2650 | ∞`,
    leftOut: 1,
  },
  {
    drawn: '73019/16 adult clothes cut for wheelchairs, Bangalore',
    file: 'clothes.csv',
    brief: 'Meera Iyengar cuts clothes for people who sit, in Bangalore. Prices in rupees.',
    text: `Title;SKU;Price;Category;Stock;Weight;Description
${made(
  60,
  (i) =>
    `${pick(['Trousers', 'Jacket', 'Kurta', 'Raincoat', 'Skirt', 'Shirt'], i)} no. ${i + 1};MI ${String(i + 1).padStart(3, '0')};${1250 + i * 20},00;${pick(['Legs', 'Over it', 'Every day', 'Over it', 'Legs', 'Every day'], i)};${i % 11};${i % 2 ? `${420 + i} g` : `0,${500 + i} kg`};"${pick(['High at the back', 'Short at the front', 'Side zips'], i)}; cut for sitting."`,
).join('\n')}
`,
    currency: 'INR',
    columns: 'title sku price category stock weight description',
    want: made(
      60,
      (i) =>
        `${pick(['Trousers', 'Jacket', 'Kurta', 'Raincoat', 'Skirt', 'Shirt'], i)} no. ${i + 1} | | ${(1250 + i * 20) * 100} | ${i % 11}`,
    ).join('\n'),
  },
  {
    drawn: '73019/17 poppy-seed rolls by post, Dhaka',
    file: 'rolls.psv',
    brief: 'rolls → post → your door / Dhaka, not Kraków / tk',
    text: `Roll|Weight (g)|Price (Tk)|Keeps (days)|Pieces
${made(
  80,
  (i) =>
    `${pick(['Poppy', 'Walnut', 'Date', 'Sesame'], i)} roll ${Math.floor(i / 4) + 1}|${i === 9 ? '"450' : 400 + (i % 5) * 50}|${350 + (i % 7) * 20}|${5 + (i % 4)}|${pick(['1, 2, 4', '1, 2'], i)}`,
).join('\n')}
`,
    currency: 'BDT',
    columns: 'title weight price particular option',
    want: made(80, (i) =>
      pick(['1, 2, 4', '1, 2'], i)
        .split(', ')
        .map(
          (pieces) =>
            `${pick(['Poppy', 'Walnut', 'Date', 'Sesame'], i)} roll ${Math.floor(i / 4) + 1} | ${pieces} | ${(350 + (i % 7) * 20) * 100} | ∞`,
        )
        .join('\n'),
    ).join('\n'),
  },
  {
    drawn: '73019/18 lemon trees, Dhaka',
    file: 'trees.json',
    brief: 'Q: And what grows?\nA: Lemon trees, in pots, in Dhaka. We sell in taka.',
    text: JSON.stringify({
      updated: '2026-10-02',
      trees: [
        ...made(30, (i) => ({
          tree: `${pick(['Kagzi', 'Seedless', 'Elachi', 'Jara'], i)} lemon ${Math.floor(i / 4) + 1}`,
          'pot sizes': pick(['20 cm, 30 cm', '30 cm', '20 cm, 30 cm, 40 cm'], i),
          taka: 450 + (i % 6) * 50,
          shelf: pick(['Trees > For balconies', 'Trees > For gardens'], i),
          about: pick(
            ['Fruits twice a year and likes the morning sun.', 'Thorny, but worth it.', 'Grafted by us, three years old.'],
            i,
          ),
        })),
        { tree: 'Example tree', 'pot sizes': '20 cm', taka: 0, shelf: 'Trees', about: 'Lorem ipsum dolor sit amet' },
      ],
    }),
    currency: 'BDT',
    columns: 'title option price category description',
    want: made(30, (i) =>
      pick(['20 cm, 30 cm', '30 cm', '20 cm, 30 cm, 40 cm'], i)
        .split(', ')
        .map(
          (pot) =>
            `${pick(['Kagzi', 'Seedless', 'Elachi', 'Jara'], i)} lemon ${Math.floor(i / 4) + 1} | ${pot} | ${(450 + (i % 6) * 50) * 100} | ∞`,
        )
        .join('\n'),
    ).join('\n'),
    leftOut: 1,
  },
  {
    drawn: '73019/19 spinning wheels, a farm outside Zagreb',
    file: 'kolovrati.html',
    brief: '**Name:** Kolo\n**Where:** a farm outside Zagreb\n**What:** spinning wheels',
    text: savedPage(
      'Kolo',
      made(12, (i) =>
        product(`Wheel ${pick(['Zrinka', 'Jagoda', 'Mara'], i)} ${Math.floor(i / 3) + 1}`, (390 + i * 15).toFixed(2), 'EUR', {
          sku: `K-${i + 1}`,
          gtin13: gtin(385_100_000_100 + i, i === 4 ? 3 : 0),
          size: pick(['45 cm, 60 cm', '60 cm'], i),
          description: `${pick(['Single', 'Double'], i)} drive.\nShe "sings" when oiled.`,
          material: pick(['ash', 'beech'], i),
        }),
      ),
    ),
    currency: 'EUR',
    columns: 'title sku gtin option description particular price currency',
    want: made(12, (i) =>
      pick(['45 cm, 60 cm', '60 cm'], i)
        .split(', ')
        .map(
          (size) =>
            `Wheel ${pick(['Zrinka', 'Jagoda', 'Mara'], i)} ${Math.floor(i / 3) + 1} | ${size} | ${(390 + i * 15) * 100} | ∞`,
        )
        .join('\n'),
    ).join('\n'),
  },
];
