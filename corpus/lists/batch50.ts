import { feed, fixedWidth, gtin, jsonLines, made, pick, product, savedPage, type ListCase } from './case';

const song = ['Headingley', 'Roundhay', 'Kirkstall', 'Armley', 'Chapel Allerton', 'Beeston', 'Hunslet', 'Otley'] as const;
const scarf = ['Strovolos', 'Aglandjia', 'Engomi', 'Lakatamia', 'Kaimakli', 'Pallouriotissa'] as const;
const toy = ['Pweza', 'Kobe', 'Twiga', 'Simba', 'Tembo', 'Kasa', 'Ndege'] as const;
const puppet = ['Umgeni', 'Umlazi', 'Phoenix', 'Berea', 'Glenwood', 'Bluff', 'Inanda'] as const;
const colours = ['black', 'cream', 'rust', 'sage'] as const;
const scarfSize = ['70 cm', '90 cm', '110 cm'] as const;
/** Colours and sizes of each headscarf: the largest in rust and sage is not made. */
const scarfOf = colours.flatMap((colour) =>
  scarfSize.filter((size) => size !== '110 cm' || colour === 'black' || colour === 'cream').map((size) => ({ colour, size })),
);

/** Drawn (312003; those without a list left out) and written on 1 December 2026, before the reader was run on any. */
export const batch50: ListCase[] = [
  {
    drawn: '312003/1 guitar straps, Rotterdam',
    file: 'straps.txt',
    brief: 'They all sell plastic; we cut leather straps for guitars, Rotterdam, Netherlands. Euros.',
    text: `Hangs from you|Fiddle with|Like so|Pay the drummer|Where it sulks
Maas|Width|5 cm|38.00|Straps > Plain
Maas|Width|7 cm|from 42.00|Straps > Plain
Rotte|Width|5 cm|54.00|Straps > Tooled
Rotte|Width|7 cm|59.00-66.00|Straps > Tooled
Schie|Buckle|brass|47.00|Straps > Plain
Schie|Buckle|steel|45.00|Straps > Plain
`,
    currency: 'EUR',
    columns: 'title optionName optionValue price category',
    want: `Maas | 5 cm | 3800 | ∞
Maas | 7 cm | ? | ∞
Rotte | 5 cm | 5400 | ∞
Rotte | 7 cm | ? | ∞
Schie | brass | 4700 | ∞
Schie | steel | 4500 | ∞`,
  },
  {
    drawn: '312003/2 dulcimers, Leeds',
    file: 'dulcimers.txt',
    encoding: 'windows-1252',
    brief: 'I want it bare. I want the name small. Dulcimers, each one once, Leeds, England. Pounds.',
    text: `Dulcimer; Strings; Price; In the shop\n${made(120, (i) =>
      [
        `${pick(song, i)} no. ${i + 1}`,
        pick(['12, 15', '15, 18', '12'], i),
        `£${340 + (i % 9) * 20}`,
        pick(['one left', 'none left', 'yes', 'plenty'], i),
      ].join('; '),
    ).join('\n')}\n`,
    currency: 'GBP',
    columns: 'title option price stock',
    want: made(120, (i) =>
      (pick(['12, 15', '15, 18', '12'], i) ?? '')
        .split(', ')
        .map(
          (of, _, all) =>
            `${pick(song, i)} no. ${i + 1} | ${of} | ${(340 + (i % 9) * 20) * 100} | ${i % 4 === 0 && all.length > 1 ? '?' : pick(['1', '0', '∞', '∞'], i)}`,
        ),
    )
      .flat()
      .join('\n'),
  },
  {
    drawn: '312003/3 pinhole kits, Bogotá',
    file: 'kits.txt',
    brief: 'Interviewer: What is it? Luz: Kits to build a pinhole camera, in Bogotá, Colombia. In pesos.',
    text: `The kit\tTo make\tWe charge\tHole (mm)\tPaper\tFocal length (mm)\tShutter\tGlue\tPatience
Candelaria\t6 × 6\t89000\t0.3\tglossy\t60\tmagnet\tbone\ta day
Candelaria\t6 × 9\t95000-110000\t0.35\tglossy\t75\tmagnet\tbone\ta day
Monserrate\t4 × 5 in\tfrom 140000\t0.4\tmatt\t90\tcork\tbone\ttwo days
`,
    currency: 'COP',
    columns: 'title option price particular particular particular particular particular particular',
    want: `Candelaria | 6 × 6 | 8900000 | ∞
Candelaria | 6 × 9 | ? | ∞
Monserrate | 4 × 5 in | ? | ∞`,
  },
  {
    drawn: '312003/4 clay plasters, Bogotá',
    file: 'plasters.txt',
    brief: 'So, um, clay plasters, for walls, we are in Bogotá, Colombia, and it is pesos.',
    text: fixedWidth(
      [18, 10, 18, 26, 24],
      [
        ['Plaster', 'Bag', 'Price', 'Note', 'Note'],
        ['Ráquira', '25 lb', '38000', 'called "skin"', 'two coats'],
        ['', '50 lb', 'from 70000', 'called "skin"', 'two coats'],
        ['Tabio', '50 lb', '62000-75000', 'with straw', 'one coat'],
      ],
    ),
    currency: 'COP',
    columns: 'title option price particular/description particular/description',
    want: `Ráquira | 25 lb | 3800000 | ∞
Ráquira | 50 lb | ? | ∞
Tabio | 50 lb | ? | ∞`,
  },
  {
    drawn: '312003/5 cider vinegar, Lagos',
    file: 'vinegar.xlsx',
    brief: 'Fwd: Re: shop. Cider vinegar, Lagos, Nigeria. Naira.',
    sheets: [
      {
        name: 'Raw',
        rows: [
          ['Vinegar', 'Bottle (ml)', 'Price (NGN)', 'Acid (%)', 'Parcel weight'],
          ['Ikeja', '250, 500', 3200, 5, '0.7 kg'],
          ['Lekki', '250, 500', 3600, 5.5, '0.7 kg'],
          ['Surulere', '500', 4100, 6, '900 g'],
          ['Yaba', '250, 500, 1000', 3900, 5, '1.4 kg'],
          ['Ikoyi', '250', 2900, 6, '450 g'],
          ['Epe', '500, 1000', 4400, 5, '1.4 kg'],
        ],
      },
      {
        name: 'Honeyed',
        rows: [
          ['Vinegar', 'Bottle (ml)', 'Price (NGN)', 'Acid (%)', 'Parcel weight'],
          ['Apapa', '250', 3400, 4, '450 g'],
          ['Agege', '250, 500', 3700, 4, '0.7 kg'],
          ['Badagry', '500', 4600, 4.5, '900 g'],
          ['Mushin', '250', 3300, 4, '450 g'],
          ['Oshodi', '250, 500', 3800, 4, '0.7 kg'],
        ],
      },
    ],
    currency: 'NGN',
    columns: 'title option price particular weight',
    want: `Ikeja | 250 | 320000 | ∞
Ikeja | 500 | 320000 | ∞
Lekki | 250 | 360000 | ∞
Lekki | 500 | 360000 | ∞
Surulere | 500 | 410000 | ∞
Yaba | 250 | 390000 | ∞
Yaba | 500 | 390000 | ∞
Yaba | 1000 | 390000 | ∞
Ikoyi | 250 | 290000 | ∞
Epe | 500 | 440000 | ∞
Epe | 1000 | 440000 | ∞
Apapa | 250 | 340000 | ∞
Agege | 250 | 370000 | ∞
Agege | 500 | 370000 | ∞
Badagry | 500 | 460000 | ∞
Mushin | 250 | 330000 | ∞
Oshodi | 250 | 380000 | ∞
Oshodi | 500 | 380000 | ∞`,
  },
  {
    drawn: '312003/6 curling brooms, Taipei',
    file: 'brooms.txt',
    brief: 'Wanted: somebody who sells our brooms for curling. Taipei, Taiwan. New Taiwan dollars.',
    text: `Broom | Head | Price | Remark | Remark
Guting 8 | 20 cm, 22 cm | 2400 | "sweeps ""like rain""" | ash handle
Daan | 20 cm | 2200 | for beginners | ash handle
Placeholder product | 20 cm | 1 | lorem | ipsum
Xinyi | 20 cm, 22 cm | 3900 | for those who win | carbon handle
Wanhua | 22 cm | 2600 | "the ""loud"" one" | ash handle
Tamsui | 20 cm, 22 cm | 4100 | folds | carbon handle
`,
    currency: 'TWD',
    columns: 'title option price particular/description particular/description',
    leftOut: 1,
    want: `Guting 8 | 20 cm | 240000 | ∞
Guting 8 | 22 cm | 240000 | ∞
Daan | 20 cm | 220000 | ∞
Xinyi | 20 cm | 390000 | ∞
Xinyi | 22 cm | 390000 | ∞
Wanhua | 22 cm | 260000 | ∞
Tamsui | 20 cm | 410000 | ∞
Tamsui | 22 cm | 410000 | ∞`,
  },
  {
    drawn: '312003/7 pipe racks, Amman',
    file: 'racks.txt',
    brief: 'what\tpipe racks\nwhere\tAmman, Jordan\nmoney\tdinars',
    text: `Rack; Wood; Wood; Price; Left
Weibdeh – 3 pipes; olive; oiled; 18.500; two
Weibdeh – 6 pipes; olive; oiled; 27.000; sold out
Sample item – 1 pipe; wood; plain; 0.000; none
Abdoun – 3 pipes; walnut; waxed; 21.250; 5
Abdoun – 6 pipes; walnut; waxed; 31.000; one
Abdoun – 9 pipes; walnut; waxed; 39.500; sold out
`,
    currency: 'JOD',
    columns: 'title particular particular price stock',
    leftOut: 1,
    want: `Weibdeh | 3 pipes | 18500 | 2
Weibdeh | 6 pipes | 27000 | 0
Abdoun | 3 pipes | 21250 | 5
Abdoun | 6 pipes | 31000 | 1
Abdoun | 9 pipes | 39500 | 0`,
  },
  {
    drawn: '312003/8 calligraphy ink, San José',
    file: 'ink.json',
    brief: 'Um, ink, for calligraphy, by weight, to shops, in San José, Costa Rica, in colones.',
    text: JSON.stringify([
      ['Escazú black', 'Jar', '30 ml', 4200, 'soot', 'slow', 'no'],
      ['Escazú black', 'Jar', '60 ml', 7400, 'soot', 'slow', 'no'],
      ['Orosi blue', 'Jar', '30 ml', '$9', 'woad', 'quick', 'yes'],
      ['Orosi blue', 'Jar', '60 ml', 8200, 'woad', 'quick', 'yes'],
      ['Zarcero green', 'Jar', '30 ml', 4900, 'copper', 'slow', 'no'],
      ['Zarcero green', 'Jar', '60 ml', '€15', 'copper', 'slow', 'no'],
    ]),
    currency: 'CRC',
    columns: 'title optionName optionValue price particular particular particular',
    want: `Escazú black | 30 ml | 420000 | ∞
Escazú black | 60 ml | 740000 | ∞
Orosi blue | 30 ml | ? | ∞
Orosi blue | 60 ml | 820000 | ∞
Zarcero green | 30 ml | 490000 | ∞
Zarcero green | 60 ml | ? | ∞`,
    or: {
      columns: 'title particular option price particular particular particular',
      want: `Escazú black | 30 ml | 420000 | ∞
Escazú black | 60 ml | 740000 | ∞
Orosi blue | 30 ml | ? | ∞
Orosi blue | 60 ml | 820000 | ∞
Zarcero green | 30 ml | 490000 | ∞
Zarcero green | 60 ml | ? | ∞`,
    },
  },
  {
    drawn: '312003/9 banjo heads, Suva',
    file: 'heads.txt',
    brief: 'My father tuned banjos in Suva, Fiji. Now we sell heads for them. Fiji dollars.',
    text: fixedWidth(
      [20, 10, 14, 10, 24, 40],
      [
        ['Name', 'Option', 'Value', 'Price', 'Category', 'Description'],
        ...made(18, (i) => [
          ['Walu Bay', 'Toorak', 'Samabula', 'Nabua', 'Raiwaqa', 'Lami'][Math.floor(i / 3)] ?? '',
          'Size',
          ['10 in', '11 in', '12 in'][i % 3] ?? '',
          (32 + (i % 3) * 4).toFixed(2),
          Math.floor(i / 3) % 2 ? 'Heads > Skin' : 'Heads > Film',
          i === 4 ? '"Rings a long time' : 'Tight after a night on the ring.',
        ]),
      ],
    ),
    currency: 'FJD',
    columns: 'title optionName optionValue price category description',
    want: made(
      18,
      (i) =>
        `${['Walu Bay', 'Toorak', 'Samabula', 'Nabua', 'Raiwaqa', 'Lami'][Math.floor(i / 3)]} | ${['10 in', '11 in', '12 in'][i % 3]} | ${(32 + (i % 3) * 4) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '312003/10 scale weights, Turku',
    file: 'weights.xml',
    brief: 'WEIGHTS FOR SCALES!! TURKU, FINLAND!! EUROS!! NOT TO NORWAY!!',
    text: feed([
      ...[
        ['Aura set', '5 pieces', '48.00', 'in stock', gtin(640000000101)],
        ['Aura set', '9 pieces', '82.00', 'sold out', gtin(640000000102)],
        ['Linna', '1 kg', '36.00', 'two', gtin(640000000103, 1)],
        ['Linna', '2 kg', '58.00', 'in stock', gtin(640000000104)],
        ['Linna', '5 kg', '99.00', 'sold out', gtin(640000000105)],
        ['Halinen', '500 g', '21.00', 'in stock', gtin(640000000106, 1)],
      ].map(([name = '', which = '', price = '', stock = '', code = '']): (readonly [string, string])[] => [
        ['title', name],
        ['which', which],
        ['price', price],
        ['availability', stock],
        ['gtin', code],
        ['metal', 'brass'],
      ]),
    ]),
    currency: 'EUR',
    columns: 'title option price stock gtin particular',
    want: `Aura set | 5 pieces | 4800 | ∞
Aura set | 9 pieces | 8200 | 0
Linna | 1 kg | 3600 | 2
Linna | 2 kg | 5800 | ∞
Linna | 5 kg | 9900 | 0
Halinen | 500 g | 2100 | ∞`,
  },
  {
    drawn: '312003/11 jigsaw puzzles of aerial photographs, Split',
    file: 'puzzles.xlsx',
    brief: 'Jigsaw puzzles of photographs from above, Split, Croatia, euros.',
    sheets: [
      {
        name: 'Islands',
        rows: [
          ['Puzzle', 'Code', 'Price', 'Category', 'Note', 'Note'],
          ['Vis, 500 pieces', 'IS 01 A', 24, 'Sea > Islands', 'taken in May', 'box of card'],
          ['Vis, 1000 pieces', 'IS 01 B', 32, 'Sea > Islands', 'taken in May', 'box of card'],
        ],
      },
      {
        name: 'Towns',
        rows: [
          ['Puzzle', 'Code', 'Price', 'Category', 'Note', 'Note'],
          ['Trogir, 500 pieces', 'TO 01 A', 24, 'Land > Towns', 'taken in June', 'box of card'],
        ],
      },
    ],
    currency: 'EUR',
    columns: 'title sku price category particular/description particular/description',
    want: `Vis | 500 pieces | 2400 | ∞
Vis | 1000 pieces | 3200 | ∞
Trogir | 500 pieces | 2400 | ∞`,
    or: {
      columns: 'title sku price category particular/description particular/description',
      want: `Vis | 500 pieces | 2400 | ∞
Vis | 1000 pieces | 3200 | ∞
Trogir, 500 pieces |  | 2400 | ∞`,
    },
  },
  {
    drawn: '312003/13 cork flooring samples, Budapest',
    file: 'cork.txt',
    encoding: 'windows-1250',
    brief: 'We are give samples of floor from cork, Budapest, Hungary. Price in forint.',
    text: fixedWidth(
      [16, 12, 14, 14],
      [
        ['Nm', 'Col', 'Sz', 'Pr'],
        ['Újpest', 'natural', '10 × 10 cm', '890'],
        ['Újpest', 'natural', '30 × 30 cm', '2490'],
        ['Újpest', 'grey', '10 × 10 cm', '890'],
        ['Kőbánya', 'white', '10 × 10 cm', '990-1290'],
        ['Kőbánya', 'white', '30 × 30 cm', 'from 2990'],
        ['Kőbánya', 'black', '30 × 30 cm', '3290'],
      ],
    ),
    currency: 'HUF',
    columns: 'title option option price',
    want: `Újpest | natural / 10 × 10 cm | 89000 | ∞
Újpest | natural / 30 × 30 cm | 249000 | ∞
Újpest | grey / 10 × 10 cm | 89000 | ∞
Kőbánya | white / 10 × 10 cm | ? | ∞
Kőbánya | white / 30 × 30 cm | ? | ∞
Kőbánya | black / 30 × 30 cm | 329000 | ∞`,
  },
  {
    drawn: '312003/14 accordion repairs and parts, Lille',
    file: 'parts.jsonl',
    brief: 'Ana: accordions, repairs and parts. Paul: from Lille, France. Ana: in euros, Paul.',
    text: jsonLines(
      made(18, (i) => ({
        nm: ['Reed plate', 'Bellows strap', 'Valve set', 'Button', 'Pallet felt', 'Shoulder strap'][Math.floor(i / 3)],
        opt: 'Side',
        val: ['treble', 'bass', 'both'][i % 3],
        pr: i === 5 ? '$24.00' : i === 13 ? '£9.00' : [8.5, 9.5, 16][i % 3],
        stk: pick(['plenty', 'none left', 'four', 'last one'], i),
      })),
    ),
    currency: 'EUR',
    columns: 'title optionName optionValue price stock',
    want: made(
      18,
      (i) =>
        `${['Reed plate', 'Bellows strap', 'Valve set', 'Button', 'Pallet felt', 'Shoulder strap'][Math.floor(i / 3)]} | ${['treble', 'bass', 'both'][i % 3]} | ${i === 5 || i === 13 ? '?' : [850, 950, 1600][i % 3]} | ${pick(['∞', '0', '4', '1'], i)}`,
    ).join('\n'),
  },
  {
    drawn: '312003/15 headscarves, Nicosia',
    file: 'scarves.xml',
    brief: 'We have the honour to offer headscarves at Nicosia, Cyprus. Prices are quoted in euros.',
    text: feed(
      made(700, (i): (readonly [string, string])[] => {
        if (i === 333)
          return [
            ['title', 'Sample product'],
            ['colour', 'black'],
            ['size', '70 cm'],
            ['price', '1.00'],
            ['gtin', gtin(529000000333)],
          ];
        const { colour = '', size = '' } = scarfOf[i % 10] ?? {};
        return [
          ['title', `${pick(scarf, Math.floor(i / 10))} ${Math.floor(i / 60) + 1}`],
          ['colour', colour],
          ['size', size],
          ['price', (19 + scarfSize.indexOf(size as '70 cm') * 4).toFixed(2)],
          ['gtin', gtin(529000000000 + i, i === 20 || i === 480 ? 1 : 0)],
        ];
      }),
    ),
    currency: 'EUR',
    columns: 'title option option price gtin',
    leftOut: 1,
    want: made(700, (i) => i)
      .filter((i) => i !== 333)
      .map((i) => {
        const { colour = '', size = '' } = scarfOf[i % 10] ?? {};
        return `${pick(scarf, Math.floor(i / 10))} ${Math.floor(i / 60) + 1} | ${colour} / ${size} | ${(19 + scarfSize.indexOf(size as '70 cm') * 4) * 100} | ∞`;
      })
      .join('\n'),
  },
  {
    drawn: '312003/17 crochet toys, Dar es Salaam',
    file: 'toys.txt',
    brief: 'Home | Toys | Talk to us. Crochet toys, Dar es Salaam, Tanzania. In shillings.',
    text: `Who it is|How tall|For|Lives in\n${made(35, (i) =>
      [
        i % 5 ? '' : `${pick(toy, i / 5)}`,
        ['10 cm', '15 cm', '20 cm', '30 cm', '45 cm'][i % 5],
        `TSh ${[9000, 14000, 19000, 32000, 55000][i % 5]}`,
        i % 5 ? '' : (i / 5) % 2 ? 'Toys > Land' : 'Toys > Sea',
      ].join('|'),
    ).join('\n')}\n`,
    currency: 'TZS',
    columns: 'title option price category',
    want: made(
      35,
      (i) =>
        `${pick(toy, Math.floor(i / 5))} | ${['10 cm', '15 cm', '20 cm', '30 cm', '45 cm'][i % 5]} | ${([9000, 14000, 19000, 32000, 55000][i % 5] ?? 0) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '312003/18 kites, Dublin',
    file: 'kites.html',
    brief: 'My grandmother flew kites at Dollymount. We make them in Dublin, Ireland. Euros.',
    text: savedPage(
      'Kites',
      made(18, (i) =>
        product(
          ['Dollymount', 'Bull Island', 'Burrow', 'Sutton', 'Killiney', 'Rush'][Math.floor(i / 3)] ?? '',
          (28 + (i % 3) * 8).toFixed(2),
          'EUR',
          {
            desc: i === 7 ? 'Two lines, "says my aunt' : 'Ripstop, with a tail.',
            wt: ['90 g', '120 g', '0.2 kg'][i % 3],
            opt: 'Span',
            val: ['80 cm', '120 cm', '180 cm'][i % 3],
          },
        ),
      ),
    ),
    currency: 'EUR',
    columns: 'title description weight optionName optionValue price currency',
    want: made(
      18,
      (i) =>
        `${['Dollymount', 'Bull Island', 'Burrow', 'Sutton', 'Killiney', 'Rush'][Math.floor(i / 3)]} | ${['80 cm', '120 cm', '180 cm'][i % 3]} | ${(28 + (i % 3) * 8) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '312003/19 saw blades, Thessaloniki',
    file: 'blades.csv',
    brief: '1. Blades for saws. 2. Thessaloniki, Greece. 3. Prices in euro. We gave up knives last year.',
    text: `Blade;Price (€);Thickness (mm);Weight (g);Stock;Description
Toumba - 300 mm;8,50;0,6;85;in stock;"Cuts ""on the pull"".
For green wood."
Toumba - 400 mm;9,90;0,7;120;sold out;"Cuts ""on the pull"".
For green wood."
Kalamaria - 300 mm;7,20;0,8;95;three;For dry wood.
Kalamaria - 400 mm;8,40;0,8;130;in stock;For dry wood.
Kalamaria - 600 mm;12,00;0,9;210;one;For dry wood.
Evosmos - 250 mm;6,00;0,5;60;sold out;For bone.
`,
    currency: 'EUR',
    columns: 'title price particular weight stock description',
    want: `Toumba | 300 mm | 850 | ∞
Toumba | 400 mm | 990 | 0
Kalamaria | 300 mm | 720 | 3
Kalamaria | 400 mm | 840 | ∞
Kalamaria | 600 mm | 1200 | 1
Evosmos | 250 mm | 600 | 0`,
    or: {
      columns: 'title price particular weight stock description',
      want: `Toumba | 300 mm | 850 | ∞
Toumba | 400 mm | 990 | 0
Kalamaria | 300 mm | 720 | 3
Kalamaria | 400 mm | 840 | ∞
Kalamaria | 600 mm | 1200 | 1
Evosmos - 250 mm |  | 600 | 0`,
    },
  },
  {
    drawn: '312003/20 marionettes, Durban',
    file: 'puppets.txt',
    brief: 'We is making marionette in Durban, South Africa. Price is rand.',
    text: `Name; Option; Value; Price; Description\n${made(700, (i) =>
      i === 350
        ? 'Product name here; Option; Value; R 0.00; Your text here'
        : [
            `${pick(puppet, Math.floor(i / 2))} ${Math.floor(i / 14) + 1}`,
            'Strings',
            ['seven', 'nine'][i % 2],
            `R ${[420, 480][i % 2]}.00`,
            `<p>Head of <b>${pick(['jacaranda', 'plane', 'pine'], Math.floor(i / 2))}</b>.</p>`,
          ].join('; '),
    ).join('\n')}\n`,
    currency: 'ZAR',
    columns: 'title optionName optionValue price description',
    leftOut: 1,
    want: made(700, (i) => i)
      .filter((i) => i !== 350)
      .map(
        (i) =>
          `${pick(puppet, Math.floor(i / 2))} ${Math.floor(i / 14) + 1} | ${['seven', 'nine'][i % 2]} | ${[42000, 48000][i % 2]} | ∞`,
      )
      .join('\n'),
  },
];
