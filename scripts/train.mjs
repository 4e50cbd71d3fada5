// Trains what judges the columns of lists and the sentences of briefs, from what is marked in the corpus:
// npm run train [-- lists | briefs | sayings] [--held-out]
import { runBundled } from './bundled.mjs';

const only = process.argv.slice(2).find((word) => !word.startsWith('--'));
for (const what of ['lists', 'briefs', 'sayings']) if (!only || only === what) await runBundled(`corpus/${what}/train.ts`);
