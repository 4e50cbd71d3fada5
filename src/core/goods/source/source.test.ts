import { TextDecoder } from '@exodus/bytes/encoding.js';
import { strToU8, zipSync } from 'fflate';
import iconv from 'iconv-lite';
import { withOwnKeys } from './ownKeys';
import writeXlsx from 'write-excel-file/node';
import { decodeBytes } from './decode';
import { openSource, openText } from './open';
import { type Source } from './grid';

const opened = (bytes: Uint8Array | string): Source => {
  const source = typeof bytes === 'string' ? openText(bytes) : openSource(bytes);
  if (!source.ok) throw new Error(source.say);
  return source.value;
};
const rowsOf = (bytes: Uint8Array | string) => opened(bytes).grids[0]?.rows;
const refusal = (bytes: Uint8Array) => {
  const source = openSource(bytes);
  return source.ok ? '' : source.say;
};

describe('encodings', () => {
  test('windows-1252 has its signs where the WHATWG Encoding Standard puts them (index windows-1252, 0x80 to 0x9F)', () => {
    const published = '€\u0081‚ƒ„…†‡ˆ‰Š‹Œ\u008dŽ\u008f\u0090‘’“”•–—˜™š›œ\u009džŸ';
    const bytes = Uint8Array.from({ length: 32 }, (_, i) => 0x80 + i);
    expect(new TextDecoder('windows-1252').decode(bytes)).toBe(published);
    // The standard maps the label "iso-8859-1" to the same encoding.
    expect(new TextDecoder('iso-8859-1').decode(bytes)).toBe(published);
  });

  // Written with iconv-lite, another library than the one that reads.
  test.each([
    ['windows-1252', 'Größe;Preis\nMütze für Jäger;24,50 €\nStraße – „fein“;9,00 €\n'],
    ['windows-1250', 'Název;Cena\nŽluťoučký kůň;89 Kč\nPříliš dlouhý šál;120 Kč\n'],
    ['windows-1250', 'Nazwa;Cena\nŁyżka z dębu;45,00 zł\nŚwieca żółta;12,00 zł\n'],
    ['windows-1251', 'Название;Цена\nДеревянная ложка;450 руб.\nМиска большая;900 руб.\n'],
    ['koi8-r', 'Название;Цена\nДеревянная ложка;450 руб.\nМиска большая;900 руб.\n'],
    ['windows-1253', 'Όνομα;Τιμή\nΣαπούνι ελιάς;4,50\nΚερί μέλισσας;9,00\n'],
    ['iso-8859-2', 'Név;Ár\nKézműves tál őzzel;4500 Ft\nŰrhajós bögre;3200 Ft\n'],
    ['shift_jis', '商品名,価格\n茶碗（青）,2800円\nゆのみ 大,1900円\n'],
    ['euc-jp', '商品名,価格\n茶碗（青）,2800円\nゆのみ 大,1900円\n'],
    ['euc-kr', '상품명,가격\n나무 그릇,28000원\n찻잔 세트,54000원\n'],
    // A few letters, and signs that stand among figures, which other encodings have letters for.
    ['windows-1252', 'Name,Price\nBowl,12\nPiñata,20\nCup,8\n'],
    ['windows-1252', 'Name,Price\nCrème Nº 5,30\nÀ la carte,12\n'],
    ['windows-1252', 'Name,Price\nKiln 1200°,900\nDial ½,20\n'],
    ['windows-1252', 'Nombre,Precio\nPieza n.º 1,12\nPieza n.º 2,8\n'],
    ['windows-1252', 'Pieza, Filo, Precio\nCuchilla artística n.º 1, francés, S/ 95.00\n'],
    ['windows-1252', '{"Jar":"Woad crème 4","Grain (µm)":20}\n{"Jar":"Woad deep 6","Grain (µm)":25}\n'],
    ['windows-1252', '{"holds":"½ pint","price":20}\n{"holds":"1 pint","price":30}\n'],
    ['windows-1252', 'Heiti;Verð\nÞvottabjörn;3.500\nSkál úr við;4.200\n'],
    ['windows-1252', 'Nome;Preço\nCobertor de lã;80,00\nAlmofada de algodão;35,00\n'],
    ['windows-1254', 'Ad;Fiyat\nBüyük kâse ışıltılı;300\nÇay bardağı;80\n'],
    ['windows-1250', 'Ime;Cena\nŽlica iz češnje;8,00\nSkodelica;12,00\n'],
    ['windows-1251', 'Име;Цена\nКана голяма;30\nЛъжица;8\n'],
    ['windows-1257', 'Pavadinimas;Kaina\nDangtis „Žalgiris“;180,00\nPuodelis ąžuolinis;24,00\n'],
    ['windows-1256', 'الاسم;السعر\nكوب خزف أزرق;45\nصحن كبير;60\n'],
    ['big5', '名稱,價格\n大碗,300\n木匙,80\n'],
    ['utf-16le', 'title;price\nMütze;4\n'],
    ['utf-16be', 'title;price\nMütze;4\n'],
  ])('%s is known from its letters', (encoding, text) => {
    expect(decodeBytes(new Uint8Array(iconv.encode(text, encoding)))).toMatchObject({ ok: true, value: { text } });
  });

  // Of a few signs several encodings make letters: the languages that a brief is in, or comes from, decide.
  test.each([
    ['windows-1255', 'he', 'שם;מחיר;צבע\nכוס חרס;45;כחול\n'],
    ['windows-874', 'th', 'ชื่อ;ราคา;สี\nถ้วยดินเผา;120;สีขาว\n'],
    ['windows-1257', 'lv', 'Nosaukums;Cena;Krāsa\nKrūze ķiršu;12,00;zaļa\n'],
    ['shift_jis', 'ja', '品名;価格;色\n湯呑み;1200;青\n'],
    ['euc-kr', 'ko', '이름;가격;색\n찻잔;12000;파랑\n'],
    ['gb18030', 'zh', '品名;价格;颜色\n茶杯;120;蓝色\n'],
  ])('%s is known from its letters where they may be of “%s”', (encoding, language, text) => {
    const bytes = new Uint8Array(iconv.encode(text, encoding));
    expect(decodeBytes(bytes, () => [language])).toMatchObject({ ok: true, value: { text } });
  });

  // XML 1.0, 4.3.3; HTML, 4.2.5.4: a file may say itself how it is written.
  test.each([
    [
      'iso-8859-1',
      'windows-1252',
      '<?xml version="1.0" encoding="ISO-8859-1"?><rss><channel><item><n>Nº 1</n></item></channel></rss>',
    ],
    ['windows-1250', 'windows-1250', '<html><head><meta charset=windows-1250></head><body><p>Łyżka</p></body></html>'],
    ['windows-1251', 'windows-1251', '<meta http-equiv="Content-Type" content="text/html; charset=windows-1251"><p>Ложка</p>'],
  ])('%s is taken where the file says so', (written, known, text) => {
    expect(decodeBytes(new Uint8Array(iconv.encode(text, written)))).toEqual({ ok: true, value: { text, encoding: known } });
  });

  test('what a file says of itself is not believed against its bytes, or in words that nobody knows', () => {
    const says = (label: string) => `<?xml version="1.0" encoding="${label}"?><a>Größe</a>`;
    expect(decodeBytes(new TextEncoder().encode(says('ISO-8859-2')))).toMatchObject({ value: { encoding: 'utf-8' } });
    expect(decodeBytes(new Uint8Array(iconv.encode(says('martian'), 'windows-1252')))).toMatchObject({
      value: { text: says('martian') },
    });
  });

  test('marks of UTF-8 and UTF-16 are honoured and not kept', () => {
    for (const encoding of ['utf-8', 'utf-16le', 'utf-16be'])
      expect(rowsOf(new Uint8Array(iconv.encode('a,b\nÄ,1\n', encoding, { addBOM: true })))).toEqual([
        ['a', 'b'],
        ['Ä', '1'],
        [''],
      ]);
  });
});

