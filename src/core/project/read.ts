import { z } from 'zod';
import { isKeptList, type Goods, type KeptList } from '../goods/about';
import { pictureSchema } from '../pictures/about';
import { given, parseAt, type Address, type Misfit, type Value } from '../places';
import { fail, ok, type Result } from '../result';
import { fromFormer } from './former';
import { tellStory, type Change, type SetAt, type Story } from './log';
import { type AnyList, type Project } from './project';

/** Version of project files that this Arcatum writes. */
export const currentVersion = 3;

/** Decisions that came through a door: those that fit, and those that are set aside with the reason. */
export function readDecisions(entries: Iterable<readonly [Address, unknown]>): {
  decisions: Map<Address, Value>;
  misfits: Misfit[];
} {
  const decisions = new Map<Address, Value>();
  const misfits: Misfit[] = [];
  for (const [former, said] of entries)
    for (const [place, value] of fromFormer(former, said)) {
      const parsed = parseAt(place, value);
      if (parsed.ok) decisions.set(place, parsed.value);
      else misfits.push({ place, value: jsonOf(value), because: parsed.because });
    }
  return { decisions, misfits };
}

/** What was said, as far as JSON can hold it. */
const jsonOf = (value: unknown): Value => z.json().safeParse(value).data ?? null;

const entrySchema = z.looseObject({ place: z.string(), value: z.unknown() });

const givenSchema = {
  name: z.string().catch('Shop'),
  seed: z.number().int().nonnegative().catch(1),
  brief: z.string().catch(''),
  goods: z.unknown(),
  pictures: z.array(pictureSchema),
};

const baseSchema = z.object({ ...givenSchema, decisions: z.array(entrySchema).catch([]) });

const setSchema = z.object({
  place: z.string(),
  before: z.unknown().optional(),
  after: z.unknown().optional(),
  stood: z.unknown().optional(),
});

const changeSchema = z.object({
  id: z.string().min(1).max(100),
  at: z.string().max(40),
  label: z.string().max(500).catch(''),
  sets: z.array(setSchema),
  undoes: z.string().max(100).optional(),
  version: z
    .object({
      name: z.string().max(200),
      auto: z.boolean().optional(),
      release: z.string().max(200).optional(),
      of: z.string().max(100).optional(),
    })
    .optional(),
});

const misfitSchema = z.object({ place: z.string(), value: z.json(), because: z.string() });

const documentSchema = z.object({
  id: z.string().min(1).max(100),
  created: z.string(),
  base: baseSchema,
  changes: z.array(z.unknown()),
  misfits: z.array(misfitSchema).catch([]),
});

type Step = (older: Record<string, unknown>) => Record<string, unknown>;

/**
 * Each step takes a document of one version to the next.
 * Version 1 kept decisions as an object of place → value, without the time, and had no pictures of its own.
 * Version 2 kept the project as it stood, without the way that it came.
 */
const steps: Record<number, Step> = {
  1: (older) => ({
    ...older,
    pictures: [],
    decisions: Object.entries(z.record(z.string(), z.unknown()).catch({}).parse(older.decisions)).map(([place, value]) => ({
      place,
      value,
    })),
  }),
  2: ({ id, created, name, seed, brief, goods, pictures, decisions }) => ({
    id,
    created,
    base: { name, seed, brief, goods, pictures, decisions },
    changes: [],
    misfits: [],
  }),
};

/** What a file has of its lists: all of each. Where something is kept in another browser can't be looked at here. */
const isWhole = (list: AnyList): list is Goods => !isKeptList(list);

/** Reads a project document of any version. Says what is wrong where it can't; what can't stand where it wants to is set aside. */
export const readProject = (document: unknown): Result<Story> => readDocument(document, isWhole);

/** Reads a document of which lists are kept apart. */
export const readKeptProject = (document: unknown): Result<Story<KeptList>> => readDocument(document, isKeptList);

