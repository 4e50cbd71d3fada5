import { type Known } from '../plan/about';
import { fromTill, ours, type Text } from './text';

/** A clause and what it is about: it keeps that name when its words change with the till. */
export interface Clause {
  about: string;
  text: Text;
}

const clause = (about: string, text: Text): Clause => ({ about, text });

/** What the shop itself does with a buyer's data. Each line is true of how a published shop works; nothing else is claimed. */
export function privacyClauses({ reading }: Known): Clause[] {
  const name = reading.name?.value ?? 'The shop';
  return [
    clause(
      'kept',
      ours(
        `${name} keeps what you type at checkout: your name, your e-mail, where the parcel goes, what you bought and any note. It is needed to send the order and to answer questions about it.`,
      ),
    ),
    clause(
      'cart',
      ours(
        'The cart is kept in your own browser until you empty it. The shop sets no cookies, counts no visits and loads nothing from other companies.',
      ),
    ),
    clause('cards', ours('Card numbers are typed at the payment provider and never reach the shop.')),
    ...(reading.email
      ? [clause('asking', ours(`To see, correct or delete what is kept about you, write to ${reading.email.value}.`))]
      : []),
  ];
}

export function termsClauses({ reading, rules }: Known): Clause[] {
  const name = reading.name?.value ?? 'the shop';
  const place = reading.place ? `, ${reading.place.value}` : '';
  const clauses = [
    clause(
      'order',
      ours(
        `You buy from ${name}${place}. An order is an offer to buy; it is accepted when the shop confirms it with an order number.`,
      ),
    ),
  ];
  if (rules.taxes)
    clauses.push(
      clause(
        'tax',
        fromTill(
          rules.pricesIncludeTax
            ? 'Prices are in ' + rules.currency + ' and contain the tax that applies.'
            : 'Prices are in ' + rules.currency + ' without tax, which is added at checkout.',
          'the tax rules at the till',
        ),
      ),
    );
  else clauses.push(clause('tax', fromTill(`Prices are in ${rules.currency}.`, 'the currency of the till')));
  if (rules.zones.length)
    clauses.push(
      clause(
        'delivery',
        fromTill(
          'Delivery is charged at the rate that you choose at checkout and that the page “Delivery and returns” lists.',
          'the delivery zones at the till',
        ),
      ),
    );
  if (rules.returnsDays !== null)
    clauses.push(
      clause(
        'returns',
        fromTill(
          `Goods may be sent back within ${rules.returnsDays} days of their arrival. The law of your country may give you longer.`,
          'the returns set at the till',
        ),
      ),
    );
  return clauses;
}

/** How money goes back. Each line follows from the till; the law is not told where nobody set it. */
export function refundClauses({ reading, rules }: Known): Clause[] {
  const clauses: Clause[] = [];
  if (rules.returnsDays !== null)
    clauses.push(
      clause(
        'within',
        fromTill(
          `You can send goods back within ${rules.returnsDays} days of their arrival, without giving a reason.`,
          'the returns set at the till',
        ),
      ),
    );
  if (reading.email)
    clauses.push(
      clause('writing', {
        text: `Write to ${reading.email.value} with your order number first, so that the parcel is expected.`,
        rank: 2,
        sources: reading.email.source ? [{ kind: 'brief', source: reading.email.source }] : [{ kind: 'seller' }],
      }),
    );
  clauses.push(
    clause('money', ours('The money goes back the way it came. What the law of your country gives you beyond this stays yours.')),
  );
  return clauses;
}
