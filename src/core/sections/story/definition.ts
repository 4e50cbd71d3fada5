import { phrasesOf } from '../../phrases';
import { reasonFrom } from '../../plan/about';
import { ours } from '../../words';
import { leastStory } from '../../brief';
import { defineSection } from '../definition';
import { headingOf } from '../headings';
import { itemOf } from '../keys';
import { story as about } from './about';

export const story = defineSection(about, {
  because: ({ reading }) => {
    const telling = reading.statements.filter((s) => s.story >= leastStory);
    return telling.length ? reasonFrom('Your brief tells where you come from.', telling.slice(0, 3)) : null;
  },
  write: (w) =>
    w.harvest.story.length || w.section.from !== 'made'
      ? {
          heading: headingOf(about, w),
          passages: w.harvest.story.map((text) => itemOf(text, { text })),
          ...(w.harvest.about.length ? { link: ours(phrasesOf(w.rules).sections.moreAbout(w.reading.person === 'I')) } : {}),
        }
      : null,
});
