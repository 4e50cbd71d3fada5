import { fixedWidth, made, product, savedPage, type ListCase } from './case';

const jsonLines = (rows: readonly object[]): string => rows.map((row) => JSON.stringify(row)).join('\n');
const letter = (i: number): string => String.fromCharCode(65 + (i % 26));

/**
 * Written on 27 November 2026 in the forms that the frozen lists are read worst in, as far as their totals tell, and before the reader was
 * run on any of these; then it was mended with them.
 */
export const batch5: ListCase[] = [
  {
    drawn: 'weak form: abbreviated headings, French, title only in the first row, long',
    file: 'lampes.psv',
    brief: 'Lampes de mineur restaurées à Lille. Prix en euros.',
    text: `Dsg|Etat|Px|Dispo
${made(300, (i) => `${i % 2 ? '' : `Lampe ${Math.floor(i / 2) + 1}`}|${['A', 'B'][i % 2]}|${i % 40 === 9 ? 'à partir de 80' : 60 + (i % 20) * 5}|${i % 5}`).join('\n')}
`,
    currency: 'EUR',
    columns: 'title option price stock',
    want: made(
      300,
      (i) =>
        `Lampe ${Math.floor(i / 2) + 1} | ${['A', 'B'][i % 2]} | ${i % 40 === 9 ? '?' : (60 + (i % 20) * 5) * 100} | ${i % 5}`,
    ).join('\n'),
  },
  {
    drawn: 'weak form: abbreviated headings, sizes in a cell, stock in words',
    file: 'duvets.psv',
    brief: 'Down & Feather, Leeds. Prices in pounds.',
    text: `Nm|Sz|Ctg|Prc|Stk
${made(40, (i) => `Duvet ${i + 1}|single, double, king|Bed > ${['Summer', 'Winter'][i % 2]}|£${80 + i}.00|${['in stock', 'sold out', 'made to order'][i % 3]}`).join('\n')}
`,
    currency: 'GBP',
    columns: 'title option category price stock',
    want: made(40, (i) =>
      ['single', 'double', 'king']
        .map((size) => `Duvet ${i + 1} | ${size} | ${(80 + i) * 100} | ${['∞', '0', '∞'][i % 3]}`)
        .join('\n'),
    ).join('\n'),
  },
  {
    drawn: 'weak form: typed lines with a weight',
    file: 'parts.txt',
    text: made(
      60,
      (i) => `${['Clasp', 'Hinge', 'Corner'][i % 3]} no. ${Math.floor(i / 3) + 1}, ${5 + (i % 4) * 5} g - £${2 + (i % 7)}.20`,
    ).join('\n'),
    currency: 'GBP',
    columns: 'title weight price',
    want: made(
      60,
      (i) => `${['Clasp', 'Hinge', 'Corner'][i % 3]} no. ${Math.floor(i / 3) + 1} | | ${(2 + (i % 7)) * 100 + 20} | ∞`,
    ).join('\n'),
  },
  {
    drawn: 'weak form: JSON of rows without headings, a name and a value',
    file: 'saddles.json',
    text: JSON.stringify(
      made(12, (i) => [
        `Saddlebag ${letter(Math.floor(i / 2))}`,
        'Side',
        ['left', 'right'][i % 2],
        `${90 + i}.00 €`,
        'Waxed, "dry inside"',
      ]),
    ),
    currency: 'EUR',
    columns: 'title optionName optionValue price description',
    want: made(12, (i) => `Saddlebag ${letter(Math.floor(i / 2))} | ${['left', 'right'][i % 2]} | ${(90 + i) * 100} | ∞`).join(
      '\n',
    ),
  },
  {
    drawn: 'weak form: JSON of rows without headings, a sale price in a further column',
    file: 'tea.json',
    brief: 'Cloud Terrace sells tea in Portland. US dollars.',
    text: JSON.stringify(
      made(12, (i) => [
        `Tea of ${['Uji', 'Alishan'][Math.floor(i / 6)]}`,
        ['green', 'black', 'white'][Math.floor(i / 2) % 3],
        ['50 g', '100 g'][i % 2],
        `$${9 + i}.00`,
        i % 3 === 1 ? `$${7 + i}.00` : '',
      ]),
    ),
    currency: 'USD',
    columns: 'title option option price particular',
    want: made(
      12,
      (i) =>
        `Tea of ${['Uji', 'Alishan'][Math.floor(i / 6)]} | ${['green', 'black', 'white'][Math.floor(i / 2) % 3]} / ${['50 g', '100 g'][i % 2]} | ? | ∞`,
    ).join('\n'),
  },
  {
    drawn: 'weak form: JSON Lines, abbreviated headings in Spanish',
    file: 'hamacas.jsonl',
    brief: 'Hamacas Izamal, Mérida, México. Los precios son en pesos mexicanos.',
    text: jsonLines(
      made(40, (i) => ({
        nmb: `Hamaca ${letter(Math.floor(i / 2))}`,
        anch: ['120 cm', '160 cm'][i % 2],
        prc: 900 + i * 20,
        cat: `Hamacas > ${['Algodón', 'Nylon'][Math.floor(i / 2) % 2]}`,
        brzs: 4,
        hilo: 'fino',
      })),
    ),
    currency: 'MXN',
    columns: 'title option price category particular particular',
    want: made(
      40,
      (i) => `Hamaca ${letter(Math.floor(i / 2))} | ${['120 cm', '160 cm'][i % 2]} | ${(900 + i * 20) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: 'weak form: a saved page whose titles have tails',
    file: 'ocarinas.html',
    text: savedPage(
      'Ocarinas',
      made(20, (i) =>
        product(
          `${['Pendant ocarina', 'Long ocarina', 'Double ocarina', 'Clay goose'][i % 4]} – ${['C', 'F', 'G', 'B flat', 'D'][Math.floor(i / 4)]}`,
          30 + i,
          'EUR',
          {
            description: '<p>Tuned <em>by ear</em>.</p>',
            sku: `OC${i + 10}`,
            additionalProperty: ['Clay', 'Glaze', 'Holes'].map((name, n) => ({
              '@type': 'PropertyValue',
              name,
              value: ['red', 'ash', '6'][n],
            })),
          },
        ),
      ),
    ),
    currency: 'EUR',
    columns: 'title description sku particular particular particular price currency',
    want: made(
      20,
      (i) =>
        `${['Pendant ocarina', 'Long ocarina', 'Double ocarina', 'Clay goose'][i % 4]} | ${['C', 'F', 'G', 'B flat', 'D'][Math.floor(i / 4)]} | ${(30 + i) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: 'weak form: two sheets, own words, thousands parted by spaces',
    file: 'zithers.xlsx',
    brief: 'Citery Olomouc. Prices in Czech crowns.',
    sheets: ['Chord', 'Concert'].map((name, s) => ({
      name,
      rows: [
        ['What you play', 'Its colour', 'Its size', 'What it takes', 'Our number'],
        ...made(12, (i): (string | number)[] => [
          `${name} zither ${letter(Math.floor(i / 4))}`,
          ['honey', 'dark'][i % 2] ?? '',
          ['table', 'lap'][Math.floor(i / 2) % 2] ?? '',
          i === 9 ? 'od 20 000 Kč' : `${18 + s * 10 + i} 500 Kč`,
          `Z ${s}${100 + i}`,
        ]),
      ],
    })),
    currency: 'CZK',
    columns: 'title option option price sku',
    want: ['Chord', 'Concert']
      .flatMap((name, s) =>
        made(
          12,
          (i) =>
            `${name} zither ${letter(Math.floor(i / 4))} | ${['honey', 'dark'][i % 2]} / ${['table', 'lap'][Math.floor(i / 2) % 2]} | ${i === 9 ? '?' : ((18 + s * 10 + i) * 1000 + 500) * 100} | ∞`,
        ),
      )
      .join('\n'),
  },
  {
    drawn: 'weak form: a joke for a heading, title in the first row, JSON',
    file: 'lenses.json',
    text: JSON.stringify(
      made(12, (i) => ({
        'what grandpa squints through': i % 3 === 0 ? `Loupe ${letter(i / 3)}` : '',
        magnifies: ['5×', '8×', '10×'][i % 3],
        'the damage': `£ ${24 + i}`,
        code: `LO ${100 + i}`,
      })),
    ),
    currency: 'GBP',
    columns: 'title option price sku',
    want: made(12, (i) => `Loupe ${letter(Math.floor(i / 3))} | ${['5×', '8×', '10×'][i % 3]} | ${(24 + i) * 100} | ∞`).join(
      '\n',
    ),
  },
  {
    drawn: 'weak form: tails behind a dash in a long tabbed list with a joke for a heading',
    file: 'monederos.txt',
    brief: 'Monederos en Puebla. Los precios son en pesos mexicanos.',
    text: `Para lo poco que queda\tCuesta\tHay\tPiel\tHilo\tBroche
${made(600, (i) => `Monedero ${Math.floor(i / 2) + 1} – ${['negro', 'café'][i % 2]}\t$${180 + (i % 60) * 5}.00\t${i % 9}\tvaca\tlino\t${['no', 'latón'][Math.floor(i / 2) % 2]}`).join('\n')}
Producto de prueba – negro\t$1.00\t1\tvaca\tlino\tno
`,
    currency: 'MXN',
    columns: 'title price stock particular particular particular',
    want: made(
      600,
      (i) => `Monedero ${Math.floor(i / 2) + 1} | ${['negro', 'café'][i % 2]} | ${(180 + (i % 60) * 5) * 100} | ${i % 9}`,
    ).join('\n'),
    leftOut: 1,
  },
  {
    drawn: 'weak form: typed under headings with commas, two options',
    file: 'skins.txt',
    text: `Skin, Animal, Width, Price
${made(24, (i) => `Skin ${letter(Math.floor(i / 6))}, ${['calf', 'goat', 'deer'][i % 3]}, ${['11 in', '12 in'][Math.floor(i / 3) % 2]}, ${i === 5 ? 'from €30' : i === 11 ? '€30-45' : `€${26 + i}`}`).join('\n')}
`,
    currency: 'EUR',
    columns: 'title option option price',
    want: made(
      24,
      (i) =>
        `Skin ${letter(Math.floor(i / 6))} | ${['calf', 'goat', 'deer'][i % 3]} / ${['11 in', '12 in'][Math.floor(i / 3) % 2]} | ${i === 5 || i === 11 ? '?' : (26 + i) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: 'weak form: fixed width, abbreviated, German, old encoding',
    file: 'filz.txt',
    encoding: 'windows-1252',
    text: fixedWidth(
      [18, 8, 12, 12, 24],
      [
        ['Bez', 'Grp', 'Frb', 'Pr', 'Txt'],
        ['Filz dünn', 'FD', 'natur', '14,90 €', 'gewalkt'],
        ['Filz dünn', 'FD', 'weiß', '14,90 €', ''],
        ['Filz dick', 'FK', 'natur', '22,50 €', 'für Sohlen'],
        ['Filz dick', 'FK', 'grau', '22,50 €', ''],
        ['Loden', 'LO', 'grün', '39,00 €', ''],
        ['Loden', 'LO', 'braun', '39,00 €', 'sehr dicht'],
      ],
    ),
    currency: 'EUR',
    columns: 'title group option price description',
    want: `Filz dünn | natur | 1490 | ∞
Filz dünn | weiß | 1490 | ∞
Filz dick | natur | 2250 | ∞
Filz dick | grau | 2250 | ∞
Loden | grün | 3900 | ∞
Loden | braun | 3900 | ∞`,
  },
];
