import { type Known } from '../plan/about';
import { formatMoney } from '../till';
import { listed } from './grammar';
import { fromTill, ours, type Text } from './text';

export interface Answer {
  /** What it is about: it keeps that name when its words change with the till. */
  about: 'delivery' | 'returns' | 'payment' | 'tax' | 'contact';
  question: Text;
  answer: Text;
}

/** Questions that every buyer has, answered from the till's rules. A rule that isn't set leaves its question out. */
export function deliveryAnswers({ rules, reading }: Known): Answer[] {
  const answers: Answer[] = [];
  const money = (amount: number) => formatMoney(amount, rules);
  if (rules.zones.length) {
    const parts = rules.zones.map((zone) => {
      const cheapest = [...zone.rates].sort((a, b) => a.price - b.price)[0];
      if (!cheapest) return '';
      const price = cheapest.price === 0 ? 'free' : `from ${money(cheapest.price)}`;
      const free = cheapest.freeFrom !== null && cheapest.price > 0 ? `, free from ${money(cheapest.freeFrom)}` : '';
      return `${zone.label}: ${price}${free}.`;
    });
    answers.push({
      about: 'delivery',
      question: ours('What does delivery cost?'),
      answer: fromTill(parts.filter(Boolean).join(' '), 'the delivery zones at the till'),
    });
  }
  if (rules.returnsDays !== null) {
    answers.push({
      about: 'returns',
      question: ours('Can I send something back?'),
      answer: fromTill(`Yes, within ${rules.returnsDays} days of its arrival.`, 'the returns set at the till'),
    });
  }
  const ways = [rules.payments.card ? 'by card' : '', rules.payments.bank ? 'by bank transfer' : ''].filter(Boolean);
  if (ways.length)
    answers.push({
      about: 'payment',
      question: ours('How can I pay?'),
      answer: fromTill(
        `${ways.length > 1 ? listed(ways).replace(/^b/, 'B').replace(' and ', ' or ') : (ways[0] ?? '').replace(/^b/, 'B')}, in ${rules.currency}.`,
        'the payments set at the till',
      ),
    });
  if (rules.taxes && answers.length) {
    answers.push({
      about: 'tax',
      question: ours('Is tax in the prices?'),
      answer: fromTill(
        rules.pricesIncludeTax ? 'Yes. The checkout shows how much.' : 'No. It is added at checkout, where you see how much.',
        'the tax rules at the till',
      ),
    });
  }
  if (reading.email && answers.length < 4) {
    answers.push({
      about: 'contact',
      question: ours('Who do I ask?'),
      answer: {
        text: `Write to ${reading.email.value}.`,
        rank: 2,
        sources: reading.email.source ? [{ kind: 'brief', source: reading.email.source }] : [{ kind: 'seller' }],
      },
    });
  }
  return answers;
}
