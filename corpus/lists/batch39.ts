import { feed, fixedWidth, gtin, jsonLines, made, pick, type ListCase } from './case';

const dial = ['Mtatsminda', 'Narikala', 'Vake', 'Sololaki', 'Avlabari'] as const;
const sandal = ['Wawel', 'Kazimierz', 'Podgórze', 'Salwator', 'Zwierzyniec', 'Dębniki', 'Łobzów'] as const;
const pepper = [
  'Kampot',
  'Lampong',
  'Malabar',
  'Muntok',
  'Penja',
  'Sarawak',
  'Timut',
  'Voatsiperifery',
  'Batak',
  'Cubeb',
] as const;
const figure = ['Basilisco', 'Cierzo', 'Almogávar', 'Adoquín', 'Chilindrón', 'Ebro'] as const;
const jar = ['Latão', 'Madrepérola', 'Corozo', 'Chifre', 'Baquelite', 'Vidro', 'Coco', 'Estanho'] as const;
const mask = ['Toome', 'Emajõgi', 'Karlova', 'Supilinn', 'Tähtvere', 'Annelinn'] as const;
const frame = ['Odum', 'Mahogany', 'Sapele', 'Wawa', 'Dahoma', 'Ofram', 'Kusia', 'Emire'] as const;

/** Drawn (304011, 304012, 304013; those without a list left out) and written on 30 November 2026, before the reader was run on any. */
export const batch39: ListCase[] = [
  {
    drawn: '304011/1 pocket sundials, Tbilisi',
    file: 'sundials.xlsx',
    brief: 'Pocket sundials made in Tbilisi, Georgia. Prices in lari.',
    sheets: [
      {
        name: 'Brass',
        rows: [
          ['Sundial', 'Finish', 'Diameter (mm)', 'Price (GEL)', 'Weight (g)'],
          ...made(60, (i): (string | number)[] =>
            i === 20
              ? ['Sample sundial', 'x', 0, 0, 0]
              : [
                  `${pick(dial, Math.floor(i / 12))} brass`,
                  ['bright', 'brown', 'black', 'silvered'][Math.floor((i % 12) / 3)] ?? '',
                  [38, 52, 70][i % 3] ?? 0,
                  120 + (i % 3) * 45 + Math.floor(i / 12) * 5,
                  60 + (i % 3) * 35,
                ],
          ),
        ],
      },
      {
        name: 'Bone',
        rows: [
          ['Sundial', 'Finish', 'Diameter (mm)', 'Price (GEL)', 'Weight (g)'],
          ...made(60, (i): (string | number)[] => [
            `${pick(dial, Math.floor(i / 12))} bone`,
            ['white', 'tea', 'red', 'blue'][Math.floor((i % 12) / 3)] ?? '',
            [38, 52, 70][i % 3] ?? 0,
            150 + (i % 3) * 55 + Math.floor(i / 12) * 5,
            30 + (i % 3) * 20,
          ]),
        ],
      },
    ],
    currency: 'GEL',
    columns: 'title option option price weight',
    leftOut: 1,
    want: [
      ...made(60, (i) => i)
        .filter((i) => i !== 20)
        .map(
          (i) =>
            `${pick(dial, Math.floor(i / 12))} brass | ${['bright', 'brown', 'black', 'silvered'][Math.floor((i % 12) / 3)]} / ${[38, 52, 70][i % 3]} | ${(120 + (i % 3) * 45 + Math.floor(i / 12) * 5) * 100} | ∞`,
        ),
      ...made(
        60,
        (i) =>
          `${pick(dial, Math.floor(i / 12))} bone | ${['white', 'tea', 'red', 'blue'][Math.floor((i % 12) / 3)]} / ${[38, 52, 70][i % 3]} | ${(150 + (i % 3) * 55 + Math.floor(i / 12) * 5) * 100} | ∞`,
      ),
    ].join('\n'),
  },
  {
    drawn: '304011/2 sandals, Kraków',
    file: 'sandaly.tsv',
    brief: 'Sandały szyte ręcznie w Krakowie. Ceny w złotych.',
    text: `Kod\tNazwa\tCecha\tWartość\tCena\n${made(
      700,
      (i) =>
        `SK ${String(Math.floor(i / 10) + 1).padStart(3, '0')} ${36 + (i % 10)}\t${pick(sandal, Math.floor(i / 10))} ${Math.floor(i / 70) + 1}\tRozmiar\t${36 + (i % 10)}\t${i === 33 ? 'od 289,00' : i === 512 ? '299,00–329,00' : `${249 + (Math.floor(i / 10) % 6) * 20},00`}`,
    ).join('\n')}\n`,
    currency: 'PLN',
    columns: 'sku title optionName optionValue price',
    want: made(
      700,
      (i) =>
        `${pick(sandal, Math.floor(i / 10))} ${Math.floor(i / 70) + 1} | ${36 + (i % 10)} | ${i === 33 || i === 512 ? '?' : (249 + (Math.floor(i / 10) % 6) * 20) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '304011/3 cloth nappies, Tucumán',
    file: 'panales.json',
    brief: 'Pañales de tela, San Miguel de Tucumán, Argentina.',
    text: `[${made(18, (i) =>
      i === 7
        ? `{"nombre":"Pañal cubierta, talle 2","tela":"PUL","tela":"estampado","precio":"14500","codigo":"${gtin(779000000000 + 6)}"}`
        : `{"nombre":"${pick(['Pañal relleno', 'Pañal bolsillo', 'Pañal cubierta', 'Absorbente', 'Toallita', 'Bolsa de paseo'], Math.floor(i / 3))}, talle ${(i % 3) + 1}","tela":"${pick(['algodón', 'bambú', 'PUL', 'felpa'], Math.floor(i / 3))}","precio":"${9500 + Math.floor(i / 3) * 1500 + (i % 3) * 500}","codigo":"${gtin(779000000000 + i, i === 11 ? 3 : 0)}"}`,
    ).join(',')}]`,
    currency: 'ARS',
    columns: 'title particular price gtin',
    want: made(18, (i) =>
      i === 7
        ? `Pañal cubierta | talle 2 | 1450000 | ∞`
        : `${pick(['Pañal relleno', 'Pañal bolsillo', 'Pañal cubierta', 'Absorbente', 'Toallita', 'Bolsa de paseo'], Math.floor(i / 3))} | talle ${(i % 3) + 1} | ${(9500 + Math.floor(i / 3) * 1500 + (i % 3) * 500) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '304011/4 music stands, Lille',
    file: 'stands.txt',
    encoding: 'windows-1252',
    brief: 'Music stands made in Lille, France.',
    text: fixedWidth(
      [34, 12, 22, 20],
      [
        ['Product', 'Price', 'Stock', 'Wood'],
        ...made(18, (i) => [
          `${pick(['Étude', 'Prélude', 'Fugue', 'Élégie', 'Gigue', 'Sarabande'], i)} stand No ${i + 1}`,
          `${145 + i * 5},00 €`,
          ['in stock', 'sold out', 'two', 'in stock', 'on order', 'one'][i % 6] ?? '',
          pick(['frêne', 'hêtre', 'chêne'], i),
        ]),
      ],
    ),
    currency: 'EUR',
    columns: 'title price stock particular',
    want: made(
      18,
      (i) =>
        `${pick(['Étude', 'Prélude', 'Fugue', 'Élégie', 'Gigue', 'Sarabande'], i)} stand No ${i + 1} |  | ${(145 + i * 5) * 100} | ${['∞', '0', '2', '∞', '∞', '1'][i % 6]}`,
    ).join('\n'),
  },
  {
    drawn: '304011/5 pepper, Winterthur',
    file: 'pepper.csv',
    brief: 'Pepper from Winterthur, Switzerland; prices in francs.',
    text: `Title,Sizes,Price,Stock,Piperine,Harvest,Drying,Altitude,Grade,Smell\n${made(
      700,
      (i) =>
        `${pick(pepper, i)} lot ${Math.floor(i / 10) + 1},"${i % 3 ? '50 g, 100 g' : '50 g, 100 g, 250 g'}",${(6.5 + (i % 10) * 0.5).toFixed(2)},${['in stock', 'plenty', 'sold out'][i % 3]},${(4 + (i % 7) * 0.3).toFixed(1)} %,${pick(['January', 'February', 'March'], i)},${pick(['sun', 'shade', 'oven'], i)},${200 + (i % 9) * 50} m,${pick(['ASTA', 'FAQ', 'TGSEB'], i)},${pick(['pine', 'orange', 'leather', 'camphor'], i)}`,
    ).join('\n')}\n`,
    currency: 'CHF',
    columns: 'title option price stock particular particular particular particular particular particular',
    want: made(700, (i) =>
      (i % 3 ? ['50 g', '100 g'] : ['50 g', '100 g', '250 g']).map(
        (of) =>
          `${pick(pepper, i)} lot ${Math.floor(i / 10) + 1} | ${of} | ${Math.round((6.5 + (i % 10) * 0.5) * 100)} | ${['∞', '∞', '0'][i % 3]}`,
      ),
    )
      .flat()
      .join('\n'),
  },
  {
    drawn: '304011/6 vinyl figures, Zaragoza',
    file: 'figuras.txt',
    brief: 'Figuras de vinilo, Zaragoza, España. Precios en euros.',
    text: `Ref., figura, opción, valor, altura (cm), precio (€)
${made(
  18,
  (i) =>
    `VF ${String(i + 1).padStart(2, '0')}, ${pick(figure, Math.floor(i / 3))}, color, ${['mate', 'brillo', 'noche'][i % 3]}, ${12 + Math.floor(i / 3)}, ${24 + Math.floor(i / 3) * 2}.50`,
).join('\n')}
`,
    currency: 'EUR',
    columns: 'sku title optionName optionValue particular price',
    want: made(
      18,
      (i) =>
        `${pick(figure, Math.floor(i / 3))} | ${['mate', 'brillo', 'noche'][i % 3]} | ${(24 + Math.floor(i / 3) * 2) * 100 + 50} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '304012/1 tortoise tables, Penang',
    file: 'tables.txt',
    brief: 'Tables for tortoises. Penang, Malaysia. Ringgit.',
    text: fixedWidth(
      [12, 24, 14, 12, 16],
      [
        ['Itm no', 'Dscr', 'Sz', 'Pr', 'EAN'],
        ['TT 01 S', 'Tortoise table', '90 x 60 cm', '420.00', gtin(955000000001)],
        ['TT 01 L', 'Tortoise table', '120 x 60 cm', '510.00', gtin(955000000002, 4)],
        ['TT 02 S', 'Night house', '40 x 30 cm', '145.00', gtin(955000000003)],
      ],
    ),
    currency: 'MYR',
    columns: 'sku title option price gtin',
    want: `Tortoise table | 90 x 60 cm | 42000 | ∞
Tortoise table | 120 x 60 cm | 51000 | ∞
Night house | 40 x 30 cm | 14500 | ∞`,
  },
  {
    drawn: '304012/2 farm gates, Chiang Mai',
    file: 'gates.txt',
    encoding: 'windows-1252',
    brief: 'Farm gates from Chiang Mai, Thailand. Baht.',
    text: `What the cow sees|What the farmer pays|Why
Field gate – 2.4 m|4’200|<p>Five bars, <b>teak</b>.</p>
Field gate – 3.0 m|4’900|<p>Five bars, <b>teak</b>.</p>
Field gate – 3.6 m|5’600|<p>Five bars, <b>teak</b>.</p>
Garden gate – plain|2’100|<p>For people.</p>
Garden gate – with an arch|3’400|<p>For people in a good mood.</p>
Kissing gate|6’800|<p>For two.</p>
`,
    currency: 'THB',
    columns: 'title price description',
    want: `Field gate | 2.4 m | 420000 | ∞
Field gate | 3.0 m | 490000 | ∞
Field gate | 3.6 m | 560000 | ∞
Garden gate | plain | 210000 | ∞
Garden gate | with an arch | 340000 | ∞
Kissing gate |  | 680000 | ∞`,
  },
  {
    drawn: '304012/3 concert posters, Adelaide',
    file: 'posters.xml',
    brief: 'Concert posters, screen printed in Adelaide, Australia.',
    text: feed([
      [
        ['title', 'The Drowned Piano, 12 May'],
        ['sizes', 'A3 / A2'],
        ['price', '45.00 AUD'],
        ['stock', 'last few'],
        ['description', 'Three colours, "the blue one.'],
      ],
      [
        ['title', 'Salt Choir'],
        ['sizes', 'A3 / A2 / A1'],
        ['price', '48.00 AUD'],
        ['stock', 'in stock'],
        ['description', 'Two colours.'],
      ],
      [
        ['title', 'Mallee Root Band'],
        ['sizes', 'A2'],
        ['price', '40.00 AUD'],
        ['stock', 'sold out'],
        ['description', 'One colour, twice.'],
      ],
      [
        ['title', 'Tin Ear'],
        ['sizes', 'A3 / A2'],
        ['price', '45.00 AUD'],
        ['stock', 'in stock'],
        ['description', 'Four colours.'],
      ],
      [
        ['title', 'Gulf Wind'],
        ['sizes', 'A3'],
        ['price', '38.00 AUD'],
        ['stock', 'one'],
        ['description', 'Two colours and a thumbprint.'],
      ],
      [
        ['title', 'Night Bus Orchestra'],
        ['sizes', 'A2 / A1'],
        ['price', '55.00 AUD'],
        ['stock', 'in stock'],
        ['description', 'Five colours.'],
      ],
    ]),
    currency: 'AUD',
    columns: 'title option price stock description',
    want: `The Drowned Piano, 12 May | A3 | 4500 | ?
The Drowned Piano, 12 May | A2 | 4500 | ?
Salt Choir | A3 | 4800 | ∞
Salt Choir | A2 | 4800 | ∞
Salt Choir | A1 | 4800 | ∞
Mallee Root Band | A2 | 4000 | 0
Tin Ear | A3 | 4500 | ∞
Tin Ear | A2 | 4500 | ∞
Gulf Wind | A3 | 3800 | 1
Night Bus Orchestra | A2 | 5500 | ∞
Night Bus Orchestra | A1 | 5500 | ∞`,
  },
  {
    drawn: '304012/4 storm lanterns, Belo Horizonte',
    file: 'lanternas.txt',
    brief: 'Lanternas de tempestade, Belo Horizonte, Brasil. Reais.',
    text: `Lanterna Serra, latão, R$ 320, "<p>Vidro grosso.<br>Diz-se ""a teimosa"".</p>"
Lanterna Serra, cobre, R$ 380, "<p>Vidro grosso.<br>Diz-se ""a teimosa"".</p>"
Lanterna Serra, preta, R$ 290, "<p>Vidro grosso.<br>Diz-se ""a teimosa"".</p>"
Lanterna Pampulha, latão, R$ 260, "<p>Pequena,
para a mesa.</p>"
Lanterna Pampulha, cobre, R$ 310, "<p>Pequena,
para a mesa.</p>"
Lanterna Curral, latão, R$ 410, "<p>Com gancho.</p>"
Lanterna Curral, preta, R$ 370, "<p>Com gancho.</p>"
Pavio, 3 m, R$ 18, "<p>Algodão.</p>"
Pavio, 10 m, R$ 45, "<p>Algodão.</p>"
Vidro de reposição, Serra, R$ 60, "<p>Soprado.</p>"
Vidro de reposição, Pampulha, R$ 48, "<p>Soprado.</p>"
`,
    currency: 'BRL',
    columns: 'title option price description',
    want: `Lanterna Serra | latão | 32000 | ∞
Lanterna Serra | cobre | 38000 | ∞
Lanterna Serra | preta | 29000 | ∞
Lanterna Pampulha | latão | 26000 | ∞
Lanterna Pampulha | cobre | 31000 | ∞
Lanterna Curral | latão | 41000 | ∞
Lanterna Curral | preta | 37000 | ∞
Pavio | 3 m | 1800 | ∞
Pavio | 10 m | 4500 | ∞
Vidro de reposição | Serra | 6000 | ∞
Vidro de reposição | Pampulha | 4800 | ∞`,
  },
  {
    drawn: '304012/5 reading stones, Yerevan',
    file: 'stones.txt',
    brief: 'Reading stones ground in Yerevan, Armenia. Dram.',
    text: fixedWidth(
      [28, 14, 16, 24],
      [
        ['Name', 'Price', 'Availability', 'Glass'],
        ['Reading stone, half dome', '24 000', 'in stock', 'crown'],
        ['Reading stone, half dome', '24 000', 'two left', 'flint'],
        ['Reading bar', '18 500', 'sold out', 'crown'],
        ['Desk lens', '31 000', 'in stock', 'crown'],
        ['Map lens', '27 500', 'one left', 'flint'],
        ['Case of walnut', '9 000', 'in stock', 'none'],
      ],
    ),
    currency: 'AMD',
    columns: 'title price stock option/particular',
    want: `Reading stone, half dome | crown | 2400000 | ∞
Reading stone, half dome | flint | 2400000 | 2
Reading bar | crown | 1850000 | 0
Desk lens | crown | 3100000 | ∞
Map lens | flint | 2750000 | 1
Case of walnut | none | 900000 | ∞`,
  },
  {
    drawn: '304012/6 tuning forks, Athens',
    file: 'forks.csv',
    brief: 'Tuning forks, made in Athens, Greece. EUR',
    text: `Name,Colour,Size,Price,Stock,Description
Tuning fork,blued,A 440,28.00,in stock,<p>Rings for <i>forty</i> seconds.</p>
Tuning fork,bright,A 440,24.00,few,<p>Rings for <i>forty</i> seconds.</p>
Tuning fork,bright,C 512,26.00,out of stock,<p>Rings for <i>thirty</i> seconds.</p>
`,
    currency: 'EUR',
    columns: 'title option option price stock description',
    want: `Tuning fork | blued / A 440 | 2800 | ∞
Tuning fork | bright / A 440 | 2400 | ?
Tuning fork | bright / C 512 | 2600 | 0`,
  },
  {
    drawn: '304013/1 button jars, Porto',
    file: 'frascos.tsv',
    brief: 'Frascos de botões antigos, Porto, Portugal.',
    text: `Quem mora aqui\tTamanho da casa\tRenda\tIdade\tFuros\tOrigem\tBrilho\tBarulho\tCheiro\tBilhete\n${made(
      700,
      (i) =>
        `${i % 4 ? '' : `${pick(jar, i / 4)} ${Math.floor(i / 32) + 1}`}\t${['100 g', '250 g', '500 g', '1 kg'][i % 4]}\t${[6, 13, 24, 45][i % 4]},${pick(['00', '50'], Math.floor(i / 4))} €\t${pick(['anos 20', 'anos 50', 'anos 70'], Math.floor(i / 4))}\t${pick(['2', '4', 'pé'], Math.floor(i / 4))}\t${pick(['Minho', 'Douro', 'Beira'], Math.floor(i / 4))}\t${pick(['baço', 'vivo'], Math.floor(i / 4))}\t${pick(['tac', 'tlim', 'nada'], Math.floor(i / 4))}\t${pick(['pó', 'sabão', 'nenhum'], Math.floor(i / 4))}\t${i % 4 ? '' : `<p>Botões de <em>${pick(['camisa', 'farda', 'vestido'], i / 4)}</em>, lavados e contados.</p>`}`,
    ).join('\n')}\n`,
    currency: 'EUR',
    columns: 'title option price particular particular particular particular particular particular description',
    want: made(
      700,
      (i) =>
        `${pick(jar, Math.floor(i / 4))} ${Math.floor(i / 32) + 1} | ${['100 g', '250 g', '500 g', '1 kg'][i % 4]} | ${[6, 13, 24, 45][i % 4]}${pick(['00', '50'], Math.floor(i / 4))} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '304013/3 boot laces, Dar es Salaam',
    file: 'laces.csv',
    brief: 'Boot laces, plaited in Dar es Salaam, Tanzania. Shillings.',
    text: `Product,Option name,Option value,Length (cm),Price (TZS)
Boot lace,Colour,brown,140,"from 6,000"
Boot lace,Colour,black,140,"6,500"
Work lace,Colour,yellow,180,
`,
    currency: 'TZS',
    columns: 'title optionName optionValue particular price',
    want: `Boot lace | brown | ? | ∞
Boot lace | black | 650000 | ∞
Work lace | yellow | ? | ∞`,
  },
  {
    drawn: '304013/4 frames for odd sizes, Accra',
    file: 'frames.txt',
    brief: 'Frames for odd sizes, Accra, Ghana. Cedis.',
    text: `Wood; inside (cm); price (GHS); note\n${made(
      120,
      (i) =>
        `${i % 5 ? '' : `${pick(frame, i / 5)} frame ${Math.floor(i / 40) + 1}`}; ${['20 x 20', '13 x 40', '28 x 70', '9 x 9', '50 x 61'][i % 5]}; ${85 + (i % 5) * 30 + Math.floor(i / 40) * 15}; ${i % 5 ? '' : `"Oiled twice.\nGlass, or none: say so."`}`,
    ).join('\n')}\n`,
    currency: 'GHS',
    columns: 'title option price description',
    want: made(
      120,
      (i) =>
        `${pick(frame, Math.floor(i / 5))} frame ${Math.floor(i / 40) + 1} | ${['20 x 20', '13 x 40', '28 x 70', '9 x 9', '50 x 61'][i % 5]} | ${(85 + (i % 5) * 30 + Math.floor(i / 40) * 15) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '304013/5 fencing masks, Tartu',
    file: 'maskid.jsonl',
    brief: 'Fencing masks from Tartu, Estonia.',
    text: jsonLines(
      made(120, (i) => ({
        'who is in there': `${pick(mask, Math.floor(i / 5))} ${Math.floor(i / 30) + 1}`,
        'how big a head': ['S', 'M', 'L', 'XL', 'XXL'][i % 5],
        'what it costs to be hit': 89 + Math.floor(i / 30) * 20 + (i % 5 > 2 ? 6 : 0),
        'lines on the box': gtin(474000000000 + i, i === 50 ? 2 : 0),
        'what one says': pick(['"en garde', 'touché', 'halt'], Math.floor(i / 5)),
      })),
    ),
    currency: 'EUR',
    columns: 'title option price gtin particular',
    want: made(
      120,
      (i) =>
        `${pick(mask, Math.floor(i / 5))} ${Math.floor(i / 30) + 1} | ${['S', 'M', 'L', 'XL', 'XXL'][i % 5]} | ${(89 + Math.floor(i / 30) * 20 + (i % 5 > 2 ? 6 : 0)) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '304013/6 origami paper, Brno',
    file: 'papir.tsv',
    brief: 'Papír na origami, Brno. Ceny v korunách.',
    text: `Hromádka\tJak se jmenuje\tJak je velký\tZa kolik\tJe ho dost?\tŘeči
P1\tWashi s vlnou\t15 cm\t189 Kč\tano\t<p>Na <strong>žáby</strong>.</p>
P1\tWashi s vlnou\t20 cm\t259 Kč\tposlední dva\t<p>Na <strong>žáby</strong>.</p>
P2\tKraft\t15 cm\t79 Kč\tano\t<p>Na cvičení.</p>
P2\tKraft\t30 cm\t129 Kč\tvyprodáno\t<p>Na cvičení.</p>
P3\tHedvábný\t20 cm\t149 Kč\tano\t<p>Na motýly.</p>
P3\tHedvábný\t30 cm\t219 Kč\tne\t<p>Na motýly.</p>
`,
    currency: 'CZK',
    columns: 'group title option price stock description',
    want: `Washi s vlnou | 15 cm | 18900 | ∞
Washi s vlnou | 20 cm | 25900 | 2
Kraft | 15 cm | 7900 | ∞
Kraft | 30 cm | 12900 | 0
Hedvábný | 20 cm | 14900 | ∞
Hedvábný | 30 cm | 21900 | 0`,
  },
  {
    drawn: '304013/7 farm gates, Dunedin',
    file: 'gates.xlsx',
    brief: 'Farm gates, Dunedin, New Zealand.',
    sheets: [
      {
        name: 'Timber',
        rows: [
          ['Title', 'Option name', 'Option value', 'Price', 'Category'],
          ['Macrocarpa gate', 'Width', '3.6 m', 480, 'Gates > Timber'],
          ['Macrocarpa gate', 'Width', '4.2 m', 560, 'Gates > Timber'],
        ],
      },
      {
        name: 'Steel',
        rows: [
          ['Title', 'Option name', 'Option value', 'Price', 'Category'],
          ['Product title', 'Option', 'Value', 0, 'Category > Subcategory'],
        ],
      },
    ],
    currency: 'NZD',
    columns: 'title optionName optionValue price category',
    leftOut: 1,
    want: `Macrocarpa gate | 3.6 m | 48000 | ∞
Macrocarpa gate | 4.2 m | 56000 | ∞`,
  },
];
