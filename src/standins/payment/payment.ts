import { randomUUID } from 'node:crypto';
import { join } from 'node:path';
import { z } from 'zod';
import { phrasesOf } from '@/core/phrases';
import { fail, ok, type Result } from '@/core/result';
import { dataFolder } from '../folder';
import { Journal } from '../journal';
import { type PaymentMessage } from './message';

const intentSchema = z.object({
  id: z.string(),
  amount: z.number().int(),
  currency: z.string(),
  digits: z.number().int(),
  /** The language and place of the shop, BCP 47; payments that were asked for before it was told are in English. */
  locale: z.string().default('en'),
  shop: z.string(),
  order: z.string(),
  address: z.string(),
  back: z.string(),
  /** "working": the card's bank hasn't answered yet. "ended": it was let go, or took too long. */
  state: z.enum(['open', 'confirm', 'working', 'accepted', 'refused', 'ended']),
  /** From when on it is accepted after all. */
  later: z.iso.datetime().nullable().default(null),
  /** What was given back of it, minor units, by the name of each time. */
  returned: z.record(z.string(), z.number().int().positive()).default({}),
  /** Whether the card may be charged again for later orders. */
  again: z.boolean().default(true),
  /** Whether the shop is told of it at once; it can ask at any time. */
  told: z.boolean().default(true),
});

/** A payment that a shop asked the provider to collect. */
export type Intent = z.infer<typeof intentSchema>;

/**
 * Cards of the stand-in. All begin with 9, which ISO/IEC 7812-1 leaves to national use, and carry a right check digit
 * (its Annex B), so no real card is ever among them.
 */
export const testCards = [
  { number: '9000 0000 0000 0001', outcome: 'accepted' },
  { number: '9000 0000 0000 0019', outcome: 'refused' },
  { number: '9000 0000 0000 0027', outcome: 'confirm' },
  { number: '9000 0000 0000 0035', outcome: 'untold' },
  { number: '9000 0000 0000 0043', outcome: 'ended' },
  { number: '9000 0000 0000 0050', outcome: 'once' },
  { number: '9000 0000 0000 0068', outcome: 'working' },
  { number: '9000 0000 0000 0076', outcome: 'late' },
] as const;

/** How long a bank takes that answers slowly or late. */
export const secondsLater = 5;

/** The check digit of ISO/IEC 7812-1, Annex B. */
export function hasRightCheckDigit(number: string): boolean {
  const digits = [...number.replace(/\D/g, '')].map(Number).reverse();
  const sum = digits.reduce((total, digit, i) => total + (i % 2 === 0 ? digit : digit * 2 > 9 ? digit * 2 - 9 : digit * 2), 0);
  return digits.length >= 12 && sum % 10 === 0;
}

/** All that the provider knows: the latest word on each payment, over its journal. */
class Intents {
  private readonly journal: Journal<Intent>;
  private readonly latest = new Map<string, Intent>();
  private readonly ofOrder = new Map<string, string[]>();

  constructor(path: string) {
    this.journal = new Journal(path, intentSchema);
    for (const intent of this.journal.read()) this.apply(intent);
  }

  private apply(intent: Intent): void {
    if (!this.latest.has(intent.id)) {
      const key = `${intent.address} ${intent.order}`;
      this.ofOrder.set(key, [...(this.ofOrder.get(key) ?? []), intent.id]);
    }
    this.latest.set(intent.id, intent);
  }

  find = (id: string): Intent | null => this.latest.get(id) ?? null;

  of = (address: string, order: string): Intent[] =>
    (this.ofOrder.get(`${address} ${order}`) ?? []).flatMap((id) => this.latest.get(id) ?? []);

  record(intent: Intent): Intent {
    this.journal.add(intent);
    this.apply(intent);
    return intent;
  }
}

// Read once in the whole process, also when the server's bundles load this file more than once.
const shared = globalThis as typeof globalThis & { arcatumIntents?: Map<string, Intents> };
const ledgers = (shared.arcatumIntents ??= new Map());

function intents(): Intents {
  const path = join(dataFolder(), 'payment', 'intents.jsonl');
  const known = ledgers.get(path);
  if (known) return known;
  const opened = new Intents(path);
  ledgers.set(path, opened);
  return opened;
}

export const findIntent = (id: string): Intent | null => intents().find(id);

const isLive = ({ state }: Intent) => state !== 'refused' && state !== 'ended';

