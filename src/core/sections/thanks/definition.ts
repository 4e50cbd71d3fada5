import { phrasesOf } from '../../phrases';
import { reason } from '../../plan/about';
import { ours } from '../../words';
import { defineSection } from '../definition';
import { thanks as about } from './about';

export const thanks = defineSection(about, {
  because: () => reason('A buyer wants to know that it worked.'),
  write: ({ rules }) => ({ heading: ours(phrasesOf(rules).sections.thanks) }),
});
