import { asked, Decided, set } from '../places';
import { importText } from '../goods';
import { newProject, withWishes, type Project } from '../project';
import { makeShop } from '../site';
import { answerQuestion, fullerBrief, mostQuestions, nameIdeas, nextQuestion, openQuestions, sloganIdeas } from './index';

const projectOf = (brief: string, list = ''): Project => {
  const goods = list ? importText(list) : null;
  const empty = newProject('p', 'p');
  return { ...empty, brief, goods: goods?.ok ? { file: '', ...goods.value } : empty.goods };
};

/** Answers of a seller who picks first answers and types something where nothing is to pick. */
function interview(start: Project, typed: Record<string, string> = {}): { asked: string[]; ids: string[]; project: Project } {
  const said: string[] = [];
  const ids: string[] = [];
  let project = start;
  for (let i = 0; i < 20; i++) {
    const next = nextQuestion(project);
    if (!next) break;
    said.push(next.say);
    ids.push(next.id);
    const given = typed[next.id] ? [typed[next.id] ?? ''] : next.picks.slice(0, 1);
    const answered = given.length ? answerQuestion(project, next.id, given) : { ok: false as const, say: '' };
    project = withWishes(project, answered.ok ? answered.value : [set(asked(next.id), 'skipped')]);
  }
  return { asked: said, ids, project };
}

const thin = 'Vegan cheese, Bristol.';
const full = `Kobold Cycles is a repair shop and parts counter in Leipzig. I'm Hanna. I build wheels and sell parts for old touring bikes. Every wheel is trued twice, the second time the morning after. I take the hub apart, grease the bearings, and lace the wheel by hand. I have built 4,100 wheels since 1998, on two stands. If a spoke breaks within two years I replace it. My customers are people who ride the same bike for thirty years. “It still runs true.” – Jo from Halle. The website should be loud and plain, orange and black. Goal: sell online. I ship to all of Europe. Guarantee: two years. Measures: hub and rim. Condition: new. Prices in euros. hanna@kobold.example`;

test('a thin brief is asked more than a full one, and none more than twelve questions', () => {
  const little = interview(projectOf(thin));
  const much = interview(projectOf(full, 'title,price\nHub,9\nRim,8\n'));
  expect(little.asked.length).toBeGreaterThanOrEqual(5);
  expect(little.asked.length).toBeLessThanOrEqual(mostQuestions);
  expect(much.asked.length).toBeLessThan(little.asked.length);
  expect(much.asked.length).toBeLessThanOrEqual(3);
});

test('days to send something back that the brief speaks of are asked about first, and never taken by themselves', () => {
  const project = projectOf(`${thin} Send it back within three weeks and you get your money back.`, 'title,price\nWheel,9\n');
  const asking = openQuestions(project).find(({ id }) => id === 'returns');
  expect(asking?.say).toMatch(/Your brief speaks of 21\.$/);
  expect(asking?.picks.slice(0, 2)).toEqual(['21 days', '14 days']);
  expect(makeShop(project).rules.returnsDays).toBeNull();
});

test('no question is asked twice, and none that brief or list answer', () => {
  const { ids } = interview(projectOf(full, 'title,price\nHub,9\nRim,8\n'));
  expect(new Set(ids).size).toBe(ids.length);
  for (const known of ['name', 'sells', 'email', 'place', 'tone', 'colours', 'audience', 'reach', 'people', 'goal', 'story'])
    expect(ids).not.toContain(known);
});

