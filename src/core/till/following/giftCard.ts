import type { Following, FollowingSays } from './following';

/**
 * A gift card: the buyer gets a code, which pays. It is money for money, so nothing is taken off it, and it is taxed when it is spent (a
 * multi-purpose voucher, Directive 2006/112/EC, article 30b).
 */
export const giftCard: Following = {
  by: 'host',
  travels: false,
  discounted: false,
  taxed: false,
  wants: null,
  makes: 'code',
  isOver: () => true,
};

export const giftCardSays: FollowingSays = {
  name: 'A gift card',
  says: 'Once it is paid, the buyer gets a code that pays at your checkout, and a card to print. No discount and no tax goes onto it: it is taxed when it is spent.',
};

/** Letters of a code: those of RFC 4648, base 32, which has no 0, 1 or 8 to mistake. */
const letters = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';
export const cardLetters = 16;

/** A code from random bytes, one for each of its letters. */
export const cardCode = (random: Uint8Array): string =>
  [...random.subarray(0, cardLetters)].map((byte) => letters[byte % letters.length]).join('');

/** A code as it is printed: in fours. */
export const cardShown = (code: string): string => code.replace(/(.{4})(?=.)/g, '$1-');

/** A code as somebody typed it, or null where it is none. */
export function cardTyped(text: string): string | null {
  const plain = text.toUpperCase().replace(/[\s-]/g, '');
  return plain.length === cardLetters && [...plain].every((letter) => letters.includes(letter)) ? plain : null;
}
