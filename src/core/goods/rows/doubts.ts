import { minorDigits } from '../../till';
import { calledAlike } from '../columns/heading';
import { isUnheaded, unheaded } from '../columns/keys';
import { type ColumnProposal } from '../columns/propose';
import { readShelves } from '../shelves';
import { farOff, priceIn, pricingOf, unsold } from './pricing';
import { type Where } from './questions';
import { type Sheet } from './reader';
import { type Record } from './record';
import { type Remarks } from './remarks';
import { type Together } from './together';

/** Where the headings of a sheet stand. */
const headOf = ({ name, grid, layout }: Sheet): Where => ({ row: grid.firstRow + Math.max(0, layout.head), sheet: name });

/** Fewer numbers are less than the prices beside them by chance. */
const someOffers = 2;

/** A list sells most of what it names. */
const [fewPriced, mostPriced] = [0.5, 0.9];

/** Columns of amounts that could be what is charged, where no column is surely the price. */
export const mayBeCharged = (columns: readonly ColumnProposal[]): ColumnProposal[] =>
  columns.filter(({ as, profile }) => (as === 'cost' || as === 'particular') && profile.money > 0.8);

/** Of several the one that was nearest to being taken for the price, and of those that were as near the one whose amounts differ most. */
function likeliestCharge(amounts: readonly ColumnProposal[]): ColumnProposal | undefined {
  const place = ({ others }: ColumnProposal) => (others.includes('price') ? others.indexOf('price') : others.length);
  const variety = ({ profile }: ColumnProposal) => profile.values / Math.max(1, profile.filled);
  return [...amounts].sort((a, b) => place(a) - place(b) || variety(b) - variety(a))[0];
}

/**
 * Of two columns of numbers whose headings say nothing, that of the larger, or of those that are not all whole: pieces are, and are fewer.
 * Where whole numbers were taken for the price instead, it is asked about.
 */
const isPriceRather = (column: ColumnProposal, price: ColumnProposal): boolean =>
  [column, price].every(
    ({ isKnown, priceWords, profile }) =>
      !isKnown && priceWords < 1 && profile.money > 0.8 && profile.signed === 0 && !profile.rising,
  ) &&
  price.profile.whole === 1 &&
  (column.profile.whole < 1 || column.profile.largest > price.profile.largest);

/** What is said of each thing until it is known which column is the price. */
export const whichIsOpen = 'Which column is the price has to be said first.';

/** What is in doubt of a list as a whole, and not of one of its cells: it is asked, or said. */
export class Doubts {
  constructor(
    private readonly remarks: Remarks,
    /** The list's currency, or that which it is likeliest to be. */
    private readonly code: string,
  ) {}

  /** Rows that were put in to try the list are left out, all in one go, unless the seller says that they are goods. */
  withoutPlaceholders(records: readonly Record[]): Record[] {
    const tried = new Set(records.filter(({ isTrial }) => isTrial));
    if (!tried.size || this.remarks.questions.answerTo('placeholder rows') === 'goods') return [...records];
    const names = [...new Set([...tried].map(({ title }) => `“${title}”`))];
    for (const record of tried) {
      this.remarks.questions.ask(
        {
          about: 'placeholder',
          alike: 'rows',
          found: record.title,
          say: `${names.slice(0, 3).join(', ')}${names.length > 3 ? ' …' : ''} ${tried.size === 1 ? 'looks' : 'look'} as if put in to try the list, and ${tried.size === 1 ? 'is' : 'are'} left out. Right?`,
          choices: [
            { value: 'out', say: 'Right, leave it out' },
            { value: 'goods', say: 'No, that is sold' },
          ],
        },
        record,
        '',
      );
      this.remarks.leave(
        record,
        '',
        `“${record.title}” looks like a row that was put in to try the list. It is left out.`,
        record.title,
      );
    }
    return records.filter((record) => !tried.has(record));
  }

  /** Paths of categories are two deep; what stood deeper is said once. */
  fileOnShelves(records: readonly Record[]): void {
    const { shelf, folded } = readShelves(records.flatMap(({ categories }) => categories));
    const said = new Set<string>();
    for (const record of records) {
      const [deep] = record.categories.filter((name) => folded.has(name) && !said.has(name));
      if (deep) said.add(deep);
      if (deep) this.remarks.note(record, '', 'mended', `“${deep}” is filed two deep, as “${shelf(deep)}”.`, deep);
      record.categories = [...new Set(record.categories.map(shelf))];
    }
  }

