import { batches } from './batches';
import { look } from './look';
import { madeList } from './made/made';
import { figuresOf, scoreOf } from './score';

const [, , flag, path, brief] = process.argv;
if (flag === '--look' && path) {
  look(path, brief);
  process.exit(0);
}

if (flag === '--made') {
  // Lists that chance has made: --made HOW-MANY FROM
  const [count, from] = [Number(path ?? 200), Number(brief ?? 1)];
  const scores = [];
  for (let seed = from; seed < from + count; seed++) scores.push(await scoreOf(madeList(seed).list));
  for (const { drawn, columns, missing, surplus, silent } of scores.filter(({ whole }) => !whole))
    console.log([`✘ ${drawn}`, ...columns.wrong, ...missing.slice(0, 1), ...surplus.slice(0, 1), ...silent.slice(0, 1).map((line) => `SILENT ${line}`)].join('\n   ')); // prettier-ignore
  const { whole, columns, silent } = figuresOf(scores);
  console.log(`${count} made: ${whole} wholly right, columns ${columns.toFixed(3)}, wrong without a word ${silent}`);
  process.exit(0);
}

const details = process.argv.includes('--details');
for (const { name, lists } of batches) {
  const scores = [];
  for (const list of lists) scores.push(await scoreOf(list));
  const { lists: n, whole, refused, columns, variants, silent } = figuresOf(scores);
  console.log(
    `batch ${name}: ${n} lists, ${whole} wholly right, ${refused} refused, columns ${columns.toFixed(3)}, variants ${variants.toFixed(3)}, wrong without a word ${silent}`,
  );
  // The frozen ones are counted, and not looked at one by one.
  if (!details || name === 'frozen') continue;
  for (const score of scores) {
    if (score.whole) continue;
    console.log(`\n✘ ${score.drawn}${score.currency ? '' : ' (currency)'} ${score.refused}`);
    for (const line of score.columns.wrong) console.log(`   column ${line}`);
    for (const line of score.missing.slice(0, 4)) console.log(`   missing ${line}`);
    for (const line of score.surplus.slice(0, 4)) console.log(`   instead ${line}`);
    for (const line of score.silent.slice(0, 4)) console.log(`   SILENT ${line}`);
  }
}
