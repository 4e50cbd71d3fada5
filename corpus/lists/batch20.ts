import { fixedWidth, jsonLines, made, pick, savedPage, type ListCase } from './case';

const bird = ['Bird', 'Fish', 'Tortoise', 'Crab', 'Heron'] as const;
const stove = ['Single burner', 'Twin burner', 'Lantern', 'Spirit stove'] as const;

/** Drawn (272011) and written on 27 November 2026, before the reader was run on any. Two of the twenty that were drawn have no list. */
export const batch20: ListCase[] = [
  {
    drawn: '272011/1 ocarinas, Dar es Salaam',
    file: 'ocarinas.tsv',
    encoding: 'windows-1252',
    brief: 'Mwanaidi, Dar es Salaam. Clay ocarinas, birds, fish and tortoises. We send to Tanzania, Kenya, Uganda and Rwanda.',
    text: [
      ['What whistles', 'Size', 'TSh', 'Key', 'Holes', 'Range', 'Breath', 'Glaze', 'Voice'].join('\t'),
      ...made(120, (i) =>
        [
          `${pick(bird, i % 5)} no. ${Math.floor(i / 5) + 1}`,
          'S, M',
          String(18000 + (i % 5) * 3500 + Math.floor(i / 30) * 1000),
          pick(['C', 'D', 'F', 'G'], i),
          String(4 + 2 * (i % 2)),
          pick(['one octave', 'an octave and a third'], i),
          pick(['soft', 'medium', 'strong'], i),
          pick(['none', 'ash', 'café'], i),
          pick(['dove', 'owl', 'kettle', 'child'], Math.floor(i / 3)),
        ].join('\t'),
      ),
    ].join('\r\n'),
    currency: 'TZS',
    columns: 'title option price particular particular particular particular particular particular',
    want: made(120, (i) => i)
      .flatMap((i) =>
        ['S', 'M'].map(
          (size) =>
            `${pick(bird, i % 5)} no. ${Math.floor(i / 5) + 1} | ${size} | ${(18000 + (i % 5) * 3500 + Math.floor(i / 30) * 1000) * 100} | ∞`,
        ),
      )
      .join('\n'),
  },
  {
    drawn: '272011/2 road-sign furniture, Rostock',
    file: 'moebel.txt',
    brief: 'Kreisverkehr, Rostock. Stools, tables and shelves from old road signs. VAT is in it.',
    text: fixedWidth(
      [24, 12, 14, 16, 26],
      [
        ['Piece', 'Seat (cm)', 'Price (EUR)', 'Weight (kg)', 'Where'],
        ['Stool, stop', '44', '240,00', '5,2', 'Seating > Stools'],
        ['Stool, stop', '48', '255,00', '5,6', 'Seating > Stools'],
        ['Table, give way', '60', '390,00', '11,0', 'Tables > Side tables'],
        ['Table, give way', '74', '', '14,5', 'Tables > Dining'],
        ['Shelf, town sign', '100', '180,00', '7,8', 'Storage > Shelves'],
        ['Shelf, town sign', '120', '', '9,1', 'Storage > Shelves'],
      ],
    ),
    currency: 'EUR',
    columns: 'title option price weight category',
    want: `Stool, stop | 44 | 24000 | ∞
Stool, stop | 48 | 25500 | ∞
Table, give way | 60 | 39000 | ∞
Table, give way | 74 | ? | ∞
Shelf, town sign | 100 | 18000 | ∞
Shelf, town sign | 120 | ? | ∞`,
  },
  {
    drawn: '272011/3 barometers, Rostock',
    file: 'barometer.psv',
    brief: 'Henning Lührs, Warnemünde. Restored barometers. Europe.',
    text: `Instrument|Option 1 name|Option 1 value|Price (€)|Deviation (hPa)|Height (mm)
Aneroid, Lübeck, about 1890|Case|oak|420|0.8|190
Aneroid, Lübeck, about 1890|Case|brass|460|0.8|190
Stick barometer, about 1860|||1350|0.3|980
Your item here|Colour|Red|0|0|0
Product name|||||
`,
    currency: 'EUR',
    columns: 'title optionName optionValue price particular particular',
    want: `Aneroid, Lübeck, about 1890 | oak | 42000 | ∞
Aneroid, Lübeck, about 1890 | brass | 46000 | ∞
Stick barometer, about 1860 |  | 135000 | ∞`,
    leftOut: 2,
  },
  {
    drawn: '272011/5 shoe lasts, Dublin',
    file: 'lasts.csv',
    encoding: 'windows-1252',
    brief: 'Last & Lasting, Dublin. Shoe lasts from Irish hornbeam. Posted to Ireland, Britain and France.',
    text: `Derby last,37,€58,hornbeam
Derby last,38,€58,hornbeam
Derby last,39,€58,hornbeam
Boot last,38,€74,hornbeam
Boot last,40,€74,hornbeam
Court last,36,£49,lime
Court last,37,£49,lime
Clog last,39,€66,lime
Clog last,40,€66,lime
Child's last,24,€41,lime
Child's last,26,€41,lime
`,
    currency: 'EUR',
    columns: 'title option price particular',
    want: `Derby last | 37 | 5800 | ∞
Derby last | 38 | 5800 | ∞
Derby last | 39 | 5800 | ∞
Boot last | 38 | 7400 | ∞
Boot last | 40 | 7400 | ∞
Court last | 36 | ? | ∞
Court last | 37 | ? | ∞
Clog last | 39 | 6600 | ∞
Clog last | 40 | 6600 | ∞
Child's last | 24 | 4100 | ∞
Child's last | 26 | 4100 | ∞`,
  },
  {
    drawn: '272011/6 camping stoves, Boise',
    file: 'stoves.txt',
    brief: "Walt's Stoves, Boise ID. Used camp stoves, cleaned and burned in. Ships lower 48.",
    text: made(120, (i) => {
      const n = Math.floor(i / 4);
      return [
        `${pick(stove, n)} ${1952 + n}${n === 7 ? ' "the General' : ''}`,
        pick(['green', 'green', 'red', 'red'], i),
        pick(['small', 'large', 'small', 'large'], i),
        `$${(35 + n * 2 + (i % 2) * 12).toFixed(2)}`,
        i % 9 === 4 ? '0' : String(1 + (i % 3)),
      ].join('\t');
    })
      .filter((_, i) => i % 13 !== 6)
      .join('\n'),
    currency: 'USD',
    columns: 'title option option price stock',
    want: made(120, (i) => {
      const n = Math.floor(i / 4);
      return `${pick(stove, n)} ${1952 + n}${n === 7 ? ' "the General' : ''} | ${pick(['green', 'green', 'red', 'red'], i)} / ${pick(['small', 'large', 'small', 'large'], i)} | ${(35 + n * 2 + (i % 2) * 12) * 100} | ${i % 9 === 4 ? 0 : 1 + (i % 3)}`;
    })
      .filter((_, i) => i % 13 !== 6)
      .join('\n'),
  },
  {
    drawn: '272011/7 shoji lamps, San José',
    file: 'lamps.txt',
    brief: 'lámpara quieta, san josé costa rica, paper lamps like shoji, cypress frames. colones',
    text: `lamp; paper; height; we ask; number
Low lamp; white; 30 cm; 24 000; LQ 01 W 30
Low lamp; white; 45 cm; 29 000; LQ 01 W 45
Low lamp; natural; 30 cm; 24 000; LQ 01 N 30
Low lamp; natural; 45 cm; 29 000; LQ 01 N 45
Tall lamp; white; 90 cm; 52 000; LQ 02 W 90
Tall lamp; white; 120 cm; 61 000; LQ 02 W 120
Tall lamp; natural; 90 cm; 52 000; LQ 02 N 90
Hanging lamp; white; 30 cm; 33 000; LQ 03 W 30
Hanging lamp; white; 45 cm; 38 500; LQ 03 W 45
Hanging lamp; natural; 45 cm; 38 500; LQ 03 N 45
Wall lamp; white; 30 cm; 27 000; LQ 04 W 30
Wall lamp; natural; 30 cm; 27 000; LQ 04 N 30
Wall lamp, left; white; 30 cm; 27 000; LQ 05 W 30
Wall lamp, left; natural; 30 cm; 27 000; LQ 05 N 30
Floor lantern; white; 45 cm; 44 000; LQ 06 W 45
Floor lantern; natural; 45 cm; 44 000; LQ 06 N 45
Floor lantern II; white; 45 cm; 44 000; LQ 07 W 45
Floor lantern II; natural; 45 cm; 44 000; LQ 07 N 45
`,
    currency: 'CRC',
    columns: 'title option option price sku',
    want: `Low lamp | white / 30 cm | 2400000 | ∞
Low lamp | white / 45 cm | 2900000 | ∞
Low lamp | natural / 30 cm | 2400000 | ∞
Low lamp | natural / 45 cm | 2900000 | ∞
Tall lamp | white / 90 cm | 5200000 | ∞
Tall lamp | white / 120 cm | 6100000 | ∞
Tall lamp | natural / 90 cm | 5200000 | ∞
Hanging lamp | white / 30 cm | 3300000 | ∞
Hanging lamp | white / 45 cm | 3850000 | ∞
Hanging lamp | natural / 45 cm | 3850000 | ∞
Wall lamp | white / 30 cm | 2700000 | ∞
Wall lamp | natural / 30 cm | 2700000 | ∞
Wall lamp, left | white / 30 cm | 2700000 | ∞
Wall lamp, left | natural / 30 cm | 2700000 | ∞
Floor lantern | white / 45 cm | 4400000 | ∞
Floor lantern | natural / 45 cm | 4400000 | ∞
Floor lantern II | white / 45 cm | 4400000 | ∞
Floor lantern II | natural / 45 cm | 4400000 | ∞`,
  },
  {
    drawn: '272011/8 singing bowls, Thessaloniki',
    file: 'bowls.txt',
    brief: 'Fotis Bowls, Thessaloniki. Singing bowls for shops. Greece, Cyprus and Bulgaria.',
    text: `Product, Price, Stock
Bowl, 18 cm, 64 €, plenty
Bowl, 18 cm, heavy, 79 €, three or four
Striker, 9 €, none just now
`,
    currency: 'EUR',
    columns: 'title price stock',
    want: `Bowl, 18 cm |  | 6400 | ?
Bowl, 18 cm, heavy |  | 7900 | ?
Striker |  | 900 | 0`,
  },
  {
    drawn: '272011/9 saw blades, Reykjavík',
    file: 'blod.csv',
    brief: 'Saw blades from Reykjavík, ours and those of two smiths in Sweden. Krónur.',
    text: `What bites;How long;kr.;kr. before;Teeth per inch;Set;Steel;Kerf;Whose;Back
Frame saw blade;600 mm;14.900,00;16.500,00;5;0,3;C75;0,9;ours;-
;700 mm;16.200,00;;5;0,3;C75;0,9;ours;-
Fine saw blade;300 mm;8.400,00;;14;0,1;15N20;0,5;Sweden;brass
`,
    currency: 'ISK',
    columns: 'title option price earlierPrice particular particular particular particular particular particular',
    want: `Frame saw blade | 600 mm | 14900 | ∞
Frame saw blade | 700 mm | 16200 | ∞
Fine saw blade | 300 mm | 8400 | ∞`,
  },
  {
    drawn: '272011/10 sleds, Dublin',
    file: 'sleds.xlsx',
    brief: 'Sleamhnú, Dublin. Sleds of steamed ash, none twice. Ireland and Britain. Euro.',
    sheets: [
      {
        name: 'Sleds',
        rows: [
          ['Goes downhill', 'Costs', 'Choice', 'Which'],
          ['Sled, one child', 180, 'Rope', 'hemp'],
          ['Sled, one child', 180, 'Rope', 'cotton'],
          ['Sled, two children', '', 'Rope', 'hemp'],
        ],
      },
      {
        name: 'Toboggans',
        rows: [
          ['Goes downhill', 'Costs', 'Choice', 'Which'],
          ['Toboggan', 260, '', ''],
          ['Toboggan (second)', 260, '', ''],
        ],
      },
    ],
    currency: 'EUR',
    columns: 'title price optionName optionValue',
    want: `Sled, one child | hemp | 18000 | ∞
Sled, one child | cotton | 18000 | ∞
Sled, two children | hemp | ? | ∞
Toboggan |  | 26000 | ∞
Toboggan (second) |  | 26000 | ∞`,
  },
  {
    drawn: '272011/11 boat varnish, Bratislava',
    file: 'laky.csv',
    brief:
      'Kováč Lodné Laky, Bratislava. Boat varnish from linseed oil and larch resin. Slovakia, Austria, Hungary, Czech Republic.',
    text: `Lak;Cena (EUR);Kód;Hmotnosť (kg)
${made(700, (i) => {
  const n = Math.floor(i / 3);
  return `${pick(['Gloss varnish', 'Satin varnish', 'Deck oil', 'Primer', 'Spar varnish'], n)} ${100 + n} – ${pick(['0,75 l', '2,5 l', '5 l'], i)};${(12 + (n % 17) + (i % 3) * 19).toFixed(2).replace('.', ',')};KL ${100 + n} ${pick(['A', 'B', 'C'], i)};${pick(['0,9 kg', '2,8 kg', '5,4 kg'], i)}`;
}).join('\n')}
`,
    currency: 'EUR',
    columns: 'title price sku weight',
    want: made(700, (i) => {
      const n = Math.floor(i / 3);
      return `${pick(['Gloss varnish', 'Satin varnish', 'Deck oil', 'Primer', 'Spar varnish'], n)} ${100 + n} | ${pick(['0,75 l', '2,5 l', '5 l'], i)} | ${(12 + (n % 17) + (i % 3) * 19) * 100} | ∞`;
    }).join('\n'),
  },
  {
    drawn: '272011/12 vanilla, Colombo',
    file: 'vanilla.html',
    brief: 'Vanilla, pods and powder, from four growers near Kandy. Colombo. Rupees.',
    text: savedPage(
      'Vanilla',
      made(11, (i) => ({
        '@type': 'Product',
        name: pick(['Pods, long', 'Pods, short', 'Powder', 'Extract'], Math.floor(i / 3)),
        inProductGroupWithID: `VN ${Math.floor(i / 3) + 1}`,
        sku: `VN ${Math.floor(i / 3) + 1} ${pick(['a', 'b', 'c'], i)}`,
        size: pick(['10 g', '25 g', '100 g'], i),
        description: 'From near Kandy.\nSorted with a "ruler".',
        offers: {
          '@type': 'Offer',
          price: 900 + Math.floor(i / 3) * 200 + pick([0, 1300, 6200], i),
          priceCurrency: 'LKR',
        },
      })),
    ),
    currency: 'LKR',
    columns: 'title group sku option description price currency',
    want: made(
      11,
      (i) =>
        `${pick(['Pods, long', 'Pods, short', 'Powder', 'Extract'], Math.floor(i / 3))} | ${pick(['10 g', '25 g', '100 g'], i)} | ${(900 + Math.floor(i / 3) * 200 + pick([0, 1300, 6200], i)) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '272011/13 rubber boots for dogs, Ljubljana',
    file: 'boots.csv',
    brief: '4Tačke, Ljubljana. Rubber boots for dogs, in four sizes and by the single paw. Slovenia, Croatia, Austria.',
    text: `boot,choice,which one,we ask €,shaft cm,grip,breed it was fitted on
${made(120, (i) => {
  const n = Math.floor(i / 4);
  return `${pick(['Puddle', 'Snow', 'City', 'Beach', 'Trail'], n)} boot ${n + 1},Paw,${pick(['front left', 'front right', 'back left', 'back right'], i)},${(9 + (n % 6) * 1.5).toFixed(2)},${4 + (n % 9)},${pick(['ribbed', 'smooth'], n)},${pick(['spaniel', 'dachshund', 'husky', 'mongrel'], n)}`;
}).join('\n')}
`,
    currency: 'EUR',
    columns: 'title optionName optionValue price particular particular particular',
    want: made(120, (i) => {
      const n = Math.floor(i / 4);
      return `${pick(['Puddle', 'Snow', 'City', 'Beach', 'Trail'], n)} boot ${n + 1} | ${pick(['front left', 'front right', 'back left', 'back right'], i)} | ${Math.round((9 + (n % 6) * 1.5) * 100)} | ∞`;
    }).join('\n'),
  },
  {
    drawn: '272011/14 incontinence swimwear, Tartu',
    file: 'vesi.txt',
    brief: 'Vesi, Tartu. Swimwear for incontinence. Estonia, Latvia, Finland and Sweden. Euro.',
    text: fixedWidth(
      [18, 10, 6, 9, 9, 9],
      [
        ['Item', 'Col.', 'Sz', 'Pr.', 'Old pr.', 'Wt'],
        ['Brief, adult', 'black', 'M', '59,00', '69,00', '110 g'],
        ['Brief, adult', 'black', 'L', '59,00', '69,00', '120 g'],
        ['Brief, adult', 'navy', 'M', '59,00', '', '110 g'],
        ['Shorts, adult', 'black', 'M', '74,50', '', '190 g'],
        ['Shorts, adult', 'navy', 'M', '74,50', '', '190 g'],
        ['Shorts, adult', 'navy', 'L', '74,50', '82,00', '205 g'],
      ],
    ),
    currency: 'EUR',
    columns: 'title option option price earlierPrice weight',
    want: `Brief, adult | black / M | 5900 | ∞
Brief, adult | black / L | 5900 | ∞
Brief, adult | navy / M | 5900 | ∞
Shorts, adult | black / M | 7450 | ∞
Shorts, adult | navy / M | 7450 | ∞
Shorts, adult | navy / L | 7450 | ∞`,
  },
  {
    drawn: '272011/15 alpaca duvets, Tunis',
    file: 'duvets.jsonl',
    brief: 'Ghtaa, Tunis. Duvets filled with alpaca, quilted by hand. Dinars.',
    text: jsonLines(
      made(700, (i) => {
        const n = Math.floor(i / 3);
        return {
          title: `${pick(['Duvet', 'Quilt', 'Blanket', 'Topper'], n)} ${n + 1} - ${pick(['single', 'double', 'crib'], i)}`,
          description: `<p>Filled with <b>alpaca</b>, ${200 + (n % 5) * 50} g.</p><ul><li>Cotton cover</li></ul>`,
          price: Number((180 + (n % 7) * 12.5 + pick([0, 90, -60], i)).toFixed(3)),
          stock: (i * 7) % 5,
        };
      }),
    ),
    currency: 'TND',
    columns: 'title description price stock',
    want: made(700, (i) => {
      const n = Math.floor(i / 3);
      return `${pick(['Duvet', 'Quilt', 'Blanket', 'Topper'], n)} ${n + 1} | ${pick(['single', 'double', 'crib'], i)} | ${Math.round((180 + (n % 7) * 12.5 + pick([0, 90, -60], i)) * 1000)} | ${(i * 7) % 5}`;
    }).join('\n'),
  },
  {
    drawn: '272011/16 organ pipes as lamps, Montevideo',
    file: 'tubos.psv',
    brief: 'Tubo, Montevideo. Lamps out of organ pipes that no church wanted. Uruguay and Argentina.',
    text: `Was loud|What you choose|Your choice|Price
${made(34, (i) => {
  const n = Math.floor(i / 2);
  return `${pick(['Flute', 'Reed', 'Bourdon', 'Mixture'], n)} lamp ${n + 1}|Cable|${pick(['black', 'red'], i)}|${n === 8 ? `US$ ${140 + (i % 2) * 10}` : `$U ${4800 + n * 150}`}`;
}).join('\n')}
Pipe, by the kilo|||$U 620
`,
    currency: 'UYU',
    columns: 'title optionName optionValue price',
    want: [
      ...made(34, (i) => {
        const n = Math.floor(i / 2);
        return `${pick(['Flute', 'Reed', 'Bourdon', 'Mixture'], n)} lamp ${n + 1} | ${pick(['black', 'red'], i)} | ${n === 8 ? '?' : (4800 + n * 150) * 100} | ∞`;
      }),
      'Pipe, by the kilo |  | 62000 | ∞',
    ].join('\n'),
  },
  {
    drawn: '272011/17 sandals, Winterthur',
    file: 'riemen.jsonl',
    brief: 'Riemen, a workshop for sandals in Winterthur, with a second bench in Chur. Parcels within Switzerland.',
    text: jsonLines(
      made(35, (i) => ({
        art_no: `RI ${String(i + 1).padStart(3, '0')}`,
        descr: `${pick(['Sandal', 'Clog', 'Slipper', 'Mule', 'Sole'], i)} ${pick(['Töss', 'Eulach', 'Rhein', 'Thur', 'Sihl', 'Limmat', 'Aare'], Math.floor(i / 5))}`,
        txt: `<p>Straps from <em>one</em> hide.</p><p>Resoled in five days.</p>`,
        pr: `${95 + i * 2}.50`,
        wt: 320 + i * 5,
      })),
    ),
    currency: 'CHF',
    columns: 'sku title description price weight',
    want: made(
      35,
      (i) =>
        `${pick(['Sandal', 'Clog', 'Slipper', 'Mule', 'Sole'], i)} ${pick(['Töss', 'Eulach', 'Rhein', 'Thur', 'Sihl', 'Limmat', 'Aare'], Math.floor(i / 5))} |  | ${(95 + i * 2) * 100 + 50} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '272011/19 goose down pillows, Beirut',
    file: 'pillows.xlsx',
    brief: '7 Geese fills pillows with goose down in Beirut. US dollars.',
    sheets: [
      {
        name: 'Bed',
        rows: [
          ['Pillow', 'We charge', 'How many we have', 'Feels'],
          ['Pillow, soft', 68, 'a dozen', 'like bread'],
          ['Pillow, firm', 72, 'enough', 'like cheese'],
          ['Pillow, neck "the swan', 55, 'two', 'like a friend'],
        ],
      },
      {
        name: 'Travel',
        rows: [
          ['Pillow', 'We charge', 'How many we have', 'Feels'],
          ['Pillow, travel', 39, 'sold out', 'like home'],
          ['Pillow, child', 34, '15', 'like milk'],
          ['Cushion, chair', 29, 'many', 'like a nap'],
        ],
      },
    ],
    currency: 'USD',
    columns: 'title price stock particular',
    want: `Pillow, soft |  | 6800 | 12
Pillow, firm |  | 7200 | ?
Pillow, neck "the swan |  | 5500 | 2
Pillow, travel |  | 3900 | 0
Pillow, child |  | 3400 | 15
Cushion, chair |  | 2900 | ?`,
  },
  {
    drawn: '272011/20 yoga bolsters, Santiago',
    file: 'rollo.txt',
    brief: 'Rollo, Santiago. Yoga bolsters filled with buckwheat husk. Only Chile. Pesos.',
    text: `R1|Bolster, round|red|32.900|husk|2.4 kg|removable
R1|Bolster, round|orange|32.900|husk|2.4 kg|removable
R1|Bolster, round|grey|32.900|husk|2.4 kg|removable
R2|Bolster, flat|red|34.500|husk|2.9 kg|removable
R2|Bolster, flat|orange|34.500|husk|2.9 kg|removable
R3|Bolster, child|orange|24.900|husk|1.2 kg|fixed
R3|Bolster, child|grey|24.900|husk|1.2 kg|fixed
R4|Block, "the brick|cork|12.900|cork|0.6 kg|none
R5|Cushion, round|red|27.900|spelt|1.8 kg|removable
R5|Cushion, round|orange|27.900|spelt|1.8 kg|removable
R5|Cushion, round|grey|27.900|spelt|1.8 kg|removable
R6|Cushion, half-moon|red|28.900|spelt|1.7 kg|removable
R6|Cushion, half-moon|grey|28.900|spelt|1.7 kg|removable
R7|Eye pillow|orange|9.900|flax|0.2 kg|fixed
R7|Eye pillow|grey|9.900|flax|0.2 kg|fixed
R8|Cover, spare|red|14.900|none|0.3 kg|none
R8|Cover, spare|orange|14.900|none|0.3 kg|none
R8|Cover, spare|grey|14.900|none|0.3 kg|none
`,
    currency: 'CLP',
    columns: 'group title option price particular weight particular',
    want: `Bolster, round | red | 32900 | ∞
Bolster, round | orange | 32900 | ∞
Bolster, round | grey | 32900 | ∞
Bolster, flat | red | 34500 | ∞
Bolster, flat | orange | 34500 | ∞
Bolster, child | orange | 24900 | ∞
Bolster, child | grey | 24900 | ∞
Block, "the brick | cork | 12900 | ∞
Cushion, round | red | 27900 | ∞
Cushion, round | orange | 27900 | ∞
Cushion, round | grey | 27900 | ∞
Cushion, half-moon | red | 28900 | ∞
Cushion, half-moon | grey | 28900 | ∞
Eye pillow | orange | 9900 | ∞
Eye pillow | grey | 9900 | ∞
Cover, spare | red | 14900 | ∞
Cover, spare | orange | 14900 | ∞
Cover, spare | grey | 14900 | ∞`,
  },
];
