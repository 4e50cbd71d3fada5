import { randomUUID } from 'node:crypto';
import { join } from 'node:path';
import { z } from 'zod';
import { phrasesOf } from '@/core/phrases';
import { fail, ok, type Result } from '@/core/result';
import { dataFolder } from '../folder';
import { Journal } from '../journal';

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
  state: z.enum(['open', 'confirm', 'accepted', 'refused']),
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
] as const;

/** The check digit of ISO/IEC 7812-1, Annex B. */
export function hasRightCheckDigit(number: string): boolean {
  const digits = [...number.replace(/\D/g, '')].map(Number).reverse();
  const sum = digits.reduce((total, digit, i) => total + (i % 2 === 0 ? digit : digit * 2 > 9 ? digit * 2 - 9 : digit * 2), 0);
  return digits.length >= 12 && sum % 10 === 0;
}

// Read once in the whole process, also when the server's bundles load this file more than once.
const shared = globalThis as typeof globalThis & { arcatumIntents?: Map<string, Journal<Intent>> };
const journals = (shared.arcatumIntents ??= new Map());

function journal(): Journal<Intent> {
  const path = join(dataFolder(), 'payment', 'intents.jsonl');
  const known = journals.get(path);
  if (known) return known;
  const opened = new Journal(path, intentSchema);
  journals.set(path, opened);
  return opened;
}

/** The latest word on an intent is the one that counts. */
export const findIntent = (id: string): Intent | null =>
  journal()
    .read()
    .findLast((intent) => intent.id === id) ?? null;

/** Asks for a payment. Of one order there is one at a time: asked again while it is open, or was made, it is the same. */
export function askFor(wanted: Omit<Intent, 'id' | 'state'>): Intent {
  const last = journal()
    .read()
    .findLast(({ address, order }) => address === wanted.address && order === wanted.order);
  if (last && last.state !== 'refused' && last.amount === wanted.amount && last.currency === wanted.currency) return last;
  const intent: Intent = { ...wanted, id: randomUUID(), state: 'open' };
  journal().add(intent);
  return intent;
}

const step = (intent: Intent, state: Intent['state']): Intent => {
  const next = { ...intent, state };
  journal().add(next);
  return next;
};

/** A card is put in. */
export function payWith(id: string, card: string): Result<Intent> {
  const intent = findIntent(id);
  if (!intent) return fail('This payment is not known.');
  if (intent.state !== 'open') return ok(intent);
  if (!hasRightCheckDigit(card)) return fail(phrasesOf(intent).payment.slip);
  const known = testCards.find((candidate) => candidate.number.replace(/ /g, '') === card.replace(/\D/g, ''));
  if (!known) return fail(phrasesOf(intent).payment.onlyThese);
  return ok(step(intent, known.outcome));
}

/** The buyer confirms, or doesn't, where the card's bank asked for it. */
export function confirm(id: string, yes: boolean): Result<Intent> {
  const intent = findIntent(id);
  if (!intent) return fail('This payment is not known.');
  return ok(intent.state === 'confirm' ? step(intent, yes ? 'accepted' : 'refused') : intent);
}
