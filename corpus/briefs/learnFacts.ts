import { groundOf, type Ground } from '@/core/brief/facts/about';
import { countryFeatures } from '@/core/brief/facts/country';
import { spanFactNames, spanFacts, type SpanFactName } from '@/core/brief/facts/definitions';
import { featureIdOf } from '@/core/brief/facts/features';
import { allOptionFeatures, optionsOf, type OptionFact } from '@/core/brief/facts/options';
import { featuresOf, type Span } from '@/core/brief/facts/spans';
import {
  candidatesFor,
  factWeights,
  learnedFacts,
  learnedOptions,
  Scales,
  type StoredFactWeights,
} from '@/core/brief/facts/weigh';
import { judge, judgeWeights, type JudgeWeights } from '@/core/brief/judge/judge';
import { calmed } from '@/core/brief/calm';
import { readDocument } from '@/core/document';
import { packRow } from '@/core/softmax';
import { rank, train, type Choice } from '../regression';
import { trainJudge, type Lesson } from './learn';
import { factNames, type FactName, type MarkedBrief } from './marked';
import { saidPlainly } from './plainly';
import { isLoose, samePhrase } from './score';

/** A brief as the reader of facts learns of it. */
export interface FactLesson {
  brief: MarkedBrief;
  ground: Ground;
}

/** Parts that lessons are shown in, so that what is learned of them rests on guesses about sentences that were not shown. */
const folds = 4;

/** So many sentences make a short brief. */
const short = 3;

/**
 * A brief as sellers have it: with its list, before there is one, and when only its first lines are written. Of the last only what stands in
 * them is still marked.
 */
export function formsOf(brief: MarkedBrief, { document: { text, said } }: Pick<Lesson, 'document'>): MarkedBrief[] {
  const end = said.filter(({ standing }) => standing === 'said')[short - 1]?.end ?? text.length;
  const start = text.slice(0, end);
  const left = factNames.flatMap((fact): [FactName, string[]][] => {
    const values = isSpanFact(fact)
      ? brief.facts[fact]?.filter((value) => start.toLowerCase().includes(value.toLowerCase()))
      : [];
    return values ? [[fact, values]] : [];
  });
  const opening = { ...brief, text: start, facts: Object.fromEntries(left) as MarkedBrief['facts'], goods: [] };
  return [brief, { ...brief, goods: [] }, ...(end < text.length ? [opening] : [])];
}

/** Whether a fact is known to be in a brief or not; of one that was not looked for there is an empty list. */
const isKnown = ({ facts }: MarkedBrief, fact: FactName): boolean => facts[fact]?.length !== 0;

const isSpanFact = (fact: string): boolean => (spanFactNames as readonly string[]).includes(fact);

/** What the judge makes of briefs that it was not trained on: each part is judged by what the others teach. */
export function groundsOf(briefs: readonly MarkedBrief[], lessons: readonly Lesson[]): FactLesson[] {
  const made: FactLesson[][] = [];
  for (let fold = 0; fold < folds; fold++) {
    const by = judgeWeights(trainJudge(lessons.filter((_, i) => i % folds !== fold)));
    lessons.forEach((lesson, i) => {
      const brief = briefs[i];
      if (i % folds !== fold || !brief) return;
      made[i] = [...formsOf(brief, lesson), ...saidPlainly(brief, i)].map((form) => factLessonOf(form, by));
    });
  }
  return made.flat();
}

export function factLessonOf(brief: MarkedBrief, by?: JudgeWeights): FactLesson {
  const text = calmed(brief.text);
  const document = readDocument(text);
  return { brief, ground: groundOf(document, judge(document, brief.goods, by), brief.goods, text !== brief.text) };
}

/** How each fact is learned: how strongly its weights are held back. */
const restraints: Record<SpanFactName | OptionFact | 'country', number> = {
  name: 0.0015,
  sells: 0.0015,
  trade: 0.0005,
  audience: 0.0015,
  place: 0.0015,
  address: 0.0003,
  country: 0.0015,
  tone: 0.00015,
  features: 0.0001,
  wanted: 0.002,
  avoided: 0.002,
  reach: 0.003,
  origin: 0.003,
  goal: 0.002,
};
const rounds = 200;
const least = { one: 2, some: 3 };

type Row = ReadonlyMap<string, number>;

/** Whether a phrase is what was marked: the same words, or words that mean the same page. */
function isMarked(fact: SpanFactName, marks: readonly string[], text: string, loosely: boolean): boolean {
  if (marks.some((one) => samePhrase(one, text, loosely))) return true;
  const id = fact === 'features' ? featureIdOf(text) : null;
  return id !== null && marks.some((one) => one === id || featureIdOf(one) === id);
}

