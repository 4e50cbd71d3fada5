import { minorDigits } from '../../till';
import { parseKind, parseTaxClass } from '../cells';
import { numberFormOf, valueUnder } from '../cells/number';
import { lineOf, proseOf } from '../cells/prose';
import { gramsPer, hasGtinLength, isGtin, understandMeasure, understandStock } from '../cells/quantities';
import { isLastingId, productOf } from '../lasting';
import { type Layout } from '../columns/head';
import { unheaded } from '../columns/keys';
import { type Meaning } from '../columns/meaning';
import { type ColumnProposal } from '../columns/propose';
import { propertyMeanings } from '../source/schemaOrg';
import { isBlank, textOf, type Cell, type Form, type Grid } from '../source/grid';
import { mayBeCharged, whichIsOpen } from './doubts';
import { priceIn, pricingOf, unsold, type Pricing } from './pricing';
import { blankRecord, calledAtPrice, isPlaceholder, type Record } from './record';
import { type Where } from './questions';
import { type Remarks } from './remarks';

/** A sheet with its headings found and its columns understood. */
export interface Sheet {
  name: string;
  layout: Layout;
  columns: ColumnProposal[];
  grid: Grid;
  /** Columns, by their index, whose amounts have lost their sign. */
  lost: ReadonlySet<number>;
}

/** Reads rows into records, each cell wholly or not at all. */
export class RowReader {
  private saysElsewhere = false;

  /**
   * @param code the list's currency, or that which it is likeliest to be
   * @param isNamed whether it is known that it is that
   */
  constructor(
    private readonly remarks: Remarks,
    private readonly code: string,
    private readonly isNamed: boolean,
    private readonly form: Form,
    /** Whether rows that look as if put in to try the list are goods. */
    private readonly takesPlaceholders: boolean,
  ) {}

