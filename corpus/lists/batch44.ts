import { feed, gtin, jsonLines, made, pick, type ListCase } from './case';

const blade = ['Feydeau', 'Graslin', 'Chantenay', 'Bouffay', 'Doulon', 'Trentemoult', 'Rezé'] as const;
const hook = ['Dobbin', 'Captain', 'Molly', 'Duke', 'Ginger', 'Belle', 'Prince', 'Queenie'] as const;
const saree = ['Rathmines', 'Howth', 'Sandymount', 'Clontarf', 'Dalkey', 'Malahide', 'Phibsborough', 'Ranelagh'] as const;
const sandal = ['Gurney', 'Batu', 'Tikus', 'Hijau', 'Lebuh', 'Armenian', 'Chulia'] as const;
const sarong = ['Kadıköy', 'Eminönü', 'Üsküdar', 'Karaköy', 'Balat', 'Ortaköy'] as const;
const lane = ['Toumba', 'Kalamaria', 'Ladadika', 'Pylea', 'Sykies', 'Evosmos', 'Triandria'] as const;
const play = ['Malam Jaya', 'Roro Jonggrang', 'Si Kabayan', 'Lutung', 'Bawang Putih', 'Nyai Ontosoroh'] as const;
const flower = ['蓮花', '菊花', '百合', '蘭花', '玫瑰', '牡丹', '梅花'] as const;

