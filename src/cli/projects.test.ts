import { execFileSync, spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const folder = mkdtempSync(join(tmpdir(), 'arcatum-projects-'));
const at = (name: string) => join(folder, name);
const run = (...args: string[]) => spawnSync('node', ['bin/arcatum.mjs', ...args], { encoding: 'utf8' });

/** Runs a command that has to go well, and gives what it prints. */
function printed(...args: string[]): string {
  const { status, stdout, stderr } = run(...args);
  expect([status, stderr]).toEqual([0, '']);
  return stdout;
}

interface Changed {
  steps: { id: string; says: string }[];
  setAside: { place: string; because: string }[];
}
const changed = (...args: string[]): Changed => JSON.parse(printed('change', ...args)) as Changed;

interface PlaceNow {
  place: string;
  kind: string;
  value: unknown;
  says: string;
  because: string;
}
const placesOn = (project: string, page = 'home'): PlaceNow[] =>
  JSON.parse(printed('places', '--project', at(project), '--page', page)) as PlaceNow[];

const first = '"It cuts like the day I got it, and that was six years ago." — Beat Rickenbacher';
const second = '"My loaf finally has straight slices." — Ladina Caviezel';
const third = '"The handle fits my small hand." — Flurina Derungs';
const brief = (...quotes: string[]) =>
  `Hollerbach is a knife workshop in Schwyz. We forge kitchen knives from one bar of steel and fit handles of pear wood. We sell in Swiss francs.\n\nReviews:\n${quotes.join('\n')}\n\nvreni@hollerbach.example\n`;

beforeAll(() => {
  // Bundles the command line first, if that is due.
  execFileSync('node', ['bin/arcatum.mjs', 'read', '--brief', 'demo/brief.txt']);
  writeFileSync(at('brief.txt'), brief(first, second));
  writeFileSync(at('more.txt'), brief(third, first, second));
  writeFileSync(at('goods.csv'), 'title,price,category\nBread knife,189,Knives\nParing knife,79.50,Knives\nWhetstone,64,Care\n');
  writeFileSync(at('fewer.csv'), 'title,price,category\nWhetstone,64,Care\nBread knife,189,Knives\n');
  printed('project', '--brief', at('brief.txt'), '--goods', at('goods.csv'), '--out', at('knives.zip'));
}, 60_000);
afterAll(() => rmSync(folder, { recursive: true, force: true }));

test('places names everything that can be decided on a page, with what stands there and why', () => {
  const all = placesOn('knives.zip');
  expect(all.length).toBeGreaterThan(30);
  for (const one of all) {
    expect(Object.keys(one)).toEqual(['place', 'kind', 'value', 'says', 'because']);
    expect(one.says).not.toBe('');
    expect(one.because).not.toBe('');
  }
  expect(all.find(({ place }) => place === 'words/home/reviews/heading')?.kind).toBe('words/:page/:section/:field');
});

test('without a page it names those of the whole shop, and of every product', () => {
  const all = JSON.parse(printed('places', '--project', at('knives.zip'))) as PlaceNow[];
  expect(all.filter(({ kind }) => kind === 'goods/:product/title').map(({ value }) => value)).toEqual([
    'Bread knife',
    'Paring knife',
    'Whetstone',
  ]);
  expect(new Set(all.map(({ place }) => place)).size).toBe(all.length);
});

test('an edited review stays with its reviewer when another is put before it, and the shop that is built says so', () => {
  const place = placesOn('knives.zip').find(({ value }) => String(value).startsWith('It cuts like'))?.place ?? '';
  const edit = changed(
    '--project',
    at('knives.zip'),
    '--set',
    `${place}="Still as sharp as new."`,
    '--set',
    'look/corner=8',
    '--name',
    'Before the fair',
    '--out',
    at('edited.zip'),
  );
  expect(edit.steps.map(({ says }) => says)).toEqual([
    'Text in Reviews on Home: “It cuts like the day I got it, and that was…” → “Still as sharp as new.”; Corners: 0 px → 8 px',
    'Version “Before the fair”',
  ]);
  expect(edit.setAside).toEqual([]);

  const moved = changed('--project', at('edited.zip'), '--brief', at('more.txt'), '--out', at('moved.zip'));
  expect(moved.setAside).toEqual([]);
  const praise = placesOn('moved.zip').flatMap(({ kind, place, value }) =>
    kind.endsWith(':part') && place.includes('/reviews/') ? [value] : [],
  );
  expect(praise).toEqual([
    'The handle fits my small hand.',
    'Flurina Derungs',
    'Still as sharp as new.',
    'Beat Rickenbacher',
    'My loaf finally has straight slices.',
    'Ladina Caviezel',
  ]);

  printed('build', '--project', at('moved.zip'), '--out', at('site'), '--report', at('report.json'));
  expect(readFileSync(at('site/index.html'), 'utf8')).toMatch(/Still as sharp as new\.[\s\S]{0,400}Beat Rickenbacher/);
  expect(JSON.parse(readFileSync(at('report.json'), 'utf8'))).toMatchObject({ setAside: [], misfits: [] });

  // The review itself goes: the edit is set aside, and comes back with it.
  writeFileSync(at('gone.txt'), brief(second));
  const gone = changed('--project', at('moved.zip'), '--brief', at('gone.txt'), '--out', at('gone.zip'));
  expect(gone.setAside.map((one) => one.place)).toEqual([place]);
  const back = changed('--project', at('gone.zip'), '--undo', gone.steps[0]?.id ?? '', '--out', at('back.zip'));
  expect(back.setAside).toEqual([]);
  expect(back.steps[0]?.says).toMatch(/^Taken back: /);
});

test('a changed list keeps what was decided of a thing with the thing', () => {
  const wish = 'goods/p-whetstone/title="Water stone"';
  changed('--project', at('knives.zip'), '--set', wish, '--out', at('stone.zip'));
  const { setAside } = changed('--project', at('stone.zip'), '--goods', at('fewer.csv'), '--out', at('fewer.zip'));
  expect(setAside).toEqual([]);
  const titles = (JSON.parse(printed('places', '--project', at('fewer.zip'))) as PlaceNow[])
    .filter(({ kind }) => kind === 'goods/:product/title')
    .map(({ place, value }) => [place, value]);
  expect(titles).toEqual([
    ['goods/p-whetstone/title', 'Water stone'],
    ['goods/p-bread-knife/title', 'Bread knife'],
  ]);
});

describe('is refused with a sentence, exit code 2 and nothing written:', () => {
  const out = ['--out', at('refused.zip')];
  const change = (...args: string[]) => ['change', '--project', at('knives.zip'), ...args, ...out];

  test.each([
    ['a step that is not in the log', () => change('--undo', 'nope'), 'There is no such step.'],
    ['a value that is not JSON', () => change('--set', 'look/corner=round'), 'is not JSON'],
    ['a value out of range', () => change('--set', 'look/corner=777'), 'it is above 99'],
    ['a value of another form', () => change('--set', 'till/country="ZZZ"'), 'no country’s code'],
    ['a text that is too long', () => change('--set', `words/home/opening/headline="${'x'.repeat(200)}"`), '160 characters'],
    ['an unknown place', () => change('--set', '__proto__={"a":1}'), 'knows no such place'],
    ['a place without a value', () => change('--set', 'look/corner'), 'is no place and value'],
    ['a project that is not there', () => ['change', '--project', at('none.zip'), ...out], "can't be read"],
    ['a file that is no project', () => ['change', '--project', at('brief.txt'), ...out], 'not a readable zip'],
    [
      'a project that is cut short',
      () => ['build', '--project', at('cut.zip'), '--out', at('refused.zip')],
      'not a readable zip',
    ],
    ['a page that is not there', () => ['places', '--project', at('knives.zip'), '--page', 'nope'], 'Its pages are home, shop,'],
    ['no file to write to', () => ['change', '--project', at('knives.zip')], 'No file to write to'],
    ['a folder that is not there', () => ['change', '--project', at('knives.zip'), '--out', at('a/b.zip')], "can't be written"],
  ])('%s', (_, args, say) => {
    writeFileSync(at('cut.zip'), readFileSync(at('knives.zip')).subarray(0, 700));
    const { status, stderr, stdout } = run(...args());
    expect([status, stdout]).toEqual([2, '']);
    expect(stderr).toContain(say);
    expect(() => readFileSync(at('refused.zip'))).toThrow();
  });
});

describe('say', () => {
  interface Said {
    readings: { kind: string; says: string; sets: { place: string; before: unknown; after: unknown }[]; sure: boolean }[];
    refused: { says: string; nearest: string[] } | null;
  }
  const say = (project: string, text: string, ...more: string[]): Said =>
    JSON.parse(printed('say', '--project', at(project), ...more, text)) as Said;

  test('prints what a sentence means, with what stands there before and after, and does it only with a file to write to', () => {
    const { readings, refused } = say('knives.zip', 'the Whetstone now costs 70');
    expect(refused).toBeNull();
    expect(readings).toMatchObject([{ kind: 'price', sure: true, sets: [{ before: 6400, after: 7000 }] }]);
    expect(readings[0]?.says).toContain('Whetstone');
    say('knives.zip', 'the Whetstone now costs 70', '--out', at('said.zip'));
    const price = (JSON.parse(printed('places', '--project', at('said.zip'))) as PlaceNow[]).find(
      ({ place }) => place === readings[0]?.sets[0]?.place,
    );
    expect(price?.value).toBe(7000);
    // What was done is one step, that a sentence takes back.
    const back = say('said.zip', 'undo', '--out', at('back.zip'));
    expect(back.readings).toMatchObject([{ kind: 'undo', sure: true, sets: [{ before: 7000, after: null }] }]);
  });

  test('is said at a thing or at the address of a place, on a day', () => {
    expect(say('knives.zip', 'hide this on phones', '--at', 'section/home/why').readings).toMatchObject([{ kind: 'phone-hide' }]);
    expect(say('knives.zip', 'make it say "Steel and pear"', '--at', 'words/home/opening/headline').readings).toMatchObject([
      { kind: 'text', sets: [{ place: 'words/home/opening/headline', after: 'Steel and pear' }] },
    ]);
    const { readings } = say('knives.zip', '10 % off Care until Friday', '--day', '2026-11-28');
    expect(readings[0]?.says).toContain('until 2026-12-04');
  });

  test('says why not, with what can be said, and writes nothing', () => {
    const { readings, refused } = say('knives.zip', 'make it pop', '--out', at('never.zip'));
    expect(readings).toEqual([]);
    expect(refused?.says).toMatch(/\.$/);
    expect(refused?.nearest).toHaveLength(3);
    expect(run('places', '--project', at('never.zip')).status).toBe(2);
    expect(run('say', '--project', at('knives.zip')).stderr).toContain('No sentence is given.');
    expect(run('say', '--project', at('knives.zip'), '--day', '2026-02-30', 'undo').stderr).toContain('is no day');
  });
});