describe('lists that somebody typed', () => {
  test.each([
    [
      'dashes',
      'Pan - 26 cm - 4.900 kr\nGriddle - 20 cm - \nOven - 30 cm - 9.900 kr\n',
      [
        ['Pan', '26 cm', '4.900 kr'],
        ['Griddle', '20 cm', ''],
        ['Oven', '30 cm', '9.900 kr'],
      ],
    ],
    [
      'slashes',
      'Sled / 90 cm / €79\nSled / 110 cm / €99\nRope / 2 m / €6\n',
      [
        ['Sled', '90 cm', '€79'],
        ['Sled', '110 cm', '€99'],
        ['Rope', '2 m', '€6'],
      ],
    ],
  ])('are parted by the sign that they have between spaces: %s', (_, text, wanted) => {
    expect(rowsOf(text)?.filter((row) => row.some(Boolean))).toEqual(wanted);
    expect(opened(text).form).toBe('lines');
  });

  test('a sign that some lines lack is part of the words', () => {
    expect(rowsOf('Brush - large: £7\nSponge: £3\nWax - bees - yellow: £4\n')?.slice(0, 3)).toEqual([
      ['Brush - large', '£7'],
      ['Sponge', '£3'],
      ['Wax - bees - yellow', '£4'],
    ]);
  });

  test('a space that stands in every line between two words parts no columns', () => {
    const rows = rowsOf(
      'What to ask for     What it costs   How heavy\nSisal plain         TSh 4,500       180 gsm\nBanana grey         TSh 5,200       220 gsm\n',
    );
    expect(rows?.[0]).toEqual(['What to ask for', 'What it costs', 'How heavy']);
    expect(rows?.[1]).toEqual(['Sisal plain', 'TSh 4,500', '180 gsm']);
  });
});

