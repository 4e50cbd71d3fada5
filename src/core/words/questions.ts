import { phrasesOf } from '../phrases';
import { type Known } from '../plan/about';
import { formatMoney } from '../till';
import { fromTill, ours, type Text } from './text';

export interface Answer {
  /** What it is about: it keeps that name when its words change with the till. */
  about: 'delivery' | 'returns' | 'payment' | 'tax' | 'contact';
  question: Text;
  answer: Text;
}

/** Questions that every buyer has, answered from the till's rules. A rule that isn't set leaves its question out. */
export function deliveryAnswers({ rules, reading }: Known): Answer[] {
  const say = phrasesOf(rules).answers;
  const answers: Answer[] = [];
  const money = (amount: number) => formatMoney(amount, rules);
  if (rules.zones.length) {
    const parts = rules.zones.flatMap(({ label, rates }) => {
      const cheapest = [...rates].sort((a, b) => a.price - b.price)[0];
      if (!cheapest) return [];
      const { price, freeFrom } = cheapest;
      return say.zone({
        zone: label,
        from: price === 0 ? null : money(price),
        freeFrom: freeFrom !== null && price > 0 ? money(freeFrom) : null,
      });
    });
    answers.push({
      about: 'delivery',
      question: ours(say.deliveryCosts),
      answer: fromTill(parts.join(' '), 'the delivery zones at the till'),
    });
  }
  if (rules.returnsDays !== null) {
    answers.push({
      about: 'returns',
      question: ours(say.sendBack),
      answer: fromTill(say.withinDays(rules.returnsDays), 'the returns set at the till'),
    });
  }
  const { card, bank } = rules.payments;
  if (card || bank)
    answers.push({
      about: 'payment',
      question: ours(say.howToPay),
      answer: fromTill(say.ways(card, bank !== '', rules.currency), 'the payments set at the till'),
    });
  if (rules.taxes && answers.length) {
    answers.push({
      about: 'tax',
      question: ours(say.isTaxIn),
      answer: fromTill(rules.pricesIncludeTax ? say.taxIsIn : say.taxIsAdded, 'the tax rules at the till'),
    });
  }
  if (reading.email && answers.length < 4) {
    answers.push({
      about: 'contact',
      question: ours(say.whoToAsk),
      answer: {
        text: say.writeTo(reading.email.value),
        rank: 2,
        sources: reading.email.source ? [{ kind: 'brief', source: reading.email.source }] : [{ kind: 'seller' }],
      },
    });
  }
  return answers;
}
