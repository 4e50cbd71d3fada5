import { createHash, randomBytes, randomUUID } from 'node:crypto';
import { phrasesOf } from '@/core/phrases';
import { fail, ok, type Result } from '@/core/result';
import {
  cardCode,
  cardLetters,
  cardTyped,
  followings,
  isInvoiced,
  linkDays,
  linkTimes,
  makeOrder,
  minorDigits,
  orderMoves,
  refundPartsOf,
  stepsOf,
  usualCardMinutes,
  type Actor,
  type BookedOrder,
  type Following,
  type HostData,
  type Order,
  type OrderRequest,
  type OrderState,
  type OrderView,
  type Paper,
  type PriceList,
  type Refund,
  type Step,
  type Used,
} from '@/core/till';
import { type Damage } from '../journal';
import { type PaymentMessage } from '../payment/message';
import { cardOf } from './cards';
import { Desk, productOf, type Office } from './desk';
import {
  addTo,
  booksOf,
  dueOf,
  holdsStock,
  isAllHanded,
  isOpen,
  isPaid,
  leftToHand,
  sumOf,
  type Kept,
  type Placed,
} from './kept';
import { day, Ledger } from './ledger';
import { type HostEvent } from './events';
import { type Repeat } from './repeats';
import { patienceOf, Turns } from './turns';

export { type Office } from './desk';
export { type Placed } from './kept';

/** What a till asks of the provider. */
export interface Provider {
  /** What the provider knows of an order. */
  ask: (order: string) => readonly PaymentMessage[];
  /** The order is not to be paid any more. */
  letGo: (order: string) => void;
  /** A payment as one that was made for an earlier order, the last of these that can be: asked twice for an order, it is made once. */
  again: (before: readonly string[], order: string, amount: number) => Result<unknown>;
  /** A part of a payment back, once under a name. */
  giveBack: (payment: string, amount: number, name: string) => Result<unknown>;
}

/** What the provider answers, or null where it does not. */
function answerOf<T>(ask: () => T): T | null {
  try {
    return ask();
  } catch (error) {
    console.error(error);
    return null;
  }
}
const providerAway = 'The payment provider does not answer just now, so nothing was given back. Try again in a moment.';

const noProvider: Provider = {
  ask: () => [],
  letGo: () => undefined,
  again: () => fail('There is no provider.'),
  giveBack: () => ok(null),
};

/** How long an order waits for its card payment before the goods go back on the shelf, where the seller says nothing. */
export const minutesToPay = usualCardMinutes;
const minute = 60_000;

/** What an attempt asks for: one key stands for one of these. */
const contentOf = ({ lines, country, region, rate, code, taxNumber, giftCard, answers, payment, buyer }: OrderRequest): string =>
  createHash('sha256')
    .update(
      JSON.stringify([
        lines.map(({ variant, quantity }) => [variant, quantity]),
        country,
        rate,
        code,
        payment,
        Object.entries(buyer)
          .filter(([name, value]) => name !== 'present' || value)
          .sort(),
        ...(region || taxNumber ? [region, taxNumber] : []),
        ...(giftCard ? [{ giftCard }] : []),
        ...(answers && Object.keys(answers).length ? [{ answers: Object.entries(answers).sort() }] : []),
      ]),
    )
    .digest('hex');

const untilOf = (now: string) => new Date(Date.parse(now) + linkDays * day).toISOString();

/**
 * The orders, the money and the stock of one shop: a fold over its journal, with the moves that orders allow and no other. All changes
 * go through here, one after another, so that the last piece is never sold twice.
 */
export class HostTill {
  private readonly ledger: Ledger;
  private readonly desk: Desk;
  private readonly turns: Turns;

  constructor(
    path: string,
    private readonly provider: Provider = noProvider,
    office: Office | null = null,
  ) {
    this.ledger = new Ledger(path);
    this.desk = new Desk(this.ledger, office);
    this.turns = new Turns(this.ledger, this.desk, {
      listOf: this.listOf,
      nextNumber: () => this.nextNumber,
      take: (event, at) => {
        const kept = this.keep(event, at);
        if (kept) this.ask(kept, at);
      },
    });
  }

