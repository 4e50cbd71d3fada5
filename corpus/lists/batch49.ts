import { feed, gtin, made, pick, product, savedPage, type ListCase } from './case';

const belt = ['Poás', 'Irazú', 'Barva', 'Turrialba', 'Arenal'] as const;
const tree = ['Foz', 'Campanhã', 'Paranhos', 'Lordelo', 'Ramalde'] as const;
const oil = ['Hekla', 'Katla', 'Esja', 'Keilir', 'Snæfell'] as const;
const mate = ['Mỹ Khê', 'Non Nước', 'Bà Nà', 'Cù Lao', 'Ngũ Hành'] as const;
const fruit = ['Sanlúcar', 'Utrera', 'Carmona', 'Écija', 'Osuna', 'Lebrija', 'Marchena'] as const;
const options = (pairs: readonly (readonly [string, string])[]) =>
  pairs.map(([name, value]) => ({ '@type': 'PropertyValue', name, value }));

/** Drawn (312002; those without a list left out) and written on 1 December 2026, before the reader was run on any. */
export const batch49: ListCase[] = [
  {
    drawn: '312002/1 cheese-making cultures, Winterthur',
    file: 'kulturen.txt',
    brief: 'Name: cultures for cheese. Place: Winterthur, Switzerland. Prices: Swiss francs.',
    text: `Culture\tPrice (CHF)\tNet weight (g)\tBest at (°C)\tWhat it does
${[
  ['Töss 1 – 5 doses', '9.50', '4', '32', '"Mild.\nFor fresh cheese."'],
  ['Töss 1 – 20 doses', '28.00', '15', '32', '"Mild.\nFor fresh cheese."'],
  ['Töss 1 – 50 doses', '59.00', '36', '32', '"Mild.\nFor fresh cheese."'],
  ['Eulach – 5 doses', '11.00', '4', '38', 'For hard cheese.'],
  ['Eulach – 20 doses', '33.50', '15', '38', 'For hard cheese.'],
  ['Eulach – 50 doses', '71.00', '36', '38', 'For hard cheese.'],
  ['Kyburg white – 5 doses', '12.50', '3', '24', '"The ""snow"" on soft cheese."'],
  ['Kyburg white – 20 doses', '39.00', '12', '24', '"The ""snow"" on soft cheese."'],
  ['Kyburg blue – 5 doses', '12.50', '3', '20', 'Veins.'],
  ['Kyburg blue – 20 doses', '39.00', '12', '20', 'Veins.'],
  ['Sample product', '0.00', '', '', 'Lorem ipsum dolor sit amet'],
  ['Wülflingen – 5 doses', '8.00', '5', '43', 'For yoghurt that stands.'],
  ['Wülflingen – 20 doses', '24.00', '18', '43', 'For yoghurt that stands.'],
  ['Seen – 5 doses', '8.00', '5', '30', 'For quark.'],
  ['Seen – 20 doses', '24.00', '18', '30', 'For quark.'],
  ['Hegi – 5 doses', '14.00', '6', '22', 'For kefir.'],
  ['Hegi – 20 doses', '44.00', '22', '22', 'For kefir.'],
  ['Test product 2', '1.00', '', '', 'Lorem ipsum'],
]
  .map((row) => row.join('\t'))
  .join('\n')}
`,
    currency: 'CHF',
    columns: 'title price weight particular description',
    leftOut: 2,
    want: `Töss 1 | 5 doses | 950 | ∞
Töss 1 | 20 doses | 2800 | ∞
Töss 1 | 50 doses | 5900 | ∞
Eulach | 5 doses | 1100 | ∞
Eulach | 20 doses | 3350 | ∞
Eulach | 50 doses | 7100 | ∞
Kyburg white | 5 doses | 1250 | ∞
Kyburg white | 20 doses | 3900 | ∞
Kyburg blue | 5 doses | 1250 | ∞
Kyburg blue | 20 doses | 3900 | ∞
Wülflingen | 5 doses | 800 | ∞
Wülflingen | 20 doses | 2400 | ∞
Seen | 5 doses | 800 | ∞
Seen | 20 doses | 2400 | ∞
Hegi | 5 doses | 1400 | ∞
Hegi | 20 doses | 4400 | ∞`,
  },
  {
    drawn: '312002/2 pipe racks, Aarhus',
    file: 'racks.xlsx',
    brief: 'Um, so, pipe racks, right, from Aarhus in Denmark, and all the prices are kroner, Danish ones.',
    sheets: [
      {
        name: 'Table',
        rows: [
          ['Rack for the table', 'oak', '4 pipes', 340, gtin(570000000011)],
          ['Rack for the table', 'walnut', '7 pipes', '', gtin(570000000012, 1)],
        ],
      },
      { name: 'Wall', rows: [['Rack for the wall', 'oak', '7 pipes', 480, gtin(570000000013)]] },
    ],
    currency: 'DKK',
    columns: 'title option option price gtin',
    want: `Rack for the table | oak / 4 pipes | 34000 | ∞
Rack for the table | walnut / 7 pipes | ? | ∞
Rack for the wall | oak / 7 pipes | 48000 | ∞`,
    or: {
      columns: 'title option particular price gtin',
      want: `Rack for the table | oak | 34000 | ∞
Rack for the table | walnut | ? | ∞
Rack for the wall | oak | 48000 | ∞`,
    },
  },
  {
    drawn: '312002/4 greetings cards in Braille, Uppsala',
    file: 'kort.txt',
    brief: 'Greetings cards, Braille. Uppsala, Sweden. Kronor.',
    text: `Nm | Pr | Txt | Occ
Fyris | 48 | <p>For a <em>birthday</em>.</p> | birthday
Gamla Uppsala | 48 | <p>For a birthday.</p> | birthday
Slottet | 52 | <p>To say <b>thank you</b>.</p> | thanks
Slottet 2 | 52 | <p>To say <b>thank you</b>.</p> | thanks
Ekoln | 45 | <p>For nothing at all.</p> | any day
Luthagen | 55 | <p>When somebody has died.</p> | mourning
`,
    currency: 'SEK',
    columns: 'title price description category/particular',
    want: `Fyris |  | 4800 | ∞
Gamla Uppsala |  | 4800 | ∞
Slottet |  | 5200 | ∞
Slottet 2 |  | 5200 | ∞
Ekoln |  | 4500 | ∞
Luthagen |  | 5500 | ∞`,
  },
  {
    drawn: '312002/5 pond liners, Rostock',
    file: 'folien.txt',
    brief: 'POND LINERS FROM ROSTOCK!!! GERMANY!!! CHEAP! IN EUROS!',
    text: `Folie, Dicke, Preis, Wurzelfest, Naht, Hält
Teichfolie Warnow, "0,5 mm", 4.90, nein, geklebt, 10 Jahre
Teichfolie Warnow, "1 mm", ab 7.90, ja, geschweißt, 20 Jahre
Teichfolie Warnow, "1,5 mm", 11.00–13.50, ja, geschweißt, 30 Jahre
`,
    currency: 'EUR',
    columns: 'title option price particular particular particular',
    want: `Teichfolie Warnow | 0,5 mm | 490 | ∞
Teichfolie Warnow | 1 mm | ? | ∞
Teichfolie Warnow | 1,5 mm | ? | ∞`,
  },
  {
    drawn: '312002/6 knitting belts, San José',
    file: 'belts.csv',
    brief: 'It must not be loud. It must not be brown. Knitting belts, San José, Costa Rica, prices in colones.',
    text: `Name;Price;Stock;Description\n${made(120, (i) =>
      [
        `${pick(belt, Math.floor(i / 4))} ${Math.floor(i / 20) + 1} - ${['S', 'M', 'L', 'XL'][i % 4]}`,
        i === 17 ? '$28,00' : i === 64 ? '€30,00' : `${14 + (i % 4)}500,00`,
        pick(['in stock', 'sold out', 'three', 'in stock', '2 left'], i),
        `Leather, ${pick(['six', 'nine', 'twelve'], Math.floor(i / 4))} holes`,
      ].join(';'),
    ).join('\n')}\n`,
    currency: 'CRC',
    columns: 'title price stock description/particular',
    want: made(
      120,
      (i) =>
        `${pick(belt, Math.floor(i / 4))} ${Math.floor(i / 20) + 1} | ${['S', 'M', 'L', 'XL'][i % 4]} | ${i === 17 || i === 64 ? '?' : ((14 + (i % 4)) * 1000 + 500) * 100} | ${pick(['∞', '0', '3', '∞', '2'], i)}`,
    ).join('\n'),
  },
  {
    drawn: '312002/7 cat trees, Porto',
    file: 'arvores.csv',
    encoding: 'windows-1252',
    brief: 'My grandfather was a carpenter in Porto, Portugal; now we make trees for cats. Prices in euros.',
    text: `Artigo;Opção;Valor;Preço;Descrição\n${made(35, (i) =>
      [
        `Árvore ${pick(tree, Math.floor(i / 5))} ${Math.floor(i / 25) + 1}`,
        i % 5 < 3 ? 'Altura' : 'Cor',
        ['90 cm', '120 cm', '150 cm', 'cinza', 'creme'][i % 5],
        i % 5 < 3 ? `${79 + (i % 5) * 20},00` : '99,00',
        i === 22 ? '"Para gatos grandes' : 'Sisal e pinho.',
      ].join(';'),
    ).join('\n')}\n`,
    currency: 'EUR',
    columns: 'title optionName optionValue price description',
    want: made(35, (i) => {
      const value = ['90 cm', '120 cm', '150 cm', 'cinza', 'creme'][i % 5] ?? '';
      return `Árvore ${pick(tree, Math.floor(i / 5))} ${Math.floor(i / 25) + 1} | ${value} | ${i % 5 < 3 ? (79 + (i % 5) * 20) * 100 : 9900} | ∞`;
    }).join('\n'),
  },
  {
    drawn: '312002/8 butter dishes, Oaxaca',
    file: 'mantequilleras.ods',
    brief: '1. The business. Butter dishes, each turned once, in Oaxaca, Mexico. 2. Money. Pesos.',
    sheets: [
      {
        name: 'Barro negro',
        rows: [
          ['Dish', 'For (lb)', 'Price (MXN)', 'Length (in)'],
          ['Atzompa', '½', 420, 5],
          ['', '1', 560, '7½'],
          ['Coyotepec', '½', '', 5],
        ],
      },
      {
        name: 'Barro rojo',
        rows: [
          ['Dish', 'For (lb)', 'Price (MXN)', 'Length (in)'],
          ['Tlapazola', '½', 390, 5],
          ['', '1', 510, '7½'],
          ['', '2', '', 9],
        ],
      },
    ],
    currency: 'MXN',
    columns: 'title option price particular',
    want: `Atzompa | ½ | 42000 | ∞
Atzompa | 1 | 56000 | ∞
Coyotepec | ½ | ? | ∞
Tlapazola | ½ | 39000 | ∞
Tlapazola | 1 | 51000 | ∞
Tlapazola | 2 | ? | ∞`,
    or: {
      columns: 'title particular price option',
      want: `Atzompa | 5 | 42000 | ∞
Atzompa | 7½ | 56000 | ∞
Coyotepec | 5 | ? | ∞
Tlapazola | 5 | 39000 | ∞
Tlapazola | 7½ | 51000 | ∞
Tlapazola | 9 | ? | ∞`,
    },
  },
  {
    drawn: '312002/9 massage oils, Reykjavík',
    file: 'oils.txt',
    brief: 'What do you sell? Massage oils. Where? Reykjavík, Iceland. Currency? See above. (Krónur.)',
    text: `Slippery when\tDamage to the purse\tWhat it says on the back\n${made(120, (i) =>
      [
        `${pick(oil, Math.floor(i / 3))} ${Math.floor(i / 15) + 1}, ${['50 ml', '100 ml', '250 ml'][i % 3]}`,
        [2400, 3900, 7900][i % 3],
        i % 3 === 0 ? '"Shake well.\nSays ""birch"", means it."' : '"Shake well."',
      ].join('\t'),
    ).join('\n')}\n`,
    currency: 'ISK',
    columns: 'title price description',
    want: made(
      120,
      (i) =>
        `${pick(oil, Math.floor(i / 3))} ${Math.floor(i / 15) + 1} | ${['50 ml', '100 ml', '250 ml'][i % 3]} | ${[2400, 3900, 7900][i % 3]} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '312002/10 cloth nappies, Bratislava',
    file: 'nappies.html',
    brief: 'We look for somebody who builds our shop! Cloth nappies, Bratislava, Slovakia. In euros. Apply!',
    text: savedPage(
      'Nappies',
      made(18, (i) =>
        product(
          ['Dunaj', 'Devín', 'Petržalka', 'Rača', 'Ružinov', 'Koliba'][Math.floor(i / 3)] ?? '',
          (16.9 + (i % 3) * 1.5).toFixed(2),
          'EUR',
          {
            sku: `NP ${10 + Math.floor(i / 3)} ${['A', 'B', 'C'][i % 3]}`,
            description: i === 8 ? 'Called "the quick one by our midwife' : 'Cotton, folded in three.',
            'weight (g)': 60 + (i % 3) * 15,
            'option name': 'Size',
            'option value': ['newborn', 'baby', 'toddler'][i % 3],
          },
        ),
      ),
    ),
    currency: 'EUR',
    columns: 'title sku description weight optionName optionValue price currency',
    want: made(
      18,
      (i) =>
        `${['Dunaj', 'Devín', 'Petržalka', 'Rača', 'Ružinov', 'Koliba'][Math.floor(i / 3)]} | ${['newborn', 'baby', 'toddler'][i % 3]} | ${1690 + (i % 3) * 150} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '312002/11 passementerie, Dublin',
    file: 'scothaí.txt',
    brief: 'Home | About | Contact. Passementerie from Dublin, Ireland: tassels, cords, fringes. Prices in euro.',
    text: `Ainm; Dath; Praghas; Catagóir
Scothóg Liffey; órga; €18.00; Scothóga > Beaga
Scothóg Liffey; dubh; €18.00; Scothóga > Beaga
Scothóg Dodder; órga; €26.00; Scothóga > Móra
Scothóg Dodder; dearg; €26.00; Scothóga > Móra
Scothóg Dodder; gorm; €26.00; Scothóga > Móra
Corda Tolka; bán; €4.20; Cordaí > Caola
Corda Tolka; dubh; €4.20; Cordaí > Caola
Corda Poddle; bán; €6.40; Cordaí > Tiubha
Corda Poddle; glas; €6.40; Cordaí > Tiubha
Frainse Camac; órga; €9.80; Frainsí
Frainse Camac; dubh; €9.80; Frainsí
Frainse Camac; dearg; €9.80; Frainsí
Frainse Bradóg; bán; €12.50; Frainsí
Frainse Bradóg; gorm; €12.50; Frainsí
Cnaipe Grand; dubh; €2.10; Cnaipí
Cnaipe Grand; órga; €2.10; Cnaipí
Cnaipe Royal; dubh; €2.40; Cnaipí
Cnaipe Royal; bán; €2.40; Cnaipí
`,
    currency: 'EUR',
    columns: 'title option price category',
    want: `Scothóg Liffey | órga | 1800 | ∞
Scothóg Liffey | dubh | 1800 | ∞
Scothóg Dodder | órga | 2600 | ∞
Scothóg Dodder | dearg | 2600 | ∞
Scothóg Dodder | gorm | 2600 | ∞
Corda Tolka | bán | 420 | ∞
Corda Tolka | dubh | 420 | ∞
Corda Poddle | bán | 640 | ∞
Corda Poddle | glas | 640 | ∞
Frainse Camac | órga | 980 | ∞
Frainse Camac | dubh | 980 | ∞
Frainse Camac | dearg | 980 | ∞
Frainse Bradóg | bán | 1250 | ∞
Frainse Bradóg | gorm | 1250 | ∞
Cnaipe Grand | dubh | 210 | ∞
Cnaipe Grand | órga | 210 | ∞
Cnaipe Royal | dubh | 240 | ∞
Cnaipe Royal | bán | 240 | ∞`,
  },
  {
    drawn: '312002/12 yerba mate, Da Nang',
    file: 'mate.xlsx',
    brief: 'We is selling yerba mate in Da Nang, Vietnam. All price is đồng.',
    sheets: [
      {
        name: 'Leaf',
        rows: [
          ['Nm', 'Pk', 'Pr', 'Smk', 'Stm', 'Aged'],
          ...made(80, (i): (string | number)[] => [
            i % 4 ? '' : `${pick(mate, i / 4)} ${Math.floor(i / 20) + 1}`,
            ['100 g', '250 g', '500 g', '1 kg'][i % 4] ?? '',
            i === 13 ? '' : ([60000, 130000, 240000, 450000][i % 4] ?? ''),
            i % 4 ? '' : pick(['smoked', 'air-dried'], i / 4),
            i % 4 ? '' : pick(['few', 'many'], i / 8 < 5 ? 0 : 1),
            i % 4 ? '' : pick(['6 months', '12 months', '24 months'], i / 4),
          ]),
        ],
      },
      {
        name: 'Powder',
        rows: [
          ['Nm', 'Pk', 'Pr', 'Smk', 'Stm', 'Aged'],
          ...made(40, (i): (string | number)[] => [
            i % 2 ? '' : `Bột ${i / 2 + 1}`,
            ['50 g', '100 g'][i % 2] ?? '',
            i === 6 ? '' : ([55000, 98000][i % 2] ?? ''),
            i % 2 ? '' : 'air-dried',
            i % 2 ? '' : 'few',
            i % 2 ? '' : pick(['6 months', '12 months'], i / 2),
          ]),
        ],
      },
    ],
    currency: 'VND',
    columns: 'title option price particular particular particular',
    want: [
      ...made(
        80,
        (i) =>
          `${pick(mate, Math.floor(i / 4))} ${Math.floor(i / 20) + 1} | ${['100 g', '250 g', '500 g', '1 kg'][i % 4]} | ${i === 13 ? '?' : [60000, 130000, 240000, 450000][i % 4]} | ∞`,
      ),
      ...made(
        40,
        (i) => `Bột ${Math.floor(i / 2) + 1} | ${['50 g', '100 g'][i % 2]} | ${i === 6 ? '?' : [55000, 98000][i % 2]} | ∞`,
      ),
    ].join('\n'),
  },
  {
    drawn: '312002/14 samovars, Suva',
    file: 'samovars.csv',
    brief: 'I want a big picture on top. I want little text. Samovars, Suva, Fiji; prices in Fiji dollars, without tax.',
    text: `The samovar,We ask,It holds,Heated by,Its story
Tula,from 640,3 l,charcoal,"Came by ship in 1911, with a dent."
Batashev,890,5 l,charcoal,"Gilded once, silvered later."
Nakasi,,2 l,a coil,Assembled here.
Levu,720-780,4 l,a coil,Copper all through.
Rewa,510,2 l,a coil,For two who talk.
Vatu,,7 l,wood,For a village hall.
Kula,455,1½ l,a coil,The smallest.
Sigatoka,980,6 l,wood,With two taps.
Lami,530,2 l,charcoal,"Nickel, plain."
Nausori,from 1200,10 l,wood,For weddings.
Bau,610,3 l,charcoal,"Tin inside, brass outside."
`,
    currency: 'FJD',
    columns: 'title price particular particular description',
    want: `Tula |  | ? | ∞
Batashev |  | 89000 | ∞
Nakasi |  | ? | ∞
Levu |  | ? | ∞
Rewa |  | 51000 | ∞
Vatu |  | ? | ∞
Kula |  | 45500 | ∞
Sigatoka |  | 98000 | ∞
Lami |  | 53000 | ∞
Nausori |  | ? | ∞
Bau |  | 61000 | ∞`,
  },
  {
    drawn: '312002/16 boat varnish, Bratislava',
    file: 'varnish.html',
    brief: 'varnish 4 boats -> Bratislava/SK, prices: EUR incl. tax',
    text: savedPage(
      'Varnish',
      made(35, (i) =>
        product(`Hron ${Math.floor(i / 5) + 1}`, (12 + (i % 5) * 9).toFixed(2), 'EUR', {
          category: Math.floor(i / 5) % 2 ? 'Varnish > Inside' : 'Varnish > Outside',
          additionalProperty: options([
            ['Gloss', ['matt', 'satin', 'high'][Math.floor(i / 5) % 3] ?? ''],
            ['Coats', String(2 + (Math.floor(i / 5) % 3))],
          ]),
          'option name': 'Tin',
          'option value': ['0.25 l', '0.75 l', '1 l', '2.5 l', '5 l'][i % 5],
        }),
      ),
    ),
    currency: 'EUR',
    columns: 'title category optionName optionValue particular particular price currency',
    want: made(
      35,
      (i) =>
        `Hron ${Math.floor(i / 5) + 1} | ${['0.25 l', '0.75 l', '1 l', '2.5 l', '5 l'][i % 5]} | ${(12 + (i % 5) * 9) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '312002/17 flamenco fans, Manama',
    file: 'fans.txt',
    brief: '- flamenco fans\n- Manama, Bahrain\n- dinars',
    text: `Flap|Shade of drama|Wingspan|Ransom|Gossip
Muharraq|black|23 cm|14.500|<p>Painted by <b>hand</b>.</p>
Muharraq|black|27 cm|16.000|<p>Painted by <b>hand</b>.</p>
Muharraq|red|23 cm|14.500|<p>Painted by <b>hand</b>.</p>
Adliya|white|23 cm|12.000|<p>With lace.</p>
Adliya|white|31 cm|17.250|<p>With lace.</p>
Adliya|red|31 cm|17.250|<p>With lace.</p>
Adliya|black|23 cm|12.000|<p>With lace.</p>
Juffair|green|27 cm|15.000|<p>Pear wood.</p>
Juffair|green|31 cm|17.000|<p>Pear wood.</p>
Juffair|blue|27 cm|15.000|<p>Pear wood.</p>
Budaiya|black|23 cm|9.750|<p>Plain.</p>
Budaiya|white|23 cm|9.750|<p>Plain.</p>
Budaiya|white|27 cm|11.250|<p>Plain.</p>
Seef|gold|31 cm|28.000|<p>For the stage.</p>
Seef|gold|27 cm|26.500|<p>For the stage.</p>
Seef|black|31 cm|28.000|<p>For the stage.</p>
Riffa|red|23 cm|13.000|<p>Two colours of rib.</p>
Riffa|blue|27 cm|14.500|<p>Two colours of rib.</p>
`,
    currency: 'BHD',
    columns: 'title option option price description',
    want: `Muharraq | black / 23 cm | 14500 | ∞
Muharraq | black / 27 cm | 16000 | ∞
Muharraq | red / 23 cm | 14500 | ∞
Adliya | white / 23 cm | 12000 | ∞
Adliya | white / 31 cm | 17250 | ∞
Adliya | red / 31 cm | 17250 | ∞
Adliya | black / 23 cm | 12000 | ∞
Juffair | green / 27 cm | 15000 | ∞
Juffair | green / 31 cm | 17000 | ∞
Juffair | blue / 27 cm | 15000 | ∞
Budaiya | black / 23 cm | 9750 | ∞
Budaiya | white / 23 cm | 9750 | ∞
Budaiya | white / 27 cm | 11250 | ∞
Seef | gold / 31 cm | 28000 | ∞
Seef | gold / 27 cm | 26500 | ∞
Seef | black / 31 cm | 28000 | ∞
Riffa | red / 23 cm | 13000 | ∞
Riffa | blue / 27 cm | 14500 | ∞`,
  },
  {
    drawn: '312002/18 spinning wheels, Medellín',
    file: 'ruecas.xlsx',
    brief: 'We make spinning wheels in Medellín, Colombia. Hacemos ruecas. Prices in pesos, without tax.',
    sheets: [
      {
        name: 'Castle',
        rows: made(10, (i): (string | number)[] => [
          `${['Poblado', 'Laureles', 'Belén', 'Envigado', 'Itagüí', 'Bello', 'Caldas', 'Sabaneta', 'Copacabana', 'Girardota'][i] ?? ''} wheel`,
          'Cedar, one treadle, a bobbin that comes off without a tool.',
          980000 + i * 20000,
          i % 3 ? '' : 880000 + i * 20000,
          gtin(770000000100 + i, i === 3 ? 1 : 0),
        ]),
      },
      {
        name: 'Saxony',
        rows: made(8, (i): (string | number)[] => [
          `${['Rionegro', 'Guarne', 'Marinilla', 'El Retiro', 'La Ceja', 'Guatapé', 'Jardín', 'Jericó'][i] ?? ''} wheel`,
          'Oak, two treadles, with a basket for what is spun by noon.',
          1250000 + i * 25000,
          i % 4 ? '' : 1100000 + i * 25000,
          gtin(770000000200 + i, i === 6 ? 1 : 0),
        ]),
      },
    ],
    currency: 'COP',
    columns: 'title description earlierPrice/price/particular price/earlierPrice/particular gtin',
    want: [
      ...made(
        10,
        (i) =>
          `${['Poblado', 'Laureles', 'Belén', 'Envigado', 'Itagüí', 'Bello', 'Caldas', 'Sabaneta', 'Copacabana', 'Girardota'][i]} wheel |  | ? | ∞`,
      ),
      ...made(
        8,
        (i) =>
          `${['Rionegro', 'Guarne', 'Marinilla', 'El Retiro', 'La Ceja', 'Guatapé', 'Jardín', 'Jericó'][i]} wheel |  | ? | ∞`,
      ),
    ].join('\n'),
  },
  {
    drawn: '312002/19 pewter tankards, Halifax',
    file: 'tankards.xml',
    encoding: 'windows-1252',
    brief: 'From: Tom. Subject: Fwd: shop. Pewter tankards, Halifax, Nova Scotia. Canadian dollars, before tax.',
    text: feed(
      made(11, (i): (readonly [string, string])[] => [
        [
          'title',
          `${['Citadel', 'Citadel', 'McNabs', 'McNabs', 'Georges', 'Georges', 'Point Pleasant', 'Point Pleasant', 'Chebucto', 'Chebucto', 'Chebucto'][i] ?? ''} – ${['½ pint', '1 pint', '½ pint', '1 pint', '½ pint', '1 pint', '½ pint', '1 pint', '½ pint', '1 pint', '2 pints'][i] ?? ''}`,
        ],
        [
          'note',
          ['hammered', 'hammered', 'smooth', 'smooth', 'smooth', 'smooth', 'banded', 'banded', 'smooth', 'smooth', 'smooth'][i] ??
            '',
        ],
        ['note', 'no lead'],
        ['price', `${(58 + (i % 2) * 20).toFixed(2)} CAD`],
        ['sale_price', i === 2 ? '49.00 CAD' : i === 7 ? '66.00 CAD' : ''],
      ]),
      'windows-1252',
    ),
    currency: 'CAD',
    columns: 'title particular earlierPrice/price price/earlierPrice particular',
    want: made(
      11,
      (i) =>
        `${['Citadel', 'Citadel', 'McNabs', 'McNabs', 'Georges', 'Georges', 'Point Pleasant', 'Point Pleasant', 'Chebucto', 'Chebucto', 'Chebucto'][i]} | ${['½ pint', '1 pint', '½ pint', '1 pint', '½ pint', '1 pint', '½ pint', '1 pint', '½ pint', '1 pint', '2 pints'][i]} | ${i === 2 ? 4900 : i === 7 ? 6600 : 5800 + (i % 2) * 2000} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '312002/20 candied fruit, Seville',
    file: 'fruit.xlsx',
    brief: 'Not loud, not pink, not modern. Candied fruit from Seville, Spain. Euros.',
    sheets: [
      {
        name: 'Winter',
        rows: [
          ['Candied fruit, winter list'],
          ['', ''],
          ['Product', 'SKU', 'Option', 'Value', 'Price', 'Stock'],
          ...made(35, (i): (string | number)[] => [
            `${pick(['Orange', 'Citron', 'Fig', 'Pear', 'Quince', 'Melon', 'Cherry'], Math.floor(i / 5))} of ${pick(fruit, Math.floor(i / 5))}`,
            `CF ${String(Math.floor(i / 5) + 1).padStart(2, '0')} ${i % 5}`,
            'Box',
            ['100 g', '200 g', '400 g', '800 g', '1.5 kg'][i % 5] ?? '',
            i === 14 ? 'from 44.00' : i === 29 ? '42.00-48.00' : ([5.9, 10.9, 19.9, 36, 62][i % 5] ?? ''),
            10 - (i % 5) * 2,
          ]),
          ['Total', '', '', '', '', made(35, (i) => 10 - (i % 5) * 2).reduce((sum, one) => sum + one, 0)],
          ['Boxes are of beech.'],
        ],
      },
    ],
    currency: 'EUR',
    columns: 'title sku optionName optionValue price stock',
    want: made(
      35,
      (i) =>
        `${pick(['Orange', 'Citron', 'Fig', 'Pear', 'Quince', 'Melon', 'Cherry'], Math.floor(i / 5))} of ${pick(fruit, Math.floor(i / 5))} | ${['100 g', '200 g', '400 g', '800 g', '1.5 kg'][i % 5]} | ${i === 14 || i === 29 ? '?' : [590, 1090, 1990, 3600, 6200][i % 5]} | ${10 - (i % 5) * 2}`,
    ).join('\n'),
  },
];
