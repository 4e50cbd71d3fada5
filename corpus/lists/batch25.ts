import { gtin, jsonLines, made, pick, product, savedPage, type ListCase } from './case';

const saree = ['Kanjivaram', 'Banarasi', 'Chanderi', 'Paithani', 'Tussar'] as const;
const nail = ['Kente Star', 'Adinkra', 'Anansi', 'Sankofa', 'Gold Coast', 'Market Queen', 'Little Drum'] as const;
const knife = ['Nóż oracza', 'Nóż pasterski', 'Składak', 'Kozik', 'Nóż do chleba'] as const;
const wood = ['jesion', 'orzech', 'śliwa', 'dąb'] as const;
const pan = ['Skillet', 'Dutch oven', 'Griddle', 'Chicken fryer', 'Muffin pan', 'Loaf pan'] as const;
const maker = ['Ohio', 'Tennessee', 'Erie', 'Sidney', 'Quincy'] as const;
const lamp = [
  'Dragonfly desk lamp',
  'Planter desk lamp',
  'Clerk desk lamp',
  'Colombo Fort desk lamp',
  'Banker desk lamp',
] as const;
const rack = ['Tostadora de rejilla', 'Portatostadas', 'Portatostadas de viaje', 'Portatostadas de bronce'] as const;

/** Drawn (291602) and written on 29 November 2026, before the reader was run on any. */
export const batch25: ListCase[] = [
  {
    drawn: '291602/1 woad pigments, Medellín',
    file: 'pasteles.xlsx',
    brief: 'I grind woad into pigment in Medellín, Colombia, as it was ground in Toulouse: by the ounce and the gros.',
    sheets: [
      {
        name: 'Pigmento',
        rows: [
          ['Nombre', 'Cantidad', 'Nota', 'Molienda', 'Aglutinante', 'Nota', 'Solidez (1-8)', 'Precio'],
          ['Pastel azul', '1 onza', 'El primero del lote', 'fina', 'sin', 'Se moja despacio', 7, '48.000'],
          ['Pastel azul', '4 onzas', 'El primero del lote', 'fina', 'sin', 'Se moja despacio', 7, '165.000'],
        ],
      },
      {
        name: 'Tinta',
        rows: [
          ['Nombre', 'Cantidad', 'Nota', 'Molienda', 'Aglutinante', 'Nota', 'Solidez (1-8)', 'Precio'],
          ['Pastel azul', '1 onza', 'Del segundo corte', 'gruesa', 'goma arábiga', 'Agitar', 6, '39.000'],
        ],
      },
    ],
    currency: 'COP',
    columns: 'title option particular/description particular/option particular/option particular/description particular price',
    want: `Pastel azul | 1 onza / fina | 4800000 | ∞
Pastel azul | 4 onzas / fina | 16500000 | ∞
Pastel azul | 1 onza / gruesa | 3900000 | ∞`,
  },
  {
    drawn: '291602/2 thimbles, Kumasi',
    file: 'thimbles.jsonl',
    brief: 'We cast brass thimbles in Kumasi, Ghana, for haberdashers and schools. Prices in cedis.',
    text: jsonLines(
      made(35, (i) => [
        `TH ${40 + Math.floor(i / 5)} ${'ABCDE'[i % 5]}`,
        pick(nail, Math.floor(i / 5)),
        ['14 mm', '15 mm', '16 mm', '17 mm', '14 mm'][i % 5],
        ['plain', 'plain', 'plain', 'plain', 'gilt'][i % 5],
        i % 9 === 4 ? `from ₵${20 + i}` : i % 11 === 6 ? `₵${18 + i} - ₵${22 + i}` : `₵${18 + i}`,
      ]),
    ),
    currency: 'GHS',
    columns: 'sku title option option price',
    want: made(
      35,
      (i) =>
        `${pick(nail, Math.floor(i / 5))} | ${['14 mm', '15 mm', '16 mm', '17 mm', '14 mm'][i % 5]} / ${['plain', 'plain', 'plain', 'plain', 'gilt'][i % 5]} | ${i % 9 === 4 || i % 11 === 6 ? '?' : (18 + i) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '291602/3 wedding sarees, Plovdiv',
    file: 'sarees.jsonl',
    brief:
      'We lend and sell wedding sarees in Plovdiv, Bulgaria, and five euro of each go to the shelter on Otets Paisiy street.',
    text: jsonLines(
      made(35, (i) => ({
        saree: `${pick(saree, Math.floor(i / 7))} no. ${1 + Math.floor(i / 2)} – ${i % 2 ? 'sold' : 'hired for a week'}`,
        colour: ['peacock', 'brick', 'saffron', 'rose apple', 'ash'][Math.floor(i / 7)],
        'will your aunt approve': ['yes', 'she will cry', 'no'][i % 3],
        'price in euro': i % 2 ? 240 + i * 10 : 60 + i,
      })),
    ),
    currency: 'EUR',
    columns: 'title particular/option particular price',
    want: made(35, (i) => {
      const title = `${pick(saree, Math.floor(i / 7))} no. ${1 + Math.floor(i / 2)}`;
      return `${title} | ${i % 2 ? 'sold' : 'hired for a week'} | ${(i % 2 ? 240 + i * 10 : 60 + i) * 100} | ∞`;
    }).join('\n'),
  },
  {
    drawn: '291602/4 fishing floats, Suva',
    file: 'floats.json',
    brief:
      'Established 1968. 3 benches, 40 shapes of float, 2 addresses: 14 Edinburgh Drive, Suva, Fiji, and the jetty at Lami. 120 lines on the list. From $2.50 to $31.',
    text: JSON.stringify(
      made(120, (i) => ({
        Name: `${pick(['Reef', 'Lagoon', 'Jetty', 'Night', 'Mangrove'], Math.floor(i / 3))} float ${1 + Math.floor(i / 15)}`,
        Note: `<p>Carries ${2 + (i % 3)} g of shot. <b>Cork</b> on a bamboo stem.</p>`,
        'Option name': 'Length',
        'Option value': ['10 cm', '14 cm', '18 cm'][i % 3],
        Price: 2.5 + Math.floor(i / 3) * 0.5 + (i % 3) * 0.75,
        'Note 2': i % 40 === 7 ? '"the one my uncle swears by' : pick(['still water', 'running water', 'surf'], i),
      })),
      null,
      2,
    ),
    currency: 'FJD',
    columns: 'title description optionName optionValue price particular/description',
    want: made(
      120,
      (i) =>
        `${pick(['Reef', 'Lagoon', 'Jetty', 'Night', 'Mangrove'], Math.floor(i / 3))} float ${1 + Math.floor(i / 15)} | ${['10 cm', '14 cm', '18 cm'][i % 3]} | ${Math.round((2.5 + Math.floor(i / 3) * 0.5 + (i % 3) * 0.75) * 100)} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '291602/5 preserving jars, Dar es Salaam',
    file: 'mitungi.json',
    encoding: 'utf-8',
    brief: 'Jars for preserving. Dar es Salaam, Tanzania. Called Lid. Sorry for so many words.',
    text: `[${made(
      35,
      (i) =>
        `{"jar":"${pick(['Ball-foot jar', 'Clip jar', 'Pickle crock', 'Honey jar', 'Tamarind jar'], i)} ${['half a litre', 'one litre', 'two litres', 'three litres', 'five litres', 'ten litres', 'twenty litres'][Math.floor(i / 5)]}","size":"${['0.5 L', '1 L', '2 L', '3 L', '5 L', '10 L', '20 L'][Math.floor(i / 5)]}","bei":"${(4500 + i * 500).toLocaleString('en')}/=","lid":"${pick(['clip', 'cork', 'cloth'], i)}"${i === 20 ? ',"remark":"called the 5\\" one by my mother"' : ''}}`,
    ).join(',\n')}]`,
    currency: 'TZS',
    columns: 'title particular/option price particular/option description/particular',
    want: made(
      35,
      (i) =>
        `${pick(['Ball-foot jar', 'Clip jar', 'Pickle crock', 'Honey jar', 'Tamarind jar'], i)} ${['half a litre', 'one litre', 'two litres', 'three litres', 'five litres', 'ten litres', 'twenty litres'][Math.floor(i / 5)]} | | ${(4500 + i * 500) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '291602/7 ploughman’s knives, Kraków',
    file: 'noze.tsv',
    brief: 'Kuję noże dla oraczy w Krakowie, każdy jeden, nie jak ta wielka fabryka.',
    text: `Nazwa\tOpis\tDział\tCena (zł)\tNr\n${made(
      120,
      (i) =>
        `${pick(knife, Math.floor(i / 8))} ${1 + Math.floor(i / 40)}${'abc'[Math.floor(i / 40)]} – ${pick(wood, i)} – ${i % 8 < 4 ? 'prosty' : 'gięty'}\t<p>Klinga <em>kuta</em>, ${8 + (i % 5)} cm.</p>\tNoże > ${Math.floor(i / 8) % 2 ? 'Kuchnia' : 'Pole'}\t${(90 + i * 2.5).toFixed(2).replace('.', ',')}\tN${1000 + i}`,
    ).join('\n')}\n`,
    currency: 'PLN',
    columns: 'title description category price sku',
    want: made(
      120,
      (i) =>
        `${pick(knife, Math.floor(i / 8))} ${1 + Math.floor(i / 40)}${'abc'[Math.floor(i / 40)]} | ${pick(wood, i)} / ${i % 8 < 4 ? 'prosty' : 'gięty'} | ${Math.round((90 + i * 2.5) * 100)} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '291602/8 cast-iron pans, Boise',
    file: 'pans.psv',
    brief: 'Pan No. 8 re-seasons old cast iron in Boise, Idaho. Sorry, this got long.',
    text: `${made(700, (i) => {
      const g = Math.floor(i / 2);
      return `P${100 + g}|${pick(maker, g)} ${pick(pan, Math.floor(g / 5))} ${1 + Math.floor(g / 30)}|${i % 2 ? 'seasoned six times' : 'seasoned twice'}|${45 + (g % 30) * 3 + (i % 2) * 20}.00|<p>Found in <b>${pick(['a barn', 'a yard sale', 'a cellar'], g)}</b>, stripped and seasoned.</p>`;
    }).join('\n')}\n`,
    currency: 'USD',
    columns: 'group title option price description',
    want: made(700, (i) => {
      const g = Math.floor(i / 2);
      return `${pick(maker, g)} ${pick(pan, Math.floor(g / 5))} ${1 + Math.floor(g / 30)} | ${i % 2 ? 'seasoned six times' : 'seasoned twice'} | ${(45 + (g % 30) * 3 + (i % 2) * 20) * 100} | ∞`;
    }).join('\n'),
  },
  {
    drawn: '291602/9 desk lamps, Colombo',
    file: 'lamps.xlsx',
    brief:
      'We rewire desk lamps. “It no longer bites me” says Mrs Perera. In Colombo, Sri Lanka, since the tea offices closed. Lamp 88 is the shop.',
    sheets: [
      {
        name: 'Stock list',
        rows: [
          ['Lamp 88, all lamps, November'],
          ['Item', 'Code', 'Flex colour', 'Price', 'Stock'],
          ...made(697, (i) => {
            const n = Math.floor(i / 3);
            return [
              `${pick(lamp, n)} ${1 + Math.floor(n / 5)}`,
              `L88-${1000 + i}`,
              ['black', 'gold', 'red'][i % 3] as string,
              12500 + (n % 40) * 250,
              i % 3 === 0 ? 'sold out' : i % 3 === 1 ? 'one left' : 3,
            ];
          }),
          ['Test product', 'xxx', '', 1, ''],
          ['Total', '', '', 12187500, ''],
          ['Prices are with the plug.'],
        ],
      },
    ],
    currency: 'LKR',
    columns: 'title sku option price stock',
    want: made(697, (i) => {
      const n = Math.floor(i / 3);
      return `${pick(lamp, n)} ${1 + Math.floor(n / 5)} | ${['black', 'gold', 'red'][i % 3]} | ${(12500 + (n % 40) * 250) * 100} | ${[0, 1, 3][i % 3]}`;
    }).join('\n'),
    leftOut: 1,
  },
  {
    drawn: '291602/10 toast racks, Montevideo',
    file: 'racks.json',
    brief:
      'Eh, bueno, we bend toast racks, well my father bends them, in Montevideo, Uruguay, and one peso in ten goes to the club.',
    text: JSON.stringify({
      items: made(700, (i) => ({
        art: `${pick(rack, Math.floor(i / 4))} ${1 + Math.floor(i / 16)}, ${['4', '5', '6', '8'][i % 4]} rebanadas`,
        pco: 890 + (i % 60) * 15,
        pes: i % 3 ? `${180 + (i % 9) * 10} g` : `0,${20 + (i % 9)} kg`,
        alam: ['2 mm', '3 mm'][i % 2],
        ptas: [2, 3, 4][i % 3],
        sold: ['plata', 'estaño'][Math.floor(i / 2) % 2],
      })),
    }),
    currency: 'UYU',
    columns: 'title price weight particular/option particular particular/option',
    want: made(
      700,
      (i) =>
        `${pick(rack, Math.floor(i / 4))} ${1 + Math.floor(i / 16)} | ${['4', '5', '6', '8'][i % 4]} rebanadas | ${(890 + (i % 60) * 15) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '291602/11 rocking horses, Belfast',
    file: 'horses.csv',
    brief:
      'rocking horses -> Belfast, N. Ireland / each = 1 of a kind / dapple grey is also the colour we like. mail: sales@lagan.example',
    text: `Name,Size,Colour,Price,Stock,Mane,Hands high,Runners,Saddle,Eyes,Took (hours)
Fergus,large,dapple grey,"1,450.00",just the one,horsehair,9,bow,English,glass,140
Fergus,small,dapple grey,780.00,none,wool,6,bow,felt,glass,75
Fergus,large,bay,"1,390.00",made to order,horsehair,9,safety stand,English,painted,130
`,
    currency: 'GBP',
    columns: 'title option option price stock particular particular particular particular particular particular',
    want: `Fergus | large / dapple grey | 145000 | 1
Fergus | small / dapple grey | 78000 | 0
Fergus | large / bay | 139000 | ∞`,
  },
  {
    drawn: '291602/12 mandolin cases, Uppsala',
    file: 'fodral.html',
    brief: '**Firma:** Fodralmakarn\n**Ort:** Uppsala, Sverige\n**Stil:** billigt och stolt över det\n',
    text: savedPage(
      'Fodral',
      made(11, (i) =>
        product(
          i === 9 ? 'Exempelprodukt' : `${['Mandolinfodral', 'Mandolafodral', 'Ukulelefodral'][i % 3]} ${'ABCDEFGHIJK'[i]}`,
          i === 9 ? '1.00' : `${490 + i * 40}.00`,
          'SEK',
          {
            sku: `F-${20 + i}`,
            gtin13: gtin(731000000000 + i * 7),
            size: ['S, M, L', 'M, L', 'M'][i % 3],
            description: i === 9 ? 'Lorem ipsum dolor sit amet' : `Furu och filt. Väger ${1 + (i % 3)} skålpund.`,
            ...(i % 4 === 0
              ? {
                  offer: {
                    price: `${390 + i * 40}.00`,
                    priceSpecification: {
                      '@type': 'UnitPriceSpecification',
                      priceType: 'https://schema.org/StrikethroughPrice',
                      price: `${490 + i * 40}.00`,
                      priceCurrency: 'SEK',
                    },
                  },
                }
              : {}),
          },
        ),
      ),
    ),
    currency: 'SEK',
    columns: 'title',
    want: made(11, (i) => i)
      .filter((i) => i !== 9)
      .flatMap(
        (i) =>
          [['S', 'M', 'L'], ['M', 'L'], ['M']][i % 3]?.map(
            (size) =>
              `${['Mandolinfodral', 'Mandolafodral', 'Ukulelefodral'][i % 3]} ${'ABCDEFGHIJK'[i]} | ${size} | ${((i % 4 === 0 ? 390 : 490) + i * 40) * 100} | ∞`,
          ) ?? [],
      )
      .join('\n'),
    leftOut: 1,
  },
];
