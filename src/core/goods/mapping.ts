import { listAnswer, listColumn, type Decided } from '../places';
import { type Mapping } from './proposal';

/** What was decided of lists, as their reader wants it. */
export const mappingOf = (decided: Decided): Mapping => ({
  columns: Object.fromEntries(decided.all(listColumn).map(({ parts: [heading], value }) => [heading, value])),
  answers: Object.fromEntries(decided.all(listAnswer).map(({ parts: [question], value }) => [question, value])),
});
