import { listAnswer, listCell, listColumn, listName, type Decided } from '../places';
import { type Mapping } from './proposal';

/** How an address names the sheet of a file that has but one and calls it nothing. */
export const onlySheet = '-';

/** What was decided of lists, as their reader wants it. */
export const mappingOf = (decided: Decided): Mapping => ({
  columns: Object.fromEntries(decided.all(listColumn).map(({ parts: [heading], value }) => [heading, value])),
  names: Object.fromEntries(decided.all(listName).map(({ parts: [column], value }) => [column, value])),
  answers: Object.fromEntries(decided.all(listAnswer).map(({ parts: [question], value }) => [question, value])),
  cells: decided.all(listCell).map(({ parts: [sheet, row, column], value }) => ({
    sheet: sheet === onlySheet ? '' : sheet,
    row: Number(row),
    column: Number(column),
    ...value,
  })),
});
