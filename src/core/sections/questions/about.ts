import { answer, heading, items, question } from '../field';
import { aboutSection } from '../kind';

export const questions = aboutSection({
  kind: 'questions',
  label: 'Questions',
  visitorGets: 'Answers on delivery, returns and payment before they have to ask.',
  doNext: 'Check every answer against what you really do; they come from the till.',
  library: true,
  arrangements: [
    { id: 'open', label: 'All open' },
    { id: 'folded', label: 'Folded' },
  ],
  fields: {
    heading: heading(),
    answers: items({ question: question({ ask: 'A question that buyers ask you' }), answer: answer({ ask: 'Your answer' }) }),
  },
});
