import { reasonFrom } from '../../plan/about';
import { isReason } from '../../words';
import { defineSection } from '../definition';
import { asHeading, headingOf } from '../headings';
import { itemOf } from '../keys';
import { why as about } from './about';

export const why = defineSection(about, {
  because: ({ reading }) => {
    const reasons = reading.statements.filter(isReason);
    return reasons.length ? reasonFrom('Your brief says how you work and what you promise.', reasons.slice(0, 3)) : null;
  },
  write: (w) =>
    w.harvest.why.length || w.section.from === 'added'
      ? {
          heading: w.harvest.whyHeading ? asHeading(w.harvest.whyHeading) : headingOf(about, w),
          reasons: w.harvest.why.map(({ title, text }) => itemOf(text, { ...(title ? { title } : {}), text })),
        }
      : null,
});
