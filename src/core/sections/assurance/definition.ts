import { phrasesOf } from '../../phrases';
import { reasonFrom } from '../../plan/about';
import { isPromise, ours } from '../../words';
import { defineSection } from '../definition';
import { itemOf } from '../keys';
import { assurance as about } from './about';

export const assurance = defineSection(about, {
  because: ({ reading }) => {
    const promised = reading.statements.filter((s) => isPromise(s) || s.topics.includes('delivery'));
    return promised.length ? reasonFrom('Your brief promises this of all that you sell.', promised.slice(0, 3)) : null;
  },
  write: ({ harvest, rules }) => {
    const told = [...harvest.promises.slice(0, 2), ...harvest.delivery.slice(0, 1)];
    return told.length
      ? { passages: told.map((text) => itemOf(text, { text })), link: ours(phrasesOf(rules).sections.deliveryAndReturns) }
      : null;
  },
});
