import { factAt, type Fact } from '../fact';
import { toTheMaker } from '../judge/judge';
import { isLikened } from '../tone';
import { type Ground } from './about';
import { breaks, isGrammar, isNegation, isWord, knownOf, type Token } from './tokens';

/** A sentence has to be this likely to speak to whoever makes the site. */
const likely = 0.3;
const article = /^an?$/;
/** “Look like”, “feel like”, “be like”; whoever “would like” something likens nothing. */
const seems: ReadonlySet<string> = new Set(['look', 'feel', 'be', 'sound', 'read', 'seem', 'appear']);
const mostWords = 2;

/** “Like a pharmacy”, “that of a workshop”: what the site should feel like, where it is known how that feels. */
export function likenesses({ document, lines }: Ground): Fact<string>[] {
  return lines.flatMap(({ judged, stands, tokens }) => {
    if (stands !== 'said' || !judged || toTheMaker(judged) < likely) return [];
    return tokens.flatMap((_, i) => {
      const from = likenedFrom(tokens, i);
      if (from === null) return [];
      for (let to = Math.min(tokens.length, from + mostWords); to > from; to--) {
        const own = tokens.slice(from, to);
        const [first, last] = [own[0], own.at(-1)];
        if (!first || !last || !isLikened(own.map(({ low }) => low).join(' '))) continue;
        // “Like a kitchen knife”, “like a bank holiday” are something else.
        const behind = tokens[to]?.low ?? '.';
        if (isWord(behind) && knownOf(behind).noun !== null) return [];
        const words = own.map(({ low }) => low).join(' ');
        return [
          factAt(
            document.text,
            `like ${article.exec(tokens[from - 1]?.low ?? '')?.[0] ?? 'a'} ${words}`,
            sure,
            first.start,
            last.end,
          ),
        ];
      }
      return [];
    });
  });
}
const sure = 0.8;

/** Where the words begin that something is likened to, if a likeness begins here and is not refused. */
function likenedFrom(tokens: readonly Token[], at: number): number | null {
  const low = (i: number) => tokens[i]?.low ?? '';
  const isLike = low(at) === 'like' && article.test(low(at + 1)) && isLikeness(tokens, at);
  const isOf = low(at) === 'that' && low(at + 1) === 'of' && article.test(low(at + 2));
  if (!isLike && !isOf) return null;
  // "Not like a bank", "it is too much like a funeral".
  for (let i = at - 1; i >= 0 && !breaks.has(low(i)) && low(i) !== ','; i--)
    if (isNegation(low(i)) || low(i) === 'too') return null;
  return at + (isLike ? 2 : 3);
}

function isLikeness(tokens: readonly Token[], at: number): boolean {
  const before = tokens[at - 1]?.low;
  if (before === undefined || !isWord(before)) return true;
  const { base, noun, mood } = knownOf(before);
  // "No white, it looks like a hospital" says how it is, and not how it should be.
  if (seems.has(base ?? '') && base !== before)
    return tokens.slice(0, at).some(({ low }) => /^(?:when|if|until|so|that)$/.test(low));
  return seems.has(base ?? '') || mood || (noun !== null && !isGrammar(before));
}