describe('texts in columns', () => {
  const wanted = [
    ['title', 'price', 'text'],
    ['Cup; blue', '4,50', 'x'],
    ['Pot', '12', 'y'],
  ];
  test.each([
    ['semicolon', 'title;price;text\n"Cup; blue";4,50;x\nPot;12;y\n'],
    ['comma', 'title,price,text\nCup; blue,"4,50",x\nPot,12,y\n'],
    ['tab', 'title\tprice\ttext\nCup; blue\t4,50\tx\nPot\t12\ty\n'],
    ['pipe', 'title|price|text\nCup; blue|4,50|x\nPot|12|y\n'],
    ['fixed-width', 'title        price   text\nCup; blue    4,50    x\nPot          12      y\n'],
  ])('%s', (form, text) => {
    const source = opened(text);
    expect([source.form, source.grids[0]?.rows.slice(0, 3)]).toEqual([form, wanted]);
  });

  test('a quotation mark that never closes swallows nothing, and is said with its row', () => {
    const { grids, notes } = opened('title,price,text\nCup,4,"blue\nPot,5,red\nJug,6,green\n');
    expect(grids[0]?.rows.slice(1, 4)).toEqual([
      ['Cup', '4', '"blue'],
      ['Pot', '5', 'red'],
      ['Jug', '6', 'green'],
    ]);
    expect(notes).toEqual([expect.objectContaining({ row: 2 })]);
  });

  test('however many quotation marks are never closed, each is a sign of its own in its row', () => {
    const rows = Array.from({ length: 300 }, (_, i) => [`Jug ${i}`, '4', i % 3 ? 'plain' : '"blue', i % 3 ? 'a "b"' : 'x']);
    const { grids, notes } = opened(`title;price;text;more\n${rows.map((row) => row.join(';')).join('\n')}\n`);
    expect(grids[0]?.rows.slice(1, 301)).toEqual(rows);
    expect(notes.map(({ row }) => row)).toEqual(rows.flatMap((_, i) => (i % 3 ? [] : [i + 2])));
  });

  test('a quotation mark that is closed over several lines, and has a space after it, is none of these', () => {
    const { grids, notes } = opened('title,price,text\nCup,4,"blue\nand ""white""" ,\nPot,5,red,\n');
    expect(grids[0]?.rows.slice(1, 3).map((row) => row.slice(0, 3))).toEqual([
      ['Cup', '4', 'blue\nand "white"'],
      ['Pot', '5', 'red'],
    ]);
    expect(notes).toEqual([]);
  });

  test('a text with the separator in it, and no quotation marks round it, is put together where there is one way alone', () => {
    const cells = (text: string) => {
      const opened = openText(text);
      return opened.ok ? opened.value.grids[0]?.rows.filter((row) => row.length > 1) : opened.say;
    };
    const head = 'Product, Price, Stock';
    expect(cells(`${head}\nBowl, 18 cm, 64 €, 4\nBowl, 18 cm, heavy, 79 €, 3\nStriker, 9 €, 2\n`)).toEqual([
      ['Product', 'Price', 'Stock'],
      ['Bowl, 18 cm', '64 €', '4'],
      ['Bowl, 18 cm, heavy', '79 €', '3'],
      ['Striker', '9 €', '2'],
    ]);
    // Which of the numbers is the price? "18,64" and "Bowl,18" fit alike.
    expect(cells('Product,Price,Stock\nBowl,18,64,4\nStriker,9,2\n')).toContainEqual(['Bowl', '18', '64', '4']);
    // A cell more than there are headings is one more, and belongs to no other.
    expect(cells(`${head}\nBowl, 18, 4, chipped\nStriker, 9, 2\n`)).toContainEqual(['Bowl', '18', '4', 'chipped']);
    // Codes are made alike, so that the title is what was cut.
    const coded =
      'Fruit, Code, Price\nFig, CF 01 P, 24 €\nPear, whole, CF 05 W, 52 €\nPlum, CF 02 P, 24 €\nSloe, CF 03 D, 29 €\n';
    expect(cells(coded)).toContainEqual(['Pear, whole', 'CF 05 W', '52 €']);
    const noted = openText(`${head}\nBowl, 18 cm, 64 €, 4\nStriker, 9 €, 2\n`);
    expect(noted.ok && noted.value.notes).toMatchObject([{ row: 2, say: expect.stringContaining('“Bowl, 18 cm”') as string }]);
  });

  test('what a hand typed, one thing a line', () => {
    expect(rowsOf('Brush - from £7\nSoap, tin: £6.50\nSponge … 2 for £3\nThread 80p\n')?.slice(0, 4)).toEqual([
      ['Brush', 'from £7'],
      ['Soap, tin', '£6.50'],
      ['Sponge', '2 for £3'],
      ['Thread', '80p'],
    ]);
  });
});

