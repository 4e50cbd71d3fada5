import { phrasesOf } from '../../phrases';
import { reasonFrom, wished } from '../../plan/about';
import { ours, sourcesOf } from '../../words';
import { defineSection } from '../definition';
import { headingOf } from '../headings';
import { form as about } from './about';

export const form = defineSection(about, {
  because: ({ reading }) =>
    reading.email && reading.goal.value === 'enquiries'
      ? reasonFrom('The site is to bring enquiries.', [reading.goal, reading.email])
      : null,
  asked: (known) => (known.reading.email ? wished(known, 'form', 'Your brief asks for a form.') : null),
  write: (w) => {
    const { email } = w.reading;
    return email
      ? {
          heading: headingOf(about, w),
          note: {
            text: phrasesOf(w.rules).sections.letterOpens(email.value),
            rank: 2,
            sources: sourcesOf(email),
          },
          button: ours(phrasesOf(w.rules).sections.beginLetter),
        }
      : null;
  },
});
