// Says the sentences of the corpus to its shops and prints how they were understood, batch by batch: npm run sayings -- --details
// Each batch by a judge that was trained on those before it alone, some minutes: npm run sayings -- --held-out [BATCH]
import { runBundled } from './bundled.mjs';

await runBundled(`corpus/sayings/${process.argv.includes('--held-out') ? 'sight' : 'main'}.ts`);