  recordsOf(sheet: Sheet, onRow: () => void): Record[] {
    const { layout, columns, name } = sheet;
    const at = (row: number): Where => ({ row, sheet: name });
    for (const { row, what, text } of layout.aside)
      if (what === 'note')
        this.remarks.note(at(row), '', 'look', `“${text.slice(0, 80)}” stands alone in its row and is taken for a remark.`, text);
      else if (what === 'total') this.remarks.note(at(row), '', 'look', 'A row of totals; it is no product.', text);
      else if (what === 'above')
        this.remarks.leave(at(row), '', 'It stands above the headings, so it is taken for no product.', text);
    const columnsBy = new Map<Meaning, ColumnProposal[]>();
    for (const column of columns) columnsBy.set(column.as, [...(columnsBy.get(column.as) ?? []), column]);
    const by = (as: Meaning): readonly ColumnProposal[] => columnsBy.get(as) ?? [];
    const [price, sale] = pricesOf(columns);
    const pricing = (column: ColumnProposal | undefined): Pricing | null =>
      column
        ? pricingOf(
            layout.body.map(({ cells }) => cells[column.index] ?? ''),
            this.code,
            // Schema.org writes its own prices with a point; a property of the seller's is written as the seller writes.
            this.form === 'json-ld' && propertyMeanings.has(column.heading) ? '.' : undefined,
          )
        : null;
    const forms = new Map(
      columns.map((column) => [column.index, ['price', 'earlierPrice', 'cost'].includes(column.as) ? pricing(column) : null]),
    );
    const weightForm = new Map(by('weight').map((column) => [column.index, this.weightForm(sheet, column)]));
    const over = layout.aside.filter(({ what }) => what === 'shelf');
    // One line over everything is the list's title.
    const shelves = over.length === 1 && layout.body.every(({ row }) => row > (over[0]?.row ?? 0)) ? [] : over;
    const [named] = by('title');
    const priced = calledAtPrice(
      layout.body.map(({ cells }) => ({
        title: named ? lineOf(textOf(cells[named.index])) : '',
        price: price ? textOf(cells[price.index]) : '',
      })),
    );
    const records: Record[] = [];
    let before: Record | null = null;
    const byGroup = new Map<string, string>();
    for (const { cells, row } of layout.body) {
      onRow();
      const text = (as: Meaning) => {
        const [column] = by(as);
        return column ? lineOf(textOf(cells[column.index])) : '';
      };
      const [told] = by('description');
      const record = blankRecord(row, name);
      record.title = text('title');
      record.description = told ? proseOf(textOf(cells[told.index])) : '';
      record.sku = text('sku');
      const group = text('group');
      record.id = isLastingId(group) ? group : '';
      record.group = productOf(group) ?? group;
      const categories = by('category').flatMap((column) => listIn(lineOf(textOf(cells[column.index]))));
      // A row without a name goes on with the thing above it; one that is filed elsewhere does not.
      const goesOn = !before || !categories.length || categories.some((name) => before?.categories.includes(name));
      const above = record.group ? byGroup.get(record.group) : goesOn ? before?.title : undefined;
      if (!record.title && above) record.title = above;
      if (record.group && record.title && !byGroup.has(record.group)) byGroup.set(record.group, record.title);
      if (!record.title) {
        this.remarks.leave(
          at(row),
          by('title')[0]?.heading ?? '',
          'The row has no name, and none stands above it. Name the thing, then bring the list in again.',
        );
        continue;
      }
      record.isTrial = isPlaceholder({
        title: record.title,
        description: record.description,
        price: price ? textOf(cells[price.index]) : '',
        cells: cells.map(textOf),
        heading: named?.heading ?? '',
        priced,
      });
      if (!this.takesPlaceholders && record.isTrial) {
        // What is left out is not asked about.
        records.push({ ...record, asks: new Set() });
        before = record;
        continue;
      }
      this.readMoney(record, cells, columns, { price, sale }, forms, text('currency'));
      this.readStock(record, cells, by('stock')[0]);
      this.readGtin(record, cells, by('gtin')[0]);
      for (const column of by('weight')) this.readWeight(record, cells, column, weightForm.get(column.index) ?? '.');
      const shelf = shelves.filter((one) => one.row < row).at(-1);
      record.categories = [...categories, ...(by('category').length || !shelf ? [] : [shelf.text])];
      record.pictures = by('picture').flatMap((column) =>
        listIn(textOf(cells[column.index])).map((name) => this.pictureName(record, name, column.heading)),
      );
      const kind = parseKind(text('kind'));
      if (kind.ok) record.kind = kind.value;
      else if (by('kind')[0])
        record.particulars.set(by('kind')[0]?.index ?? 0, { name: by('kind')[0]?.name ?? '', value: text('kind') });
      const tax = parseTaxClass(text('taxClass'));
      if (tax.ok) record.taxClass = tax.value;
      else this.remarks.note(record, by('taxClass')[0]?.heading ?? '', 'mended', tax.say, text('taxClass'));
      this.readChoices(record, cells, columns);
      records.push(record);
      before = record;
    }
    return records;
  }

