import { zipSync, strToU8 } from 'fflate';
import {
  pictureSchema,
  change,
  Decided,
  decide,
  fitsPlace,
  historySchema,
  isPlace,
  isSafePath,
  newProject,
  readProject,
  readProjectFile,
  redo,
  startHistory,
  stepsKept,
  undo,
  unpack,
  withdraw,
  writeProjectFile,
} from './index';

const at = '2026-01-01T00:00:00.000Z';
const later = '2026-01-02T00:00:00.000Z';
const project = () => newProject('p1', 'Shop', at);

describe('history', () => {
  test('every step can be taken back and taken again', () => {
    const start = startHistory(project());
    const written = change(start, 'Write the brief', later, (p) => ({ ...p, brief: 'We sell soap.' }));
    const decided = change(written, 'Choose a colour', later, (p) =>
      decide(p, [{ place: 'look/accent', value: '#224466', at: later }]),
    );
    expect(undo(decided, later).project.decisions).toEqual([]);
    expect(undo(undo(decided, later), later).project.brief).toBe('');
    expect(redo(redo(undo(undo(decided, later), later), later), later).project).toEqual(decided.project);
  });

  test('a new step after undo forgets what was undone', () => {
    const one = change(startHistory(project()), 'a', later, (p) => ({ ...p, brief: 'a' }));
    const other = change(undo(one, later), 'b', later, (p) => ({ ...p, brief: 'b' }));
    expect(redo(other, later).project.brief).toBe('b');
  });

  test('a change that changes nothing leaves no trace', () => {
    const start = startHistory(project());
    expect(change(start, 'nothing', later, (p) => ({ ...p, brief: '' })).past).toHaveLength(0);
  });

  test('outlives being stored, and keeps its latest steps', () => {
    let history = startHistory(project());
    for (let i = 0; i < stepsKept + 20; i++) history = change(history, 'type', later, (p) => ({ ...p, brief: `${p.brief}x` }));
    expect(history.past).toHaveLength(stepsKept);
    const stored = historySchema.parse(JSON.parse(JSON.stringify(history)));
    expect(undo(stored, later).project.brief).toHaveLength(stepsKept + 19);
  });
});

describe('decisions', () => {
  test('a later one takes the place of an earlier one, and can be withdrawn', () => {
    const twice = decide(decide(project(), [{ place: 'look/family', value: 'poster', at }]), [
      { place: 'look/family', value: 'quiet', at: later },
    ]);
    expect(twice.decisions).toEqual([{ place: 'look/family', value: 'quiet', at: later }]);
    expect(withdraw(twice, ['look/family']).decisions).toEqual([]);
  });

  test('stand at known places, with values that fit them', () => {
    expect(isPlace('goods/p-cap/p-cap.one/price')).toBe(true);
    expect(isPlace('nowhere/at/all')).toBe(false);
    expect(fitsPlace('look/accent', '#12ab34')).toBe(true);
    expect(fitsPlace('look/accent', 'javascript:alert(1)')).toBe(false);
    expect(fitsPlace('goods/p/v/price', -3)).toBe(false);
  });

  test('with a value of another form is passed over, not trusted', () => {
    const decided = new Decided([{ place: 'till/zones', value: 'everywhere', at }]);
    expect(decided.under('till/')).toHaveLength(1);
    expect(fitsPlace('till/zones', 'everywhere')).toBe(false);
  });
});

describe('a project document', () => {
  test('of version 1 is brought to the present one', () => {
    const old = {
      format: 'arcatum-project',
      version: 1,
      id: 'p',
      name: 'Old',
      created: at,
      changed: later,
      seed: 3,
      brief: 'We sell soap.',
      goods: { file: '', products: [], problems: [] },
      decisions: { 'look/family': 'poster' },
    };
    const read = readProject(old);
    expect(read.ok && read.value).toMatchObject({
      version: 2,
      brief: 'We sell soap.',
      pictures: [],
      decisions: [{ place: 'look/family', value: 'poster', at: later }],
    });
  });

  test.each([
    ['something else', { hello: 1 }, 'not an Arcatum project'],
    ['one from the future', { ...project(), version: 99 }, 'newer Arcatum'],
    ['a damaged one', { ...project(), goods: 7 }, 'damaged at “goods”'],
  ])('%s is refused with a sentence', (_, document, say) => {
    const read = readProject(document);
    expect(read.ok ? '' : read.say).toContain(say);
  });
});

describe('a project file', () => {
  const picture = pictureSchema.parse({ name: 'a.webp', hash: 'a'.repeat(64), type: 'image/webp' as const, width: 4, height: 4 });
  const file = () => ({
    project: { ...project(), brief: 'Ünïcode “brief” 🧶', pictures: [picture] },
    pictures: new Map([[picture.hash, Uint8Array.from([1, 2, 3])]]),
  });

  test('comes back without loss', () => {
    const read = readProjectFile(writeProjectFile(file()));
    expect(read).toEqual({ ok: true, value: file() });
  });

  test('is the same bytes for the same content', () =>
    expect(Buffer.from(writeProjectFile(file())).equals(Buffer.from(writeProjectFile(file())))).toBe(true));

  test.each(['../evil.html', '/etc/passwd', 'a/../../b', 'c:\\x', 'a\\..\\b', 'a//b', ''])(
    'an archive entry “%s” is not safe',
    (path) => expect(isSafePath(path)).toBe(false),
  );

  test('with paths that climb out is refused whole', () => {
    const read = unpack(zipSync({ 'project.json': strToU8('{}'), '../../escape.txt': strToU8('x') }));
    expect(read.ok ? '' : read.say).toContain('points outside');
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
