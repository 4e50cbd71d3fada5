import { ok, type Result } from '../result';
import { type Goods, type ListReport } from './about';
import { noMapping, readList, type Mapping, type OnRows, type Proposal } from './proposal';
import { type ListHints } from './rows/currency';
import { type Source } from './source/grid';
import { openSource, openText } from './source/open';

export type ImportedGoods = Omit<Goods, 'file'> & { report: ListReport };

/**
 * Brings in a list of goods in whatever form it comes. Every row that can't be used, and every cell that was not wholly understood, is
 * reported with its row and column.
 */
export function importGoods(bytes: Uint8Array, hints: ListHints = {}, mapping: Mapping = noMapping): Result<ImportedGoods> {
  const source = openSource(bytes);
  return source.ok ? importSource(source.value, hints, mapping) : source;
}

/** The same for a list that was pasted. */
export function importText(text: string, hints: ListHints = {}, mapping: Mapping = noMapping): Result<ImportedGoods> {
  const source = openText(text);
  return source.ok ? importSource(source.value, hints, mapping) : source;
}

export function importSource(source: Source, hints: ListHints, mapping: Mapping, onRows?: OnRows): Result<ImportedGoods> {
  const read = readList(source, hints, mapping, onRows);
  return read.ok ? ok(goodsOf(read.value)) : read;
}

/** A proposal as the project keeps it. The list's own currency is kept where the list itself names it: the brief may change. */
function goodsOf({ products, problems, digits, currency, ...report }: Proposal): ImportedGoods {
  const { code, because, from } = currency;
  return {
    currency: from === 'list' ? (code ?? '') : '',
    digits,
    products,
    problems,
    former: [],
    report: {
      source: null,
      form: report.form,
      encoding: report.encoding,
      headerRow: report.headerRow,
      sheets: report.sheets,
      namesIds: report.namesIds,
      questions: report.questions,
      counts: report.counts,
      currency: { code, because },
      columns: report.columns.map(({ heading, key, index, as, name, because: why, sure, others }) => ({
        heading,
        key,
        index,
        as,
        name,
        because: why,
        sure,
        others: [...others],
      })),
    },
  };
}