describe('data formats', () => {
  test('JSON: a list however deep, nested fields, variants', () => {
    expect(
      rowsOf('{"shop":{"items":[{"name":"A","price":{"amount":4,"unit":"EUR"},"tags":["x","y"]},{"name":"B","sold":true}]}}'),
    ).toEqual([
      ['name', 'price amount', 'price unit', 'tags', 'sold'],
      ['A', 4, 'EUR', 'x | y', ''],
      ['B', '', '', '', 'yes'],
    ]);
    expect(rowsOf('[{"name":"A","variants":[{"size":"S","price":4},{"size":"M","price":5}]}]')?.slice(1)).toEqual([
      ['A', 'S', 4],
      ['A', 'M', 5],
    ]);
  });

  test('__proto__ and constructor are columns like others', () => {
    expect(rowsOf('[{"name":"A","__proto__":"p","constructor":"c"},{"name":"B"}]')?.[0]).toEqual([
      'name',
      '__proto__',
      'constructor',
    ]);
    expect(({} as Record<string, unknown>).p).toBeUndefined();
  });

  test('schema.org in JSON-LD and in microdata give the same (schema.org/Product, /Offer)', () => {
    const linked = `<html><body><script type="application/ld+json">{"@context":"https://schema.org","@type":"Product","name":"Cup","gtin13":"4006381333931","offers":{"@type":"Offer","price":"4.50","priceCurrency":"EUR","availability":"https://schema.org/InStock"}}</script></body></html>`;
    const micro = `<html><body><div itemscope itemtype="https://schema.org/Product"><h1 itemprop="name">Cup</h1><meta itemprop="gtin13" content="4006381333931"><p itemprop="offers" itemscope itemtype="https://schema.org/Offer"><span itemprop="price" content="4.50">4,50 €</span><meta itemprop="priceCurrency" content="EUR"><link itemprop="availability" href="https://schema.org/InStock"></p></div></body></html>`;
    const rows = [
      ['name', 'gtin', 'price', 'priceCurrency', 'availability'],
      ['Cup', '4006381333931', '4.50', 'EUR', 'InStock'],
    ];
    expect([opened(linked).form, rowsOf(linked)]).toEqual(['json-ld', rows]);
    expect([opened(micro).form, rowsOf(micro)]).toEqual(['microdata', rows]);
  });

  test('offers are told apart by what they say of themselves (schema.org/PropertyValue)', () => {
    const offer = (thread: string, names: number, price: string) =>
      `{"@type":"Offer","name":"Name tape","price":"${price}","priceCurrency":"GHS","additionalProperty":[{"@type":"PropertyValue","name":"Thread","value":"${thread}"},{"@type":"PropertyValue","name":"Names","value":"${names}"}]}`;
    const page = `<html><body><script type="application/ld+json">{"@context":"https://schema.org","@type":"Product","name":"Name tape","offers":[${offer('Navy', 36, '50')},${offer('Red', 72, '83')}]}</script></body></html>`;
    expect(rowsOf(page)).toEqual([
      ['name', 'price', 'priceCurrency', 'option Thread', 'option Names'],
      ['Name tape', '50', 'GHS', 'Navy', '36'],
      ['Name tape', '83', 'GHS', 'Red', '72'],
    ]);
  });

  test('a description that would close the element of the data loses nothing (WHATWG HTML, 4.12.1.3)', () => {
    const offer = { '@type': 'Offer', price: '34.00', priceCurrency: 'EUR' };
    const lamps = ['Quay', 'Mill'].map((name) => ({
      '@context': 'https://schema.org',
      '@type': 'Product',
      name,
      description: `Made at "the ${name}".<script>alert(1)</script>`,
      offers: offer,
    }));
    const page = `<html><script type="application/ld+json">${JSON.stringify(lamps)}</script><p>After it.</p></html>`;
    expect(rowsOf(page)?.map(([title]) => title)).toEqual(['name', 'Quay', 'Mill']);
  });

  test('a table of a page, entities and spans in it', () => {
    expect(
      rowsOf('<!doctype html><table><tr><th>Name<th>Price<tr><td>Cup &amp; saucer<td>€&nbsp;4<tr><td colspan=2>end</table>'),
    ).toEqual([
      ['Name', 'Price'],
      ['Cup & saucer', '€ 4'],
      ['end', ''],
    ]);
  });

  test('feeds: RSS 2.0 and Atom (RFC 4287)', () => {
    const rss =
      '<?xml version="1.0"?><rss version="2.0"><channel><title>S</title><item><title>A</title><price>4 EUR</price></item><item><title>B</title><price>5 EUR</price></item></channel></rss>';
    const atom =
      '<feed xmlns="http://www.w3.org/2005/Atom"><entry><title>A</title><price>4 EUR</price></entry><entry><title>B</title><price>5 EUR</price></entry></feed>';
    for (const feed of [rss, atom])
      expect(rowsOf(feed)).toEqual([
        ['title', 'price'],
        ['A', '4 EUR'],
        ['B', '5 EUR'],
      ]);
  });

  test('a feed with two elements of one name has a column for each, unless they list one kind of thing', () => {
    const feed = (pairs: readonly (readonly [string, string])[]) =>
      `<rss><channel>${pairs.map(([one, other], i) => `<item><title>Bike ${i}</title><size>${one}</size><price>9 EUR</price><size>${other}</size></item>`).join('')}</channel></rss>`;
    expect(
      rowsOf(
        feed([
          ['52', 'short'],
          ['54', 'short'],
          ['52', 'long'],
          ['54', 'long'],
        ]),
      )?.slice(0, 2),
    ).toEqual([
      ['title', 'size', 'price', 'size'],
      ['Bike 0', '52', '9 EUR', 'short'],
    ]);
    const listed = feed([
      ['S', 'M'],
      ['M', 'L'],
      ['S', 'M'],
    ]);
    expect(rowsOf(listed)?.[1]).toEqual(['Bike 0', 'S | M', '9 EUR']);
    // Of what stands once each nobody can say.
    const unlike = feed([
      ['S', 'M'],
      ['L', 'XL'],
    ]);
    expect(rowsOf(unlike)?.[1]).toEqual(['Bike 0', 'S | M', '9 EUR']);
  });
});

