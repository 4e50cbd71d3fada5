import fc from 'fast-check';
import { importSource, importText, noMapping, openSource, openText, readList, type Mapping, type Proposal } from './index';
import { csvOf } from '../csv';
import { feedOf, jsonOf, schemaOrgOf, tableOf, xlsxOf } from './table';
import { type Cell } from './source/grid';

const read = (text: string, brief = 'EUR', mapping: Mapping = noMapping): Proposal => {
  const source = openText(text);
  if (!source.ok) throw new Error(source.say);
  const proposal = readList(source.value, { brief }, mapping);
  if (!proposal.ok) throw new Error(proposal.say);
  return proposal.value;
};
const shown = ({ products }: Proposal) =>
  products.map(
    ({ title, variants }) => `${title}: ${variants.map(({ values, price }) => `${values.join('/')} ${price ?? '?'}`).join(', ')}`,
  );

describe('which rows are one product', () => {
  test.each([
    ['a title that is repeated', 'title,price,size\nCap,4,S\nCap,5,M\nBag,6,\n', ['Cap: S 400, M 500', 'Bag:  600']],
    ['a title in the first row only', 'title,price,size\nCap,4,S\n,5,M\nBag,6,\n', ['Cap: S 400, M 500', 'Bag:  600']],
    ['a group', 'group,title,price,colour\nc,Cap,4,red\nb,Bag,6,\nc,Cap,5,blue\n', ['Cap: red 400, blue 500', 'Bag:  600']],
    [
      'a group whose titles say how its rows differ',
      'group,title,price\nm1,"Cave map, folded",12\nm1,"Cave map, rolled",18\nm2,"Gorge map, folded",9\nm2,"Gorge map, rolled",9\n',
      ['Cave map: folded 1200, rolled 1800', 'Gorge map: folded 900, rolled 900'],
    ],
    [
      'a group whose titles end alike, or are written in two ways',
      'group,title,price\na,Blue mug,12\na,Red mug,13\nb,"Cup, blue",5\nb,Cup red,5\n',
      ['Mug: Blue 1200, Red 1300', 'Cup: blue 500, red 500'],
    ],
    [
      'a group in a script without spaces',
      'group,title,price\na,茶碗青,7\na,茶碗赤,8\nb,皿,5\n',
      ['茶碗: 青 700, 赤 800', '皿:  500'],
    ],
    [
      'no group of what is not called alike',
      'group,title,price\na,Crimson,7\na,Navy,7\nb,Cup large,5\nb,Cup small,4\n',
      ['Crimson:  700', 'Navy:  700', 'Cup: large 500, small 400'],
    ],
    [
      'no maker of several things',
      'ttl,art,pr,qty\nHold the Rope,Firth Quartet,29.50,2\nEarly in the Morning,R. Pell,47.00,1\nHem of the Garment,R. Pell,12.00,1\nOld Ship,Alder Sisters,14.00,3\nWade,Ashlar Singers,33.00,1\n',
      ['Hold the Rope:  2950', 'Early in the Morning:  4700', 'Hem of the Garment:  1200', 'Old Ship:  1400', 'Wade:  3300'],
    ],
    [
      'two columns that every thing has all of, rather than a number that follows from them',
      'pillow,feel,measures,loft,price\nYoff,soft,40 x 60,600,4\nYoff,firm,40 x 60,610,5\nYoff,soft,50 x 75,620,6\nYoff,firm,50 x 75,630,7\nNgor,soft,40 x 60,600,4\n',
      ['Yoff: soft/40 x 60 400, firm/40 x 60 500, soft/50 x 75 600, firm/50 x 75 700', 'Ngor: soft/40 x 60 400'],
    ],
    [
      'tails of titles',
      'title,price\nMug – blue – large,8\nMug – red – small,7\nJug,12\n',
      ['Mug: blue/large 800, red/small 700', 'Jug:  1200'],
    ],
    [
      'measures in a cell whose unit stands behind the last',
      'Blatt,Längen,Preis\nBogen,500 / 600 / 700 mm,18\nLaub,130 mm,4\n',
      ['Bogen: 500 mm 1800, 600 mm 1800, 700 mm 1800', 'Laub: 130 mm 400'],
    ],
    [
      'no choice of what a thing is printed in, beside what else is said of it',
      'Moon 4,Condition,fine,14,colour,clean\nMoon 4,Condition,worn,6,colour,taped\nBear 1,Condition,fine,8,black and white,clean\nBear 1,Condition,worn,4,black and white,cut\nBear 2,Condition,worn,3,colour,clean\n',
      ['Moon 4: fine 1400, worn 600', 'Bear 1: fine 800, worn 400', 'Bear 2: worn 300'],
    ],
    [
      'tails behind a comma, where several heads show that it parts them',
      'title,price\n"Ness, alto",4\n"Ness, bass",6\n"Tay, alto",4\n"Tay, bass",7\n"Isla, pendant",2\n"Isla, pocket",3\n"Salt, coarse",1\n',
      ['Ness: alto 400, bass 600', 'Tay: alto 400, bass 700', 'Isla: pendant 200, pocket 300', 'Salt, coarse:  100'],
    ],
    [
      'tails in brackets and a lone one that is written as the others are',
      'title,price\n"Mug (small, moss)",7\n"Mug (large, moss)",8\n"Jug (small, rust)",12\n"Jug (large, rust)",14\n"Cup (small, rust)",5\n',
      ['Mug: small/moss 700, large/moss 800', 'Jug: small/rust 1200, large/rust 1400', 'Cup: small/rust 500'],
    ],
    [
      'tails of which one is shared, in three rows',
      'title,price\nCutter – ash,64\nCutter – hickory,72\nSpade – ash,88\n',
      ['Cutter: ash 6400, hickory 7200', 'Spade: ash 8800'],
    ],
    [
      'words rather than a number or a weight that differ with them',
      'title,price,hours,weight,sheen\nOil,8,8,450 g,matt\nOil,9,6,500 g,gloss\nWax,5,2,90 g,matt\n',
      ['Oil: matt 800, gloss 900', 'Wax: matt 500'],
    ],
    ['pairs of name and value', 'title,price,Option 1 name,Option 1 value\nCap,4,Size,S\nCap,5,Size,M\n', ['Cap: S 400, M 500']],
    [
      'several sizes in a cell',
      'title,price,size\nCap,4,"S, M"\nHat,5,S / M / L\n',
      ['Cap: S 400, M 400', 'Hat: S 500, M 500, L 500'],
    ],
    [
      'a column that nobody knew',
      'title,price,Blade\nKnife,40,carbon\nKnife,48,stainless\n',
      ['Knife: carbon 4000, stainless 4800'],
    ],
    ['nothing but their codes', 'title,price,code\nSpoke,1,S-1\nSpoke,1,S-2\n', ['Spoke: S-1 100, S-2 100']],
  ])('%s', (_, text, wanted) => expect(shown(read(text)).map((line) => line.replace(':  ', ':  '))).toEqual(wanted));

  test('a row that says the same twice is left out, one with another price is asked about', () => {
    const same = read('title,price\nCap,4\nCap,4\nBag,5\n');
    expect([shown(same), same.counts.leftOut]).toEqual([['Cap:  400', 'Bag:  500'], 1]);
    const other = read('title,price\nCap,4\nCap,6\nBag,5\n');
    expect(other.products[0]?.variants[0]).toMatchObject({ price: null, asks: ['price'] });
    expect(other.questions).toHaveLength(1);
    const [question] = other.questions;
    const answered = read('title,price\nCap,4\nCap,6\nBag,5\n', 'EUR', {
      ...noMapping,
      answers: { [question?.id ?? '']: 'second' },
    });
    expect(answered.products[0]?.variants[0]).toMatchObject({ price: 600, asks: [] });
  });

  test('what rows of one product tell is told, each of its own choice; what they all tell, once', () => {
    const told = (text: string) => read(text).products.map(({ description }) => description);
    expect(
      told(
        'title,size,price,description\nQuilt,Cot,210,Twelve blocks.\nQuilt,Double,640,Forty blocks.\nStar,Cot,9,One star.\nStar,Double,19,One star.\n',
      ),
    ).toEqual(['Cot: Twelve blocks.\n\nDouble: Forty blocks.', 'One star.']);
    expect(told('title,size,price,description\nCap,S,4,Wool.\nCap,M,5,\nCap,L,6,"Wool. Lined."\nBag,,7,\n')).toEqual([
      'Wool. Lined.',
      '',
    ]);
    expect(told('title,size,price,description\nCap,S,4,Wool.\nCap,M,5,Wool.\nCap,L,6,Felt.\n')).toEqual([
      'S; M: Wool.\n\nL: Felt.',
    ]);
  });

  test('a million combinations are never made', () => {
    const many = Array.from({ length: 30 }, (_, i) => `V${i}`).join(' | ');
    const { products, problems } = read(`title,price,colour,size,length,finish\nCap,4,${many},${many},${many},${many}\n`);
    expect(products[0]?.variants).toHaveLength(1);
    expect(problems.some(({ say }) => say.includes('810,000 variants'))).toBe(true);
  });
});