function readDocument<List extends AnyList>(document: unknown, isOne: (list: AnyList) => list is List): Result<Story<List>> {
  const head = z.looseObject({ format: z.literal('arcatum-project'), version: z.number().int() }).safeParse(document);
  if (!head.success) return fail('This is not an Arcatum project. Choose a file that was saved with “Export project”.');
  let doc: Record<string, unknown> = head.data;
  let { version } = head.data;
  if (version > currentVersion) return fail('This project was saved by a newer Arcatum. Update Arcatum, then open it again.');
  for (; version < currentVersion; version++) {
    const step = steps[version];
    if (!step) return fail(`This project has version ${version}, which Arcatum no longer reads.`);
    doc = step(doc);
  }
  const parsed = documentSchema.safeParse(doc);
  if (!parsed.success) {
    const issue = parsed.error.issues[0];
    return fail(`The project file is damaged at “${issue?.path.join('/') ?? '?'}”. Open an earlier copy of it.`);
  }
  const { id, created, base, changes, misfits } = parsed.data;
  const goods = parseAt(given.goods.address, base.goods);
  if (!goods.ok || !isOne(goods.value as AnyList))
    return fail('The project file is damaged at “base/goods”. Open an earlier copy of it.');
  const read = readDecisions(base.decisions.map(({ place, value }) => [place, value]));
  const project: Project<List> = { id, ...base, goods: goods.value as List, decisions: read.decisions };
  const told = readTold(changes, isOne);
  return ok(
    tellStory({
      created,
      base: project,
      changes: told.changes,
      misfits: [...misfits, ...read.misfits, ...told.misfits],
    }),
  );
}

/** Changes that came through a door. A set that can't stand where it wants to leaves its change and is set aside. */
export const readChanges = (told: readonly unknown[]): ToldChanges => readTold(told, isWhole);

/** The same where lists are kept apart. */
export const readKeptChanges = (told: readonly unknown[]): ToldChanges => readTold(told, isKeptList);

interface ToldChanges {
  changes: Change[];
  misfits: Misfit[];
}

function readTold(told: readonly unknown[], isOne: (list: AnyList) => boolean): ToldChanges {
  const changes: Change[] = [];
  const misfits: Misfit[] = [];
  const seen = new Set<string>();
  /** What the last change left at a place: mostly what the next one finds there, and parsed already. */
  const left = new Map<Address, Value | undefined>();
  for (const one of told) {
    const parsed = changeSchema.safeParse(one);
    if (!parsed.success || seen.has(parsed.data.id)) continue;
    seen.add(parsed.data.id);
    const { sets, undoes, version, ...rest } = parsed.data;
    changes.push({
      ...rest,
      sets: sets.flatMap(({ place, before, after, stood }): SetAt[] => {
        const was =
          before === left.get(place) ? { value: before as Value | undefined } : parsedOr(place, before, misfits, false, isOne);
        const is = parsedOr(place, after, misfits, true, isOne);
        if (!was || !is) return [];
        left.set(place, is.value);
        const told = stood === undefined ? undefined : parsedOr(place, stood, misfits, false, isOne)?.value;
        return [{ place, before: was.value, after: is.value, ...(told === undefined ? {} : { stood: told }) }];
      }),
      ...(undoes === undefined ? {} : { undoes }),
      ...(version === undefined ? {} : { version: version as NonNullable<Change['version']> }),
    });
  }
  changes.sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : a.id < b.id ? -1 : 1));
  return { changes, misfits };
}

function parsedOr(
  place: Address,
  value: unknown,
  misfits: Misfit[],
  told: boolean,
  isOne: (list: AnyList) => boolean,
): { value: Value | undefined } | null {
  if (value === undefined) return { value: undefined };
  const parsed = parseAt(place, value);
  const isElsewhere = parsed.ok && place === given.goods.address && !isOne(parsed.value as AnyList);
  if (parsed.ok && !isElsewhere) return { value: parsed.value };
  const because = parsed.ok ? 'This list of goods is kept somewhere else.' : parsed.because;
  if (told) misfits.push({ place, value: jsonOf(value), because });
  return null;
}

/** A project's document, to be written as JSON. */
export function documentOf({ log }: Pick<Story<AnyList>, 'log'>): Record<string, unknown> {
  const { id, name, seed, brief, goods, pictures, decisions } = log.base;
  return {
    format: 'arcatum-project',
    version: currentVersion,
    id,
    created: log.created,
    base: {
      name,
      seed,
      brief,
      goods,
      pictures,
      decisions: [...decisions].map(([place, value]) => ({ place, value })),
    },
    changes: log.changes,
    misfits: log.misfits,
  };
}
