import { feed, fixedWidth, jsonLines, made, pick, type ListCase } from './case';

const sieve = ['Sopocachi', 'Miraflores', 'Obrajes', 'Calacoto', 'Achumani', 'Irpavi', 'Següencoma'] as const;
const bolster = ['Adum', 'Asokwa', 'Bantama', 'Suame', 'Tafo', 'Kwadaso'] as const;
const kit = ['Aurajoki', 'Ruissalo', 'Naantali', 'Kaarina', 'Raisio', 'Piispanristi'] as const;
const bridge = ['Vatuwaqa', 'Nasese', 'Tamavua', 'Laucala', 'Walu'] as const;
const yoga = ['Plateau', 'Mile End', 'Outremont', 'Verdun', 'Lachine', 'Rosemont'] as const;
const tack = ['Saragozza', 'Navile', 'Savena', 'Porto', 'Borgo', 'Reno'] as const;
const tones = ['blond', 'brown', 'black'] as const;
const widths = ['1/2', '3/4', '4/4'] as const;
/** Tones and sizes of each bridge: the smallest is not made in black. */
const bridgeOf = tones.flatMap((tone) =>
  widths.filter((size) => tone !== 'black' || size !== '1/2').map((size) => ({ tone, size })),
);

/** Drawn (312004; those without a list left out) and written on 1 December 2026, before the reader was run on any. */
export const batch51: ListCase[] = [
  {
    drawn: '312004/2 concert posters, Colombo',
    file: 'posters.xml',
    brief: 'Posters of concerts, printed in Colombo, Sri Lanka. Rupees.',
    text: feed([
      [
        ['title', 'Galle Face, July'],
        ['color', 'black'],
        ['size', 'A2'],
        ['price', '3500'],
        ['availability', 'in stock'],
      ],
      [
        ['title', 'Galle Face, July'],
        ['color', 'red'],
        ['size', 'A2'],
        ['price', 'from 3800'],
        ['availability', 'the last two'],
      ],
      [
        ['title', 'Galle Face, July'],
        ['color', 'red'],
        ['size', 'A1'],
        ['price', '5200-6000'],
        ['availability', 'sold out'],
      ],
    ]),
    currency: 'LKR',
    columns: 'title option option price stock',
    want: `Galle Face, July | black / A2 | 350000 | ∞
Galle Face, July | red / A2 | ? | 2
Galle Face, July | red / A1 | ? | 0`,
  },
  {
    drawn: '312004/3 origami paper, Perth',
    file: 'paper.csv',
    brief: 'Origami paper. Perth, Scotland. Pounds.',
    text: `Paper,Sheets,Price,Pattern
Tay,50,4.20,waves
Tay,100,,waves
Tay,50,4.20,scales
`,
    currency: 'GBP',
    columns: 'title option price option',
    want: `Tay | 50 / waves | 420 | ∞
Tay | 100 / waves | ? | ∞
Tay | 50 / scales | 420 | ∞`,
  },
  {
    drawn: '312004/4 garden sieves, La Paz',
    file: 'sieves.xlsx',
    brief: 'Sieves for the garden, La Paz, Bolivia. In bolivianos.',
    sheets: [
      {
        name: 'Round',
        rows: [
          ['The sieve', 'Mesh', 'What it costs', 'About it'],
          ...made(400, (i): (string | number)[] => [
            i % 4 ? '' : `${pick(sieve, i / 4)} ${Math.floor(i / 28) + 1}`,
            ['2 mm', '4 mm', '8 mm', '12 mm'][i % 4] ?? '',
            [85, 80, 75, 75][i % 4] ?? '',
            i % 4 ? '' : i % 8 ? 'Willow rim.\nSays "shake".' : 'Beech rim, riveted.',
          ]),
        ],
      },
      {
        name: 'Square',
        rows: [
          ['The sieve', 'Mesh', 'What it costs', 'About it'],
          ...made(300, (i): (string | number)[] => [
            i % 3 ? '' : `Illimani ${i / 3 + 1}`,
            ['4 mm', '8 mm', '12 mm'][i % 3] ?? '',
            [110, 105, 105][i % 3] ?? '',
            i % 3 ? '' : 'Pine, for two hands.',
          ]),
        ],
      },
    ],
    currency: 'BOB',
    columns: 'title option price description/particular',
    want: [
      ...made(
        400,
        (i) =>
          `${pick(sieve, Math.floor(i / 4))} ${Math.floor(i / 28) + 1} | ${['2 mm', '4 mm', '8 mm', '12 mm'][i % 4]} | ${([85, 80, 75, 75][i % 4] ?? 0) * 100} | ∞`,
      ),
      ...made(
        300,
        (i) =>
          `Illimani ${Math.floor(i / 3) + 1} | ${['4 mm', '8 mm', '12 mm'][i % 3]} | ${([110, 105, 105][i % 3] ?? 0) * 100} | ∞`,
      ),
    ].join('\n'),
  },
  {
    drawn: '312004/5 saddle soap, Oaxaca',
    file: 'jabón.xlsx',
    brief: 'Saddle soap, Oaxaca, Mexico. Pesos.',
    sheets: [
      {
        name: 'Jabón',
        rows: [
          ['Nm', 'Sz', 'Pr', 'Desc'],
          ['Mitla', '100 g', 95, 'Tallow, "no perfume'],
          ['', '250 g', 190, ''],
        ],
      },
      {
        name: 'Cera',
        rows: [
          ['Nm', 'Sz', 'Pr', 'Desc'],
          ['Sample product', '100 g', 1, 'Lorem ipsum dolor'],
        ],
      },
    ],
    currency: 'MXN',
    columns: 'title option price description',
    leftOut: 1,
    want: `Mitla | 100 g | 9500 | ∞
Mitla | 250 g | 19000 | ∞`,
  },
  {
    drawn: '312004/6 hammocks, Kumasi',
    file: 'hammocks.xlsx',
    brief: 'Hammocks, woven in Kumasi, Ghana. Cedis.',
    sheets: [
      {
        name: 'Hammocks',
        rows: [
          ['Our hammocks this year'],
          ['Din', 'Nea wopɛ', 'Ɛyɛ', 'Boɔ', 'Wɔ hɔ'],
          ['Bosomtwe', 'Size', 'single', 420, 'plenty'],
          ['Bosomtwe', 'Size', 'double', 560, 'sold out'],
          ['Bosomtwe', 'Size', 'family', 720, 'two'],
          ['Volta', 'Size', 'single', 390, 'plenty'],
          ['Volta', 'Size', 'double', 520, 'one'],
          ['Tano', 'Size', 'single', 350, 'sold out'],
          ['Total', '', '', 2960, ''],
          ['Hooks are not included.'],
        ],
      },
    ],
    currency: 'GHS',
    columns: 'title optionName optionValue price stock',
    want: `Bosomtwe | single | 42000 | ∞
Bosomtwe | double | 56000 | 0
Bosomtwe | family | 72000 | 2
Volta | single | 39000 | ∞
Volta | double | 52000 | 1
Tano | single | 35000 | 0`,
  },
  {
    drawn: '312004/8 marionettes, Nicosia',
    file: 'puppets.json',
    brief: 'Marionettes from Nicosia, Cyprus. Euros.',
    text: JSON.stringify(
      made(18, (i) => ({
        name: [
          'King',
          'Queen',
          'Donkey',
          'Baker',
          'Soldier',
          'Doctor',
          'Priest',
          'Fox',
          'Crane',
          'Bride',
          'Groom',
          'Widow',
          'Thief',
          'Judge',
          'Sailor',
          'Goat',
          'Moon',
          'Devil',
        ][i],
        price: 140 + (i % 5) * 20,
        sale_price: i % 6 ? null : 120 + (i % 5) * 20,
        strings: 7 + (i % 3),
        wood: pick(['lime', 'pine'], i),
        eyes: pick(['open', 'glass', 'painted'], i),
      })),
    ),
    currency: 'EUR',
    columns: 'title earlierPrice/price price/earlierPrice particular particular particular',
    want: made(
      18,
      (i) =>
        `${['King', 'Queen', 'Donkey', 'Baker', 'Soldier', 'Doctor', 'Priest', 'Fox', 'Crane', 'Bride', 'Groom', 'Widow', 'Thief', 'Judge', 'Sailor', 'Goat', 'Moon', 'Devil'][i]} |  | ${(i % 6 ? 140 + (i % 5) * 20 : 120 + (i % 5) * 20) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '312004/9 cast-iron pans, re-seasoned, Cluj',
    file: 'pans.txt',
    brief: 'Pans of cast iron, burnt in anew, Cluj, Romania. In lei.',
    text: `Group\tName\tSize\tPrice\tDescription
${made(18, (i) =>
  [
    `P${Math.floor(i / 3) + 1}`,
    ['Skillet', 'Skillet, deep', 'Griddle', 'Dutch oven', 'Pancake pan', 'Grill pan'][Math.floor(i / 3)],
    ['20 cm', '24 cm', '28 cm'][i % 3],
    i === 5 ? 'from 190' : i === 12 ? '150-180' : 120 + (i % 3) * 35,
    'Burnt in three times with linseed.',
  ].join('\t'),
).join('\n')}
`,
    currency: 'RON',
    columns: 'group title option price description',
    want: made(
      18,
      (i) =>
        `${['Skillet', 'Skillet, deep', 'Griddle', 'Dutch oven', 'Pancake pan', 'Grill pan'][Math.floor(i / 3)]} | ${['20 cm', '24 cm', '28 cm'][i % 3]} | ${i === 5 || i === 12 ? '?' : (120 + (i % 3) * 35) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '312004/10 egg cups, Nantes',
    file: 'coquetiers.csv',
    brief: 'Egg cups from Nantes, France. Euros.',
    text: `Name,Price,Category,Material,Material
Erdre,12.00,Egg cups > For one,stoneware,white glaze
Loire,from 16,Egg cups > For one,porcelain,no glaze
Sèvre,14.50,Egg cups > For one,stoneware,green glaze
Chézine,22-28,Egg cups > For two,porcelain,blue glaze
Cens,24.00,Egg cups > For two,stoneware,white glaze
Gesvres,31.00,Egg cups > For two,porcelain,gold rim
`,
    currency: 'EUR',
    columns: 'title price category particular particular',
    want: `Erdre |  | 1200 | ∞
Loire |  | ? | ∞
Sèvre |  | 1450 | ∞
Chézine |  | ? | ∞
Cens |  | 2400 | ∞
Gesvres |  | 3100 | ∞`,
  },
  {
    drawn: '312004/11 yoga bolsters, Kumasi',
    file: 'bolsters.json',
    brief: 'Bolsters for yoga, Kumasi, Ghana. In cedis.',
    text: JSON.stringify(
      made(700, (i) => ({
        Kuw: `B${Math.floor(i / 2) + 1}`,
        Din: `${pick(bolster, Math.floor(i / 2))} ${Math.floor(i / 12) + 1}`,
        Kɔla: ['indigo', 'ochre'][i % 2],
        Boɔ: 140 + (Math.floor(i / 2) % 4) * 15,
        Filling: pick(['kapok', 'millet'], Math.floor(i / 2)),
        Firmness: pick(['soft', 'firm'], Math.floor(i / 4)),
        Cover: pick(['zip', 'ties'], Math.floor(i / 6)),
        Stock: pick(['plenty', 'sold out', 'four'], i),
      })),
    ),
    currency: 'GHS',
    columns: 'group title option price particular particular particular stock',
    want: made(
      700,
      (i) =>
        `${pick(bolster, Math.floor(i / 2))} ${Math.floor(i / 12) + 1} | ${['indigo', 'ochre'][i % 2]} | ${(140 + (Math.floor(i / 2) % 4) * 15) * 100} | ${pick(['∞', '0', '4'], i)}`,
    ).join('\n'),
  },
  {
    drawn: '312004/12 marbling kits, Turku',
    file: 'kits.jsonl',
    brief: 'Kits for marbling paper, Turku, Finland. Euros.',
    text: jsonLines(
      made(120, (i) => ({
        name: i % 3 ? '' : `${pick(kit, i / 3)} ${Math.floor(i / 18) + 1}`,
        size: ['small', 'medium', 'large'][i % 3],
        price: i === 31 ? '$42.00' : i === 74 ? '390 kr' : [19, 29, 45][i % 3],
        description: i % 3 ? '' : `Carrageen, ox gall and ${4 + (i % 5)} inks.`,
      })),
    ),
    currency: 'EUR',
    columns: 'title option price description',
    want: made(
      120,
      (i) =>
        `${pick(kit, Math.floor(i / 3))} ${Math.floor(i / 18) + 1} | ${['small', 'medium', 'large'][i % 3]} | ${i === 31 || i === 74 ? '?' : ([19, 29, 45][i % 3] ?? 0) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: "312004/13 doll's house wallpaper, Worcester",
    file: 'wallpaper.csv',
    brief: "Wallpaper for dolls' houses. Worcester, Massachusetts. Dollars.",
    text: `Group;Name;Colour;Price;Scale;Repeat;Paper;Ink;Rooms;Glue
W1;Elm Park;rose;6,50;1:12;2 in;rag;milk;1;none
W1;Elm Park;sage;;1:12;2 in;rag;milk;1;none
W2;Union Hill;cream;7,00;1:24;1 in;wood;lamp;2;paste
`,
    currency: 'USD',
    columns: 'group title option price particular particular particular particular particular particular',
    want: `Elm Park | rose | 650 | ∞
Elm Park | sage | ? | ∞
Union Hill | cream | 700 | ∞`,
  },
  {
    drawn: '312004/14 violin bridges, Suva',
    file: 'bridges.csv',
    brief: 'Bridges for violins, cut in Suva, Fiji. Fiji dollars.',
    text: `Bridge;Tone;Violin size;Price (FJD);Foot width (mm);Note\n${made(696, (i) => {
      const { tone = '', size = '' } = bridgeOf[i % 8] ?? {};
      return [
        `${pick(bridge, Math.floor(i / 8))} ${Math.floor(i / 40) + 1}`,
        tone,
        size,
        `${18 + widths.indexOf(size as '4/4') * 3},00`,
        `${36 + widths.indexOf(size as '4/4') * 2},5`,
        i === 200 ? '"For a dark fiddle' : 'Maple, six years old',
      ].join(';');
    }).join('\n')}\n`,
    currency: 'FJD',
    columns: 'title option option price particular particular/description',
    want: made(696, (i) => {
      const { tone = '', size = '' } = bridgeOf[i % 8] ?? {};
      return `${pick(bridge, Math.floor(i / 8))} ${Math.floor(i / 40) + 1} | ${tone} / ${size} | ${(18 + widths.indexOf(size as '4/4') * 3) * 100} | ∞`;
    }).join('\n'),
  },
  {
    drawn: '312004/15 brass door furniture, Montevideo',
    file: 'doors.txt',
    brief: 'Brass for doors, Montevideo, Uruguay. Pesos.',
    text: `What you hold|The damage|Which drawer
Knob Pocitos – small|1450|Knobs > Round
Knob Pocitos – large|1900|Knobs > Round
Knob Cordón – small|1600|Knobs > Fluted
Knob Cordón – large|from 2100|Knobs > Fluted
Handle Rambla – left|2850|Handles > Curved
Handle Rambla – right|2850|Handles > Curved
Knocker Aguada – lion|4200|Knockers
Knocker Aguada – hand|3900-4400|Knockers
Plate Prado – plain|780|Plates
Plate Prado – beaded|960|Plates
Bell push Unión|1250|Bells
`,
    currency: 'UYU',
    columns: 'title price category',
    want: `Knob Pocitos | small | 145000 | ∞
Knob Pocitos | large | 190000 | ∞
Knob Cordón | small | 160000 | ∞
Knob Cordón | large | ? | ∞
Handle Rambla | left | 285000 | ∞
Handle Rambla | right | 285000 | ∞
Knocker Aguada | lion | 420000 | ∞
Knocker Aguada | hand | ? | ∞
Plate Prado | plain | 78000 | ∞
Plate Prado | beaded | 96000 | ∞
Bell push Unión |  | 125000 | ∞`,
  },
  {
    drawn: '312004/16 yoga bolsters, Montréal',
    file: 'traversins.txt',
    brief: 'Bolsters for yoga, Montréal, Québec. Canadian dollars.',
    text: `Lie on this\tGive us this\tWhat the cat says\n${made(120, (i) =>
      [
        `${pick(yoga, Math.floor(i / 2))} ${Math.floor(i / 12) + 1} - ${['round', 'flat'][i % 2]}`,
        ['68.00', '72.00'][i % 2],
        i === 7 ? '"Mine' : i % 2 ? '"Buckwheat.\nSays ""mrr""."' : '"Buckwheat, and a ""zip""."',
      ].join('\t'),
    ).join('\n')}\n`,
    currency: 'CAD',
    columns: 'title price description',
    want: made(
      120,
      (i) =>
        `${pick(yoga, Math.floor(i / 2))} ${Math.floor(i / 12) + 1} | ${['round', 'flat'][i % 2]} | ${[6800, 7200][i % 2]} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '312004/17 clock hands, Accra',
    file: 'hands.txt',
    brief: 'Hands for clocks, Accra, Ghana. Cedis.',
    text: `Grp, Nm, Len, Pr, Hole, Blueing, Style
H1, Osu, 40 mm, 65, 2 mm, yes, spade
H1, Osu, 55 mm, 72, 2 mm, yes, spade
H1, Osu, 70 mm, $9, 2.5 mm, yes, spade
H2, Labadi, 40 mm, 58, 2 mm, no, moon
H2, Labadi, 55 mm, 66, 2 mm, no, moon
H3, Nima, 55 mm, 80, 2.5 mm, yes, arrow
H3, Nima, 70 mm, 88, 2.5 mm, yes, arrow
H3, Nima, 90 mm, €11, 3 mm, yes, arrow
H4, Teshie, 40 mm, 49, 2 mm, no, stick
H4, Teshie, 70 mm, 61, 2.5 mm, no, stick
H4, Teshie, 90 mm, 70, 3 mm, no, stick
`,
    currency: 'GHS',
    columns: 'group title option price particular particular particular',
    want: `Osu | 40 mm | 6500 | ∞
Osu | 55 mm | 7200 | ∞
Osu | 70 mm | ? | ∞
Labadi | 40 mm | 5800 | ∞
Labadi | 55 mm | 6600 | ∞
Nima | 55 mm | 8000 | ∞
Nima | 70 mm | 8800 | ∞
Nima | 90 mm | ? | ∞
Teshie | 40 mm | 4900 | ∞
Teshie | 70 mm | 6100 | ∞
Teshie | 90 mm | 7000 | ∞`,
  },
  {
    drawn: '312004/18 upholstery tacks, Bologna',
    file: 'tacks.txt',
    brief: 'Tacks for upholstery, Bologna, Italy. Euros.',
    text: `Tack | Head (mm) | Price (€) | Box weighs | Metal\n${made(700, (i) =>
      [
        `${pick(tack, i)} ${i + 1}`,
        pick(['8, 10, 12', '10, 12', '12'], i),
        i === 99 || i === 400 ? '' : (3.4 + (i % 7) * 0.3).toFixed(2),
        pick(['250 g', '0.3 kg', '300 g'], i),
        pick(['brass', 'steel', 'nickel'], i),
      ].join(' | '),
    ).join('\n')}\n`,
    currency: 'EUR',
    columns: 'title option price weight particular',
    want: made(700, (i) =>
      (pick(['8, 10, 12', '10, 12', '12'], i) ?? '')
        .split(', ')
        .map((of) => `${pick(tack, i)} ${i + 1} | ${of} | ${i === 99 || i === 400 ? '?' : 340 + (i % 7) * 30} | ∞`),
    )
      .flat()
      .join('\n'),
  },
  {
    drawn: '312004/19 tea cosies, Lagos',
    file: 'cosies.xml',
    brief: 'Tea cosies from Lagos, Nigeria. Naira.',
    text: feed([
      [
        ['title', 'Balogun – two cups'],
        ['price', '9500 NGN'],
        ['description', '<p>Aso-oke, <b>lined</b>.</p>'],
        ['stripe', 'blue'],
      ],
      [
        ['title', 'Balogun – six cups'],
        ['price', '12500 NGN'],
        ['description', '<p>Aso-oke, <b>lined</b>.</p>'],
        ['stripe', 'blue'],
      ],
      [
        ['title', 'Balogun – six cups'],
        ['price', '12500 NGN'],
        ['description', '<p>Aso-oke, <b>lined</b>.</p>'],
        ['stripe', 'red'],
      ],
    ]),
    currency: 'NGN',
    columns: 'title price description option',
    want: `Balogun | two cups / blue | 950000 | ∞
Balogun | six cups / blue | 1250000 | ∞
Balogun | six cups / red | 1250000 | ∞`,
  },
  {
    drawn: '312004/20 wicker coffins, Belfast',
    file: 'coffins.txt',
    brief: 'Coffins of wicker, Belfast, Northern Ireland. Pounds.',
    text: fixedWidth(
      [16, 10, 10, 10, 12, 12, 12, 22],
      [
        ['Coffin', 'Colour', 'Length', 'Price', 'Weave', 'Handles', 'Lining', 'Category'],
        ['Lagan', 'buff', '170 cm', '640', 'close', 'rope', 'cotton', 'Coffins > Willow'],
        ['Lagan', 'buff', '185 cm', '660', 'close', 'rope', 'cotton', 'Coffins > Willow'],
        ['Lagan', 'brown', '185 cm', '690', 'close', 'rope', 'cotton', 'Coffins > Willow'],
        ['Farset', 'white', '170 cm', '720', 'open', 'leather', 'wool', 'Coffins > Willow'],
        ['Farset', 'buff', '200 cm', '750', 'open', 'leather', 'wool', 'Coffins > Willow'],
        ['Bann', 'brown', '185 cm', '590', 'open', 'rope', 'none', 'Coffins > Rush'],
        ['Bann', 'brown', '200 cm', '610', 'open', 'rope', 'none', 'Coffins > Rush'],
        ['Bann', 'green', '185 cm', '605', 'open', 'rope', 'none', 'Coffins > Rush'],
        ['Foyle', 'buff', '90 cm', '380', 'close', 'cord', 'wool', 'Coffins > Small'],
        ['Foyle', 'white', '90 cm', '390', 'close', 'cord', 'wool', 'Coffins > Small'],
        ['Foyle', 'white', '120 cm', '430', 'close', 'cord', 'wool', 'Coffins > Small'],
      ],
    ),
    currency: 'GBP',
    columns: 'title option option price particular particular particular category',
    want: `Lagan | buff / 170 cm | 64000 | ∞
Lagan | buff / 185 cm | 66000 | ∞
Lagan | brown / 185 cm | 69000 | ∞
Farset | white / 170 cm | 72000 | ∞
Farset | buff / 200 cm | 75000 | ∞
Bann | brown / 185 cm | 59000 | ∞
Bann | brown / 200 cm | 61000 | ∞
Bann | green / 185 cm | 60500 | ∞
Foyle | buff / 90 cm | 38000 | ∞
Foyle | white / 90 cm | 39000 | ∞
Foyle | white / 120 cm | 43000 | ∞`,
  },
];