  /** A picture that is given as an address elsewhere is known by the name of its file. Nothing is fetched from there, which is said once. */
  private pictureName(record: Record, name: string, heading: string): string {
    if (!/^https?:\/\//i.test(name)) return name;
    const file = name.split(/[?#]/)[0]?.split('/').at(-1) ?? '';
    if (!this.saysElsewhere)
      this.remarks.note(
        record,
        heading,
        'look',
        `“${name}” is an address elsewhere. Nothing is fetched from there: save such pictures and add the files, and they are found by their names.`,
        name,
      );
    this.saysElsewhere = true;
    return file || name;
  }

  private readMoney(
    record: Record,
    cells: readonly Cell[],
    columns: readonly ColumnProposal[],
    { price, sale }: { price: ColumnProposal | undefined; sale: ColumnProposal | undefined },
    forms: ReadonlyMap<number, Pricing | null>,
    ownCurrency: string,
  ): void {
    const at = (column: ColumnProposal) => cells[column.index] ?? '';
    const onSale = sale && !isBlank(at(sale)) ? sale : undefined;
    const now = onSale ?? price;
    if (!now && mayBeCharged(columns).length && this.remarks.questions.answerTo('columns price') === null) {
      record.asks.add('price');
      this.remarks.note(record, '', 'asked', whichIsOpen, record.title);
      return;
    }
    if (!now) {
      record.price = this.remarks.asker(
        record,
        '',
        record,
      )({ about: 'price', alike: 'no column', found: '', say: 'The list has no column of prices.', choices: [unsold] });
      return;
    }
    const pricing = forms.get(now.index);
    if (!pricing) return;
    if (!this.isNamed) record.asks.add('money');
    const code = ownCurrency.toUpperCase();
    if (code && this.code && code !== this.code)
      record.price = this.remarks.asker(
        record,
        now.heading,
        record,
      )({
        about: 'price',
        alike: `foreign ${code}`,
        found: `${textOf(at(now))} ${code}`,
        say: `This price is in ${code}, the list in ${this.code}. What does it cost?`,
        choices: [unsold],
      });
    else record.price = priceIn(at(now), pricing, this.remarks.asker(record, now.heading, record));
    const [before] = onSale ? [price] : columns.filter(({ as }) => as === 'earlierPrice');
    if (before && !isBlank(at(before)) && before !== now)
      record.earlierPrice = this.quietPrice(record, at(before), before, forms.get(before.index) ?? pricing);
    if (
      before &&
      !before.saysBefore &&
      record.earlierPrice !== null &&
      record.price !== null &&
      record.earlierPrice < record.price
    ) {
      const [lower, price] = [record.earlierPrice, record.price];
      record.price = this.whicheverIsPaid(record, before, lower, price);
      record.earlierPrice = record.price === lower ? price : null;
    }
    if (record.earlierPrice !== null && record.price !== null && record.earlierPrice <= record.price) {
      this.remarks.note(
        record,
        before?.heading ?? '',
        'mended',
        'The earlier price is not above the price, so it is not shown.',
        textOf(at(before ?? now)),
      );
      record.earlierPrice = null;
    }
    const [cost] = columns.filter(({ as }) => as === 'cost');
    if (cost && !isBlank(at(cost))) record.cost = this.quietPrice(record, at(cost), cost, forms.get(cost.index) ?? pricing);
  }

  /** What is called the earlier price is less than the price: one of them is not what it is called, or both are asked now. */
  private whicheverIsPaid(record: Record, { heading, index }: ColumnProposal, lower: number, price: number): number | null {
    const digits = minorDigits(this.code);
    const show = (minor: number) => `${(minor / 10 ** digits).toFixed(digits)} ${this.code}`.trim();
    const name = heading || unheaded(index);
    return this.remarks.asker(
      record,
      heading,
      record,
    )({
      about: 'price',
      alike: `less in ${name}`,
      found: show(lower),
      say: `“${name}” is less than the price: ${show(lower)} and ${show(price)}. Which is charged?`,
      choices: [
        unsold,
        { value: 'lower', say: `The lower: ${show(lower)}`, minor: lower },
        { value: 'price', say: `The price: ${show(price)}`, minor: price },
      ],
    });
  }

  /** A price that nobody pays: where it is not understood it is left away and said. */
  private quietPrice(record: Record, cell: Cell, column: ColumnProposal, pricing: Pricing): number | null {
    let isAsked = false;
    const value = priceIn(cell, pricing, () => {
      isAsked = true;
      return null;
    });
    if (isAsked)
      this.remarks.note(
        record,
        column.heading,
        'mended',
        `“${textOf(cell)}” was not understood as an amount, so it is not used.`,
        textOf(cell),
      );
    return value;
  }

  private readStock(record: Record, cells: readonly Cell[], column: ColumnProposal | undefined): void {
    if (!column) return;
    const cell = cells[column.index] ?? '';
    const stock = understandStock(cell);
    if (stock.kind === 'count') record.stock = stock.pieces;
    if (stock.kind !== 'unsure') return;
    const found = textOf(cell).trim();
    const pieces = stock.likeliest;
    record.stock = this.remarks.asker(
      record,
      column.heading,
      record,
    )({
      about: 'stock',
      alike: `as “${found.toLowerCase()}”`,
      found,
      say: `“${found}”: how many are there?`,
      choices: [
        ...(pieces === null ? [] : [{ value: 'number', say: `${pieces}`, minor: pieces }]),
        { value: 'none', say: 'None: sold out', minor: 0 },
        { value: 'uncounted', say: 'Enough; it isn’t counted', minor: null },
      ],
      likeliest: pieces === null ? 'none' : 'number',
    });
  }

  private readGtin(record: Record, cells: readonly Cell[], column: ColumnProposal | undefined): void {
    if (!column) return;
    const found = textOf(cells[column.index]).trim();
    const digits = found.replace(/[\s-]/g, '');
    if (!digits) return;
    if (isGtin(digits)) record.gtin = digits;
    // Barcodes that begin with zeros lose them in spreadsheets.
    else if (/^\d{11}$/.test(digits) && isGtin(`0${digits}`)) {
      record.gtin = `0${digits}`;
      this.remarks.note(record, column.heading, 'mended', `“${found}” lacks the zero that it begins with.`, found);
    } else
      this.remarks.asker(
        record,
        column.heading,
      )({
        about: 'barcode',
        alike: `as “${found}”`,
        found,
        say: hasGtinLength(digits)
          ? `The last digit of “${found}” does not fit the others, so it is no barcode that a till would take.`
          : `“${found}” is no barcode: those have 8, 12, 13 or 14 digits.`,
        choices: [{ value: 'none', say: 'Go without it' }],
      });
  }

  private weightForm(sheet: Sheet, column: ColumnProposal): '.' | ',' {
    const numbers = sheet.layout.body.flatMap(({ cells }) => {
      const cell = cells[column.index];
      if (typeof cell === 'number' || cell === undefined) return [];
      return [understandMeasure(cell)?.number ?? cell.trim()];
    });
    return numberFormOf(numbers, 3).mark;
  }

  private readWeight(record: Record, cells: readonly Cell[], column: ColumnProposal, mark: '.' | ','): void {
    const cell = cells[column.index] ?? '';
    if (isBlank(cell)) return;
    const found = textOf(cell).trim();
    const measure = understandMeasure(cell);
    const unit =
      measure?.kind === 'mass'
        ? measure.unit
        : gramsPer(column.unit)
          ? column.unit
          : /\bkilo|\bkg\b/i.test(column.heading)
            ? 'kg'
            : 'g';
    const number = measure?.kind === 'mass' ? measure.number : found;
    const value = typeof cell === 'number' ? cell : numberOf(number, mark);
    const factor = gramsPer(unit);
    if (value === null || factor === null || (measure && measure.kind !== 'mass')) {
      record.particulars.set(column.index, { name: column.name, value: found });
      return void this.remarks.note(
        record,
        column.heading,
        'mended',
        `“${found}” was not understood as a weight, so it is shown as it stands and not weighed with.`,
        found,
      );
    }
    record.weight = Math.round(value * factor);
    record.spares.set(column.index, { name: column.name, value: found });
  }

  /** What can be chosen of a thing, and what is only told of it. */
  private readChoices(record: Record, cells: readonly Cell[], columns: readonly ColumnProposal[]): void {
    const values = columns.filter(({ as }) => as === 'optionValue');
    columns
      .filter(({ as }) => as === 'optionName')
      .forEach((nameColumn, n) => {
        const valueColumn = values[n];
        const name = textOf(cells[nameColumn.index]).trim();
        const value = valueColumn ? textOf(cells[valueColumn.index]).trim() : '';
        if (name && value) record.options.set(`pair ${n}`, { name, value });
      });
    for (const column of columns) {
      const value = lineOf(textOf(cells[column.index]));
      if (!value) continue;
      if (column.as !== 'option' && column.as !== 'particular') continue;
      record.particulars.set(column.index, { name: column.name, value });
      if (column.as === 'option') record.offers.add(column.index);
    }
  }
}

/** The column of the price, and the one of the price that is asked instead for some. */
function pricesOf(columns: readonly ColumnProposal[]): [ColumnProposal | undefined, ColumnProposal | undefined] {
  const price = columns.find(({ as }) => as === 'price');
  const earlier = columns.find(({ as }) => as === 'earlierPrice');
  // "Price" and "Sale price": the first is charged only where the second is empty.
  if (price?.isSale && earlier) return [earlier, price];
  return [price, undefined];
}

function numberOf(text: string, mark: '.' | ','): number | null {
  const minor = valueUnder(text, mark, 3);
  return minor === null ? null : minor / 1000;
}

/** "Yarn | Merino; Sale" → three names. */
export const listIn = (text: string): string[] => [
  ...new Set(
    text
      .split(/[|;\n]|,(?!\d)/)
      .map((part) => part.trim().replace(/\s+/g, ' '))
      .filter(Boolean),
  ),
];
