import { fixedWidth, made, product, savedPage, type ListCase } from './case';

/** Written on 26 November 2026, after the reader had been mended with batch 1 and before it was run on any of these. */
export const batch2: ListCase[] = [
  {
    drawn: "2612/1 harmonium tuning, St John's",
    file: 'Tuning.xlsx',
    brief: "Bellows & Reed tunes harmoniums in St John's, Newfoundland. Canadian dollars.",
    sheets: [
      {
        name: 'At the bench',
        rows: [
          ['Work', 'Time (h)', 'Price (CAD)', 'Till Christmas (CAD)'],
          ['Tuning, one rank', 3, 180, 150],
          ['Tuning, two ranks', 5, 290, ''],
          ['New bellows cloth', 8, 520, ''],
        ],
      },
      {
        name: 'On the road',
        rows: [
          ['Work', 'Time (h)', 'Price (CAD)', 'Till Christmas (CAD)'],
          ['Visit in town', 1, 60, ''],
        ],
      },
    ],
    currency: 'CAD',
    columns: 'title particular price particular',
    want: `Tuning, one rank | | 18000 | ∞
Tuning, two ranks | | 29000 | ∞
New bellows cloth | | 52000 | ∞
Visit in town | | 6000 | ∞`,
  },
  {
    drawn: '2612/2 shoe lasts, Dar es Salaam',
    file: 'lasts.xml',
    text: `<?xml version="1.0"?><feed xmlns="http://www.w3.org/2005/Atom"><title>Lasts</title>
<entry><title>Last, derby</title><price>TSh 85,000</price><size>39, 40, 41</size><wood>mninga</wood><toe>round</toe><hinge>V</hinge><stock>12</stock></entry>
<entry><title>Last, sandal</title><price>TSh 62,500</price><size>38</size><wood>mninga</wood><toe>open</toe><hinge>none</hinge><stock>4</stock></entry>
<entry><title>Example product</title><price>TSh 1</price><size></size><wood></wood><toe></toe><hinge></hinge><stock></stock></entry>
<entry><title>Last, boot</title><price>TSh 110,000</price><size>42, 43</size><wood>mvule</wood><toe>round</toe><hinge>slide</hinge><stock>0</stock></entry>
</feed>`,
    currency: 'TZS',
    columns: 'title price option particular particular particular stock',
    want: `Last, derby | 39 | 8500000 | ?
Last, derby | 40 | 8500000 | ?
Last, derby | 41 | 8500000 | ?
Last, sandal | 38 | 6250000 | 4
Last, boot | 42 | 11000000 | 0
Last, boot | 43 | 11000000 | 0`,
    leftOut: 1,
  },
  {
    drawn: '2612/3 pinhole kits, Uppsala',
    file: 'feed.rss',
    text: `<rss version="2.0"><channel><title>Hål</title>
${[
  'PH 120|Pinhole kit 120|645:-|410',
  'PH 45|Pinhole kit 4×5|1.290:-|780',
  'PH PAP|Paper, 25 sheets|189:-|240',
  'PH TST|Test|0:-|0',
  'PH NEE|Needles, set of three|75:-|12',
]
  .map((line) => {
    const [code, name, price, grams] = line.split('|');
    return `<item><code>${code}</code><title>${name}</title><price_sek>${price}</price_sek><weight_g>${grams}</weight_g></item>`;
  })
  .join('')}
</channel></rss>`,
    currency: 'SEK',
    columns: 'sku title price weight',
    want: `Pinhole kit 120 | | 64500 | ∞
Pinhole kit 4×5 | | 129000 | ∞
Paper, 25 sheets | | 18900 | ∞
Needles, set of three | | 7500 | ∞`,
    leftOut: 1,
  },
  {
    drawn: '2612/4 tortoise tables, Antwerp',
    file: 'tables.json',
    text: JSON.stringify({
      shelves: [
        {
          what: 'Table Hermanni',
          'how wide': '100 cm',
          'what you pay': '€ 149,-',
          'how many left': 3,
        },
        { what: '', 'how wide': '120 cm', 'what you pay': '€ 179,-', 'how many left': 1 },
        { what: 'Table Horsfield', 'how wide': '80 cm', 'what you pay': '$ 120', 'how many left': 2 },
        { what: 'Placeholder', 'how wide': '', 'what you pay': '', 'how many left': 0 },
        { what: 'Lamp arm', 'how wide': '', 'what you pay': '€ 24,50', 'how many left': 14 },
      ],
    }),
    currency: 'EUR',
    columns: 'title option price stock',
    want: `Table Hermanni | 100 cm | 14900 | 3
Table Hermanni | 120 cm | 17900 | 1
Table Horsfield | 80 cm | ? | 2
Lamp arm | | 2450 | 14`,
    leftOut: 1,
  },
  {
    drawn: '2612/5 flamenco fans, Cluj',
    file: 'evantaie.html',
    text: `<!doctype html><html lang="ro"><head><title>Evantaie</title></head><body><h1>Evantaie</h1>
<table><tr><th>Denumire</th><th>Grupă</th><th>Culoare</th><th>Preț</th><th>Preț redus</th><th>Stoc</th></tr>
<tr><td>Evantai Carmen</td><td>EC</td><td>roșu</td><td>120,00 lei</td><td></td><td>4</td></tr>
<tr><td>Evantai Carmen</td><td>EC</td><td>negru</td><td>120,00 lei</td><td>99,00 lei</td><td>2</td></tr>
<tr><td>Evantai Sol</td><td>ES</td><td>alb</td><td>85,50 lei</td><td></td><td>0</td></tr>
<tr><td>Etui</td><td>ET</td><td></td><td>30,00 lei</td><td>25,00 lei</td><td>11</td></tr>
</table></body></html>`,
    brief: 'Evantaie makes flamenco fans in Cluj, Romania.',
    currency: 'RON',
    columns: 'title group option earlierPrice price stock',
    want: `Evantai Carmen | roșu | 12000 | 4
Evantai Carmen | negru | 9900 | 2
Evantai Sol | alb | 8550 | 0
Etui | | 2500 | 11`,
  },
  {
    drawn: '2612/6 poppy-seed rolls by post, Leeds',
    file: 'rolls.txt',
    text: `Name\tPrice\tPack\tText
Poppy roll\t£9.50\tsix\t"<p>Baked ""the night before"".</p>
<p>Keeps four days.</p>"
\t£17\ttwelve\t
Walnut roll\t£11.50\tsix\t<b>New</b>
`,
    currency: 'GBP',
    columns: 'title price option description',
    want: `Poppy roll | six | 950 | ∞
Poppy roll | twelve | 1700 | ∞
Walnut roll | six | 1150 | ∞`,
  },
  {
    drawn: '2612/7 gospel records, Da Nang',
    file: 'records.json',
    text: JSON.stringify(
      made(100, (i) => ({
        title: `Choir ${Math.floor(i / 2) + 1} - ${i % 2 ? '12"' : '7"'}`,
        price: 250000 + (i % 5) * 30000,
        stock: i % 3,
        label: ['Lotus', 'Marble', 'Han'][i % 3],
        year: 1962 + (i % 20),
        speed: i % 2 ? '33' : '45',
        sleeve: 'VG',
        vinyl: ['VG+', 'NM'][i % 2],
        country: 'VN',
      })),
    ),
    brief: 'Gospel records in Da Nang, Vietnam; all prices in đồng.',
    currency: 'VND',
    columns: 'title price stock particular particular particular particular particular particular',
    want: made(
      100,
      (i) => `Choir ${Math.floor(i / 2) + 1} | ${i % 2 ? '12"' : '7"'} | ${250000 + (i % 5) * 30000} | ${i % 3}`,
    ).join('\n'),
  },
  {
    drawn: '2612/8 wine labels, Muscat',
    file: 'labels.json',
    text: '[{"name":"Label, gold foil","price":"1.250","sale price":"","currency":"OMR","paper":"cotton","ink":"black","corner":"square","glue":"wet","per sheet":8,"grain":"long"},{"name":"Label, deckle","price":"2.400","sale price":"1.900","currency":"OMR","paper":"cotton","ink":"brown","corner":"torn","glue":"dry","per sheet":6,"grain":"long"},{"name":"","price":"2.800","sale price":"","currency":"OMR","paper":"rag","ink":"brown","corner":"torn","glue":"dry","per sheet":6,"grain":"short"}]',
    currency: 'OMR',
    columns: 'title earlierPrice price currency option particular particular particular particular particular',
    want: `Label, gold foil | cotton | 1250 | ∞
Label, deckle | cotton | 1900 | ∞
Label, deckle | rag | 2800 | ∞`,
  },
  {
    drawn: '2612/9 mosaic kits, Worcester MA',
    file: 'kits.txt',
    encoding: 'windows-1252',
    text: `Kit|Colour|Size|Price|In stock|Price
Tide pool|blue|small|$24.00|yes|US
Tide pool|blue|large|$38.00|yes|US
Tide pool|green|small|$24.00|sold out|US
Café table|terracotta|large|$96.00|3 left|US
Café table|“old gold”|large|$99.00|in stock|US
Grout, grey|||$6.50|plenty|US
`,
    currency: 'USD',
    columns: 'title option option price stock particular',
    want: `Tide pool | blue / small | 2400 | ∞
Tide pool | blue / large | 3800 | ∞
Tide pool | green / small | 2400 | 0
Café table | terracotta / large | 9600 | 3
Café table | “old gold” / large | 9900 | ∞
Grout, grey | | 650 | ∞`,
  },
  {
    drawn: '2612/10 bird boxes, Dublin',
    file: 'boxes.txt',
    text: `Nm, Opt nm, Opt val, Pr, EAN
Robin box, Front, open, €22, 5390000000018
Robin box, Front, half, €24, 5390000000019
Swift box, Front, slot, €41, 
Owl box, , , €78, 
"Bat box, Front, slot, €39, 
`,
    currency: 'EUR',
    columns: 'title optionName optionValue price gtin',
    want: `Robin box | open | 2200 | ∞
Robin box | half | 2400 | ∞
Swift box | slot | 4100 | ∞
Owl box | | 7800 | ∞
"Bat box | slot | 3900 | ∞`,
  },
  {
    drawn: '2612/11 tripods, Montréal',
    file: 'tripods.jsonl',
    brief: 'Trépieds Laurier, Montréal, Québec. Prices in Canadian dollars.',
    text: `["Tripod Laurier","ash","3","1.6 m","2.4 kg","brass",289]
["Tripod Mile End","beech","3","1.4 m","2.1 kg","steel",249]
["Monopod","ash","1","1.7 m","0.8 kg","brass",""]
["Table tripod","walnut","3","0.3 m","0.5 kg","brass",119]
`,
    currency: 'CAD',
    columns: 'title particular particular particular weight particular price',
    want: `Tripod Laurier | | 28900 | ∞
Tripod Mile End | | 24900 | ∞
Monopod | | ? | ∞
Table tripod | | 11900 | ∞`,
  },
  {
    drawn: '2612/14 sewing machine belts, Quito',
    file: 'belts.xml',
    text: `<?xml version="1.0"?><catalog>${made(
      35,
      (i) =>
        `<product><id>B-${100 + i}</id><name>Belt ${i + 1}</name><description>Leather, round.</description><price>${(4 + i * 0.25).toFixed(2)}</price><currency>USD</currency><stock>${i % 7}</stock><section>V${i % 4}</section><machine>${i % 2 ? 'treadle' : 'motor'}</machine><hook>steel</hook></product>`,
    ).join('')}</catalog>`,
    currency: 'USD',
    columns: 'sku title description price currency stock category particular particular',
    want: made(35, (i) => `Belt ${i + 1} | | ${400 + i * 25} | ${i % 7}`).join('\n'),
  },
  {
    drawn: '2612/15 brass door furniture, Córdoba',
    file: 'bronces.txt',
    brief: 'Herrajes Luján hace herrajes de bronce en Córdoba, Argentina.',
    text: fixedWidth(
      [20, 12, 14, 10, 10, 10, 10],
      [
        ['Thing', 'Finish', 'You pay', 'Plate', 'Screws', 'Spindle', 'Key'],
        ['Knob Alta', 'polished', '$ 38.500', '60 mm', '4', '8 mm', 'no'],
        ['', 'aged', '$ 41.200', '60 mm', '4', '8 mm', 'no'],
        ['Lever Sur', 'polished', '$ 52.900', '180 mm', '6', '8 mm', 'yes'],
        ['', 'aged', '$ 55.000', '180 mm', '6', '8 mm', 'yes'],
        ['Letter flap', 'polished', '$ 29.750', '250 mm', '2', '', 'no'],
      ],
    ),
    currency: 'ARS',
    columns: 'title option price particular particular particular particular',
    want: `Knob Alta | polished | 3850000 | ∞
Knob Alta | aged | 4120000 | ∞
Lever Sur | polished | 5290000 | ∞
Lever Sur | aged | 5500000 | ∞
Letter flap | polished | 2975000 | ∞`,
  },
  {
    drawn: '2612/17 dice, Rotterdam',
    file: 'dobbel.xlsx',
    sheets: [
      {
        name: 'Blad1',
        merged: ['A1:E1'],
        rows: [
          ['Dobbel 7 – what we have'],
          ['bone and horn are old stock, prices incl. btw'],
          ['The dice', 'Sides', 'Made from', 'In the drawer', 'Asking, €'],
          ...made(40, (i) => [
            `Set no. ${i + 1}`,
            [4, 6, 8, 12, 20][i % 5] ?? 6,
            ['resin', 'brass', 'bone'][i % 3] ?? '',
            i % 9,
            i === 7 ? '12–18' : i === 20 ? 'from 30' : 8 + (i % 6) * 2.5,
          ]),
          [],
          ['Totals', '', '', 157, ''],
        ],
      },
    ],
    currency: 'EUR',
    columns: 'title particular particular stock price',
    want: made(40, (i) => `Set no. ${i + 1} | | ${i === 7 || i === 20 ? '?' : 800 + (i % 6) * 250} | ${i % 9}`).join('\n'),
  },
  {
    drawn: '2612/18 button jars, Winterthur',
    file: 'knoepfe.json',
    text: JSON.stringify([
      ...made(20, (i) => ({
        Artikel: `Glas ${Math.floor(i / 2) + 1}`,
        Preis: `${12 + Math.floor(i / 2)}.-`,
        Farbe: i % 2 ? 'blau' : 'rot',
        Nr: `G${i}`,
      })),
      { Artikel: 'Musterartikel', Preis: '1.-', Farbe: '', Nr: 'X' },
    ]),
    brief: 'Knopfgläser aus Winterthur, Preise in Franken.',
    currency: 'CHF',
    columns: 'title price option sku',
    want: made(
      20,
      (i) => `Glas ${Math.floor(i / 2) + 1} | ${i % 2 ? 'blau' : 'rot'} | ${1200 + Math.floor(i / 2) * 100} | ∞`,
    ).join('\n'),
    leftOut: 1,
  },
  {
    drawn: '2612/19 fruit trees on wires, Gdańsk',
    file: 'drzewka.txt',
    text: fixedWidth(
      [24, 16, 14, 10, 12, 12, 10],
      [
        ['Nazwa', 'Forma', 'Cena', 'Ilość', 'Waga', 'Podkładka', 'Odmiana'],
        ['Jabłoń Antonówka', 'sznur', '129,00 zł', '6', '2,5 kg', 'M9', 'letnia'],
        ['Jabłoń Antonówka', 'palmeta', '189,00 zł', '3', '4 kg', 'M9', 'letnia'],
        ['Grusza Klapsa', 'palmeta', '199,00 zł', '2', '4,2 kg', 'pigwa', 'letnia'],
        ['Śliwa Węgierka', 'wachlarz', '1 049,00 zł', '1', '12 kg', 'ałycza', 'późna'],
      ],
    ),
    currency: 'PLN',
    columns: 'title option price stock weight particular particular',
    want: `Jabłoń Antonówka | sznur | 12900 | 6
Jabłoń Antonówka | palmeta | 18900 | 3
Grusza Klapsa | palmeta | 19900 | 2
Śliwa Węgierka | wachlarz | 104900 | 1`,
  },
  {
    drawn: '2612/20 egg cups, Bologna',
    file: 'portauovo.txt',
    text: fixedWidth(
      [26, 20, 12, 16, 10],
      [
        ['Articolo', 'Misura', 'Prezzo', 'Prezzo scontato', 'Pezzi'],
        ['Portauovo Gallina', 'piccolo, grande', '€ 12,00', '', '20'],
        ['Portauovo Torre', 'unico', '€ 18,50', '€ 15,00', '4'],
        ['Articolo di prova', '', '€ 0,00', '', ''],
        ['Cucchiaino', 'unico', '€ 6,90', '', '31'],
      ],
    ),
    currency: 'EUR',
    columns: 'title option earlierPrice price stock',
    want: `Portauovo Gallina | piccolo | 1200 | ?
Portauovo Gallina | grande | 1200 | ?
Portauovo Torre | unico | 1500 | 4
Cucchiaino | unico | 690 | 31`,
    leftOut: 1,
  },
  {
    drawn: '2612/23 perfume-free cosmetics, Bratislava',
    file: 'krem.psv',
    text: `Lovely jar | Option 1 name | Option 1 value | Ouch | Left | Smells of
Balm, oat | Size | 30 ml | 9,90 € | 12 | nothing
Balm, oat | Size | 60 ml | 15,90 € | 8 | nothing
Balm, marigold | Size | 30 ml | 10,90 € | 5 | nothing
Lorem ipsum | Size | 1 ml | 1,00 € | 1 | nothing
Soap, bare | | | 5,50 € | 40 | nothing
`,
    currency: 'EUR',
    columns: 'title optionName optionValue price stock particular',
    want: `Balm, oat | 30 ml | 990 | 12
Balm, oat | 60 ml | 1590 | 8
Balm, marigold | 30 ml | 1090 | 5
Soap, bare | | 550 | 40`,
    leftOut: 1,
  },
  {
    drawn: '2612/25 stone lanterns, Dublin',
    file: 'lanterns.txt',
    text: fixedWidth(
      [22, 14, 12, 12, 16, 10, 8, 8],
      [
        ['Lantern', 'What varies', 'Which', 'Asking', 'Barcode', 'Stone', 'Light', 'Feet'],
        ['Lantern Howth', 'Height', '40 cm', '€185', '5390000000025', 'granite', 'candle', '3'],
        ['Lantern Howth', 'Height', '60 cm', '€260', '5390000000024', 'granite', 'candle', '3'],
        ['Lantern Bray', 'Height', '35 cm', '€150', '', 'slate', 'oil', '1'],
        ['Wick', '', '', '€4', '', '', '', ''],
      ],
    ),
    currency: 'EUR',
    columns: 'title optionName optionValue price gtin particular particular particular',
    want: `Lantern Howth | 40 cm | 18500 | ∞
Lantern Howth | 60 cm | 26000 | ∞
Lantern Bray | 35 cm | 15000 | ∞
Wick | | 400 | ∞`,
  },
  {
    drawn: '2612/26 reading stones, Montevideo',
    file: 'piedras.html',
    text: savedPage('Piedras', [
      product('Reading stone, round', 2890, 'UYU', {
        weight: { '@type': 'QuantitativeValue', value: 0.42, unitCode: 'KGM' },
        sku: 'RS-R',
      }),
      product('Reading stone, bar', '3250.00', 'UYU', {
        weight: { '@type': 'QuantitativeValue', value: 0.5, unitCode: 'KGM' },
        sku: 'RS-B',
      }),
      product('Magnifier "Ojo', '75.00', 'USD', { sku: 'MG-O' }),
      product('Stand', '1100', 'UYU', { sku: 'ST' }),
    ]),
    currency: 'UYU',
    columns: 'title weight sku price currency',
    want: `Reading stone, round | | 289000 | ∞
Reading stone, bar | | 325000 | ∞
Magnifier "Ojo | | ? | ∞
Stand | | 110000 | ∞`,
  },
  {
    drawn: '2612/28 saddle soap, Perth (Scotland)',
    file: 'soap.txt',
    text: `Saddle soap, tin - £6.50
Saddle soap, bar - £4.20
Balsam, 100 ml - £9
Balsam, 250 ml - £18
Brush - from £7
Sponge - 2 for £3
Wax thread - 80p
`,
    currency: 'GBP',
    columns: 'title price',
    want: `Saddle soap, tin | | 650 | ∞
Saddle soap, bar | | 420 | ∞
Balsam | 100 ml | 900 | ∞
Balsam | 250 ml | 1800 | ∞
Brush | | ? | ∞
Sponge | | ? | ∞
Wax thread | | 80 | ∞`,
  },
  {
    drawn: '2612/30 shortbread, Nantes',
    file: 'sables.xlsx',
    sheets: [
      {
        name: 'Feuil1',
        rows: [
          ['SABLÉS DE LA LOIRE'],
          ['Tarifs TTC, mise à jour novembre'],
          [],
          ['Désignation', 'Descriptif', 'Tarif', 'Code-barres', 'Qté'],
          ['Sablé nature – 150 g', '<ul><li>beurre</li><li>sel</li></ul>', '4,90 €', '3760000000017', 40],
          ['Sablé nature – 300 g', '', '8,90 €', '3760000000018', 25],
          ['Sablé citron – 150 g', '<p>Zeste</p>', '5,20 €', '', 12],
          ['Sablé citron – 300 g', '', '9,40 €', '', 0],
          ['Boîte métal', 'vide', '7,00 €', '', 9],
          [],
          ['Total', '', '', '', 86],
        ],
      },
    ],
    currency: 'EUR',
    columns: 'title description price gtin stock',
    want: `Sablé nature | 150 g | 490 | 40
Sablé nature | 300 g | 890 | 25
Sablé citron | 150 g | 520 | 12
Sablé citron | 300 g | 940 | 0
Boîte métal | | 700 | 9`,
  },
];
