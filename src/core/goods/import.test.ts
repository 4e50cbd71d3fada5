import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { importGoods, importText } from './import';
import { openText } from './source/open';

const bytes = (text: string) => new TextEncoder().encode(text);
const goods = (text: string, brief = 'EUR') => {
  const result = importText(text, { brief });
  if (!result.ok) throw new Error(result.say);
  return result.value;
};
const refusal = (result: ReturnType<typeof importGoods>) => (result.ok ? '' : result.say);

describe('a list', () => {
  test('is read by headings in other words and other tongues', () => {
    const { products } = goods(
      'Artikelnummer;Bezeichnung;Preis;Bestand;Gewicht;Farbe\nA1;Mütze;24,50;3;120;rot\nA2;Mütze;24,50;0;120;blau\n',
    );
    expect(products).toHaveLength(1);
    expect(products[0]).toMatchObject({
      title: 'Mütze',
      options: ['Farbe'],
      variants: [
        { values: ['rot'], price: 2450, stock: 3, weight: 120, sku: 'A1' },
        { values: ['blau'], stock: 0 },
      ],
    });
  });

  test('keeps the order and brings rows of one product together by their group', () => {
    const { products } = goods('group,title,option Size,price\ncap,Cap,S,10\nbag,Bag,,20\ncap,,M,11\n');
    expect(products.map((product) => [product.title, product.variants.map((v) => v.values[0] ?? '')])).toEqual([
      ['Cap', ['S', 'M']],
      ['Bag', ['']],
    ]);
  });

  test('gives the same ids again, so that decisions find their place', () => {
    const text = 'title,price,size\nCap,10,S\nCap,11,M\nBag,20,\n';
    expect(goods(text).products.map((p) => p.variants.map((v) => v.id))).toEqual(
      goods(text).products.map((p) => p.variants.map((v) => v.id)),
    );
    expect(goods(text).products[0]?.variants[1]?.id).toBe('p-cap.m');
  });

  test('reads weights and stock as people write them', () => {
    const { products } = goods('title,price,weight,stock\na,1,0.5 kg,in stock\nb,1,3.5 oz,sold out\nc,1,100,7\n');
    expect(products.map(({ variants: [v] }) => [v?.weight, v?.stock])).toEqual([
      [500, null],
      [99, 0],
      [100, 7],
    ]);
  });

  test('says of every row what was not understood, with its line and column, and sells none of it', () => {
    const { products, problems, report } = goods(
      'title,price,sku,stock,was\nA,free,x1,1,\nB,-3,x2,1,\nC,5,x3,lots,9\nD,6,x4,2,4\n,7,x5,1,\nE,5,x6,a few,\n',
    );
    expect(products.map(({ title, variants }) => [title, ...variants.map(({ price, asks }) => [price, asks])])).toEqual([
      ['A', [0, []]],
      ['B', [null, ['price']]],
      ['C', [500, []]],
      ['D', [600, []], [700, []]],
      ['E', [500, ['stock']]],
    ]);
    expect(problems.map(({ row, column, kind }) => [row, column, kind])).toEqual([
      [3, 'price', 'asked'],
      [5, 'was', 'mended'],
      [7, 'stock', 'asked'],
    ]);
    expect(report.questions.map(({ about, likeliest }) => [about, likeliest])).toEqual([
      ['price', 'number'],
      ['stock', 'none'],
    ]);
    expect(problems.every((problem) => problem.say.length > 10)).toBe(true);
  });

  test('shows a column that nothing claims with the goods', () => {
    const { products, report } = goods('title,price,Moon phase\nA,5,full\nB,6,new\n');
    expect(report.columns.map(({ as }) => as)).toEqual(['title', 'price', 'particular']);
    expect(products[0]?.particulars).toEqual([{ name: 'Moon phase', value: 'full' }]);
  });

  test('is read in the encodings that spreadsheets write', () => {
    const text = 'title,price\nCafé £5,5\n';
    const utf16 = new Uint8Array([0xff, 0xfe, ...Buffer.from(text, 'utf16le')]);
    const windows = Uint8Array.from(Buffer.from(text, 'latin1'));
    for (const file of [bytes(text), bytes(`\ufeff${text}`), utf16, windows]) {
      const result = importGoods(file);
      expect(result.ok && result.value.products[0]?.title).toBe('Café £5');
    }
  });

  test('has the decimals of the currency that its prices name', () => {
    expect(goods('title,price\nOud,1.250 KWD\n')).toMatchObject({
      currency: 'KWD',
      digits: 3,
      products: [{ variants: [{ price: 1250 }] }],
    });
    expect(goods('title,price\nTea,¥1200\n', 'JPY')).toMatchObject({
      currency: 'JPY',
      digits: 0,
      products: [{ variants: [{ price: 1200 }] }],
    });
  });

  test.each([
    ['an empty file', new Uint8Array(), 'empty'],
    ['a picture', Uint8Array.from([0x89, 0x50, 0x4e, 0x47, 0, 0, 0, 13]), 'a picture, not a list'],
    ['a document', bytes('%PDF-1.7 and so on'), 'a PDF document'],
    ['half an archive', Uint8Array.from([0x50, 0x4b, 3, 4]), 'can’t be unpacked'],
    ['a header alone', bytes('title,price\n'), 'no rows'],
    ['blank lines', bytes('\n\n  \n'), 'empty'],
    ['bytes that are no text', Uint8Array.from({ length: 400 }, (_, i) => (i * 7) % 256), 'not text'],
    ['JSON that breaks off', bytes('[{"title": "A", "price": 4}, {"title"'), 'JSON with a fault'],
    [
      'JSON with a quote in a text',
      bytes('[{"title": "Says "hush" a lot", "price": 4}]'),
      'in line 1, near “[{"title": "Says "hush" a',
    ],
    ['a page without goods', bytes('<!doctype html><html><body><p>Hello</p></body></html>'), 'No goods were found'],
    [
      'XML with entities of its own',
      bytes('<?xml version="1.0"?><!DOCTYPE a [<!ENTITY b "c">]><a><item>&b;</item></a>'),
      'entities',
    ],
  ])('%s is refused with a sentence', (_, file, say) => expect(refusal(importGoods(file))).toContain(say));

  test('without headings is read by what stands in it', () => {
    const { products, report } = goods('Cap,10\nBag,20\n');
    expect([report.headerRow, products.map(({ title, variants: [v] }) => [title, v?.price])]).toEqual([
      null,
      [
        ['Cap', 1000],
        ['Bag', 2000],
      ],
    ]);
  });

  test('without prices is shown, and nothing of it is sold', () => {
    const { products, report } = goods('title,sku\nA,1\n');
    expect(products[0]?.variants[0]).toMatchObject({ price: null, asks: ['price'] });
    expect(report.questions).toHaveLength(1);
  });

  test('whose money nothing names is sold only when something does', () => {
    const { currency, products, report } = goods('title,price\nA,5\n', '');
    expect([currency, report.currency.code]).toEqual(['', null]);
    expect(products[0]?.variants[0]).toMatchObject({ price: 500, asks: ['money'] });
  });
});

