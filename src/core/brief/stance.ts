import { type Fact } from './fact';
import { type Sentence } from './sentences';
import { worthOf, type Statement } from './statements';

const apart =
  /\b(?:for your \w+ alone|no matter how|made to measure|one of a kind|unlike|nobody else|no one else|the only|every (?!other|day|week|year)|each (?!of them)|nothing (?:is|here|leaves)|never|no two|guarantee\w*|without|instead of|all of it|all of (?:our|them)|what(?:ever)? (?:the|others) .* throw away|cured|for as long as|if (?:a|an|it|one|the) .+(?:comes|breaks|fails|cut|wears|goes|tears|splits|leaks|stops)|we visit|if .+ (?:we|i)(?:['’]ll| will)? (?:take|replace|mend|repair|refund|resew|send|give|swap|set))\b/i;
const elsewhere =
  /\b(?:parcels?|post(?:age)?|deliver\w*|shipping|ring|call|e-?mail|phone|customers?|buyers|people who (?:buy|come))\b|£|€|\$/i;

/** What sets the business apart: what it is asked for by name, promises, and what is true of every piece. */
export function readDifference(sentences: readonly Sentence[], statements: readonly Statement[]): Fact<string>[] {
  const labelled = sentences.filter((sentence) => sentence.label === 'difference' && !sentence.asks);
  const said = labelled.map(({ text, source }) => ({ value: text, confidence: 0.9, source }));
  const others = statements
    .filter((s) => !labelled.some((one) => one.source.start === s.source.start))
    .flatMap((statement) => clausesApart(statement).map((fact) => ({ fact, score: worthOf(statement) })))
    .sort((a, b) => b.score - a.score)
    .slice(0, Math.max(0, 3 - said.length))
    .map(({ fact }) => fact);
  return [...said, ...others].sort((a, b) => (a.source?.start ?? 0) - (b.source?.start ?? 0));
}

/** Of a sentence the part that sets apart: "…; we visit each of them", "…, so no two are alike". */
function clausesApart({ text, source }: Statement): Fact<string>[] {
  if (elsewhere.test(text)) return [];
  const parts = text
    .split(/;\s+|,\s+so\s+|,?\s+and\s+(?=(?:nobody|no one|no two|never|I|we)\b)/)
    .filter((part) => apart.test(part));
  const part = parts.at(-1);
  if (!part) return [];
  const at = source.text.indexOf(part.replace(/\.$/, ''));
  if (at <= 0) return [{ value: text, confidence: 0.7, source }];
  const length = part.replace(/\.$/, '').length;
  return [
    {
      value: part,
      confidence: 0.7,
      source: { text: source.text.slice(at, at + length), start: source.start + at, end: source.start + at + length },
    },
  ];
}
