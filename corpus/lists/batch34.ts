import { fixedWidth, gtin, jsonLines, made, pick, product, savedPage, type ListCase } from './case';

const calculator = ['Bolek 12', 'Elka 135', 'Kalkulex', 'MK-52', 'Sumlock', 'Odra mini', 'Felix'] as const;
const bowl = ['Tashi', 'Lingam', 'Ultabati', 'Thadobati', 'Mani', 'Remuna', 'Naga'] as const;
const trout = ['Troodos', 'Platres', 'Kakopetria', 'Foini'] as const;
const slat = ['Kask', 'Pöök', 'Mänd', 'Saar', 'Tamm'] as const;
const clock = ['Galle', 'Kandy', 'Matara', 'Jaffna', 'Ella'] as const;
const sarong = ['Triana', 'Macarena', 'Nervión', 'Arenal', 'Alameda', 'San Bernardo', 'Heliópolis', 'Los Remedios'] as const;
const oil = ['Frantoio', 'Mission', 'Coratina', 'Leccino', 'Blend'] as const;
const culture = ['Bulgare', 'Islandais', 'Viili', 'Filmjölk', 'Matsoni', 'Piimä', 'Kéfir de lait'] as const;
const cutter = ['Half-moon', 'Long-handled', 'Edging', 'Ridge', 'Drain', 'Bog', 'Lawn', 'Green-keeper’s'] as const;
const globe = ['Physical', 'Political', 'Night sky', 'Moon', 'Relief', 'Antique'] as const;

