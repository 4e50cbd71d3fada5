import { feed, fixedWidth, gtin, jsonLines, made, pick, product, savedPage, type ListCase } from './case';

/**
 * Drawn and written on 27 November 2026, before the reader was run on any; each has the brief that its seller would have given. One of
 * the twenty that were drawn has no list.
 */
export const batch10: ListCase[] = [
  {
    drawn: '271828/1 nutcrackers, Split',
    file: 'nutcrackers.html',
    brief: 'Krcko turns nutcrackers from olive wood in Split, Croatia. Euros.',
    text: savedPage(
      'Krcko',
      made(18, (i) =>
        product(`Nutcracker ${i + 1}`, (24 + i).toFixed(2), 'EUR', {
          category: pick(['Kitchen > Nuts', 'Gifts > Soldiers'], i),
          additionalProperty: [
            ['Jaw', pick(['screw', 'lever'], i)],
            ['Wood', 'olive'],
            ['Cracks', pick(['walnuts', 'almonds', 'hazels'], i)],
            ['Height', `${14 + i} cm`],
            ['Finish', pick(['oil', 'paint'], i)],
            ['Turned by', pick(['Ante', 'Mira'], i)],
          ].map(([name, value]) => ({ '@type': 'PropertyValue', name, value })),
        }),
      ),
    ),
    currency: 'EUR',
    columns: 'title category particular particular particular particular particular particular price currency',
    want: made(18, (i) => `Nutcracker ${i + 1} | | ${(24 + i) * 100} | ∞`).join('\n'),
  },
  {
    // The sign of the colón is in no such encoding: what stands in the file is a question mark.
    drawn: '271828/3 yoghurt cultures, San José',
    file: 'cultures.xml',
    encoding: 'iso-8859-1',
    brief: 'Cultivo Vivo keeps yoghurt cultures alive in San José, Costa Rica. Prices in colones.',
    text: feed(
      made(21, (i) => [
        ['what_lives_in_it', i % 3 ? '' : `Culture n.º ${Math.floor(i / 3) + 1}`],
        ['how_much_of_it', pick(['5 g', '10 g', '25 g'], i)],
        ['what_we_want_for_it', i === 10 ? 'US$9' : `₡${3 + (i % 3) * 2}.${pick(['500', '900', '250'], i)}`],
        ['likes', pick(['goat’s milk', 'oat', 'cow’s milk'], Math.floor(i / 3)).replace('’', "'")],
      ]),
      'ISO-8859-1',
    ),
    currency: 'CRC',
    columns: 'title option price particular',
    want: made(21, (i) => `Culture n.º ${Math.floor(i / 3) + 1} | ${pick(['5 g', '10 g', '25 g'], i)} | ? | ∞`).join('\n'),
  },
  {
    drawn: '271828/4 bed slats, Zaragoza',
    file: 'lamas.json',
    brief: 'Somier Vivo, Zaragoza: bed slats cut to size. Euros, VAT in.',
    text: JSON.stringify(
      made(60, (i) => ({
        slat: `Slat ${pick(['flat', 'bowed', 'soft'], Math.floor(i / 20))} ${Math.floor(i / 4) + 1}`,
        set: `L${Math.floor(i / 4)}`,
        'length (cm)': pick([70, 80, 90, 100], i),
        'price (€)': 4.5 + (i % 4) * 0.6,
        stock: pick(['plenty', 'agotado', '12', 'few'], i),
        weight: `${280 + (i % 4) * 40} g`,
      })),
    ),
    currency: 'EUR',
    columns: 'title group option price stock weight',
    want: made(
      60,
      (i) =>
        `Slat ${pick(['flat', 'bowed', 'soft'], Math.floor(i / 20))} ${Math.floor(i / 4) + 1} | ${pick([70, 80, 90, 100], i)} | ${Math.round((4.5 + (i % 4) * 0.6) * 100)} | ${pick(['∞', '0', '12', '?'], i)}`,
    ).join('\n'),
  },
  {
    drawn: '271828/5 sand toys, Nantes',
    file: 'jouets.json',
    brief: 'Pelle-Mêle fabrique des jouets de plage à Nantes. Prix en euros.',
    text: JSON.stringify(
      made(240, (i) => ({
        nom: i % 2 ? '' : `Jouet ${Math.floor(i / 2) + 1}`,
        couleur: pick(['rouge', 'bleu'], i),
        prix: i % 17 === 9 ? '' : `${6 + (Math.floor(i / 2) % 5)},50 €`,
        matière: pick(['hêtre', 'fer blanc'], Math.floor(i / 2)),
        âge: `${2 + (Math.floor(i / 2) % 4)} ans`,
        flotte: pick(['oui', 'non'], Math.floor(i / 2)),
      })),
    ),
    currency: 'EUR',
    columns: 'title option price particular particular particular',
    want: made(
      240,
      (i) =>
        `Jouet ${Math.floor(i / 2) + 1} | ${pick(['rouge', 'bleu'], i)} | ${i % 17 === 9 ? '?' : (6 + (Math.floor(i / 2) % 5)) * 100 + 50} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '271828/6 motorcycle side bags, Wellington',
    file: 'bags.txt',
    encoding: 'windows-1252',
    brief: 'Saddle & Gale sews bags for motorcycles in Wellington, New Zealand. NZ dollars.',
    text: fixedWidth(
      [22, 18, 16, 18, 40],
      [
        ['The bag', 'Pick a', 'Which', 'Sets you back', 'What it is'],
        ...made(18, (i) => [
          `Pannier ${Math.floor(i / 2) + 1}`,
          'side',
          pick(['left', 'right'], i),
          `$${240 + Math.floor(i / 2) * 20}.00`,
          '<p>Waxed canvas – twice.</p>',
        ]),
      ],
    ),
    currency: 'NZD',
    columns: 'title optionName optionValue price description',
    want: made(
      18,
      (i) => `Pannier ${Math.floor(i / 2) + 1} | ${pick(['left', 'right'], i)} | ${(240 + Math.floor(i / 2) * 20) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '271828/7 garden sieves, Oaxaca',
    file: 'cribas.html',
    brief: 'Criba Fina, Oaxaca, México. Garden sieves. Pesos mexicanos.',
    text: savedPage(
      'Criba Fina',
      made(40, (i) => ({
        '@type': 'ProductGroup',
        name: `Sieve ${i + 1}`,
        productGroupID: `C${i}`,
        variesBy: 'Mesh',
        hasVariant: made(2, (n) => ({
          '@type': 'Product',
          name: `Sieve ${i + 1}`,
          sku: `C${i}-${n}`,
          additionalProperty: [
            ['Mesh', pick(['3 mm', '6 mm'], n)],
            ['Rim', pick(['cedar', 'pine'], i)],
            ['Across', `${30 + (i % 3) * 10} cm`],
            ['Wire', 'galvanised'],
            ['Rivets', String(8 + (i % 4))],
            ['Bent by', pick(['Lupe', 'Chucho'], i)],
          ].map(([name, value]) => ({ '@type': 'PropertyValue', name, value })),
          offers: {
            '@type': 'Offer',
            price: 180 + i * 5 + n * 30,
            priceCurrency: i === 12 && n === 1 ? 'USD' : 'MXN',
          },
        })),
      })),
    ),
    currency: 'MXN',
    columns: 'title group sku option particular particular particular particular particular price currency',
    want: made(40, (i) =>
      made(
        2,
        (n) => `Sieve ${i + 1} | ${pick(['3 mm', '6 mm'], n)} | ${i === 12 && n === 1 ? '?' : (180 + i * 5 + n * 30) * 100} | ∞`,
      ),
    )
      .flat()
      .join('\n'),
  },
  {
    drawn: '271828/8 slide projectors, Busan',
    file: 'projectors.xlsx',
    brief: 'Slide Night mends slide projectors in Busan, Korea. Prices in won.',
    sheets: ['35 mm', 'Stereo'].map((name, s) => ({
      name,
      rows: made(s ? 5 : 6, (i): (string | number)[] => [
        `Projector ${name} no. ${Math.floor(i / 2) + 1}`,
        pick(['grey', 'cream'], i),
        pick(['small', 'large'], Math.floor(i / 2)),
        i === 4 ? 'US$140' : `₩${180 + i * 10 + s * 40},000`,
        i === 1 ? 'The lamp is "new"\nthe fan is not.' : 'Cleaned, oiled and tried for an evening.',
      ]),
    })),
    currency: 'KRW',
    columns: 'title option particular price description',
    want: made(11, (n) => {
      const s = n < 6 ? 0 : 1;
      const i = s ? n - 6 : n;
      return `Projector ${pick(['35 mm', 'Stereo'], s)} no. ${Math.floor(i / 2) + 1} | ${pick(['grey', 'cream'], i)} | ${i === 4 ? '?' : (180 + i * 10 + s * 40) * 1000} | ∞`;
    }).join('\n'),
  },
  {
    drawn: '271828/9 glass eyes for teddy bears, Tbilisi',
    file: 'eyes.csv',
    brief: 'Datvi blows glass eyes for teddy bears in Tbilisi. Lari.',
    text: `${made(
      18,
      (i) =>
        `Eye ${Math.floor(i / 3) + 1};Size;${pick(['8 mm', '10 mm', '14 mm'], i)};${6 + (i % 3)},50 ₾;${i % 5 === 1 ? `${5 + (i % 3)},00 ₾` : ''};"Sold in ""pairs""${i % 4 ? '' : ',\nmatched by eye'}"`,
    ).join('\n')}
`,
    currency: 'GEL',
    columns: 'title optionName optionValue price particular description',
    want: made(18, (i) => `Eye ${Math.floor(i / 3) + 1} | ${pick(['8 mm', '10 mm', '14 mm'], i)} | ? | ∞`).join('\n'),
  },
  {
    drawn: '271828/10 wind chimes, Budapest',
    file: 'chimes.tsv',
    brief: 'Szélcsend hangs wind chimes in Budapest. Forints.',
    text: `${made(
      18,
      (i) =>
        `Chime ${Math.floor(i / 4) + 1}\t${pick(['copper', 'brass'], i)}\t${pick(['S', 'L'], Math.floor(i / 2))}\t${i % 7 === 3 ? '' : `${12 + (Math.floor(i / 2) % 2) * 6} 500 Ft`}\t${i === 8 ? '"deep' : pick(['bright', 'deep'], Math.floor(i / 4))}`,
    ).join('\n')}
`,
    currency: 'HUF',
    columns: 'title option option price particular',
    want: made(
      18,
      (i) =>
        `Chime ${Math.floor(i / 4) + 1} | ${pick(['copper', 'brass'], i)} / ${pick(['S', 'L'], Math.floor(i / 2))} | ${i % 7 === 3 ? '?' : ((12 + (Math.floor(i / 2) % 2) * 6) * 1000 + 500) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '271828/11 ticket holders, Montréal',
    file: 'holders.tsv',
    brief: 'Porte-Billet, Montréal: holders for tickets nobody prints any more. Canadian dollars.',
    text: `The holder\tIts colour\tWe ask\tOur number\tUnder the stripes
${made(
  35,
  (i) =>
    `${i % 5 ? '' : `Holder ${Math.floor(i / 5) + 1}`}\t${pick(['tan', 'navy', 'moss', 'plum', 'black'], i)}\t$${28 + Math.floor(i / 5) * 3}.00\tPB ${400 + i} C\t${gtin(628000002000 + i, i % 9 === 4 ? 1 : 0)}`,
).join('\n')}
`,
    currency: 'CAD',
    columns: 'title option price sku gtin',
    want: made(
      35,
      (i) =>
        `Holder ${Math.floor(i / 5) + 1} | ${pick(['tan', 'navy', 'moss', 'plum', 'black'], i)} | ${(28 + Math.floor(i / 5) * 3) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '271828/12 irons for branding wood, La Paz',
    file: 'hierros.tsv',
    brief: 'Marca al Rojo forja hierros para marcar madera en La Paz, Bolivia. Precios en bolivianos.',
    text: `${made(
      18,
      (i) =>
        `Hierro ${Math.floor(i / 3) + 1}\tLetra\t${pick(['A', 'M', 'Z'], i)}\tBs ${140 + Math.floor(i / 3) * 20}\t${420 + Math.floor(i / 3) * 30} g`,
    ).join('\n')}
`,
    currency: 'BOB',
    columns: 'title optionName optionValue price weight',
    want: made(
      18,
      (i) => `Hierro ${Math.floor(i / 3) + 1} | ${pick(['A', 'M', 'Z'], i)} | ${(140 + Math.floor(i / 3) * 20) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '271828/13 tamarind sweets, Helsinki',
    file: 'tamarindi.txt',
    brief: 'Hapan keittää tamarindikaramelleja Helsingissä. Hinnat euroina.',
    text: `Tuote, Väri, Koko, Hinta, EAN
${made(
  240,
  (i) =>
    `Karamelli ${Math.floor(i / 4) + 1}, ${pick(['punainen', 'ruskea'], i)}, ${pick(['pieni', 'iso'], Math.floor(i / 2))}, ${pick(['3.90', '6.50'], Math.floor(i / 2))} €, ${gtin(640000003000 + i, i % 23 === 7 ? 1 : 0)}`,
).join('\n')}
`,
    currency: 'EUR',
    columns: 'title option option price gtin',
    want: made(
      240,
      (i) =>
        `Karamelli ${Math.floor(i / 4) + 1} | ${pick(['punainen', 'ruskea'], i)} / ${pick(['pieni', 'iso'], Math.floor(i / 2))} | ${pick([390, 650], Math.floor(i / 2))} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '271828/14 tuning forks, Zaragoza',
    file: 'forks.xlsx',
    brief: 'Diapasón makes tuning forks in Zaragoza. Euros.',
    sheets: ['Concert', 'Medical'].map((name, s) => ({
      name,
      rows: [
        ['Fork', 'Rings at', 'Yours for', 'Stripes', 'Steel', 'Handle', 'Case', 'Weighted', 'Tuned by', 'Rings for'],
        ...made(30, (i): string[] => [
          i % 3 ? '' : `${name} fork ${Math.floor(i / 3) + 1}`,
          pick(['415 Hz', '432 Hz', '440 Hz'], i),
          `${22 + Math.floor(i / 3) + s * 6},00 €`,
          gtin(841000004000 + i + s * 100, i % 11 === 6 ? 1 : 0),
          'carbon',
          pick(['ball', 'plain'], Math.floor(i / 3)),
          pick(['felt', 'none'], Math.floor(i / 3)),
          pick(['no', 'yes'], Math.floor(i / 3)),
          pick(['Pilar', 'Jorge'], Math.floor(i / 3)),
          `${30 + Math.floor(i / 3)} s`,
        ]),
      ],
    })),
    currency: 'EUR',
    columns: 'title option price gtin particular particular particular particular particular particular',
    want: made(60, (n) => {
      const s = Math.floor(n / 30);
      const i = n % 30;
      return `${pick(['Concert', 'Medical'], s)} fork ${Math.floor(i / 3) + 1} | ${pick(['415 Hz', '432 Hz', '440 Hz'], i)} | ${(22 + Math.floor(i / 3) + s * 6) * 100} | ∞`;
    }).join('\n'),
  },
  {
    drawn: '271828/15 twine, Arequipa',
    file: 'pitas.jsonl',
    brief: 'Pita Fina spins twine in Arequipa, Peru. Soles.',
    text: jsonLines(
      made(6, (i) => ({
        prod: `Twine ${Math.floor(i / 2) + 1}`,
        opt: 'Ball',
        val: pick(['50 m', '200 m'], i),
        prc: `S/ ${12 + (i % 2) * 26}.00`,
        ean: gtin(775000005000 + i, i === 3 ? 1 : 0),
        fib: pick(['alpaca', 'cotton', 'agave'], Math.floor(i / 2)),
      })),
    ),
    currency: 'PEN',
    columns: 'title optionName optionValue price gtin particular',
    want: made(
      6,
      (i) => `Twine ${Math.floor(i / 2) + 1} | ${pick(['50 m', '200 m'], i)} | ${(12 + (i % 2) * 26) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '271828/16 shoji lamps, Cluj',
    file: 'lampi.xml',
    brief: 'Hârtie și Lumină makes shoji lamps in Cluj-Napoca, Romania. Prices in lei.',
    text: feed([
      [
        ['title', 'Lamp one'],
        ['option_name', 'Paper'],
        ['option_value', 'white'],
        ['price', '390 lei'],
        ['details', '<p>Spruce, <em>no</em> nails.</p>'],
      ],
      [
        ['title', 'Lamp one'],
        ['option_name', 'Paper'],
        ['option_value', 'unbleached'],
        ['price', '410 lei'],
        ['details', '<p>Spruce, <em>no</em> nails.</p>'],
      ],
      [
        ['title', 'Lamp two'],
        ['option_name', 'Paper'],
        ['option_value', 'white'],
        ['price', '520 lei'],
        ['details', '<p>Taller.</p>'],
      ],
    ]),
    currency: 'RON',
    columns: 'title optionName optionValue price description',
    want: `Lamp one | white | 39000 | ∞
Lamp one | unbleached | 41000 | ∞
Lamp two | white | 52000 | ∞`,
  },
  {
    drawn: '271828/17 name tapes, Oaxaca',
    file: 'cintas.psv',
    brief: 'Cintas con Nombre, Oaxaca. Woven name tapes. Mexican pesos.',
    text: `${made(
      18,
      (i) =>
        `Tape ${Math.floor(i / 3) + 1}|NT${Math.floor(i / 3)}|${pick(['red', 'blue', 'green'], i)}|${i % 6 === 2 ? 'from $90' : i % 6 === 5 ? '$80–$110' : `$${80 + Math.floor(i / 3) * 5}.00`}|${pick(['in stock', 'sold out', 'in stock'], i)}`,
    ).join('\n')}
`,
    currency: 'MXN',
    columns: 'title group option price stock',
    want: made(
      18,
      (i) =>
        `Tape ${Math.floor(i / 3) + 1} | ${pick(['red', 'blue', 'green'], i)} | ${i % 6 === 2 || i % 6 === 5 ? '?' : (80 + Math.floor(i / 3) * 5) * 100} | ${pick(['∞', '0', '∞'], i)}`,
    ).join('\n'),
  },
  {
    drawn: '271828/18 tin toys, Louisville',
    file: 'tin.json',
    brief: 'Wind & Rattle restores tin toys in Louisville, Kentucky. Dollars.',
    text: JSON.stringify(
      made(18, (i) => ({
        name: `${pick(['Robot', 'Duck', 'Tram'], Math.floor(i / 6))} ${Math.floor(i / 3) + 1}`,
        color: pick(['red', 'green', 'blue'], i),
        size: pick(['4 in', '7 in'], Math.floor(i / 3)),
        category: pick(['Toys > Robots', 'Toys > Animals', 'Toys > Trains'], Math.floor(i / 6)),
        price: i % 8 === 6 ? null : 38 + (i % 3) * 4,
        'Price note': pick(['restored', 'as found'], Math.floor(i / 3)),
      })),
    ),
    currency: 'USD',
    columns: 'title option particular category price particular',
    want: made(
      18,
      (i) =>
        `${pick(['Robot', 'Duck', 'Tram'], Math.floor(i / 6))} ${Math.floor(i / 3) + 1} | ${pick(['red', 'green', 'blue'], i)} | ${i % 8 === 6 ? '?' : (38 + (i % 3) * 4) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '271828/19 clock hands, Nicosia',
    file: 'deiktes.json',
    brief: 'Δείκτες ρολογιών από τη Λευκωσία, Κύπρος. Τιμές σε ευρώ.',
    text: JSON.stringify(
      made(18, (i) => ({
        Προϊόν: i % 3 ? '' : `Δείκτης ${Math.floor(i / 3) + 1}`,
        Μέγεθος: pick(['80 mm', '110 mm', '140 mm'], i),
        Τιμή: `${4 + (i % 3)},20 €`,
        Barcode: gtin(529000006000 + i, i % 7 === 3 ? 1 : 0),
        Μέταλλο: pick(['χάλυβας', 'ορείχαλκος'], Math.floor(i / 3)),
        Σχήμα: pick(['σπαθί', 'φύλλο'], Math.floor(i / 3)),
        Οπή: pick(['στρογγυλή', 'τετράγωνη'], Math.floor(i / 3)),
        Βαφή: 'μαύρη',
        Πάχος: '0.4 mm',
        Ζεύγος: pick(['ναι', 'όχι'], Math.floor(i / 3)),
      })),
    ),
    currency: 'EUR',
    columns: 'title option price gtin particular particular particular particular particular particular',
    want: made(
      18,
      (i) => `Δείκτης ${Math.floor(i / 3) + 1} | ${pick(['80 mm', '110 mm', '140 mm'], i)} | ${(4 + (i % 3)) * 100 + 20} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '271828/20 espresso machine seals, Marrakesh',
    file: 'joints.csv',
    brief: 'Joint Atlas vend des joints pour machines à espresso à Marrakech. Prix en dirhams.',
    text: `Désignation,Prix,Diamètre,Épaisseur,Matière
${made(
  200,
  (i) =>
    `Joint n° ${i + 1},${i % 29 === 11 ? '' : `${35 + (i % 20) * 2}.00 DH`},${50 + (i % 9)} mm,${pick(['8 mm', '8.5 mm'], i)},${pick(['silicone', 'caoutchouc'], i)}`,
).join('\n')}
`,
    currency: 'MAD',
    columns: 'title price particular particular particular',
    want: made(200, (i) => `Joint n° ${i + 1} | | ${i % 29 === 11 ? '?' : (35 + (i % 20) * 2) * 100} | ∞`).join('\n'),
  },
];
