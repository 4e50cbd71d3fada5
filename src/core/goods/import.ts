import { type Problem, type Product, type Variant } from '../project';
import { fail, ok, type Result } from '../result';
import { slugify, uniqueSlugs } from '../slug';
import { isCurrency, minorDigits } from '../till';
import { parseKind, parseList, parseStock, parseTaxClass, parseWeight } from './cells';
import { readColumns, type Column, type Field } from './columns';
import { decodeText } from './decode';
import { readTable } from './table';
import { currencyInPrice, decimalMarkOf, parsePrice } from './price';

export interface ImportedGoods {
  /** The currency that the prices' own signs name, or empty. */
  currency: string;
  digits: number;
  products: Product[];
  problems: Problem[];
}

/** Rows beyond which a list is refused. */
export const mostRows = 200_000;

interface Draft {
  product: Product;
  row: number;
  variantKeys: Set<string>;
}

/**
 * Brings in a list of goods, one row a product or a variant. Rows of one product share their group column, or their title.
 * Every row that can't be used, and every value that had to be mended, is reported with its line and column.
 * @param currency ISO 4217, where the seller has said it already; otherwise the prices' own signs decide
 */
export function importGoods(bytes: Uint8Array, currency = ''): Result<ImportedGoods> {
  const text = decodeText(bytes);
  return text.ok ? importText(text.value, currency) : text;
}

