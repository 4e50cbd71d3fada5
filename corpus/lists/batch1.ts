import { fixedWidth, made, product, savedPage, type ListCase } from './case';

const tables = ['Djembe rosewood', 'Darbuka clay', 'Dayan 5.25"', 'Bayan copper', 'Bayan brass', 'Hammer', 'Ring cushion'];
const crocks = ['Moss', 'Slate', 'Salt'];
const oilTails = ['250 ml', '500 ml', '1 l'];

/** Written on 26 November 2026, before the reader that it was first read with. */
export const batch1: ListCase[] = [
  {
    drawn: '2611/1 lighthouse models, Rostock',
    file: 'models.txt',
    encoding: 'windows-1252',
    text: `What it's called\tIn short\tOption name\tOption value\tWhat it costs\tHow many I have
Warnemünde\tThe west mole light\tScale\t1:87\t€49,00\t3
Warnemünde\t\tScale\t1:160\t€29,00\t5
Darßer Ort\tBrick tower with house\tScale\t1:87\t€64,50\t1
Greifswalder Oie\tWhite octagon\tScale\t1:87\t$70.00\t2
Tøndermåle\tDanish, red bands\tScale\t1:160\t€31,00\t0
Kap Arkona\tThe square one\tScale\t1:87\t€58,00\t4
`,
    currency: 'EUR',
    columns: 'title description optionName optionValue price stock',
    want: `Warnemünde | 1:87 | 4900 | 3
Warnemünde | 1:160 | 2900 | 5
Darßer Ort | 1:87 | 6450 | 1
Greifswalder Oie | 1:87 | ? | 2
Tøndermåle | 1:160 | 3100 | 0
Kap Arkona | 1:87 | 5800 | 4`,
  },
  {
    drawn: '2611/2 zoetropes, Córdoba',
    file: 'zoetropes.psv',
    brief: 'Zootropos Quiroga builds zoetropes in Córdoba, Argentina. All prices in Argentine pesos.',
    text: `Name|Group|Price|Stock|Slots|Drum diameter|Strip length|Bearing|Frames|Base wood
Zoetrope Lucero|LUC|48.500|2|12|18 cm|56 cm|ball|12|algarrobo
Zoetrope Lucero|LUC|61.000|1|16|24 cm|75 cm|ball|16|algarrobo
Zoetrope Chico|CHI|22.900|6|10|12 cm|38 cm|pin|10|pine
Spare strip, galloping|STR|1.800|40|||56 cm||12|
Spare strip, the diver|STR2||40|||56 cm||12|
Zoetrope Grande|GRA||0|20|40 cm|126 cm|ball|20|lapacho
`,
    currency: 'ARS',
    columns: 'title group price stock particular option particular particular particular particular',
    want: `Zoetrope Lucero | 18 cm | 4850000 | 2
Zoetrope Lucero | 24 cm | 6100000 | 1
Zoetrope Chico | 12 cm | 2290000 | 6
Spare strip, galloping | | 180000 | 40
Spare strip, the diver | | ? | 40
Zoetrope Grande | 40 cm | ? | 0`,
  },
  {
    drawn: '2611/3 beaded earrings, Worcester MA',
    file: 'earrings.html',
    text: savedPage(
      'Beaded earrings',
      made(60, (i) =>
        product(`Fringe ${i + 1}`, (18 + (i % 9) * 2.5).toFixed(2), 'USD', {
          sku: `FR-${100 + i}`,
          description: 'Seed beads on nylon thread.',
          offer: { availability: i % 4 === 3 ? 'https://schema.org/OutOfStock' : 'https://schema.org/InStock' },
        }),
      ),
    ),
    currency: 'USD',
    columns: 'title sku description price currency stock',
    want: made(60, (i) => `Fringe ${i + 1} | | ${1800 + (i % 9) * 250} | ${i % 4 === 3 ? 0 : '∞'}`).join('\n'),
  },
  {
    drawn: '2611/4 yoghurt cultures, Brno',
    file: 'cultures.txt',
    encoding: 'windows-1250',
    text: fixedWidth(
      [26, 12, 10, 8, 30],
      [
        ['Name', 'Size', 'Price', 'Stock', 'Description'],
        ['Kefír, selský', '1 g, 5 g', '89 Kč', '120', 'Grains from Žďár'],
        ['Skyr', '1 g', '95 Kč', '40', 'Thick, mild'],
        ['Řecký jogurt', '1 g, 5 g', '79 Kč', '85', 'Strained'],
        ['Acidofilní mléko', '2 g', '69 Kč', '33', 'For drinking'],
        ['Starter, pilot batch', '1 g', '150 Kč', '0', 'Come back in May'],
      ],
    ),
    currency: 'CZK',
    columns: 'title option price stock description',
    want: `Kefír, selský | 1 g | 8900 | ?
Kefír, selský | 5 g | 8900 | ?
Skyr | 1 g | 9500 | 40
Řecký jogurt | 1 g | 7900 | ?
Řecký jogurt | 5 g | 7900 | ?
Acidofilní mléko | 2 g | 6900 | 33
Starter, pilot batch | 1 g | 15000 | 0`,
  },
  {
    drawn: '2611/5 genealogy charts, near Zagreb',
    file: 'karte.htm',
    text: `<html><head><title>Rodoslovi</title></head><body>
<div itemscope itemtype="https://schema.org/Product"><h2 itemprop="name">Four generations</h2><span itemprop="sku">RG-4</span>
 <meta itemprop="gtin13" content="3850123456782"><p itemprop="description">Ink on cotton paper.</p>
 <div itemprop="offers" itemscope itemtype="https://schema.org/Offer"><span itemprop="price" content="45.00">45 €</span><meta itemprop="priceCurrency" content="EUR"></div></div>
<div itemscope itemtype="https://schema.org/Product"><h2 itemprop="name">Six generations</h2><span itemprop="sku">RG-6</span>
 <meta itemprop="gtin13" content="4006381333931"><p itemprop="description">With coats of arms.</p>
 <div itemprop="offers" itemscope itemtype="https://schema.org/AggregateOffer"><span itemprop="lowPrice">95.00</span><span itemprop="highPrice">140.00</span><meta itemprop="priceCurrency" content="EUR"></div></div>
<div itemscope itemtype="https://schema.org/Product"><h2 itemprop="name">Whole family</h2><span itemprop="sku">RG-W</span>
 <p itemprop="description">As far back as the books go.</p>
 <div itemprop="offers" itemscope itemtype="https://schema.org/Offer"><span itemprop="price">from 300</span><meta itemprop="priceCurrency" content="EUR"></div></div>
</body></html>`,
    currency: 'EUR',
    columns: 'title sku gtin description price currency',
    want: `Four generations | | 4500 | ∞
Six generations | | ? | ∞
Whole family | | ? | ∞`,
  },
  {
    drawn: '2611/6 bridal hair combs, Reykjavík',
    file: 'combs.xlsx',
    sheets: [
      {
        name: 'Combs',
        rows: [
          ['Name', 'Teeth', 'Wire', 'Name', 'Price ISK', 'Weight (g)'],
          ['Frost - silver', 20, 'brass', 'frost-s', 12900, 22],
          ['Frost - gold', 20, 'brass', 'frost-g', 12900, 22],
          ['Mosi - green', 14, 'copper', 'mosi', 9900, 18],
          ['Mosi - white', 14, 'copper', 'mosi-w', 9900, 18],
          ['Hraun', 14, 'steel', 'hraun', 15500, 31],
        ],
      },
      {
        name: 'Pins',
        rows: [
          ['Name', 'Teeth', 'Wire', 'Name', 'Price ISK', 'Weight (g)'],
          ['Pin, pearl', 2, 'brass', 'pin-p', 3900, 6],
          ['Pin, 12" veil', 2, 'brass', 'pin-v', 4400, 8],
        ],
      },
    ],
    currency: 'ISK',
    columns: 'title particular particular sku price weight',
    want: `Frost | silver | 12900 | ∞
Frost | gold | 12900 | ∞
Mosi | green | 9900 | ∞
Mosi | white | 9900 | ∞
Hraun | | 15500 | ∞
Pin, pearl | | 3900 | ∞
Pin, 12" veil | | 4400 | ∞`,
  },
  {
    drawn: '2611/7 alpaca duvets, Seville',
    file: 'lista.txt',
    encoding: 'windows-1252',
    brief: 'Edredones de alpaca, hechos en Sevilla. Precios en euros.',
    text: `Edredón verano, 150 x 220, 189 €
Edredón verano, 220 x 240, 249 €
Edredón invierno, 150 x 220, 239 €
Edredón invierno, 220 x 240, 319 €
Almohada niño, 40 x 60, 45 €
Almohada, 50 x 70, 59 €
Manta de pie, 130 x 60, 79 €
`,
    currency: 'EUR',
    columns: 'title option price',
    want: `Edredón verano | 150 x 220 | 18900 | ∞
Edredón verano | 220 x 240 | 24900 | ∞
Edredón invierno | 150 x 220 | 23900 | ∞
Edredón invierno | 220 x 240 | 31900 | ∞
Almohada niño | 40 x 60 | 4500 | ∞
Almohada | 50 x 70 | 5900 | ∞
Manta de pie | 130 x 60 | 7900 | ∞`,
  },
  {
    drawn: '2611/8 ceramic knobs, Tartu',
    file: 'nupud.csv',
    text: `Nimetus,Värv,Hind,Laos
Nupp Tamm,sinine,"6,50 €",24
Nupp Tamm,valge,"6,50 €",11
Näidistoode,,"0,00 €",
Nupp Kask,roheline,"7,00–9,00 €",8
`,
    currency: 'EUR',
    columns: 'title option price stock',
    want: `Nupp Tamm | sinine | 650 | 24
Nupp Tamm | valge | 650 | 11
Nupp Kask | roheline | ? | 8`,
    leftOut: 1,
  },
  {
    drawn: '2611/9 facsimile letters, Yerevan',
    file: 'letters.html',
    text: savedPage('Letters', [
      product('Letter of Khachatur', 6500, 'AMD', { weight: '40 g', description: 'On rag paper, with seal.' }),
      product('Postcard from the front', '2800', 'AMD', { weight: { '@type': 'QuantitativeValue', value: 12, unitCode: 'GRM' } }),
      product('Telegram, 1921', '3.200', 'AMD', { weight: '0.02 kg' }),
      product('Product name here', '0', 'AMD', { description: 'Lorem ipsum dolor sit amet' }),
      product('Love letter, sealed', '9900', 'AMD', { weight: '55 g' }),
      product('Permit to leave', '7400', 'AMD', { weight: '30 g' }),
    ]),
    currency: 'AMD',
    columns: 'title weight description price currency',
    want: `Letter of Khachatur | | 650000 | ∞
Postcard from the front | | 280000 | ∞
Telegram, 1921 | | ? | ∞
Love letter, sealed | | 990000 | ∞
Permit to leave | | 740000 | ∞`,
    leftOut: 1,
  },
  {
    drawn: '2611/10 tabla, Thessaloniki',
    file: 'tabla.txt',
    brief: 'Krousta sells hand drums in Thessaloniki.',
    text: `Prod.|Descr.|Cat.|Pr. €|Qty
${tables
  .map(
    (name, i) =>
      `${name}|<p>Made by <b>hand</b>.</p><ul><li>skin: goat</li><li>no. ${i + 1}</li></ul>|Drums > ${i < 2 ? 'Hand drums' : i < 5 ? 'Tabla' : 'Parts'}|${90 + i * 35},00|${i % 3}`,
  )
  .join('\n')}
`,
    currency: 'EUR',
    columns: 'title description category price stock',
    want: tables.map((name, i) => `${name} | | ${9000 + i * 3500} | ${i % 3}`).join('\n'),
  },
  {
    drawn: '2611/11 sewing machine belts, Tbilisi',
    file: 'belts.json',
    text: JSON.stringify({
      updated: '2026-11-20',
      items: [
        { name: 'Round leather belt', code: 'SB 48', length: '180 cm', price: 24.5, currency: 'GEL', stock: 30 },
        { name: 'Round leather belt', code: 'SB 50', length: '200 cm', price: 26, currency: 'GEL', stock: 12 },
        { name: 'Lug belt', code: 'LB 1', length: '340 mm', price: 18, currency: 'GEL', stock: 9 },
        { name: 'Lug belt', code: 'LB 2', length: '360 mm', price: 18, currency: 'GEL', stock: 0 },
        { name: 'Clip, pack of five', code: 'CL 5', length: null, price: 4.2, currency: 'GEL', stock: 200 },
        { name: 'Motor belt, ribbed', code: 'MB 7', length: '15 1/8"', price: 21, currency: 'GEL', stock: 6 },
      ],
    }),
    currency: 'GEL',
    columns: 'title sku option price currency stock',
    want: `Round leather belt | 180 cm | 2450 | 30
Round leather belt | 200 cm | 2600 | 12
Lug belt | 340 mm | 1800 | 9
Lug belt | 360 mm | 1800 | 0
Clip, pack of five | | 420 | 200
Motor belt, ribbed | 15 1/8" | 2100 | 6`,
  },
  {
    drawn: '2611/12 swing seats, Kumasi',
    file: 'swings 2026.xlsx',
    sheets: [
      {
        name: 'Sheet1',
        merged: ['A1:F1'],
        rows: [
          ['ADOM SWINGS – stock list November'],
          ['Prices in Ghana cedis, wood is odum unless said'],
          [],
          ['Seat', 'Rope', 'Price', 'Barcode', 'Price', 'In stock'],
          ['Plank seat', '3 m', 180, '6001234567895', 'GHS', 14],
          ['Plank seat', '4 m', 195, '6001234567894', 'GHS', 9],
          ['Plank seat, child', '3 m', 150, '', 'GHS', 20],
          ['Hammock chair', '2 m', 420, '', 'GHS', 3],
          ['Tyre swing', '4 m', 90, '', 'GHS', 7],
          [],
          ['Total', '', 1035, '', '', 53],
        ],
      },
    ],
    currency: 'GHS',
    columns: 'title option price gtin currency stock',
    want: `Plank seat | 3 m | 18000 | 14
Plank seat | 4 m | 19500 | 9
Plank seat, child | 3 m | 15000 | 20
Hammock chair | 2 m | 42000 | 3
Tyre swing | 4 m | 9000 | 7`,
  },
  {
    drawn: '2611/13 vanilla, Tbilisi',
    file: 'pasted.tsv',
    text: `Product\tParent\tSKU\tPrice\tUnit\tIn stock
Vanilla pods, Madagascar\tVPM\tVPM 05\t₾22.00\t5 pods\t60
Vanilla pods, Madagascar\tVPM\tVPM 10\t₾40.00\t10 pods\t35
Vanilla sugar\tVS\tVS 100\t₾9.50\t100 g\t120
Vanilla paste\tVP\tVP 50\t₾28.00\t50 g\t18
Sample product\t\tXXX\t₾1.00\t\t1
Test\t\tTEST 1\t₾0.00\t\t
Vanilla extract\tVE\tVE 100\t₾35.00\t100 ml\t22
`,
    currency: 'GEL',
    columns: 'title group sku price option stock',
    want: `Vanilla pods, Madagascar | 5 pods | 2200 | 60
Vanilla pods, Madagascar | 10 pods | 4000 | 35
Vanilla sugar | 100 g | 950 | 120
Vanilla paste | 50 g | 2800 | 18
Vanilla extract | 100 ml | 3500 | 22`,
    leftOut: 2,
  },
  {
    drawn: '2611/14 artificial flowers for graves, Wellington',
    file: 'flowers.ods',
    brief: 'Stay is a shop for artificial grave flowers in Wellington, New Zealand. NZ dollars.',
    sheets: [
      {
        name: 'Wreaths',
        rows: [
          ['The lovely things', 'Bloom', 'How big', 'The damage', 'Petal cloth', 'Fade years', 'Wind', 'Barcode'],
          ['Wreath Karori', 'rose', '30 cm', '$45', 'silk', 5, 'stake', '9421900000012'],
          ['', 'rose', '40 cm', '$62', 'silk', 5, 'stake', '9421900000029'],
          ['Wreath Bolton', 'lily', '30 cm', '$48', 'polyester', 8, 'weight', '9421900000037'],
        ],
      },
      {
        name: 'Pots',
        rows: [
          ['The lovely things', 'Bloom', 'How big', 'The damage', 'Petal cloth', 'Fade years', 'Wind', 'Barcode'],
          ['Pot Terrace', 'daisy', '15 cm', '$19', 'polyester', 4, 'weight', ''],
          ['Pot Hill', 'poppy', '15 cm', '$21', 'silk', 3, 'weight', ''],
        ],
      },
    ],
    currency: 'NZD',
    columns: 'title particular option price particular particular particular gtin',
    want: `Wreath Karori | 30 cm | 4500 | ∞
Wreath Karori | 40 cm | 6200 | ∞
Wreath Bolton | 30 cm | 4800 | ∞
Pot Terrace | 15 cm | 1900 | ∞
Pot Hill | 15 cm | 2100 | ∞`,
  },
  {
    drawn: '2611/15 clothes cut for wheelchairs, Vilnius',
    file: 'apparel.json',
    text: JSON.stringify([
      { prod: 'Trousers Neris – black – M', cat: 'Legs > Trousers', pr: 79, cur: 'EUR', qty: 4 },
      { prod: 'Trousers Neris – black – L', cat: 'Legs > Trousers', pr: 79, cur: 'EUR', qty: 6 },
      { prod: 'Trousers Neris – grey – M', cat: 'Legs > Trousers', pr: 79, cur: 'EUR', qty: 2 },
      { prod: 'Coat Vilnia – navy – L', cat: 'Over > Coats', pr: 149, cur: 'EUR', qty: 1 },
      { prod: 'Coat Vilnia – navy – XL', cat: 'Over > Coats', pr: 149, cur: 'EUR', qty: 3 },
      { prod: 'Lap blanket', cat: 'Over > Blankets', pr: 55, cur: 'EUR', qty: 10 },
    ]),
    currency: 'EUR',
    columns: 'title category price currency stock',
    want: `Trousers Neris | black / M | 7900 | 4
Trousers Neris | black / L | 7900 | 6
Trousers Neris | grey / M | 7900 | 2
Coat Vilnia | navy / L | 14900 | 1
Coat Vilnia | navy / XL | 14900 | 3
Lap blanket | | 5500 | 10`,
  },
  {
    drawn: '2611/16 fruit trees on wires, ferry island near Vancouver',
    file: 'trees.psv',
    brief: 'Island Espalier grows fruit trees on wires near Vancouver. Canadian dollars.',
    text: `Title|Price|Size|Stock|Description
Apple "Gravenstein"|$85.00|2-tier / 3-tier|6|"Early, ""crisp"",
and a little sour."
Pear Conference|$89.00|2-tier / 3-tier|4|Keeps till Christmas
Plum Victoria||fan|3|Ask us first
Quince|$95.00|fan|2|"Fragrant | hard | worth it"
Fig Desert King|$110.00|fan|0|South wall only
`,
    currency: 'CAD',
    columns: 'title price option stock description',
    want: `Apple "Gravenstein" | 2-tier | 8500 | ?
Apple "Gravenstein" | 3-tier | 8500 | ?
Pear Conference | 2-tier | 8900 | ?
Pear Conference | 3-tier | 8900 | ?
Plum Victoria | fan | ? | 3
Quince | fan | 9500 | 2
Fig Desert King | fan | 11000 | 0`,
  },
  {
    drawn: '2611/17 garden sieves, Graz',
    file: 'siebe.html',
    text: savedPage(
      'Siebe',
      made(120, (i) =>
        product(`Sieb Nr. ${i + 1}`, `${12 + (i % 20)}.90`, 'EUR', {
          category: i % 2 ? 'Garten > Siebe > Rund' : 'Garten > Siebe > Eckig',
          description: 'Sagt "rüttel mich",\nund meint es so.',
        }),
      ),
    ),
    currency: 'EUR',
    columns: 'title category description price currency',
    want: made(120, (i) => `Sieb Nr. ${i + 1} | | ${1290 + (i % 20) * 100} | ∞`).join('\n'),
  },
  {
    drawn: '2611/18 shoe lasts, Turku',
    file: 'lasts.json',
    text: [
      ['Last Aura, 38', 64, '4006381333931'],
      ['Last Aura, 39', 64, '4006381333932'],
      ['Last Aura, 40', 64, ''],
      ['Last Ruissalo, 42', 72, ''],
      ['Last Ruissalo, 43', 72, ''],
      ['Hinge spring', 3.5, ''],
    ]
      .map(([title, price, ean]) =>
        JSON.stringify({
          title,
          'price (EUR)': price,
          ean,
          'weight (kg)': 0.9,
          'heel (mm)': 25,
          toe: 'round',
          wood: 'hornbeam',
          hinge: 'V',
          'ball girth (mm)': 240,
          instep: 'high',
        }),
      )
      .join('\n'),
    currency: 'EUR',
    columns: 'title price gtin weight particular particular particular particular particular particular',
    want: `Last Aura | 38 | 6400 | ∞
Last Aura | 39 | 6400 | ∞
Last Aura | 40 | 6400 | ∞
Last Ruissalo | 42 | 7200 | ∞
Last Ruissalo | 43 | 7200 | ∞
Hinge spring | | 350 | ∞`,
  },
  {
    drawn: '2611/19 upholstery tacks, Tartu',
    file: 'tacks.xlsx',
    sheets: [
      {
        name: 'Tacks',
        rows: [
          ['Art.', 'Len.', 'Pr.', 'Qty'],
          ['Blued tack', '10 mm', '4,20 €', 100],
          ['Blued tack', '13 mm', '4,50 €', 80],
          ['Gimp pin', '13 mm', 'from 3 €', 60],
        ],
      },
      {
        name: 'Tools',
        rows: [
          ['Art.', 'Len.', 'Pr.', 'Qty'],
          ['Example item', '', '1 €', ''],
          ['Tack lifter', '', '18–24 €', 5],
        ],
      },
    ],
    currency: 'EUR',
    columns: 'title option price stock',
    want: `Blued tack | 10 mm | 420 | 100
Blued tack | 13 mm | 450 | 80
Gimp pin | 13 mm | ? | 60
Tack lifter | | ? | 5`,
    leftOut: 1,
  },
  {
    drawn: '2611/20 watch straps, Reykjavík',
    file: 'straps.txt',
    brief: 'Ól makes watch straps in Reykjavík. Prices are in krónur.',
    text: `Name; Option 1 name; Option 1 value; Option 2 name; Option 2 value; Code; Price
Salmon strap; Width; 18 mm; Colour; grey; SA 18 G; 14.900
Salmon strap; Width; 20 mm; Colour; grey; SA 20 G; 14.900
Salmon strap; Width; 20 mm; Colour; black; SA 20 B; 15.900
Wool strap; Width; 20 mm; ; ; WO 20; 8.900
Buckle; ; ; ; ; BU 1; 3.500
Lorem ipsum; ; ; ; ; LI 0; 1
`,
    currency: 'ISK',
    columns: 'title optionName optionValue optionName optionValue sku price',
    want: `Salmon strap | 18 mm / grey | 14900 | ∞
Salmon strap | 20 mm / grey | 14900 | ∞
Salmon strap | 20 mm / black | 15900 | ∞
Wool strap | 20 mm | 8900 | ∞
Buckle | | 3500 | ∞`,
    leftOut: 1,
  },
  {
    drawn: '2611/21 mushroom logs, Chiang Mai',
    file: 'logs.csv',
    text: `Product;Group;Price;Stock;Length;Text
Shiitake log;SHI;฿390,00;40;40 cm;"<p>Soak for a day.</p>"
Shiitake log;SHI;฿650,00;25;80 cm;"<p>Soak for a day.</p>"
Oyster log;OYS;฿350,00;60;40 cm;"Grey &amp; pink<script>alert(1)</script>"
Wood ear log;EAR;$12,00;10;40 cm;"<em>For soup</em>"
Lion's mane log;LIO;฿520,00;8;40 cm;
`,
    currency: 'THB',
    columns: 'title group price stock option description',
    want: `Shiitake log | 40 cm | 39000 | 40
Shiitake log | 80 cm | 65000 | 25
Oyster log | 40 cm | 35000 | 60
Wood ear log | 40 cm | ? | 10
Lion's mane log | 40 cm | 52000 | 8`,
  },
  {
    drawn: "2611/22 fencing masks, St John's",
    file: 'masks.xlsx',
    brief: "Parry & Bay sells fencing masks in St John's, Newfoundland. Canadian dollars.",
    sheets: [
      {
        name: 'Autumn',
        rows: [
          ['Parry & Bay'],
          ['tax is added at the till'],
          ['Mask', 'Says', 'Bib', 'Head size', 'You pay', 'On the shelf'],
          ['Epee mask', '<p>Steel mesh, <strong>1600 N</strong></p>', 'white', 'S', 165, 2],
          ['Epee mask', '', 'white', 'M', 165, 4],
          ['Epee mask', '', 'black', 'M', 175, 1],
          ['', '', '', '', 505, 7],
        ],
      },
    ],
    currency: 'CAD',
    columns: 'title description option option price stock',
    want: `Epee mask | white / S | 16500 | 2
Epee mask | white / M | 16500 | 4
Epee mask | black / M | 17500 | 1`,
  },
  {
    drawn: '2611/23 mountaineering rope as dog leads, Tucumán',
    file: 'correas.csv',
    text: `Thing;How long;Pesos;Pieces;About
Lead, hard worker;1,5 m;$ 18.900,00;6;"Rope from 8a
Lead, hard worker;2 m;$ 21.400,00;4;Rope from 8a
Collar;45 cm;$ 9.800,50;12;With brass ring
Collar;55 cm;$ 10.300,00;9;With brass ring
Tug toy;;$ 4.200,00;30;Offcuts
`,
    brief: 'Old mountaineering rope becomes dog leads in Tucumán, Argentina.',
    currency: 'ARS',
    columns: 'title option price stock description',
    want: `Lead, hard worker | 1,5 m | 1890000 | 6
Lead, hard worker | 2 m | 2140000 | 4
Collar | 45 cm | 980050 | 12
Collar | 55 cm | 1030000 | 9
Tug toy | | 420000 | 30`,
  },
  {
    drawn: '2611/24 ocarinas, Reykjavík',
    file: 'ocarinas.csv',
    text: `Itm;Desc;Sz;Prc;Qty
${made(
  80,
  (i) => `Ocarina ${i + 1};"Sings ""hú"",
softly";alto / tenor;${i === 9 ? '€60' : `${4 + (i % 7)}.900 kr`};${i % 5}`,
).join('\n')}
`,
    brief: 'Clay ocarinas from Reykjavík, Iceland, prices in ISK.',
    currency: 'ISK',
    columns: 'title description option price stock',
    want: made(80, (i) =>
      ['alto', 'tenor'].map(
        (size) => `Ocarina ${i + 1} | ${size} | ${i === 9 ? '?' : 4900 + (i % 7) * 1000} | ${i % 5 ? '?' : 0}`,
      ),
    )
      .flat()
      .join('\n'),
  },
  {
    drawn: '2611/25 slippers, Turku',
    file: 'tossut.tsv',
    text: `Slipper\tPrice (€)\tWeight (g)\tEAN\tSole (mm)
