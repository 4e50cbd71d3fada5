import { phrasesOf } from '../../phrases';
import { reason } from '../../plan/about';
import { ours } from '../../words';
import { itemsIn } from '../content';
import { defineSection } from '../definition';
import { itemOf } from '../keys';
import { rates as about } from './about';

export const rates = defineSection(about, {
  because: () => reason('Buyers look for this before they pay, and the law asks for it.'),
  shows: ({ rules }, words) => rules.zones.length > 0 || rules.returnsDays !== null || itemsIn(words, 'passages').length > 0,
  write: (w) => ({
    heading: ours(phrasesOf(w.rules).sections.deliveryAndReturns),
    passages: w.harvest.delivery.map((text) => itemOf(text, { text })),
  }),
});
