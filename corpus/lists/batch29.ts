import { feed, fixedWidth, gtin, jsonLines, made, pick, product, savedPage, type ListCase } from './case';

const tile = ['Hidráulico', 'Azulejo de fachada', 'Tijoleira', 'Mosaico de cozinha'] as const;
const rock = ['Dragon stone', 'Lava cave', 'Seiryu slab', 'Spider wood', 'Bog root'] as const;
const cover = ['Forro liso', 'Forro trenzado', 'Forro peluche', 'Forro bordado', 'Forro de lana'] as const;
const rug = ['Panja stripe', 'Diamond field', 'Salt desert', 'Two rivers', 'Border town'] as const;
const stand = ['Atril plegable', 'Atril de mesa', 'Atril de director', 'Atril doble', 'Atril infantil'] as const;
const frame = ['Narrow oak', 'Wide walnut', 'Gilt reverse', 'Black bead', 'Ash box'] as const;
const dish = ['صحن زبدة', 'علبة زبدة', 'جرة زبدة', 'صينية زبدة'] as const;
const brace = ['Seler Skagen', 'Seler Thy', 'Seler Fanø', 'Seler Mols', 'Seler Djurs'] as const;
const stove = ['Brass roarer', 'Petrol three-leg', 'Spirit burner', 'Gas folder', 'Hexamine tin'] as const;
const puppet = ['Gaucho', 'Payador', 'Zorro', 'Quirquincho', 'Patrona', 'Milico'] as const;

