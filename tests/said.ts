import { readBrief, type Reading } from '@/core/brief';
import { mayPrint } from '@/core/places';

/** A brief of which the seller has said that all may be printed that is asked about. */
export function readSaid(brief: string): Reading {
  const reading = readBrief(brief);
  const asked = new Set(reading.unsure.map(({ key }) => key));
  return {
    ...reading,
    statements: reading.told.filter((one) => asked.has(one.key) || reading.statements.includes(one)),
    reviews: reading.praise.map(({ fact }) => fact),
    unsure: [],
  };
}

/** What the seller decides with every yes. */
export const yesToAll = (brief: string): Record<string, true> =>
  Object.fromEntries(readBrief(brief).unsure.map(({ key }) => [mayPrint(key).address, true as const]));
