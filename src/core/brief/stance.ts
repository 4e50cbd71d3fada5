import { type Fact } from './fact';
import { type Sentence } from './sentences';
import { type Statement, type Topic } from './statements';

/** So many sentences say what sets a business apart. */
const most = 3;
/** An editor would hardly take it for a reason to buy. */
const leastReason = 0.05;
const ownDoing: ReadonlySet<Topic> = new Set(['what', 'method', 'promise']);

/** What sets the business apart: what it is asked for by name, then what an editor would give as a reason to buy here. */
export function readDifference(sentences: readonly Sentence[], statements: readonly Statement[]): Fact<string>[] {
  const labelled = sentences.filter((sentence) => sentence.label === 'difference' && !sentence.asks);
  const said = labelled.map(({ text, source }): Fact<string> => ({ value: text, confidence: 0.9, source }));
  const others = statements
    .filter(({ topics, fit, source }) => {
      const isOwn = topics.some((topic) => ownDoing.has(topic));
      return isOwn && fit.why >= leastReason && !labelled.some((one) => one.source.start === source.start);
    })
    .sort((a, b) => b.fit.why - a.fit.why)
    .slice(0, Math.max(0, most - said.length))
    .map(({ text, source, print }): Fact<string> => ({
      value: text,
      confidence: Math.round(Math.min(0.9, print) * 100) / 100,
      source,
    }));
  return [...said, ...others].sort((a, b) => (a.source?.start ?? 0) - (b.source?.start ?? 0));
}