Felt, plain\t48\t310\t6412345678905\t6
Felt, with ribbon\t52\t320\t6412345678900\t6
Felt, child\t\t180\t\t4
Leather, low\t75\t410\t\t3
Leather, high\t89,50\t560\t\t3
Sheepskin\tsoon\t640\t\t8
`,
    currency: 'EUR',
    columns: 'title price weight gtin particular',
    want: `Felt, plain | | 4800 | ∞
Felt, with ribbon | | 5200 | ∞
Felt, child | | ? | ∞
Leather, low | | 7500 | ∞
Leather, high | | 8950 | ∞
Sheepskin | | ? | ∞`,
  },
  {
    drawn: '2611/26 fermenting crocks, Helsinki',
    file: 'feed.xml',
    text: `<?xml version="1.0" encoding="UTF-8"?>
<rss version="2.0" xmlns:g="https://feeds.example/goods"><channel><title>Hapan</title><link>https://hapan.example</link>
${crocks
  .flatMap((colour, c) =>
    ['2 l', '5 l', '10 l']
      .filter((_, s) => c !== 2 || s < 2)
      .map(
        (size, s) =>
          `<item><g:id>CR-${c}${s}</g:id><g:title>Crock Hapan</g:title><g:item_group_id>CR</g:item_group_id><g:price>${39 + s * 16}.00 EUR</g:price><g:color>${colour}</g:color><g:size>${size}</g:size><g:gtin>${c === 0 && s === 0 ? '6412345678906' : ''}</g:gtin><g:availability>in stock</g:availability><glaze>ash</glaze><lid>water seal</lid><weightstones>2</weightstones></item>`,
      ),
  )
  .join('\n')}
