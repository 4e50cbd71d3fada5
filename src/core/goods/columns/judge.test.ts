import { importText } from '../import';
import { featuresOf, saidPlainly, toldIn } from './features';
import { readHeading } from './heading';
import { judge } from './judge';
import { profileOf } from './profile';
import { proposeColumns } from './propose';
import { seenIn } from './seen';

const rows = [
  ['Oak bowl', '12.50', 'small', 'B-1', '3'],
  ['Oak bowl', '18.00', 'large', 'B-2', '0'],
  ['Ash cup', '9.00', 'small', 'C-1', '14'],
];
const asOf = (headings: string[], list: string[][] = rows, context = {}) =>
  proposeColumns(headings, list, new Map(), context).map(({ as }) => as);

test('shares of a judgement add up to one, and features that nobody trained say nothing', () => {
  const [features = {}] = featuresOf(seenIn(['Bowl', '', '', '', ''], rows, ''), 0, []);
  const shares = judge(features);
  expect([...shares.values()].reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 9);
  expect([...judge({ ...features, 'never heard of': 1 })]).toEqual([...shares]);
});

test('what a heading says plainly, and its cells allow, is believed', () => {
  expect(asOf(['title', 'price', 'size', 'sku', 'stock'])).toEqual(['title', 'price', 'option', 'sku', 'stock']);
  expect(asOf(['Bezeichnung', 'Preis', 'Größe', 'Artikelnummer', 'Bestand'])).toEqual([
    'title',
    'price',
    'option',
    'sku',
    'stock',
  ]);
  expect(saidPlainly(readHeading('price'))).toBe('price');
  expect(saidPlainly(readHeading('Mystery'))).toBeNull();
});

test('no heading makes money of words, or a barcode of names', () => {
  const [, price, , gtin] = asOf(
    ['title', 'price', 'size', 'EAN', 'stock'],
    rows.map(([name = '', , size = '', , n = '']) => [name, 'ask Ana', size, name, n]),
  );
  expect(price).not.toBe('earlierPrice');
  expect(gtin).not.toBe('gtin');
});

test('a name and its value side by side, whatever they are headed', () => {
  const read = importText(
    'Cloth|You choose by|Your choice|Price\nNettle twill|Width|70 cm|£38.00\nNettle twill|Width|140 cm|£64.00\nNettle gauze|Width|70 cm|£29.50\n',
  );
  if (!read.ok) throw new Error(read.say);
  expect(read.value.products.map(({ options, variants }) => [options, variants.map(({ values }) => values)])).toEqual([
    [['Width'], [['70 cm'], ['140 cm']]],
    [['Width'], [['70 cm']]],
  ]);
});

test('a letter is a sign of money where the brief is in that money', () => {
  const list = [
    ['Stone A', 'R 340'],
    ['Stone B', 'R 360'],
    ['Stone C', 'R 410'],
  ];
  const [column] = seenIn(
    ['how much'],
    list.map(([, cell = '']) => [cell]),
    'ZAR',
  );
  const [other] = seenIn(
    ['how much'],
    list.map(([, cell = '']) => [cell]),
    'GBP',
  );
  expect([column?.profile.signed, column?.profile.code]).toEqual([1, 0]);
  expect(other?.profile.signed).toBe(0);
  expect(asOf(['what it is', 'how much'], list, { currency: 'ZAR' })).toEqual(['title', 'price']);
});

test('amounts that nothing names are never taken for an earlier price', () => {
  const list = rows.map(([name = '', price = '']) => [name, price, '4.00']);
  expect(asOf(['title', 'price', ''], list)[2]).toBe('particular');
});

test('words of a brief are known without their capitals and accents', () => {
  expect(toldIn('Glöckchen & Bell ropes')).toEqual(['glockchen', 'bell', 'ropes']);
});

describe('what cells are by their form alone', () => {
  const made = (cells: readonly string[], heading = 'Qqq') =>
    asOf(
      ['title', heading, 'price'],
      cells.map((cell, i) => [`Thing ${String.fromCharCode(65 + i)}`, cell, `${i + 4}.50`]),
    )[1];
  test.each([
    ['category', ['Kitchen > Pots', 'Kitchen > Pans', 'Garden > Pots', 'Garden > Pots']],
    [
      'description',
      ['It never rusts, she says.', 'Made for one.\nAnd for two.', 'Cut by hand from lime.', 'Nobody needs it, all want it.'],
    ],
    ['description', ['<b>dried</b> in the sun', 'salted and <i>smoked</i>', 'as it is from the sea', '<b>dried</b> on birch']],
    ['option', ['70x90, 80x110', '70x90', '70x90, 80x110, 90x120', '80x110']],
  ])('%s', (as, cells) => expect(made(cells)).toBe(as));

  test('days are no barcodes, and a unit is no number of pieces', () => {
    expect(made(['2026-03-02', '2026-03-02', '2026-03-09', '2026-05-11'])).not.toBe('gtin');
    expect(made(['4', '0', '2', '0'], 'Dries in (h)')).toBe('particular');
    expect(made(['300', '250', '120', '52'], 'Grams (g/m²)')).toBe('particular');
  });
});

test('nothing that parts the rows of one name brings them together', () => {
  const list = ['navy', 'navy', 'wine', 'wine'].map((colour, i) => ['The Liffey', colour, i % 2 ? 'ready' : 'self-tie', '19.00']);
  expect(asOf(['', '', '', ''], [...list, ...list.map(([, ...rest]) => ['The Phoenix', ...rest])])[1]).not.toBe('group');
});

