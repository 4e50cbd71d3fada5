import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { lessonOf, trainJudge } from './learn';
import { groundsOf, trainFacts } from './learnFacts';
import { learnedNames, readBatchNamed } from './marked';

/** A line a feature, so that a change of weights can be looked at. */
const block = (rows: Readonly<Record<string, string>>): string =>
  `{\n${Object.entries(rows)
    .map(([name, row]) => `${JSON.stringify(name)}:${JSON.stringify(row)}`)
    .join(',\n')}\n}`;

/** Writes tables of weights to where the reader takes them from. */
function write(to: string, tables: Readonly<Record<string, Readonly<Record<string, string>>>>): void {
  const text = `{${Object.entries(tables)
    .map(([name, rows]) => `${JSON.stringify(name)}:${block(rows)}`)
    .join(',')}}\n`;
  writeFileSync(join(process.cwd(), to), text);
  console.log(`${to}: ${Math.round(text.length / 1000)} kB`);
}

const briefs = learnedNames.flatMap(readBatchNamed);
const lessons = briefs.map(lessonOf);
console.log(`${lessons.reduce((n, { marks }) => n + marks.filter(Boolean).length, 0)} sentences of ${lessons.length} briefs`);
write('src/core/brief/judge/weights.json', { ...trainJudge(lessons) });
write('src/core/brief/facts/weights.json', { ...trainFacts(groundsOf(briefs, lessons)) });
