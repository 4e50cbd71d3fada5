import { execFileSync, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const folder = mkdtempSync(join(tmpdir(), 'arcatum-cli-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const run = (...args: string[]) => spawnSync('node', ['bin/arcatum.mjs', ...args], { encoding: 'utf8' });
const write = (name: string, text: string | Uint8Array) => {
  const path = join(folder, name);
  writeFileSync(path, text);
  return path;
};
const digest = (at: string) =>
  readdirSync(at, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile())
    .map((entry) => join(entry.parentPath, entry.name))
    .sort()
    .map((path) => `${path.slice(at.length)} ${createHash('sha256').update(readFileSync(path)).digest('hex')}`)
    .join('\n');

beforeAll(() => execFileSync('node', ['bin/arcatum.mjs', 'read', '--brief', 'demo/brief.txt']), 60_000);

test('the same inputs and seed give the same bytes; another seed another look', () => {
  const brief = write('plain.txt', 'We are Old Tin. We make biscuit tins near Porto. tins@old.example');
  const goods = write('tins.csv', 'title,price\nTea tin,€12\nRound tin,€9\n');
  const build = (out: string, seed: string) =>
    expect(run('build', '--brief', brief, '--goods', goods, '--out', join(folder, out), '--seed', seed).status).toBe(0);
  build('a', '7');
  build('b', '7');
  build('c', '8');
  expect(digest(join(folder, 'a'))).toBe(digest(join(folder, 'b')));
  expect(digest(join(folder, 'a'))).not.toBe(digest(join(folder, 'c')));
});

test('the sample shop builds, and its report has no warnings', () => {
  const report = join(folder, 'report.json');
  const built = run(
    'build',
    '--brief',
    'demo/brief.txt',
    '--goods',
    'demo/goods.csv',
    '--decisions',
    'demo/decisions.json',
    '--out',
    join(folder, 'sample'),
    '--report',
    report,
  );
  expect([built.status, built.stderr]).toEqual([0, '']);
  expect(JSON.parse(readFileSync(report, 'utf8'))).toMatchObject({ goods: { products: 50 }, warnings: [], setAside: [] });
});

describe('the look', () => {
  interface LookReport {
    look: {
      family: string;
      palette: Record<string, string>;
      contrast: { text: string; on: string; ratio: number; least: number }[];
      faces: Record<string, string>;
      from: Record<string, unknown>;
      lookNotes?: string[];
    };
  }
  const brief = () =>
    write('look.txt', 'Old Tin. We make biscuit tins near Porto. It should look calm, in blue. Prices in euros.');
  const goods = () => write('look.csv', 'title,price\nTea tin,€12\nRound tin,€9\nFlat tin,€14\n');
  const built = (name: string, ...args: string[]) => {
    const report = join(folder, `${name}.json`);
    const { status, stderr } = run('build', '--brief', brief(), '--goods', goods(), '--out', join(folder, name), '--report', report, ...args); // prettier-ignore
    if (status !== 0) throw new Error(stderr);
    return (JSON.parse(readFileSync(report, 'utf8')) as LookReport).look;
  };

  test('is one of three candidates, of three families', () => {
    const looks = ['1', '2', '3'].map((n) => built(`candidate-${n}`, '--candidate', n));
    expect(new Set(looks.map(({ family }) => family)).size).toBe(3);
    for (const look of looks) {
      expect(look.contrast.length).toBeGreaterThan(8);
      for (const pair of look.contrast) expect(pair.ratio).toBeGreaterThanOrEqual(pair.least);
      expect(Object.keys(look.from).length).toBeGreaterThan(3);
    }
  });

  // The shape of tokens: Design Tokens Format Module, W3C Design Tokens Community Group ($type, $value, colour as components).
  test('is taken from a file of design tokens, and what no shop can carry is said', () => {
    const tokens = write(
      'tokens.json',
      JSON.stringify({
        palette: {
          $type: 'color',
          accent: { $value: { colorSpace: 'srgb', components: [0.55, 0.05, 0.25], alpha: 1, hex: '#8c0d40' } },
        },
      }),
    );
    const look = built('tokens', '--look', tokens);
    expect(look.palette['accent']).toBe('#8c0d40');
  });

  test.each([
    ['--candidate', '4', /1, 2 or 3/],
    ['--look', 'missing.json', /missing\.json/],
  ])('%s %s is refused in one sentence', (flag, value, says) => {
    const { status, stderr } = run('build', '--brief', brief(), '--goods', goods(), '--out', join(folder, 'no'), flag, value);
    expect(status).toBe(2);
    expect(stderr.trim().split('\n')).toHaveLength(1);
    expect(stderr).toMatch(says);
  });
});

test('a reading is printed as JSON with the words that each fact came from', () => {
  const read = run('read', '--brief', 'demo/brief.txt');
  const reading = JSON.parse(read.stdout);
  const brief = readFileSync('demo/brief.txt', 'utf8');
  expect(reading.name).toMatchObject({ value: 'Tarnwick Dye House', source: { text: 'Tarnwick Dye House' } });
  expect(reading.name.confidence).toBeGreaterThan(0.6);
  for (const { source } of [...reading.sells, ...reading.claims]) expect(brief.slice(source.start, source.end)).toBe(source.text);
});

test('warnings go to the report, with row and column', () => {
  const report = join(folder, 'warned.json');
  const goods = write('odd.csv', 'title,price,picture\nA,5,nowhere.jpg\nB,from 4,\n');
  run('build', '--brief', 'demo/brief.txt', '--goods', goods, '--out', join(folder, 'odd'), '--report', report);
  expect(JSON.parse(readFileSync(report, 'utf8')).warnings).toEqual([
    expect.objectContaining({ row: 3, column: 'price', kind: 'asked' }),
    expect.objectContaining({ column: 'picture', say: 'The picture “nowhere.jpg” of “A” was not found.' }),
  ]);
});

describe('bad input ends with code 2 and one sentence', () => {
  const goods = () => write('good.csv', 'title,price\nA,5\n');
  test.each([
    ['no command', () => []],
    ['an unknown command', () => ['paint']],
    ['an unknown flag', () => ['build', '--colour', 'red']],
    ['a brief that is not there', () => ['read', '--brief', join(folder, 'none.txt')]],
    ['an empty brief', () => ['read', '--brief', write('empty.txt', ' \n')]],
    ['a binary brief', () => ['read', '--brief', write('binary.txt', Uint8Array.from([0, 1, 2, 3]))]],
    ['an empty list', () => ['build', '--brief', 'demo/brief.txt', '--goods', write('empty.csv', ''), '--out', folder]],
    [
      'a list without names',
      () => ['build', '--brief', 'demo/brief.txt', '--goods', write('bare.csv', '4,5\n6,7\n'), '--out', folder],
    ],
    ['no folder to write to', () => ['build', '--brief', 'demo/brief.txt', '--goods', goods()]],
    [
      'a seed that is no number',
      () => ['build', '--brief', 'demo/brief.txt', '--goods', goods(), '--out', folder, '--seed', 'x'],
    ],
    [
      'a decision that does not fit',
      () => [
        'build',
        '--brief',
        'demo/brief.txt',
        '--goods',
        goods(),
        '--out',
        folder,
        '--decisions',
        write('d.json', '{"look/accent":"red"}'),
      ],
    ],
  ])('%s', (_, args) => {
    const { status, stderr, stdout } = run(...args());
    expect([status, stdout]).toEqual([2, '']);
    expect(stderr.trim().length).toBeGreaterThan(10);
    expect(stderr).not.toContain('    at ');
  });
});

describe('goods', () => {
  interface GoodsReport {
    form: string;
    headerRow: number | null;
    currency: { code: string; because: string } | null;
    columns: { heading: string; as: string; name?: string }[];
    products: {
      id: string;
      title: string;
      variants: {
        price: number | null;
        currency: string | null;
        stock: number | null;
        weight: number | null;
        pictures: string[];
      }[];
    }[];
    notes: { say: string }[];
    problems: { row: number; did: string; found: string }[];
    questions: { about: string; likeliest: string }[];
    counts: Record<string, number>;
  }
  const goodsOf = (...args: string[]): GoodsReport => {
    const { status, stdout, stderr } = run('goods', ...args);
    expect([status, stderr]).toEqual([0, '']);
    return JSON.parse(stdout) as GoodsReport;
  };
  const list = () =>
    write(
      'bowls.csv',
      'Bowl;Wood;Price (TZS);How heavy;Left\nRound;mninga;12.500;0,4 kg;3\nDeep;mvule;from 18.000;650 g;a few\n',
    );

  test('prints what a list was taken for, in minor units and grams, and what is asked', () => {
    const report = goodsOf('--in', list());
    expect(report).toMatchObject({ form: 'semicolon', headerRow: 1, currency: { code: 'TZS' } });
    expect(report.columns.map(({ as }) => as)).toEqual(['title', 'particular', 'price', 'weight', 'stock']);
    expect(report.products.map(({ variants: [one] }) => [one?.price, one?.currency, one?.stock, one?.weight])).toEqual([
      [1250000, 'TZS', 3, 400],
      [null, 'TZS', null, 650],
    ]);
    expect(report.problems.map(({ row, did, found }) => [row, did, found])).toEqual([
      [3, 'asked', 'from 18.000'],
      [3, 'asked', 'a few'],
    ]);
    expect(report.questions.map(({ about }) => about)).toEqual(['price', 'stock']);
    expect(report.counts).toEqual({ rows: 2, products: 2, variants: 2, leftOut: 0, mended: 0, asked: 2 });
  });

  test('takes the money from the brief, meanings and answers from a mapping, and writes the catalogue', () => {
    const bare = write('bare-prices.csv', 'name,price,Wood\nRound,4.250,oak\n');
    expect(goodsOf('--in', bare).currency).toBeNull();
    const brief = write('dinars.txt', 'Sadu Bowls turns bowls in Kuwait City, Kuwait. Prices in Kuwaiti dinars.');
    expect(goodsOf('--in', bare, '--brief', brief).products[0]?.variants[0]).toMatchObject({ price: 4250, currency: 'KWD' });
    const mapping = write('mapping.json', JSON.stringify({ columns: { Wood: 'category' }, answers: { 'price from': 'number' } }));
    const out = join(folder, 'bowls-out.csv');
    const report = goodsOf('--in', list(), '--mapping', mapping, '--out', out);
    expect([report.columns[1]?.as, report.products[1]?.variants[0]?.price]).toEqual(['category', 1800000]);
    const again = goodsOf('--in', out);
    expect(again.products.map(({ title, variants: [one] }) => [title, one?.price, one?.weight])).toEqual([
      ['Round', 1250000, 400],
      ['Deep', 1800000, 650],
    ]);
  });

  test('puts the pictures of a folder on the things that they show, and mends the cells that the mapping names', () => {
    const pictures = join(folder, 'bowl pictures');
    mkdirSync(pictures, { recursive: true });
    for (const name of ['round-2.jpg', 'round.jpg', 'DSC_1.jpg']) writeFileSync(join(pictures, name), 'jpeg');
    const mapping = write(
      'cells.json',
      JSON.stringify({
        cells: [
          { row: 3, column: 2, was: 'from 18.000', is: '18.000' },
          { row: 2, column: 2, was: 'not so', is: '1' },
        ],
      }),
    );
    const report = goodsOf('--in', list(), '--pictures', pictures, '--mapping', mapping);
    expect(report.products.map(({ variants: [one] }) => [one?.price, one?.pictures])).toEqual([
      [1250000, ['round.jpg', 'round-2.jpg']],
      [1800000, []],
    ]);
    expect(report.notes.map(({ say }) => say)).toEqual(['The picture “DSC_1.jpg” belongs to nothing by list or name.']);
  });

  test.each(['csv', 'xlsx', 'json', 'jsonld', 'xml'])(
    'the catalogue goes out as .%s and comes back the same, to the id',
    (ending) => {
      const out = join(folder, `again.${ending}`);
      const first = goodsOf('--in', list(), '--out', out);
      const again = goodsOf('--in', out);
      const known = ({ products }: typeof first) =>
        products.map(({ id, title, variants: [one] }) => [id, title, one?.price, one?.weight]);
      expect(known(again)).toEqual(known(first));
    },
  );

  test.each([
    ['no list', () => ['goods']],
    ['a list of nothing', () => ['goods', '--in', write('none.csv', '')]],
    ['a picture', () => ['goods', '--in', write('cup.csv', Uint8Array.from([0xff, 0xd8, 0xff, 0xe0]))]],
    [
      'a mapping that is none',
      () => ['goods', '--in', list(), '--mapping', write('wrong.json', '{"columns":{"Wood":"colour"}}')],
    ],
    ['an out file of another kind', () => ['goods', '--in', list(), '--out', join(folder, 'out.doc')]],
  ])('%s ends with code 2 and a sentence', (_, args) => {
    const { status, stdout, stderr } = run(...args());
    expect([status, stdout]).toEqual([2, '']);
    expect(stderr.trim().length).toBeGreaterThan(10);
    expect(stderr).not.toContain('    at ');
  });
});
