import { judgeWeights } from '@/core/brief/judge/judge';
import { judged, lessonOf, trainJudge } from './learn';
import { readBatchNamed, unmarked } from './marked';

test('marks are taken out, and point at the words that they stood before', () => {
  const { text, marks } = unmarked('{as-}Hi. {cl+wh}We cast bells.\n{he-}Look: {wi-}loud');
  expect(text).toBe('Hi. We cast bells.\nLook: loud');
  expect(marks.map(({ start, end, role, verdict, choices }) => [text.slice(start, end), role, verdict, choices])).toEqual([
    ['Hi.', 'aside', 'never', []],
    ['We cast bells.', 'claim', 'print', ['why', 'headline']],
    ['Look:', 'heading', 'never', []],
    ['loud', 'wish', 'never', []],
  ]);
  expect(() => unmarked('{zz+}No.')).toThrow('no role');
});

test('trained on a part, it judges sentences that it has not seen; and the same part gives the same weights', () => {
  const part = ['0', '8'].flatMap(readBatchNamed).map(lessonOf);
  const how = { rounds: 60, restraint: 0.0005, least: 2 };
  const weights = trainJudge(part, how);
  expect(trainJudge(part, how)).toEqual(weights);
  const unseen = readBatchNamed('7').flatMap((brief) => judged(brief, judgeWeights(weights)));
  expect(unseen.length).toBeGreaterThan(300);
  const mean = (of: readonly { print: number }[]) => of.reduce((sum, { print }) => sum + print, 0) / of.length;
  const own = mean(unseen.filter(({ mark }) => mark.verdict === 'print'));
  const never = mean(unseen.filter(({ mark }) => mark.verdict === 'never'));
  expect(own).toBeGreaterThan(3 * never);
}, 600_000);
