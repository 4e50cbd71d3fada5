import { phrasesOf } from '../../phrases';
import { reasonFrom } from '../../plan/about';
import { ours } from '../../words';
import { defineSection } from '../definition';
import { headingOf } from '../headings';
import { itemOf } from '../keys';
import { contact as about } from './about';

export const contact = defineSection(about, {
  because: ({ reading }) => {
    const facts = [reading.email, reading.phone, reading.address, reading.place].filter((fact) => fact !== null);
    return facts.length ? reasonFrom('Your brief gives a way to reach you.', facts) : null;
  },
  write: (w) =>
    w.page.kind === 'contact'
      ? { heading: ours(phrasesOf(w.rules).sections.contact), passages: w.harvest.contact.map((text) => itemOf(text, { text })) }
      : { heading: headingOf(about, w) },
});
