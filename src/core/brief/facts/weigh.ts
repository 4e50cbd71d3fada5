import { once } from '../../once';
import { scoresOf, unpackWeights, type Features, type Weights } from '../../softmax';
import { type Ground, type Line } from './about';
import { optionsOf, type OptionFact } from './options';
import { spanFacts, spanFactNames, type SpanFactName } from './definitions';
import { ownFeaturesOf, type Span } from './spans';
import trained from './weights.json';

/** What is learned of a feature, in the order that its weights are stored in. */
export const learnedFacts = [...spanFactNames, 'country'] as const;
export const learnedOptions = (Object.keys(optionsOf) as OptionFact[]).flatMap((fact) =>
  optionsOf[fact].map((option: string) => [fact, option] as const),
);

/** Weights as they are stored: a row of letters for each feature. */
export interface StoredFactWeights {
  facts: Readonly<Record<string, string>>;
  options: Readonly<Record<string, string>>;
}

/** For each feature what it says of each kind of fact; for each feature what it says of each option. */
export interface FactWeights {
  facts: Weights;
  options: Weights;
}

export const factWeights = ({ facts, options }: StoredFactWeights): FactWeights => ({
  facts: unpackWeights(facts),
  options: unpackWeights(options),
});

export const usualWeights = once(() => factWeights(trained as StoredFactWeights));

/** What all that is seen of something adds up to, for one thing that was learned. */
export function scoreOf(features: Features, weights: Weights, column: number): number {
  let sum = 0;
  for (const name in features) sum += (weights.get(name)?.[column] ?? 0) * (features[name] ?? 0);
  return sum;
}

/** How likely each of some things is, where none of them may be: that one scores nothing. */
export function sharesOf(scores: readonly number[]): number[] {
  const most = Math.max(0, ...scores);
  const all = scores.reduce((sum, score) => sum + Math.exp(score - most), Math.exp(-most));
  return scores.map((score) => Math.exp(score - most) / all);
}

/** Words that may be a fact, and how likely they are. */
export interface Weighed {
  span: Span;
  share: number;
}

/** All that may be a fact of a kind. Labels are what answers stand under; they name a shop at most, or refuse a colour: "No teal: …". */
export const candidatesFor = (fact: SpanFactName, ground: Ground): Span[] =>
  ground.lines.flatMap((line) =>
    line.stands === 'label' && fact !== 'name' && fact !== 'avoided' ? [] : spanFacts[fact].propose(line, ground),
  );

/** What was seen of a line and of the stretches in it, added up for all kinds of facts at once. */
interface SeenLine {
  around: number[];
  spans: Map<number, number[]>;
}

/** All that is looked at of a brief, weighed for one kind of fact. What is seen of the same words is looked at once for all kinds. */
export class Scales {
  private readonly seen = new Map<Line, SeenLine>();

  constructor(
    readonly ground: Ground,
    readonly by: FactWeights,
  ) {}

  private lineOf(line: Line): SeenLine {
    const known = this.seen.get(line);
    if (known) return known;
    const made = { around: scoresOf(line.around, this.by.facts, learnedFacts.length), spans: new Map<number, number[]>() };
    this.seen.set(line, made);
    return made;
  }

  private scoresOf(span: Span): readonly number[] {
    const { around, spans } = this.lineOf(span.line);
    const key = span.from * (span.line.tokens.length + 1) + span.to;
    const known = spans.get(key);
    if (known) return known;
    const own = scoresOf(ownFeaturesOf(span, this.ground), this.by.facts, learnedFacts.length);
    const made = own.map((score, k) => score + (around[k] ?? 0));
    spans.set(key, made);
    return made;
  }

  weigh(fact: SpanFactName): Weighed[] {
    const column = spanFactNames.indexOf(fact);
    const { takes } = spanFacts[fact];
    const spans = candidatesFor(fact, this.ground);
    const scores = spans.map((span) => this.scoresOf(span)[column] ?? 0);
    const shares = takes === 'one' ? sharesOf(scores) : scores.map((score) => 1 / (1 + Math.exp(-score)));
    return spans.map((span, i) => ({ span, share: shares[i] ?? 0 })).sort((a, b) => b.share - a.share);
  }
}
