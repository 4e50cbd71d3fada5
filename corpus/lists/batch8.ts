import { fixedWidth, gtin, jsonLines, letter, made, pick, type ListCase } from './case';

/** Drawn and written on 27 November 2026, before the reader was run on any; each has the brief that its seller would have given. */
export const batch8: ListCase[] = [
  {
    drawn: '550127/1 letter openers, Dar es Salaam',
    file: 'openers.txt',
    brief: 'Karatasi Kata: letter openers from ebony and brass, made in Dar es Salaam. Prices in shillings.',
    text: `Itm, Hndl, Cd, Pr (TZS), Qty
${made(
  60,
  (i) =>
    `Opener ${Math.floor(i / 3) + 1}, ${pick(['ebony', 'bone', 'horn'], i)}, LO ${100 + i}, ${24 + (i % 3) * 6 + Math.floor(i / 3)}000, ${i % 7}`,
).join('\n')}
`,
    currency: 'TZS',
    columns: 'title option sku price stock',
    want: made(
      60,
      (i) =>
        `Opener ${Math.floor(i / 3) + 1} | ${pick(['ebony', 'bone', 'horn'], i)} | ${(24 + (i % 3) * 6 + Math.floor(i / 3)) * 100000} | ${i % 7}`,
    ).join('\n'),
  },
  {
    drawn: '550127/2 wooden spectacles, Plovdiv',
    file: 'frames.psv',
    brief: 'Trimontium Frames cuts spectacles from walnut and pear in Plovdiv. Euros since January.',
    text: `${made(
      300,
      (i) =>
        `Rhodope ${Math.floor(i / 3) + 1} – ${pick(['walnut', 'pear', 'wenge'], i)}|RF ${1000 + i}|€${110 + (i % 3) * 15 + (Math.floor(i / 3) % 5) * 10}.00|${i === 50 ? '"the wide one' : 'spring hinges, lenses from your optician'}`,
    ).join('\n')}
`,
    currency: 'EUR',
    columns: 'title sku price description',
    want: made(
      300,
      (i) =>
        `Rhodope ${Math.floor(i / 3) + 1} | ${pick(['walnut', 'pear', 'wenge'], i)} | ${(110 + (i % 3) * 15 + (Math.floor(i / 3) % 5) * 10) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '550127/3 spinning wheels, Bergen',
    file: 'rokk.csv',
    brief: 'Rokkeloftet i Bergen lager rokker for hånd. Priser i norske kroner.',
    text: `Wheel,Orifice (mm),Price (NOK),Weight (kg),In stock
Saxony,8,8900,6.4,yes
Saxony,10,9100,6.4,sold out
Saxony,12,,6.5,made to order
Castle,8,7400,5.2,yes
Castle,10,7600,5.2,one left
Traveller,8,6900,3.1,no
Traveller,10,,3.1,yes
Norwegian double table,10,14500,9.8,made to order
Norwegian double table,12,14900,9.8,yes
Charkha,6,2400,1.2,3
Lazy Kate,,650,0.9,a few
`,
    currency: 'NOK',
    columns: 'title option price weight stock',
    want: `Saxony | 8 | 890000 | ∞
Saxony | 10 | 910000 | 0
Saxony | 12 | ? | ∞
Castle | 8 | 740000 | ∞
Castle | 10 | 760000 | 1
Traveller | 8 | 690000 | 0
Traveller | 10 | ? | ∞
Norwegian double table | 10 | 1450000 | ∞
Norwegian double table | 12 | 1490000 | ∞
Charkha | 6 | 240000 | 3
Lazy Kate | | 65000 | ?`,
  },
  {
    drawn: '550127/4 thimbles, Belfast',
    file: 'thimbles.tsv',
    brief: 'Finger Hat sells thimbles from Belfast. Pounds sterling. Tiny shop, tiny things.',
    text: `Name\tMetal\tPrice\tSale price\tAvailability
${made(
  35,
  (i) =>
    `Thimble ${Math.floor(i / 2) + 1}\t${pick(['silver', 'brass'], i)}\t£${18 + i}.00\t${i % 5 === 2 ? `£${14 + i}.50` : ''}\t${pick(['in stock', 'sold out', 'last one', '4'], i)}`,
).join('\n')}
`,
    currency: 'GBP',
    columns: 'title option earlierPrice price stock',
    want: made(
      35,
      (i) =>
        `Thimble ${Math.floor(i / 2) + 1} | ${pick(['silver', 'brass'], i)} | ${i % 5 === 2 ? (14 + i) * 100 + 50 : (18 + i) * 100} | ${pick(['∞', '0', '1', '4'], i)}`,
    ).join('\n'),
  },
  {
    drawn: '550127/5 ceramic knobs, Taipei',
    file: 'knobs.xlsx',
    brief: 'Knob & Kiln, Taipei. Hand-thrown drawer knobs; prices in New Taiwan dollars.',
    sheets: ['Round', 'Square'].map((name, s) => ({
      name,
      rows: [
        ['Knob', 'Choose', 'Value', 'Price (TWD)', 'Code', 'Across (mm)'],
        ...made(s ? 5 : 6, (i): (string | number)[] => [
          `${name} knob ${Math.floor(i / 2) + 1}`,
          'Glaze',
          pick(['celadon', 'tenmoku'], i),
          i === 3 ? '' : 280 + i * 20 + s * 40,
          `KN ${s}${i} ${pick(['C', 'T'], i)}`,
          32 + Math.floor(i / 2) * 4,
        ]),
      ],
    })),
    currency: 'TWD',
    columns: 'title optionName optionValue price sku particular',
    want: made(11, (n) => {
      const s = n < 6 ? 0 : 1;
      const i = s ? n - 6 : n;
      return `${pick(['Round', 'Square'], s)} knob ${Math.floor(i / 2) + 1} | ${pick(['celadon', 'tenmoku'], i)} | ${i === 3 ? '?' : (280 + i * 20 + s * 40) * 100} | ∞`;
    }).join('\n'),
  },
  {
    drawn: '550127/6 grafting knives, Asunción',
    file: 'cuchillos.xlsx',
    brief: 'Injerto vende cuchillos de injertar en Asunción, Paraguay. Precios en guaraníes.',
    sheets: ['Fijos', 'Plegables'].map((name, s) => ({
      name,
      rows: [
        ['Cuchillo', 'Precio (PYG)', 'Precio de oferta (PYG)', 'Hoja (mm)', 'Mango'],
        ...made(17, (i): (string | number)[] => [
          `${pick(['Fijo', 'Plegable'], s)} ${Math.floor(i / 2) + 1} - ${pick(['diestro', 'zurdo'], i)}`,
          120000 + i * 5000 + s * 30000,
          i % 6 === 4 ? 110000 + i * 4000 + s * 30000 : '',
          60 + Math.floor(i / 2),
          pick(['lapacho', 'guayaibí'], Math.floor(i / 2)),
        ]),
      ],
    })),
    currency: 'PYG',
    columns: 'title earlierPrice price particular particular',
    want: made(34, (n) => {
      const s = Math.floor(n / 17);
      const i = n % 17;
      const title = `${pick(['Fijo', 'Plegable'], s)} ${Math.floor(i / 2) + 1}`;
      const price = i % 6 === 4 ? 110000 + i * 4000 + s * 30000 : 120000 + i * 5000 + s * 30000;
      return i === 16
        ? `${title} - ${pick(['diestro', 'zurdo'], i)} | | ${price} | ∞`
        : `${title} | ${pick(['diestro', 'zurdo'], i)} | ${price} | ∞`;
    }).join('\n'),
  },
  {
    drawn: '550127/7 tabla, Muscat',
    file: 'tabla.json',
    brief: 'Muttrah Percussion, Muscat. Tabla and dayan for players. Omani rial.',
    text: JSON.stringify(
      made(40, (i) => ({
        Name: `${pick(['Dayan', 'Bayan', 'Tabla set', 'Dholak'], i)} ${letter(Math.floor(i / 4))}`,
        Category: pick(['Drums > Right hand', 'Drums > Left hand', 'Sets > Pairs', 'Drums > Barrel'], i),
        Price: `${45 + i}.500`,
        Stock: i % 4,
        Wood: pick(['sheesham', 'mango', 'neem'], i),
        Skin: pick(['goat', 'buffalo'], i),
        Pitch: pick(['C#', 'D', 'D#', 'G'], Math.floor(i / 4)),
        'Syahi layers': 5 + (i % 3),
        Straps: pick(['rawhide', 'cotton'], Math.floor(i / 2)),
        Ring: pick(['cloth', 'coir'], i),
      })),
    ),
    currency: 'OMR',
    columns: 'title category price stock particular particular particular particular particular particular',
    want: made(
      40,
      (i) =>
        `${pick(['Dayan', 'Bayan', 'Tabla set', 'Dholak'], i)} ${letter(Math.floor(i / 4))} | | ${(45 + i) * 1000 + 500} | ${i % 4}`,
    ).join('\n'),
  },
  {
    drawn: '550127/8 shortbread, Dublin',
    file: 'shortbread.txt',
    brief: 'Rough Puff bakes shortbread in Dublin. Prices in euro.',
    text: `Shortbread; Family; Tin (g); Price (€); Now (€); Code
${made(
  240,
  (i) =>
    `Batch ${Math.floor(i / 2) + 1}; F${Math.floor(i / 2)}; ${pick([250, 500], i)}; ${pick(['9,50', '16,00'], i)}; ${i % 31 === 4 ? '8,00' : ''}; SB ${300 + i} ${pick(['S', 'L'], i)}`,
).join('\n')}
`,
    currency: 'EUR',
    columns: 'title group option earlierPrice price sku',
    want: made(
      240,
      (i) => `Batch ${Math.floor(i / 2) + 1} | ${pick([250, 500], i)} | ${i % 31 === 4 ? 800 : pick([950, 1600], i)} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '550127/9 sewing machine belts, Kumasi',
    file: 'belts.csv',
    brief: 'Treadle Spares in Kumasi, Ghana: belts for old sewing machines. Cedis.',
    text: `Belt,Length,Price,Length,Barcode,Clip,Tread,Machine
Leather round,short,GH₵45.00,183 cm,${gtin(603000000001)},steel,smooth,treadle
,long,GH₵52.00,210 cm,${gtin(603000000002, 1)},steel,smooth,treadle
Rubber V,short,GH₵38.00,35 cm,${gtin(603000000003)},none,cogged,motor
,long,GH₵41.00,40 cm,${gtin(603000000004)},none,cogged,motor
Cotton flat,short,GH₵22.00,150 cm,${gtin(603000000005)},lace,smooth,hand crank
,medium,GH₵24.00,170 cm,${gtin(603000000006)},lace,smooth,hand crank
,long,GH₵26.50,190 cm,${gtin(603000000007, 1)},lace,smooth,hand crank
Nylon cord,short,GH₵18.00,120 cm,${gtin(603000000008)},fused,smooth,motor
,long,GH₵19.50,140 cm,${gtin(603000000009)},fused,smooth,motor
Belt punch,,GH₵60.00,,${gtin(603000000010)},,,
Belt dressing,,GH₵15.00,,${gtin(603000000011)},,,
`,
    currency: 'GHS',
    columns: 'title option price particular gtin particular particular particular',
    want: `Leather round | short | 4500 | ∞
Leather round | long | 5200 | ∞
Rubber V | short | 3800 | ∞
Rubber V | long | 4100 | ∞
Cotton flat | short | 2200 | ∞
Cotton flat | medium | 2400 | ∞
Cotton flat | long | 2650 | ∞
Nylon cord | short | 1800 | ∞
Nylon cord | long | 1950 | ∞
Belt punch | | 6000 | ∞
Belt dressing | | 1500 | ∞`,
  },
  {
    drawn: '550127/10 wasabi, Kumasi',
    file: 'wasabi.txt',
    brief: 'Cold Stream grows wasabi near Kumasi, Ghana, against all advice. Prices in cedis.',
    text: fixedWidth(
      [22, 10, 10, 18, 10],
      [
        ['Product', 'Colour', 'Size', 'Price', 'Stock'],
        ['Wasabi rhizome', 'green', 'small', 'GH₵ 60', '12'],
        ['Wasabi rhizome', 'green', 'large', 'from GH₵ 95', '4'],
        ['Wasabi rhizome', 'purple', 'small', 'GH₵ 70 - 80', '0'],
        ['Grater', 'black', 'small', 'GH₵ 140', '7'],
        ['Sample product', '', '', 'GH₵ 0', '0'],
        ['Your product here', '', '', 'GH₵ 10', '1'],
      ],
    ),
    currency: 'GHS',
    columns: 'title option option price stock',
    want: `Wasabi rhizome | green / small | 6000 | 12
Wasabi rhizome | green / large | ? | 4
Wasabi rhizome | purple / small | ? | 0
Grater | black / small | 14000 | 7`,
    leftOut: 2,
  },
  {
    drawn: '550127/11 headscarves, Thessaloniki',
    file: 'scarves.csv',
    brief: 'Mantíla prints headscarves in Thessaloniki. Euros. Bright, stubborn, ironed.',
    text: `The scarf;It comes in;Usually;This week;Made of
${made(
  18,
  (i) =>
    `Scarf ${letter(i)};${pick(['60 cm, 90 cm', '90 cm'], i)};${24 + i},00 €;${i % 4 === 1 ? `${19 + i},50 €` : ''};${i === 7 ? '"silk twill' : pick(['silk', 'cotton voile'], i)}`,
).join('\n')}
`,
    currency: 'EUR',
    columns: 'title option earlierPrice price particular',
    want: made(18, (i) =>
      pick([['60 cm', '90 cm'], ['90 cm']], i).map(
        (size) => `Scarf ${letter(i)} | ${size} | ${i % 4 === 1 ? (19 + i) * 100 + 50 : (24 + i) * 100} | ∞`,
      ),
    )
      .flat()
      .join('\n'),
  },
  {
    drawn: '550127/12 cymbals, Split',
    file: 'cymbals.csv',
    brief: 'Činela hammers cymbals in Split, Croatia. Prices in euros.',
    text: `Product;Colour;Size;Price;Hammering
${made(
  200,
  (i) =>
    `Cymbal ${Math.floor(i / 8) + 1};${pick(['raw', 'polished'], i)};${pick(['16"', '18"'], Math.floor(i / 2))};${190 + (Math.floor(i / 2) % 2) * 45 + (i % 2) * 12},00;${pick(['hand', 'machine'], Math.floor(i / 4))}`,
).join('\n')}
`,
    currency: 'EUR',
    columns: 'title option option price option',
    want: made(
      200,
      (i) =>
        `Cymbal ${Math.floor(i / 8) + 1} | ${pick(['raw', 'polished'], i)} / ${pick(['16"', '18"'], Math.floor(i / 2))} / ${pick(['hand', 'machine'], Math.floor(i / 4))} | ${(190 + (Math.floor(i / 2) % 2) * 45 + (i % 2) * 12) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '550127/13 globes, Turku',
    file: 'globes.csv',
    brief: 'Pallo, Turku, Finland: globes for people who would rather go. Prices in euros.',
    text: `${made(
      240,
      (i) =>
        `Globe ${letter(Math.floor(i / 8))}${Math.floor(i / 208) || ''},${pick(['blue', 'ivory'], i)},${pick(['20 cm', '30 cm'], Math.floor(i / 2))},€${89 + (Math.floor(i / 2) % 2) * 50}.00,${pick(['political', 'physical'], Math.floor(i / 4))},beech foot,gores by hand`,
    ).join('\n')}
`,
    currency: 'EUR',
    columns: 'title option option price option particular particular',
    want: made(
      240,
      (i) =>
        `Globe ${letter(Math.floor(i / 8))}${Math.floor(i / 208) || ''} | ${pick(['blue', 'ivory'], i)} / ${pick(['20 cm', '30 cm'], Math.floor(i / 2))} / ${pick(['political', 'physical'], Math.floor(i / 4))} | ${(89 + (Math.floor(i / 2) % 2) * 50) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '550127/14 ticket holders, Turku',
    file: 'holders.psv',
    brief: 'Lippu makes holders for train and theatre tickets in Turku. Euro prices.',
    text: `Holder|Colour|Price (EUR)|Description|Holds (cards)|Leather (mm)|Thread
${made(
  60,
  (i) =>
    `Holder ${Math.floor(i / 3) + 1}|${pick(['tan', 'black', 'oxblood'], i)}|${29 + Math.floor(i / 3)}.00|<p>Cut from <em>one</em> hide.</p>|${2 + (Math.floor(i / 3) % 4)}|${pick(['1.2', '1.6'], Math.floor(i / 3))}|linen`,
).join('\n')}
`,
    currency: 'EUR',
    columns: 'title option price description particular particular particular',
    want: made(
      60,
      (i) => `Holder ${Math.floor(i / 3) + 1} | ${pick(['tan', 'black', 'oxblood'], i)} | ${(29 + Math.floor(i / 3)) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '550127/15 mandolin cases, Tbilisi',
    file: 'cases.txt',
    brief: 'Mandolin cases from Tbilisi. Prices in lari.',
    text: fixedWidth(
      [34, 14, 20],
      [
        ['დასახელება', 'ფასი', 'მარაგი'],
        ['Oval case – black', '340 ₾', 'in stock'],
        ['Oval case – brown', '340 ₾', 'sold out'],
        ['Flat-back case – black', '290 ₾', 'in stock'],
        ['Flat-back case – brown', '295 ₾', '2'],
        ['Flat-back case – green', '295 ₾', 'sold out'],
        ['Gig bag "soft" – grey', '120 ₾', 'plenty'],
        ['Gig bag "soft" – blue', '120 ₾', 'plenty'],
        ['Travel tube', '210 ₾', '1'],
        ['Strap', '35 ₾', 'in stock'],
        ['Humidifier', '28 ₾', 'sold out'],
        ['Latch', '12 ₾', '40'],
      ],
    ),
    currency: 'GEL',
    columns: 'title price stock',
    want: `Oval case | black | 34000 | ∞
Oval case | brown | 34000 | 0
Flat-back case | black | 29000 | ∞
Flat-back case | brown | 29500 | 2
Flat-back case | green | 29500 | 0
Gig bag "soft" | grey | 12000 | ∞
Gig bag "soft" | blue | 12000 | ∞
Travel tube | | 21000 | 1
Strap | | 3500 | ∞
Humidifier | | 2800 | 0
Latch | | 1200 | 40`,
  },
  {
    drawn: '550127/16 paper for printmakers, Dar es Salaam',
    file: 'paper.txt',
    brief: 'Mkeka Mill makes paper for printmakers in Dar es Salaam. Tanzanian shillings.',
    text: fixedWidth(
      [24, 26, 18, 40],
      [
        ['What to ask for', 'What it costs a sheet', 'How heavy', 'What it is like'],
        ['Sisal plain', 'TSh 4,500', '180 gsm', '<b>Soft</b>, takes ink at once'],
        ['Banana grey', 'TSh 5,200', '220 gsm', 'Long fibres &amp; a torn edge'],
        ['Test', 'TSh 1', '', 'delete me'],
      ],
    ),
    currency: 'TZS',
    columns: 'title price particular description',
    want: `Sisal plain | | 450000 | ∞
Banana grey | | 520000 | ∞`,
    leftOut: 1,
  },
  {
    drawn: '550127/17 glass eyes for teddy bears, Lagos',
    file: 'eyes.jsonl',
    brief: 'Button Bright, Lagos: glass eyes for bears in need. Naira.',
    text: jsonLines([
      { Name: 'Amber eyes', Size: '8 mm', Price: '₦1,800', EAN: gtin(615000000001), Quantity: 30 },
      { Name: '', Size: '10 mm', Price: '₦2,000', EAN: gtin(615000000002, 1), Quantity: 12 },
      { Name: '', Size: '12 mm', Price: '', EAN: gtin(615000000003), Quantity: 0 },
    ]),
    currency: 'NGN',
    columns: 'title option price gtin stock',
    want: `Amber eyes | 8 mm | 180000 | 30
Amber eyes | 10 mm | 200000 | 12
Amber eyes | 12 mm | ? | 0`,
  },
  {
    drawn: '550127/18 prosthetic covers, Bologna',
    file: 'cover.txt',
    brief: 'Passo Nuovo disegna cover per protesi a Bologna. Prezzi in euro, IVA inclusa.',
    text: fixedWidth(
      [16, 12, 14, 12, 16, 42],
      [
        ['Nome', 'Gruppo', 'Colore', 'Prezzo', 'Disponibilità', 'Descrizione'],
        ...made(150, (i) => [
          `Cover ${Math.floor(i / 3) + 1}`,
          `PN${Math.floor(i / 3)}`,
          pick(['nero', 'rosso', 'blu'], i),
          `${180 + (Math.floor(i / 3) % 6) * 15},00 €`,
          pick(['disponibile', 'esaurito', '5'], i),
          i === 40 ? '<p>Stampata in "nylon.</p>' : '<p>Stampata in nylon.</p>',
        ]),
      ],
    ),
    currency: 'EUR',
    columns: 'title group option price stock description',
    want: made(
      150,
      (i) =>
        `Cover ${Math.floor(i / 3) + 1} | ${pick(['nero', 'rosso', 'blu'], i)} | ${(180 + (Math.floor(i / 3) % 6) * 15) * 100} | ${pick(['∞', '0', '5'], i)}`,
    ).join('\n'),
  },
  {
    drawn: '550127/19 spinning wheels, Belfast',
    file: 'wheels.csv',
    brief: 'Wheel of Ormeau, Belfast. Spinning wheels, mended and new. Pounds.',
    text: `Wheel;Wood;Price;Barcode;Notes;Notes
${made(
  150,
  (i) =>
    `${i % 3 ? '' : `Wheel no. ${Math.floor(i / 3) + 1}`};${pick(['oak', 'ash', 'cherry'], i)};${320 + (i % 3) * 25 + Math.floor(i / 3)},00;${gtin(506000010000 + i, i % 13 === 5 ? 1 : 0)};${i % 3 ? '' : 'Double drive, with four bobbins and an oil bottle.'};${pick(['new', 'mended'], Math.floor(i / 3))}`,
).join('\n')}
`,
    currency: 'GBP',
    columns: 'title option price gtin description particular',
    want: made(
      150,
      (i) =>
        `Wheel no. ${Math.floor(i / 3) + 1} | ${pick(['oak', 'ash', 'cherry'], i)} | ${(320 + (i % 3) * 25 + Math.floor(i / 3)) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '550127/20 sheepskins, Dar es Salaam',
    file: 'ngozi.json',
    brief: 'Ngozi Safi sells sheepskins from Dar es Salaam, Tanzania. Prices in TZS.',
    text: JSON.stringify([
      { Jina: 'Ngozi ndefu', Rangi: 'nyeupe', Bei: 'TSh 95,000', Idadi: 4 },
      { Jina: 'Ngozi ndefu', Rangi: 'kahawia', Bei: 'TSh 98,000', Idadi: 2 },
      { Jina: 'Ngozi fupi', Rangi: 'nyeupe', Bei: 'TSh 70,000', Idadi: 0 },
      { Jina: 'Ngozi fupi "laini', Rangi: 'nyeusi', Bei: 'TSh 72,000', Idadi: 6 },
      { Jina: 'Mfano', Rangi: '', Bei: 'TSh 0', Idadi: 0 },
      { Jina: 'Sample', Rangi: '', Bei: 'TSh 1', Idadi: 1 },
    ]),
    currency: 'TZS',
    columns: 'title option price stock',
    want: `Ngozi ndefu | nyeupe | 9500000 | 4
Ngozi ndefu | kahawia | 9800000 | 2
Ngozi fupi | nyeupe | 7000000 | 0
Ngozi fupi "laini | nyeusi | 7200000 | 6`,
    leftOut: 2,
  },
];