describe('the money of a list', () => {
  test('a few prices in another money, among many without a sign, never rename it', () => {
    const list = 'Mask,Price (INR)\nEpee,4200\nFoil,USD 62\nSabre,5100\n';
    const { currency, products } = read(list, '');
    expect(currency).toMatchObject({ code: 'INR', from: 'list' });
    expect(products.map(({ variants: [one] }) => [one?.price, one?.asks])).toEqual([
      [420000, []],
      [null, ['price']],
      [510000, []],
    ]);
    const told = read('Mask,Price\nEpee,42.00\nFoil,€40.00\nSabre,51.00\n', 'GEL');
    expect(told.currency).toMatchObject({ code: 'GEL', from: 'brief' });
    expect(told.products[1]?.variants[0]).toMatchObject({ price: null, asks: ['price'] });
  });
  test.each([
    ['most prices in a money that the brief names and letters at the sign tell', '$U 4800', 'US$ 140', 'UYU', [480000, null]],
    ['letters behind the sign that are no money', '$Z 4800', 'US$ 140', 'UYU', [null, null]],
    ['a dollar that is called so elsewhere', '$U 4800', 'U$S 140', 'UYU', [480000, null]],
  ])('%s', (_, own, other, brief, prices) => {
    const rows = ['Lamp,', 'Pipe,', 'Reed,', 'Horn,'].map((thing) => `${thing}${own}`);
    const proposal = read(`thing,price\n${rows.join('\n')}\nBell,${other}\n`, brief);
    expect(proposal.currency.code).toBe(brief);
    expect([0, 4].map((i) => proposal.products[i]?.variants[0]?.price)).toEqual(prices);
  });

  test.each([
    ['TSh', 'TZS'],
    ['KSh', 'KES'],
    ['Won', null],
  ])('a heading “%s” says %s', (heading, code) => {
    expect(read(`Thing,${heading}\nOcarina,18000\nWhistle,21000\nRattle,9000\n`, '').currency.code).toBe(code);
  });

  test('a list without a column of prices asks which of its amounts is charged, and takes the answer', () => {
    const list = 'Stick,Cost\nA,€11.50\nB,€12.50\n';
    const { questions, products } = read(list);
    expect(products.every(({ variants: [one] }) => one?.asks.includes('price'))).toBe(true);
    expect(questions.find(({ id }) => id === 'columns price')?.choices).toMatchObject([{ value: '1', say: 'Cost' }]);
    expect(shown(read(list, 'EUR', { ...noMapping, answers: { 'columns price': '1' } }))).toEqual(['A:  1150', 'B:  1250']);
  });
  test('amounts in every row, beside offers in some, are what those are offers of', () => {
    const { products } = read('Sweet,normally,on offer for\nA,"12,00 €","9,90 €"\nB,"14,00 €",\n');
    expect(products.map(({ variants: [one] }) => [one?.price, one?.earlierPrice])).toEqual([
      [990, 1200],
      [1400, null],
    ]);
  });
});

