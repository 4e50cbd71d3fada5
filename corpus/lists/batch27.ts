import { feed, gtin, made, pick, savedPage, type ListCase } from './case';

const knife = ['Navaja de injertar', 'Navaja de escudete', 'Tranchete', 'Hocino', 'Cuchillo de púa'] as const;
const patch = [
  'Round patch',
  'Square patch',
  'Heart patch',
  'Shield patch',
  'Half-moon patch',
  'Kente strip patch',
  'Zigzag patch',
] as const;
const broom = ['Balai de ligue', 'Balai d’entraînement', 'Balai junior', 'Balai de tête'] as const;
const tool = ['Wallet', 'Card sleeve', 'Belt', 'Watch strap', 'Key loop', 'Passport cover', 'Coin purse'] as const;

/** Drawn (291604) and written on 29 November 2026, before the reader was run on any. */
export const batch27: ListCase[] = [
  {
    drawn: '291604/1 marionettes, Marrakesh',
    file: 'marionnettes.xlsx',
    brief: 'Marionnettes en bois de thuya, sculptées à Marrakech, au Maroc. Prix en dirhams.',
    sheets: [
      {
        name: 'Feuil1',
        rows: [
          ['Marionnettes — automne'],
          ['Réf. famille', 'Nom', 'Habit', 'Rayon', 'Prix normal', 'Prix du mois'],
          ['M1', 'Le conteur', 'djellaba bleue', 'Théâtre > Adultes', '1 450,00', '1 200,00'],
          ['M1', 'Le conteur', 'djellaba blanche', 'Théâtre > Adultes', '1 450,00', ''],
          ['M2', 'L’âne', 'nu', 'Théâtre > Enfants', '890,00', ''],
          ['Total', '', '', '', '3 790,00', ''],
          ['TVA comprise'],
        ],
      },
    ],
    currency: 'MAD',
    columns: 'group title option category earlierPrice price',
    want: `Le conteur | djellaba bleue | 120000 | ∞
Le conteur | djellaba blanche | 145000 | ∞
L’âne | nu | 89000 | ∞`,
  },
  {
    drawn: '291604/2 grafting knives, Zaragoza',
    file: 'navajas.xlsx',
    brief: 'We forge grafting knives in Zaragoza, Spain.',
    sheets: [0, 1].map((sheet) => ({
      name: sheet ? 'Left-handed' : 'Right-handed',
      rows: [
        ['Product', 'Category', 'Price', 'Stock'],
        ...made(sheet ? 15 : 20, (i) => [
          `${pick(knife, Math.floor(i / 4))} (${pick(['boxwood', 'horn', 'holm oak', 'olive'], i)})${sheet ? ' L' : ''}`.replace(
            /\)( L)$/,
            ', L)',
          ),
          `Knives > ${pick(['Grafting', 'Pruning'], Math.floor(i / 4))}`,
          24 + Math.floor(i / 4) * 3 + (i % 4) * 2,
          (i * 3) % 7,
        ]),
      ],
    })),
    currency: 'EUR',
    columns: 'title category price stock',
    want: [0, 1]
      .flatMap((sheet) =>
        made(
          sheet ? 15 : 20,
          (i) =>
            `${pick(knife, Math.floor(i / 4))} | ${pick(['boxwood', 'horn', 'holm oak', 'olive'], i)}${sheet ? ', L' : ''} | ${(24 + Math.floor(i / 4) * 3 + (i % 4) * 2) * 100} | ${(i * 3) % 7}`,
        ),
      )
      .join('\n'),
  },
  {
    drawn: '291604/3 knee patches, Accra',
    file: 'patches.json',
    brief: 'Knee patches for school trousers, sewn in Accra, Ghana. Prices in cedis.',
    text: JSON.stringify(
      made(35, (i) => ({
        name: pick(patch, Math.floor(i / 5)),
        size: pick(['child', 'child', 'child', 'adult', 'adult'], i),
        colour: pick(['navy', 'khaki', 'grey', 'navy', 'khaki'], i),
        code: `KP ${20 + Math.floor(i / 5)} ${pick(['CN', 'CK', 'CG', 'AN', 'AK'], i)}`,
        barcode: gtin(603000000000 + i * 3, i % 8 === 2 ? 5 : 0),
        price: 6 + Math.floor(i / 5) + (i % 5 > 2 ? 2.5 : 0),
      })),
    ),
    currency: 'GHS',
    columns: 'title option option sku gtin price',
    want: made(
      35,
      (i) =>
        `${pick(patch, Math.floor(i / 5))} | ${pick(['child', 'child', 'child', 'adult', 'adult'], i)} / ${pick(['navy', 'khaki', 'grey', 'navy', 'khaki'], i)} | ${(6 + Math.floor(i / 5) + (i % 5 > 2 ? 2.5 : 0)) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '291604/4 upholstery tacks, Cluj',
    file: 'cuie.csv',
    brief: 'Cuie de tapițerie, bătute la Cluj, în România. Prețuri în lei.',
    text: `Denumire;Mărimi;Floare (mm);Tijă;Cutie de;Preț\n${made(
      11,
      (i) =>
        `${pick(['Cui bombat', 'Cui steluță', 'Cui drept', 'Cui cu floare'], i)} ${pick(['alamă', 'fier', 'bronz'], Math.floor(i / 4))};${pick(['9 mm, 11 mm', '9 mm, 11 mm, 14 mm', '11 mm'], i)};${7 + (i % 4)};${pick(['pătrată', 'rotundă'], i)};${pick(['100', '250', '500'], i)};${(18.5 + i * 1.5).toFixed(2).replace('.', ',')}`,
    ).join('\n')}\n`,
    currency: 'RON',
    columns: 'title option particular particular particular price',
    want: made(11, (i) => i)
      .flatMap((i) =>
        pick(['9 mm, 11 mm', '9 mm, 11 mm, 14 mm', '11 mm'], i)
          .split(', ')
          .map(
            (size) =>
              `${pick(['Cui bombat', 'Cui steluță', 'Cui drept', 'Cui cu floare'], i)} ${pick(['alamă', 'fier', 'bronz'], Math.floor(i / 4))} | ${size} | ${1850 + i * 150} | ∞`,
          ),
      )
      .join('\n'),
  },
  {
    drawn: '291604/5 fossils, Manila',
    file: 'fossils.html',
    brief: 'Fossils, cleaned in Manila, the Philippines. In pesos.',
    text: savedPage(
      'Fossils',
      made(120, (i) => ({
        '@type': 'Product',
        name: `${pick(['Ammonite', 'Trilobite', 'Shark tooth', 'Fern in shale', 'Sea urchin'], i)} no. ${i + 1}`,
        description: `"Quite complete",\nsays the man who found it.`,
        sku: `FO${200 + i}`,
        offers: {
          '@type': 'Offer',
          ...(i % 10 === 4 ? {} : { price: `${850 + i * 25}.00` }),
          priceCurrency: 'PHP',
          availability: 'https://schema.org/InStock',
        },
      })),
    ),
    currency: 'PHP',
    columns: 'title description sku price currency stock',
    want: made(
      120,
      (i) =>
        `${pick(['Ammonite', 'Trilobite', 'Shark tooth', 'Fern in shale', 'Sea urchin'], i)} no. ${i + 1} | | ${i % 10 === 4 ? '?' : (850 + i * 25) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '291604/6 sandals, Halifax',
    file: 'sandals.txt',
    encoding: 'windows-1252',
    brief: 'Sandals, sewn in Halifax, Nova Scotia.',
    text: `${made(18, (i) => {
      const n = Math.floor(i / 6);
      return `${pick(['Chebucto', 'Métis', 'Fundy'], n)} sandal, ${pick(['tan', 'black', 'tan', 'black', 'tan', 'oxblood'], i)}, ${pick(['36–38', '36–38', '39–41', '39–41', '42–44', '42–44'], i)} ..... $${(92 + n * 8 + (i % 6 > 3 ? 6 : 0)).toFixed(2)}`;
    }).join('\r\n')}\r\n`,
    currency: 'CAD',
    columns: 'title price',
    want: made(18, (i) => {
      const n = Math.floor(i / 6);
      return `${pick(['Chebucto', 'Métis', 'Fundy'], n)} sandal | ${pick(['tan', 'black', 'tan', 'black', 'tan', 'oxblood'], i)} / ${pick(['36–38', '36–38', '39–41', '39–41', '42–44', '42–44'], i)} | ${(92 + n * 8 + (i % 6 > 3 ? 6 : 0)) * 100} | ∞`;
    }).join('\n'),
  },
  {
    drawn: '291604/7 curling brooms, Dakar',
    file: 'balais.xml',
    brief: 'Balais de curling, montés à Dakar, au Sénégal. Francs CFA.',
    text: feed(
      made(120, (i) => {
        const n = Math.floor(i / 2);
        return [
          ['désignation', `${pick(broom, n)} ${1 + Math.floor(n / 4)}`],
          ['manche', i % 2 ? 'carbone' : 'frêne'],
          ['code-barres', gtin(604000000000 + i * 11, i % 17 === 3 ? 2 : 0)],
          ['prix', `${(28 + n).toString()} 500 FCFA`],
          ['remarque', pick(['livré avec housse', 'tampon neuf'], i)],
        ];
      }),
    ),
    currency: 'XOF',
    columns: 'title option gtin price particular/description/option',
    want: made(120, (i) => {
      const n = Math.floor(i / 2);
      return `${pick(broom, n)} ${1 + Math.floor(n / 4)} | ${i % 2 ? 'carbone' : 'frêne'} | ${(28 + n) * 1000 + 500} | ∞`;
    }).join('\n'),
  },
  {
    drawn: '291604/8 ticket holders, Bratislava',
    file: 'tickets.tsv',
    brief: 'Ticket holders for trams and trains, Bratislava, Slovakia.',
    text: `Name\tOption\tValue\tNote\tNote\tPrice\tEAN\n${made(
      11,
      (i) =>
        `${pick(['Tram holder', 'Train holder', 'Ferry holder', 'Ski pass holder'], Math.floor(i / 3))}\tColour\t${pick(['red', 'green', 'natural'], i)}\t${pick(['with a loop', 'with a clip'], Math.floor(i / 3))}\t${pick(['fits 5 × 9 cm', 'fits 6 × 10 cm'], Math.floor(i / 3))}\t${7 + Math.floor(i / 3)}.50\t${gtin(858000000000 + i, i === 4 ? 1 : 0)}`,
    ).join('\n')}\n`,
    currency: 'EUR',
    columns: 'title optionName optionValue particular/description particular/description price gtin',
    want: made(
      11,
      (i) =>
        `${pick(['Tram holder', 'Train holder', 'Ferry holder', 'Ski pass holder'], Math.floor(i / 3))} | ${pick(['red', 'green', 'natural'], i)} | ${750 + Math.floor(i / 3) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '291604/10 skittles, Halifax',
    file: 'skittles.xml',
    brief: 'Table and alley skittles turned in Halifax, Nova Scotia, Canada.',
    text: feed([
      ...made(34, (i): [string, string][] => {
        const n = Math.floor(i / 2);
        return [
          ['item_group_id', `SK${n + 1}`],
          ['title', `${pick(['Hood', 'London', 'Devil', 'Daddle', 'Bar'], n)} skittles ${1 + Math.floor(n / 5)}`],
          ['material', i % 2 ? 'birch' : 'maple'],
          ['price', i === 9 || i === 20 ? `${40 + n} USD` : `${60 + n * 4} CAD`],
        ];
      }),
      [
        ['item_group_id', ''],
        ['title', 'Your product title'],
        ['material', 'Lorem'],
        ['price', '0.00 CAD'],
      ],
    ]),
    currency: 'CAD',
    columns: 'group title option price',
    want: made(34, (i) => {
      const n = Math.floor(i / 2);
      return `${pick(['Hood', 'London', 'Devil', 'Daddle', 'Bar'], n)} skittles ${1 + Math.floor(n / 5)} | ${i % 2 ? 'birch' : 'maple'} | ${i === 9 || i === 20 ? '?' : (60 + n * 4) * 100} | ∞`;
    }).join('\n'),
    leftOut: 1,
  },
  {
    drawn: '291604/11 boat varnish, La Paz',
    file: 'varnish.xml',
    brief: 'Boat varnish for the reed and plank boats of Titicaca, boiled in La Paz, Bolivia.',
    text: feed(
      [
        ['Totora varnish', '0.5 l / 1 l', '85', '8', 'in stock', 'matt'],
        ['Totora varnish', '0.5 l / 1 l', '88', '6', 'sold out', 'gloss'],
        ['Plank varnish', '1 l / 5 l', '140', '24', 'in stock', 'gloss'],
        ['Spar oil', '0.5 l', '60', '12', 'made to order', 'matt'],
        ['Thinner', '1 l', '35', '1', 'in stock', '–'],
        ['Bilge paint', '1 l / 5 l', '150', '36', 'last tin', 'red'],
      ].map(([title = '', sizes = '', price = '', dries = '', stock = '', sheen = '']) => [
        ['title', title],
        ['size', sizes],
        ['price-bs', price],
        ['dries-hours', dries],
        ['stock', stock],
        ['sheen', sheen],
      ]),
    ),
    currency: 'BOB',
    columns: 'title option price particular stock option/particular',
    want: `Totora varnish | 0.5 l / matt | 8500 | ∞
Totora varnish | 1 l / matt | 8500 | ∞
Totora varnish | 0.5 l / gloss | 8800 | 0
Totora varnish | 1 l / gloss | 8800 | 0
Plank varnish | 1 l / gloss | 14000 | ∞
Plank varnish | 5 l / gloss | 14000 | ∞
Spar oil | 0.5 l / matt | 6000 | ∞
Thinner | 1 l | 3500 | ∞
Bilge paint | 1 l / red | 15000 | ?
Bilge paint | 5 l / red | 15000 | ?`,
  },
  {
    drawn: '291604/12 violin bridges, Uppsala',
    file: 'stallar.xml',
    brief: 'Violin bridges cut in Uppsala, Sweden. Kronor.',
    text: feed([
      ...made(10, (i): [string, string][] => [
        ['title', i % 3 === 0 ? `${pick(['Violin', 'Viola', 'Cello', 'Bass'], Math.floor(i / 3))} bridge` : ''],
        ['width', `${pick([41, 48, 90, 140], Math.floor(i / 3)) + (i % 3)} mm`],
        ['note', pick(['Bosnian maple', 'Swedish maple'], Math.floor(i / 3))],
        ['note', 'unfitted'],
        ['price', i === 4 ? 'from 240 kr' : `${140 + i * 25} kr`],
      ]),
      [
        ['title', 'Exempel'],
        ['width', ''],
        ['note', 'TODO'],
        ['note', ''],
        ['price', '1 kr'],
      ],
    ]),
    currency: 'SEK',
    columns: 'title option particular/description price',
    want: made(
      10,
      (i) =>
        `${pick(['Violin', 'Viola', 'Cello', 'Bass'], Math.floor(i / 3))} bridge | ${pick([41, 48, 90, 140], Math.floor(i / 3)) + (i % 3)} mm | ${i === 4 ? '?' : (140 + i * 25) * 100} | ∞`,
    ).join('\n'),
    leftOut: 1,
  },
  {
    drawn: '291604/13 eel leather, a ferry island',
    file: 'eel.csv',
    brief: 'Eel leather goods, sewn on a ferry island near Vancouver, Canada.',
    text: `Belongs with;What we call it;How it looks;The dollars;A word on it\n${made(700, (i) => {
      const n = Math.floor(i / 4);
      return `E${100 + n};${pick(tool, n)} ${1 + Math.floor(n / 7)};${pick(['tide', 'kelp', 'driftwood', 'lamp'], i)};${(28 + (n % 50) * 1.5).toFixed(2).replace('.', ',')};<p>${pick(['Sewn with linen.', 'Saddle stitched.', 'Edges <em>waxed</em>.'], n)}</p>`;
    }).join('\n')}\n`,
    currency: 'CAD',
    columns: 'group title option price description',
    want: made(700, (i) => {
      const n = Math.floor(i / 4);
      return `${pick(tool, n)} ${1 + Math.floor(n / 7)} | ${pick(['tide', 'kelp', 'driftwood', 'lamp'], i)} | ${Math.round((28 + (n % 50) * 1.5) * 100)} | ∞`;
    }).join('\n'),
  },
  {
    drawn: '291604/14 turf cutters, Louisville',
    file: 'turf.xlsx',
    brief: 'Turf cutters and peat spades, forged in Louisville, Kentucky.',
    sheets: [
      {
        name: 'Cutters',
        rows: [
          ['Tool', 'Text', 'Price (USD)', 'On hand (pcs)'],
          ['Half-moon cutter – ash', 'Cuts a "clean"\nedge.', 64, 'a few'],
          ['Half-moon cutter – hickory', 'Cuts a "clean"\nedge.', 72, 'gone'],
        ],
      },
      {
        name: 'Spades',
        rows: [
          ['Tool', 'Text', 'Price (USD)', 'On hand (pcs)'],
          ['Slane – ash', 'Winged,\nfor wet peat.', 88, 'two'],
        ],
      },
    ],
    currency: 'USD',
    columns: 'title description price stock',
    want: `Half-moon cutter | ash | 6400 | ?
Half-moon cutter | hickory | 7200 | 0
Slane | ash | 8800 | 2`,
  },
];
