import { jsonLines, made, pick, product, savedPage, type ListCase } from './case';

const box = ['Tit box', 'Owl box', 'Swift box', 'Robin box'] as const;
const slip = ['Viminalis', 'Purpurea', 'Daphnoides', 'Triandra', 'Alba', 'Fragilis'] as const;
const found = ['Skillet', 'Gietpan', 'Wafelijzer', 'Stoofpot', 'Poffertjespan', 'Grillplaat'] as const;

/** Drawn (291605) and written on 29 November 2026, before the reader was run on any. */
export const batch28: ListCase[] = [
  {
    drawn: '291605/1 bird boxes, Brno',
    file: 'budky.html',
    brief: 'Bird boxes nailed together in Brno, Czechia. Prices in koruna.',
    text: savedPage(
      'Budky',
      made(11, (i) =>
        product(`${pick(box, Math.floor(i / 3))}`, 390 + Math.floor(i / 3) * 60 + (i % 3) * 40, 'CZK', {
          description: `<p>Larch, 18 mm.</p><ul><li>Opens at the "back</li></ul>`,
          additionalProperty: [{ '@type': 'PropertyValue', name: 'Hole', value: ['28 mm', '32 mm', '45 mm'][i % 3] }],
          'cat-proof?': pick(['so far', 'we hope'], Math.floor(i / 3)),
        }),
      ),
    ),
    currency: 'CZK',
    columns: 'title',
    want: made(
      11,
      (i) =>
        `${pick(box, Math.floor(i / 3))} | ${['28 mm', '32 mm', '45 mm'][i % 3]} | ${(390 + Math.floor(i / 3) * 60 + (i % 3) * 40) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '291605/2 wind chimes, Cardiff',
    file: 'chimes.csv',
    brief: 'Wind chimes tuned in Cardiff, Wales.',
    text: `Cd;Nm;Szs;Scl;Tbs;Mtl;Sprt;Clpr;Crd;Prc
WC 10 A;Taff;S, M, L;pentatonic;5;brass;ash;oak;waxed;38,50
WC 20 A;Rhymney;M, L;whole tone;6;copper;slate;slate;nylon;44,00
WC 30 B;Ely;S, M;pentatonic;5;aluminium;ash;oak;waxed;31,00
WC 40 B;Cardiff Bay;L;minor;8;brass;slate;oak;steel;89,00
WC 50 C;Penarth;S, M, L;major;6;copper;ash;cork;nylon;42,50
WC 60 C;Roath;M;pentatonic;5;bamboo;bamboo;cork;hemp;19,50
`,
    currency: 'GBP',
    columns: 'sku title option particular particular particular particular particular particular price',
    want: [
      ['Taff', 'S M L', 3850],
      ['Rhymney', 'M L', 4400],
      ['Ely', 'S M', 3100],
      ['Cardiff Bay', 'L', 8900],
      ['Penarth', 'S M L', 4250],
      ['Roath', 'M', 1950],
    ]
      .flatMap(([title, sizes, price]) =>
        String(sizes)
          .split(' ')
          .map((size) => `${title} | ${size} | ${price} | ∞`),
      )
      .join('\n'),
  },
  {
    drawn: '291605/3 spinning wheels, Oaxaca',
    file: 'wheels.jsonl',
    brief: 'Spinning wheels from Oaxaca, Mexico, turned in mesquite.',
    text: jsonLines([
      { 'the wheel': 'Teotitlán', wood: 'mesquite', drive: 'single', weighs: '5.2 kg', 'you pay': '$6,800' },
      { 'the wheel': 'Teotitlán', wood: 'mesquite', drive: 'double', weighs: '5.6 kg', 'you pay': '$7,400' },
      { 'the wheel': 'Teotitlán', wood: 'cedar', drive: 'single', weighs: '4.1 kg', 'you pay': '$6,200' },
      { 'the wheel': 'Mitla', wood: 'cedar', drive: 'single', weighs: '3.9 kg', 'you pay': '$5,900' },
      { 'the wheel': 'Mitla', wood: 'walnut', drive: 'double', weighs: '4.8 kg', 'you pay': '$8,100' },
      { 'the wheel': 'Example wheel', wood: 'wood', drive: '', weighs: '', 'you pay': '$0' },
    ]),
    currency: 'MXN',
    columns: 'title option option weight price',
    want: `Teotitlán | mesquite / single | 680000 | ∞
Teotitlán | mesquite / double | 740000 | ∞
Teotitlán | cedar / single | 620000 | ∞
Mitla | cedar / single | 590000 | ∞
Mitla | walnut / double | 810000 | ∞`,
    leftOut: 1,
  },
  {
    drawn: '291605/4 ladders for libraries, a ferry island',
    file: 'ladders.json',
    brief: 'Library ladders, built on a ferry island near Vancouver, Canada.',
    text: JSON.stringify({
      ladders: made(11, (i) => ({
        name: pick(['Gabriola', 'Mayne', 'Saturna', 'Galiano'], Math.floor(i / 3)),
        height: pick(['7 ft', '8 ft', '9 ft'], i),
        wood: pick(['maple', 'fir', 'maple', 'walnut'], i),
        price: i === 4 || i === 9 ? null : 780 + Math.floor(i / 3) * 120 + (i % 3) * 60,
        stock: pick(['one', 'none', 'made to order', '2'], i),
        'price (old)': null,
      })),
    }),
    currency: 'CAD',
    columns: 'title option option price stock',
    want: made(
      11,
      (i) =>
        `${pick(['Gabriola', 'Mayne', 'Saturna', 'Galiano'], Math.floor(i / 3))} | ${pick(['7 ft', '8 ft', '9 ft'], i)} / ${pick(['maple', 'fir', 'maple', 'walnut'], i)} | ${i === 4 || i === 9 ? '?' : (780 + Math.floor(i / 3) * 120 + (i % 3) * 60) * 100} | ${pick([1, 0, '∞', 2], i)}`,
    ).join('\n'),
  },
  {
    drawn: '291605/6 bell ropes, Halifax',
    file: 'ropes.jsonl',
    brief: 'Bell ropes for ships and churches, laid in Halifax, Nova Scotia.',
    text: jsonLines([
      { itm: 'Ship’s bell rope', lgth: '30 cm', cde: 'BR 1 S', prc: 'C$24.00' },
      { itm: '', lgth: '45 cm', cde: 'BR 1 L', prc: 'C$31.00' },
      { itm: 'SAMPLE ITEM', lgth: '', cde: '', prc: 'C$0.00' },
    ]),
    currency: 'CAD',
    columns: 'title option sku price',
    want: `Ship’s bell rope | 30 cm | 2400 | ∞
Ship’s bell rope | 45 cm | 3100 | ∞`,
    leftOut: 1,
  },
  {
    drawn: '291605/7 sand toys, Colombo',
    file: 'sand.xlsx',
    brief: 'Sand toys pressed from coconut shell in Colombo, Sri Lanka.',
    sheets: [
      {
        name: 'Moulds',
        rows: [
          ['Washed up', 'Shelf', 'What to pick', 'Which', 'Was', 'Is'],
          ['Turtle mould', 'Beach > Moulds', 'Size', 'small', 950, 790],
          ['Turtle mould', 'Beach > Moulds', 'Size', 'large', 1450, 1190],
        ],
      },
      {
        name: 'Rakes',
        rows: [
          ['Washed up', 'Shelf', 'What to pick', 'Which', 'Was', 'Is'],
          ['Zen rake', 'Beach > Rakes', 'Teeth', 'five', '', 680],
        ],
      },
    ],
    currency: 'LKR',
    columns: 'title category optionName optionValue earlierPrice price',
    want: `Turtle mould | small | 79000 | ∞
Turtle mould | large | 119000 | ∞
Zen rake | five | 68000 | ∞`,
  },
  {
    drawn: '291605/8 willow cuttings, Beirut',
    file: 'willow.tsv',
    brief: 'Willow cuttings, grown above Beirut, Lebanon, sold in dollars.',
    text: `Vrty\tCtgy\tLgth\tPrc\tNts\n${made(120, (i) => {
      const n = Math.floor(i / 3);
      return `${i % 3 ? '' : `${pick(slip, n)} ${1 + Math.floor(n / 6)}`}\tLiving > ${pick(['Baskets', 'Hedges'], Math.floor(n / 6))}\t${pick(['20 cm', '30 cm', '180 cm'], i)}\t${(1.5 + n * 0.1 + (i % 3) * 0.75).toFixed(2)}\t${i === 31 ? '"for the patient' : pick(['cut in January', 'rooted'], n)}`;
    }).join('\n')}\n`,
    currency: 'USD',
    columns: 'title category option price particular/description',
    want: made(120, (i) => {
      const n = Math.floor(i / 3);
      return `${pick(slip, n)} ${1 + Math.floor(n / 6)} | ${pick(['20 cm', '30 cm', '180 cm'], i)} | ${Math.round((1.5 + n * 0.1 + (i % 3) * 0.75) * 100)} | ∞`;
    }).join('\n'),
  },
  {
    drawn: '291605/9 door mats, Naples',
    file: 'mats.xlsx',
    brief: 'Door mats woven in Naples, Italy. Euro.',
    sheets: [
      {
        name: 'Coir',
        rows: [
          ['What lies there', 'In our words', 'It costs'],
          ['Vomero mat, small', '<p>Sits <b>flat</b>.</p>', 'from €24'],
          ['Vomero mat, large', '<p>Sits <b>flat</b>.</p>', '€39'],
        ],
      },
      {
        name: 'Rope',
        rows: [
          ['What lies there', 'In our words', 'It costs'],
          ['Porto mat, large', '<p>Old <i>mooring</i> rope.</p>', '€58–72'],
        ],
      },
    ],
    currency: 'EUR',
    columns: 'title description price',
    want: `Vomero mat | small | ? | ∞
Vomero mat | large | 3900 | ∞
Porto mat | large | ? | ∞`,
  },
  {
    drawn: '291605/10 doll’s house wallpaper, Montevideo',
    file: 'papel.csv',
    encoding: 'windows-1252',
    brief: 'Doll’s house wallpaper, printed in Montevideo, Uruguay.',
    text: `The paper,For which house,What it takes from you
Damasco chico – granate,1:12,180
Damasco chico – granate,1:24,140
Damasco chico – añil,1:12,180
Jardín de la abuela – añil,1:12,210
Jardín de la abuela – marfil,1:12,210
Ñandú – marfil,1:12,195
`,
    currency: 'UYU',
    columns: 'title option price',
    want: `Damasco chico | granate / 1:12 | 18000 | ∞
Damasco chico | granate / 1:24 | 14000 | ∞
Damasco chico | añil / 1:12 | 18000 | ∞
Jardín de la abuela | añil / 1:12 | 21000 | ∞
Jardín de la abuela | marfil / 1:12 | 21000 | ∞
Ñandú | marfil / 1:12 | 19500 | ∞`,
  },
  {
    drawn: '291605/11 cast-iron pans, Antwerp',
    file: 'pannen.jsonl',
    brief: 'Gietijzer, opnieuw ingebrand in Antwerpen, België.',
    text: jsonLines(
      made(120, (i) => ({
        art: `${pick(found, i)} nr. ${i + 1}`,
        cat: `Keuken > ${pick(['Bakken', 'Stoven'], i)}`,
        prs:
          i % 15 === 3 ? `vanaf ${45 + (i % 40)}` : i % 15 === 9 ? `${45 + (i % 40)} - ${60 + (i % 40)}` : `${45 + (i % 40)},50`,
        omschr: pick(['Gevonden in een schuur.', 'Van een bakker.', 'Zonder deksel.'], i),
      })),
    ),
    currency: 'EUR',
    columns: 'title category price description',
    want: made(
      120,
      (i) => `${pick(found, i)} nr. ${i + 1} | | ${i % 15 === 3 || i % 15 === 9 ? '?' : (45 + (i % 40)) * 100 + 50} | ∞`,
    ).join('\n'),
  },
];