describe('how many there are', () => {
  const numbers = (heading: string, of: (i: number) => number) =>
    read(`title,price,${heading}\n${Array.from({ length: 24 }, (_, i) => `Thing ${i},4,${of(i)}`).join('\n')}\n`);
  test('numbers that nothing explains are never taken for it without a word', () => {
    const { problems, questions } = numbers('Hereabouts', (i) => i % 7);
    const said = [...problems, ...questions].filter(({ say }) => /how many there are|how many\?/.test(say));
    expect(said.length).toBeGreaterThan(0);
  });
  test('whole numbers without a heading that the list adds up are what there is, and that is said', () => {
    const list = (total: string) =>
      read(
        `${['Gasket', 'Screen', 'Spring', 'Brush', 'Lever'].map((name, i) => `${name},€${4 + i},${7 + i * 3}`).join('\n')}\nTotal,,${total}\n`,
      );
    const stocks = ({ products }: Proposal) =>
      products.map(({ variants: [one] }) => (one?.asks.includes('stock') ? '?' : one?.stock));
    expect(stocks(list('65'))).toEqual([7, 10, 13, 16, 19]);
    expect(list('65').problems.some(({ say }) => say.includes('which the list adds up'))).toBe(true);
    expect(stocks(list('64'))).toEqual(['?', '?', '?', '?', '?']);
  });
  test('numbers that go up from row to row of each thing are sizes; those that don’t, without a heading, are asked about', () => {
    const asked = (numbers: readonly string[]) =>
      read(['Derby', 'Derby', 'Boot', 'Boot', 'Court'].map((title, i) => `${title} last,${numbers[i]},€5${i},ash`).join('\n'))
        .questions.filter(({ about }) => about === 'columns')
        .map(({ say }) => say);
    expect(asked(['37', '38', '36', '40', '36'])).toEqual([]);
    const twice = ['Derby', 'Boot', 'Court'].flatMap((title) =>
      ['38', '38', '40', '42'].map((size, i) => `${title} last,${i % 2 ? 'red' : 'blue'},${size},€5${i}`),
    );
    expect(read(twice.join('\n')).questions).toEqual([]);
    expect(asked(['38', '37', '40', '36', '36'])).toEqual([
      'Column 2, which has no heading, holds whole numbers. Is it how many there are?',
    ]);
  });

  test('a lid that is none, or domed, says nothing of what there is; “sold out” beside nothing does', () => {
    const stocks = (heading: string, cells: readonly string[]) =>
      read(`Name,Price,${heading}\n${cells.map((cell, i) => `Tankard ${'ABCDE'[i]},€1${i},${cell}`).join('\n')}\n`).products.map(
        ({ variants: [one] }) => (one?.asks.includes('stock') ? '?' : (one?.stock ?? '∞')),
      );
    expect(stocks('Lid', ['none', 'none', 'domed', 'none'])).toEqual(['∞', '∞', '∞', '∞']);
    expect(stocks('State', ['', 'sold out', '', ''])).not.toEqual(['∞', '∞', '∞', '∞']);
  });
  test('the same few numbers again and again may be packs: that is asked, and nothing is sold by it', () => {
    const { products, questions } = numbers('pieces', (i) => [6, 12][i % 2] ?? 0);
    expect(questions.some(({ about, say }) => about === 'columns' && say.includes('how many there are'))).toBe(true);
    expect(products.every(({ variants: [one] }) => one?.stock === null && one.asks.includes('stock'))).toBe(true);
  });
});

test.each([
  [
    'that says of some that none is left',
    'Frame A,A4,18.50,two left\nFrame B,A3,27.50,zzz\nFrame C,A2,36.50,sold out\nFrame D,A1,45.50,sold out\n',
  ],
  ['of nothing but zeros', 'name,price,zed\nCap,4.00,0\nBag,6.00,0\nHat,7.00,0\nBelt,9.00,0\n'],
])('a column %s sells nothing out, and nothing on, without a word', (_, text) => {
  const { products, questions, columns } = read(text);
  const asked = questions.some(({ about }) => about === 'columns' || about === 'stock');
  const isStock = columns.some(({ as }) => as === 'stock');
  expect(asked || (isStock && products.some(({ variants }) => variants.some(({ stock }) => stock === 0)))).toBe(true);
  if (!isStock) expect(products.every(({ variants }) => variants.every(({ asks }) => asks.includes('stock')))).toBe(true);
});

test('bare numbers that are always a little less than the price are asked about, not passed over', () => {
  const { questions } = read('name,pr,spr\nPatch,8500,\nSeam,9000,7500\nZip,9500,\nPole,9900,8000\nPeg,1000,\n', 'CRC');
  expect(questions.find(({ id }) => id === 'columns price')?.choices.map(({ say }) => say)).toEqual(['pr', 'spr']);
});

test('of two columns called a price, the one in every row that is never more is charged', () => {
  const proposal = read('Bobs,Pay,Used to pay\nHeron,95,\nFrog,99,\nMonk,103,123\nNun,107,127\n');
  expect(shown(proposal)).toEqual(['Heron:  9500', 'Frog:  9900', 'Monk:  10300', 'Nun:  10700']);
  expect(proposal.products.map(({ variants }) => variants[0]?.earlierPrice)).toEqual([null, null, 12300, 12700]);
});

test.each([
  ['what names a choice and what is chosen', 'Choice,Which', ['Sled: hemp 18000, cotton 18000'], ['Rope']],
  ['two choices of their own names', 'Rope,Cord', ['Sled: hemp 18000, cotton 18000'], ['Cord']],
])('%s', (_, headings, products, options) => {
  const proposal = read(`Thing,Price,${headings}\nSled,180,Rope,hemp\nSled,180,Rope,cotton\nPole,20,,\n`);
  expect(shown(proposal).slice(0, 1)).toEqual(products);
  expect(proposal.products[0]?.options).toEqual(options);
});

test('that what was asked before is charged holds where the seller says so', () => {
  const { columns } = read('who,was,is\nCat,152,139\nCrow,164,121\nKing,170,145\n', 'DKK', {
    ...noMapping,
    columns: { was: 'price' },
  });
  expect(columns.map(({ as }) => as)[1]).toBe('price');
});

test('an empty cell of what is asked now leaves what was asked before', () => {
  expect(shown(read('Grinder,Asked before,Asked today\nBoxwood,48,\nBrass,62,55\nWalnut,70,\nSteel,39,35\n'))).toEqual([
    'Boxwood:  4800',
    'Brass:  5500',
    'Walnut:  7000',
    'Steel:  3500',
  ]);
});

test('sheets with the same headings are read as one list', () => {
  const sheet = (name: string, rows: Cell[][]) => ({
    name,
    rows: [['Bowl', 'Price', 'Note'], ...rows],
    firstRow: 1,
    headed: false,
  });
  const grids = [
    sheet('Stoneware', [
      ['Ridged bowl', 28, 'grey'],
      ['Plain bowl', 24, 'white'],
      ['Deep bowl', 30, 'black'],
    ]),
    sheet('Wood', [
      ['Lime', 38, 'oiled'],
      ['Cherry', 45, 'waxed'],
    ]),
  ];
  const proposal = readList({ form: 'xlsx', encoding: '', grids, notes: [], pictures: [] }, { brief: 'EUR' });
  expect(proposal.ok && shown(proposal.value)).toEqual([
    'Ridged bowl:  2800',
    'Plain bowl:  2400',
    'Deep bowl:  3000',
    'Lime:  3800',
    'Cherry:  4500',
  ]);
});

test('words of nobody else over a few values that come again are headings', () => {
  const rows = Array.from({ length: 12 }, (_, i) => `Duvet no. ${i + 1}\t$${240 + i * 5}\t${i % 2 ? 'spring' : 'autumn'}`);
  const { headerRow, products } = read(['What you sleep under\tWhat you hand over\tSheared in', ...rows].join('\n'), 'USD');
  expect([headerRow, products.length]).toEqual([1, 12]);
});

