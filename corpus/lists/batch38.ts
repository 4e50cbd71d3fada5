import { feed, fixedWidth, gtin, jsonLines, made, pick, product, savedPage, type ListCase } from './case';

const ladle = ['Copal', 'Tule', 'Atzompa', 'Mitla', 'Zaachila', 'Etla', 'Yagul', 'Cuilapam'] as const;
const woods = ['pine', 'cedar', 'alder', 'oak'] as const;
const lengths = ['38 cm', '45 cm', '52 cm'] as const;
const lead = ['Alp', 'Eiger', 'Annapurna', 'Dhaulagiri', 'Makalu', 'Lhotse'] as const;
const strap = ['Ribeira', 'Foz', 'Boavista', 'Cedofeita', 'Bonfim', 'Massarelos', 'Campanhã', 'Miragaia'] as const;
const figure = ['María', 'José', 'Niño', 'Pastor', 'Rey mago', 'Ángel', 'Burro', 'Buey', 'Oveja', 'Campesina'] as const;
const sand = ['Spand', 'Skovl', 'Rive', 'Sigte', 'Muffeform', 'Slotsform', 'Båd'] as const;
const blade = ['Bogensägeblatt', 'Gestellsägeblatt', 'Rückensägeblatt', 'Laubsägeblatt', 'Bandsägeblatt'] as const;
const opener = ['Ceiba', 'Guadua', 'Nogal', 'Cóndor', 'Chonta', 'Palma', 'Roble', 'Ñeque'] as const;
const coat = ['Drizzle', 'Downpour', 'Puddle', 'Thunder'] as const;

