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
  write: (w) => {
    const { why: reasons, whyHeading } = w.harvest;
    if (!reasons.length && w.section.from !== 'added') return null;
    // One reason stands for itself.
    const heading = whyHeading ? asHeading(whyHeading) : reasons.length === 1 ? null : headingOf(about, w);
    return {
      ...(heading ? { heading } : {}),
      reasons: reasons.map(({ title, text }) => itemOf(text, { ...(title ? { title } : {}), text })),
    };
  },
});
