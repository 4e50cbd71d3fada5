import { codeKey } from '@/core/till';
import { Journal, type Damage } from '../journal';
import { cardOf, Cards, paymentOf } from './cards';
import { eventSchema, type HostEvent } from './events';
import { addTo, dueOf, holdsStock, isPaid, leftToHand, newKept, type Due, type Kept } from './kept';
import { nextDates, Repeats } from './repeats';

export const day = 24 * 60 * 60_000;

/**
 * Orders, money, stock, gift cards and papers of one shop: a fold over its journal, which is only ever added to. What may be recorded is
 * decided in `till.ts`; here it is what each record means.
 */
export class Ledger {
  private readonly journal: Journal<HostEvent>;
  readonly orders = new Map<string, Kept>();
  /** The highest number that an order has. */
  lastNumber = 0;
  /** What was ordered under a key. */
  readonly byKey = new Map<string, Kept[]>();
  /** Orders in which a discount was used, by its code. */
  readonly byCode = new Map<string, Kept[]>();
  /** Orders by the links to their files. */
  readonly byToken = new Map<string, Kept>();
  readonly cards = new Cards();
  readonly repeats = new Repeats();
  /** Papers of each series: the next one has the number after them. */
  readonly series = new Map<string, number>();
  /** The day of the last paper of a series, ISO date. */
  readonly lastDay = new Map<string, string>();
  /** What waits for its payment. */
  readonly open = new Set<Kept>();
  /** Records that can't be used. Orders may be missing for each of them. */
  readonly damage: readonly Damage[];
  /** Pieces as the seller last counted them, and as they are left; null where they aren't counted. */
  readonly counted = new Map<string, number | null>();
  readonly left = new Map<string, number | null>();

  constructor(path: string) {
    this.journal = new Journal(path, eventSchema);
    this.damage = this.journal.damage;
    for (const event of this.journal.read()) this.apply(event);
  }

  get length(): number {
    return this.journal.length;
  }

  /** What it returns from is on the disk, and is in force. */
  record(event: HostEvent): void {
    this.journal.add(event);
    this.apply(event);
  }

  private apply(event: HostEvent): void {
    if (event.type === 'count') {
      for (const [variant, stock] of Object.entries(event.stock)) {
        this.counted.set(variant, stock);
        // What waits to be paid still lies on the shelf that was counted.
        this.left.set(variant, stock === null ? null : stock - this.waiting(variant));
      }
      return;
    }
    if (event.type === 'order') return this.applyOrder(event);
    const kept = this.orders.get(event.number);
    if (!kept) return;
    if (event.type === 'state' || event.type === 'money') return this.applyMove(kept, event);
    if (event.type === 'refund') return this.applyRefund(kept, event);
    this.applyFollowing(kept, event);
  }

  private applyOrder(event: Extract<HostEvent, { type: 'order' }>): void {
    const { order, key, at } = event;
    const kept = newKept(event);
    this.orders.set(order.number, kept);
    this.lastNumber = Math.max(this.lastNumber, Number(order.number));
    this.byKey.set(key, [...(this.byKey.get(key) ?? []), kept]);
    for (const { code } of order.discounts) this.byCode.set(codeKey(code), [...(this.byCode.get(codeKey(code)) ?? []), kept]);
    if (order.state === 'awaiting-payment') this.open.add(kept);
    if (holdsStock(order)) this.move(kept, -1);
    const begun = event.again && this.repeats.find(event.again.number, event.again.variant);
    if (begun && event.again) this.repeats.took(begun, event.again.turn, order.number);
    this.hold(kept, at);
    if (order.payment === 'cash' && dueOf(order) > 0) this.owe(kept, 'taken');
    if (order.payment === 'bank' && dueOf(order) > 0) {
      const until = kept.days ? { payUntil: new Date(Date.parse(at) + kept.days * day).toISOString().slice(0, 10) } : {};
      this.owe(kept, 'placed', until);
    }
  }

