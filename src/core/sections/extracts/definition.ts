import { phrasesOf } from '../../phrases';
import { wished } from '../../plan/about';
import { ours } from '../../words';
import { itemsIn } from '../content';
import { defineSection } from '../definition';
import { headingOf } from '../headings';
import { extracts as about } from './about';

export const extracts = defineSection(about, {
  because: () => null,
  asked: (known) => wished(known, 'journal', 'Your brief asks for a journal; its newest entries belong on the front page.'),
  write: (w) => {
    const entries = itemsIn(w.written('journal', 'posts'), 'entries').slice(0, 3);
    return entries.length || w.section.from !== 'made'
      ? { heading: headingOf(about, w), entries, link: ours(phrasesOf(w.rules).sections.toTheJournal) }
      : null;
  },
});
