import { z } from 'zod';
import { fail, ok, type Result } from '../result';
import { projectSchema, type Project } from './schema';

type Step = (older: Record<string, unknown>) => Record<string, unknown>;

/**
 * Each step takes a document of one version to the next.
 * Version 1 kept decisions as an object of place → value, without the time, and had no pictures of its own.
 */
const steps: Record<number, Step> = {
  1: (older) => ({
    ...older,
    version: 2,
    pictures: [],
    decisions: Object.entries(z.record(z.string(), z.json()).catch({}).parse(older.decisions)).map(([place, value]) => ({
      place,
      value,
      at: typeof older.changed === 'string' ? older.changed : '',
    })),
  }),
};

const current = 2;

/** Reads a project document of any version. Says what is wrong where it can't. */
export function readProject(document: unknown): Result<Project> {
  const head = z.looseObject({ format: z.literal('arcatum-project'), version: z.number().int() }).safeParse(document);
  if (!head.success) return fail('This is not an Arcatum project. Choose a file that was saved with “Export project”.');
  let doc: Record<string, unknown> = head.data;
  let version = head.data.version;
  if (version > current) return fail('This project was saved by a newer Arcatum. Update Arcatum, then open it again.');
  for (; version < current; version++) {
    const step = steps[version];
    if (!step) return fail(`This project has version ${version}, which Arcatum no longer reads.`);
    doc = step(doc);
  }
  const parsed = projectSchema.safeParse(doc);
  if (parsed.success) return ok(parsed.data);
  const issue = parsed.error.issues[0];
  return fail(`The project file is damaged at “${issue?.path.join('/') ?? '?'}”. Open an earlier copy of it.`);
}
