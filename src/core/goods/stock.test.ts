import { read } from '../../../tests/lists';
import { type Proposal } from './index';

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
    // In each colour anew, and not every size in each.
    const anew = ['Glenelg', 'Unley', 'Grange'].flatMap((title, n) =>
      ['tan', 'black'].flatMap((colour, c) =>
        [36, 38, 40, 42].filter((size) => size !== 36 + 2 * (n + c)).map((size) => `${title},${colour},${size},$${79 + n}.00`),
      ),
    );
    expect(read(anew.join('\n'), 'AUD').questions).toEqual([]);
    // Numbers that are as many as there are colours step nowhere.
    const counts = ['Glenelg', 'Unley', 'Grange'].flatMap((title, n) =>
      ['tan', 'black', 'red'].map((colour, c) => `${title},${colour},${3 + 2 * c},$${79 + n}.00`),
    );
    expect(read(counts.join('\n'), 'AUD').questions.map(({ about }) => about)).toContain('columns');
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

test('ounces in Spanish are no pieces (CLDR 48, unit “ounce”)', () => {
  const { products } = read('Nombre,Cantidad,Precio\nPastel,1 onza,48\nPastel,4 onzas,165\n');
  expect(products.map(({ variants }) => variants.map(({ values, stock }) => [values, stock]))).toEqual([
    [
      [['1 onza'], null],
      [['4 onzas'], null],
    ],
  ]);
});

test('yes and no beside what is sold out and what is left say what there is', () => {
  const { columns, products } = read(
    'Jak se jmenuje,Jak je velký,Za kolik,Je ho dost?\nVlna,15 cm,189 Kč,ano\nVlna,20 cm,259 Kč,poslední dva\nKraft,15 cm,79 Kč,ano\nKraft,30 cm,129 Kč,vyprodáno\nHedvábí,20 cm,149 Kč,ano\nHedvábí,30 cm,219 Kč,ne\n',
    'CZK',
  );
  expect(columns.map(({ as }) => as)).toEqual(['title', 'option', 'price', 'stock']);
  expect(products.flatMap(({ variants }) => variants.map(({ stock }) => stock))).toEqual([null, 2, null, 0, null, 0]);
});

test('pieces that are all that tells the rows of things apart are chosen by, and no stock', () => {
  const rows = ['Gower', 'Snowdon', 'Llyn'].flatMap((name) => [100, 500, 1000].map((n) => `${name},${n},${10 + n / 100}`));
  const puzzles = read(`title,pieces,price\n${rows.join('\n')}\n`, 'GBP');
  expect(puzzles.columns.map(({ as }) => as)).toEqual(['title', 'option', 'price']);
  expect(puzzles.products.map(({ variants }) => variants.length)).toEqual([3, 3, 3]);
  const caps = read('title,pieces,size,price\nCap,4,S,9\nCap,7,M,9\nBag,4,S,12\nBag,7,M,12\n', 'GBP');
  expect(caps.columns.map(({ as }) => as)).toEqual(['title', 'stock', 'option', 'price']);
});
