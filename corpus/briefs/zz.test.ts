import { readBatchNamed, batchNames, roles, verdicts } from './marked';
import { judgedOf } from './learn';
import { train } from '../regression';
import { softmax } from '@/core/softmax';
const roleNames = Object.values(roles);
const verdictNames = Object.values(verdicts);
test('x', () => {
  const briefs = batchNames.flatMap(readBatchNamed).map(judgedOf);
  const folds = 5;
  let n = 0, roleRight = 0;
  const rows: { p: number; v: string; r: string; rr: string; t: string }[] = [];
  for (let f = 0; f < folds; f++) {
    const shown = briefs.filter((_, i) => i % folds !== f).flat();
    const held = briefs.filter((_, i) => i % folds === f).flat();
    const opts = { rounds: 150, restraint: 0.0005, least: 2 };
    const wr = train(shown.map(j => ({ features: j.features, outcome: roleNames.indexOf(j.mark.role) })), { ...opts, outcomes: roleNames.length });
    const wv = train(shown.map(j => ({ features: j.features, outcome: verdictNames.indexOf(j.mark.verdict) })), { ...opts, outcomes: 3 });
    for (const j of held) {
      n++;
      const r = softmax(j.features, wr, roleNames.length);
      const rr = roleNames[r.indexOf(Math.max(...r))]!;
      if (rr === j.mark.role) roleRight++;
      const v = softmax(j.features, wv, 3);
      rows.push({ p: v[0]!, v: j.mark.verdict, r: j.mark.role, rr, t: j.said.text });
    }
  }
  const out: string[] = [`${n} role ${(roleRight / n).toFixed(3)}`];
  for (const t of [0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9]) {
    const printed = rows.filter(r => r.p >= t);
    out.push(`t ${t}: printed ${printed.length} never ${printed.filter(r => r.v === 'never').length} mend ${printed.filter(r => r.v === 'mend').length}; own ${rows.filter(r => r.v === 'print').length} lost ${rows.filter(r => r.v === 'print' && r.p < t).length}`);
  }
  out.push('--- never, most likely printed');
  for (const r of rows.filter(r => r.v === 'never').sort((a, b) => b.p - a.p).slice(0, 50)) out.push(`${r.p.toFixed(2)} ${r.r}>${r.rr} ${r.t}`);
  out.push('--- print, least likely');
  for (const r of rows.filter(r => r.v === 'print').sort((a, b) => a.p - b.p).slice(0, 60)) out.push(`${r.p.toFixed(2)} ${r.r}>${r.rr} ${r.t}`);
  require('fs').writeFileSync('/tmp/judge.txt', out.join('\n'));
}, 600000);