  /** Records that can't be used. Orders may be missing for each of them. */
  get damage(): readonly Damage[] {
    return this.ledger.damage;
  }

  private get published(): HostData | null {
    return this.desk.office?.data() ?? null;
  }

  /** Moves an order where it may go from where it is. */
  private go(kept: Kept, state: OrderState, now: string, by: Actor, why = '', ended: string[] = []): boolean {
    const { number, state: from } = kept.order;
    if (!orderMoves[from].includes(state)) return false;
    this.ledger.record({ type: 'state', at: now, number, state, by, why, ...(ended.length ? { ended } : {}) });
    this.settle(kept, now);
    return true;
  }

  /** Takes over the stock of a release: a number that the seller changed since the last one is a new count, the others run on. */
  count(prices: HostData['prices'], now: string): void {
    const changed = prices.filter(({ id, stock }) => !this.ledger.counted.has(id) || this.ledger.counted.get(id) !== stock);
    if (changed.length)
      this.ledger.record({ type: 'count', at: now, stock: Object.fromEntries(changed.map(({ id, stock }) => [id, stock])) });
  }

  stock(ids: readonly string[], now: string): Record<string, number | null> {
    this.expire(now);
    // A count below what waits to be paid leaves less than nothing: to buyers that is nothing.
    const shown = (left: number | null) => (left === null ? null : Math.max(0, left));
    return Object.fromEntries(
      ids.flatMap((id) => (this.ledger.left.has(id) ? [[id, shown(this.ledger.left.get(id) ?? null)]] : [])),
    );
  }

  /**
   * Computes an order from the published rules, takes the stock and keeps it. The same key and content twice is the same order;
   * other content is a new one, and what still waits under its key is let go.
   */
  place(data: HostData, request: OrderRequest, receipt: string, now: string): Result<Placed> {
    this.expire(now);
    const content = contentOf(request);
    const before = (this.ledger.byKey.get(request.key) ?? []).filter((placed) => holdsStock(placed.order));
    const same = before.find((placed) => (placed.content ?? content) === content);
    if (same) return ok(same);
    for (const kept of before) this.end(kept, now, 'buyer', 'The buyer changed what is ordered.');
    const number = this.nextNumber;
    const made = makeOrder(data.rules, this.listOf(data), request, number, now, this.usedBy(request.buyer.email));
    if (!made.ok) return made;
    const { order: worked } = made.value;
    const code = request.giftCard ? cardTyped(request.giftCard) : null;
    const left = code ? this.ledger.cards.left(code, worked.currency) : 0;
    if (request.giftCard && !left) return fail(phrasesOf(data.rules).refused.giftCard);
    const card = code && worked.total > 0 ? { code, amount: Math.min(left, worked.total) } : undefined;
    const order = { ...worked, giftCard: card?.amount ?? 0 };
    const kept = this.keep(
      {
        ...{ type: 'order', at: now, key: request.key, content, receipt, letters: true, order },
        invoiced: data.rules.invoices !== null,
        working: stepsOf(made.value.bill, data.rules),
        ...patienceOf(order, data),
        ...(card ? { card } : {}),
      },
      now,
    );
    if (!kept) return fail('The order was not kept.');
    return ok({ order: kept.order, receipt });
  }

  /** Keeps an order. Where nothing is to be paid, nothing is waited for. */
  private keep(event: Extract<HostEvent, { type: 'order' }>, now: string): Kept | undefined {
    this.ledger.record(event);
    const kept = this.ledger.orders.get(event.order.number);
    if (!kept) return undefined;
    if (dueOf(kept.order) === 0) this.go(kept, 'paid', now, 'host', kept.order.total ? '' : 'There was nothing to pay.');
    else this.settle(kept, now);
    return kept;
  }

  /** Each record that can't be read may have been an order: its number is given to nobody else, nor is one that was given before. */
  private get nextNumber(): string {
    return String(Math.max(1001 + this.ledger.orders.size + this.ledger.damage.length, this.ledger.lastNumber + 1));
  }

  /** The published prices, with what is left of each. */
  private listOf = ({ prices }: HostData): PriceList =>
    new Map(prices.map((entry) => [entry.id, { ...entry, stock: this.ledger.left.get(entry.id) ?? entry.stock }]));

