import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { learnedNames, nothings, readBatch } from './marked';
import { trainSentences } from './learn';

const { features, words, like } = trainSentences(learnedNames.map(readBatch), nothings());
const text = `{"words":${JSON.stringify(words)},"like":${JSON.stringify(like)},"features":{\n${Object.entries(features)
  .map(([name, row]) => `${JSON.stringify(name)}:${JSON.stringify(row)}`)
  .join(',\n')}\n}}\n`;
writeFileSync(join(process.cwd(), 'src/core/sentences/weights.json'), text);
console.log(`src/core/sentences/weights.json: ${Math.round(text.length / 1000)} kB`);
