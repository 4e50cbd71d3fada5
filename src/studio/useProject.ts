'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { change, decide, redo, undo, withdraw, type DecisionValue, type History, type Project, placeLabel } from '@/core/project';
import { loadHistory, saveHistory } from './store';

export interface ProjectState {
  project: Project;
  canUndo: string | null;
  canRedo: string | null;
  saving: 'saved' | 'saving' | string;
  /** Makes a step that can be taken back. */
  change: (label: string, next: (project: Project) => Project) => void;
  decide: (decisions: Record<string, DecisionValue>, label?: string) => void;
  withdraw: (places: string[]) => void;
  undo: () => void;
  redo: () => void;
}

const now = () => new Date().toISOString();

/** A project that is kept in the browser after every step. `problem` says why it can't be opened. */
export function useProject(id: string): { state: ProjectState | null; problem: string } {
  const [history, setHistory] = useState<History | null>(null);
  const [problem, setProblem] = useState('');
  const [saving, setSaving] = useState<ProjectState['saving']>('saved');
  const queue = useRef(Promise.resolve());
  const current = useRef<History | null>(null);

  useEffect(() => {
    let gone = false;
    loadHistory(id).then(
      (found) => {
        if (gone) return;
        if (typeof found === 'string') return setProblem(found);
        current.current = found;
        setHistory(found);
      },
      () => setProblem('This browser keeps nothing for websites just now. Allow storage, then reload the page.'),
    );
    return () => {
      gone = true;
    };
  }, [id]);

  const step = useCallback((next: (history: History) => History) => {
    const before = current.current;
    if (!before) return;
    const after = next(before);
    if (after === before) return;
    current.current = after;
    setHistory(after);
    setSaving('saving');
    // One write after another, and only the newest of those that wait.
    queue.current = queue.current.then(async () => {
      if (current.current !== after) return;
      try {
        await saveHistory(after);
        if (current.current === after) setSaving('saved');
      } catch (error) {
        setSaving(error instanceof Error ? error.message : String(error));
      }
    });
  }, []);

  const changeProject = useCallback(
    (label: string, next: (project: Project) => Project) => step((h) => change(h, label, now(), next)),
    [step],
  );
  const decideAll = useCallback(
    (decisions: Record<string, DecisionValue>, label?: string) => {
      const made = Object.entries(decisions).map(([place, value]) => ({ place, value, at: now() }));
      changeProject(label ?? placeLabel(made[0]?.place ?? ''), (project) => decide(project, made));
    },
    [changeProject],
  );
  const withdrawAll = useCallback(
    (places: string[]) => changeProject('Take a decision back', (project) => withdraw(project, places)),
    [changeProject],
  );
  const undoStep = useCallback(() => step((h) => undo(h, now())), [step]);
  const redoStep = useCallback(() => step((h) => redo(h, now())), [step]);

  if (!history) return { state: null, problem };
  return {
    problem,
    state: {
      project: history.project,
      canUndo: history.past.at(-1)?.label ?? null,
      canRedo: history.future[0]?.label ?? null,
      saving,
      change: changeProject,
      decide: decideAll,
      withdraw: withdrawAll,
      undo: undoStep,
      redo: redoStep,
    },
  };
}
