import { phrasesOf } from '../../phrases';
import { reasonFrom } from '../../plan/about';
import { ours } from '../../words';
import { defineSection } from '../definition';
import { itemOf } from '../keys';
import { article as about } from './about';

export const article = defineSection(about, {
  because: ({ reading }) =>
    reading.statements.length
      ? reasonFrom('Your brief says more about you than the home page holds.', reading.statements.slice(0, 6))
      : null,
  write: (w) => ({
    heading: ours(phrasesOf(w.rules).sections.about(w.reading.name?.value ?? null, w.reading.person === 'I')),
    passages: w.harvest.about.map((text) => itemOf(text, { text })),
  }),
});
