import { readBrief } from '@/core/brief';
import { batchNames, factNames, readBatchNamed, readFrozen, type MarkedBrief } from './marked';
import { factsOf, precision, recall, sentencesOf, sumOf } from './score';

const details = process.argv.includes('--details');
const share = (n: number) => n.toFixed(2);

/** One line for a batch and one for its facts; single errors where they may be looked at. */
function print(called: string, briefs: readonly MarkedBrief[], detailed: boolean): void {
  const read = briefs.map((brief) => ({ brief, reading: readBrief(brief.text, brief.goods) }));
  const counts = factsOf(read);
  const all = sumOf(Object.values(counts));
  const sentences = read.map(({ brief, reading }) => ({
    what: brief.what,
    ...sentencesOf(
      brief,
      reading.statements.map(({ source }) => source),
      reading.unsure.map(({ source }) => source),
    ),
  }));
  const sum = (of: (one: (typeof sentences)[number]) => number) => sentences.reduce((n, one) => n + of(one), 0);
  console.log(
    `${called}: ${read.length} briefs; facts ${share(precision(all))} / ${share(recall(all))}; let through ${sum((one) => one.printed)}, of which never ${sum((one) => one.shaming.length)}; asked about ${sum((one) => one.asked)}; own sentences ${sum((one) => one.own)}, of which lost ${sum((one) => one.lost.length)}`,
  );
  console.log(
    `  ${factNames.map((fact) => `${fact} ${share(precision(counts[fact]))}/${share(recall(counts[fact]))}`).join(', ')}`,
  );
  if (!detailed) return;
  for (const fact of factNames) {
    for (const line of counts[fact].wrong) console.log(`   ${fact} wrong: ${line}`);
    for (const line of counts[fact].missed) console.log(`   ${fact} missed: ${line}`);
  }
  for (const one of sentences) {
    for (const line of one.shaming) console.log(`   NEVER ${one.what}: ${line}`);
    for (const line of one.lost) console.log(`   lost ${one.what}: ${line}`);
  }
}

for (const name of batchNames) print(`batch ${name}`, readBatchNamed(name), details);
print('frozen', readFrozen(), false);
