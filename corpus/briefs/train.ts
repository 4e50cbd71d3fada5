import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { lessonOf, trainJudge } from './learn';
import { learnedNames, readBatchNamed } from './marked';

const lessons = learnedNames.flatMap(readBatchNamed).map(lessonOf);
const weights = trainJudge(lessons);

/** A line a feature, so that a change of weights can be looked at. */
const block = (rows: Readonly<Record<string, string>>): string =>
  `{\n${Object.entries(rows)
    .map(([name, row]) => `${JSON.stringify(name)}:${JSON.stringify(row)}`)
    .join(',\n')}\n}`;
const text = `{"words":${block(weights.words)},"near":${block(weights.near)}}\n`;
writeFileSync(join(process.cwd(), 'src/core/brief/judge/weights.json'), text);
console.log(
  `sentences: ${lessons.reduce((n, { marks }) => n + marks.filter(Boolean).length, 0)} of ${lessons.length} briefs; ${Math.round(text.length / 1000)} kB of weights`,
);
