import { dateOfTurn, turnBy, type Order } from '@/core/till';

type Line = Order['lines'][number];

/** A thing that comes again and again: what was agreed, and where it stands. */
export interface Repeat {
  /** The order that it began with, and its line. */
  order: string;
  variant: string;
  title: string;
  quantity: number;
  rhythm: NonNullable<Line['rhythm']>;
  /** The date that its turns are counted from, ISO. */
  from: string;
  /** The turn that is ordered next. */
  turn: number;
  /** The turn that its buyer was reminded of. */
  told: number;
  state: 'running' | 'paused' | 'stopped';
  why: string;
  /** The order whose payment it rests for, or null. */
  waitsFor: string | null;
  /** The most that a turn may come to, as it was agreed, minor units. */
  agreed: number;
  /** Orders of its turns, the last one at the end. */
  orders: string[];
}

export const keyOf = (order: string, variant: string): string => `${order} ${variant}`;

/** The things of a shop that come again and again. A fold over the journal. */
export class Repeats {
  readonly all = new Map<string, Repeat>();
  private readonly byOrder = new Map<string, Repeat[]>();

  begin(order: Order, variant: string, from: string, agreed: number): void {
    const line = order.lines.find((one) => one.variant === variant);
    if (!line?.rhythm) return;
    const { title, quantity, rhythm } = line;
    const begun: Repeat = {
      ...{ order: order.number, variant, title, quantity, rhythm, from, agreed },
      ...{ turn: 1, told: 0, state: 'running', why: '', waitsFor: null, orders: [] },
    };
    this.all.set(keyOf(order.number, variant), begun);
    this.note(order.number, begun);
  }

  find = (order: string, variant: string): Repeat | undefined => this.all.get(keyOf(order, variant));

  /** Those that began with an order, or that it is a turn of. */
  of = (order: string): readonly Repeat[] => this.byOrder.get(order) ?? [];

  /** An order was made for a turn. */
  took(repeat: Repeat, turn: number, order: string): void {
    repeat.turn = turn + 1;
    repeat.orders.push(order);
    this.note(order, repeat);
  }

  private note(order: string, repeat: Repeat): void {
    this.byOrder.set(order, [...this.of(order), repeat]);
  }
}

/** The next dates of it, ISO; none while it does not run. */
export const nextDates = ({ from, rhythm, turn, state }: Repeat, count: number): string[] =>
  state === 'running' ? Array.from({ length: count }, (_, i) => dateOfTurn(from, rhythm, turn + i)) : [];

/** The turn to go on with from a day: the first whose date has not passed and that was not ordered yet. */
export function turnFrom({ from, rhythm, turn }: Repeat, today: string): number {
  const begun = turnBy(from, rhythm, today);
  return Math.max(turn, dateOfTurn(from, rhythm, begun) === today ? begun : begun + 1);
}

/** The turn that is due on a day, or null. Of those that were missed while nobody looked, the last one alone is made up for. */
export function dueTurn({ from, rhythm, turn, state }: Repeat, today: string): number | null {
  if (state !== 'running' || dateOfTurn(from, rhythm, turn) > today) return null;
  return Math.max(turn, turnBy(from, rhythm, today));
}
