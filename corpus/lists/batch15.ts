import { feed, fixedWidth, gtin, jsonLines, made, pick, product, savedPage, type ListCase } from './case';

/**
 * Drawn and written on 27 November 2026, before the reader was run on any; each has the brief that its seller would have given. One of
 * the twenty that were drawn has no list.
 */
export const batch15: ListCase[] = [
  {
    drawn: '52209/1 lemon trees, Dar es Salaam',
    file: 'miti.txt',
    brief: 'Ndimu sells lemon trees in Dar es Salaam. Prices in Tanzanian shillings.',
    text: fixedWidth(
      [22, 12, 10, 12, 26, 12, 14, 10],
      made(48, (i) => [
        `Ndimu ${pick(['Pemba', 'Tanga', 'Mafia', 'Kilwa'], Math.floor(i / 6))} ${Math.floor(i / 24) + 1}`,
        pick(['yellow', 'green'], i),
        pick(['1 m', '1.5 m', '2 m'], Math.floor(i / 2)),
        `${18 + Math.floor(i / 6) * 2 + (Math.floor(i / 2) % 3) * 5},000/=`,
        pick(['Trees > Garden', 'Trees > Balcony'], Math.floor(i / 6)),
        pick(['clay', 'plastic'], Math.floor(i / 6)),
        pick(['grafted', 'from seed'], Math.floor(i / 6)),
        pick(['3 years', '5 years'], Math.floor(i / 6)),
      ]).filter((_, i) => i % 13 !== 6),
    ),
    currency: 'TZS',
    columns: 'title option option price category particular particular particular',
    want: made(48, (i) => i)
      .filter((i) => i % 13 !== 6)
      .map(
        (i) =>
          `Ndimu ${pick(['Pemba', 'Tanga', 'Mafia', 'Kilwa'], Math.floor(i / 6))} ${Math.floor(i / 24) + 1} | ${pick(['yellow', 'green'], i)} / ${pick(['1 m', '1.5 m', '2 m'], Math.floor(i / 2))} | ${(18 + Math.floor(i / 6) * 2 + (Math.floor(i / 2) % 3) * 5) * 100000} | ∞`,
      )
      .join('\n'),
  },
  {
    drawn: '52209/2 dulcimers, Bratislava',
    file: 'cimbal.json',
    brief: 'Cimbal Kováč, Bratislava. Dulcimers, built one after the other. Euro.',
    text: JSON.stringify([
      {
        dulcimer: 'Small concert',
        'price_€': 'from 2900',
        strings: 88,
        width_cm: 104,
        about: '<p>Spruce and maple.</p><p>For a flat.</p>',
      },
      {
        dulcimer: 'Great concert',
        'price_€': '6.400,00',
        strings: 132,
        width_cm: 138,
        about: '<p>With dampers and <i>legs</i>.</p>',
      },
      { dulcimer: 'Hammers, a pair', 'price_€': '35 – 60', strings: null, width_cm: null, about: '<p>Cotton or leather.</p>' },
    ]),
    currency: 'EUR',
    columns: 'title price particular particular description',
    want: `Small concert | | ? | ∞
Great concert | | 640000 | ∞
Hammers, a pair | | ? | ∞`,
  },
  {
    drawn: '52209/3 sand toys, Dar es Salaam',
    file: 'mchanga.jsonl',
    brief: 'Mchanga, Dar es Salaam. Toys for the beach. Bei kwa shilingi za Tanzania.',
    text: jsonLines([
      ...made(36, (i) => ({
        bidhaa: i % 3 ? '' : `${pick(['Ndoo', 'Koleo', 'Reki', 'Ungo'], Math.floor(i / 3))} ${Math.floor(i / 12) + 1}`,
        rangi: pick(['nyekundu', 'bluu', 'njano'], i),
        bei: `${4 + Math.floor(i / 3)},500`,
        maelezo: i % 3 ? '' : i === 9 ? '"Ngumu, haivunjiki.' : 'Plastiki iliyotumika tena, haivunjiki.',
      })),
      { bidhaa: 'Test', rangi: 'bluu', bei: '0', maelezo: 'test' },
    ]),
    currency: 'TZS',
    columns: 'title option price description',
    want: made(
      36,
      (i) =>
        `${pick(['Ndoo', 'Koleo', 'Reki', 'Ungo'], Math.floor(i / 3))} ${Math.floor(i / 12) + 1} | ${pick(['nyekundu', 'bluu', 'njano'], i)} | ${(4 + Math.floor(i / 3)) * 100000 + 50000} | ∞`,
    ).join('\n'),
    leftOut: 1,
  },
  {
    drawn: '52209/4 cloth nappies, Split',
    file: 'pelene.xml',
    brief: 'Pelenko, Split. Cloth nappies. Eura.',
    text: feed(
      made(11, (i) => [
        ['nm', `Nappy ${pick(['Brač', 'Hvar', 'Vis', 'Šolta'], Math.floor(i / 3))}`],
        ['sz', pick(['NB', 'S', 'L'], i)],
        ['prc', `${14 + Math.floor(i / 3) * 2 + (i % 3)},90`],
        ['brcd', gtin(385_777_000_000 + i, i === 3 ? 4 : 0)],
        ['cat', pick(['Day', 'Night'], Math.floor(i / 6))],
      ]),
    ),
    currency: 'EUR',
    columns: 'title option price gtin category',
    want: made(
      11,
      (i) =>
        `Nappy ${pick(['Brač', 'Hvar', 'Vis', 'Šolta'], Math.floor(i / 3))} | ${pick(['NB', 'S', 'L'], i)} | ${(14 + Math.floor(i / 3) * 2 + (i % 3)) * 100 + 90} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '52209/5 wine labels, Nantes',
    file: 'etiq.json',
    brief: 'Étiq, Nantes. Étiquettes pour bouteilles. Prix en euros.',
    text: JSON.stringify([
      ...made(10, (i) => ({
        lib: `Étiquette ${pick(['Loire', 'Erdre', 'Sèvre', 'Muscadet', 'Vendée'], i)} ${Math.floor(i / 5) + 1}`,
        fmts: pick(['60x80 mm; 90x110 mm', '90x110 mm'], i),
        px: (0.35 + i * 0.05).toFixed(2).replace('.', ','),
        txt: pick(['<b>Dorée</b> à chaud.', 'Papier <b>vergé</b>.', 'Se décolle dans l’eau.'], i),
        rg: pick(['Blanc', 'Rouge'], i),
      })),
      { lib: 'Exemple', fmts: '60x80 mm', px: '0,00', txt: '', rg: '' },
    ]),
    currency: 'EUR',
    columns: 'title option price description category/particular',
    want: made(10, (i) =>
      pick(['60x80 mm; 90x110 mm', '90x110 mm'], i)
        .split('; ')
        .map(
          (format) =>
            `Étiquette ${pick(['Loire', 'Erdre', 'Sèvre', 'Muscadet', 'Vendée'], i)} ${Math.floor(i / 5) + 1} | ${format} | ${35 + i * 5} | ∞`,
        )
        .join('\n'),
    ).join('\n'),
    leftOut: 1,
  },
  {
    drawn: '52209/6 costume wigs, Wellington',
    file: 'wigs.xlsx',
    brief: 'Cuba Street Wigs, Wellington. Wigs for plays. NZ dollars.',
    sheets: [
      {
        name: 'Long',
        rows: [
          ['Title', 'Price', 'Sale price', 'Description'],
          ['Mermaid wig (green)', 79, '', '<p>To the <b>waist</b>.</p>'],
          ['Mermaid wig (blue)', 79, 65, '<p>To the <b>waist</b>.</p>'],
          ['Judge wig (grey)', 120, '', '<p>Horse hair.</p>'],
        ],
      },
      {
        name: 'Short',
        rows: [
          ['Title', 'Price', 'Sale price', 'Description'],
          ['Bob wig (black)', 49, 39, '<p>With a fringe.</p>'],
          ['Bob wig (red)', 49, '', '<p>With a fringe.</p>'],
          ['Bald cap', 15, '', '<p>Latex.</p>'],
        ],
      },
    ],
    currency: 'NZD',
    columns: 'title earlierPrice price description',
    want: `Mermaid wig | green | 7900 | ∞
Mermaid wig | blue | 6500 | ∞
Judge wig | grey | 12000 | ∞
Bob wig | black | 3900 | ∞
Bob wig | red | 4900 | ∞
Bald cap | | 1500 | ∞`,
  },
  {
    drawn: '52209/7 lead soldiers, Perth, Scotland',
    file: 'soldiers.tsv',
    brief: 'Tay Street Soldiers, Perth, Scotland. Cast in lead-free metal. Pounds.',
    text: `Who he is\tHow tall\tWhat he costs you\tThe long number\tHis story
Piper\t28 mm, 54 mm\t£6.00\t${gtin(501_200_000_001)}\t"Plays ""The Black Bear"".
Never tires."
Drummer\t28 mm, 54 mm\t£6.00\t${gtin(501_200_000_002)}\tMarches on the left.
Officer\t54 mm\t£9.50\t${gtin(501_200_000_003)}\tPoints.
Sentry\t28 mm\t£5.00\t${gtin(501_200_000_004, 5)}\tStands, mostly.
Gunner\t28 mm, 54 mm\t£6.50\t${gtin(501_200_000_005)}\tHas lost his gun.
Cook\t28 mm\t£5.00\t${gtin(501_200_000_006)}\tThe only one who is liked.
Surgeon\t54 mm\t£9.50\t${gtin(501_200_000_007)}\tWith a small saw.
Horse\t54 mm\t£14.00\t${gtin(501_200_000_008)}\tLooks away.
Cannon\t28 mm\t£12.00\t${gtin(501_200_000_009, 1)}\tIt rolls.
Tent\t28 mm\t£8.00\t${gtin(501_200_000_010)}\tOf paper.
Set of five\t28 mm, 54 mm\t£27.00\t${gtin(501_200_000_011)}\tWhich five, we choose.
`,
    currency: 'GBP',
    columns: 'title option price gtin description',
    want: `Piper | 28 mm | 600 | ∞
Piper | 54 mm | 600 | ∞
Drummer | 28 mm | 600 | ∞
Drummer | 54 mm | 600 | ∞
Officer | 54 mm | 950 | ∞
Sentry | 28 mm | 500 | ∞
Gunner | 28 mm | 650 | ∞
Gunner | 54 mm | 650 | ∞
Cook | 28 mm | 500 | ∞
Surgeon | 54 mm | 950 | ∞
Horse | 54 mm | 1400 | ∞
Cannon | 28 mm | 1200 | ∞
Tent | 28 mm | 800 | ∞
Set of five | 28 mm | 2700 | ∞
Set of five | 54 mm | 2700 | ∞`,
  },
  {
    drawn: '52209/8 guitar straps, Medellín',
    file: 'correas.html',
    brief: 'Correa, Medellín, Colombia. Straps for guitars. Pesos.',
    text: savedPage(
      'Correa',
      made(14, (i) =>
        product(
          `Correa ${pick(['Poblado', 'Laureles', 'Envigado', 'Guatapé', 'Prado', 'Boston', 'Belén'], i)} ${Math.floor(i / 7) + 1}`,
          i === 5 ? '' : 85000 + i * 2500,
          'COP',
          {
            sku: `CO${i + 1}`,
            material: pick(['cuero', 'algodón'], i),
          },
        ),
      ),
    ),
    currency: 'COP',
    columns: 'title sku particular price currency',
    want: made(
      14,
      (i) =>
        `Correa ${pick(['Poblado', 'Laureles', 'Envigado', 'Guatapé', 'Prado', 'Boston', 'Belén'], i)} ${Math.floor(i / 7) + 1} | | ${i === 5 ? '?' : (85000 + i * 2500) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '52209/9 olive oil, Turku',
    file: 'oil.xlsx',
    brief: 'Oliivi, Turku. Olive oil from three families in Puglia. Euros.',
    sheets: [
      {
        name: 'Oils 2026',
        rows: [
          ['Oliivi, autumn list'],
          ['VAT 13.5 % is in the prices'],
          ['Oil', 'Family', 'Bottle (ml)', 'Price (€)', 'Shelf', 'Acidity (%)', 'Polyphenols (mg/kg)', 'Harvest'],
          ...made(45, (i) => [
            `${pick(['Coratina', 'Ogliarola', 'Peranzana', 'Cellina', 'Leccino'], Math.floor(i / 3))} ${Math.floor(i / 15) + 1}`,
            `F${Math.floor(i / 3) + 1}`,
            pick([250, 500, 750], i),
            9.5 + (i % 3) * 6 + Math.floor(i / 3) * 0.5,
            pick(['Oil > Mild', 'Oil > Strong'], Math.floor(i / 3)),
            pick([0.2, 0.3], Math.floor(i / 3)),
            380 + Math.floor(i / 3) * 15,
            pick(['October', 'November'], Math.floor(i / 3)),
          ]),
          ['Total', '', '', 1012.5],
        ],
      },
    ],
    currency: 'EUR',
    columns: 'title group option price category particular particular particular',
    want: made(
      45,
      (i) =>
        `${pick(['Coratina', 'Ogliarola', 'Peranzana', 'Cellina', 'Leccino'], Math.floor(i / 3))} ${Math.floor(i / 15) + 1} | ${pick([250, 500, 750], i)} | ${Math.round((9.5 + (i % 3) * 6 + Math.floor(i / 3) * 0.5) * 100)} | ∞`,
    ).join('\n'),
    leftOut: 1,
  },
  {
    drawn: '52209/10 washi tape, Zaragoza',
    file: 'washi.tsv',
    brief: 'Papelito, Zaragoza. Cintas washi. Euros.',
    text: `Tape\tColour\tWidth (mm)\tLength (m)\tPrice (€)\tPaper\tGlue\tTears\tPrinted in\tCore (mm)
Waves\tblue\t15\t10\t3.20\tkozo\trice\tstraight\tOsaka\t32
Waves\tgreen\t15\t10\t3.20\tkozo\trice\tstraight\tOsaka\t32
Waves\tblue\t30\t10\t4.80\tkozo\trice\tstraight\tOsaka\t32
Lemons\tyellow\t15\t7\t3.50\tmitsumata\tacrylic\truled\tZaragoza\t32
Lemons\tyellow\t30\t7\t5.10\tmitsumata\tacrylic\truled\tZaragoza\t32
Plain\twhite\t15\t10\t2.10\tkozo\trice\tstraight\tOsaka\t32
`,
    currency: 'EUR',
    columns: 'title option option particular price particular particular particular particular particular',
    want: `Waves | blue / 15 | 320 | ∞
Waves | green / 15 | 320 | ∞
Waves | blue / 30 | 480 | ∞
Lemons | yellow / 15 | 350 | ∞
Lemons | yellow / 30 | 510 | ∞
Plain | white / 15 | 210 | ∞`,
  },
  {
    drawn: '52209/11 wild rice, Gdańsk',
    file: 'ryz.tsv',
    brief: 'Dziki Ryż, Gdańsk. Wild rice, brought from Canada by a sailor. Złote.',
    text: `Rice\tPrice (PLN)\tPack (g)\tCooks (min)\tGrade\tLake
Lake rice\t39,00\t400\t45\tA\tWabigoon
River rice\tfrom 29,00\t400\t40\tB\tRainy River
Broken rice\t15,00-19,00\t500\t25\tC\tmixed
`,
    currency: 'PLN',
    columns: 'title price weight/particular particular particular particular',
    want: `Lake rice | | 3900 | ∞
River rice | | ? | ∞
Broken rice | | ? | ∞`,
  },
  {
    drawn: '52209/12 stamp albums, a village on Lewis',
    file: 'albums.jsonl',
    brief: 'Perforation Books, on Lewis. Albums for stamps. Pounds.',
    text: jsonLines(
      made(60, (i) => ({
        'for people who lick': `Album ${pick(['Callanish', 'Barvas', 'Ness', 'Uig', 'Tolsta'], Math.floor(i / 4))} ${Math.floor(i / 20) + 1}`,
        'option name': 'Cover',
        'option value': pick(['black', 'green', 'red', 'cloth'], i),
        'pocket money': `£${24 + Math.floor(i / 4)}.50`,
        'any left?': pick(['yes', 'sold out', 'three', 'yes'], i),
        'where on the wall': pick(['Albums > Ringed', 'Albums > Bound'], Math.floor(i / 4)),
      })),
    ),
    currency: 'GBP',
    columns: 'title optionName optionValue price stock category',
    want: made(
      60,
      (i) =>
        `Album ${pick(['Callanish', 'Barvas', 'Ness', 'Uig', 'Tolsta'], Math.floor(i / 4))} ${Math.floor(i / 20) + 1} | ${pick(['black', 'green', 'red', 'cloth'], i)} | ${(24 + Math.floor(i / 4)) * 100 + 50} | ${pick(['∞', '0', '3', '∞'], i)}`,
    ).join('\n'),
  },
  {
    drawn: '52209/13 zoetropes, Bergen',
    file: 'zoetrop.jsonl',
    brief: 'Hjulet, Bergen. Zoetroper av bjørk. Priser i kroner.',
    text: jsonLines(
      made(50, (i) => ({
        vare:
          i % 2
            ? ''
            : `${pick(['Liten', 'Stor', 'Lomme', 'Skole', 'Vegg'], Math.floor(i / 2))} zoetrop ${Math.floor(i / 10) + 1}`,
        farge: pick(['natur', 'svart'], i),
        pris: i % 13 === 6 ? '' : `${349 + Math.floor(i / 2) * 10},-`,
        lager: (i * 3) % 8,
        beskrivelse: i % 2 ? '' : 'Dreies for hånd, tolv bilder følger med.',
      })),
    ),
    currency: 'NOK',
    columns: 'title option price stock description',
    want: made(
      50,
      (i) =>
        `${pick(['Liten', 'Stor', 'Lomme', 'Skole', 'Vegg'], Math.floor(i / 2))} zoetrop ${Math.floor(i / 10) + 1} | ${pick(['natur', 'svart'], i)} | ${i % 13 === 6 ? '?' : (349 + Math.floor(i / 2) * 10) * 100} | ${(i * 3) % 8}`,
    ).join('\n'),
  },
  {
    drawn: '52209/15 tuning forks, Muscat',
    file: 'forks.xlsx',
    brief: 'Ranin, Muscat, Oman. Forks to tune by. Omani rials.',
    sheets: [
      {
        name: 'forks',
        rows: [
          ['Ranin tuning forks'],
          ['offers until the end of Ramadan'],
          ['The fork', 'Its tone', 'You would pay', 'You pay now', 'Comes in'],
          ['Concert fork', '440 Hz', 6.5, '', 'a box'],
          ['Concert fork', '442 Hz', 6.5, 5.9, 'a box'],
          ['Old pitch fork', '415 Hz', 7.25, '', 'a box'],
          ['Old pitch fork', '432 Hz', 7.25, 6.75, 'a bag'],
          ['Doctor’s fork', '128 Hz', 'from 9', '', 'a bag'],
          ['Doctor’s fork', '256 Hz', 9.5, '', 'a bag'],
          ['Pocket fork', '440 Hz', 3.2, '', 'nothing'],
          ['Resonance box', '', '12-15', '', ''],
          ['Total', '', 49.2, '', ''],
        ],
      },
    ],
    currency: 'OMR',
    columns: 'title option earlierPrice price particular',
    want: `Concert fork | 440 Hz | 6500 | ∞
Concert fork | 442 Hz | 5900 | ∞
Old pitch fork | 415 Hz | 7250 | ∞
Old pitch fork | 432 Hz | 6750 | ∞
Doctor’s fork | 128 Hz | ? | ∞
Doctor’s fork | 256 Hz | 9500 | ∞
Pocket fork | 440 Hz | 3200 | ∞
Resonance box | | ? | ∞`,
    leftOut: 1,
  },
  {
    drawn: '52209/16 ash walking sticks, Porto',
    file: 'bengalas.jsonl',
    brief: 'Freixo, Porto. Walking sticks of ash. Euros.',
    text: jsonLines(
      made(20, (i) => ({
        'the stick': `${pick(['Shepherd', 'Mayor', 'Pilgrim', 'Aunt', 'Doctor'], i)} stick no. ${i + 1}`,
        'cut to': pick(['85 cm | 90 cm | 95 cm', '90 cm | 95 cm'], i),
        'a fair price': `${38 + i},00 €`,
        handle: pick(['crook', 'knob', 'derby'], i),
        tip: pick(['steel', 'rubber'], i),
        bark: pick(['on', 'off'], i),
        collar: pick(['horn', 'silver', 'none'], i),
        grown: pick(['Marão', 'Gerês'], i),
        finish: pick(['oil', 'wax'], i),
        said: pick(['Bends a little,\n“never breaks”.', 'For the left hand as well.', 'It was a hedge once.'], i),
      })),
    ),
    currency: 'EUR',
    columns: 'title option price particular particular particular particular particular particular description/particular',
    want: made(20, (i) =>
      pick(['85 cm | 90 cm | 95 cm', '90 cm | 95 cm'], i)
        .split(' | ')
        .map(
          (length) =>
            `${pick(['Shepherd', 'Mayor', 'Pilgrim', 'Aunt', 'Doctor'], i)} stick no. ${i + 1} | ${length} | ${(38 + i) * 100} | ∞`,
        )
        .join('\n'),
    ).join('\n'),
  },
  {
    drawn: '52209/17 wind chimes, Louisville, Kentucky',
    file: 'chimes.csv',
    brief: 'Ohio River Chimes, Louisville. Wind chimes, tuned. US dollars.',
    text: `Title,Option 1 name,Option 1 value,Price,Category,Tubes,Metal,Scale,Cord,Striker,Sail
${made(
  24,
  (i) =>
    `${pick(['Porch', 'Garden', 'Window'], Math.floor(i / 2))} chime ${Math.floor(i / 6) + 1},Size,${pick(['small', 'large'], i)},${39 + Math.floor(i / 2) * 4 + (i % 2) * 20}.00,${pick(['Outside > Porch', 'Outside > Garden', 'Inside > Window'], Math.floor(i / 2))},${pick(['5', '6', '8'], Math.floor(i / 2))},${pick(['aluminum', 'copper'], Math.floor(i / 2))},${pick(['pentatonic', 'major'], Math.floor(i / 2))},nylon,${pick(['oak', 'cherry'], Math.floor(i / 2))},round`,
).join('\n')}
`,
    currency: 'USD',
    columns: 'title optionName optionValue price category particular particular particular particular particular particular',
    want: made(
      24,
      (i) =>
        `${pick(['Porch', 'Garden', 'Window'], Math.floor(i / 2))} chime ${Math.floor(i / 6) + 1} | ${pick(['small', 'large'], i)} | ${(39 + Math.floor(i / 2) * 4 + (i % 2) * 20) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '52209/18 tabla, Kraków',
    file: 'tabla.tsv',
    brief: 'Bębny z daleka, Kraków. Tabla i naprawa. Złote polskie.',
    text: `makes this noise\tfamily\thow fat\tparting gift\tcan I have it
${made(
  24,
  (i) =>
    `${pick(['Dayan', 'Bayan', 'Para'], Math.floor(i / 2))} ${pick(['Delhi', 'Benares', 'Kolkata', 'Pune'], Math.floor(i / 6))}\tT${Math.floor(i / 2) + 1}\t${pick(['13 cm', '14 cm'], i)}\t${880 + Math.floor(i / 2) * 30} zł\t${pick(['jest', 'brak', 'dwie sztuki'], i)}`,
).join('\n')}
`,
    currency: 'PLN',
    columns: 'title group option price stock',
    want: made(
      24,
      (i) =>
        `${pick(['Dayan', 'Bayan', 'Para'], Math.floor(i / 2))} ${pick(['Delhi', 'Benares', 'Kolkata', 'Pune'], Math.floor(i / 6))} | ${pick(['13 cm', '14 cm'], i)} | ${(880 + Math.floor(i / 2) * 30) * 100} | ${pick(['∞', '0', '2'], i)}`,
    ).join('\n'),
  },
  {
    drawn: '52209/19 cider vinegar, Ljubljana',
    file: 'kis.jsonl',
    encoding: 'windows-1250',
    brief: 'Kislica, Ljubljana. Cider vinegar. Euros.',
    text: jsonLines(
      made(11, (i) => ({
        Title: `${pick(['Jabolčni kis', 'Kis z medom', 'Malinov kis', 'Star kis'], Math.floor(i / 3))}`,
        Size: pick(['250 ml', '500 ml', '1 l'], i),
        Price: Number((5.5 + (i % 3) * 3 + Math.floor(i / 3)).toFixed(2)),
        Description: pick(
          ['Iz "bobovca",\nzorjen v hrastu.', 'Sladek in kisel.', 'Za solato.', 'Deset let star.'],
          Math.floor(i / 3),
        ),
        Stock: (i * 4) % 9,
      })),
    ),
    currency: 'EUR',
    columns: 'title option price description stock',
    want: made(
      11,
      (i) =>
        `${pick(['Jabolčni kis', 'Kis z medom', 'Malinov kis', 'Star kis'], Math.floor(i / 3))} | ${pick(['250 ml', '500 ml', '1 l'], i)} | ${Math.round((5.5 + (i % 3) * 3 + Math.floor(i / 3)) * 100)} | ${(i * 4) % 9}`,
    ).join('\n'),
  },
  {
    drawn: '52209/20 screen-printing frames, Halifax, Nova Scotia',
    file: 'frames.xlsx',
    brief: 'Pull & Print, Halifax, Nova Scotia. Frames for screen printing. Canadian dollars.',
    sheets: [
      {
        name: 'Wood',
        rows: [
          ['Itm', 'Prc', 'Sale', 'Brcd', 'Dsc'],
          ...made(12, (i) => [
            `Frame ${pick(['Citadel', 'Harbour', 'Fundy', 'Tide'], Math.floor(i / 3))} - ${pick(['A4', 'A3', 'A2'], i)}`,
            24 + (i % 3) * 8 + Math.floor(i / 3),
            i % 5 === 1 ? 19 + (i % 3) * 8 : '',
            gtin(62_700_000_000 + i, i === 4 ? 1 : 0),
            'Pine, with corners that stay square.',
          ]),
        ],
      },
      {
        name: 'Metal',
        rows: [
          ['Itm', 'Prc', 'Sale', 'Brcd', 'Dsc'],
          ...made(6, (i) => [
            `Frame ${pick(['Dartmouth', 'Bedford'], Math.floor(i / 3))} - ${pick(['A4', 'A3', 'A2'], i)}`,
            44 + (i % 3) * 10,
            '',
            gtin(62_700_000_500 + i),
            'Welded.',
          ]),
        ],
      },
    ],
    currency: 'CAD',
    columns: 'title earlierPrice price gtin description',
    want: [
      ...made(
        12,
        (i) =>
          `Frame ${pick(['Citadel', 'Harbour', 'Fundy', 'Tide'], Math.floor(i / 3))} | ${pick(['A4', 'A3', 'A2'], i)} | ${(i % 5 === 1 ? 19 + (i % 3) * 8 : 24 + (i % 3) * 8 + Math.floor(i / 3)) * 100} | ∞`,
      ),
      ...made(
        6,
        (i) =>
          `Frame ${pick(['Dartmouth', 'Bedford'], Math.floor(i / 3))} | ${pick(['A4', 'A3', 'A2'], i)} | ${(44 + (i % 3) * 10) * 100} | ∞`,
      ),
    ].join('\n'),
  },
];