test.each([
  ['Rp 85.000', 'from Rp 140.000', 'IDR', 'It costs 140.000,00 IDR'],
  ['£1,250.00', 'from £1,400.00', 'GBP', 'It costs 1,400.00 GBP'],
  ['¥ 2,800', 'from ¥ 3,200', 'JPY', 'It costs 3,200 JPY'],
])('an amount that is asked about is shown as the list writes its own: %s, %s', (price, from, currency, say) => {
  const { questions } = read(`title;price\nKelapa;${price}\nOmbak;${from}\n`, currency);
  expect(questions.flatMap(({ choices }) => choices.map((one) => one.say))).toContain(say);
});

test('what says of all goods in several ways how many are left is the stock, whatever is written over it', () => {
  const { columns, products } = read(
    'Cara,Precio,¿Queda?\nLuque,95000,sí\nLambaré,95000,agotado\nAreguá,90000,quedan 3\nLimpio,90000,sí\n',
    'PYG',
  );
  expect(columns.map(({ as }) => as)).toEqual(['title', 'price', 'stock']);
  expect(products.map(({ variants }) => variants[0]?.stock)).toEqual([null, 0, 3, null]);
  // A lid that is one, two or none is no stock.
  const straps = read('Bag,Price,Straps\nTrip,95,one\nLoad,95,none\nDay,90,two\nWeek,90,one\n').columns;
  expect(straps.at(-1)?.as).not.toBe('stock');
});

test('yes and no are no shelves', () => {
  const rows = Array.from({ length: 40 }, (_, i) => `Light ${i + 1},${20 + i}.50,${i % 2 ? 'sí' : 'no'}`);
  expect(read(`nombre,precio,se_cuelga\n${rows.join('\n')}\n`).columns.at(-1)?.as).toBe('particular');
});

test('what stands first and differs from row to row is the name, and not the tool that is taken to it', () => {
  const { products } = read(
    'Repair,Price,Tool,Done by\nRib replaced,6500,pliers,Luis\nNew tip,2500,needle,Ana\nHandle glued,4000,clamp,Luis\nSpring changed,5500,hook,Ana\n',
    'CLP',
  );
  expect(products.map(({ title }) => title)).toEqual(['Rib replaced', 'New tip', 'Handle glued', 'Spring changed']);
});

test('values that come again are no headings, in a list without any', () => {
  const { headerRow, products } = read(
    'Tape 1|red|$80.00|in stock\nTape 1|blue|$80.00|sold out\nTape 2|red|$85.00|in stock\nTape 2|blue|$85.00|sold out\n',
    'MXN',
  );
  expect(headerRow).toBeNull();
  expect(products.map(({ title, variants }) => [title, variants.length])).toEqual([
    ['Tape 1', 2],
    ['Tape 2', 2],
  ]);
});

describe('what is no product', () => {
  test.each([
    ['Your product here', '10', true],
    ['Name of the item', '10', true],
    ['Example knob', '0.00', true],
    ['Test kit, do not buy', '1', true],
    ['Test kit, do not buy', '48', false],
    ['Sample box of teas', '12', false],
    ['Sample box of teas', 'on request', false],
  ])('“%s” at %s', (title, price, isTrial) => {
    const { products } = read(`title,price\n"${title}",${price}\nOak bowl,40\n`);
    expect(products.some((one) => one.title === title)).toBe(!isTrial);
  });
  test('“Product 1” is sold where “Product 2” is', () => {
    const titles = (text: string) => read(text).products.map(({ title }) => title);
    expect(titles('title,price\nProduct 1,1\nOak bowl,40\nAsh tray,25\n')).toEqual(['Oak bowl', 'Ash tray']);
    expect(titles('title,price\nProduct 1,1\nProduct 2,40\nProduct 3,25\n')).toHaveLength(3);
  });
  test('titles above, headings again, remarks and totals', () => {
    const proposal = read(
      'Stock list 2026,,\nall prices in euro,,\n,,\ntitle,price,stock\nCap,4,3\nBag,5,4\ntitle,price,stock\nHat,6,1\n* while they last,,\nTotal,,8\n',
    );
    expect([proposal.headerRow, shown(proposal)]).toEqual([4, ['Cap:  400', 'Bag:  500', 'Hat:  600']]);
  });
  test('a total stands at the foot: numbers that happen to add up above it are goods', () => {
    const { products } = read(
      'title,size,price,stock\nCrash,18,990,1\n,20,1140,2\n,22,1290,3\nRide,20,1500,1\n,22,1600,2\n,,,9\n',
    );
    expect(products.map(({ title, variants }) => [title, variants.length])).toEqual([
      ['Crash', 3],
      ['Ride', 2],
    ]);
  });

  test('a total without a word for it stands above a remark as well', () => {
    const { products } = read('title,size,price,stock\nCrash,18,990,1\n,20,1140,2\n,,2130,3\nPrices until Christmas.,,,\n');
    expect(products.map(({ title, variants }) => [title, variants.length])).toEqual([['Crash', 2]]);
  });

  test('a cell that says “test” makes a row at no price one; “New” before a short word does not', () => {
    const { products } = read('title,price,note\nPoskusni izdelek,1,test\nNew zip,150,metal\nPatch,35,cloth\n');
    expect(products.map(({ title }) => title)).toEqual(['New zip', 'Patch']);
  });

  test('a word for all goods of the list, with nothing of its own, at no price, is no thing', () => {
    const { products } = read('Pot,Price\nYour pot here,1\nFlower pot,1\nThe pot,14\nTideline oval,64\n');
    expect(products.map(({ title }) => title)).toEqual(['Flower pot', 'The pot', 'Tideline oval']);
  });

  test('rows that were put in to try the list', () => {
    const { products, counts } = read(
      'title,price\nSample product,1\nCap,4\nTest,0\nSample pack of wool,9\nLorem ipsum dolor,2\n',
    );
    expect([products.map(({ title }) => title), counts.leftOut]).toEqual([['Cap', 'Sample pack of wool'], 3]);
  });
});

