import { fixedWidth, gtin, jsonLines, made, pick, product, savedPage, type ListCase } from './case';

const moulding = ['Oak box', 'Ash flat', 'Black tray', 'Gilt swept', 'Walnut slip', 'Limed pine', 'Maple cushion'] as const;
const opening = ['7 x 31 in', '12 x 12 in', '4½ x 9 in', '20 x 50 in', '6 x 6 in'] as const;
const pot = ['Harz Classic', 'Harz Soft', 'Harz Winter', 'Remover', 'Spray', 'Tape'] as const;
const shoe = ['Soomaa', 'Alutaguse', 'Otepää', 'Haanja', 'Kõrvemaa', 'Lahemaa', 'Vooremaa', 'Viljandi'] as const;
const skittle = ['Table set', 'Garden set', 'Long alley set', 'Pin', 'Ball', 'Board', 'Felt'] as const;
const bitter = ['Orange', 'Gentiane', 'Café', 'Noix', 'Cacao', 'Rhubarbe', 'Poivre'] as const;
const flower = ['Rosa', 'Peonía', 'Copihue', 'Lirio', 'Amapola', 'Margarita', 'Azahar'] as const;
const mask = [
  'Marimonda',
  'Tigre del Magdalena',
  'Toro bravo',
  'Diablo espejo',
  'Garabato',
  'Congo grande',
  'Monocuco',
  'Burra mocha',
  'Gorila',
  'El descabezado',
  'Cumbiambera',
  'Mapalé',
  'Torito chiquito',
  'Paloma',
  'Caimán',
  'María Moñitos',
  'Arlequín',
  'La Muerte',
] as const;
const saree = ['Ndeye', 'Awa', 'Khady', 'Sokhna', 'Coumba'] as const;