/** Asks for a payment. Of one order there is one at a time: asked again while it is open, or was made, it is the same. */
export function askFor(wanted: Omit<Intent, 'id' | 'state' | 'told' | 'returned' | 'again' | 'later'>): Intent {
  const last = intents().of(wanted.address, wanted.order).at(-1);
  if (last && isLive(last) && last.amount === wanted.amount && last.currency === wanted.currency) return last;
  return intents().record({ ...wanted, id: randomUUID(), state: 'open', told: true, again: true, later: null, returned: {} });
}

const step = (intent: Intent, state: Intent['state'], told = true): Intent => intents().record({ ...intent, state, told });

/** A card is put in. */
export function payWith(id: string, card: string, now: string): Result<Intent> {
  const intent = findIntent(id);
  if (!intent) return fail('This payment is not known.');
  if (intent.state !== 'open') return ok(intent);
  if (!hasRightCheckDigit(card)) return fail(phrasesOf(intent).payment.slip);
  const known = testCards.find((candidate) => candidate.number.replace(/ /g, '') === card.replace(/\D/g, ''));
  if (!known) return fail(phrasesOf(intent).payment.onlyThese);
  if (known.outcome === 'untold') return ok(step(intent, 'accepted', false));
  if (known.outcome === 'once') return ok(step({ ...intent, again: false }, 'accepted'));
  if (known.outcome !== 'working' && known.outcome !== 'late') return ok(step(intent, known.outcome));
  const later = new Date(Date.parse(now) + secondsLater * 1000).toISOString();
  return ok(step({ ...intent, later }, known.outcome === 'late' ? 'ended' : 'working'));
}

/** The bank's answer where it comes late: asked for by whoever looks, so that nothing depends on a process that went on running. */
function answered(intent: Intent, now: string): Intent {
  if (intent.later === null || Date.parse(now) < Date.parse(intent.later)) return intent;
  return step({ ...intent, later: null }, 'accepted');
}

/** The buyer confirms, or doesn't, where the card's bank asked for it. */
export function confirm(id: string, yes: boolean): Result<Intent> {
  const intent = findIntent(id);
  if (!intent) return fail('This payment is not known.');
  return ok(intent.state === 'confirm' ? step(intent, yes ? 'accepted' : 'refused') : intent);
}

/** What is to be told of a payment, or nothing yet. */
export function messageOf({ id, state, order, address, amount, currency }: Intent): PaymentMessage | null {
  if (state === 'open' || state === 'confirm' || state === 'working') return null;
  return { id: `${id}-${state}`, payment: id, order, address, amount, currency, state };
}

/** What the provider knows of an order, for a shop that asks: an answer may have been lost. */
export const messagesOn = (address: string, order: string, now: string): PaymentMessage[] =>
  intents()
    .of(address, order)
    .flatMap((intent) => messageOf(answered(intent, now)) ?? []);

/** Lets payments go that nobody made yet: their pages say so from now on. */
export function letGo(address: string, order: string): void {
  for (const intent of intents().of(address, order))
    if (intent.state === 'open' || intent.state === 'confirm') step(intent, 'ended');
}

/**
 * Collects for an order from the card that paid an earlier one, the last that did. Of one order once: asked again, it is the same payment.
 * A card that may not be charged again is refused.
 */
export function again(address: string, before: readonly string[], order: string, amount: number): Result<Intent> {
  const made = intents().of(address, order).at(-1);
  if (made) return ok(made);
  const paid = before.flatMap((number) => intents().of(address, number)).filter(({ state }) => state === 'accepted');
  const last = paid.at(-1);
  if (!last) return fail('No earlier payment by card is there to go by.');
  const state = last.again ? 'accepted' : 'refused';
  return ok(intents().record({ ...last, id: randomUUID(), order, amount, state, returned: {}, told: true }));
}

/** Gives a part of a payment, or all of it, back to the buyer's card. Asked twice under one name, it is done once. */
export function giveBack(id: string, amount: number, name: string): Result<Intent> {
  const intent = findIntent(id);
  if (intent?.state !== 'accepted') return fail('There is no such payment to give back.');
  if (intent.returned[name] !== undefined) return ok(intent);
  const before = Object.values(intent.returned).reduce((a, b) => a + b, 0);
  if (amount <= 0 || before + amount > intent.amount) return fail('More can’t be given back than was paid.');
  return ok(intents().record({ ...intent, returned: { ...intent.returned, [name]: amount } }));
}