  /** What is on a gift card, minor units. */
  onCard(typed: string, currency: string): number {
    const code = cardTyped(typed);
    return code ? this.ledger.cards.left(code, currency) : 0;
  }

  /** How often discounts were used by orders that stand: in all, and by one buyer. */
  private usedBy(email: string): Used {
    const same = (other: string) => other.toLowerCase() === email.toLowerCase();
    return (code) => {
      const orders = (this.ledger.byCode.get(code) ?? []).filter(({ order }) => holdsStock(order));
      return { all: orders.length, buyer: orders.filter(({ order }) => same(order.buyer.email)).length };
    };
  }

  /** The order's payment page ends. Where the provider can't be told, what is paid there after all comes late, and is known. */
  private letGo(number: string): void {
    answerOf(() => this.provider.letGo(number));
  }

  /** What waits for its payment waits no more: at the till, and with the provider. */
  private end(kept: Kept, now: string, by: Actor, why: string): void {
    if (kept.order.state !== 'awaiting-payment') return;
    this.go(kept, 'expired', now, by, why);
    this.letGo(kept.order.number);
  }

  /**
   * What the provider tells, in any order and as often as it likes: each payment is counted once. Money always has a record; what can't
   * pay its order, because it is too late, too much or not the sum, is to be given back.
   */
  receive({ order: number, payment, amount, currency, state }: PaymentMessage, now: string): Result<Order> {
    const kept = this.ledger.orders.get(number);
    if (!kept) return fail('There is no such order.');
    if (currency !== kept.order.currency) return fail('This payment is in the money of another order.');
    if (state !== 'accepted') {
      this.go(kept, state === 'refused' ? 'refused' : 'expired', now, 'provider');
      return ok(kept.order);
    }
    if (!kept.payments.has(payment)) this.take(kept, amount, payment, now, 'provider');
    return ok(kept.order);
  }

  /** Money came in. It pays the order where it may still be paid, is the sum, and the goods are there. */
  private take(kept: Kept, amount: number, payment: string, now: string, by: Actor): void {
    const { order, card } = kept;
    const late = !holdsStock(order);
    const gone = late && order.lines.some((line) => (this.ledger.left.get(line.variant) ?? Infinity) < line.quantity);
    const empty = card && !card.held && this.ledger.cards.left(card.code, order.currency) < card.amount;
    const why = isPaid(order)
      ? 'It was paid before.'
      : !orderMoves[order.state].includes('paid')
        ? 'The order was cancelled.'
        : amount !== dueOf(order)
          ? 'It is not the sum of the order.'
          : gone
            ? 'It came late, and the goods went to someone else.'
            : empty
              ? 'It came late, and the gift card that paid the rest was spent.'
              : '';
    const state = why ? {} : { state: 'paid' as const, ...(card ? { card: { code: card.code, amount: card.amount } } : {}) };
    const said = why || (late ? 'It came late; the goods were still there.' : '');
    this.ledger.record({ type: 'money', at: now, number: order.number, amount, payment, ...state, by, why: said });
    this.settle(kept, now);
  }

  /** An order by its number, for what the seller does with it. */
  private known(number: string): Result<Kept> {
    const kept = this.ledger.orders.get(number);
    return kept ? ok(kept) : fail('There is no such order.');
  }

  /** The seller says that a bank payment has come. */
  pay(number: string, now: string): Result<Order> {
    const found = this.known(number);
    if (!found.ok) return found;
    const kept = found.value;
    if (isPaid(kept.order)) return ok(kept.order);
    if (kept.order.state === 'cancelled') return fail('This order was cancelled. What was paid for it is to be given back.');
    this.take(kept, dueOf(kept.order), '', now, 'seller');
    this.letGo(number);
    return ok(kept.order);
  }

  /** Why nothing of an order can be handed over, or empty. */
  private static cannotHand({ order: { state, payment } }: Kept): string {
    if (state === 'awaiting-payment' && payment === 'cash') return '';
    if (state === 'awaiting-payment') return 'This order is not paid yet: say first that its payment has come.';
    return state === 'paid' || state === 'sent' ? '' : 'This order was not paid, so nothing is to be sent.';
  }

