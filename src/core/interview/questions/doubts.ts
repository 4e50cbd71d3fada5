import { kindsOf } from '../../brief';
import { headNoun } from '../../lexicon';
import { corrections, set } from '../../places';
import { inSentence, listed } from '../../words';
import { asSentence, type Asking, type Question, type Situation } from '../asking';

/** What the brief says against itself, each as a question with both answers. */
export function doubtQuestions({ shop }: Situation): Question[] {
  return shop.reading.doubts.map((doubt): Question => ({
    id: `doubt-${doubt.id}`,
    ask: () => ({
      say: doubt.say,
      picks: doubt.options.map((option) => option.label),
      several: false,
      field: 'Or in your words',
      sample: [doubt.options[0]?.label ?? ''],
      answerable: 1,
      urgent: true,
      answer: ([pick]) => {
        const chosen = doubt.options.find((option) => option.label === pick);
        // In words of their own it stands in the letter, where the reader finds it again.
        if (!chosen) return { sentence: asSentence(pick ?? '') };
        const { coloursWanted, coloursAvoided, tone } = chosen.set;
        return {
          wishes: [
            ...(coloursWanted ? [set(corrections.coloursWanted, coloursWanted)] : []),
            ...(coloursAvoided ? [set(corrections.coloursAvoided, coloursAvoided)] : []),
            ...(tone ? [set(corrections.tone, tone)] : []),
          ],
        };
      },
    }),
  }));
}

/** A brief about one thing with a list of another: one of the two is in the wrong place. */
export const mismatchQuestion: Question = {
  id: 'mismatch',
  ask: (s): Asking | null => {
    const { products, categories } = s.shop.catalogue;
    const sells = s.shop.reading.sells.map((fact) => fact.value);
    if (!sells.length || products.length < 3) return null;
    const listedNames = [
      ...categories.map((category) => category.name),
      ...products.slice(0, 60).map((product) => product.title),
    ];
    const words = new Set(
      sells.flatMap((phrase) => phrase.toLowerCase().match(/\p{L}{3,}/gu) ?? []).map((word) => word.replace(/s$/, '')),
    );
    const shared = listedNames.some((name) =>
      (name.toLowerCase().match(/\p{L}{3,}/gu) ?? []).some((word) => words.has(word.replace(/s$/, ''))),
    );
    const told = kindsOf(sells, s.shop.reading.trade?.value.label);
    const brought = kindsOf(listedNames);
    const known = listedNames.filter((name) => headNoun(name)).length >= 3;
    if (shared || !known || !told.length || !brought.length || told.some(({ id }) => brought.some((kind) => kind.id === id)))
      return null;
    const names = (
      categories.length
        ? categories.map((category) => inSentence(category.name))
        : products.map((product) => inSentence(product.title))
    ).slice(0, 3);
    const picks = ['Both are right', 'The list is right', 'The brief is right, I shall bring another list'];
    return {
      say: `Your brief speaks of ${listed(sells.slice(0, 3))}, your list of ${listed(names)}. Which is it?`,
      picks,
      several: false,
      field: 'Or in your words',
      sample: ['The list is right'],
      answerable: 1,
      urgent: true,
      answer: ([pick = '']) =>
        pick === picks[1]
          ? { wishes: [set(corrections.sells, names)] }
          : picks.includes(pick)
            ? {}
            : { sentence: asSentence(pick) },
    };
  },
};
