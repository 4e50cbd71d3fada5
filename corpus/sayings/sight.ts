import { judgeOf } from '@/core/sentences';
import { batchNames, frozenName, nothings, readBatch } from './marked';
import { trainSentences } from './learn';
import { lineOf } from './lines';

/** Each batch read by a judge that was trained on those before it alone. */
// One of them alone where it is named: a batch is read once, and looked at.
const names = [...batchNames, frozenName];
const only = process.argv.find((word) => names.includes(word as never));
const details = process.argv.includes('--details');
names.forEach((name, i) => {
  if (only && name !== only) return;
  const by = judgeOf(trainSentences(names.slice(0, i).map(readBatch), nothings()));
  console.log(lineOf(readBatch(name), details && name !== frozenName, by));
});