test('what was asked before stands beside what is asked now, whatever that is called', () => {
  const list = [
    ['Cat', '', '139'],
    ['Crow', '152', '121'],
    ['King', '', '145'],
    ['Queen', '164', '129'],
  ];
  expect(asOf(['who', 'was', 'is'], list)).toEqual(['title', 'earlierPrice', 'price']);
});

test('a heading that is a name of the money of the brief holds prices', () => {
  const list = [
    ['Kagzi lemon', '450'],
    ['Jara lemon', '500'],
    ['Elachi lemon', '700'],
  ];
  expect(asOf(['tree', 'taka'], list, { currency: 'BDT' })).toEqual(['title', 'price']);
});

test('words under a heading that only begins like one for the stock are no stock, and names of choices are no choices', () => {
  const list = ['romo', 'vivo', 'vivo'].map((edge, i) => [`Dado ${i + 1}`, edge, `${i + 3},50`]);
  expect(asOf(['dado', 'canto', 'precio'], list)[1]).not.toBe('stock');
  const read = importText('Product,Option,Value,Price\nBalm,Size,30 ml,3.50\nBalm,Size,60 ml,4.50\nCream,Size,30 ml,5.50\n');
  if (!read.ok) throw new Error(read.say);
  expect(read.value.products.map(({ options, variants }) => [options, variants.map(({ values }) => values)])).toEqual([
    [['Size'], [['30 ml'], ['60 ml']]],
    [['Size'], [['30 ml']]],
  ]);
});

describe('an amount in every row beside a lower one in some', () => {
  const headings = ['What', 'What I want for it', 'What I want if you smile'];
  const columns = (rows: string[][]) =>
    Object.fromEntries(proposeColumns(headings, rows).map(({ heading, as }) => [heading, as]));
  test('is what is charged where no other is', () =>
    expect(
      columns([
        ['Strap, Volvo', '49', '45'],
        ['Strap, Saab', '49', ''],
        ['Strap, Opel', '39', '35'],
      ]),
    ).toMatchObject({
      'What I want for it': 'earlierPrice',
      'What I want if you smile': 'price',
    }));
  test('isn’t, where the other is higher once', () =>
    expect(
      columns([
        ['Strap, Volvo', '49', '45'],
        ['Strap, Saab', '49', ''],
        ['Strap, Opel', '39', '55'],
      ]),
    ).not.toMatchObject({
      'What I want for it': 'earlierPrice',
    }));
  test('isn’t, where the seller has said which the price is', () =>
    expect(
      proposeColumns(
        headings,
        [
          ['Strap, Volvo', '49', '45'],
          ['Strap, Saab', '49', ''],
          ['Strap, Opel', '39', '35'],
        ],
        new Map([[2, { as: 'price' as const, because: 'You said so.' }]]),
      ).map(({ as }) => as),
    ).not.toContain('earlierPrice'));
});

test('nobody chooses by sentences, however short, and no measure names a choice', () => {
  expect(
    asOf(
      ['Naz.', 'Śr.', 'Cena', 'Op.'],
      [
        ['Misa Lhasa', '14 cm', '240', 'Siedem metali.\nKuta "na zimno".'],
        ['', '18 cm', '310', ''],
        ['Misa Wawel', '22 cm', '450', 'Odlana.'],
        ['Poduszka', '12 cm', '38', 'Z łuską gryki.'],
      ],
    ),
  ).toEqual(['title', 'particular', 'price', 'description']);
  expect(
    asOf(
      ['', '', '', ''],
      [
        ['Frosted head', '11 in', 'low crown', '£22.00'],
        ['Frosted head', '11 in', 'high crown', '£23.50'],
        ['Calfskin head', '11 in', 'low crown', '£48.00'],
      ],
    ),
  ).not.toContain('optionName');
});

test('what a standard leaves open is a property, unless it is told in sentences', () => {
  const page = (fields: readonly object[]) =>
    `<html><script type="application/ld+json">${JSON.stringify(fields.map((more, i) => ({ '@type': 'Product', name: `Bag ${i}`, offers: { price: 9 + i, priceCurrency: 'EUR' }, ...more })))}</script></html>`;
  const read = importText(
    page([
      { relato: 'Lona encerada, para la lluvia.', hilo: 'lino' },
      { relato: 'Con "cordón".', hilo: 'seda' },
    ]),
  );
  if (!read.ok) throw new Error(read.say);
  const [first] = read.value.products;
  expect(first?.description).toContain('Lona encerada');
  expect(first?.particulars).toEqual([{ name: 'Hilo', value: 'lino' }]);
});

describe('what cells name, and the next column tells', () => {
  const as = (given: Parameters<typeof proposeColumns>[2]) =>
    proposeColumns(
      ['What', 'Neck drama', 'Your verdict', 'Price'],
      [
        ['Mutrah', 'Width', '6 cm', '6.500'],
        ['Mutrah', 'Width', '8 cm', '7.500'],
        ['Nizwa', 'Colour', 'navy', '8.500'],
        ['Nizwa', 'Colour', 'rust', '9.500'],
      ],
      given,
    ).map((column) => column.as);
  test('is a choice by that name, whatever both are headed', () =>
    expect(as(new Map())).toEqual(['title', 'optionName', 'optionValue', 'price']));
  test('but not where something else is said of one of them', () =>
    expect(as(new Map([[1, { as: 'particular', because: 'Said so.' }]]))[1]).toBe('particular'));
});

test('sizes written without a unit are no amounts of money, several for a price are', () => {
  expect(profileOf(['60 × 90', '120 x 180', '170×240'])).toMatchObject({ money: 0, measure: 1 });
  expect(profileOf(['3 for 20', '2 × €9.50', '4 for 25']).money).toBe(1);
});
