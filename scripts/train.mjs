// Trains what judges the columns of lists, from the marked lists of the corpus: npm run train [-- --held-out]
import { runBundled } from './bundled.mjs';

await runBundled('corpus/lists/train.ts');
