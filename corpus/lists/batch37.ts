import { feed, fixedWidth, gtin, jsonLines, made, pick, product, savedPage, type ListCase } from './case';

const swim = ['Balaton női', 'Balaton férfi', 'Velence', 'Tisza', 'Hévíz', 'Duna', 'Fertő'] as const;
const fossil = ['Ammonite', 'Trilobite', 'Shark tooth', 'Fern', 'Fish', 'Sea urchin', 'Petrified wood', 'Crab'] as const;
const puppet = [
  'Yakshagana stage',
  'Shadow frame',
  'Table theatre',
  'Suitcase theatre',
  'Doorway theatre',
  'Curtain set',
] as const;
const biscuit = ['Petticoat tails', 'Fingers', 'Rounds', 'Cashew', 'Coconut', 'Ginger', 'Coffee'] as const;
const tie = ['Mutrah', 'Nizwa', 'Sur', 'Salalah', 'Bahla', 'Ibri', 'Sohar'] as const;
const opener = ['Zander', 'Snoek', 'Paling', 'Baars', 'Forel', 'Karper', 'Voorn', 'Zalm'] as const;
const hand = ['Spade', 'Breguet', 'Cathedral', 'Baton', 'Sword', 'Moon', 'Arrow', 'Skeleton'] as const;
const drum = ['Akebono', 'Equinox', 'Pygmy', 'Celtic minor', 'Hijaz', 'Kurd'] as const;

