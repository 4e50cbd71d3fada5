import { chance } from '@/core/chance';
import { minorDigits } from '@/core/till';
import { fixedWidth, jsonLines, type ListCase } from '../case';
import { draw, pickOne, pickSome, type Draw, type Language, type Random } from './draw';
import { goodsOf, levelOf, type Row } from './goods';

interface Column {
  topic: keyof Language['heads'] | 'particular';
  as: string;
  heading: string;
  cell: (row: Row, at: number) => string;
}

/** A list that chance has made, and how it is meant: by the same number the same. */
export function madeList(seed: number): { list: ListCase; drawn: Draw } {
  const random = chance(seed);
  const drawn = draw(random);
  const rows = goodsOf(drawn, random);
  const columns = columnsOf(drawn, random);
  const namesCurrency = random() < 0.6 ? ` Prices are in ${drawn.currency}.` : '';
  const [one = '', other = ''] = drawn.language.nouns;
  return {
    drawn,
    list: {
      drawn: `made ${seed}: ${drawn.form}, headings ${drawn.headed}, ${drawn.choice}, ${[...drawn.mess].join(', ')}`,
      brief: `We make ${one} and ${other} by hand in ${drawn.place}.${namesCurrency}\n`,
      currency: drawn.currency,
      columns: columns.map(({ as }) => as).join(' '),
      want: wanted(drawn, columns, rows),
      leftOut: drawn.mess.has('placeholder') ? 1 : 0,
      ...fileOf(drawn, columns, rows, random),
    },
  };
}

const signs: Readonly<Record<string, readonly [sign: string, before: boolean]>> = { EUR: ['€', false], GBP: ['£', true], USD: ['$', true], NZD: ['$', true], NGN: ['₦', true], BHD: ['BD', true], CHF: ['Fr.', true], COP: ['$', true], MXN: ['$', true], PEN: ['S/', true], CLP: ['$', true], XOF: ['F', false], CAD: ['$', true], TND: ['DT', false], PLN: ['zł', false], TRY: ['₺', true], JPY: ['¥', true], SEK: ['kr', false], NOK: ['kr', false] }; // prettier-ignore

/** Sizes that one cell names. */
const listed = ['S / M', 'S / M / L', 'M / L'] as const;
const listedIn = (at: number): string => listed[at % listed.length] ?? '';

function columnsOf(drawn: Draw, random: Random): Column[] {
  const { language, headings, headed, form, choice, mess, isTwofold } = drawn;
  const columns: Column[] = [];
  const word = (topic: keyof Language['heads']): string =>
    headed === 'none' ? '' : pickOne(headed === 'own words' ? headings.odd[topic] : headings.heads[topic], random);
  const add = (topic: keyof Language['heads'], as: string, cell: Column['cell']) =>
    void columns.push({ topic, as, heading: word(topic), cell });
  const between = pickOne([' – ', ', ', ' / ', ' (', ' - '], random);
  const price = (row: Row) => priceCell(row, drawn);
  const isVague = headed === 'none' || headed === 'own words' || headed === 'one odd';
  add('title', 'title', (row) =>
    choice === 'first row only' && !row.isFirst ? '' : choice === 'tails' ? withTails(row, between) : row.title,
  );
  if (form === 'typed') {
    add('price', 'price', price);
    return columns;
  }
  if (random() < 0.6 || mess.has('spaced codes')) add('sku', 'sku', ({ sku }) => sku);
  if (choice === 'group code') add('group', isVague ? 'group/sku/particular' : 'group', ({ group }) => group);
  if (choice === 'in a cell') add('size', 'option', (_, at) => listedIn(at));
  if (['rows repeat', 'group code', 'first row only', 'crossed'].includes(choice)) {
    add('size', 'option', ({ values }) => values[0] ?? '');
    if (isTwofold) add('colour', 'option', ({ values }) => values[1] ?? '');
  }
  if (choice === 'name and value') {
    add('optionName', 'optionName', () => headings.axis[0] ?? '');
    add('optionValue', 'optionValue', ({ values }) => values[0] ?? '');
  }
  if (mess.has('doubles')) add('finish', 'option/particular', ({ finish }) => finish);
  add('price', mess.has('sale') ? 'earlierPrice/price' : 'price', price);
  if (mess.has('sale')) add('sale', 'price/earlierPrice', ({ offer }) => (offer === null ? '' : written(offer, drawn)));
  if (random() < 0.5 || mess.has('stock in words'))
    add('stock', 'stock', ({ stock, isToldInWords }) => (isToldInWords ? headings.soldOut : String(stock)));
  if (mess.has('check digits')) add('gtin', 'gtin', ({ gtin }) => gtin);
  if (mess.has('weights')) add('weight', 'weight', ({ grams }) => weightCell(grams, drawn));
  if (random() < 0.4 || mess.has('paths'))
    add('category', isVague ? 'category/particular' : 'category', ({ category }) =>
      mess.has('paths') ? `${language.cats[0]} > ${category}` : category,
    );
  if (random() < 0.4 || mess.has('markup') || mess.has('line breaks'))
    add('description', 'description/particular', ({ text }, at) => {
      if (mess.has('markup')) return `<p>${text}</p><ul><li>${language.texts[0]}</li></ul>`;
      return mess.has('line breaks') ? (at % 2 ? text.replace(/[ 、]/, '\n') : `"${text}"`) : text;
    });
  const told = mess.has('many particulars')
    ? headings.particulars
    : mess.has('particulars')
      ? headings.particulars.slice(0, 3)
      : [];
  for (const [i, [heading]] of told.entries())
    columns.push({
      topic: 'particular',
      as: 'particular/option/weight/description',
      heading: headed === 'none' ? '' : String(heading),
      cell: ({ particulars }) => particulars[i] ?? '',
    });
  return headedBy(drawn, inOrder(columns, random), random);
}