  /** Pieces leave in a parcel, or are handed over; all that is left where none are named. */
  send(number: string, lines: readonly { variant: string; quantity: number }[], now: string, tracking = ''): Result<Order> {
    const found = this.known(number);
    if (!found.ok) return found;
    const kept = found.value;
    const cannot = HostTill.cannotHand(kept);
    if (cannot) return fail(cannot);
    const left = leftToHand(kept);
    if (!lines.length && !left.length)
      return kept.order.state === 'sent' ? ok(kept.order) : fail('Nothing of this order is to be sent.');
    const together = new Map<string, number>();
    for (const { variant, quantity } of lines.length ? lines : left) addTo(together, variant, quantity);
    const parcel = [...together].map(([variant, quantity]) => ({ variant, quantity }));
    if (parcel.some(({ variant, quantity }) => quantity > (left.find((line) => line.variant === variant)?.quantity ?? 0)))
      return fail('More can’t be sent than is left of this order.');
    this.ledger.record({ type: 'parcel', at: now, number, lines: parcel, tracking });
    this.settle(kept, now);
    return ok(kept.order);
  }

  /** It lies ready for the buyer to fetch. */
  ready(number: string, now: string): Result<Order> {
    const found = this.known(number);
    if (!found.ok) return found;
    const kept = found.value;
    const cannot = HostTill.cannotHand(kept);
    if (cannot) return fail(cannot);
    if (!kept.order.delivery?.collection) return fail('Nobody comes to fetch this order.');
    if (!kept.ready) this.ledger.record({ type: 'ready', at: now, number });
    this.settle(kept, now);
    return ok(kept.order);
  }

  /** A time was agreed with the buyer, or another one. */
  agree(number: string, variant: string, when: string, now: string): Result<Order> {
    const found = this.known(number);
    if (!found.ok) return found;
    const kept = found.value;
    const cannot = HostTill.cannotHand(kept);
    if (cannot) return fail(cannot);
    if (!kept.order.lines.some((line) => line.variant === variant && line.kind === 'appointment'))
      return fail('No time is to be agreed for this.');
    this.ledger.record({ type: 'agreed', at: now, number, variant, when });
    this.settle(kept, now);
    return ok(kept.order);
  }

  /** The product whose file a link opens now, or null. */
  fileBehind(token: string, now: string): string | null {
    const kept = this.ledger.byToken.get(token);
    const file = kept?.files.find((one) => one.token === token);
    const data = this.published;
    return kept && file && data && isOpen(kept, file, now, linkTimes) ? productOf(data, file.variant) : null;
  }

  /** A link was followed: written down before the file goes out. */
  countFetch(token: string, now: string): void {
    const kept = this.ledger.byToken.get(token);
    if (kept) this.ledger.record({ type: 'fetch', at: now, number: kept.order.number, token });
  }

  /** The seller opens a link anew. */
  relink(number: string, token: string, now: string): Result<Order> {
    const found = this.known(number);
    if (!found.ok) return found;
    const kept = found.value;
    if (!kept.files.some((file) => file.token === token)) return fail('There is no such link.');
    this.ledger.record({ type: 'relink', at: now, number, token, until: untilOf(now) });
    this.settle(kept, now);
    return ok(kept.order);
  }

  /** Gift cards of an order that nothing was paid with yet, of a line or of all. */
  private unspent(kept: Kept, variant?: string): string[] {
    return kept.cards.filter((code) => {
      const card = this.ledger.cards.find(code);
      return card && !card.ended && card.left === card.amount && (!variant || card.variant === variant);
    });
  }

  /** The seller lets an order go that has not been sent: the goods go back on the shelf, and what was paid is to be given back. */
  cancel(number: string, why: string, now: string): Result<Order> {
    const found = this.known(number);
    if (!found.ok) return found;
    const kept = found.value;
    if (kept.order.state === 'cancelled') return ok(kept.order);
    // What was to be paid when it is handed over may come back unpaid.
    if (kept.parcels.length && isPaid(kept.order))
      return fail('A part of this order was sent, so it can’t be cancelled. Refund what is left of it.');
    const ended = this.unspent(kept);
    if (ended.length < kept.cards.filter((code) => !this.ledger.cards.find(code)?.ended).length)
      return fail('A gift card of this order was spent, so it can’t be cancelled. Refund what is left of it.');
    if (!this.go(kept, 'cancelled', now, 'seller', why, ended))
      return fail(
        kept.order.state === 'sent' ? 'This order was sent, so it can’t be cancelled.' : 'This order came to nothing already.',
      );
    this.letGo(number);
    return ok(kept.order);
  }

