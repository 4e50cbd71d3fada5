import { feed, gtin, jsonLines, letter, made, pick, product, savedPage, type ListCase } from './case';

const stays = ['Ladadika', 'Ano Poli', 'Toumba', 'Kalamaria', 'Sykies', 'Pylea', 'Evosmos'] as const;
const fans = ['Oliwa', 'Wrzeszcz', 'Zaspa', 'Przymorze', 'Brzeźno', 'Letnica'] as const;
const rubs = ['Glenelg', 'Norwood', 'Unley', 'Prospect', 'Semaphore', 'Burnside', 'Henley'] as const;
const tankards = ['Splott', 'Roath', 'Canton', 'Grangetown', 'Riverside', 'Ely', 'Heath'] as const;
const veils = ['Cayma', 'Yanahuara', 'Sachaca', 'Tiabaya', 'Characato', 'Sabandía'] as const;
/** Colours and lengths of a veil: black is not made long. */
const veilOf = (['ivory', 'white', 'black'] as const)
  .flatMap((colour) => (['elbow', 'chapel'] as const).map((length) => ({ colour, length })))
  .filter(({ colour, length }) => colour !== 'black' || length !== 'chapel');

/** Drawn (312603) and written on 1 December 2026, before the reader was run on any. */
export const batch55: ListCase[] = [
  {
    drawn: '312603/1 stays and corsets, Thessaloniki',
    file: 'stays.json',
    brief: 'Stays and corsets, sewn in Thessaloniki, Greece. Euro.',
    text: JSON.stringify([
      ...made(698, (i) => ({
        model: `${stays[i % 7]} ${Math.floor(i / 7) + 1}`,
        'waist in': pick(['22, 24, 26', '24, 26', '22, 24, 26, 28'], i),
        'price €': 160 + (i % 9) * 10,
        bones: pick(['reed', 'steel'], i),
        busk: pick(['wood', 'split steel', 'none'], i),
        lacing: pick(['back', 'front'], i),
        layers: pick(['two', 'three'], i),
        'weight g': 300 + (i % 7) * 20,
        century: pick(['17th', '18th', '19th'], i),
      })),
      {
        model: 'Placeholder',
        'waist in': '22',
        'price €': 1,
        bones: '',
        busk: '',
        lacing: '',
        layers: '',
        'weight g': 0,
        century: '',
      },
      {
        model: 'test product',
        'waist in': '22',
        'price €': 1,
        bones: '',
        busk: '',
        lacing: '',
        layers: '',
        'weight g': 0,
        century: '',
      },
    ]),
    currency: 'EUR',
    columns:
      'model=title waist_in=option price_€=price bones=particular busk=particular lacing=particular layers=particular weight_g=weight century=particular',
    want: made(698, (i) =>
      (pick(['22, 24, 26', '24, 26', '22, 24, 26, 28'], i) ?? '')
        .split(', ')
        .map((waist) => `${stays[i % 7]} ${Math.floor(i / 7) + 1} | ${waist} | ${(160 + (i % 9) * 10) * 100} | ∞`),
    )
      .flat()
      .join('\n'),
    leftOut: 2,
  },
  {
    drawn: '312603/2 flamenco fans, Gdańsk',
    file: 'fans.xlsx',
    brief: 'Fans for flamenco, Gdańsk, Poland. Złoty.',
    sheets: ['Wood', 'Bone'].map((name, s) => ({
      name,
      rows: [
        ['Title', 'Colour', 'Size', 'Price', 'EAN'],
        ...made(s ? 17 : 18, (i) => [
          `${fans[Math.floor(i / 3)] ?? ''} ${name.toLowerCase()}`,
          i % 3 === 2 ? 'red' : 'black',
          i % 3 === 1 ? '27 cm' : '23 cm',
          i === 5 ? '' : 79 + (i % 3) * 10 + s * 60,
          gtin(590000000100 + i + s * 50, i === 9 ? 1 : 0),
        ]),
      ],
    })),
    currency: 'PLN',
    columns: 'title option option price gtin',
    want: ['Wood', 'Bone']
      .flatMap((name, s) =>
        made(
          s ? 17 : 18,
          (i) =>
            `${fans[Math.floor(i / 3)] ?? ''} ${name.toLowerCase()} | ${i % 3 === 2 ? 'red' : 'black'} / ${i % 3 === 1 ? '27 cm' : '23 cm'} | ${i === 5 ? '?' : (79 + (i % 3) * 10 + s * 60) * 100} | ∞`,
        ),
      )
      .join('\n'),
  },
  {
    drawn: '312603/3 desk lamps, rewired, Cluj',
    file: 'lamps.html',
    brief: 'Old desk lamps with new wires, Cluj, Romania. Lei.',
    text: savedPage('Lamps', [
      product('Someș – green', '340', 'RON', {
        gtin13: gtin(594000000010),
        description: '<p>Rewired, with a <b>cloth</b> cable.</p>',
      }),
      product('Someș – brass', '420', 'RON', {
        gtin13: gtin(594000000011, 4),
        description: '<p>Rewired, with a <b>cloth</b> cable.</p>',
      }),
      product('Feleac – green', '290', 'RON', {
        gtin13: gtin(594000000012),
        description: '<p>From a bank.</p><script>alert(1)</script>',
      }),
      product('Feleac – black', '280', 'RON', { gtin13: gtin(594000000013), description: '<p>From a bank.</p>' }),
      product('Hoia – brass', '510', 'RON', { gtin13: gtin(594000000014), description: '<ul><li>Heavy</li><li>Turns</li></ul>' }),
      product('Hoia – black', '460', 'RON', { gtin13: gtin(594000000015), description: '<ul><li>Heavy</li><li>Turns</li></ul>' }),
    ]),
    currency: 'RON',
    columns: 'name=title gtin=gtin description=description price=price',
    want: `Someș | green | 34000 | ∞
Someș | brass | 42000 | ∞
Feleac | green | 29000 | ∞
Feleac | black | 28000 | ∞
Hoia | brass | 51000 | ∞
Hoia | black | 46000 | ∞`,
  },
  {
    drawn: '312603/4 baby shoes, Chiang Mai',
    file: 'shoes.xlsx',
    brief: 'First shoes, Chiang Mai, Thailand. Baht.',
    sheets: [
      {
        name: 'Shoes',
        rows: [
          ['Shoes for very small feet', '', '', ''],
          ['We call them', 'Dyed', 'Fits', 'You give us'],
          ...made(18, (i) => [
            pick(['Ping', 'Kham', 'Fang'], Math.floor(i / 6)),
            ['indigo', 'indigo', 'indigo', 'ebony', 'ebony', 'lac'][i % 6] ?? '',
            ['0–3 months', '3–6 months', '6–12 months', '0–3 months', '3–6 months', '3–6 months'][i % 6] ?? '',
            i === 8 ? '$14' : 390 + Math.floor(i / 6) * 40 + (i % 3) * 20,
          ]),
          [
            'Altogether',
            '',
            '',
            made(18, (i) => (i === 8 ? 0 : 390 + Math.floor(i / 6) * 40 + (i % 3) * 20)).reduce((sum, one) => sum + one, 0),
          ],
          ['Leather from Lamphun.', '', '', ''],
        ],
      },
    ],
    currency: 'THB',
    columns: 'title option option price',
    want: made(
      18,
      (i) =>
        `${pick(['Ping', 'Kham', 'Fang'], Math.floor(i / 6))} | ${['indigo', 'indigo', 'indigo', 'ebony', 'ebony', 'lac'][i % 6]} / ${['0–3 months', '3–6 months', '6–12 months', '0–3 months', '3–6 months', '3–6 months'][i % 6]} | ${i === 8 ? '?' : (390 + Math.floor(i / 6) * 40 + (i % 3) * 20) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '312603/5 barbecue rubs, Adelaide',
    file: 'rubs.xlsx',
    brief: 'Rubs for the barbecue, mixed in Adelaide, South Australia. Dollars.',
    sheets: [
      {
        name: 'Rubs',
        rows: [
          ['Rubs, all of them', '', ''],
          ...made(700, (i) => [
            i % 4 ? '' : `${rubs[Math.floor(i / 4) % 7]} ${letter(Math.floor(i / 28))}`,
            ['60 g', '120 g', '500 g', '1 kg'][i % 4] ?? '',
            i % 100 === 17 ? '' : i === 22 ? '€12.00' : pick([9.5, 16, 48, 85], i) + (Math.floor(i / 4) % 3),
          ]),
          ['Salt is from Price.', '', ''],
        ],
      },
    ],
    currency: 'AUD',
    columns: 'title option/weight price',
    want: made(
      700,
      (i) =>
        `${rubs[Math.floor(i / 4) % 7]} ${letter(Math.floor(i / 28))} | ${['60 g', '120 g', '500 g', '1 kg'][i % 4]} | ${i % 100 === 17 || i === 22 ? '?' : (pick([9.5, 16, 48, 85], i) + (Math.floor(i / 4) % 3)) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '312603/6 marbling kits, Leeds',
    file: 'kits.csv',
    brief: 'Kits for marbling paper. Leeds. Pounds.',
    text: `Kit,Pans,Price,Size,Alum,Ox gall,Size
Aire,one,34.00,carrageen,yes,20 ml,A4
Aire,two,52.00,carrageen,yes,20 ml,A4
Aire,three,,carrageen,yes,40 ml,A4
`,
    currency: 'GBP',
    columns: 'title option price particular particular particular/option particular',
    want: `Aire | one | 3400 | ∞
Aire | two | 5200 | ∞
Aire | three | ? | ∞`,
  },
  {
    drawn: '312603/7 clay plasters, Athens',
    file: 'plaster.jsonl',
    brief: 'Clay plasters, Athens, Greece. Euro.',
    text: jsonLines(
      made(18, (i) => ({
        tribe: `K${Math.floor(i / 3) + 1}`,
        'mud with a name': pick(['Hymettus', 'Pentelic', 'Parnitha', 'Aigaleo', 'Kifissos', 'Ilisos'], Math.floor(i / 3)),
        'how much mud': ['1 kg', '10 kg', '25 kg'][i % 3],
        'what mud costs': (pick([2.8, 19.5, 42], i) + Math.floor(i / 3)).toFixed(2),
        'where in the yard': i < 9 ? 'Plaster > Fine' : 'Plaster > Coarse',
        'left in the yard': pick(['plenty', 'two', 'sold out', 'five'], i),
      })),
    ),
    currency: 'EUR',
    columns:
      'tribe=group/sku mud_with_a_name=title how_much_mud=option/weight what_mud_costs=price where_in_the_yard=category left_in_the_yard=stock',
    want: made(
      18,
      (i) =>
        `${pick(['Hymettus', 'Pentelic', 'Parnitha', 'Aigaleo', 'Kifissos', 'Ilisos'], Math.floor(i / 3))} | ${['1 kg', '10 kg', '25 kg'][i % 3]} | ${Math.round((pick([2.8, 19.5, 42], i) + Math.floor(i / 3)) * 100)} | ${pick(['∞', '2', '0', '5'], i)}`,
    ).join('\n'),
  },
  {
    drawn: '312603/8 letter openers, Bratislava',
    file: 'openers.txt',
    brief: 'Letter openers, forged in Bratislava, Slovakia. Euro.',
    text: `opener; price; steel; handle; hand; note; note
Devín – long; 38 €; C60; pear; right; "a little
heavy"; oiled
Devín – short; 32 €; C60; pear; right; light; oiled
Rača – long; 44 €; damascus; plum; right; "called ""the bishop"""; waxed
Rača – short; 36 €; damascus; plum; right; light; waxed
Petržalka – long; 29 €; spring; elm; both; plain; oiled
Petržalka – short; 24 €; spring; elm; both; plain; oiled
Lamač – long; 41 €; C60; walnut; left; plain; waxed
Lamač – short; 35 €; C60; walnut; left; light; waxed
Dúbravka – long; 47 €; damascus; bone; both; "heavy"; waxed
Dúbravka – short; 39 €; damascus; bone; both; light; waxed
Záhorská; 60 €; meteor; none; both; one alone; waxed
`,
    currency: 'EUR',
    columns: 'title price particular particular particular particular/description particular',
    want: `Devín | long | 3800 | ∞
Devín | short | 3200 | ∞
Rača | long | 4400 | ∞
Rača | short | 3600 | ∞
Petržalka | long | 2900 | ∞
Petržalka | short | 2400 | ∞
Lamač | long | 4100 | ∞
Lamač | short | 3500 | ∞
Dúbravka | long | 4700 | ∞
Dúbravka | short | 3900 | ∞
Záhorská |  | 6000 | ∞`,
  },
  {
    drawn: '312603/9 wasabi, Rostock',
    file: 'wasabi.tsv',
    brief: 'Wasabi, grown in Rostock, Germany. Euro.',
    text: `What makes you cry	Before you cried	While you cry	What it is
Rhizome, small	19.50		"Fresh.
In moss."
Rhizome, large	34.00	29.00	"Fresh.
In moss."
Paste	8.90		In a "tube".
Powder	11.50		Real.
Leaves	6.00	4.50	In brine.
Stems	7.20		In soy.
Salt	5.50		With leaf.
Seedling	14.00	12.00	In a pot.
Grater of sharkskin	42.00		From Ise.
Grater of steel	18.00		From here.
Brush	9.00		Bamboo.
`,
    currency: 'EUR',
    columns: 'title earlierPrice/price price/earlierPrice description/particular',
    want: `Rhizome, small |  | 1950 | ∞
Rhizome, large |  | 2900 | ∞
Paste |  | 890 | ∞
Powder |  | 1150 | ∞
Leaves |  | 450 | ∞
Stems |  | 720 | ∞
Salt |  | 550 | ∞
Seedling |  | 1200 | ∞
Grater of sharkskin |  | 4200 | ∞
Grater of steel |  | 1800 | ∞
Brush |  | 900 | ∞`,
    or: {
      columns: 'title earlierPrice/price price/earlierPrice description/particular',
      want: `Rhizome | small | 1950 | ∞
Rhizome | large | 2900 | ∞
Paste |  | 890 | ∞
Powder |  | 1150 | ∞
Leaves |  | 450 | ∞
Stems |  | 720 | ∞
Salt |  | 550 | ∞
Seedling |  | 1200 | ∞
Grater of sharkskin |  | 4200 | ∞
Grater of steel |  | 1800 | ∞
Brush |  | 900 | ∞`,
    },
  },
  {
    drawn: '312603/10 pewter tankards, Cardiff',
    file: 'tankards.json',
    brief: 'Tankards of pewter, cast in Cardiff, Wales. Pounds.',
    text: JSON.stringify(
      made(700, (i) => {
        const amount = 42 + (i % 2) * 14 + (Math.floor(i / 2) % 8) * 3;
        return {
          'the vessel': `${tankards[Math.floor(i / 2) % 7]} ${Math.floor(i / 14) + 1} – ${i % 2 ? 'pint' : 'half pint'}`,
          'we want': i % 120 === 40 ? `from £${amount}` : i % 120 === 41 ? `£${amount}–£${amount + 20}` : `£${amount}.00`,
          'on the scales': i % 2 ? '0.62 kg' : '380 g',
          foot: pick(['flared', 'plain', 'ringed'], Math.floor(i / 2)),
        };
      }),
    ),
    currency: 'GBP',
    columns: 'the_vessel=title we_want=price on_the_scales=weight foot=particular',
    want: made(700, (i) => {
      const amount = 42 + (i % 2) * 14 + (Math.floor(i / 2) % 8) * 3;
      return `${tankards[Math.floor(i / 2) % 7]} ${Math.floor(i / 14) + 1} | ${i % 2 ? 'pint' : 'half pint'} | ${[40, 41].includes(i % 120) ? '?' : amount * 100} | ∞`;
    }).join('\n'),
  },
  {
    drawn: '312603/11 samovars, Helsinki',
    file: 'samovars.xml',
    brief: 'Samovars, Helsinki, Finland. Euro.',
    text: feed(
      made(6, (i): (readonly [string, string])[] => [
        ['pot', ['Kallio', 'Kallio', 'Ullanlinna', 'Ullanlinna', 'Ullanlinna', 'Vallila'][i] ?? ''],
        ['which', 'Holds'],
        ['that', ['3 l', '5 l', '3 l', '5 l', '7 l', '5 l'][i] ?? ''],
        ['asked', ['240.00', '310.00', '280.00', '350.00', '440.00', '520.00'][i] ?? ''],
        ['bars', gtin(640000000010 + i, i === 2 ? 3 : 0)],
        ['told', i < 2 ? 'Brass.\nThe tap is "new".' : i < 5 ? 'Nickel on copper.\nSings.' : 'From a train.'],
      ]),
    ),
    currency: 'EUR',
    columns: 'pot=title which=optionName that=optionValue asked=price bars=gtin told=description/particular',
    want: `Kallio | 3 l | 24000 | ∞
Kallio | 5 l | 31000 | ∞
Ullanlinna | 3 l | 28000 | ∞
Ullanlinna | 5 l | 35000 | ∞
Ullanlinna | 7 l | 44000 | ∞
Vallila | 5 l | 52000 | ∞`,
  },
  {
    drawn: '312603/12 zoetropes, La Paz',
    file: 'zootropos.jsonl',
    encoding: 'iso-8859-1',
    brief: 'Zoótropos hechos a mano en La Paz, Bolivia. Precios en bolivianos.',
    text: jsonLines(
      made(11, (i) => ({
        nombre: [
          'Illimani',
          'Illimani',
          'Illimani',
          'Mururata',
          'Mururata',
          'Mururata',
          'Chacaltaya',
          'Chacaltaya',
          'Chacaltaya',
          'Sorata',
          'Sorata',
        ][i],
        tambor: ['cartón', 'lata', 'madera'][i % 3],
        precio: 180 + (i % 3) * 60 + Math.floor(i / 3) * 10,
        'precio rebajado': i === 4 ? 210 : i === 8 ? 280 : null,
      })),
    ),
    currency: 'BOB',
    columns: 'nombre=title tambor=option precio=earlierPrice/price precio_rebajado=price/earlierPrice',
    want: made(
      11,
      (i) =>
        `${['Illimani', 'Illimani', 'Illimani', 'Mururata', 'Mururata', 'Mururata', 'Chacaltaya', 'Chacaltaya', 'Chacaltaya', 'Sorata', 'Sorata'][i]} | ${['cartón', 'lata', 'madera'][i % 3]} | ${i === 4 ? 21000 : i === 8 ? 28000 : (180 + (i % 3) * 60 + Math.floor(i / 3) * 10) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '312603/13 wooden spectacles, Sapporo',
    file: 'spectacles.xlsx',
    brief: 'Spectacles of wood. Sapporo, Japan. Yen.',
    sheets: [
      {
        name: 'Sheet1',
        rows: [
          ['Everything one can see through', '', '', ''],
          ['Nose furniture', 'Grown as', 'The sting', 'Stripes'],
          ['Maruyama', 'walnut', 38000, gtin(490000000010)],
          ['Maruyama', 'maple', 36000, gtin(490000000011)],
          ['Maruyama', 'cherry', '', gtin(490000000012)],
          ['Moiwa', 'walnut', 42000, gtin(490000000013, 2)],
          ['Moiwa', 'maple', 40000, gtin(490000000014)],
          ['Moiwa', 'bog oak', 64000, gtin(490000000015)],
          ['Total', '', 220000, ''],
          ['Lenses are not included.', '', '', ''],
        ],
      },
    ],
    currency: 'JPY',
    columns: 'title option price gtin',
    want: `Maruyama | walnut | 38000 | ∞
Maruyama | maple | 36000 | ∞
Maruyama | cherry | ? | ∞
Moiwa | walnut | 42000 | ∞
Moiwa | maple | 40000 | ∞
Moiwa | bog oak | 64000 | ∞`,
  },
  {
    drawn: '312603/14 origami paper, Lille',
    file: 'paper.html',
    brief: 'Origami paper, Lille, France. Euro.',
    text: `<!doctype html><html><head><title>Paper</title></head><body><h1>Paper</h1>
<table><tr><th>Paper</th><th>Side cm</th><th>Price EUR</th><th>Shelf</th></tr>
<tr><td>Wazemmes</td><td>7.5</td><td>4.20</td><td>Paper &gt; Plain</td></tr>
<tr><td></td><td>15</td><td>6.80</td><td></td></tr>
<tr><td></td><td>24</td><td>9.50</td><td></td></tr>
<tr><td>Fives "red</td><td>7.5</td><td>4.60</td><td>Paper &gt; Printed</td></tr>
<tr><td></td><td>15</td><td>7.40</td><td></td></tr>
<tr><td>Moulins</td><td>15</td><td>7.20</td><td>Paper &gt; Printed</td></tr>
<tr><td></td><td>24</td><td>10.40</td><td></td></tr>
<tr><td>Esquermes</td><td>7.5</td><td>4.90</td><td>Paper &gt; Foil</td></tr>
<tr><td></td><td>15</td><td>8.10</td><td></td></tr>
<tr><td>Bois Blancs</td><td>15</td><td>5.90</td><td>Paper &gt; Plain</td></tr>
<tr><td></td><td>24</td><td>8.80</td><td></td></tr>
</table></body></html>`,
    currency: 'EUR',
    columns: 'title option price category',
    want: `Wazemmes | 7.5 | 420 | ∞
Wazemmes | 15 | 680 | ∞
Wazemmes | 24 | 950 | ∞
Fives "red | 7.5 | 460 | ∞
Fives "red | 15 | 740 | ∞
Moulins | 15 | 720 | ∞
Moulins | 24 | 1040 | ∞
Esquermes | 7.5 | 490 | ∞
Esquermes | 15 | 810 | ∞
Bois Blancs | 15 | 590 | ∞
Bois Blancs | 24 | 880 | ∞`,
  },
  {
    drawn: '312603/15 goose down pillows, Muscat',
    file: 'pillows.xml',
    brief: 'Pillows of goose down. Muscat, Oman. Rials.',
    text: feed(
      made(11, (i): (readonly [string, string])[] => [
        ['المجموعة', `G${Math.floor(i / 2) + 1}`],
        ['الاسم', ['مطرح', 'روي', 'القرم', 'بوشر', 'السيب', 'العذيبة'][Math.floor(i / 2)] ?? ''],
        ['المقاس', i % 2 ? '50 x 90' : '50 x 70'],
        ['السعر', i === 3 ? '$60' : (18.5 + (i % 2) * 6 + Math.floor(i / 2)).toFixed(3)],
        ['الفئة', i < 6 ? 'وسائد > ناعمة' : 'وسائد > قاسية'],
      ]),
    ),
    currency: 'OMR',
    columns: 'المجموعة=group/sku الاسم=title المقاس=option السعر=price الفئة=category',
    want: made(
      11,
      (i) =>
        `${['مطرح', 'روي', 'القرم', 'بوشر', 'السيب', 'العذيبة'][Math.floor(i / 2)]} | ${i % 2 ? '50 x 90' : '50 x 70'} | ${i === 3 ? '?' : Math.round((18.5 + (i % 2) * 6 + Math.floor(i / 2)) * 1000)} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '312603/16 picnic blankets, Bergen',
    file: 'blankets.xlsx',
    brief: 'Blankets for the fjord, Bergen, Norway. Kroner.',
    sheets: [
      {
        name: 'Wool',
        rows: [
          ['Sit on it', 'Looks like', 'Room for', 'Hurts', 'Underneath'],
          ['Fløyen', 'moss', 'two', 890, 'waxed'],
          ['Fløyen', 'moss', 'four', 1290, 'waxed'],
          ['Fløyen', 'moss', 'four', 1090, 'plain'],
        ],
      },
      {
        name: 'Linen',
        rows: [
          ['Sit on it', 'Looks like', 'Room for', 'Hurts', 'Underneath'],
          ['Ulriken', 'sky', 'two', 790, 'plain'],
          ['Ulriken', 'rust', 'two', '€80', 'plain'],
          ['Ulriken', 'sky', 'four', 1190, 'plain'],
        ],
      },
    ],
    currency: 'NOK',
    columns: 'title option option price option',
    want: `Fløyen | moss / two / waxed | 89000 | ∞
Fløyen | moss / four / waxed | 129000 | ∞
Fløyen | moss / four / plain | 109000 | ∞
Ulriken | sky / two / plain | 79000 | ∞
Ulriken | rust / two / plain | ? | ∞
Ulriken | sky / four / plain | 119000 | ∞`,
  },
  {
    drawn: '312603/17 eel leather, Tunis',
    file: 'leather.csv',
    brief: 'Eel leather. Tunis, Tunisia. Dinars.',
    text: `Slippery thing,Was how long,Bite,Lives in
Hide,60 cm,18.500,Leather > Hides
,90 cm,26.750,
,120 cm,€14,
Lace,1 m,4.250,Leather > Small
,2 m,7.900,
Offcuts,100 g,3.600,Leather > Small
,500 g,15.000,
Belt,85 cm,44.000,Made > Belts
,95 cm,46.500,
,105 cm,49.000,
Purse,small,32.250,Made > Purses
`,
    currency: 'TND',
    columns: 'title option price category',
    want: `Hide | 60 cm | 18500 | ∞
Hide | 90 cm | 26750 | ∞
Hide | 120 cm | ? | ∞
Lace | 1 m | 4250 | ∞
Lace | 2 m | 7900 | ∞
Offcuts | 100 g | 3600 | ∞
Offcuts | 500 g | 15000 | ∞
Belt | 85 cm | 44000 | ∞
Belt | 95 cm | 46500 | ∞
Belt | 105 cm | 49000 | ∞
Purse | small | 32250 | ∞`,
  },
  {
    drawn: '312603/18 veils, Arequipa',
    file: 'veils.html',
    brief: 'Veils for weddings, sewn in Arequipa, Peru. Soles.',
    text: savedPage('Veils', [
      ...made(118, (i) => {
        const { colour, length } = pick(veilOf, i);
        return product(
          `${veils[Math.floor(i / 20)]} ${(Math.floor(i / 5) % 4) + 1}${Math.floor(i / 5) === 3 ? ' "lace' : ''}`,
          (180 + (length === 'chapel' ? 120 : 0) + Math.floor(i / 20) * 15).toFixed(2),
          'PEN',
          { color: colour, size: length },
        );
      }),
      product('Sample product', '1.00', 'PEN', { color: 'ivory', size: 'elbow' }),
      product('Lorem ipsum', '1.00', 'PEN', { color: 'ivory', size: 'elbow' }),
    ]),
    currency: 'PEN',
    columns: 'name=title color=option size=option price=price',
    want: made(118, (i) => {
      const { colour, length } = pick(veilOf, i);
      return `${veils[Math.floor(i / 20)]} ${(Math.floor(i / 5) % 4) + 1}${Math.floor(i / 5) === 3 ? ' "lace' : ''} | ${colour} / ${length} | ${(180 + (length === 'chapel' ? 120 : 0) + Math.floor(i / 20) * 15) * 100} | ∞`;
    }).join('\n'),
    leftOut: 2,
  },
];
