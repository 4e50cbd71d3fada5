import { phrasesOf } from '../../phrases';
import { reasonFrom, wished } from '../../plan/about';
import { ours, sourcesOf } from '../../words';
import { defineSection } from '../definition';
import { headingOf } from '../headings';
import { newsletter as about } from './about';

export const newsletter = defineSection(about, {
  because: ({ reading }) =>
    reading.email && reading.goal.value === 'subscribers'
      ? reasonFrom('The site is to win readers for your letters.', [reading.goal])
      : null,
  asked: (known) => (known.reading.email ? wished(known, 'newsletter', 'Your brief asks for a newsletter.') : null),
  write: (w) => {
    const { email } = w.reading;
    return email
      ? {
          heading: headingOf(about, w),
          note: {
            text: phrasesOf(w.rules).sections.signUp(email.value),
            rank: 2,
            sources: sourcesOf(email),
          },
          button: ours(phrasesOf(w.rules).sections.signUpByLetter),
        }
      : null;
  },
});
