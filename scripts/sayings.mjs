// Says the sentences of the corpus to its shops and prints how they were understood, batch by batch: npm run sayings -- --details
import { runBundled } from './bundled.mjs';

await runBundled('corpus/sayings/main.ts');
