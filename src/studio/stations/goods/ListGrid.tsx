'use client';

import { useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import { type KeptList, type ListColumn, type Problem } from '@/core/goods/about';
import { type Wish } from '@/core/places';
import { type ShopWorker } from '@/workers/client';
import { type SheetRow } from '@/workers/protocol';
import { Choice, Notice, QuietButton, Row, Soft } from '../../parts';
import { download } from '../../projects';
import { tokens } from '../../theme';
import { ColumnMeaning, ColumnName } from './ColumnSaid';

const Hall = styled.section`
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
  min-height: 0;
`;

const Tools = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: end;
  padding: 10px 24px;
  label.only {
    display: flex;
    gap: 8px;
    align-items: center;
    min-height: 36px;
  }
`;

const Scroll = styled.div`
  overflow: auto;
  min-height: 0;
  border-top: 1px solid ${tokens.ink};
  outline-offset: -3px;
  table {
    border-collapse: separate;
    border-spacing: 0;
  }
  th,
  td {
    text-align: left;
    vertical-align: top;
    font-weight: 400;
    font-size: 14px;
    padding: 5px 10px;
    border-bottom: 1px solid ${tokens.line};
    border-right: 1px solid ${tokens.line};
    max-width: 260px;
    min-width: 196px;
    overflow-wrap: anywhere;
  }
  thead th {
    position: sticky;
    top: 0;
    z-index: 2;
    background: ${tokens.sheet};
    border-bottom: 1px solid ${tokens.ink};
    padding-bottom: 8px;
  }
  thead small {
    display: -webkit-box;
    -webkit-line-clamp: 2;
    -webkit-box-orient: vertical;
    overflow: hidden;
    color: ${tokens.soft};
    margin-top: 4px;
  }
  thead select {
    padding-inline: 6px 2px;
  }
  thead label > span {
    display: block;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  .no {
    position: sticky;
    left: 0;
    z-index: 1;
    background: ${tokens.sheet};
    min-width: 104px;
    white-space: nowrap;
  }
  thead .no {
    z-index: 3;
    vertical-align: bottom;
  }
  .no button {
    background: none;
    border: 0;
    padding: 0;
    min-height: 24px;
    font: inherit;
    cursor: pointer;
    color: ${tokens.verdigris};
    text-decoration: underline;
    text-underline-offset: 3px;
  }
  .no span {
    display: block;
    font-size: 12.5px;
    color: ${tokens.soft};
  }
  tr.beside td {
    color: ${tokens.soft};
    font-style: italic;
  }
  tr.head td {
    font-weight: 600;
  }
  tr.left-out td {
    background: ${tokens.madderPale};
  }
  tr.chosen .no {
    box-shadow: inset 3px 0 0 ${tokens.verdigris};
  }
  td.asked {
    box-shadow: inset 0 0 0 2px ${tokens.amber};
  }
  td.mended,
  td.by-hand {
    box-shadow: inset 0 0 0 2px ${tokens.verdigris};
  }
`;

const atATime = 100;
const words: Record<Problem['kind'], string> = {
  'left-out': 'left out',
  asked: 'asked about',
  mended: 'mended',
  look: 'please look',
};

export interface SheetAt {
  sheet: string;
  row: SheetRow;
}

/** The list as it came, with what each column was taken for laid over it, and every row that has something to say. */
export function ListGrid({
  goods,
  worker,
  turn,
  chosen,
  onChoose,
  onSay,
}: {
  goods: KeptList;
  worker: ShopWorker | null;
  /** Grows when anything was done: a row may have been mended. */
  turn: number;
  chosen: SheetAt | null;
  onChoose: (row: SheetAt) => void;
  onSay: (wishes: Wish[], label: string) => void;
}) {
  const { report, counts } = goods;
  const sheets = report?.sheets ?? [];
  const [name, setName] = useState<string | null>(null);
  const [only, setOnly] = useState(false);
  const [from, setFrom] = useState(0);
  const [wrong, setWrong] = useState('');
  const [page, setPage] = useState<{ sheet: string; count: number; said: number; width: number; rows: SheetRow[] } | null>(null);
  const scroll = useRef<HTMLDivElement>(null);
  const sheet = name ?? sheets[0]?.name ?? '';

  useEffect(() => {
    if (!worker || turn === 0) return;
    let stale = false;
    worker.ask('sheetRows', { sheet, from, count: atATime, only }).then(
      (found) => {
        if (stale) return;
        setWrong(found.ok ? '' : found.say);
        setPage(found.ok ? found.value : null);
      },
      (error: unknown) => (stale ? undefined : setWrong(String(error))),
    );
    return () => {
      stale = true;
    };
  }, [worker, turn, sheet, from, only]);

  const turnTo = (next: number) => {
    setFrom(next);
    scroll.current?.scrollTo({ top: 0 });
  };
  const takeLeftOut = async () => {
    const made = await worker?.ask('leftOut', {});
    if (made?.ok) download(new TextEncoder().encode(made.value), 'left-out.csv', 'text/csv');
    else if (made) setWrong(made.say);
  };
  const head = sheets.find((one) => one.name === sheet)?.headerRow ?? null;
  const isUsed = sheets.find((one) => one.name === sheet)?.isUsed ?? true;
  const columns = isUsed ? (report?.columns ?? []) : [];
  const left = counts.leftOut;
  const width = Math.max(page?.width ?? 0, columns.length);
  return (
    <Hall aria-label="The list as it came">
      <Tools>
        {sheets.length > 1 ? (
          <Choice
            label="Sheet"
            value={sheet}
            options={sheets.map((one) => ({ id: one.name, name: one.isUsed ? one.name : `${one.name} (not read)` }))}
            onChange={(next) => {
              setName(next);
              turnTo(0);
            }}
          />
        ) : null}
        <label className="only">
          <input
            type="checkbox"
            checked={only}
            onChange={(event) => {
              setOnly(event.target.checked);
              turnTo(0);
            }}
          />
          Only rows with something to say ({page?.said ?? 0})
        </label>
        {left ? (
          <QuietButton onPress={() => void takeLeftOut()}>
            Save the {left === 1 ? 'row' : `${left} rows`} left out, as CSV
          </QuietButton>
        ) : null}
        {page && page.count > atATime ? (
          <Row>
            <QuietButton isDisabled={from === 0} onPress={() => turnTo(Math.max(0, from - atATime))}>
              Rows before
            </QuietButton>
            <Soft as="span">
              {from + 1} to {Math.min(page.count, from + atATime)} of {page.count}
            </Soft>
            <QuietButton isDisabled={from + atATime >= page.count} onPress={() => turnTo(from + atATime)}>
              Rows after
            </QuietButton>
          </Row>
        ) : null}
      </Tools>
      {wrong ? (
        <div style={{ padding: '0 24px' }}>
          <Notice $kind="mend">{wrong}</Notice>
        </div>
      ) : !page ? (
        <p role="status" aria-busy style={{ padding: 24 }}>
          Opening the list …
        </p>
      ) : (
        <Scroll ref={scroll} tabIndex={0} role="region" aria-label="Rows of the list">
          <table>
            <thead>
              <tr>
                <th scope="col" className="no">
                  Row
                </th>
                {Array.from({ length: width }, (_, i) => (
                  <Heading key={i} column={columns.find(({ index }) => index === i)} at={i} onSay={onSay} />
                ))}
              </tr>
            </thead>
            <tbody>
              {page.rows.map((row) => (
                <Line
                  key={row.row}
                  row={row}
                  width={width}
                  columns={columns}
                  place={head === row.row ? 'head' : (head !== null && row.row < head) || !isUsed ? 'beside' : ''}
                  isChosen={chosen?.sheet === page.sheet && chosen.row.row === row.row}
                  onChoose={() => onChoose({ sheet: page.sheet, row })}
                />
              ))}
            </tbody>
          </table>
          {page.rows.length === 0 ? <p style={{ padding: 24 }}>No row has anything to say.</p> : null}
        </Scroll>
      )}
    </Hall>
  );
}

function Heading({
  column,
  at,
  onSay,
}: {
  column: ListColumn | undefined;
  at: number;
  onSay: (wishes: Wish[], label: string) => void;
}) {
  if (!column)
    return (
      <th scope="col">
        <small>Column {at + 1}</small>
      </th>
    );
  const { heading, because } = column;
  return (
    <th scope="col">
      <ColumnMeaning column={column} onSay={onSay} />
      {heading ? null : <ColumnName key={column.key} column={column} onSay={onSay} />}
      <small title={because}>{because}</small>
    </th>
  );
}

function Line({
  row: { row, cells, came, notes },
  width,
  columns,
  place,
  isChosen,
  onChoose,
}: {
  row: SheetRow;
  width: number;
  columns: readonly ListColumn[];
  place: '' | 'head' | 'beside';
  isChosen: boolean;
  onChoose: () => void;
}) {
  const kinds = [...new Set(notes.map(({ kind }) => kind))];
  const status = place === 'head' ? 'headings' : place === 'beside' ? 'not goods' : kinds.map((kind) => words[kind]).join(', ');
  const at = (i: number): string => {
    if (cells[i] !== came[i]) return 'by-hand';
    const heading = columns.find(({ index }) => index === i)?.heading;
    const note = heading ? notes.find(({ column }) => column === heading) : undefined;
    return note && note.kind !== 'left-out' ? note.kind : '';
  };
  const className = [place, kinds.includes('left-out') ? 'left-out' : '', isChosen ? 'chosen' : ''].filter(Boolean).join(' ');
  return (
    <tr className={className || undefined}>
      <th scope="row" className="no">
        <button
          type="button"
          aria-pressed={isChosen}
          aria-label={`Row ${row}${status ? `, ${status}` : ''}: look at it`}
          onClick={onChoose}
        >
          {row}
        </button>
        {status ? <span>{status}</span> : null}
      </th>
      {Array.from({ length: width }, (_, i) => (
        <td key={i} className={at(i) || undefined}>
          {(cells[i] ?? '').slice(0, 200)}
        </td>
      ))}
    </tr>
  );
}