describe('spreadsheets', () => {
  const book = async (rows: (string | number | null)[][]) =>
    new Uint8Array(
      await writeXlsx(rows.map((row) => row.map((value) => (value === null ? null : { value }))) as never).toBuffer(),
    );

  test('Office Open XML (ECMA-376), written by another library', async () => {
    const source = opened(
      await book([
        ['title', 'price'],
        ['Cup', 4.5],
        ['Pot', 12],
      ]),
    );
    expect([source.form, source.grids[0]?.rows]).toEqual([
      'xlsx',
      [
        ['title', 'price'],
        ['Cup', 4.5],
        ['Pot', 12],
      ],
    ]);
  });

  test('a trap that unpacks without end, half a file and a locked one are refused with a sentence', async () => {
    const whole = await book([
      ['title', 'price'],
      ['Cup', 4.5],
    ]);
    expect(refusal(whole.slice(0, whole.length / 2))).toMatch(/can’t be unpacked|damaged/);
    const trap = zipSync(
      { 'xl/workbook.xml': new Uint8Array(8), 'xl/worksheets/sheet1.xml': new Uint8Array(420 * 1024 * 1024) },
      { level: 1 },
    );
    expect(refusal(trap)).toMatch(/unpacks to \d+ MB/);
    expect(refusal(Uint8Array.from([0xd0, 0xcf, 0x11, 0xe0, 0xa1, 0xb1, 0x1a, 0xe1]))).toMatch(/password/);
  });
});

