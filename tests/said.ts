import { readBrief, type Reading } from '@/core/brief';
import { mayPrint } from '@/core/places';

/** A brief of which the seller has said that all may be printed that is asked about. */
export function readSaid(brief: string): Reading {
  const reading = readBrief(brief);
  const statements = [...reading.statements, ...reading.unsure].sort((a, b) => a.source.start - b.source.start);
  return { ...reading, statements, unsure: [] };
}

/** What the seller decides with every yes. */
export const yesToAll = (brief: string): Record<string, true> =>
  Object.fromEntries(readBrief(brief).unsure.map(({ key }) => [mayPrint(key).address, true as const]));
