import { basename, dirname, join } from 'node:path';
import { readProjectFile } from '@/core/project';
import { settlePositions } from '@/core/site';
import { read, readPictures, readText, Refusal, taken, type Values } from './caller';
import { readMappingFile } from './goods';
import { loadProject, type Loaded } from './inputs';

export const assetFolder = (values: { pictures?: string | undefined }, goodsPath: string) =>
  values.pictures ?? join(dirname(goodsPath), 'pictures');

function seedOf(text: string | undefined): number {
  const seed = text === undefined ? 1 : Number(text);
  if (!Number.isSafeInteger(seed) || seed < 0) throw new Refusal('The seed is not a whole number from 0 up.');
  return seed;
}

function readDecisionsFile(path: string | undefined): unknown {
  if (!path) return {};
  const text = readText(path, 'file of decisions');
  try {
    return JSON.parse(text);
  } catch {
    throw new Refusal('The file of decisions is not JSON.');
  }
}

/** The project that the caller gives: a file of it, or the files that one is made of. */
export async function given(values: Values, goodsNeeded: boolean): Promise<Loaded> {
  if (values.project) return { ...openProject(values.project), problems: [] };
  const brief = readText(values.brief, 'brief');
  const goodsPath = values.goods ?? '';
  const goods = goodsNeeded || values.goods ? read(values.goods, 'list of goods') : null;
  return taken(
    await loadProject({
      brief,
      goods: goods && { file: basename(goodsPath), bytes: goods },
      pictures: readPictures(assetFolder(values, goodsPath)),
      decisions: readDecisionsFile(values.decisions),
      mapping: readMappingFile(values.mapping),
      seed: seedOf(values.seed),
      id: 'command-line',
      created: '1970-01-01T00:00:00.000Z',
    }),
  );
}

/** Opens a project file, of any version. */
export function openProject(path: string): Pick<Loaded, 'story' | 'pictures'> {
  const file = taken(readProjectFile(read(path, 'project')));
  return { story: settlePositions(file.story), pictures: file.pictures };
}
