import { phrasesOf } from '../../phrases';
import { reason } from '../../plan/about';
import { ours } from '../../words';
import { defineSection } from '../definition';
import { cart as about } from './about';

export const cart = defineSection(about, {
  because: () => reason('Nothing is sold without it.'),
  write: ({ rules }) => ({ heading: ours(phrasesOf(rules).sections.yourCart) }),
});