  /** Columns that could be what decides the sale, and say so nowhere. */
  askColumns(main: Sheet, records: readonly Record[]): void {
    const price = main.columns.find(({ as }) => as === 'price');
    const nameOf = ({ heading, index }: ColumnProposal) => heading || `column ${index + 1}`;
    const amounts = price ? main.columns.filter((column) => this.mayBeInstead(main, price, column)) : [];
    if (!price) this.askWhichIsCharged(main);
    if (price && amounts.length && this.remarks.questions.answerTo(`columns price`) === null) {
      const both = [price, ...amounts];
      this.remarks.questions.ask(
        {
          about: 'columns',
          alike: 'price',
          found: '',
          say: `${both.map((column) => `“${nameOf(column)}”`).join(' and ')} both hold amounts of money. Which is the price?`,
          choices: both.map((column) => ({ value: String(column.index), say: nameOf(column) })),
          likeliest: String((both.find(({ as }) => as === 'cost') ?? price).index),
        },
        headOf(main),
        '',
      );
      // Of which cells there is more to ask follows from the answer.
      this.remarks.withdraw('price');
      for (const record of records) {
        record.price = null;
        record.asks.add('price');
        this.remarks.note(record, nameOf(price), 'asked', whichIsOpen, record.title);
      }
    }
  }

  /** Whether it is in doubt which of two columns is charged: what was taken for the price, or one of amounts that is nothing else. */
  private mayBeInstead(main: Sheet, price: ColumnProposal, column: ColumnProposal): boolean {
    const { as, profile, unit, priceWords } = column;
    // What nearly every thing has, where few have what was taken for the price, is hardly what they were bought for.
    if (as === 'cost') return price.profile.fill < fewPriced && profile.fill > mostPriced;
    if (as !== 'particular' || profile.money <= 0.8) return false;
    // Of “Price” and “Price 2” nobody but the seller knows which is charged.
    if (calledAlike(column.heading, price.heading)) return true;
    if (isPriceRather(column, price) || profile.signed > 0.5)
      return price.priceWords < 1 || this.couldBeCharged(main, price, column, 0.3);
    // Bare numbers that are always a little less, where they stand, are hardly anything else.
    return (
      (!unit || priceWords > 0) &&
      profile.fill < 1 &&
      (profile.filled >= someOffers || profile.decimals === 1) &&
      this.couldBeCharged(main, price, column, 0.5)
    );
  }

  /** A list without a column of prices that has amounts nonetheless: one of them may be what is charged. */
  private askWhichIsCharged(main: Sheet): void {
    const amounts = mayBeCharged(main.columns);
    if (!amounts.length || this.remarks.questions.answerTo('columns price') !== null) return;
    const nameOf = ({ heading, index }: ColumnProposal) => heading || `column ${index + 1}`;
    this.remarks.questions.ask(
      {
        about: 'columns',
        alike: 'price',
        found: '',
        say: `No column is surely the price. Is it ${amounts.map((column) => `“${nameOf(column)}”`).join(' or ')}?`,
        choices: amounts.map((column) => ({ value: String(column.index), say: nameOf(column) })),
        likeliest: String(likeliestCharge(amounts)?.index ?? ''),
      },
      headOf(main),
      '',
    );
  }

  /**
   * Whole numbers that nothing explains may be what is in stock: with a zero among them, or without a heading, that is asked.
   *
   * @param open columns that are taken for nothing that decides the sale
   */
  askStock(main: Sheet, open: readonly ColumnProposal[], records: readonly Record[]): void {
    const taken = main.columns.find(({ as }) => as === 'stock');
    if (taken?.isGuessed)
      this.remarks.note(
        headOf(main),
        taken.heading || unheaded(taken.index),
        'look',
        `It holds whole numbers, ${main.layout.summed.has(taken.index) ? 'which the list adds up' : 'zero among them'}, and is taken for how many there are. If it is something else, say so over its column.`,
      );
    if (taken) return;
    for (const column of open) {
      const { profile, isKnown, mayBeStock, heading, index, others, unit } = column;
      if (!mayBeStock && (isKnown || unit || profile.whole < 0.95 || profile.largest > 999 || profile.rising)) continue;
      const name = heading || unheaded(index);
      const id = `columns stock ${index}`;
      if (heading && !mayBeStock && !(profile.hasZero && others.includes('stock'))) {
        this.remarks.note(
          headOf(main),
          name,
          'look',
          `“${name}” holds whole numbers. Where they say how many there are, say that it is the stock; until then nothing is counted.`,
        );
        continue;
      }
      if (this.remarks.questions.answerTo(id) === 'other') continue;
      this.remarks.questions.ask(
        {
          about: 'columns',
          alike: `stock ${index}`,
          found: name,
          say: `${heading ? `“${heading}”` : `Column ${index + 1}, which has no heading,`} ${profile.soldOut > 0 ? 'says of some that none is left' : `holds whole numbers${profile.hasZero ? ', zero among them' : ''}`}. Is it how many there are?`,
          choices: [
            { value: 'stock', say: 'Yes, that is the stock' },
            { value: 'other', say: 'No, it is something else' },
          ],
        },
        headOf(main),
        name,
      );
      for (const record of records) record.asks.add('stock');
      this.remarks.note(headOf(main), name, 'asked', 'Whether it is how many there are has to be said first.', name);
      return;
    }
  }

