import { feed, gtin, jsonLines, made, pick, product, savedPage, type ListCase } from './case';

const face = ['Նապաստակ', 'Աղվես', 'Արև', 'Լուսին', 'Վիշապ', 'Աքլոր', 'Գայլ'] as const;
const dye = ['Hokko', 'Toyohira', 'Maruyama', 'Susukino', 'Teine', 'Kotoni'] as const;
const lens = ['Wazemmes', 'Fives', 'Moulins', 'Esquermes', 'Hellemmes', 'Lomme', 'Bois-Blancs'] as const;
const lamp = ['Kariakoo', 'Msasani', 'Kigamboni', 'Ilala', 'Temeke', 'Mbezi'] as const;
const canopy = ['Candelaria', 'Chapinero', 'Usaquén', 'Teusaquillo', 'Suba', 'Kennedy'] as const;
const sole = ['Glenelg', 'Semaphore', 'Norwood', 'Unley', 'Prospect', 'Brighton', 'Grange'] as const;
const toy = ['Muharraq', 'Riffa', 'Sitra', 'Isa', 'Hamad', 'Zallaq'] as const;
const sheet = ['Lagan', 'Cavehill', 'Stranmillis', 'Ormeau', 'Titanic', 'Falls', 'Botanic'] as const;
const jar = ['Plateau', 'Almadies', 'Grand Yoff', 'Pikine', 'Rufisque', 'Gorée', 'Liberté'] as const;