  /** Gives back all that is to be given back: to cards through the provider, the rest by the seller's own bank, which is noted here. */
  giveBack(number: string, now: string): Result<Order> {
    const found = this.known(number);
    if (!found.ok) return found;
    const kept = found.value;
    let { toGiveBack: due } = this.books(kept);
    if (due <= 0) return fail('Nothing of this order is to be given back.');
    const back = (amount: number, payment: string) => {
      this.ledger.record({ type: 'money', at: now, number, amount: -amount, payment, by: 'seller', why: '' });
      due -= amount;
    };
    // The buyer's money first, and what was on a gift card onto it again.
    for (const [payment, held] of [...kept.payments].reverse()) {
      const amount = Math.min(due, held);
      if (amount <= 0 || cardOf(payment)) continue;
      const name = `${number}-${kept.history.length}`;
      const given = answerOf(() => this.provider.giveBack(payment, amount, name)) ?? fail(providerAway);
      if (!given.ok) return given;
      back(amount, payment);
    }
    const banked = sumOf(kept.history.map(({ money }) => money)) - sumOf([...kept.payments.values()]);
    if (due > 0 && banked > 0) back(Math.min(due, banked), '');
    for (const [payment, held] of kept.payments) if (due > 0 && held > 0 && cardOf(payment)) back(Math.min(due, held), payment);
    return ok(kept.order);
  }

  /** Refunds pieces, the delivery or a sum of an order that was paid. */
  refund(number: string, refund: Refund, now: string): Result<Order> {
    const found = this.known(number);
    if (!found.ok) return found;
    const kept = found.value;
    const { order, refunded } = kept;
    if (!isPaid(order)) return fail('This order is not paid, so there is nothing to refund.');
    const parts = refundPartsOf(order, refund, refunded);
    if (!parts.ok) return parts;
    const ended: string[] = [];
    for (const { variant, quantity } of refund.lines) {
      if (order.lines.find((line) => line.variant === variant)?.kind !== 'gift-card') continue;
      const unspent = this.unspent(kept, variant).filter((code) => !ended.includes(code));
      if (unspent.length < quantity) return fail('This gift card was spent, or a part of it, so it can’t be given back.');
      ended.push(...unspent.slice(0, quantity));
    }
    const handedBack = refund.lines.map(({ variant, quantity }) => ({ variant, quantity }));
    const amount = sumOf(parts.value.map((part) => part.amount));
    this.ledger.record({
      type: 'refund',
      at: now,
      number,
      ...refund,
      lines: handedBack,
      amount,
      ...(ended.length ? { ended } : {}),
    });
    this.desk.issue(kept, parts.value, now);
    this.settle(kept, now);
    this.turns.refunded(kept, now);
    return ok(kept.order);
  }

  /** Issues what is missing of an order's papers: its invoice, and a note for all that is given back. */
  issuePapers(number: string, now: string): Result<Order> {
    const found = this.known(number);
    if (!found.ok) return found;
    const kept = found.value;
    const rules = this.published?.rules;
    if (!rules?.invoices) return fail('Say first, at “Till”, who issues the invoices.');
    if (!isPaid(kept.order) && !kept.papers.length) return fail('This order is not paid, so no invoice is due.');
    if (!isInvoiced(kept.order, rules))
      return fail('This order was made before its rates of tax were kept or set, so no invoice can be made for it.');
    this.desk.issueMissing(kept, now);
    return ok(kept.order);
  }