describe('answers', () => {
  test('hold for all cells that were alike, and the rest stays open', () => {
    const text = 'title,price,stock\nA,from 4,a few\nB,from 5,2\nC,7–9,2\n';
    const open = read(text);
    expect(open.questions.map(({ id, cells }) => [id, cells.length])).toEqual([
      ['price from', 2],
      ['price range', 1],
      ['stock as “a few”', 1],
    ]);
    const answered = read(text, 'EUR', { ...noMapping, answers: { 'price from': 'number', 'price range': 'highest' } });
    expect(answered.products.map(({ variants: [one] }) => one?.price)).toEqual([400, 500, 900]);
    expect(answered.questions.map(({ id }) => id)).toEqual(['stock as “a few”']);
  });
  test('pieces for several choices are as many of each, or not counted', () => {
    const text = 'title,price,size,stock\nCap,4,"S, M",6\nHat,5,"S, L",2\n';
    const stocks = (value: string) =>
      read(text, 'EUR', { ...noMapping, answers: { 'stock for several choices': value } }).products.map(({ variants }) =>
        variants.map(({ stock, asks }) => [stock, asks.length]),
      );
    expect(stocks('each')).toEqual([
      [
        [6, 0],
        [6, 0],
      ],
      [
        [2, 0],
        [2, 0],
      ],
    ]);
    expect(stocks('uncounted')).toEqual([
      [
        [null, 0],
        [null, 0],
      ],
      [
        [null, 0],
        [null, 0],
      ],
    ]);
    expect(stocks('')[0]).toEqual([
      [null, 1],
      [null, 1],
    ]);
  });
  test('a price in other money is asked about, in its own manner of writing too', () => {
    const text = 'title,price\nA,"€4,50"\nB,"€5,00"\nC,$7.00\n';
    const { questions, products } = read(text);
    expect([products[2]?.variants[0]?.price, questions.map(({ choices }) => choices.map(({ value }) => value))]).toEqual([
      null,
      [['unsold', 'number']],
    ]);
    const answers = { [questions[0]?.id ?? '']: 'number' };
    expect(read(text, 'EUR', { ...noMapping, answers }).products[2]?.variants[0]?.price).toBe(700);
  });
  test('an answer that was not offered is no answer', () =>
    expect(
      read('title,price\nA,from 4\n', 'EUR', { ...noMapping, answers: { 'price from': 'whatever' } }).questions,
    ).toHaveLength(1));
  test('what the seller says of a column holds', () => {
    const { columns, products } = read('title,price,Moon\nA,4,full\nB,5,new\n', 'EUR', {
      ...noMapping,
      columns: { Moon: 'category' },
    });
    expect([columns[2]?.as, products[0]?.categories]).toEqual(['category', ['full']]);
  });
});

test('markup in cells is read for its text, and nothing of scripts is', () => {
  const { products } = read(
    'title,price,description\nCap &amp; co,4,"<p>Soft <b>wool</b></p><ul><li>red</li><li>blue</li></ul><script>alert(1)</script>"\n',
  );
  expect(products[0]).toMatchObject({ title: 'Cap & co', description: 'Soft **wool**\n\n– red\n– blue' });
});

describe('whatever the order of a list', () => {
  const headings = ['title', 'price', 'stock', 'colour', 'Maker', 'code'];
  const rows = [
    ['Cap', '4.50', '3', 'red', 'Ana', 'C-1'],
    ['Cap', '4.80', '0', 'blue', 'Ana', 'C-2'],
    ['Bag', '12.00', '1', '', 'Ben', 'B-1'],
    ['Scarf', '9.20', '14', 'green', 'Ana', 'S-1'],
    ['Scarf', '9.20', '2', 'grey', 'Ben', 'S-2'],
  ];
  const known = (text: string) =>
    read(text)
      .products.map(({ title, variants }) => [
        title,
        ...variants.map(({ values, price, stock, sku }) => `${values.join()} ${price} ${stock} ${sku}`).sort(),
      ])
      .sort();
  test('its rows and columns mean the same', () => {
    const wanted = known([headings, ...rows].map((row) => row.join(',')).join('\n'));
    fc.assert(
      fc.property(
        fc.shuffledSubarray([0, 1, 2, 3, 4, 5], { minLength: 6 }),
        fc.shuffledSubarray(rows, { minLength: 5 }),
        (columns, shuffled) => {
          const text = [headings, ...shuffled].map((row) => columns.map((at) => row[at]).join(',')).join('\n');
          expect(known(text)).toEqual(wanted);
        },
      ),
      { numRuns: 60, seed: 7 },
    );
  });
});

describe('out and in again', () => {
  const word = fc.constantFrom(
    'Cap',
    'Jug',
    'Soft "blanket"',
    'Löffel',
    'Сумка',
    '茶碗',
    '=SUM(A1)',
    '+danger',
    "O'Hara",
    'Two; parts',
    'Line',
  );
  const variant = fc.record({
    price: fc.integer({ min: 100, max: 9_900 }),
    stock: fc.option(fc.integer({ min: 0, max: 400 })),
    weight: fc.integer({ min: 0, max: 9000 }),
  });
  const catalogue = fc.array(fc.tuple(word, fc.array(variant, { minLength: 1, maxLength: 4 })), { minLength: 1, maxLength: 8 });
  const reads = (bytes: Uint8Array) => {
    const source = openSource(bytes);
    if (!source.ok) throw new Error(source.say);
    const goods = importSource(source.value, {}, noMapping);
    if (!goods.ok) throw new Error(goods.say);
    return goods.value;
  };
  test('a catalogue is the same catalogue to the id, in every form that it goes out in', () => {
    fc.assert(
      fc.property(catalogue, (made) => {
        const list = made
          .flatMap(([title, variants], i) =>
            variants.map(
              (one, n) =>
                `"${title.replace(/"/g, '""')} ${i}",${(one.price / 100).toFixed(2)},${one.stock ?? ''},${one.weight || ''},N${n}`,
            ),
          )
          .join('\n');
        const first = importText(`title,price,stock,weight g,option Make\n${list}\n`, { brief: 'GBP' });
        if (!first.ok) throw new Error(first.say);
        const { products } = first.value;
        const rows: Cell[][] = tableOf(products, 'GBP', 2);
        const text = (out: string) => new TextEncoder().encode(out);
        for (const [form, out] of Object.entries({
          csv: text(csvOf(rows)),
          xlsx: xlsxOf(rows),
          json: text(jsonOf(rows)),
          feed: text(feedOf(rows, 'The shop & co')),
          'schema.org': text(schemaOrgOf(products, 'GBP', 2)),
        }))
          expect([form, reads(out).products]).toEqual([form, products]);
      }),
      { numRuns: 40, seed: 11 },
    );
  });
  test('no cell of a file is one that a spreadsheet would run (OWASP, CSV injection)', () => {
    const [, line = ''] = csvOf([['title'], ['=1+1']]).split('\r\n');
    expect(line).toBe("'=1+1");
  });
});

