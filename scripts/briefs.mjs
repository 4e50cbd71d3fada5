// Reads the briefs of the corpus and says how they were read, batch by batch: npm run briefs -- --details
import { runBundled } from './bundled.mjs';

await runBundled('corpus/briefs/main.ts');
