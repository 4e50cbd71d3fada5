import { type Origin } from './about';
import { factAt, type Fact } from './fact';
import { type Sentence } from './sentences';
import { worthOf, type Statement } from './statements';

const made =
  /\b(?:we|i)(?:'ve| have)?\s+(?:\w+\s+){0,3}?(?:make|made|making|bake|baked|dye|brew|roast|grow|sew|knit|carve|throw|forge|print|build|pour|weave|bind|cut|shape|craft|cast|restore|teach|work in|tie|blend|press|turn|design|solder|mill)\b|\b(?:hand-?made|made by (?:us|me)|by hand|our own|what the bees make|hand-?(?:woven|shaped|sewn|carved|thrown|cut|printed|dyed|bound|built|knitted|painted|poured|stitched|forged|blown)|(?:are|is) (?:all )?(?:sewn|woven|carved|thrown|printed|dyed|baked|brewed|poured|cut|made) (?:in|at|by hand|on)|hand-shaped|home-?made)\b|\b(?:i|we) fit\b/i;
const notMade = /\b(?:nothing|none|not)\b[^.]*\bmade by (?:us|me)\b/i;
const bought =
  /\b(?:(?:repairs?|restores?|mends?) and sells? (?:old|used)|(?:we|i)\s+(?:\w+\s+)?(?:import|stock|resell|source|distribute|buy|hunt|collect|curate|choose)\b|second-?hand|pre-?owned|pre-?loved|from (?:small |other |independent )?(?:makers|producers|growers|farms) in|made by others|(?:parents|people|customers) bring us|pass it on|wholesaler|importers?)\b/i;

/** Whether the goods are the seller's own work or bought to be sold on. */
export function readOrigin(brief: string, sentences: readonly Sentence[]): Fact<Origin> | null {
  const own = sentences.find((s) => made.test(s.source.text) && !notMade.test(s.source.text));
  const resold = sentences.find((s) => bought.test(s.source.text));
  const from = (sentence: Sentence, value: Origin, pattern: RegExp, confidence: number) => {
    const match = pattern.exec(sentence.source.text);
    const start = sentence.source.start + (match?.index ?? 0);
    return factAt(brief, value, confidence, start, start + (match?.[0].length ?? sentence.source.text.length));
  };
  if (own && resold)
    return /\b(?:also|as well|beside)\b/i.test(resold.text)
      ? from(resold, 'both', bought, 0.6)
      : from(resold, 'resold', bought, 0.65);
  if (resold) return from(resold, 'resold', bought, 0.85);
  return own ? from(own, 'own', made, 0.8) : null;
}

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
  if (!part || notMade.test(part)) return [];
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