  /**
   * Whether a column of amounts could be what is charged instead of the price: it is less than that, and not by much, wherever both stand.
   *
   * @param least the least share of the price that it is
   */
  private couldBeCharged(main: Sheet, price: ColumnProposal, other: ColumnProposal, least: number): boolean {
    if (other.isKnown && !other.priceWords) return false;
    const cellsAt = ({ index }: ColumnProposal) => main.layout.body.map(({ cells }) => cells[index] ?? '');
    const read = (column: ColumnProposal) => {
      const cells = cellsAt(column);
      const pricing = pricingOf(cells, this.code);
      return cells.map((cell) => priceIn(cell, pricing, () => null));
    };
    const [prices, amounts] = [read(price), read(other)];
    const both = prices.flatMap((full, i) => {
      const amount = amounts[i];
      return full && amount ? [amount / full] : [];
    });
    return both.length > 0 && both.filter((share) => share >= least && share <= 1).length >= both.length * 0.8;
  }

  askFarOff(records: readonly Record[]): void {
    const far = farOff(records.flatMap(({ price }) => (price ? [price] : [])));
    if (!far.size) return;
    const digits = minorDigits(this.code);
    for (const record of records) {
      const { price } = record;
      if (!price || !far.has(price)) continue;
      const say = `${(price / 10 ** digits).toFixed(digits)} ${this.code} is a hundred times away from the other prices.`;
      record.price = this.remarks.asker(
        record,
        'price',
        record,
      )({
        about: 'price',
        alike: `far ${price}`,
        found: record.title,
        say,
        choices: [unsold, { value: 'number', say: 'It is right', minor: price }],
      });
    }
  }

  /** A thing that stands in the list twice: the same, or with two prices of which the seller knows the right one. */
  sayDouble({ record, first, how }: Together['doubles'][number]): void {
    if (how !== 'other-price')
      return this.remarks.leave(
        record,
        '',
        how === 'same'
          ? `The same as row ${first.row}.`
          : `The same thing as row ${first.row}; nothing that can be chosen tells them apart.`,
        record.title,
      );
    const digits = minorDigits(this.code);
    const choice = (value: string, minor: number | null) =>
      minor === null ? [] : [{ value, say: `${(minor / 10 ** digits).toFixed(digits)} ${this.code}`.trim(), minor }];
    const { answered, value } = this.remarks.questions.ask(
      {
        about: 'double',
        alike: `row ${record.row}${record.sheet ? ` of ${record.sheet}` : ''}`,
        found: record.title,
        say: `“${record.title}” stands in rows ${first.row} and ${record.row} with two prices, and nothing else tells them apart. Which is right?`,
        choices: [...choice('first', first.price), ...choice('second', record.price), unsold],
      },
      record,
      '',
    );
    this.remarks.leave(record, '', `The same thing as row ${first.row}, at another price.`, record.title);
    first.price = value;
    if (answered) return;
    first.asks.add('price');
    this.remarks.note(first, '', 'asked', `It stands again in row ${record.row}, at another price.`, record.title);
  }

  /** What nobody has named can't be told to shoppers in figures: “1780” says nothing. */
  noteUnheaded(main: Sheet, promoted: ReadonlySet<number>): void {
    const open = main.columns.filter(({ as, name, index }) => as === 'particular' && isUnheaded(name) && !promoted.has(index));
    if (!open.length) return;
    const names = new Intl.ListFormat('en-GB').format(open.map(({ index }) => String(index + 1)));
    this.remarks.note(
      headOf(main),
      '',
      'look',
      `${open.length === 1 ? `Column ${names} has` : `Columns ${names} have`} no heading. Say in the list what ${open.length === 1 ? 'it is' : 'they are'} called; until then product pages show ${open.length === 1 ? 'its' : 'their'} words alone, and no figures.`,
    );
  }

  noteRepeatedCodes(products: Together['products']): void {
    const first = new Map<string, Record>();
    for (const record of products.flatMap(({ rows }) => rows)) {
      if (!record.sku) continue;
      const before = first.get(record.sku);
      if (!before) first.set(record.sku, record);
      else if (before.row !== record.row)
        this.remarks.note(
          record,
          'sku',
          'look',
          `The code “${record.sku}” already stands in row ${before.row}. Give one of them another.`,
          record.sku,
        );
    }
  }
}