  /** Links to files, gift cards, and the dates of what comes again, made once. */
  private follow(kept: Kept, now: string): void {
    const { order } = kept;
    const of = (made: Following['makes']) => order.lines.filter(({ kind }) => followings[kind].makes === made);
    this.ledger.record({
      ...{ type: 'follow', at: now, number: order.number },
      files: of('link').map(({ variant }) => ({ variant, token: randomUUID(), until: untilOf(now) })),
      cards: of('code').flatMap(({ variant, quantity, price }) =>
        Array.from({ length: price > 0 ? quantity : 0 }, () => ({
          variant,
          code: cardCode(randomBytes(cardLetters)),
          amount: price,
        })),
      ),
      // What a turn came to when it was ordered is what was agreed to.
      repeats: of('dates').map((line) => ({
        ...{ variant: line.variant, from: now.slice(0, 10) },
        agreed: this.turns.costs(order, line, now) ?? (line.paid ?? line.sum) + (order.delivery?.paid ?? 0),
      })),
    });
  }

  /** What follows by itself where an order stands now, each once: links and cards, the invoice, that all of it is handed over, letters. */
  private settle(kept: Kept, now: string): void {
    const { order } = kept;
    if (isPaid(order) && !kept.followed) this.follow(kept, now);
    if (kept.invoiced) this.desk.issueMissing(kept, now);
    this.turns.settle(kept, now);
    if (kept.order.state === 'paid' && isAllHanded(kept)) {
      const hosts = order.lines.every(({ kind }) => followings[kind].by === 'host');
      this.ledger.record({
        ...{ type: 'state', at: now, number: order.number, state: 'sent' },
        ...(hosts ? { by: 'host', why: 'It came by e-mail.' } : { by: 'seller', why: '' }),
      });
    }
    this.desk.post(kept, now);
  }

  /** Lets what comes again rest, go on, or stop: as its buyer or the seller wants. `seen` is the sum that the buyer agrees to anew. */
  repeat(
    number: string,
    variant: string,
    state: Repeat['state'],
    by: 'buyer' | 'seller',
    now: string,
    seen?: number,
  ): Result<Order> {
    const found = this.known(number);
    if (!found.ok) return found;
    const turned = this.turns.change(number, variant, state, by, now, seen);
    return turned.ok ? ok(found.value.order) : turned;
  }

  /** What is still to be paid of an order by card, for whoever holds its receipt: a turn whose payment did not go through. */
  payable(number: string, receipt: string, now: string): Order | null {
    const kept = this.ledger.orders.get(number);
    if (kept?.receipt !== receipt) return null;
    this.ask(kept, now);
    return HostTill.isPayable(kept) ? kept.order : null;
  }
  private static isPayable = ({ again, order }: Kept): boolean =>
    again !== null && order.payment === 'card' && orderMoves[order.state].includes('paid');

  /** The seller notes something of an order. */
  note(number: string, text: string, now: string): Result<Order> {
    const found = this.known(number);
    if (!found.ok) return found;
    this.ledger.record({ type: 'note', at: now, number, text });
    return ok(found.value.order);
  }

  private books = (kept: Kept) =>
    booksOf(
      kept,
      this.ledger.cards,
      this.ledger.repeats.of(kept.order.number),
      (id) => this.desk.office?.outbox.find(id) ?? null,
    );

  /** An order for whoever holds its receipt. What waits is asked for once more: the provider's word may have been lost on the way. */
  find(number: string, receipt: string, now: string): OrderView | null {
    const kept = this.ledger.orders.get(number);
    if (kept?.receipt !== receipt) return null;
    this.ask(kept, now);
    this.expire(now);
    const { order, papers } = kept;
    const { files, cards, repeats } = this.books(kept);
    const data = this.published ?? null;
    const titleOf = (variant: string) => order.lines.find((line) => line.variant === variant)?.title ?? '';
    return {
      ...order,
      digits: minorDigits(order.currency),
      follows: {
        files: files.map((file) => ({
          title: (data && data.files[productOf(data, file.variant)]?.name) ?? titleOf(file.variant),
          token: file.token,
          left: isOpen(kept, file, now, linkTimes) ? linkTimes - file.fetched : 0,
          until: file.until,
        })),
        cards: cards.filter(({ ended }) => !ended).map(({ code, amount }) => ({ code, amount })),
        times: order.lines
          .filter(({ kind }) => kind === 'appointment')
          .map(({ variant, title }) => ({ title, when: kept.times.get(variant) ?? '' })),
        ready: kept.ready,
        repeats: repeats.map(({ order: began, variant, title, rhythm, state, next, agreed }) => {
          const repeat = this.ledger.repeats.find(began, variant);
          const first = this.ledger.orders.get(began);
          const costs = state === 'paused' && repeat && first ? this.turns.costs(first.order, repeat, now) : null;
          return { variant, title, rhythm, state, next, costs: costs !== null && costs > agreed ? costs : 0 };
        }),
        payable: HostTill.isPayable(kept),
        papers: papers.map(({ number: paper, kind }) => ({ number: paper, kind })),
      },
    };
  }

