import { parseDate } from '@internationalized/date';
import type { Rhythm } from '../../goods/about';
import type { Following, FollowingSays } from './following';

/**
 * A thing that comes again and again: a parcel now, and one on each of its dates until somebody stops it. Each is an order of its own,
 * at the sum that the buyer agreed to or below it.
 */
export const repeat: Following = {
  by: 'seller',
  travels: true,
  discounted: true,
  taxed: true,
  wants: 'rhythm',
  makes: 'dates',
  isOver: ({ left }) => left === 0,
};

export const repeatSays: FollowingSays = {
  name: 'A thing that comes again and again',
  says: 'Once it is paid, you send it, and on each of its dates it is ordered and paid anew, at no more than the buyer agreed to. The buyer and you can pause it and stop it.',
};

/** Days before a date on which its buyer is reminded of it: common practice. */
export const reminderDays = 3;

/** The nth of the dates from a first one, ISO. A month that has no such day has its last one (31 January, 28 February, 31 March). */
export const dateOfTurn = (from: string, { every, unit }: Rhythm, turn: number): string =>
  parseDate(from)
    .add(unit === 'week' ? { weeks: every * turn } : { months: every * turn })
    .toString();

export const daysUntil = (today: string, date: string): number => parseDate(date).compare(parseDate(today));

/** The last turn whose date has come by a day; 0 where none has. */
export function turnBy(from: string, rhythm: Rhythm, today: string): number {
  // Months and weeks are at least so many days long: nobody counts through years of them.
  const days = daysUntil(from, today);
  let turn = Math.max(0, Math.floor(days / (rhythm.every * (rhythm.unit === 'week' ? 7 : 31))));
  while (dateOfTurn(from, rhythm, turn + 1) <= today) turn++;
  return turn;
}
