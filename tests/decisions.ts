import { readDecisions, type Project } from '@/core/project';
import { type Decisions } from '@/core/places';

/** Decisions as a file of them says them: place → value. One that can't stand where it wants to is a mistake of the test. */
export function decisionsOf(file: Record<string, unknown>): Decisions {
  const { decisions, misfits } = readDecisions(Object.entries(file));
  const [misfit] = misfits;
  if (misfit) throw new Error(`${misfit.place}: ${misfit.because}`);
  return decisions;
}

/** A project with decisions more, as a file of them says them. */
export const withDecisions = (project: Project, file: Record<string, unknown>): Project => ({
  ...project,
  decisions: new Map([...project.decisions, ...decisionsOf(file)]),
});
