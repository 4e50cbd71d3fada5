import { type JudgeWeights } from '@/core/sentences';
import { type Batch } from './marked';
import { scoreOf } from './score';

/** One line for a batch; single errors where they may be looked at. */
export function lineOf(batch: Batch, detailed: boolean, by?: JudgeWeights): string {
  const all = scoreOf(batch, by);
  const wanted = all.filter(({ marked }) => marked.kind !== 'refuse');
  const unwanted = all.filter(({ marked }) => marked.kind === 'refuse');
  const count = (as: string) => wanted.filter((one) => one.as === as).length;
  const lines = [
    `${batch.name}: ${wanted.length} wishes: right ${count('right')} (${(count('right') / wanted.length).toFixed(2)}), offered among several ${count('offered')}, refused ${count('refused')}, wrong ${count('wrong')}; wrong acts ${wanted.filter((one) => one.wrongAct).length}; ${unwanted.length} to refuse: refused ${unwanted.filter((one) => one.as === 'right').length}, acted on ${unwanted.filter((one) => one.wrongAct).length}`,
  ];
  if (detailed)
    for (const one of all)
      if (one.as !== 'right')
        lines.push(
          `   ${one.as}${one.wrongAct ? ' ACT' : ''}: ${one.marked.at} “${one.marked.text}” => ${one.marked.kind} ${JSON.stringify(one.marked.of)}, got ${one.got}`,
        );
  return lines.join('\n');
}
