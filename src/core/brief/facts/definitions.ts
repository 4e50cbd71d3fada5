import { currenciesOf } from '../../till';
import { placesNamed } from '../../lexicon';
import { inFigures } from '../../numberWords';
import { colourWords } from '../colours';
import { toTheMaker } from '../judge/judge';
import { lineShare, type Ground, type Line } from './about';
import { doesSomething, Span } from './spans';
import { isGrammar, isStrange, isVerbOnly, isWord, knownOf, type Token, isCapital } from './tokens';

/**
 * A kind of fact that stands in the words of a brief. A definition says which words may be one; which of them are is learned. Of `one` a brief
 * has one at most: all that may be it are weighed against each other. Of `some` it may have several: each is weighed by itself.
 */
export interface SpanFact {
  takes: 'one' | 'some';
  propose(line: Line, ground: Ground): Span[];
}

const small = new Set(
  'a an the and or but of for from in on at to with by as is are was were be been has have had do does did it its this that these those i we you they he she my our your their his her us me them who which what when where so if not no also only just very please few here there'.split(
    ' ',
  ),
);
const inside = new Set(['of', 'for', 'with', 'de']);
const openers = new Set(['and', 'or', 'but', 'to', 'is', 'are', 'of', 'from']);

/** Small words inside names: "Tachuelas del Plata". */
const linksNames = new Set('de del della di da do dos du des la le van von der den y e i und et og of &'.split(' '));

const isSmall = (token: Token | undefined): boolean => token !== undefined && small.has(token.low);

const isFigure = (low: string): boolean => low === '@number' || low === '@year';

/** What begins and ends a stretch, and what stands before and behind it. */
interface Ends {
  first: Token;
  last: Token;
  before: Token | undefined;
  behind: Token | undefined;
}

/** Stretches of a line of at most so many words and marks that may be it, by their ends and then by all their words. */
function stretches(
  line: Line,
  most: number,
  ends: (ends: Ends, words: number) => boolean,
  whole: (own: readonly Token[], ends: Ends, from: number) => boolean,
): Span[] {
  const { tokens } = line;
  const found: Span[] = [];
  for (let from = 0; from < tokens.length; from++)
    for (let to = from + 1; to <= Math.min(tokens.length, from + most); to++) {
      const [first, last] = [tokens[from], tokens[to - 1]];
      if (!first || !last) continue;
      const at: Ends = { first, last, before: tokens[from - 1], behind: tokens[to] };
      if (ends(at, to - from) && whole(tokens.slice(from, to), at, from)) found.push(new Span(line, from, to));
    }
  return found;
}

/** Whether a phrase goes on with the next word: "pipe" in "pipe racks" is no thing of its own. */
const goesOn = (next: Token | undefined): boolean =>
  next !== undefined &&
  isWord(next.low) &&
  !small.has(next.low) &&
  !isGrammar(next.low) &&
  knownOf(next.low).noun !== null &&
  !isCapital(next);

/** What comes right after these is what they do: "we repair bibles". */
const doers = new Set(['i', 'we', 'they', 'you', 'who', 'to', 'also']);

const makers = ({ judged }: Line): number => (judged ? toTheMaker(judged) : 0);

/** A sentence that speaks so surely to whoever makes the site tells nothing of goods. */
const clearWish = 0.6;