describe('titles with tails', () => {
  const things = (list: string) =>
    read(`title;price\n${list}`, 'USD').products.map(({ title, options, variants }) => [
      title,
      options,
      variants.map(({ values }) => values.join(', ')),
    ]);

  test('a list that writes sizes behind a dash writes other choices there, too', () => {
    expect(things('Flat – small;9\nFlat – large;11\nPrefold – newborn;14\nPrefold – toddler;18\nPins – pair;3\n')).toEqual([
      ['Flat', ['Size'], ['small', 'large']],
      ['Prefold', ['Kind'], ['newborn', 'toddler']],
      ['Pins – pair', [], ['']],
    ]);
  });

  test('what stands behind several heads is a choice', () => {
    expect(things('Candle - Rose Hip;9\nCandle - Old Book;9\nSoap - Rose Hip;4\nSoap - Old Book;4\n')).toEqual([
      ['Candle', ['Kind'], ['Rose Hip', 'Old Book']],
      ['Soap', ['Kind'], ['Rose Hip', 'Old Book']],
    ]);
  });

  test('a choice that ends otherwise beside another thing is the same, and what is said of one alone is said there, too', () => {
    const { products } = read(
      'Produkt;Cena\nMydło – brązowe;24\nMydło – czarne;26\nKrem – brązowy;39\nKrem – czarny;41\nPędzel – miękki;18\nPędzel – twardy;18\n',
      'PLN',
    );
    expect(products.map(({ title, variants }) => `${title} ${variants.length}`)).toEqual(['Mydło 2', 'Krem 2', 'Pędzel 2']);
  });

  test('what stands behind a slash or a comma is a choice where it stands behind others as well, and for all rows of a head', () => {
    const { products } = read('title,price\nMorze / łatwe,19\nMorze / trudne,21\nGóry / łatwe,19\nGóry / trudne,21\n', 'PLN');
    expect(products.map(({ title, variants }) => `${title} ${variants.length}`)).toEqual(['Morze 2', 'Góry 2']);
    const whole = read('title;price\nFelt, plain;48\nFelt, with ribbon;52\nFelt, child;30\nSlipper, red;40\nSlipper, blue;41\n');
    expect(whole.products.map(({ title }) => title)).toEqual(['Felt, plain', 'Felt, with ribbon', 'Felt, child', 'Slipper']);
  });

  test('a maker before a dash is no product', () => {
    expect(things('Beethoven – Symphony five;9\nBeethoven – Fidelio;11\nBrahms – Requiem;14\n')).toHaveLength(3);
  });
});

test('a row without a name goes on with the thing above it, unless it is filed elsewhere', () => {
  const { products, problems } = read(
    'title,size,price,category\nCap,S,4,Hats\n,M,5,\nBag,,9,Bags\n,,12,Odd things\nScarf,,7,Wool\nGlove,,8,Wool\n',
  );
  expect(products.map(({ title, variants }) => [title, variants.length])).toEqual([
    ['Cap', 2],
    ['Bag', 1],
    ['Scarf', 1],
    ['Glove', 1],
  ]);
  expect(problems.filter(({ kind }) => kind === 'left-out').map(({ row }) => row)).toEqual([5]);
});

test('what is the same in all rows that go on with a thing is no name of it', () => {
  const list =
    'Flower;Sheet;Price (€);Picked\nCornflower;10 x 15;8;June\n;20 x 30;16;June\nPoppy;10 x 15;9;July\n;20 x 30;18;July\n';
  expect(shown(read(list))).toEqual(['Cornflower: 10 x 15 800, 20 x 30 1600', 'Poppy: 10 x 15 900, 20 x 30 1800']);
});

test('where several columns could be the price, that is asked once, with the likeliest; nothing else is said of prices until then', () => {
  const text =
    'Our name;On the string;One string;Twelve\nHill;59;38.000;410.000\nDark;59;44.000;475.000\nSmall;10;14.000;150.000\nFinger;10;16.000;162.000\nLong;33;33.000;355.000\nChaplet;25;24.000;260.000\n';
  const read = importText(text, { brief: 'COP' });
  if (!read.ok) throw new Error(read.say);
  const { questions } = read.value.report;
  const about = questions.filter(({ about: what }) => what === 'columns' || what === 'price');
  expect(about.map(({ say }) => say)).toEqual([
    'No column is surely the price. Is it “On the string” or “One string” or “Twelve”?',
  ]);
  expect(about[0]?.choices.find(({ value }) => value === about[0]?.likeliest)?.say).toBe('One string');
  const variants = read.value.products.flatMap((product) => product.variants);
  expect(variants.every(({ price, asks }) => price === null && asks.includes('price'))).toBe(true);
  expect(new Set(read.value.problems.filter(({ kind }) => kind === 'asked').map(({ say }) => say))).toContain(
    'Which column is the price has to be said first.',
  );
});