/** Drawn (305004; those without a list left out) and written on 30 November 2026, before the reader was run on any. */
export const batch47: ListCase[] = [
  {
    drawn: '305004/1 carnival masks, Yerevan',
    file: 'masks.txt',
    brief: 'Դիմակներ Երևանից։ Գները դրամով։',
    text: `Դիմակ; Չափ; Գին; Բաժին\n${made(
      120,
      (i) =>
        `${pick(face, i)} ${i + 1}; ${i % 3 ? 'S, M, L' : 'M, L'}; ${i === 40 || i === 81 ? '' : `${8 + (i % 5) * 2} 500`}; ${i % 2 ? 'Դիմակներ > Մեծ' : 'Դիմակներ > Փոքր'}`,
    ).join('\n')}\n`,
    currency: 'AMD',
    columns: 'title option price category',
    want: made(120, (i) =>
      (i % 3 ? ['S', 'M', 'L'] : ['M', 'L']).map(
        (of) => `${pick(face, i)} ${i + 1} | ${of} | ${i === 40 || i === 81 ? '?' : ((8 + (i % 5) * 2) * 1000 + 500) * 100} | ∞`,
      ),
    )
      .flat()
      .join('\n'),
  },
  {
    drawn: '305004/2 woad pigments, Sapporo',
    file: 'woad.html',
    encoding: 'shift_jis',
    brief: '札幌で大青の顔料を作っています。価格は円です。',
    text: savedPage(
      '大青',
      made(700, (i) =>
        product(
          `${pick(dye, Math.floor(i / 4))} ${Math.floor(i / 24) + 1} - ${['20 g', '50 g', '100 g', '500 g'][i % 4]}`,
          i === 9 ? '' : String([900, 1800, 3200, 12000][i % 4]),
          'JPY',
          { desc: `青 ${(i % 7) + 1}` },
        ),
      ),
    ),
    currency: 'JPY',
    columns: 'title description/particular price currency',
    want: made(
      700,
      (i) =>
        `${pick(dye, Math.floor(i / 4))} ${Math.floor(i / 24) + 1} | ${['20 g', '50 g', '100 g', '500 g'][i % 4]} | ${i === 9 ? '?' : [900, 1800, 3200, 12000][i % 4]} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '305004/4 reading stones, Lille',
    file: 'pierres.html',
    brief: 'Pierres de lecture, Lille, France. Euros.',
    text: savedPage(
      'Pierres',
      made(700, (i) =>
        i === 300
          ? product('Exemple de produit', '0.00', 'EUR')
          : product(
              `${pick(lens, Math.floor(i / 3))} ${Math.floor(i / 21) + 1}`,
              (38 + (i % 3) * 12).toFixed(2),
              i === 55 ? 'USD' : 'EUR',
              {
                'diameter (mm)': 40 + (Math.floor(i / 3) % 3) * 10,
                additionalProperty: [{ '@type': 'PropertyValue', name: 'Glass', value: ['crown', 'flint', 'quartz'][i % 3] }],
              },
            ),
      ),
    ),
    currency: 'EUR',
    columns: 'title particular option price currency',
    leftOut: 1,
    want: made(700, (i) => i)
      .filter((i) => i !== 300)
      .map(
        (i) =>
          `${pick(lens, Math.floor(i / 3))} ${Math.floor(i / 21) + 1} | ${['crown', 'flint', 'quartz'][i % 3]} | ${i === 55 ? '?' : (38 + (i % 3) * 12) * 100} | ∞`,
      )
      .join('\n'),
  },
  {
    drawn: '305004/5 rye flour, Suva',
    file: 'flour.txt',
    brief: 'Rye flour, milled in Suva, Fiji. Fiji dollars.',
    text: `Flour|Price (FJD)|Ash (%)|Barcode (EAN)
Wholemeal - 1 kg|6.50|1.8|${gtin(693000000001)}
Wholemeal - 5 kg||1.8|${gtin(693000000002, 1)}
Light - 1 kg|7.20|0.9|${gtin(693000000003)}
`,
    currency: 'FJD',
    columns: 'title price particular gtin',
    want: `Wholemeal | 1 kg | 650 | ∞
Wholemeal | 5 kg | ? | ∞
Light | 1 kg | 720 | ∞`,
  },
  {
    drawn: '305004/6 night lights, Dar es Salaam',
    file: 'lights.xlsx',
    brief: 'Night lights, Dar es Salaam, Tanzania. Shillings.',
    sheets: [
      {
        name: 'Lights',
        rows: [
          ['Light', 'Price', 'Glass', 'Glass', 'Burns', 'Oil', 'Hangs', 'Made by'],
          ...made(700, (i): (string | number)[] => [
            `${pick(lamp, Math.floor(i / 4))} ${Math.floor(i / 24) + 1} - ${['clear', 'amber', 'green', 'smoke'][i % 4]}`,
            18000 + (i % 4) * 2000,
            pick(['pressed', 'blown'], Math.floor(i / 4)),
            pick(['thick', 'thin'], Math.floor(i / 4)),
            pick(['a night', 'two nights'], Math.floor(i / 4)),
            pick(['palm', 'paraffin'], Math.floor(i / 4)),
            pick(['yes', 'no'], Math.floor(i / 4)),
            pick(['Juma', 'Neema', 'Asha'], Math.floor(i / 4)),
          ]),
        ],
      },
      { name: 'Shopping', rows: [['wick'], ['oil, 20 l']] },
    ],
    currency: 'TZS',
    columns: 'title price particular particular particular particular particular particular',
    want: made(
      700,
      (i) =>
        `${pick(lamp, Math.floor(i / 4))} ${Math.floor(i / 24) + 1} | ${['clear', 'amber', 'green', 'smoke'][i % 4]} | ${(18000 + (i % 4) * 2000) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '305004/7 bookbinding supplies, Beirut',
    file: 'supplies.json',
    brief: 'لوازم تجليد الكتب، بيروت. الأسعار بالدولار الأمريكي.',
    text: JSON.stringify([
      { الصنف: 'خيط كتان', اللون: 'أبيض', السعر: '$6.00', الوصف: '<p>مشمّع.</p>' },
      { الصنف: '', اللون: 'أسود', السعر: '$6.00', الوصف: '<p>مشمّع.</p>' },
      { الصنف: '', اللون: 'أحمر', السعر: '$6.50', الوصف: '<p>مشمّع.</p>' },
      { الصنف: 'ورق رخامي', اللون: 'أزرق', السعر: '$9.00', الوصف: '<p>مرسوم <b>باليد</b>.</p>' },
      { الصنف: '', اللون: 'أخضر', السعر: '$9.00', الوصف: '<p>مرسوم <b>باليد</b>.</p>' },
      { الصنف: 'جلد ماعز', اللون: 'بني', السعر: '$34.00', الوصف: '<p>قطعة كاملة.</p>' },
      { الصنف: '', اللون: 'أسود', السعر: '$34.00', الوصف: '<p>قطعة كاملة.</p>' },
      { الصنف: '', اللون: 'أحمر', السعر: '$36.00', الوصف: '<p>قطعة كاملة.</p>' },
      { الصنف: 'مطوى عظم', اللون: '', السعر: '$8.00', الوصف: '<p>من عظم.</p>' },
      { الصنف: 'غراء', اللون: '', السعر: '$5.00', الوصف: '<p>من نشاء القمح.</p>' },
      { الصنف: 'إبر', اللون: '', السعر: '$3.50', الوصف: '<p>عشر إبر.</p>' },
    ]),
    currency: 'USD',
    columns: 'title option price description',
    want: `خيط كتان | أبيض | 600 | ∞
خيط كتان | أسود | 600 | ∞
خيط كتان | أحمر | 650 | ∞
ورق رخامي | أزرق | 900 | ∞
ورق رخامي | أخضر | 900 | ∞
جلد ماعز | بني | 3400 | ∞
جلد ماعز | أسود | 3400 | ∞
جلد ماعز | أحمر | 3600 | ∞
مطوى عظم |  | 800 | ∞
غراء |  | 500 | ∞
إبر |  | 350 | ∞`,
  },
  {
    drawn: '305004/9 accordion repairs and parts, Lagos',
    file: 'accordions.xml',
    brief: 'Accordion repairs and parts, Lagos, Nigeria. Naira.',
    text: feed(
      [
        ['A1', 'Reed block, tuned', 'treble', '18000', 'brass', 'waxed'],
        ['A1', 'Reed block, tuned', 'bass', '22000', 'brass', 'waxed'],
        ['A2', 'Bellows tape', '2 m', '4500', 'cotton', 'black'],
        ['A2', 'Bellows tape', '5 m', '9500', 'cotton', 'black'],
        ['A3', 'Strap "the long', 'pair', '16000', 'leather', 'brown'],
        ['A3', 'Strap "the long', 'one', '9000', 'leather', 'brown'],
        ['A4', 'Button', 'white', '400', 'resin', 'round'],
        ['A4', 'Button', 'black', '400', 'resin', 'round'],
        ['A5', 'Tuning of all reeds', 'piano', '65000', 'by ear', 'two weeks'],
        ['A5', 'Tuning of all reeds', 'button', '80000', 'by ear', 'two weeks'],
        ['A6', 'Key felt', 'set', '7000', 'wool', 'red'],
      ].map(([group = '', part = '', kind = '', price = '', note = '', other = '']) => [
        ['group', group],
        ['part', part],
        ['kind', kind],
        ['price', price],
        ['detail', note],
        ['detail', other],
      ]),
    ),
    currency: 'NGN',
    columns: 'group title option price particular',
    want: `Reed block, tuned | treble | 1800000 | ∞
Reed block, tuned | bass | 2200000 | ∞
Bellows tape | 2 m | 450000 | ∞
Bellows tape | 5 m | 950000 | ∞
Strap "the long | pair | 1600000 | ∞
Strap "the long | one | 900000 | ∞
Button | white | 40000 | ∞
Button | black | 40000 | ∞
Tuning of all reeds | piano | 6500000 | ∞
Tuning of all reeds | button | 8000000 | ∞
Key felt | set | 700000 | ∞`,
  },
  {
    drawn: '305004/11 umbrella repairs, Bogotá',
    file: 'paraguas.csv',
    brief: 'Arreglo de paraguas, Bogotá, Colombia. Pesos colombianos.',
    text: `Paraguas;Color;Tamaño;Precio;Categoría;Existencias\n${made(36, (i) => i)
      .filter((i) => i !== 17)
      .map(
        (i) =>
          `${pick(canopy, Math.floor(i / 6))};${['negro', 'rojo', 'azul'][Math.floor((i % 6) / 2)]};${['corto', 'largo'][i % 2]};${i % 2 ? '48.000' : '36.000'},00;Paraguas > ${i < 18 ? 'De lluvia' : 'De sol'};${pick(['hay', 'agotado', 'quedan 5', 'hay'], i)}`,
      )
      .join('\n')}\n`,
    currency: 'COP',
    columns: 'title option option price category stock',
    want: made(36, (i) => i)
      .filter((i) => i !== 17)
      .map(
        (i) =>
          `${pick(canopy, Math.floor(i / 6))} | ${['negro', 'rojo', 'azul'][Math.floor((i % 6) / 2)]} / ${['corto', 'largo'][i % 2]} | ${i % 2 ? 4800000 : 3600000} | ${pick(['∞', '0', '5', '∞'], i)}`,
      )
      .join('\n'),
  },
  {
    drawn: '305004/12 smoked trout, Dar es Salaam',
    file: 'trout.json',
    encoding: 'windows-1252',
    brief: 'Smoked trout, Dar es Salaam, Tanzania. Shillings.',
    text: JSON.stringify([
      { ttl: 'Trout à la Usambara', wt: '250 g', prc: '14,000' },
      { ttl: 'Trout à la Usambara', wt: '1 kg', prc: 'from 48,000' },
      { ttl: 'Trout pâté', wt: '200 g', prc: '9,000 - 11,000' },
    ]),
    currency: 'TZS',
    columns: 'title option/weight price',
    want: `Trout à la Usambara | 250 g | 1400000 | ∞
Trout à la Usambara | 1 kg | ? | ∞
Trout pâté | 200 g | ? | ∞`,
  },
  {
    drawn: '305004/13 brass door furniture, Porto',
    file: 'ferragens.jsonl',
    encoding: 'windows-1252',
    brief: 'Ferragens de latão para portas, Porto, Portugal. Euros.',
    text: jsonLines(
      made(18, (i) => ({
        prod: ['Puxador Ribeira', 'Maçaneta Foz', 'Batente Sé', 'Espelho Cedofeita', 'Dobradiça Boavista', 'Fecho Bonfim'][
          Math.floor(i / 3)
        ],
        acab: ['polido', 'escovado', 'patinado'][i % 3],
        pr: `${22 + (i % 3) * 4},00 €`,
        cat: i < 9 ? 'Portas > Puxadores' : 'Portas > Peças',
      })),
    ),
    currency: 'EUR',
    columns: 'title option price category',
    want: made(
      18,
      (i) =>
        `${['Puxador Ribeira', 'Maçaneta Foz', 'Batente Sé', 'Espelho Cedofeita', 'Dobradiça Boavista', 'Fecho Bonfim'][Math.floor(i / 3)]} | ${['polido', 'escovado', 'patinado'][i % 3]} | ${(22 + (i % 3) * 4) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '305004/14 cast-iron pans, re-seasoned, Accra',
    file: 'pans.txt',
    brief: 'Cast-iron pans, scrubbed and re-seasoned in Accra, Ghana. Cedis.',
    text: `Pan\tOption name\tOption value\tPrice (GHS)\tSale price (GHS)\tAcross (cm)\n${[
      ['Skillet', 'Finish', 'black', '180', '', '26'],
      ['Skillet', 'Finish', 'bare', '160', '140', '26'],
      ['Skillet', 'Finish', 'blued', '195', '', '26'],
      ['"Big Ama', 'Finish', 'black', '260', '', '32'],
      ['"Big Ama', 'Finish', 'bare', '240', '', '32'],
      ['Griddle', 'Finish', 'black', '210', '185', '30'],
      ['Griddle', 'Finish', 'bare', '190', '', '30'],
      ['Dutch oven', 'Lid', 'with', '420', '', '28'],
      ['Dutch oven', 'Lid', 'without', '340', '300', '28'],
      ['Wok', 'Finish', 'black', '230', '', '34'],
      ['Wok', 'Finish', 'blued', '245', '', '34'],
      ['Crêpe pan', 'Finish', 'black', '150', '', '24'],
      ['Crêpe pan', 'Finish', 'bare', '135', '', '24'],
      ['Waffle iron', 'Hearts', 'four', '280', '', '20'],
      ['Waffle iron', 'Hearts', 'five', '290', '250', '20'],
      ['Kettle', 'Lid', 'with', '310', '', '22'],
      ['Kettle', 'Lid', 'without', '270', '', '22'],
      ['Trivet', 'Finish', 'black', '60', '', '18'],
    ]
      .map((row) => row.join('\t'))
      .join('\n')}\n`,
    currency: 'GHS',
    columns: 'title optionName optionValue earlierPrice/price price/earlierPrice particular',
    want: `Skillet | black | 18000 | ∞
Skillet | bare | 14000 | ∞
Skillet | blued | 19500 | ∞
"Big Ama | black | 26000 | ∞
"Big Ama | bare | 24000 | ∞
Griddle | black | 18500 | ∞
Griddle | bare | 19000 | ∞
Dutch oven | with | 42000 | ∞
Dutch oven | without | 30000 | ∞
Wok | black | 23000 | ∞
Wok | blued | 24500 | ∞
Crêpe pan | black | 15000 | ∞
Crêpe pan | bare | 13500 | ∞
Waffle iron | four | 28000 | ∞
Waffle iron | five | 25000 | ∞
Kettle | with | 31000 | ∞
Kettle | without | 27000 | ∞
Trivet | black | 6000 | ∞`,
  },
  {
    drawn: '305004/15 sandals, Adelaide',
    file: 'sandals.txt',
    brief: 'Sandals, cut and stitched in Adelaide, Australia.',
    text: `${made(700, (i) => i)
      .filter((i) => i % 19 !== 4)
      .map((i) =>
        [
          `${pick(sole, Math.floor(i / 10))} ${Math.floor(i / 70) + 1}`,
          ['tan', 'black'][Math.floor((i % 10) / 5)],
          [36, 38, 40, 42, 44][i % 5],
          i === 123 ? '€65' : `$${79 + (Math.floor(i / 10) % 4) * 10}.00`,
          pick(['kangaroo', 'cow'], Math.floor(i / 10)),
          pick(['crepe', 'tyre', 'cork'], Math.floor(i / 10)),
          pick(['brass', 'none'], Math.floor(i / 10)),
          pick(['stitched', 'glued'], Math.floor(i / 10)),
          pick(['one strap', 'two straps'], Math.floor(i / 10)),
          pick(['resole yes', 'resole no'], Math.floor(i / 10)),
        ].join('\t'),
      )
      .join('\n')}\n`,
    currency: 'AUD',
    columns: 'title option option price particular particular particular particular particular particular',
    want: made(700, (i) => i)
      .filter((i) => i % 19 !== 4)
      .map(
        (i) =>
          `${pick(sole, Math.floor(i / 10))} ${Math.floor(i / 70) + 1} | ${['tan', 'black'][Math.floor((i % 10) / 5)]} / ${[36, 38, 40, 42, 44][i % 5]} | ${i === 123 ? '?' : (79 + (Math.floor(i / 10) % 4) * 10) * 100} | ∞`,
      )
      .join('\n'),
  },
  {
    drawn: '305004/16 tin toys, Manama',
    file: 'toys.csv',
    brief: 'Tin toys, Manama, Bahrain. Dinars.',
    text: `Toy,Height (cm),Price (BHD),In the cupboard\n${made(
      120,
      (i) =>
        `${pick(toy, i)} ${i + 1},"${i % 2 ? '8, 12' : '8, 12, 18'}",${i === 14 ? 'from 4.500' : i === 90 ? '4.500-6.000' : `${4 + (i % 5)}.500`},${pick(['plenty', 'none', 'plenty', 'three'], i)}`,
    ).join('\n')}\n`,
    currency: 'BHD',
    columns: 'title option price stock',
    want: made(120, (i) =>
      (i % 2 ? ['8', '12'] : ['8', '12', '18']).map(
        (of) =>
          `${pick(toy, i)} ${i + 1} | ${of} | ${i === 14 || i === 90 ? '?' : (4 + (i % 5)) * 1000 + 500} | ${pick(['∞', '0', '∞', '?'], i)}`,
      ),
    )
      .flat()
      .join('\n'),
  },
  {
    drawn: '305004/17 ocarinas, Split',
    file: 'okarine.xlsx',
    brief: 'Ocarinas, fired in Split, Croatia. Euros.',
    sheets: [
      {
        name: 'Okarine',
        rows: [
          ['Ocarina', 'Length (cm)', 'Price (€)', 'Weight (g)', 'What it does'],
          ...made(18, (i): (string | number)[] => [
            `${['Marjan', 'Varoš', 'Bačvice', 'Kašjuni', 'Meje', 'Firule'][Math.floor(i / 3)]} ${(i % 3) + 1}`,
            i % 2 ? '9 / 12' : '9 / 12 / 16',
            24 + (i % 3) * 5,
            120 + (i % 3) * 40,
            `Sounds like ${pick(['an owl', 'a ship'], i)}.\nCalled "${pick(['Sova', 'Brod'], i)}".`,
          ]),
        ],
      },
      {
        name: 'Popis',
        rows: [
          ['glina', '20 kg'],
          ['glazura', '2 l'],
        ],
      },
    ],
    currency: 'EUR',
    columns: 'title option price weight description',
    want: made(18, (i) =>
      (i % 2 ? ['9', '12'] : ['9', '12', '16']).map(
        (of) =>
          `${['Marjan', 'Varoš', 'Bačvice', 'Kašjuni', 'Meje', 'Firule'][Math.floor(i / 3)]} ${(i % 3) + 1} | ${of} | ${(24 + (i % 3) * 5) * 100} | ∞`,
      ),
    )
      .flat()
      .join('\n'),
  },
  {
    drawn: '305004/18 laundry pegs, Vilnius',
    file: 'pegs.xlsx',
    brief: 'Laundry pegs, split in Vilnius, Lithuania. Euros.',
    sheets: [
      {
        name: 'Pegs',
        rows: [
          ['Together', 'The peg', 'How many you get', 'Yours for'],
          ['P1', 'Ash peg "the short', 'a dozen', 4.5],
          ['P1', 'Ash peg "the short', 'fifty', 16],
          ['P2', 'Willow peg', 'a dozen', ''],
        ],
      },
      { name: 'Sheet2', rows: [['wire', 'from Kaunas']] },
    ],
    currency: 'EUR',
    columns: 'group title option price',
    want: `Ash peg "the short | a dozen | 450 | ∞
Ash peg "the short | fifty | 1600 | ∞
Willow peg | a dozen | ? | ∞`,
  },
  {
    drawn: '305004/19 origami paper, Belfast',
    file: 'paper.xlsx',
    brief: 'Origami paper, printed in Belfast, Northern Ireland.',
    sheets: [
      {
        name: 'Paper',
        rows: [
          ['Paper for folding'],
          ['Cut on Fridays.'],
          [],
          ['Paper', 'Side (cm)', 'Price (£)', 'Weight (g)', 'Sheets (no.)', 'Ink', 'Grain'],
          ...made(700, (i): (string | number)[] => [
            i % 4 ? '' : `${pick(sheet, Math.floor(i / 4))} ${Math.floor(i / 28) + 1}`,
            [7.5, 15, 24, 35][i % 4] ?? '',
            [4.5, 7, 11, 16][i % 4] ?? '',
            [40, 120, 260, 520][i % 4] ?? '',
            pick([50, 100], Math.floor(i / 4)),
            pick(['soy', 'riso'], Math.floor(i / 4)),
            pick(['long', 'short'], Math.floor(i / 4)),
          ]),
          ['Total', '', 6737.5],
        ],
      },
    ],
    currency: 'GBP',
    columns: 'title option price weight particular particular particular',
    want: made(
      700,
      (i) =>
        `${pick(sheet, Math.floor(i / 4))} ${Math.floor(i / 28) + 1} | ${[7.5, 15, 24, 35][i % 4]} | ${[450, 700, 1100, 1600][i % 4]} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '305004/20 preserving jars, Dakar',
    file: 'bocaux.xlsx',
    brief: 'Bocaux à conserves, Dakar, Sénégal. Francs CFA.',
    sheets: [
      {
        name: 'Bocaux',
        rows: [
          ['Bocal', 'Contenance', 'Prix', 'Couvercle'],
          ...made(700, (i): (string | number)[] => [
            i % 4 ? '' : `${pick(jar, Math.floor(i / 4))} ${Math.floor(i / 28) + 1}`,
            ['250 ml', '500 ml', '1 l', '2 l'][i % 4] ?? '',
            i === 200 ? '3 €' : ([900, 1400, 2200, 3600][i % 4] ?? ''),
            pick(['verre', 'métal'], Math.floor(i / 4)),
          ]),
        ],
      },
      { name: 'Feuille2', rows: [['commander des joints']] },
    ],
    currency: 'XOF',
    columns: 'title option price particular',
    want: made(
      700,
      (i) =>
        `${pick(jar, Math.floor(i / 4))} ${Math.floor(i / 28) + 1} | ${['250 ml', '500 ml', '1 l', '2 l'][i % 4]} | ${i === 200 ? '?' : [900, 1400, 2200, 3600][i % 4]} | ∞`,
    ).join('\n'),
  },
];