/** What stands behind a comma, a dash or a bracket of a title says which one it is: "Bolster, round". */
const behindTail = ({ tokens }: Line, word: Token): boolean =>
  tokens.some(({ low, end }, i) => i > 0 && /^[,;:(–—|/-]$/.test(low) && end <= word.start);

/** A word is a verb so often that before things in the plural it says what is done to them. */
const oftenVerb = 0.3;

const isMany = ({ low }: Token): boolean => knownOf(low).singular !== low;

/** "Prints maps", "repairs harmoniums": what stands before a noun to tell its kind is hardly ever in the plural. */
const doesToMany = (first: Token, last: Token): boolean =>
  first !== last && doesSomething(first.low) && knownOf(first.low).verbal >= oftenVerb && isMany(last);

/** Phrases that name things: "oak boards", "lamps for reading". */
function things(most: number): SpanFact['propose'] {
  return (line) => {
    // What a shop is wished to be is not what is sold yet.
    if (line.judged?.said.standing === 'greeting' || makers(line) > clearWish) return [];
    return stretches(
      line,
      most,
      ({ first, last, before, behind }) => {
        if (isSmall(first) || isSmall(last) || isGrammar(first.low) || isGrammar(last.low) || goesOn(behind)) return false;
        // "Thirty-six strings": how many there are is no part of what they are.
        if (first !== last && inFigures(first.low) !== null) return false;
        if (doers.has(before?.low ?? '') && knownOf(first.low).verb !== null) return false;
        // "Riemen makes sandals": it does so, it sells no makes.
        if (isCapital(before) && doesSomething(first.low) && first !== last) return false;
        if (line.stands !== 'title' && doesToMany(first, last)) return false;
        if (line.stands === 'title' && behindTail(line, last)) return false;
        const { noun, base } = knownOf(last.low);
        return noun !== null || base === null;
      },
      (own) =>
        own.every(({ low }, i) => isWord(low) && (!small.has(low) || (inside.has(low) && i > 0)) && !isVerbOnly(low)) &&
        !own.some((token, i) => i > 0 && isCapital(token) && knownOf(token.low).place > 0) &&
        // "Ninepin Lane turns skittles" is a sentence.
        !own.some(({ low }, i) => i > 0 && i < own.length - 1 && isCapital(own[i - 1]) && doesSomething(low)),
    );
  };
}

/** Whether a phrase can end before this: a mark, a small word, the end. */
const endsBefore = (next: Token | undefined): boolean => next === undefined || !isWord(next.low) || isSmall(next);

/** Where an asked-for page or function ends that begins with its noun: "a page to hear it played, please". */
const breaks = /^(?:[.;!?:,()]|and|but|because|so|since|please|if|though|too|would|should|is|are|was|must|will)$/;
/** Verbs of asking; they lead up to what is asked for. */
const asking = /^(?:wants?|needs?|likes?|loves?|adds?|includes?|puts?|shows?|gives?|makes?|gets?|uses?)$/;

/** A noun in a wish, with what stands before it in its phrase and what is said of it. */
function grown(line: Line, head: number): Span {
  const { tokens } = line;
  let from = head;
  const isPart = (token: Token | undefined) => {
    if (token === undefined || !isWord(token.low) || isSmall(token) || asking.test(token.low)) return false;
    const { noun, verb } = knownOf(token.low);
    return noun !== null || verb === null;
  };
  while (from > 0 && head - from < 3 && isPart(tokens[from - 1])) from--;
  let to = head + 1;
  while (to < tokens.length && to - head < 12 && !breaks.test(tokens[to]?.low ?? '')) to++;
  while (to > head + 1 && isSmall(tokens[to - 1])) to--;
  return new Span(line, from, to);
}

/** "R140": a sign of money with its number. */
const isPriced = (text: string): boolean => {
  const [, sign = ''] = /^(\p{L}{1,3})\d+$/u.exec(text) ?? [];
  return sign !== '' && currenciesOf(sign).length > 0;
};

/** What leads up to a name. */
const introducing = /^(?:called|named?|["“„'‘:]|is|are)$/;

/** A sentence that speaks of buyers at all. */
const leastOfBuyers = 0.04;

export const spanFacts = {
  name: {
    takes: 'one',
    propose: (line, { domain }) => {
      if (line.stands === 'title') return [];
      const words = line.tokens.filter(({ low }) => isWord(low)).length;
      return stretches(
        line,
        6,
        ({ first, last, before, behind }, count) => {
          // "My name is …" announces one.
          // "It's Tussock" says what is called so.
          if (first.low.includes("'") && isGrammar(first.low)) return false;
          if (last.low === 'name' && /^(?:is|was|:|=)$/.test(behind?.low ?? '')) return false;
          if (line.cased && isCapital(first) && isCapital(last)) return true;
          // Where capitals tell nothing, a name opens what is said or comes after what introduces it.
          const opens = before === undefined || introducing.test(before.low);
          if (!line.cased && opens && !isSmall(last) && (isWord(last.low) || isFigure(last.low)) && count <= 4) return true;
          if (!isWord(last.low) && !isFigure(last.low) && last.low !== '%') return false;
          const introduced = introducing.test(before?.low ?? '');
          const isMail = domain.length > 3 && domain.startsWith(first.low.slice(0, 4));
          return !isSmall(last) && count <= 4 && (count >= words || introduced || isMail);
        },
        (own, { first, last, before, behind }, from) => {
          if (
            !own.every(({ low }) => isWord(low) || /^[&\d'’%]/.test(low) || isFigure(low)) ||
            own.filter(({ low }) => isFigure(low)).length > 1 ||
            own.some(({ text }) => isPriced(text)) ||
            // A notice of copyright has the name last: the word, the year, who holds it (Universal Copyright Convention, article III).
            own.some(({ low }) => low === 'copyright') ||
            own.every(isSmall)
          )
            return false;
          if (!line.cased || !isCapital(first) || !isCapital(last)) return true;
          // A name is taken whole: "Mudlark" of "Mudlark Bags" is none. "Hachi Woodworks of Kyoto" is followed by a place.
          const next = line.tokens[from + own.length + 1];
          const linked =
            linksNames.has(behind?.low ?? '') && isCapital(next) && !(behind?.low === 'of' && knownOf(next?.low ?? '').place > 0);
          // In another language a name goes on in small letters: "called Betlehem við höfnina".
          if (introducing.test(before?.low ?? '') && behind && isWord(behind.low) && isStrange(behind)) return false;
          return !linked && !isCapital(behind) && (!isCapital(before) || from === 1);
        },
      );
    },
  },
  sells: { takes: 'one', propose: things(5) },
  trade: { takes: 'one', propose: things(3) },
  audience: {
    takes: 'one',
    propose: (line) => {
      const ofBuyers = lineShare(line, 'buyer') > leastOfBuyers;
      if (!ofBuyers && !line.tokens.some(({ low }) => low === 'people' || low === 'for')) return [];
      return stretches(
        line,
        18,
        ({ first, last, before, behind }) =>
          (ofBuyers || first.low === 'people' || before?.low === 'for') &&
          isWord(first.low) &&
          (isWord(last.low) || last.low.startsWith('@')) &&
          !isSmall(last) &&
          !openers.has(first.low) &&
          !knownOf(first.low).colour &&
          endsBefore(behind),
        // "Bought by collectors" tells of collectors.
        (own) => !own.some(({ low }) => /^[.;!?:]$/.test(low)) && own[1]?.low !== 'by',
      );
    },
  },
  place: {
    takes: 'one',
    propose: (line) =>
      line.judged
        ? stretches(
            line,
            8,
            ({ last }) => isWord(last.low) && !isSmall(last),
            (own, { first, last, before }, from) => {
              if (!own.every(({ low }) => isWord(low) || /^[,'’]$/.test(low))) return false;
              if (line.cased && isCapital(last) && isCapital(first)) return true;
              if (isCapital(last) && /^(?:an?|the)$/.test(first.low)) return /^(?:in|on|at|from|near)$/.test(before?.low ?? '');
              return own.length <= 3 && (placesNamed(new Span(line, from, from + own.length).text)[0]?.size ?? 0) >= 5;
            },
          )
        : [],
  },
  address: {
    takes: 'one',
    propose: (line) =>
      line.tokens.some(({ low }) => isFigure(low))
        ? stretches(
            line,
            12,
            ({ first, last }, count) =>
              count >= 2 &&
              !isSmall(last) &&
              /^[\p{L}\d@]/u.test(last.low) &&
              (isCapital(first) || /^\p{L}+\.?$/u.test(first.text)),
            (own) =>
              own.some(({ low }) => isFigure(low)) &&
              own.some((token) => isWord(token.low) && isCapital(token)) &&
              !own.some(({ low }) => /^[;!?()"“”]$|^@(?:mail|link)/.test(low)),
          )
        : [],
  },
  tone: {
    takes: 'some',
    propose: (line) =>
      stretches(
        line,
        2,
        // "Garish yellow" is said of the yellow, "like sumptuous carpets" of the carpets.
        ({ before, behind }) =>
          !knownOf(behind?.low ?? '').colour && !(before?.low === 'like' && knownOf(behind?.low ?? '').noun !== null),
        (own) =>
          own.every(({ low }) => isWord(low) && !small.has(low)) &&
          (makers(line) > 0.1 || own.some(({ low }) => knownOf(low).mood || knownOf(low).likeMood)),
      ),
  },
  features: {
    takes: 'some',
    propose: (line) =>
      makers(line) > 0.15 || lineShare(line, 'planning') > 0.2
        ? line.tokens.flatMap(({ low }, i) =>
            isWord(low) && !small.has(low) && knownOf(low).noun !== null ? [grown(line, i)] : [],
          )
        : [],
  },
  wanted: { takes: 'some', propose: colours },
  avoided: { takes: 'some', propose: colours },
} satisfies Record<string, SpanFact>;

function colours(line: Line): Span[] {
  if (!line.judged && line.stands !== 'label') return [];
  const { tokens } = line;
  const from = tokens[0]?.start ?? 0;
  const text = line.text.slice(from, tokens.at(-1)?.end ?? 0);
  return [...colourWords(text)].flatMap(({ at, text: words }) => {
    const first = tokens.findIndex(({ end }) => end > from + at);
    const behind = tokens.findIndex(({ start }) => start >= from + at + words.length);
    return first < 0 ? [] : [new Span(line, first, behind < 0 ? tokens.length : behind)];
  });
}

export type SpanFactName = keyof typeof spanFacts;
export const spanFactNames = Object.keys(spanFacts) as SpanFactName[];
