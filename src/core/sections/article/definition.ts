import { reasonFrom } from '../../plan/about';
import { ours } from '../../words';
import { defineSection, spoken } from '../definition';
import { itemOf } from '../keys';
import { article as about } from './about';

export const article = defineSection(about, {
  because: ({ reading }) =>
    reading.statements.length
      ? reasonFrom('Your brief says more about you than the home page holds.', reading.statements.slice(0, 6))
      : null,
  write: (w) => ({
    heading: ours(`About ${w.reading.name?.value ?? spoken(w, 'me', 'us')}`),
    passages: w.harvest.about.map((text) => itemOf(text, { text })),
  }),
});
