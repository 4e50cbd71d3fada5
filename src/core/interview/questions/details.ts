import { isAnswered } from '../../brief';
import { inSentence } from '../../words';
import { asSentence, inLine, joined, withGoods, type Question, type Situation } from '../asking';

/** What buyers of such goods ask: by the kind of the goods, as the lexical database places them. */
export function detailQuestions({ kinds, shop }: Situation): Question[] {
  const told = shop.reading.statements
    .filter((statement) => statement.topics.includes('detail'))
    .map((statement) => statement.text.toLowerCase());
  const said = shop.reading.statements.map((statement) => statement.text).join(' ');
  const asked = new Set(kinds[0]?.details.map(({ id }) => id));
  return kinds.slice(0, 2).flatMap((kind, rank) =>
    (rank === 0 ? kind.details.slice(0, 3) : kind.details.filter(({ id }) => !asked.has(id)).slice(0, 1)).map(
      ({ id, name, ask, picks }): Question => ({
        id: `detail-${id}`,
        ask: (s) =>
          told.some((text) => text.startsWith(`${name.toLowerCase()}:`)) || isAnswered({ id }, said)
            ? null
            : {
                // What is asked of needles isn't asked of the yarn.
                say: withGoods(ask, rank === 0 || !kind.of ? s.goods : inSentence(kind.of)),
                picks,
                several: true,
                field: picks.length ? 'Or in your words' : 'In your words',
                sample: picks.length ? [picks[0] ?? ''] : ['as it should be'],
                answerable: 0.85 - rank * 0.2,
                answer: (given) => ({
                  sentence: `${name}: ${inLine(asSentence(joined(given.map(inLine))))}`,
                }),
              },
      }),
    ),
  );
}
