import { newProduct, typedChoices, withFurther } from './byHand';

const typed = { title: 'Wassail bowl', description: '', categories: [], option: 'Wood', choices: ['Pear', 'Apple'], price: 3850 };

test('what is typed as choices is parted by commas, semicolons or lines, each once', () => {
  expect(typedChoices('Pear, Apple;\nPear')).toEqual(['Pear', 'Apple']);
});

test('further choices cost what the last one does; what is there stays what it was', () => {
  const bowl = newProduct(typed, new Set());
  const dear = { ...bowl, variants: bowl.variants.map((one, i) => (i ? one : { ...one, price: 4200 })) };
  const more = withFurther(dear, '', ['Plum', 'apple', 'Pl-um']);
  expect(more.variants.map(({ id, values, price }) => [id, values, price])).toEqual([
    ['own-wassail-bowl.pear', ['Pear'], 4200],
    ['own-wassail-bowl.apple', ['Apple'], 3850],
    ['own-wassail-bowl.plum', ['Plum'], 3850],
    ['own-wassail-bowl.pl-um', ['Pl-um'], 3850],
  ]);
});

test('what was of one kind becomes the first of its choices, under the id that it had', () => {
  const bowl = newProduct({ ...typed, option: '', choices: [] }, new Set());
  const more = withFurther(bowl, 'Wood', ['Pear', 'Apple']);
  expect(more.options).toEqual(['Wood']);
  expect(more.variants.map(({ id, values }) => [id, values])).toEqual([
    ['own-wassail-bowl.one', ['Pear']],
    ['own-wassail-bowl.apple', ['Apple']],
  ]);
});

test('two choices that are written alike have names of their own', () => {
  const bowl = withFurther(newProduct(typed, new Set()), '', ['Pear!']);
  expect(new Set(bowl.variants.map(({ id }) => id)).size).toBe(3);
});
