import { fixedWidth, made, product, savedPage, type ListCase } from './case';

/** Written on 26 November 2026, after the reader had been mended with batches 1 and 2 and before it was run on any of these. */
export const batch3: ListCase[] = [
  {
    drawn: '2613/1 tablet weaving cards, Louisville',
    file: 'cards.xlsx',
    brief: 'Warp & Turn sells cards for tablet weaving in Louisville, Kentucky. US dollars.',
    sheets: [
      {
        name: 'Sheet1',
        rows: [
          ['Warp & Turn'],
          ['left price is the old one'],
          ['Beech cards, pack of 24', 'four holes', '$32.00', '$28.00'],
          ['Beech cards, pack of 24', 'six holes', '$36.00', '$31.00'],
          ['Card stock, pack of 50', 'four holes', '$14.00', '$12.00'],
          ['Belt shuttle', 'cherry', '$19.00', '$17.00'],
          ['Total', '', '', '$88.00'],
        ],
      },
    ],
    currency: 'USD',
    columns: 'title option earlierPrice price',
    want: `Beech cards, pack of 24 | four holes | 2800 | ∞
Beech cards, pack of 24 | six holes | 3100 | ∞
Card stock, pack of 50 | four holes | 1200 | ∞
Belt shuttle | cherry | 1700 | ∞`,
  },
  {
    drawn: "2613/2 floor tiles, reclaimed, St John's",
    file: 'tiles.txt',
    brief: "Old Floors sells reclaimed tiles in St John's, Newfoundland. Canadian dollars.",
    text: fixedWidth(
      [22, 10, 12, 12, 14, 10],
      [
        ['Tile', 'Group', 'Size', 'Colour', 'Price', 'Price'],
        ['Quarry tile', 'QT', '6 x 6 in', 'red', '$2.40', 'each'],
        ['Quarry tile', 'QT', '6 x 6 in', 'black', '$3.10', 'each'],
        ['Quarry tile', 'QT', '8 x 8 in', 'red', 'from $4', 'each'],
        ['Encaustic, lily', 'EL', '8 x 8 in', '', '', 'each'],
        ['Hearth slab', 'HS', '', '', '$180 - $240', 'each'],
      ],
    ),
    currency: 'CAD',
    columns: 'title group option option price particular',
    want: `Quarry tile | 6 x 6 in / red | 240 | ∞
Quarry tile | 6 x 6 in / black | 310 | ∞
Quarry tile | 8 x 8 in / red | ? | ∞
Encaustic, lily | 8 x 8 in | ? | ∞
Hearth slab | | ? | ∞`,
  },
  {
    drawn: '2613/3 patchwork quilts, Bologna',
    file: 'quilts.xlsx',
    sheets: [
      {
        name: 'Foglio1',
        rows: [
          ['TRAPUNTE CASA ADA'],
          ['euro, IVA inclusa'],
          ['What it is', 'How big it is', 'What I ask', 'On the chair'],
          ['Log cabin', 'single', 220, 2],
          ['', 'double', 310, 1],
          ['Flying geese', 'double', 340, 1],
          ['Placeholder item', '', 1, ''],
          ['Nine patch', 'cot', 140, 3],
          ['Totale', '', 1011, 7],
        ],
      },
    ],
    currency: 'EUR',
    columns: 'title option price stock',
    want: `Log cabin | single | 22000 | 2
Log cabin | double | 31000 | 1
Flying geese | double | 34000 | 1
Nine patch | cot | 14000 | 3`,
    leftOut: 1,
  },
  {
    drawn: '2613/4 camping stoves, second-hand, Tunis',
    file: 'rechauds.html',
    text: savedPage(
      'Réchauds',
      made(40, (i) =>
        product(`Réchaud ${i + 1}`, (35 + i * 1.5).toFixed(3), 'TND', {
          sku: `R${i}`,
          additionalProperty: [
            { '@type': 'PropertyValue', name: 'Brûleur', value: ['laiton', 'acier'][i % 2] },
            { '@type': 'PropertyValue', name: 'Combustible', value: 'alcool' },
            { '@type': 'PropertyValue', name: 'Année', value: 1950 + i },
          ],
        }),
      ),
    ),
    currency: 'TND',
    columns: 'title sku particular particular particular price currency',
    want: made(40, (i) => `Réchaud ${i + 1} | | ${35000 + i * 1500} | ∞`).join('\n'),
  },
  {
    drawn: '2613/5 sauna ladles, Helsinki',
    file: 'kauhat.html',
    text: `<html><body>${[
      ['Kauha, koivu', '24,00', '6412345678905', 'InStock'],
      ['Kauha, kupari', '68,00', '6412345678900', 'OutOfStock'],
      ['Kiulu 4 l', '45,00', '', 'LimitedAvailability'],
    ]
      .map(
        ([name, price, gtin, state]) =>
          `<article itemscope itemtype="https://schema.org/Product"><h3 itemprop="name">${name}</h3><meta itemprop="gtin" content="${gtin}"><div itemprop="offers" itemscope itemtype="https://schema.org/Offer"><b itemprop="price">${price}</b> <span itemprop="priceCurrency">EUR</span><link itemprop="availability" href="https://schema.org/${state}"></div></article>`,
      )
      .join('')}</body></html>`,
    currency: 'EUR',
    columns: 'title gtin price currency stock',
    want: `Kauha, koivu | | 2400 | ∞
Kauha, kupari | | 6800 | 0
Kiulu 4 l | | 4500 | ∞`,
  },
  {
    drawn: '2613/6 marionettes, Kyoto',
    file: 'puppets.tsv',
    text: `Name\tSize\tPrice\tStock\tDescription
Fox\t小, 大\t¥18,000\t0\tCarved from paulownia
Fox, old\t小\t¥12,000\t1\t"One ear is mended
Samurai\t大\t¥42,000\t2\tSilk, horsehair
Samurai\t大\t¥42,000\t1\tCotton, hemp
Strings\t\t¥900\t30\tSpare
`,
    brief: 'Ningyo Sato carves marionettes in Kyoto, Japan. Prices in yen.',
    currency: 'JPY',
    columns: 'title option price stock description',
    want: `Fox | 小 | 18000 | 0
Fox | 大 | 18000 | 0
Fox, old | 小 | 12000 | 1
Samurai | 大 | 42000 | 2
Samurai | 大 | 42000 | 1
Strings | | 900 | 30`,
  },
  {
    drawn: '2613/7 stays and corsets, Vilnius',
    file: 'stays.ods',
    sheets: [
      {
        name: 'Stays',
        rows: [
          ['Name', 'Size', 'Price', 'EAN', 'Stock'],
          ['Stays 1780', 'S', '189 €', '4770000000017', 1],
          ['Stays 1780', 'M', '189 €', '4770000000024', 2],
          ['Stays 1780', 'L', '199 €', '', 0],
        ],
      },
      {
        name: 'Corsets',
        rows: [
          ['Name', 'Size', 'Price', 'EAN', 'Stock'],
          ['Corset "Rasa', 'M', '240 €', '', 1],
          ['Corset "Rasa', 'L', '240 €', '', 1],
          ['Busk', '', '18,50 €', '', 12],
        ],
      },
    ],
    currency: 'EUR',
    columns: 'title option price gtin stock',
    want: `Stays 1780 | S | 18900 | 1
Stays 1780 | M | 18900 | 2
Stays 1780 | L | 19900 | 0
Corset "Rasa | M | 24000 | 1
Corset "Rasa | L | 24000 | 1
Busk | | 1850 | 12`,
  },
  {
    drawn: '2613/8 egg cups, Medellín',
    file: 'hueveras.json',
    text: JSON.stringify(
      [
        ['Huevera Alba', 'AL', 'blanca', 32000, 85, 'Mesa > Desayuno'],
        ['Huevera Alba', 'AL', 'azul', 34000, 85, 'Mesa > Desayuno'],
        ['Huevera Gallo', 'GA', 'roja', 41000, 120, 'Mesa > Desayuno'],
        ['Cuchara', 'CU', '', 9500, 20, 'Mesa > Cubiertos'],
      ].map(([producto, grupo, color, precio, peso, categoria]) => ({
        producto,
        grupo,
        color,
        'precio (COP)': precio,
        'peso (g)': peso,
        categoria,
        arcilla: 'roja',
        quema: '1020 °C',
        'altura (cm)': 6,
        esmalte: 'mate',
        horno: 'leña',
        firma: 'sí',
      })),
    ),
    currency: 'COP',
    columns: 'title group option price weight category particular particular particular particular particular particular',
    want: `Huevera Alba | blanca | 3200000 | ∞
Huevera Alba | azul | 3400000 | ∞
Huevera Gallo | roja | 4100000 | ∞
Cuchara | | 950000 | ∞`,
  },
  {
    drawn: '2613/9 metronomes, Perth (Scotland)',
    file: 'ticks.jsonl',
    text: [
      ['Pyramid', 'Wood', 'beech', '£64', 'MP 01', '<p>Wind it <em>once</em> a week.</p>'],
      ['Pyramid', 'Wood', 'walnut', '£78', 'MP 02', ''],
      ['Traveller', 'Colour', 'red', '£39.50', 'MT 01', '<b>Folds</b>'],
      ['Traveller', 'Colour', 'black', '£39.50', 'MT 02', ''],
      ['Key', '', '', '£6', 'K 1', ''],
    ]
      .map(([thing, by, which, hurt, number, blurb]) =>
        JSON.stringify({ 'keeps time': thing, 'option name': by, 'option value': which, hurts: hurt, number, blurb }),
      )
      .join('\n'),
    currency: 'GBP',
    columns: 'title optionName optionValue price sku description',
    want: `Pyramid | beech | 6400 | ∞
Pyramid | walnut | 7800 | ∞
Traveller | red | 3950 | ∞
Traveller | black | 3950 | ∞
Key | | 600 | ∞`,
  },
  {
    drawn: '2613/11 aquarium rocks and wood, Brno',
    file: 'akva.json',
    text: JSON.stringify([
      { naz: 'Kámen Seiryu', vel: '1–2 kg', cena: '149 Kč', ks: 12, ean: '8590000000011' },
      { naz: '', vel: '3–5 kg', cena: 'od 290 Kč', ks: 5, ean: '' },
      { naz: 'Kořen Talawa', vel: '30 cm', cena: '340 Kč', ks: 7, ean: '8590000000019' },
      { naz: '', vel: '50 cm', cena: '590–750 Kč', ks: 2, ean: '' },
    ]),
    currency: 'CZK',
    columns: 'title option price stock gtin',
    want: `Kámen Seiryu | 1–2 kg | 14900 | 12
Kámen Seiryu | 3–5 kg | ? | 5
Kořen Talawa | 30 cm | 34000 | 7
Kořen Talawa | 50 cm | ? | 2`,
  },
  {
    drawn: '2613/12 stilts, Plovdiv',
    file: 'stilts.xml',
    text: `<rss><channel><title>Kokili</title>${[
      ['Beginner stilts', '30 cm / 45 cm', '49,00 €', 'ash'],
      ['Circus stilts', '90 cm', '', 'ash'],
      ['Shepherd’s stilts', '120 cm / 150 cm', '135,00 €', 'ash "old'],
      ['Foot straps', '', '12,50 €', 'leather'],
    ]
      .map(([a, b, c, d]) => `<item><up_there>${a}</up_there><height>${b}</height><damage>${c}</damage><wood>${d}</wood></item>`)
      .join('')}</channel></rss>`,
    currency: 'EUR',
    columns: 'title option price particular',
    want: `Beginner stilts | 30 cm | 4900 | ∞
Beginner stilts | 45 cm | 4900 | ∞
Circus stilts | 90 cm | ? | ∞
Shepherd’s stilts | 120 cm | 13500 | ∞
Shepherd’s stilts | 150 cm | 13500 | ∞
Foot straps | | 1250 | ∞`,
  },
  {
    drawn: '2613/13 shadow puppets, Wellington',
    file: 'shadows.txt',
    encoding: 'windows-1252',
    brief: 'Shadow puppets cut in Wellington, New Zealand. NZ dollars.',
    text: `Who\tFrom\tOuch
Ravana - large\tcalf hide\t$185.00
Ravana - small\tcalf hide\t$95.00
Karagöz - large\tcamel hide\t$210.00
Karagöz - small\tcamel hide\t$120.00
Hacivat - large\tcamel hide\t$210.00
Untitled\t\t$0.00
Moa\tcard\t$24.50
`,
    currency: 'NZD',
    columns: 'title particular price',
    want: `Ravana | large | 18500 | ∞
Ravana | small | 9500 | ∞
Karagöz | large | 21000 | ∞
Karagöz | small | 12000 | ∞
Hacivat - large | | 21000 | ∞
Moa | | 2450 | ∞`,
    leftOut: 1,
  },
  {
    drawn: '2613/15 screen-printing frames, Helsinki',
    file: 'kehykset.csv',
    text: `Tuote;Koko (cm);Väri;Hinta (€);Paino (kg);Tuotenro
Kehys, alumiini;30 x 40;hopea;24,90;0,8;KA 34 H
Kehys, alumiini;30 x 40;musta;26,90;0,8;KA 34 M
Kehys, alumiini;50 x 60;hopea;39,90;1,4;KA 56 H
Kehys, puu;30 x 40;;17,50;0,6;KP 34
Esimerkkituote;;;1,00;;X 0
Raakeli;;;12,00;0,25;RA 1
`,
    currency: 'EUR',
    columns: 'title option option price weight sku',
    want: `Kehys, alumiini | 30 x 40 / hopea | 2490 | ∞
Kehys, alumiini | 30 x 40 / musta | 2690 | ∞
Kehys, alumiini | 50 x 60 / hopea | 3990 | ∞
Kehys, puu | 30 x 40 | 1750 | ∞
Raakeli | | 1200 | ∞`,
    leftOut: 1,
  },
  {
    drawn: '2613/16 candied fruit, Boise',
    file: 'fruit.csv',
    text: `Sweet thing,Kept together as,How much in it,You'd pay,A word on it
Orange peel,OP,4 oz,$7.50,"<p>Slow, in <i>copper</i>.</p>"
Orange peel,OP,1 lb,$24,
Ginger,GI,4 oz,$8,
Ginger,GI,1 lb,from $26,
Chestnuts,CH,one dozen,$30–$36,<b>December only</b>
`,
    currency: 'USD',
    columns: 'title group option price description',
    want: `Orange peel | 4 oz | 750 | ∞
Orange peel | 1 lb | 2400 | ∞
Ginger | 4 oz | 800 | ∞
Ginger | 1 lb | ? | ∞
Chestnuts | one dozen | ? | ∞`,
  },
  {
    drawn: '2613/17 willow cuttings, Belfast',
    file: 'willow.xlsx',
    sheets: [
      {
        name: 'Cuttings',
        rows: [
          ['Product', 'Length', 'Price', 'Stock'],
          ['Black Maul', '30 cm, 1 m', '£9.00', 0],
          ['Flanders Red', '30 cm', 'from £8', 60],
        ],
      },
      {
        name: 'Bundles',
        rows: [
          ['Product', 'Length', 'Price', 'Stock'],
          ['Basket bundle', '1.8 m', '£14–£20', 12],
          ['Test item', '', '£1.00', 1],
          ['Hurdle rods', '2.5 m', '£22.00', 8],
        ],
      },
    ],
    currency: 'GBP',
    columns: 'title option price stock',
    want: `Black Maul | 30 cm | 900 | 0
Black Maul | 1 m | 900 | 0
Flanders Red | 30 cm | ? | 60
Basket bundle | 1.8 m | ? | 12
Hurdle rods | 2.5 m | 2200 | 8`,
    leftOut: 1,
  },
  {
    drawn: '2613/20 mosaic kits, Bergen',
    file: 'mosaikk.xml',
    text: `<?xml version="1.0"?><varer>${made(
      30,
      (i) =>
        `<vare><varenavn>Mosaikk ${Math.floor(i / 3) + 1}</varenavn><farge>${['blå', 'grønn', 'rød'][i % 3]}</farge><pris>${199 + Math.floor(i / 3) * 50} kr</pris><lager>${i % 4}</lager></vare>`,
    ).join('')}</varer>`,
    brief: 'Mosaikksett fra Bergen, Norge. Norwegian kroner.',
    currency: 'NOK',
    columns: 'title option price stock',
    want: made(
      30,
      (i) =>
        `Mosaikk ${Math.floor(i / 3) + 1} | ${['blå', 'grønn', 'rød'][i % 3]} | ${(199 + Math.floor(i / 3) * 50) * 100} | ${i % 4}`,
    ).join('\n'),
  },
  {
    drawn: '2613/21 patchwork quilts, Tbilisi',
    file: 'quilts.csv',
    text: `Quilt;Made for;Asking;How many
"Pomegranate;a cot;₾180,00;2
;a bed;₾420,50;1
Vine leaf;a cot;$75,00;1
;a bed;₾1.150,00;1
Cushion;;₾65,00;9
`,
    currency: 'GEL',
    columns: 'title option price stock',
    want: `"Pomegranate | a cot | 18000 | 2
"Pomegranate | a bed | 42050 | 1
Vine leaf | a cot | ? | 1
Vine leaf | a bed | 115000 | 1
Cushion | | 6500 | 9`,
  },
  {
    drawn: '2613/23 garden sieves, Santiago',
    file: 'cedazos.xml',
    brief: 'Cedazos de alambre en Santiago de Chile. Pesos chilenos.',
    text: `<rss><channel>${made(
      25,
      (i) =>
        `<item><sieve>Cedazo ${i + 1}</sieve><mesh>${(i % 4) + 2} mm</mesh><across>30 cm / 40 cm</across><asking>$${12 + (i % 5)}.990</asking><rim>raulí</rim><have>${i % 5 === 4 ? 'agotado' : 'disponible'}</have></item>`,
    ).join('')}</channel></rss>`,
    currency: 'CLP',
    columns: 'title particular option price particular stock',
    want: made(25, (i) =>
      ['30 cm', '40 cm'].map((size) => `Cedazo ${i + 1} | ${size} | ${12990 + (i % 5) * 1000} | ${i % 5 === 4 ? 0 : '∞'}`),
    )
      .flat()
      .join('\n'),
  },
  {
    drawn: '2613/24 crossword books, La Paz',
    file: 'crucigramas.tsv',
    text: `Nombre\tTamaño\tPrecio\tISBN\tCantidad
Crucigramas de altura\tbolsillo, grande\tBs 35,00\t9789990500015\t
Crucigramas para el trufi\tbolsillo\tBs 28,50\t9789990500022\t40
Producto de ejemplo\t\tBs 1,00\t\t1
Autodefinidos\tgrande\tBs 42,00\t9789990500039\t15
`,
    currency: 'BOB',
    columns: 'title option price gtin stock',
    want: `Crucigramas de altura | bolsillo | 3500 | ∞
Crucigramas de altura | grande | 3500 | ∞
Crucigramas para el trufi | bolsillo | 2850 | 40
Autodefinidos | grande | 4200 | 15`,
    leftOut: 1,
  },
  {
    drawn: '2613/26 paint brushes, Colombo',
    file: 'brushes.psv',
    brief: 'Paint brushes made by hand in Colombo, Sri Lanka.',
    text: `Brush|Code|Rs.|Hair|In hand
Round no. 4|BR 04 S|650/=|squirrel|24
Flat 12 mm|BF 12 H|1,250.00|hog|11
Rigger|BG 02 S|480|sable|0
Dummy|XX|1|none|0
Mop|BM 20 G|2,400.00|goat|6
`,
    currency: 'LKR',
    columns: 'title sku price particular stock',
    want: `Round no. 4 | | 65000 | 24
Flat 12 mm | | 125000 | 11
Rigger | | 48000 | 0
Mop | | 240000 | 6`,
    leftOut: 1,
  },
];