/** Drawn (303113, 303114, 303115; those without a list left out) and written on 30 November 2026, before the reader was run on any. */
export const batch37: ListCase[] = [
  {
    drawn: '303113/1 incontinence swimwear, Budapest',
    file: 'furdo.tsv',
    brief: 'Fürdőruhák inkontinencia ellen, Budapest. Árak forintban.',
    text: `${made(
      35,
      (i) =>
        `${i % 5 ? '' : pick(swim, i / 5)}\t${['S', 'M', 'L', 'XL', 'XXL'][i % 5]}\t${14 + Math.floor(i / 5)} 900 Ft\t${pick(['raktáron', 'elfogyott', 'kettő', 'raktáron', 'egy'], i)}\t${gtin(599000000000 + i, i === 22 ? 4 : 0)}`,
    ).join('\n')}\n`,
    currency: 'HUF',
    columns: 'title option price stock gtin',
    want: made(
      35,
      (i) =>
        `${pick(swim, Math.floor(i / 5))} | ${['S', 'M', 'L', 'XL', 'XXL'][i % 5]} | ${((14 + Math.floor(i / 5)) * 1000 + 900) * 100} | ${['∞', '0', '2', '∞', '1'][i % 5]}`,
    ).join('\n'),
  },
  {
    drawn: '303113/2 ploughman’s knives, Quito',
    file: 'knives.txt',
    brief: 'Knives for ploughmen, forged in Quito, Ecuador.',
    text: `K 01 | Ploughman's knife | handle | cow horn | $38.00 | three
K 02 | Ploughman's knife | handle | chonta wood | $34.00 | sold out
K 03 | Hoof pick | length | 14 cm | $12.00 | plenty
`,
    currency: 'USD',
    columns: 'sku title optionName optionValue price stock',
    want: `Ploughman's knife | cow horn | 3800 | 3
Ploughman's knife | chonta wood | 3400 | 0
Hoof pick | 14 cm | 1200 | ∞`,
  },
  {
    drawn: '303113/3 fossils, Santiago',
    file: 'fosiles.tsv',
    brief: 'Fossils from Chile and elsewhere, Santiago. Chilean pesos.',
    text: `Fossil\tSize\tPrice\tAge\tFound\tFound\tMatrix\n${made(
      120,
      (i) =>
        `${i % 3 ? '' : `${pick(fossil, i / 3)} ${i / 3 + 1}`}\t${['small', 'medium', 'large'][i % 3]}\t$${(8 + (i % 3) * 6 + (Math.floor(i / 3) % 5)).toString()}.500\t${pick(['150 million years', '12 million years', '380 million years'], Math.floor(i / 3))}\t${pick(['Atacama', 'Caldera', 'Magallanes'], Math.floor(i / 3))}\t${pick(['1998', '2011', '2019', '2024'], Math.floor(i / 3))}\t${pick(['limestone', 'shale', 'none'], Math.floor(i / 3))}`,
    ).join('\n')}\n`,
    currency: 'CLP',
    columns: 'title option price particular particular particular particular',
    want: made(
      120,
      (i) =>
        `${pick(fossil, Math.floor(i / 3))} ${Math.floor(i / 3) + 1} | ${['small', 'medium', 'large'][i % 3]} | ${(8 + (i % 3) * 6 + (Math.floor(i / 3) % 5)) * 1000 + 500} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '303113/4 kalimbas, Córdoba',
    file: 'kalimbas.json',
    brief: 'Kalimbas de Córdoba, Argentina. Pesos argentinos.',
    text: JSON.stringify(
      made(18, (i) => ({
        model: `KL-${Math.floor(i / 3) + 1}`,
        name: `Kalimba ${pick(['Suquía', 'Ansenuza', 'Calamuchita', 'Punilla', 'Traslasierra', 'Uritorco'], Math.floor(i / 3))}`,
        tines: [8, 10, 17][i % 3],
        'weight (g)': 280 + (i % 3) * 90,
        'price (ARS)': i === 7 ? 'from 42000' : i === 14 ? '60000 - 68000' : 32000 + (i % 3) * 9000 + Math.floor(i / 3) * 1500,
        wood: pick(['algarrobo', 'cedro'], Math.floor(i / 3)),
      })),
    ),
    currency: 'ARS',
    columns: 'group title option weight price particular',
    want: made(
      18,
      (i) =>
        `Kalimba ${pick(['Suquía', 'Ansenuza', 'Calamuchita', 'Punilla', 'Traslasierra', 'Uritorco'], Math.floor(i / 3))} | ${[8, 10, 17][i % 3]} | ${i === 7 || i === 14 ? '?' : (32000 + (i % 3) * 9000 + Math.floor(i / 3) * 1500) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '303113/5 lutes, Jakarta',
    file: 'gambus.html',
    brief: 'Gambus dan kecapi buatan tangan, Jakarta, Indonesia.',
    text: savedPage('Gambus', [
      ...[0, 1, 2, 3, 4, 5].map((i) =>
        product(
          ['Gambus Riau', 'Gambus Riau', 'Gambus Melayu', 'Gambus Melayu', 'Kecapi Sunda', 'Oud kecil'][i] ?? '',
          `${2400000 + i * 350000}`,
          'IDR',
          {
            pilihan: ['Dawai', 'Dawai', 'Dawai', 'Dawai', 'Ukuran', 'Dawai'][i],
            nilai: ['7', '9', '9', '12', '90 cm', '11'][i],
            kayu: ['nangka', 'nangka', 'mahoni', 'mahoni', 'kenanga', 'nangka'][i],
            kulit: ['kambing', 'kambing', 'kambing', 'kambing', 'tanpa', 'ikan'][i],
            setelan: ['D', 'D', 'C', 'C', 'pelog', 'D'][i],
            pegas: ['hitam', 'hitam', 'cokelat', 'cokelat', 'hitam', 'cokelat'][i],
            'lama pengerjaan': ['40 hari', '40 hari', '55 hari', '55 hari', '30 hari', '60 hari'][i],
            pembuat: ['Pak Usman', 'Pak Usman', 'Bu Sari', 'Bu Sari', 'Kang Ujang', 'Pak Usman'][i],
          },
        ),
      ),
    ]),
    currency: 'IDR',
    columns: 'title optionName optionValue particular particular particular particular particular particular price currency',
    want: `Gambus Riau | 7 | 240000000 | ∞
Gambus Riau | 9 | 275000000 | ∞
Gambus Melayu | 9 | 310000000 | ∞
Gambus Melayu | 12 | 345000000 | ∞
Kecapi Sunda | 90 cm | 380000000 | ∞
Oud kecil | 11 | 415000000 | ∞`,
  },
  {
    drawn: '303113/6 puppet theatres, Bangalore',
    file: 'theatres.csv',
    brief: 'Puppet theatres made in Bangalore, India. Rupees.',
    text: `What we build,How heavy,What you pay,Left in the loft\n${made(
      120,
      (i) =>
        `${pick(puppet, i)} no. ${i + 1},${(2.4 + (i % 8) * 0.6).toFixed(1)} kg,"₹${4 + (i % 9)},${String((i * 50) % 1000).padStart(3, '0')}",${i % 5}`,
    ).join('\n')}\n`,
    currency: 'INR',
    columns: 'title weight price stock',
    want: made(
      120,
      (i) => `${pick(puppet, i)} no. ${i + 1} |  | ${((4 + (i % 9)) * 1000 + ((i * 50) % 1000)) * 100} | ${i % 5}`,
    ).join('\n'),
  },
  {
    drawn: '303113/7 vanilla, Budapest',
    file: 'vanilla.csv',
    brief: 'Vanilla in Budapest, Hungary. Prices in forints.',
    text: `Name,Pack,Smell,Smell,Price
Bourbon pods,5 pods,prune,cocoa,4 900 Ft
Bourbon pods,25 pods,prune,cocoa,19 900 Ft
Tahiti pods,5 pods,anise,flowers,€22.00
`,
    currency: 'HUF',
    columns: 'title option particular particular price',
    want: `Bourbon pods | 5 pods | 490000 | ∞
Bourbon pods | 25 pods | 1990000 | ∞
Tahiti pods | 5 pods | ? | ∞`,
  },
  {
    drawn: '303114/2 mountaineering rope, retired, as dog leads, Kraków',
    file: 'leads.xml',
    brief: 'Dog leads out of retired climbing rope, Kraków, Poland. Złoty.',
    text: feed(
      made(18, (i) => [
        [
          'what',
          `${pick(['Lead', 'Long lead', 'Collar', 'Harness loop', 'Throw knot', 'Key loop'], Math.floor(i / 3))} - ${['blue', 'orange', 'mixed'][i % 3]}`,
        ],
        ['said_of_it', i === 4 ? 'Nine falls, "then retired.' : 'Nine falls, then retired.'],
        ['we_ask', i % 7 === 5 ? '' : `${45 + Math.floor(i / 3) * 10},00 zł`],
      ]),
    ),
    currency: 'PLN',
    columns: 'title description price',
    want: made(
      18,
      (i) =>
        `${pick(['Lead', 'Long lead', 'Collar', 'Harness loop', 'Throw knot', 'Key loop'], Math.floor(i / 3))} | ${['blue', 'orange', 'mixed'][i % 3]} | ${i % 7 === 5 ? '?' : (45 + Math.floor(i / 3) * 10) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '303114/4 shortbread, Dar es Salaam',
    file: 'shortbread.jsonl',
    brief: 'Shortbread baked in Dar es Salaam, Tanzania. Shillings.',
    text: jsonLines(
      made(700, (i) => ({
        title: `${pick(biscuit, Math.floor(i / 5))} ${Math.floor(i / 5) + 1}`,
        colour: pick(['white tin', 'white tin', 'red tin', 'red tin', 'blue tin'], i % 5),
        size: ['small', 'large', 'small', 'large', 'large'][i % 5],
        price: 9000 + (i % 5) * 2500 + (Math.floor(i / 5) % 4) * 500,
        weight: ['200 g', '0.5 kg', '200 g', '0.5 kg', '0.5 kg'][i % 5],
        butter: pick(['82 %', '84 %'], Math.floor(i / 5)),
        'bakes for': pick(['28 min', '35 min'], Math.floor(i / 5)),
        keeps: pick(['3 months', '5 months'], Math.floor(i / 5)),
      })),
    ),
    currency: 'TZS',
    columns: 'title option option price weight particular particular particular',
    want: made(
      700,
      (i) =>
        `${pick(biscuit, Math.floor(i / 5))} ${Math.floor(i / 5) + 1} | ${pick(['white tin', 'white tin', 'red tin', 'red tin', 'blue tin'], i % 5)} / ${['small', 'large', 'small', 'large', 'large'][i % 5]} | ${(9000 + (i % 5) * 2500 + (Math.floor(i / 5) % 4) * 500) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '303114/5 turf cutters, Graz',
    file: 'stecher.csv',
    brief: 'Torfstecher, geschmiedet in Graz, Österreich.',
    text: `Bez.;VK;Best.;EAN\n${made(
      18,
      (i) =>
        `${pick(['Torfstecher', 'Kantenstecher', 'Rasenkanter', 'Drainspaten', 'Moorspaten', 'Stiel'], Math.floor(i / 3))} – ${['klein', 'mittel', 'groß'][i % 3]};${i % 8 === 6 ? '' : `${48 + Math.floor(i / 3) * 6 + (i % 3) * 5},90`};${(i * 4) % 9};${gtin(900100000000 + i, i === 10 ? 3 : 0)}`,
    ).join('\n')}\n`,
    currency: 'EUR',
    columns: 'title price stock gtin',
    want: made(
      18,
      (i) =>
        `${pick(['Torfstecher', 'Kantenstecher', 'Rasenkanter', 'Drainspaten', 'Moorspaten', 'Stiel'], Math.floor(i / 3))} | ${['klein', 'mittel', 'groß'][i % 3]} | ${i % 8 === 6 ? '?' : (48 + Math.floor(i / 3) * 6 + (i % 3) * 5) * 100 + 90} | ${(i * 4) % 9}`,
    ).join('\n'),
  },
  {
    drawn: '303114/6 knitting belts, Plovdiv',
    file: 'belts.xlsx',
    brief: 'Knitting belts from Plovdiv, Bulgaria. Euro.',
    sheets: [
      {
        name: 'Belts',
        rows: [
          ['The belt', 'We sell it for', 'A word on it'],
          ...made(24, (i) => [
            `${pick(['Shetland belt', 'Rhodope belt', 'Sheath', 'Child belt', 'Wide belt', 'Travel belt', 'Waxed belt', 'Old pattern belt'], Math.floor(i / 3))}, ${['black', 'brown', 'natural'][i % 3]}`,
            i % 11 === 8 ? '' : 38 + Math.floor(i / 3) * 4,
            'Horsehair inside.\nThe buckle is "brass".',
          ]),
        ],
      },
      {
        name: 'Needles and so on',
        rows: [
          ['The belt', 'We sell it for', 'A word on it'],
          ...made(11, (i) => [
            pick(
              [
                'Long needle',
                'Wire',
                'Needle case',
                'Yarn guide',
                'Hook',
                'Oil',
                'Awl',
                'Spare buckle',
                'Strap',
                'Pattern',
                'Sample',
              ],
              i,
            ),
            i === 3 ? '' : 4 + i * 1.5,
            'Goes with every belt.',
          ]),
        ],
      },
    ],
    currency: 'EUR',
    columns: 'title price description',
    want: [
      ...made(
        24,
        (i) =>
          `${pick(['Shetland belt', 'Rhodope belt', 'Sheath', 'Child belt', 'Wide belt', 'Travel belt', 'Waxed belt', 'Old pattern belt'], Math.floor(i / 3))} | ${['black', 'brown', 'natural'][i % 3]} | ${i % 11 === 8 ? '?' : (38 + Math.floor(i / 3) * 4) * 100} | ∞`,
      ),
      ...made(
        11,
        (i) =>
          `${pick(['Long needle', 'Wire', 'Needle case', 'Yarn guide', 'Hook', 'Oil', 'Awl', 'Spare buckle', 'Strap', 'Pattern', 'Sample'], i)} |  | ${i === 3 ? '?' : 400 + i * 150} | ∞`,
      ),
    ].join('\n'),
  },
  {
    drawn: '303114/7 bow ties, Muscat',
    file: 'ties.html',
    brief: 'Bow ties sewn in Muscat, Oman. Rials.',
    text: savedPage(
      'Ties',
      made(700, (i) =>
        product(
          `${pick(tie, Math.floor(i / 2))} ${Math.floor(i / 2) + 1}`,
          i === 400 ? '19.00' : `${6 + (i % 9)}.500`,
          i === 400 ? 'USD' : 'OMR',
          {
            gtin13: gtin(608000000000 + i, i === 511 ? 2 : 0),
            'neck drama': i % 4 < 2 ? 'Kind' : 'Width',
            'your verdict': i % 4 < 2 ? (['self-tied', 'ready-tied'][i % 2] ?? '') : (['6 cm', '8 cm'][i % 2] ?? ''),
          },
        ),
      ),
    ),
    currency: 'OMR',
    columns: 'title gtin optionName optionValue price currency',
    want: made(
      700,
      (i) =>
        `${pick(tie, Math.floor(i / 2))} ${Math.floor(i / 2) + 1} | ${i % 4 < 2 ? ['self-tied', 'ready-tied'][i % 2] : ['6 cm', '8 cm'][i % 2]} | ${i === 400 ? '?' : (6 + (i % 9)) * 1000 + 500} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '303115/1 cloth nappies, Zaragoza',
    file: 'nappies.tsv',
    brief: 'Cloth nappies sewn in Zaragoza, Spain.',
    text: `What baby wears\tYou choose the\tWhich is\tBefore\tToday\tAbout it
All-in-one\tsize\tnewborn\t\t18.00\t<p>Bamboo and <b>cotton</b>.</p>
All-in-one\tsize\ttoddler\t24.00\t19.50\t<p>Bamboo and <b>cotton</b>.</p>
Prefold\tsize\tsmall\t\t4.00\t<p>Six layers.</p>
Prefold\tsize\tlarge\t6.00\t5.00\t<p>Six layers.</p>
Wool cover\tsize\tnewborn\t\t29.00\t<p>Merino, <i>lanolised</i>.</p>
Wool cover\tsize\ttoddler\t\t34.00\t<p>Merino, <i>lanolised</i>.</p>
Insert\tcloth\themp\t8.00\t6.50\t<p>Slow, but holds.</p>
Insert\tcloth\tcotton\t\t5.00\t<p>Fast.</p>
Wet bag\tcolour\tolive\t\t14.00\t<p>Two zips.</p>
Wet bag\tcolour\trust\t\t14.00\t<p>Two zips.</p>
Liners\tpack\t100\t\t7.00\t<p>Viscose.</p>
`,
    currency: 'EUR',
    columns: 'title optionName optionValue earlierPrice price description',
    want: `All-in-one | newborn | 1800 | ∞
All-in-one | toddler | 1950 | ∞
Prefold | small | 400 | ∞
Prefold | large | 500 | ∞
Wool cover | newborn | 2900 | ∞
Wool cover | toddler | 3400 | ∞
Insert | hemp | 650 | ∞
Insert | cotton | 500 | ∞
Wet bag | olive | 1400 | ∞
Wet bag | rust | 1400 | ∞
Liners | 100 | 700 | ∞`,
  },
  {
    drawn: '303115/2 letter openers, Antwerp',
    file: 'openers.csv',
    brief: 'Letter openers forged in Antwerp, Belgium. Euro.',
    text: `What wins against the taxman;Its coat;Your sacrifice;Edge;Tang;Steel\n${made(
      120,
      (i) =>
        `${pick(opener, Math.floor(i / 3))} ${Math.floor(i / 24) + 1};${['oiled', 'blued', 'bare'][i % 3]};${i % 30 === 4 ? 'vanaf 30' : i % 30 === 22 ? '28 tot 34' : `${24 + (i % 3) * 4 + Math.floor(i / 24)},50`};${pick(['round', 'flat'], Math.floor(i / 3))};${pick(['full', 'hidden', 'rat tail'], Math.floor(i / 3))};${pick(['C45', '1.2842', 'spring'], Math.floor(i / 3))}`,
    ).join('\n')}\n`,
    currency: 'EUR',
    columns: 'title option price particular particular particular',
    want: made(
      120,
      (i) =>
        `${pick(opener, Math.floor(i / 3))} ${Math.floor(i / 24) + 1} | ${['oiled', 'blued', 'bare'][i % 3]} | ${i % 30 === 4 || i % 30 === 22 ? '?' : (24 + (i % 3) * 4 + Math.floor(i / 24)) * 100 + 50} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '303115/3 oyster shuckers, Tartu',
    file: 'shuckers.xml',
    brief: 'Oyster knives made in Tartu, Estonia.',
    text: feed(
      [
        ['Saaremaa', 'juniper', '34.00'],
        ['Saaremaa', 'bog oak', '42.00'],
        ['Hiiumaa', 'juniper', '36.00'],
        ['Hiiumaa', 'bog oak', '44.00'],
        ['Muhu guard glove', 'left', '28.00'],
        ['Muhu guard glove', 'right', '28.00'],
      ].map(([title = '', option = '', price = '']) => [
        ['title', title],
        ['description', 'Short blade.\nFits a "small" hand.'],
        ['price', `${price} EUR`],
        ['variant', option],
        ['steel', title === 'Saaremaa' ? '440C' : title === 'Hiiumaa' ? 'AEB-L' : ''],
        ['blade', title === 'Muhu guard glove' ? '' : '65 mm'],
        ['hardness', title === 'Muhu guard glove' ? '' : '58 HRC'],
      ]),
    ),
    currency: 'EUR',
    columns: 'title description price option particular particular particular',
    want: `Saaremaa | juniper | 3400 | ∞
Saaremaa | bog oak | 4200 | ∞
Hiiumaa | juniper | 3600 | ∞
Hiiumaa | bog oak | 4400 | ∞
Muhu guard glove | left | 2800 | ∞
Muhu guard glove | right | 2800 | ∞`,
  },
  {
    drawn: '303115/4 genealogy charts, Colombo',
    file: 'charts.txt',
    brief: 'Family trees, drawn by hand in Colombo, Sri Lanka. Rupees.',
    text: `Kind of tree|What we draw|How many generations|Our charge|Can we start|Paper|Ink|Script|Frame|Takes|Corrections
GT|Banyan chart|five|Rs 18,500|at once|cotton rag|iron gall|Sinhala|none|3 weeks|two
GT|Banyan chart|eight|Rs 29,000|at once|cotton rag|iron gall|Sinhala|none|6 weeks|two
PL|Palm leaf|four|Rs 42,000|booked until May|palm leaf|soot|Tamil|teak|4 months|none
`,
    currency: 'LKR',
    columns: 'group title option price stock/particular particular particular particular particular particular particular',
    want: `Banyan chart | five | 1850000 | ∞
Banyan chart | eight | 2900000 | ∞
Palm leaf | four | 4200000 | ∞`,
  },
  {
    drawn: '303115/5 clock hands, a ferry island near Vancouver',
    file: 'hands.tsv',
    brief: 'Clock hands sawn on a ferry island near Vancouver, Canada.',
    text: `Hands\tOption\tValue\tPrice\tNote\tNote\n${made(120, (i) =>
      i === 119
        ? 'Example hands\tLength\t1 mm\t$0.00\tLorem ipsum\t'
        : `${pick(hand, Math.floor(i / 4))} hands ${Math.floor(i / 4) + 1}\tLength\t${[30, 45, 60, 90][i % 4]} mm\t$${12 + (i % 4) * 5 + (Math.floor(i / 4) % 3)}.00\t<p>Sawn from <b>brass</b>.</p>\t${pick(['blued on request', ''], Math.floor(i / 4))}`,
    ).join('\n')}\n`,
    currency: 'CAD',
    columns: 'title optionName optionValue price description particular',
    want: made(
      119,
      (i) =>
        `${pick(hand, Math.floor(i / 4))} hands ${Math.floor(i / 4) + 1} | ${[30, 45, 60, 90][i % 4]} mm | ${(12 + (i % 4) * 5 + (Math.floor(i / 4) % 3)) * 100} | ∞`,
    ).join('\n'),
    leftOut: 1,
  },
  {
    drawn: '303115/6 steel tongue drums, Cluj',
    file: 'drums.txt',
    brief: 'Steel tongue drums cut and tuned in Cluj, Romania. Lei.',
    text: fixedWidth(
      [12, 26, 18, 20],
      [
        ['Our number', 'The drum', 'We ask', 'Ready'],
        ...made(18, (i) => [
          `TD ${410 + i}`,
          `${pick(drum, i)} ${['nine', 'eleven', 'thirteen'][Math.floor(i / 6)]}`,
          `${850 + i * 60} lei`,
          pick(['in stock', 'one', 'made to order', 'sold out'], i),
        ]),
      ],
    ),
    currency: 'RON',
    columns: 'sku title price stock',
    want: made(
      18,
      (i) =>
        `${pick(drum, i)} ${['nine', 'eleven', 'thirteen'][Math.floor(i / 6)]} |  | ${(850 + i * 60) * 100} | ${['∞', '1', '∞', '0'][i % 4]}`,
    ).join('\n'),
  },
  {
    drawn: '303115/7 tablet weaving cards, Montevideo',
    file: 'cards.csv',
    brief: 'Cards for tablet weaving, cut in Montevideo, Uruguay. Pesos.',
    text: `Code,Cards,Option,Value,Price (UYU),Edge (mm),Holes (n),Corner radius (mm),Hole (mm),Thickness (mm),Finish
TW 01,Beech cards,pack,24,890,60,4,6,7,2,oiled
TW 02,Beech cards,pack,48,1590,60,4,6,7,2,oiled
TW 03,Six-hole cards,pack,24,990,70,6,6,7,2,oiled
TW 04,Leather cards,pack,24,1850,60,4,4,6,3,raw
TW 05,Leather cards,pack,48,3400,60,4,4,6,3,raw
TW 06,Cardboard cards,pack,52,390,70,4,8,8,1,waxed
TW 07,Shuttle,wood,lapacho,450,20,0,3,0,8,oiled
TW 08,Shuttle,wood,beech,380,20,0,3,0,8,oiled
TW 09,Belt,width,8 cm,1200,80,2,5,10,4,raw
TW 10,Belt,width,12 cm,1500,120,2,5,10,4,raw
TW 11,Clamp,pair,steel,690,30,1,0,9,5,raw
`,
    currency: 'UYU',
    columns: 'sku title optionName optionValue price particular particular particular particular particular particular',
    want: `Beech cards | 24 | 89000 | ∞
Beech cards | 48 | 159000 | ∞
Six-hole cards | 24 | 99000 | ∞
Leather cards | 24 | 185000 | ∞
Leather cards | 48 | 340000 | ∞
Cardboard cards | 52 | 39000 | ∞
Shuttle | lapacho | 45000 | ∞
Shuttle | beech | 38000 | ∞
Belt | 8 cm | 120000 | ∞
Belt | 12 cm | 150000 | ∞
Clamp | steel | 69000 | ∞`,
  },
];
