import { fail, ok, type Result } from '../result';
import { slugify, uniqueSlugs } from '../slug';
import { isCurrency, minorDigits } from '../till';
import { type Problem, type Product, type Variant } from './about';
import { layOut, type Layout } from './columns/head';
import { toldIn } from './columns/features';
import { withoutLostSigns } from './columns/lostSigns';
import { calledAlike, readHeading } from './columns/heading';
import { columnKeys } from './columns/keys';
import { type Meaning } from './columns/meaning';
import { isToldIn, nameChoices } from './columns/profile';
import { type Given } from './columns/claims';
import { proposeColumns, type ColumnProposal } from './columns/propose';
import { openChoices } from './rows/choices';
import { currencyOf, type CurrencyReading, type ListHints } from './rows/currency';
import { Doubts } from './rows/doubts';
import { type Answers, type Question } from './rows/questions';
import { RowReader, type Sheet } from './rows/reader';
import { type Record } from './rows/record';
import { Remarks } from './rows/remarks';
import { bringTogether, valueOf, type Gathered } from './rows/together';
import { productOf } from './lasting';
import { meaningsOfOwn } from './table';
import { propertyMeanings } from './source/schemaOrg';
import { mostColumns, textOf, type Cell, type Form, type Grid, type Source } from './source/grid';

/** What the seller has said of a list: meanings of columns by their headings, and answers to questions. */
export interface Mapping {
  /** Meanings of columns by what they are known by: “Note (2)” is the second of that name, “Column 3” has no heading. */
  columns: Readonly<{ [column: string]: Meaning }>;
  /** What options and particulars are called, by the same. */
  names: Readonly<{ [column: string]: string }>;
  answers: Answers;
  /** Cells that were put right, each as long as it holds what it was put right from. */
  cells: readonly MendedCell[];
}
export const noMapping: Mapping = { columns: {}, names: {}, answers: {}, cells: [] };

export interface MendedCell {
  sheet: string;
  /** As the file counts it, from 1. */
  row: number;
  /** Index of the column, from 0. */
  column: number;
  was: string;
  is: string;
}

/** A list of goods as it is read: what each column is, the products, and every cell that was not wholly understood. */
export interface Proposal {
  form: Form;
  encoding: string;
  /** Counted from 1; null where the list has no headings. */
  headerRow: number | null;
  sheets: { name: string; headerRow: number | null; isUsed: boolean }[];
  currency: CurrencyReading;
  digits: number;
  columns: ColumnProposal[];
  /** Whether the list names its goods by the ids that Arcatum gave them. */
  namesIds: boolean;
  products: Product[];
  problems: Problem[];
  questions: Question[];
  counts: { rows: number; products: number; variants: number; leftOut: number; mended: number; asked: number };
}

/** Is told how many rows of how many are read. */
export type OnRows = (read: number, of: number) => void;
/** It is told after as many rows. */
const toldEvery = 2000;

/** Reads a list whole: columns, form of numbers, currency and what belongs together are decided for all of it. */
export function readList(
  source: Source,
  hints: ListHints = {},
  mapping: Mapping = noMapping,
  onRows: OnRows = () => undefined,
): Result<Proposal> {
  const sheets = source.grids
    .map((asItCame) => laidOut(asItCame, mapping, hints))
    .map((one, _, all) => sheetOf(one, rowsLike(one, all), source.form, mapping, hints))
    .filter(({ layout }) => layout.body.length);
  const [main] = goodsFirst(sheets);
  if (!main) return fail('The list has headings but no rows. Add a row for each thing that you sell.');
  if (!main.columns.some(({ as }) => as === 'title'))
    return fail(
      'No column holds the names of the goods: every column is numbers, codes or addresses. Add one with a name for each thing.',
    );
  const used = goodsFirst(sheets).filter((sheet) => sheet === main || alike(sheet, main));
  const reading = new Reading(source, used, hints, mapping, onRows);
  return reading.make(
    main,
    sheets.filter((sheet) => !used.includes(sheet)),
  );
}

/** A grid with its mended cells. The file itself is never changed. */
export function withMended(grid: Grid, cells: readonly MendedCell[]): Grid {
  const mine = cells.filter(
    ({ sheet, row, column, was }) => sheet === grid.name && textOf(grid.rows[row - grid.firstRow]?.[column]) === was,
  );
  if (!mine.length) return grid;
  const rows = [...grid.rows];
  for (const { row, column, is } of mine) {
    const changed = [...(rows[row - grid.firstRow] ?? [])];
    while (changed.length < column) changed.push('');
    changed[column] = is;
    rows[row - grid.firstRow] = changed;
  }
  return { ...grid, rows };
}