/** Drawn (301129; numbers 8 and 11 have no list) and written on 29 November 2026, before the reader was run on any. */
export const batch29: ListCase[] = [
  {
    drawn: '301129/1 reclaimed floor tiles, Porto',
    file: 'azulejos.txt',
    brief: 'Reclaimed floor and wall tiles from demolitions in Porto, Portugal.',
    text:
      made(
        700,
        (i) =>
          `${pick(tile, Math.floor(i / 4))} ${100 + Math.floor(i / 4)}, ${pick(['azul', 'verde', 'ocre'], i)}, ${pick(['14 cm', '20 cm'], Math.floor((i % 4) / 2))} – AZ ${1000 + i} – ${gtin(560000000000 + i * 7, i % 90 === 11 ? 3 : 0)} – ${(3.2 + (i % 9) * 0.4).toFixed(2).replace('.', ',')} €`,
      ).join('\n') + '\n',
    currency: 'EUR',
    columns: 'title sku gtin price',
    want: made(
      700,
      (i) =>
        `${pick(tile, Math.floor(i / 4))} ${100 + Math.floor(i / 4)} | ${pick(['azul', 'verde', 'ocre'], i)} / ${pick(['14 cm', '20 cm'], Math.floor((i % 4) / 2))} | ${320 + (i % 9) * 40} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '301129/2 shortbread, Durban',
    file: 'shortbread.xlsx',
    brief: 'Shortbread, baked in Durban, South Africa. Rand, VAT in.',
    sheets: [0, 1].map((sheet) => ({
      name: sheet ? 'Tins' : 'Boxes',
      rows: [
        ['Product', 'Price', 'Butter %', 'Sugar', 'Rub', 'Snap', 'Price', 'Dunk (s)', 'Keeps (weeks)'],
        ...made(9, (i) => [
          `${pick(['Petticoat tails', 'Fingers', 'Rounds'], Math.floor(i / 3))}${sheet ? ' in a tin' : ''} – ${pick(['plain', 'lemon', 'rooibos'], i)}`,
          58 + Math.floor(i / 3) * 4 + sheet * 40,
          pick([31, 33], i),
          pick(['caster', 'golden'], Math.floor(i / 3)),
          'by hand',
          pick(['soft', 'sharp', 'loud'], i),
          70 + Math.floor(i / 3) * 4 + sheet * 40,
          4 + (i % 3),
          pick([6, 8], i),
        ]),
      ],
    })),
    currency: 'ZAR',
    columns:
      'title price/earlierPrice particular particular particular particular price/earlierPrice/particular particular particular',
    want: [0, 1]
      .flatMap((sheet) =>
        made(
          9,
          (i) =>
            `${pick(['Petticoat tails', 'Fingers', 'Rounds'], Math.floor(i / 3))}${sheet ? ' in a tin' : ''} | ${pick(['plain', 'lemon', 'rooibos'], i)} | ? | ∞`,
        ),
      )
      .join('\n'),
  },
  {
    drawn: '301129/3 aquarium rocks and wood, Arequipa',
    file: 'rocks.jsonl',
    brief: 'Rocks and roots for aquariums from Arequipa, Peru. We charge in soles.',
    text: jsonLines(
      made(120, (i) => ({
        'what it is': `${pick(rock, Math.floor(i / 3))} ${Math.floor(i / 3) + 1} (${pick(['small', 'medium', 'large'], i)})`,
        'drops the pH by': (i % 4) / 10,
        sinks: pick(['at once', 'after a week'], Math.floor(i / 3)),
        'fish that like it': pick(['plecos', 'tetras', 'shrimp'], Math.floor(i / 3)),
        'goes home with you for': i % 40 === 17 ? 'US$ 22' : `S/ ${(18 + (i % 3) * 14 + Math.floor(i / 3) * 0.5).toFixed(2)}`,
        'still in the tank': i % 6,
      })),
    ),
    currency: 'PEN',
    columns: 'title particular particular particular price stock',
    want: made(
      120,
      (i) =>
        `${pick(rock, Math.floor(i / 3))} ${Math.floor(i / 3) + 1} | ${pick(['small', 'medium', 'large'], i)} | ${i % 40 === 17 ? '?' : 1800 + (i % 3) * 1400 + Math.floor(i / 3) * 50} | ${i % 6}`,
    ).join('\n'),
  },
  {
    drawn: '301129/4 hot-water bottle covers, Bogotá',
    file: 'forros.csv',
    brief: 'Forros para bolsas de agua caliente, tejidos en Bogotá, Colombia. Pesos colombianos.',
    text: `Cód;Nomb;Cat;Prec;Ofer;Desc\n${made(
      120,
      (i) =>
        `FO ${100 + i} ${letterAt(i)};${pick(cover, i)} n.º ${i + 1};${pick(['Lana', 'Algodón'], i)};${38 + (i % 12)}.500,00;${i % 6 === 2 ? `${31 + (i % 12)}.000,00` : ''};Abriga toda la noche y se lava en frío, sin prisa.`,
    ).join('\n')}\n`,
    currency: 'COP',
    columns: 'sku title category earlierPrice price description',
    want: made(
      120,
      (i) =>
        `${pick(cover, i)} n.º ${i + 1} |  | ${i % 6 === 2 ? (31 + (i % 12)) * 100000 : (38 + (i % 12)) * 100000 + 50000} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '301129/5 dhurrie rugs, Wellington',
    file: 'rugs.html',
    brief: 'Dhurrie rugs, woven for a shop in Wellington, New Zealand.',
    text: savedPage(
      'Dhurries',
      made(120, (i) => ({
        '@type': 'Product',
        ...(i % 3 === 0 ? { name: i === 60 ? 'Sample product' : `${pick(rug, i / 3)} ${i / 3 + 1}` } : {}),
        category: `Rugs > ${pick(['Runners', 'Squares'], Math.floor(i / 3))}`,
        size: ['60 × 90', '90 × 150', '120 × 180'][i % 3],
        offers: { '@type': 'Offer', price: `${95 + (i % 3) * 80 + Math.floor(i / 3)}.00`, priceCurrency: 'NZD' },
      })),
    ),
    currency: 'NZD',
    columns: 'title category option price currency',
    want: made(120, (i) => i)
      .filter((i) => Math.floor(i / 3) !== 20)
      .map(
        (i) =>
          `${pick(rug, Math.floor(i / 3))} ${Math.floor(i / 3) + 1} | ${['60 × 90', '90 × 150', '120 × 180'][i % 3]} | ${(95 + (i % 3) * 80 + Math.floor(i / 3)) * 100} | ∞`,
      )
      .join('\n'),
    leftOut: 3,
  },
  {
    drawn: '301129/6 music stands, Montevideo',
    file: 'atriles.tsv',
    brief: 'Atriles hechos en Montevideo, Uruguay. Precios en pesos uruguayos.',
    text: `Atril\tColor\tAltura (cm)\tPrecio ($)\tPrecio de oferta ($)\tTexto\n${made(
      35,
      (i) =>
        `${pick(stand, Math.floor(i / 7))}\t${pick(['negro', 'negro', 'negro', 'nogal', 'nogal', 'blanco', 'blanco'], i)}\t${pick([100, 120, 140, 100, 140, 100, 120], i)}\t${2400 + Math.floor(i / 7) * 300 + (i % 7) * 50}\t${i % 9 === 4 ? 2100 + Math.floor(i / 7) * 300 : ''}\t<b>Firme</b><br>y liviano`,
    ).join('\n')}\n`,
    currency: 'UYU',
    columns: 'title option option earlierPrice price description',
    want: made(
      35,
      (i) =>
        `${pick(stand, Math.floor(i / 7))} | ${pick(['negro', 'negro', 'negro', 'nogal', 'nogal', 'blanco', 'blanco'], i)} / ${pick([100, 120, 140, 100, 140, 100, 120], i)} | ${(i % 9 === 4 ? 2100 + Math.floor(i / 7) * 300 : 2400 + Math.floor(i / 7) * 300 + (i % 7) * 50) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '301129/7 frames for odd sizes, Worcester MA',
    file: 'frames.txt',
    brief: 'Picture frames for odd sizes, joined in Worcester, Massachusetts.',
    text: fixedWidth(
      [22, 38, 12, 12, 40],
      [
        ['Frame', 'Sizes', 'Price', 'Weight', 'Description'],
        ...made(35, (i) => [
          `${pick(frame, i)} ${i + 1}`,
          pick(['7 x 31 in; 9 x 40 in', '5 x 5 in; 11 x 13 in; 20 x 21 in', '6 x 18 in'], i),
          `$${(34 + i * 1.5).toFixed(2)}`,
          pick(['1.2 lb', '2 lb', '14 oz'], i),
          '<i>Splined</i> corners',
        ]),
      ],
    ),
    currency: 'USD',
    columns: 'title option price weight description',
    want: made(35, (i) => i)
      .flatMap((i) =>
        pick(['7 x 31 in; 9 x 40 in', '5 x 5 in; 11 x 13 in; 20 x 21 in', '6 x 18 in'], i)
          .split('; ')
          .map((size) => `${pick(frame, i)} ${i + 1} | ${size} | ${3400 + i * 150} | ∞`),
      )
      .join('\n'),
  },
  {
    drawn: '301129/9 looms, Split',
    file: 'tkalacki-stanovi.xlsx',
    brief: 'Tkalački stanovi iz radionice u Splitu, Hrvatska.',
    sheets: [
      {
        name: 'Cjenik',
        rows: [
          ['Cjenik tkalačkih stanova, jesen'],
          ['Cijene s PDV-om'],
          ['Naziv', 'Drvo', 'Širina (cm)', 'Cijena (€)', 'Na stanju'],
          ['Stolni stan', 'bukva', 40, 320, 4],
          ['Stolni stan', 'bukva', 60, 390, 2],
          ['Stolni stan', 'orah', 40, 410, 0],
          ['Stolni stan', 'orah', 60, '', 1],
          ['Podni stan', 'bukva', 90, 'od 1200', 1],
          ['Podni stan', 'bukva', 120, 1480, 1],
          ['Podni stan', 'orah', 120, 1900, 0],
          ['Stan na kartice', 'javor', 10, 45, 9],
          ['Stan na kartice', 'javor', 15, 52, 7],
          ['Okvir', 'smreka', 30, '28 – 34', 12],
          ['Okvir', 'smreka', 50, 39, 11],
          ['Ukupno', '', '', 6264, 48],
        ],
      },
    ],
    currency: 'EUR',
    columns: 'title option option price stock',
    want: `Stolni stan | bukva / 40 | 32000 | 4
Stolni stan | bukva / 60 | 39000 | 2
Stolni stan | orah / 40 | 41000 | 0
Stolni stan | orah / 60 | ? | 1
Podni stan | bukva / 90 | ? | 1
Podni stan | bukva / 120 | 148000 | 1
Podni stan | orah / 120 | 190000 | 0
Stan na kartice | javor / 10 | 4500 | 9
Stan na kartice | javor / 15 | 5200 | 7
Okvir | smreka / 30 | ? | 12
Okvir | smreka / 50 | 3900 | 11`,
  },
  {
    drawn: '301129/10 prayer beads, Plovdiv',
    file: 'broenici.ods',
    brief: 'Молитвени броеници, низани в Пловдив, България. Цени без ДДС.',
    sheets: [
      {
        name: 'Дърво',
        rows: [
          ['Маслина', '33, 66, 99', gtin(380000000101), 24],
          ['Кехлибар', '33, 99', gtin(380000000102, 4), 88],
          ['Абанос', '33, 66', gtin(380000000103), 41],
        ],
      },
      {
        name: 'Камък',
        rows: [
          ['Ахат', '33, 66', gtin(380000000104), 36],
          ['Оникс', '33', gtin(380000000105), 29],
          ['Тигрово око', '33, 99', gtin(380000000106), 33],
        ],
      },
    ],
    currency: 'EUR',
    columns: 'title option gtin price',
    want: [
      ['Маслина', '33, 66, 99', 2400],
      ['Кехлибар', '33, 99', 8800],
      ['Абанос', '33, 66', 4100],
      ['Ахат', '33, 66', 3600],
      ['Оникс', '33', 2900],
      ['Тигрово око', '33, 99', 3300],
    ]
      .flatMap(([title, sizes, price]) =>
        String(sizes)
          .split(', ')
          .map((size) => `${title} | ${size} | ${price} | ∞`),
      ) // prettier-ignore
      .join('\n'),
  },
  {
    drawn: '301129/12 globes, Jakarta',
    file: 'globes.json',
    brief: 'Globes, papered by hand in Jakarta, Indonesia. Prices in rupiah.',
    text: JSON.stringify({
      globes: made(18, (i) => ({
        Globe: pick(['Malacca', 'Banda', 'Night sky', 'Moon', 'Blank', 'Trade winds'], Math.floor(i / 3)),
        'Diameter (cm)': [12, 20, 32][i % 3],
        Category: `Globes > ${pick(['Earth', 'Earth', 'Heavens', 'Heavens', 'Blank', 'Earth'], Math.floor(i / 3))}`,
        'Price (Rp)': 450000 + (i % 3) * 400000 + Math.floor(i / 3) * 25000,
        'Gores (n)': 12,
        'Tilt (°)': 23.5,
        'Scale (1:)': [106000000, 64000000, 40000000][i % 3],
        'Meridian ring': pick(['half', 'full'], Math.floor(i / 3)),
        'Varnish coats': pick([4, 6], Math.floor(i / 3)),
        'Labelled in': pick(['Dutch', 'Indonesian'], Math.floor(i / 3)),
      })),
    }),
    currency: 'IDR',
    columns: 'title option category price particular particular particular particular particular particular',
    want: made(
      18,
      (i) =>
        `${pick(['Malacca', 'Banda', 'Night sky', 'Moon', 'Blank', 'Trade winds'], Math.floor(i / 3))} | ${[12, 20, 32][i % 3]} | ${45000000 + (i % 3) * 40000000 + Math.floor(i / 3) * 2500000} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '301129/13 butter dishes, Amman',
    file: 'dishes.jsonl',
    brief: 'صحون الزبدة من السيراميك، تُصنع في عمّان، الأردن. الأسعار بالدينار الأردني.',
    text: jsonLines(
      made(700, (i) => ({
        الاسم: i % 4 === 0 ? (i === 400 ? 'Sample product' : `${pick(dish, i / 4)} ${i / 4 + 1}`) : '',
        اللون: pick(['أبيض', 'أزرق', 'أخضر', 'رملي'], i),
        السعر: `${(6.5 + Math.floor(i / 4) * 0.05 + (i % 4) * 0.25).toFixed(3)}`,
        المخزون: (i * 5) % 9,
        الوصف: i % 4 === 0 ? '<p>غطاء <b>محكم</b></p>' : '',
      })),
    ),
    currency: 'JOD',
    columns: 'title option price stock description',
    want: made(700, (i) => i)
      .filter((i) => Math.floor(i / 4) !== 100)
      .map(
        (i) =>
          `${pick(dish, Math.floor(i / 4))} ${Math.floor(i / 4) + 1} | ${pick(['أبيض', 'أزرق', 'أخضر', 'رملي'], i)} | ${6500 + Math.floor(i / 4) * 50 + (i % 4) * 250} | ${(i * 5) % 9}`,
      )
      .join('\n'),
    leftOut: 4,
  },
  {
    drawn: '301129/14 tortoise tables, Tartu',
    file: 'kilpkonnalauad.txt',
    brief: 'Kilpkonnalauad, tehtud Tartus, Eestis.',
    text: `Toode|Valik|Väärtus|Hind|Põhi|Küte (W)|Mahutab kilpkonni
${made(
  18,
  (i) =>
    `${pick(['Väike laud', 'Suur laud', 'Nurgalaud', 'Õuelaud', 'Talvekast', 'Haudekast'], Math.floor(i / 3))}|${pick(['Puit', 'Suurus'], Math.floor(i / 3))}|${Math.floor(i / 3) % 2 ? ['90 cm', '120 cm', '150 cm'][i % 3] : ['kask', 'mänd', 'lepp'][i % 3]}|${i === 7 ? '120 $' : `${140 + Math.floor(i / 3) * 20 + (i % 3) * 15} €`}|${pick(['liiv', 'muld'], Math.floor(i / 3))}|${pick([60, 100], Math.floor(i / 3))}|${1 + (Math.floor(i / 3) % 3)}`,
).join('\n')}
`,
    currency: 'EUR',
    columns: 'title optionName optionValue price particular particular particular',
    want: made(
      18,
      (i) =>
        `${pick(['Väike laud', 'Suur laud', 'Nurgalaud', 'Õuelaud', 'Talvekast', 'Haudekast'], Math.floor(i / 3))} | ${Math.floor(i / 3) % 2 ? ['90 cm', '120 cm', '150 cm'][i % 3] : ['kask', 'mänd', 'lepp'][i % 3]} | ${i === 7 ? '?' : (140 + Math.floor(i / 3) * 20 + (i % 3) * 15) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '301129/15 trouser braces, Aarhus',
    file: 'seler.xlsx',
    brief: 'Seler syet i Aarhus, Danmark. Priser i kroner.',
    sheets: [
      {
        name: 'Ark1',
        rows: [
          ['Seler, hele lageret'],
          ['Spørg Birthe, hvis noget mangler'],
          ['Navn', 'Størrelser', 'Bredde', 'Pris', 'Bredde', 'Tekst'],
          ...made(700, (i) => [
            `${pick(brace, i)} ${i + 1}`,
            pick(['S, M, L', 'M, L, XL', 'one size'], i),
            pick(['25 mm', '35 mm'], i),
            i % 50 === 9 ? 'fra 199' : i % 50 === 31 ? '149–199' : 199 + (i % 20) * 5,
            pick(['smal', 'bred'], i),
            'Spændt "som de skal være",\nsiger Birthe.',
          ]),
          ['I alt', '', '', 170000, '', ''],
        ],
      },
    ],
    currency: 'DKK',
    columns: 'title option particular price particular description',
    want: made(700, (i) => i)
      .flatMap((i) =>
        pick(['S, M, L', 'M, L, XL', 'one size'], i)
          .split(', ')
          .map(
            (size) =>
              `${pick(brace, i)} ${i + 1} | ${size} | ${i % 50 === 9 || i % 50 === 31 ? '?' : (199 + (i % 20) * 5) * 100} | ∞`,
          ),
      )
      .join('\n'),
  },
  {
    drawn: '301129/16 second-hand camping stoves, Plovdiv',
    file: 'stoves.html',
    brief: 'Second-hand camping stoves, serviced in Plovdiv, Bulgaria.',
    text: savedPage(
      'Stoves',
      made(700, (i) =>
        product(
          `${pick(stove, Math.floor(i / 5))} ${Math.floor(i / 5) + 1}`,
          `${(35 + Math.floor(i / 5) * 0.5 + (i % 5) * 4).toFixed(2)}`,
          'EUR',
          {
            color: pick(['green', 'green', 'blue', 'blue', 'brass'], i),
            size: pick(['small', 'large', 'small', 'large', 'large'], i),
            description: '<p>Tested for <em>an hour</em>, seals new.</p>',
            burns: pick(['paraffin', 'petrol', 'spirit', 'gas'], Math.floor(i / 5)),
            boils: `${4 + (Math.floor(i / 5) % 4)} min/l`,
            jet: pick(['0.28', '0.32'], Math.floor(i / 5)),
            pump: pick(['leather', 'none'], Math.floor(i / 5)),
            legs: pick([3, 4], Math.floor(i / 5)),
            roars: pick(['yes', 'no', 'a bit'], Math.floor(i / 5)),
          },
        ),
      ),
    ),
    currency: 'EUR',
    columns: 'title option option description particular particular particular particular particular particular price currency',
    want: made(
      700,
      (i) =>
        `${pick(stove, Math.floor(i / 5))} ${Math.floor(i / 5) + 1} | ${pick(['green', 'green', 'blue', 'blue', 'brass'], i)} / ${pick(['small', 'large', 'small', 'large', 'large'], i)} | ${3500 + Math.floor(i / 5) * 50 + (i % 5) * 400} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '301129/17 lamp shades, Beirut',
    file: 'abajour.csv',
    brief: 'Abat-jour cousus à Beyrouth, Liban. Prix en dollars.',
    text: `Modèle;Tissu;Diamètre;Code-barres;Prix;Remarque
Corniche;lin;30 cm;${gtin(528000000001)};48,00;doublé
Corniche;soie;30 cm;${gtin(528000000002, 6)};72,50;"doublé, à la main
Corniche;lin;45 cm;${gtin(528000000003)};66,00;doublé
`,
    currency: 'USD',
    columns: 'title option option gtin price particular/description',
    want: `Corniche | lin / 30 cm | 4800 | ∞
Corniche | soie / 30 cm | 7250 | ∞
Corniche | lin / 45 cm | 6600 | ∞`,
  },
  {
    drawn: '301129/18 adult clothes cut for wheelchairs, Dunedin',
    file: 'clothes.xml',
    brief: 'Clothes for grown-ups, cut for sitting in a wheelchair, made in Dunedin, New Zealand. Prices in New Zealand dollars.',
    text: feed(
      made(6, (i) => [
        ['title', pick(['Seated trousers', 'Rain cape'], Math.floor(i / 3))],
        ['bottomSpace', pick(['S', 'M', 'L'], i)],
        ['code', `WC ${Math.floor(i / 3) + 1} ${pick(['S', 'M', 'L'], i)}`],
        ['description', 'High at the back,\n"no seam where you sit".'],
        ['whatItDoesToYourPurse', `${120 + Math.floor(i / 3) * 30}.00`],
      ]),
    ),
    currency: 'NZD',
    columns: 'title option sku description price',
    want: made(
      6,
      (i) =>
        `${pick(['Seated trousers', 'Rain cape'], Math.floor(i / 3))} | ${pick(['S', 'M', 'L'], i)} | ${(120 + Math.floor(i / 3) * 30) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '301129/19 fossils, Kyoto',
    file: 'fossils.txt',
    brief: 'Fossils prepared in Kyoto, Japan. Prices in yen.',
    text: `Fossil|Option|Value|Age|Price|Age
Ammonite|Finish|polished|Jurassic|¥8,200|160 million years
Ammonite|Finish|raw|Jurassic||160 million years
Trilobite|Finish|raw|Devonian|from ¥15,000|390 million years
`,
    currency: 'JPY',
    columns: 'title optionName optionValue particular price particular',
    want: `Ammonite | polished | 8200 | ∞
Ammonite | raw | ? | ∞
Trilobite | raw | ? | ∞`,
  },
  {
    drawn: '301129/20 marionettes, Córdoba',
    file: 'titeres.xlsx',
    brief: 'Marionetas talladas en Córdoba, Argentina. En pesos.',
    sheets: [0, 1].map((sheet) => ({
      name: sheet ? 'Chicas' : 'Grandes',
      rows: [
        ['Nom.', 'Prec.', 'Hil.', 'Peso', 'Mad.', 'Cab.', 'Exist.'],
        ...made(60, (i) => [
          `${pick(puppet, i)} ${sheet * 60 + i + 1}`,
          24000 + i * 500,
          pick([7, 9, 11], i),
          pick(['450 g', '0,6 kg', '1 kg'], i),
          pick(['cedro', 'paraíso'], i),
          pick(['tallada', 'papel maché'], i),
          (i * 3) % 5,
        ]),
      ],
    })),
    currency: 'ARS',
    columns: 'title price particular weight particular particular stock',
    want: [0, 1]
      .flatMap((sheet) =>
        made(60, (i) => `${pick(puppet, i)} ${sheet * 60 + i + 1} |  | ${(24000 + i * 500) * 100} | ${(i * 3) % 5}`),
      )
      .join('\n'),
  },
];

function letterAt(i: number): string {
  return 'ABCDE'.charAt(i % 5);
}
