import { fixedWidth, made, savedPage, type ListCase } from './case';

const hands = ['spade', 'breguet', 'baton'];
const reach = ['80 mm', '110 mm', '140 mm'];

/** Written on 27 November 2026, before the reader was run on any of these; then it was mended with them. */
export const batch4: ListCase[] = [
  {
    drawn: '7702/1 sponges, Bangalore',
    file: 'sponges.html',
    text: savedPage('Sea sponges', [
      ...made(9, (i) => ({
        '@type': 'ProductGroup',
        name: `Honeycomb ${['bath', 'face', 'baby'][i % 3]} ${Math.floor(i / 3) + 1}`,
        productGroupID: `H${i}`,
        variesBy: 'Size',
        description: 'Cut by hand.\nNot bleached, "golden" by nature.',
        hasVariant: made(2, (n) => ({
          '@type': 'Product',
          name: 'Honeycomb',
          sku: `H${i}-${n}`,
          additionalProperty: [
            { '@type': 'PropertyValue', name: 'Size', value: ['small', 'large'][n] },
            { '@type': 'PropertyValue', name: 'Sea', value: 'Aegean' },
            { '@type': 'PropertyValue', name: 'Pores', value: ['fine', 'open'][i % 2] },
            { '@type': 'PropertyValue', name: 'Depth, m', value: 12 + i },
          ],
          offers: { '@type': 'Offer', price: 450 + i * 20 + n * 300, priceCurrency: 'INR' },
        })),
      })),
    ]),
    currency: 'INR',
    columns: 'title description group sku option particular particular particular price currency',
    want: made(9, (i) =>
      made(
        2,
        (n) =>
          `Honeycomb ${['bath', 'face', 'baby'][i % 3]} ${Math.floor(i / 3) + 1} | ${['small', 'large'][n]} | ${(450 + i * 20 + n * 300) * 100} | ∞`,
      ).join('\n'),
    ).join('\n'),
  },
  {
    drawn: '7702/2 flags and bunting, Oaxaca',
    file: 'banderas.csv',
    brief: 'Papel Volador corta papel picado y banderas en Oaxaca. Precios en pesos mexicanos.',
    text: `Artículo,Precio,Peso,Existencias
"Papel picado – 5 m",$85.00,120 g,40
"Papel picado – 10 m",$150.00,240 g,22
"Bandera de tela",$320.00,0.4 kg,6
`,
    currency: 'MXN',
    columns: 'title price weight stock',
    want: `Papel picado | 5 m | 8500 | 40
Papel picado | 10 m | 15000 | 22
Bandera de tela | | 32000 | 6`,
  },
  {
    drawn: '7702/3 dulcimers, Dunedin',
    file: 'dulcimers.csv',
    brief: 'Otago Dulcimers, Dunedin. New Zealand dollars.',
    text: `Instrument,Attribute,Choice,Price,Notes
Rimu dulcimer,Strings,three,$620,"Walnut bridge
Rimu dulcimer,Strings,four,$680,
Kauri dulcimer,Strings,four,US$740,"played at a wedding"
`,
    currency: 'NZD',
    columns: 'title optionName optionValue price description',
    want: `Rimu dulcimer | three | 62000 | ∞
Rimu dulcimer | four | 68000 | ∞
Kauri dulcimer | four | ? | ∞`,
  },
  {
    drawn: '7702/4 magnets for whiteboards, Rotterdam',
    file: 'magneten.txt',
    text: `${made(33, (i) => `Magneet ${['rond', 'vierkant', 'staaf'][Math.floor(i / 11)]}|${['rood', 'blauw', 'geel', 'wit', 'zwart', 'groen', 'grijs', 'oranje', 'roze', 'paars', 'bruin'][i % 11]}|${['klein', 'groot'][i % 2]}|€ ${2 + (i % 4)},50|${['op voorraad', 'uitverkocht', '12'][i % 3]}`).join('\n')}
Testproduct|rood|klein|€ 1,00|99
Voorbeeld|blauw|groot|€ 1,00|99
`,
    currency: 'EUR',
    columns: 'title option option price stock',
    want: made(
      33,
      (i) =>
        `Magneet ${['rond', 'vierkant', 'staaf'][Math.floor(i / 11)]} | ${['rood', 'blauw', 'geel', 'wit', 'zwart', 'groen', 'grijs', 'oranje', 'roze', 'paars', 'bruin'][i % 11]} / ${['klein', 'groot'][i % 2]} | ${200 + (i % 4) * 100 + 50} | ${['∞', '0', '12'][i % 3]}`,
    ).join('\n'),
    leftOut: 2,
  },
  {
    drawn: '7702/5 curling brooms, Rostock',
    file: 'besen.txt',
    text: fixedWidth(
      [20, 18, 12, 12, 12],
      [
        ['Besen', 'Länge', 'Preis', 'Preis', 'Angebot'],
        ['Rosshaar', '115 cm, 122 cm', '89,00 €', 'inkl. MwSt', '79,00 €'],
        ['Synthetik', '115 cm', '', 'inkl. MwSt', ''],
        ['Ersatzkopf', '', '24,50 €', 'inkl. MwSt', ''],
      ],
    ),
    currency: 'EUR',
    columns: 'title option earlierPrice particular price',
    want: `Rosshaar | 115 cm | 7900 | ∞
Rosshaar | 122 cm | 7900 | ∞
Synthetik | 115 cm | ? | ∞
Ersatzkopf | | 2450 | ∞`,
  },
  {
    drawn: '7702/6 clock hands, Sapporo',
    file: 'hari.html',
    encoding: 'shift_jis',
    text: `<html><head><meta charset="Shift_JIS"></head><body><table><tr><th>品名</th><th>色</th><th>長さ</th><th>価格</th><th>重さ</th></tr>${made(
      33,
      (i) =>
        `<tr><td>時計の針 ${hands[i % 3]}</td><td>${['黒', '金', '青'][Math.floor(i / 3) % 3]}</td><td>${reach[Math.floor(i / 9) % 3]}</td><td>¥${1200 + i * 10}</td><td>${12 + (i % 4)} g</td></tr>`,
    )
      .slice(0, 27)
      .join('')}</table></body></html>`,
    currency: 'JPY',
    columns: 'title option option price weight',
    want: made(
      27,
      (i) =>
        `時計の針 ${hands[i % 3]} | ${['黒', '金', '青'][Math.floor(i / 3) % 3]} / ${reach[Math.floor(i / 9) % 3]} | ${1200 + i * 10} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '7702/7 bread proving baskets, Yerevan',
    file: 'baskets.xlsx',
    brief: 'Ttkhmor makes proving baskets in Yerevan. Prices in Armenian dram.',
    sheets: [
      {
        name: 'List',
        rows: [
          ['TTKHMOR', '', '', ''],
          ['prices for the spring', '', '', ''],
          ['Basket', 'Diameter (cm)', 'Price (AMD)', 'On the shelf'],
          ...made(11, (i): (string | number)[][] => [
            [`<b>Willow</b> no. ${i + 1}`, 18, 4500 + i * 100, 'a few'],
            ['', 22, 5600 + i * 100, 'plenty'],
            ['', 26, 6900 + i * 100, 'sold out'],
          ]).flat(),
          ['Total', '', 190000, ''],
        ],
      },
    ],
    currency: 'AMD',
    columns: 'title option price stock',
    want: made(11, (i) =>
      [
        `Willow no. ${i + 1} | 18 | ${(4500 + i * 100) * 100} | ?`,
        `Willow no. ${i + 1} | 22 | ${(5600 + i * 100) * 100} | ∞`,
        `Willow no. ${i + 1} | 26 | ${(6900 + i * 100) * 100} | 0`,
      ].join('\n'),
    ).join('\n'),
  },
  {
    drawn: '7702/8 nativity figures, Kraków',
    file: 'szopka.txt',
    brief: 'Szopka Krakowska. Figures carved in lime wood. Prices in złoty.',
    text: `Name\tPrice\tStock\tHeight\tWood\tCarver\tScene\tPaint\tBase\tDescription
${made(
  118,
  (i) =>
    `${['Shepherd', 'King', 'Angel', 'Ox', 'Donkey', 'Sheep'][i % 6]} ${String.fromCharCode(65 + Math.floor(i / 12))}\t${80 + (i % 9) * 5},00 zł\t${i % 5}\t${['9 cm', '12 cm'][Math.floor(i / 6) % 2]}\tlime\t${['Jan', 'Ewa'][Math.floor(i / 12) % 2]}\t${1 + Math.floor(i / 12)}\tegg tempera\tyes\t"Carved in one piece.
Called ""the quiet one"" here."`,
).join('\n')}
`,
    currency: 'PLN',
    columns: 'title price stock option particular particular particular particular particular description',
    want: made(
      118,
      (i) =>
        `${['Shepherd', 'King', 'Angel', 'Ox', 'Donkey', 'Sheep'][i % 6]} ${String.fromCharCode(65 + Math.floor(i / 12))} | ${['9 cm', '12 cm'][Math.floor(i / 6) % 2]} | ${(80 + (i % 9) * 5) * 100} | ${i % 5}`,
    ).join('\n'),
  },
];