  private applyMove(kept: Kept, event: Extract<HostEvent, { type: 'state' | 'money' }>): void {
    const { at, by = 'host', why = '' } = event;
    const { state: was } = kept.order;
    const state = event.state ?? was;
    // Before money had records of its own, an order that was paid had been paid in full.
    const paidNow = state === 'paid' && !isPaid(kept.order);
    const money = event.type === 'money' ? event.amount : event.state === 'paid' && paidNow ? dueOf(kept.order) : 0;
    if (event.type === 'money' && event.payment) {
      addTo(kept.payments, event.payment, event.amount);
      const card = cardOf(event.payment);
      if (card) this.cards.spend(card, event.amount);
    }
    const isCard = event.type === 'money' && cardOf(event.payment) !== null;
    kept.history.push({ at, by, state, money, card: isCard, why, did: '' });
    const before = holdsStock(kept.order);
    const tracking = event.type === 'state' ? event.tracking : undefined;
    kept.order = { ...kept.order, state, ...(tracking ? { tracking } : {}) };
    if (state !== 'awaiting-payment') this.open.delete(kept);
    // Before there were records of parcels, an order was sent as a whole.
    if (event.state === 'sent') for (const { variant, quantity } of leftToHand(kept)) addTo(kept.handed, variant, quantity);
    if (before && !holdsStock(kept.order)) this.move(kept, 1);
    if (!before && holdsStock(kept.order)) this.move(kept, -1);
    if (event.type === 'money' && event.card) this.hold(kept, at);
    if (was === 'awaiting-payment' && !isPaid(kept.order) && state !== was) this.letGo(kept, at);
    for (const code of event.type === 'state' ? (event.ended ?? []) : []) this.cards.end(code);
    if (paidNow) this.owe(kept, 'paid');
    if (state === 'cancelled' && was !== state) this.owe(kept, 'cancelled');
    if (state === 'expired' && was !== state && kept.order.payment === 'bank' && by === 'host' && !kept.again)
      this.owe(kept, 'expired');
  }

  /** A gift card pays its part, as long as the order stands. */
  private hold(kept: Kept, at: string): void {
    const { card, order } = kept;
    if (!card || card.held) return;
    card.held = true;
    this.cards.spend(card.code, card.amount);
    addTo(kept.payments, paymentOf(card.code), card.amount);
    kept.history.push({ at, by: 'host', state: order.state, money: card.amount, card: true, why: 'By gift card.', did: '' });
  }

  private letGo(kept: Kept, at: string): void {
    const { card, order } = kept;
    if (!card?.held) return;
    card.held = false;
    this.cards.spend(card.code, -card.amount);
    addTo(kept.payments, paymentOf(card.code), -card.amount);
    kept.history.push({
      at,
      by: 'host',
      state: order.state,
      money: -card.amount,
      card: true,
      why: 'Back on the gift card.',
      did: '',
    });
  }

  private applyFollowing(
    kept: Kept,
    event: Exclude<HostEvent, { type: 'count' | 'order' | 'state' | 'money' | 'refund' }>,
  ): void {
    const { order } = kept;
    const titleOf = (variant: string) => order.lines.find((line) => line.variant === variant)?.title ?? '';
    const did = (what: Kept['history'][number]['did'], why = '') =>
      kept.history.push({ at: event.at, by: 'seller', state: order.state, money: 0, card: false, why, did: what });
    if (event.type === 'follow') {
      kept.followed = true;
      for (const file of event.files) {
        kept.files.push({ ...file, fetched: 0 });
        this.byToken.set(file.token, kept);
      }
      for (const { code, variant, amount } of event.cards) {
        this.cards.issue({ code, variant, amount, order: order.number, currency: order.currency });
        kept.cards.push(code);
      }
      for (const { variant, from, agreed } of event.repeats) this.repeats.begin(order, variant, from, agreed);
      if (event.files.length) this.owe(kept, 'files');
      if (event.cards.length) this.owe(kept, 'cards');
    } else if (event.type === 'fetch') {
      kept.files = kept.files.map((file) => (file.token === event.token ? { ...file, fetched: file.fetched + 1 } : file));
    } else if (event.type === 'relink') {
      kept.files = kept.files.map((file) => (file.token === event.token ? { ...file, fetched: 0, until: event.until } : file));
      did('relinked');
      this.owe(kept, 'files');
    } else if (event.type === 'parcel') {
      const { at, lines, tracking } = event;
      for (const { variant, quantity } of lines) addTo(kept.handed, variant, quantity);
      kept.parcels.push({ at, lines, tracking });
      kept.order = { ...order, tracking: tracking || order.tracking };
      const sent = lines.map(({ variant, quantity }) => ({ title: titleOf(variant), quantity }));
      if (!order.delivery?.collection) this.owe(kept, 'sent', { lines: sent, tracking });
      did('parcel', tracking);
    } else if (event.type === 'ready') {
      kept.ready = true;
      did('ready');
      this.owe(kept, 'ready');
    } else if (event.type === 'note') {
      did('note', event.text);
    } else if (event.type === 'remind') {
      const repeat = this.repeats.find(order.number, event.variant);
      if (!repeat) return;
      repeat.told = event.turn;
      this.owe(kept, 'again', { title: repeat.title, day: nextDates(repeat, 1)[0] ?? '' });
    } else if (event.type === 'repeat') {
      this.applyRepeat(kept, event);
    } else if (event.type === 'agreed') {
      kept.times.set(event.variant, event.when);
      did('agreed', event.when);
      this.owe(kept, 'time', { title: titleOf(event.variant), when: event.when });
    } else {
      kept.papers.push(event.paper);
      const series = event.paper.number.replace(/\d+$/, '');
      this.series.set(series, (this.series.get(series) ?? 0) + 1);
      this.lastDay.set(series, event.paper.date);
    }
  }

