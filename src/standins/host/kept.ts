import {
  followings,
  type Books,
  type LetterKind,
  type LetterMatter,
  type Order,
  type OrderState,
  type Paper,
  type Step,
} from '@/core/till';
import { type Cards } from './cards';
import { type HostEvent } from './events';
import { nextDates, type Repeat } from './repeats';

export interface Placed {
  order: Order;
  /** What the buyer's browser shows to see the order again. */
  receipt: string;
}

/** A letter that is to go out, once. */
export interface Due {
  id: string;
  kind: LetterKind;
  matter: Omit<LetterMatter, 'orderPage' | 'files' | 'cards'>;
}

/** An order as the till keeps it: a fold over its records. */
export interface Kept extends Placed {
  content: string | undefined;
  days: number | undefined;
  minutes: number | undefined;
  history: Books['history'];
  /** What came in by card or gift card and has not gone back, by the names of the payments. */
  payments: Map<string, number>;
  /** The part that a gift card pays, and whether it is held: it is let go with the order. */
  card: { code: string; amount: number; held: boolean } | null;
  refunded: { pieces: Map<string, number>; delivery: boolean; amount: number };
  /** Pieces that are on the shelf again, by variant. */
  restocked: Map<string, number>;
  /** How each figure of it was worked out. */
  working: Step[];
  /** The turn that it is of a thing that comes again. */
  again: { order: string; variant: string; turn: number } | null;
  /** Whether links, cards and dates were made. */
  followed: boolean;
  handed: Map<string, number>;
  parcels: Books['parcels'];
  ready: boolean;
  files: Books['files'];
  /** Codes of the gift cards that were bought with it. */
  cards: string[];
  times: Map<string, string>;
  papers: Paper[];
  /** Whether its papers are issued by themselves. */
  invoiced: boolean;
  /** Letters that it came to, in their order; none where its buyer is not written to. */
  letters: Due[] | null;
}

export function newKept({
  order,
  content,
  receipt,
  days,
  minutes,
  card,
  letters,
  invoiced,
  again,
  working,
  at,
}: Extract<HostEvent, { type: 'order' }>): Kept {
  return {
    order,
    content,
    receipt,
    days,
    minutes,
    working: working ?? [],
    again: again ? { order: again.number, variant: again.variant, turn: again.turn } : null,
    history: [
      {
        at,
        by: again ? 'host' : 'buyer',
        state: order.state,
        money: 0,
        card: false,
        why: again ? `Again, as in order ${again.number}.` : '',
        did: '',
      },
    ],
    payments: new Map(),
    card: card ? { ...card, held: false } : null,
    refunded: { pieces: new Map(), delivery: false, amount: 0 },
    restocked: new Map(),
    // Links, cards and dates are made once, where there are any to make; of what was sold before, and of a later turn, none.
    followed: !letters || again !== undefined || order.lines.every(({ kind }) => !followings[kind].makes),
    handed: new Map(),
    parcels: [],
    ready: false,
    files: [],
    cards: [],
    times: new Map(),
    papers: [],
    invoiced,
    letters: letters ? [] : null,
  };
}

const holding: ReadonlySet<OrderState> = new Set(['awaiting-payment', 'paid', 'sent']);
export const holdsStock = (order: Order): boolean => holding.has(order.state);
export const isPaid = ({ state }: Order): boolean => state === 'paid' || state === 'sent';

export const sumOf = (amounts: readonly number[]): number => amounts.reduce((a, b) => a + b, 0);

/** What is still to be paid by card or by bank, once a gift card has paid its part. */
export const dueOf = ({ total, giftCard }: Order): number => total - giftCard;

/** Adds to a count of pieces. */
export const addTo = (counts: Map<string, number>, variant: string, pieces: number): void => {
  counts.set(variant, (counts.get(variant) ?? 0) + pieces);
};

/** Pieces of things that are still to be sent or handed over, by variant. */
export function leftToHand({ order, refunded, handed }: Kept): { variant: string; quantity: number }[] {
  return order.lines.flatMap(({ variant, quantity, kind }) => {
    const left = quantity - (refunded.pieces.get(variant) ?? 0) - (handed.get(variant) ?? 0);
    return followings[kind].travels && left > 0 ? [{ variant, quantity: left }] : [];
  });
}

/** Whether everything of a paid order is with its buyer. */
export function isAllHanded(kept: Kept): boolean {
  const { order, refunded, times, handed, followed } = kept;
  const stands = order.lines.filter(({ variant, quantity }) => (refunded.pieces.get(variant) ?? 0) < quantity);
  const left = new Map(leftToHand(kept).map(({ variant, quantity }) => [variant, quantity]));
  const isOver = stands.every(({ kind, variant }) =>
    followings[kind].isOver({ left: left.get(variant) ?? 0, isAgreed: times.has(variant) }),
  );
  const isAnything = handed.size > 0 || times.size > 0 || stands.some(({ kind }) => followings[kind].by === 'host');
  return followed && isAnything && isOver;
}

/** Whether a link to a file still opens it: neither time nor number is over, and the file was not refunded. */
export function isOpen(
  { refunded, order }: Kept,
  { variant, fetched, until }: Books['files'][number],
  now: string,
  times: number,
) {
  const bought = sumOf(order.lines.filter((line) => line.variant === variant).map(({ quantity }) => quantity));
  return isPaid(order) && (refunded.pieces.get(variant) ?? 0) < bought && fetched < times && now <= until;
}

export function booksOf(
  kept: Kept,
  cards: Cards,
  repeats: readonly Repeat[],
  posted: (id: string) => { at: string; subject: string } | null,
): Books {
  const { order, history, refunded, card } = kept;
  const received = sumOf(history.map(({ money }) => Math.max(0, money)));
  const givenBack = sumOf(history.map(({ money }) => Math.max(0, -money)));
  const waits = order.state === 'awaiting-payment' && card?.held ? card.amount : 0;
  const owed = isPaid(order) ? order.total - refunded.amount : waits;
  return {
    history: [...history],
    received,
    refunded: refunded.amount,
    refundedPieces: Object.fromEntries(refunded.pieces),
    refundedDelivery: refunded.delivery,
    givenBack,
    toGiveBack: Math.max(0, received - givenBack - owed),
    handed: Object.fromEntries(kept.handed),
    parcels: kept.parcels,
    ready: kept.ready,
    files: kept.files,
    cards: kept.cards.flatMap((code) => {
      const found = cards.find(code);
      return found ? [{ code, variant: found.variant, amount: found.amount, left: found.left, ended: found.ended }] : [];
    }),
    times: [...kept.times].map(([variant, when]) => ({ variant, when })),
    repeats: repeats.map((repeat) => {
      const { order: number, variant, title, rhythm, state, why, agreed, orders } = repeat;
      return { order: number, variant, title, rhythm, state, why, agreed, orders: [...orders], next: nextDates(repeat, 3) };
    }),
    papers: kept.papers,
    letters: (kept.letters ?? []).flatMap(({ id }) => {
      const found = posted(id);
      return found ? [{ id, ...found }] : [];
    }),
  };
}
