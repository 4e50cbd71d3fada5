import { languagesAround } from '@/core/brief';
import { csvOf } from '@/core/csv';
import {
  changesOf,
  continueList,
  importSource,
  isBlankRow,
  mappingOf,
  openSource,
  ownProducts,
  textOf,
  withMended,
  type Grid,
  type ImportedGoods,
  type ListChanges,
  type Mapping,
  type SaidSame,
  type Source,
} from '@/core/goods';
import { noGoods, type Problem } from '@/core/goods/about';
import { Decided, type Wish } from '@/core/places';
import { withWishes, type Project } from '@/core/project';
import { fail, ok, type Result } from '@/core/result';
import { newGoodsKey, readSource, writeSource } from './goodsStore';
import { type Lists } from './lists';
import { type ImportedList, type Jobs, type Progress, type SheetRow, type ShownChanges } from './protocol';

interface NewList {
  project: string;
  list: ImportedGoods & { file: string };
  pictures: ImportedList['pictures'];
}

const gone = 'The list itself is not in this browser any more. Bring it in again, then say it.';

const or = <T>(promise: Promise<unknown>, then: T): Promise<T | null> =>
  promise.then(
    () => then,
    () => null,
  );

const noRoom =
  'The browser’s storage took nothing more, so the list can’t be kept. Make room by deleting other projects, or export this one to a file.';

/** As many changes of each kind are looked at before a list is taken. */
const mostShown = 200;

/** What a further list changes, as far as it is looked at, and how much of it there is. */
function shownOf(changes: ListChanges): ShownChanges {
  const { added, back, gone, changed, same, unsure } = changes;
  const conflicts = changed.reduce((n, { cells }) => n + cells.filter(({ yours }) => yours).length, 0);
  const first = <T>(all: readonly T[]): T[] => all.slice(0, mostShown);
  return {
    added: first(added),
    back: first(back),
    gone: first(gone),
    changed: first(changed),
    same,
    unsure: first(unsure),
    counts: {
      added: added.length,
      back: back.length,
      gone: gone.length,
      changed: changed.length,
      unsure: unsure.length,
      conflicts,
    },
  };
}

/** Reads lists, knows the last of them, and shows a list as it came. */
export class ListDesk {
  constructor(private readonly lists: Lists) {}

  /** The list that was read last, without the names that its goods had before. */
  private read: NewList | null = null;
  private source: { key: string; source: Source } | null = null;

  /** Reads a list that comes in. Nothing is changed by it yet. */
  async bringIn(
    { project, isNew, name, bytes, currency }: Jobs['import']['give'],
    current: Project | null,
    progress: (now: Progress) => void,
  ): Promise<Result<ImportedList>> {
    // A list is never taken for the first one because the project was not at hand.
    if (!isNew && current?.id !== project) return fail('The project is still being opened. Bring the list in again in a moment.');
    const brief = current?.id === project ? current.brief : '';
    const opened = openSource(bytes, name, () => languagesAround(brief));
    if (!opened.ok) return opened;
    const rows = opened.value.grids.reduce((sum, grid) => sum + grid.rows.length, 0);
    progress({ say: `Reading ${rows.toLocaleString('en')} rows of ${name} …`, done: 0, of: rows });
    const decided = new Decided(current?.id === project ? current.decisions : new Map());
    const key = newGoodsKey(project);
    const source = await or(writeSource(key, bytes), key);
    return this.take({ project, name, source, currency }, opened.value, mappingOf(decided), current, progress);
  }

  /** The list of a project read anew, with what is said of it now. */
  async readAgain(current: Project, wishes: readonly Wish[], currency: string): Promise<Result<ImportedList>> {
    const { report, file } = current.goods;
    const source = await this.sourceOf(report?.source ?? null, file, current.brief);
    if (!source.ok) return source;
    const said = mappingOf(new Decided(withWishes(current, wishes).decisions));
    const list = { project: current.id, name: file, source: report?.source ?? null, currency };
    return this.take(list, source.value, said, current, () => undefined);
  }

  private async take(
    { project, name, source, currency }: { project: string; name: string; source: string | null; currency: string },
    opened: Source,
    mapping: Mapping,
    current: Project | null,
    progress: (now: Progress) => void,
  ): Promise<Result<ImportedList>> {
    const read = importSource(
      opened,
      { brief: currency, told: current?.id === project ? current.brief : '' },
      mapping,
      (done, of) =>
        progress({ say: `Reading ${name}: ${done.toLocaleString('en')} of ${of.toLocaleString('en')} rows …`, done, of }),
    );
    if (!read.ok) return read;
    if (source) this.source = { key: source, source: opened };
    const list = { ...read.value, file: name, report: { ...read.value.report, source } };
    progress({ say: `Keeping ${list.products.length.toLocaleString('en')} products …`, done: 1, of: 1 });
    this.read = { project, list, pictures: opened.pictures };
    return this.same(current, {});
  }