/** The same for a list that was pasted. */
export function importText(text: string, currency = ''): Result<ImportedGoods> {
  const source = text.replace(/^\ufeff/, '');
  if (!source.trim()) return fail('The list is empty. It wants a header and a row for each thing that you sell.');
  const { header, rows, unclosed } = readTable(source);
  const problems: Problem[] = unclosed.map((row) => ({
    row,
    column: '',
    kind: 'look',
    say: 'A quotation mark is not closed here. Check this row and those after it.',
  }));
  if (rows.length > mostRows)
    return fail(`The list has ${rows.length.toLocaleString('en')} rows; ${mostRows.toLocaleString('en')} is the most. Split it.`);
  const columns = readColumns(header);
  const byField = new Map<Field, Column>();
  for (const column of columns) if (column.meaning && 'field' in column.meaning) byField.set(column.meaning.field, column);
  if (!byField.has('title') && !byField.has('price')) {
    return fail('The first row has no headings that Arcatum knows. Put a row above the list with at least “title” and “price”.');
  }
  if (!byField.has('title')) return fail('No column holds the names of the goods. Head one of them “title”.');
  if (!byField.has('price')) return fail('No column holds the prices. Head one of them “price”.');
  for (const column of columns) {
    if (!column.meaning && column.heading.trim()) {
      problems.push({
        row: 1,
        column: column.heading,
        kind: 'look',
        say: `The column “${column.heading}” is not used. Head it “option ${column.heading}” if the buyer chooses it.`,
      });
    }
  }

  const cell = (row: string[], field: Field) => row[byField.get(field)?.index ?? -1]?.trim() ?? '';
  const prices = rows.map((row) => cell(row, 'price'));
  const signed =
    prices.map(currencyInPrice).find((code) => isCurrency(code)) ?? currencyInPrice(byField.get('price')?.heading ?? '');
  const money = currency || (isCurrency(signed) ? signed : '');
  const digits = money ? minorDigits(money) : 2;
  const mark = decimalMarkOf(prices);

  const drafts = new Map<string, Draft>();
  const slugs = uniqueSlugs();
  const codes = new Map<string, number>();
  rows.forEach((row, i) => {
    const line = i + 2;
    if (row.every((value) => !value.trim())) return;
    const note = (kind: Problem['kind'], field: Field | string, say: string) =>
      problems.push({ row: line, column: byField.get(field as Field)?.heading ?? field, kind, say });
    const mended = <T>(field: Field, parsed: Result<T>, otherwise: T): T => {
      if (parsed.ok) return parsed.value;
      note('mended', field, parsed.say);
      return otherwise;
    };

    const title = cell(row, 'title');
    const group = cell(row, 'group');
    const key = (group || title).toLowerCase();
    const known = drafts.get(key);
    if (!title && !known)
      return void note('left-out', 'title', 'The row has no title. Name the thing, then bring the list in again.');
    const price = parsePrice(cell(row, 'price'), digits, mark);
    if (!price.ok) return void note('left-out', 'price', price.say);

    const optionCells = columns.flatMap((column) => {
      const value = row[column.index]?.trim() ?? '';
      return column.meaning && 'option' in column.meaning && value ? [{ name: column.meaning.option, value }] : [];
    });
    const earlier = cell(row, 'earlierPrice')
      ? mended<number | null>('earlierPrice', parsePrice(cell(row, 'earlierPrice'), digits, mark), null)
      : null;
    if (earlier !== null && earlier <= price.value)
      note('mended', 'earlierPrice', 'The earlier price is not above the price, so it is not shown.');
    const sku = cell(row, 'sku');
    const before = sku ? codes.get(sku) : undefined;
    if (before) note('look', 'sku', `The code “${sku}” already stands in row ${before}. Give one of them another code.`);
    else if (sku) codes.set(sku, line);

    const draft = known ?? {
      row: line,
      variantKeys: new Set<string>(),
      product: {
        id: '',
        slug: slugs(group || title),
        title: title || group,
        description: cell(row, 'description'),
        kind: mended('kind', parseKind(cell(row, 'kind')), 'physical' as const),
        taxClass: mended('taxClass', parseTaxClass(cell(row, 'taxClass')), 'standard' as const),
        categories: parseList(cell(row, 'categories')),
        options: optionCells.map((option) => option.name),
        pictures: [],
        variants: [],
      },
    };
    const { product } = draft;
    product.id ||= `p-${product.slug}`;
    if (known && !product.description) product.description = cell(row, 'description');
    if (known) product.categories = [...new Set([...product.categories, ...parseList(cell(row, 'categories'))])];

    const values = product.options.map((name) => optionCells.find((option) => option.name === name)?.value ?? '');
    const missing = product.options.find((_, at) => !values[at]);
    const surplus = optionCells.find((option) => !product.options.includes(option.name));
    if (known && surplus) {
      return void note(
        'left-out',
        surplus.name,
        `The other rows of “${product.title}” have no “${surplus.name}”. Fill it in for all of them or none.`,
      );
    }
    if (missing)
      return void note('left-out', missing, `The other rows of “${product.title}” have a “${missing}”; this one has none.`);
    const variantKey = values.join('\u0000').toLowerCase();
    if (draft.variantKeys.has(variantKey)) {
      return void note(
        'left-out',
        'title',
        values.length
          ? `“${product.title}, ${values.join(', ')}” is in the list twice; the first one stays.`
          : `“${product.title}” is in the list twice; the first one stays. Add an option column if they differ.`,
      );
    }
    draft.variantKeys.add(variantKey);
    const pictures = parseList(cell(row, 'picture'));
    for (const picture of pictures) if (!product.pictures.includes(picture)) product.pictures.push(picture);
    const stock = parseStock(cell(row, 'stock'));
    product.variants.push({
      id: `${product.id}.${values.length ? slugify(values.join(' ')) : 'one'}`,
      values,
      sku,
      price: price.value,
      earlierPrice: earlier !== null && earlier > price.value ? earlier : null,
      stock: mended('stock', stock, /^-/.test(cell(row, 'stock')) ? 0 : null),
      weight: mended('weight', parseWeight(cell(row, 'weight'), byField.get('weight')?.heading ?? ''), 0),
      picture: pictures[0] ?? null,
    });
    if (!known) drafts.set(key, draft);
  });

  const filled = rows.filter((row) => row.some((value) => value.trim())).length;
  const products = [...drafts.values()].map(({ product }) => ({ ...product, variants: distinctIds(product.variants) }));
  if (products.length === 0) {
    return fail(
      filled
        ? `${filled === 1 ? 'The one row' : `None of the ${filled} rows`} could ${filled === 1 ? 'not ' : ''}be used. ${problems[0]?.say ?? ''}`.trim()
        : 'The list has a header but no rows. Add a row for each thing that you sell.',
    );
  }
  problems.sort((a, b) => a.row - b.row);
  return ok({ currency: isCurrency(signed) ? signed : '', digits, products, problems });
}

function distinctIds(variants: Variant[]): Variant[] {
  const seen = new Map<string, number>();
  return variants.map((variant) => {
    const n = (seen.get(variant.id) ?? 0) + 1;
    seen.set(variant.id, n);
    return n === 1 ? variant : { ...variant, id: `${variant.id}-${n}` };
  });
}