</channel></rss>`,
    currency: 'EUR',
    columns: 'sku title group price option option gtin stock particular particular particular',
    want: crocks
      .flatMap((colour, c) =>
        ['2 l', '5 l', '10 l']
          .filter((_, s) => c !== 2 || s < 2)
          .map((size, s) => `Crock Hapan | ${colour} / ${size} | ${3900 + s * 1600} | ∞`),
      )
      .join('\n'),
  },
  {
    drawn: '2611/27 pocket sundials, Manama',
    file: 'dials.txt',
    brief: 'Dhil makes pocket sundials in Manama, Bahrain.',
    text: `Name\tOption name\tOption value\tPrice (BHD)\tWeight (g)\tLatitude\tGnomon\tLid
Dial Muharraq\tMetal\tbrass\t24.500\t85\t26°\tfolding\tyes
Dial Muharraq\tMetal\tsilver\tfrom 60.000\t92\t26°\tfolding\tyes
Ring dial\tMetal\tbrass\t18.250 - 20.000\t40\tany\tnone\tno
`,
    currency: 'BHD',
    columns: 'title optionName optionValue price weight particular particular particular',
    want: `Dial Muharraq | brass | 24500 | ∞
Dial Muharraq | silver | ? | ∞
Ring dial | brass | ? | ∞`,
  },
  {
    drawn: '2611/28 veils, Kraków',
    file: 'veils.txt',
    text: fixedWidth(
      [22, 14, 18, 12],
      [
        ['The veil', 'How long', 'Asking', 'Our number'],
        ['Veil Wisła', '90 cm', '320,00 zł', 'WE 090'],
        ['', '150 cm', '410,00 zł', 'WE 150'],
        ['', '250 cm', 'od 600,00 zł', 'WE 250'],
        ['Birdcage', '', '180,00 zł', 'BC 001'],
        ['Mantilla', '120 cm', '500–700 zł', 'MA 120'],
        ['Comb', '', '45,00 zł', 'CO 001'],
      ],
    ),
    currency: 'PLN',
    columns: 'title option price sku',
    want: `Veil Wisła | 90 cm | 32000 | ∞
