import { minorDigits } from './currencies';
import { decimal } from './money';
import type { BookedOrder } from './order';

const header = [
  'order',
  'placed',
  'state',
  'payment',
  'currency',
  'name',
  'e-mail',
  'telephone',
  'street',
  'postal code',
  'town',
  'region',
  'country',
  'note',
  'answers',
  'thing',
  'variant',
  'number',
  'price',
  'sum',
  'discount',
  'delivery',
  'tax',
  'total',
  'by gift card',
  'received',
  'refunded',
  'given back',
] as const;

const answered = ({ answers }: BookedOrder) => answers.map(({ label, answer }) => `${label}: ${answer}`).join('; ');

/**
 * Orders as a table, a row for each of their lines. What is of the order as a whole stands in its first row alone, so that a column of a
 * spreadsheet adds up. Sums are decimals of the currency; times are UTC, ISO 8601.
 */
export function orderRows(orders: readonly BookedOrder[]): (string | number)[][] {
  const rows = orders.flatMap((order) => {
    const { buyer, books, currency } = order;
    const money = (amount: number) => decimal(amount, minorDigits(currency));
    return order.lines.map((line, i) => {
      const whole = (value: string) => (i === 0 ? value : '');
      return [
        ...[order.number, order.placed, order.state, order.payment, currency],
        ...[
          buyer.name,
          buyer.email,
          buyer.phone,
          buyer.street,
          buyer.postcode,
          buyer.place,
          buyer.region,
          buyer.country,
          buyer.note,
          answered(order),
        ].map(whole),
        ...[line.title, line.variant, line.quantity, money(line.price), money(line.sum), money(line.discount)],
        ...[
          order.delivery?.price ?? 0,
          order.tax,
          order.total,
          order.giftCard,
          books.received,
          books.refunded,
          books.givenBack,
        ].map((amount) => whole(money(amount))),
      ];
    });
  });
  return [[...header], ...rows];
}
