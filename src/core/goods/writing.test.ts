import Papa from 'papaparse';
import { chance } from '../chance';
import { importGoods } from './import';

/** What a seller sells, before it is written into some program's table. */
interface Thing {
  title: string;
  price: number;
  stock: number | null;
  grams: number;
  category: string;
  description: string;
}

/** A way of writing a table: separator, line ends, quoting, number form, headings, encoding. All are common practice. */
interface Manner {
  separator: string;
  lines: string;
  quoteAll: boolean;
  price: (minor: number) => string;
  headings: Record<keyof Thing, string>;
  encode: (text: string) => Uint8Array;
}

const utf8 = (text: string) => new TextEncoder().encode(text);
const encodings = [
  utf8,
  (text: string) => utf8(`\ufeff${text}`),
  (text: string) => new Uint8Array([0xff, 0xfe, ...Buffer.from(text, 'utf16le')]),
];
/** Intl's own writing of a price is the reference for how a country's people write one (Unicode CLDR). */
const writing = (locale: string, currency: boolean) => {
  const form = new Intl.NumberFormat(locale, {
    minimumFractionDigits: 2,
    ...(currency ? { style: 'currency', currency: 'EUR' } : {}),
  });
  return (minor: number) => form.format(minor / 100);
};
const headings: Record<keyof Thing, readonly string[]> = {
  title: ['title', 'Product name', 'Bezeichnung', 'ITEM'],
  price: ['price', 'Unit Price', 'Preis', 'Prix'],
  stock: ['stock', 'Qty', 'On hand', 'Bestand'],
  grams: ['weight', 'Grams', 'Gewicht', 'shipping_weight'],
  category: ['category', 'Kategorie', 'Section', 'Shelf'],
  description: ['description', 'Notes', 'Beschreibung', 'long description'],
};

const words = [
  'Ash',
  'bowl',
  'O’Hara’s',
  '"Old"',
  'Crème',
  'größe',
  'tea, black',
  'pot; small',
  'half|half',
  '茶碗',
  'Nº 5',
  'a\tb',
];

function write(things: readonly Thing[], manner: Manner): Uint8Array {
  const keys = Object.keys(manner.headings) as (keyof Thing)[];
  const rows = things.map((thing) =>
    keys.map((key) =>
      key === 'price' ? manner.price(thing.price) : key === 'stock' ? String(thing.stock ?? '') : String(thing[key]),
    ),
  );
  const text = Papa.unparse(
    { fields: keys.map((key) => manner.headings[key]), data: rows },
    { delimiter: manner.separator, newline: manner.lines, quotes: manner.quoteAll },
  );
  return manner.encode(text);
}

test('two hundred lists come in as they were meant, however a program wrote them', () => {
  for (let n = 0; n < 200; n++) {
    const random = chance(n * 13 + 3);
    const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
    const below = (most: number) => Math.floor(random() * most);
    const things = Array.from({ length: 2 + below(12) }, (_, i): Thing => ({
      title: `${pick(words)} ${pick(words)} ${i}`,
      // Some prices of four digits and more, so that thousands are parted.
      price: 500 + (random() < 0.4 ? below(4_000_00) : 500 + below(900_00)),
      stock: random() < 0.3 ? null : below(500),
      grams: below(5000),
      category: pick(['Bowls', 'Tea & pots', 'Ölfarben']),
      description: random() < 0.5 ? '' : `${pick(words)}.\n${pick(words)}, ${pick(words)}`,
    }));
    // A list whose prices are all of a kind that could be read two ways proves nothing: one of them has cents and no thousands.
    things[0] = { ...(things[0] as Thing), price: 98750 };
    const manner: Manner = {
      separator: pick([',', ';', '\t', '|']),
      lines: pick(['\r\n', '\n']),
      quoteAll: random() < 0.4,
      price: writing(pick(['en-GB', 'de-DE', 'fr-FR', 'de-CH', 'es-ES', 'sv-SE']), random() < 0.5),
      headings: Object.fromEntries(Object.entries(headings).map(([key, names]) => [key, pick(names)])) as Manner['headings'],
      encode: pick(encodings),
    };
    const read = importGoods(write(things, manner), { decided: 'EUR' });
    if (!read.ok) throw new Error(`${n}: ${read.say}`);
    const found = read.value.products.map(({ title, description, categories, variants: [variant] }) => ({
      title,
      price: variant?.price,
      stock: variant?.stock,
      grams: variant?.weight,
      category: categories[0],
      description,
    }));
    const meant = things.map((thing) => ({
      ...thing,
      title: thing.title.trim().replace(/\s+/g, ' '),
      description: thing.description.trim(),
    }));
    expect([n, manner.price(123456), found, read.value.problems]).toEqual([n, manner.price(123456), meant, []]);
  }
});

test('a list that is cut off anywhere, or full of noise, is read or refused in a sentence, and never fails', () => {
  const random = chance(9);
  const whole = utf8('title;price;stock;description\n"Ash ""bowl""";12,50;4;"two\nlines"\nTea pot;1.240,00;;x\nCup;9,90;12;\n');
  for (let cut = 0; cut <= whole.length; cut++) {
    const read = importGoods(whole.subarray(0, cut));
    if (!read.ok) expect(read.say).toMatch(/^[\p{Lu}“].*\.$/su);
    else
      for (const { title, variants } of read.value.products)
        expect([title.length > 0, variants.length > 0]).toEqual([true, true]);
  }
  for (let n = 0; n < 300; n++) {
    const noise = Uint8Array.from(whole, (byte) => (random() < 0.06 ? Math.floor(random() * 256) : byte));
    const read = importGoods(noise);
    const says = read.ok ? read.value.problems.map(({ say }) => say) : [read.say];
    for (const say of says) expect(say).toMatch(/[.?]$/);
  }
});
