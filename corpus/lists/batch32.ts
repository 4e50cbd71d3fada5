import { feed, fixedWidth, gtin, made, pick, product, savedPage, type ListCase } from './case';

const fan = ['Abanico Triana', 'Peacock', 'Black lace', 'Olive wood', 'Pericón'] as const;
const sponge = ['Esponja de mar', 'Esponja de luffa', 'Esponja fina', 'Esponja de caballo'] as const;
const plaster = ['Plastr Morfa', 'Plastr Taf', 'Plastr Gŵyr', 'Plastr Penarth'] as const;
const frame = ['Lagan', 'Cavehill', 'Titanic Quarter', 'Glens'] as const;
const bike = ['Tamsui', 'Yangmingshan', 'Keelung', 'Wulai', 'Jiufen', 'Pingxi', 'Maokong'] as const;

/** Drawn (301460, 301733; those without a list left out) and written on 30 November 2026, before the reader was run on any. */
export const batch32: ListCase[] = [
  {
    drawn: '301460/1 embroidery hoops, Montevideo',
    file: 'aros.txt',
    brief: 'Aros y Bastidores Echenique. Bastidores para bordar, hechos en Montevideo, Uruguay. Precios en pesos uruguayos.',
    text: `Bastidor de haya – 4 pulgadas|H-04|$ 420|31
Bastidor de haya – 6 pulgadas|H-06|$ 510|12
Bastidor de lapacho – 8 pulgadas|H-18|US$ 22|5
`,
    currency: 'UYU',
    columns: 'title sku price stock',
    want: `Bastidor de haya | 4 pulgadas | 42000 | 31
Bastidor de haya | 6 pulgadas | 51000 | 12
Bastidor de lapacho | 8 pulgadas | ? | 5`,
  },
  {
    drawn: '301460/3 bamboo bicycles, Taipei',
    file: 'bikes.csv',
    brief: 'Bamboo bicycles from Taipei, Taiwan. We sell in New Taiwan dollars.',
    text: `Model,Name,Size,Barcode,Price,Head angle,Bamboo,Joints,Bottom bracket,Fork rake,Tyre clearance\n${made(
      35,
      (i) =>
        `${pick(bike, Math.floor(i / 5))
          .slice(0, 2)
          .toUpperCase()}-${20 + Math.floor(i / 5)},${pick(bike, Math.floor(i / 5))},${['XS', 'S', 'M', 'L', 'XL'][i % 5]},${gtin(471200000100 + i, i === 17 ? 4 : 0)},${58000 + (Math.floor(i / 5) % 4) * 3500},${71 + (i % 5) * 0.5}°,${pick(['moso', 'makino'], Math.floor(i / 5))},${pick(['hemp', 'flax', 'carbon'], Math.floor(i / 5))},${pick(['BSA', 'T47'], Math.floor(i / 5))},${45 + (Math.floor(i / 5) % 3)} mm,${pick(['32', '38', '42'], Math.floor(i / 5))} mm`,
    ).join('\n')}\n`,
    currency: 'TWD',
    columns: 'group title option gtin price particular particular particular particular particular particular',
    want: made(
      35,
      (i) =>
        `${pick(bike, Math.floor(i / 5))} | ${['XS', 'S', 'M', 'L', 'XL'][i % 5]} | ${(58000 + (Math.floor(i / 5) % 4) * 3500) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '301460/4 sea glass, Nantes',
    file: 'seaglass.csv',
    brief:
      'We are collecting the glass of the sea near Nantes, in France, and we are selling him by the weight. Price is in euro.',
    text: `What,Which colour,How heavy is one,Bag,You pay
Tumbled pieces,green,4 g,"100 g, 250 g, 1 kg",8.00
Tumbled pieces small,green,2 g,"100 g, 250 g",7.00
Frosted pieces,white,5 g,100 g,6.00
Blue rarities,cobalt,3 g,50 g,
Bottle necks,brown,40 g,"5 pieces, 10 pieces",9.50
Bottle stoppers,aqua,55 g,one,14.00
Pebble mix,mixed,6 g,1 kg,18.00
Pirate glass,black,8 g,100 g,
Marbles,any,11 g,"3 pieces, 6 pieces",12.00
Plate shards,blue and white,9 g,250 g,7.50
Tile shards,red,14 g,250 g,8.50
Lamp glass,clear,3 g,100 g,5.00
Red rarities,red,3 g,one,22.00
Orange rarities,orange,2 g,one,35.00
Pink,pink,4 g,100 g,11.00
Turquoise,turquoise,4 g,100 g,13.00
Milk glass,white,7 g,100 g,6.50
Sea brick,brick,120 g,one,4.00
`,
    currency: 'EUR',
    columns: 'title particular weight option price',
    want: `Tumbled pieces | 100 g | 800 | ∞
Tumbled pieces | 250 g | 800 | ∞
Tumbled pieces | 1 kg | 800 | ∞
Tumbled pieces small | 100 g | 700 | ∞
Tumbled pieces small | 250 g | 700 | ∞
Frosted pieces | 100 g | 600 | ∞
Blue rarities | 50 g | ? | ∞
Bottle necks | 5 pieces | 950 | ∞
Bottle necks | 10 pieces | 950 | ∞
Bottle stoppers | one | 1400 | ∞
Pebble mix | 1 kg | 1800 | ∞
Pirate glass | 100 g | ? | ∞
Marbles | 3 pieces | 1200 | ∞
Marbles | 6 pieces | 1200 | ∞
Plate shards | 250 g | 750 | ∞
Tile shards | 250 g | 850 | ∞
Lamp glass | 100 g | 500 | ∞
Red rarities | one | 2200 | ∞
Orange rarities | one | 3500 | ∞
Pink | 100 g | 1100 | ∞
Turquoise | 100 g | 1300 | ∞
Milk glass | 100 g | 650 | ∞
Sea brick | one | 400 | ∞`,
  },
  {
    drawn: '301460/5 kites, Halifax',
    file: 'kites.tsv',
    brief: 'Loud kites from Halifax, Nova Scotia, and sorry that this is so long.',
    text: `Delta "Screamer"\tred\t2 m\t$64.00\t"Flies in anything.\nDon’t let go."\t7
Delta "Screamer"\tred\t3 m\t$88.00\t"Flies in anything.\nDon’t let go."\t2
Delta "Screamer"\tyellow\t2 m\t$64.00\t"Flies in anything.\nDon’t let go."\t0
Box kite\tblack\t1 m\t$49.00\t"Cells of ripstop, sticks of ash."\t4
Box kite\tred\t1 m\t$49.00\t"Cells of ripstop, sticks of ash."\t11
Box kite\tred\t2 m\t$72.00\t"Cells of ripstop, sticks of ash."\t3
`,
    currency: 'CAD',
    columns: 'title option option price description stock',
    want: `Delta "Screamer" | red / 2 m | 6400 | 7
Delta "Screamer" | red / 3 m | 8800 | 2
Delta "Screamer" | yellow / 2 m | 6400 | 0
Box kite | black / 1 m | 4900 | 4
Box kite | red / 1 m | 4900 | 11
Box kite | red / 2 m | 7200 | 3`,
  },
  {
    drawn: '301460/6 banjo heads, Leeds',
    file: 'heads.csv',
    brief: 'Heads No. 9, banjo heads in Leeds since 1974.',
    text: `Frosted head,11 in,low crown,£22.00,90 g
Frosted head,11 in,high crown,£23.50,95 g
Calfskin head,11 in,low crown,from £48,140 g
`,
    currency: 'GBP',
    columns: 'title option option price weight',
    want: `Frosted head | 11 in / low crown | 2200 | ∞
Frosted head | 11 in / high crown | 2350 | ∞
Calfskin head | 11 in / low crown | ? | ∞`,
  },
  {
    drawn: '301733/1 flamenco fans, Cluj',
    file: 'feed.xml',
    brief: 'Fans -> flamenco, painted in Cluj. Lei.',
    text: feed([
      [
        ['title', 'Fan "Macarena'],
        ['g:id', 'FN-1'],
        ['g:gtin', gtin(594000000001)],
        ['g:price', '145.00 RON'],
        ['option_name', 'Ribs'],
        ['option_value', 'pear wood'],
      ],
      [
        ['title', 'Fan "Macarena'],
        ['g:id', 'FN-2'],
        ['g:gtin', gtin(594000000002, 3)],
        ['g:price', '160.00 RON'],
        ['option_name', 'Ribs'],
        ['option_value', 'bubinga'],
      ],
      [
        ['title', 'Fan, plain'],
        ['g:id', 'FN-3'],
        ['g:gtin', gtin(594000000003)],
        ['g:price', '90.00 RON'],
        ['option_name', ''],
        ['option_value', ''],
      ],
    ]),
    currency: 'RON',
    columns: 'title sku gtin price optionName optionValue',
    want: `Fan "Macarena | pear wood | 14500 | ∞
Fan "Macarena | bubinga | 16000 | ∞
Fan, plain |  | 9000 | ∞`,
  },
  {
    drawn: '301733/4 flamenco fans, Uppsala',
    file: 'fans.csv',
    brief:
      'We paint fans for dancers in Uppsala, Sweden, and ship to Norway, Denmark and Finland, not to the United States. Prices in kronor.',
    text: `The fan,Length of rib,How heavy,What it costs\n${made(
      700,
      (i) =>
        `${i % 3 ? '' : `${pick(fan, i / 3)} ${i / 3 + 1}`},${['21 cm', '23 cm', '27 cm'][i % 3]},${38 + (i % 3) * 6} g,${295 + (i % 3) * 40 + (Math.floor(i / 3) % 7) * 10}`,
    ).join('\n')}\n`,
    currency: 'SEK',
    columns: 'title option weight price',
    want: made(
      700,
      (i) =>
        `${pick(fan, Math.floor(i / 3))} ${Math.floor(i / 3) + 1} | ${['21 cm', '23 cm', '27 cm'][i % 3]} | ${(295 + (i % 3) * 40 + (Math.floor(i / 3) % 7) * 10) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '301733/5 school bags, Zaragoza',
    file: 'mochilas.html',
    brief: 'Inicio Mochilas Contacto\nMochilas escolares cosidas en Zaragoza, de una en una. Visitas con cita previa.',
    text: savedPage('Mochilas', [
      product('Mochila “Ebro”', '89.00', 'EUR', { peso: '740 g', relato: 'Lona encerada.\nCierra con "clic".' }),
      product('Mochila “Pilar”', '95.50', 'EUR', { peso: '0,81 kg', relato: 'Cuero de vaca,\ndos asas.' }),
      product('Cartera de maestra', '120.00', 'EUR', { peso: '1,1 kg', relato: 'Para tres cuadernos.' }),
      product('Saco de gimnasia', '24.00', 'EUR', { peso: '190 g', relato: 'Con cordón.' }),
      product('Estuche', '14.00', 'EUR', { peso: '85 g', relato: 'Doce lápices y una "goma".' }),
      product('Mochila pequeña', '62.00', 'EUR', { peso: '430 g', relato: 'Para los de tres años.' }),
    ]),
    currency: 'EUR',
    columns: 'title weight description price currency',
    want: `Mochila “Ebro” |  | 8900 | ∞
Mochila “Pilar” |  | 9550 | ∞
Cartera de maestra |  | 12000 | ∞
Saco de gimnasia |  | 2400 | ∞
Estuche |  | 1400 | ∞
Mochila pequeña |  | 6200 | ∞`,
  },
  {
    drawn: '301733/6 sleds, Dar es Salaam',
    file: 'sleds.txt',
    brief: 'Sleds for dunes, from Dar es Salaam, Tanzania. Prices in shillings.',
    text: `Sled, wooden, short - 85,000/-
Sled, wooden, long - 110,000/-
Sled, tin, short - 60,000/-
Sled, tin, long - 74,000/-
Rope, red - 4,000/-
Rope, blue - 4,000/-
Wax, 50 g - 6,500/-
Wax, 100 g - 11,000/-
Board, mninga - 150,000/-
Board, pine - 95,000/-
Foot straps - 18,000/-
Helmet, S - 45,000/-
Helmet, M - 45,000/-
Helmet, L - $20
Goggles - 22,000/-
Sled for two - 170,000/-
Sled for two, with rope - 174,000/-
Runner, left - 9,000/-
Runner, right - 9,000/-
`,
    currency: 'TZS',
    columns: 'title price',
    want: `Sled | wooden / short | 8500000 | ∞
Sled | wooden / long | 11000000 | ∞
Sled | tin / short | 6000000 | ∞
Sled | tin / long | 7400000 | ∞
Rope | red | 400000 | ∞
Rope | blue | 400000 | ∞
Wax | 50 g | 650000 | ∞
Wax | 100 g | 1100000 | ∞
Board | mninga | 15000000 | ∞
Board | pine | 9500000 | ∞
Foot straps |  | 1800000 | ∞
Helmet | S | 4500000 | ∞
Helmet | M | 4500000 | ∞
Helmet | L | ? | ∞
Goggles |  | 2200000 | ∞
Sled for two |  | 17000000 | ∞
Sled for two, with rope |  | 17400000 | ∞
Runner | left | 900000 | ∞
Runner | right | 900000 | ∞`,
  },
  {
    drawn: '301733/7 singing bowls, Kraków',
    file: 'misy.xlsx',
    brief: 'Misy dźwiękowe z Krakowa. Ceny w złotych.',
    sheets: [
      {
        name: 'Misy',
        rows: [
          ['Naz.', 'Śr.', 'Cena', 'Op.'],
          ['Misa Lhasa', '14 cm', 240, 'Siedem metali.\nKuta "na zimno".'],
          ['', '18 cm', 310, ''],
          ['Misa Wawel', '22 cm', 'od 450', 'Odlana,\npolerowana.'],
        ],
      },
      {
        name: 'Dodatki',
        rows: [
          ['Naz.', 'Śr.', 'Cena', 'Op.'],
          ['Pałka filcowa', '', 45, 'Buk i filc.'],
          ['Poduszka', '12 cm', '38–52', 'Z łuską gryki.'],
          ['', '16 cm', 52, ''],
        ],
      },
    ],
    currency: 'PLN',
    columns: 'title option price description',
    want: `Misa Lhasa | 14 cm | 24000 | ∞
Misa Lhasa | 18 cm | 31000 | ∞
Misa Wawel | 22 cm | ? | ∞
Pałka filcowa |  | 4500 | ∞
Poduszka | 12 cm | ? | ∞
Poduszka | 16 cm | 5200 | ∞`,
  },
  {
    drawn: '301733/8 whistles, La Paz',
    file: 'silbatos.json',
    brief: 'Ciudad: La Paz, Bolivia\nVendemos: silbatos y pitos de barro\nMoneda: bolivianos',
    text: JSON.stringify([
      { nombre: 'Silbato pájaro – rojo', tipo: 'Silbatos > Barro', precio: 25, Tipo: 'agudo' },
      { nombre: 'Silbato pájaro – negro', tipo: 'Silbatos > Barro', precio: 25, Tipo: 'agudo' },
      { nombre: 'Silbato pájaro grande – negro', tipo: 'Silbatos > Barro', precio: 38, Tipo: 'grave' },
      { nombre: 'Pito de tren', tipo: 'Pitos > Lata', precio: 40, Tipo: 'dos tonos' },
      { nombre: 'Ocarina – chica', tipo: 'Ocarinas', precio: 60, Tipo: 'agudo' },
      { nombre: 'Ocarina – mediana', tipo: 'Ocarinas', precio: 75, Tipo: 'medio' },
    ]),
    currency: 'BOB',
    columns: 'title category price particular',
    want: `Silbato pájaro | rojo | 2500 | ∞
Silbato pájaro | negro | 2500 | ∞
Silbato pájaro grande | negro | 3800 | ∞
Pito de tren |  | 4000 | ∞
Ocarina | chica | 6000 | ∞
Ocarina | mediana | 7500 | ∞`,
  },
  {
    drawn: '301733/9 sponges, Medellín',
    file: 'esponjas.html',
    brief: 'We are called Sea Nº 1 and we have sponges of the sea in Medellín, Colombia, the price is in pesos.',
    text: savedPage(
      'Sea Nº 1',
      made(700, (i) => ({
        '@type': 'Product',
        name: `${pick(sponge, Math.floor(i / 2))} ${Math.floor(i / 2) + 1}`,
        gtin13: gtin(770200000000 + i, i === 401 ? 5 : 0),
        description: 'Suave,\ny dice "agua".',
        optionName: 'Tamaño',
        optionValue: i % 2 ? 'grande' : 'pequeña',
        offers: { '@type': 'Offer', price: 9000 + (i % 2) * 4500 + (Math.floor(i / 2) % 5) * 500, priceCurrency: 'COP' },
      })),
    ),
    currency: 'COP',
    columns: 'title gtin description optionName optionValue price currency',
    want: made(
      700,
      (i) =>
        `${pick(sponge, Math.floor(i / 2))} ${Math.floor(i / 2) + 1} | ${i % 2 ? 'grande' : 'pequeña'} | ${(9000 + (i % 2) * 4500 + (Math.floor(i / 2) % 5) * 500) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '301733/10 knee patches, Kyoto',
    file: 'patches.tsv',
    brief: 'Knee patches woven in Kyoto for shops that sell children’s clothes, in yen, and no pink anywhere, ever.',
    text: `Code\tPatch\tOption\tValue\tPrice\tWeight\tOption\tValue
KP 001\tHemp leaf\tColour\tindigo\t480\t6 g\tSize\tS
KP 002\tHemp leaf\tColour\tindigo\t560\t9 g\tSize\tL
KP 003\tHemp leaf\tColour\trust\t480\t6 g\tSize\tS
KP 004\tSeven treasures\tColour\tindigo\t520\t7 g\tSize\tS
KP 005\tSeven treasures\tColour\tindigo\t600\t0.011 kg\tSize\tL
KP 006\tWaves\t\t\t450\t6 g\t\t
`,
    currency: 'JPY',
    columns: 'sku title optionName optionValue price weight optionName optionValue',
    want: `Hemp leaf | indigo / S | 480 | ∞
Hemp leaf | indigo / L | 560 | ∞
Hemp leaf | rust / S | 480 | ∞
Seven treasures | indigo / S | 520 | ∞
Seven treasures | indigo / L | 600 | ∞
Waves |  | 450 | ∞`,
  },
  {
    drawn: '301733/11 clay plasters, Cardiff',
    file: 'plastr.json',
    brief: 'Dear whoever builds this, we mix clay plasters in Cardiff and 2019 was our first year. Thanks, Non',
    text: JSON.stringify(
      made(700, (i) => ({
        enw: `${pick(plaster, Math.floor(i / 2))} ${Math.floor(i / 2) + 1}, ${i % 2 ? '20 kg' : '5 kg'}`,
        pris: `£${(14 + (i % 2) * 26 + (Math.floor(i / 2) % 6) * 0.5).toFixed(2)}`,
        disgrifiad: 'Clai lleol,\ntywod "miniog".',
        cod_bar: gtin(500100000000 + i, i === 88 ? 2 : 0),
      })),
    ),
    currency: 'GBP',
    columns: 'title price description gtin',
    want: made(
      700,
      (i) =>
        `${pick(plaster, Math.floor(i / 2))} ${Math.floor(i / 2) + 1} | ${i % 2 ? '20 kg' : '5 kg'} | ${(14 + (i % 2) * 26 + (Math.floor(i / 2) % 6) * 0.5) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '301733/12 zoetropes, Marrakesh',
    file: 'zoetropes.xlsx',
    brief:
      'Nous fabriquons des zootropes à Marrakech.\n\nOur zoetropes turn for forty seconds on one push.\n\nLes prix sont en dirhams.',
    sheets: [
      {
        name: 'Liste',
        rows: [
          ['Zootropes, saison 2027'],
          [],
          ['Modèle', 'Nom', 'Couleur', 'Poids', 'Prix', 'Poids'],
          ['Z1', 'Le cheval', 'noir', '850 g', 620, '1,2 kg emballé'],
          ['Z1', 'Le cheval', 'cuivre', '850 g', 680, '1,2 kg emballé'],
          ['Z2', 'La danseuse', 'noir', '920 g', 640, '1,3 kg emballé'],
          ['Z2', 'La danseuse', 'rouge', '920 g', 640, '1,3 kg emballé'],
          ['Z2', 'La danseuse', 'cuivre', '920 g', '700 à 760', '1,3 kg emballé'],
          ['Z3', 'Le fumeur', 'noir', '900 g', 640, '1,3 kg emballé'],
          ['Z4', 'Petit zootrope', 'noir', '310 g', 290, '0,5 kg emballé'],
          ['Z4', 'Petit zootrope', 'blanc', '310 g', 290, '0,5 kg emballé'],
          ['B1', 'Bandes, jeu de six', '', '40 g', 90, '60 g emballé'],
          ['B2', 'Bandes vierges', '', '40 g', 'à partir de 60', '60 g emballé'],
          ['B3', 'Bande sur mesure', '', '10 g', 'sur demande', '30 g emballé'],
          ['', 'Total', '', '', 4650, ''],
        ],
      },
    ],
    currency: 'MAD',
    columns: 'group title option weight price particular',
    want: `Le cheval | noir | 62000 | ∞
Le cheval | cuivre | 68000 | ∞
La danseuse | noir | 64000 | ∞
La danseuse | rouge | 64000 | ∞
La danseuse | cuivre | ? | ∞
Le fumeur | noir | 64000 | ∞
Petit zootrope | noir | 29000 | ∞
Petit zootrope | blanc | 29000 | ∞
Bandes, jeu de six |  | 9000 | ∞
Bandes vierges |  | ? | ∞
Bande sur mesure |  | ? | ∞`,
    leftOut: 1,
  },
  {
    drawn: '301733/13 bamboo bicycles, Belfast',
    file: 'feed.xml',
    brief: 'Lagan Cycles of Belfast, not the one in Lisburn, is making bicycles from the bamboo.',
    text: feed(
      made(700, (i) => [
        ['title', `${pick(frame, Math.floor(i / 4))} ${Math.floor(i / 4) + 1}`],
        ['size', ['52', '54', '56', '58'][i % 4] ?? ''],
        ['id', `LC ${String(1000 + i).slice(0, 2)} ${String(1000 + i).slice(2)}`],
        ['price', `${1450 + (Math.floor(i / 4) % 6) * 50}.00 GBP`],
        ['availability', i % 7 === 3 ? 'sold out' : i % 7 === 5 ? 'a few' : 'in stock'],
        ['size', ['short reach', 'short reach', 'long reach', 'long reach'][i % 4] ?? ''],
      ]),
    ),
    currency: 'GBP',
    columns: 'title option sku price stock option',
    want: made(
      700,
      (i) =>
        `${pick(frame, Math.floor(i / 4))} ${Math.floor(i / 4) + 1} | ${['52', '54', '56', '58'][i % 4]} / ${i % 4 < 2 ? 'short' : 'long'} reach | ${(1450 + (Math.floor(i / 4) % 6) * 50) * 100} | ${i % 7 === 3 ? 0 : i % 7 === 5 ? '?' : '∞'}`,
    ).join('\n'),
  },
  {
    drawn: '301733/14 mead, Busan',
    file: 'mead.txt',
    brief: 'mead from busan\nhoney from jirisan, ten won of each bottle for the bees\nquiet and loud',
    text: fixedWidth(
      [16, 10, 10, 10, 10, 10, 10, 12, 12],
      [
        ['이름', '용량', '꿀', '도수', '당도', '숙성', '효모', '산도', '가격'],
        ['봄 벌꿀술', '375 ml', '아카시아', '11%', '단맛', '6개월', 'D47', '3.6', '24,000원'],
        ['봄 벌꿀술', '750 ml', '아카시아', '11%', '단맛', '6개월', 'D47', '3.6', '42,000원'],
        ['밤꿀술', '375 ml', '밤', '13%', '드라이', '12개월', 'K1', '3.4', '28,000원'],
        ['밤꿀술', '750 ml', '밤', '13%', '드라이', '12개월', 'K1', '3.4', '49,000원'],
        ['메밀꿀술', '375 ml', '메밀', '12%', '반단맛', '9개월', 'D47', '3.5', '27,000원'],
        ['메밀꿀술', '750 ml', '메밀', '12%', '반단맛', '9개월', 'D47', '3.5', '47,000원~'],
        ['생강술', '375 ml', '아카시아', '9%', '단맛', '4개월', 'EC', '3.3', '22,000원'],
        ['유자술', '375 ml', '아카시아', '9%', '단맛', '4개월', 'EC', '3.2', '22,000~25,000원'],
        ['오래된 술', '500 ml', '밤', '15%', '드라이', '36개월', 'K1', '3.4', '90,000원'],
        ['잔', '90 ml', '', '', '', '', '', '', '8,000원'],
      ],
    ),
    currency: 'KRW',
    columns: 'title option particular particular particular particular particular particular price',
    want: `봄 벌꿀술 | 375 ml | 24000 | ∞
봄 벌꿀술 | 750 ml | 42000 | ∞
밤꿀술 | 375 ml | 28000 | ∞
밤꿀술 | 750 ml | 49000 | ∞
메밀꿀술 | 375 ml | 27000 | ∞
메밀꿀술 | 750 ml | ? | ∞
생강술 | 375 ml | 22000 | ∞
유자술 | 375 ml | ? | ∞
오래된 술 | 500 ml | 90000 | ∞
잔 | 90 ml | 8000 | ∞`,
  },
  {
    drawn: '301733/15 mandolin cases, Asunción',
    file: 'estuches.ods',
    brief: '- estuches para mandolina\n- Asunción, Paraguay\n- precios en guaraníes, sin IVA\n- vendemos a tiendas',
    sheets: [
      {
        name: 'Hoja1',
        rows: [
          ['Estuches, lista para tiendas'],
          ['Precios sin IVA'],
          ['Estuche rígido', 'negro', 380000, 'quedan dos'],
          ['', 'marrón', 380000, 'hay'],
          ['', 'verde', 395000, 'agotado'],
        ],
      },
    ],
    currency: 'PYG',
    columns: 'title option price stock',
    want: `Estuche rígido | negro | 380000 | 2
Estuche rígido | marrón | 380000 | ∞
Estuche rígido | verde | 395000 | 0`,
  },
  {
    drawn: '301733/16 tree-climbing kits, an island near Vancouver',
    file: 'kits.xlsx',
    brief:
      'There is a ferry, it is mostly late, and Vancouver is where it goes to. I make kits for climbing trees and ship them off the island.',
    sheets: [
      {
        name: 'Kits',
        rows: [
          ['Everything, spring'],
          [],
          ['Product', 'Sizes', 'Price', 'In stock', 'Notes'],
          ['Harness', 'S/M/L/XL', 189, 6, ''],
          ['Throw line', '30 m, 50 m', 24, 20, '"the orange one'],
          ['Throw bag', '250 g; 350 g', 18.5, 12, ''],
          ['Rope, 11.7 mm', '30 m, 45 m, 60 m', 145, 4, ''],
          ['Foot ascender', 'left, right', 132, 3, ''],
          ['Helmet', 'one size', 98, 5, ''],
          ['Pulley', '', 42, 9, ''],
          ['Gloves', '7, 8, 9, 10', 28, 15, ''],
          ['Total', '', '', 74, ''],
        ],
      },
    ],
    currency: 'CAD',
    columns: 'title option price stock description/particular',
    want: `Harness | S | 18900 | ?
Harness | M | 18900 | ?
Harness | L | 18900 | ?
Harness | XL | 18900 | ?
Throw line | 30 m | 2400 | ?
Throw line | 50 m | 2400 | ?
Throw bag | 250 g | 1850 | ?
Throw bag | 350 g | 1850 | ?
Rope, 11.7 mm | 30 m | 14500 | ?
Rope, 11.7 mm | 45 m | 14500 | ?
Rope, 11.7 mm | 60 m | 14500 | ?
Foot ascender | left | 13200 | ?
Foot ascender | right | 13200 | ?
Helmet | one size | 9800 | 5
Pulley |  | 4200 | 9
Gloves | 7 | 2800 | ?
Gloves | 8 | 2800 | ?
Gloves | 9 | 2800 | ?
Gloves | 10 | 2800 | ?`,
    leftOut: 1,
  },
  {
    drawn: '301733/17 gold leaf, Chiang Mai',
    file: 'leaf.html',
    brief: 'Q: What do you sell?\nA: Gold leaf, beaten by hand.\nQ: Where?\nA: Chiang Mai, Thailand.\nQ: Prices?\nA: In baht.',
    text: `<html><head><title>Leaf</title></head><body><h1>Leaf</h1><table>
<tr><td>Gold leaf 24 k</td><td>10 leaves</td><td>GL 24 10</td><td>฿950</td></tr>
<tr><td>Gold leaf 24 k</td><td>25 leaves</td><td>GL 24 25</td><td>฿2,250</td></tr>
<tr><td>Gold leaf 24 k</td><td>100 leaves</td><td>GL 24 100</td><td></td></tr>
<tr><td>Gold leaf 22 k</td><td>10 leaves</td><td>GL 22 10</td><td>฿880</td></tr>
<tr><td>Gold leaf 22 k</td><td>25 leaves</td><td>GL 22 25</td><td>฿2,100</td></tr>
<tr><td>Silver leaf</td><td>25 leaves</td><td>SL 25</td><td>฿420</td></tr>
<tr><td>Silver leaf</td><td>100 leaves</td><td>SL 100</td><td>฿1,500</td></tr>
<tr><td>Copper leaf</td><td>25 leaves</td><td>CL 25</td><td>฿190</td></tr>
<tr><td>Size, water based</td><td>100 ml</td><td>SZ 100</td><td>฿240</td></tr>
<tr><td>Size, oil based</td><td>100 ml</td><td>SO 100</td><td>฿310</td></tr>
<tr><td>Gilder’s tip</td><td></td><td>GT 1</td><td>฿360</td></tr>
</table></body></html>`,
    currency: 'THB',
    columns: 'title option sku price',
    want: `Gold leaf 24 k | 10 leaves | 95000 | ∞
Gold leaf 24 k | 25 leaves | 225000 | ∞
Gold leaf 24 k | 100 leaves | ? | ∞
Gold leaf 22 k | 10 leaves | 88000 | ∞
Gold leaf 22 k | 25 leaves | 210000 | ∞
Silver leaf | 25 leaves | 42000 | ∞
Silver leaf | 100 leaves | 150000 | ∞
Copper leaf | 25 leaves | 19000 | ∞
Size, water based | 100 ml | 24000 | ∞
Size, oil based | 100 ml | 31000 | ∞
Gilder’s tip |  | 36000 | ∞`,
  },
  {
    drawn: '301733/18 espresso machine seals, Kumasi',
    file: 'seals.json',
    encoding: 'windows-1252',
    brief: 'Seals for espresso machines from Kumasi, Ghana, and a seal that leaks within a year is replaced.',
    text: JSON.stringify({
      seals: [
        { Drip: 'Group seal', Diameter: '73 × 57 mm', 'Stop dripping for': 'GH₵ 35'.replace('₵', 'S'), Was: '' },
        { Drip: 'Group seal', Diameter: '71 × 56 mm', 'Stop dripping for': 'GHS 35', Was: '' },
        { Drip: 'Steam valve seal', Diameter: '9 mm', 'Stop dripping for': 'GHS 12', Was: 'GHS 15' },
        { Drip: 'Steam valve seal', Diameter: '11 mm', 'Stop dripping for': 'GHS 12', Was: 'GHS 15' },
        { Drip: 'Boiler gasket – café', Diameter: '120 mm', 'Stop dripping for': 'GHS 80', Was: '' },
        { Drip: 'Pump washer', Diameter: '6 mm', 'Stop dripping for': 'GHS 4', Was: 'GHS 5' },
      ],
    }),
    currency: 'GHS',
    columns: 'title option price earlierPrice',
    want: `Group seal | 73 × 57 mm | 3500 | ∞
Group seal | 71 × 56 mm | 3500 | ∞
Steam valve seal | 9 mm | 1200 | ∞
Steam valve seal | 11 mm | 1200 | ∞
Boiler gasket – café | 120 mm | 8000 | ∞
Pump washer | 6 mm | 400 | ∞`,
  },
];