/** Drawn (304001, 304002, 304003; those without a list left out) and written on 30 November 2026, before the reader was run on any. */
export const batch38: ListCase[] = [
  {
    drawn: '304001/1 sauna ladles, Oaxaca',
    file: 'cucharones.html',
    brief: 'Querida Ana: hago cucharones de sauna en Oaxaca, México, de madera y cobre.',
    text: savedPage(
      'Cucharones',
      made(8 * 12, (i) => i)
        .filter((i) => i % 7 !== 5)
        .map((i) =>
          product(`Cucharón ${pick(ladle, Math.floor(i / 12))}`, `${680 + (i % 3) * 90}.00`, 'MXN', {
            color: pick(woods, Math.floor((i % 12) / 3)),
            size: pick(lengths, i),
            weight: { '@type': 'QuantitativeValue', value: 310 + (i % 3) * 45, unitCode: 'GRM' },
            mango: pick(['curvo', 'recto'], Math.floor(i / 12)),
            cazo: pick(['cobre', 'latón'], Math.floor(i / 24)),
            capacidad: `${18 + Math.floor(i / 12)} cl`,
            acabado: pick(['aceite de linaza', 'cera', 'sin acabado'], Math.floor(i / 12)),
            'grados que aguanta': `${95 + 5 * (Math.floor(i / 12) % 3)} °C`,
            'a qué suena': pick(['a campana', 'a río', 'a nada'], Math.floor(i / 12)),
          }),
        ),
    ),
    currency: 'MXN',
    columns: 'title option option weight particular particular particular particular particular particular price currency',
    want: made(8 * 12, (i) => i)
      .filter((i) => i % 7 !== 5)
      .map(
        (i) =>
          `Cucharón ${pick(ladle, Math.floor(i / 12))} | ${pick(woods, Math.floor((i % 12) / 3))} / ${pick(lengths, i)} | ${(680 + (i % 3) * 90) * 100} | ∞`,
      )
      .join('\n'),
  },
  {
    drawn: '304001/2 hazel hurdles, Thessaloniki',
    file: 'hurdles.html',
    brief: 'Wishes for the site of a hurdle maker near Thessaloniki, Greece.',
    text: savedPage('Hurdles', [
      product('Hazel hurdle – 90 cm', '38.00', 'EUR', { sku: 'HH 090', gtin13: gtin(520100000001, 0), 'rods (pieces)': 34 }),
      product('Hazel hurdle – 120 cm', '46.50', 'EUR', { sku: 'HH 120', gtin13: gtin(520100000002, 3), 'rods (pieces)': 41 }),
      product('Hazel hurdle – 180 cm', '64.00', 'EUR', { sku: 'HH 180', gtin13: gtin(520100000003, 0), 'rods (pieces)': 58 }),
    ]),
    currency: 'EUR',
    columns: 'title sku gtin particular price currency',
    want: `Hazel hurdle | 90 cm | 3800 | ∞
Hazel hurdle | 120 cm | 4650 | ∞
Hazel hurdle | 180 cm | 6400 | ∞`,
  },
  {
    drawn: '304001/3 wine labels, St John’s',
    file: 'labels.txt',
    encoding: 'windows-1252',
    brief: 'we print wine labels in st johns newfoundland. canadian dollars',
    text: `Cd|Descr|Pr|Qty/pk|Fin\n${made(
      35,
      (i) =>
        `WL ${String(Math.floor(i / 5) + 1).padStart(3, '0')} ${i % 5}|${pick(['Cellar', 'Château', 'Fjord', 'Rosé', 'Bakeapple', 'Iceberg', 'Capelin'], Math.floor(i / 5))} label - ${['half bottle', 'bottle', 'magnum', 'jeroboam', 'box'][i % 5]}|${(4.5 + (i % 5) * 1.25).toFixed(2)}|${[50, 40, 25, 10, 10][i % 5]}|${pick(['matt', 'foil'], Math.floor(i / 5))}`,
    ).join('\n')}\n`,
    currency: 'CAD',
    columns: 'sku title price particular particular',
    want: made(
      35,
      (i) =>
        `${pick(['Cellar', 'Château', 'Fjord', 'Rosé', 'Bakeapple', 'Iceberg', 'Capelin'], Math.floor(i / 5))} label | ${['half bottle', 'bottle', 'magnum', 'jeroboam', 'box'][i % 5]} | ${Math.round((4.5 + (i % 5) * 1.25) * 100)} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '304001/4 dog leads of retired rope, Dhaka',
    file: 'leads.csv',
    encoding: 'windows-1252',
    brief: 'Dog leads from retired climbing rope, made in Dhaka, Bangladesh. Taka.',
    text: `What it is;Where it hangs;Asking;On the hook\n${made(
      120,
      (i) =>
        `${pick(lead, Math.floor(i / 20))} ${['lead', 'collar', 'harness', 'tether'][Math.floor(i / 5) % 4]}, ${['9 mm', '10 mm', '11 mm', '12 mm', '13 mm'][i % 5]};Dogs > ${['Leads', 'Collars', 'Harnesses', 'Tethers'][Math.floor(i / 5) % 4]};${850 + (i % 5) * 75 + (Math.floor(i / 5) % 4) * 120},00;${(i * 7) % 12}`,
    ).join('\n')}\n`,
    currency: 'BDT',
    columns: 'title category price stock',
    want: made(
      120,
      (i) =>
        `${pick(lead, Math.floor(i / 20))} ${['lead', 'collar', 'harness', 'tether'][Math.floor(i / 5) % 4]} | ${['9 mm', '10 mm', '11 mm', '12 mm', '13 mm'][i % 5]} | ${(850 + (i % 5) * 75 + (Math.floor(i / 5) % 4) * 120) * 100} | ${(i * 7) % 12}`,
    ).join('\n'),
  },
  {
    drawn: '304001/5 orchid labels, Jakarta',
    file: 'labels.jsonl',
    brief: 'Orchid labels from Jakarta, Indonesia. Rupiah please.',
    text: jsonLines([
      {
        name: 'Zinc label, set of 20',
        price: '145000',
        'width (mm)': 22,
        ink: 'oil',
        'hole (mm)': 2,
        weathering: 'grey in a year',
      },
      {
        name: 'Bamboo label, set of 50',
        price: 'US$ 6.50',
        'width (mm)': 18,
        ink: 'pencil',
        'hole (mm)': 3,
        weathering: 'two rainy seasons',
      },
      { name: 'Porcelain label', price: '38000', 'width (mm)': 40, ink: 'fired', 'hole (mm)': 4, weathering: 'none' },
    ]),
    currency: 'IDR',
    columns: 'title price particular particular particular particular',
    want: `Zinc label, set of 20 |  | 14500000 | ∞
Bamboo label, set of 50 |  | ? | ∞
Porcelain label |  | 3800000 | ∞`,
  },
  {
    drawn: '304001/6 watch straps, Porto',
    file: 'braceletes.xlsx',
    brief: 'Pulseiras de relógio, Porto, Portugal.',
    sheets: [
      {
        name: 'Lista',
        rows: [
          ['Braceletes – lista de outono'],
          ['Preços com IVA. Feito à mão, por isso pode variar.'],
          [],
          ...made(120, (i): (string | number)[] => [
            i % 5 ? '' : `${pick(strap, Math.floor(i / 5))} ${Math.floor(i / 40) + 1}`,
            `${16 + (i % 5)} mm`,
            29.5 + (i % 5) * 1.5 + Math.floor(i / 40) * 10,
            `${14 + (i % 5)} g`,
            i % 5 ? '' : `<p>Couro de <em>${pick(['Alcanena', 'Guimarães'], Math.floor(i / 5))}</em>.</p>`,
          ]),
          ['Total', '', made(120, (i) => 29.5 + (i % 5) * 1.5 + Math.floor(i / 40) * 10).reduce((a, b) => a + b, 0)],
        ],
      },
    ],
    currency: 'EUR',
    columns: 'title option price weight description',
    want: made(
      120,
      (i) =>
        `${pick(strap, Math.floor(i / 5))} ${Math.floor(i / 40) + 1} | ${16 + (i % 5)} mm | ${Math.round((29.5 + (i % 5) * 1.5 + Math.floor(i / 40) * 10) * 100)} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '304001/7 nativity figures, Santiago',
    file: 'figures.csv',
    brief: 'Nativity figures from Santiago, Chile, our own and from friends. Prices in pesos.',
    text: `Title;Option name;Option value;Price;Description\n${made(
      700,
      (i) =>
        `${pick(figure, Math.floor(i / 4))} ${Math.floor(i / 40) + 1};${i % 4 < 2 ? 'Height' : 'Height'};${[8, 12, 17, 22][i % 4]} cm;${(5 + (i % 4) * 3 + (Math.floor(i / 4) % 3)).toString()}.900;<ul><li>${pick(['Clay', 'Raulí wood', 'Wool'], Math.floor(i / 4))}</li><li>Painted by hand</li></ul>`,
    ).join('\n')}\n`,
    currency: 'CLP',
    columns: 'title optionName optionValue price description',
    want: made(
      700,
      (i) =>
        `${pick(figure, Math.floor(i / 4))} ${Math.floor(i / 40) + 1} | ${[8, 12, 17, 22][i % 4]} cm | ${(5 + (i % 4) * 3 + (Math.floor(i / 4) % 3)) * 1000 + 900} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '304002/1 screen-printing frames, Bologna',
    file: 'frames.xml',
    brief: 'Screen-printing frames for schools, Bologna, Italy.',
    text: feed([
      [
        ['ttl', 'Birch frame'],
        ['sz', 'A4, A3, A2'],
        ['pr', '24.00 EUR'],
        ['avail', 'plenty'],
        ['ean', gtin(803300000011, 1)],
      ],
      [
        ['ttl', 'Aluminium frame'],
        ['sz', 'A3, A2'],
        ['pr', '41.00 EUR'],
        ['avail', 'last three'],
        ['ean', gtin(803300000012)],
      ],
      [
        ['ttl', 'Squeegee'],
        ['sz', '20 cm, 30 cm'],
        ['pr', '13.50 EUR'],
        ['avail', 'none until May'],
        ['ean', gtin(803300000013)],
      ],
    ]),
    currency: 'EUR',
    columns: 'title option price stock gtin',
    want: `Birch frame | A4 | 2400 | ∞
Birch frame | A3 | 2400 | ∞
Birch frame | A2 | 2400 | ∞
Aluminium frame | A3 | 4100 | ?
Aluminium frame | A2 | 4100 | ?
Squeegee | 20 cm | 1350 | 0
Squeegee | 30 cm | 1350 | 0`,
  },
  {
    drawn: '304002/2 wine labels, Muscat',
    file: 'labels.html',
    brief: 'Dear Sami, I letter labels for date syrup and rose water in Muscat, Oman.',
    text: savedPage(
      'Labels',
      (
        [
          ['Syrup label', 'small', 'saffron', '1.250', 'made to order'],
          ['Syrup label', 'large', 'saffron', '1.900', 'in the drawer'],
          ['Syrup label', 'small', 'indigo', '', 'sold out'],
          ['Rose water label', 'small', 'rose', '1.250', 'in the drawer'],
          ['Rose water label', 'large', 'rose', '1.900', 'sold out'],
          ['Rose water label', 'large', 'white', '', 'in the drawer'],
        ] as const
      ).map(([name, how, ink, price, left]) =>
        product(name, price, 'OMR', { 'how big': how, 'which ink': ink, 'have I any': left }),
      ),
    ),
    currency: 'OMR',
    columns: 'title option option stock price currency',
    want: `Syrup label | small / saffron | 1250 | ∞
Syrup label | large / saffron | 1900 | ?
Syrup label | small / indigo | ? | 0
Rose water label | small / rose | 1250 | ?
Rose water label | large / rose | 1900 | 0
Rose water label | large / white | ? | ?`,
  },
  {
    drawn: '304002/3 barbecue rubs, Belfast',
    file: 'rubs.csv',
    brief: 'Barbecue rubs, mixed in Belfast, Northern Ireland.',
    text: `Rub;How hot;A tin is;Barcode
Titanic Smoke – 80 g;3;6,50;${gtin(539100000001)}
Titanic Smoke – 200 g;3;12,00;${gtin(539100000002)}
Black Mountain – 80 g;5;6,50;${gtin(539100000003, 2)}
Black Mountain – 200 g;5;12,00;${gtin(539100000004)}
Lough Salt – 80 g;0;5,50;${gtin(539100000005)}
Lough Salt – 200 g;0;10,50;${gtin(539100000006)}
Sample product;0;0,00;
Cave Hill – 80 g;2;6,50;${gtin(539100000007)}
Cave Hill – 200 g;2;12,00;${gtin(539100000008)}
Giant’s Ring – 80 g;4;7,00;${gtin(539100000009)}
Lorem ipsum;1;1,00;
`,
    currency: 'GBP',
    columns: 'title particular price gtin',
    leftOut: 2,
    want: `Titanic Smoke | 80 g | 650 | ∞
Titanic Smoke | 200 g | 1200 | ∞
Black Mountain | 80 g | 650 | ∞
Black Mountain | 200 g | 1200 | ∞
Lough Salt | 80 g | 550 | ∞
Lough Salt | 200 g | 1050 | ∞
Cave Hill | 80 g | 650 | ∞
Cave Hill | 200 g | 1200 | ∞
Giant’s Ring | 80 g | 700 | ∞`,
  },
  {
    drawn: '304002/4 swing seats, Manila',
    file: 'seats.xlsx',
    brief: 'So um we make swing seats, in Manila, the Philippines, from narra and rope.',
    sheets: [
      {
        name: 'Indoor',
        rows: [
          ['Itm', 'Pr', 'Wt kg', 'Rmk'],
          ['Plank seat - 40 cm', 1450, 1.2, 'Sanded four times.'],
          ['Plank seat - 55 cm', 1780, 1.6, 'Sanded four times.'],
          ['Plank seat - 70 cm', 2100, 2.1, 'Sanded four times.'],
          ['Baby bucket - rattan', 2650, 1.4, 'Up to three years.'],
          ['Baby bucket - canvas', 2350, 0.9, 'Up to three years.'],
        ],
      },
      {
        name: 'Garden',
        rows: [
          ['Itm', 'Pr', 'Wt kg', 'Rmk'],
          ['Tyre seat', 990, 6.5, 'Holes so that rain runs out.'],
          ['Disc - small', 1100, 2.2, 'For trees.'],
          ['Disc - large', 1350, 3.1, 'For trees.'],
          ['TEST ITEM', 1, 1, 'delete me'],
          ['Bench for two - plain', 4800, 9.5, 'Needs a beam.'],
          ['Bench for two - carved', 7200, 9.8, 'Needs a beam.'],
        ],
      },
    ],
    currency: 'PHP',
    columns: 'title price weight description',
    leftOut: 1,
    want: `Plank seat | 40 cm | 145000 | ∞
Plank seat | 55 cm | 178000 | ∞
Plank seat | 70 cm | 210000 | ∞
Baby bucket | rattan | 265000 | ∞
Baby bucket | canvas | 235000 | ∞
Tyre seat |  | 99000 | ∞
Disc | small | 110000 | ∞
Disc | large | 135000 | ∞
Bench for two | plain | 480000 | ∞
Bench for two | carved | 720000 | ∞`,
  },
  {
    drawn: '304002/5 saw blades, Winterthur',
    file: 'blaetter.csv',
    brief: 'SÄGEBLÄTTER AUS WINTERTHUR, SCHWEIZ! PREISE IN FRANKEN!',
    text: `Nr,Blatt,Zähne,Zähne,Längen,Preis CHF\n${made(
      7,
      (i) =>
        `SB ${i + 1}0,${pick(blade, i)}${i > 4 ? ' japanisch' : ''},${pick(['fein', 'grob', 'mittel'], i)},${10 + i * 2} je Zoll,${i === 3 ? '130 mm' : '500 / 600 / 700 mm'},${i === 2 ? 'ab 24.50' : i === 5 ? '31.00 - 39.00' : `${18 + i * 2}.50`}`,
    ).join('\n')}\n`,
    currency: 'CHF',
    columns: 'sku title particular particular option price',
    want: made(7, (i) => {
      const title = `${pick(blade, i)}${i > 4 ? ' japanisch' : ''}`;
      const price = i === 2 || i === 5 ? '?' : `${(18 + i * 2) * 100 + 50}`;
      return (i === 3 ? ['130 mm'] : ['500 mm', '600 mm', '700 mm']).map((of) => `${title} | ${of} | ${price} | ∞`);
    })
      .flat()
      .join('\n'),
  },
  {
    drawn: '304002/6 sand toys, Aarhus',
    file: 'sandlegetoej.csv',
    brief: 'Sandlegetøj fra Aarhus, Danmark. Wooden and steel sand toys, in Danish kroner.',
    text: `Vare;Farve;Pris;Stål (mm);Greb;Alder;Rustbehandling;Bæreevne;Lyd i sand;Kategori\n${made(
      35,
      (i) =>
        `${pick(sand, Math.floor(i / 5))};${['rød', 'gul', 'blå', 'grøn', 'umalet'][i % 5]};${79 + Math.floor(i / 5) * 20},50;${pick(['0,8', '1,0', '1,2'], Math.floor(i / 5))};${pick(['bøg', 'ask'], Math.floor(i / 5))};fra ${2 + (Math.floor(i / 5) % 3)} år;${pick(['galvaniseret', 'olieret'], Math.floor(i / 5))};${3 + Math.floor(i / 5)} kg;${pick(['skrab', 'sus', 'stilhed'], Math.floor(i / 5))};Sand > ${i < 15 ? 'Redskaber' : 'Forme'}`,
    ).join('\n')}\n`,
    currency: 'DKK',
    columns: 'title option price particular particular particular particular particular particular category',
    want: made(
      35,
      (i) =>
        `${pick(sand, Math.floor(i / 5))} | ${['rød', 'gul', 'blå', 'grøn', 'umalet'][i % 5]} | ${(79 + Math.floor(i / 5) * 20) * 100 + 50} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '304002/7 children’s raincoats, Louisville',
    file: 'raincoats.csv',
    brief: 'kids raincoats / made in Louisville, Kentucky -> US only, since 1999',
    text: `Group;Coat;Height (cm);Price (USD);Weight (oz);Words\n${made(
      11,
      (i) =>
        `RC-${Math.floor(i / 3) + 1};${pick(coat, Math.floor(i / 3))};${[98, 110, 122][i % 3]};${i === 4 ? 'from 58,00' : i === 9 ? '60,00–72,00' : `${52 + (i % 3) * 4 + Math.floor(i / 3)},00`};${9 + (i % 3)},5;<p>Taped <strong>seams</strong>, hood comes off.</p>`,
    ).join('\n')}\n`,
    currency: 'USD',
    columns: 'group title option price weight description',
    want: made(
      11,
      (i) =>
        `${pick(coat, Math.floor(i / 3))} | ${[98, 110, 122][i % 3]} | ${i === 4 || i === 9 ? '?' : (52 + (i % 3) * 4 + Math.floor(i / 3)) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '304003/2 umbrella repairs, Penang',
    file: 'repairs.html',
    encoding: 'windows-1252',
    brief: 'Umbrella repairs, Penang, Malaysia.',
    text: savedPage('Repairs', [
      product('Canopy renewed', 85, 'MYR', { inProductGroupWithID: 'CAN', size: 'pocket' }),
      product('Canopy renewed', 110, 'MYR', { inProductGroupWithID: 'CAN', size: 'stick' }),
      product('Rib straightened', 18, 'MYR', { inProductGroupWithID: 'RIB', size: 'pocket' }),
      product('Rib straightened', 22, 'MYR', { inProductGroupWithID: 'RIB', size: 'stick' }),
      product('Product name here', 0, 'MYR', { inProductGroupWithID: '', size: '' }),
      product('Handle – café brown', 45, 'MYR', { inProductGroupWithID: 'HAN', size: '' }),
    ]).replace('<meta charset="utf-8">', '<meta charset="windows-1252">'),
    currency: 'MYR',
    columns: 'title group option price currency',
    leftOut: 1,
    want: `Canopy renewed | pocket | 8500 | ∞
Canopy renewed | stick | 11000 | ∞
Rib straightened | pocket | 1800 | ∞
Rib straightened | stick | 2200 | ∞
Handle – café brown |  | 4500 | ∞`,
  },
  {
    drawn: '304003/3 letter openers, Medellín',
    file: 'abrecartas.txt',
    encoding: 'windows-1252',
    brief: 'Abrecartas de Medellín, Colombia, para los que todavía reciben cartas. Pesos colombianos.',
    text: fixedWidth(
      [18, 14, 22, 12, 14, 12],
      [
        ['Víctima', 'Talla', 'Lo que duele', 'Filo', 'Madera', 'Temple'],
        ...made(120, (i) => [
          i % 3 ? '' : `${pick(opener, Math.floor(i / 3))} ${Math.floor(i / 24) + 1}`,
          ['corto', 'mediano', 'largo'][i % 3] ?? '',
          `$ ${42 + (i % 3) * 9 + (Math.floor(i / 3) % 4)}.000`,
          pick(['romo', 'medio', 'vivo'], Math.floor(i / 3)),
          pick(['guayacán', 'nazareno', 'cedro', 'ébano'], Math.floor(i / 3)),
          pick(['agua', 'aceite'], Math.floor(i / 3)),
        ]),
      ],
    ),
    currency: 'COP',
    columns: 'title option price particular particular particular',
    want: made(
      120,
      (i) =>
        `${pick(opener, Math.floor(i / 3))} ${Math.floor(i / 24) + 1} | ${['corto', 'mediano', 'largo'][i % 3]} | ${(42 + (i % 3) * 9 + (Math.floor(i / 3) % 4)) * 100000} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '304003/5 comic back issues, Plovdiv',
    file: 'comics.txt',
    brief: 'Comic back issues, Plovdiv, Bulgaria. Prices in euros.',
    text: `Dark Harbour 1 | Condition | fine | 14.00 | 1974 | Sofia Press | 32 | colour | staples rusty | K. Denev
Dark Harbour 1 | Condition | worn | 6.50 | 1974 | Sofia Press | 32 | colour | cover loose | K. Denev
Dark Harbour 2 | Condition | fine | 12.00 | 1974 | Sofia Press | 32 | colour | clean | K. Denev
Dark Harbour 2 | Condition | worn | 5.00 | 1974 | Sofia Press | 32 | colour | spine taped | K. Denev
Moon Postman 4 | Condition | fine | 22.00 | 1979 | Duga Books | 48 | black and white | clean | M. Ilieva
Moon Postman 4 | Condition | worn | 9.00 | 1979 | Duga Books | 48 | black and white | name inside | M. Ilieva
Moon Postman 5 | Condition | fine | 20.00 | 1980 | Duga Books | 48 | black and white | clean | M. Ilieva
Iron Bear 11 | Condition | worn | 4.00 | 1982 | Trakia Press | 24 | colour | corner cut | P. Stoev
Iron Bear 12 | Condition | worn | 4.00 | 1982 | Trakia Press | 24 | colour | clean | P. Stoev
Iron Bear 13 | Condition | fine | 8.50 | 1983 | Trakia Press | 24 | colour | clean | P. Stoev
Iron Bear 13 | Condition | worn | 4.00 | 1983 | Trakia Press | 24 | colour | fold in middle | P. Stoev
`,
    currency: 'EUR',
    columns: 'title optionName optionValue price particular particular particular particular particular particular',
    want: `Dark Harbour 1 | fine | 1400 | ∞
Dark Harbour 1 | worn | 650 | ∞
Dark Harbour 2 | fine | 1200 | ∞
Dark Harbour 2 | worn | 500 | ∞
Moon Postman 4 | fine | 2200 | ∞
Moon Postman 4 | worn | 900 | ∞
Moon Postman 5 | fine | 2000 | ∞
Iron Bear 11 | worn | 400 | ∞
Iron Bear 12 | worn | 400 | ∞
Iron Bear 13 | fine | 850 | ∞
Iron Bear 13 | worn | 400 | ∞`,
  },
  {
    drawn: '304003/6 rocking horses, Asunción',
    file: 'caballitos.html',
    brief: 'Caballitos de madera, Asunción, Paraguay. Guaraníes.',
    text: savedPage('Caballitos', [
      product('Caballito Tobatí', '850000', 'PYG', { grupo: 'CT', gtin13: gtin(784000000001), madera: ['lapacho', 'pulido'] }),
      product('Caballito Tobatí', '920000', 'PYG', { grupo: 'CT', gtin13: gtin(784000000002, 5), madera: ['cedro', 'pulido'] }),
      product('Caballito Areguá', '', 'PYG', { grupo: 'CA', gtin13: gtin(784000000003), madera: ['lapacho', 'pintado'] }),
      product('Caballito Areguá', '780000', 'PYG', { grupo: 'CA', gtin13: gtin(784000000004), madera: ['cedro', 'pintado'] }),
      product('Burrito', '640000', 'PYG', { grupo: 'BU', gtin13: gtin(784000000005), madera: ['cedro', 'pulido'] }),
      product('Balancín doble', '1480000', 'PYG', { grupo: 'BD', gtin13: gtin(784000000006), madera: ['lapacho', 'pulido'] }),
    ]),
    currency: 'PYG',
    columns: 'title group gtin option/particular price currency',
    want: `Caballito Tobatí | lapacho, pulido | 850000 | ∞
Caballito Tobatí | cedro, pulido | 920000 | ∞
Caballito Areguá | lapacho, pintado | ? | ∞
Caballito Areguá | cedro, pintado | 780000 | ∞
Burrito | cedro, pulido | 640000 | ∞
Balancín doble | lapacho, pulido | 1480000 | ∞`,
  },
  {
    drawn: '304003/7 orchid labels, Halifax',
    file: 'tags.json',
    brief: 'What: orchid labels\nWhere: Halifax, Nova Scotia\nMoney: CAD',
    text: JSON.stringify(
      (
        [
          ['T1', 'Stake tag', 'copper', 12.5, '8 g', '15 cm', 'stylus', 'ten years'],
          ['T1', 'Stake tag', 'zinc', 9.5, '7 g', '15 cm', 'stylus', 'ten years'],
          ['T1', 'Stake tag', 'slate', 15, '22 g', '15 cm', 'chalk pen', 'for ever'],
          ['T2', 'Hanging tag', 'copper', 10, '5 g', '6 cm', 'stylus', 'ten years'],
          ['T2', 'Hanging tag', 'zinc', 7.5, '4 g', '6 cm', 'stylus', 'ten years'],
          ['T3', 'Pot clip', 'bamboo', 4, '3 g', '4 cm', 'pencil', 'two years'],
          ['T3', 'Pot clip', 'horn', 8, '4 g', '4 cm', 'chalk pen', 'ten years'],
          ['T4', 'Flask seal', 'wax', 3.5, '2 g', '2 cm', 'stamp', 'a season'],
          ['T4', 'Flask seal', 'tin', 5.5, '3 g', '2 cm', 'stamp', 'a season'],
          ['T5', 'Row marker', 'cedar', 6, '41 g', '30 cm', 'pencil', 'two years'],
          ['T5', 'Row marker', 'larch', 6, '44 g', '30 cm', 'pencil', 'two years'],
        ] as const
      ).map((row) => [...row]),
    ),
    currency: 'CAD',
    columns: 'group title option price weight particular particular particular',
    want: `Stake tag | copper | 1250 | ∞
Stake tag | zinc | 950 | ∞
Stake tag | slate | 1500 | ∞
Hanging tag | copper | 1000 | ∞
Hanging tag | zinc | 750 | ∞
Pot clip | bamboo | 400 | ∞
Pot clip | horn | 800 | ∞
Flask seal | wax | 350 | ∞
Flask seal | tin | 550 | ∞
Row marker | cedar | 600 | ∞
Row marker | larch | 600 | ∞`,
  },
];
