import { phrasesOf } from '../phrases';
import { type Known } from '../plan/about';
import { fromTill, ours, type Text } from './text';

/** A clause and what it is about: it keeps that name when its words change with the till. */
export interface Clause {
  about: string;
  text: Text;
}

const clause = (about: string, text: Text): Clause => ({ about, text });

/** What the shop itself does with a buyer's data. Each line is true of how a published shop works; nothing else is claimed. */
export function privacyClauses({ reading, rules }: Known): Clause[] {
  const say = phrasesOf(rules).clauses;
  return [
    clause('kept', ours(say.kept(reading.name?.value ?? null))),
    clause('cart', ours(say.cart)),
    clause('cards', ours(say.cards)),
    ...(reading.email ? [clause('asking', ours(say.asking(reading.email.value)))] : []),
  ];
}

export function termsClauses({ reading, rules }: Known): Clause[] {
  const { clauses: say, pages } = phrasesOf(rules);
  const { currency, taxes, pricesIncludeTax, zones, returnsDays } = rules;
  const tax = taxes
    ? fromTill(pricesIncludeTax ? say.taxIn(currency) : say.taxAdded(currency), 'the tax rules at the till')
    : fromTill(say.currency(currency), 'the currency of the till');
  return [
    clause('order', ours(say.order(reading.name?.value ?? null, reading.place?.value ?? null))),
    clause('tax', tax),
    ...(zones.length ? [clause('delivery', fromTill(say.delivery(pages.delivery), 'the delivery zones at the till'))] : []),
    ...(returnsDays === null ? [] : [clause('returns', fromTill(say.returns(returnsDays), 'the returns set at the till'))]),
  ];
}

/** How money goes back. Each line follows from the till; the law is not told where nobody set it. */
export function refundClauses({ reading, rules }: Known): Clause[] {
  const say = phrasesOf(rules).clauses;
  const { email } = reading;
  const { returnsDays } = rules;
  return [
    ...(returnsDays === null ? [] : [clause('within', fromTill(say.refundWithin(returnsDays), 'the returns set at the till'))]),
    ...(email
      ? [
          clause('writing', {
            text: say.refundWriting(email.value),
            rank: 2,
            sources: email.source ? [{ kind: 'brief', source: email.source }] : [{ kind: 'seller' }],
          }),
        ]
      : []),
    clause('money', ours(say.refundMoney)),
  ];
}