test('the trade is in the wording, with verbs that agree', () => {
  const { asked } = interview(projectOf(thin), { email: 'a@b.example' });
  expect(asked.filter((say) => say.includes('cheese')).length).toBeGreaterThan(2);
  expect(asked.join(' ')).not.toMatch(/one of your vegan cheese|cheese are\b|\{/);
});

test('the goods bring what their buyers ask: for food, ingredients, allergens and keeping', () => {
  const cakes = full
    .replace('Goal: sell online.', '')
    .replace(/Guarantee.*Condition: new\./, '')
    .replace('sell parts for old touring bikes', 'sell fruit cakes')
    .replace('build wheels', 'bake bread');
  const { ids } = interview(projectOf(cakes, 'title,price\nLemon cake,9\nRye bread,8\n'));
  expect(ids.filter((id) => id.startsWith('detail-')).length).toBeGreaterThan(1);
  expect(ids).toEqual(expect.arrayContaining(['detail-allergens']));
});

test('the first question is the one that changes most', () => {
  const project = projectOf('We sell candles.', 'title,price\nTaper,4\nPillar,9\n');
  const next = nextQuestion(project);
  const gains = openQuestions(project).map(({ gain }) => gain);
  expect(next?.gain.score).toBeGreaterThan(3);
  expect((next?.gain.settles ?? 0) + (next?.gain.opens.length ?? 0)).toBeGreaterThan(0);
  expect(gains.some(({ opens }) => opens.length > 0)).toBe(true);
  expect(gains.some(({ settles }) => settles > 1)).toBe(true);
});

describe('an answer', () => {
  test.each([
    ['name', 'Plain Curd', (p: Project) => makeShop(p).reading.name?.value, 'Plain Curd'],
    ['email', 'Curds@plain.example', (p: Project) => makeShop(p).reading.email?.value, 'curds@plain.example'],
    ['people', 'Joss, Imani', (p: Project) => makeShop(p).reading.people.map((one) => one.value), ['Joss', 'Imani']],
    ['audience', 'people who gave up milk', (p: Project) => makeShop(p).reading.audience[0]?.value, 'people who gave up milk'],
    ['tone', 'weightless and warm', (p: Project) => makeShop(p).reading.tone.map((one) => one.value), ['weightless', 'warm']],
    [
      'colours',
      'sea green, no brown',
      (p: Project) => [makeShop(p).reading.coloursWanted[0]?.value.name, makeShop(p).reading.coloursAvoided[0]?.value.name],
      ['sea green', 'brown'],
    ],
    ['goal', 'Bring people to the door', (p: Project) => makeShop(p).reading.goal.value, 'visits'],
    ['origin', 'We make it ourselves', (p: Project) => makeShop(p).reading.origin?.value, 'own'],
    [
      'review',
      'I forgot that it was cheese. – Lou from Bath',
      (p: Project) => makeShop(p).reading.reviews[0]?.value,
      { text: 'I forgot that it was cheese.', by: 'Lou from Bath' },
    ],
    ['returns', '30 days', (p: Project) => makeShop(p).rules.returnsDays, 30],
  ])('to “%s” is read back as that fact', (id, given, fact, wanted) => {
    const answered = answerQuestion(projectOf(thin), id, [given]);
    expect(answered.ok).toBe(true);
    if (answered.ok) {
      const after = withWishes(projectOf(thin), answered.value);
      expect(fact(after)).toEqual(wanted);
      // It is a sentence of the letter from now on, which the seller can edit, or a decision.
      expect(after.brief.startsWith(thin)).toBe(true);
      expect(new Decided(after.decisions).has(asked(id))).toBe(true);
    }
  });

  test('that is a wish about the site is never printed', () => {
    const toned = answerQuestion(projectOf(thin), 'tone', ['loud']);
    expect(
      toned.ok &&
        makeShop(withWishes(projectOf(thin), toned.value))
          .reading.statements.map((one) => one.text)
          .join(' '),
    ).not.toMatch(/loud/);
  });

  test.each([
    ['email', 'curds at plain', 'no e-mail address'],
    ['returns', 'some', 'number of days'],
    ['place', 'we are somewhere near the old church behind the second mill on the hill', 'town and the country'],
    ['name', 'x'.repeat(80), 'no sign'],
    ['tone', '  ', 'skip'],
  ])('to “%s” that can’t be used gets a sentence', (id, given, say) => {
    const answered = answerQuestion(projectOf('Vegan cheese.'), id, [given]);
    expect(answered.ok ? '' : answered.say).toContain(say);
  });
});

test('what contradicts itself is asked first, and the answer settles it', () => {
  const project = projectOf('Hay Barn sells hats in Bath. No green please. Our logo is green. a@b.example');
  const next = nextQuestion(project);
  expect(next?.say).toBe('Your brief asks for green and refuses it. Which holds?');
  const answered = answerQuestion(project, next?.id ?? '', ['No green']);
  expect(answered.ok && makeShop(withWishes(project, answered.value)).reading).toMatchObject({ doubts: [], coloursWanted: [] });
});

test('a list that does not fit the brief is asked about; one that fits is not', () => {
  const brief = 'Night Garden sells indoor plants and pots in Malmö. a@b.example';
  const coats = 'title,price\nWool coat,900\nLinen shirt,500\nCotton trousers,700\nSilk scarf,300\n';
  expect(interview(projectOf(brief, coats)).ids).toContain('mismatch');
  expect(interview(projectOf(brief, 'title,price\nRubber plant,90\nClay pot,50\nFern,70\n')).ids).not.toContain('mismatch');
});

describe('help with words', () => {
  const shop = makeShop(projectOf(full));
  test('names are made of the brief’s own words, judged, and unlike one another', () => {
    const ideas = nameIdeas(shop, 1);
    expect(ideas.length).toBeGreaterThan(3);
    for (const { name, marks, from } of ideas) {
      expect(from.length).toBeGreaterThan(5);
      for (const mark of Object.values(marks)) expect(mark >= 0 && mark <= 1).toBe(true);
      for (const word of name.toLowerCase().match(/\p{L}{4,}/gu) ?? [])
        expect([name, full.toLowerCase().includes(word.replace(/s$/, '')) || word === 'room']).toEqual([name, true]);
    }
    expect(new Set(ideas.map((idea) => idea.name)).size).toBe(ideas.length);
    expect(nameIdeas(shop, 1)).toEqual(ideas);
  });
  test('lines to stand under the name are the seller’s own', () => {
    for (const { from } of sloganIdeas(shop)) expect(full).toContain(from);
  });
  test('a fuller brief keeps every word, adds what the list and the till know, and marks its gaps', () => {
    const fuller = fullerBrief(makeShop(projectOf(thin, 'title,price,category\nAsh,8,Rounds\nPlain,7,Rounds\n')));
    expect(fuller.startsWith(thin)).toBe(true);
    expect(fuller).toContain('There are two things on the list, from');
    expect(fuller).toContain('[How the vegan cheese is made or found]');
    const read = makeShop(projectOf(fuller)).reading.statements.map((one) => one.text);
    expect(read.join(' ')).not.toMatch(/\[|How and when/);
  });
});