const bySeller = 'You have said so.';

interface LaidOut {
  grid: Grid;
  layout: Layout;
  /** Columns whose amounts have lost their sign. */
  lost: ReadonlySet<number>;
}

function laidOut(asItCame: Grid, mapping: Mapping, hints: ListHints): LaidOut {
  const grid = withMended(asItCame, mapping.cells);
  const { layout, columns } = withoutLostSigns(layOut(grid), hints.decided || hints.brief || '');
  return { grid, layout, lost: columns };
}

/** The rows of all sheets that have the headings of one: what a column is follows from all that stands in it. */
function rowsLike({ layout }: Pick<LaidOut, 'layout'>, all: readonly LaidOut[]): (readonly Cell[])[] {
  const said = layout.headings.join('\u0000').toLowerCase();
  const like = layout.head < 0 ? [{ layout }] : all.filter((one) => one.layout.headings.join('\u0000').toLowerCase() === said);
  return like.flatMap((one) => one.layout.body.map(({ cells }) => cells));
}

function sheetOf(
  { grid, layout, lost }: LaidOut,
  rows: readonly (readonly Cell[])[],
  form: Form,
  mapping: Mapping,
  hints: ListHints,
): Sheet {
  const given = meaningsOfOwn(layout.headings, rows);
  if (form === 'json-ld' || form === 'microdata')
    for (const [i, as] of meaningsBySchema(layout.headings, rows)) if (!given.has(i)) given.set(i, as);
  const called = new Map<number, string>();
  columnKeys(layout.headings, Math.max(0, ...rows.slice(0, 200).map((row) => row.length))).forEach((key, i) => {
    const as = Object.hasOwn(mapping.columns, key) ? mapping.columns[key] : undefined;
    if (as) given.set(i, { as, because: bySeller });
    const name = Object.hasOwn(mapping.names, key) ? mapping.names[key]?.trim() : '';
    if (name) called.set(i, name);
  });
  // Of two columns that could be the price, the one that the seller has chosen.
  const chosen = Number(Object.hasOwn(mapping.answers, 'columns price') ? mapping.answers['columns price'] : NaN);
  if (Number.isInteger(chosen) && chosen >= 0 && chosen < mostColumns) {
    given.set(chosen, { as: 'price', because: bySeller });
    // The other of that name would stand beside the price as if it were one.
    layout.headings.forEach((heading, i) => {
      if (i !== chosen && !given.has(i) && calledAlike(heading, layout.headings[chosen] ?? ''))
        given.set(i, { as: 'ignored', because: `It is called “${heading}” as well, and is not what is charged.` });
    });
  }
  for (const [question, answer] of Object.entries(mapping.answers)) {
    const index = Number(/^columns stock (\d+)$/.exec(question)?.[1] ?? NaN);
    if (answer === 'stock' && Number.isInteger(index) && index < mostColumns)
      given.set(index, { as: 'stock', because: bySeller });
  }
  return {
    name: grid.name,
    layout,
    lost,
    grid,
    columns: withUsualPairs(
      proposeColumns(layout.headings, rows, given, {
        currency: hints.decided || hints.brief,
        told: toldIn(hints.told ?? ''),
        called,
        summed: layout.summed,
      }),
    ),
  };
}

/**
 * What a standard names is what the standard says it is; what it leaves open is a property of the goods, whatever its values look like,
 * unless its name is a word for more, its cells are told in sentences, or they name what is chosen in the next column.
 */
function meaningsBySchema(headings: readonly string[], rows: readonly (readonly Cell[])[]): Map<number, Given> {
  const namesChoices = (i: number) => i >= 0 && !propertyMeanings.has(headings[i] ?? '') && nameChoices(columnAt(rows, i));
  return new Map(
    headings.flatMap((heading, i): [number, Given][] => {
      const as = propertyMeanings.get(heading);
      const said = Object.keys(readHeading(heading)).filter((topic) => topic !== 'person' && topic !== 'thing');
      if (as) return [[i, { as, because: `It is the property of schema.org for that.` }]];
      return said.length || isToldIn(columnAt(rows, i)) || namesChoices(i) || namesChoices(i - 1)
        ? []
        : [[i, { as: 'particular', because: 'It is a property of the goods.' }]];
    }),
  );
}

const columnAt = (rows: readonly (readonly Cell[])[], i: number): Cell[] => rows.map((row) => row[i] ?? '');

