import { factWeights } from '@/core/brief/facts/weigh';
import { readFacts } from '@/core/brief/facts/read';
import { factLessonOf, formsOf, trainFacts } from './learnFacts';
import { readBatchNamed } from './marked';
import { readDocument } from '@/core/document';
import { saidPlainly } from './plainly';
import { samePhrase, sameNumber } from './score';

test('trained on a part, it finds facts in briefs that it has not seen; and the same part gives the same weights', () => {
  const lessons = ['8'].flatMap(readBatchNamed).map((brief) => factLessonOf(brief));
  const weights = trainFacts(lessons);
  expect(trainFacts(lessons)).toEqual(weights);
  const by = factWeights(weights);
  const unseen = readBatchNamed('11').map((brief) => ({ brief, facts: readFacts(factLessonOf(brief).ground, by) }));
  const found = (fact: 'name' | 'place' | 'country') =>
    unseen.filter(({ brief, facts }) => brief.facts[fact]?.some((one) => samePhrase(one, facts[fact]?.value ?? '', true))).length;
  expect(found('name')).toBeGreaterThanOrEqual(8);
  expect(found('place')).toBeGreaterThanOrEqual(8);
  expect(found('country')).toBeGreaterThanOrEqual(8);
}, 600_000);

test('a brief is shown with its list, without it, and when it has only begun', () => {
  const [brief] = readBatchNamed('8');
  if (!brief) throw new Error('no brief');
  const [whole, alone, begun] = formsOf(brief, { document: readDocument(brief.text) });
  expect(whole).toBe(brief);
  expect(alone?.goods).toEqual([]);
  expect(brief.text.startsWith(begun?.text ?? '–')).toBe(true);
  for (const value of begun?.facts.sells ?? []) expect(begun?.text.toLowerCase()).toContain(value);
});

test('what is said plainly says the marked facts, and leaves open what it doesn’t say', () => {
  const all = readBatchNamed('11').flatMap(saidPlainly);
  expect(all.length).toBeGreaterThan(40);
  for (const { text, facts } of all) {
    for (const value of [...(facts.name ?? []), ...(facts.place ?? []), ...(facts.avoided ?? [])])
      expect(text.toLowerCase()).toContain(value.toLowerCase());
    expect(text).not.toContain('*');
  }
});

test.each([
  ['+44 1632 960144', '01632 960144', true],
  ['+358 (0)9 5550 121', '+358 9 5550121', true],
  ['0803 555 0119', '+234 803 555 0119', true],
  ['+44 1632 960144', '+44 1632 960145', false],
  ['', '+44 1632 960145', false],
])('%s and %s call the same telephone: %s', (a, b, same) => expect(sameNumber(a, b)).toBe(same));
