import { shareOf, type Reading } from '../brief';
import { parsePrice } from '../goods/page';
import { currenciesOf, isNameOfMoney, signAt, type TillRules } from '../till';

/** A sentence of the brief that tells of delivery, and the sums in it: proposals, none of which holds before the seller says so. */
export interface SaidOfDelivery {
  words: string;
  /** Minor units of the shop's money, in their order. */
  amounts: number[];
}

/** A sentence tells of something from here on; one that names a sum may be asked about sooner, as it is only shown. */
const likely = 0.3;
const likelyWithSum = 0.1;
const number = /\d(?:[\d.,'’ ]*\d)?/g;

/**
 * The sums of money in a text that are in a currency: those with its sign, code or name right before or after, and those that are written
 * with its decimals and nothing after them that could be what is counted.
 */
export function amountsIn(text: string, { currency, digits }: Pick<TillRules, 'currency' | 'digits'>): number[] {
  const isMoney = (word: string) => word !== '' && (currenciesOf(word).includes(currency) || isNameOfMoney(word, currency));
  return [...text.matchAll(number)].flatMap(({ 0: figure, index }) => {
    const before = /(\S+?)\s?$/.exec(text.slice(0, index))?.[1] ?? '';
    const after = text.slice(index + figure.length).trimStart();
    const [, word = ''] = /^(\p{L}+)/u.exec(after) ?? [];
    // A sign of another money before it makes it none of ours.
    const isWrittenSo =
      digits > 0 &&
      currenciesOf(before).length === 0 &&
      new RegExp(`[.,]\\d{${digits}}$`).test(figure) &&
      /^(?:[.,;:!?)]|$)/.test(text.slice(index + figure.length));
    if (!isWrittenSo && ![before, signAt(after), word].some(isMoney)) return [];
    const read = parsePrice(figure, digits);
    return read.ok ? [read.value] : [];
  });
}

export const saidOfDelivery = (
  reading: Pick<Reading, 'judged'>,
  rules: Pick<TillRules, 'currency' | 'digits'>,
): SaidOfDelivery[] =>
  reading.judged.flatMap((one) => {
    const words = one.said.text;
    const amounts = [...new Set(amountsIn(words, rules))];
    return shareOf(one, 'delivery') >= (amounts.length ? likelyWithSum : likely) ? [{ words, amounts }] : [];
  });

/** What a brief says of prices as such: whether they hold tax, what money they are in. */
export const saidOfPrices = (reading: Pick<Reading, 'judged'>): string[] =>
  reading.judged.flatMap((one) => (shareOf(one, 'price') >= likely ? [one.said.text] : []));