/** Sheets that hold goods, the longest with prices first, in the order of the file where they are alike. */
const goodsFirst = (sheets: readonly Sheet[]): Sheet[] => {
  const worth = ({ columns, layout }: Sheet) =>
    (columns.some(({ as }) => as === 'title') ? 1 : 0) *
    (columns.some(({ as }) => as === 'price') ? 2 : 1) *
    Math.min(layout.body.length, 3);
  const best = Math.max(0, ...sheets.map(worth));
  const first = sheets.find((sheet) => worth(sheet) === best);
  return first ? [first, ...sheets.filter((sheet) => sheet !== first)] : [];
};

/** Whether two sheets have the same columns under the same headings: where the price of one is asked about, so is that of the other. */
const isOfForm = ({ columns }: Sheet, main: Sheet): boolean =>
  columns.length === main.columns.length &&
  columns.every(({ as, heading }, i) => main.columns[i]?.as === as && main.columns[i]?.heading === heading);

const alike = (sheet: Sheet, main: Sheet): boolean => {
  if (!sheet.columns.some(({ as }) => as === 'title')) return false;
  if (isOfForm(sheet, main)) return true;
  if (!sheet.columns.some(({ as }) => as === 'price')) return false;
  const headings = new Set(main.layout.headings.map((heading) => heading.toLowerCase()).filter(Boolean));
  const shared = sheet.layout.headings.filter((heading) => headings.has(heading.toLowerCase())).length;
  return shared >= Math.min(2, headings.size);
};

/** The value of an option stands after its name; one without the other is an option or a particular by itself. */
function withUsualPairs(columns: ColumnProposal[]): ColumnProposal[] {
  const made = columns.map((column) => ({ ...column }));
  const paired = new Set<number>();
  for (const name of made) {
    if (name.as !== 'optionName') continue;
    const value =
      made.find(({ as, index }) => as === 'optionValue' && index > name.index && !paired.has(index)) ??
      made.find(({ as, index }) => index === name.index + 1 && (as === 'option' || as === 'particular'));
    if (value) {
      if (value.as !== 'optionValue') value.because = `It stands after “${name.key}”, which names what it is.`;
      value.as = 'optionValue';
      paired.add(value.index);
    } else name.as = 'particular';
  }
  for (const column of made)
    if (column.as === 'optionValue' && !paired.has(column.index))
      column.as = column.others.includes('option') ? 'option' : 'particular';
  return made;
}

const headerRowOf = ({ grid, layout }: Sheet): number | null => (layout.head < 0 ? null : grid.firstRow + layout.head);

class Reading {
  private readonly remarks: Remarks;
  private readonly currency: CurrencyReading;
  private readonly code: string;
  /** Whether the list names its goods by the ids that Arcatum gave them. */
  private namesIds = false;

  constructor(
    private readonly source: Source,
    private readonly sheets: readonly Sheet[],
    hints: ListHints,
    mapping: Mapping,
    private readonly onRows: OnRows,
  ) {
    this.remarks = new Remarks(mapping.answers);
    this.currency = this.readCurrency(hints);
    this.code = this.currency.code ?? this.currency.choices[0] ?? '';
  }

  private columnsAs(as: Meaning): { sheet: Sheet; column: ColumnProposal }[] {
    return this.sheets.flatMap((sheet) =>
      sheet.columns.filter((column) => column.as === as).map((column) => ({ sheet, column })),
    );
  }

  private cellsOf(as: Meaning): Cell[] {
    return this.columnsAs(as).flatMap(({ sheet, column }) => sheet.layout.body.map(({ cells }) => cells[column.index] ?? ''));
  }

  private readCurrency(hints: ListHints): CurrencyReading {
    const priced = [...this.columnsAs('price'), ...this.columnsAs('earlierPrice')];
    const found = currencyOf(
      {
        cells: this.cellsOf('price'),
        named: this.cellsOf('currency'),
        headings: priced.map(({ column }) => column.heading),
        units: priced.map(({ column }) => column.unit).filter(Boolean),
        above: this.sheets.flatMap(({ layout }) => layout.above),
        names: this.cellsOf('title').slice(0, 200),
        formats: priced.flatMap(({ sheet, column }) => sheet.grid.currencies?.get(column.index) ?? []),
      },
      hints,
    );
    if (found.code) return found;
    const answer = this.remarks.questions.answerTo('currency list');
    if (answer && isCurrency(answer)) return { code: answer, from: 'seller', because: 'You have said so.', choices: [] };
    this.remarks.questions.ask(
      {
        about: 'currency',
        alike: 'list',
        found: '',
        say: `${found.because} Which money are the prices in?`,
        choices: found.choices.map((code) => ({ value: code, say: code })),
      },
      { row: 1, sheet: priced[0]?.sheet.name ?? '' },
      priced[0]?.column.heading ?? '',
    );
    return found;
  }

