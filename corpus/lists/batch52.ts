import { feed, fixedWidth, gtin, jsonLines, made, pick, type ListCase } from './case';

const willow = ['Duna', 'Tisza', 'Körös', 'Zala', 'Rába', 'Ipoly'] as const;
const flag = ['Someș', 'Mărăști', 'Zorilor', 'Grigorescu', 'Mănăștur', 'Gheorgheni'] as const;
const card = ['Adliya', 'Hoora', 'Juffair', 'Seef', 'Zinj', 'Tubli'] as const;
const belt = ['Ruwi', 'Muttrah', 'Qurum', 'Seeb', 'Bausher'] as const;
const pipe = ['Fort', 'Pettah', 'Borella', 'Wellawatte', 'Dehiwala', 'Maradana'] as const;
const bobbin = ['Kariakoo', 'Upanga', 'Oyster Bay', 'Mikocheni', 'Sinza', 'Ubungo', 'Tegeta'] as const;
const flour = ['Ness', 'Uig', 'Lochs', 'Barvas', 'Back'] as const;

/** Drawn (312005; those without a list left out) and written on 1 December 2026, before the reader was run on any. */
export const batch52: ListCase[] = [
  {
    drawn: '312005/1 sponges, Athens',
    file: 'sponges.xlsx',
    brief: 'Sponges, Athens, Greece. Euros.',
    sheets: [
      {
        name: 'Bath',
        rows: [
          ['Name', 'Price', 'Stock', 'Description'],
          ['Hydra', 9.5, 'in stock', 'Fine, for the face.'],
          ['Kalymnos', 14, 'the last three', 'Honeycomb, from twelve metres.'],
          ['Symi', 12.5, 'sold out', 'Silk, small.'],
          ['Sample product', 0, '', 'Your description here'],
          ['Leros', 18, 'in stock', 'Elephant ear.'],
          ['Patmos', 11, 'ten', 'Honeycomb, second choice.'],
        ],
      },
      {
        name: 'Work',
        rows: [
          ['Name', 'Price', 'Stock', 'Description'],
          ['Painter', 7, 'in stock', 'For lime and oil.'],
          ['Potter', 6.5, 'four', 'Cut in wedges.'],
          ['Car', 8, 'sold out', 'Coarse.'],
          ['Horse', 10, 'in stock', 'Coarse and large.'],
          ['Test', 1, 'none', 'test test'],
        ],
      },
    ],
    currency: 'EUR',
    columns: 'title price stock description',
    leftOut: 2,
    want: `Hydra |  | 950 | ∞
Kalymnos |  | 1400 | 3
Symi |  | 1250 | 0
Leros |  | 1800 | ∞
Patmos |  | 1100 | 10
Painter |  | 700 | ∞
Potter |  | 650 | 4
Car |  | 800 | 0
Horse |  | 1000 | ∞`,
  },
  {
    drawn: '312005/2 willow cuttings, Budapest',
    file: 'willow.txt',
    brief: 'Cuttings of willow, Budapest, Hungary. In forint.',
    text: `Stick; Ransom; Scan me; Bark; Rods by; Height; Soil; Use; Bees\n${made(120, (i) =>
      [
        `${pick(willow, Math.floor(i / 3))} ${Math.floor(i / 18) + 1} - ${['10 pieces', '25 pieces', '50 pieces'][i % 3]}`,
        [1200, 2600, 4500][i % 3],
        gtin(599000001000 + i, i === 8 || i === 77 ? 1 : 0),
        pick(['red', 'green', 'black'], Math.floor(i / 3)),
        pick(['March', 'April'], Math.floor(i / 3)),
        pick(['2 m', '3 m', '4 m'], Math.floor(i / 6)),
        pick(['wet', 'any'], Math.floor(i / 9)),
        pick(['baskets', 'hedges', 'fuel'], Math.floor(i / 12)),
        pick(['many', 'few'], Math.floor(i / 15)),
      ].join('; '),
    ).join('\n')}\n`,
    currency: 'HUF',
    columns: 'title price gtin particular particular particular particular particular particular',
    want: made(
      120,
      (i) =>
        `${pick(willow, Math.floor(i / 3))} ${Math.floor(i / 18) + 1} | ${['10 pieces', '25 pieces', '50 pieces'][i % 3]} | ${([1200, 2600, 4500][i % 3] ?? 0) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '312005/3 violin bridges, Da Nang',
    file: 'bridges.jsonl',
    brief: 'Violin bridges, Đà Nẵng, Vietnam. Đồng.',
    text: jsonLines(
      made(6, (i) => ({
        'the bridge': ['Hàn', 'Rồng'][Math.floor(i / 3)],
        'what you choose': 'Height',
        'your choice': ['low', 'medium', 'high'][i % 3],
        'we ask': i === 2 ? '180000-220000' : i === 4 ? 'from 240000' : [150000, 160000, 180000][i % 3],
        'what it is like': i < 3 ? 'Maple.\nSays "warm".' : 'Maple, the old "blond" kind.',
      })),
    ),
    currency: 'VND',
    columns: 'title optionName optionValue price description',
    want: `Hàn | low | 150000 | ∞
Hàn | medium | 160000 | ∞
Hàn | high | ? | ∞
Rồng | low | 150000 | ∞
Rồng | medium | ? | ∞
Rồng | high | 180000 | ∞`,
  },
  {
    drawn: '312005/4 flags and bunting, Cluj',
    file: 'flags.txt',
    brief: 'Flags and bunting from Cluj, Romania. Lei.',
    text: `Thing that flaps|Used to be|Now only|Wind says\n${made(120, (i) =>
      [
        `${pick(flag, Math.floor(i / 2))} ${Math.floor(i / 12) + 1} – ${['90 x 150 cm', '60 x 90 cm'][i % 2]}`,
        i % 5 ? '' : `${[120, 80][i % 2]} lei`,
        `${[99, 65][i % 2]} lei`,
        `<p>Sewn, <i>not printed</i>, with ${2 + (Math.floor(i / 2) % 3)} eyelets.</p>`,
      ].join('|'),
    ).join('\n')}\n`,
    currency: 'RON',
    columns: 'title earlierPrice price description',
    want: made(
      120,
      (i) =>
        `${pick(flag, Math.floor(i / 2))} ${Math.floor(i / 12) + 1} | ${['90 x 150 cm', '60 x 90 cm'][i % 2]} | ${[9900, 6500][i % 2]} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '312005/5 greetings cards in Braille, Manama',
    file: 'cards.csv',
    brief: 'Greetings cards in Braille, Manama, Bahrain. Dinars.',
    text: `${made(120, (i) =>
      [
        `${pick(card, Math.floor(i / 2))} ${Math.floor(i / 12) + 1}`,
        'Language',
        ['Arabic', 'English'][i % 2],
        i === 20 ? 'from 1.500' : i === 71 ? '1.200-1.800' : ['1.200', '1.350'][i % 2],
        gtin(608000000100 + i, i === 9 ? 1 : 0),
      ].join(','),
    ).join('\n')}\n`,
    currency: 'BHD',
    columns: 'title optionName optionValue price gtin',
    want: made(
      120,
      (i) =>
        `${pick(card, Math.floor(i / 2))} ${Math.floor(i / 12) + 1} | ${['Arabic', 'English'][i % 2]} | ${i === 20 || i === 71 ? '?' : [1200, 1350][i % 2]} | ∞`,
    ).join('\n'),
    or: {
      columns: 'title particular option price gtin',
      want: made(
        120,
        (i) =>
          `${pick(card, Math.floor(i / 2))} ${Math.floor(i / 12) + 1} | ${['Arabic', 'English'][i % 2]} | ${i === 20 || i === 71 ? '?' : [1200, 1350][i % 2]} | ∞`,
      ).join('\n'),
    },
  },
  {
    drawn: "312005/7 sheepskins, St John's",
    file: 'skins.json',
    brief: "Sheepskins, St John's, Newfoundland. Canadian dollars.",
    text: JSON.stringify([
      { skin: 'Signal Hill', 'length (cm)': 90, 'price (CAD)': 120, weight: '1.1 kg', note: 'called "the cloud' },
      { skin: '', 'length (cm)': 110, 'price (CAD)': 150, weight: '1.4 kg', note: 'called "the cloud' },
      { skin: 'Quidi Vidi', 'length (cm)': 90, 'price (CAD)': 135, weight: '1200 g', note: 'grey' },
    ]),
    currency: 'CAD',
    columns: 'title option price weight particular/description',
    want: `Signal Hill | 90 | 12000 | ∞
Signal Hill | 110 | 15000 | ∞
Quidi Vidi | 90 | 13500 | ∞`,
  },
  {
    drawn: '312005/8 sewing machine belts, Muscat',
    file: 'belts.xlsx',
    brief: 'Belts for sewing machines, Muscat, Oman. Rials.',
    sheets: [
      {
        name: 'Belts',
        rows: [
          ['The drawer, counted in November'],
          [],
          ['Round and round', 'How far round', 'The bite', 'Ask for it as'],
          ...made(120, (i): (string | number)[] => [
            i % 3 ? '' : `${pick(belt, i / 3)} ${Math.floor(i / 15) + 1}`,
            ['72 cm', '80 cm', '95 cm'][i % 3] ?? '',
            [0.9, 1.1, 1.45][i % 3] ?? '',
            `SB ${String(Math.floor(i / 3) + 1).padStart(2, '0')} ${['A', 'B', 'C'][i % 3] ?? ''}`,
          ]),
          [
            'Total',
            '',
            made(120, (i) => [0.9, 1.1, 1.45][i % 3] ?? 0).reduce((sum, one) => sum + Math.round(one * 1000), 0) / 1000,
            '',
          ],
          ['All of leather but the last.'],
        ],
      },
    ],
    currency: 'OMR',
    columns: 'title option price sku',
    want: made(
      120,
      (i) =>
        `${pick(belt, Math.floor(i / 3))} ${Math.floor(i / 15) + 1} | ${['72 cm', '80 cm', '95 cm'][i % 3]} | ${[900, 1100, 1450][i % 3]} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '312005/9 organ pipes as lamps, Colombo',
    file: 'pipes.txt',
    encoding: 'windows-1252',
    brief: 'Lamps made of organ pipes, Colombo, Sri Lanka. Rupees.',
    text: `Lamp|Height (cm)|Price (Rs)|Flex|About\n${made(700, (i) =>
      [
        `${pick(pipe, Math.floor(i / 2))} ${Math.floor(i / 12) + 1}`,
        [45, 60][i % 2],
        [28500, 34000][i % 2],
        pick(['black', 'red', 'gold'], Math.floor(i / 2)),
        i === 301 ? '"From a chapel in Kandy' : 'Zinc, from an organ of 1911 – “silent” since 1974.',
      ].join('|'),
    ).join('\n')}\n`,
    currency: 'LKR',
    columns: 'title option price particular description',
    want: made(
      700,
      (i) => `${pick(pipe, Math.floor(i / 2))} ${Math.floor(i / 12) + 1} | ${[45, 60][i % 2]} | ${[2850000, 3400000][i % 2]} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '312005/10 caravan curtains, Boise',
    file: 'curtains.xlsx',
    brief: 'Curtains for caravans, Boise, Idaho. US dollars.',
    sheets: [
      {
        name: 'Curtains',
        rows: [
          ['Curtains, spring'],
          ['Name', 'Color', 'Size', 'Price', 'Sale price', 'Stock'],
          ...([
            ['Payette', 'orange', 'small', 38, 32, 4],
            ['Payette', 'orange', 'large', 52, '', 2],
            ['Payette', 'brown', 'small', 38, '', 0],
            ['Snake River', 'green', 'small', 41, '', 6],
            ['Snake River', 'green', 'large', 56, '', 1],
            ['Snake River', 'cream', 'large', 56, 49, 3],
            ['Sawtooth', 'blue', 'small', 36, '', 5],
            ['Sawtooth', 'blue', 'large', 50, '', 5],
            ['Sawtooth', 'rust', 'small', 36, '', 2],
            ['Sawtooth', 'rust', 'large', 50, 44, 2],
            ['Lucky Peak', 'yellow', 'large', 58, '', 0],
            ['Lucky Peak', 'yellow', 'small', 44, '', 1],
            ['Lucky Peak', 'white', 'small', 44, '', 8],
            ['Hyde Park', 'plaid', 'small', 47, '', 3],
            ['Hyde Park', 'plaid', 'large', 63, '', 3],
            ['Hyde Park', 'check', 'large', 63, 55, 1],
            ['Bogus Basin', 'white', 'small', 34, '', 9],
            ['Bogus Basin', 'white', 'large', 48, '', 7],
          ] as (string | number)[][]),
          ['Total', '', '', '', '', 62],
          ['Hooks come with them.'],
        ],
      },
    ],
    currency: 'USD',
    columns: 'title option option earlierPrice/price price/earlierPrice stock',
    want: `Payette | orange / small | 3200 | 4
Payette | orange / large | 5200 | 2
Payette | brown / small | 3800 | 0
Snake River | green / small | 4100 | 6
Snake River | green / large | 5600 | 1
Snake River | cream / large | 4900 | 3
Sawtooth | blue / small | 3600 | 5
Sawtooth | blue / large | 5000 | 5
Sawtooth | rust / small | 3600 | 2
Sawtooth | rust / large | 4400 | 2
Lucky Peak | yellow / large | 5800 | 0
Lucky Peak | yellow / small | 4400 | 1
Lucky Peak | white / small | 4400 | 8
Hyde Park | plaid / small | 4700 | 3
Hyde Park | plaid / large | 6300 | 3
Hyde Park | check / large | 5500 | 1
Bogus Basin | white / small | 3400 | 9
Bogus Basin | white / large | 4800 | 7`,
  },
  {
    drawn: '312005/11 lace bobbins, Dar es Salaam',
    file: 'bobbins.jsonl',
    brief: 'Bobbins for lace, Dar es Salaam, Tanzania. Shillings.',
    text: jsonLines(
      made(35, (i) => [
        `${pick(bobbin, Math.floor(i / 5))} – ${['ebony', 'bone', 'brass', 'olive', 'glass'][i % 5]}`,
        i === 9 ? '$4' : i === 23 ? '€5' : `TSh ${[8000, 9500, 12000, 7000, 14000][i % 5]}`,
        i === 16 ? 'With a bead "from the coast' : 'With a bead from the coast.',
      ]),
    ),
    currency: 'TZS',
    columns: 'title price description',
    want: made(
      35,
      (i) =>
        `${pick(bobbin, Math.floor(i / 5))} | ${['ebony', 'bone', 'brass', 'olive', 'glass'][i % 5]} | ${i === 9 || i === 23 ? '?' : ([8000, 9500, 12000, 7000, 14000][i % 5] ?? 0) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '312005/12 preserving jars, Belo Horizonte',
    file: 'potes.txt',
    brief: 'Jars for preserves, Belo Horizonte, Brazil. In reais.',
    text: `Pote Savassi\tTampa\tmetal\t24,00\t\tGlass, "thick
Pote Savassi\tTampa\tcortiça\t28,00\t25,00\tGlass
Pote Savassi\tTampa\tvidro\t31,00\t\tGlass
Pote Lourdes\tTampa\tmetal\t19,00\t\tGlass, green
Pote Lourdes\tTampa\tcortiça\t23,00\t\tGlass, green
Pote Pampulha\tTampa\tmetal\t36,00\t29,00\tGlass, five litres
Pote Pampulha\tTampa\tvidro\t44,00\t\tGlass, five litres
Pote Mangabeiras\tTampa\tcortiça\t17,50\t\tClay
Pote Mangabeiras\tTampa\tvidro\t22,00\t\tClay
Pote Serra\tTampa\tmetal\t15,00\t\tGlass, small
Pote Serra\tTampa\tcortiça\t18,00\t14,50\tGlass, small
`,
    currency: 'BRL',
    columns:
      'title optionName/particular optionValue/option price/earlierPrice/particular earlierPrice/price/particular particular/description',
    want: `Pote Savassi | metal | ? | ∞
Pote Savassi | cortiça | ? | ∞
Pote Savassi | vidro | ? | ∞
Pote Lourdes | metal | ? | ∞
Pote Lourdes | cortiça | ? | ∞
Pote Pampulha | metal | ? | ∞
Pote Pampulha | vidro | ? | ∞
Pote Mangabeiras | cortiça | ? | ∞
Pote Mangabeiras | vidro | ? | ∞
Pote Serra | metal | ? | ∞
Pote Serra | cortiça | ? | ∞`,
    or: {
      columns: 'title optionName/particular optionValue/option earlierPrice price particular/description',
      want: `Pote Savassi | metal | 2400 | ∞
Pote Savassi | cortiça | 2500 | ∞
Pote Savassi | vidro | 3100 | ∞
Pote Lourdes | metal | 1900 | ∞
Pote Lourdes | cortiça | 2300 | ∞
Pote Pampulha | metal | 2900 | ∞
Pote Pampulha | vidro | 4400 | ∞
Pote Mangabeiras | cortiça | 1750 | ∞
Pote Mangabeiras | vidro | 2200 | ∞
Pote Serra | metal | 1500 | ∞
Pote Serra | cortiça | 1450 | ∞`,
    },
  },
  {
    drawn: '312005/13 rye flour, a village on Lewis',
    file: 'flour.xlsx',
    brief: 'Rye flour from a village on Lewis, Scotland. Pounds.',
    sheets: [
      {
        name: 'Flour',
        rows: [
          ['Flour, milled to order'],
          [''],
          ['Group', 'Flour', 'Bag', 'Price (£)', 'Parcel weighs', 'Ash (%)', 'What for'],
          ...made(120, (i): (string | number)[] => [
            `R${Math.floor(i / 3) + 1}`,
            `${pick(flour, Math.floor(i / 3))} ${Math.floor(i / 15) + 1}`,
            ['1 kg', '3 kg', '10 kg'][i % 3] ?? '',
            [3.2, 8.4, 24][i % 3] ?? '',
            ['1.1 kg', '3.2 kg', '10500 g'][i % 3] ?? '',
            [0.9, 1.2, 1.8][Math.floor(i / 3) % 3] ?? '',
            Math.floor(i / 3) % 2 ? 'For "black" bread.\nKeep cool.' : 'For crispbread.',
          ]),
          [
            'Total',
            '',
            '',
            made(120, (i) => [3.2, 8.4, 24][i % 3] ?? 0).reduce((sum, one) => sum + Math.round(one * 100), 0) / 100,
          ],
          ['Milled on Thursdays.'],
        ],
      },
    ],
    currency: 'GBP',
    columns: 'group title option price weight particular description',
    want: made(
      120,
      (i) =>
        `${pick(flour, Math.floor(i / 3))} ${Math.floor(i / 15) + 1} | ${['1 kg', '3 kg', '10 kg'][i % 3]} | ${[320, 840, 2400][i % 3]} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '312005/15 olive oil, Athens',
    file: 'oil.txt',
    brief: 'Olive oil, Athens, Greece. Euros.',
    text: `The oil|Bottles|Price each, whichever|Have we any|How it tastes
Attica early|250 ml, 500 ml|14.00|yes|Grass.
Attica late|500 ml|12.00|yes|Butter.
Koroneiki|250 ml, 500 ml|16.50|the last two|"Pepper
Manaki|500 ml|13.00|no|Apple.
Athinolia|250 ml|11.00|yes|Tomato leaf.
Megaritiki|500 ml|10.50|yes|Almond.
Smoked|250 ml|15.00|no|Oak.
Lemon|250 ml|13.50|yes|Lemon, pressed with it.
Oregano|250 ml|13.50|yes|A hillside.
Chili|250 ml|13.50|sold out|Slow.
Monastery|500 ml|22.00|one|Nobody says.
Unfiltered|500 ml, 1 l|17.00|yes|Cloud.
Old grove|250 ml, 500 ml|24.00|no|Long.
First day|250 ml|28.00|three|Green.
Table|1 l|12.00|yes|Plain.
Kitchen|1 l|9.50|yes|Plainer.
Soap oil|1 l|7.00|yes|Not for eating.
Lamp oil|1 l|6.00|no|Not for eating.
`,
    currency: 'EUR',
    columns: 'title option price stock description/particular',
    want: `Attica early | 250 ml | 1400 | ∞
Attica early | 500 ml | 1400 | ∞
Attica late | 500 ml | 1200 | ∞
Koroneiki | 250 ml | 1650 | ?
Koroneiki | 500 ml | 1650 | ?
Manaki | 500 ml | 1300 | 0
Athinolia | 250 ml | 1100 | ∞
Megaritiki | 500 ml | 1050 | ∞
Smoked | 250 ml | 1500 | 0
Lemon | 250 ml | 1350 | ∞
Oregano | 250 ml | 1350 | ∞
Chili | 250 ml | 1350 | 0
Monastery | 500 ml | 2200 | 1
Unfiltered | 500 ml | 1700 | ∞
Unfiltered | 1 l | 1700 | ∞
Old grove | 250 ml | 2400 | 0
Old grove | 500 ml | 2400 | 0
First day | 250 ml | 2800 | 3
Table | 1 l | 1200 | ∞
Kitchen | 1 l | 950 | ∞
Soap oil | 1 l | 700 | ∞
Lamp oil | 1 l | 600 | 0`,
  },
  {
    drawn: '312005/16 puppet theatres, Reykjavík',
    file: 'theatres.json',
    brief: 'Theatres for puppets, Reykjavík, Iceland. Krónur.',
    text: JSON.stringify(
      made(6, (i) => ({
        nm: ['Hlemmur', 'Grandi', 'Tjörnin'][Math.floor(i / 2)],
        opt: 'Curtain',
        val: ['red', 'blue'][i % 2],
        pr: [18900, 18900, 24900, 24900, 31900, 32900][i],
        cd: `PT ${Math.floor(i / 2) + 1} ${['R', 'B'][i % 2]}`,
        desc: i < 2 ? 'For a table.\n"Two hands", one head.' : 'Folds flat.',
      })),
    ),
    currency: 'ISK',
    columns: 'title optionName optionValue price sku description',
    want: `Hlemmur | red | 18900 | ∞
Hlemmur | blue | 18900 | ∞
Grandi | red | 24900 | ∞
Grandi | blue | 24900 | ∞
Tjörnin | red | 31900 | ∞
Tjörnin | blue | 32900 | ∞`,
  },
  {
    drawn: '312005/17 marionettes, Lagos',
    file: 'puppets.txt',
    encoding: 'windows-1252',
    brief: 'Marionettes, Lagos, Nigeria. Naira.',
    text: fixedWidth(
      [26, 12, 24, 18],
      [
        ['Puppet', 'Price', 'Part', 'Part'],
        ['Yaba – king', '42000', 'head of obeche', 'robe of damask'],
        ['Yaba – queen', '42000', 'head of obeche', 'robe of lace'],
        ['Yaba – thief', '36000', 'head of "iroko', 'robe of jute'],
        ['Mushin – drummer', '39000', 'head of iroko', 'robe of adire'],
        ['Mushin – dancer', '39000', 'head of iroko', 'robe of adire'],
        ['Ikeja – policeman', '45000', 'head of obeche', 'robe of twill'],
        ['Ikeja – hawker', '33000', 'head of obeche', 'robe of jute'],
        ['Epe – fisher', '34000', 'head of iroko', 'robe of net'],
        ['Epe – heron', '31000', 'head of cane', 'robe of feathers'],
        ['Lekki – bride', '48000', 'head of obeche', 'robe of lace'],
        ['Lekki – groom', '46000', 'head of obeche', 'robe of damask'],
      ],
    ),
    currency: 'NGN',
    columns: 'title price particular particular',
    want: `Yaba | king | 4200000 | ∞
Yaba | queen | 4200000 | ∞
Yaba | thief | 3600000 | ∞
Mushin | drummer | 3900000 | ∞
Mushin | dancer | 3900000 | ∞
Ikeja | policeman | 4500000 | ∞
Ikeja | hawker | 3300000 | ∞
Epe | fisher | 3400000 | ∞
Epe | heron | 3100000 | ∞
Lekki | bride | 4800000 | ∞
Lekki | groom | 4600000 | ∞`,
    or: {
      columns: 'title price particular particular',
      want: `Yaba – king |  | 4200000 | ∞
Yaba – queen |  | 4200000 | ∞
Yaba – thief |  | 3600000 | ∞
Mushin – drummer |  | 3900000 | ∞
Mushin – dancer |  | 3900000 | ∞
Ikeja – policeman |  | 4500000 | ∞
Ikeja – hawker |  | 3300000 | ∞
Epe – fisher |  | 3400000 | ∞
Epe – heron |  | 3100000 | ∞
Lekki – bride |  | 4800000 | ∞
Lekki – groom |  | 4600000 | ∞`,
    },
  },
  {
    drawn: '312005/18 genealogy charts, Perth',
    file: 'charts.xml',
    brief: 'Genealogy charts, Perth, Scotland. Pounds.',
    text: feed(
      made(11, (i): (readonly [string, string])[] => [
        [
          'title',
          `${['Tay', 'Tay', 'Tay', 'Almond', 'Almond', 'Earn', 'Earn', 'Earn', 'Isla', 'Isla', 'Blank'][i] ?? ''}${i === 10 ? ' chart' : ` – ${['four generations', 'six generations', 'eight generations', 'four generations', 'six generations', 'four generations', 'six generations', 'eight generations', 'four generations', 'eight generations'][i] ?? ''}`}`,
        ],
        ['price', `${[18, 24, 32, 22, 28, 20, 26, 34, 25, 39, 9][i] ?? 0}.00 GBP`],
        ['sale_price', i === 2 ? '28.00 GBP' : i === 8 ? '19.00 GBP' : ''],
        ['product_type', i === 10 ? 'Charts > Empty' : 'Charts > Written'],
      ]),
    ),
    currency: 'GBP',
    columns: 'title earlierPrice/price price/earlierPrice category',
    want: made(
      11,
      (i) =>
        `${i === 10 ? 'Blank chart' : ['Tay', 'Tay', 'Tay', 'Almond', 'Almond', 'Earn', 'Earn', 'Earn', 'Isla', 'Isla'][i]} | ${['four generations', 'six generations', 'eight generations', 'four generations', 'six generations', 'four generations', 'six generations', 'eight generations', 'four generations', 'eight generations', ''][i]} | ${i === 2 ? 2800 : i === 8 ? 1900 : ([18, 24, 32, 22, 28, 20, 26, 34, 25, 39, 9][i] ?? 0) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '312005/19 bow ties, San José',
    file: 'ties.xml',
    brief: 'Bow ties, San José, Costa Rica. Colones.',
    text: feed(
      [
        ['Amón', '14500', 'silk', 'pointed', 'self'],
        ['Otoya', '12500', 'wool', 'straight', 'self'],
        ['Aranjuez', '16000', 'silk', 'butterfly', 'clip'],
        ['Escalante', '11000', 'linen', 'straight', 'band'],
        ['La California', '18500', 'velvet', 'butterfly', 'band'],
        ['Los Yoses', '13000', 'cotton', 'pointed', 'self'],
      ].map(([nm = '', pr = '', cloth = '', cut = '', tie = ''], i): (readonly [string, string])[] => [
        ['nm', nm],
        ['pr', pr],
        ['ean', gtin(744000000010 + i, i === 3 ? 1 : 0)],
        ['cloth', cloth],
        ['cut', cut],
        ['tied', tie],
      ]),
    ),
    currency: 'CRC',
    columns: 'title price gtin particular particular particular',
    want: `Amón |  | 1450000 | ∞
Otoya |  | 1250000 | ∞
Aranjuez |  | 1600000 | ∞
Escalante |  | 1100000 | ∞
La California |  | 1850000 | ∞
Los Yoses |  | 1300000 | ∞`,
  },
  {
    drawn: '312005/20 picnic blankets, Gdańsk',
    file: 'blankets.json',
    brief: 'Blankets for picnics, Gdańsk, Poland. Złoty.',
    text: JSON.stringify(
      made(35, (i) => ({
        'Sit on me': `${['Oliwa', 'Wrzeszcz', 'Brzeźno', 'Sopot', 'Jelitkowo', 'Osowa', 'Stogi'][i % 7]} ${['check', 'stripe', 'plain', 'dot', 'leaf'][Math.floor(i / 7)]}`,
        'How many ants': pick(['130 x 150 cm, 150 x 200 cm', '150 x 200 cm', '130 x 150 cm, 150 x 200 cm, 200 x 200 cm'], i),
        'Sandwich money': 119 + (i % 6) * 10,
        'Label says': `<p>Wool on one side, <strong>wax</strong> on the other, no. ${i + 1}.</p>`,
      })),
    ),
    currency: 'PLN',
    columns: 'title option price description',
    want: made(35, (i) =>
      (pick(['130 x 150 cm, 150 x 200 cm', '150 x 200 cm', '130 x 150 cm, 150 x 200 cm, 200 x 200 cm'], i) ?? '')
        .split(', ')
        .map(
          (of) =>
            `${['Oliwa', 'Wrzeszcz', 'Brzeźno', 'Sopot', 'Jelitkowo', 'Osowa', 'Stogi'][i % 7]} ${['check', 'stripe', 'plain', 'dot', 'leaf'][Math.floor(i / 7)]} | ${of} | ${(119 + (i % 6) * 10) * 100} | ∞`,
        ),
    )
      .flat()
      .join('\n'),
  },
];
