import { z } from 'zod';
import { importGoods } from '@/core/goods';
import { keepPicture, missingPictures } from '@/core/pictures';
import { serverCodec } from './codec';
import { fitsPlace, isPlace, newProject, type Picture, type Problem, type Project } from '@/core/project';
import { fail, ok, type Result } from '@/core/result';

export interface Inputs {
  brief: string;
  goods: { file: string; bytes: Uint8Array } | null;
  /** By file name. */
  pictures: ReadonlyMap<string, Uint8Array>;
  /** Place → value. */
  decisions: unknown;
  seed: number;
}

export interface Loaded {
  project: Project;
  /** Picture bytes by hash. */
  pictures: Map<string, Uint8Array>;
  problems: Problem[];
}

/** Brings a project together from files, as the studio does from what is dropped on it. */
export async function loadProject(inputs: Inputs): Promise<Result<Loaded>> {
  if (!inputs.brief.trim()) return fail('The brief is empty. Write a few sentences about the business into it.');
  let project = { ...newProject('command-line', 'Shop', '1970-01-01T00:00:00.000Z'), seed: inputs.seed, brief: inputs.brief };
  const problems: Problem[] = [];
  const bytesByHash = new Map<string, Uint8Array>();
  if (inputs.goods) {
    const goods = importGoods(inputs.goods.bytes);
    if (!goods.ok) return goods;
    project = {
      ...project,
      goods: {
        file: inputs.goods.file,
        currency: goods.value.currency,
        digits: goods.value.digits,
        products: goods.value.products,
        problems: goods.value.problems,
      },
    };
    problems.push(...goods.value.problems);
  }
  const decisions = z.record(z.string(), z.json()).safeParse(inputs.decisions ?? {});
  if (!decisions.success) return fail('The file of decisions is not an object of place and value.');
  for (const [place, value] of Object.entries(decisions.data)) {
    if (!isPlace(place))
      problems.push({
        row: 0,
        column: place,
        kind: 'look',
        say: `“${place}” is no place that Arcatum knows; the decision is set aside.`,
      });
    else if (!fitsPlace(place, value)) return fail(`The decision at “${place}” has a value that can't stand there.`);
  }
  const named = new Set(project.goods.products.flatMap((product) => product.pictures.map((name) => name.toLowerCase())));
  const logo = decisions.data['look/logo'];
  if (typeof logo === 'string') named.add(logo.toLowerCase());
  const pictures: Picture[] = [];
  for (const [name, bytes] of [...inputs.pictures].sort(([a], [b]) => (a < b ? -1 : 1))) {
    if (!named.has(name.toLowerCase())) continue;
    const kept = await keepPicture(name, bytes, serverCodec);
    if (!kept.ok) {
      problems.push({ row: 0, column: '', kind: 'left-out', say: kept.say });
      continue;
    }
    pictures.push(kept.value.picture);
    for (const say of kept.value.notes) problems.push({ row: 0, column: 'picture', kind: 'look', say });
    for (const [hash, file] of kept.value.files) bytesByHash.set(hash, file);
  }
  for (const { name, product } of missingPictures(
    project.goods.products,
    new Set(pictures.map((picture) => picture.name.toLowerCase())),
  )) {
    problems.push({ row: 0, column: 'picture', kind: 'look', say: `The picture “${name}” of “${product}” was not found.` });
  }
  if (typeof logo === 'string' && !pictures.some((picture) => picture.name.toLowerCase() === logo.toLowerCase()))
    problems.push({ row: 0, column: 'look/logo', kind: 'look', say: `The logo “${logo}” was not found among the pictures.` });
  const at = project.created;
  return ok({
    project: { ...project, pictures, decisions: Object.entries(decisions.data).map(([place, value]) => ({ place, value, at })) },
    pictures: bytesByHash,
    problems,
  });
}
