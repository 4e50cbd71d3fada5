import { phrasesOf } from '../../phrases';
import { reason } from '../../plan/about';
import { ours } from '../../words';
import { defineSection } from '../definition';
import { missing as about } from './about';

export const missing = defineSection(about, {
  because: () => reason('Addresses age; visitors should not hit a wall.'),
  write: ({ rules }) => ({
    heading: ours(phrasesOf(rules).sections.notHere),
    text: ours(phrasesOf(rules).sections.notHereText),
  }),
});