  make(main: Sheet, others: readonly Sheet[]): Result<Proposal> {
    for (const { row, say } of this.source.notes) this.remarks.note({ row, sheet: main.name }, '', 'look', say);
    for (const index of main.lost) {
      const { heading } = main.columns[index] ?? { heading: '' };
      this.remarks.note(
        { row: main.layout.head + 1, sheet: main.name },
        heading,
        'mended',
        `A question mark stands where the sign of money was: the file was saved in an encoding that lacks it. The amounts are taken for ${this.code || 'money'}. ${this.currency.because}`,
      );
    }
    for (const { name, layout } of others)
      this.remarks.note(
        { row: 0, sheet: name },
        '',
        'left-out',
        `The sheet “${name}” is not read: its ${layout.body.length} rows are not like the goods of “${main.name}”.`,
      );
    const reader = new RowReader(
      this.remarks,
      this.code,
      this.currency.code !== null,
      this.source.form,
      this.remarks.questions.answerTo('placeholder rows') === 'goods',
    );
    const rows = this.sheets.reduce((sum, { layout }) => sum + layout.body.length, 0);
    let read = 0;
    const records = this.sheets.flatMap((sheet) =>
      reader.recordsOf(sheet, () => {
        read++;
        if (read % toldEvery === 0) this.onRows(read, rows);
      }),
    );
    const doubts = new Doubts(this.remarks, this.code);
    const kept = doubts.withoutPlaceholders(records);
    if (!kept.length) {
      const first = this.remarks.problems.find(({ kind }) => kind === 'left-out');
      return fail(`None of the ${records.length} rows could be used. ${first?.say ?? ''}`.trim());
    }
    doubts.askFarOff(kept);
    doubts.askColumns(main, kept);
    doubts.fileOnShelves(kept);
    const opened = openChoices(kept, this.remarks);
    const { products, promoted, doubles } = bringTogether(opened);
    const columns = this.finalColumns(main, promoted, products);
    const steps = stepsOf(products, promoted);
    doubts.askStock(
      main,
      main.columns.filter(({ as, index }) => (as === 'particular' || columns[index]?.as === 'particular') && !steps.has(index)),
      products.flatMap(({ rows: alike }) => alike),
    );
    for (const double of doubles) doubts.sayDouble(double);
    doubts.noteRepeatedCodes(products);
    doubts.noteUnheaded(main, promoted);
    const ids = products.flatMap(({ rows }) => rows.map(({ id }) => id));
    this.namesIds = ids.every(Boolean) && new Set(ids).size === ids.length;
    const made = this.productsOf(products);
    this.remarks.problems.sort((a, b) => a.row - b.row);
    const digits = this.code ? minorDigits(this.code) : 2;
    const count = (kind: Problem['kind']) => this.remarks.problems.filter((problem) => problem.kind === kind).length;
    return ok({
      form: this.source.form,
      encoding: this.source.encoding,
      headerRow: headerRowOf(main),
      sheets: [
        ...this.sheets.map((sheet) => ({ name: sheet.name, headerRow: headerRowOf(sheet), isUsed: true })),
        ...others.map((sheet) => ({ name: sheet.name, headerRow: headerRowOf(sheet), isUsed: false })),
      ],
      currency: this.currency,
      digits,
      columns,
      namesIds: this.namesIds,
      products: made,
      problems: this.remarks.problems,
      questions: this.remarks.questions.all(),
      counts: {
        rows,
        products: made.length,
        variants: made.reduce((sum, { variants }) => sum + variants.length, 0),
        leftOut: this.remarks.leftOut,
        mended: count('mended'),
        asked: count('asked'),
      },
    });
  }

  private productsOf(gathered: readonly Gathered[]): Product[] {
    const slugs = uniqueSlugs();
    return gathered.map(({ title, rows, options }) => {
      const slug = slugs(title);
      const known = this.namesIds ? productOf(rows[0]?.id ?? '') : null;
      const id = known ?? `p-${slug}`;
      const taken = uniqueSlugs();
      const [first] = rows;
      const variants = rows.map((record): Variant => {
        const values = options.map((option) => valueOf(record, option.key) || '–');
        return {
          id: known ? record.id : `${id}.${taken(values.length ? slugify(values.join(' ')) : 'one')}`,
          values,
          sku: record.sku,
          gtin: record.gtin,
          price: record.price,
          earlierPrice: record.earlierPrice,
          cost: record.cost,
          stock: record.stock,
          weight: record.weight ?? 0,
          picture: record.pictures[0] ?? null,
          asks: [...record.asks],
        };
      });
      return {
        id,
        slug,
        title,
        description: descriptionOf(rows, options),
        kind: first?.kind ?? 'physical',
        taxClass: first?.taxClass ?? 'standard',
        categories: [...new Set(rows.flatMap(({ categories }) => categories))],
        options: options.map(({ name }) => name),
        file: null,
        rhythm: null,
        particulars: particularsOf(rows),
        pictures: [...new Set(rows.flatMap(({ pictures }) => pictures))],
        variants,
      };
    });
  }

