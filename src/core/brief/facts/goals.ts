import { toTheMaker } from '../judge/judge';
import { type Goal } from '../about';
import { type Line } from './about';
import words from './goalWords.json';
import { isWord, knownOf, type Token } from './tokens';

type Told = keyof typeof words;

const said = new Map(
  (Object.keys(words) as Told[]).flatMap((goal) => [
    ...words[goal].verbs.map((verb) => [`v ${verb}`, goal] as const),
    ...words[goal].nouns.map((noun) => [`n ${noun}`, goal] as const),
  ]),
);

/** People, groups of them, and what they work in (lexnames of WordNet): visitors, schools, shops. */
const mayAct = new Set([6, 14, 18]);
const person = 18;
const everybody = /^(?:they|people|ppl|folk|visitors?|everyone|everybody|anyone)$/;

/** Who is to do something: people, or whatever many things should, must or can do it. */
const isBuyer = ({ low }: Token, next: Token | undefined): boolean =>
  everybody.test(low) || (/[^s]s$/.test(low) && isActing(knownOf(low).noun, next));
const isActing = (noun: number | null, next: Token | undefined): boolean =>
  noun === person || (noun !== null && mayAct.has(noun) && modal.test(next?.low ?? ''));
const modal = /^(?:should|must|can|could|may|will|need|have)$/;

const breaks = /^[.;:!?()–—|]$/;
const denial = /^(?:no|not|never|nor|without|instead|stop|stops)$|n't$/;

/**
 * What a wish says that people are to do on the site, beside buying: to book, to ask, to come. Only what is wished of buyers counts, or of the
 * site as a whole, and not what they are to leave.
 */
export function goalsIn(line: Line): Set<Goal> {
  const found = new Set<Goal>();
  if (!line.judged || toTheMaker(line.judged) < wished) return found;
  let denied = false;
  line.tokens.forEach((token, i) => {
    const { low } = token;
    if (breaks.test(low) || low === ',' || low === 'but') denied = false;
    if (denial.test(low)) denied = true;
    if (denied || !isWord(low)) return;
    const { base, singular } = knownOf(low);
    const goal = said.get(`n ${singular}`) ?? (base === null ? undefined : said.get(`v ${base}`));
    if (goal === undefined) return;
    const before = line.tokens.slice(0, i);
    const isNoun = said.get(`n ${singular}`) === goal;
    const isTheirs = before.some((one, at) => isBuyer(one, before[at + 1])) || (before.at(-1)?.low === 'to' && before.length > 1);
    if (isNoun || isTheirs) found.add(goal);
  });
  return found;
}

/** A sentence is a wish to whoever makes the site from here on. */
const wished = 0.2;

/** Of several that are wished the most binding one is the goal: who books has asked and comes. */
export const mostBinding = (wishedOf: (goal: Goal) => boolean): Goal | null => byBond.find(wishedOf) ?? null;
const byBond = ['bookings', 'enquiries', 'visits'] as const satisfies readonly Goal[];
