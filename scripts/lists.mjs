// Reads the lists of the corpus and says how they were read, batch by batch: npm run lists -- --details
import { runBundled } from './bundled.mjs';

await runBundled('corpus/lists/main.ts');
