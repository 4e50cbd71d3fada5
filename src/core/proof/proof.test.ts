import { decisionsOf } from '../../../tests/decisions';
import { yesToAll } from '../../../tests/said';
import { importText } from '../goods';
import { pictureSchema, newProject, type Project } from '../project';
import { makeShop } from '../site';
import { checks, findingsOf, stationsDone, stations } from './index';

const good =
  'Ash & Oil is a turnery near Galway. We turn bowls and lamps by hand from fallen ash. Every piece is oiled three times. If it cracks in ten years we mend it. We started in 2003 in a horsebox. My father cut the first tree. post@ash.example';
const till: Record<string, unknown> = {
  'till/taxes': { standard: 2300, reduced: 1350, zero: 0 },
  'till/returnsDays': 14,
  'till/invoices': { name: 'A', address: 'B', email: '', taxNumber: '', prefix: 'I-', creditPrefix: 'C-', first: 1, note: '' },
  'till/zones': [
    { id: 'z', label: 'All', countries: ['*'], rates: [{ id: 'r', label: 'Post', price: 500, freeFrom: null, upTo: null }] },
  ],
};

function project(part: { brief?: string; list?: string; decisions?: Record<string, unknown> } = {}): Project {
  const list = part.list ?? 'title,price,description,picture\nBowl,40,A bowl of ash.,bowl.webp\n';
  const goods = importText(list);
  const decisions = part.decisions ?? till;
  return {
    ...newProject('p', 'Shop'),
    brief: part.brief ?? good,
    goods: goods.ok ? { file: 'list.csv', ...goods.value } : newProject('p', '').goods,
    pictures: [pictureSchema.parse({ name: 'bowl.webp', hash: '0'.repeat(64), type: 'image/webp', width: 1200, height: 900 })],
    decisions: decisionsOf({ ...yesToAll(part.brief ?? good), ...decisions }),
  };
}

const findings = (part?: Parameters<typeof project>[0]) => {
  const made = project(part);
  return findingsOf(makeShop(made), made.goods.problems);
};
const levelOf = (check: string, part?: Parameters<typeof project>[0]) =>
  findings(part).find((finding) => finding.check === check)?.level;

test('pictures that are too small are named with their figures, and so are those that belong to nothing', () => {
  const made = project();
  const [picture] = made.pictures;
  if (!picture) throw new Error('There is a picture.');
  const pictures = [
    { ...picture, width: 320, height: 240 },
    { ...picture, name: 'DSC_4.webp' },
  ];
  const said = findingsOf(makeShop({ ...made, pictures }), []).filter(({ check }) => check === 'pictures');
  expect(said.map(({ say }) => say)).toEqual([
    'bowl.webp (320 × 240): fewer than 800 pixels across, so it blurs where it stands large.',
    'One picture belongs to nothing yet: DSC_4.webp.',
  ]);
});

test('nothing is found in a shop that is in order', () => {
  expect(findings().filter((finding) => finding.level !== 'fine')).toEqual([]);
  expect(findings()).toHaveLength(checks.length);
});

test.each([
  ['name', 'mend', { brief: 'We sell soap.' }],
  ['email', 'mend', { brief: good.replace('post@ash.example', '') }],
  ['place', 'todo', { brief: 'We are Ash. We turn bowls by hand. a@ash.example' }],
  ['headline', 'todo', { brief: 'Our shop is called Ash. a@ash.example' }],
  ['story', 'todo', { brief: 'Our shop is called Ash. a@ash.example' }],
  ['goods', 'mend', { list: '' }],
  ['rows', 'todo', { list: 'title,price,description\nBowl,40,x\nLorem ipsum,4,x\n' }],
  ['unsold', 'mend', { list: 'title,price\nBowl,from 40\n' }],
  ['unsold', 'mend', { list: 'title,price,stock\nBowl,40,a few\n' }],
  [
    'forbidden',
    'mend',
    {
      brief: `${good} Please never say “indestructible” on the site.`,
      list: 'title,price,description\nBowl,40,An indestructible bowl.\n',
    },
  ],
  ['free', 'todo', { list: 'title,price\nBowl,free\n' }],
  ['pictures', 'todo', { list: 'title,price\nBowl,4\n' }],
  ['descriptions', 'todo', { list: 'title,price\nBowl,4\n' }],
  ['country', 'mend', { brief: 'We are Ash. a@ash.example' }],
  ['tax', 'mend', { decisions: {} }],
  ['delivery', 'mend', { decisions: {} }],
  ['returns', 'todo', { decisions: {} }],
  ['set-aside', 'todo', { decisions: { ...till, 'goods/p-gone/title': 'Gone' } }],
  ['set-aside', 'todo', { decisions: { ...till, 'look/logo': 'gone.svg' } }],
  ['doubts', 'todo', { brief: `${good} No green please. Our sign is green.` }],
  ['waiting', 'todo', { brief: `${good} I want a video on the site.` }],
  ['phrases', 'todo', { decisions: { ...till, 'words/home/opening/lead': 'We are passionate about quality.' } }],
  ['lengths', 'todo', { decisions: { ...till, 'words/home/opening/headline': 'A bowl '.repeat(9).trim() } }],
] as const)('“%s” is found, as something to %s', (check, level, part) => {
  expect(levelOf(check)).toBe('fine');
  expect(levelOf(check, part)).toBe(level);
});

test('what About tells again is not said twice; what another page says again is', () => {
  const twice = { ...till, 'words/home/opening/lead': 'Ash & Oil is a turnery near Galway.' };
  expect(
    levelOf('repeats', {
      decisions: { ...twice, 'words/contact/contact/heading': 'Ash & Oil is a turnery near Galway.' },
    }),
  ).toBe('todo');
  expect(levelOf('repeats', { decisions: twice })).toBe('fine');
});

test('downloads alone need no delivery', () => {
  expect(levelOf('delivery', { list: 'title,price,kind\nPattern,4,download\n', decisions: {} })).toBe('fine');
});

test('two products of one name get titles of their own for search', () => {
  expect(levelOf('titles', { list: 'group,title,price\na,Bowl,4\nb,Bowl,5\n' })).toBe('fine');
});

test('every finding says what to do, and where', () => {
  for (const finding of [...findings(), ...findings({ brief: '', list: '', decisions: {} })]) {
    expect(finding.say).toMatch(/[.?]$/);
    expect(stations.map((station) => station.id)).toContain(finding.station);
  }
});

describe('stations', () => {
  const nothing = { published: false, orders: false };
  test('are empty before the work has begun', () => {
    const empty = newProject('p', 'Shop');
    expect(Object.values(stationsDone(findingsOf(makeShop(empty), []), false, nothing)).every((done) => done === 0)).toBe(true);
  });
  test('fill as their work gets done', () => {
    const half = stationsDone(findings({ decisions: {} }), true, nothing);
    expect(half.till).toBeGreaterThan(0);
    expect(half.till).toBeLessThan(1);
    expect(stationsDone(findings(), true, nothing)).toMatchObject({ brief: 1, goods: 1, till: 1, proof: 1, publish: 0 });
    expect(stationsDone(findings(), true, { published: true, orders: true })).toMatchObject({ publish: 1, orders: 1 });
  });
  test('goods without a list are not done, however few faults they have', () =>
    expect(stationsDone(findings({ list: '' }), true, nothing).goods).toBe(0));
});
