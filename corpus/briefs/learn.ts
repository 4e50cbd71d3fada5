import { featuresOf, namesIn } from '@/core/brief/judge/features';
import { readDocument, type Said } from '@/core/document';
import { type Features } from '@/core/softmax';
import { type Mark, type MarkedBrief } from './marked';

/** A sentence of a brief as the reader parts it, with what its writer marked. */
export interface Judged {
  said: Said;
  features: Features;
  mark: Mark;
}

const shared = (a: { start: number; end: number }, b: { start: number; end: number }): number =>
  Math.max(0, Math.min(a.end, b.end) - Math.max(a.start, b.start));

/** The sentences of a brief with their marks; where the reader parts it otherwise than its writer, the mark that most of it stands under. */
export function judgedOf(brief: MarkedBrief): Judged[] {
  const document = readDocument(brief.text);
  const features = featuresOf(document, namesIn(brief.goods));
  return document.said.flatMap((said, i) => {
    const [mark] = [...brief.marks].sort((a, b) => shared(b, said) - shared(a, said));
    const seen = features[i];
    return mark && seen && shared(mark, said) > 0 ? [{ said, features: seen, mark }] : [];
  });
}