/** Drawn (303104, 303105, 303106; those without a list left out) and written on 30 November 2026, before the reader was run on any. */
export const batch34: ListCase[] = [
  {
    drawn: '303104/1 refurbished calculators, Kraków',
    file: 'kalkulatory.csv',
    brief: 'Odnowione kalkulatory, Kraków. Ceny w złotych.',
    text: `Gr.;Nzw.;Kol.;Op.;C. przed;C.;Szt.\n${made(
      120,
      (i) =>
        `K${Math.floor(i / 2) + 1};${pick(calculator, Math.floor(i / 2))} nr ${Math.floor(i / 2) + 1};${i % 2 ? 'kremowy' : 'czarny'};"Sprawny.\nBateria ""nowa""."` +
        `;${i % 8 === 3 ? `${180 + (Math.floor(i / 2) % 9) * 10},00` : ''};${140 + (Math.floor(i / 2) % 9) * 10},00;${i % 4}`,
    ).join('\n')}\n`,
    currency: 'PLN',
    columns: 'group title option description earlierPrice price stock',
    want: made(
      120,
      (i) =>
        `${pick(calculator, Math.floor(i / 2))} nr ${Math.floor(i / 2) + 1} | ${i % 2 ? 'kremowy' : 'czarny'} | ${(140 + (Math.floor(i / 2) % 9) * 10) * 100} | ${i % 4}`,
    ).join('\n'),
  },
  {
    drawn: '303104/2 laundry pegs, Belfast',
    file: 'pegs.txt',
    brief: 'Pegs, Belfast. Pounds.',
    text: `Item, opt, val, £
Beech peg, pack, 12, 6.00
Beech peg, pack, 24, 11.00
Beech peg, pack, 24 oiled, 13.00
Beech pegs, pack, 50,
Storm peg, pack, 12, 9.50
Peg bag, cloth, ticking, 18.00
`,
    currency: 'GBP',
    columns: 'title optionName optionValue price',
    want: `Beech peg | 12 | 600 | ∞
Beech peg | 24 | 1100 | ∞
Beech peg | 24 oiled | 1300 | ∞
Beech pegs | 50 | ? | ∞
Storm peg | 12 | 950 | ∞
Peg bag | ticking | 1800 | ∞`,
  },
  {
    drawn: '303104/4 singing bowls, Belfast',
    file: 'bowls.html',
    brief: 'Singing bowls in Belfast, tuned and sold by ear.',
    text: savedPage(
      'Bowls',
      made(35, (i) =>
        product(`${pick(bowl, Math.floor(i / 5))} bowl`, `${45 + i * 3}.00`, 'GBP', {
          gtin13: gtin(502000000000 + i, i === 20 ? 3 : 0),
          option_name: 'Diameter',
          option_value: ['12 cm', '15 cm', '18 cm', '22 cm', '26 cm'][i % 5],
          note: pick(['C', 'D', 'E', 'F', 'G', 'A', 'B'], Math.floor(i / 5)),
          chakra: pick(['root', 'sacral', 'heart'], Math.floor(i / 5)),
          alloy: pick(['five metals', 'seven metals'], Math.floor(i / 5)),
          finish: pick(['hammered', 'polished'], Math.floor(i / 5)),
          origin: pick(['Patan', 'Bhaktapur'], Math.floor(i / 5)),
          striker: pick(['felt', 'suede', 'wood'], Math.floor(i / 5)),
        }),
      ),
    ),
    currency: 'GBP',
    columns: 'title gtin optionName optionValue particular particular particular particular particular particular price currency',
    want: made(
      35,
      (i) =>
        `${pick(bowl, Math.floor(i / 5))} bowl | ${['12 cm', '15 cm', '18 cm', '22 cm', '26 cm'][i % 5]} | ${(45 + i * 3) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '303104/5 prosthetic covers, Vilnius',
    file: 'covers.txt',
    encoding: 'windows-1257',
    brief: 'Covers for prosthetic legs, printed in Vilnius, Lithuania. Prices in euros.',
    text: `Name|Colour|Size|Price|Weight|Stock
Dangtis „Žalgiris“|green|S|€180.00|310 g|2
Dangtis „Žalgiris“|green|M|€180.00|340 g|4
Dangtis „Žalgiris“|white|M|€180.00|340 g|1
Dangtis „Ąžuolas“|oak|S|€240.00|0.35 kg|0
Dangtis „Ąžuolas“|oak|L|€240.00|0.42 kg|3
Dangtis „Ąžuolas“|black|L|€250.00|0.42 kg|1
`,
    currency: 'EUR',
    columns: 'title option option price weight stock',
    want: `Dangtis „Žalgiris“ | green / S | 18000 | 2
Dangtis „Žalgiris“ | green / M | 18000 | 4
Dangtis „Žalgiris“ | white / M | 18000 | 1
Dangtis „Ąžuolas“ | oak / S | 24000 | 0
Dangtis „Ąžuolas“ | oak / L | 24000 | 3
Dangtis „Ąžuolas“ | black / L | 25000 | 1`,
  },
  {
    drawn: '303104/6 magnets for whiteboards, Vilnius',
    file: 'magnets.json',
    brief: 'Magnets for whiteboards, Vilnius. Euros.',
    text: JSON.stringify([
      ['Name', 'Option', 'Value', 'Colour', 'Colour', 'Price', 'Weight'],
      ['Disc magnet', 'Pull', '1 kg', 'red', 'matt', '3.20', '12 g'],
      ['Disc magnet', 'Pull', '3 kg', 'red', 'matt', '5.40', '28 g'],
      ['Bar magnet', 'Length', '50 mm', 'black', 'gloss', '4.10', '22 g'],
      ['Bar magnet', 'Length', '100 mm', 'black', 'gloss', '7.30', '44 g'],
      ['Eraser magnet', 'Felt', 'grey', 'blue', 'matt', '6.00', '0.06 kg'],
      ['Hook', 'Pull', '5 kg', 'steel', 'gloss', '8.50', '70 g'],
    ]),
    currency: 'EUR',
    columns: 'title optionName optionValue particular particular price weight',
    want: `Disc magnet | 1 kg | 320 | ∞
Disc magnet | 3 kg | 540 | ∞
Bar magnet | 50 mm | 410 | ∞
Bar magnet | 100 mm | 730 | ∞
Eraser magnet | grey | 600 | ∞
Hook | 5 kg | 850 | ∞`,
  },
  {
    drawn: '303104/7 jam funnels, Oaxaca',
    file: 'funnels.json',
    brief: 'Jam funnels hammered in Oaxaca, Mexico. Pesos.',
    text: JSON.stringify([
      {
        'what it is': 'Copper funnel',
        'how wide': '12 cm',
        'we ask': '$480.00',
        'to say of it': 'Tinned inside.\nRim "rolled".',
      },
      { 'what it is': '', 'how wide': '14 cm', 'we ask': '$540.00', 'to say of it': '' },
      { 'what it is': '', 'how wide': '16 cm', 'we ask': '$610.00', 'to say of it': '' },
      { 'what it is': 'Tin funnel', 'how wide': '12 cm', 'we ask': '$150.00', 'to say of it': 'For wide jars.' },
      { 'what it is': '', 'how wide': '14 cm', 'we ask': '$170.00', 'to say of it': '' },
      { 'what it is': 'Clay funnel', 'how wide': '12 cm', 'we ask': '$220.00', 'to say of it': 'Barro negro,\nburnished.' },
      { 'what it is': '', 'how wide': '14 cm', 'we ask': '$250.00', 'to say of it': '' },
      { 'what it is': 'Strainer', 'how wide': '12 cm', 'we ask': '$190.00', 'to say of it': 'Sits in the funnel.' },
      { 'what it is': 'Ladle', 'how wide': '9 cm', 'we ask': '$280.00', 'to say of it': 'Long handle, "hooked".' },
      { 'what it is': 'Jar lifter', 'how wide': '8 cm', 'we ask': '$160.00', 'to say of it': 'Steel.' },
      { 'what it is': 'TEST PRODUCT', 'how wide': '1 cm', 'we ask': '$1.00', 'to say of it': 'Lorem ipsum dolor sit amet.' },
    ]),
    currency: 'MXN',
    columns: 'title option price description',
    want: `Copper funnel | 12 cm | 48000 | ∞
Copper funnel | 14 cm | 54000 | ∞
Copper funnel | 16 cm | 61000 | ∞
Tin funnel | 12 cm | 15000 | ∞
Tin funnel | 14 cm | 17000 | ∞
Clay funnel | 12 cm | 22000 | ∞
Clay funnel | 14 cm | 25000 | ∞
Strainer | 12 cm | 19000 | ∞
Ladle | 9 cm | 28000 | ∞
Jar lifter | 8 cm | 16000 | ∞`,
    leftOut: 1,
  },
  {
    drawn: '303105/1 smoked trout, Nicosia',
    file: 'trout.json',
    brief: 'Smoked trout from Nicosia, Cyprus. Euros.',
    text: JSON.stringify(
      made(120, (i) => ({
        'No. on the hook': `TR ${200 + i}`,
        'Who got smoked': i % 3 ? '' : `${pick(trout, i / 3)} trout ${i / 3 + 1}`,
        'How much of him': ['100 g', '250 g', 'whole side'][i % 3],
        'Cost before we felt generous': i % 12 === 5 ? `€${14 + (i % 3) * 9}.00` : '',
        'Cost of his company': `€${9 + (i % 3) * 8}.50`,
      })),
    ),
    currency: 'EUR',
    columns: 'sku title option earlierPrice price',
    want: made(
      120,
      (i) =>
        `${pick(trout, Math.floor(i / 3))} trout ${Math.floor(i / 3) + 1} | ${['100 g', '250 g', 'whole side'][i % 3]} | ${(9 + (i % 3) * 8) * 100 + 50} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '303105/2 bed slats, Tartu',
    file: 'liistud.json',
    brief: 'Voodiliistud Tartust, Eesti. Hinnad eurodes.',
    text: JSON.stringify(
      made(120, (i) => ({
        nimetus: `${pick(slat, i)} ${60 + i} cm`,
        hind: i === 40 ? '$9.00' : i === 77 ? '120 kr' : `${(3 + (i % 5) * 0.6 + i * 0.02).toFixed(2).replace('.', ',')} €`,
        kaal: `${260 + i * 5} g`,
        laos: i % 9,
      })),
    ),
    currency: 'EUR',
    columns: 'title price weight stock',
    want: made(
      120,
      (i) =>
        `${pick(slat, i)} ${60 + i} cm |  | ${i === 40 || i === 77 ? '?' : Math.round(Number((3 + (i % 5) * 0.6 + i * 0.02).toFixed(2)) * 100)} | ${i % 9}`,
    ).join('\n'),
  },
  {
    drawn: '303105/3 baby shoes, Santiago',
    file: 'zapatitos.txt',
    brief: 'Zapatitos de guagua, cosidos en Santiago de Chile. Pesos chilenos.',
    text: fixedWidth(
      [28, 14, 14, 8],
      [
        ['Zapatito Mapocho', '$18.990', '', '4'],
        ['Zapatito Ñuñoa', '$21.990', '$17.990', '2'],
        ['Botín Cordillera', '$26.990', '', '7'],
        ['Sandalia Cartagena', '$15.990', '$12.990', '0'],
        ['Pantufla Copihue', '$12.990', '', '11'],
        ['Bota de agua Maipo', '$23.990', '', '5'],
      ],
    ),
    currency: 'CLP',
    columns: 'title earlierPrice/price price/earlierPrice stock',
    want: `Zapatito Mapocho |  | ? | 4
Zapatito Ñuñoa |  | ? | 2
Botín Cordillera |  | ? | 7
Sandalia Cartagena |  | ? | 0
Pantufla Copihue |  | ? | 11
Bota de agua Maipo |  | ? | 5`,
  },
  {
    drawn: '303105/4 chess clocks, Colombo',
    file: 'clocks.csv',
    brief: 'Chess clocks, Colombo, Sri Lanka. Prices in rupees.',
    text: `${made(
      700,
      (i) =>
        `${i % 2 ? '' : `${pick(clock, i / 2)} clock ${i / 2 + 1}`};${i % 2 ? 'teak' : 'jak wood'};${gtin(479100000000 + i, i % 233 === 50 ? 1 : 0)};${i === 300 ? '$45,00' : `Rs ${9500 + (Math.floor(i / 2) % 30) * 150},00`};${i % 6}`,
    ).join('\n')}\n`,
    currency: 'LKR',
    columns: 'title option gtin price stock',
    want: made(
      700,
      (i) =>
        `${pick(clock, Math.floor(i / 2))} clock ${Math.floor(i / 2) + 1} | ${i % 2 ? 'teak' : 'jak wood'} | ${i === 300 ? '?' : (9500 + (Math.floor(i / 2) % 30) * 150) * 100} | ${i % 6}`,
    ).join('\n'),
  },
  {
    drawn: '303105/5 curling brooms, Beirut',
    file: 'brooms.tsv',
    encoding: 'windows-1252',
    brief: 'Curling brooms from Beirut, Lebanon. Prices in US dollars.',
    text: `Broom\tHandle (cm)\tHead (in)\tPrice ($)\tWeight\tMade of
Cèdre\t107, 115, 122\t6\t68.00\t390 g\tash
Cèdre junior\t95, 102\t6\t54.00\t340 g\tash
Carbon\t115, 122\t8\t140.00\t260 g\tcarbon fibre
Corn broom\t122\t9\t75.00\t0.8 kg\tsorghum
Pad, nylon\t–\t6\t19.00\t45 g\tnylon
Pad, hair\t–\t8\t24.00\t60 g\thorsehair
`,
    currency: 'USD',
    columns: 'title option particular price weight particular',
    want: `Cèdre | 107 | 6800 | ∞
Cèdre | 115 | 6800 | ∞
Cèdre | 122 | 6800 | ∞
Cèdre junior | 95 | 5400 | ∞
Cèdre junior | 102 | 5400 | ∞
Carbon | 115 | 14000 | ∞
Carbon | 122 | 14000 | ∞
Corn broom | 122 | 7500 | ∞
Pad, nylon |  | 1900 | ∞
Pad, hair |  | 2400 | ∞`,
  },
  {
    drawn: '303105/6 sarongs, Seville',
    file: 'pareos.html',
    brief: 'Pareos pintados en Sevilla.',
    text: savedPage(
      'Pareos',
      made(120, (i) =>
        product(
          `Pareo ${pick(sarong, Math.floor(i / 15))} ${Math.floor(i / 5) % 3 === 0 ? 'corto' : Math.floor(i / 5) % 3 === 1 ? 'largo' : 'doble'}`,
          i % 30 === 7 ? 'desde 24' : `${22 + (i % 5) * 2}.00`,
          'EUR',
          {
            color: pick(['índigo', 'granate', 'hueso', 'oliva', 'negro'], i),
            size: pick(['S', 'M', 'L'], Math.floor(i / 2)),
            category: `Pareos > ${pick(sarong, Math.floor(i / 15))}`,
          },
        ),
      ),
    ),
    currency: 'EUR',
    columns: 'title option option category price currency',
    want: made(
      120,
      (i) =>
        `Pareo ${pick(sarong, Math.floor(i / 15))} ${Math.floor(i / 5) % 3 === 0 ? 'corto' : Math.floor(i / 5) % 3 === 1 ? 'largo' : 'doble'} | ${pick(['índigo', 'granate', 'hueso', 'oliva', 'negro'], i)} / ${pick(['S', 'M', 'L'], Math.floor(i / 2))} | ${i % 30 === 7 ? '?' : (22 + (i % 5) * 2) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '303105/7 jam funnels, Montréal',
    file: 'funnels.txt',
    brief: 'Funnels for people who spill, Montréal, Québec. CAD.',
    text: `What saves your stove | In which shade | How big a mess | What it sets you back | How many are still with us | The sermon
Wide funnel | red | small | $24.00 | plenty | <p>Enamel on steel.</p>
Wide funnel | red | large | $29.00 | two | <p>Enamel on steel.</p>
Wide funnel | white | large | $29.00 | sold out | <p>Enamel on steel.</p>
Canning funnel | blue | small | $18.00 | a few | <p>Fits <b>every</b> jar we know.</p>
Canning funnel | white | small | $18.00 | plenty | <p>Fits <b>every</b> jar we know.</p>
Canning funnel | white | large | $22.00 | one | <p>Fits <b>every</b> jar we know.</p>
`,
    currency: 'CAD',
    columns: 'title option option price stock description',
    want: `Wide funnel | red / small | 2400 | ∞
Wide funnel | red / large | 2900 | 2
Wide funnel | white / large | 2900 | 0
Canning funnel | blue / small | 1800 | ?
Canning funnel | white / small | 1800 | ∞
Canning funnel | white / large | 2200 | 1`,
  },
  {
    drawn: '303106/1 olive oil, Durban',
    file: 'oil.txt',
    brief: 'Olive oil pressed near Durban, South Africa. Rand.',
    text: `Grove; Oil; Bottle (ml); Price (R); Tasted\n${made(
      700,
      (i) =>
        `G${Math.floor(i / 4) + 1}; ${pick(oil, Math.floor(i / 4))} ${2000 + Math.floor(i / 4)}; ${[100, 250, 500, 1000][i % 4]}; ${[45, 95, 170, 310][i % 4]}.00; ${pick(['"grassy', 'green tomato', 'mild', 'peppery'], Math.floor(i / 4))}`,
    ).join('\n')}\n`,
    currency: 'ZAR',
    columns: 'group title option price particular',
    want: made(
      700,
      (i) =>
        `${pick(oil, Math.floor(i / 4))} ${2000 + Math.floor(i / 4)} | ${[100, 250, 500, 1000][i % 4]} | ${([45, 95, 170, 310][i % 4] ?? 0) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '303106/2 espresso machine seals, Taipei',
    file: 'seals.xlsx',
    brief: 'Seals for espresso machines, Taipei, Taiwan. New Taiwan dollars.',
    sheets: [
      {
        name: 'Seals',
        rows: [
          ['Seals, as of November'],
          [],
          ['Group gasket – 8 mm', 'NT$180', 24],
          ['Group gasket – 8.5 mm', 'NT$190', 17],
          ['Group gasket – 9 mm', 'NT$190', 9],
          ['Silicone gasket – blue', 'NT$260', 12],
          ['Silicone gasket – red', 'NT$260', 3],
          ['Steam tip seal – pair', 'NT$60', 80],
          ['Steam tip seal – ten', 'NT$240', 15],
          ['Boiler gasket – small', '', 4],
          ['Boiler gasket – large', 'US$14', 2],
          ['Shower screen', 'NT$320', 11],
          ['Screen screw', 'NT$45', 60],
          ['Lever seal kit', 'NT$780', 2],
          ['Valve grease', 'NT$150', 30],
          ['Descaler', 'NT$210', 18],
          ['Group brush', 'NT$130', 25],
          ['Backflush disc – 58 mm', 'NT$90', 40],
          ['Backflush disc – 54 mm', 'NT$90', 14],
          ['Portafilter spring', '', 33],
          ['Total', '', 399],
          ['Prices without postage.'],
        ],
      },
    ],
    currency: 'TWD',
    columns: 'title price stock',
    want: `Group gasket | 8 mm | 18000 | 24
Group gasket | 8.5 mm | 19000 | 17
Group gasket | 9 mm | 19000 | 9
Silicone gasket | blue | 26000 | 12
Silicone gasket | red | 26000 | 3
Steam tip seal | pair | 6000 | 80
Steam tip seal | ten | 24000 | 15
Boiler gasket | small | ? | 4
Boiler gasket | large | ? | 2
Shower screen |  | 32000 | 11
Screen screw |  | 4500 | 60
Lever seal kit |  | 78000 | 2
Valve grease |  | 15000 | 30
Descaler |  | 21000 | 18
Group brush |  | 13000 | 25
Backflush disc | 58 mm | 9000 | 40
Backflush disc | 54 mm | 9000 | 14
Portafilter spring |  | ? | 33`,
  },
  {
    drawn: '303106/3 yoghurt cultures, Montréal',
    file: 'ferments.txt',
    brief: 'Ferments pour yogourt, Montréal, Québec. Dollars canadiens.',
    text: `Ferment|Format|Prix|En stock\n${made(
      35,
      (i) =>
        `${i % 5 ? '' : pick(culture, i / 5)}|${['sachet', 'trois sachets', 'pot de 50 g', 'pot de 200 g', 'vrac 1 kg'][i % 5]}|${i % 9 === 4 ? '' : `${[6, 15, 12, 38, 140][i % 5]},00 $`}|${pick(['oui', 'épuisé', 'deux', 'oui', 'un'], i)}`,
    ).join('\n')}\n`,
    currency: 'CAD',
    columns: 'title option price stock',
    want: made(
      35,
      (i) =>
        `${pick(culture, Math.floor(i / 5))} | ${['sachet', 'trois sachets', 'pot de 50 g', 'pot de 200 g', 'vrac 1 kg'][i % 5]} | ${i % 9 === 4 ? '?' : ([6, 15, 12, 38, 140][i % 5] ?? 0) * 100} | ${['∞', '0', '2', '∞', '1'][i % 5]}`,
    ).join('\n'),
  },
  {
    drawn: '303106/4 ash walking sticks, Nicosia',
    file: 'sticks.jsonl',
    brief: 'Ash walking sticks from Nicosia, Cyprus.',
    text: jsonLines([
      { όνομα: 'Μπαστούνι Τροόδος', μήκος: '85 cm, 90 cm, 95 cm', 'τιμή πριν': '€64,00', τιμή: '€52,00' },
      { όνομα: 'Μπαστούνι Πάφος', μήκος: '90 cm, 95 cm', 'τιμή πριν': '', τιμή: '€48,00' },
      { όνομα: 'Μπαστούνι με λαβή', μήκος: '90 cm', 'τιμή πριν': '', τιμή: '£55.00' },
    ]),
    currency: 'EUR',
    columns: 'title option earlierPrice price',
    want: `Μπαστούνι Τροόδος | 85 cm | 5200 | ∞
Μπαστούνι Τροόδος | 90 cm | 5200 | ∞
Μπαστούνι Τροόδος | 95 cm | 5200 | ∞
Μπαστούνι Πάφος | 90 cm | 4800 | ∞
Μπαστούνι Πάφος | 95 cm | 4800 | ∞
Μπαστούνι με λαβή | 90 cm | ? | ∞`,
  },
  {
    drawn: '303106/5 turf cutters, Sapporo',
    file: 'cutters.csv',
    brief: 'Turf cutters forged in Sapporo, Japan. Yen.',
    text: `Product,Size,Price,Category\n${made(
      120,
      (i) =>
        `${i % 3 ? '' : `${pick(cutter, i / 3)} cutter ${i / 3 + 1}`},${['small', 'medium', 'large'][i % 3]},${i % 20 === 11 ? '"from ¥12,000"' : i % 20 === 4 ? '"¥9,000 to ¥11,000"' : `"¥${8 + (i % 3)},${String((i * 50) % 1000).padStart(3, '0')}"`},Tools > ${pick(['Peat', 'Lawn', 'Ditch', 'Roof'], Math.floor(i / 3))}`,
    ).join('\n')}\n`,
    currency: 'JPY',
    columns: 'title option price category',
    want: made(
      120,
      (i) =>
        `${pick(cutter, Math.floor(i / 3))} cutter ${Math.floor(i / 3) + 1} | ${['small', 'medium', 'large'][i % 3]} | ${i % 20 === 11 || i % 20 === 4 ? '?' : (8 + (i % 3)) * 1000 + ((i * 50) % 1000)} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '303106/7 globes, Worcester, Massachusetts',
    file: 'globes.json',
    brief: 'Globes made and mended in Worcester, Massachusetts.',
    text: JSON.stringify({
      items: made(120, (i) => ({
        grp: `GL-${Math.floor(i / 4) + 1}`,
        nm: `${pick(globe, Math.floor(i / 4))} globe ${1900 + Math.floor(i / 4)}`,
        dia: ['4 in', '8 in', '12 in', '16 in'][i % 4],
        wt: ['9 oz', '1.5 lb', '4 lb', '7 lb'][i % 4],
        prc: i % 17 === 6 ? null : [48, 95, 180, 340][i % 4],
        qty: i % 5,
      })),
    }),
    currency: 'USD',
    columns: 'group title option weight price stock',
    want: made(
      120,
      (i) =>
        `${pick(globe, Math.floor(i / 4))} globe ${1900 + Math.floor(i / 4)} | ${['4 in', '8 in', '12 in', '16 in'][i % 4]} | ${i % 17 === 6 ? '?' : ([48, 95, 180, 340][i % 4] ?? 0) * 100} | ${i % 5}`,
    ).join('\n'),
  },
];