/** What may be a fact in a brief, and whether it was marked. Where the very words stand somewhere, words that are only like them are passed over. */
function candidatesOf(fact: SpanFactName, { brief, ground }: FactLesson): Choice['candidates'] {
  const marks = brief.facts[fact as FactName] ?? [];
  const spans: Span[] = candidatesFor(fact, ground);
  const exact = spans.map(({ text }) => isMarked(fact, marks, text, false));
  const isThere = exact.includes(true);
  return spans.flatMap((span, i) => {
    const like = exact[i] === true || (isLoose(fact) && isMarked(fact, marks, span.text, true));
    if (like && !exact[i] && isThere && fact !== 'audience') return [];
    return [{ features: featuresOf(span, ground), right: like }];
  });
}

function learnSpans(fact: SpanFactName, lessons: readonly FactLesson[]): Row {
  const { takes } = spanFacts[fact];
  const training = { rounds, restraint: restraints[fact], least: least[takes] };
  const choices = lessons.map((lesson) => ({ candidates: candidatesOf(fact, lesson) }));
  if (takes === 'one') return rank(choices, training);
  const examples = choices.flatMap(({ candidates }) =>
    candidates.map(({ features, right }) => ({ features, outcome: right ? 1 : 0 })),
  );
  return new Map(
    [...train(examples, { ...training, outcomes: 2 })].map(([name, [against = 0, its = 0]]) => [name, its - against]),
  );
}

/** Countries are learned of places as they are found in briefs that were not shown. */
function learnCountries(lessons: readonly FactLesson[]): Row {
  const choices: Choice[] = [];
  const known = lessons.filter(({ brief }) => isKnown(brief, 'country'));
  const foldOf = new Map([...new Set(known.map(({ brief }) => brief.what))].map((what, i) => [what, i % folds]));
  for (let fold = 0; fold < folds; fold++) {
    const isShown = ({ brief }: FactLesson) => foldOf.get(brief.what) !== fold;
    const by = factWeights(packed([['place', learnSpans('place', known.filter(isShown))]], []));
    for (const { brief, ground } of known.filter((lesson) => !isShown(lesson))) {
      const bags = countryFeatures(ground, new Scales(ground, by).weigh('place'));
      choices.push({
        candidates: [...bags].map(([code, features]) => ({ features, right: brief.facts.country?.includes(code) ?? false })),
      });
    }
  }
  return rank(choices, { rounds, restraint: restraints.country, least: least.one });
}

/** Each option of a fact has weights of its own for all that is said. */
function learnOptions(fact: OptionFact, lessons: readonly FactLesson[]): Map<string, Row> {
  const choices = lessons
    .filter(({ brief }) => isKnown(brief, fact))
    .map(({ brief, ground }) => {
      const bag = Object.entries(allOptionFeatures(ground, fact, brief.facts.country?.[0] ?? ''));
      return {
        candidates: optionsOf[fact].map((option) => ({
          features: Object.fromEntries(bag.map(([name, value]) => [`${option}\t${name}`, value])),
          right: brief.facts[fact]?.[0] === option,
        })),
      };
    });
  const options: readonly string[] = optionsOf[fact];
  const rows = new Map(options.map((option) => [option, new Map<string, number>()]));
  for (const [name, weight] of rank(choices, { rounds, restraint: restraints[fact], least: least.one })) {
    const [option = '', feature = ''] = name.split('\t');
    rows.get(option)?.set(feature, weight);
  }
  return rows;
}

/** What weighs less for all that is learned is left out. */
const leastWeight = 0.2;

function packed(
  facts: readonly (readonly [SpanFactName | 'country', Row])[],
  options: readonly (readonly [OptionFact, ReadonlyMap<string, Row>])[],
): StoredFactWeights {
  const table = (columns: readonly (Row | undefined)[]): Record<string, string> => {
    const names = [...new Set(columns.flatMap((column) => [...(column?.keys() ?? [])]))].sort();
    return Object.fromEntries(
      names.flatMap((name) => {
        const row = columns.map((column) => column?.get(name) ?? 0);
        return row.some((weight) => Math.abs(weight) >= leastWeight) ? [[name, packRow(row)]] : [];
      }),
    );
  };
  const byFact = new Map(facts);
  const byOption = new Map(options);
  return {
    facts: table(learnedFacts.map((fact) => byFact.get(fact))),
    options: table(learnedOptions.map(([fact, option]) => byOption.get(fact)?.get(option))),
  };
}

export function trainFacts(lessons: readonly FactLesson[]): StoredFactWeights {
  return packed(
    learnedFacts.map((fact) => [fact, fact === 'country' ? learnCountries(lessons) : learnSpans(fact, lessons)] as const),
    (Object.keys(optionsOf) as OptionFact[]).map((fact) => [fact, learnOptions(fact, lessons)] as const),
  );
}
