import { randomUUID } from 'node:crypto';
import {
  daysUntil,
  formatMoney,
  makeOrder,
  reminderDays,
  stepsOf,
  type Actor,
  type HostData,
  type Order,
  type OrderRequest,
  type PriceList,
} from '@/core/till';
import { fail, ok, type Result } from '@/core/result';
import { type Desk } from './desk';
import { type HostEvent } from './events';
import { isPaid, type Kept } from './kept';
import { type Ledger } from './ledger';
import { dueTurn, nextDates, turnFrom, type Repeat } from './repeats';

/** What turns need of the till that they are ordered at. */
interface At {
  /** The published prices, with what is left of each. */
  listOf: (data: HostData) => PriceList;
  nextNumber: () => string;
  /** Keeps an order, and asks for its payment. */
  take: (event: Extract<HostEvent, { type: 'order' }>, now: string) => void;
}

/** The turns of what comes again: each is an order of its own, at the sum that its buyer agreed to or below it. */
export class Turns {
  /** The hour in which dates were looked at last. */
  private lookedAt = '';

  constructor(
    private readonly ledger: Ledger,
    private readonly desk: Desk,
    private readonly at: At,
  ) {}

  private get published(): HostData | null {
    return this.desk.office?.data() ?? null;
  }

  /** Orders the turns that are due, and reminds of those that are near. */
  comeAgain(now: string): void {
    // Dates are days: an hour is looked at once.
    const hour = now.slice(0, 13);
    const data = this.published;
    if (hour === this.lookedAt || !data) return;
    this.lookedAt = hour;
    const today = now.slice(0, 10);
    for (const repeat of this.ledger.repeats.all.values()) {
      const turn = dueTurn(repeat, today);
      const [next] = nextDates(repeat, 1);
      if (turn !== null) this.order(repeat, turn, data, now);
      else if (next && repeat.told < repeat.turn && daysUntil(today, next) <= reminderDays) {
        const { order: number, variant, turn: near } = repeat;
        this.ledger.record({ type: 'remind', at: now, number, variant, turn: near });
        this.post(repeat, now);
      }
    }
  }

  private order(repeat: Repeat, turn: number, data: HostData, now: string): void {
    const first = this.ledger.orders.get(repeat.order);
    if (!first) return;
    const made = makeTurn(first.order, repeat, data, this.at.listOf(data), this.at.nextNumber(), now);
    if (!made.ok) return this.turnTo(repeat, 'paused', now, 'host', made.say);
    const { order, bill } = made.value;
    if (order.currency !== first.order.currency || order.total > repeat.agreed) {
      const sum = formatMoney(order.total, data.rules);
      return this.turnTo(repeat, 'paused', now, 'host', `It would come to ${sum} now, which the buyer has not agreed to.`);
    }
    const { order: number, variant } = repeat;
    this.at.take(
      {
        ...{ type: 'order', at: now, key: `turn-${number}-${variant}-${turn}`, receipt: randomUUID(), letters: true },
        ...{ order, invoiced: data.rules.invoices !== null, again: { number, variant, turn } },
        working: stepsOf(bill, data.rules),
        ...patienceOf(order, data),
      },
      now,
    );
  }

  /** What a turn would come to now, minor units; null where it can't be ordered now. */
  costs(first: Order, line: Pick<Repeat, 'variant' | 'quantity'>, now: string): number | null {
    const data = this.published;
    const made = data && makeTurn(first, line, data, this.at.listOf(data), '0', now);
    return made?.ok && made.value.order.currency === first.currency ? made.value.order.total : null;
  }

  /** It is stopped with its order, rests when a turn is not paid, and goes on when it is. */
  settle({ order, again }: Kept, now: string): void {
    const { repeats } = this.ledger;
    if (order.state === 'cancelled')
      for (const repeat of repeats.of(order.number))
        if (repeat.order === order.number && repeat.state !== 'stopped')
          this.turnTo(repeat, 'stopped', now, 'host', 'Its order was cancelled.');
    const mine = again && repeats.find(again.order, again.variant);
    if (!mine || mine.orders.at(-1) !== order.number) return;
    if (mine.state === 'running' && (order.state === 'refused' || order.state === 'expired'))
      this.turnTo(mine, 'paused', now, 'host', `Order ${order.number} was not paid.`, { unpaid: order.number });
    if (mine.waitsFor === order.number && isPaid(order))
      this.turnTo(mine, 'running', now, 'host', 'Its payment has come.', { turn: turnFrom(mine, now.slice(0, 10)) });
  }

