'use client';

import { useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import { decodeText } from '@/core/goods';
import { type Project } from '@/core/project';
import { Field, Head, Notice, Row, SheetBody } from '../parts';
import { OpenFile } from '../OpenFile';
import { clearDraft, loadDraft, saveDraft } from '../store';
import { tokens } from '../theme';
import { Change } from './brief/Change';
import { Facts } from './brief/Facts';
import { Ideas } from './brief/Ideas';
import { Questions } from './brief/Questions';
import { type StationProps } from './station';

const Letter = styled.div`
  position: relative;
  textarea {
    min-height: 210px;
    background: ${tokens.raised};
  }
`;

const languages: Record<string, string> = {
  de: 'German',
  fr: 'French',
  es: 'Spanish',
  pt: 'Portuguese',
  it: 'Italian',
  nl: 'Dutch',
  sv: 'Swedish',
  pl: 'Polish',
  cs: 'Czech',
  hu: 'Hungarian',
  ro: 'Romanian',
  tr: 'Turkish',
  ru: 'Russian',
  uk: 'Ukrainian',
  el: 'Greek',
  ja: 'Japanese',
  ko: 'Korean',
  zh: 'Chinese',
  ar: 'Arabic',
};

/** Whether a shop stands on the brief by now: then a change of it is shown before it is done. */
const isSettled = (project: Project): boolean =>
  project.brief.trim() !== '' &&
  (project.goods.products.length > 0 || project.decisions.some(({ place }) => !/^(?:asked|reading)\//.test(place)));

/** The letter: the brief as text, the next question, and what was understood. */
export function BriefStation({ state, shop }: StationProps) {
  const { project, change } = state;
  const [draft, setDraft] = useState(project.brief);
  const [known, setKnown] = useState(project.brief);
  const [wrong, setWrong] = useState('');
  const [enough, setEnough] = useState(false);
  const area = useRef<HTMLDivElement>(null);
  const settled = isSettled(project);
  const staged = settled && draft !== project.brief;

  // Undo, an answer, or another way of changing the brief, shows in the letter.
  if (known !== project.brief) {
    setKnown(project.brief);
    setDraft(project.brief);
  }

  // A change that was not done yet outlives a reload.
  useEffect(() => {
    let gone = false;
    void loadDraft(project.id).then((kept) => {
      if (!gone && kept && kept.from === project.brief) setDraft(kept.text);
    });
    return () => {
      gone = true;
    };
    // Once, when the station is entered.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [project.id]);

  useEffect(() => {
    if (draft === project.brief) return;
    const timer = setTimeout(() => {
      if (settled) void saveDraft(project.id, { from: project.brief, text: draft });
      else change('Write the brief', (p) => ({ ...p, brief: draft }));
    }, 450);
    return () => clearTimeout(timer);
  }, [draft, project.brief, project.id, settled, change]);

  const finish = (text: string) => {
    void clearDraft(project.id);
    if (text !== project.brief) change('Change the brief', (p) => ({ ...p, brief: text }));
    setDraft(text);
  };

  const reading = shop.summary?.reading;
  const language = reading?.language;
  const foreign =
    language && language.value !== 'en' && language.confidence >= 0.6 ? (languages[language.value] ?? 'another language') : null;
  const showSource = (source: { start: number; end: number } | null) => {
    const textarea = area.current?.querySelector('textarea');
    if (!source || !textarea) return;
    textarea.focus();
    textarea.setSelectionRange(source.start, source.end);
    textarea.scrollTop = (source.start / Math.max(1, draft.length)) * textarea.scrollHeight - textarea.clientHeight / 2;
  };

  return (
    <SheetBody>
      <Head title="Brief">Write or paste what you would tell a friend who builds your shop.</Head>
      <Letter ref={area}>
        <Field
          label="Your brief"
          rows={9}
          value={draft}
          onChange={setDraft}
          placeholder="What the business is called, what you sell, how it is made, who buys it, where you are, how to reach you; how the shop should feel, which colours you want and which you don’t."
        />
      </Letter>
      <Row>
        <OpenFile
          quiet
          accept={['text/plain', '.txt', '.md']}
          onOpen={([file]) => {
            const text = file ? decodeText(file.bytes) : null;
            if (!text) return;
            setWrong(text.ok ? '' : text.say.replace(/Choose a (list|CSV).*$/, 'Choose a plain text file.'));
            if (text.ok) setDraft(text.value);
          }}
        >
          Open a text file
        </OpenFile>
        <small>{draft.trim() ? `${draft.trim().split(/\s+/).length} words` : ''}</small>
      </Row>
      {wrong ? <Notice $kind="mend">{wrong}</Notice> : null}
      {!draft.trim() ? <Notice>The brief is empty. Two or three sentences are enough to begin with.</Notice> : null}
      {foreign ? (
        <Notice>
          This brief is in {foreign}. Arcatum reads English so far: it keeps what is certain in any language, such as addresses,
          numbers and currency, and asks for the rest.
        </Notice>
      ) : null}
      {staged ? (
        <Change draft={draft} shop={shop} onApply={() => finish(draft)} onLeave={() => finish(project.brief)} />
      ) : draft.trim() && shop.summary ? (
        <Questions state={state} shop={shop} enough={enough} onEnough={setEnough} />
      ) : null}
      {reading && draft.trim() ? (
        <>
          <Facts
            reading={reading}
            onShow={showSource}
            onSet={(fact, value) => state.decide({ [`reading/${fact}`]: value })}
            onReset={(fact) => state.withdraw([`reading/${fact}`])}
          />
          <Ideas state={state} shop={shop} />
        </>
      ) : null}
    </SheetBody>
  );
}
