'use client';

import { useState } from 'react';
import styled from 'styled-components';
import { type KeptList, type KeptQuestion, type ListColumn, type Problem } from '@/core/goods/about';
import { unheadedName } from '@/core/goods/page';
import { corrections, listAnswer, set, type Wish } from '@/core/places';
import { allCurrencies, currencyName } from '@/core/till/page';
import { Choice, Notice, QuietButton, Row, Soft, TextButton } from '../../parts';
import { tokens } from '../../theme';
import { ColumnMeaning, ColumnName } from './ColumnSaid';
import { Lines } from './lines';
import { meant } from './meant';

const Asked = styled.li`
  border: 1px solid ${tokens.ink};
  background: ${tokens.raised};
  padding: 12px 14px;
  display: grid;
  gap: 8px;
  list-style: none;
`;

const kinds: Record<Problem['kind'], string> = {
  'left-out': 'left out',
  mended: 'mended',
  look: 'please look',
  asked: 'not sold until known',
};

const count = (n: number, one: string, more = `${one}s`): string => `${n === 1 ? 'one' : n} ${n === 1 ? one : more}`;

/** How the list was read: what only the seller knows first, then what each column was taken for, then every row with something to say. */
export function ListReport({
  goods,
  moneyKnown,
  onSay,
}: {
  goods: KeptList;
  moneyKnown: boolean;
  onSay: (wishes: Wish[], label: string) => void;
}) {
  const { report, notes, counts, file } = goods;
  const several = (report?.sheets.filter(({ isUsed }) => isUsed).length ?? 0) > 1;
  // What money it is may have been said in the brief since.
  const shown = report?.questions ?? [];
  const questions = shown.filter(({ about }) => about !== 'currency' || !moneyKnown);
  const asked = counts.questions - (shown.length - questions.length);
  return (
    <>
      <h2>{file}</h2>
      <Soft>
        {count(counts.products, 'product')}, {count(counts.variants, 'variant')}
        {asked ? `, ${count(asked, 'question')}` : ''}. Choose a product to change it.
      </Soft>
      {questions.length ? (
        <section aria-label="Questions about the list" style={{ display: 'grid', gap: 8 }}>
          <h3>What only you know</h3>
          <Soft>Until it is answered, what it is about is shown and not sold.</Soft>
          <ul style={{ display: 'grid', gap: 8 }}>
            {questions.slice(0, mostAsked).map((question) => (
              <One key={question.id} question={question} several={several} onSay={onSay} />
            ))}
          </ul>
          {asked > mostAsked ? <Soft>and {asked - mostAsked} more after these.</Soft> : null}
        </section>
      ) : null}
      {report ? <Columns columns={report.columns} onSay={onSay} /> : null}
      <Notes notes={notes} count={counts.notes} several={several} />
    </>
  );
}

const mostAsked = 12;

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

function One({
  question,
  several,
  onSay,
}: {
  question: KeptQuestion;
  /** Whether the file has several sheets. */
  several: boolean;
  onSay: (wishes: Wish[], label: string) => void;
}) {
  const { id, about, say, choices, likeliest, cells, alike } = question;
  const [money, setMoney] = useState(likeliest || 'EUR');
  const answer = (value: string) => onSay([set(listAnswer(id), value)], 'Answer a question about the list');
  const at = ({ sheet, row }: (typeof cells)[number]) => (sheet && several ? `${sheet}, row ${row}` : `row ${row}`);
  const others =
    alike > 1
      ? `${alike} cells are like this: ${cells
          .map((cell) => `${at(cell)}${cell.found ? ` “${cell.found}”` : ''}`)
          .join(', ')}${alike > cells.length ? ' …' : ''}`
      : '';
  return (
    <Asked>
      <p>{say}</p>
      {others ? <small>{others}</small> : cells[0] && cells[0].row > 1 ? <small>{capital(at(cells[0]))}</small> : null}
      {about === 'currency' ? (
        <Row>
          <Choice
            label="Prices are in"
            value={money}
            options={[...new Set([...choices.map(({ value }) => value), ...allCurrencies()])].map((code) => ({
              id: code,
              name: `${currencyName(code)} (${code})`,
            }))}
            onChange={setMoney}
          />
          <QuietButton onPress={() => onSay([set(corrections.currency, money)], 'Say what money the prices are in')}>
            So it is
          </QuietButton>
        </Row>
      ) : (
        <Row>
          {[...choices]
            .sort((a, b) => Number(b.value === likeliest) - Number(a.value === likeliest))
            .map(({ value, say: words }) => (
              <QuietButton key={value} onPress={() => answer(value)}>
                {words}
              </QuietButton>
            ))}
        </Row>
      )}
    </Asked>
  );
}

function Columns({ columns, onSay }: { columns: readonly ListColumn[]; onSay: (wishes: Wish[], label: string) => void }) {
  const [open, setOpen] = useState(false);
  return (
    <section aria-label="What each column is" style={{ display: 'grid', gap: 8, justifyItems: 'start' }}>
      <h3>What each column is</h3>
      <Soft>
        {columns.map(({ heading, index, as }) => `${heading || unheadedName(index)}: ${meant[as].toLowerCase()}`).join('; ')}.
      </Soft>
      <TextButton aria-expanded={open} onPress={() => setOpen(!open)}>
        {open ? 'Put the columns away' : 'Change what a column is'}
      </TextButton>
      {open ? (
        <Lines>
          {columns.map((column) => (
            <li key={column.index}>
              <ColumnMeaning column={column} onSay={onSay} />
              <ColumnName key={column.key} column={column} onSay={onSay} />
              <small>{column.because}</small>
            </li>
          ))}
        </Lines>
      ) : null}
    </section>
  );
}

function Notes({ notes, count: all, several }: { notes: readonly Problem[]; count: number; several: boolean }) {
  if (!all) return <Notice $kind="fine">Every row of the list is in the shop.</Notice>;
  return (
    <section aria-label="Notes on the list">
      <h3>{all === 1 ? 'One note' : `${all} notes`} on the list</h3>
      <Lines>
        {notes.map((problem, i) => (
          <li key={i}>
            <span>
              <b>
                {several && problem.sheet ? `${problem.sheet}, ` : ''}
                {problem.row ? `${several && problem.sheet ? 'row' : 'Row'} ${problem.row}` : 'The list'}
                {problem.column ? `, ${problem.column}` : ''}
              </b>{' '}
              <small style={{ color: problem.kind === 'look' ? tokens.soft : tokens.madder }}>({kinds[problem.kind]})</small>
            </span>
            {problem.say}
          </li>
        ))}
      </Lines>
      {all > notes.length ? <Soft>and {all - notes.length} more.</Soft> : null}
    </section>
  );
}
