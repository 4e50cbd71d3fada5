import fc from 'fast-check';
import { read } from '../../../tests/lists';
import { csvOf } from '../csv';
import { importSource, importText, noMapping, openSource } from './index';
import { type Cell } from './source/grid';
import { feedOf, jsonOf, schemaOrgOf, tableOf, xlsxOf } from './table';

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
