import { lineOf } from './lines';
import { batchNames, frozenName, readBatch } from './marked';

const details = process.argv.includes('--details');

for (const name of batchNames) console.log(lineOf(readBatch(name), details));
console.log(lineOf(readBatch(frozenName), false));
