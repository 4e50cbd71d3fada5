import { applyPatches, enablePatches, produceWithPatches, setAutoFreeze, type Patch } from 'immer';
import { z } from 'zod';
import { projectSchema, type Project } from './schema';

enablePatches();
// Nothing here changes a value in place; freezing ten thousand products after every step would only cost time.
setAutoFreeze(false);

const patchSchema = z.object({
  op: z.enum(['add', 'remove', 'replace']),
  path: z.array(z.union([z.string(), z.number()])),
  value: z.unknown().optional(),
});

const stepSchema = z.object({
  label: z.string(),
  at: z.string(),
  forth: z.array(patchSchema),
  back: z.array(patchSchema),
});

/** A project with the way it came: every step can be taken back and taken again. */
export const historySchema = z.object({
  project: projectSchema,
  past: z.array(stepSchema),
  future: z.array(stepSchema),
});

export type Step = z.infer<typeof stepSchema>;
export type History = z.infer<typeof historySchema>;

/** How many steps are kept. Older ones stay done but can't be taken back. */
export const stepsKept = 200;

export const startHistory = (project: Project): History => ({ project, past: [], future: [] });

/** Makes a step. A change that changes nothing leaves no trace. */
export function change(history: History, label: string, now: string, next: (project: Project) => Project): History {
  const wanted = next(history.project);
  if (wanted === history.project) return history;
  const [project, forth, back] = produceWithPatches(history.project, (draft) => {
    for (const key of ['name', 'seed', 'brief', 'goods', 'pictures', 'decisions'] as const) {
      if (wanted[key] !== history.project[key]) Object.assign(draft, { [key]: wanted[key] });
    }
  });
  if (forth.length === 0) return history;
  const step: Step = { label, at: now, forth, back };
  return { project: { ...project, changed: now }, past: [...history.past, step].slice(-stepsKept), future: [] };
}

export function undo(history: History, now: string): History {
  const step = history.past.at(-1);
  if (!step) return history;
  const project = applyPatches(history.project, step.back as Patch[]);
  return { project: { ...project, changed: now }, past: history.past.slice(0, -1), future: [step, ...history.future] };
}

export function redo(history: History, now: string): History {
  const [step, ...future] = history.future;
  if (!step) return history;
  const project = applyPatches(history.project, step.forth as Patch[]);
  return { project: { ...project, changed: now }, past: [...history.past, step], future };
}