  /** Pieces were given back: what all of was rests, so that nobody pays on for what they sent back. */
  refunded({ order, refunded }: Kept, now: string): void {
    for (const repeat of this.ledger.repeats.of(order.number)) {
      const line = order.lines.find(({ variant }) => variant === repeat.variant);
      const isAll = line !== undefined && (refunded.pieces.get(repeat.variant) ?? 0) >= line.quantity;
      if (isAll && repeat.state === 'running')
        this.turnTo(repeat, 'paused', now, 'host', `It was refunded in order ${order.number}.`);
    }
  }

  /** As its buyer or the seller wants. `seen` is the sum that the buyer agrees to anew. */
  change(
    number: string,
    variant: string,
    state: Repeat['state'],
    by: 'buyer' | 'seller',
    now: string,
    seen?: number,
  ): Result<null> {
    const repeat = this.ledger.repeats.of(number).find((one) => one.variant === variant);
    const first = repeat && this.ledger.orders.get(repeat.order);
    if (!repeat || !first) return fail('Nothing of this order comes again.');
    if (repeat.state === state) return ok(null);
    if (repeat.state === 'stopped') return fail('It was stopped, so it does not go on. It can be ordered anew.');
    if (state !== 'running') {
      this.turnTo(repeat, state, now, by, '');
      return ok(null);
    }
    const costs = this.costs(first.order, repeat, now);
    if (costs === null) return fail('It can’t be ordered just now: it is not sold, or none is left.');
    const isMore = costs > repeat.agreed;
    if (isMore && (by === 'seller' || seen !== costs))
      return fail('It costs more than was agreed, so its buyer alone can let it go on.');
    const turn = turnFrom(repeat, now.slice(0, 10));
    this.turnTo(repeat, state, now, by, '', { turn, ...(isMore ? { agreed: costs } : {}) });
    this.lookedAt = '';
    this.comeAgain(now);
    return ok(null);
  }

  private turnTo(
    repeat: Repeat,
    state: Repeat['state'],
    now: string,
    by: Actor,
    why: string,
    more: { turn?: number; agreed?: number; unpaid?: string } = {},
  ): void {
    const { order: number, variant } = repeat;
    this.ledger.record({ type: 'repeat', at: now, number, variant, state, by, why, ...more });
    this.post(repeat, now);
  }

  private post({ order }: Repeat, now: string): void {
    const first = this.ledger.orders.get(order);
    if (first) this.desk.post(first, now);
  }
}

/** How long an order waits for its payment, as the seller has it. */
export function patienceOf({ payment }: Order, { rules }: HostData): { days?: number; minutes?: number } {
  const { bankDays: days, cardMinutes: minutes } = rules.payments;
  return payment === 'bank' ? { days } : payment === 'card' ? { minutes } : {};
}

/** The order of a turn: what the first one was for, by the rules and prices of today, without what was typed for that one alone. */
function makeTurn(
  first: Order,
  { variant, quantity }: Pick<Repeat, 'variant' | 'quantity'>,
  { rules }: HostData,
  list: PriceList,
  number: string,
  now: string,
): ReturnType<typeof makeOrder> {
  const { buyer, delivery, taxNumber, payment, answers } = first;
  const { country, region, ...person } = buyer;
  const request: OrderRequest = {
    key: `turn-${number}`,
    lines: [{ variant, quantity }],
    ...{ country, region, rate: delivery?.id ?? '', code: '', taxNumber, payment, consent: true },
    buyer: { ...person, note: '' },
  };
  return makeOrder(rules, list, request, number, now, undefined, answers);
}