/** Drawn (303101, 303102, 303103; the one without a list left out) and written on 30 November 2026, before the reader was run on any. */
export const batch33: ListCase[] = [
  {
    drawn: '303101/1 frames for odd sizes, Leeds',
    file: 'frames.txt',
    brief: 'Oddments, frames for odd sizes, Leeds. Sorry for the length. Prices in pounds.',
    text: `Frame - opening - price - sale price\n${made(
      35,
      (i) =>
        `${pick(moulding, Math.floor(i / 5))} - ${pick(opening, i)} - ${i === 9 ? 'from £40' : i === 19 ? '£60 to £75' : `£${24 + (i % 5) * 9}.50`} - ${i % 6 === 2 ? `£${19 + (i % 5) * 8}.00` : ''}`,
    ).join('\n')}\n`,
    currency: 'GBP',
    columns: 'title option earlierPrice price',
    want: made(
      35,
      (i) =>
        `${pick(moulding, Math.floor(i / 5))} | ${pick(opening, i)} | ${i % 6 === 2 ? (19 + (i % 5) * 8) * 100 : i === 9 || i === 19 ? '?' : (24 + (i % 5) * 9) * 100 + 50} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '303101/2 bath salts, Rostock',
    file: 'badesalz.txt',
    encoding: 'windows-1252',
    brief: 'We are making the bath salts in Rostock, Germany, each one is unique. Prices are in Euro.',
    text: `Gruppe; Nummer; Name; Duft; Duft; Größe; Preis
OS; OS 01; Ostsee; Sanddorn; Kiefer; 250 g; 7,90 €
OS; OS 02; Ostsee; Sanddorn; Kiefer; 500 g; 13,50 €
OS; OS 03; Ostsee; Sanddorn; Kiefer; 1 kg; 24,00 €
NB; NB 01; Nebel; Rose; ; 250 g; 8,90 €
NB; NB 02; Nebel; Rose; ; 500 g; 15,50 €
NB; NB 03; Nebel; Rose; ; 1 kg; 27,00 €
KS; KS 01; Kräuterschlaf; Lavendel; Hopfen; 250 g; 8,50 €
KS; KS 02; Kräuterschlaf; Lavendel; Hopfen; 500 g; 14,80 €
KS; KS 03; Kräuterschlaf; Lavendel; Hopfen; 1 kg; 26,00 €
HF; HF 01; Hafen; Teer; Rauch; 250 g; 9,50 €
HF; HF 02; Hafen; Teer; Rauch; 500 g; 16,50 €
HF; HF 03; Hafen; Teer; Rauch; 1 kg; 29,00 €
MS; MS 01; Möwenschrei; Minze; ; 250 g; 7,50 €
MS; MS 02; Möwenschrei; Minze; ; 500 g; 12,80 €
MS; MS 03; Möwenschrei; Minze; ; 1 kg; 22,00 €
OD; OD 01; Ohne Duft; ; ; 250 g; 6,00 €
OD; OD 02; Ohne Duft; ; ; 500 g; 10,00 €
OD; OD 03; Ohne Duft; ; ; 1 kg; 17,00 €
`,
    currency: 'EUR',
    columns: 'group sku title particular particular option price',
    want: `Ostsee | 250 g | 790 | ∞
Ostsee | 500 g | 1350 | ∞
Ostsee | 1 kg | 2400 | ∞
Nebel | 250 g | 890 | ∞
Nebel | 500 g | 1550 | ∞
Nebel | 1 kg | 2700 | ∞
Kräuterschlaf | 250 g | 850 | ∞
Kräuterschlaf | 500 g | 1480 | ∞
Kräuterschlaf | 1 kg | 2600 | ∞
Hafen | 250 g | 950 | ∞
Hafen | 500 g | 1650 | ∞
Hafen | 1 kg | 2900 | ∞
Möwenschrei | 250 g | 750 | ∞
Möwenschrei | 500 g | 1280 | ∞
Möwenschrei | 1 kg | 2200 | ∞
Ohne Duft | 250 g | 600 | ∞
Ohne Duft | 500 g | 1000 | ∞
Ohne Duft | 1 kg | 1700 | ∞`,
  },
  {
    drawn: '303101/3 prayer beads, a ferry island near Vancouver',
    file: 'beads.txt',
    brief:
      '1. The business\nPrayer beads, strung on a ferry island near Vancouver, Canada.\n2. Money\nPrices in Canadian dollars.',
    text: fixedWidth(
      [26, 12, 14, 13, 13, 60],
      [
        ['Strand', 'Option', 'Choice', 'Price (CAD)', 'Weight (g)', 'About'],
        ['Juniper mala', 'Length', '108 beads', '84.00', '62', '<p>Windfall juniper, <em>unvarnished</em>.</p>'],
        ['Juniper mala', 'Length', '27 beads', '38.00', '17', '<p>Windfall juniper, <em>unvarnished</em>.</p>'],
        ['Beach stone rosary', 'Cord', 'linen', '120.00', '140', '<p>Stones from the north shore.</p>'],
      ],
    ),
    currency: 'CAD',
    columns: 'title optionName optionValue price weight description',
    want: `Juniper mala | 108 beads | 8400 | ∞
Juniper mala | 27 beads | 3800 | ∞
Beach stone rosary | linen | 12000 | ∞`,
  },
  {
    drawn: '303101/4 children’s raincoats, St John’s',
    file: 'coats.csv',
    brief: 'Children’s raincoats from St John’s, Newfoundland. We ship in Canada and to Iceland, not to the States.',
    text: `Name,Option 1 name,Option 1 value,Option 2 name,Option 2 value,Price,Description
Puddle coat,Size,2 years,Colour,yellow,$68.00,"Waxed cotton.
Hood that ""stays"" up."
Puddle coat,Size,4 years,Colour,yellow,$72.00,"Waxed cotton.
Hood that ""stays"" up."
Puddle coat,Size,4 years,Colour,navy,$72.00,"Waxed cotton.
Hood that ""stays"" up."
Fog cape,Size,2 to 6 years,,,from $54,"One piece, no sleeves."
Sou'wester,Size,48 cm,Colour,yellow,$26.00,"Ties under the chin."
Sou'wester,Size,52 cm,Colour,yellow,$26.00–$28.00,"Ties under the chin."
`,
    currency: 'CAD',
    columns: 'title optionName optionValue optionName optionValue price description',
    want: `Puddle coat | 2 years / yellow | 6800 | ∞
Puddle coat | 4 years / yellow | 7200 | ∞
Puddle coat | 4 years / navy | 7200 | ∞
Fog cape | 2 to 6 years | ? | ∞
Sou'wester | 48 cm / yellow | 2600 | ∞
Sou'wester | 52 cm / yellow | ? | ∞`,
  },
  {
    drawn: '303101/5 handball resin, Busan',
    file: 'resin.txt',
    brief: 'Grip 7, handball resin, Busan, Korea. Prices in won, without VAT.',
    text: fixedWidth(
      [12, 26, 26, 14, 30],
      [
        ['No.', 'Sticky thing', 'How much of it', 'The damage', 'What the goalkeeper says'],
        ...made(120, (i) => [
          `GR ${String(100 + i)}`,
          `${pick(pot, i)} ${Math.floor(i / 6) + 1}`,
          pick(['100 g, 200 g, 500 g', '200 g, 500 g', '100 g'], i),
          `₩${(9 + (i % 6)) * 1000 + Math.floor(i / 6) * 100}`.replace(/(\d+)(\d{3})$/, '$1,$2'),
          pick(['"Holds."', '"Too good."', '"Smells of pine."'], i),
        ]),
      ],
    ),
    currency: 'KRW',
    columns: 'sku title option price particular',
    want: made(120, (i) =>
      pick(['100 g, 200 g, 500 g', '200 g, 500 g', '100 g'], i)
        .split(', ')
        .map(
          (size) => `${pick(pot, i)} ${Math.floor(i / 6) + 1} | ${size} | ${(9 + (i % 6)) * 1000 + Math.floor(i / 6) * 100} | ∞`,
        )
        .join('\n'),
    ).join('\n'),
  },
  {
    drawn: '303101/6 cider vinegar, Louisville',
    file: 'vinegar.json',
    brief: 'Tillman’s cider vinegar, Louisville, Kentucky.',
    text: JSON.stringify([
      { grp: 'RAW', itm: 'Raw cider vinegar', sz: '12 oz', prc: '$8.00', descr: 'Unfiltered, "with the mother' },
      { grp: 'RAW', itm: 'Raw cider vinegar', sz: '32 oz', prc: '$17.00', descr: 'Unfiltered, "with the mother' },
      { grp: 'RAW', itm: 'Raw cider vinegar', sz: '1 gal', prc: '', descr: 'Unfiltered, "with the mother' },
      { grp: 'SMK', itm: 'Hickory vinegar', sz: '12 oz', prc: '$9.50', descr: 'Smoked over hickory.' },
      { grp: 'SMK', itm: 'Hickory vinegar', sz: '32 oz', prc: '$19.00', descr: 'Smoked over hickory.' },
      { grp: 'SHR', itm: 'Peach shrub', sz: '12 oz', prc: '', descr: 'Peaches, vinegar, sugar.' },
    ]),
    currency: 'USD',
    columns: 'group title option price description',
    want: `Raw cider vinegar | 12 oz | 800 | ∞
Raw cider vinegar | 32 oz | 1700 | ∞
Raw cider vinegar | 1 gal | ? | ∞
Hickory vinegar | 12 oz | 950 | ∞
Hickory vinegar | 32 oz | 1900 | ∞
Peach shrub | 12 oz | ? | ∞`,
  },
  {
    drawn: '303101/7 sewing machine belts, Kumasi',
    file: 'belts.txt',
    brief: 'Belts for sewing machines, made and resold in Kumasi, Ghana. Prices in cedis.',
    text: `What keeps you stitching | What you choose | Which | What we dare to ask
Leather belt | Length | 183 cm | 45.00
Leather belt | Length | 200 cm | 48.00
Rubber motor belt | Teeth | 80 | 30.00
Rubber motor belt | Teeth | 92 |
Round cord | Sold as | roll of 5 m | 60.00
Belt hook | Sold as | ten | 12.00
`,
    currency: 'GHS',
    columns: 'title optionName optionValue price',
    want: `Leather belt | 183 cm | 4500 | ∞
Leather belt | 200 cm | 4800 | ∞
Rubber motor belt | 80 | 3000 | ∞
Rubber motor belt | 92 | ? | ∞
Round cord | roll of 5 m | 6000 | ∞
Belt hook | ten | 1200 | ∞`,
  },
  {
    drawn: '303102/1 handball resin, Da Nang',
    file: 'nhua.txt',
    brief: 'Handball resin from Da Nang, Vietnam. Prices in dong.',
    text: fixedWidth(
      [24, 12, 24, 12, 12, 14],
      [
        ['Club pot 500 g', '320.000 ₫', 'Resin > Pots', 'pine', '38 °C', 'strong'],
        ['Junior pot 200 g', '145.000 ₫', 'Resin > Pots', 'pine', '35 °C', 'mild'],
        ['Beach pot 200 g', '165.000 ₫', 'Resin > Pots', 'dammar', '44 °C', 'strong'],
        ['Pump spray', '210.000 ₫', 'Resin > Sprays', 'dammar', '40 °C', 'middling'],
        ['Hand cleaner', '95.000 ₫', 'Cleaning > Hands', 'orange oil', '–', '–'],
        ['Floor cleaner 5 l', '480.000 ₫', 'Cleaning > Floors', 'orange oil', '–', '–'],
      ],
    ),
    currency: 'VND',
    columns: 'title price category particular particular particular',
    want: `Club pot 500 g |  | 320000 | ∞
Junior pot 200 g |  | 145000 | ∞
Beach pot 200 g |  | 165000 | ∞
Pump spray |  | 210000 | ∞
Hand cleaner |  | 95000 | ∞
Floor cleaner 5 l |  | 480000 | ∞`,
  },
  {
    drawn: '303102/2 slippers, Da Nang',
    file: 'dep.txt',
    brief: 'Dép đi trong nhà, làm tại Đà Nẵng, Việt Nam. Giá bằng đồng.',
    text: fixedWidth(
      [24, 16, 14, 12, 50],
      [
        ['Tên', 'Cỡ', 'Giá', 'Tồn kho', 'Mô tả'],
        ['Dép cói', '36, 37, 38', '120.000', 'còn hàng', '<p>Cói Nga Sơn, <b>đan tay</b>.</p>'],
        ['Dép cói nam', '40, 41, 42', '130.000', 'còn hàng', '<p>Cói Nga Sơn.</p>'],
        ['Dép vải', '36, 37', '90.000', 'hết hàng', '<p>Vải thổ cẩm.</p>'],
        ['Dép len', '35, 36, 38', '150.000', 'còn hàng', '<p>Len lông cừu.</p>'],
        ['Dép trẻ em', '26, 28, 30', '70.000', 'hết hàng', '<p>Vải cotton.</p>'],
        ['Dép gỗ', '37, 39', '180.000', 'còn hàng', '<p>Gỗ xoan, <i>quai da</i>.</p>'],
      ],
    ),
    currency: 'VND',
    columns: 'title option price stock description',
    want: `Dép cói | 36 | 120000 | ∞
Dép cói | 37 | 120000 | ∞
Dép cói | 38 | 120000 | ∞
Dép cói nam | 40 | 130000 | ∞
Dép cói nam | 41 | 130000 | ∞
Dép cói nam | 42 | 130000 | ∞
Dép vải | 36 | 90000 | 0
Dép vải | 37 | 90000 | 0
Dép len | 35 | 150000 | ∞
Dép len | 36 | 150000 | ∞
Dép len | 38 | 150000 | ∞
Dép trẻ em | 26 | 70000 | 0
Dép trẻ em | 28 | 70000 | 0
Dép trẻ em | 30 | 70000 | 0
Dép gỗ | 37 | 180000 | ∞
Dép gỗ | 39 | 180000 | ∞`,
  },
  {
    drawn: '303102/3 carnival masks, Medellín',
    file: 'mascaras.html',
    brief: 'Máscaras de carnaval hechas en Medellín, Colombia. Pesos colombianos.',
    text: savedPage(
      'Máscaras',
      made(18, (i) =>
        product(pick(mask, i), i % 7 === 4 ? '' : String(60000 + i * 2500), 'COP', {
          description: `<p>Papel maché, <strong>${pick(['dos', 'tres'], i)} capas</strong>.</p>`,
          'para qué cabezota': pick(['S, M, L', 'M, L', 'única'], i),
        }),
      ),
    ),
    currency: 'COP',
    columns: 'title description option price currency',
    want: made(18, (i) =>
      pick(['S, M, L', 'M, L', 'única'], i)
        .split(', ')
        .map((size) => `${pick(mask, i)} | ${size} | ${i % 7 === 4 ? '?' : (60000 + i * 2500) * 100} | ∞`)
        .join('\n'),
    ).join('\n'),
  },
  {
    drawn: '303102/5 walnut oil, Lille',
    file: 'noix.xlsx',
    brief: 'Huile de noix, pressée à Lille. Prix en euros.',
    sheets: [
      {
        name: 'Huiles',
        rows: [
          ['Huile de noix', 'Contenance', '25 cl', '9,80 €', 'Première pression.\nGoût "rond".'],
          ['Huile de noix', 'Contenance', '50 cl', '17,50 €', 'Première pression.\nGoût "rond".'],
          ['Huile de noix grillée', 'Contenance', '25 cl', '11,20 €', 'Noix grillées au four.'],
        ],
      },
      {
        name: 'Autres',
        rows: [
          ['Farine de noix', 'Paquet', '400 g', '6,50 €', 'Ce qui reste du pressage.'],
          ['Cerneaux', 'Paquet', '250 g', '7,90 €', 'Cassés à la main.\nRécolte de l’année.'],
          ['Cerneaux', 'Paquet', '1 kg', '27,00 €', 'Cassés à la main.\nRécolte de l’année.'],
        ],
      },
    ],
    currency: 'EUR',
    columns: 'title optionName optionValue price description',
    want: `Huile de noix | 25 cl | 980 | ∞
Huile de noix | 50 cl | 1750 | ∞
Huile de noix grillée | 25 cl | 1120 | ∞
Farine de noix | 400 g | 650 | ∞
Cerneaux | 250 g | 790 | ∞
Cerneaux | 1 kg | 2700 | ∞`,
  },
  {
    drawn: '303102/6 snowshoes, Tartu',
    file: 'rabad.tsv',
    brief: 'Snowshoes of ash and rawhide, Tartu, Estonia. Euros.',
    text: `Mdl\tOpt.\tVal.\tPr.\tStk.\n${made(
      120,
      (i) =>
        `${pick(shoe, Math.floor(i / 3))} ${Math.floor(i / 24) + 1}\tLength\t${['60 cm', '75 cm', '90 cm'][i % 3]}\t${i % 40 === 7 ? 'from 210 €' : i % 40 === 19 ? '195–220 €' : `${165 + (i % 3) * 15 + Math.floor(i / 24) * 10} €`}\t${pick(['in stock', 'two', 'sold out', 'one left'], i)}`,
    ).join('\n')}\n`,
    currency: 'EUR',
    columns: 'title optionName optionValue price stock',
    want: made(
      120,
      (i) =>
        `${pick(shoe, Math.floor(i / 3))} ${Math.floor(i / 24) + 1} | ${['60 cm', '75 cm', '90 cm'][i % 3]} | ${i % 40 === 7 || i % 40 === 19 ? '?' : (165 + (i % 3) * 15 + Math.floor(i / 24) * 10) * 100} | ${['∞', '2', '0', '1'][i % 4]}`,
    ).join('\n'),
  },
  {
    drawn: '303102/7 skittles, Manila',
    file: 'skittles.txt',
    brief: 'Skittles and alleys, turned in Manila, Philippines. Prices in pesos.',
    text: `Product|Barcode|Price|Stock|Timber|Pin height|Alley length\n${made(
      700,
      (i) =>
        `${pick(skittle, i)} no. ${i + 1}|${gtin(480100000000 + i, i % 175 === 60 ? 2 : 0)}|${350 + (i % 40) * 25}.00|${(i * 7) % 23}|${pick(['narra', 'mango', 'acacia'], i)}|${pick(['18 cm', '24 cm', '38 cm'], i)}|${pick(['1.2 m', '4 m', '7 m'], i)}`,
    ).join('\n')}\n`,
    currency: 'PHP',
    columns: 'title gtin price stock particular particular particular',
    want: made(700, (i) => `${pick(skittle, i)} no. ${i + 1} |  | ${(350 + (i % 40) * 25) * 100} | ${(i * 7) % 23}`).join('\n'),
  },
  {
    drawn: '303103/1 travel altars, Amman',
    file: 'altars.jsonl',
    brief: 'Altars that travel, made in Amman, Jordan. Prices in dinars.',
    text: jsonLines([
      ['Altar', 'Wood', 'Wood', 'Folded', 'Price'],
      ['Pocket altar', 'olive', 'walnut inlay', '9 x 6 cm / 12 x 8 cm', '38.500'],
      ['Pilgrim altar', 'walnut', '', '20 x 14 cm', ''],
      ['Desk altar', 'olive', 'brass hinge', '24 x 18 cm / 30 x 22 cm', '96.000'],
    ]),
    currency: 'JOD',
    columns: 'title particular particular option price',
    want: `Pocket altar | 9 x 6 cm | 38500 | ∞
Pocket altar | 12 x 8 cm | 38500 | ∞
Pilgrim altar | 20 x 14 cm | ? | ∞
Desk altar | 24 x 18 cm | 96000 | ∞
Desk altar | 30 x 22 cm | 96000 | ∞`,
  },
  {
    drawn: '303103/2 rye flour, Tunis',
    file: 'flour.json',
    brief: 'Rye flour, milled in Tunis. Dinars.',
    text: JSON.stringify({
      products: [
        { name: 'Whole rye flour', price: 6.8, sizes: ['1 kg', '5 kg'], description: 'Stone milled.' },
        { name: 'Sifted rye flour', price: 7.4, sizes: ['1 kg'], description: 'For bread with wheat.' },
        { name: 'Rye flakes', price: null, sizes: ['500 g', '1 kg'], description: 'Rolled the day they are sent.' },
      ],
    }),
    currency: 'TND',
    columns: 'title price option description',
    want: `Whole rye flour | 1 kg | 6800 | ∞
Whole rye flour | 5 kg | 6800 | ∞
Sifted rye flour | 1 kg | 7400 | ∞
Rye flakes | 500 g | ? | ∞
Rye flakes | 1 kg | ? | ∞`,
  },
  {
    drawn: '303103/3 cocktail bitters, Lille',
    file: 'amers.csv',
    brief: 'Amers pour cocktails, distillés à Lille.',
    text: `Réf. groupe,Amer,Contenance (ml),Prix TTC (€),Degré (% vol),Poids (g)\n${made(35, (i) =>
      i === 34
        ? 'XX-00,Exemple de produit,100,"0,00",0,0'
        : `${pick(['OR', 'GE', 'CA', 'NO', 'CC', 'RH', 'PO'], Math.floor(i / 5))}-1,Amer ${pick(bitter, Math.floor(i / 5)).toLowerCase()},${[20, 50, 100, 200, 500][i % 5]},${i % 11 === 6 ? '' : `"${[9, 14, 22, 38, 79][i % 5]},${i < 15 ? '50' : '00'}"`},${42 + (Math.floor(i / 5) % 3)},${[60, 140, 260, 430, 980][i % 5]}`,
    ).join('\n')}\n`,
    currency: 'EUR',
    columns: 'group title option price particular weight',
    want: made(
      34,
      (i) =>
        `Amer ${pick(bitter, Math.floor(i / 5)).toLowerCase()} | ${[20, 50, 100, 200, 500][i % 5]} | ${i % 11 === 6 ? '?' : ([9, 14, 22, 38, 79][i % 5] ?? 0) * 100 + (i < 15 ? 50 : 0)} | ∞`,
    ).join('\n'),
    leftOut: 1,
  },
  {
    drawn: '303103/4 shaving bowls, La Paz',
    file: 'bowls.xlsx',
    brief: 'Shaving bowls, thrown in La Paz, Bolivia. Prices in bolivianos.',
    sheets: [
      {
        name: 'Bowls',
        rows: [
          ['Shaving bowls, all that we throw, November'],
          [],
          ['The bowl', 'Glaze it wears', 'Number under the bars', 'Before', 'We ask', 'On the shelf'],
          ['Altiplano bowl', 'salt white', gtin(777000000001), '', 140, 6],
          ['Altiplano bowl', 'iron red', gtin(777000000002), 160, 140, 3],
          ['Altiplano bowl', 'black', gtin(777000000003, 5), '', 145, 2],
          ['Handled bowl', 'salt white', gtin(777000000004), '', 180, 4],
          ['Handled bowl', 'iron red', gtin(777000000005), '', 180, 0],
          ['Lidded bowl', 'salt white', gtin(777000000006), 260, 220, 1],
          ['Lidded bowl', 'black', gtin(777000000007), '', 220, 2],
          ['Travel bowl', 'black', gtin(777000000008), '', 95, 9],
          ['Travel bowl', 'iron red', gtin(777000000009, 1), '', 95, 8],
          ['Brush stand', 'black', gtin(777000000010), '', 60, 12],
          ['Soap dish', 'salt white', gtin(777000000011), '', 45, 15],
          ['Total', '', '', '', 1525, 62],
          ['Prices with tax. Fired twice.'],
        ],
      },
    ],
    currency: 'BOB',
    columns: 'title option gtin earlierPrice price stock',
    want: `Altiplano bowl | salt white | 14000 | 6
Altiplano bowl | iron red | 14000 | 3
Altiplano bowl | black | 14500 | 2
Handled bowl | salt white | 18000 | 4
Handled bowl | iron red | 18000 | 0
Lidded bowl | salt white | 22000 | 1
Lidded bowl | black | 22000 | 2
Travel bowl | black | 9500 | 9
Travel bowl | iron red | 9500 | 8
Brush stand | black | 6000 | 12
Soap dish | salt white | 4500 | 15`,
  },
  {
    drawn: '303103/5 mending wool, Reykjavík',
    file: 'garn.txt',
    brief: 'Mending wool from Reykjavík, Iceland. Prices in krónur.',
    text: `Yarn|Colour|Price|Plies|Twist|Staple|Note|Note
Stoppugarn|mór|890 kr.|2|Z|12 cm|"Matches old
lopi."|
|grár|890 kr.|2|Z|12 cm||
|svartur|950 kr.|2|Z|12 cm||"dyed
twice"
|hvítur|890 kr.|2|Z|12 cm||
Hælgarn|grár|1.150 kr.|3|S|9 cm|with nylon|for heels
|svartur|1.150 kr.|3|S|9 cm||
|rauður|1.250 kr.|3|S|9 cm||
Olnbogagarn|mór|990 kr.|2|S|14 cm||
|grár|990 kr.|2|S|14 cm||
|blár|1.050 kr.|2|S|14 cm||
|hvítur|990 kr.|2|S|14 cm||
`,
    currency: 'ISK',
    columns: 'title option price particular particular particular description/particular particular/description',
    want: `Stoppugarn | mór | 890 | ∞
Stoppugarn | grár | 890 | ∞
Stoppugarn | svartur | 950 | ∞
Stoppugarn | hvítur | 890 | ∞
Hælgarn | grár | 1150 | ∞
Hælgarn | svartur | 1150 | ∞
Hælgarn | rauður | 1250 | ∞
Olnbogagarn | mór | 990 | ∞
Olnbogagarn | grár | 990 | ∞
Olnbogagarn | blár | 1050 | ∞
Olnbogagarn | hvítur | 990 | ∞`,
  },
  {
    drawn: '303103/6 sugar flowers, Santiago',
    file: 'flores.tsv',
    encoding: 'windows-1252',
    brief: 'Flores de azúcar para tortas, Santiago de Chile. Precios en pesos.',
    text: `Código\tFlor\tTamaño\tColor\tColor\tPrecio\tCategoría\n${made(
      700,
      (i) =>
        `F${String(Math.floor(i / 4) + 1).padStart(3, '0')}\t${pick(flower, Math.floor(i / 4))} ${Math.floor(i / 28) + 1}\t${['3 cm', '5 cm', '7 cm', '9 cm'][i % 4]}\t${pick(['blanco', 'crema', 'rosa pálido', 'lila'], Math.floor(i / 4))}\t${pick(['verde', 'dorado', 'café'], Math.floor(i / 4))}\t$${1 + (i % 4)}.${pick(['490', '990', '790'], Math.floor(i / 4))}\tFlores > ${pick(['Novias', 'Cumpleaños', 'Bautizos'], Math.floor(i / 4))}`,
    ).join('\n')}\n`,
    currency: 'CLP',
    columns: 'group title option particular particular price category',
    want: made(
      700,
      (i) =>
        `${pick(flower, Math.floor(i / 4))} ${Math.floor(i / 28) + 1} | ${['3 cm', '5 cm', '7 cm', '9 cm'][i % 4]} | ${1 + (i % 4)}${pick(['490', '990', '790'], Math.floor(i / 4))} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '303103/7 wedding sarees, hired and sold, Dakar',
    file: 'sarees.json',
    brief: 'Sarees for weddings, hired and sold, in Dakar, Senegal. CFA francs.',
    text: JSON.stringify(
      made(35, (i) => [
        `Saree ${pick(saree, i)} ${i + 1}`,
        pick(['Kanjeevaram silk', 'Organza', 'Georgette'], i),
        `${120 + (i % 8) * 15} 000 F`,
        i % 5 === 1 ? `${105 + (i % 8) * 15} 000 F` : '',
        pick(['one', 'hired out', 'two', 'sold'], i),
      ]),
    ),
    currency: 'XOF',
    columns: 'title particular earlierPrice price stock',
    want: made(
      35,
      (i) =>
        `Saree ${pick(saree, i)} ${i + 1} |  | ${(i % 5 === 1 ? 105 + (i % 8) * 15 : 120 + (i % 8) * 15) * 1000} | ${['1', '?', '2', '0'][i % 4]}`,
    ).join('\n'),
  },
];
