import { z } from 'zod';
import { goalIds, originIds, reachIds } from '../brief/about';
import { languages } from '../phrases/about';
import { definePlace, type Place } from './place';
import { turns } from './says';

const word = z.string().max(200);
const line = z.string().max(400);
const several = z.array(z.string().min(1).max(300)).max(40);

const fact = <const Name extends string, T extends string | string[]>(name: Name, label: string, value: z.ZodType<T>) =>
  definePlace({ address: ['reading', name], value, says: turns(label) });

/** What the seller has put right in the reading of the brief, by fact. */
export const corrections = {
  name: fact('name', 'The shop’s name', word),
  place: fact('place', 'Place', word),
  language: fact('language', 'Language of the shop', z.enum(languages)),
  currency: fact('currency', 'Currency', z.union([z.literal(''), z.string().regex(/^[A-Z]{3}$/)])),
  email: fact('email', 'E-mail', word),
  phone: fact('phone', 'Telephone', word),
  address: fact('address', 'Address', line),
  sells: fact('sells', 'What is sold', several),
  audience: fact('audience', 'Who buys', several),
  tone: fact('tone', 'Tone', several),
  coloursWanted: fact('coloursWanted', 'Colours', several),
  coloursAvoided: fact('coloursAvoided', 'Colours to avoid', several),
  features: fact('features', 'What is asked for', several),
  difference: fact('difference', 'What sets it apart', several),
  goal: fact('goal', 'Goal of the site', z.enum(goalIds)),
  reach: fact('reach', 'Where parcels go', z.enum(reachIds)),
  origin: fact('origin', 'Where the goods come from', z.enum(originIds)),
} as const;

/** A fact that can be put right. */
export type CorrectedFact = keyof typeof corrections;

export const isCorrectable = (fact: string): fact is CorrectedFact => Object.hasOwn(corrections, fact);

/** The place at which a fact is put right, where the fact is only known by its name. */
export const correctionOf = (fact: CorrectedFact): Place => corrections[fact];

/** What became of a question that was asked. */
export const asked = definePlace({
  address: ['asked', ':question'],
  value: z.enum(['skipped', 'answered']),
  says: (_, after) =>
    after === 'skipped' ? 'A question was skipped' : after ? 'A question was answered' : 'A question is open again',
});

/** Whether a sentence of the brief may stand on the site, where the seller was asked. */
export const mayPrint = definePlace({
  address: ['printed', ':sentence'],
  value: z.boolean(),
  says: (_, after) =>
    after === undefined
      ? 'A sentence of the brief is asked about again'
      : after
        ? 'A sentence of the brief may be printed'
        : 'A sentence of the brief is never printed',
});
