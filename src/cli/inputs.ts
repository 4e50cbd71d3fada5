import { z } from 'zod';
import { hintsOf, languagesAround } from '@/core/brief';
import { decidedGoods, importSource, matchPictures, openSource, type Mapping } from '@/core/goods';
import { keepPicture, missingPictures } from '@/core/pictures';
import { Decided, given, lookPlaces, set, type Wish } from '@/core/places';
import { newProject, readDecisions, startStory, withWishes, type Problem, type Project, type Story } from '@/core/project';
import { fail, ok, type Result } from '@/core/result';
import { settlePositions } from '@/core/site';
import { serverCodec } from './codec';

export interface Inputs {
  brief: string;
  goods: { file: string; bytes: Uint8Array } | null;
  /** By file name. */
  pictures: ReadonlyMap<string, Uint8Array>;
  /** Place → value. */
  decisions: unknown;
  /** What is said of the list. */
  mapping: Mapping;
  seed: number;
  /** Which project it is, and when it begins. */
  id: string;
  created: string;
}

export interface Loaded {
  story: Story;
  /** Picture bytes by hash. */
  pictures: Map<string, Uint8Array>;
  problems: Problem[];
}

/** A word on something that was given and is not in the shop as it was given. */
const noted = (column: string, say: string, kind: Problem['kind'] = 'look'): Problem => ({
  sheet: '',
  row: 0,
  column,
  kind,
  say,
  found: '',
});

/** Brings a project together from files, as the studio does from what is dropped on it. */
export async function loadProject(inputs: Inputs): Promise<Result<Loaded>> {
  if (!inputs.brief.trim()) return fail('The brief is empty. Write a few sentences about the business into it.');
  let project: Project = { ...newProject(inputs.id, 'Shop'), seed: inputs.seed, brief: inputs.brief };
  const problems: Problem[] = [];
  const pictures = new Map(inputs.pictures);
  if (inputs.goods) {
    const source = openSource(inputs.goods.bytes, inputs.goods.file, () => languagesAround(inputs.brief));
    if (!source.ok) return source;
    const goods = importSource(source.value, hintsOf(inputs.brief), inputs.mapping);
    if (!goods.ok) return goods;
    for (const { name, bytes } of source.value.pictures) pictures.set(name, bytes);
    project = { ...project, goods: { file: inputs.goods.file, ...goods.value } };
    problems.push(...goods.value.problems);
  }
  const file = z.record(z.string(), z.unknown()).safeParse(inputs.decisions ?? {});
  if (!file.success) return fail('The file of decisions is not an object of place and value.');
  const read = readDecisions(Object.entries(file.data));
  const settled = settlePositions(startStory({ ...project, decisions: read.decisions }, inputs.created, read.misfits));
  for (const { place, because } of settled.log.misfits) {
    if (because !== unknownPlace) return fail(`The decision at “${place}” has a value that can't stand there. ${because}`);
    problems.push(noted(place, `“${place}” is no place that Arcatum knows; the decision is set aside.`));
  }
  const { log } = settled;
  project = log.base;
  const kept = await takePictures(pictures, project);
  problems.push(...kept.problems);
  const base = withWishes(project, kept.wishes);
  return ok({ story: startStory(base, log.created, log.misfits), pictures: kept.files, problems });
}

/** What is said of an address that no kind of place has. */
const unknownPlace = 'Arcatum knows no such place.';

/** Takes in the pictures that show the goods, as far as list or file name tell, and the one that the look calls by name. */
export async function takePictures(
  pictures: ReadonlyMap<string, Uint8Array>,
  project: Project,
): Promise<{ wishes: Wish[]; files: Map<string, Uint8Array>; problems: Problem[] }> {
  const problems: Problem[] = [];
  const files = new Map<string, Uint8Array>();
  const wishes: Wish[] = [];
  // Pictures that the seller chose for a place, beside those of the goods.
  const chosen = [
    { what: 'logo', place: lookPlaces.logo.address },
    { what: 'picture to open with', place: lookPlaces.openingShows.address },
  ].flatMap(({ what, place }) => {
    const name = project.decisions.get(place);
    return typeof name === 'string' ? [{ what, place, name }] : [];
  });
  const there = new Set(project.pictures.map((picture) => picture.name.toLowerCase()));
  const found = matchPictures(project.goods.products, [...pictures.keys()], there);
  const named = new Set(found.matched.map(({ name }) => name.toLowerCase()));
  for (const { name } of chosen) named.add(name.toLowerCase());
  for (const [name, bytes] of [...pictures].sort(([a], [b]) => (a < b ? -1 : 1))) {
    if (!named.has(name.toLowerCase())) continue;
    const kept = await keepPicture(name, bytes, serverCodec);
    if (!kept.ok) {
      problems.push(noted('', kept.say, 'left-out'));
      continue;
    }
    wishes.push(set(given.picture(kept.value.picture.name), kept.value.picture));
    there.add(kept.value.picture.name.toLowerCase());
    for (const say of kept.value.notes) problems.push(noted('picture', say));
    for (const [hash, file] of kept.value.files) files.set(hash, file);
  }
  wishes.push(...found.wishes);
  const alone = found.alone.filter((name) => !named.has(name.toLowerCase()));
  if (alone.length)
    problems.push(
      noted(
        'picture',
        `${alone.length === 1 ? 'One picture belongs' : `${alone.length} pictures belong`} to nothing by list or name: ${alone.slice(0, 5).join(', ')}${alone.length > 5 ? ' …' : ''}.`,
      ),
    );
  const pictured = decidedGoods(project.goods.products, new Decided(withWishes(project, wishes).decisions), 0, 0).products;
  for (const { name, product } of missingPictures(pictured, there))
    problems.push(noted('picture', `The picture “${name}” of “${product}” was not found.`));
  for (const { what, place, name } of chosen)
    if (!there.has(name.toLowerCase())) problems.push(noted(place, `The ${what} “${name}” was not found among the pictures.`));
  return { wishes, files, problems };
}
