import { fixedWidth, gtin, made, pick, product, savedPage, type ListCase } from './case';

const label = ['Etiqueta de zinco', 'Etiqueta de cobre', 'Etiqueta de ardósia', 'Etiqueta de faia', 'Etiqueta de barro'] as const;
const vanilla = ['Bourbon pods', 'Tahiti pods', 'Pompona pods', 'Paste', 'Powder', 'Extract', 'Sugar'] as const;
const pillow = ['Almohada Monte Albán', 'Almohada Mitla', 'Cojín Jalatlaco', 'Almohada Etla', 'Cojín Tule'] as const;
const sandal = ['わらじ', '下駄', '雪駄', '草履', '革サンダル', '麻サンダル'] as const;
const album = ['Kungsängen', 'Fyris', 'Gustavianum', 'Linné', 'Walpurgis', 'Carolina', 'Celsius'] as const;
const massage = ['Scone', 'Kinnoull', 'Inch', 'Tay', 'Birnam', 'Earn', 'Almond'] as const;
const last = ['Escolta', 'Quiapo', 'Binondo', 'Ermita', 'Malate', 'Paco', 'Tondo'] as const;
const trivet = ['Gellért', 'Lánchíd', 'Margit', 'Astoria', 'Oktogon', 'Keleti', 'Nyugati', 'Déli'] as const;

