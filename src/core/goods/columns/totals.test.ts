import { importText } from '../import';

test.each(['Total', 'Grand total', 'Altogether', 'Итого', 'Σύνολο', '合計', 'Lapapọ', 'Jumla'])(
  'a row of totals is no product, in any script: “%s”',
  (word) => {
    const goods = importText(`title,price,stock\nBowl,4,2\nJug,6,3\nCup,5,1\n${word},,6\n`);
    expect(goods.ok && goods.value.products.map(({ title }) => title)).toEqual(['Bowl', 'Jug', 'Cup']);
  },
);

const rows =
  'code,title,price,stock,shelf\nA1,Bowl,4,2,Clay\nA2,Jug,6,3,Clay\nA3,Cup,5,1,Clay\nA4,Lamp,20,4,Light\nA5,Wick,1.5,50,Light\n';
const titles = (list: string) => {
  const goods = importText(list);
  if (!goods.ok) throw new Error(goods.say);
  return {
    titles: goods.value.products.map(({ title }) => title),
    said: goods.value.problems.map(({ say }) => say),
  };
};
const five = ['Bowl', 'Jug', 'Cup', 'Lamp', 'Wick'];

test.each([
  [',All told,36.5,60,', 'two sums'],
  [',What it would cost you,36.50,,', 'one sum of many, in a narrow row'],
  ['All of it,,,60,', 'the sum of what is there'],
])('what the last row holds is a total, whatever it is called: “%s” (%s)', (row) => {
  const read = titles(`${rows}${row}\n`);
  expect(read.titles).toEqual(five);
  expect(read.said.join(' ')).toContain('A row of totals');
});

test.each([
  ['S1,The lot,36.5,1,Sets', 'The lot'],
  [',The lot,36.5,7,', 'The lot'],
  ['A6,Oil,30,60,Light', 'Oil'],
])('what costs as much as all of it and is filled in like goods is sold: “%s”', (row, title) => {
  expect(titles(`${rows}${row}\n`).titles).toEqual([...five, title]);
});