describe('what is charged, where headings say little', () => {
  const prices = (proposal: Proposal) =>
    proposal.products.map(({ variants: [one] }) => (one?.asks.includes('price') ? '?' : one?.price));
  test('a line that a hand typed keeps its decimal comma', () =>
    expect(shown(read('Ahle Grete … 47,80\nKrug Liesl … 8,90\nKrug, groß … 12,00\n'))).toEqual([
      'Ahle Grete:  4780',
      'Krug Liesl:  890',
      'Krug, groß:  1200',
    ]));
  test('what is in other money says nothing of how the list writes its numbers', () =>
    expect(prices(read('Nom;Prix\nCruche;84,300 DT\nPanier;91,600 DT\nLouche;€26.31\n', 'TND'))).toEqual([84300, 91600, '?']));
  test('whole numbers without a heading give way to those with cents', () =>
    expect(prices(read('Krug;12;25,90\nSchemel;10;33,20\nAhle;1;40,50\n'))).toEqual([2590, 3320, 4050]));
  test('of two that are whole, the larger is asked about', () => {
    const { products, questions } = read('お代わり,これ,あと\n9,Ferrule,3110\n2,Kettle,3840\n7,Float,4570\n', 'JPY');
    expect(products.map(({ variants: [one] }) => one?.asks.includes('price') || one?.price)).not.toContain(9);
    expect(questions.length).toBeGreaterThan(0);
  });
  test('an offer in one row, under a heading that nobody knows, is asked about; the answer is what is charged', () => {
    const list = 'Réf;Nom;Prix;Ce mois-ci seulement\n1;Cruche;348,50;\n2;Panier;421,50;\n3;Louche;494,50;395,60\n';
    const open = read(list);
    expect(prices(open)[2]).toBe('?');
    expect(open.questions.length).toBe(1);
    const answers = { [open.questions[0]?.id ?? '']: 'lower' };
    const charged = read(list, 'EUR', { ...noMapping, answers }).products[2]?.variants[0];
    expect(charged).toMatchObject({ price: 39560, earlierPrice: 49450, asks: [] });
  });
  test('what was taken for the price of few things, where all have what reads as their cost, is asked about', () => {
    const list = `Thing;Price before;Cost of it\n${['Jug', 'Pan', 'Awl', 'Cup', 'Tub'].map((name, i) => `${name};${i === 3 ? '€19.00' : ''};€${8 + i}.00`).join('\n')}\n`;
    const open = read(list);
    expect(prices(open)).toEqual(['?', '?', '?', '?', '?']);
    expect(open.questions.map(({ id }) => id)).toEqual(['columns price']);
    const [which] = open.questions;
    const answered = read(list, 'EUR', { ...noMapping, answers: { 'columns price': which?.likeliest ?? '' } });
    expect(prices(answered)).toEqual([800, 900, 1000, 1100, 1200]);
  });
  test('whole numbers under a heading that nobody knows are years, and never what was asked before', () => {
    const list = `Map;Price;Year of plate\n${['Hardanger', 'Lofoten', 'Finnmark', 'Sogn'].map((name, i) => `${name};${i === 2 ? '' : `${450 + i * 50},-`};${1780 + i}`).join('\n')}\n`;
    expect(prices(read(list, 'NOK'))).toEqual([45000, 50000, '?', 60000]);
  });
  test('a row of goods above what was taken for headings is told of', () => {
    const { problems } = read('Kettle;47,80;EN-1\nItem;Price;SKU\nStool;12,00;EN-2\nAwl;9,00;EN-3\n');
    expect(problems.some(({ row, kind }) => row === 1 && kind === 'left-out')).toBe(true);
  });
  test('a line over what a hand has typed is no thing, and told of; a thing without a price is one', () => {
    const over = read('Bolsters\n\nSit bolster … 48\nNeck roll … 32\nMat … 60\n');
    expect([shown(over).length, over.problems.map(({ say }) => say)]).toEqual([3, [expect.stringContaining('“Bolsters”')]]);
    expect(shown(read('All in euro:\nSit bolster … 48\nNeck roll … 32\nMat … 60\n'))).toHaveLength(3);
    expect(shown(read('Bolster\nSit bolster … 48\nNeck roll … 32\nMat … 60\n'))).toHaveLength(4);
  });
  test('no line of a list without headings is taken for them', () =>
    expect(read('Uzun kepçe … 2310\nKüçük iğ … from 2529\nEski yüksük … 267\n', 'TRY').products).toHaveLength(3));
});

test('codes that are the same for all rows of a thing bring them together, whatever their heading says', () => {
  const { columns } = read('Familia,Nombre,Talla,Precio\nG1,Jarra,S,4\nG1,Jarra,M,5\nG2,Cesta,S,6\nG2,Cesta,M,7\n');
  expect(columns[0]?.as).toBe('group');
});

test('a code is no name where there are names', () => {
  const { columns } = read('Drawer label,Ta rzecz,Cena\nPL-200,Kasia okrągły,20\nPL-201,Żuraw mały,30\nPL-202,Wrona stary,40\n');
  expect(columns.slice(0, 2).map(({ as }) => as)).toEqual(['sku', 'title']);
});

test('ounces in Spanish are no pieces (CLDR 48, unit “ounce”)', () => {
  const { products } = read('Nombre,Cantidad,Precio\nPastel,1 onza,48\nPastel,4 onzas,165\n');
  expect(products.map(({ variants }) => variants.map(({ values, stock }) => [values, stock]))).toEqual([
    [
      [['1 onza'], null],
      [['4 onzas'], null],
    ],
  ]);
});

describe('a price from before, beside several columns of numbers', () => {
  const names = ['Moorwurzel', 'Drachenstein', 'Seiryu', 'Schiefer', 'Lavastein', 'Kiesel', 'Mangrove', 'Talawa'];
  const list = (now: string, days: (i: number) => number) =>
    `Bezeichnung;${now};statt;Gruppe;Tage gewässert\n${names
      .flatMap((name, n) => [1, 2].map((nr) => ({ name: `${name} Nr. ${nr}`, i: n * 2 + nr })))
      .map(({ name, i }) =>
        [name, `${10 + i},90`, i % 5 ? '' : `${14 + i},50`, /wurzel|ove|awa/.test(name) ? 'Holz' : 'Stein', days(i)].join(';'),
      )
      .join('\n')}\n`;

  test('what is less than it wherever it stands is charged, and where unlike names are filed is no group', () => {
    const { columns, products } = read(list('HEK netto', (i) => 20 + ((i * 7) % 30)));
    expect(columns.map(({ as }) => as)).toEqual(['title', 'price', 'earlierPrice', 'category', 'particular']);
    expect(products).toHaveLength(16);
    expect(products[4]?.variants[0]).toMatchObject({ price: 1590, earlierPrice: 1950 });
    expect(products[4]?.categories).toEqual(['Stein']);
  });

  test('where none is, what was asked before is not charged either', () => {
    const { columns, products } = read(
      'Bezeichnung;Zahl;statt;Tage\nMoorwurzel;30;;41\nDrachenstein;25;20;19\nSeiryu;18;22;33\nSchiefer;21;;27\nKiesel;44;;12\nTalawa;16;;38\n',
    );
    expect(columns.find(({ heading }) => heading === 'statt')?.as).toBe('earlierPrice');
    expect(products.map(({ variants: [one] }) => one?.price)).toEqual([null, null, null, null, null, null]);
  });
});

describe('what two columns of one name hold', () => {
  const list = 'title,Price,Grain,Price 2\nRye,5,coarse,7\nOat,6,fine,8\n';

  test('nothing is charged before the seller says which is the price', () => {
    const asked = read(list);
    expect(asked.questions.find(({ id }) => id === 'columns price')?.choices.map(({ say }) => say)).toEqual(['Price', 'Price 2']);
    expect(shown(asked)).toEqual(['Rye:  ?', 'Oat:  ?']);
  });

  test('the other one is not told to shoppers as if it were one', () => {
    const said = read(list, 'EUR', { ...noMapping, answers: { 'columns price': '3' } });
    expect(shown(said)).toEqual(['Rye:  700', 'Oat:  800']);
    expect(said.products.flatMap(({ particulars }) => particulars.map(({ name }) => name))).toEqual(['Grain', 'Grain']);
  });
});

test('rows without a name under a sample go with the sample', () => {
  const { products, counts } = read('title,size,price\nCap,S,4\n,M,5\nSample product,S,1\n,M,1\nBag,S,6\n');
  expect(products.map(({ title, variants }) => `${title} ${variants.length}`)).toEqual(['Cap 2', 'Bag 1']);
  expect(counts.leftOut).toBe(2);
});

