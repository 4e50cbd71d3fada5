import { feed, fixedWidth, gtin, jsonLines, letter, made, pick, type ListCase } from './case';

/**
 * Drawn and written on 27 November 2026, before the reader was run on any; each has the brief that its seller would have given. Three of
 * the twenty that were drawn have no list.
 */
export const batch9: ListCase[] = [
  {
    drawn: '990417/1 bamboo bicycles, Louisville',
    file: 'bikes.txt',
    brief: 'Cane Run Cycles builds bicycles from bamboo in Louisville, Kentucky. US dollars.',
    text: `Bike | Frame | Price | Weight | Left | Frame
${made(
  90,
  (i) =>
    `Runner ${Math.floor(i / 3) + 1} | ${pick(['50 cm', '54 cm', '58 cm'], i)} | $${1450 + (Math.floor(i / 3) % 5) * 90}.00 | ${9 + (i % 3) / 2} kg | ${pick(['two', 'sold out', 'built to order', '1'], i)} | bamboo`,
).join('\n')}
`,
    currency: 'USD',
    columns: 'title option price weight stock particular',
    want: made(
      90,
      (i) =>
        `Runner ${Math.floor(i / 3) + 1} | ${pick(['50 cm', '54 cm', '58 cm'], i)} | ${(1450 + (Math.floor(i / 3) % 5) * 90) * 100} | ${pick(['2', '0', '∞', '1'], i)}`,
    ).join('\n'),
  },
  {
    drawn: '990417/2 raw chocolate, Sapporo',
    file: 'choco.xml',
    brief: 'Kita Cacao, Sapporo. Raw chocolate ground on stone. Prices in yen.',
    text: feed(
      made(35, (i) => [
        ['bar', `Bar ${letter(i)}${i > 25 ? 2 : ''}`],
        ['how_weak_are_you', pick(['40 g / 80 g', '80 g'], i)],
        ['ouch', `¥${980 + i * 20}`],
        ['code', `KC ${100 + i} R`],
        ['bean', pick(['criollo', 'nacional'], i)],
        ['from', pick(['Ecuador', 'Peru', 'Madagascar'], i)],
        ['cacao', `${70 + (i % 4) * 5} %`],
        ['ground_for', `${48 + (i % 3) * 12} h`],
        ['sweetened_with', pick(['kokuto', 'nothing'], i)],
        ['snap', pick(['soft', 'hard'], i)],
      ]),
    ),
    currency: 'JPY',
    columns: 'title option price sku particular particular particular particular particular particular',
    want: made(35, (i) =>
      pick([['40 g', '80 g'], ['80 g']], i).map((size) => `Bar ${letter(i)}${i > 25 ? 2 : ''} | ${size} | ${980 + i * 20} | ∞`),
    )
      .flat()
      .join('\n'),
  },
  {
    drawn: '990417/3 travel altars, Montréal',
    file: 'altars.xml',
    brief: 'Autel de Poche, Montréal, Québec. Small altars that fold. Canadian dollars.',
    text: feed(
      made(18, (i) => [
        ['title', i % 3 ? '' : `Altar ${Math.floor(i / 3) + 1}`],
        ['size', pick(['small', 'medium', 'large'], i)],
        ['price', i % 8 === 5 ? `from $${60 + i * 5}` : i % 8 === 7 ? `$${60 + i * 5}–$${80 + i * 5}` : `$${60 + i * 5}`],
        ['stock', String(i % 4)],
        ['wood', pick(['cherry', 'maple'], Math.floor(i / 3))],
        ['panels', String(2 + (Math.floor(i / 3) % 2))],
        ['hinge', 'leather'],
        ['gilding', pick(['none', 'edge'], Math.floor(i / 3))],
        ['niche', pick(['arched', 'square'], Math.floor(i / 3))],
        ['closes_with', pick(['ribbon', 'hook'], Math.floor(i / 3))],
      ]),
    ),
    currency: 'CAD',
    columns: 'title option price stock particular particular particular particular particular particular',
    want: made(
      18,
      (i) =>
        `Altar ${Math.floor(i / 3) + 1} | ${pick(['small', 'medium', 'large'], i)} | ${i % 8 === 5 || i % 8 === 7 ? '?' : (60 + i * 5) * 100} | ${i % 4}`,
    ).join('\n'),
  },
  {
    drawn: '990417/4 eel leather, Tbilisi',
    file: 'eel.xml',
    brief: 'Gveli cuts wallets and straps from eel leather in Tbilisi. Lari, please.',
    text: feed(
      made(11, (i) => [
        ['a', `${pick(['Wallet', 'Strap', 'Sleeve'], Math.floor(i / 4))}`],
        ['b', pick(['black', 'plum'], i)],
        ['c', pick(['narrow', 'wide'], Math.floor(i / 2))],
        ['d', `${90 + Math.floor(i / 4) * 30 + (Math.floor(i / 2) % 2) * 15} ₾`],
        ['e', '<p>Thin, <strong>strong</strong> &amp; soft.</p>'],
        ['f', 'vegetable tanned'],
        ['g', 'hagfish'],
        ['h', `${6 + (Math.floor(i / 4) % 3)} skins`],
      ]),
    ),
    currency: 'GEL',
    columns: 'title option option price description particular particular particular',
    want: made(
      11,
      (i) =>
        `${pick(['Wallet', 'Strap', 'Sleeve'], Math.floor(i / 4))} | ${pick(['black', 'plum'], i)} / ${pick(['narrow', 'wide'], Math.floor(i / 2))} | ${(90 + Math.floor(i / 4) * 30 + (Math.floor(i / 2) % 2) * 15) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '990417/5 ceramic knobs, Antwerp',
    file: 'knobs.json',
    brief: 'Greep, Antwerp. Ceramic knobs for doors nobody else fits. Euro.',
    text: JSON.stringify([
      ...made(9, (i) => ({
        'what to grip': `Knob ${Math.floor(i / 4) + 1}`,
        glaze: pick(['white', 'blue'], i),
        'how big': pick(['small', 'large'], Math.floor(i / 2)),
        'a piece': `€${(8 + Math.floor(i / 2) * 1.5).toFixed(2)}`,
        'word from the potter': i === 3 ? '"never the same' : 'Turned, then left alone.',
      })),
      { 'what to grip': 'Example knob', glaze: '', 'how big': '', 'a piece': '€0.00', 'word from the potter': 'example' },
      { 'what to grip': 'TEST', glaze: '', 'how big': '', 'a piece': '€1.00', 'word from the potter': '' },
    ]),
    currency: 'EUR',
    columns: 'title option option price description',
    want: made(
      9,
      (i) =>
        `Knob ${Math.floor(i / 4) + 1} | ${pick(['white', 'blue'], i)} / ${pick(['small', 'large'], Math.floor(i / 2))} | ${(8 + Math.floor(i / 2) * 1.5) * 100} | ∞`,
    ).join('\n'),
    leftOut: 2,
  },
  {
    drawn: '990417/6 sponges, Perth',
    file: 'sponges.psv',
    brief: 'Tay Sponge, Perth, Scotland. Sponges from the Gulf of Gabès, sold by weight of love. Pounds.',
    text: `Sponge|Comes as|You give us|Bars
Honeycomb|small, medium, large|£9.50|${gtin(506000020001)}
Silk|small, medium|£12.00|${gtin(506000020002, 1)}
Your product name|S, M|£0.00|
`,
    currency: 'GBP',
    columns: 'title option price gtin',
    want: `Honeycomb | small | 950 | ∞
Honeycomb | medium | 950 | ∞
Honeycomb | large | 950 | ∞
Silk | small | 1200 | ∞
Silk | medium | 1200 | ∞`,
    leftOut: 1,
  },
  {
    drawn: '990417/7 oars, Amman',
    file: 'oars.txt',
    brief: 'Aqaba Oars, made in Amman, which has no sea. Prices in Jordanian dinars.',
    text: fixedWidth(
      [16, 20, 14, 12, 12, 12, 12, 12, 12],
      [
        ['الاسم', 'المقاس', 'السعر', 'الخشب', 'الشفرة', 'المقبض', 'الطلاء', 'الحلقة', 'الوزن'],
        ['Oar', '2.4 m / 2.7 m', '48.500', 'spruce', 'spoon', 'cork', 'oil', 'brass', '2.1 kg'],
        ['Scull', '2.8 m', '', 'spruce', 'hatchet', 'rubber', 'lacquer', 'nylon', '1.8 kg'],
        ['Paddle', '1.4 m / 1.6 m', '32.250', 'ash', 'flat', 'bare', 'oil', 'none', '0.9 kg'],
      ],
    ),
    currency: 'JOD',
    columns: 'title option price particular particular particular particular particular weight',
    want: `Oar | 2.4 m | 48500 | ∞
Oar | 2.7 m | 48500 | ∞
Scull | 2.8 m | ? | ∞
Paddle | 1.4 m | 32250 | ∞
Paddle | 1.6 m | 32250 | ∞`,
  },
  {
    drawn: '990417/9 record sleeves, Lille',
    file: 'pochettes.xlsx',
    brief: 'Face B imprime des pochettes de disques à Lille. Prix en euros.',
    sheets: [
      {
        name: 'Tarif',
        rows: [
          ['FACE B'],
          ['tarif au 1er novembre, TVA comprise'],
          ['Pochette', 'Formats (pouces)', 'Prix (€)', 'Réf', 'Papier (g)'],
          ...made(35, (i): (string | number)[] => [
            `Pochette ${letter(i)}${i > 25 ? 2 : ''}`,
            pick(['7, 10, 12', '12'], i),
            i === 20 ? '£2.40' : 1.8 + (i % 6) * 0.35,
            `FB ${200 + i} P`,
            pick([250, 300, 350], i),
          ]),
          ['Total', '', 88.2, '', ''],
        ],
      },
    ],
    currency: 'EUR',
    columns: 'title option price sku particular',
    want: made(35, (i) =>
      pick([['7', '10', '12'], ['12']], i).map(
        (size) =>
          `Pochette ${letter(i)}${i > 25 ? 2 : ''} | ${size} | ${i === 20 ? '?' : Math.round((1.8 + (i % 6) * 0.35) * 100)} | ∞`,
      ),
    )
      .flat()
      .join('\n'),
  },
  {
    drawn: '990417/11 beaded earrings, near Zagreb',
    file: 'nausnice.xml',
    brief: 'Perla & Koza: beaded earrings from a farm outside Zagreb, Croatia. Euros. Goats not for sale.',
    text: feed(
      made(11, (i) => [
        ['pretty_thing', `Drop ${Math.floor(i / 3) + 1} - ${pick(['jade', 'coral', 'smoke'], i)}`],
        ['asking_price', `${18 + Math.floor(i / 3) * 4},00 €`],
        ['bar_code', gtin(385000000100 + i, i % 4 === 2 ? 1 : 0)],
        ['bead', pick(['Czech', 'Miyuki', 'Murano', 'bone'], Math.floor(i / 3))],
        ['hook', pick(['silver', 'steel'], Math.floor(i / 3))],
        ['hangs', `${3 + Math.floor(i / 3)} cm`],
      ]),
    ),
    currency: 'EUR',
    columns: 'title price gtin particular particular particular',
    want: made(
      11,
      (i) => `Drop ${Math.floor(i / 3) + 1} | ${pick(['jade', 'coral', 'smoke'], i)} | ${(18 + Math.floor(i / 3) * 4) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '990417/12 silk paints, Dunedin',
    file: 'paints.tsv',
    brief: 'Wet Silk, Dunedin, New Zealand. Paints for silk. NZ dollars.',
    text: `Pdt\tClr\tPr\tPigm\tFix\tLightf\tpH\tDil\tFrom
Gutta-free paint\tteal\t$14.50\tPB16\tsteam\t7\t6.5\twater\tLyon
Gutta-free paint\tochre\t$14.50\tPY42\tsteam\t8\t6.5\twater\tLyon
Gutta-free paint\trose\tUS$11.00\tPR122\tiron\t6\t7\twater\tLyon
`,
    currency: 'NZD',
    columns: 'title option price particular particular particular particular particular particular',
    want: `Gutta-free paint | teal | 1450 | ∞
Gutta-free paint | ochre | 1450 | ∞
Gutta-free paint | rose | ? | ∞`,
  },
  {
    drawn: '990417/13 silk paints, Istanbul',
    file: 'boya.jsonl',
    brief: 'İpek Boya, İstanbul. Silk paints by the bottle. Turkish lira.',
    text: jsonLines(
      made(11, (i) => [
        i % 3 ? '' : `Paint ${Math.floor(i / 3) + 1}`,
        pick(['50 ml', '100 ml', '250 ml'], i),
        `₺${240 + (i % 3) * 180}`,
        pick(['var', 'yok', '5'], i),
        gtin(869000000200 + i, i % 5 === 3 ? 1 : 0),
      ]),
    ),
    currency: 'TRY',
    columns: 'title option price stock gtin',
    want: made(
      11,
      (i) =>
        `Paint ${Math.floor(i / 3) + 1} | ${pick(['50 ml', '100 ml', '250 ml'], i)} | ${(240 + (i % 3) * 180) * 100} | ${pick(['∞', '0', '5'], i)}`,
    ).join('\n'),
  },
  {
    drawn: '990417/14 ice skates sharpened and sold, Marrakesh',
    file: 'skates.xlsx',
    brief: 'Atlas on Ice: skates sharpened and sold in Marrakesh, Morocco. Prices in dirhams.',
    sheets: [
      {
        name: 'Skates',
        rows: [
          ['Product', 'Size', 'Price', 'SKU', 'Stock'],
          ['Figure skate', '36, 37, 38', 'from 1,200 DH', 'AI 10 F', ''],
          ['Hockey skate', '40, 41', '1,450 DH', 'AI 20 H', ''],
          ['Speed skate', '42', '2,100–2,400 DH', 'AI 30 S', 2],
        ],
      },
      {
        name: 'Care',
        rows: [
          ['Product', 'Size', 'Price', 'SKU', 'Stock'],
          ['Sharpening', '', '120 DH', 'AI 90 X', ''],
          ['Blade guard', 'S, M', '90 DH', 'AI 91 G', ''],
          ['Lace, waxed', '200 cm, 240 cm', '60 DH', 'AI 92 L', ''],
        ],
      },
    ],
    currency: 'MAD',
    columns: 'title option price sku stock',
    want: `Figure skate | 36 | ? | ∞
Figure skate | 37 | ? | ∞
Figure skate | 38 | ? | ∞
Hockey skate | 40 | 145000 | ∞
Hockey skate | 41 | 145000 | ∞
Speed skate | 42 | ? | 2
Sharpening | | 12000 | ∞
Blade guard | S | 9000 | ∞
Blade guard | M | 9000 | ∞
Lace, waxed | 200 cm | 6000 | ∞
Lace, waxed | 240 cm | 6000 | ∞`,
  },
  {
    drawn: '990417/15 cloth nappies, Budapest',
    file: 'pelus.txt',
    brief: 'Puha Popsi sews cloth nappies in Budapest. Prices in forints, no eco talk.',
    text: fixedWidth(
      [20, 12, 12, 12, 14],
      [
        ['Megn.', 'Szín', 'Mér.', 'Ár', 'Anyag'],
        ...made(60, (i) => [
          i % 4 ? '' : `Pelus ${Math.floor(i / 4) + 1}`,
          pick(['zöld', 'sárga'], i),
          pick(['S', 'M'], Math.floor(i / 2)),
          i === 22 ? '€12' : `${3 + (Math.floor(i / 4) % 4)} 490 Ft`,
          pick(['pamut', 'bambusz'], Math.floor(i / 4)),
        ]),
      ],
    ),
    currency: 'HUF',
    columns: 'title option option price particular',
    want: made(
      60,
      (i) =>
        `Pelus ${Math.floor(i / 4) + 1} | ${pick(['zöld', 'sárga'], i)} / ${pick(['S', 'M'], Math.floor(i / 2))} | ${i === 22 ? '?' : ((3 + (Math.floor(i / 4) % 4)) * 1000 + 490) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '990417/16 drum sticks, Vilnius',
    file: 'sticks.xlsx',
    brief: 'Du Pagaliai turns drum sticks in Vilnius. In euros.',
    sheets: ['Hickory', 'Hornbeam'].map((name, s) => ({
      name,
      rows: [
        ['Stick', 'Bite', 'Will cost you', 'Tip', 'Taper', 'Balance'],
        ...made(9, (i): string[] => [
          `${name} ${letter(i)}`,
          pick(['5A, 5B, 7A', '5A'], i),
          i % 5 === 3 ? `from €${11 + i}` : `€${11 + i + s}.50`,
          pick(['acorn', 'ball'], i),
          pick(['long', 'short'], i),
          pick(['front', 'back'], i),
        ]),
      ],
    })),
    currency: 'EUR',
    columns: 'title option price particular particular particular',
    want: made(18, (n) => {
      const s = Math.floor(n / 9);
      const i = n % 9;
      return pick([['5A', '5B', '7A'], ['5A']], i).map(
        (size) =>
          `${pick(['Hickory', 'Hornbeam'], s)} ${letter(i)} | ${size} | ${i % 5 === 3 ? '?' : (11 + i + s) * 100 + 50} | ∞`,
      );
    })
      .flat()
      .join('\n'),
  },
  {
    drawn: '990417/18 beaded earrings, Marrakesh',
    file: 'boucles.csv',
    brief: 'Les Perles de Kenza, boucles d’oreilles brodées à Marrakech. Prix en dirhams.',
    text: `Désignation;Couleur;Prix;Réf.;Perle;Fil;Fermoir;Longueur;Rangs;Atelier
${made(
  60,
  (i) =>
    `Boucles ${Math.floor(i / 3) + 1};${pick(['rouge', 'vert', 'or'], i)};${180 + (Math.floor(i / 3) % 5) * 20},00 DH;PK ${100 + i} ${pick(['R', 'V', 'O'], i)};${pick(['verre', 'corail'], Math.floor(i / 3))};soie;${pick(['argent', 'laiton'], Math.floor(i / 3))};${4 + (Math.floor(i / 3) % 3)} cm;${3 + (Math.floor(i / 3) % 4)};médina`,
).join('\n')}
`,
    currency: 'MAD',
    columns: 'title option price sku particular particular particular particular particular particular',
    want: made(
      60,
      (i) =>
        `Boucles ${Math.floor(i / 3) + 1} | ${pick(['rouge', 'vert', 'or'], i)} | ${(180 + (Math.floor(i / 3) % 5) * 20) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '990417/19 tamarind sweets, Gdańsk',
    file: 'tamarind.jsonl',
    brief: 'Kwaśne: tamarind sweets boiled in Gdańsk. Prices in złoty.',
    text: jsonLines(
      made(18, (i) => ({
        'the sweet': `Sour ${Math.floor(i / 2) + 1}`,
        'bag of': pick(['100 g', '250 g'], i),
        normally: `${12 + (i % 2) * 14},00 zł`,
        'on offer for': i % 6 === 2 ? '9,90 zł' : '',
        'what people say': i === 5 ? 'Makes you "blink"\ntwice.' : '',
      })),
    ),
    currency: 'PLN',
    columns: 'title option earlierPrice price description',
    want: made(
      18,
      (i) =>
        `Sour ${Math.floor(i / 2) + 1} | ${pick(['100 g', '250 g'], i)} | ${i % 6 === 2 ? 990 : (12 + (i % 2) * 14) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '990417/20 facsimile letters, Durban',
    file: 'letters.xml',
    brief: 'Ink Twice makes facsimiles of old letters in Durban. Rand.',
    text: feed(
      made(18, (i) => [
        ['letter', `Letter ${Math.floor(i / 2) + 1}`],
        ['set', `IT${Math.floor(i / 2)}`],
        ['note', '<p>After the <em>original</em>.</p>'],
        ['paper', pick(['laid', 'wove'], i)],
        ['price', i === 7 ? '£14' : `R ${180 + i * 10}`],
        ['note', pick(['sealed', 'folded'], Math.floor(i / 2))],
      ]),
    ),
    currency: 'ZAR',
    columns: 'title group description option price particular',
    want: made(
      18,
      (i) => `Letter ${Math.floor(i / 2) + 1} | ${pick(['laid', 'wove'], i)} | ${i === 7 ? '?' : (180 + i * 10) * 100} | ∞`,
    ).join('\n'),
  },
];
