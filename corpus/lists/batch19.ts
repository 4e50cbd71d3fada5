import { feed, gtin, jsonLines, made, pick, savedPage, type ListCase } from './case';

/**
 * Drawn and written on 27 November 2026, before the reader was run on any; each has the brief that its seller would have given. Three of
 * the twenty that were drawn have no list.
 */
export const batch19: ListCase[] = [
  {
    drawn: '77120/2 dice, Tbilisi',
    file: 'dice.xlsx',
    brief: 'Kamateli, Tbilisi. Dice of wood, bone and brass for people who lose. Lari.',
    sheets: [
      {
        name: 'stock take',
        rows: [
          ['Kamateli – everything that rolls'],
          ['take one, leave three lari'],
          ['What rolls', 'We want', 'Faces', 'Corners', 'Balance'],
          ...made(30, (i) => [
            `${pick(['Walnut die', 'Bone die', 'Brass die', 'Cup', 'Tray'], Math.floor(i / 3))}${i >= 15 ? ' deluxe' : ''} (${pick(['red', 'black', 'white'], i)})`,
            8 + Math.floor(i / 3) * 1.5,
            pick([6, 6, 8, 12, 20], Math.floor(i / 3)),
            pick(['round', 'sharp'], Math.floor(i / 3)),
            pick(['checked', 'as it fell'], Math.floor(i / 3)),
          ]),
          ['Example die', 0, 6, 'round', ''],
          ['Sum', 442.5],
        ],
      },
    ],
    currency: 'GEL',
    columns: 'title price particular particular particular',
    want: made(
      30,
      (i) =>
        `${pick(['Walnut die', 'Bone die', 'Brass die', 'Cup', 'Tray'], Math.floor(i / 3))}${i >= 15 ? ' deluxe' : ''} | ${pick(['red', 'black', 'white'], i)} | ${Math.round((8 + Math.floor(i / 3) * 1.5) * 100)} | ∞`,
    ).join('\n'),
    leftOut: 2,
  },
  {
    drawn: '77120/4 willow cuttings, Yerevan',
    file: 'uri.html',
    brief: 'Ուռի, Երևան. Willow cuttings from the Hrazdan. Prices in dram.',
    text: `<!doctype html><html><head><meta charset="utf-8"><title>Ուռի</title></head><body>
<table><thead><tr><th>Անվանում</th><th>Երկարություն</th><th>Գին</th><th>Գույն</th></tr></thead><tbody>
<tr><td>Սպիտակ ուռի</td><td>30 cm</td><td>400 ֏</td><td>կանաչ</td></tr>
<tr><td>Սպիտակ ուռի</td><td>60 cm</td><td>700 ֏</td><td>կանաչ</td></tr>
<tr><td>Կարմիր ուռի</td><td>30 cm</td><td>450 ֏</td><td>կարմիր</td></tr>
<tr><td>Կարմիր ուռի</td><td>60 cm</td><td>780 ֏</td><td>կարմիր</td></tr>
<tr><td>Ոսկե ուռի "արև</td><td>30 cm</td><td>500 ֏</td><td>դեղին</td></tr>
<tr><td>Ոսկե ուռի</td><td>30 cm</td><td>500 ֏</td><td>դեղին</td></tr>
</tbody></table></body></html>`,
    currency: 'AMD',
    columns: 'title option price particular',
    want: `Սպիտակ ուռի | 30 cm | 40000 | ∞
Սպիտակ ուռի | 60 cm | 70000 | ∞
Կարմիր ուռի | 30 cm | 45000 | ∞
Կարմիր ուռի | 60 cm | 78000 | ∞
Ոսկե ուռի "արև | 30 cm | 50000 | ∞
Ոսկե ուռի | 30 cm | 50000 | ∞`,
  },
  {
    drawn: '77120/5 facsimile letters, Busan',
    file: 'letters.xml',
    brief: 'Second Hand, Busan. Letters copied by hand, with the mistakes. Korean won.',
    text: feed([
      [
        ['letter', 'To a brother at sea'],
        ['series', 'SEA'],
        ['size_mm', '148x210'],
        ['price_KRW', '38,000'],
        ['paper', 'hanji'],
        ['ink', 'iron gall'],
        ['year', '1931'],
        ['pages', '2'],
        ['seal', 'yes'],
        ['fold', 'thrice'],
      ],
      [
        ['letter', 'To a brother at sea'],
        ['series', 'SEA'],
        ['size_mm', '210x297'],
        ['price_KRW', '52,000'],
        ['paper', 'hanji'],
        ['ink', 'iron gall'],
        ['year', '1931'],
        ['pages', '2'],
        ['seal', 'yes'],
        ['fold', 'thrice'],
      ],
      [
        ['letter', 'Receipt for a boat'],
        ['series', 'RCPT'],
        ['size_mm', '148x210'],
        ['price_KRW', '29,000'],
        ['paper', 'laid'],
        ['ink', 'soot'],
        ['year', '1908'],
        ['pages', '1'],
        ['seal', 'no'],
        ['fold', 'once'],
      ],
    ]),
    currency: 'KRW',
    columns: 'title group option price particular particular particular particular particular particular',
    want: `To a brother at sea | 148x210 | 38000 | ∞
To a brother at sea | 210x297 | 52000 | ∞
Receipt for a boat | 148x210 | 29000 | ∞`,
  },
  {
    drawn: '77120/6 jigsaw puzzles of aerial photographs, Arequipa',
    file: 'puzzles.json',
    brief: 'Desde Arriba, Arequipa, Perú. Jigsaw puzzles of photographs from a small plane. Soles.',
    text: JSON.stringify([
      { title: 'Colca', colour: 'colour', pieces_size: 'large pieces', price: 'S/ 89', count: 500, flown: '2023', board: 'grey' },
      {
        title: 'Colca',
        colour: 'black and white',
        pieces_size: 'large pieces',
        price: 'S/ 85',
        count: 500,
        flown: '2023',
        board: 'grey',
      },
      {
        title: 'Colca',
        colour: 'colour',
        pieces_size: 'small pieces',
        price: 'desde S/ 95',
        count: 500,
        flown: '2023',
        board: 'grey',
      },
      {
        title: 'Misti',
        colour: 'colour',
        pieces_size: 'large pieces',
        price: 'S/ 110 - 140',
        count: 1000,
        flown: '2024',
        board: 'wood',
      },
      {
        title: 'Misti',
        colour: 'black and white',
        pieces_size: 'small pieces',
        price: 'S/ 105',
        count: 1000,
        flown: '2024',
        board: 'wood',
      },
      {
        title: 'Salinas',
        colour: 'colour',
        pieces_size: 'small pieces',
        price: 'S/ 99',
        count: 750,
        flown: '2024',
        board: 'wood',
      },
    ]),
    currency: 'PEN',
    columns: 'title option option price particular particular particular',
    want: `Colca | colour / large pieces | 8900 | ∞
Colca | black and white / large pieces | 8500 | ∞
Colca | colour / small pieces | ? | ∞
Misti | colour / large pieces | ? | ∞
Misti | black and white / small pieces | 10500 | ∞
Salinas | colour / small pieces | 9900 | ∞`,
  },
  {
    drawn: '77120/7 motorcycle side bags, Belfast',
    file: 'bags.psv',
    brief: 'Lagan Leather, Belfast. Side bags for motorcycles. Pounds.',
    text: `Title|Description|Price|Category|Stock
Courier|Bridle leather, two straps.|185.00|Bags > Single|3
Pair for touring|Waxed canvas, steel buckles.|320.00|Bags > Pairs|1
Tool roll|Fits under the seat.|48.00|Small things > Rolls|12
`,
    currency: 'GBP',
    columns: 'title description price category stock',
    want: `Courier | | 18500 | 3
Pair for touring | | 32000 | 1
Tool roll | | 4800 | 12`,
  },
  {
    drawn: '77120/9 tamarind sweets, Montevideo',
    file: 'dulces.xlsx',
    brief: 'Ácido, Montevideo. Dulces de tamarindo. Pesos uruguayos.',
    sheets: [
      {
        name: 'Dulces',
        rows: [
          ['Ácido SRL'],
          ['Lista 14, octubre'],
          ['Dulce', 'Precio', 'Nota', 'Nota'],
          ...made(32, (i) => [
            `${pick(['Bolita', 'Tira', 'Pulpa', 'Paleta'], Math.floor(i / 2))} ${pick(['clásica', 'picante', 'salada', 'sin azúcar'], Math.floor(i / 8))} - ${pick(['100 g', '500 g'], i)}`,
            90 + Math.floor(i / 2) * 5 + (i % 2) * 240,
            pick(['picante', 'suave'], Math.floor(i / 2)),
            i === 3 ? 'dice "cuidado",\nen rojo' : pick(['vegano', 'con miel'], Math.floor(i / 2)),
          ]),
          ['TOTAL', 9120],
        ],
      },
    ],
    currency: 'UYU',
    columns: 'title price particular/description particular/description',
    want: made(
      32,
      (i) =>
        `${pick(['Bolita', 'Tira', 'Pulpa', 'Paleta'], Math.floor(i / 2))} ${pick(['clásica', 'picante', 'salada', 'sin azúcar'], Math.floor(i / 8))} | ${pick(['100 g', '500 g'], i)} | ${(90 + Math.floor(i / 2) * 5 + (i % 2) * 240) * 100} | ∞`,
    ).join('\n'),
    leftOut: 1,
  },
  {
    drawn: '77120/10 willow cuttings, Dakar',
    file: 'saules.psv',
    brief: 'Saules du Sahel, Dakar. Boutures de saule. Prix en francs CFA.',
    text: `Bouture|Écorce|Longueur|Prix|Code-barres|Disponible
Saule blanc|verte|30 cm|1 500|${gtin(604_000_000_001)}|oui
Saule blanc|jaune|30 cm|1 800|${gtin(604_000_000_002, 4)}|non
Saule blanc|verte|60 cm|2 600|${gtin(604_000_000_003)}|encore deux
`,
    currency: 'XOF',
    columns: 'title option option price gtin stock',
    want: `Saule blanc | verte / 30 cm | 1500 | ∞
Saule blanc | jaune / 30 cm | 1800 | 0
Saule blanc | verte / 60 cm | 2600 | 2`,
  },
  {
    drawn: '77120/11 dice, Seville',
    file: 'dados.txt',
    brief: 'Azar, Sevilla. Dados. Euros.',
    text: `dado; lado (mm); precio (€); caras; material; canto; puntos; origen; peso
Dado de olivo; 12, 16, 20; 3,50; 6; olivo; romo; quemados; Jaén; 2 g
Dado de hueso; 12, 16; desde 5,00; 6; hueso; vivo; pintados; Ronda; 3 g
Dado de veinte; 20; 6,00-8,00; 20; latón; vivo; grabados; Sevilla; 28 g
`,
    currency: 'EUR',
    columns: 'title option price particular particular particular particular particular weight',
    want: `Dado de olivo | 12 | 350 | ∞
Dado de olivo | 16 | 350 | ∞
Dado de olivo | 20 | 350 | ∞
Dado de hueso | 12 | ? | ∞
Dado de hueso | 16 | ? | ∞
Dado de veinte | 20 | ? | ∞`,
  },
  {
    drawn: '77120/12 crossword books, Gdańsk',
    file: 'krzyzowki.psv',
    encoding: 'windows-1250',
    brief: 'Poziomo, Gdańsk. Krzyżówki w książkach. Złote.',
    text: `Title|Price|Category|Stock
Morze / łatwe|19,90|Krzyżówki|40
Morze / trudne|21,90|Krzyżówki|22
Góry / łatwe|19,90|Krzyżówki|35
Góry / trudne|21,90|Krzyżówki|0
Las / łatwe|19,90|Krzyżówki|18
Las / trudne|21,90|Krzyżówki|9
Miasto / łatwe|19,90|Krzyżówki|27
Miasto / trudne|21,90|Krzyżówki|11
Ołówek|3,50|Dodatki|200
Gumka|2,00|Dodatki|150
Zestaw na drogę|45,00|Dodatki|6
`,
    currency: 'PLN',
    columns: 'title price category stock',
    want: `Morze | łatwe | 1990 | 40
Morze | trudne | 2190 | 22
Góry | łatwe | 1990 | 35
Góry | trudne | 2190 | 0
Las | łatwe | 1990 | 18
Las | trudne | 2190 | 9
Miasto | łatwe | 1990 | 27
Miasto | trudne | 2190 | 11
Ołówek | | 350 | 200
Gumka | | 200 | 150
Zestaw na drogę | | 4500 | 6`,
  },
  {
    drawn: '77120/13 ocarinas, Penang',
    file: 'ocarinas.tsv',
    brief: 'Tiup, Penang. Ocarinas of clay. Ringgit.',
    text: `Dove ocarina – C\tRM 65\tterracotta\t6 holes\tA3\tin stock
Dove ocarina – G\tRM 65\tterracotta\t6 holes\tA3\ttwo left
Whale ocarina – C\tRM 120\tstoneware\t12 holes\tA4\tsold out
Whale ocarina – F\tRM 125\tstoneware\t12 holes\tA4\tin stock
Egg ocarina – C\tRM 45\tterracotta\t4 holes\tC5\tplenty
Egg ocarina – D\tRM 45\tterracotta\t4 holes\tC5\tplenty
Hornbill ocarina – C\tRM 180\tporcelain\t12 holes\tA4\tone
Hornbill ocarina – G\tRM 185\tporcelain\t12 holes\tA4\tsold out
Cord\tRM 8\tcotton\t\t\tplenty
Bag\tRM 15\tbatik\t\t\tplenty
Book of tunes\tRM 28\tpaper\t\t\tin stock
`,
    currency: 'MYR',
    columns: 'title price particular particular particular stock',
    want: `Dove ocarina | C | 6500 | ∞
Dove ocarina | G | 6500 | 2
Whale ocarina | C | 12000 | 0
Whale ocarina | F | 12500 | ∞
Egg ocarina | C | 4500 | ∞
Egg ocarina | D | 4500 | ∞
Hornbill ocarina | C | 18000 | 1
Hornbill ocarina | G | 18500 | 0
Cord | | 800 | ∞
Bag | | 1500 | ∞
Book of tunes | | 2800 | ∞`,
  },
  {
    drawn: '77120/14 marionettes, Tucumán',
    file: 'titeres.html',
    brief: 'La Cruceta, Tucumán. Marionetas. Pesos argentinos.',
    text: savedPage('La Cruceta', [
      ...made(40, (i) => ({
        '@type': 'Product',
        name: `${pick(['Gaucho', 'Payaso', 'Lechuza', 'Reina', 'Zorro'], Math.floor(i / 4))} ${Math.floor(i / 20) + 1}`,
        color: pick(['rojo', 'azul'], i),
        size: pick(['35 cm', '50 cm'], Math.floor(i / 2)),
        hilos: pick(['5', '7', '9'], Math.floor(i / 4)),
        madera: pick(['ceibo', 'cedro'], Math.floor(i / 4)),
        boca: pick(['móvil', 'fija'], Math.floor(i / 4)),
        offers: {
          '@type': 'Offer',
          price: 42000 + Math.floor(i / 4) * 1500 + (Math.floor(i / 2) % 2) * 9000,
          priceCurrency: 'ARS',
        },
      })).filter((_, i) => i % 9 !== 7),
      { '@type': 'Product', name: 'Sample product', offers: { '@type': 'Offer', price: 1, priceCurrency: 'ARS' } },
    ]),
    currency: 'ARS',
    columns: 'title option option particular particular particular price currency',
    want: made(40, (i) => i)
      .filter((i) => i % 9 !== 7)
      .map(
        (i) =>
          `${pick(['Gaucho', 'Payaso', 'Lechuza', 'Reina', 'Zorro'], Math.floor(i / 4))} ${Math.floor(i / 20) + 1} | ${pick(['rojo', 'azul'], i)} / ${pick(['35 cm', '50 cm'], Math.floor(i / 2))} | ${(42000 + Math.floor(i / 4) * 1500 + (Math.floor(i / 2) % 2) * 9000) * 100} | ∞`,
      )
      .join('\n'),
    leftOut: 1,
  },
  {
    drawn: '77120/15 fountain nozzles, Cardiff',
    file: 'nozzles.json',
    brief: 'Spout, Cardiff. Nozzles for fountains. Pounds.',
    text: JSON.stringify([
      { title: 'Bell nozzle, brass', price: 64, description: 'A sheet of water,\nlike a "bell".', stock: 5 },
      { title: 'Bell nozzle, steel', price: 58, description: 'A sheet of water,\nlike a "bell".', stock: 2 },
      { title: 'Fan nozzle, brass', price: null, description: 'Wide and low.', stock: 1 },
      { title: 'Fan nozzle, steel', price: 49, description: 'Wide and low.', stock: 4 },
      { title: 'Jet, brass', price: 38, description: 'Straight up.', stock: 9 },
      { title: 'Jet, steel', price: 33, description: 'Straight up.', stock: 0 },
      { title: 'Finger set', price: 120, description: 'Five of them, for a basin.', stock: 3 },
      { title: 'Strainer', price: 12, description: 'Keeps leaves out.', stock: 30 },
      { title: 'Hose, 2 m', price: 9.5, description: 'Food safe.', stock: 14 },
      { title: 'Hose, 5 m', price: 19.5, description: 'Food safe.', stock: 8 },
      { title: 'Pump', price: null, description: 'We can find you one.', stock: 0 },
    ]),
    currency: 'GBP',
    columns: 'title price description stock',
    want: `Bell nozzle | brass | 6400 | 5
Bell nozzle | steel | 5800 | 2
Fan nozzle | brass | ? | 1
Fan nozzle | steel | 4900 | 4
Jet | brass | 3800 | 9
Jet | steel | 3300 | 0
Finger set | | 12000 | 3
Strainer | | 1200 | 30
Hose | 2 m | 950 | 14
Hose | 5 m | 1950 | 8
Pump | | ? | 0`,
  },
  {
    drawn: '77120/16 butter dishes, Bologna',
    file: 'burriere.xlsx',
    brief: 'Burro e Basta, Bologna. Burriere di ceramica. Euro.',
    sheets: [
      {
        name: 'Foglio1',
        rows: [
          ['Burro e Basta'],
          ['Prezzi con IVA'],
          ['Burriera', 'Prezzo (€)', 'Lunghezza (cm)', 'Codice', 'Disponibilità'],
          ['Mucca', 34, 18, 'BB 01 M', 'disponibile'],
          ['Casa', 38, 20, 'BB 02 C', 'esaurito'],
          ['Barca', 41.5, 22, 'BB 03 B', 'due pezzi'],
          ['Totale', 113.5, '', '', ''],
        ],
      },
    ],
    currency: 'EUR',
    columns: 'title price particular sku stock',
    want: `Mucca | | 3400 | ∞
Casa | | 3800 | 0
Barca | | 4150 | 2`,
    leftOut: 1,
  },
  {
    drawn: '77120/17 turf cutters, Bangalore',
    file: 'cutters.xlsx',
    brief: 'Greenblade, Bangalore. Tools that cut turf. Rupees.',
    sheets: [
      {
        name: 'By hand',
        rows: [
          ['The tool', 'Edge', 'Takes from you', 'Feels like'],
          ...made(40, (i) => [
            `${pick(['Half moon', 'Lifter', 'Edger', 'Spade'], Math.floor(i / 2))} ${Math.floor(i / 8) + 1}`,
            pick(['20 cm', '25 cm'], i),
            `₹${1450 + Math.floor(i / 2) * 90}`,
            pick(['1.8 kg', '2.1 kg'], i),
          ]),
        ],
      },
      {
        name: 'With engine',
        rows: [
          ['The tool', 'Edge', 'Takes from you', 'Feels like'],
          ...made(8, (i) => [
            `Motor cutter ${Math.floor(i / 2) + 1}`,
            pick(['30 cm', '45 cm'], i),
            `₹${48000 + i * 2500}`,
            pick(['42 kg', '55 kg'], i),
          ]),
        ],
      },
    ],
    currency: 'INR',
    columns: 'title option price weight/particular',
    want: [
      ...made(
        40,
        (i) =>
          `${pick(['Half moon', 'Lifter', 'Edger', 'Spade'], Math.floor(i / 2))} ${Math.floor(i / 8) + 1} | ${pick(['20 cm', '25 cm'], i)} | ${(1450 + Math.floor(i / 2) * 90) * 100} | ∞`,
      ),
      ...made(
        8,
        (i) => `Motor cutter ${Math.floor(i / 2) + 1} | ${pick(['30 cm', '45 cm'], i)} | ${(48000 + i * 2500) * 100} | ∞`,
      ),
    ].join('\n'),
  },
  {
    drawn: '77120/18 name tapes, Vilnius',
    file: 'juosteles.json',
    brief: 'Vardas, Vilnius. Tapes with names, woven. Euros.',
    text: JSON.stringify([
      ...made(36, (i) => ({
        tape: `${pick(['Kindergarten', 'School', 'Sports', 'Nursing home'], Math.floor(i / 3))} tape ${Math.floor(i / 12) + 1}`,
        'goes with': `V${Math.floor(i / 3) + 1}`,
        'woven in': pick(['red', 'navy', 'green'], i),
        'for all of this': `${9 + Math.floor(i / 3)},50 €`,
        'on the loom?': pick(['ready', 'sold out', 'made to order'], i),
      })),
      { tape: 'Test tape', 'goes with': 'V0', 'woven in': 'red', 'for all of this': '0,00 €', 'on the loom?': '' },
    ]),
    currency: 'EUR',
    columns: 'title group option price stock',
    want: made(
      36,
      (i) =>
        `${pick(['Kindergarten', 'School', 'Sports', 'Nursing home'], Math.floor(i / 3))} tape ${Math.floor(i / 12) + 1} | ${pick(['red', 'navy', 'green'], i)} | ${(9 + Math.floor(i / 3)) * 100 + 50} | ${pick(['∞', '0', '∞'], i)}`,
    ).join('\n'),
    leftOut: 1,
  },
  {
    drawn: '77120/19 perfume-free cosmetics, Manila',
    file: 'walang-amoy.xlsx',
    brief: 'Walang Amoy, Manila. Cosmetics without perfume. Philippine pesos.',
    sheets: [
      {
        name: 'Face',
        rows: [
          [
            'Product',
            'Option',
            'Value',
            'Price',
            'Barcode',
            'Note',
            'Note',
            'Skin',
            'Base',
            'Jar',
            'Opens',
            'Keeps',
            'Patch test',
          ],
          ...made(20, (i) => [
            `${pick(['Cream', 'Balm', 'Oil', 'Wash', 'Mask'], Math.floor(i / 2))} ${Math.floor(i / 10) + 1}`,
            'Size',
            pick(['30 ml', '60 ml'], i),
            320 + Math.floor(i / 2) * 20 + (i % 2) * 210,
            gtin(480_000_100_000 + i, i === 6 ? 3 : 0),
            pick(['day', 'night'], Math.floor(i / 2)),
            pick(['tested', 'new'], Math.floor(i / 2)),
            pick(['dry', 'oily'], Math.floor(i / 2)),
            pick(['coconut', 'pili'], Math.floor(i / 2)),
            'glass',
            pick(['lid', 'pump'], Math.floor(i / 2)),
            '9 months',
            pick(['yes', 'no'], Math.floor(i / 2)),
          ]),
        ],
      },
      {
        name: 'Hands',
        rows: [
          [
            'Product',
            'Option',
            'Value',
            'Price',
            'Barcode',
            'Note',
            'Note',
            'Skin',
            'Base',
            'Jar',
            'Opens',
            'Keeps',
            'Patch test',
          ],
          [
            'Hand balm',
            'Size',
            '30 ml',
            290,
            gtin(480_000_100_500),
            'day',
            'tested',
            'dry',
            'pili',
            'glass',
            'lid',
            '9 months',
            'no',
          ],
          [
            'Hand balm',
            'Size',
            '60 ml',
            480,
            gtin(480_000_100_501),
            'day',
            'tested',
            'dry',
            'pili',
            'glass',
            'lid',
            '9 months',
            'no',
          ],
        ],
      },
    ],
    currency: 'PHP',
    columns:
      'title optionName optionValue price gtin particular particular particular particular particular particular particular particular',
    want: [
      ...made(
        20,
        (i) =>
          `${pick(['Cream', 'Balm', 'Oil', 'Wash', 'Mask'], Math.floor(i / 2))} ${Math.floor(i / 10) + 1} | ${pick(['30 ml', '60 ml'], i)} | ${(320 + Math.floor(i / 2) * 20 + (i % 2) * 210) * 100} | ∞`,
      ),
      'Hand balm | 30 ml | 29000 | ∞',
      'Hand balm | 60 ml | 48000 | ∞',
    ].join('\n'),
  },
  {
    drawn: '77120/20 veils, Bogotá',
    file: 'velos.jsonl',
    brief: 'Tul, Bogotá. Veils for weddings and for bees. Colombian pesos.',
    text: jsonLines([
      { 'the veil': 'Cathedral – ivory', 'we would like': '$420.000', 'falls to': 'the floor', edge: 'lace' },
      { 'the veil': 'Cathedral – white', 'we would like': '$420.000', 'falls to': 'the floor', edge: 'lace' },
      { 'the veil': 'Mantilla – ivory', 'we would like': '$380.000', 'falls to': 'the hip', edge: 'lace' },
      { 'the veil': 'Mantilla – black', 'we would like': '$390.000', 'falls to': 'the hip', edge: '"lace' },
      { 'the veil': 'Birdcage – white', 'we would like': '$95.000', 'falls to': 'the chin', edge: 'none' },
      { 'the veil': 'Birdcage – red', 'we would like': '$95.000', 'falls to': 'the chin', edge: 'none' },
      { 'the veil': 'Beekeeper', 'we would like': '$120.000', 'falls to': 'the shoulder', edge: 'elastic' },
      { 'the veil': 'Comb', 'we would like': '$35.000', 'falls to': '', edge: '' },
      { 'the veil': 'Sample veil', 'we would like': '$0', 'falls to': '', edge: '' },
    ]),
    currency: 'COP',
    columns: 'title price particular particular',
    want: `Cathedral | ivory | 42000000 | ∞
Cathedral | white | 42000000 | ∞
Mantilla | ivory | 38000000 | ∞
Mantilla | black | 39000000 | ∞
Birdcage | white | 9500000 | ∞
Birdcage | red | 9500000 | ∞
Beekeeper | | 12000000 | ∞
Comb | | 3500000 | ∞`,
    leftOut: 1,
  },
];