test('a sample with a tail is one, and a sample of something is sold', () => {
  expect(shown(read('title,price\nCap,4\nSample product – red,5\nBag,6\n'))).toEqual(['Cap:  400', 'Bag:  600']);
  expect(shown(read('title,price\nCap,4\nProduct 1,0\nBag,6\n'))).toEqual(['Cap:  400', 'Bag:  600']);
  expect(shown(read('title,price\nCap,4\nProduct 1,5\nBag,6\n')).length).toBe(3);
  expect(read('title,price\nRose oil,40\nSample – 2 ml,5\nSandalwood oil,60\n').products).toHaveLength(3);
});

test('columns of one width part a list, though some cells have a semicolon', () => {
  const line = (...cells: string[]) => cells.map((cell) => cell.padEnd(26)).join('');
  const text = [
    line('Frame', 'Sizes', 'Price', 'Weight'),
    line('Narrow oak', '7 x 31 in; 9 x 40 in', '$34.00', '1.2 lb'),
    line('Wide walnut', '5 x 5 in', '$48.00', '2 lb'),
    line('Gilt reverse', '6 x 18 in; 8 x 20 in', '$52.00', '14 oz'),
  ].join('\n');
  const proposal = read(text, 'USD');
  expect(proposal.form).toBe('fixed-width');
  expect(proposal.columns.map(({ as }) => as)).toEqual(['title', 'option', 'price', 'weight']);
});

test('words that bring rows together are the name, where no heading speaks of one', () => {
  const proposal = read(
    'Modèle;Tissu;Diamètre;Prix\nCorniche;lin;30 cm;48,00\nCorniche;soie;30 cm;72,50\nCorniche;lin;45 cm;66,00\n',
  );
  expect(shown(proposal)).toEqual(['Corniche: lin/30 cm 4800, soie/30 cm 7250, lin/45 cm 6600']);
});

describe('headings in words of the seller’s own', () => {
  test('are read where their cells bear them out', () => {
    const proposal = read(
      'What we fold,Leaves your purse,How heavy it is,Still on the shelf\nCrane,"8,50 €",12 g,4\nFrog,"6,00 €",9 g,0\nBoat,"7,20 €",15 g,11\n',
    );
    expect(proposal.columns.map(({ as }) => as)).toEqual(['title', 'price', 'weight', 'stock']);
  });

  test('“how many” among words that speak of something else counts nothing that is sold', () => {
    const { questions, products } = read('Deck,Price,How many we printed\nAmber,68.00,200\nCrane,74.00,90\nHansa,82.50,300\n');
    expect(products.flatMap(({ variants }) => variants.map(({ stock }) => stock))).toEqual([null, null, null]);
    expect(questions.map(({ id }) => id)).toContain('columns stock 2');
  });
});

test('a property of the seller’s own in structured data is written as the seller writes', () => {
  const page = `<html><script type="application/ld+json">${JSON.stringify([
    { '@type': 'Product', name: 'Costume', prezzo: '39,00 €' },
    { '@type': 'Product', name: 'Boxer', prezzo: '41,50 €' },
  ])}</script></html>`;
  expect(shown(read(page))).toEqual(['Costume:  3900', 'Boxer:  4150']);
});

test('yes and no beside what is sold out and what is left say what there is', () => {
  const { columns, products } = read(
    'Jak se jmenuje,Jak je velký,Za kolik,Je ho dost?\nVlna,15 cm,189 Kč,ano\nVlna,20 cm,259 Kč,poslední dva\nKraft,15 cm,79 Kč,ano\nKraft,30 cm,129 Kč,vyprodáno\nHedvábí,20 cm,149 Kč,ano\nHedvábí,30 cm,219 Kč,ne\n',
    'CZK',
  );
  expect(columns.map(({ as }) => as)).toEqual(['title', 'option', 'price', 'stock']);
  expect(products.flatMap(({ variants }) => variants.map(({ stock }) => stock))).toEqual([null, 2, null, 0, null, 0]);
});

test('what a file tells of a thing in several values is one phrase', () => {
  const { products } = read(
    JSON.stringify([
      { name: 'Horse', price: 85, wood: ['lapacho', 'polished'] },
      { name: 'Mule', price: 64, wood: ['cedar', 'polished'] },
    ]),
  );
  expect(products.map(({ particulars }) => particulars.map(({ value }) => value))).toEqual([
    ['lapacho, polished'],
    ['cedar, polished'],
  ]);
});

test('weights beside a named choice are what each of its values weighs', () => {
  const rows = [
    'Derby,Diameter,14 in,$180,900 g',
    'Derby,Diameter,16 in,$220,1150 g',
    'Falls,Diameter,14 in,$190,950 g',
    'Falls,Diameter,18 in,$260,1400 g',
  ];
  const { columns, products } = read(`cymbal,differs_by,this_one,asking,scale_says\n${rows.join('\n')}\n`, 'USD');
  expect(columns.map(({ as }) => as)).toEqual(['title', 'optionName', 'optionValue', 'price', 'weight']);
  expect(products.flatMap(({ variants }) => variants.map(({ weight }) => weight))).toEqual([900, 1150, 950, 1400]);
});

test('pieces that are all that tells the rows of things apart are chosen by, and no stock', () => {
  const rows = ['Gower', 'Snowdon', 'Llyn'].flatMap((name) => [100, 500, 1000].map((n) => `${name},${n},${10 + n / 100}`));
  const puzzles = read(`title,pieces,price\n${rows.join('\n')}\n`, 'GBP');
  expect(puzzles.columns.map(({ as }) => as)).toEqual(['title', 'option', 'price']);
  expect(puzzles.products.map(({ variants }) => variants.length)).toEqual([3, 3, 3]);
  const caps = read('title,pieces,size,price\nCap,4,S,9\nCap,7,M,9\nBag,4,S,12\nBag,7,M,12\n', 'GBP');
  expect(caps.columns.map(({ as }) => as)).toEqual(['title', 'stock', 'option', 'price']);
});

test('amounts whose sign was lost in an old encoding are in the money of the brief, if that has such a sign; it is said', () => {
  const list = 'Who holds the toast,The bill\nTereré,? 185.000\nChipá,? 225.000\nLapacho,? 185.000\n';
  const { columns, products, problems } = read(list, 'PYG');
  expect(columns.map(({ as }) => as)).toEqual(['title', 'price']);
  expect(products.map(({ variants }) => variants[0]?.price)).toEqual([185000, 225000, 185000]);
  expect(problems.map(({ kind, column }) => [kind, column])).toEqual([['mended', 'The bill']]);
  // No encoding lacks a dollar: what was lost is another money's.
  expect(read(list, 'USD').products.map(({ variants }) => variants[0]?.price)).toEqual([null, null, null]);
});
