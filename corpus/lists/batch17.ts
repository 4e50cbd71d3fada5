import { jsonLines, made, pick, savedPage, type ListCase } from './case';

/**
 * Drawn and written on 27 November 2026, before the reader was run on any; each has the brief that its seller would have given. All of
 * the twenty that were drawn have a list.
 */
export const batch17: ListCase[] = [
  {
    drawn: '91827/1 frames for odd sizes, Gdańsk',
    file: 'ramy.txt',
    encoding: 'ISO-8859-2',
    brief: 'Krzywa Rama, Gdańsk. Frames for what fits no frame. Złote.',
    text: `Rama bukowa, 31 x 47 cm, 119 zł, <i>olejowana</i>
Rama bukowa, 22 x 60 cm, 109 zł, <i>olejowana</i>
Rama czarna, 31 x 47 cm, 99 zł, malowana
Rama czarna, 18 x 18 cm, 59 zł, malowana
Passe-partout, 31 x 47 cm, 25 zł, <b>bezkwasowe</b>
Passe-partout, 18 x 18 cm, 19 zł, <b>bezkwasowe</b>
`,
    currency: 'PLN',
    columns: 'title option price particular/description',
    want: `Rama bukowa | 31 x 47 cm | 11900 | ∞
Rama bukowa | 22 x 60 cm | 10900 | ∞
Rama czarna | 31 x 47 cm | 9900 | ∞
Rama czarna | 18 x 18 cm | 5900 | ∞
Passe-partout | 31 x 47 cm | 2500 | ∞
Passe-partout | 18 x 18 cm | 1900 | ∞`,
  },
  {
    drawn: '91827/2 herb mills, Tbilisi',
    file: 'mills.csv',
    brief: 'Svaneti Salt & Mill, Tbilisi, Georgia. Mills for herbs and salt. Lari.',
    text: `Grinder,Belly,Asked before,Asked today
Boxwood,small,48,
,large,62,55
Walnut,small,54,
,large,70,
Dummy,small,1,
Brass,pocket,39,35
`,
    currency: 'GEL',
    columns: 'title option earlierPrice price',
    want: `Boxwood | small | 4800 | ∞
Boxwood | large | 5500 | ∞
Walnut | small | 5400 | ∞
Walnut | large | 7000 | ∞
Brass | pocket | 3500 | ∞`,
    leftOut: 1,
  },
  {
    drawn: '91827/3 harmonium tuning, Manama',
    file: 'tuning.html',
    brief: 'Sur, Manama, Bahrain. Harmoniums tuned, reeds sold. Bahraini dinars.',
    text: savedPage(
      'Sur',
      made(11, (i) => ({
        '@type': 'Product',
        name: `Reed set ${pick(['bass', 'male', 'female'], Math.floor(i / 4))}`,
        color: pick(['brass', 'bronze'], i),
        size: pick(['37 notes', '42 notes'], Math.floor(i / 2)),
        offers: {
          '@type': 'Offer',
          price: (24 + Math.floor(i / 4) * 3 + (Math.floor(i / 2) % 2) * 4 + (i % 2) * 1.5).toFixed(3),
          priceCurrency: i === 6 ? 'INR' : 'BHD',
        },
      })),
    ),
    currency: 'BHD',
    columns: 'title option option price currency',
    want: made(
      11,
      (i) =>
        `Reed set ${pick(['bass', 'male', 'female'], Math.floor(i / 4))} | ${pick(['brass', 'bronze'], i)} / ${pick(['37 notes', '42 notes'], Math.floor(i / 2))} | ${i === 6 ? '?' : (24 + Math.floor(i / 4) * 3 + (Math.floor(i / 2) % 2) * 4 + (i % 2) * 1.5) * 1000} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '91827/4 hand bells, Taipei',
    file: 'bells.html',
    brief: 'Ring Once, Taipei, Taiwan. Hand bells. New Taiwan dollars.',
    text: savedPage('Ring Once', [
      ...[
        ['C5', 'large', 2400],
        ['C5', 'small', 1900],
        ['G5', 'small', 1750],
      ].map(([tone, size, price]) => ({
        '@type': 'Product',
        name: `Bell in ${tone}`,
        category: 'Bells > Hand bells',
        size,
        material: 'bronze',
        additionalProperty: [
          { '@type': 'PropertyValue', name: 'Clapper', value: 'felt' },
          { '@type': 'PropertyValue', name: 'Handle', value: 'leather' },
          { '@type': 'PropertyValue', name: 'Overtone', value: 'twelfth' },
          { '@type': 'PropertyValue', name: 'Cast in', value: 'sand' },
          { '@type': 'PropertyValue', name: 'Rings for', value: '9 s' },
        ],
        offers: { '@type': 'Offer', price, priceCurrency: 'TWD' },
      })),
    ]),
    currency: 'TWD',
    columns: 'title category option particular particular particular particular particular particular price currency',
    want: `Bell in C5 | large | 240000 | ∞
Bell in C5 | small | 190000 | ∞
Bell in G5 | small | 175000 | ∞`,
  },
  {
    drawn: '91827/5 juggling clubs, Winterthur',
    file: 'keulen.txt',
    brief: 'Fünf in der Luft, Winterthur. Jonglierkeulen. Schweizer Franken.',
    text: `Keule; Serie; Griff; Preis; Bestand; Info; Info
Zirkus; Z; kurz; 32.–; 12; 52 cm; 220 g
Zirkus; Z; lang; 34.–; ein paar; 56 cm; 235 g
Europa; E; kurz; 38.–; ausverkauft; 51 cm; 215 g
Europa; E; lang; 40.–; 7; 55 cm; 230 g
Kinder; K; kurz; 19.50; genug; 38 cm; 150 g
"Feuer; F; kurz; 55.–; 3; 55 cm; 320 g
Feuer, breit; F; lang; 58.–; keine; 58 cm; 340 g
LED; L; kurz; 89.–; auf Bestellung; 52 cm; 240 g
`,
    currency: 'CHF',
    columns: 'title group option price stock particular particular/weight',
    want: `Zirkus | kurz | 3200 | 12
Zirkus | lang | 3400 | ?
Europa | kurz | 3800 | 0
Europa | lang | 4000 | 7
Kinder | kurz | 1950 | ?
"Feuer | kurz | 5500 | 3
"Feuer | lang | 5800 | 0
LED | kurz | 8900 | ∞`,
  },
  {
    drawn: '91827/6 tabla, Manila',
    file: 'tabla.jsonl',
    brief: 'Tabla Manila. We are the only ones. Philippine pesos.',
    text: jsonLines([
      {
        title: 'Dayan',
        colour: 'sheesham',
        size: '13 cm',
        price: 9800,
        stock: 'two',
        description: 'Bright.\n"Sings at C sharp."',
      },
      {
        title: 'Dayan',
        colour: 'mango',
        size: '14 cm',
        price: 8200,
        stock: 'sold out',
        description: 'Bright.\n"Sings at C sharp."',
      },
      {
        title: 'Dayan',
        colour: 'sheesham',
        size: '14 cm',
        price: 9900,
        stock: 'in stock',
        description: 'Bright.\n"Sings at C sharp."',
      },
    ]),
    currency: 'PHP',
    columns: 'title option option price stock description',
    want: `Dayan | sheesham / 13 cm | 980000 | 2
Dayan | mango / 14 cm | 820000 | 0
Dayan | sheesham / 14 cm | 990000 | ∞`,
  },
  {
    drawn: '91827/7 hazel hurdles, Tartu',
    file: 'aiad.xlsx',
    brief: 'Sarapuu, Tartu. Hurdles woven of hazel. Euros.',
    sheets: [
      {
        name: 'Kõrged',
        rows: [
          ['Garden hurdle', 'GH', '1,8 m', 62, 'SA 01 A', 'Woven "tight".\nLasts ten years.'],
          ['Garden hurdle', 'GH', '1,2 m', 48, 'SA 01 B', 'Woven "tight".\nLasts ten years.'],
          ['Sheep hurdle', 'SH', '1,2 m', 39, 'SA 02 A', 'With a hole\nfor a stake.'],
          ['Sheep hurdle', 'SH', '0,9 m', 33, 'SA 02 B', 'With a hole\nfor a stake.'],
        ],
      },
      {
        name: 'Madalad',
        rows: [
          ['Bed edging', 'BE', '0,3 m', 14, 'SA 03 A', 'Low.'],
          ['Bed edging', 'BE', '0,2 m', 12, 'SA 03 B', 'Low.'],
        ],
      },
    ],
    currency: 'EUR',
    columns: 'title group option price sku description',
    want: `Garden hurdle | 1,8 m | 6200 | ∞
Garden hurdle | 1,2 m | 4800 | ∞
Sheep hurdle | 1,2 m | 3900 | ∞
Sheep hurdle | 0,9 m | 3300 | ∞
Bed edging | 0,3 m | 1400 | ∞
Bed edging | 0,2 m | 1200 | ∞`,
  },
  {
    drawn: '91827/8 travel altars, San José',
    file: 'altares.jsonl',
    brief: 'Capilla de Bolsillo, San José, Costa Rica. Altars that fold. Colones.',
    text: jsonLines([
      ...made(36, (i) => ({
        title: `Altar ${pick(['Cartago', 'Heredia', 'Limón', 'Nicoya'], Math.floor(i / 3))} ${Math.floor(i / 12) + 1}`,
        group: `A-${Math.floor(i / 3) + 1}`,
        finish: pick(['cedar', 'gold leaf', 'blue'], i),
        price: 18500 + Math.floor(i / 3) * 500 + (i % 3) * 2000,
        category: pick(['Pocket', 'Shelf'], Math.floor(i / 3)),
      })),
      { title: 'Product name', group: '', finish: '', price: 0, category: '' },
    ]),
    currency: 'CRC',
    columns: 'title group option price category',
    want: made(
      36,
      (i) =>
        `Altar ${pick(['Cartago', 'Heredia', 'Limón', 'Nicoya'], Math.floor(i / 3))} ${Math.floor(i / 12) + 1} | ${pick(['cedar', 'gold leaf', 'blue'], i)} | ${(18500 + Math.floor(i / 3) * 500 + (i % 3) * 2000) * 100} | ∞`,
    ).join('\n'),
    leftOut: 1,
  },
  {
    drawn: '91827/9 whistles, Ljubljana',
    file: 'piscalke.xlsx',
    brief: 'Piščal, Ljubljana. Piščalke iz lesa in kovine. Cene v evrih.',
    sheets: [
      {
        name: 'List1',
        rows: [
          ['Piščal – cenik'],
          ['Izdelek', 'Barva', 'Velikost', 'Cena', 'Ton', 'Les', 'Ustnik', 'Vrvica', 'Glasnost', 'Starost'],
          ['Ptičja', 'rdeča', 'mala', 6, 'a3', 'javor', 'ne', 'da', 'tiha', '3+'],
          ['Ptičja', 'modra', 'mala', 6, 'a3', 'javor', 'ne', 'da', 'tiha', '3+'],
          ['Ptičja', 'rdeča', 'velika', 9, 'd3', 'javor', 'ne', 'da', 'tiha', '3+'],
          ['Pastirska', 'naravna', 'mala', 'od 12', 'g2', 'bezeg', 'da', 'ne', 'glasna', '6+'],
          ['Pastirska', 'naravna', 'velika', 18, 'c2', 'bezeg', 'da', 'ne', 'glasna', '6+'],
          ['Pastirska', 'črna', 'velika', '18-24', 'c2', 'bezeg', 'da', 'ne', 'glasna', '6+'],
          ['Sodniška', 'srebrna', 'mala', 11, 'a4', '', 'ne', 'da', 'zelo', '10+'],
          ['Skupaj', '', '', 62],
        ],
      },
    ],
    currency: 'EUR',
    columns: 'title option option price particular particular particular particular particular particular',
    want: `Ptičja | rdeča / mala | 600 | ∞
Ptičja | modra / mala | 600 | ∞
Ptičja | rdeča / velika | 900 | ∞
Pastirska | naravna / mala | ? | ∞
Pastirska | naravna / velika | 1800 | ∞
Pastirska | črna / velika | ? | ∞
Sodniška | srebrna / mala | 1100 | ∞`,
    leftOut: 1,
  },
  {
    drawn: '91827/10 tortoise tables, Perth, Scotland',
    file: 'tables.html',
    brief: 'Slow Joinery, Perth, Scotland. Tables for tortoises. Pounds.',
    text: savedPage('Slow Joinery', [
      {
        '@type': 'Product',
        name: 'Open table',
        size: '90 x 60 cm',
        description: '<p>With a <b>hide</b>.</p>',
        offers: { '@type': 'Offer', price: '140.00', priceCurrency: 'GBP' },
      },
      {
        '@type': 'Product',
        name: 'Open table',
        size: '120 x 60 cm',
        description: '<p>With a <b>hide</b>.</p>',
        offers: { '@type': 'Offer', price: '175.00', priceCurrency: 'GBP' },
      },
      {
        '@type': 'Product',
        name: 'Night box',
        size: '40 x 30 cm',
        description: '<ul><li>lid</li><li>door</li></ul>',
        offers: { '@type': 'Offer', price: '62.00', priceCurrency: 'GBP' },
      },
    ]),
    currency: 'GBP',
    columns: 'title option description price currency',
    want: `Open table | 90 x 60 cm | 14000 | ∞
Open table | 120 x 60 cm | 17500 | ∞
Night box | 40 x 30 cm | 6200 | ∞`,
  },
  {
    drawn: '91827/11 shower curtains, Porto',
    file: 'cortinas.xlsx',
    brief: 'Chuva, Porto. Shower curtains printed with tiles that were thrown away. Euros.',
    sheets: [
      {
        name: 'Linen',
        rows: [
          ['Curtain', 'Line', 'Width (cm)', 'Price (€)', 'Sale price (€)', 'Drop (cm)', 'About'],
          ...made(20, (i) => [
            `${pick(['Ribeira', 'Foz', 'Bolhão', 'Massarelos', 'Sé'], Math.floor(i / 2))}${i >= 10 ? ' azul' : ''}`,
            `L${Math.floor(i / 2) + 1}`,
            pick([180, 240], i),
            58 + (i % 2) * 14 + Math.floor(i / 2),
            i % 7 === 3 ? 49 + (i % 2) * 10 : '',
            200,
            '<p>Linen with <em>wax</em>.</p>',
          ]),
        ],
      },
      {
        name: 'Cotton',
        rows: [
          ['Curtain', 'Line', 'Width (cm)', 'Price (€)', 'Sale price (€)', 'Drop (cm)', 'About'],
          ...made(8, (i) => [
            pick(['Campanhã', 'Cedofeita', 'Paranhos', 'Bonfim'], Math.floor(i / 2)),
            `C${Math.floor(i / 2) + 1}`,
            pick([180, 240], i),
            39 + (i % 2) * 10,
            '',
            200,
            '<p>Cotton.</p>',
          ]),
        ],
      },
    ],
    currency: 'EUR',
    columns: 'title group option earlierPrice price particular description',
    want: [
      ...made(
        20,
        (i) =>
          `${pick(['Ribeira', 'Foz', 'Bolhão', 'Massarelos', 'Sé'], Math.floor(i / 2))}${i >= 10 ? ' azul' : ''} | ${pick([180, 240], i)} | ${(i % 7 === 3 ? 49 + (i % 2) * 10 : 58 + (i % 2) * 14 + Math.floor(i / 2)) * 100} | ∞`,
      ),
      ...made(
        8,
        (i) =>
          `${pick(['Campanhã', 'Cedofeita', 'Paranhos', 'Bonfim'], Math.floor(i / 2))} | ${pick([180, 240], i)} | ${(39 + (i % 2) * 10) * 100} | ∞`,
      ),
    ].join('\n'),
  },
  {
    drawn: '91827/12 weather vanes, Montevideo',
    file: 'veletas.csv',
    encoding: 'windows-1252',
    brief: 'Pampero, Montevideo. Veletas de hierro. Pesos uruguayos.',
    text: `Veleta;Acabado;Alto (cm);Precio ($U);Estante;Peso (kg)
Gallo;negro;60;4.900,00;Techo > Animales;3,2
Gallo;negro;90;7.200,00;Techo > Animales;5,1
Gallo;óxido;60;4.700,00;Techo > Animales;3,2
Ballena;negro;60;5.300,00;Techo > Animales;3,4
Ballena;óxido;90;7.600,00;Techo > Animales;5,6
Ballena;óxido;60;5.100,00;Techo > Animales;3,4
Velero;negro;60;5.300,00;Techo > Barcos;3,0
Velero;negro;90;7.900,00;Techo > Barcos;5,0
Velero;verde;90;8.100,00;Techo > Barcos;5,0
Flecha;negro;40;2.200,00;Jardín > Sencillas;1,4
Flecha;óxido;40;2.100,00;Jardín > Sencillas;1,4
Flecha;negro;60;2.900,00;Jardín > Sencillas;2,0
Luna;negro;40;3.300,00;Jardín > Cielo;1,5
Luna;verde;40;3.400,00;Jardín > Cielo;1,5
Sol;negro;40;3.300,00;Jardín > Cielo;1,6
Sol;óxido;60;4.200,00;Jardín > Cielo;2,3
`,
    currency: 'UYU',
    columns: 'title option option price category weight',
    want: `Gallo | negro / 60 | 490000 | ∞
Gallo | negro / 90 | 720000 | ∞
Gallo | óxido / 60 | 470000 | ∞
Ballena | negro / 60 | 530000 | ∞
Ballena | óxido / 90 | 760000 | ∞
Ballena | óxido / 60 | 510000 | ∞
Velero | negro / 60 | 530000 | ∞
Velero | negro / 90 | 790000 | ∞
Velero | verde / 90 | 810000 | ∞
Flecha | negro / 40 | 220000 | ∞
Flecha | óxido / 40 | 210000 | ∞
Flecha | negro / 60 | 290000 | ∞
Luna | negro / 40 | 330000 | ∞
Luna | verde / 40 | 340000 | ∞
Sol | negro / 40 | 330000 | ∞
Sol | óxido / 60 | 420000 | ∞`,
  },
  {
    drawn: '91827/13 handball resin, Ljubljana',
    file: 'smola.xlsx',
    brief: 'Lepilo, Ljubljana. Resin for handball. Euros.',
    sheets: [
      {
        name: 'Price list',
        rows: [
          ['Lepilo – resin and what takes it off'],
          ['for clubs: ask us'],
          ['Tin', 'Price', 'Grip', 'Grip', 'Base', 'Smell', 'Washes off with', 'Season', 'Lid', 'Keeps'],
          ...made(36, (i) => [
            `${pick(['Resin', 'Spray', 'Remover', 'Wax'], Math.floor(i / 3))} ${pick(['classic', 'club', 'junior'], Math.floor(i / 12))} – ${pick(['100 ml', '250 ml', '500 ml'], i)}`,
            9.9 + (i % 3) * 7 + Math.floor(i / 3) * 0.5,
            pick(['strong', 'soft'], Math.floor(i / 3)),
            pick(['dry hands', 'wet hands'], Math.floor(i / 3)),
            pick(['pine', 'synthetic'], Math.floor(i / 3)),
            pick(['pine', 'none'], Math.floor(i / 3)),
            pick(['soap', 'remover'], Math.floor(i / 3)),
            pick(['winter', 'summer'], Math.floor(i / 3)),
            pick(['screw', 'press'], Math.floor(i / 3)),
            pick(['2 years', '3 years'], Math.floor(i / 3)),
          ]),
        ],
      },
    ],
    currency: 'EUR',
    columns: 'title price particular particular particular particular particular particular particular particular',
    want: made(
      36,
      (i) =>
        `${pick(['Resin', 'Spray', 'Remover', 'Wax'], Math.floor(i / 3))} ${pick(['classic', 'club', 'junior'], Math.floor(i / 12))} | ${pick(['100 ml', '250 ml', '500 ml'], i)} | ${Math.round((9.9 + (i % 3) * 7 + Math.floor(i / 3) * 0.5) * 100)} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '91827/14 paper for printmakers, Aarhus',
    file: 'papir.jsonl',
    brief: 'Tryk, Aarhus. Paper for people who print by hand. Danske kroner.',
    text: jsonLines([
      {
        Paper: 'Kozo thin',
        'Format (cm)': '64 x 94',
        'Price (kr.)': 48,
        'Grams (g/m²)': 30,
        Shelf: 'Paper > Japanese',
        Stock: 'plenty',
      },
      {
        Paper: 'Kozo thin',
        'Format (cm)': '32 x 47',
        'Price (kr.)': 18,
        'Grams (g/m²)': 30,
        Shelf: 'Paper > Japanese',
        Stock: 'sold out',
      },
      {
        Paper: 'Cotton heavy',
        'Format (cm)': '56 x 76',
        'Price (kr.)': 55,
        'Grams (g/m²)': 300,
        Shelf: 'Paper > European',
        Stock: 'in stock',
      },
      {
        Paper: 'Cotton heavy',
        'Format (cm)': '28 x 38',
        'Price (kr.)': 20,
        'Grams (g/m²)': 300,
        Shelf: 'Paper > European',
        Stock: 'some',
      },
      {
        Paper: 'Newsprint',
        'Format (cm)': '50 x 70',
        'Price (kr.)': 3.5,
        'Grams (g/m²)': 52,
        Shelf: 'Paper > For proofs',
        Stock: 'plenty',
      },
      { Paper: 'Blotter', 'Format (cm)': '70 x 100', 'Price (kr.)': 22, 'Grams (g/m²)': 250, Shelf: 'Tools', Stock: 'three' },
    ]),
    currency: 'DKK',
    columns: 'title option price particular category stock',
    want: `Kozo thin | 64 x 94 | 4800 | ∞
Kozo thin | 32 x 47 | 1800 | 0
Cotton heavy | 56 x 76 | 5500 | ∞
Cotton heavy | 28 x 38 | 2000 | ?
Newsprint | 50 x 70 | 350 | ∞
Blotter | 70 x 100 | 2200 | 3`,
  },
  {
    drawn: '91827/15 rocking horses, Córdoba',
    file: 'caballitos.html',
    brief: 'Galope, Córdoba, Argentina. Rocking horses. Pesos argentinos.',
    text: savedPage(
      'Galope',
      made(20, (i) => ({
        '@type': 'Product',
        name: i === 6 ? 'Tobiano "Pampa' : `${pick(['Alazán', 'Moro', 'Zaino', 'Bayo', 'Tordillo'], i)} ${Math.floor(i / 5) + 1}`,
        category: pick(['Horses > With mane', 'Horses > Plain'], i),
        size: pick(['small, large', 'large'], i),
        offers: { '@type': 'Offer', price: 145000 + i * 5000, priceCurrency: 'ARS' },
      })),
    ),
    currency: 'ARS',
    columns: 'title category option price currency',
    want: made(20, (i) =>
      pick(['small, large', 'large'], i)
        .split(', ')
        .map(
          (size) =>
            `${i === 6 ? 'Tobiano "Pampa' : `${pick(['Alazán', 'Moro', 'Zaino', 'Bayo', 'Tordillo'], i)} ${Math.floor(i / 5) + 1}`} | ${size} | ${(145000 + i * 5000) * 100} | ∞`,
        )
        .join('\n'),
    ).join('\n'),
  },
  {
    drawn: '91827/16 skittles, Aarhus',
    file: 'kegler.txt',
    brief: 'Alle Ni, Aarhus. Skittles for gardens and pubs. Kroner.',
    text: `spil | familie | farve | pris | note | note
${made(
  28,
  (i) =>
    `${pick(['Have', 'Kro', 'Bord', 'Rejse'], Math.floor(i / 2))}spil ${Math.floor(i / 8) + 1} | F${Math.floor(i / 2) + 1} | ${pick(['natur', 'rød'], i)} | ${i === 5 ? '€45' : i === 10 ? 'fra 250' : i === 17 ? '300-350' : `${220 + Math.floor(i / 2) * 15} kr`} | ${pick(['bøg', 'ask'], Math.floor(i / 2))} | ${pick(['9 kegler', '10 kegler'], Math.floor(i / 2))}`,
).join('\n')}
`,
    currency: 'DKK',
    columns: 'title group option price particular particular',
    want: made(
      28,
      (i) =>
        `${pick(['Have', 'Kro', 'Bord', 'Rejse'], Math.floor(i / 2))}spil ${Math.floor(i / 8) + 1} | ${pick(['natur', 'rød'], i)} | ${i === 5 || i === 10 || i === 17 ? '?' : (220 + Math.floor(i / 2) * 15) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '91827/17 telegraph keys, Kraków',
    file: 'klucze.tsv',
    brief: 'Kropka Kreska, Kraków. Keys for telegraphs, new and mended. PLN.',
    text: `Key\tPrice (PLN)\tTravel (mm)\tContacts\tBase\tSpring\tWeight (kg)\tYear\tCable (m)
Straight key "Wisła"\t390\t0.4\tsilver\toak\tcoil\t0.9\t2024\t1.5
Straight key "Wawel"\t450\t0.3\tsilver\tmarble\tcoil\t1.6\t2025\t1.5
Paddle, two levers\t620\t0.2\tgold\tsteel\tmagnet\t1.4\t2025\t1.2
Paddle, one lever\t540\t0.2\tgold\tsteel\tmagnet\t1.2\t2025\t1.2
Ship key, mended\t780\t0.5\tplatinum\tbrass\tleaf\t2.1\t1938\t0
Practice buzzer\t120\t0\tnone\tpine\tnone\t0.3\t2024\t0
`,
    currency: 'PLN',
    columns: 'title price particular particular particular particular weight particular particular',
    want: `Straight key "Wisła" | | 39000 | ∞
Straight key "Wawel" | | 45000 | ∞
Paddle | two levers | 62000 | ∞
Paddle | one lever | 54000 | ∞
Ship key, mended | | 78000 | ∞
Practice buzzer | | 12000 | ∞`,
  },
  {
    drawn: '91827/18 bamboo bicycles, Bergen',
    file: 'sykler.xlsx',
    brief: 'Bambus, Bergen. Bicycles of bamboo, built to order. Norwegian kroner.',
    sheets: [
      {
        name: '2026',
        rows: [
          ['Bambus 2026'],
          ['Prices with VAT; frames take ten weeks'],
          ['Title', 'Size', 'Price', 'Stock', 'Category'],
          ...made(48, (i) => [
            `${pick(['Fløyen', 'Ulriken', 'Sandviken', 'Fjord'], Math.floor(i / 3))} ${pick(['city', 'gravel', 'tour', 'kids'], Math.floor(i / 12))}`,
            pick(['50 cm', '54 cm', '58 cm'], i),
            i === 8 ? 'from 18000' : i === 30 ? '22000-25000' : 14900 + Math.floor(i / 3) * 400,
            pick(['made to order', 'one', 'sold out', 'made to order', '2'], i),
            pick(['City', 'Gravel', 'Touring', 'Children'], Math.floor(i / 12)),
          ]),
          ['Sum', '', 812400, '', ''],
        ],
      },
    ],
    currency: 'NOK',
    columns: 'title option price stock category',
    want: made(
      48,
      (i) =>
        `${pick(['Fløyen', 'Ulriken', 'Sandviken', 'Fjord'], Math.floor(i / 3))} ${pick(['city', 'gravel', 'tour', 'kids'], Math.floor(i / 12))} | ${pick(['50 cm', '54 cm', '58 cm'], i)} | ${i === 8 || i === 30 ? '?' : (14900 + Math.floor(i / 3) * 400) * 100} | ${pick(['∞', '1', '0', '∞', '2'], i)}`,
    ).join('\n'),
    leftOut: 1,
  },
  {
    drawn: '91827/19 jam funnels, Seville',
    file: 'embudos.xlsx',
    brief: 'Mermelada, Sevilla. Embudos para mermelada. Euros.',
    sheets: [
      {
        name: 'Cobre',
        rows: [
          ['Artículo', 'Boca', 'Precio', 'Precio rebajado', 'Metal', 'Asa', 'Filtro', 'Borde', 'Lavavajillas', 'Hecho en'],
          ['Embudo ancho', '4 cm', 24, '', 'cobre', 'sí', 'no', 'vuelto', 'no', 'Triana'],
          ['', '6 cm', 29, 25, 'cobre', 'sí', 'no', 'vuelto', 'no', 'Triana'],
        ],
      },
      {
        name: 'Acero',
        rows: [
          ['Artículo', 'Boca', 'Precio', 'Precio rebajado', 'Metal', 'Asa', 'Filtro', 'Borde', 'Lavavajillas', 'Hecho en'],
          ['Embudo fino', '2 cm', 14, '', 'acero', 'no', 'sí', 'recto', 'sí', 'Lebrija'],
        ],
      },
    ],
    currency: 'EUR',
    columns: 'title option earlierPrice price particular particular particular particular particular particular',
    want: `Embudo ancho | 4 cm | 2400 | ∞
Embudo ancho | 6 cm | 2500 | ∞
Embudo fino | 2 cm | 1400 | ∞`,
  },
  {
    drawn: '91827/20 organ pipes as lamps, Taipei',
    file: 'lamps.xlsx',
    brief: 'Pipe Dream, Taipei. Lamps from organ pipes. NT$.',
    sheets: [
      {
        name: 'Wood',
        rows: [
          ['Lamp', 'Cable', 'Price', 'Note', 'Note', 'Was in', 'Foot', 'Stop', 'Bulb', 'Switch', 'Height'],
          ...made(30, (i) => [
            `${pick(['Gedackt', 'Flute', 'Bourdon'], Math.floor(i / 2))} ${Math.floor(i / 6) + 1}`,
            pick(['black', 'red'], i),
            i % 11 === 4 ? '' : 4200 + Math.floor(i / 2) * 150,
            pick(['warm', 'bright'], Math.floor(i / 2)),
            pick(['dimmable', 'fixed'], Math.floor(i / 2)),
            pick(['Tainan', 'Bremen', 'Kobe'], Math.floor(i / 2)),
            'oak',
            pick(["8'", "4'"], Math.floor(i / 2)),
            'E14',
            pick(['foot', 'hand'], Math.floor(i / 2)),
            `${40 + Math.floor(i / 2) * 2} cm`,
          ]),
        ],
      },
      {
        name: 'Metal',
        rows: [
          ['Lamp', 'Cable', 'Price', 'Note', 'Note', 'Was in', 'Foot', 'Stop', 'Bulb', 'Switch', 'Height'],
          ...made(10, (i) => [
            `Principal ${Math.floor(i / 2) + 1}`,
            pick(['black', 'red'], i),
            5200 + Math.floor(i / 2) * 200,
            'bright',
            'fixed',
            'Bremen',
            'slate',
            "4'",
            'E14',
            'foot',
            `${50 + Math.floor(i / 2)} cm`,
          ]),
        ],
      },
    ],
    currency: 'TWD',
    columns:
      'title option price particular/description particular/description particular particular particular particular particular particular',
    want: [
      ...made(
        30,
        (i) =>
          `${pick(['Gedackt', 'Flute', 'Bourdon'], Math.floor(i / 2))} ${Math.floor(i / 6) + 1} | ${pick(['black', 'red'], i)} | ${i % 11 === 4 ? '?' : (4200 + Math.floor(i / 2) * 150) * 100} | ∞`,
      ),
      ...made(
        10,
        (i) =>
          `Principal ${Math.floor(i / 2) + 1} | ${pick(['black', 'red'], i)} | ${(5200 + Math.floor(i / 2) * 200) * 100} | ∞`,
      ),
    ].join('\n'),
  },
];
