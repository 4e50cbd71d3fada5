import { importText } from '../import';
import { featuresOf, saidPlainly, toldIn } from './features';
import { readHeading } from './heading';
import { judge } from './judge';
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
