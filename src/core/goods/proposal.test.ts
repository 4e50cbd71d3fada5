import { read, shown } from '../../../tests/lists';
import { noMapping, readList } from './index';
import { type Cell } from './source/grid';

test('sheets of one form are read together, also where it has to be asked which column is the price', () => {
  const sheet = (name: string, things: string[]) => ({
    name,
    rows: things.map((thing, i): Cell[] => [
      thing,
      'Cedar, one treadle, a bobbin that comes off.',
      980 + i * 20,
      i % 2 ? '' : 880 + i,
    ]),
    firstRow: 1,
    headed: false,
  });
  const grids = [sheet('Castle', ['Poblado', 'Laureles', 'Bello', 'Caldas']), sheet('Saxony', ['Guarne', 'Jardín', 'La Ceja'])];
  const proposal = readList({ form: 'xlsx', encoding: '', grids, notes: [], pictures: [] }, { brief: 'COP' });
  expect(proposal.ok && proposal.value.products).toHaveLength(7);
  expect(proposal.ok && proposal.value.questions.filter(({ id }) => id === 'columns price')).toHaveLength(1);
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

describe('a column headed “Kind”', () => {
  const names = ['Fern marker', 'Bench sign', 'Copper tie', 'Pot label', 'Bed plaque'];
  const list = (kinds: readonly string[], heading = 'Kind') =>
    read(`Label,Price,${heading}\n${kinds.map((kind, i) => `${names[i] ?? ''},${3 + i}.50,${kind}`).join('\n')}\n`);
  test('says on which shelf things stand, where nothing else does', () => {
    const { columns, products } = list(['Tags', 'Tags', 'Stakes', 'Stakes', 'Wire']);
    expect(columns[2]?.as).toBe('category');
    expect(products.map(({ categories }) => categories.join())).toEqual(['Tags', 'Tags', 'Stakes', 'Stakes', 'Wire']);
  });
  test('says how they are delivered, where its cells do', () =>
    expect(list(['physical', 'digital', 'physical', 'physical', 'gift card']).columns[2]?.as).toBe('kind'));
  test('is none where it is an English word for something else, as “tip”', () =>
    expect(list(['brass', 'brass', 'rubber', 'rubber', 'brass'], 'Tip').columns[2]?.as).not.toBe('category'));
  test('is none where each has another', () =>
    expect(list(['Tags', 'Pegs', 'Stakes', 'Signs', 'Wire']).columns[2]?.as).not.toBe('category'));
  test('is none where it differs within a thing', () =>
    expect(read('Label,Kind,Price\nFern,tag,3.50\nFern,stake,4.50\nMoss,tag,3.50\nMoss,stake,4.50\n').columns[1]?.as).not.toBe(
      'category',
    ));
});

test('what is the same in all rows and headed like a choice brings no rows together', () =>
  expect(
    read(
      'Kit,Pans,Price,Size,Alum,Ox gall,Size\nAire,one,34.00,agar,yes,20 ml,A4\nAire,two,52.00,agar,yes,20 ml,A4\n',
    ).columns.at(-1)?.as,
  ).not.toBe('group'));

describe('a list of cells without headings', () => {
  const rows: Cell[][] = ['Glenelg', 'Norwood', 'Unley', 'Prospect'].flatMap((name, n) => [
    [name, '60 g', 9.5 + n],
    ['', '120 g', 16 + n],
    ['', '500 g', 48 + n],
  ]);
  const grid = (all: Cell[][]) => ({ name: '', rows: all, firstRow: 1, headed: false });
  const readRows = (all: Cell[][]) => {
    const proposal = readList({ form: 'xlsx', encoding: '', grids: [grid(all)], notes: [], pictures: [] }, { brief: 'AUD' });
    if (!proposal.ok) throw new Error(proposal.say);
    return proposal.value;
  };
  test('has a title over it and a remark under it that are no goods, and both are told', () => {
    const { products, problems } = readRows([['Rubs, all of them', '', ''], ...rows, ['Salt is from Price.', '', '']]);
    expect(products.map(({ title }) => title)).toEqual(['Glenelg', 'Norwood', 'Unley', 'Prospect']);
    expect(problems.map(({ row }) => row)).toEqual(expect.arrayContaining([1, 14]));
  });
  test('keeps a thing that stands alone in its row over what it comes in', () => {
    const { products } = readRows([['Henley', '', ''], ['', '60 g', 9.5], ['', '120 g', 16], ...rows]);
    expect(products[0]?.title).toBe('Henley');
  });
});

test('sheets of paper are sizes: “A5, A4” is a choice of two', () => {
  const { products } = read(
    'Book,Trimmed to,Price\nLiffey,"A5, A4",9.00\nTolka,A5,9.50\nDodder,"A6, A5, A4",10.00\nCamac,A4,9.00\n',
  );
  expect(products[0]?.variants.map(({ values }) => values.join())).toEqual(['A5', 'A4']);
});