/** Drawn (305001; the one without a list left out) and written on 30 November 2026, before the reader was run on any. */
export const batch44: ListCase[] = [
  {
    drawn: '305001/1 saw blades, Nantes',
    file: 'lames.xml',
    brief: 'Lames de scie, Nantes, France. We sharpen and sell them.',
    text: feed(
      made(35, (i) => [
        ['groupe', `L${Math.floor(i / 5) + 1}`],
        ['nom', `Lame ${pick(blade, Math.floor(i / 5))}`],
        ['denture', ['fine', 'moyenne', 'grosse', 'croisée', 'inversée'][i % 5] ?? ''],
        ['prix', `${18 + (i % 5) * 4},50 €`],
        ['reference', `LS ${String(i + 1).padStart(3, '0')} ${i % 4}`],
        ['code_barres', gtin(312000000000 + i, i === 7 || i === 21 ? 2 : 0)],
      ]),
    ),
    currency: 'EUR',
    columns: 'group title option price sku gtin',
    want: made(
      35,
      (i) =>
        `Lame ${pick(blade, Math.floor(i / 5))} | ${['fine', 'moyenne', 'grosse', 'croisée', 'inversée'][i % 5]} | ${(18 + (i % 5) * 4) * 100 + 50} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '305001/2 coat hooks from horseshoes, Worcester, Massachusetts',
    file: 'hooks.json',
    brief: 'So, um, coat hooks, from old horseshoes, in Worcester, Massachusetts.',
    text: JSON.stringify({
      shop: 'hooks',
      items: made(120, (i) => ({
        title: `${pick(hook, Math.floor(i / 3))} ${Math.floor(i / 24) + 1} - ${['1 hook', '2 hooks', '3 hooks'][i % 3]}`,
        price: 24 + (i % 3) * 11,
        sale_price: i % 10 === 4 ? 20 + (i % 3) * 11 : null,
        category: i % 2 ? 'Hooks > Hall' : 'Hooks > Barn',
        finish: pick(['waxed', 'rusted', 'painted'], Math.floor(i / 3)),
      })),
    }),
    currency: 'USD',
    columns: 'title earlierPrice/price price/earlierPrice category particular',
    want: made(
      120,
      (i) =>
        `${pick(hook, Math.floor(i / 3))} ${Math.floor(i / 24) + 1} | ${['1 hook', '2 hooks', '3 hooks'][i % 3]} | ${(i % 10 === 4 ? 20 + (i % 3) * 11 : 24 + (i % 3) * 11) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '305001/3 prayer beads, Rostock',
    file: 'beads.csv',
    brief: 'Prayer beads, strung in Rostock, Germany, some our own and some from a monastery. Euros.',
    text: `Name,Bead (mm),Price (EUR),Was (EUR),Wood
Olive string,"6, 8, 10",38.00,,olive
Pear string,"6, 8",34.00,39.00,pear
Bog oak string,"8, 10",58.00,,bog oak
Finger ring,6,12.00,,olive
Pocket ten,"6, 8",18.00,,plum
Example product,0,0.00,,x
Bone string,8,44.00,52.00,bone
Amber string,"6, 8, 10",89.00,,amber
Lapis string,"6, 8",76.00,,stone
Car string,10,22.00,,walnut
Wedding string,"8, 10",64.00,70.00,silver
`,
    currency: 'EUR',
    columns: 'title option price earlierPrice particular',
    leftOut: 1,
    want: `Olive string | 6 | 3800 | ∞
Olive string | 8 | 3800 | ∞
Olive string | 10 | 3800 | ∞
Pear string | 6 | 3400 | ∞
Pear string | 8 | 3400 | ∞
Bog oak string | 8 | 5800 | ∞
Bog oak string | 10 | 5800 | ∞
Finger ring | 6 | 1200 | ∞
Pocket ten | 6 | 1800 | ∞
Pocket ten | 8 | 1800 | ∞
Bone string | 8 | 4400 | ∞
Amber string | 6 | 8900 | ∞
Amber string | 8 | 8900 | ∞
Amber string | 10 | 8900 | ∞
Lapis string | 6 | 7600 | ∞
Lapis string | 8 | 7600 | ∞
Car string | 10 | 2200 | ∞
Wedding string | 8 | 6400 | ∞
Wedding string | 10 | 6400 | ∞`,
  },
  {
    drawn: '305001/4 dhurrie rugs, Rotterdam',
    file: 'dhurries.xlsx',
    brief: 'Dhurrie rugs in Rotterdam, the Netherlands. Our first loom is from 1950. Prices in euros.',
    sheets: [
      {
        name: 'Rugs',
        rows: [
          ['The rug', 'Ground', 'Across', 'What it takes to own it', 'Heft'],
          ...[
            ['Maas', 'indigo', '60 × 90', 95, '1.1 kg'],
            ['Maas', 'indigo', '120 × 180', 290, '4.2 kg'],
            ['Maas', 'madder', '60 × 90', 95, '1.1 kg'],
            ['Maas', 'madder', '120 × 180', 290, '4.2 kg'],
            ['Maas', 'madder', '170 × 240', 520, '8 kg'],
            ['Waal', 'sand', '60 × 90', 105, '1.2 kg'],
            ['Waal', 'sand', '120 × 180', 310, '4.4 kg'],
            ['Waal', 'indigo', '60 × 90', 105, '1.2 kg'],
            ['Rotte', 'sand', '120 × 180', 340, '4.8 kg'],
            ['Rotte', 'sand', '170 × 240', 590, '9 kg'],
            ['Rotte', 'madder', '120 × 180', 340, '4.8 kg'],
            ['IJssel', 'indigo', '60 × 90', 99, '900 g'],
            ['IJssel', 'indigo', '120 × 180', 280, '4 kg'],
            ['IJssel', 'sand', '120 × 180', 280, '4 kg'],
            ['IJssel', 'sand', '170 × 240', 490, '7.6 kg'],
            ['Schie', 'madder', '60 × 90', 88, '850 g'],
            ['Schie', 'sand', '60 × 90', 88, '850 g'],
            ['Schie', 'sand', '120 × 180', 260, '3.8 kg'],
          ],
        ],
      },
      {
        name: 'Addresses',
        rows: [
          ['Weaver', 'Town'],
          ['Kamla', 'Mirzapur'],
          ['Joost', 'Rotterdam'],
        ],
      },
    ],
    currency: 'EUR',
    columns: 'title option option price weight',
    want: `Maas | indigo / 60 × 90 | 9500 | ∞
Maas | indigo / 120 × 180 | 29000 | ∞
Maas | madder / 60 × 90 | 9500 | ∞
Maas | madder / 120 × 180 | 29000 | ∞
Maas | madder / 170 × 240 | 52000 | ∞
Waal | sand / 60 × 90 | 10500 | ∞
Waal | sand / 120 × 180 | 31000 | ∞
Waal | indigo / 60 × 90 | 10500 | ∞
Rotte | sand / 120 × 180 | 34000 | ∞
Rotte | sand / 170 × 240 | 59000 | ∞
Rotte | madder / 120 × 180 | 34000 | ∞
IJssel | indigo / 60 × 90 | 9900 | ∞
IJssel | indigo / 120 × 180 | 28000 | ∞
IJssel | sand / 120 × 180 | 28000 | ∞
IJssel | sand / 170 × 240 | 49000 | ∞
Schie | madder / 60 × 90 | 8800 | ∞
Schie | sand / 60 × 90 | 8800 | ∞
Schie | sand / 120 × 180 | 26000 | ∞`,
  },
  {
    drawn: '305001/5 wedding sarees, hired and sold, Dublin',
    file: 'sarees.txt',
    brief: 'We are sell and also hire the wedding sarees in Dublin, Ireland. Euro.',
    text: `Saree name\tBlouse comes in\tTo keep it\tWeave\tBorder\tZari\tWhich state\tFall done\tWho wears\n${made(120, (i) =>
      [
        i % 4 ? '' : `${pick(saree, Math.floor(i / 4))} ${Math.floor(i / 32) + 1}`,
        ['34', '36', '38', '40'][i % 4],
        i === 13 ? 'from €320' : i === 50 ? '€400 - €480' : `€${320 + (Math.floor(i / 4) % 6) * 45}`,
        pick(['Banarasi', 'Kanjivaram', 'Paithani'], Math.floor(i / 4)),
        pick(['temple', 'paisley'], Math.floor(i / 4)),
        pick(['tested', 'pure'], Math.floor(i / 4)),
        pick(['Uttar Pradesh', 'Tamil Nadu', 'Maharashtra'], Math.floor(i / 4)),
        pick(['yes', 'no'], Math.floor(i / 4)),
        pick(['bride', 'mother', 'guest'], Math.floor(i / 4)),
      ].join('\t'),
    ).join('\n')}\n`,
    currency: 'EUR',
    columns: 'title option price particular particular particular particular particular particular',
    want: made(
      120,
      (i) =>
        `${pick(saree, Math.floor(i / 4))} ${Math.floor(i / 32) + 1} | ${['34', '36', '38', '40'][i % 4]} | ${i === 13 || i === 50 ? '?' : (320 + (Math.floor(i / 4) % 6) * 45) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '305001/6 irons for branding wood, Asunción',
    file: 'hierros.jsonl',
    brief: 'Irons for branding wood, Asunción, Paraguay. Guaraníes. Cheap, and that is the point!',
    text: made(18, (i) => {
      const name = ['Lapacho', 'Cedro', 'Guayacán', 'Petereby', 'Timbó', 'Yvyraró'][Math.floor(i / 3)] ?? '';
      return `{"Iron":"${name}","Plate":"${['2 cm', '4 cm', '6 cm'][i % 3]}","Price":${90000 + (i % 3) * 40000},"Price":${i % 6 === 1 ? 110000 : 'null'},"Heats by":"${pick(['fire', 'plug'], Math.floor(i / 3))}"}`;
    }).join('\n'),
    currency: 'PYG',
    columns: 'title option price earlierPrice particular',
    want: made(
      18,
      (i) =>
        `${['Lapacho', 'Cedro', 'Guayacán', 'Petereby', 'Timbó', 'Yvyraró'][Math.floor(i / 3)]} | ${['2 cm', '4 cm', '6 cm'][i % 3]} | ? | ∞`,
    ).join('\n'),
  },
  {
    drawn: '305001/8 spinning wheels, Marrakesh',
    file: 'wheels.xlsx',
    brief: 'Spinning wheels -> Marrakesh, Morocco / dirhams / since 1890 or so',
    sheets: [
      {
        name: 'Wheels',
        rows: [
          ['Wheels we turn'],
          ['Ask before you pay.'],
          [],
          ['Wheel', 'Yours for', 'What we say of it'],
          ['Ourika – upright', '2,400 DH', '<p>Turns <b>both</b> ways.</p>'],
          ['Ourika – lying', '2,900 DH', '<p>For long legs.<br>Folds.</p>'],
          ['Bobbin', '€6', '<p>Three come with a wheel.</p>'],
          ['Total', '5,300 DH', ''],
        ],
      },
    ],
    currency: 'MAD',
    columns: 'title price description',
    want: `Ourika | upright | 240000 | ∞
Ourika | lying | 290000 | ∞
Bobbin |  | ? | ∞`,
  },
  {
    drawn: '305001/9 sandals, Penang',
    file: 'sandals.jsonl',
    brief: 'Cheap sandals. We are proud of it. Penang, Malaysia. Ringgit.',
    text: jsonLines(
      made(700, (i) => i)
        .filter((i) => i % 15 !== 11)
        .map((i) => ({
          'sole mate': `${pick(sandal, Math.floor(i / 10))} ${Math.floor(i / 70) + 1}`,
          'paint job': ['tan', 'black'][Math.floor((i % 10) / 5)],
          'how big are you': [36, 38, 40, 42, 44][i % 5],
          'the damage': 19.9 + (Math.floor(i / 10) % 4) * 5,
          'any left?': pick(['loads', 'sold out', 'yes', 'last pair', 'yes'], i),
        })),
    ),
    currency: 'MYR',
    columns: 'title option option price stock',
    want: made(700, (i) => i)
      .filter((i) => i % 15 !== 11)
      .map(
        (i) =>
          `${pick(sandal, Math.floor(i / 10))} ${Math.floor(i / 70) + 1} | ${['tan', 'black'][Math.floor((i % 10) / 5)]} / ${[36, 38, 40, 42, 44][i % 5]} | ${1990 + (Math.floor(i / 10) % 4) * 500} | ${pick(['∞', '0', '∞', '1', '∞'], i)}`,
      )
      .join('\n'),
  },
  {
    drawn: '305001/10 fishing floats, Rostock',
    file: 'floats.txt',
    brief: 'Fishing floats.\nTown: Rostock, Germany\nMoney: euros',
    text: `Float\tA piece\tOn the bench\tGood for
Warnow, cork\t4.50\tdozens\troach
Warnow, balsa\t5.20\tthree\troach
Peene, cork\t4.90\tnone\tbream
Peene, balsa\t5.60\tplenty\tbream
Reed waggler\t3.80\ttwo left\ttench
Reed waggler\t3.80\tfive\tperch
`,
    currency: 'EUR',
    columns: 'title price stock particular',
    want: `Warnow | cork | 450 | ∞
Warnow | balsa | 520 | 3
Peene | cork | 490 | 0
Peene | balsa | 560 | ∞
Reed waggler | tench | 380 | 2
Reed waggler | perch | 380 | 5`,
  },
  {
    drawn: '305001/11 gospel records, Quito',
    file: 'records.csv',
    brief: 'Gospel records, Quito, Ecuador. US dollars.',
    text: `Group,Record,Format,Price in USD,Weight in g,About
G1,Sunday in Guápulo,LP,24.00,260,<p>A choir of <em>nine</em>.</p>
G1,Sunday in Guápulo,7 inch,9.00,60,<p>Two songs.</p>
G1,Sunday in Guápulo,CD,12.00,90,<p>With two more songs.</p>
G2,Río de gracia,LP,26.00,270,<p>Live.</p>
G2,Río de gracia,CD,12.00,90,<p>Live.</p>
G3,Hermanas Paz,LP,22.00,255,<p>First press.</p>
G3,Hermanas Paz,7 inch,8.50,60,<p>Mono.</p>
G4,Aleluya Sur,LP,24.00,260,<p>Blue vinyl.</p>
G4,Aleluya Sur,CD,11.00,90,<p>Card sleeve.</p>
G5,Coro de la Loma,LP,28.00,280,<p>Two sides &amp; a booklet.</p>
G5,Coro de la Loma,7 inch,9.50,60,<p>One side is silent.</p>
G5,Coro de la Loma,CD,12.50,90,<p>All of it.</p>
G6,Vigilia,LP,23.00,260,<p>Recorded at four.</p>
G6,Vigilia,CD,11.50,90,<p>Recorded at four.</p>
G7,La voz de Ruth,LP,25.00,260,<p>Alone.</p>
G7,La voz de Ruth,7 inch,9.00,60,<p>Alone, short.</p>
G8,Valle,LP,21.00,250,<p>Worn sleeve.</p>
G8,Valle,CD,10.00,90,<p>New sleeve.</p>
`,
    currency: 'USD',
    columns: 'group title option price weight description',
    want: `Sunday in Guápulo | LP | 2400 | ∞
Sunday in Guápulo | 7 inch | 900 | ∞
Sunday in Guápulo | CD | 1200 | ∞
Río de gracia | LP | 2600 | ∞
Río de gracia | CD | 1200 | ∞
Hermanas Paz | LP | 2200 | ∞
Hermanas Paz | 7 inch | 850 | ∞
Aleluya Sur | LP | 2400 | ∞
Aleluya Sur | CD | 1100 | ∞
Coro de la Loma | LP | 2800 | ∞
Coro de la Loma | 7 inch | 950 | ∞
Coro de la Loma | CD | 1250 | ∞
Vigilia | LP | 2300 | ∞
Vigilia | CD | 1150 | ∞
La voz de Ruth | LP | 2500 | ∞
La voz de Ruth | 7 inch | 900 | ∞
Valle | LP | 2100 | ∞
Valle | CD | 1000 | ∞`,
  },
  {
    drawn: '305001/12 raw chocolate, Taipei',
    file: 'chocolate.txt',
    brief: 'Raw chocolate, Taipei, Taiwan. New Taiwan dollars.',
    text: `Bar|Price, NT$|Weight, g|Cocoa, %
Pingtung - plain|180|60|70
Pingtung - salted|190|60|70
Pingtung - "bitter|200|60|85
Taitung - plain|190|60|72
Taitung - longan|210|60|65
Hualien - plain|185|60|70
Hualien - ginger|195|60|68
Drinking chocolate|320|250|75
Nibs|240|200|100
Cocoa tea|160|100|100
Box of six|980|360|70
`,
    currency: 'TWD',
    columns: 'title price weight particular',
    want: `Pingtung | plain | 18000 | ∞
Pingtung | salted | 19000 | ∞
Pingtung | "bitter | 20000 | ∞
Taitung | plain | 19000 | ∞
Taitung | longan | 21000 | ∞
Hualien | plain | 18500 | ∞
Hualien | ginger | 19500 | ∞
Drinking chocolate |  | 32000 | ∞
Nibs |  | 24000 | ∞
Cocoa tea |  | 16000 | ∞
Box of six |  | 98000 | ∞`,
  },
  {
    drawn: '305001/13 sarongs, Istanbul',
    file: 'sarong.xlsx',
    brief: 'Sarongs, woven and sold to shops from Istanbul, Turkey. Turkish lira.',
    sheets: [
      {
        name: 'Liste',
        rows: [
          ['Sarongs for shops'],
          ['Prices are each.'],
          [],
          ...made(120, (i): (string | number)[] => [
            `${pick(sarong, i)} ${i + 1}`,
            i % 3 ? 'S, M, L' : 'M, L',
            i === 20 ? '450 TL üzeri' : i === 77 ? '400-500 TL' : `${380 + (i % 6) * 30} TL`,
            `${pick(['Cotton', 'Bamboo'], i)}.\nThey say "${pick(['soft', 'like water'], i)}".`,
          ]),
          ['Total', '', '54000 TL'],
        ],
      },
    ],
    currency: 'TRY',
    columns: 'title option price description',
    want: made(120, (i) =>
      (i % 3 ? ['S', 'M', 'L'] : ['M', 'L']).map(
        (of) => `${pick(sarong, i)} ${i + 1} | ${of} | ${i === 20 || i === 77 ? '?' : (380 + (i % 6) * 30) * 100} | ∞`,
      ),
    )
      .flat()
      .join('\n'),
  },
  {
    drawn: '305001/14 artificial flowers for graves, Tartu',
    file: 'flowers.jsonl',
    brief: 'Artificial flowers for graves, made of waxed paper in Tartu, Estonia. Prices are in euros.',
    text: jsonLines(
      made(18, (i) => ({
        'what we fold': ['Aster', 'Lily', 'Snowdrop', 'Heather', 'Rose', 'Fern'][Math.floor(i / 3)],
        'bound as': ['single', 'spray', 'wreath'][i % 3],
        asked: [6, 18, 45][i % 3],
        'code under the bars': gtin(474000000000 + i, i === 4 ? 1 : 0),
        'stands the rain': pick(['a season', 'two seasons'], Math.floor(i / 3)),
      })),
    ),
    currency: 'EUR',
    columns: 'title option price gtin particular',
    want: made(
      18,
      (i) =>
        `${['Aster', 'Lily', 'Snowdrop', 'Heather', 'Rose', 'Fern'][Math.floor(i / 3)]} | ${['single', 'spray', 'wreath'][i % 3]} | ${[6, 18, 45][i % 3]}00 | ∞`,
    ).join('\n'),
  },
  {
    drawn: '305001/15 water filters, Oaxaca',
    file: 'filtros.json',
    brief: 'Este, filtros de agua de barro, Oaxaca, México.',
    text: JSON.stringify([
      { filter: 'Clay pot – 5 l', 'price MXN': 480, 'weight kg': 3.2, stock: 'hay' },
      { filter: 'Clay pot – 10 l', 'price MXN': 690, 'weight kg': 5.1, stock: 'agotado' },
      { filter: 'Candle', 'price MXN': null, 'weight kg': 0.4, stock: 'quedan 4' },
    ]),
    currency: 'MXN',
    columns: 'title price weight stock',
    want: `Clay pot | 5 l | 48000 | ∞
Clay pot | 10 l | 69000 | 0
Candle |  | ? | 4`,
  },
  {
    drawn: '305001/16 fossils, Accra',
    file: 'fossils.jsonl',
    brief: 'FOSSILS FROM ACCRA, GHANA!!! CEDIS ONLY!',
    text: jsonLines(
      made(18, (i) => ({
        'this was alive': ['Ammonite', 'Crinoid', 'Shark tooth', 'Trilobite', 'Fern leaf', 'Sea urchin'][Math.floor(i / 3)],
        grade: ['museum', 'desk', 'pocket'][i % 3],
        'you give': `GH₵${[900, 350, 60][i % 3]}`,
        'long number': gtin(603000000000 + i, i === 9 ? 4 : 0),
        'its tale': `Dug near "${pick(['Keta', 'Half Assini'], Math.floor(i / 3))}".\nCleaned, by hand.`,
      })),
    ),
    currency: 'GHS',
    columns: 'title option price gtin description',
    want: made(
      18,
      (i) =>
        `${['Ammonite', 'Crinoid', 'Shark tooth', 'Trilobite', 'Fern leaf', 'Sea urchin'][Math.floor(i / 3)]} | ${['museum', 'desk', 'pocket'][i % 3]} | ${[900, 350, 60][i % 3]}00 | ∞`,
    ).join('\n'),
  },
  {
    drawn: '305001/17 skittles, Thessaloniki',
    file: 'skittles.xlsx',
    brief: '1. What we sell: skittles, to shops. 2. Where: Thessaloniki, Greece. 3. Prices in euros, without tax.',
    sheets: [
      {
        name: 'Pins',
        rows: [
          ['Who falls over', 'Dressed as', 'What it sets you back', 'Heavy as', 'Turned', 'Rolls at', 'Lane'],
          ...made(700, (i): (string | number)[] => [
            `${pick(lane, Math.floor(i / 4))} ${Math.floor(i / 28) + 1}`,
            ['plain', 'striped', 'king', 'queen'][i % 4] ?? '',
            24 + (i % 4) * 3 + (Math.floor(i / 4) % 5),
            `${(1.2 + (i % 4) * 0.1).toFixed(1)} kg`,
            pick(['beech', 'olive'], Math.floor(i / 4)),
            pick(['slow', 'quick'], Math.floor(i / 4)),
            pick(['clay', 'board', 'grass'], Math.floor(i / 4)),
          ]),
        ],
      },
      { name: 'Notes', rows: [['Ring Kostas about the glue'], ['Box of nine is next year']] },
    ],
    currency: 'EUR',
    columns: 'title option price weight particular particular particular',
    want: made(
      700,
      (i) =>
        `${pick(lane, Math.floor(i / 4))} ${Math.floor(i / 28) + 1} | ${['plain', 'striped', 'king', 'queen'][i % 4]} | ${(24 + (i % 4) * 3 + (Math.floor(i / 4) % 5)) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '305001/18 artificial flowers for graves, Taipei',
    file: 'flowers.json',
    encoding: 'big5',
    brief: '我們在台北做墓前的人造花。價格是新台幣。',
    text: JSON.stringify(
      made(35, (i) => ({
        品名: flower[Math.floor(i / 5)],
        顏色: ['白', '黃', '紅', '紫', '粉'][i % 5],
        價格: `NT$${120 + (i % 5) * 20}`,
        分類: i < 15 ? '花束 > 單枝' : '花束 > 花圈',
      })),
    ),
    currency: 'TWD',
    columns: 'title option price category',
    want: made(
      35,
      (i) => `${flower[Math.floor(i / 5)]} | ${['白', '黃', '紅', '紫', '粉'][i % 5]} | ${120 + (i % 5) * 20}00 | ∞`,
    ).join('\n'),
  },
  {
    drawn: '305001/19 theatre programmes, Jakarta',
    file: 'programmes.txt',
    brief: 'Not a museum, not a market: theatre programmes, Jakarta, Indonesia. Rupiah.',
    text: `Programme|Year|Price|Note|Note|How many\n${made(120, (i) =>
      [
        i % 3 ? '' : `${pick(play, Math.floor(i / 3))}, night ${Math.floor(i / 18) + 1}`,
        1962 + (i % 3) * 9,
        `Rp ${85 + (i % 3) * 20}.000`,
        i === 40 ? '"signed by one' : pick(['signed', 'stained', 'clean'], i),
        pick(['in Indonesian', 'in Dutch'], Math.floor(i / 3)),
        pick(['one', 'a few', 'gone', 'two', 'one'], i),
      ].join('|'),
    ).join('\n')}\n`,
    currency: 'IDR',
    columns: 'title option price particular particular stock',
    want: made(
      120,
      (i) =>
        `${pick(play, Math.floor(i / 3))}, night ${Math.floor(i / 18) + 1} | ${1962 + (i % 3) * 9} | ${85 + (i % 3) * 20}00000 | ${pick(['1', '?', '0', '2', '1'], i)}`,
    ).join('\n'),
  },
  {
    drawn: '305001/20 water filters, Manama',
    file: 'filters.jsonl',
    brief: 'Right, um, water filters, in Manama, Bahrain. Dinars.',
    text: jsonLines([
      {
        group: 'F1',
        name: 'Under the sink',
        'stage (number)': '2',
        'price (BHD)': '18.500',
        about: 'Fits most.\nAsk about "odd" taps.',
      },
      {
        group: 'F1',
        name: 'Under the sink',
        'stage (number)': '3',
        'price (BHD)': '24.000',
        about: 'Fits most.\nAsk about "odd" taps.',
      },
      { group: 'F2', name: 'Jug', 'stage (number)': '1', 'price (BHD)': '6.250', about: 'Holds two litres,\nor nearly.' },
      { group: 'F2', name: 'Jug', 'stage (number)': '2', 'price (BHD)': '', about: 'Holds two litres,\nor nearly.' },
      { group: 'F3', name: 'Tap end', 'stage (number)': '1', 'price (BHD)': '3.900', about: 'Screws on.' },
      { group: 'F4', name: 'Cartridge', 'stage (number)': '1', 'price (BHD)': '2.750', about: 'Lasts "a summer".' },
    ]),
    currency: 'BHD',
    columns: 'group title option price description',
    want: `Under the sink | 2 | 18500 | ∞
Under the sink | 3 | 24000 | ∞
Jug | 1 | 6250 | ∞
Jug | 2 | ? | ∞
Tap end | 1 | 3900 | ∞
Cartridge | 1 | 2750 | ∞`,
  },
];
