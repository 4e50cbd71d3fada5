import { choiceKind, choicesIn } from '../columns/values';
import { type Record } from './record';
import { type Remarks } from './remarks';

/** More variants than these are made of no row. */
const mostVariants = 300;

/** Rows whose cells list what can be chosen are opened; where rows of one thing differ in such a cell, it lists nothing. */
export function openChoices(records: readonly Record[], remarks: Remarks): Record[] {
  const told = new Map<string, Set<string>>();
  const keyOf = (record: Record, at: number) => `${record.title.toLowerCase()}\u0000${at}`;
  const valueAt = (record: Record, at: number) => record.particulars.get(at)?.value ?? '';
  for (const record of records)
    for (const at of record.offers) {
      const key = keyOf(record, at);
      told.set(key, (told.get(key) ?? new Set()).add(valueAt(record, at)));
    }
  const alone = new Map<number, Set<string>>();
  for (const record of records)
    for (const at of record.offers) alone.set(at, (alone.get(at) ?? new Set()).add(valueAt(record, at)));
  const opened = records.flatMap((record) =>
    openRow(
      record,
      [...record.offers].filter(
        (at) => told.get(keyOf(record, at))?.size === 1 || choicesIn(valueAt(record, at)).every((choice) => choiceKind(choice)),
      ),
      alone,
      remarks,
    ),
  );
  return opened.map(toldInOne);
}

/** What a file tells of a thing in several values is one phrase where nobody chooses among them: "lapacho, polished". */
function toldInOne(record: Record): Record {
  const { particulars } = record;
  for (const [at, { name, value }] of particulars)
    if (value.includes(' | ')) particulars.set(at, { name, value: value.replace(/\s+\|\s+/g, ', ') });
  return record;
}

/** A row whose cell names several sizes is a row for each of them. */
function openRow(
  record: Record,
  columns: readonly number[],
  alone: ReadonlyMap<number, ReadonlySet<string>>,
  remarks: Remarks,
): Record[] {
  const lists = columns.flatMap((at) => {
    const { name, value } = record.particulars.get(at) ?? { name: '', value: '' };
    const values = choicesIn(value, alone.get(at));
    return values.length > 1 ? [{ at, name, values }] : [];
  });
  if (!lists.length) return [record];
  const total = lists.reduce((product, { values }) => product * values.length, 1);
  if (total > mostVariants) {
    remarks.note(
      record,
      lists[0]?.name ?? '',
      'look',
      `This row would be ${total.toLocaleString('en')} variants; ${mostVariants} is the most. It is kept as one.`,
    );
    return [record];
  }
  let opened: Record[] = [record];
  for (const { at, name, values } of lists)
    opened = opened.flatMap((one) =>
      values.map((value) => ({
        ...one,
        options: new Map(one.options),
        particulars: new Map(one.particulars).set(at, { name, value }),
        asks: new Set(one.asks),
      })),
    );
  if (record.stock) {
    const found = String(record.stock);
    const { answered, value } = remarks.questions.ask(
      {
        about: 'stock',
        alike: 'for several choices',
        found,
        say: `${found} in stock for ${total} choices: how many of each?`,
        choices: [
          { value: 'each', say: 'As many of each', minor: record.stock },
          { value: 'uncounted', say: 'Enough; it isn’t counted', minor: null },
        ],
      },
      record,
      '',
    );
    if (!answered)
      remarks.note(record, '', 'asked', `${found} in stock for ${total} choices: how many there are of each is not said.`, found);
    for (const one of opened) {
      one.stock = value;
      if (!answered) one.asks.add('stock');
    }
  }
  return opened;
}
