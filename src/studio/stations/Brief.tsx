'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import { decodeText } from '@/core/goods/page';
import { correctionOf, areaOf, given, longestBrief, propose, set } from '@/core/places';
import { type Project } from '@/core/project';
import { Field, Head, Notice, Row, SheetBody } from '../parts';
import { OpenFile } from '../OpenFile';
import { withMoves } from '../moves';
import { clearDraft, holdDraft, loadDraft, saveDraft } from '../store';
import { tokens } from '../theme';
import { Change } from './brief/Change';
import { Facts } from './brief/Facts';
import { Ideas } from './brief/Ideas';
import { PickList } from './brief/PickList';
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
  (project.goods.products.length > 0 ||
    [...project.decisions.keys()].some((place) => !['asked', 'reading'].includes(areaOf(place))));

/** The letter: the brief as text, the next question, and what was understood. */
export function BriefStation({ state, shop }: StationProps) {
  const { project, decide } = state;
  const { worker } = shop;
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

  /** What was typed so far becomes a step, as long as nothing else hangs on the brief. */
  const pause = useCallback(() => {
    if (!settled && draft !== project.brief) decide(set(given.brief, draft.slice(0, longestBrief)), 'Write the brief');
  }, [draft, project.brief, settled, decide]);

  useEffect(() => {
    if (draft === project.brief) return;
    const kept = { from: project.brief, text: draft };
    const save = () => void saveDraft(project.id, kept);
    holdDraft(project.id, kept);
    // What was typed outlives a reload; it becomes a step of its own where the seller pauses or leaves it.
    const saving = setTimeout(save, 60);
    const pausing = settled ? undefined : setTimeout(pause, 600);
    return () => {
      clearTimeout(saving);
      clearTimeout(pausing);
    };
  }, [draft, project.brief, project.id, settled, pause]);

  const finish = async (text: string) => {
    void clearDraft(project.id);
    setDraft(text);
    if (text !== project.brief) decide(await withMoves(worker, project, [set(given.brief, text)]), 'Change the brief');
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
          onBlur={pause}
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
        <Change draft={draft} shop={shop} onApply={() => void finish(draft)} onLeave={() => void finish(project.brief)} />
      ) : draft.trim() && shop.summary ? (
        <Questions state={state} shop={shop} enough={enough} onEnough={setEnough} />
      ) : null}
      {reading && draft.trim() ? (
        <>
          {staged ? null : <PickList state={state} reading={reading} onShow={showSource} />}
          <Facts
            reading={reading}
            onShow={showSource}
            onSet={(fact, value) => state.decide(propose(correctionOf(fact), value))}
            onReset={(fact) => state.withdraw(correctionOf(fact))}
          />
          <Ideas state={state} shop={shop} />
        </>
      ) : null}
    </SheetBody>
  );
}
