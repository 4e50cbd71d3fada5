'use client';

import { useCallback, useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import { clear, type Names, type Place, type Wish } from '@/core/places';
import { type Clash, type KeptProject, type KeptStory, type VersionName, type Standing } from '@/core/project';
import { type Result } from '@/core/result';
import { Keeper, redoSays, undoSays, type Kept } from './keeper';

/** The project that the studio works on, and what can be done to it. */
export interface ProjectState {
  project: KeptProject;
  /** The way that it came. */
  story: KeptStory;
  canUndo: string | null;
  canRedo: string | null;
  saving: Kept['saving'];
  /** Where another tab decided at the same place. */
  clashes: readonly Clash[];
  /** Why what was wished last was not done; empty where it was. */
  refused: string;
  dismissClashes: () => void;
  /** Makes a step that can be taken back. Its sentence follows from what it moves, unless the seller did something with a name. */
  decide: (wishes: Wish | readonly Wish[], label?: string) => void;
  /** Takes decisions back: what was made stands there again. */
  withdraw: (...places: readonly Place[]) => void;
  undo: () => void;
  redo: () => void;
  takeOut: (step: string) => Result<null>;
  nameVersion: (version: VersionName) => void;
  goBackTo: (step: string) => Result<null>;
  /** How the shop is called, for the list of projects. */
  call: (name: string) => void;
  /** What stands in the shop, so that steps can tell what they turned from. */
  show: (standing: Standing) => void;
  /** Puts a settled form of the project in its place. */
  replace: (story: KeptStory) => void;
}

const nothing = () => () => undefined;

/** A project that is kept in the browser after every step. `problem` says why it can't be opened. */
export function useProject(id: string, names: Partial<Names>): { state: ProjectState | null; problem: string } {
  const [keeper, setKeeper] = useState<Keeper | null>(null);
  const [problem, setProblem] = useState('');

  useEffect(() => {
    let gone = false;
    let opened: Keeper | null = null;
    Keeper.open(id).then(
      (found) => {
        if (typeof found === 'string') return gone ? undefined : setProblem(found);
        if (gone) return found.close();
        opened = found;
        setKeeper(found);
      },
      () => setProblem('This browser keeps nothing for websites just now. Allow storage, then reload the page.'),
    );
    return () => {
      gone = true;
      opened?.close();
    };
  }, [id]);

  // What is being typed is kept when the page is hidden, and what is not stored yet is put where that takes no time.
  useEffect(() => {
    if (!keeper) return;
    const leave = () => {
      if (document.visibilityState !== 'hidden') return;
      if (document.activeElement instanceof HTMLElement) document.activeElement.blur();
      keeper.flush();
    };
    const unload = () => keeper.flush();
    document.addEventListener('visibilitychange', leave);
    window.addEventListener('pagehide', unload);
    return () => {
      document.removeEventListener('visibilitychange', leave);
      window.removeEventListener('pagehide', unload);
    };
  }, [keeper]);

  const kept = useSyncExternalStore(
    keeper?.subscribe ?? nothing,
    () => keeper?.state ?? null,
    () => null,
  );
  const decide = useCallback(
    (wishes: Wish | readonly Wish[], label = '') => keeper?.change(label, 'place' in wishes ? [wishes] : wishes),
    [keeper],
  );
  const state = useMemo((): ProjectState | null => {
    if (!keeper || !kept) return null;
    const { story, saving, clashes, refused } = kept;
    return {
      project: story.project,
      story,
      saving,
      clashes,
      refused,
      canUndo: undoSays(story, names),
      canRedo: redoSays(story, names),
      decide,
      withdraw: (...places) => decide(places.map(clear)),
      undo: keeper.undo,
      redo: keeper.redo,
      takeOut: (step) => keeper.takeOut(step, names),
      nameVersion: (version) => keeper.nameVersion(version),
      goBackTo: (step) => keeper.goBackTo(step),
      call: (name) => keeper.call(name),
      show: (standing) => keeper.show(standing),
      replace: (settled) => keeper.replace(settled),
      dismissClashes: () => keeper.dismissClashes(),
    };
  }, [keeper, kept, names, decide]);
  return { state, problem };
}