Veil Wisła | 150 cm | 41000 | ∞
Veil Wisła | 250 cm | ? | ∞
Birdcage | | 18000 | ∞
Mantilla | 120 cm | ? | ∞
Comb | | 4500 | ∞`,
  },
  {
    drawn: '2611/29 ash walking sticks, Manila',
    file: 'sticks.txt',
    brief: 'Baston carves walking sticks from ash in Manila. Prices in Philippine pesos.',
    text: fixedWidth(
      [24, 14, 14, 12, 12, 10],
      [
        ['Product', 'Option name', 'Option value', 'Price', 'Sale price', 'SKU'],
        ['Thumb stick', 'Length', '110 cm', '1,450.00', '', 'TS 110'],
        ['Thumb stick', 'Length', '130 cm', '1,600.00', '1,400.00', 'TS 130'],
        ['Derby handle', 'Length', '90 cm', '2,250.00', '1,999.00', 'DH 90'],
        ['Derby handle', 'Length', '95 cm', '2,250.00', '', 'DH 95'],
        ['Ferrule', '', '', '85.00', '', 'FE 1'],
      ],
    ),
    currency: 'PHP',
    columns: 'title optionName optionValue earlierPrice price sku',
    want: `Thumb stick | 110 cm | 145000 | ∞
Thumb stick | 130 cm | 140000 | ∞
Derby handle | 90 cm | 199900 | ∞
Derby handle | 95 cm | 225000 | ∞
Ferrule | | 8500 | ∞`,
  },
  {
    drawn: '2611/30 walnut oil, Bergen',
    file: 'olje.csv',
    encoding: 'windows-1252',
    text: `Det gode,Hva det er,Svir,Igjen
${made(60, (i) => `"Valnøttolje ${['kald', 'ristet', 'mild', 'røkt'][Math.floor(i / 3) % 4]} ${Math.floor(i / 12) + 2021}, ${oilTails[i % 3]}",Fra Åsane,${[149, 249, 399][i % 3]} kr,${i % 5 === 4 ? 'utsolgt' : 'på lager'}`).join('\n')}
`,
    brief: 'Walnut oil pressed in Bergen, Norway.',
    currency: 'NOK',
    columns: 'title description price stock',
    want: made(60, (i) => [
      `Valnøttolje ${['kald', 'ristet', 'mild', 'røkt'][Math.floor(i / 3) % 4]} ${Math.floor(i / 12) + 2021} | ${oilTails[i % 3]} | ${[14900, 24900, 39900][i % 3]} | ${i % 5 === 4 ? 0 : '∞'}`,
    ])
      .flat()
      .join('\n'),
  },
];