/** The name of a thing stands early; what is chosen by and its name stand side by side. */
function inOrder(columns: readonly Column[], random: Random): Column[] {
  const isFirst = random() < 0.6;
  const [title, ...others] = columns as [Column, ...Column[]];
  const value = others.find(({ topic }) => topic === 'optionValue');
  const moved = pickSome(
    others.filter((column) => column !== value),
    others.length,
    random,
  );
  if (value) moved.splice(moved.findIndex(({ topic }) => topic === 'optionName') + 1, 0, value);
  const at = isFirst ? 0 : Math.floor(random() * Math.max(1, moved.length * 0.4));
  const beforeValue = value && moved[at] === value ? at + 1 : at;
  return [...moved.slice(0, beforeValue), title, ...moved.slice(beforeValue)];
}

const shortened = (heading: string): string =>
  heading
    .split(/[ -]/)
    .map((word) => (word.length > 4 && /\p{Lu}|\p{Ll}/u.test(word) ? `${word.slice(0, word.length > 7 ? 4 : 3)}.` : word))
    .join(' ');

function headedBy({ headed, headings, currency }: Draw, columns: Column[], random: Random): Column[] {
  if (headed === 'abbreviated') return columns.map((column) => ({ ...column, heading: shortened(column.heading) }));
  if (headed === 'units')
    return columns.map((column) =>
      column.topic === 'price' || column.topic === 'sale'
        ? { ...column, heading: `${column.heading} (${currency})` }
        : column.topic === 'weight'
          ? { ...column, heading: `${column.heading} (g)` }
          : column,
    );
  if (headed === 'one odd') {
    const odd = pickOne(columns, random);
    const heading = odd.topic === 'particular' ? 'Ask the cat' : pickOne(headings.odd[odd.topic], random);
    return columns.map((column) => (column === odd ? { ...column, heading } : column));
  }
  const again = columns.find(({ topic }) => topic === 'description' || topic === 'particular' || topic === 'category');
  return headed === 'two of one name' && again
    ? [...columns, { ...again, as: 'particular/description/category/option', cell: (_, at) => ['xx', 'yy', 'zz'][at % 3] ?? '' }]
    : columns;
}

const withTails = ({ title, values }: Row, between: string): string =>
  !values.length ? title : between === ' (' ? `${title} (${values.join(', ')})` : [title, ...values].join(between);

const hasComma = ({ form, language }: Draw): boolean => form === 'semicolon' || (language.comma && form !== 'comma');

function written(minor: number, drawn: Draw): string {
  const digits = minorDigits(drawn.currency);
  const [whole = '', cents] = (minor / 10 ** digits).toFixed(digits).split('.');
  const parts = drawn.isExact && drawn.form !== 'comma' && whole.length > 3 ? whole.replace(/\B(?=(\d{3})+$)/g, hasComma(drawn) ? '.' : ',') : whole; // prettier-ignore
  const isWhole = digits === 2 && minor % 100 === 0 && !drawn.isExact;
  const number = cents && !isWhole ? `${parts}${hasComma(drawn) ? ',' : '.'}${cents}` : parts;
  const [sign = '', isBefore] = signs[drawn.currency] ?? [];
  if (!drawn.isSigned || drawn.headed === 'units') return number;
  return isBefore ? `${sign}${sign.length > 1 ? ' ' : ''}${number}` : `${number} ${sign}`;
}

function priceCell({ price, priced }: Row, drawn: Draw): string {
  const from = drawn.headings.from;
  if (priced === 'missing') return '';
  if (priced === 'from') return from === 'から' ? `${written(price, drawn)}${from}` : `${from} ${written(price, drawn)}`;
  if (priced === 'range') return `${written(price, drawn)}–${written(price * 1.5, drawn)}`;
  if (priced === 'in other money') {
    const units = (price / 10 ** minorDigits(drawn.currency) / levelOf(drawn.currency)).toFixed(2);
    return drawn.currency === 'EUR' ? `£${units}` : `€${units}`;
  }
  return written(price, drawn);
}

