import { z } from 'zod';
import { projectSchema, type Project } from './schema';

/** The parts of a project that steps replace. Each is replaced whole; what a part shares with the one before is kept once. */
const parts = ['name', 'seed', 'brief', 'goods', 'pictures', 'decisions'] as const;

type Parts = Partial<Pick<Project, (typeof parts)[number]>>;

// Written by this very module, and long: looked at from outside only.
const partsSchema = z.custom<Parts>(
  (value) =>
    typeof value === 'object' && value !== null && Object.keys(value).every((key) => (parts as readonly string[]).includes(key)),
);

const stepSchema = z.object({ label: z.string(), at: z.string(), before: partsSchema, after: partsSchema });

/** A project with the way it came: every step can be taken back and taken again. */
export const historySchema = z.object({ project: projectSchema, past: z.array(stepSchema), future: z.array(stepSchema) });

export type Step = z.infer<typeof stepSchema>;
export type History = z.infer<typeof historySchema>;

/** How many steps are kept. Older ones stay done but can't be taken back. */
export const stepsKept = 200;

export const startHistory = (project: Project): History => ({ project, past: [], future: [] });

/** Makes a step. A change that changes nothing leaves no trace. */
export function change(history: History, label: string, now: string, next: (project: Project) => Project): History {
  const { project } = history;
  const wanted = next(project);
  const changed = parts.filter((part) => wanted[part] !== project[part]);
  if (changed.length === 0) return history;
  const only = (of: Project): Parts => Object.fromEntries(changed.map((part) => [part, of[part]]));
  const step: Step = { label, at: now, before: only(project), after: only(wanted) };
  return { project: { ...project, ...step.after, changed: now }, past: [...history.past, step].slice(-stepsKept), future: [] };
}

export function undo(history: History, now: string): History {
  const step = history.past.at(-1);
  if (!step) return history;
  return {
    project: { ...history.project, ...step.before, changed: now },
    past: history.past.slice(0, -1),
    future: [step, ...history.future],
  };
}

export function redo(history: History, now: string): History {
  const [step, ...future] = history.future;
  if (!step) return history;
  return { project: { ...history.project, ...step.after, changed: now }, past: [...history.past, step], future };
}
