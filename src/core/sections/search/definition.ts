import { phrasesOf } from '../../phrases';
import { reason } from '../../plan/about';
import { ours } from '../../words';
import { defineSection } from '../definition';
import { search as about } from './about';

export const search = defineSection(about, {
  because: () => reason('A shop with more than a shelf is searched.'),
  write: ({ rules }) => ({ heading: ours(phrasesOf(rules).sections.search) }),
});