test('an archive gives its list and its pictures; one with pictures alone gives those', () => {
  const list = strToU8('title,price\nCup,4\n');
  const picture = Uint8Array.from([0xff, 0xd8, 0xff, 0xe0]);
  const source = opened(
    zipSync({ 'shop/goods.csv': list, 'shop/readme.txt': strToU8('Hello there'), 'shop/pictures/cup.jpg': picture }),
  );
  expect([source.form, source.grids[0]?.rows[1], source.pictures.map(({ name }) => name)]).toEqual([
    'comma',
    ['Cup', '4'],
    ['cup.jpg'],
  ]);
  expect(opened(zipSync({ 'a.jpg': picture, 'b.png': picture }))).toMatchObject({
    form: 'pictures',
    grids: [
      {
        rows: [
          ['title', 'picture'],
          ['A', 'a.jpg'],
          ['B', 'b.png'],
        ],
      },
    ],
  });
});

test('a quotation mark after a separator and a space opens a cell, where a hand has typed its separators so', () => {
  const source = openText('title; price; about\nQuilt; 140; "Blue,\nfrom ""Sunday"" shirts."\nRug; 90; plain');
  expect(source.ok && source.value.grids[0]?.rows).toEqual([
    ['title', 'price', 'about'],
    ['Quilt', '140', 'Blue,\nfrom "Sunday" shirts.'],
    ['Rug', '90', 'plain'],
  ]);
});

test('letters that two old encodings have at one place are those of the language that the list is headed in', () => {
  const latin1 = (text: string) => Uint8Array.from([...text].map((char) => char.charCodeAt(0)));
  const swedish = opened(latin1('Vara;Pris;Antal\nDubbel slända Åke;12;3\nLång krus;14;2\n'));
  expect([swedish.encoding, swedish.grids[0]?.rows[1]?.[0]]).toEqual(['windows-1252', 'Dubbel slända Åke']);
  const spanish = opened(latin1('Producto;Precio\nÑuñoa chica;12\n'));
  expect([spanish.encoding, spanish.grids[0]?.rows[1]?.[0]]).toEqual(['windows-1252', 'Ñuñoa chica']);
});

describe('JSON in which a name stands twice in one object (RFC 8259, 4)', () => {
  test('both columns are there', () => {
    const [grid] = opened(
      '{"Map":"Sump","Scale":"1:500","Price":480,"Scale":"by hand"}\n{"Map":"Rift","Scale":"1:900","Price":500,"Scale":"redrawn"}\n',
    ).grids;
    expect(grid?.rows).toEqual([
      ['Map', 'Scale', 'Price', 'Scale 2'],
      ['Sump', '1:500', 480, 'by hand'],
      ['Rift', '1:900', 500, 'redrawn'],
    ]);
  });

  test('names of other objects, and what only looks like names, stay as they are', () => {
    for (const text of ['[{"a":1},{"a":2}]', '{"a":{"a":"a"},"b":["a","a"]}', '{"a":"{\\"a\\":1}","b":"a:a"}', '{"a"', '"'])
      expect(withOwnKeys(text)).toBe(text);
    // A name that is free, whether the numbered one came before or comes after.
    expect(withOwnKeys('{"a 2":0,"a":1,"a":2}')).toBe('{"a 2":0,"a":1,"a 3":2}');
    expect(withOwnKeys('{"a":1,"a":2,"a 2":0}')).toBe('{"a":1,"a 2":2,"a 2 2":0}');
    expect(withOwnKeys('{"a":{"a":1,"a":2},"a":3}')).toBe('{"a":{"a":1,"a 2":2},"a 2":3}');
  });
});