  /** Gives the goods of the list that was read last the names that they had, keeps them, and tells what they change. */
  async same(current: Project | null, said: SaidSame): Promise<Result<ImportedList>> {
    if (!this.read) return fail('The list that was read is not at hand any more. Bring it in again.');
    const { project, list, pictures } = this.read;
    const known = current?.id === project ? current : null;
    const before = known?.goods ?? noGoods;
    const decided = new Decided(known?.decisions ?? new Map());
    const continued = continueList(before, ownProducts(decided), list, said);
    const { products, former } = continued;
    const goods = { ...list, products, former };
    const kept = await this.lists.keep(project, goods).catch(() => null);
    if (!kept) return fail(noRoom);
    const changes = before.products.length ? changesOf(before, { ...continued, digits: list.digits }, decided) : null;
    return ok({ list: kept, pictures, changes: changes && shownOf(changes) });
  }

  private async sourceOf(key: string | null, name: string, brief: string): Promise<Result<Source>> {
    if (key && this.source?.key === key) return ok(this.source.source);
    const bytes = key ? await readSource(key) : null;
    if (!key || !bytes) return fail(gone);
    const opened = openSource(bytes, name, () => languagesAround(brief));
    if (opened.ok) this.source = { key, source: opened.value };
    return opened;
  }

  /** Rows of the list as it came, with what was mended in them. */
  async rows(current: Project, { sheet, from, count, only }: Jobs['sheetRows']['give']): Promise<Jobs['sheetRows']['get']> {
    const source = await this.sourceOf(current.goods.report?.source ?? null, current.goods.file, current.brief);
    if (!source.ok) return source;
    const grids = source.value.grids;
    const grid = grids.find(({ name }) => name === sheet) ?? grids[0];
    if (!grid) return fail(gone);
    const mended = withMended(grid, mappingOf(new Decided(current.decisions)).cells);
    const notes = notesByRow(current.goods.problems, grid.name);
    const rows = filledRows(mended).filter(({ row }) => !only || notes.has(row));
    return ok({
      sheet: grid.name,
      count: rows.length,
      said: notes.size,
      width: Math.max(0, ...grid.rows.slice(0, 500).map((row) => row.length)),
      rows: rows.slice(from, from + count).map((one) => ({
        ...one,
        came: grid.rows[one.row - grid.firstRow]?.map(textOf) ?? [],
        notes: notes.get(one.row) ?? [],
      })),
    });
  }

  /** The rows that are not in the shop, as CSV with the reason beside each, to be mended anywhere and brought in again. */
  async leftOut(current: Project): Promise<Result<string>> {
    const { report, file, problems } = current.goods;
    const source = await this.sourceOf(report?.source ?? null, file, current.brief);
    if (!source.ok) return source;
    const lines = source.value.grids.flatMap((grid) => {
      const why = new Map(
        problems
          .filter(({ kind, sheet, row }) => kind === 'left-out' && sheet === grid.name && row > 0)
          .map(({ row, say }) => [row, say]),
      );
      const head = report?.sheets.find(({ name }) => name === grid.name)?.headerRow ?? null;
      const cells = (row: number) => grid.rows[row - grid.firstRow]?.map(textOf) ?? [];
      return why.size
        ? [
            ...(head === null ? [] : [[...cells(head), 'Why it was left out']]),
            ...[...why].map(([row, say]) => [...cells(row), say]),
          ]
        : [];
    });
    return ok(csvOf(lines));
  }
}

function notesByRow(problems: readonly Problem[], sheet: string): Map<number, Problem[]> {
  const found = new Map<number, Problem[]>();
  for (const problem of problems) {
    if (problem.sheet !== sheet || problem.row <= 0) continue;
    const known = found.get(problem.row);
    if (known) known.push(problem);
    else found.set(problem.row, [problem]);
  }
  return found;
}

const filledRows = ({ rows, firstRow }: Grid): Pick<SheetRow, 'row' | 'cells'>[] =>
  rows.flatMap((cells, i) => (isBlankRow(cells) ? [] : [{ row: firstRow + i, cells: cells.map(textOf) }]));
