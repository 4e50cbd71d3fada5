import { strFromU8, strToU8, zipSync } from 'fflate';
import { goodsSchema, noGoods } from '../goods/about';
import { given, lookPlaces, set, textPlace } from '../places';
import {
  change,
  documentOf,
  isSafePath,
  nameVersion,
  newProject,
  pictureSchema,
  readProject,
  pack,
  readProjectFile,
  sealKeys,
  startStory,
  unpack,
  writeProjectFile,
  type Story,
} from './index';

const report = {
  form: 'comma',
  encoding: 'utf-8',
  headerRow: 1,
  currency: { code: null, because: '' },
  columns: [],
  questions: [],
  counts: { rows: 1, products: 0, variants: 0, leftOut: 0, mended: 0, asked: 0 },
};

const at = (n: number) => new Date(Date.UTC(2026, 0, 1, 0, 0, n)).toISOString();
const story = (): Story => {
  const picture = pictureSchema.parse({ name: 'a.webp', hash: 'a'.repeat(64), type: 'image/webp', width: 4, height: 4 });
  let told = startStory({ ...newProject('p', 'Shop'), brief: 'Ünïcode “brief” 🧶', pictures: [picture] }, at(0));
  told = change(told, '', [set(lookPlaces.corner, 4), set(textPlace('home', 'opening', { field: 'headline' }), 'Soap.')], {
    id: 'a',
    at: at(1),
  });
  told = nameVersion(told, { name: 'Before the fair' }, { id: 'v', at: at(2) });
  return change(told, 'Write the brief', [set(given.brief, 'We sell soap.')], { id: 'b', at: at(3) });
};
const pictures = new Map([['a'.repeat(64), Uint8Array.from([1, 2, 3])]]);

describe('a project document', () => {
  test('comes back as it was, with the way that it came', () => {
    const read = readProject(JSON.parse(JSON.stringify(documentOf(story()))));
    expect(read).toEqual({ ok: true, value: story() });
  });

  test.each([
    [1, { decisions: { 'look/family': 'poster' } }],
    [2, { pictures: [], decisions: [{ place: 'look/family', value: 'poster', at: '2026' }] }],
  ])('of version %i is brought to the present one', (version, own) => {
    const old = { format: 'arcatum-project', version, id: 'p', name: 'Old', created: at(0), changed: at(1), seed: 3 };
    const read = readProject({ ...old, brief: 'We sell soap.', goods: { file: '', products: [], problems: [] }, ...own });
    if (!read.ok) throw new Error(read.say);
    expect(read.value.project).toMatchObject({ name: 'Old', seed: 3, brief: 'We sell soap.', pictures: [] });
    expect([...read.value.project.decisions]).toEqual([['look/family', 'poster']]);
  });

  test('of version 2 has its added pages and sections at places of their own', () => {
    const read = readProject({
      format: 'arcatum-project',
      version: 2,
      id: 'p',
      name: 'Old',
      created: at(0),
      seed: 1,
      brief: '',
      goods: { file: '', products: [], problems: [] },
      pictures: [],
      decisions: [
        {
          place: 'plan/pages',
          value: [
            { id: 'journal', kind: 'journal', name: 'Notes' },
            { id: 'x', kind: 'nothing' },
          ],
        },
        { place: 'plan/home/added', value: [{ id: 'video', kind: 'video' }] },
        { place: 'words/home/why/text-2', value: 'Mine.' },
      ],
    });
    if (!read.ok) throw new Error(read.say);
    expect([...read.value.project.decisions]).toEqual([
      ['added/page/journal', { kind: 'journal', name: 'Notes' }],
      ['added/section/home/video', { kind: 'video' }],
    ]);
    // A text by its position waits until a shop is made that says what stands there.
    expect(read.value.log.misfits).toMatchObject([{ place: 'words/home/why/text-2', value: 'Mine.' }]);
  });

  test.each([
    ['something else', { hello: 1 }, 'not an Arcatum project'],
    ['nothing', null, 'not an Arcatum project'],
    ['one from the future', { ...documentOf(story()), version: 99 }, 'newer Arcatum'],
    ['a damaged one', { ...documentOf(story()), base: 7 }, 'damaged at “base”'],
    ['one whose log is gone', { ...documentOf(story()), changes: 'none' }, 'damaged at “changes”'],
  ])('%s is refused with a sentence', (_, document, say) => {
    const read = readProject(document);
    expect(read.ok ? '' : read.say).toContain(say);
  });

  test('changes that are torn, doubled or of another form are passed over; the rest is kept in its order', () => {
    const document = JSON.parse(JSON.stringify(documentOf(story()))) as { changes: unknown[] };
    const [a, v, b] = document.changes;
    const read = readProject({ ...document, changes: [b, { id: 7 }, a, 'torn', a, null, v, { id: 'n', at: 'x', sets: 3 }] });
    expect(read.ok && read.value.log.changes.map(({ id }) => id)).toEqual(['a', 'v', 'b']);
    expect(read.ok && read.value.project).toEqual(story().project);
  });

  test('“__proto__” is a word like any other', () => {
    const hostile = JSON.parse(
      '{"id":"x","at":"2026-01-09T00:00:00.000Z","label":"","sets":[{"place":"__proto__","after":{"polluted":1}},{"place":"words/__proto__/opening/headline","after":"Hi"},{"place":"look/only/__proto__/constructor","after":"raised"}]}',
    ) as unknown;
    const read = readProject({ ...documentOf(story()), changes: [hostile] });
    if (!read.ok) throw new Error(read.say);
    expect(read.value.log.misfits).toMatchObject([{ place: '__proto__' }]);
    expect([...read.value.project.decisions.keys()]).toEqual([
      'words/__proto__/opening/headline',
      'look/only/__proto__/constructor',
    ]);
    expect(({} as Record<string, unknown>).polluted).toBeUndefined();
  });

  test('of a hundred thousand changes opens', () => {
    const changes = Array.from({ length: 100_000 }, (_, n) => ({
      id: `c${n}`,
      at: new Date(Date.UTC(2026, 0, 1) + n).toISOString(),
      label: '',
      sets: [{ place: 'look/corner', before: n % 90, after: (n + 1) % 90 }],
    }));
    const read = readProject({ ...documentOf(story()), changes });
    expect(read.ok && read.value.project.decisions.get('look/corner')).toBe(100_000 % 90);
    expect(read.ok && read.value.log.changes).toHaveLength(100_000);
  });
});

