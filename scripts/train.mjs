// Trains what reads headings and judges the columns of lists and the sentences of briefs, from what is marked in the corpus:
// npm run train [-- headings | lists | briefs | sayings] [--held-out]
import { runBundled } from './bundled.mjs';

const only = process.argv.slice(2).find((word) => !word.startsWith('--'));
for (const what of ['headings', 'lists', 'briefs', 'sayings'])
  if (!only || only === what) await runBundled(`corpus/${what}/train.ts`);