  /** How each figure of an order was worked out; nothing where that was not kept. */
  workingOf(number: string): readonly Step[] {
    return this.ledger.orders.get(number)?.working ?? [];
  }

  /** A paper of an order, for whoever may see the order. */
  paperOf(number: string, paper: string): Paper | null {
    return this.ledger.orders.get(number)?.papers.find((one) => one.number === paper) ?? null;
  }

  /** A gift card that was bought with an order. */
  cardIn(number: string, code: string): { code: string; amount: number; currency: string } | null {
    const kept = this.ledger.orders.get(number);
    const card = kept?.cards.includes(code) ? this.ledger.cards.find(code) : null;
    return card && !card.ended ? card : null;
  }

  /** An order with its books. */
  one(number: string): BookedOrder | null {
    const kept = this.ledger.orders.get(number);
    return kept ? { ...kept.order, books: this.books(kept) } : null;
  }

  holdsReceipt = (number: string, receipt: string): boolean => this.ledger.orders.get(number)?.receipt === receipt;

  /** Orders with their books, newest first: all of them, or a stretch. */
  all(now: string, from = 0, count = Infinity): BookedOrder[] {
    this.expire(now);
    const newest = [...this.ledger.orders.values()].reverse();
    return newest.slice(from, from + count).map((kept) => ({ ...kept.order, books: this.books(kept) }));
  }

  /** Another one is another state of the orders and their letters. */
  revision(now: string): string {
    this.expire(now);
    return `${this.ledger.length}-${this.desk.office?.outbox.length ?? 0}`;
  }

  /** Asks the provider about everything that waits: what it told while nobody listened is heard now. */
  catchUp(now: string): void {
    for (const kept of [...this.ledger.open]) this.ask(kept, now);
    // What was to follow when the machine stopped follows now.
    for (const kept of this.ledger.orders.values()) this.settle(kept, now);
    this.expire(now);
  }

  /** Asks the provider about an order; says whether it could be asked. One that is away is no reason to sell nothing. */
  private ask(kept: Kept, now: string): boolean {
    const { order, again } = kept;
    const waits = order.state === 'awaiting-payment' || (again !== null && order.state === 'refused');
    if (!waits || order.payment !== 'card') return true;
    // A turn is paid as its first order was; where that can't be, its buyer is asked.
    const repeat = again && this.ledger.repeats.find(again.order, again.variant);
    if (repeat && order.state === 'awaiting-payment') {
      const before = [repeat.order, ...repeat.orders.filter((number) => number !== order.number)];
      const made = answerOf(() => this.provider.again(before, order.number, dueOf(order)));
      if (made?.ok === false) this.go(kept, 'refused', now, 'provider', made.say);
      if (order.state !== kept.order.state) return true;
    }
    const told = answerOf(() => this.provider.ask(order.number));
    for (const message of told ?? []) this.receive(message, now);
    return told !== null;
  }

  /** How long an order may wait for its payment, milliseconds. */
  private patience({ order, days, minutes }: Kept): number {
    if (order.payment === 'cash') return Infinity;
    return order.payment === 'card' ? (minutes ?? minutesToPay) * minute : (days ?? Infinity) * day;
  }

  /** What time brings: payments that are too late, and what comes again. */
  lookAround(now: string): void {
    this.expire(now);
  }

  private expire(now: string): void {
    for (const kept of [...this.ledger.open]) {
      if (Date.parse(now) - Date.parse(kept.order.placed) <= this.patience(kept)) continue;
      // Nobody's goods go back on the shelf before the provider was asked.
      if (this.ask(kept, now)) this.end(kept, now, 'host', 'It was not paid in time.');
    }
    this.turns.comeAgain(now);
  }
}
