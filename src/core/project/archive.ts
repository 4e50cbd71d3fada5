import { strFromU8, strToU8, unzipSync, zipSync, type Zippable } from 'fflate';
import { fail, ok, type Result } from '../result';
import { sealedKeysSchema, type SealedKeys } from './keyring';
import { type Goods } from '../goods/about';
import { type Picture } from '../pictures/about';
import { givenFileSchema } from '../goods/about';
import { given, givenAway, locate, productPlaces, type Address } from '../places';
import { documentOf, readProject } from './read';
import { type Story } from './log';
import { isPicture } from './project';

export interface ProjectFile {
  /** The project with the way that it came. */
  story: Story;
  /** Picture bytes by hash. */
  pictures: Map<string, Uint8Array>;
  /** Lists of goods as they came, by the key that their reading has for them. */
  sources?: ReadonlyMap<string, Uint8Array>;
  /** Keys to the addresses that it is published at, under a passphrase. */
  keys?: SealedKeys;
}

/** Unpacked size beyond which an archive is refused. */
const largestArchive = 1024 * 1024 * 1024;

/** An archive's entries may not climb out of the folder that they are unpacked into. */
export function isSafePath(path: string): boolean {
  return (
    path !== '' &&
    !path.startsWith('/') &&
    !path.includes('\\') &&
    !path.includes('\0') &&
    !/^[a-z]:/i.test(path) &&
    path.split('/').every((part) => part !== '..' && part !== '.' && part !== '')
  );
}

/** Unpacks a zip archive, or says why it is refused. Entries that are folders are passed over. */
export function unpack(bytes: Uint8Array): Result<Map<string, Uint8Array>> {
  let total = 0;
  let refusal = '';
  try {
    const entries = unzipSync(bytes, {
      filter: (entry) => {
        if (entry.name.endsWith('/')) return false;
        if (!isSafePath(entry.name))
          refusal = `The archive has an entry that points outside of it (“${entry.name}”), so it was not opened.`;
        total += entry.originalSize;
        if (total > largestArchive) refusal = 'The archive unpacks to more than 1 GiB, so it was not opened.';
        return refusal === '';
      },
    });
    return refusal ? fail(refusal) : ok(new Map(Object.entries(entries)));
  } catch {
    return fail('This file is not a readable zip archive. Choose another one.');
  }
}

/** Packs files so that the same files give the same bytes. Pictures and fonts are stored as they are, being packed already. */
export function pack(files: Iterable<readonly [path: string, bytes: Uint8Array]>): Uint8Array {
  const entries: Zippable = {};
  for (const [path, bytes] of files) {
    const level = /\.(webp|png|jpe?g|gif|avif|woff2|zip)$/.test(path) ? 0 : 6;
    entries[path] = [bytes, { level, mtime: new Date(1980, 0, 1) }];
  }
  return zipSync(entries);
}

/** Every file that a project or its past needs: each picture and its smaller sizes, and what is sold or given away as a file. */
export function hashesOf({ log }: Story): string[] {
  const pictures = [
    ...log.base.pictures,
    ...log.changes.flatMap(({ sets }) =>
      sets.flatMap(({ place, before, after }) =>
        isPicture(place) ? ([before, after].filter((one) => one !== undefined) as Picture[]) : [],
      ),
    ),
  ];
  const files = [
    ...[...log.base.decisions].flatMap(([place, value]) => (isFile(place) ? [value] : [])),
    ...log.changes.flatMap(({ sets }) => sets.flatMap(({ place, before, after }) => (isFile(place) ? [before, after] : []))),
  ];
  return [
    ...new Set([
      ...pictures.flatMap((picture) => [
        picture.hash,
        ...picture.sizes.map((size) => size.hash),
        // What a crop is made of, so that it can be another.
        ...(picture.crop ? [picture.crop.whole.hash, ...picture.crop.whole.sizes.map((size) => size.hash)] : []),
      ]),
      ...files.flatMap((file) => givenFileSchema.safeParse(file).data?.hash ?? []),
    ]),
  ];
}

/** Whether a place holds a file: one that is sold, or one that is given away. */
const isFile = (place: Address): boolean => {
  const id = locate(place)?.kind.id;
  return id === productPlaces.file('').kind.id || id === givenAway.kind.id;
};

/** The keys of every list, as it came, that a project or its past was made from. */
export function sourcesOf({ project, log }: Story): string[] {
  const lists = [
    project.goods,
    log.base.goods,
    ...log.changes.flatMap(({ sets }) =>
      sets.flatMap(({ place, before, after }) =>
        place === given.goods.address ? ([before, after].filter((one) => one !== undefined && one !== null) as Goods[]) : [],
      ),
    ),
  ];
  return [...new Set(lists.flatMap(({ report }) => report?.source ?? []))];
}

/** Where a list stands in the archive: its key without the project that it was brought into. */
const listPath = (key: string): string => `lists/${key.split('/').at(-1) ?? ''}`;

/** The whole project as one file: its document, its pictures, and its lists as they came. */
export function writeProjectFile({ story, pictures, sources, keys }: ProjectFile): Uint8Array {
  const used = hashesOf(story).flatMap((hash) => {
    const bytes = pictures.get(hash);
    return bytes ? [[`pictures/${hash}`, bytes] as const] : [];
  });
  const lists = sourcesOf(story).flatMap((key) => {
    const bytes = sources?.get(key);
    return bytes ? [[listPath(key), bytes] as const] : [];
  });
  const sealed = keys ? [['keys.json', strToU8(JSON.stringify(keys))] as const] : [];
  return pack([['project.json', strToU8(JSON.stringify(documentOf(story), null, 1))], ...used, ...lists, ...sealed]);
}

export function readProjectFile(bytes: Uint8Array): Result<ProjectFile> {
  const files = unpack(bytes);
  if (!files.ok) return files;
  const document = files.value.get('project.json');
  if (!document) return fail('There is no project in this archive. Choose a file that was saved with “Export project”.');
  let parsed: unknown;
  try {
    parsed = JSON.parse(strFromU8(document));
  } catch {
    return fail('The project in this archive is damaged. Open an earlier copy of it.');
  }
  const story = readProject(parsed);
  if (!story.ok) return story;
  const pictures = new Map<string, Uint8Array>();
  for (const hash of hashesOf(story.value)) {
    const found = files.value.get(`pictures/${hash}`);
    if (found) pictures.set(hash, found);
  }
  const sources = new Map(
    sourcesOf(story.value).flatMap((key) => {
      const found = files.value.get(listPath(key));
      return found ? [[key, found] as const] : [];
    }),
  );
  const keys = keysIn(files.value.get('keys.json'));
  return ok({ story: story.value, pictures, sources, ...(keys ? { keys } : {}) });
}

/** Sealed keys as they stand in an archive; what is none opens nothing, and keeps no project from being opened. */
function keysIn(bytes: Uint8Array | undefined): SealedKeys | null {
  if (!bytes) return null;
  try {
    return sealedKeysSchema.safeParse(JSON.parse(strFromU8(bytes))).data ?? null;
  } catch {
    return null;
  }
}