describe('a project file', () => {
  test('comes back without loss', () =>
    expect(readProjectFile(writeProjectFile({ story: story(), pictures }))).toEqual({
      ok: true,
      value: { story: story(), pictures, sources: new Map() },
    }));

  test('brings its lists along as they came, those of its past too, and nothing that it does not name', () => {
    const listed = (source: string) => goodsSchema.parse({ ...noGoods, file: `${source}.csv`, report: { ...report, source } });
    let told = startStory({ ...newProject('p', 'Shop'), goods: listed('p/one') }, at(0));
    told = change(told, 'Bring in a list', [set(given.goods, listed('p/two'))], { id: 'a', at: at(1) });
    const list = (text: string) => strToU8(text);
    const sources = new Map([
      ['p/one', list('title\nOak\n')],
      ['p/two', list('title\nAsh\n')],
      ['q/other', list('x')],
    ]);
    const read = readProjectFile(writeProjectFile({ story: told, pictures: new Map(), sources }));
    expect(read.ok && [...(read.value.sources ?? [])].map(([key, bytes]) => [key, strFromU8(bytes)]).sort()).toEqual([
      ['p/one', 'title\nOak\n'],
      ['p/two', 'title\nAsh\n'],
    ]);
  });

  test('keys travel sealed, and keys that are none keep no project from being opened', async () => {
    const keys = await sealKeys([{ address: 'ammer', key: 'a-key-of-good-length' }], 'a long passphrase', 100_000);
    const written = writeProjectFile({ story: story(), pictures: new Map(), keys });
    const read = readProjectFile(written);
    expect(read.ok && read.value.keys).toEqual(keys);
    const files = unpack(written);
    if (!files.ok) throw new Error(files.say);
    for (const damaged of ['{', '[]', JSON.stringify({ ...keys, rounds: 1 }), JSON.stringify({ ...keys, rounds: 1e9 })]) {
      const again = readProjectFile(pack([...files.value].map(([path, bytes]) => [path, path === 'keys.json' ? new TextEncoder().encode(damaged) : bytes] as const))); // prettier-ignore
      expect([damaged.slice(0, 20), again.ok, again.ok && again.value.keys]).toEqual([damaged.slice(0, 20), true, undefined]);
    }
  });

  test('is the same bytes for the same content', () => {
    const bytes = () => Buffer.from(writeProjectFile({ story: story(), pictures }));
    expect(bytes().equals(bytes())).toBe(true);
  });

  test('that is cut off anywhere is refused with a sentence, or whole', () => {
    const bytes = writeProjectFile({ story: story(), pictures });
    for (let cut = 0; cut < bytes.length; cut += Math.ceil(bytes.length / 40)) {
      const read = readProjectFile(bytes.slice(0, cut));
      expect([cut, read.ok ? '' : read.say]).toEqual([cut, expect.stringMatching(/\.$/)]);
    }
  });

  test.each(['../evil.html', '/etc/passwd', 'a/../../b', 'c:\\x', 'a\\..\\b', 'a//b', ''])(
    'an archive entry “%s” is not safe',
    (path) => expect(isSafePath(path)).toBe(false),
  );

  test('with paths that climb out is refused whole', () => {
    const read = unpack(zipSync({ 'project.json': strToU8('{}'), '../../escape.txt': strToU8('x') }));
    expect(read.ok ? '' : read.say).toContain('points outside');
  });

  test('that unpacks to more than 1 GiB is refused before it is unpacked', () => {
    const bytes = zipSync({ 'project.json': strToU8('{}'), 'big.bin': new Uint8Array(1000) });
    // What the directory of the archive says of the sizes (APPNOTE 4.3.12: uncompressed size at offset 24 of a central record).
    const view = new DataView(bytes.buffer, bytes.byteOffset);
    for (let i = 0; i + 46 < bytes.length; i++)
      if (view.getUint32(i, true) === 0x02014b50) view.setUint32(i + 24, 0x7fff_ffff, true);
    const read = unpack(bytes);
    expect(read.ok ? '' : read.say).toContain('more than 1 GiB');
  });

  test('that is no archive, or holds no project, is refused with a sentence', () => {
    for (const bytes of [
      Uint8Array.from([1, 2, 3]),
      zipSync({ 'other.txt': strToU8('x') }),
      zipSync({ 'project.json': strToU8('{') }),
    ]) {
      const read = readProjectFile(bytes);
      expect(read.ok ? '' : read.say).toMatch(/\.$/);
    }
  });
});
