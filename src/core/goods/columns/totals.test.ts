import { importText } from '../import';

test.each(['Total', 'Grand total', 'Итого', 'Σύνολο', '合計'])('a row of totals is no product, in any script: “%s”', (word) => {
  const goods = importText(`title,price,stock\nBowl,4,2\nJug,6,3\nCup,5,1\n${word},,6\n`);
  expect(goods.ok && goods.value.products.map(({ title }) => title)).toEqual(['Bowl', 'Jug', 'Cup']);
});
