import { reason } from '../../plan/about';
import { deliveryAnswers, ours } from '../../words';
import { defineSection } from '../definition';
import { headingOf } from '../headings';
import { itemNamed } from '../keys';
import { questions as about } from './about';

export const questions = defineSection(about, {
  because: ({ rules }) =>
    rules.zones.length || rules.returnsDays !== null
      ? reason('The till knows what delivery, returns and payment are like.')
      : null,
  write: (w) => {
    const answers = deliveryAnswers(w);
    if (!answers.length && w.section.from === 'made') return null;
    return {
      heading: w.page.kind === 'questions' ? ours(w.page.name) : headingOf(about, w),
      answers: answers.map(({ about: topic, question, answer }) => itemNamed(topic, { question, answer })),
    };
  },
});
