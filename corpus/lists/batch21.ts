import { feed, fixedWidth, gtin, made, pick, product, savedPage, type ListCase } from './case';

const pipe = ['Flute', 'Reed', 'Bourdon', 'Mixture', 'Salicional'] as const;
const grave = ['Wreath', 'Spray', 'Cross', 'Heart', 'Lily', 'Rose'] as const;

/** Drawn (280118) and written on 28 November 2026, before the reader was run on any. One of the twenty that were drawn has no list. */
export const batch21: ListCase[] = [
  {
    drawn: '280118/1 butter dishes, Muscat',
    file: 'dishes.html',
    brief: 'Zibda, Muscat. Butter dishes thrown from desert clay. We deliver in Oman. Rials.',
    text: savedPage('Zibda', [
      ...made(11, (i) =>
        product(
          `${pick(['Butter dish, round', 'Butter dish, long', 'Butter bell', 'Butter dish "for two'], Math.floor(i / 3))}`,
          (8.5 + Math.floor(i / 3) * 1.25).toFixed(3),
          'OMR',
          {
            inProductGroupWithID: `BD${Math.floor(i / 3) + 1}`,
            color: pick(['sand', 'smoke', 'white'], i),
            offer:
              i % 4 === 1
                ? {
                    priceSpecification: {
                      '@type': 'UnitPriceSpecification',
                      priceType: 'https://schema.org/StrikethroughPrice',
                      price: '12.000',
                      priceCurrency: 'OMR',
                    },
                  }
                : {},
          },
        ),
      ),
    ]),
    currency: 'OMR',
    columns: 'title group option price currency earlierPrice/particular',
    want: made(
      11,
      (i) =>
        `${pick(['Butter dish, round', 'Butter dish, long', 'Butter bell', 'Butter dish "for two'], Math.floor(i / 3))} | ${pick(['sand', 'smoke', 'white'], i)} | ${8500 + Math.floor(i / 3) * 1250} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '280118/2 organ pipes as lamps, Penang',
    file: 'lamps.txt',
    brief: 'Pipa, Penang. Lamps from organ pipes. Ringgit.',
    text: fixedWidth(
      [30, 22, 18, 14],
      [
        ['It used to sing', 'It costs now', 'Any left', 'Foot'],
        ...made(120, (i) => [
          `${pick(pipe, i % 5)} lamp ${i + 1}`,
          i % 10 === 3 ? `from ${380 + i * 2}` : i % 15 === 7 ? `${380 + i * 2} - ${460 + i * 2}` : String(380 + i * 2),
          pick(['plenty', 'two', 'none', 'one', 'sold out', 'three'], i),
          pick(['teak', 'slate', 'iron'], i % 3),
        ]),
      ],
    ),
    currency: 'MYR',
    columns: 'title price stock particular',
    want: made(
      120,
      (i) =>
        `${pick(pipe, i % 5)} lamp ${i + 1} |  | ${i % 10 === 3 || i % 15 === 7 ? '?' : (380 + i * 2) * 100} | ${pick(['∞', '2', '0', '1', '0', '3'], i)}`,
    ).join('\n'),
  },
  {
    drawn: '280118/3 guitar straps, Bangalore',
    file: 'straps.psv',
    brief: 'Patta, Bangalore. Guitar straps woven on sari looms.',
    text: `Strap|Price|Note|Note
Cotton, 5 cm|₹1,450|reversible|from old sarees
Cotton, 5 cm, wide|₹1,650 – ₹1,900|reversible|from new yarn
Jute|from ₹980|scratches|washes out
Silk|₹2,400|slips|for ballads
Silk, lined|₹2,900|does not slip|for ballads
Leather|₹3,200|ages|vegetable tanned
`,
    currency: 'INR',
    columns: 'title price particular/description particular/description',
    want: `Cotton, 5 cm |  | 145000 | ∞
Cotton, 5 cm, wide |  | ? | ∞
Jute |  | ? | ∞
Silk |  | 240000 | ∞
Silk, lined |  | 290000 | ∞
Leather |  | 320000 | ∞`,
  },
  {
    drawn: '280118/4 frames for odd sizes, Brno',
    file: 'ramy.csv',
    brief: 'Křivý Rám, Brno. Frames for odd sizes. Koruny.',
    text: `nm,sz,pr,bc
Frame Ella,31 x 22,890,${gtin(859123400001)}
,33 x 19,940,${gtin(859123400002)}
,40 x 11,990,${gtin(859123400003, 3)}
Frame Otto,31 x 22,1190,${gtin(859123400004)}
,33 x 19,1250,${gtin(859123400005)}
Frame Otto II,31 x 22,1290,${gtin(859123400006)}
,40 x 11,1390,${gtin(859123400007, 5)}
Frame Vilma,60 x 12,1490,${gtin(859123400008)}
,70 x 12,1590,${gtin(859123400009)}
,80 x 12,1690,${gtin(859123400010)}
Glass,,290,${gtin(859123400011)}
`,
    currency: 'CZK',
    columns: 'title option price gtin',
    want: `Frame Ella | 31 x 22 | 89000 | ∞
Frame Ella | 33 x 19 | 94000 | ∞
Frame Ella | 40 x 11 | 99000 | ∞
Frame Otto | 31 x 22 | 119000 | ∞
Frame Otto | 33 x 19 | 125000 | ∞
Frame Otto II | 31 x 22 | 129000 | ∞
Frame Otto II | 40 x 11 | 139000 | ∞
Frame Vilma | 60 x 12 | 149000 | ∞
Frame Vilma | 70 x 12 | 159000 | ∞
Frame Vilma | 80 x 12 | 169000 | ∞
Glass |  | 29000 | ∞`,
  },
  {
    drawn: '280118/5 velvet ribbon, Kyoto',
    file: 'ribbon.xml',
    brief: 'Bi, Kyoto. Velvet ribbon woven on a loom from Lyon. Yen.',
    text: feed(
      made(18, (i) => [
        [
          'title',
          `${pick(['Velvet ribbon', 'Velvet ribbon, cut', 'Velvet cord', 'Velvet bias "soft'], i)} ${pick(['ruby', 'moss', 'night', 'ash', 'rose'], Math.floor(i / 4))}`,
        ],
        ['description', 'Woven in Kyoto.'],
        ['price', `${480 + Math.floor(i / 4) * 20 + (i % 4) * 60} JPY`],
        ['size', '9 mm, 22 mm, 50 mm'],
        ['id', `VR-${i + 1}`],
      ]),
    ),
    currency: 'JPY',
    columns: 'title description price option sku',
    want: made(18, (i) => i)
      .flatMap((i) =>
        ['9 mm', '22 mm', '50 mm'].map(
          (size) =>
            `${pick(['Velvet ribbon', 'Velvet ribbon, cut', 'Velvet cord', 'Velvet bias "soft'], i)} ${pick(['ruby', 'moss', 'night', 'ash', 'rose'], Math.floor(i / 4))} | ${size} | ${480 + Math.floor(i / 4) * 20 + (i % 4) * 60} | ∞`,
        ),
      )
      .join('\n'),
  },
  {
    drawn: '280118/6 travel altars, Wellington',
    file: 'altars.xlsx',
    brief: 'Small Mercies, Wellington. Travel altars of rimu and brass. NZ dollars.',
    sheets: [
      {
        name: 'Stock',
        rows: [
          ['Small Mercies: what there is'],
          ['Counted on Sunday, GST is in it'],
          ['Altar', 'Colour', 'Size', 'Price', 'Hinge', 'Icon', 'Candle'],
          ...made(36, (i) => i)
            .filter((i) => i !== 17)
            .map((i) => [
              `${pick(['Matchbox', 'Tobacco tin', 'Cigar box', 'Book'], Math.floor(i / 9))} altar${Math.floor(i / 9) === 3 ? ', deep' : ''}`,
              pick(['blue', 'red', 'plain'], Math.floor(i / 3)),
              pick(['S', 'M', 'L'], i),
              45 + Math.floor(i / 9) * 20 + (i % 3) * 10,
              pick(['brass', 'string'], Math.floor(i / 9)),
              pick(['painted', 'printed', 'mirror'], Math.floor(i / 3)),
              pick(['2 cm', '3 cm', '4 cm'], i),
            ]),
          ['Total', '', '', 3055],
        ],
      },
    ],
    currency: 'NZD',
    columns: 'title option option price particular particular particular',
    want: made(36, (i) => i)
      .filter((i) => i !== 17)
      .map(
        (i) =>
          `${pick(['Matchbox', 'Tobacco tin', 'Cigar box', 'Book'], Math.floor(i / 9))} altar${Math.floor(i / 9) === 3 ? ', deep' : ''} | ${pick(['blue', 'red', 'plain'], Math.floor(i / 3))} / ${pick(['S', 'M', 'L'], i)} | ${(45 + Math.floor(i / 9) * 20 + (i % 3) * 10) * 100} | ∞`,
      )
      .join('\n'),
  },
  {
    drawn: '280118/7 barbecue rubs, Tunis',
    file: 'rubs.csv',
    brief: 'Jamra, Tunis. Barbecue rubs with harissa and rose. Dinars.',
    text: `Title;Option1 Name;Option1 Value;Price;Inventory
Rub, rose;Weight;60 g;8,500;a few
Rub, rose;Weight;120 g;14,900;in stock
Sample rub;Weight;1 g;0,000;0
`,
    currency: 'TND',
    columns: 'title optionName optionValue price stock',
    want: `Rub, rose | 60 g | 8500 | ?
Rub, rose | 120 g | 14900 | ∞`,
    leftOut: 1,
  },
  {
    drawn: '280118/8 sandals, Naples',
    file: 'sandali.xlsx',
    brief: 'Riemi, Napoli. Sandals cut and nailed while you wait. Euro.',
    sheets: [
      {
        name: 'Summer',
        rows: [
          ['Style code', 'Title', 'Size', 'Price', 'Weight'],
          ...made(400, (i) => [
            `SN${Math.floor(i / 5) + 100}`,
            `${pick(['Capri', 'Procida', 'Ischia', 'Amalfi'], Math.floor(i / 5))} ${Math.floor(i / 20) + 1}`,
            36 + (i % 5),
            59 + Math.floor(i / 5),
            `${320 + (i % 5) * 10} g`,
          ]),
        ],
      },
      {
        name: 'Winter',
        rows: [
          ['Style code', 'Title', 'Size', 'Price', 'Weight'],
          ...made(300, (i) => [
            `WN${Math.floor(i / 5) + 100}`,
            `${pick(['Vesuvio', 'Vesuvio, lined', 'Spaccanapoli'], Math.floor(i / 5))} ${Math.floor(i / 15) + 1}`,
            36 + (i % 5),
            89 + Math.floor(i / 5),
            `${520 + (i % 5) * 10} g`,
          ]),
        ],
      },
    ],
    currency: 'EUR',
    columns: 'group title option price weight',
    want: [
      ...made(
        400,
        (i) =>
          `${pick(['Capri', 'Procida', 'Ischia', 'Amalfi'], Math.floor(i / 5))} ${Math.floor(i / 20) + 1} | ${36 + (i % 5)} | ${(59 + Math.floor(i / 5)) * 100} | ∞`,
      ),
      ...made(
        300,
        (i) =>
          `${pick(['Vesuvio', 'Vesuvio, lined', 'Spaccanapoli'], Math.floor(i / 5))} ${Math.floor(i / 15) + 1} | ${36 + (i % 5)} | ${(89 + Math.floor(i / 5)) * 100} | ∞`,
      ),
    ].join('\n'),
  },
  {
    drawn: '280118/9 metronomes, Kraków',
    file: 'metronomy.xml',
    brief: 'Takt, Kraków. Wind-up metronomes, repaired and new. Złoty.',
    text: feed(
      made(18, (i) => [
        ['item_group_id', `T${Math.floor(i / 3) + 1}`],
        ['title', `${pick(['Pyramid', 'Pocket', 'Tower'], Math.floor(i / 3))} metronome ${Math.floor(i / 9) + 1}`],
        ['color', pick(['walnut', 'black', 'cherry'], i)],
        ['description', '<p>Wound by hand.</p>'],
        ['price', `${390 + Math.floor(i / 3) * 30},00 zł`],
        ['beats', '40-208'],
        ['spring', pick(['steel', 'blued'], Math.floor(i / 3))],
        ['note', 'with bell'],
        ['note', 'key enclosed'],
      ]),
    ),
    currency: 'PLN',
    columns: 'group title option description price particular particular particular/description',
    want: made(
      18,
      (i) =>
        `${pick(['Pyramid', 'Pocket', 'Tower'], Math.floor(i / 3))} metronome ${Math.floor(i / 9) + 1} | ${pick(['walnut', 'black', 'cherry'], i)} | ${(390 + Math.floor(i / 3) * 30) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '280118/11 globes, Worcester',
    file: 'globes.html',
    brief: 'Round Numbers, Worcester, Massachusetts. Globes of countries that no longer exist. Dollars.',
    text: `<!doctype html><html><head><title>Round Numbers</title></head><body><h1>Pick a world</h1>
<table><tr><th>World</th><th>Sea</th><th>Across</th><th>The damage</th><th>Barcode</th><th>Year shown</th><th>Stand</th><th>Axis</th></tr>
${made(18, (i) => {
  const n = Math.floor(i / 4);
  return `<tr><td>${pick(['Ottoman', 'Soviet', 'Prussian', 'Habsburg', 'Incan'], n)}</td><td>${pick(['blue', 'blue', 'black', 'black'], i)}</td><td>${pick(['8 in', '12 in', '8 in', '12 in'], i)}</td><td>$${120 + n * 15 + (i % 2) * 60}</td><td>${gtin(842100200000 + i, i % 6 === 2 ? 4 : 0)}</td><td>${pick([1900, 1961, 1789, 1867, 1520], n)}</td><td>${pick(['oak', 'brass'], n)}</td><td>${pick(['tilted', 'upright'], n)}</td></tr>`;
}).join('\n')}
</table></body></html>`,
    currency: 'USD',
    columns: 'title option option price gtin particular particular particular',
    want: made(18, (i) => {
      const n = Math.floor(i / 4);
      return `${pick(['Ottoman', 'Soviet', 'Prussian', 'Habsburg', 'Incan'], n)} | ${pick(['blue', 'blue', 'black', 'black'], i)} / ${pick(['8 in', '12 in', '8 in', '12 in'], i)} | ${(120 + n * 15 + (i % 2) * 60) * 100} | ∞`;
    }).join('\n'),
  },
  {
    drawn: '280118/12 artificial flowers for graves, Kumasi',
    file: 'flowers.csv',
    brief: 'Everstay, Kumasi. Artificial flowers for graves that survive the harmattan. Cedis.',
    text: `Group;Title;Colour;Price;Code;Barcode
${made(700, (i) => {
  const n = Math.floor(i / 2);
  return `G${n + 1};${pick(grave, n)} ${n + 1};${pick(['white', 'violet'], i)};${(85 + (n % 40) * 2.5).toFixed(2).replace('.', ',')};EV ${n + 1} ${pick(['W', 'V'], i)};${gtin(603000100000 + i, i === 133 || i === 402 ? 2 : 0)}`;
}).join('\n')}
`,
    currency: 'GHS',
    columns: 'group title option price sku gtin',
    want: made(700, (i) => {
      const n = Math.floor(i / 2);
      return `${pick(grave, n)} ${n + 1} | ${pick(['white', 'violet'], i)} | ${Math.round((85 + (n % 40) * 2.5) * 100)} | ∞`;
    }).join('\n'),
  },
  {
    drawn: '280118/13 reed diffusers, Bologna',
    file: 'diffusori.csv',
    brief: 'Canna, Bologna. Reed diffusers that smell of bookshops and bakeries. Euro.',
    text: `Product;Attribute;Value;Price;Description
${made(120, (i) => {
  const n = Math.floor(i / 3);
  return `${pick(['Bookshop', 'Bakery', 'Cellar', 'Chapel'], n)} no. ${n + 1};Size;${pick(['100 ml', '200 ml', '500 ml'], i)};${(24 + n * 0.5 + (i % 3) * 12).toFixed(2).replace('.', ',')};"<p>Eight reeds.
Smells like a ""${pick(['first edition', 'crust', 'barrel', 'candle'], n)}"".</p>"`;
}).join('\n')}
`,
    currency: 'EUR',
    columns: 'title optionName optionValue price description',
    want: made(120, (i) => {
      const n = Math.floor(i / 3);
      return `${pick(['Bookshop', 'Bakery', 'Cellar', 'Chapel'], n)} no. ${n + 1} | ${pick(['100 ml', '200 ml', '500 ml'], i)} | ${Math.round((24 + n * 0.5 + (i % 3) * 12) * 100)} | ∞`;
    }).join('\n'),
  },
  {
    drawn: '280118/14 fishing floats, Bogotá',
    file: 'floats.txt',
    brief: 'Corcho, Bogotá. Fishing floats of balsa and porcupine. Pesos.',
    text: fixedWidth(
      [22, 14, 14, 12, 12, 10, 12, 12, 14],
      [
        ['Bobs', 'Pay', 'Used to pay', 'Carries g', 'Length mm', 'Tip', 'Body', 'Water', 'Bites'],
        ...made(35, (i) => [
          `${pick(['Heron', 'Frog', 'Patience', 'Monk', 'Nun'], i)} ${Math.floor(i / 5) + 1}`,
          String(9500 + i * 400),
          i % 5 === 2 ? String(11500 + i * 400) : '',
          (0.5 + (i % 8) * 0.5).toFixed(1),
          String(90 + i * 3),
          pick(['red', 'yellow', 'black'], i % 3),
          pick(['balsa', 'quill', 'cork'], Math.floor(i / 3)),
          pick(['still', 'running'], i % 2),
          pick(['seen', 'felt', 'imagined'], i % 3),
        ]),
      ],
    ),
    currency: 'COP',
    columns: 'title price earlierPrice particular particular particular particular particular particular',
    want: made(
      35,
      (i) =>
        `${pick(['Heron', 'Frog', 'Patience', 'Monk', 'Nun'], i)} ${Math.floor(i / 5) + 1} |  | ${(9500 + i * 400) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '280118/15 darning mushrooms, Leeds',
    file: 'mushrooms.psv',
    brief: 'Heel & Toe, Leeds. Darning mushrooms turned from bobbins. Pounds.',
    text: `Title|Colour|Size|Price|Description
${made(20, (i) => i)
  .filter((i) => i !== 5 && i !== 14)
  .map((i) => {
    const n = Math.floor(i / 4);
    return `${pick(['Mushroom', 'Mushroom with handle', 'Egg', 'Glove finger', 'Travel mushroom'], n)}|${pick(['beech', 'beech', 'stained', 'stained'], i)}|${pick(['small', 'large', 'small', 'large'], i)}|£${12 + n * 3 + (i % 2) * 4}|"<ul><li>Turned in Leeds</li>
<li>Called ""${pick(['the vicar', 'the cap'], n)}""</li></ul>"`;
  })
  .join('\n')}
