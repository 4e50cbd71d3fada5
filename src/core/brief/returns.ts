import { inFigures } from '../numberWords';
import { factAt, type Fact } from './fact';
import { type Judgement } from './judge/judge';

/** What comes back, by words of trade for it, from memory; a thing that is mended or replaced is not given back. */
const givenBack =
  /\b(?:returns?|returned|returnable|refund\w*|money[- ]back|money\b[^.]{0,12}\bback|(?:send|bring|give|take|post|mail)\b[^.]{0,24}\bback|to try)\b/i;

const daysIn: Readonly<Record<string, number>> = { day: 1, night: 1, week: 7, fortnight: 14, month: 30, year: 365 };
const term = /\b(a|one|\d{1,4}|[a-z]+(?:-[a-z]+)?)[ -](day|night|week|fortnight|month|year)s?\b/gi;

/** What nobody would promise. */
const longest = 3650;

/** Within how many days something may be given back, where the brief says so; that it holds for everything is the seller's to say. */
export function readReturns(brief: string, judged: readonly Judgement[]): Fact<number> | null {
  for (const { said } of judged) {
    const over = `${said.label} ${said.question}`;
    if (!givenBack.test(said.text) && !givenBack.test(over)) continue;
    for (const match of said.text.matchAll(term)) {
      const [, count = '', unit = ''] = match;
      const figure = /^(?:a|one)$/i.test(count) ? '1' : inFigures(count);
      const days = figure === null ? 0 : Number(figure.replace(/,/g, '')) * (daysIn[unit.toLowerCase()] ?? 0);
      if (days > 0 && days <= longest) return factAt(brief, days, 0.6, said.start, said.end);
    }
  }
  return null;
}
