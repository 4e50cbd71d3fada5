'use client';

import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { type Reading } from '@/core/brief';
import { isJudged, shopLanguage } from '@/core/brief/page';
import { decodeText } from '@/core/goods/page';
import { isLanguage } from '@/core/phrases/about';
import { correctionOf, areaOf, given, longestBrief, propose, set, type Wish } from '@/core/places';
import { type KeptProject } from '@/core/project';
import { Head, Notice, Row, SheetBody } from '../parts';
import { OpenFile } from '../OpenFile';
import { withMoves } from '../moves';
import { clearDraft, holdDraft, loadDraft, saveDraft } from '../store';
import { Change } from './brief/Change';
import { Facts } from './brief/Facts';
import { Ideas } from './brief/Ideas';
import { Letter } from './brief/Letter';
import { PickList } from './brief/PickList';
import { Questions } from './brief/Questions';
import { type StationProps } from './station';

/** What Arcatum makes of a brief in another language than English. */
function ofLanguage({ spoken, language }: Reading): string {
  const nameOf = (code: string) => new Intl.DisplayNames(['en'], { type: 'language' }).of(code) ?? code;
  const name = nameOf(spoken);
  const shop = shopLanguage(language);
  const reads = 'names, places, money and how to reach you';
  if (isLanguage(spoken) && shop !== spoken)
    return `This brief is in ${name}, and the shop is to be in ${nameOf(shop)}: no sentence of the brief is printed.`;
  return shop === spoken
    ? `This brief is in ${name}, and so is the shop. Arcatum reads ${reads} in it, and little of what its sentences say: say of each, below, whether it may be printed.`
    : `This brief is in ${name}. Arcatum writes shops in English and German so far, and this one in English: it reads ${reads}, and prints no sentence of the brief.`;
}

/** Whether a shop stands on the brief by now: then a change of it is shown before it is done. */
const isSettled = (project: KeptProject): boolean =>
  project.brief.trim() !== '' &&
  (project.goods.counts.products > 0 ||
    [...project.decisions.keys()].some((place) => !['asked', 'reading'].includes(areaOf(place))));

/** The letter: the brief as text, the next question, and what was understood. */
export function BriefStation({ state, shop, goTo, spot, onSpotSeen, onLight }: StationProps) {
  const { project, decide } = state;
  const { worker } = shop;
  const [draft, setDraft] = useState(project.brief);
  const [known, setKnown] = useState(project.brief);
  const [wrong, setWrong] = useState('');
  const [enough, setEnough] = useState(false);
  const [at, setAt] = useState<number | null>(null);
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

  const finish = async (text: string, wishes: readonly Wish[] = []) => {
    void clearDraft(project.id);
    setDraft(text);
    if (text !== project.brief)
      decide([...(await withMoves(worker, project, [set(given.brief, text)])), ...wishes], 'Change the brief');
  };

  const reading = shop.summary?.reading;
  const made = useMemo(
    () => (shop.summary && shop.settled && draft === project.brief ? shop.summary : null),
    [shop.summary, shop.settled, draft, project.brief],
  );
  const showSource = useCallback((source: { start: number; end: number } | null) => {
    const textarea = area.current?.querySelector('textarea');
    if (!source || !textarea) return;
    textarea.focus();
    textarea.setSelectionRange(source.start, source.end);
    setAt(source.start);
    textarea.scrollTop = (source.start / Math.max(1, textarea.value.length)) * textarea.scrollHeight - textarea.clientHeight / 2;
  }, []);

  // The window leads back to the words that a text was made of.
  useEffect(() => {
    if (!spot) return;
    showSource(spot);
    onSpotSeen();
  }, [spot, showSource, onSpotSeen]);

  return (
    <SheetBody>
      <Head title="Brief">Write or paste what you would tell a friend who builds your shop.</Head>
      <Letter
        area={area}
        draft={draft}
        onChange={setDraft}
        onLeave={pause}
        at={at}
        onPoint={setAt}
        made={made}
        goTo={goTo}
        onLight={onLight}
      />
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
      {reading && !isJudged(reading.spoken) ? <Notice>{ofLanguage(reading)}</Notice> : null}
      {staged ? (
        <Change
          draft={draft}
          shop={shop}
          onApply={(wishes) => void finish(draft, wishes)}
          onLeave={() => void finish(project.brief)}
        />
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