`,
    currency: 'GBP',
    columns: 'title option option price description',
    want: made(20, (i) => i)
      .filter((i) => i !== 5 && i !== 14)
      .map((i) => {
        const n = Math.floor(i / 4);
        return `${pick(['Mushroom', 'Mushroom with handle', 'Egg', 'Glove finger', 'Travel mushroom'], n)} | ${pick(['beech', 'beech', 'stained', 'stained'], i)} / ${pick(['small', 'large', 'small', 'large'], i)} | ${(12 + n * 3 + (i % 2) * 4) * 100} | ∞`;
      })
      .join('\n'),
  },
  {
    drawn: '280118/16 singing bowls, Reykjavík',
    file: 'bowls.html',
    brief: 'Ómur, Reykjavík. Singing bowls hammered from old boat propellers. Krónur.',
    text: `<!doctype html><html><head><title>Ómur</title></head><body>
<table><thead><tr><th>Bowl</th><th>Diameter (cm)</th><th>Price (ISK)</th><th>Tone (Hz)</th><th>EAN</th></tr></thead><tbody>
${made(700, (i) => `<tr><td>Bowl ${i + 1}</td><td>${12 + (i % 19)}</td><td>${i === 50 ? 'from 24.900' : i === 51 ? '24.900 – 31.900' : `${(14900 + i * 100).toLocaleString('de')}`}</td><td>${180 + ((i * 7) % 400)}</td><td>${gtin(569100000000 + i, i === 300 ? 6 : 0)}</td></tr>`).join('\n')}
</tbody></table></body></html>`,
    currency: 'ISK',
    columns: 'title particular price particular gtin',
    want: made(700, (i) => `Bowl ${i + 1} |  | ${i === 50 || i === 51 ? '?' : 14900 + i * 100} | ∞`).join('\n'),
  },
  {
    drawn: '280118/17 chess clocks, Helsinki',
    file: 'clocks.xml',
    encoding: 'iso-8859-1',
    brief: 'Aikapula, Helsinki. Chess clocks with springs. Euro.',
    text: feed(
      [
        ['Blitz - birch', '149,00', 'AP 01 B'],
        ['Blitz - alder', '149,00', 'AP 01 L'],
        ['Remis - birch', '179,00', 'AP 02 B'],
        ['Remis - alder', '179,00', 'AP 02 L'],
        ['Zugzwang - birch', '219,00', 'AP 03 B'],
        ['Tölö', '99,00', 'AP 04'],
      ].map(([what = '', price = '', code = '']) => [
        ['running_out_of_time_with', what],
        ['hurts', price],
        ['number', code],
      ]),
      'ISO-8859-1',
    ),
    currency: 'EUR',
    columns: 'title price sku',
    want: `Blitz | birch | 14900 | ∞
