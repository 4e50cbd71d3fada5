import { broaderTerms, chooseSenses, headNoun, plural, sharedTerms, singular } from '../lexicon';
import { factAt, type Fact } from './fact';
import { type Sentence } from './sentences';

/** What a business deals in, placed in the lexical database. */
export interface Trade {
  /** In the seller's words where one word covers it: "honey", "tools". */
  label: string;
  /** Broader terms, nearest first. */
  broader: string[];
}

/** Terms that stand above half of all goods and say nothing of any. */
const vague = new Set([
  'device',
  'mechanism',
  'equipment',
  'container',
  'commodity',
  'structure',
  'covering',
  'implement',
  'instrumentality',
  'decoration',
  'furnishing',
  'piece',
  'part',
]);

/** "vascular plant" is a plant to everyone but botanists. */
const lastNoun = (term: string): string => term.split(' ').at(-1) ?? term;

const named =
  /\b(?:an?|the|our|my|small|only|family|little|of)\s+(?:\w+\s+)?([\p{L}-]+(?:\s[\p{L}-]+)?)\s+(?:shop|store|studio|company|maker|makers|business|school|workshop|dealer|importer|counter|stall)\b/iu;
const practised =
  /\b(?:make|making|made|teach|restoring|repairing|mending)\s+(?:our own |our |my |own )?([\p{L}-]+(?:\s[\p{L}-]+)?)(?:\s+(?:in|for|since|by|at|out of|from)\b|\.|,|$)/iu;
const business = /^([\p{L}-]+(?:\s[\p{L}-]+)?)\s+(?:company|works|co)\b/iu;

/** The trade: a kind of shop that is named, else what covers the goods, else the first of them. */
export function readTrade(
  brief: string,
  all: readonly Sentence[],
  wishes: ReadonlySet<Sentence>,
  sells: readonly Fact<string>[],
  name: Fact<string> | null,
): Fact<Trade> | null {
  const sentences = all.filter((sentence) => !wishes.has(sentence) && !sentence.asks);
  const heads = sells.map((fact) => headNoun(fact.value)).filter((head) => head !== null);
  const place = (noun: string): Trade => {
    const [sense] = chooseSenses([noun, ...heads]);
    return { label: noun, broader: sense ? broaderTerms(noun, sense) : [] };
  };
  const from = (pattern: RegExp, confidence: number) => {
    for (const sentence of sentences) {
      const match = pattern.exec(sentence.source.text);
      const noun = match?.[1] && tradeNoun(match[1]);
      if (!match || !noun) continue;
      const start = sentence.source.start + match.index + match[0].indexOf(match[1] ?? '');
      return factAt(brief, place(noun), confidence, start, start + (match[1] ?? '').length);
    }
    return null;
  };
  const shop = from(named, 0.85);
  if (shop) return shop;
  const work = workplace(brief, sentences);
  if (work) return factAt(brief, place(work.noun), 0.8, work.start, work.end);
  const craft = heads.length > 2 || heads.length === 0 ? from(practised, 0.8) : null;
  if (craft) return craft;
  const own = name && business.exec(name.value.split(' ').slice(-2).join(' '));
  const ownNoun = own?.[1] && tradeNoun(own[1]);
  if (ownNoun && heads.some((head) => head.includes(ownNoun)))
    return { value: place(ownNoun), confidence: 0.8, source: name?.source ?? null };
  const last = name?.value.split(/\s+/).at(-1)?.toLowerCase() ?? '';
  const covers =
    last.length > 2 &&
    heads.some((head) => head === last || broaderTerms(head, chooseSenses([head])[0]).includes(singular(last)));
  if (covers) return { value: place(last), confidence: 0.8, source: name?.source ?? null };
  const [first] = sells;
  if (!first) return null;
  const shared =
    heads.length > 2
      ? sharedTerms(heads).find(
          (term) =>
            !vague.has(term.word) &&
            ((term.covers.length === heads.length && term.depth >= 6) ||
              (term.covers.length * 3 >= heads.length * 2 && term.depth >= 6)),
        )
      : undefined;
  const ends = heads.map((head) => head.split(' ').at(-1) ?? '');
  const repeated = ends.find(
    (head, i) => ends.indexOf(head) !== i && ends.filter((end) => end === head).length * 2 > ends.length,
  );
  const covering = repeated ?? (shared ? plural(lastNoun(shared.word)) : undefined);
  const label = covering ?? headNoun(first.value) ?? first.value;
  return { value: place(label), confidence: headNoun(first.value) ? 0.8 : 0.4, source: first.source };
}

/** Where the work is done names it: "our bakery", "a pottery". */
function workplace(brief: string, sentences: readonly Sentence[]): { noun: string; start: number; end: number } | null {
  for (const { source } of sentences) {
    const match = /\b(?:[Oo]ur|[Mm]y|[Ww]e are an?|[Ii] run an?|[Ww]e run an?)\s+(?:\p{Ll}+\s)?(\p{Ll}+(?:ery|ory|eria))\b/u.exec(
      source.text,
    );
    const noun = match?.[1];
    const [sense] = noun ? chooseSenses([noun]) : [];
    if (
      !match ||
      !noun ||
      !sense ||
      !broaderTerms(noun, sense).some((term) =>
        /^(?:shop|workplace|mercantile establishment|place of business|plant)$/.test(term),
      )
    )
      continue;
    const start = source.start + match.index + match[0].length - noun.length;
    return { noun, start, end: start + noun.length };
  }
  return null;
}

const unsaid =
  /^(?:small|little|family|online|web|own|new|local|old|hand|our|two|one|design|us|it|them|things?|sure|shop|business|mail order)$/i;

/** The noun of a trade, or nothing where the words before "shop" name none ("a small shop"). */
function tradeNoun(words: string): string | null {
  if (/^(?:the|a|an|every|each|it|them|sure|all)\b/i.test(words)) return null;
  const head = headNoun(words.replace(/[\s-](?:making|mending|repair|repairs)$/i, ''));
  if (!head || unsaid.test(head)) return null;
  const [sense] = chooseSenses([head]);
  return sense && [3, 6, 13, 20, 27, 10, 5].includes(sense.kind) ? (head === singular(head) ? head : head) : null;
}
