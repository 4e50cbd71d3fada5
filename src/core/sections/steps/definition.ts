import { reasonFrom, wished } from '../../plan/about';
import { capitalised, fromBrief } from '../../words';
import { defineSection } from '../definition';
import { headingOf } from '../headings';
import { itemSaying } from '../keys';
import { steps as about } from './about';

export const steps = defineSection(about, {
  because: ({ reading }) =>
    reading.steps.length >= 3 ? reasonFrom('Your brief tells the steps of the work.', reading.steps) : null,
  asked: (known) => wished(known, 'steps', 'Your brief asks for the steps.'),
  write: (w) => ({
    heading: headingOf(about, w),
    steps: w.reading.steps.map((fact) =>
      itemSaying(fact.value, { step: fromBrief(capitalised(fact.value), ...(fact.source ? [fact.source] : [])) }),
    ),
  }),
});