  private applyRepeat(
    kept: Kept,
    { at, variant, state, by, why, turn, agreed, unpaid }: Extract<HostEvent, { type: 'repeat' }>,
  ): void {
    const repeat = this.repeats.find(kept.order.number, variant);
    if (!repeat) return;
    const was = repeat.state;
    repeat.state = state;
    repeat.why = why;
    repeat.turn = turn ?? repeat.turn;
    repeat.agreed = agreed ?? repeat.agreed;
    const said = { paused: 'is paused', running: 'goes on', stopped: 'is stopped' }[state];
    kept.history.push({
      ...{ at, by, state: kept.order.state, money: 0, card: false, did: 'repeat' },
      why: [`${repeat.title} ${said}.`, why].filter(Boolean).join(' '),
    });
    const letter = { paused: 'paused', running: 'resumed', stopped: 'stopped' } as const;
    // Of a payment that did not go through, a letter of its own tells.
    repeat.waitsFor = unpaid ?? null;
    const waiting = this.orders.get(unpaid ?? '');
    if (waiting) this.owe(waiting, 'unpaid', { title: repeat.title });
    else if (was !== state) this.owe(kept, letter[state], { title: repeat.title, day: nextDates(repeat, 1)[0] ?? '' });
  }

  private applyRefund(
    kept: Kept,
    { at, lines, delivery, restock, amount, why, ended = [] }: Extract<HostEvent, { type: 'refund' }>,
  ): void {
    const { refunded, restocked, order } = kept;
    for (const { variant, quantity } of lines) {
      addTo(refunded.pieces, variant, quantity);
      if (!restock) continue;
      addTo(restocked, variant, quantity);
      this.shelve(variant, quantity);
    }
    if (delivery) refunded.delivery = true;
    refunded.amount += amount;
    for (const code of ended) this.cards.end(code);
    kept.history.push({ at, by: 'seller', state: order.state, money: 0, card: false, why: why || 'Refunded in part.', did: '' });
    const back = lines.map(({ variant, quantity }) => ({
      title: order.lines.find((line) => line.variant === variant)?.title ?? '',
      quantity,
    }));
    this.owe(kept, 'refunded', { sum: amount, lines: back });
  }

  /** A letter is to go out. */
  private owe({ letters, order }: Kept, kind: Due['kind'], matter: Due['matter'] = {}): void {
    letters?.push({ id: `${order.number}-${letters.length + 1}-${kind}`, kind, matter });
  }

  private waiting(variant: string): number {
    return [...this.open]
      .flatMap(({ order }) => order.lines)
      .reduce((sum, line) => sum + (line.variant === variant ? line.quantity : 0), 0);
  }

  /** Pieces onto the shelf, or off it. */
  private shelve(variant: string, pieces: number): void {
    const left = this.left.get(variant);
    if (typeof left === 'number') this.left.set(variant, left + pieces);
  }

  /** An order's pieces, but for those that are on the shelf again already. */
  private move({ order, restocked }: Kept, sign: 1 | -1): void {
    for (const { variant, quantity } of order.lines) this.shelve(variant, sign * (quantity - (restocked.get(variant) ?? 0)));
  }
}
