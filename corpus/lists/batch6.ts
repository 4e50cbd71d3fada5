import { fixedWidth, made, type ListCase } from './case';

const jsonLines = (rows: readonly object[]): string => rows.map((row) => JSON.stringify(row)).join('\n');
const letter = (i: number): string => String.fromCharCode(65 + (i % 26));

/** Written on 27 November 2026 in more of the forms of the frozen lists, before the reader was run on any; then it was mended with them. */
export const batch6: ListCase[] = [
  {
    drawn: 'form: tabs, no headings, weights, some prices missing',
    file: 'charts.txt',
    text: made(
      40,
      (i) =>
        `Chart of ${letter(Math.floor(i / 2))}\t${['folded', 'rolled'][i % 2]}\t${i % 13 === 6 ? '' : `£${14 + (i % 8)}.00`}\t${40 + (i % 2) * 60} g\t${i % 4}`,
    ).join('\n'),
    currency: 'GBP',
    columns: 'title option price weight stock',
    want: made(
      40,
      (i) =>
        `Chart of ${letter(Math.floor(i / 2))} | ${['folded', 'rolled'][i % 2]} | ${i % 13 === 6 ? '?' : (14 + (i % 8)) * 100} | ${i % 4}`,
    ).join('\n'),
  },
  {
    drawn: 'form: fixed width, headings in Hungarian, old encoding',
    file: 'csengok.txt',
    encoding: 'windows-1250',
    text: fixedWidth(
      [18, 12, 12, 14, 10, 16],
      [
        ['Megnevezés', 'Szín', 'Méret', 'Ár', 'Készlet', 'Vonalkód'],
        ...made(24, (i) => [
          `Csengő ${letter(Math.floor(i / 6))}`,
          ['piros', 'kék', 'fekete'][i % 3] ?? '',
          ['kicsi', 'nagy'][Math.floor(i / 3) % 2] ?? '',
          `${8 + (i % 10)} 900 Ft`,
          `${i % 5}`,
          '',
        ]),
      ],
    ),
    currency: 'HUF',
    columns: 'title option option price stock ignored',
    want: made(
      24,
      (i) =>
        `Csengő ${letter(Math.floor(i / 6))} | ${['piros', 'kék', 'fekete'][i % 3]} / ${['kicsi', 'nagy'][Math.floor(i / 3) % 2]} | ${((8 + (i % 10)) * 1000 + 900) * 100} | ${i % 5}`,
    ).join('\n'),
  },
  {
    drawn: 'form: semicolons, headings in a language that nothing knows',
    file: 'siapo.csv',
    brief: 'Siapo Press, Apia, Samoa. Prices in tala.',
    text: `Pepa;Vaega;Lapoʻa;Tau;Code;Fibre;Edge
${made(24, (i) => `Siapo ${letter(Math.floor(i / 2))};S${Math.floor(i / 2)};${['A4', 'A3'][i % 2]};${4 + (i % 9)},50;SP ${200 + i};mulberry;${['two', 'four'][Math.floor(i / 2) % 2]}`).join('\n')}
`,
    currency: 'WST',
    columns: 'title group option price sku particular particular',
    want: made(24, (i) => `Siapo ${letter(Math.floor(i / 2))} | ${['A4', 'A3'][i % 2]} | ${(4 + (i % 9)) * 100 + 50} | ∞`).join(
      '\n',
    ),
  },
  {
    drawn: 'form: a feed with groups, some prices missing',
    file: 'vinegar.xml',
    text: `<?xml version="1.0" encoding="UTF-8"?><rss version="2.0"><channel><title>V</title>${made(36, (i) => `<item><title>Vinegar of ${['rice', 'plum', 'fig'][Math.floor(i / 3) % 3]} ${Math.floor(i / 9) + 1}</title><group>G${Math.floor(i / 3)}</group><size>${['100 ml', '250 ml', '500 ml'][i % 3]}</size><price>${i % 11 === 5 ? '' : `¥${900 + i * 10}`}</price><currency>JPY</currency></item>`).join('')}</channel></rss>`,
    currency: 'JPY',
    columns: 'title group option price currency',
    want: made(
      36,
      (i) =>
        `Vinegar of ${['rice', 'plum', 'fig'][Math.floor(i / 3) % 3]} ${Math.floor(i / 9) + 1} | ${['100 ml', '250 ml', '500 ml'][i % 3]} | ${i % 11 === 5 ? '?' : 900 + i * 10} | ∞`,
    ).join('\n'),
  },
  {
    drawn: 'form: JSON Lines, abbreviated, nothing to choose, placeholders',
    file: 'stones.jsonl',
    text: jsonLines([
      ...made(30, (i) => ({
        nm: `Doorstone no. ${i + 1}`,
        dsc: 'Split, not sawn, from the upper bench.',
        pr: `C$${60 + (i % 30)}.00`,
        qty: i % 3,
      })),
      { nm: 'Test item', dsc: 'x', pr: 'C$1.00', qty: 1 },
    ]),
    currency: 'CAD',
    columns: 'title description price stock',
    want: made(30, (i) => `Doorstone no. ${i + 1} | | ${(60 + (i % 30)) * 100} | ${i % 3}`).join('\n'),
    leftOut: 1,
  },
  {
    drawn: 'form: JSON, units in the headings, Portuguese',
    file: 'xales.json',
    text: JSON.stringify(
      made(20, (i) => ({
        Xale: `Xale ${letter(i)}`,
        'Largura (cm)': 42 + (i % 5),
        'Preço (R$)': `${89 + i},90`,
        Código: `XL ${10 + i}`,
        'Fala-se dele': 'Diz-se "a casa nos ombros"',
      })),
    ),
    currency: 'BRL',
    columns: 'title particular price sku description',
    want: made(20, (i) => `Xale ${letter(i)} | | ${(89 + i) * 100 + 90} | ∞`).join('\n'),
  },
  {
    drawn: 'form: pipes, Dutch, a group code, six columns of the trade',
    file: 'pannen.psv',
    text: `Dakpan|Groep|Maat|Prijs|Dikte|Herkomst|Jaar|Slijtage|Per m²|Omschrijving
${made(18, (i) => `Dakpan ${letter(Math.floor(i / 3))}|D${Math.floor(i / 3)}|${['20 × 30 cm', '25 × 35 cm', '30 × 40 cm'][i % 3]}|€ ${2 + i},40|2 cm|Boom|19${10 + Math.floor(i / 3)}|licht|${[22, 15, 11][i % 3]}|<ul><li>vorstvrij</li></ul>`).join('\n')}
`,
    currency: 'EUR',
    columns: 'title group option price particular particular particular particular particular description',
    want: made(
      18,
      (i) =>
        `Dakpan ${letter(Math.floor(i / 3))} | ${['20 × 30 cm', '25 × 35 cm', '30 × 40 cm'][i % 3]} | ${(2 + i) * 100 + 40} | ∞`,
    ).join('\n'),
  },
  {
    drawn: 'form: JSON Lines, abbreviated, stock in words, a foreign price',
    file: 'etchings.jsonl',
    brief: 'Night Press prints etchings in Hobart, Tasmania. Australian dollars.',
    text: jsonLines(
      made(18, (i) => ({
        nm: `${['Harbour', 'Ridge', 'Mill'][Math.floor(i / 6)]} at night`,
        ppr: ['laid', 'wove', 'rag'][i % 3],
        pr: i === 4 ? '€38' : `A$${28 + i}`,
        qty: ['plenty', 'sold out', 'a couple', '6'][i % 4],
        sz: ['folio', 'quarto'][Math.floor(i / 3) % 2],
      })),
    ),
    currency: 'AUD',
    columns: 'title option price stock option',
    want: made(
      18,
      (i) =>
        `${['Harbour', 'Ridge', 'Mill'][Math.floor(i / 6)]} at night | ${['laid', 'wove', 'rag'][i % 3]} / ${['folio', 'quarto'][Math.floor(i / 3) % 2]} | ${i === 4 ? '?' : (28 + i) * 100} | ${['∞', '0', '?', '6'][i % 4]}`,
    ).join('\n'),
  },
  {
    drawn: 'form: pipes, own words, sizes in a cell, from-prices in a money of three decimals',
    file: 'urns.psv',
    encoding: 'windows-1252',
    brief: 'Copper & Steam, Manama. Prices in Bahraini dinars.',
    text: `The urn|How much it holds|What we ask|Where it was made
${made(20, (i) => `Urn ${letter(i)}|3 l, 5 l|${i % 9 === 4 ? 'from 85.000' : i % 9 === 7 ? '85.000–120.000' : `${80 + i}.500`}|${['Muscat', 'Basra', 'Café Zürich'][i % 3]}`).join('\n')}
`,
    currency: 'BHD',
    columns: 'title option price particular',
    want: made(20, (i) =>
      ['3 l', '5 l']
        .map((size) => `Urn ${letter(i)} | ${size} | ${i % 9 === 4 || i % 9 === 7 ? '?' : (80 + i) * 1000 + 500} | ∞`)
        .join('\n'),
    ).join('\n'),
  },
  {
    drawn: 'form: two sheets, French, numbers without a sign',
    file: 'poteries.ods',
    brief: 'Poteries de Thiès. Les prix sont en francs CFA.',
    sheets: ['Jarres', 'Plats'].map((name, s) => ({
      name,
      rows: [
        ['Modèle', 'Diamètre', 'Prix', 'Référence', 'Description'],
        ...made(4, (i): (string | number)[] => [
          i % 2 ? '' : `${name} ${letter(i)}`,
          ['20 cm', '30 cm'][i % 2] ?? '',
          8000 + s * 1000 + i * 500,
          `${letter(s)} ${20 + i}`,
          i ? '' : '<p>Cuit au <b>bois</b>.</p>',
        ]),
      ],
    })),
    currency: 'XOF',
    columns: 'title option price sku description',
    want: ['Jarres', 'Plats']
      .flatMap((name, s) =>
        made(4, (i) => `${name} ${letter(i - (i % 2))} | ${['20 cm', '30 cm'][i % 2]} | ${8000 + s * 1000 + i * 500} | ∞`),
      )
      .join('\n'),
  },
];
