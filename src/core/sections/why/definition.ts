import { reasonFrom } from '../../plan/about';
import { leastFit } from '../../words';
import { defineSection } from '../definition';
import { headingOf } from '../headings';
import { itemOf } from '../keys';
import { why as about } from './about';

export const why = defineSection(about, {
  because: ({ reading }) => {
    const reasons = reading.statements.filter((s) => ['claim', 'promise', 'process'].includes(s.role) && s.fit.why >= leastFit);
    return reasons.length ? reasonFrom('Your brief says how you work and what you promise.', reasons.slice(0, 3)) : null;
  },
  write: (w) =>
    w.harvest.why.length || w.section.from === 'added'
      ? {
          heading: headingOf(about, w),
          reasons: w.harvest.why.map(({ title, text }) => itemOf(text, { ...(title ? { title } : {}), text })),
        }
      : null,
});
