import { asked, Decided, set } from '../places';
import { sets } from '../../../tests/briefs';
import { chance } from '../chance';
import { importText } from '../goods';
import { newProject, withWishes, type Project } from '../project';
import { makeShop } from '../site';
import { answerQuestion, askedSoFar, mostQuestions, nextQuestion, type Next } from './index';

const goods = importText('title,price,category\nTall one,40,Large\nLow one,30,Large\nLittle one,12,Small\n');
if (!goods.ok) throw new Error(goods.say);
const list = { file: '', ...goods.value };

/** Beginnings of briefs: what a seller writes in the first minute. */
const starts = [...sets.before, ...sets.after].map(({ what, brief }) => ({
  what,
  brief: brief
    .split(/(?<=[.!?])\s+/)
    .slice(0, 2)
    .join(' '),
}));

const projectOf = (brief: string): Project => ({ ...newProject('p', 'p'), brief, goods: list });

/** Things that people type into a field that they do not understand. */
const typed = ['?', 'yes', 'no idea', 'Ask me later', '12', 'a@b.example', 'Ghent, Belgium', '<b>bold</b>', 'ok '.repeat(90)];

const skipped = ({ id }: Next) => [set(asked(id), 'skipped')];

/** Asks to the end. The seller picks, types or skips by chance. */
function interview(start: Project, seed: number): { told: Next[]; project: Project } {
  const random = chance(seed);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
  const told: Next[] = [];
  let project = start;
  for (let next = nextQuestion(project); next; next = nextQuestion(project)) {
    told.push(next);
    if (told.length > mostQuestions) break;
    const given = next.picks.length && random() < 0.6 ? [pick(next.picks)] : [pick(typed)];
    const answered = random() < 0.85 ? answerQuestion(project, next.id, given) : null;
    if (answered && !answered.ok) expect(answered.say).toMatch(/^[\p{Lu}“].*[.?!]$/su);
    project = withWishes(project, answered?.ok ? answered.value : skipped(next));
    // What the seller wrote is never touched: answers come after it.
    expect(project.brief.startsWith(start.brief.trimEnd())).toBe(true);
    expect(askedSoFar(project)).toBe(told.length);
  }
  return { told, project };
}

describe.each(starts.filter((_, i) => i % 3 === 0).map((start, i) => [start.what, start.brief, i] as const))(
  '%s',
  (_, brief, i) => {
    const { told, project } = interview(projectOf(brief), i * 7 + 1);

    test('comes to an end, asks nothing twice, and asks whole questions', () => {
      expect(told.length).toBeLessThanOrEqual(mostQuestions);
      expect(new Set(told.map(({ id }) => id)).size).toBe(told.length);
      for (const { say, picks, field, number, left } of told) {
        expect(say).toMatch(/^\p{Lu}.*[?.]$/su);
        expect(say).not.toMatch(/[{}]|undefined|null|\s{2}/);
        expect(picks.length > 0 || field !== null).toBe(true);
        expect(new Set(picks).size).toBe(picks.length);
        expect(left).toBeGreaterThanOrEqual(1);
        expect(number + left - 1).toBeLessThanOrEqual(mostQuestions);
      }
    });

    test('leaves a shop that can be made, whatever was answered', () => {
      const shop = makeShop(project);
      const [home] = shop.pages;
      expect(home && shop.writer.write(home).sections.length).toBeGreaterThan(0);
      expect(new Decided(project.decisions).all(asked)).toHaveLength(told.length);
    });
  },
);

test('every answer that is offered can be taken', () => {
  const refused: string[] = [];
  let offered = 0;
  for (const { brief } of starts.slice(1, 6)) {
    let project = projectOf(brief);
    for (let next = nextQuestion(project); next; next = nextQuestion(project)) {
      for (const one of next.picks) {
        offered++;
        const answered = answerQuestion(project, next.id, [one]);
        if (!answered.ok) refused.push(`${next.id}: ${one}: ${answered.say}`);
      }
      project = withWishes(project, skipped(next));
    }
  }
  expect(refused).toEqual([]);
  expect(offered).toBeGreaterThan(40);
});