/** Drawn (303107, 303108, 303109; those without a list left out) and written on 30 November 2026, before the reader was run on any. */
export const batch35: ListCase[] = [
  {
    drawn: '303107/1 mushroom logs, Asunción',
    file: 'logs.csv',
    brief: 'Mushroom logs, Asunción, Paraguay. Prices in guaraníes.',
    text: `Log,Length (cm),Weight (kg),Price (₲),Barcode
Shiitake log,40,3.5,95000,${gtin(784000000001)}
,60,5.2,130000,${gtin(784000000002)}
,90,8.1,,${gtin(784000000003)}
Oyster log,40,2.8,80000,${gtin(784000000004, 4)}
,60,4.1,110000,${gtin(784000000005)}
Plug spawn,2,0.2,45000,${gtin(784000000006)}
`,
    currency: 'PYG',
    columns: 'title option weight price gtin',
    want: `Shiitake log | 40 | 95000 | ∞
Shiitake log | 60 | 130000 | ∞
Shiitake log | 90 | ? | ∞
Oyster log | 40 | 80000 | ∞
Oyster log | 60 | 110000 | ∞
Plug spawn | 2 | 45000 | ∞`,
  },
  {
    drawn: '303107/2 cat trees, Chiang Mai',
    file: 'trees.tsv',
    brief: 'Cat trees out of teak offcuts, Chiang Mai, Thailand. Baht.',
    text: `His Majesty’s seat\tTribute\tBoring facts for the staff\n${made(
      18,
      (i) =>
        `${pick(['Lookout', 'Throne', 'Ladder', 'Hammock', 'Cave', 'Bridge'], i)} ${pick(['for one', 'for two', 'for the window'], Math.floor(i / 6))}\t${i % 8 === 3 ? '' : `฿${1200 + i * 150}`}\t"Teak and ""real"" rope.\nStands ${80 + i * 5} cm high."`,
    ).join('\n')}\n`,
    currency: 'THB',
    columns: 'title price description',
    want: made(
      18,
      (i) =>
        `${pick(['Lookout', 'Throne', 'Ladder', 'Hammock', 'Cave', 'Bridge'], i)} ${pick(['for one', 'for two', 'for the window'], Math.floor(i / 6))} |  | ${i % 8 === 3 ? '?' : (1200 + i * 150) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '303107/3 orchid labels, Porto',
    file: 'etiquetas.txt',
    encoding: 'windows-1252',
    brief: 'Etiquetas para orquídeas, gravadas no Porto. Preços em euros.',
    text: fixedWidth(
      [26, 14, 12, 10],
      made(120, (i) => [
        i % 4 ? '' : `${pick(label, i / 4)} ${i / 4 + 1}`,
        ['4 cm', '6 cm', '8 cm', '8 cm fina'][i % 4] ?? '',
        `${(1.2 + (i % 4) * 0.4 + Math.floor(i / 4) * 0.05).toFixed(2).replace('.', ',')} €`,
        `${(i * 5) % 17}`,
      ]),
    ),
    currency: 'EUR',
    columns: 'title option price stock',
    want: made(
      120,
      (i) =>
        `${pick(label, Math.floor(i / 4))} ${Math.floor(i / 4) + 1} | ${['4 cm', '6 cm', '8 cm', '8 cm fina'][i % 4]} | ${Math.round(Number((1.2 + (i % 4) * 0.4 + Math.floor(i / 4) * 0.05).toFixed(2)) * 100)} | ${(i * 5) % 17}`,
    ).join('\n'),
  },
  {
    drawn: '303107/4 prosthetic covers, Kumasi',
    file: 'covers.json',
    brief: 'Covers for prosthetic legs, Kumasi, Ghana. Cedis.',
    text: JSON.stringify(
      made(18, (i) => [
        `${pick(['Adinkra cover', 'Kente cover', 'Plain cover', 'Football cover', 'Gold cover', 'School cover'], Math.floor(i / 3))} – ${['small', 'medium', 'large'][i % 3]}`,
        `GH₵ ${450 + Math.floor(i / 3) * 60 + (i % 3) * 40}`,
        gtin(603000000000 + i, i === 9 ? 6 : 0),
        `${280 + (i % 3) * 60} g`,
      ]),
    ),
    currency: 'GHS',
    columns: 'title price gtin weight',
    want: made(
      18,
      (i) =>
        `${pick(['Adinkra cover', 'Kente cover', 'Plain cover', 'Football cover', 'Gold cover', 'School cover'], Math.floor(i / 3))} | ${['small', 'medium', 'large'][i % 3]} | ${(450 + Math.floor(i / 3) * 60 + (i % 3) * 40) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '303107/5 pewter tankards, Muscat',
    file: 'tankards.json',
    brief: 'Pewter tankards, Muscat, Oman. Rials.',
    text: JSON.stringify([
      {
        'What you drink from': 'Harbour tankard',
        'What you may quarrel over': 'Size',
        'Your side of it': 'half pint',
        'What it takes from your purse': '18.500',
        Lid: 'none',
        Handle: 'loop',
        Touchmark: 'dhow',
      },
      {
        'What you drink from': 'Harbour tankard',
        'What you may quarrel over': 'Size',
        'Your side of it': 'pint',
        'What it takes from your purse': '24.000',
        Lid: 'none',
        Handle: 'loop',
        Touchmark: 'dhow',
      },
      {
        'What you drink from': 'Governor',
        'What you may quarrel over': 'Base',
        'Your side of it': 'glass',
        'What it takes from your purse': '',
        Lid: 'domed',
        Handle: 'scroll',
        Touchmark: 'fort',
      },
    ]),
    currency: 'OMR',
    columns: 'title optionName optionValue price particular particular particular',
    want: `Harbour tankard | half pint | 18500 | ∞
Harbour tankard | pint | 24000 | ∞
Governor | glass | ? | ∞`,
  },
  {
    drawn: '303107/6 saw blades, Dhaka',
    file: 'blades.csv',
    brief: 'Saw blades sharpened and sold in Dhaka, Bangladesh. Taka.',
    text: `পণ্য;দাম;দাঁত;পুরুত্ব;ইস্পাত
করাত ফলা – ছোট;450,00;24;0,8 mm;SK5
করাত ফলা – মাঝারি;620,00;32;0,9 mm;SK5
করাত ফলা – বড়;890,00;40;1,1 mm;SK5
গোল ফলা – ৭ ইঞ্চি;1.250,00;40;1,8 mm;HSS
গোল ফলা – ১০ ইঞ্চি;1.980,00;60;2,4 mm;HSS
ফিতা ফলা – সরু;760,00;14;0,6 mm;bimetal
ফিতা ফলা – চওড়া;940,00;10;0,9 mm;bimetal
জিগস ফলা – কাঠ;120,00;10;1,0 mm;HCS
জিগস ফলা – লোহা;150,00;21;1,0 mm;HSS
জিগস ফলা – প্লাস্টিক;130,00;12;1,0 mm;HCS
হাতকরাত – বাম;540,00;22;0,9 mm;SK5
হাতকরাত – ডান;540,00;22;0,9 mm;SK5
ধাতু ফলা – ১৮;90,00;18;0,6 mm;HSS
ধাতু ফলা – ২৪;90,00;24;0,6 mm;HSS
ধাতু ফলা – ৩২;95,00;32;0,6 mm;HSS
ছাঁটাই করাত – সোজা;680,00;28;1,2 mm;SK5
ছাঁটাই করাত – বাঁকা;720,00;28;1,2 mm;SK5
শান পাথর;350,00;;;
`,
    currency: 'BDT',
    columns: 'title price particular particular particular',
    want: `করাত ফলা | ছোট | 45000 | ∞
করাত ফলা | মাঝারি | 62000 | ∞
করাত ফলা | বড় | 89000 | ∞
গোল ফলা | ৭ ইঞ্চি | 125000 | ∞
গোল ফলা | ১০ ইঞ্চি | 198000 | ∞
ফিতা ফলা | সরু | 76000 | ∞
ফিতা ফলা | চওড়া | 94000 | ∞
জিগস ফলা | কাঠ | 12000 | ∞
জিগস ফলা | লোহা | 15000 | ∞
জিগস ফলা | প্লাস্টিক | 13000 | ∞
হাতকরাত | বাম | 54000 | ∞
হাতকরাত | ডান | 54000 | ∞
ধাতু ফলা | ১৮ | 9000 | ∞
ধাতু ফলা | ২৪ | 9000 | ∞
ধাতু ফলা | ৩২ | 9500 | ∞
ছাঁটাই করাত | সোজা | 68000 | ∞
ছাঁটাই করাত | বাঁকা | 72000 | ∞
শান পাথর |  | 35000 | ∞`,
  },
  {
    drawn: '303107/7 road-sign furniture, Bratislava',
    file: 'znacky.xlsx',
    brief: 'Nábytok z dopravných značiek, Bratislava. Ceny v eurách.',
    sheets: [
      {
        name: 'Stoly',
        rows: [
          ['ST1', 'Stolík Stop', '60 cm', '240 €'],
          ['ST1', 'Stolík Stop', '80 cm', '290 €'],
          ['ST2', 'Stolík Obchádzka', '70 cm', 'od 260 €'],
        ],
      },
      {
        name: 'Stoličky',
        rows: [
          ['SD1', 'Stolička Tridsiatka', '45 cm', '120 €'],
          ['SD1', 'Stolička Tridsiatka', '65 cm', ''],
          ['SD2', 'Lavica Priechod', '140 cm', '380 €'],
        ],
      },
    ],
    currency: 'EUR',
    columns: 'group title option price',
    want: `Stolík Stop | 60 cm | 24000 | ∞
Stolík Stop | 80 cm | 29000 | ∞
Stolík Obchádzka | 70 cm | ? | ∞
Stolička Tridsiatka | 45 cm | 12000 | ∞
Stolička Tridsiatka | 65 cm | ? | ∞
Lavica Priechod | 140 cm | 38000 | ∞`,
  },
  {
    drawn: '303108/1 nativity figures, Yerevan',
    file: 'figury.tsv',
    encoding: 'windows-1251',
    brief: 'Рождественские фигуры из туфа, Ереван, Армения. Цены в драмах.',
    text: `Наим.\tВыс.\tЦн.\tКол-во
Мария\t12 см\t9500\t3
Иосиф\t14 см\t9500\t2
Младенец в яслях\t6 см\t6000\t5
Пастух с ягнёнком\t13 см\t11000\t0
Три волхва\t15 см\t\t1
Вол и осёл\t10 см\t14000\t4
`,
    currency: 'AMD',
    columns: 'title particular price stock',
    want: `Мария |  | 950000 | 3
Иосиф |  | 950000 | 2
Младенец в яслях |  | 600000 | 5
Пастух с ягнёнком |  | 1100000 | 0
Три волхва |  | ? | 1
Вол и осёл |  | 1400000 | 4`,
  },
  {
    drawn: '303108/2 herb mills, Seville',
    file: 'molinos.txt',
    brief: 'Herb mills, turned in Seville, Spain. We ship inside the EU, not to the islands.',
    text: `Family|Mill|Height (cm)|Price (€)|Offer (€)|Notes
OL|Olive wood mill|12|38.00||<p>Ceramic <strong>burr</strong>.</p>
OL|Olive wood mill|18|46.00|39.00|<p>Ceramic <strong>burr</strong>.</p>
OL|Olive wood mill|24|58.00||<p>Ceramic <strong>burr</strong>.</p>
NA|Orange wood mill|12|42.00||<p>From the streets of Seville.</p>
NA|Orange wood mill|18|50.00|44.50|<p>From the streets of Seville.</p>
BR|Brass mill|20|75.00||<ul><li>Turkish pattern</li><li>folding crank</li></ul>
BR|Brass mill|26|88.00||<ul><li>Turkish pattern</li><li>folding crank</li></ul>
MO|Mortar|9|24.00|20.00|<p>Olive wood.</p>
MO|Mortar|14|33.00||<p>Olive wood.</p>
ME|Mezzaluna|16|29.00||<p>One blade.</p>
BO|Herb board|22|35.00||<p>Hollowed.</p>
`,
    currency: 'EUR',
    columns: 'group title option earlierPrice price description',
    want: `Olive wood mill | 12 | 3800 | ∞
Olive wood mill | 18 | 3900 | ∞
Olive wood mill | 24 | 5800 | ∞
Orange wood mill | 12 | 4200 | ∞
Orange wood mill | 18 | 4450 | ∞
Brass mill | 20 | 7500 | ∞
Brass mill | 26 | 8800 | ∞
Mortar | 9 | 2000 | ∞
Mortar | 14 | 3300 | ∞
Mezzaluna | 16 | 2900 | ∞
Herb board | 22 | 3500 | ∞`,
  },
  {
    drawn: '303108/3 vanilla, Athens',
    file: 'vanilla.txt',
    brief: 'Vanilla from five islands, Athens, Greece.',
    text: `Product|Colour|Size|Price|Stock\n${made(700, (i) =>
      i === 699
        ? 'Sample product|red|M|€0.00|0'
        : `${pick(vanilla, Math.floor(i / 5))} ${1 + Math.floor(i / 35)}|${pick(['black', 'brown'], i % 5)}|${['10 g', '10 g', '25 g', '25 g', '100 g'][i % 5]}|${i % 50 === 12 ? 'from €30' : i % 50 === 33 ? '€20 – €28' : `€${9 + ['10 g', '10 g', '25 g', '25 g', '100 g'].indexOf(['10 g', '10 g', '25 g', '25 g', '100 g'][i % 5] ?? '') * 8}.50`}|${i % 13}`,
    ).join('\n')}\n`,
    currency: 'EUR',
    columns: 'title option option price stock',
    want: made(
      699,
      (i) =>
        `${pick(vanilla, Math.floor(i / 5))} ${1 + Math.floor(i / 35)} | ${pick(['black', 'brown'], i % 5)} / ${['10 g', '10 g', '25 g', '25 g', '100 g'][i % 5]} | ${i % 50 === 12 || i % 50 === 33 ? '?' : (9 + ([0, 0, 2, 2, 4][i % 5] ?? 0) * 8) * 100 + 50} | ${i % 13}`,
    ).join('\n'),
    leftOut: 1,
  },
  {
    drawn: '303108/4 goose down pillows, Oaxaca',
    file: 'almohadas.txt',
    encoding: 'windows-1252',
    brief: 'Almohadas de plumón, cosidas en Oaxaca, México. Pesos.',
    text: fixedWidth(
      [30, 14, 14, 14, 12, 14, 16],
      [
        ['Artículo', 'Opción', 'Valor', 'Precio', 'Relleno', 'Poder', 'Funda'],
        ...made(120, (i) => [
          `${pick(pillow, Math.floor(i / 4))} ${Math.floor(i / 4) + 1}`,
          i % 8 < 4 ? 'Firmeza' : 'Tamaño',
          i % 8 < 4
            ? (['suave', 'media', 'firme', 'muy firme'][i % 4] ?? '')
            : (['40 x 60', '50 x 70', '50 x 90', '60 x 60'][i % 4] ?? ''),
          `$${(1 + (i % 4)) * 300 + Math.floor(i / 4) * 10}.00`,
          pick(['plumón', 'pluma'], Math.floor(i / 4)),
          pick(['650 cuin', '750 cuin', '850 cuin'], Math.floor(i / 4)),
          pick(['manta', 'satín'], Math.floor(i / 4)),
        ]),
      ],
    ),
    currency: 'MXN',
    columns: 'title optionName optionValue price particular particular particular',
    want: made(
      120,
      (i) =>
        `${pick(pillow, Math.floor(i / 4))} ${Math.floor(i / 4) + 1} | ${i % 8 < 4 ? ['suave', 'media', 'firme', 'muy firme'][i % 4] : ['40 x 60', '50 x 70', '50 x 90', '60 x 60'][i % 4]} | ${((1 + (i % 4)) * 300 + Math.floor(i / 4) * 10) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '303108/5 dulcimers, Adelaide',
    file: 'dulcimers.txt',
    brief: 'Dulcimers, Adelaide, Australia.',
    text: `Itm|Pr|Cat|Desc
Barossa|$780.00|Dulcimers > Mountain|Blackwood, "four strings
Torrens|$1,240.00|Dulcimers > Hammered|Fifteen courses.
Glenelg travel|$540.00|Dulcimers > Mountain|Three strings, a bag comes with it.
`,
    currency: 'AUD',
    columns: 'title price category description',
    want: `Barossa |  | 78000 | ∞
Torrens |  | 124000 | ∞
Glenelg travel |  | 54000 | ∞`,
  },
  {
    drawn: '303108/6 sandals, Sapporo',
    file: 'sandals.html',
    brief: '札幌のサンダル工房。価格は円。',
    text: savedPage(
      'サンダル',
      made(18, (i) =>
        product(`${pick(sandal, i)} ${pick(['松', '竹', '梅'], Math.floor(i / 6))}`, `${4800 + i * 300}`, 'JPY', {
          旧価格: i % 5 === 2 ? `${5500 + i * 300}円` : '',
          説明: i === 4 ? '"手縫い。' : '手縫いで仕上げました。',
          底: pick(['藁', '桐', '革'], i),
        }),
      ),
    ),
    currency: 'JPY',
    columns: 'title description particular price currency earlierPrice',
    want: made(18, (i) => `${pick(sandal, i)} ${pick(['松', '竹', '梅'], Math.floor(i / 6))} |  | ${4800 + i * 300} | ∞`).join(
      '\n',
    ),
  },
  {
    drawn: '303109/1 ash walking sticks, Oaxaca',
    file: 'bastones.html',
    brief: 'Bastones de fresno, Oaxaca, México.',
    text: savedPage('Bastones', [
      product('Bastón Sierra', '890.00', 'MXN', {
        inProductGroupWithID: 'BS',
        size: '85 cm',
        'lo que dice mi abuela': 'No se rompe "nunca.',
      }),
      product('Bastón Sierra', '940.00', 'MXN', {
        inProductGroupWithID: 'BS',
        size: '95 cm',
        'lo que dice mi abuela': 'No se rompe "nunca.',
      }),
      product('Producto de ejemplo', '0.00', 'MXN', {
        inProductGroupWithID: 'XX',
        size: '1 cm',
        'lo que dice mi abuela': 'Lorem ipsum',
      }),
    ]),
    currency: 'MXN',
    columns: 'title group option description price currency',
    want: `Bastón Sierra | 85 cm | 89000 | ∞
Bastón Sierra | 95 cm | 94000 | ∞`,
    leftOut: 1,
  },
  {
    drawn: '303109/2 stamp albums, Uppsala',
    file: 'album.xlsx',
    brief: 'Stamp albums bound in Uppsala, Sweden. Kronor.',
    sheets: [
      {
        name: 'Albums',
        rows: [
          ['For the one who licks', 'Dressed in', 'How many pages of patience', 'Was', 'Now'],
          ...made(20, (i) => [
            `${pick(album, Math.floor(i / 4))} album`,
            pick(['green', 'red'], i % 4 < 2 ? 0 : 1),
            i % 2 ? '64 pages' : '32 pages',
            i % 6 === 1 ? 590 + (i % 4) * 60 : '',
            420 + (i % 4) * 60,
          ]),
        ],
      },
      {
        name: 'Smaller things',
        rows: [
          ['For the one who licks', 'Dressed in', 'How many pages of patience', 'Was', 'Now'],
          ...made(15, (i) => [
            `${pick(['Stockbook', 'Hinge box', 'Tweezers case', 'Duplicate book', 'Duplicates book'], Math.floor(i / 3))}`,
            pick(['green', 'red', 'grey'], i % 3),
            i % 3 === 2 ? '16 pages' : '8 pages',
            '',
            90 + Math.floor(i / 3) * 25 + (i % 3) * 10,
          ]),
        ],
      },
    ],
    currency: 'SEK',
    columns: 'title option option earlierPrice price',
    want: [
      ...made(
        20,
        (i) =>
          `${pick(album, Math.floor(i / 4))} album | ${pick(['green', 'red'], i % 4 < 2 ? 0 : 1)} / ${i % 2 ? '64 pages' : '32 pages'} | ${(420 + (i % 4) * 60) * 100} | ∞`,
      ),
      ...made(
        15,
        (i) =>
          `${pick(['Stockbook', 'Hinge box', 'Tweezers case', 'Duplicate book', 'Duplicates book'], Math.floor(i / 3))} | ${pick(['green', 'red', 'grey'], i % 3)} / ${i % 3 === 2 ? '16 pages' : '8 pages'} | ${(90 + Math.floor(i / 3) * 25 + (i % 3) * 10) * 100} | ∞`,
      ),
    ].join('\n'),
  },
  {
    drawn: '303109/3 massage oils, Perth, Scotland',
    file: 'oils.csv',
    brief: 'Massage oils from Perth, Scotland. Pounds.',
    text: `What ends up on your back;How much back;What leaves your purse;Skin it suits;Scent;Pressed\n${made(
      35,
      (i) =>
        `${pick(massage, i)} oil ${1 + Math.floor(i / 7)};${pick(['50 ml, 100 ml, 250 ml', '100 ml, 250 ml', '100 ml'], i)};${i === 16 ? '€14,00' : i === 27 ? 'US$19,00' : `£${8 + (i % 9)},50`};${pick(['dry', 'any', 'oily'], i)};${pick(['pine', 'none', 'heather', 'bog myrtle'], i)};${pick(['cold', 'warm'], i)}`,
    ).join('\n')}\n`,
    currency: 'GBP',
    columns: 'title option price particular particular particular',
    want: made(35, (i) =>
      pick(['50 ml, 100 ml, 250 ml', '100 ml, 250 ml', '100 ml'], i)
        .split(', ')
        .map(
          (size) =>
            `${pick(massage, i)} oil ${1 + Math.floor(i / 7)} | ${size} | ${i === 16 || i === 27 ? '?' : (8 + (i % 9)) * 100 + 50} | ∞`,
        )
        .join('\n'),
    ).join('\n'),
  },
  {
    drawn: '303109/4 shoe lasts, Manila',
    file: 'lasts.json',
    brief: 'Shoe lasts carved in Manila, Philippines. Pesos.',
    text: JSON.stringify(
      made(35, (i) => [
        `SL ${100 + i}`,
        `${pick(last, Math.floor(i / 5))} last`,
        pick(['natural', 'blue', 'natural', 'blue', 'natural'], i % 5),
        ['38', '38', '40', '42', '44'][i % 5],
        `₱${1450 + Math.floor(i / 5) * 100}.00`,
      ]),
    ),
    currency: 'PHP',
    columns: 'sku title option option price',
    want: made(
      35,
      (i) =>
        `${pick(last, Math.floor(i / 5))} last | ${pick(['natural', 'blue', 'natural', 'blue', 'natural'], i % 5)} / ${['38', '38', '40', '42', '44'][i % 5]} | ${(1450 + Math.floor(i / 5) * 100) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '303109/6 terrazzo trivets, Budapest',
    file: 'trivets.csv',
    brief: 'Terrazzo trivets poured in Budapest, Hungary. Forints.',
    text: `Product;Sizes;Price;Category;Chips;Binder;Thickness;Finish;Heat up to;Feet\n${made(
      120,
      (i) =>
        `${pick(trivet, i)} trivet ${1 + Math.floor(i / 8)};${pick(['15 cm, 20 cm', '20 cm', '12 cm, 15 cm, 20 cm'], i)};${4 + (i % 7)} ${pick(['500', '900'], i)} Ft;Kitchen > ${pick(['Trivets', 'Coasters', 'Boards'], i)};${pick(['marble', 'glass', 'brick'], i)};${pick(['cement', 'resin'], i)};${pick(['9 mm', '12 mm'], i)};${pick(['matt', 'polished', 'waxed', 'raw'], i)};${pick(['180 °C', '220 °C'], i)};${pick(['cork', 'felt', 'none'], i)}`,
    ).join('\n')}\n`,
    currency: 'HUF',
    columns: 'title option price category particular particular particular particular particular particular',
    want: made(120, (i) =>
      pick(['15 cm, 20 cm', '20 cm', '12 cm, 15 cm, 20 cm'], i)
        .split(', ')
        .map(
          (size) =>
            `${pick(trivet, i)} trivet ${1 + Math.floor(i / 8)} | ${size} | ${((4 + (i % 7)) * 1000 + Number(pick(['500', '900'], i))) * 100} | ∞`,
        )
        .join('\n'),
    ).join('\n'),
  },
  {
    drawn: '303109/7 skittles, Beirut',
    file: 'skittles.txt',
    brief: 'لعبة القناني الخشبية، بيروت، لبنان. الأسعار بالدولار الأمريكي.',
    text: fixedWidth(
      [26, 12, 16, 50],
      [
        ['الاسم', 'السعر', 'المتوفر', 'الوصف'],
        ['طقم أرز صغير', '$45.00', 'متوفر', '<p>تسع قطع من خشب <b>الأرز</b>.</p>'],
        ['طقم أرز كبير', '$80.00', 'نفد', '<p>تسع قطع وكرتان.</p>'],
        ['كرة زيتون', '$12.00', 'متوفر', '<p>خشب زيتون.</p>'],
      ],
    ),
    currency: 'USD',
    columns: 'title price stock description',
    want: `طقم أرز صغير |  | 4500 | ∞
طقم أرز كبير |  | 8000 | 0
كرة زيتون |  | 1200 | ∞`,
  },
];