  private finalColumns(main: Sheet, promoted: ReadonlySet<number>, products: readonly Gathered[]): ColumnProposal[] {
    const chosen = new Set(
      products.filter(({ rows }) => rows.length > 1).flatMap(({ options }) => options.map(({ key }) => key)),
    );
    return main.columns.map((column) => {
      if (promoted.has(column.index)) {
        const name = products.flatMap(({ options }) => options).find(({ key }) => key === `column ${column.index}`)?.name;
        return {
          ...column,
          as: 'option' as const,
          name: name ?? column.name,
          because: 'It tells the rows of one product apart.',
        };
      }
      if (column.as === 'option' && !chosen.has(`column ${column.index}`))
        return {
          ...column,
          as: 'particular' as const,
          because: `${column.because} No product has two of it, so there is nothing to choose.`,
        };
      return column;
    });
  }
}

/**
 * What is told of a product whose rows may each tell something: all of it, each once. Where rows tell different things, each is told of its own
 * choice, so that nothing of the list is lost.
 */
function descriptionOf(rows: readonly Record[], options: Gathered['options']): string {
  const told = [...new Set(rows.map(({ description }) => description).filter(Boolean))];
  // One that holds the others says all of it.
  const [whole] = told.filter((one) => told.every((other) => one.includes(other)));
  if (whole !== undefined) return whole;
  return told
    .map((one) => {
      const of = rows.filter(({ description }) => description === one);
      const values = new Set(
        of
          .map((row) =>
            options
              .map(({ key }) => valueOf(row, key))
              .filter(Boolean)
              .join(', '),
          )
          .filter(Boolean),
      );
      return values.size ? `${[...values].join('; ')}: ${one}` : one;
    })
    .join('\n\n');
}

/** So many steps up and none down are no accident. */
const manySteps = 5;

/**
 * Of the columns that tell rows apart, those whose numbers go up from row to row of each of several products: sizes, and no counts. In
 * two colours a size comes twice.
 */
function stepsOf(products: readonly Gathered[], promoted: ReadonlySet<number>): Set<number> {
  const stepsIn = (rows: readonly Record[], index: number) =>
    rows.slice(1).map((record, i) => Math.sign(Number(optionAt(record, index)) - Number(optionAt(rows[i], index))));
  const several = products.filter(({ rows }) => rows.length > 1);
  const isUpwards = (steps: readonly number[]) => steps.length >= manySteps && steps.every((step) => step === 1);
  const goesUp = (index: number) => {
    // Also where it begins anew in each colour, of which some lack a size.
    if (isUpwards(several.flatMap(({ rows }) => alikeBut(rows, index).flatMap((alike) => stepsIn(alike, index))))) return true;
    const steps = several.flatMap(({ rows }) => stepsIn(rows, index));
    return steps.every((step) => step === 1) || (steps.every((step) => step >= 0) && steps.filter(Boolean).length >= manySteps);
  };
  return new Set([...promoted].filter((index) => several.length > 1 && goesUp(index)));
}
/** Rows of one thing by all that is chosen but for one column. */
function alikeBut(rows: readonly Record[], index: number): Record[][] {
  const found = new Map<string, Record[]>();
  for (const record of rows) {
    const others = [...record.options].flatMap(([key, { value }]) => (key === `column ${index}` ? [] : [value])).join('\u0000');
    found.set(others, [...(found.get(others) ?? []), record]);
  }
  return [...found.values()];
}
const optionAt = (record: Record | undefined, index: number): string => record?.options.get(`column ${index}`)?.value ?? '';

function particularsOf(rows: readonly Record[]): Product['particulars'] {
  const found = new Map<number, { name: string; values: Set<string> }>();
  for (const { particulars } of rows)
    for (const [index, { name, value }] of particulars) {
      const known = found.get(index) ?? { name, values: new Set() };
      known.values.add(value);
      found.set(index, known);
    }
  return [...found].sort(([a], [b]) => a - b).map(([, { name, values }]) => ({ name, value: [...values].join(', ') }));
}
