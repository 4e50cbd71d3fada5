import { phrasesOf } from '../../phrases';
import { reason } from '../../plan/about';
import { ours } from '../../words';
import { defineSection } from '../definition';
import { checkout as about } from './about';

export const checkout = defineSection(about, {
  because: () => reason('Nothing is sold without it.'),
  write: ({ rules }) => ({ heading: ours(phrasesOf(rules).sections.checkout) }),
});
