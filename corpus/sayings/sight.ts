import { judgeOf } from '@/core/sentences';
import { batchNames, frozenName, nothings, readBatch } from './marked';
import { trainSentences } from './learn';
import { lineOf } from './lines';

/** Each batch read by a judge that was trained on those before it alone. */
const names = [...batchNames, frozenName];
const details = process.argv.includes('--details');
names.forEach((name, i) => {
  const by = judgeOf(trainSentences(names.slice(0, i).map(readBatch), nothings()));
  console.log(lineOf(readBatch(name), details && name !== frozenName, by));
});
