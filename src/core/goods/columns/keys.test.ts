import { noMapping, openText, readList } from '..';
import { columnKeys, isUnheaded, nameShown, toldOf } from './keys';

test('each column is known by something of its own', () => {
  expect(columnKeys(['Name', 'Note', '', 'Note', ' Note '], 6)).toEqual([
    'Name',
    'Note',
    'Column 3',
    'Note (2)',
    'Note (3)',
    'Column 6',
  ]);
  expect(columnKeys([])).toEqual([]);
});

test('a name that nobody has given is none for shoppers', () => {
  expect([nameShown('Column 4'), nameShown('Glaze')]).toEqual(['', 'Glaze']);
  expect([isUnheaded('Column 12'), isUnheaded('Column'), isUnheaded('Columns 2')]).toEqual([true, false, false]);
});

test('of what has no name the words are told, and no figures', () => {
  const of = (name: string, value: string) => ({ name, value });
  expect(toldOf([of('Column 2', 'laid'), of('Glaze', 'ash'), of('Column 3', '1780'), of('Column 5', 'hand-coloured')])).toEqual([
    of('Glaze', 'ash'),
    { name: null, value: 'laid, hand-coloured' },
  ]);
  expect(toldOf([of('Column 2', '1:20000')])).toEqual([]);
});

describe('a list without headings', () => {
  const list = [
    'Cook Strait chart,plain,180.00,laid,1780',
    'Cook Strait chart,navy,210.00,laid,1780',
    'Otago Harbour plan,plain,95.00,wove,1802',
    'Otago Harbour plan,rust,120.00,wove,1802',
  ].join('\n');
  const read = (mapping = {}) => {
    const source = openText(list);
    if (!source.ok) throw new Error(source.say);
    const found = readList(source.value, {}, { ...noMapping, ...mapping });
    if (!found.ok) throw new Error(found.say);
    return found.value;
  };

  test('has what is chosen called by its values, and asks for names of the rest', () => {
    const { products, problems, columns } = read();
    expect(products.map(({ options }) => options)).not.toContainEqual([expect.stringMatching(/^Column/)]);
    expect(problems.filter(({ kind }) => kind === 'look').map(({ say }) => say)).toContainEqual(
      'Columns 4 and 5 have no heading. Say in the list what they are called; until then product pages show their words alone, and no figures.',
    );
    expect(columns.map(({ key }) => key)).toEqual(['Column 1', 'Column 2', 'Column 3', 'Column 4', 'Column 5']);
  });

  test('takes what the seller says of just one of its columns', () => {
    const { columns, products, problems } = read({
      columns: { 'Column 4': 'category' },
      names: { 'Column 5': 'Engraved in', 'Column 2': 'Print' },
    });
    expect(columns.map(({ as }) => as)).toEqual(['title', 'option', 'price', 'category', 'particular']);
    expect(products[0]).toMatchObject({
      categories: ['laid'],
      options: ['Print'],
      particulars: [{ name: 'Engraved in', value: '1780' }],
    });
    expect(problems.filter(({ say }) => say.includes('no heading'))).toEqual([]);
  });

  test('of two columns of one name each can be another thing', () => {
    const source = openText('Thing,Price,Note,Note\nBowl,12.00,Kitchen,ash glaze\nVase,30.00,Hall,iron glaze\n');
    if (!source.ok) throw new Error(source.say);
    const found = readList(
      source.value,
      {},
      { ...noMapping, columns: { Note: 'category', 'Note (2)': 'particular' }, names: { 'Note (2)': 'Glaze' } },
    );
    if (!found.ok) throw new Error(found.say);
    expect(found.value.products[0]).toMatchObject({
      categories: ['Kitchen'],
      particulars: [{ name: 'Glaze', value: 'ash glaze' }],
    });
  });
});