describe('the table under a list', () => {
  // A public acid test for readers of CSV: csv-spectrum (registry package), with its expected results as JSON.
  const folder = join(process.cwd(), 'node_modules/csv-spectrum');
  // Its “location_coordinates” is left out: the JSON that it publishes has another telephone number than its CSV.
  const names = readdirSync(join(folder, 'csvs'))
    .map((name) => name.replace(/\.csv$/, ''))
    .filter((name) => name !== 'location_coordinates');

  test.each(names)('reads “%s” of the acid test as published', (name) => {
    const text = readFileSync(join(folder, 'csvs', `${name}.csv`), 'utf8');
    const wanted: unknown = JSON.parse(readFileSync(join(folder, 'json', `${name}.json`), 'utf8'));
    const source = openText(text);
    if (!source.ok) throw new Error(source.say);
    const [header = [], ...rows] = source.value.grids[0]?.rows ?? [];
    const filled = rows.filter((row) => row.length > 1 || row[0] !== '');
    expect(filled.map((row) => Object.fromEntries(header.map((heading, i) => [heading, row[i]])))).toEqual(wanted);
    expect(source.value.notes).toEqual([]);
  });

  test('follows RFC 4180, section 2: quoted breaks, commas and doubled quotes', () => {
    const { products } = goods('title,price,description\r\n"Cap, ""red""",10,"two\r\nlines"\r\n');
    expect(products[0]).toMatchObject({ title: 'Cap, "red"', description: 'two\r\nlines' });
  });
});

test('a picture at an address elsewhere is known by its file name, which is said once; nothing is fetched', () => {
  const read = importText(
    'title,price,picture\nBowl,4,https://pics.other.example/a/bowl.jpg?w=9\nCup,5,https://pics.other.example/cup.jpg\n',
    {
      brief: 'EUR',
    },
  );
  if (!read.ok) throw new Error(read.say);
  expect(read.value.products.map(({ pictures }) => pictures)).toEqual([['bowl.jpg'], ['cup.jpg']]);
  expect(read.value.problems.filter(({ say }) => say.includes('Nothing is fetched'))).toHaveLength(1);
});

test('a column that is headed as the price is the price, and what is not understood in it is asked', () => {
  const read = importText('title,price\nBowl,4.00\nCup,=1+1\nJug,"=HYPERLINK(""http://x"")"\n', { brief: 'EUR' });
  if (!read.ok) throw new Error(read.say);
  expect(read.value.products.map(({ variants, particulars }) => [variants[0]?.price, variants[0]?.asks, particulars])).toEqual([
    [400, [], []],
    [null, ['price'], []],
    [null, ['price'], []],
  ]);
});