function weightCell(grams: number, drawn: Draw): string {
  if (drawn.headed === 'units') return String(grams);
  const kilos = String(grams / 1000);
  return grams >= 1000 ? `${drawn.language.comma ? kilos.replace('.', ',') : kilos} kg` : `${grams} g`;
}

/** What is to be read: "title | values | price | stock". */
function wanted({ mess, choice, form }: Draw, columns: readonly Column[], rows: readonly Row[]): string {
  const isAt = (topic: string) => columns.findIndex((column) => column.topic === topic);
  const isCounted = isAt('stock') >= 0;
  const isTurned = choice !== 'tails' && isAt('colour') >= 0 && isAt('colour') < isAt('size');
  return rows
    .flatMap((row, at) => {
      const price = row.offer ?? (row.priced === 'plainly' ? row.price : '?');
      // How many there are of each size that a cell names is not said.
      const stock = !isCounted ? '∞' : choice === 'in a cell' && row.stock ? '?' : row.stock;
      const values = isTurned ? [...row.values].reverse() : row.values;
      const ways =
        choice === 'in a cell' && form !== 'typed'
          ? listedIn(at)
              .split(' / ')
              .map((size) => [size])
          : [mess.has('doubles') ? [row.finish] : values];
      return ways.map((way) => `${row.title} | ${way.join(' / ')} | ${price} | ${stock}`);
    })
    .join('\n');
}

type File = Pick<ListCase, 'file' | 'text' | 'sheets' | 'encoding'>;

function fileOf(drawn: Draw, columns: readonly Column[], rows: readonly Row[], random: Random): File {
  const { form, headed, mess, language, currency, place } = drawn;
  const head = columns.map(({ heading }) => heading);
  const body = rows.map((row, at) => columns.map(({ cell }) => cell(row, at)));
  if (mess.has('placeholder')) {
    const title = pickOne(['Sample product', 'Test item', 'Lorem ipsum'], random);
    const price = written(levelOf(currency) * 10 ** minorDigits(currency), drawn);
    body.push(columns.map(({ topic }) => (topic === 'title' ? title : topic === 'price' ? price : '')));
  }
  const all = headed === 'none' ? body : [head, ...body];
  const valued = (cell: string): string | number =>
    /^\d{1,8}(?:\.\d+)?$/.test(cell) && !/^0\d/.test(cell) && !(hasComma(drawn) && cell.includes('.')) ? Number(cell) : cell;
  const keyed = () => body.map((row) => Object.fromEntries(row.map((cell, i) => [head[i] ?? '', valued(cell)])));
  const encoding = mess.has('old encoding') ? { encoding: language.encoding } : {};
  const quoted = (mark: string) =>
    all.map((row) => row.map((cell) => (cell.includes(mark) || /["\n]/.test(cell) ? `"${cell.replaceAll('"', '""')}"` : cell)).join(mark)).join('\n'); // prettier-ignore
  const flat = () => all.map((row) => row.map((cell) => cell.replace(/[\n\t|]/g, ' ')));
  switch (form) {
    case 'comma':
      return { file: 'list.csv', text: quoted(','), ...encoding };
    case 'semicolon':
      return { file: 'list.csv', text: quoted(';'), ...encoding };
    case 'tab':
    case 'pipe': {
      const mark = form === 'tab' ? '\t' : '|';
      return { file: 'list.txt', text: flat().map((row) => row.join(mark)).join('\n'), ...encoding }; // prettier-ignore
    }
    case 'fixed': {
      const widths = columns.map((_, i) => 3 + Math.max(...flat().map((row) => row[i]?.length ?? 0)));
      return { file: 'list.txt', text: fixedWidth(widths, flat()), ...encoding };
    }
    case 'typed': {
      const between = pickOne([', ', ' … ', ': ', ' - ', '  '], random);
      return { file: 'list.txt', text: body.map((row) => row.filter(Boolean).join(between)).join('\n'), ...encoding };
    }
    case 'json':
      return { file: 'list.json', text: JSON.stringify(random() < 0.5 ? keyed() : { items: keyed() }, null, 1) };
    case 'jsonl':
      return { file: 'list.jsonl', text: jsonLines(keyed()) };
    case 'workbook': {
      const total = columns.map(({ topic }, i) => (i === 0 ? 'Total' : topic === 'price' ? 9999 : ''));
      const under = [total, ['* prices from October']];
      const rows = [[`Autumn list, ${place}`], [], ...all.map((row) => row.map(valued)), ...under];
      return { file: random() < 0.5 ? 'list.xlsx' : 'list.ods', sheets: [{ name: 'Sheet1', rows }] };
    }
    case 'two sheets': {
      const middle = body.findIndex((_, at) => at >= body.length / 2 && (rows[at]?.isFirst ?? false));
      const parts = middle > 0 ? [body.slice(0, middle), body.slice(middle)] : [body];
      return {
        file: 'list.xlsx',
        sheets: parts.map((part, i) => ({
          name: language.cats[i] ?? '',
          rows: (headed === 'none' ? part : [head, ...part]).map((row) => row.map(valued)),
        })),
      };
    }
  }
}
