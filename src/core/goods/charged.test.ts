import { read, shown } from '../../../tests/lists';
import { importText, noMapping, type Proposal } from './index';

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

test.each([
  ['Rp 85.000', 'from Rp 140.000', 'IDR', 'It costs 140.000,00 IDR'],
  ['£1,250.00', 'from £1,400.00', 'GBP', 'It costs 1,400.00 GBP'],
  ['¥ 2,800', 'from ¥ 3,200', 'JPY', 'It costs 3,200 JPY'],
])('an amount that is asked about is shown as the list writes its own: %s, %s', (price, from, currency, say) => {
  const { questions } = read(`title;price\nKelapa;${price}\nOmbak;${from}\n`, currency);
  expect(questions.flatMap(({ choices }) => choices.map((one) => one.say))).toContain(say);
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

test('a property of the seller’s own in structured data is written as the seller writes', () => {
  const page = `<html><script type="application/ld+json">${JSON.stringify([
    { '@type': 'Product', name: 'Costume', prezzo: '39,00 €' },
    { '@type': 'Product', name: 'Boxer', prezzo: '41,50 €' },
  ])}</script></html>`;
  expect(shown(read(page))).toEqual(['Costume:  3900', 'Boxer:  4150']);
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

describe('whole numbers under a heading that says nothing', () => {
  const list = (amounts: readonly number[], brief: string) =>
    read(
      `What rolls,Your loss\n${amounts.map((amount, i) => `Die ${String.fromCharCode(65 + i)},${amount}`).join('\n')}\n`,
      brief,
    );
  const price = (amounts: readonly number[], brief: string) =>
    list(amounts, brief).columns.find(({ as }) => as === 'price')?.heading;
  test.each(['KRW', 'JPY', 'NGN', 'HUF'])('are round sums in a money of small units: %s', (money) =>
    expect(price([9000, 12500, 13000, 9000, 17500], money)).toBe('Your loss'),
  );
  test('are asked about in a money in which they may be anything', () =>
    expect(price([9000, 12500, 13000, 9000, 17500], 'EUR')).toBeUndefined());
});
