import { headingKnown, readHeading, unitOf, type HeadingTopic } from './heading';

const best = (heading: string): HeadingTopic | null => {
  const [first] = Object.entries(readHeading(heading)).sort((a, b) => b[1] - a[1]);
  return first ? (first[0] as HeadingTopic) : null;
};

// An article is written together with its word; what cells say of what is there heads a column of it.
test.each([
  ['المتوفر', 'stock'],
  ['Disponibile', 'stock'],
])('“%s”: %s', (heading, topic) => expect(best(heading)).toBe(topic));

/** Words of the trade in each language: common practice. */
test.each([
  ['English', 'Product name', 'Unit price', 'In stock', 'Category'],
  ['German', 'Bezeichnung', 'Verkaufspreis', 'Lagerbestand', 'Warengruppe'],
  ['French', 'Désignation', 'Prix TTC', 'Quantité', 'Catégorie'],
  ['Spanish', 'Nombre', 'Precio', 'Existencias', 'Categoría'],
  ['Italian', 'Nome', 'Prezzo', 'Giacenza', 'Categoria'],
  ['Portuguese', 'Título', 'Preço', 'Estoque', 'Categoria'],
  ['Dutch', 'Naam', 'Prijs', 'Voorraad', 'Categorie'],
  ['Danish', 'Varenavn', 'Pris', 'Lagerbeholdning', 'Kategori'],
  ['Swedish', 'Namn', 'Pris', 'Lagersaldo', 'Kategori'],
  ['Finnish', 'Tuotenimi', 'Hinta', 'Varasto', 'Tuoteryhmä'],
  ['Estonian', 'Nimetus', 'Hind', 'Laoseis', 'Kategooria'],
  ['Polish', 'Nazwa', 'Cena', 'Ilość', 'Kategoria'],
  ['Czech', 'Název', 'Cena', 'Skladem', 'Kategorie'],
  ['Hungarian', 'Megnevezés', 'Ár', 'Készlet', 'Kategória'],
  ['Romanian', 'Denumire', 'Preț', 'Stoc', 'Categorie'],
  ['Croatian', 'Naziv', 'Cijena', 'Zaliha', 'Kategorija'],
  ['Greek', 'Ονομασία', 'Τιμή', 'Απόθεμα', 'Κατηγορία'],
  ['Russian', 'Наименование', 'Цена', 'Остаток', 'Категория'],
  ['Ukrainian', 'Назва', 'Ціна', 'Залишок', 'Категорія'],
  ['Turkish', 'Adı', 'Fiyat', 'Stok', 'Kategori'],
  ['Japanese', '商品名', '販売価格', '在庫数', 'カテゴリー'],
  ['Korean', '상품명', '판매가', '재고', '카테고리'],
  ['Chinese', '商品名称', '单价', '库存', '类别'],
  ['Arabic', 'الاسم', 'السعر', 'المخزون', 'الفئة'],
])('headings in %s', (_, title, price, stock, category) => {
  expect([title, price, stock, category].map(best)).toEqual(['title', 'price', 'stock', 'category']);
});

test('the word that says most decides a compound', () => {
  expect(best('Product code')).toBe('sku');
  expect(best('stock_code')).not.toBe('title');
  expect(best('Colour name')).toBe('option');
  expect(best('Brand name')).toBe('person');
  expect(best('Option 1 name')).toBe('optionName');
  expect(best('opt val')).toBe('optionValue');
  expect(best('Purchase price')).toBe('price');
});

test('inflected, compounded and shortened words are known', () => {
  expect(best('Prices')).toBe('price');
  expect(best('Stückpreis')).toBe('price');
  expect(best('Qty.')).toBe('stock');
  expect(best('Descr')).toBe('description');
  expect(best('Prc')).toBe('price');
});

test('units are told from words', () => {
  expect([
    unitOf('Price (TZS)'),
    unitOf('Weight g'),
    unitOf('Preis €'),
    unitOf('price_sek'),
    unitOf('Length, cm'),
    unitOf('The end'),
  ]).toEqual(['TZS', 'g', '€', 'sek', 'cm', '']);
});

test('what a column is counted in is no short word for anything', () => {
  expect(readHeading('Wt kg')).toEqual(readHeading('Wt'));
  expect(readHeading('Length, cm')).toEqual(readHeading('Length'));
  expect(best('kg')).not.toBeNull();
});

test('“how many” counts pieces, unless it says what else', () => {
  const stock = (heading: string) => readHeading(heading).stock ?? 0;
  expect(stock('hay')).toBeGreaterThan(2);
  expect(stock('yes')).toBe(0);
  expect(stock('How many generations')).toBeLessThan(stock('How many') / 1.5);
  expect(stock('How many left')).toBe(stock('How many'));
  expect(stock('How many frames on the shelf')).toBe(stock('How many'));
});

test('a noun of its own is no inflection of another, a plural is', () => {
  expect(readHeading('Shell')).toEqual({});
  expect(readHeading('Shelves')).toEqual(readHeading('Shelf'));
});

test('what speaks of money, of which or how much, may be a price', () => {
  expect(readHeading('Sandwich money').price ?? 0).toBeGreaterThan(1);
  expect(readHeading('Which coin').price ?? 0).toBe(0);
});

test('cells of goods are no headings', () => {
  expect(['12.50', '€4', 'A long sentence that tells of how this bowl was turned by hand'].some(headingKnown)).toBe(false);
});