Blitz | alder | 14900 | ∞
Remis | birch | 17900 | ∞
Remis | alder | 17900 | ∞
Zugzwang | birch | 21900 | ∞
Tölö |  | 9900 | ∞`,
  },
  {
    drawn: '280118/18 spinning wheels, Seville',
    file: 'ruecas.tsv',
    brief: 'Rueca, Sevilla. Ruecas de olivo y de nogal. Euros.',
    text: [
      ['Artículo', 'Precio', 'Rueda (cm)', 'Relación', 'Bobinas', 'Madera', 'Pedal', 'Peso'].join('\t'),
      ...made(18, (i) =>
        [
          `Rueca ${pick(['Triana', 'Macarena', 'Giralda'], i)} ${Math.floor(i / 3) + 1}`,
          i === 4 ? 'desde 640 €' : i === 11 ? '700–820 €' : `${480 + i * 20} €`,
          String(42 + (i % 4) * 3),
          pick(['6:1', '8:1', '10:1'], i),
          String(3 + (i % 2)),
          pick(['olivo', 'nogal'], i),
          pick(['doble', 'sencillo'], Math.floor(i / 2)),
          `${(5 + i * 0.1).toFixed(1).replace('.', ',')} kg`,
        ].join('\t'),
      ),
    ].join('\n'),
    currency: 'EUR',
    columns: 'title price particular particular particular particular particular weight',
    want: made(
      18,
      (i) =>
        `Rueca ${pick(['Triana', 'Macarena', 'Giralda'], i)} ${Math.floor(i / 3) + 1} |  | ${i === 4 || i === 11 ? '?' : (480 + i * 20) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '280118/19 organ pipes as lamps, Tartu',
    file: 'lambid.tsv',
    brief: 'Vilepill, Tartu. Lamps of organ pipes. Euro.',
    text: [
      ['Lamp', 'Option', 'Choice', 'Price (€)', 'Height (cm)', 'Code'].join('\t'),
      ...made(18, (i) => {
        const n = Math.floor(i / 2);
        return [
          `${pick(pipe, n)} lamp${n === 3 ? ' "the bass' : ''}`,
          'Cable',
          pick(['linen', 'black'], i),
          String(190 + n * 15),
          String(40 + n * 6),
          `VP ${n + 1} ${pick(['L', 'B'], i)}`,
        ].join('\t');
      }).slice(0, 10),
    ].join('\n'),
    currency: 'EUR',
    columns: 'title optionName optionValue price particular sku',
    want: made(10, (i) => {
      const n = Math.floor(i / 2);
      return `${pick(pipe, n)} lamp${n === 3 ? ' "the bass' : ''} | ${pick(['linen', 'black'], i)} | ${(190 + n * 15) * 100} | ∞`;
    }).join('\n'),
  },
  {
    drawn: '280118/20 lamp shades, Yerevan',
    file: 'shades.ods',
    brief: 'Լույս, Yerevan. Lamp shades from parchment and linen. Dram.',
    sheets: [
      {
        name: 'Table lamps',
        rows: [
          ['Shade, cone', 14500, '<p>Linen on <b>wire</b></p>'],
          ['Test product', 0, '<p>Lorem ipsum</p>'],
        ],
      },
      { name: 'Ceiling', rows: [['Shade, drum', 21000, '<p>Parchment, sewn</p>']] },
    ],
    currency: 'AMD',
    columns: 'title price description',
    want: `Shade, cone |  | 1450000 | ∞
Shade, drum |  | 2100000 | ∞`,
    leftOut: 1,
  },
];
